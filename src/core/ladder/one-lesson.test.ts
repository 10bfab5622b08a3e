/**
 * One lesson, made for a ten-year-old, as a child of 3, 6, 9 and 12 gets it: the whole table, to be read as a teacher
 * reads it.
 */
import { expect, it } from 'vitest';
import { aLesson, aPart, aPlan, aUnit } from '../../../tests/sample-plan';
import { redraw } from '../layout/redraw';
import { blankBook, blankChild } from '../plan/blank';
import { WORKED_OUT_KINDS, type LadderKind } from '../plan/words';
import type { Plan } from '../plan/plan';

const PASSAGE =
  'Soak the skein and let it lie,\nAlum first, or the colour will fly.\n\nMadder for red and weld for gold,\nSimmer it slow, for the hot dye is bold.';
const kinds: LadderKind[] = [
  'tell-back',
  'copying',
  'word-list',
  'notebook',
  'booklet',
  'labels',
  'looking-up',
  'memory',
  'practice',
  'own-reading',
  'talk',
  'quiz',
  'experiment',
  'presentation',
];
const plan: Plan = redraw(
  {
    ...aPlan(
      1,
      {
        units: [
          aUnit({
            childIds: ['c3', 'c6', 'c9', 'c12'],
            vocabulary: [
              { id: '', word: 'mordant', meaning: 'what makes a dye hold' },
              { id: '', word: 'madder', meaning: 'a root that dyes red' },
            ],
          }),
        ],
        lessons: [
          aLesson('l1', {
            title: 'Colour from the dye pot',
            objective: 'Say why a mordant holds colour',
            passage: PASSAGE,
            recall: [
              {
                id: '',
                easy: 'What dyes wool red?',
                hard: 'Why does alum hold the colour?',
                answer: 'Madder; it ties dye to wool',
              },
            ],
          }),
        ],
        books: [
          { ...blankBook, id: 'b1', title: 'The Dyer’s Kettle', pages: 88 },
          { ...blankBook, id: 'b2', title: 'Indigo Roads', pages: 120 },
        ],
        pulls: [
          { id: 'p1', unitId: 'u1', bookId: 'b1', role: 'spine', childIds: [] },
          { id: 'p2', unitId: 'u1', bookId: 'b2', role: 'own', childIds: ['c12'] },
        ],
        uses: [
          { id: 'u1', pullId: 'p1', lessonId: 'l1', firstPage: 31, lastPage: 38 },
          { id: 'u2', pullId: 'p2', lessonId: 'l1', firstPage: 13, lastPage: 18 },
        ],
      },
      (l) =>
        kinds.map((kind) =>
          aPart(kind, l, {
            kind,
            title: kind,
            minutes: WORKED_OUT_KINDS.includes(kind) ? null : 20,
            lead: 'not-needed',
            directions: kind === 'experiment' ? 'Simmer the skeins in a boiling pot' : '',
          }),
        ),
    ),
    children: [12, 9, 6, 3].map((y, i) => ({
      ...blankChild,
      id: `c${y}`,
      name: `C${y}`,
      hatch: (['bars', 'dots', 'waves', 'bricks'] as const)[i],
      birthMonth: `${2026 - y}-03`,
      minutes: 300,
    })),
  },
  { today: '2026-08-31' },
).plan;

const row = (kind: LadderKind): string[] =>
  ['c3', 'c6', 'c9', 'c12'].map(
    (c) => plan.assignments.find((a) => a.partId === kind && a.childId === c)!.wording,
  );

it.each<[LadderKind, string[]]>([
  [
    'tell-back',
    [
      'Act it out with props and tell what happens',
      'Tell one thing; it is written down for you',
      'Write 4–5 sentences',
      'Write 8–10 sentences, from two sources',
    ],
  ],
  [
    'copying',
    [
      'Trace “skein”',
      'Copy three words: Soak the skein',
      'Copy one stanza, 14 words: “Soak the skein and…”',
      'Copy the whole passage, 30 words: “Soak the skein and…”',
    ],
  ],
  [
    'notebook',
    [
      'Draw it, and say what it is; a word is written under it for you',
      'Draw it, and write its name and one word about it',
      'A heading, a drawing with labels, and 4 sentences',
      'Lay out a page of your own: heading, drawing, 8 sentences, and where you found it',
    ],
  ],
  [
    'booklet',
    [
      '2 flaps: a picture under each',
      '3 flaps: a picture and one word under each',
      '4 flaps: a sentence and a small drawing under each',
      '6 flaps: a question of your own on each, its answer under it',
    ],
  ],
  [
    'looking-up',
    [
      'Find a picture of it in “The Dyer’s Kettle”',
      'Find the page in “The Dyer’s Kettle” together, and put a mark in it',
      'Find two answers, in “The Dyer’s Kettle” and “Indigo Roads”, and note the pages',
      'Compare “The Dyer’s Kettle”, “Indigo Roads” and a third source: where do they differ? Note each page',
    ],
  ],
  [
    'memory',
    [
      'Join in with the last word of each line: “Soak the skein and…”',
      'Say one line after you have heard it: “Soak the skein and…”',
      'Say a stanza by heart, 14 words: “Soak the skein and…”',
      'Say all of it by heart, 30 words: “Soak the skein and…”',
    ],
  ],
  [
    'practice',
    [
      'Count, match or sort real things: 3 tasks',
      '5 tasks, with things to count by',
      '10 tasks; check them yourself',
      '12 tasks; check them, and say where you went wrong',
    ],
  ],
  [
    'own-reading',
    [
      'Look through a book from the basket',
      'Read a page or two of a book from the basket',
      'Read a chapter of a book of your own',
      'Read “Indigo Roads”, pp. 13–18, and note what was new',
    ],
  ],
  [
    'talk',
    [
      'Show one thing and say its name',
      'Show one thing and say two things about it',
      'A talk of three minutes with a poster',
      'A talk of five minutes with a poster, and answers to questions',
    ],
  ],
  [
    'quiz',
    [
      'Answer 2 easy questions, by telling or pointing: “What dyes wool red?”',
      'Answer 3 easy questions, by telling or pointing: “What dyes wool red?”',
      'Answer 3 hard questions: “Why does alum hold the colour?”',
      'Answer 3 hard questions, and say how you know: “Why does alum hold the colour?”',
    ],
  ],
  [
    'experiment',
    [
      'Watch from a safe place, and say what you see',
      'Draw your guess first, and what really came',
      'Measure, record, and compare with the guess',
      'Weigh and plan it, and write up what happened and why',
    ],
  ],
  [
    'presentation',
    [
      'Hold up one thing you made, and say its name',
      'Show one thing you made, and say two things about it',
      'Tell for four minutes, with a poster or a demonstration',
      'Welcome the guests, tell for six minutes, and answer what they ask',
    ],
  ],
])('%s', (kind, expected) => expect(row(kind)).toEqual(expected));

it('words come from the lesson and rise with the child: short known ones, then what the unit teaches', () => {
  const [three, six, nine, twelve] = row('word-list').map((w) => w.split(': ')[1].split(' · '));
  expect(three.length).toBeLessThanOrEqual(6);
  expect(nine).toContain('mordant');
  expect(twelve).toEqual(expect.arrayContaining(['mordant', 'madder']));
  for (const young of [three, six]) expect(young).not.toContain('mordant');
  expect(row('labels')[2]).toMatch(/^Write \d labels without looking: mordant/);
});

it('what is hot is said to whoever does it, and the parent is needed less the older they are', () => {
  expect(plan.assignments.filter((a) => a.partId === 'experiment').every((a) => a.note.includes('Hot'))).toBe(
    true,
  );
  const withParent = ['c3', 'c6', 'c9', 'c12'].map((c) =>
    plan.assignments.filter((a) => a.childId === c).reduce((sum, a) => sum + a.parentMinutes, 0),
  );
  expect(withParent[1]).toBeGreaterThan(withParent[2]);
  expect(withParent[2]).toBeGreaterThanOrEqual(withParent[3]);
});
