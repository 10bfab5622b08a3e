/** Out of the house: plants, animals, weather, height, roads. */
import type { PartKind } from '../../plan/lesson';
import { anyOf } from '../../plan/patterns';
import { words, type CautionRow } from '../row';

const CREATURES = anyOf(`
  lambs? sheep ewes? rams? goats? cows? cattle calf calves pigs? piglets? hens? chickens? chicks?
  ducks? ducklings? geese goose turkeys? pon(?:y|ies) horses? foals? donkeys? llamas? alpacas? dogs?
  pupp(?:y|ies) cats? kittens? rabbits? hamsters? guinea\\s?pigs? gerbils? mice mouse rats? ferrets?
  eagles? hawks? falcons? raptors? stick\\s?insects? tortoises? lizards? snakes? geckos? frogs? toads? tadpoles? newts? snails? slugs? (?:earth)?worms?
  caterpillars? butterfl(?:y|ies) moths? insects? beetles? bugs? mini-?beasts? fireflies
  dragonfl(?:y|ies) grasshoppers? crickets? silk\\s?worms? owls? fox(?:es)? ladybirds? ants?
  spiders? woodlice crabs? crayfish fish(?:es)? birds? bats? hedgehogs? squirrels? pigeons? parrots?
  budgies? seals? deer animals? pets?`);

/** Birds and others that are watched from afar. */
const WATCHED = anyOf(`
  swallows? swifts? robins? sparrows? (?:blue|great|coal)?\\s?tits? blackbirds? starlings? crows? ravens? magpies? storks? herons? swans?
  gulls? woodpeckers? kingfishers? cuckoos? larks? thrush(?:es)? wrens? finch(?:es)? badgers? otters? beavers? voles? weasels? moles?`);

/** Where a creature is sold, shown or eaten. */
const OF_A_CREATURE = anyOf(
  'markets? shops? museums? exhibitions? skins? bones? statues? sculptures? pies? soup',
);

/** What is done with a creature that is there. */
const DONE_WITH = anyOf(`
  feed strok pet groom brush rid milk hold touch catch keep rais watch observ wash handl meet visit lead shear look find let
  rac see care train hatch walk cuddl play\\swith`);

/** What is gathered, and may be eaten. */
const GATHERED = anyOf(`
  mushrooms? fungi \\p{L}*berr(?:y|ies) leaves plants herbs nuts seaweed mussels cockles winkles limpets samphire sloes
  chestnuts hazelnuts cobnuts walnuts sorrel chickweed rose\\s?hips hips haws nettles dandelions? blossoms? elderflowers? wild\\s?flowers`);

/** Kinds in which a creature that is named is there. */
const SEEN_THERE: readonly PartKind[] = ['observation', 'trip', 'walk'];

/** The sun itself: neither its setting nor a flower or a dial. */
const THE_SUN = 'sun(?! ?(?:set|rise|flower|dial))s?';
/** What is on a wall without anybody being on it. */
const SHOWN = anyOf(
  'paint painted painting draw drawn chalk project mark measure hang hung picture poster map chart paper write pin tape show slides? film',
);
const HUNG_THERE = `${SHOWN} (?:\\p{L}+ ){0,3}on the wall`;

/** What is of a bicycle and none. */
const OF_A_WHEEL = anyOf('pumps? wheels? chains? tubes? tyres? tires? bells? parts?');

export const OUT_AND_ABOUT: readonly CautionRow[] = [
  {
    id: 'wild',
    title: 'Wild plants, fungi and what the shore gives',
    who: 'An adult decides what is picked and touched.',
    steps:
      'Nothing gathered is tasted or eaten on the strength of a picture card, a book or an app; hands washed before food.',
    defers: 'Identification for eating belongs to a local expert; picking may need leave.',
    words: words(
      '(?:wild|wood|field|fairy ring) mushrooms?',
      'toadstools?',
      'forag\\w+',
      'wild (?:plants?|herbs?|berr(?:y|ies)|greens?|garlic|foods?|fruits?)',
      `(?:pick|gather|collect|hunt)\\w*(?: for)? (?:\\p{L}+,? (?:and )?){0,3}${GATHERED}`,
      'nettles?',
      'elder ?(?:flowers?|blossoms?|berr(?:y|ies))',
    ),
    wordsIn: {
      kinds: SEEN_THERE,
      words: words(
        'mushrooms?',
        'fungi',
        'fungus',
        `${GATHERED} (?:\\p{L}+ )?(?:for|to) (?:an? |the |our |some )?(?:salad|soup|tea|jam|jelly|syrup|cordial|wine|ink|stew|pie|crumble|eat|taste|cook|bake|roast|dry)\\w*`,
        '(?:dandelion|sorrel|chickweed|clover|violet|daisy|lime|birch|beech|bramble) (?:leaves|flowers?|shoots?) (?:for|to)',
      ),
    },
    reads: 'scene',
  },
  {
    id: 'poison',
    title: 'Poisonous plants',
    who: 'An adult handles it with gloves, and only where nobody mouths things.',
    steps: 'No berry, bulb, pod or leaf in the mouth; hands washed; better a plant that harms nobody.',
    defers: 'The poison line at once if any is swallowed, with a piece of the plant in hand.',
    words: words(
      'fox ?gloves?',
      'yew',
      'lil(?:y|ies) of the valley',
      'iv(?:y|ies)(?! league)',
      'hellebores?',
      'christmas roses?',
      'rhododendrons?',
      'azaleas?',
      'hydrangeas?',
      'wisteria',
      'cyclamens?',
      'lupins?',
      'angel’?s trumpets?',
      'datura',
      '(?:cherry )?laurel(?! wreath| crown)',
      'laburnum',
      'oleander',
      '(?:deadly |woody )?nightshade',
      'belladonna',
      'monkshood',
      'aconite',
      'hemlock',
      'holly',
      'mistletoe',
      'iv(?:y|ies) berries',
      'rhubarb leaves',
      'castor (?:oil )?beans?',
      'thorn ?apples?',
      'giant hogweed',
      'hogweed',
      'privet',
      'spindle berries',
      '(?:daffodil|narcissus|tulip|hyacinth|snowdrop|bluebell|crocus)(?:s| bulbs?)?',
      'autumn crocus',
      'spurge',
      'euphorbia',
      'delphiniums?',
      'cuckoo ?pint',
      'lords[- ]and[- ]ladies',
    ),
    reads: 'scene',
  },
  {
    id: 'thrown',
    title: 'Things shot or thrown',
    who: 'An adult gives the word, and nobody fetches before it.',
    steps:
      'One line to shoot from, everyone behind it, eyes protected, a soft tip and a mark with nobody behind; never at anyone.',
    defers: 'Rockets, bows and blades: the maker’s directions, a club, and the rules of the place.',
    words: words(
      'catapults?',
      'trebuchets?',
      'onagers?',
      'sling ?shots?',
      'bows? and arrows?',
      '(?<!(?:violin|cello|fiddle) )bows? (?:of|from) (?:\\p{L}+ )?(?:ash|hazel|yew|elm|willow|bamboo)',
      'cross ?bows?',
      'archery',
      'arrows?(?= (?:at|on|to) (?:a|the) (?:target|lawn|mark))',
      'darts?',
      'javelins?',
      '(?:throw|hurl)\\w* (?:\\p{L}+ )?(?:spears?|stones?|snow ?balls?|sticks?|knives|horse ?shoes|discus)',
      'snow ?ball fight',
      'rockets?(?! (?:salad|leaves|science))',
      '(?:potato|air|spud|confetti|marshmallow|vortex|ping ?pong) (?:cannon|gun|shooter|launcher)s?',
      'launchers?',
      'water (?:balloon|bomb)s? (?:fights?|battles?|toss\\w*|throw\\w*)',
      '(?:shot ?put|discus|hammer ?throw\\w*|axe ?throw\\w*|joust\\w*)',
      'throw(?:ing)? (?:contest|games?)',
      'pea ?shooters?',
      'shoot(?:s|ing)?(?! (?:stars?|up|of|film))',
      'launch(?:es|ed|ing)?(?! (?:the |a )?(?:boat|ship|raft|unit|web))',
      'boomerangs?',
      'fenc(?:e|ing) with',
      'fencing(?= (?:match|lesson|bout|foils?)|$)',
      'sword ?(?:fight|play)\\w*',
      '(?:skim|skip)(?:s|ping|ming)? stones',
    ),
    wordsIn: { kinds: ['game'], words: words('horse ?shoes', 'quoits?', 'snow ?balls?') },
    reads: 'itself',
  },
  {
    id: 'kite',
    title: 'Kites',
    who: 'An adult chooses the place, and holds the line with the youngest.',
    steps:
      'Open ground far from overhead lines, trees, roads and people; never with thunder about or a wet line; gloves where it pulls.',
    defers: 'The rules of the place, and how high and how near an airfield a kite may fly there.',
    words: words('kites?(?! (?:shape|tail pattern|quadrilateral|nest|hawk)s?)(?<!(?:red|black) kites?)'),
    reads: 'itself',
  },
  {
    id: 'sun',
    title: 'Looking toward the sun, and lenses in it',
    who: 'An adult sets it up and stays; lenses are covered when nobody holds them.',
    steps:
      'Never look at the sun, not through glass, film or cloud and least of all through a lens: show it on card. A lens in sunlight sets things on fire.',
    defers: 'Eclipses: viewers that meet ISO 12312-2, and an eye doctor if anyone has looked.',
    words: words(
      `(?:look|watch|gaz|observ|star)\\w* (?:\\p{L}+ )?(?:(?:at|into|towards?) )?the (?:midday )?${THE_SUN}`,
      '(?:solar )?eclipses?',
      'sun ?spots?',
      'focus\\w* (?:the )?(?:sun ?light|light of the sun|sun’?s rays|rays of the sun)',
      'transit of (?:venus|mercury)',
      '(?:burn|light|set|start|smoulder)\\w* .{0,40}(?:lens|magnifying glass|burning glass)',
      '(?:lens|magnifying glass|burning glass|telescope|binoculars)\\w* .{0,30}(?:in|at|to) the sun',
      'solar (?:oven|cooker)s?',
    ),
    reads: 'scene',
  },
  {
    id: 'climb',
    title: 'Climbing and jumping',
    who: 'An adult stands below, within reach of whoever is small.',
    steps:
      'No higher than they can come down by themselves, nothing hard or sharp below, one at a time, no cords or scarves on.',
    defers: 'The rules of the place, and a trainer for anything with ropes.',
    words: words(
      'climb(?:s|ed|ing)?(?! (?:plants?|beans?|roses?|rate))',
      '(?<!word )ladders?(?! of)(?<!rope ladder)',
      'jump(?:s|ed|ing)? (?:from|off|down|over)',
      '(?:long|high) jump',
      'trampolin\\w*',
      'tree ?houses?',
      'balance beams?',
      'zip ?(?:line|wire)s?',
      'scaffold\\w*',
      'rope swings?',
      'swing of rope',
      'monkey bars',
      'boulder(?:ing)(?= |$)',
      'high ropes?',
      'ropes? courses?',
      'scrambl(?:e|es|ing) (?:up|over|down|on|along)',
      'ski(?:s|ing)?',
      'snow ?board\\w*',
      'hang(?:s|ing)? (?:upside down|from (?:the |a )?(?:bars?|branch|tree))',
      'gymnastics?',
      'somersaults?',
      'hand ?stands?',
      'cart ?wheels?(?= (?:on|in|over|down)|$)',
      'trapezes?',
      'stilts?',
      'slack ?lines?',
      'tight ?ropes?',
      'parkour',
      'abseil\\w*',
      'obstacle courses?',
      'swing(?:s|ing)? (?:on|from)',
      'sledg\\w*',
      'sleds?',
      'toboggan\\w*',
      'cliffs?',
      '(?:from|off|out of) (?:the|an?) (?:\\p{L}+ )?(?:roof|wall|balcony|stairs|window|loft)',
      `on the (?:roof|wall|balcony)(?! (?:of|map|chart)(?!\\p{L})| +…)(?<!${HUNG_THERE})(?<!…\\s+with \\p{L}+ on the wall)`,
    ),
    reads: 'scene',
  },
  {
    id: 'road',
    title: 'Roads and wheels',
    who: 'An adult walks on the side of the traffic and holds the youngest.',
    steps: 'A helmet for every wheel, bright clothes, no wheels among cars before they know the rules.',
    defers: 'Traffic rules where you live.',
    words: words(
      `(?:(?:bi|tri|motor)cycles?|(?<!life )bikes?)(?! ${OF_A_WHEEL})`,
      'cycl(?:e|ing) (?:to|along|tour|ride|trip)',
      'cycle (?:path|track|lane|route)s?',
      'traffic (?:count|survey)s?',
      'quad ?bikes?',
      'mopeds?',
      'scooters?',
      'roller ?(?:skat\\w+|blad\\w+)',
      'skate ?boards?\\w*',
      '(?:cross|crossing|along|beside|down|up|across) (?:the|a) (?:\\p{L}+ )?(?:road|street|lane|motorway)s?',
      'by the road ?side',
      'count (?:the )?(?:cars|traffic)',
      '(?:go|soap ?box)[- ]?carts?',
    ),
    reads: 'scene',
  },
  {
    id: 'outdoors',
    title: 'Outdoors',
    who: 'An adult stays within reach of the youngest.',
    outdoors: true,
    kinds: ['walk', 'trip'],
    reads: 'said',
    steps:
      'Look at the weather, cover and shade against the sun, closed shoes, water; look for ticks afterwards.',
    defers: 'Weather warnings, and the leave and rules of the place.',
  },
  {
    id: 'animals',
    title: 'Animals',
    who: 'An adult and the keeper decide how near; a small child is never alone with one, known or not.',
    steps: 'Let the animal come, nothing in the mouth, hands washed with soap before food.',
    defers: 'The keeper’s rules; a doctor for bites and for those with little resistance.',
    words: words(
      '(?:sheep |dairy )?farm (?:visit|trip|day)s?',
      '(?:to|at|visit|on|see) (?:a|the) (?:\\p{L}+ )?(?:farm|zoo|dairy)',
      'petting',
      'falconry',
      'reptiles?',
      'safari parks?',
      'wild ?life (?:park|rescue|hospital)s?',
      'vivari(?:um|a)',
      'horse ?riding',
      '(?:pony|donkey|camel) (?:ride|trek)s?',
      'sheep ?dog trials?',
      'pet (?:show|day|shop)s?',
      'vet(?:erinary)?(?:’s)? (?:practice|surgery|visit)',
      'birds of prey',
      `${CREATURES} (?:being |are |is )?(?:milked|fed|shorn|groomed|ridden)`,
      'livestock',
      'stables?(?! (?:structure|base|table|build|chair|shelf))',
      'riding (?:school|lesson|stable)s?',
      'tad ?poles?',
      'frog ?spawn',
      'wormer(?:y|ies)',
      'ant farm',
      'kennels?',
      'aquariums?',
      'raw fleece',
      '(?:animal )?droppings',
      'owl pellets?',
      `(?!look\\w* up )${DONE_WITH}(?:s|es|e|ing|ed)? (?:after |for |at |with |up )?(?:[\\p{L}’]+ ){0,3}${CREATURES}`,
      `${CREATURES} (?:hutch|cage|coop|stall|sty|aviary|kennel)(?:e?s)?`,
      `${CREATURES} (?:rac(?:e|ing)|shelter)`,
      `${CREATURES} in (?:a|the|their) (?:jar|box|bucket|tank|cage|hutch|run|pen)`,
    ),
    wordsIn: { kinds: SEEN_THERE, words: words(`${CREATURES}(?! ${OF_A_CREATURE})`, WATCHED) },
    reads: 'scene',
  },
  {
    id: 'bees',
    title: 'Bees and wasps',
    who: 'The keeper decides how near; an adult who knows what to do for a sting.',
    steps: 'Still and covered, out of the line of flight, no scent, no sweet drinks; a nest is left alone.',
    defers: 'Breath short, face swelling, many stings or one in the mouth: your local emergency number.',
    words: words(
      '(?:bee ?)?hives?',
      'bees?(?! ?(?:wax|line))(?<!spelling bee)',
      'bumble ?bees?',
      'bee ?keep(?:er|ing)',
      'apiar(?:y|ies)',
      'wasps?',
      'hornets?',
      'honey harvest',
    ),
    reads: 'scene',
  },
];
