import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aMaterial } from '../../../tests/a-material';
import { aLesson, aPart, aPlan, aUnit } from '../../../tests/sample-plan';
import { blankBook, blankChild } from '../plan/blank';
import { LADDER_KINDS } from '../plan/words';
import type { Rung } from '../plan/measures';
import type { Child, Plan } from '../plan/plan';
import { ageOn } from '../plan/age';
import { assignments } from './assign';
import { ladderOf } from './ladder-of';
import { attentionStretch, writerOf, type Writer } from './handwriting';
import { KINDS_OF_WORK, recast, type Asked } from './kinds';
import { materialOf, type Material } from './material';
import { labelsVersion } from './labels';
import { memoryVersion } from './shown';
import { quizVersion } from './together';
import { hardness } from './hardness';
import { LIST_LENGTH, listFor, wordListVersion, wordsFor } from './word-list';
import { bookletVersion, notebookVersion, offeredSentences } from './written';

const DAY = '2026-10-12';
const RUNGS: Rung[] = [1, 2, 3, 4, 5];
const child = (years: number, over: Partial<Child> = {}): Child => ({
  ...blankChild,
  id: `c${years}`,
  name: 'C',
  hatch: 'dots',
  birthMonth: `${2026 - years}-03`,
  ...over,
});
const age = fc.integer({ min: 3, max: 15 }).map((years) => child(years));
const words: fc.Arbitrary<string[]> = fc.array(
  fc.constantFrom(
    'wool',
    'dye',
    'red',
    'mordant',
    'carding',
    'oxidise',
    'whorl',
    'spindle',
    'the',
    'water',
    'temperature',
    'fleece',
  ),
  { maxLength: 14 },
);
const passage = fc
  .array(
    fc
      .array(fc.constantFrom('off', 'the', 'hill', 'grey', 'flock', 'came', 'bright'), {
        minLength: 1,
        maxLength: 9,
      })
      .map((w) => w.join(' ')),
    { minLength: 1, maxLength: 8 },
  )
  .map((l) => l.join('\n'));
const material: fc.Arbitrary<Material> = fc
  .record({
    passage,
    words,
    sources: fc.subarray(['The Dyer’s Kettle', 'Blue Roads', 'Pictures of Cloth']),
    questions: fc.array(
      fc.record({
        easy: fc.constant('What dyes red?'),
        hard: fc.constant('Why does alum hold it?'),
        answer: fc.constant('Madder'),
      }),
      { maxLength: 7 },
    ),
    objectives: fc.subarray(['Name three dyes', 'Explain why alum holds', 'Students will draw a vat']),
    place: fc.nat(20),
    question: fc.constantFrom(
      null,
      { text: 'Why does blue come last?', isOfLesson: true },
      { text: 'Who was the first dyer?', isOfLesson: false },
    ),
  })
  .map((m) =>
    aMaterial({
      ...m,
      recall: m.questions.length,
      byHeart: m.passage,
      things: m.words,
      others: { words: [], due: 0, earlier: [] },
      walk: { place: m.place, of: 21 },
    }),
  );
const hand = (c: Child): Writer => writerOf(c, DAY);
const asked = (rung: Rung, c: Child, m: Material, over: Partial<Asked> = {}): Asked => ({
  rung,
  writer: hand(c),
  material: m,
  part: { minutes: null, title: 'A piece of work', lead: 'not-needed' },
  amount: null,
  reading: () => ({ what: '“Blue Roads”, pp. 4–9', minutes: 9 }),
  teaching: () => ({ isElder: true, elder: 'Ottilie', youngers: ['Junia'] }),
  turn: () => ({ at: 0, of: 1 }),
  ...over,
});

describe('every kind of work', () => {
  it('has five versions that say what to do, take time, and need the parent for no more than that', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...LADDER_KINDS),
        fc.constantFrom(...RUNGS),
        age,
        material,
        fc.option(fc.integer({ min: 5, max: 70 }), { nil: null }),
        (kind, rung, c, m, minutes) => {
          const v = KINDS_OF_WORK[kind].version(
            asked(rung, c, m, { part: { minutes, title: 'A piece of work', lead: 'not-needed' } }),
          );
          expect(v.rung).toBe(rung);
          expect(v.wording.length).toBeGreaterThan(5);
          expect(v.wording).not.toMatch(/undefined|NaN/);
          expect(v.minutes).toBeGreaterThan(0);
          expect(v.parentMinutes).toBeLessThanOrEqual(v.minutes);
          expect(v.wording.length).toBeLessThanOrEqual(2000);
          expect(v.note.length).toBeLessThanOrEqual(500);
        },
      ),
      { numRuns: 400 },
    );
  });
  it('needs the parent less on the highest rung than on the lowest', () => {
    fc.assert(
      fc.property(fc.constantFrom(...LADDER_KINDS), age, material, (kind, c, m) => {
        const on = (rung: Rung): number => KINDS_OF_WORK[kind].version(asked(rung, c, m)).parentMinutes;
        expect(on(5)).toBeLessThanOrEqual(on(1));
      }),
    );
  });
});

describe('word lists', () => {
  it('know short first words from long strange ones', () => {
    expect(['red', 'water', 'wool', 'mordant', 'oxidise'].map(hardness)).toEqual([1, 2, 2, 4, 5]);
  });
  it('draw only the lesson’s own words, none harder than the rung, no more than the rung’s length, and as many as the rung below at least', () => {
    fc.assert(
      fc.property(words, (list) => {
        let before = 0;
        for (const rung of RUNGS) {
          const chosen = wordsFor(list, rung);
          expect(chosen.every((w) => list.includes(w) && hardness(w) <= rung)).toBe(true);
          expect(chosen.length).toBeLessThanOrEqual(LIST_LENGTH[rung]);
          expect(new Set(chosen).size).toBe(chosen.length);
          expect(chosen.length).toBeGreaterThanOrEqual(before);
          before = chosen.length;
        }
      }),
    );
  });
  it('of a six-year-old and a twelve-year-old come from the same lesson and differ', () => {
    const list =
      'mordant holds the colour. We dip wool in a red vat; alum is a mordant; the fibre may oxidise'.match(
        /\p{L}+/gu,
      )!;
    const [young, old] = [wordsFor(list, 2), wordsFor(list, 5)];
    expect(young).toContain('wool');
    expect(young).not.toContain('mordant');
    expect(old.slice(0, 2)).toContain('oxidise');
    expect(old).toContain('mordant');
  });
  it('fit the stretch that suits the age, or say why, and give beginners sight words beside them', () => {
    fc.assert(
      fc.property(words, fc.constantFrom(...RUNGS), age, (list, rung, c) => {
        const m = aMaterial({ words: list, beginners: [], others: { words: [], due: 0, earlier: [] } });
        const v = wordListVersion(m, rung, hand(c));
        const { asked: all } = listFor(m, rung, hand(c));
        const meanings = rung === 5 ? 2 * all.length : rung === 4 ? Math.ceil(all.length / 2) : 0;
        if (ageOn(c.birthMonth, DAY) < 5) expect(v.wording).not.toMatch(/read|write|spell/i);
        else if (!v.note)
          expect(v.minutes - 4 - meanings).toBeLessThanOrEqual(attentionStretch(ageOn(c.birthMonth, DAY)));
        else if (all.length > 1) expect(Number(/Offered: (\d+)/.exec(v.note)![1])).toBeLessThan(all.length);
        else expect(v.note).toMatch(/^Even one word takes \d+ min/);
        if (rung <= 2 && ageOn(c.birthMonth, DAY) >= 5) expect(v.wording).toContain(' · ');
      }),
    );
  });
});

describe('sentences', () => {
  it('are never more than asked for, fit the stretch unless it is the only one, and say when they are fewer', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 12 }), age, (n, c) => {
        const offer = offeredSentences(n, hand(c));
        expect(offer.sentences).toBeLessThanOrEqual(n);
        if (offer.sentences > 1)
          expect(offer.minutes).toBeLessThanOrEqual(attentionStretch(ageOn(c.birthMonth, DAY)));
        expect(!!offer.tooLong).toBe(offer.sentences < n || offer.minutes > hand(c).stretch);
      }),
    );
  });
  it('on a notebook page and under the flaps of a booklet rise with the rung for a hand that can', () => {
    const counts = (v: { wording: string }): number =>
      Number(/(\d+|One) (?:sentence|flap)/.exec(v.wording.replace('One', '1'))?.[1] ?? 0);
    const old = child(12);
    const m = aMaterial();
    expect([3, 4, 5].map((r) => counts(notebookVersion(m, r as Rung, hand(old))))).toEqual([4, 7, 8]);
    expect([3, 4, 5].map((r) => counts(bookletVersion(m, r as Rung, hand(old))))).toEqual([4, 6, 6]);
    expect(notebookVersion(m, 5, hand(child(6))).note).toContain('more than the 12 min that suit this age');
  });
});

describe('what is shown', () => {
  it('asks for no more labels, questions or lines than the lesson has', () => {
    fc.assert(
      fc.property(material, fc.constantFrom(...RUNGS), age, (m, rung, c) => {
        const { wording } = labelsVersion(m, rung, hand(c));
        const labels = Number(/(\d+) (?:label|thing)/.exec(wording)![1]);
        // Where the lesson names none, three of what is on the map; from the fourth rung as many as the child finds.
        const there = wording.includes('of what is on it') ? (rung > 3 ? 12 : 3) : new Set(m.words).size;
        expect(labels).toBeLessThanOrEqual(there);
        if (m.questions.length)
          expect(
            Number(/(\d+) (?:easy|hard)/.exec(quizVersion(m, rung, hand(c)).wording)![1]),
          ).toBeLessThanOrEqual(m.questions.length);
        const words = quizVersion({ ...m, recall: 0 }, rung, hand(c));
        expect(words.amount).toMatch(new RegExp(`^${[2, 3, 4, 5, 6][rung - 1]} `));
        const learnt = Number(/(\d+) words?:/.exec(memoryVersion(m, rung, hand(c)).wording)?.[1] ?? 0);
        expect(learnt).toBeLessThanOrEqual(m.passage.split(/\s+/).length);
      }),
    );
  });
});

describe('labels', () => {
  it('need something that has them: nothing is labelled where nothing has parts with names', () => {
    for (const rung of RUNGS) {
      const none = labelsVersion(aMaterial({ hasLabels: false }), rung, hand(child(9)));
      expect(none).toMatchObject({ minutes: 0, parentMinutes: 0, supplies: '' });
      expect(none.wording).toMatch(/^Nothing to label/);
      expect(labelsVersion(aMaterial(), rung, hand(child(9))).minutes).toBeGreaterThan(0);
    }
  });
});

describe('amounts, whatever the family asks for', () => {
  const counted = LADDER_KINDS.filter((k) => KINDS_OF_WORK[k].counts);
  const amount = fc.option(fc.integer({ min: 1, max: 200 }), { nil: null });
  const written = (k: string, wording: string): number =>
    Number(
      {
        copying: /(\d+) words:/,
        labels: /(\d+) (?:label|thing)/,
        quiz: /(\d+) (?:easy|hard)/,
        memory: /(\d+) words?:/,
      }[k]?.exec(wording)?.[1] ?? 0,
    );
  it('are never above the text: words to copy and to learn, labels, questions', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('copying', 'labels', 'quiz', 'memory'),
        fc.constantFrom(...RUNGS),
        age,
        material,
        amount,
        (kind, rung, c, m, n) => {
          const { wording } = KINDS_OF_WORK[kind as 'copying'].version(asked(rung, c, m, { amount: n }));
          const there = {
            copying: m.passage.split(/\s+/).length,
            memory: m.passage.split(/\s+/).length,
            // Where the lesson names none, three of what is on the map; from the fourth rung as many as the child finds.
            labels: rung > 3 ? 500 : Math.max(3, new Set(m.words).size),
            quiz: m.recall || 200,
          }[kind]!;
          expect(written(kind, wording)).toBeLessThanOrEqual(there);
        },
      ),
      { numRuns: 400 },
    );
  });
  it('fit the minutes that suit the age, or say why not', () => {
    const settling: Partial<Record<string, number>> = {
      copying: 3,
      'tell-back': 19,
      notebook: 10,
      booklet: 6,
      'word-list': 4,
      labels: 5,
    };
    fc.assert(
      fc.property(
        fc.constantFrom('copying', 'tell-back', 'notebook', 'booklet', 'word-list', 'practice', 'labels'),
        fc.constantFrom<Rung>(3, 4, 5),
        age,
        material,
        amount,
        (kind, rung, c, m, n) => {
          const { note, minutes, parentMinutes } = KINDS_OF_WORK[kind as 'copying'].version(
            asked(rung, c, m, { amount: n }),
          );
          const { stretch } = hand(c);
          // Whoever is under five reads no list.
          if (kind === 'word-list' && hand(c).age < 5) return;
          const meanings = kind === 'word-list' ? 2 * listFor(m, rung, hand(c), n).list.length : 0;
          if (!note)
            expect(minutes - meanings - (settling[kind] ?? 0)).toBeLessThanOrEqual(
              stretch + (parentMinutes ? 8 : 0),
            );
          else
            expect(note).toMatch(
              new RegExp(`more than the ${stretch} min that suit this age\\. (?:Offered: |Let it be said)`),
            );
        },
      ),
      { numRuns: 400 },
    );
  });
  it('rise with the rung for the same hand: never fewer tasks or questions', () => {
    fc.assert(
      fc.property(age, material, (c, m) => {
        for (const [kind, figure] of [
          ['practice', (v: { amount: string }) => Number(/^\d+/.exec(v.amount)![0])],
          ['quiz', (v: { amount: string }) => Number(/^\d+/.exec(v.amount)![0])],
        ] as const) {
          const figures = RUNGS.slice(1).map((rung) =>
            (figure as (v: unknown) => number)(KINDS_OF_WORK[kind].version(asked(rung, c, m))),
          );
          // A slow hand is offered less on every rung; it is never offered less for standing higher than what it can do.
          if (kind !== 'practice' || hand(c).stretch >= 24)
            for (let i = 1; i < figures.length; i++)
              expect(figures[i]).toBeGreaterThanOrEqual(figures[i - 1]);
        }
      }),
    );
  });
  it('keep their figure apart, so that a family’s words can go before it', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...counted),
        fc.constantFrom<Rung>(3, 4, 5),
        age,
        material,
        (kind, rung, c, m) => {
          const v = KINDS_OF_WORK[kind].version(asked(rung, c, m));
          const own = recast(v, {
            wording: 'In our own way',
            amount: null,
            minutes: 3,
            parentMinutes: 99,
            produces: 'a thing',
            supplies: null,
          });
          expect(own.wording).toBe(v.amount ? `In our own way: ${v.amount}` : 'In our own way');
          expect(own).toMatchObject({
            minutes: 3,
            parentMinutes: 3,
            produces: 'a thing',
            supplies: v.supplies,
          });
          expect(recast(v, undefined)).toEqual(v);
        },
      ),
    );
  });
});

describe('in a plan', () => {
  const plan: Plan = {
    ...aPlan(
      1,
      {
        units: [
          aUnit({
            childIds: ['c3', 'c6', 'c9', 'c12'],
            vocabulary: [
              { id: '', word: 'mordant', meaning: '' },
              { id: '', word: 'shuttle', meaning: '' },
            ],
          }),
        ],
        lessons: [aLesson('l1', { title: 'The dye pot', objective: 'Why a mordant holds colour' })],
        books: [{ ...blankBook, id: 'b', title: 'Blue Roads' }],
        pulls: [{ id: 'p', unitId: 'u1', bookId: 'b', role: 'together', read: 'aloud', childIds: [] }],
        uses: [{ id: 'u', pullId: 'p', lessonId: 'l1', firstPage: null, lastPage: null }],
      },
      (l) => [
        aPart('pot', l, {
          kind: 'experiment',
          title: 'Dye pot',
          directions: 'Simmer the skeins in a boiling pot',
          minutes: 60,
        }),
        aPart('words', l, { kind: 'word-list', minutes: null }),
        aPart('find', l, { kind: 'looking-up', minutes: 25, lead: 'near' }),
      ],
    ),
    children: [3, 6, 9, 12].map((years) => child(years)),
  };
  it('a lesson is given to children of 3, 6, 9 and 12, each on a rung of their own', () => {
    const given = assignments(plan);
    expect(given.filter((a) => a.partId === 'pot').map((a) => a.wording)).toEqual([
      'Beside it, out of reach: A box of lids and tins: what fits on what?',
      '“The dye pot”: count aloud, and draw before and after',
      '“The dye pot”: draw up a table beforehand, fill it in, and say what it shows',
      '“The dye pot”: say beforehand what would prove the guess wrong, and write up what came',
    ]);
    expect(given.filter((a) => a.partId === 'find').map((a) => a.wording)[0]).toBe(
      'Find a picture that belongs to “The dye pot”, in “Blue Roads”',
    );
  });
  it('cautions reach every version of a part in it, and what is done together takes everyone as long', () => {
    const pot = assignments(plan).filter((a) => a.partId === 'pot');
    expect(pot.every((a) => a.note.includes('With care'))).toBe(true);
    expect(pot.map((a) => [a.minutes, a.parentMinutes])).toEqual([
      [0, 0],
      [60, 0],
      [60, 0],
      [60, 0],
    ]);
    expect(
      assignments(plan)
        .filter((a) => a.partId === 'find')
        .every((a) => a.minutes === 25),
    ).toBe(true);
  });
  it('words the unit teaches come first where the lesson names them', () => {
    const m = materialOf(plan)(plan.lessons[0], plan.units[0]);
    expect(m.words[0]).toBe('mordant');
    expect(m.words).not.toContain('shuttle');
    expect(m.sources).toEqual(['Blue Roads']);
  });
  it('a version on another rung can be read without anyone standing there', () => {
    expect(
      ladderOf(plan).versionOf(
        { part: plan.parts[1], child: plan.children[1], lesson: plan.lessons[0], unit: plan.units[0] },
        3,
      ).wording,
    ).toMatch(/^Learn to spell, for “The dye pot”: /);
  });
});
