/**
 * Allergies as parents type them, and the words by which each is met in an activity. Common practice, no source; the
 * foods follow what European and American labels must name (Regulation (EU) 1169/2011, Annex II; US FALCPA), from memory.
 */

export interface Allergen {
  /** How a parent may type it; looked for anywhere in what they typed. */
  typed: RegExp;
  /** Words by which it is met, in the singular. */
  words: readonly string[];
  /** In these it is not what its word says: `peanut butter` is no butter. */
  not?: readonly string[];
  /** How it is met: eaten, touched, out of doors or stinging. */
  by: 'food' | 'touch' | 'sting' | 'air';
}

const word = (...list: string[]): RegExp =>
  new RegExp(`(?<!\\p{L})(?:${list.join('|')})(?:s|es)?(?!\\p{L})`, 'iu');

const TREE_NUTS = [
  'almond',
  'brazil nut',
  'cashew',
  'chestnut',
  'hazelnut',
  'filbert',
  'cobnut',
  'macadamia',
  'pecan',
  'pine nut',
  'pine kernel',
  'pistachio',
  'walnut',
];
const NUT_SWEETS = [
  'marzipan',
  'nougat',
  'praline',
  'gianduja',
  'frangipane',
  'nut spread',
  'nut butter',
  'muesli',
  'granola',
  'baklava',
  'pesto',
  'trail mix',
  'korma',
  'amaretti',
  'mixed nut',
  'chopped nut',
];
const NOT_NUTS = [
  'nuts and bolts',
  'bolts and nuts',
  'horse ?chestnut',
  'almond (?:blossom|tree)',
  'chestnut (?:tree|leaf|leave|brown)',
  'walnut (?:tree|wood|ink)',
  'wing nut',
  'nut and bolt',
  'hex nut',
];
const WHEAT = [
  'wheat',
  'flour',
  'bread',
  'breadcrumb',
  'pasta',
  'macaroni',
  'noodle',
  'semolina',
  'couscous',
  'bulgur',
  'salt dough',
  'play ?dough',
  'spelt',
  'biscuit',
  'cookie',
  'cake',
  'pancake',
  'pastry',
  'cracker',
  'wallpaper paste',
  'seitan',
  'shortbread',
  'scone',
  'muffin',
  'waffle',
  'dumpling',
  'pizza',
  'pie',
  'tart',
  'bun',
  'bagel',
  'crumble',
  'batter',
  'gingerbread',
  'rusk',
  'sourdough',
  'brownie',
  'doughnut',
  'tortilla',
  'vermicelli',
  'spaghetti',
  'gnocchi',
  'soy sauce',
  'bread ?roll',
];
const NOT_WHEAT = [
  'rice flour',
  'corn ?flour',
  'potato flour',
  'gluten[- ]free \\p{L}+',
  'flour sack',
  'rice noodle',
  'rice cake',
  'bread board',
  'bread tin',
  'cake tin',
  'pie chart',
  'corn tortilla',
  'pasta machine',
  'oat ?cake',
  'soap cake',
];
const MILK = [
  'milk',
  'butter',
  'buttermilk',
  'cream',
  'cheese',
  'curd',
  'custard',
  'ice cream',
  'yogh?urt',
  'whey',
  'casein',
  'ghee',
  'milk chocolate',
  'hot chocolate',
  'pancake',
  'rice pudding',
  'porridge with milk',
  'white sauce',
  'pizza',
  'milk powder',
  'kefir',
];
const NOT_MILK = [
  '(?:coconut|oat|almond|soya?|rice|hazelnut) milk',
  '(?:peanut|cocoa|nut|almond|apple|shea) butter',
  '(?:hand|sun|face|skin|shaving|coconut) cream',
  'cream of tartar',
  'cream(?:-| )colou?red',
  'milk ?weed',
  'milk (?:carton|bottle|churn|crate|tooth|teeth)',
  'butter (?:muslin|knife|dish|bean|cup)',
  'butter ?(?:cup|fly|flie)',
];

const CATS = ['cat', 'kitten', 'cattery'];
const DOGS = ['dog', 'puppy', 'puppie', 'kennel'];
const HORSES = ['horse', 'pony', 'ponie', 'foal'];
const SMALL_PETS = ['rabbit', 'guinea ?pig', 'hamster', 'gerbil', 'mouse', 'mice', 'hutch', 'hutche'];
const NOT_ANIMALS = [
  'paper horse',
  'clothes ?horse',
  'saw ?horse',
  'horse ?shoe',
  'horse ?chestnut',
  'sea ?horse',
  'dog[- ]eared',
  'hot ?dog',
  'dog ?rose',
  'cat and mouse',
  'cat’?s cradle',
  'horse ?power',
];

export const ALLERGENS: readonly Allergen[] = [
  {
    typed: word('peanut', 'groundnut', 'monkey ?nut'),
    words: ['peanut', 'groundnut', 'monkey nut', 'satay', 'mixed nut', 'chopped nut', 'peanut butter'],
    by: 'food',
  },
  {
    typed: word('(?<!(?:brazil|pine) )nut', 'tree ?nut', '(?:all|any) nuts'),
    words: ['nut', ...TREE_NUTS, 'peanut', 'groundnut', ...NUT_SWEETS],
    not: NOT_NUTS,
    by: 'food',
  },
  {
    typed: word('hazelnut', 'filbert', 'cobnut'),
    words: [
      'hazelnut',
      'filbert',
      'cobnut',
      'nougat',
      'praline',
      'gianduja',
      'nut spread',
      'chocolate spread',
      'muesli',
      'trail mix',
      'mixed nut',
      'chopped nut',
    ],
    by: 'food',
  },
  {
    typed: word('almond'),
    words: ['almond', 'marzipan', 'frangipane', 'nougat', 'amaretti', 'mixed nut', 'chopped nut'],
    by: 'food',
  },
  ...['walnut', 'cashew', 'pecan', 'pistachio', 'macadamia', 'brazil nut', 'chestnut', 'pine nut'].map(
    (nut): Allergen => ({
      typed: word(nut),
      not: NOT_NUTS,
      words: [nut, 'mixed nut', 'chopped nut', 'trail mix', ...(nut === 'pine nut' ? ['pesto'] : [])],
      by: 'food',
    }),
  ),
  {
    typed: word('egg', 'yolk', 'egg white', 'albumen'),
    words: [
      'egg',
      'egg ?shell',
      'meringue',
      'mayonnaise',
      'egg white',
      'egg yolk',
      'yolk',
      'egg tempera',
      'custard',
      'pancake',
      'albumen',
      'royal icing',
      'omelette',
    ],
    not: [
      'egg ?plant',
      'egg timer',
      'egg carton',
      'egg box',
      '(?:clay|wooden|paper|plastic) egg',
      'egg shape',
      'egg-shaped',
    ],
    by: 'food',
  },
  {
    typed: word(
      'milk',
      'dairy',
      'lactose',
      'cow.?s milk',
      'casein',
      'whey',
      '(?<!nut |almond |cocoa |shea )butter',
      'cheese',
      'cmpa',
    ),
    words: MILK,
    not: NOT_MILK,
    by: 'food',
  },
  { typed: word('wheat', 'flour'), words: WHEAT, not: NOT_WHEAT, by: 'food' },
  {
    typed: word('gluten', 'coeliac(?: disease)?', 'celiac(?: disease)?', 'c(?:o)?eliacs'),
    words: [...WHEAT, 'barley', 'rye', 'oat', 'oatmeal', 'porridge', 'malt'],
    not: NOT_WHEAT,
    by: 'food',
  },
  {
    typed: word('soya?', 'soya? ?bean', 'tofu'),
    words: ['soya?', 'soya? ?bean', 'soya sauce', 'tofu', 'edamame', 'miso', 'tempeh', 'lecithin'],
    not: ['soy(?:a)? candle', 'soy(?:a)? wax'],
    by: 'food',
  },
  {
    typed: word('fish', 'seafood', 'cod', 'salmon', 'tuna'),
    words: [
      'fish',
      'anchovy',
      'anchovies',
      'cod',
      'herring',
      'salmon',
      'tuna',
      'mackerel',
      'sardine',
      'trout',
      'fish glue',
      'worcester(?:shire)? sauce',
      'sushi',
      'fish sauce',
      'fish finger',
      'caviar',
      'kipper',
      'haddock',
      'isinglass',
    ],
    not: [
      'shell ?fish',
      'fish ?bowl',
      '(?:clay|paper|felt|wooden) fish',
      'go fish',
      'fish ?net',
      'fish ?tank',
      'fishing (?:game|net|line)',
    ],
    by: 'food',
  },
  {
    typed: word(
      'shell ?fish',
      'seafood',
      'crustacean',
      'mollus[ck]',
      'shrimp',
      'prawn',
      'crab',
      'lobster',
      'mussel',
      'oyster',
    ),
    words: [
      'shrimp',
      'prawn',
      'crab',
      'crayfish',
      'lobster',
      'mussel',
      'oyster',
      'clam',
      'scallop',
      'squid',
      'snail',
      'shell ?fish',
      'seafood',
    ],
    not: ['crab walk', 'crab ?apple', 'oyster mushroom', 'snail (?:race|mail)'],
    by: 'food',
  },
  { typed: word('sesame', 'tahini'), words: ['sesame', 'tahini', 'halva', 'hummus'], by: 'food' },
  { typed: word('celery', 'celeriac'), words: ['celery', 'celeriac', 'stock cube'], by: 'food' },
  { typed: word('mustard'), words: ['mustard'], by: 'food' },
  { typed: word('lupine?'), words: ['lupine?', 'lupine? flour'], by: 'food' },
  { typed: word('strawberr(?:y|ie)'), words: ['strawberry', 'strawberrie'], by: 'food' },
  { typed: word('kiwi'), words: ['kiwi'], by: 'food' },
  {
    typed: word(
      'colou?ring',
      'food colou?r(?:ing)?',
      'food dye',
      '(?<!hair )dye',
      '(?:artificial|azo) colou?r',
      'tartrazine',
      'e ?numbers?',
    ),
    words: [
      'food colou?ring',
      'food colou?r',
      'food dye',
      'icing colou?r',
      'sprinkle',
      'coloured sweet',
      'jelly bean',
      'jelly',
      'icing',
      'cordial',
      'candy',
      'candie',
    ],
    by: 'food',
  },
  { typed: word('honey'), words: ['honey', 'honeycomb', 'mead'], by: 'food' },
  {
    typed: word('bee', 'wasp', 'hornet', '(?:bee|wasp|insect)?.?stings?', 'insect'),
    words: [
      'bee',
      'bee ?hive',
      'hive',
      'honeycomb',
      'wasp',
      'hornet',
      'bumble ?bee',
      'apiary',
      'apiaries',
      'bee ?keeper',
      'bee ?keeping',
      'pollinator',
    ],
    not: ['bees ?wax', 'spelling bee', 'bee (?:mask|costume|puppet|drawing)'],
    by: 'sting',
  },
  {
    typed: word('pollen', 'grass(?:es)?', 'hay ?fever', 'birch', 'ragweed', 'rapeseed'),
    words: [
      'pollen',
      'grass',
      'hay',
      'meadow',
      'mow',
      'catkin',
      'birch',
      'blossom',
      'orchard',
      'bloom',
      'wild ?flower',
      'straw',
    ],
    not: ['drinking straw', 'paper straw', 'straws'],
    by: 'air',
  },
  {
    typed: word('latex', 'rubber'),
    words: [
      'latex',
      'balloon',
      'rubber (?:glove|band|ball|boot|duck|stamp|tube|sheet)',
      'elastic band',
      'swim(?:ming)? cap',
    ],
    not: ['hot[- ]air balloon', 'nitrile glove'],
    by: 'touch',
  },
  {
    typed: word('wool', 'lanolin'),
    words: ['wool', 'fleece', 'lanolin', 'felt'],
    not: ['cotton wool', 'steel wool', 'wire wool', 'felt[- ]?tip', 'felt pen'],
    by: 'touch',
  },
  {
    typed: word('animal hair', 'animal', 'pet', 'fur', 'dander'),
    words: [...CATS, ...DOGS, ...HORSES, ...SMALL_PETS, 'pet', 'petting', 'fur', 'farm', 'stable'],
    not: NOT_ANIMALS,
    by: 'air',
  },
  { typed: word('cat', 'kitten'), words: [...CATS, 'petting'], not: NOT_ANIMALS, by: 'air' },
  { typed: word('dog', 'pupp(?:y|ie)'), words: [...DOGS, 'petting'], not: NOT_ANIMALS, by: 'air' },
  {
    typed: word('horse', 'pony', 'ponie'),
    words: [...HORSES, 'stable', 'riding school', 'riding lesson', 'horsehair'],
    not: NOT_ANIMALS,
    by: 'air',
  },
  {
    typed: word('rabbit', 'guinea ?pig', 'hamster', 'gerbil', 'rodent', 'mice', 'mouse'),
    words: [...SMALL_PETS, 'petting'],
    not: NOT_ANIMALS,
    by: 'air',
  },
  {
    typed: word('feather', 'down', 'bird'),
    words: ['feather', 'quill', 'down pillow', 'down', 'owl pellet', 'hen', 'pigeon', 'budgie', 'parrot'],
    not: [
      '(?:sit|lie|lay|write|note|put|cut|set|hang|fall|go|roll|climb|upside|up and|cool|press|turn|hold|break|run)\\p{L}* (?:\\p{L}+ )?down',
      'down (?:the|to|in|on|a|from|by|into)',
      'feather ?stitch',
    ],
    by: 'air',
  },
  {
    typed: word('(?:house )?dust(?: ?mite)?', 'mite'),
    words: ['dust', 'attic', 'old carpet', 'sweep', 'beat the (?:rug|carpet)'],
    not: ['saw ?dust', 'dust jacket', 'dust bowl'],
    by: 'air',
  },
  {
    typed: word('mou?ld', 'fungal spore', 'spore'),
    words: ['mou?ldy?', 'compost', 'leaf (?:mou?ld|litter)', 'spore', 'mushroom', 'fungi', 'cellar'],
    not: ['mou?ld (?:of|for|the|it|into)', '(?:plaster|jelly|cake|candle|clay|sand) mou?ld'],
    by: 'air',
  },
  {
    typed: word('ant', 'mosquito(?:e)?', 'midge', 'gnat', 'tick', '(?:insect|ant|flea) ?bite'),
    words: ['ant', 'ant ?hill', 'ant farm', 'mosquito', 'mosquitoe', 'midge', 'gnat', 'tick', 'pond'],
    not: ['tick (?:off|box|the)'],
    by: 'sting',
  },
  {
    typed: word('corn', 'maize', 'sweet ?corn'),
    words: [
      'corn',
      'maize',
      'sweet ?corn',
      'pop ?corn',
      'corn ?flour',
      'corn ?starch',
      'polenta',
      'tortilla',
      'nacho',
      'hominy',
      'grits',
      'glucose syrup',
      'corn syrup',
    ],
    not: ['pepper ?corn', 'acorn', 'corn ?flower', 'unicorn', 'corn plaster'],
    by: 'food',
  },
  {
    typed: word('potato', 'potatoe'),
    words: ['potato', 'potatoe', 'crisps', 'potato starch', 'chips', 'french fries'],
    not: ['sweet potato', 'sweet potatoe', 'wood chips', 'wood chip'],
    by: 'food',
  },
  {
    typed: word('tomato', 'tomatoe'),
    words: ['tomato', 'tomatoe', 'ketchup', 'passata', 'pizza'],
    by: 'food',
  },
  {
    typed: word('citrus(?: fruit)?', 'orange', 'lemon', 'lime', 'grapefruit'),
    words: [
      'citrus',
      'orange',
      'lemon',
      'lime',
      'grapefruit',
      'clementine',
      'mandarin',
      'tangerine',
      'marmalade',
      'pomander',
    ],
    not: [
      'orange (?:paint|paper|felt|card|cloth|wool|yarn|crayon|light)',
      'lime ?stone',
      'lime ?light',
      'quick ?lime',
      'lime tree',
    ],
    by: 'food',
  },
  {
    typed: word('apple'),
    words: ['apple', 'cider', 'apple sauce'],
    not: ['pine ?apple', 'apple tree', 'thorn ?apple'],
    by: 'food',
  },
  { typed: word('banana'), words: ['banana'], by: 'food' },
  {
    typed: word('peach(?:es)?', 'stone fruit', 'plum', 'cherry', 'cherrie', 'apricot', 'nectarine'),
    words: ['peach', 'plum', 'cherry', 'cherrie', 'apricot', 'nectarine', 'damson', 'prune', 'sloe'],
    not: ['plumb'],
    by: 'food',
  },
  {
    typed: word('tree fruit', '(?<!\\p{L} )fruit'),
    words: [
      'fruit',
      'apple',
      'pear',
      'peach',
      'plum',
      'cherry',
      'cherrie',
      'berry',
      'berrie',
      'grape',
      'banana',
      'orange',
      'kiwi',
      'melon',
      'strawberry',
      'strawberrie',
    ],
    by: 'food',
  },
  {
    typed: word('pea', 'legume', 'pulse', 'lentil', 'chick ?pea', '(?<!(?:soya?|cocoa|coffee|castor) ?)bean'),
    words: ['pea', 'lentil', 'chick ?pea', 'bean', 'hummus', 'dal', 'lupine?', 'pulse', 'gram flour'],
    not: ['jelly bean', 'coffee bean', 'cocoa bean', 'bean ?bag', 'bean ?pole'],
    by: 'food',
  },
  { typed: word('coconut'), words: ['coconut', 'desiccated coconut', 'coir'], by: 'food' },
  {
    typed: word('cocoa', 'chocolate', 'cacao'),
    words: ['chocolate', 'cocoa', 'cacao', 'brownie', 'truffle'],
    by: 'food',
  },
  {
    typed: word('garlic', 'onion', 'leek', 'allium'),
    words: ['garlic', 'onion', 'leek', 'chive', 'shallot', 'stock cube'],
    not: ['onion dome'],
    by: 'food',
  },
  {
    typed: word('tomatillo', 'pepper', 'paprika', 'chil(?:l)?i'),
    words: ['pepper', 'paprika', 'chil(?:l)?i', 'capsicum'],
    not: ['pepper ?corn', 'peppermint'],
    by: 'food',
  },
  {
    typed: word('rice'),
    words: ['rice', 'rice flour', 'risotto', 'sushi', 'rice paper', 'rice cake'],
    by: 'food',
  },
  {
    typed: word('oat'),
    words: ['oat', 'oatmeal', 'porridge', 'muesli', 'granola', 'flapjack', 'oat milk', 'oatcake'],
    by: 'food',
  },
  { typed: word('rye'), words: ['rye', 'rye bread', 'pumpernickel'], by: 'food' },
  { typed: word('barley', 'malt'), words: ['barley', 'malt', 'malted'], by: 'food' },
  { typed: word('buckwheat'), words: ['buckwheat', 'soba', 'galette'], by: 'food' },
  {
    typed: word('sunflower(?: seed)?', '(?<!\\p{L} )seed'),
    words: [
      'sunflower',
      'sunflower seed',
      'seed',
      'birdseed',
      'sesame',
      'poppy seed',
      'pumpkin seed',
      'linseed',
      'tahini',
    ],
    not: ['plant (?:a |the |flax )?seed', 'sow (?:a |the )?seed', 'seed bed', 'seed tray'],
    by: 'food',
  },
  { typed: word('poppy(?: seed)?'), words: ['poppy seed', 'poppyseed', 'poppy'], by: 'food' },
  {
    typed: word('gelatine?', 'pork', 'beef', 'meat', 'red meat', 'alpha.?gal'),
    words: [
      'gelatine?',
      'jelly',
      'marshmallow',
      'pork',
      'ham',
      'bacon',
      'sausage',
      'beef',
      'mince',
      'meat',
      'lamb chop',
      'bone',
      'tallow',
      'lard',
      'gummy',
      'gummie',
    ],
    not: ['jelly ?fish', 'mince pie'],
    by: 'food',
  },
  {
    typed: word('chicken', 'poultry'),
    words: ['chicken', 'turkey', 'poultry', 'duck', 'goose'],
    not: ['chicken (?:wire|run|coop)', 'rubber duck'],
    by: 'food',
  },
  {
    typed: word('sulph?ite', 'sulfite', 'sul(?:ph|f)ur dioxide'),
    words: ['dried fruit', 'dried apricot', 'raisin', 'sultana', 'wine', 'cordial', 'grape juice'],
    by: 'food',
  },
  {
    typed: word('yeast'),
    words: ['yeast', 'bread', 'dough', 'marmite', 'sourdough'],
    not: ['salt dough', 'play ?dough'],
    by: 'food',
  },
  {
    typed: word('sugar', 'fructose', 'sweetener', 'aspartame'),
    words: ['sugar', 'syrup', 'honey', 'jam', 'sweets', 'candy', 'candie', 'caramel', 'toffee'],
    not: ['sugar paper'],
    by: 'food',
  },
  { typed: word('cinnamon'), words: ['cinnamon', 'mixed spice', 'gingerbread', 'chai'], by: 'food' },
  { typed: word('pineapple'), words: ['pineapple'], by: 'food' },
  {
    typed: word('perfume', 'fragrance', 'scent', 'essential oil', 'lavender'),
    words: [
      'perfume',
      'scented',
      'essential oil',
      'lavender',
      'incense',
      'pot ?pourri',
      'fragrance',
      'pomander',
    ],
    by: 'touch',
  },
  {
    typed: word('nickel', 'metal'),
    words: ['nickel', 'coin', 'paper ?clip', 'buckle', 'costume jewel(?:le)?ry', 'zip'],
    by: 'touch',
  },
  {
    typed: word('(?:sticking )?plaster', 'adhesive', 'glue', 'tape'),
    words: ['sticking plaster', 'glue', 'sticky tape', 'adhesive', 'sticker'],
    by: 'touch',
  },
  {
    typed: word('sun ?(?:cream|screen|block)', 'sun', 'photosensitiv\\w*'),
    words: ['sun ?cream', 'sun ?screen', 'sun ?block', 'midday sun', 'in the sun'],
    by: 'touch',
  },
  {
    typed: word('nettle', 'poison ivy', 'poison oak', 'ivy', 'plant'),
    words: ['nettle', 'ivy', 'hogweed', 'poison oak', 'weeding', 'hedge'],
    by: 'touch',
  },
  {
    typed: word('paint', 'dye', 'henna', 'hair dye', 'ppd'),
    words: ['dye', 'henna', 'dyeing', 'dye pot', 'face paint', 'hair colou?r'],
    by: 'touch',
  },
  {
    typed: word('soap', 'detergent'),
    words: ['soap', 'washing powder', 'detergent', 'bubble mixture', 'washing[- ]up liquid'],
    by: 'touch',
  },
];

const compiled = new WeakMap<readonly string[], RegExp>();
/** Any of some words, made once for each list of the table. */
function met(words: readonly string[]): RegExp {
  let pattern = compiled.get(words);
  if (!pattern) {
    const longestFirst = [...words].sort((a, b) => b.length - a.length).join('|');
    pattern = new RegExp(`(?<!\\p{L})(?:${longestFirst})(?:s|es)?(?!\\p{L})`, 'giu');
    compiled.set(words, pattern);
  }
  pattern.lastIndex = 0;
  return pattern;
}

/** `Nut-free trail mix`: what is free of a thing is not it. */
const FREE_OF = /(?<!\p{L})\p{L}+[- ]free(?: \p{L}+){1,2}/giu;

/** The table's rows that something typed speaks of; none where the word is not known. */
export const allergensTyped = (typed: string): Allergen[] => ALLERGENS.filter((a) => a.typed.test(typed));

/** Allergies as a parent types them in a row: `eggs, nuts and milk`. */
export const allergiesIn = (typed: string): string[] =>
  typed
    .split(/[,;/\n]|\s(?:and|&)\s/i)
    .map((a) => a.trim())
    .filter(Boolean);

/** Whether an allergy as typed is known; one that is not is looked for only under its own word. */
export const isKnownAllergy = (typed: string): boolean => allergensTyped(typed).length > 0;

/** By which word a text meets an allergy as it was typed, and how it is met; undefined where it does not. */
export function meets(text: string, typed: string): { word: string; by: Allergen['by'] } | undefined {
  const known = allergensTyped(typed);
  const rows: Pick<Allergen, 'words' | 'not' | 'by'>[] = known.length
    ? known
    : [
        {
          words: [
            typed
              .trim()
              .toLowerCase()
              .replace(/[.*+?^${}()|[\]\\]/g, '\\$&')
              .replace(/(?<=o|ch|sh|x)es$|s$/, ''),
          ],
          by: 'food',
        },
      ];
  const free = text.replace(FREE_OF, ' … ');
  for (const { words, not = [], by } of rows) {
    const rest = not.length ? free.replace(met(not), ' … ') : free;
    const found = met(words).exec(rest);
    if (found) return { word: found[0].toLowerCase(), by };
  }
  return undefined;
}

/** How the allergies that something typed speaks of are met; eaten, where the word is not known. */
export const waysMet = (typed: string): Allergen['by'][] => {
  const known = allergensTyped(typed);
  return known.length ? known.map((a) => a.by) : ['food'];
};
