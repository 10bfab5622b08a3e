/**
 * What the ladder says to a child, kind by rung: one table to be proof-read from top to bottom. What stands in braces is
 * filled in: {amount} the part that is counted, {text} the words to be traced, {start} how a passage begins, {book} a title
 * with its pages, {first}, {second} and {third} what to look things up in, {names} who is taught.
 * Our own wording; the amounts have their sources where they are worked out.
 */
import type { Rung } from '../plan/measures';

type Wording = Record<Rung, string>;

const same = (text: string): Wording => ({ 1: text, 2: text, 3: text, 4: text, 5: text });

export const WORDINGS = {
  copying: { ...same('Copy {amount}'), 1: 'Trace “{text}”' },

  'tell-back': {
    1: 'Act it out with props and tell what happens',
    2: 'Tell one thing; it is written down for you',
    3: 'Tell it in order: first, then, last',
    4: 'Write {amount}',
    5: 'Write {amount}',
  },

  'word-list': {
    1: 'Find and read: {amount}',
    2: 'Read and write once: {amount}',
    3: 'Learn to spell: {amount}',
    4: 'Spell, and use in a sentence: {amount}',
    5: 'Spell, and say what each means and where it comes from: {amount}',
  },

  notebook: {
    1: 'Draw it, and say what it is; a word is written under it for you',
    2: 'Draw it, and write its name and one word about it',
    3: 'Draw it, and write {amount}',
    4: 'A heading, a drawing with labels, and {amount}',
    5: 'Lay out a page of your own: heading, drawing, {amount}, and where you found it',
  },

  booklet: {
    1: '{amount}: a picture under each',
    2: '{amount}: a picture and one word under each',
    3: '{amount}: a sentence under each',
    4: '{amount}: a sentence and a small drawing under each',
    5: '{amount}: a question of your own on each, its answer under it',
  },

  labels: {
    1: 'Point to {things} and say what they are{such}',
    2: 'Put {amount} in place{such}',
    3: 'Write {amount}{such}',
    4: 'Write {amount} without looking{such}',
    5: 'Draw it yourself with {amount}, and say what each does{such}',
  },

  'looking-up': {
    1: 'Find a picture of it in {first}',
    2: 'Find the page in {first} together, and put a mark in it',
    3: 'Find one answer in {first}, and tell it',
    4: 'Find two answers, in {first} and {second}, and note the pages',
    5: 'Compare {first}, {second} and {third}: where do they differ? Note each page',
  },
  /** With so many sources as the family asks for. */
  'looking-up in so many': {
    1: 'Find an answer {amount}',
    2: 'Find an answer {amount}',
    3: 'Find an answer {amount}',
    4: 'Find an answer in each {amount}',
    5: 'Compare what you find {amount}',
  },

  memory: {
    1: 'Join in with the last word of each line: “{start}”',
    2: 'Say one line after you have heard it: “{start}”',
    3: 'Say one line by heart: “{start}”',
    4: 'Say a stanza by heart, {amount}: “{start}”',
    5: 'Say all of it by heart, {amount}: “{start}”',
  },

  practice: {
    1: 'Count, match or sort real things: {amount}',
    2: '{amount}, with things to count by',
    3: '{amount}',
    4: '{amount}; check them yourself',
    5: '{amount}; check them, and say where you went wrong',
  },

  'own-reading': {
    1: 'Look at {book}, and tell what you see',
    2: 'Read {book}, a finger under the line',
    3: 'Read {book}',
    4: 'Read {book}, and tell what was new',
    5: 'Read {book}, and note what was new',
  },
  /** Where no book of the child’s own is on the lesson. */
  'own-reading of any book': {
    1: 'Look through a book from the basket',
    2: 'Read a page or two of a book from the basket',
    3: 'Read a few pages of a book of your own',
    4: 'Read a chapter of a book of your own',
    5: 'Read a chapter of a book of your own, and note what was new',
  },

  /** A part in a demonstration or an experiment. */
  role: {
    1: 'Watch from a safe place, and say what you see',
    2: 'Draw your guess first, and what really came',
    3: 'Keep the clock, and call out what changes',
    4: 'Measure, record, and compare with the guess',
    5: 'Weigh and plan it, and write up what happened and why',
  },

  talk: {
    1: 'Show one thing and say its name',
    2: 'Show one thing and say two things about it',
    3: 'Tell for a minute, with something to show',
    4: 'A talk of three minutes with a poster',
    5: 'A talk of five minutes with a poster, and answers to questions',
  },
  'talk of so many minutes': {
    ...same('A talk of {amount}'),
    4: 'A talk of {amount}, with a poster',
    5: 'A talk of {amount}, with a poster',
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
    1: 'Answer {amount}, by telling or pointing{such}',
    2: 'Answer {amount}, by telling or pointing{such}',
    3: 'Answer {amount}{such}',
    4: 'Answer {amount}{such}',
    5: 'Answer {amount}, and say how you know{such}',
  },

  /** The elder’s share; the younger does their own work with them. */
  teaching: {
    1: 'Show {names} one thing you know',
    2: 'Show {names} how it is done',
    3: 'Tell {names} how it is done, one step at a time',
    4: 'Teach {names}: show it, let them try, and praise what is right',
    5: 'Teach {names}: say what it is for, show it, let them try, and ask one question at the end',
  },

  checklist: {
    1: 'Show {amount}; tick what you can do alone',
    2: 'Show and tell {amount}; tick what you can do alone',
    3: 'Tell about {amount}; tick what you can do alone',
    4: 'Explain {amount}; tick what you can do alone',
    5: 'Explain, and say how you know, {amount}; tick what you can do alone',
  },

  nothing: same('Nothing to show: to have listened is enough'),
} as const satisfies Record<string, Wording>;

/** What a kind of work says on a rung, with what is filled in. */
export function wordingFor(
  kind: keyof typeof WORDINGS,
  rung: Rung,
  fill: Readonly<Record<string, string>> = {},
): string {
  const said = WORDINGS[kind][rung].replace(/\{(\w+)\}/g, (_, name: string) => fill[name] ?? '');
  return said[0].toUpperCase() + said.slice(1);
}
