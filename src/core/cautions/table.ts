/**
 * The table of cautions. Each row says what it is about, by which words it is known, what to do and who must do it.
 * Common practice, no source; none of it replaces local rules or someone qualified, and each row says to whom it defers.
 */
import type { PartKind } from '../plan/lesson';

export interface CautionRow {
  id: string;
  title: string;
  steps: string;
  who: string;
  defers: string;
  /** Known by any of these in the title, the doing, the preparations or the supplies. */
  words?: RegExp;
  /** Known by these kinds of part. */
  kinds?: readonly PartKind[];
  /** Known by being outdoors. */
  outdoors?: true;
  /** Only when a child below this age, in whole years, or one who mouths things is in the house. */
  under?: number;
  mouthers?: true;
}

const words = (...list: string[]): RegExp =>
  new RegExp(`(?<![\\p{L}-])(?:${list.join('|')})(?![\\p{L}])`, 'iu');

const HOT = words(
  'dye ?(?:pot|bath)s?',
  'hot ?(?:pot|water|iron|plate|wax)s?',
  'boil\\w*',
  'simmer\\w*',
  'stove\\w*',
  'hob',
  'oven',
  'fry(?:ing)?',
  'deep[- ]fr\\w+',
  'melt(?:ed|ing)? wax',
  'candles?',
  'match(?:es|sticks)',
  'bonfire',
  'camp ?fire',
  'glue guns?',
  'hot glue',
  'ironing',
  'iron (?:it|them|flat|the)',
  'clothes irons?',
  'soldering\\w*',
  'kiln',
  'bake[sd]?',
  'baking',
  'steam(?:ing|er)',
);

/** Water to be near, in or on; not water that is drawn, mapped or modelled, nor what comes over a line. */
const WATER = words(
  '(?<!(?:draw|paint|sketch|map|model|label|colou?r|trace|film|picture|story|poem)\\w* (?:(?:of|about|the|a|an|our|your|its|on) )*)(?:' +
    [
      'ponds?',
      '(?<!live )streams?',
      'rivers?',
      'lakes?',
      'paddl\\w+',
      'water play',
      'bath ?tubs?',
      'buckets? of water',
      'tubs? of water',
      'wash ?tubs?',
      'swim\\w*',
      'beach(?:es)?',
      'sea ?shore',
      'at the sea',
      'rock ?pools?',
      'canals?',
      'harbou?rs?',
      'boat(?:s|ing)? (?:trip|ride)s?',
      'row(?:ing)? boats?',
      'canoe\\w*',
      'on the ice',
      'frozen (?:pond|lake|river)s?',
      'reservoirs?',
      'mill ?race',
      'weirs?',
    ].join('|') +
    ')',
);

export const CAUTIONS: readonly CautionRow[] = [
  {
    id: 'hot',
    title: 'Hot',
    who: 'An adult handles pot, tongs, iron, flame and oven.',
    steps:
      'Handles turned in, a clear way to the sink, children a step back; cool running water and a lid within reach.',
    defers: 'Burns: your local emergency number and first-aid advice.',
    words: HOT,
  },
  {
    id: 'hot-small',
    title: 'Hot, with a small child near',
    who: 'A second adult, or a gate, keeps the youngest out of reach.',
    under: 5,
    steps:
      'Plan something of their own, away from the heat, for as long as it is hot and until it has cooled.',
    defers: 'If you are alone, choose another time or leave the heat out.',
    words: HOT,
  },
  {
    id: 'edge',
    title: 'Edges, points and blows',
    who: 'An adult’s hands hold knife, saw, hammer and drill, or are on the child’s.',
    steps:
      'Cut away from the body on a board, wear eye protection for hammer and saw, count tools and needles out and in.',
    defers: 'Tools: their maker’s directions.',
    words: words(
      'knife',
      'knives',
      'craft knife',
      'blades?',
      'saw(?:s|ing)?',
      'hammer(?:s|ing)?',
      'drill(?:s|ing)?',
      'chisels?',
      'awls?',
      'hatchets?',
      'axes?',
      'lino ?cutters?',
      'whittl\\w+',
      'shears',
      'needles?',
    ),
  },
  {
    id: 'corrosive',
    title: 'Dry ice, lye, strong acid',
    who: 'Adults only; no child handles it.',
    steps:
      'Outdoors or with windows open, gloves and eye protection, never in a closed vessel, never mixed; store it locked.',
    defers: 'The maker’s safety sheet, local rules on buying and throwing it away, and the poison line.',
    words: words(
      'dry ice',
      'lye',
      'caustic soda',
      'sodium hydroxide',
      '(?:hydrochloric|sul(?:ph|f)uric|nitric|muriatic) acid',
      'battery acid',
      'drain cleaner',
      'bleach',
      'ammonia',
      'liquid nitrogen',
    ),
  },
  {
    id: 'dye',
    title: 'Dyes and mordants',
    who: 'An adult weighs and stirs in powders.',
    steps:
      'Pots and spoons kept for this and never for food, gloves, no dust in the air, hands washed after.',
    defers: 'The maker’s label; the poison line if any is swallowed.',
    words: words(
      'alum',
      'mordants?',
      'copper sul(?:ph|f)ate',
      'iron sul(?:ph|f)ate',
      'washing soda',
      'indigo vat',
      'fibre[- ]reactive dyes?',
      'borax',
    ),
  },
  {
    id: 'plaster',
    title: 'Plaster burns as it sets',
    who: 'An adult mixes it; hands only touch it when it is hard and cold.',
    steps:
      'Never around a hand, a foot, a finger or a face: it grows hot enough to burn deep, and cannot be pulled off. Cast leaves, shells or a print in clay or sand instead. No dust in the air, none down the sink.',
    defers:
      'The maker’s label; burns: cool running water for twenty minutes, then your local emergency number.',
    words: words(
      'plaster of paris',
      'plaster (?:cast|mould|mold|mix|powder|bandage|wrap|gauze|strip|mask|hand|foot|print|model|relief|tablet)\\w*',
      '(?<!sticking |corn )plaster(?! ?board)',
      'gypsum',
      'mod ?roc',
    ),
  },
  {
    id: 'wild',
    title: 'Wild plants and fungi',
    who: 'An adult decides what is picked and touched.',
    steps: 'Nothing found is tasted or eaten by a picture card or a book; hands washed before food.',
    defers: 'Identification for eating belongs to a local expert; picking may need leave.',
    words: words(
      'mushrooms?',
      'fungi',
      'fungus',
      'toadstools?',
      'forag\\w+',
      'wild (?:plants?|herbs?|berr(?:y|ies)|greens?|garlic)',
      '(?:pick|gather|collect)(?:ing)? (?:\\p{L}+ )?(?:berries|leaves|plants|herbs|nuts)',
      'nettles?',
    ),
  },
  {
    id: 'small-parts',
    title: 'Small parts',
    who: 'An adult sets them out, counts them and puts them away.',
    under: 3,
    mouthers: true,
    steps: 'At a table the youngest cannot reach, or not while they are in the room; sweep the floor after.',
    defers: 'Choking: a first-aid course; the age on the pack.',
    words: words(
      'beads?',
      'buttons?',
      'marbles?',
      'coins?',
      'pins?',
      'sequins?',
      'googly eyes',
      'pebbles?',
      'dried (?:beans?|peas?)',
      'beans?',
      'lentils?',
      'small (?:parts|pieces|bricks)',
      'counters',
      'dice',
      'balloons?',
      'paper ?clips?',
      'nuts and bolts',
      'acorns?',
      'felt balls?',
      'pom-?poms?',
    ),
  },
  {
    id: 'swallow',
    title: 'Magnets, button cells, water beads',
    who: 'An adult keeps count of every one.',
    under: 6,
    mouthers: true,
    steps:
      'Never in reach of one who mouths things; a swallowed one is an emergency even when nothing shows.',
    defers: 'Your local emergency number at once.',
    words: words(
      'magnets?',
      'button (?:cells?|batter(?:y|ies))',
      'coin (?:cells?|batter(?:y|ies))',
      'water beads?',
      'expanding beads?',
    ),
  },
  {
    id: 'water',
    title: 'Water',
    who: 'An adult stays in reach of everyone who is near it or in it.',
    steps:
      'At every age: nobody goes in, or on ice, alone or unseen; shoes that hold on wet stone; tubs and buckets are emptied at once.',
    defers: 'Swimming, boating and ice: qualified people and local rules.',
    words: WATER,
  },
  {
    id: 'water-small',
    title: 'Water and a small child',
    who: 'One adult does nothing but watch, in arm’s reach.',
    under: 5,
    steps:
      'Near ponds and streams the youngest is held or harnessed; two fingers of water are enough to drown in.',
    defers: 'If you are alone with several, choose another place or another day.',
    words: WATER,
  },
  {
    id: 'outdoors',
    title: 'Outdoors',
    who: 'An adult stays within reach of the youngest.',
    outdoors: true,
    kinds: ['walk', 'trip'],
    steps:
      'Look at the weather, cover and shade against the sun, closed shoes, water; look for ticks afterwards.',
    defers: 'Weather warnings, and the leave and rules of the place.',
  },
  {
    id: 'animals',
    title: 'Animals',
    who: 'An adult and the keeper decide how near.',
    steps: 'Let the animal come, nothing in the mouth, hands washed with soap before food.',
    defers: 'The keeper’s rules; a doctor for bites and for those with little resistance.',
    words: words(
      '(?:sheep )?farm visit',
      'farm',
      'petting',
      'livestock',
      'feed the (?:sheep|animals|hens|goats)',
      'stables?',
      'bee ?hives?',
      'raw fleece',
      'animal droppings',
      'owl pellets?',
    ),
  },
  {
    id: 'film',
    title: 'A film',
    who: 'You watch it first, or the parts you doubt.',
    kinds: ['film'],
    steps: 'Note where to stop or leave out; say beforehand what may frighten.',
    defers: 'The age on it where you live.',
  },
  {
    id: 'online',
    title: 'Online',
    who: 'An adult beside, for as long as it is open.',
    steps: 'Open the page beforehand, full screen, nothing typed in of who you are.',
    defers: 'The age limits of the site and local rules on children’s data.',
    words: words(
      'online',
      'internet',
      'web ?sites?',
      'web ?pages?',
      'search engine',
      'look it up on the (?:laptop|tablet|computer)',
      'live ?stream',
      'video call',
      'web ?cam',
    ),
  },
];

/** Kinds in which nothing is handled: the words of a book or a quiz are no danger. */
export const ONLY_WORDS: readonly PartKind[] = [
  'read-aloud',
  'own-reading',
  'tell-back',
  'copying',
  'word-list',
  'notebook',
  'booklet',
  'labels',
  'memory',
  'talk',
  'recall',
  'check',
  'quiz',
  'opening',
  'look-back',
  'music',
];
