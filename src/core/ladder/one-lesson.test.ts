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
          { id: 'p1', unitId: 'u1', bookId: 'b1', role: 'spine', read: 'aloud', childIds: [] },
          { id: 'p2', unitId: 'u1', bookId: 'b2', role: 'own', read: 'aloud', childIds: ['c12'] },
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
      'Set up something of “Colour from the dye pot” with toys and things from the house, and tell what each is',
      'Say what you liked best in “Colour from the dye pot”, and why; it is written down for you',
      'Tell what was new to you in “Colour from the dye pot”, and what you knew before',
      'Write 8–10 sentences, from two sources, on “Colour from the dye pot”: what is certain, and what is not',
    ],
  ],
  [
    'copying',
    [
      'Trace, for “Colour from the dye pot”: “C”',
      'Copy, for “Colour from the dye pot”: 3 words: Soak the skein',
      'Copy, for “Colour from the dye pot”: one stanza, 14 words: “Soak the skein and…”',
      'Copy, for “Colour from the dye pot”: one stanza, 14 words: “Soak the skein and…”',
    ],
  ],
  [
    'notebook',
    [
      'Draw “Colour from the dye pot”, and say what your picture shows; a word is written under it for you',
      'Draw “Colour from the dye pot”, and write a name and one word beside it',
      'Draw “Colour from the dye pot”, and tell what stands where; nothing is written',
      'Lay out a page of your own on “Colour from the dye pot”: heading, drawing, 8 sentences, and where you found it',
    ],
  ],
  [
    'booklet',
    [
      '2 flaps on “Colour from the dye pot”, mordant, madder: a picture under each',
      '3 flaps on “Colour from the dye pot”: a picture and one word under each',
      'Fold a booklet on “Colour from the dye pot”, with pictures only; tell what is under each flap',
      '6 flaps on “Colour from the dye pot”, mordant, madder and 4 of your own choice: a question of your own on each, its answer under it',
    ],
  ],
  [
    'looking-up',
    [
      'Find a picture that belongs to “Colour from the dye pot”, in “The Dyer’s Kettle”',
      'Find the page that belongs to “Colour from the dye pot”, in “The Dyer’s Kettle”, together, and put a mark in it',
      'Find one thing about “Colour from the dye pot” that is new to you, in “The Dyer’s Kettle”, and tell it',
      'Compare what you find on “Colour from the dye pot”, in “The Dyer’s Kettle”, “Indigo Roads”: where do they differ? Note each page',
    ],
  ],
  [
    'memory',
    [
      'Join in with the last word of each line: “Soak the skein and…”',
      'Say one line after you have heard it: “Soak the skein and…”',
      'Say this stanza by heart, 14 words: “Soak the skein and…”',
      'Say by heart all up to here, 30 words: “Soak the skein and…”',
    ],
  ],
  [
    'practice',
    [
      'Count, match or sort real things that go with “Colour from the dye pot”: 3 tasks',
      '6 tasks to go with “Colour from the dye pot”, with things to count by',
      '10 tasks to go with “Colour from the dye pot”; check them yourself',
      '12 tasks to go with “Colour from the dye pot”; check them, and say where you went wrong',
    ],
  ],
  [
    'own-reading',
    [
      'Look through a book from the basket for something of “Colour from the dye pot”',
      'Read a page or two of a book from the basket; is there something of “Colour from the dye pot” in it?',
      'Read a chapter of a book of your own; tell what goes with “Colour from the dye pot”',
      'Read “Indigo Roads”, pp. 13–18, and note what was new',
    ],
  ],
  [
    'talk',
    [
      'Show one thing of “Colour from the dye pot” and say its name',
      'Show one thing of “Colour from the dye pot” and say two things about it',
      'A talk of three minutes on “Colour from the dye pot”, with a poster',
      'A talk of five minutes on “Colour from the dye pot”, with a poster, and answers to questions',
    ],
  ],
  [
    'quiz',
    [
      'Answer 1 easy question on “Colour from the dye pot”, by telling or pointing',
      'Answer 1 easy question on “Colour from the dye pot”, by telling or pointing',
      'Answer 1 hard question on “Colour from the dye pot”',
      'Answer 3 hard questions on “Colour from the dye pot”, and say how you know',
    ],
  ],
  [
    'experiment',
    [
      'Beside it, out of reach: A box of lids and tins: what fits on what?',
      '“Colour from the dye pot”: count aloud, and draw before and after',
      '“Colour from the dye pot”: draw up a table beforehand, fill it in, and say what it shows',
      '“Colour from the dye pot”: say beforehand what would prove the guess wrong, and write up what came',
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

it('words come from the lesson and rise with the child; whoever is under five reads none', () => {
  const [three, six, nine, twelve] = row('word-list');
  expect(three).toMatch(/^Match pictures for/);
  expect(nine).toMatch(/^Spell aloud, for “Colour from the dye pot”: .*mordant/);
  expect(twelve).toMatch(/mordant.*madder/);
  expect(six).not.toContain('mordant');
  expect(row('labels')[2]).toMatch(/^Point to each on the map or drawing/);
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
