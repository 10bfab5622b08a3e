/**
 * What can be done with a topic: looked for, modelled, tried, cooked with, told of as it was. Short lists of everyday words;
 * what none of them knows is drawn, told, sorted and guessed at, as any topic can be. Common practice, no source.
 */
import type { Lesson } from '../plan/lesson';
import { anyOf } from '../plan/patterns';
import { aboutOf } from './about';

const any = (words: string): RegExp => new RegExp(`(?<!\\p{L})${anyOf(words)}(?:s|es)?(?!\\p{L})`, 'iu');

const FOOD = any(`
  apples? bread butter cheese milk cream honey eggs? flour grain wheat oats? barley rye corn maize rice pasta noodles soup
  stew jam jelly fruits? berr(?:y|ies) vegetables? potato(?:es)? tomato(?:es)? onions? beans? peas? lentils? cabbage carrots?
  pumpkins? nuts? salt sugar spices? herbs? tea coffee chocolate cocoa dough yeast cakes? pies? biscuits? pancakes? fish
  meat sausages? oil vinegar pickles? feasts? banquets? kitchens? cooking baking farming harvest orchards? mills?`);
const FOUND = any(`
  trees? lea(?:f|ves) bark seeds? flowers? plants? moss(?:es)? ferns? grass(?:es)? mushrooms? stones? rocks? pebbles? fossils?
  sand soil clay mud water streams? rivers? ponds? puddles? clouds? rain snow ice frost wind shadows? light stars? moon sun
  birds? nests? feathers? insects? bees? butterfl(?:y|ies) spiders? worms? snails? frogs? animals? tracks? sheep cows? horses?
  dogs? farms? fields? hedges? woods? forests? hills? valleys? shells? waves? beach(?:es)? bridges? mills? houses? roofs?
  doors? windows? walls? churches towers? castles? roads? signs? shops? markets? factories wheels? gears? machines? letters?
  shapes? patterns? symmetry colours? sounds? materials? wood metal wool cloth fibres? rust lichens? oaks? willows?`);
const MODELLED = any(`
  bridges? mills? wheels? looms? houses? huts? tents? castles? towers? walls? ships? boats? rafts? carts? wagons? trains? engines?
  machines? tools? gears? levers? pulleys? cranes? pumps? locks? canals? roads? villages? towns? cit(?:y|ies) farms? barns? ovens?
  kilns? forges? furnaces? temples? pyramids? animals? sheep birds? nests? insects? bees? hives? butterfl(?:y|ies) spiders?
  fish whales? dinosaurs? fossils? eggs? eyes? ears? hearts? lungs? bones? skeletons? hands? teeth cells? flowers? seeds? trees?
  lea(?:f|ves) roots? mountains? volcano(?:es)? rivers? valleys? islands? glaciers? caves? layers? earth moon sun planets? stars?
  clocks? sundials? compass(?:es)? maps? globes? knots? spindles? kettles? pots? vessels? lamps? millstones? stones? sails?`);
const HAS_A_THEN = any(`
  bread mills? millers? farming farms? harvest looms? weaving weavers? spinning dyeing dyes? cloth clothes wool shearing
  sewing bridges? roads? carts? ships? boats? trains? travel trade markets? money shops? schools? letters? writing printing books?
  houses? homes? kitchens? cooking baking ovens? fires? lamps? light heating water wells? washing medicine doctors? work workshops?
  factories tools? machines? engines? clocks? calendars? maps? toys? games? music instruments? dances? feasts? festivals? law
  kings? queens? soldiers? castles? towns? cit(?:y|ies) villages? families children childhood crafts? smiths? potters? pottery
  paper ink glass iron steam power mines? mining fishing hunting forests? gardens? tolls? taxes weights? measures?`);

const TRIED = any(`
  floats? floating sinks? sinking buoyan\\p{L}+ water ice steam rain wind air balloons? kites? paper
  magnets? magnetism electricity circuits? batter(?:y|ies) light shadows? mirrors? prisms? lenses? sound
  echo(?:es)? heat cold temperature forces? friction gravity motion levers? pulleys? ramps? gears? wheels?
  mills? sails? springs? bridges? boats? rafts? rockets? towers? domes? arch(?:es)? ropes? knots? threads?
  yarn felt wool cloth fabrics? dyes? dyeing mordants? colours? colors? inks? paints? glue soap bubbles?
  dough yeast bread butter salt sugar vinegar crystals? mixtures? solutions? rust metals? plants? seeds?
  roots? leaves soil sand clay pendulums? clocks? sundials? weights? muscles? pulse heartbeat taste smell
  touch reflex(?:es)? strength erosion filters? sponges? candles? insulation`);
/** What nobody meets on a walk from the door, or should not go looking for. */
const FAR_AWAY = any(`
  poison\\p{L}* venom\\p{L}* tropic\\p{L}* rain\\s?forests? jungles? savannas? savannahs? deserts? polar
  arctic antarctic\\p{L}* coral sharks? whales? dinosaurs? mammoths? lions? tigers? elephants? crocodiles?
  snakes? bears? wolves space planets? mars ancient medieval prehistoric extinct`);
/** A name within it: “Roman roads”, “animals of Asia” are not those of the next field. */
const OF_A_NAME = /(?<=\p{L} )\p{Lu}\p{Ll}|^\p{Lu}\p{Ll}+(?:an|ish|ese|ic) /u;

/** What a topic is called in short: without what follows a colon, nor the way to it, “Field trip to the museum”. */
export const inShort = (topic: string): string =>
  topic
    .replace(/(?:\s*(?::(?!\d)|[;(])|\s+[–—-]\s).*$/u, '')
    .replace(
      /^(?:(?:a|our|the) )?(?:field trip|day trip|trip|visit|excursion|outing|day out) (?:to|at|in) /iu,
      '',
    )
    .trim() || topic;

/** The thing itself: “fractions in the kitchen” are fractions. */
export const headOf = (topic: string): string =>
  inShort(topic).replace(/\s(?:in|on|from|at|to|with|without|for|through|across|around)\s.*$/iu, '');

export const canBeCooked = (topic: string): boolean => FOOD.test(topic);
/** @param around what else the lesson says: frogs of a rain forest are not looked for in the meadow */
export const canBeFound = (topic: string, around = ''): boolean =>
  FOUND.test(headOf(topic)) && !FAR_AWAY.test(`${topic}\n${around}`) && !OF_A_NAME.test(topic);
export const canBeModelled = (topic: string): boolean => MODELLED.test(headOf(topic));
export const canBeSorted = (topic: string, around = ''): boolean =>
  canBeFound(topic, around) || FOOD.test(headOf(topic)) || canBeModelled(topic);
export const canBeTried = (topic: string): boolean => TRIED.test(topic);
export const hasAThen = (topic: string): boolean => HAS_A_THEN.test(topic);

/** How a sentence begins that is no noun: a question, or something to be done. */
const NO_NOUN =
  /^(?:how|why|what|where|when|who|which|whose|is|are|was|were|do|does|did|can|could|should|would|make|draw|write|read|look|learn|let|tell|say|find|count|compare|explain|name|meet|visit|try|begin|start|review|introduc\w+|lesson|week|day|unit|part|chapter)(?!\p{L})/iu;

/** Whether a topic is a thing: `the parts of a fleece`, not `How wool is spun`. */
export const isNoun = (topic: string): boolean => !NO_NOUN.test(topic) && !/[?!]$/.test(topic);

/**
 * The topics of a lesson that are things.
 * @param ofUnit the title of its unit
 */
export function nounTopics(lesson: Pick<Lesson, 'title' | 'topics'>, ofUnit = ''): string[] {
  const all = [...lesson.topics.map((t) => t.title), aboutOf(lesson, ofUnit)]
    .map((t) => t.trim())
    .filter(Boolean);
  return [...new Set(all.filter(isNoun))];
}
