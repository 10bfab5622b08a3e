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
  'mixed nut',
  'chopped nut',
];
const NOT_NUTS = ['nuts and bolts', 'bolts and nuts', 'wing nut', 'nut and bolt', 'hex nut'];
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
      words: [nut, 'mixed nut', 'chopped nut', ...(nut === 'pine nut' ? ['pesto'] : [])],
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
    typed: word('milk', 'dairy', 'lactose', 'cow.?s milk', 'casein', 'whey', 'butter', 'cheese', 'cmpa'),
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
      'isinglass',
    ],
    not: ['shell ?fish', 'fish ?bowl', '(?:clay|paper|felt|wooden) fish', 'fishing (?:game|net|line)'],
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
    by: 'food',
  },
  { typed: word('sesame', 'tahini'), words: ['sesame', 'tahini', 'halva', 'hummus'], by: 'food' },
  { typed: word('celery', 'celeriac'), words: ['celery', 'celeriac', 'stock cube'], by: 'food' },
  { typed: word('mustard'), words: ['mustard'], by: 'food' },
  { typed: word('lupine?'), words: ['lupine?', 'lupine? flour'], by: 'food' },
  { typed: word('strawberr(?:y|ie)'), words: ['strawberry', 'strawberrie'], by: 'food' },
  { typed: word('kiwi'), words: ['kiwi'], by: 'food' },
  {
    typed: word('colou?ring', 'food colou?r(?:ing)?', 'food dye', 'tartrazine'),
    words: [
      'food colou?ring',
      'food colou?r',
      'food dye',
      'icing colou?r',
      'sprinkle',
      'coloured sweet',
      'jelly bean',
      'candy',
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
    words: ['pollen', 'grass', 'hay', 'meadow', 'mow', 'catkin', 'birch', 'blossom', 'straw'],
    not: ['drinking straw', 'paper straw', 'straws'],
    by: 'air',
  },
  {
    typed: word('latex', 'rubber'),
    words: ['latex', 'balloon', 'rubber glove', 'rubber band', 'elastic band', 'swim(?:ming)? cap'],
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
    typed: word('cat', 'dog', 'animal hair', 'pet', 'horse', 'fur', 'feather'),
    words: [
      'cat',
      'dog',
      'pet',
      'petting',
      'pony',
      'ponies',
      'horse',
      'stable',
      'rabbit',
      'guinea pig',
      'hamster',
      'fur',
      'feather',
      'farm',
    ],
    not: ['paper horse', 'clothes ?horse', 'dog[- ]eared', 'saw ?horse'],
    by: 'air',
  },
];

const met = (words: readonly string[]): RegExp =>
  new RegExp(
    `(?<![\\p{L}])(?:${[...words].sort((a, b) => b.length - a.length).join('|')})(?:s|es)?(?!\\p{L})`,
    'giu',
  );

/** The table's rows that something typed speaks of; none where the word is not known. */
export const allergensTyped = (typed: string): Allergen[] => ALLERGENS.filter((a) => a.typed.test(typed));

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
              .replace(/s$/, ''),
          ],
          by: 'food',
        },
      ];
  for (const { words, not = [], by } of rows) {
    const rest = not.length ? text.replace(met(not), ' … ') : text;
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
