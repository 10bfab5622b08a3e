/**
 * What the ladder says to a child, kind by rung: one table to be proof-read from top to bottom. What stands in braces is
 * filled in: {topic} what the lesson is about, {amount} the part that is counted, {text} the words to be traced, {start}
 * how a passage begins, {book} a title with its pages, {to}, {on}, {one} and {two} what is looked up, {names} who is taught. Where a rung has
 * several wordings they take turns from lesson to lesson.
 * Our own wording; the amounts have their sources where they are worked out.
 */
import type { Rung } from '../plan/measures';

type Wording = Record<Rung, string | readonly string[]>;

const same = (text: string | readonly string[]): Wording => ({ 1: text, 2: text, 3: text, 4: text, 5: text });

/** Said of whatever is told, and of whatever a page is on that has sources. */
const WRITTEN_DOWN_FOR_YOU = [
  'Tell one thing of “{topic}”; it is written down for you',
  'Say what you liked best in “{topic}”, and why; it is written down for you',
  'Tell somebody who was not there about “{topic}”; it is written down for you',
];
const A_PAGE_OF_ONES_OWN = [
  'Lay out a page of your own on “{topic}”: heading, drawing, {amount}, and where you found it',
  'Lay out a page of your own on “{topic}”: a question as heading, {amount} to answer it, a drawing, your sources',
];

const FLAPS = {
  1: '{amount} on “{topic}”{such}: a picture under each',
  2: '{amount} on “{topic}”{such}: a picture and one word under each',
  3: '{amount} on “{topic}”{such}: a sentence under each',
  4: '{amount} on “{topic}”{such}: a sentence and a small drawing under each',
  5: '{amount} on “{topic}”{such}: a question of your own on each, its answer under it',
};

export const WORDINGS = {
  copying: { ...same('Copy, for “{topic}”: {amount}'), 1: 'Trace, for “{topic}”: “{text}”' },
  /** Where the passage has been gone through and is taken up anew: each time in another way. */
  'copying again': {
    ...same([
      'Look, cover, write and compare, for “{topic}”: {amount}',
      'Have it dictated, and check it yourself, for “{topic}”: {amount}',
      'In your best hand, to be hung up, for “{topic}”: {amount}',
    ]),
    1: [
      'Trace with a finger in a tray of sand, then on paper, for “{topic}”: “{text}”',
      'Trace in two colours, for “{topic}”: “{text}”',
      'Trace it large and small, for “{topic}”: “{text}”',
    ],
    2: [
      'Look, cover and write, for “{topic}”: {amount}',
      'Write with a colour for each word, for “{topic}”: {amount}',
      'Write it on a card to keep, for “{topic}”: {amount}',
    ],
  },

  'tell-back': {
    1: [
      'Act out “{topic}” with props, and tell what happens',
      'Set up “{topic}” with toys and things from the house, and tell what each does',
      'Show with your hands how “{topic}” goes, from beginning to end',
    ],
    2: WRITTEN_DOWN_FOR_YOU,
    3: [
      'Tell “{topic}” in order: first, then, last',
      'Tell “{topic}” as if you had been there: what you saw, heard and did',
      'Tell “{topic}” on the fingers of one hand: a finger for each step',
    ],
    4: [
      'Write {amount} on “{topic}”: what happens, and why',
      'Write {amount} to somebody who has never heard of “{topic}”',
      'Write {amount} on what surprised you in “{topic}”',
    ],
    5: [
      'Write {amount}, on “{topic}”: what is certain, and what is not',
      'Write {amount}, on “{topic}”: cause, and what came of it',
      'Write {amount}, on “{topic}”: what each source leaves out',
    ],
  },
  /** Of a story that is read: it is its own source. */
  'tell-back of a story': {
    1: [
      'Act out “{topic}” with props, and tell what happens',
      'Set up “{topic}” with toys and things from the house, and tell who does what',
      'Show with your hands and your face how “{topic}” goes, from beginning to end',
    ],
    2: WRITTEN_DOWN_FOR_YOU,
    3: [
      'Tell “{topic}” in order: first, then, last',
      'Tell “{topic}” as one of those who are in it: what you saw, heard and did',
      'Tell “{topic}” with three things from it laid out before you',
    ],
    4: [
      'Write {amount} on “{topic}”: what happens, and why',
      'Write {amount} on “{topic}” as one of those who are in it would tell it',
      'Write {amount} on what surprised you in “{topic}”',
    ],
    5: [
      'Write {amount}, on “{topic}”: why those who are in it act as they do',
      'Write {amount}, on “{topic}”: what the author shows without saying it',
      'Write {amount}, on “{topic}”: the sentence that matters most, and what it changes',
    ],
  },
  /** Of what does not go on from a beginning to an end: it is neither acted nor told in order. */
  'tell-back of a thing': {
    1: [
      'Set up something of “{topic}” with toys and things from the house, and tell what each is',
      'Choose a picture or a thing that belongs to “{topic}”, and tell about it',
      'Show with your hands or with blocks something of “{topic}”, and tell what it is',
    ],
    2: WRITTEN_DOWN_FOR_YOU,
    3: [
      'Tell three things of “{topic}” that somebody who was not there should know',
      'Tell “{topic}” with three things from it laid out before you',
      'Tell what was new to you in “{topic}”, and what you knew before',
    ],
    4: [
      'Write {amount} on “{topic}”: what matters most, and why',
      'Write {amount} to somebody who has never heard of “{topic}”',
      'Write {amount} on what surprised you in “{topic}”',
    ],
    5: [
      'Write {amount}, on “{topic}”: what is certain, and what is not',
      'Write {amount}, on “{topic}”: what it is like, and how anybody knows',
      'Write {amount}, on “{topic}”: what each source leaves out',
    ],
  },

  'word-list': {
    1: 'Find and read, for “{topic}”: {amount}',
    2: 'Read and write once, for “{topic}”: {amount}',
    3: 'Learn to spell, for “{topic}”: {amount}',
    4: 'Spell, and use each in a sentence, for “{topic}”: {amount}',
    5: 'Spell, and say what each means and where it comes from, for “{topic}”: {amount}',
  },
  /** For whoever is under five: nothing is read. */
  'word-list before reading': {
    ...same('Match pictures for “{topic}” to what they show: {amount}'),
    1: [
      'Match pictures for “{topic}” to what they show: {amount}',
      'Say the words of “{topic}” slowly, and listen for the first sound: {amount}',
      'Find a picture for each word of “{topic}”: {amount}',
    ],
  },

  'word-list before reading, without words': same([
    'Choose three pictures that belong to “{topic}”, and say what they show',
    'Say three words that belong to “{topic}”, and listen for the first sound of each',
  ]),

  notebook: {
    1: [
      'Draw “{topic}”, and say what it is; a word is written under it for you',
      'Draw what you saw of “{topic}”, and point out its parts; a word is written under it for you',
    ],
    2: [
      'Draw “{topic}”, and write its name and one word about it',
      'Draw “{topic}” before and after, and write one word under each',
    ],
    3: [
      'Draw “{topic}”, and write {amount} about it',
      'Draw the most important moment of “{topic}”, and write {amount} about it',
    ],
    4: [
      'A page on “{topic}”: a heading, a drawing with labels, and {amount}',
      'A page on “{topic}”: a heading, how it goes in three drawings, and {amount}',
    ],
    5: A_PAGE_OF_ONES_OWN,
  },
  'notebook of a thing': {
    1: [
      'Draw “{topic}”, and say what your picture shows; a word is written under it for you',
      'Draw one thing of “{topic}”, and point out its parts; a word is written under it for you',
    ],
    2: [
      'Draw “{topic}”, and write a name and one word beside it',
      'Draw two things of “{topic}”, and write a word under each',
    ],
    3: [
      'Draw “{topic}”, and write {amount} about it',
      'Draw what matters most in “{topic}”, and write {amount} about it',
    ],
    4: [
      'A page on “{topic}”: a heading, a drawing with labels, and {amount}',
      'A page on “{topic}”: a heading, three small drawings with a word under each, and {amount}',
    ],
    5: A_PAGE_OF_ONES_OWN,
  },
  'notebook of a story': {
    1: [
      'Draw “{topic}”, and say who is in it; a word is written under it for you',
      'Draw what you heard of “{topic}”, and tell what happens in the picture; a word is written under it for you',
    ],
    2: [
      'Draw somebody in “{topic}”, and write the name and one word about them',
      'Draw how “{topic}” begins and how it ends, and write one word under each',
    ],
    3: [
      'Draw “{topic}”, and write {amount} about it',
      'Draw the most important moment of “{topic}”, and write {amount} about it',
    ],
    4: [
      'A page on “{topic}”: a heading, a drawing of the place, and {amount}',
      'A page on “{topic}”: a heading, how it goes in three drawings, and {amount}',
    ],
    5: [
      'Lay out a page of your own on “{topic}”: heading, drawing, {amount}, and a sentence worth keeping, with its page',
      'Lay out a page of your own on “{topic}”: a question as heading, {amount} to answer it, a drawing, the pages you answer from',
    ],
  },

  booklet: FLAPS,
  'booklet of a story': FLAPS,

  labels: {
    1: 'Point, for “{topic}”, to {things} and say what they are{such}',
    2: 'Put, for “{topic}”, {amount} in place{such}',
    3: 'Write, for “{topic}”, {amount}{such}',
    4: 'Write, for “{topic}”, {amount} without looking{such}',
    5: 'Draw it yourself, for “{topic}”, with {amount}, and say what each does{such}',
  },

  'looking-up': {
    1: [
      'Find a picture that belongs to “{topic}”, {amount}',
      'Find a picture of something in “{topic}”, {amount}, and show it to somebody',
      'Find the picture you like best for “{topic}”, {amount}, and say what is in it',
    ],
    2: [
      'Find the page that belongs to “{topic}”, {amount}, together, and put a mark in it',
      'Find “{topic}” by its pictures or its headings, {amount}, together, and say what is there',
    ],
    3: [
      'Find one thing about “{topic}” that is new to you, {amount}, and tell it',
      'Find one thing about “{topic}” that surprises you, {amount}, and tell it',
      'Find what somebody who never heard of “{topic}” should know first, {amount}, and tell it',
    ],
    4: [
      'Find two things about “{topic}” that are new to you, {amount}, and note the pages',
      'Find two things about “{topic}” that surprise you, {amount}, and note the pages',
      'Find one thing about “{topic}” and how anybody knows it, {amount}, and note the pages',
    ],
    5: [
      'Compare what you find on “{topic}”, {amount}: where do they differ? Note each page',
      'Compare what you find on “{topic}”, {amount}: what does each leave out? Note each page',
      'Compare what you find on “{topic}”, {amount}: what do all of them say, what only one? Note each page',
    ],
  },
  /** A question of the children’s own. */
  'looking-up of a question': {
    1: 'Find a picture that belongs to “{question}”{place}, {amount}',
    2: 'Find the page that belongs to “{question}”{place}, {amount}, together, and put a mark in it',
    3: 'Find an answer to “{question}”{place}, {amount}, and tell it',
    4: 'Find two answers to “{question}”{place}, {amount}, and note the pages',
    5: 'Compare what you find on “{question}”{place}, {amount}: where do they differ? Note each page',
  },
  /** With so many sources as the family asks for. */
  'looking-up in so many': {
    1: 'Find {one}, {amount}',
    2: 'Find {one}, {amount}',
    3: 'Find {one}, {amount}',
    4: 'Find {one} in each, {amount}',
    5: 'Compare what you find {on}, {amount}',
  },

  memory: {
    1: 'Join in with the last word of each line: “{start}”',
    2: 'Say one line after you have heard it: “{start}”',
    3: 'Say these two lines by heart: “{start}”',
    4: 'Say this stanza by heart, {amount}: “{start}”',
    5: 'Say by heart all up to here, {amount}: “{start}”',
  },

  practice: {
    1: 'Count, match or sort real things that go with “{topic}”: {amount}',
    2: '{amount} to go with “{topic}”, with things to count by',
    3: '{amount} to go with “{topic}”',
    4: '{amount} to go with “{topic}”; check them yourself',
    5: '{amount} to go with “{topic}”; check them, and say where you went wrong',
  },

  'own-reading': {
    1: 'Look at {book}, and tell what you see',
    2: 'Read {book}, aloud, a finger under the line',
    3: 'Read {book}',
    4: [
      'Read {book}, and tell what was new',
      'Read {book}, and tell what you would ask the one who wrote it',
    ],
    5: ['Read {book}, and note what was new', 'Read {book}, and note what you doubt'],
  },
  /** Where no book of the child’s own is on the lesson. */
  'own-reading of any book': {
    1: 'Look through a book from the basket for something of “{topic}”',
    2: 'Read a page or two of a book from the basket; is there something of “{topic}” in it?',
    3: 'Read a few pages of a book of your own; look out for “{topic}”',
    4: 'Read a chapter of a book of your own; tell what goes with “{topic}”',
    5: 'Read a chapter of a book of your own, and note what goes with “{topic}”',
  },

  /** A part in a demonstration or an experiment. */
  role: {
    1: [
      '“{topic}”: watch from a safe place, and say what you see',
      '“{topic}”: call “now!” when something changes',
      '“{topic}”: show with your hands how big, how much, how high',
    ],
    2: [
      '“{topic}”: draw your guess first, and what really came',
      '“{topic}”: say your guess aloud, hand the things on, and draw what came',
      '“{topic}”: count aloud, and draw before and after',
    ],
    3: [
      '“{topic}”: keep the clock, and call out what changes',
      '“{topic}”: read the list of what is needed, set it out, and tell what came of the guess',
      '“{topic}”: write down each step in a word, and what came',
    ],
    4: [
      '“{topic}”: measure, record, and compare with the guess',
      '“{topic}”: draw up a table beforehand, fill it in, and say what it shows',
      '“{topic}”: change one thing the second time, and compare',
    ],
    5: [
      '“{topic}”: weigh and plan it, and write up what happened and why',
      '“{topic}”: say beforehand what would prove the guess wrong, and write up what came',
      '“{topic}”: lead the younger ones through it, and write up what happened and why',
    ],
  },

  talk: {
    1: 'Show one thing of “{topic}” and say its name',
    2: 'Show one thing of “{topic}” and say two things about it',
    3: 'Tell of “{topic}” for {amount}, with something to show',
    4: 'A talk of {amount} on “{topic}”, with a poster',
    5: 'A talk of {amount} on “{topic}”, with a poster, and answers to questions',
  },
  'talk of so many minutes': {
    ...same('A talk of {amount} on “{topic}”'),
    4: 'A talk of {amount} on “{topic}”, with a poster',
    5: 'A talk of {amount} on “{topic}”, with a poster',
  },

  /** A part in an evening for guests. */
  presentation: {
    1: 'Hold up one thing you made, and say its name',
    2: 'Show one thing you made, and say two things about it',
    3: 'Tell for two minutes, from a notebook page or a model',
    4: 'Tell for four minutes, with a poster or a demonstration',
    5: 'Welcome the guests, tell for six minutes, and answer what they ask',
  },

  quiz: {
    1: 'Answer {amount} on “{topic}”, by telling or pointing',
    2: 'Answer {amount} on “{topic}”, by telling or pointing',
    3: 'Answer {amount} on “{topic}”',
    4: 'Answer {amount} on “{topic}”',
    5: 'Answer {amount} on “{topic}”, and say how you know',
  },

  /** The elder’s share; the younger does their own work with them. */
  teaching: {
    1: 'Show {names} one thing you know',
    2: 'Show {names} how it is done',
    3: 'Tell {names} how it is done, one step at a time',
    4: 'Teach {names}: show it, let them try, and praise what is right',
    5: 'Teach {names}: say what it is for, show it, let them try, and ask one question at the end',
  },

  /** One thing of the lesson’s share of the checklist, named. */
  checklist: {
    1: 'From your checklist, with help: {what}',
    2: 'From your checklist, with help: {what}; tick it when you can do it alone',
    3: 'From your checklist, alone: {what}; tick it',
    4: 'From your checklist, alone: {what}; tick it, and choose the next',
    5: 'From your checklist, alone: {what}; tick it, and say what you would ask of somebody who says they can',
  },

  nothing: same('Nothing to show of “{topic}”: to have listened is enough'),
} as const satisfies Record<string, Wording>;

/**
 * What is asked beyond the fifth rung as the grades go up: of 12, 14 and 16 not the same. Said after the wording.
 */
const SOURCES_WEIGHED = [
  { grade: 10, also: '. Who wrote them, for whom, and what for?' },
  { grade: 8, also: '. Which is to be trusted more, and why?' },
];

const TOLD = [
  { grade: 10, also: '; put forward a claim of your own, with what speaks against it' },
  { grade: 8, also: '; weigh one source against another' },
];
const ON_A_PAGE = [
  { grade: 10, also: '; end with a question that none of them answers' },
  { grade: 8, also: '; say which source you trust more, and why' },
];

const BEYOND: Partial<Record<keyof typeof WORDINGS, readonly { grade: number; also: string }[]>> = {
  copying: [
    { grade: 10, also: '; note what the choice of words does' },
    { grade: 8, also: '; mark the word that matters most' },
  ],
  'copying again': [
    { grade: 10, also: '; note what the choice of words does' },
    { grade: 8, also: '; mark the word that matters most' },
  ],
  memory: [
    { grade: 10, also: '; then in another mood' },
    { grade: 8, also: '; say who speaks, and to whom' },
  ],
  quiz: [
    { grade: 10, also: '; and what would change your mind' },
    { grade: 8, also: '; and how sure you are' },
  ],
  labels: [
    { grade: 10, also: '; show how one acts on the next' },
    { grade: 8, also: '; an arrow for what moves' },
  ],
  'word-list': [
    { grade: 10, also: '; say which are used in another trade too' },
    { grade: 8, also: '; name one word of the same family for each' },
  ],
  'tell-back': TOLD,
  'tell-back of a thing': TOLD,
  'tell-back of a story': [
    { grade: 10, also: '; put forward a claim of your own, and prove it from the text' },
    { grade: 8, also: '; quote two sentences' },
  ],
  'notebook of a story': [
    { grade: 10, also: '; end with a question that the book leaves open' },
    { grade: 8, also: '; say what the author wants you to feel, and by what' },
  ],
  notebook: ON_A_PAGE,
  'notebook of a thing': ON_A_PAGE,
  booklet: [
    { grade: 10, also: '; one flap for what is disputed' },
    { grade: 8, also: '; one flap for a figure, with its source' },
  ],
  'booklet of a story': [
    { grade: 10, also: '; one flap for what the book leaves open' },
    { grade: 8, also: '; one flap for a sentence worth keeping' },
  ],
  'looking-up': SOURCES_WEIGHED,
  'looking-up of a question': SOURCES_WEIGHED,
  'own-reading': [
    { grade: 10, also: '; note one claim, and how it could be tested' },
    { grade: 8, also: '; copy out one sentence that carries the rest' },
  ],
  'own-reading of any book': [
    { grade: 10, also: '; note one claim, and how it could be tested' },
    { grade: 8, also: '; copy out one sentence that carries the rest' },
  ],
  role: [
    { grade: 10, also: '; give the error of what you measured' },
    { grade: 8, also: '; draw the curve or the table it makes' },
  ],
  talk: [
    { grade: 10, also: '; on a question of your own, with your sources on the last sheet' },
    { grade: 8, also: '; name your sources' },
  ],
  presentation: [
    { grade: 10, also: '; end with what nobody knows yet' },
    { grade: 8, also: '; show where you found it' },
  ],
};

/**
 * What a kind of work says on a rung, with what is filled in.
 * @param turn whose turn it is among several wordings: the place of the lesson
 * @param grade the child's school grade, by which the fifth rung grows
 */
export function wordingFor(
  kind: keyof typeof WORDINGS,
  rung: Rung,
  fill: Readonly<Record<string, string>> = {},
  turn = 0,
  grade = 0,
): string {
  const entry: string | readonly string[] = WORDINGS[kind][rung];
  const chosen = inTurnOf(entry, turn);
  const beyond = rung === 5 ? (BEYOND[kind]?.find((b) => grade >= b.grade)?.also ?? '') : '';
  const said = filled(`${chosen}${beyond}`, fill);
  return said[0].toUpperCase() + said.slice(1);
}

const inTurnOf = (entry: string | readonly string[], turn: number): string =>
  typeof entry === 'string' ? entry : entry[turn % entry.length];

const filled = (wording: string, fill: Readonly<Record<string, string>>): string =>
  wording.replace(/\{(\w+)\}/g, (_, name: string) => fill[name] ?? '');

/** What is said instead of written where a child under ten has one writing task in the lesson already. */
const SPOKEN: Partial<Record<string, string | readonly string[]>> = {
  copying: [
    'Read aloud, for “{topic}”: “{text}”',
    'Read aloud, for “{topic}”, as if a whole room were listening: “{text}”',
  ],
  'word-list': [
    'Spell aloud, for “{topic}”: {amount}',
    'Clap the syllables and spell aloud, for “{topic}”: {amount}',
    'Lay with letters, for “{topic}”: {amount}',
  ],
  notebook: [
    'Draw “{topic}”, and tell what stands where; nothing is written',
    'Draw what you would show of “{topic}”, and tell about it; nothing is written',
  ],
  booklet: [
    'Fold a booklet on “{topic}”, with pictures only; tell what is under each flap',
    'Fold a booklet on “{topic}”, with pictures only; let somebody guess what is under each flap',
  ],
  labels: 'Point to each on the map or drawing of “{topic}”, and say its name',
};

/** What a kind of work says where it is not written, with what is filled in. */
export const spokenFor = (kind: string, fill: Readonly<Record<string, string>>, turn: number): string =>
  filled(inTurnOf(SPOKEN[kind] ?? '', turn), fill);
