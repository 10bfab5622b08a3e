import fc from 'fast-check';
import { partMinutes } from '../layout/input';
import { childrenOf } from '../plan/lookup';
import type { Plan } from '../plan/plan';
import { describe, expect, it } from 'vitest';
import { aLesson, aPart, aPlan, aUnit } from '../../../tests/sample-plan';
import type { Rung } from '../plan/measures';
import { blankMark } from '../plan/blank';
import type { Child, Mark } from '../plan/plan';
import { ageOn, gradeOf } from '../plan/age';
import { assignments } from './assign';
import { ladderOf } from './ladder-of';
import { aMaterial, POEM } from '../../../tests/a-material';
import { copyingVersion, copyText, piecesFor } from './copying';
import { isVerse, joined, phrasesIn, unitsIn, wordCount } from './text-pieces';
import { lettersOf, minutesToCopy, sustainedRate, writerOf, type Writer } from './handwriting';
import { blankChild } from '../plan/blank';
import { proposedRung, rungOf } from '../plan/rungs';
import { tellingRung, tellingVersion } from './telling-back';
import { tracedIn } from './traced';

const RUNGS: Rung[] = [1, 2, 3, 4, 5];
const DAY = '2026-10-28';
const child = (birthMonth: string, rungs: Child['rungs'] = {}): Child => ({
  id: 'c',
  name: 'C',
  birthMonth,
  hatch: 'dots',
  ...blankChild,
  rungs,
});
const hand = (birthMonth: string): Writer => writerOf(child(birthMonth), DAY);
describe('age', () => {
  it('a birthday counts from the first of its month', () => {
    expect(ageOn('2017-10', '2026-10-01')).toBe(9);
    expect(ageOn('2017-11', '2026-10-31')).toBe(8);
    expect(gradeOf('2017-03', DAY)).toBe(4);
  });
  it('proposes a rung for every age, never lower for an older child', () => {
    for (let age = 0; age < 18; age++)
      expect(proposedRung(age + 1)).toBeGreaterThanOrEqual(proposedRung(age));
    expect([3, 6, 8, 9, 12].map(proposedRung)).toEqual([1, 2, 3, 4, 5]);
  });
  it('a rung set by hand stands before the one from age', () => {
    expect(rungOf(child('2017-03'), 'writing', DAY)).toBe(4);
    expect(rungOf(child('2017-03', { writing: 2 }), 'writing', DAY)).toBe(2);
  });
});

describe('copying', () => {
  const PROSE =
    'Mr. Aldo Hobb kept the mill at Lower Reed for forty years. He rose before the sun. When the gate was drawn, the wheel began to turn, slowly at first and then much faster than before. The stones must never touch. J. R. Tamm wrote it down. So the roof stood, year after year, over the stones.';

  it('goes through verse by phrases, lines, stanzas', () => {
    expect(piecesFor(POEM, 2).slice(0, 5)).toEqual([
      'Off the hill',
      'the grey flock came',
      'Each to her own bell',
      'each to her name',
      'Shear it and wash it',
    ]);
    expect(piecesFor(POEM, 3)).toEqual(POEM.split(/\n+/));
    expect(piecesFor(POEM, 4)).toEqual(POEM.split('\n\n'));
  });
  it('goes through prose by whole sentences: one of at most twelve words, two or three, sixty to eighty words', () => {
    expect(piecesFor(PROSE, 3)).toEqual([
      'Mr. Aldo Hobb kept the mill at Lower Reed for forty years.',
      'He rose before the sun.',
      'The stones must never touch.',
      'J. R. Tamm wrote it down.',
      'So the roof stood, year after year, over the stones.',
    ]);
    const sentences = unitsIn(PROSE);
    expect(sentences).toHaveLength(6);
    for (const rung of [4, 5] as const)
      for (const piece of piecesFor(PROSE, rung)) {
        expect(unitsIn(piece).every((u) => sentences.includes(u))).toBe(true);
        expect(unitsIn(piece).length).toBeLessThanOrEqual(rung === 4 ? 3 : 6);
        expect(wordCount(piece)).toBeLessThanOrEqual(rung === 4 ? 40 : 80);
      }
  });
  it.each([
    ['Mr. Aldo Hobb kept the mill at Lower Reed.', ['Mr. Aldo Hobb', 'kept the mill', 'at Lower Reed']],
    ['His daughter Jette learnt the trade from him.', ['His daughter Jette', 'learnt the trade', 'from him']],
    ['The old miller has sold his last sack.', ['The old miller', 'has sold his last sack']],
    ['The miller gave the boy a loaf.', ['The miller', 'gave the boy a loaf']],
    ['Slowly the great wheel began its work.', ['Slowly the great wheel', 'began its work']],
  ])('cuts no phrase between what is done and what it is done to: %s', (text, phrases) =>
    expect(phrasesIn(text)).toEqual(phrases),
  );
  it.each(['Off the hill, and over the bridge, the grey flock came to the fold.', POEM, PROSE])(
    'asks for whole phrases of two words or more on rung 2: %s',
    (text) => {
      for (const phrase of phrasesIn(text)) {
        expect(text.replace(/\s+/g, ' ')).toContain(phrase);
        expect(wordCount(phrase)).toBeGreaterThanOrEqual(2);
        expect(wordCount(phrase)).toBeLessThanOrEqual(8);
      }
      expect(
        phrasesIn(text)
          .join(' ')
          .match(/\p{L}+/gu),
      ).toEqual(text.match(/\p{L}+/gu));
    },
  );
  it('takes each lesson where the one before left off, the whole at the end for those who can, and then anew in another way', () => {
    const at = (rung: Rung, place: number): string =>
      copyText(aMaterial({ place, walk: { place, of: 6 } }), rung, hand('2014-05')).text;
    for (const rung of [2, 3] as const) {
      const pieces = piecesFor(POEM, rung);
      expect(pieces.map((_, i) => at(rung, i))).toEqual(pieces);
    }
    expect([at(4, 0), at(4, 1), at(4, 5)]).toEqual([...POEM.split('\n\n'), POEM]);
    expect(at(3, 5)).not.toBe(POEM);
    const says = (place: number): string =>
      copyingVersion(aMaterial({ place, walk: { place, of: 9 } }), 4, hand('2017-05')).wording;
    expect([says(0), says(2), says(4)].map((w) => w.split(',')[0])).toEqual([
      'Copy',
      'Look',
      'Have it dictated',
    ]);
    expect(new Set(Array.from({ length: 8 }, (_, i) => says(i))).size).toBe(8);
  });
  it('traces the initial, then words of four letters at most', () => {
    const lesson = { title: 'Carding and combing', topics: [], objective: '', passage: '' };
    const traced = tracedIn(
      {
        title: 'Wool',
        vocabulary: ['hook', 'wool', 'fleece'].map((word) => ({ id: word, word, meaning: '' })),
        passage: POEM,
      },
      Array.from({ length: 6 }, () => lesson),
    ).map((t) => copyText(aMaterial({ traced: t }), 1, hand('2023-04')).text);
    expect(traced.slice(0, 3)).toEqual(['C', 'hook', 'wool']);
    expect(traced.every((w) => w.length <= 4)).toBe(true);
  });

  const passage = fc
    .array(
      fc
        .array(
          fc
            .array(fc.stringMatching(/^[a-zäé][a-zäé’]{0,11}$/), { minLength: 1, maxLength: 12 })
            .map((w) => w.join(' ')),
          { minLength: 1, maxLength: 8 },
        )
        .map((l) => l.join('\n')),
      { minLength: 1, maxLength: 6 },
    )
    .map((s) => s.join('\n\n'));

  it('asks never more than the passage, and never breaks off within a line or a sentence', () => {
    fc.assert(
      fc.property(
        passage,
        fc.constantFrom<Rung>(3, 4, 5),
        fc.nat(20),
        fc.option(fc.integer({ min: 13, max: 80 }), { nil: null }),
        (text, rung, place, words) => {
          const m = aMaterial({ passage: text, walk: { place, of: 21 } });
          const given = copyText(m, rung, hand('2017-05'), words);
          const units = unitsIn(text);
          // Where a line or a sentence has more words than are asked for, whole phrases are copied.
          if (words !== null && units.some((u) => wordCount(u) > words)) return;
          const lines = given.text.split(/\n+/);
          if (isVerse(text)) for (const line of lines) expect(units).toContain(line);
          else
            expect(
              units.some((u) => given.text.startsWith(u)) && units.some((u) => given.text.endsWith(u)),
            ).toBe(true);
          expect(given.text.length).toBeGreaterThan(0);
          expect(lettersOf(given.text)).toBeLessThanOrEqual(lettersOf(text));
          expect(joined(text, units).replace(/\s+/g, ' ')).toBe(text.trim().replace(/\s+/g, ' '));
          if (words !== null && unitsIn(given.text).length > 1)
            expect(wordCount(given.text)).toBeLessThanOrEqual(words);
        },
      ),
    );
  });

  it('fits the stretch of attention, or is cut until it does and says so', () => {
    fc.assert(
      fc.property(
        passage,
        fc.integer({ min: 2010, max: 2023 }),
        fc.constantFrom(...RUNGS),
        (text, year, rung) => {
          const writer = writerOf(child(`${year}-05`), DAY);
          const m = aMaterial({ passage: text });
          const { asked, text: given } = copyText(m, rung, writer);
          const version = copyingVersion(m, rung, writer);
          const minutes = (t: string): number => minutesToCopy(lettersOf(t), writer.rate);
          if (given !== asked) {
            expect(minutes(asked)).toBeGreaterThan(writer.stretch);
            expect(version.note).toContain(`more than the ${writer.stretch} min that suit this age`);
          }
          if (given === asked && minutes(given) > writer.stretch)
            expect(version.note).toMatch(/^Even one (?:line|phrase|sentence)/);
          expect(version.minutes).toBeGreaterThan(0);
        },
      ),
    );
  });

  it('offers a six-year-old on the highest rung less than the rung asks for', () => {
    const long = Array.from(
      { length: 9 },
      (_, i) => `The ${i + 3} grey sheep of the hill came down to the old barn.`,
    ).join(' ');
    const version = copyingVersion(aMaterial({ passage: long }), 5, hand('2020-06'));
    expect(version.note).toMatch(
      /^All 7\d words would take \d+ min, more than the 12 min that suit this age\. Offered: the first \d+ words\.$/,
    );
  });

  it('knows verse from prose', () => {
    expect([POEM, PROSE, 'One line of it', 'A line\nanother'].map(isVerse)).toEqual([
      true,
      false,
      false,
      true,
    ]);
  });

  it('takes its minutes from the child’s own hand once ten minutes of it were measured, the table’s before', () => {
    const mark = (minutes: number, letters: number): Mark => ({
      id: 'm',
      partId: 'p',
      childId: 'c',
      date: DAY,
      outcome: 'done',
      ...blankMark,
      minutes,
      letters,
    });
    const c = child('2017-03');
    expect(writerOf(c, DAY, [mark(6, 60)])).toMatchObject({ measuredOn: 0, rate: sustainedRate(4) });
    expect(writerOf(c, DAY, [mark(6, 60), mark(6, 60)])).toMatchObject({ measuredOn: 2, rate: 10 });
    const [slow, table] = [writerOf(c, DAY, [mark(6, 60), mark(6, 60)]), writerOf(c, DAY)];
    expect(copyingVersion(aMaterial({ passage: POEM + '\n\n' + POEM }), 4, slow).minutes).toBeGreaterThan(
      copyingVersion(aMaterial({ passage: POEM + '\n\n' + POEM }), 4, table).minutes,
    );
    expect(writerOf(c, DAY, [{ ...mark(30, 60), childId: 'another' }]).measuredOn).toBe(0);
  });

  it('needs the parent beside a child who traces, and not one who copies a stanza', () => {
    const traced = copyingVersion(aMaterial(), 1, hand('2023-04'));
    expect(traced).toMatchObject({
      wording: 'Trace, for “Shearing day”: “C”',
      parentMinutes: traced.minutes,
    });
    expect(copyingVersion(aMaterial(), 4, hand('2017-03')).parentMinutes).toBe(0);
  });
});

describe('telling back', () => {
  const at = (speaking: Rung, writing: Rung): Rung =>
    tellingRung((s) => (s === 'speaking' ? speaking : writing));
  it('is spoken as high as a child speaks, and written only as high as they write', () => {
    expect(at(5, 2)).toBe(3);
    expect(at(5, 4)).toBe(4);
    expect(at(2, 5)).toBe(2);
    expect(at(4, 5)).toBe(4);
  });
  it('asks a slow hand for fewer sentences and says why', () => {
    expect(tellingVersion(aMaterial(), 5, hand('2014-05')).wording).toMatch(
      /^Write 8–10 sentences, from two sources, on “Shearing day”/,
    );
    const young = tellingVersion(aMaterial(), 5, hand('2020-06'));
    expect(young.wording).toMatch(/^Write \d sentences?, from two sources/);
    expect(young.note).toContain('Offered:');
  });
  it('grows on the fifth rung with the grade: length, sources, argument', () => {
    const at = (birth: string): string => tellingVersion(aMaterial(), 5, hand(birth)).wording;
    const [twelve, fourteen, sixteen] = ['2014-05', '2012-05', '2010-05'].map(at);
    expect(twelve).toContain('8–10 sentences, from two sources');
    expect(fourteen).toMatch(/11–14 sentences, from three sources.*weigh one source/);
    expect(sixteen).toMatch(/15–20 sentences, from four sources.*a claim of your own/);
  });
});

describe('giving out the work', () => {
  const plan = {
    ...aPlan(
      1,
      { units: [aUnit({ passage: POEM })], lessons: [aLesson('l1', { rungMoves: { c1: -1 } })] },
      (l) => [aPart('tell', l, { kind: 'tell-back' }), aPart('copy', l, { kind: 'copying' }), aPart('do', l)],
    ),
    children: [
      { ...child('2014-05'), id: 'c1' },
      { ...child('2020-06'), id: 'c2' },
    ],
  };

  const copy = plan.parts.find((p) => p.id === 'copy')!;
  it('gives each child a version of what the ladder makes, and of nothing else', () => {
    expect(assignments(plan).map((a) => `${a.partId} ${a.childId} ${a.rung}`)).toEqual([
      'tell c1 4',
      'tell c2 2',
      'copy c1 4',
      'copy c2 2',
    ]);
  });
  it('moves a child for one lesson, and keeps them on the ladder', () => {
    const [lesson] = plan.lessons;
    const [unit] = plan.units;
    const { rungFor, versionOf } = ladderOf(plan);
    expect(rungFor({ part: copy, child: plan.children[0], lesson, unit })).toBe(4);
    expect(
      rungFor({ part: copy, child: plan.children[1], lesson: { ...lesson, rungMoves: { c2: -4 } }, unit }),
    ).toBe(1);
    expect(versionOf({ part: copy, child: plan.children[1], lesson, unit }, 1).wording).toBe(
      'Trace, for “Lesson l1”: “C”',
    );
  });
  it('leaves what was worded by hand', () => {
    const byHand = {
      ...assignments(plan)[0],
      wording: 'Tell it to your grandmother',
      minutes: 7,
      byHand: true,
    };
    expect(assignments({ ...plan, assignments: [byHand] })[0]).toEqual(byHand);
  });
  it('copies the lesson’s own passage before the unit’s, and nothing, not its title, when there is neither', () => {
    const [unit] = plan.units;
    const bare = { ...unit, passage: '' };
    const { versionOf } = ladderOf(plan);
    expect(
      versionOf(
        { part: copy, child: plan.children[0], lesson: aLesson('x', { passage: 'Its own line' }), unit },
        3,
      ).wording,
    ).toContain('“Its own line”');
    const lesson = aLesson('x2', { title: 'Wool on the hoof' });
    for (const kind of ['copying', 'memory'] as const)
      for (const rung of [1, 2, 3, 4, 5] as const) {
        const without = versionOf(
          { part: { ...copy, kind }, child: plan.children[0], lesson, unit: bare },
          rung,
        );
        expect(without).toMatchObject({ minutes: 0, parentMinutes: 0, amount: '', letters: 0, supplies: '' });
        expect(without.wording).toMatch(/^Nothing to (copy|learn by heart): there is no passage$/);
      }
  });
});

describe('children under three', () => {
  const plan = aPlan(
    1,
    {
      children: [
        ...aPlan(1).children,
        { ...aPlan(1).children[0], id: 'c3', name: 'c3', birthMonth: '2024-10' },
      ],
      units: [aUnit({ childIds: ['c1', 'c2', 'c3'] })],
    },
    (l) => [aPart('page', l, { kind: 'notebook', minutes: null }), aPart('walk', l, { kind: 'walk' })],
  );
  const who = (p: Plan): string[] => assignments(p).map((a) => a.childId);
  it('are not in what names nobody, and get no work', () => {
    expect(plan.parts.map((p) => childrenOf(p, plan.units[0], plan.children).map((c) => c.id))).toEqual([
      ['c1', 'c2'],
      ['c1', 'c2'],
    ]);
    expect(who(plan)).toEqual(['c1', 'c2']);
  });
  it('come along when they are named, and still get no work', () => {
    const named = { ...plan, parts: plan.parts.map((p) => ({ ...p, childIds: ['c1', 'c3'] })) };
    expect(childrenOf(named.parts[1], plan.units[0], plan.children).map((c) => c.id)).toEqual(['c1', 'c3']);
    expect(who(named)).toEqual(['c1']);
    expect(partMinutes(named)(named.parts[0], plan.units[0]).minutes.c3).toBe(0);
  });
  it('are in it from the month they are three', () => {
    const older = {
      ...plan,
      children: plan.children.map((c) => (c.id === 'c3' ? { ...c, birthMonth: '2023-08' } : c)),
    };
    expect(who(older)).toEqual(['c1', 'c2', 'c3']);
  });
  it('are in what names nobody where there is nobody else', () => {
    const alone = { ...plan, units: [aUnit({ childIds: ['c3'] })] };
    expect(childrenOf(plan.parts[1], alone.units[0], plan.children).map((c) => c.id)).toEqual(['c3']);
    expect(who(alone)).toEqual([]);
  });
});
