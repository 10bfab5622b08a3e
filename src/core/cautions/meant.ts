/**
 * What a text really has in hand: without what is only drawn, modelled, read, told or acted in it. `Draw the river` is
 * no river, an egg of clay no egg, baking soda no baking. Common practice, no source.
 */

import { anyOf, or } from '../plan/patterns';

/** Verbs whose object is not there itself: it is on paper, in words or in play. */
const SHOWN = or(
  'draw(?:s|ing|n)?',
  'sketch(?:es|ing)?',
  'map(?:s|ping|ped)?',
  'illustrat\\w+',
  'design(?:s|ing)?',
  'describ\\w+',
  'imagin\\w+',
  'pretend\\w*',
  'read(?:s|ing)?',
  'writ(?:e|es|ing)',
  'tell(?:s|ing)?',
  'retell\\w*',
  'talk(?:s|ing)?(?! on video)',
  'discuss\\w*',
  'speak\\w*',
  'sing(?:s|ing)?',
  'learn(?:s|ing)? (?:about|to spell)',
  'act(?:s|ing)? out',
  'recit\\w+',
  'spell(?:s|ing)?',
  'nam(?:e|es|ing)',
  'list(?:s|ing)?',
  'copy(?:ing)?',
  'trac(?:e|es|ing)',
  'label(?:s|ling|ing)?',
  'explain\\w*',
  '(?:walk|mov|danc|hop|crawl|roar|creep|growl|jump|waddl|gallop|swim|fly)\\w* like',
);
/** Verbs that lay colour on a thing as often as they show it: a river painted is no river, an egg painted is one. */
const COLOURED = or('paint(?:s|ing)?', 'colou?r(?:s|ing)?(?: in)?', 'print(?:s|ing)?');

/** Things that tell of another or show it; and those that are made, of a thing (shown) or of stuff (there). */
const TOLD = anyOf(`
  photo(?:graph)?s? drawings? paintings? sketch(?:es)? maps? diagrams? posters? stor(?:y|ies) tales? poems? songs? rhymes?
  quiz(?:zes)? puzzles? riddles? books? chapters? pages? words? time\\s?lines? histor(?:y|ies) films? videos?
  documentar(?:y|ies) clips? talks? lessons? questions? sounds? pictures age parts`);
const MADE = anyOf(`
  pictures? models? statues? sculptures? figures? silhouettes? collages? mosaics? friezes? reliefs? watercolou?rs?
  wash(?:es)? puppets? masks? costumes? dolls? toys? shapes? outlines? stencils? stamps? cards? badges? banners? flags?
  dioramas? shoe\\s?box(?:es)?`);

/** Stuff of which things are made to stand for others. */
const STUFF = or(
  'paper',
  'card(?:board)?',
  'clay',
  'felt',
  'wood',
  'plastic',
  'dough',
  'cloth',
  'fabric',
  'foil',
  'mud',
  'wool',
  'yarn',
  'wire',
  'beeswax',
  'wax',
  'plasticine',
  'modelling clay',
  'papier[- ]m[âa]ch[ée]',
  'pipe ?cleaners?',
  'lolly sticks',
  'blocks',
);
const STANDS_FOR = or(
  'paper',
  'card(?:board)?',
  'clay',
  'felt',
  'wooden',
  'plastic',
  'toy',
  'pretend',
  'cloth',
  'foil',
  'knitted',
  'crocheted',
  'stuffed',
  'rubber(?= (?:ducks?|snakes?|spiders?|chickens?)(?!\\p{L}))',
  'drawn',
  'miniature',
  'dolls?’?',
  'cut-out',
  'embroidered',
);

/** Doing that is real again, after what was only shown. */
const REAL = or(
  'light',
  'boil',
  'cut',
  'bake',
  'cook',
  'eat',
  'taste',
  'burn',
  'melt',
  'throw',
  'shoot',
  'climb',
  'jump',
  'ride',
  'swim',
  'saw',
  'hammer',
  'drill',
  'pick',
  'gather',
  'feed',
  'stroke',
  'watch',
  'search',
  'float',
  'fill',
  'glue',
  'sew',
  'thread',
  'iron',
  'fry',
  'visit',
  'go',
  'walk',
);
/** What does what it does, whatever it is made of. */
const WORKS_ALL_THE_SAME = or(
  '(?:bon|camp)?fires?',
  'catapults?',
  'trebuchets?',
  'onagers?',
  'sling ?shots?',
  'kites?',
);
/** Where the object of showing ends: what it is done with, where and when is real. */
const ENDS = `(?= ${or(
  'with(?! (?:its|their|his|her))',
  'using|by|at|beside|near|from|outside|outdoors|while|before|after|then|until|over',
  'on (?:the )?(?:bank|beach|ice|wall|stove|tablet|laptop)',
  'in (?:the )?(?:garden|yard|field|sun)',
  `(?:and|then|, ?) ?${REAL}`,
)}\\b)`;
const OBJECT = `[^.;:·!?\\n]*?(?:${ENDS}|(?=[.;:·!?\\n]|$))`;
const AT = '(?<![\\p{L}-])';

const ONLY_SHOWN = [
  new RegExp(`${AT}${SHOWN}(?![\\p{L}-])${OBJECT}`, 'giu'),
  new RegExp(
    `${AT}${TOLD} (?:of|about|on(?! (?:video|the (?:tablet|laptop|beach|ice|bank)))) ${OBJECT}`,
    'giu',
  ),
];
/** What is looked for or marked on a map is on it. */
const ON_A_MAP = new RegExp(
  [
    `${AT}${or('mark', 'find', 'shade', 'locate', 'point', 'show', 'follow', 'trac', 'measur')}\\w* `,
    '(?:[^.;:·!?,\\n]{0,80}? )?on (?:an?|the|your|our) (?:[\\p{L}-]+ )?',
    or('map', 'globe', 'atlas', 'time ?line', 'chart'),
  ].join(''),
  'giu',
);
const IN_A_PICTURE =
  /(?<!press\p{L}* (?:[\p{L}-]+ ){0,4})(?<![\p{L}-])in (?:the|a|your|our) (?:picture|photo|book|story|poem|song|film)s?(?!\p{L})/iu;
const STANDING_FOR = [
  new RegExp(`${AT}${MADE} of (?:an?|the|our|your|his|her|its|their|this|one) ${OBJECT}`, 'giu'),

  new RegExp(
    `${AT}(?:bak|cook|roast|fry)(?:e|es|ing)? (?:[\\p{L}-]+ ){0,3}(?:of|from) (?:mud|sand|clay|felt|paper|play ?dough)`,
    'giu',
  ),
  new RegExp(
    `(?<!${AT}(?:camp |bon)?fires? )${AT}(?!${WORKS_ALL_THE_SAME})(?:[\\p{L}-]+ and )?[\\p{L}-]+(?= (?:of|from|out of) (?:[\\p{L}-]+ )?${STUFF}(?!\\p{L}))`,
    'giu',
  ),
  new RegExp(
    `${AT}${STANDS_FOR} (?!(?:bags?|clips?|cups?|plates?|straws?|spoons?|bands?|smouldering|burning)(?!\\p{L}))(?:[\\p{L}-]+ (?=[\\p{L}-]+s(?!\\p{L})))?[\\p{L}-]+`,
    'giu',
  ),
  new RegExp(
    `${AT}(?!(?:the|an?|our|your|my|his|her|their|its|these|those|some|and|of|for) )[\\p{L}-]+ (?=(?:puppet|mask|costume|picture|drawing|song|story|poem|map|model|card|stencil|sticker|badge|puzzle|poster|shape|pattern|dance|parade)s?(?!\\p{L}))`,
    'giu',
  ),
];
const PAINTED = new RegExp(`${AT}${COLOURED}(?![\\p{L}-])${OBJECT}`, 'giu');

const without = (text: string, patterns: readonly RegExp[]): string =>
  patterns.reduce((t, p) => t.replace(p, ' … '), text);

export interface Meant {
  /** Without what is only spoken or read of, drawn or modelled. */
  inHand: string;
  /** Without what only stands for a thing as well: an egg of clay, a paper boat. */
  itself: string;
  /** Without what is painted or coloured too: of things too large to be painted on. */
  scene: string;
}

/** What a text has in hand, from what is near to it to what is far. */
export function meantBy(text: string): Meant {
  const clauses = text.split(/(?<=[.;:·!?\n])/).filter((clause) => !IN_A_PICTURE.test(clause));
  const inHand = without(clauses.join(''), [ON_A_MAP, ...ONLY_SHOWN]);
  const itself = without(inHand, STANDING_FOR);
  return { inHand, itself, scene: without(itself, [PAINTED]) };
}
