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
import { assignments, ladderOf } from './assign';
import { copyingVersion, cutFor, firstWords, wordCount } from './copying';
import {
  attentionStretch,
  lettersOf,
  minutesToCopy,
  sustainedRate,
  writerOf,
  type Writer,
} from './handwriting';
import { blankChild } from '../plan/blank';
import { proposedRung, rungOf } from '../plan/rungs';
import { tellingRung, tellingVersion } from './telling-back';

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
const POEM =
  'Off the hill the grey flock came,\nEach to her own bell, each to her name.\n\nShear it and wash it and hang it to dry,\nWool for the winter and none to deny.';

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
  it('cuts a word, three words, a line, a stanza, all', () => {
    expect(RUNGS.map((r) => cutFor(POEM, r))).toEqual([
      'flock',
      'Off the hill',
      'Off the hill the grey flock came,',
      POEM.split('\n\n')[0],
      POEM,
    ]);
  });

  const passage = fc
    .array(
      fc
        .array(
          fc
            .array(fc.stringMatching(/^[a-zäé’]{1,12}$/), { minLength: 1, maxLength: 12 })
            .map((w) => w.join(' ')),
          { minLength: 1, maxLength: 8 },
        )
        .map((l) => l.join('\n')),
      { minLength: 1, maxLength: 6 },
    )
    .map((s) => s.join('\n\n'));

  it('asks never more than the passage, and more on a higher rung', () => {
    fc.assert(
      fc.property(passage, (text) => {
        const amounts = RUNGS.map((r) => lettersOf(cutFor(text, r)));
        expect(amounts[4]).toBeLessThanOrEqual(lettersOf(text));
        for (const r of [2, 3, 4]) expect(amounts[r]).toBeGreaterThanOrEqual(amounts[r - 1]);
      }),
    );
  });

  it('fits the stretch of attention, or is cut until it does and says so', () => {
    fc.assert(
      fc.property(
        passage,
        fc.integer({ min: 2010, max: 2023 }),
        fc.constantFrom(...RUNGS),
        (text, year, rung) => {
          const c = child(`${year}-05`);
          const version = copyingVersion(text, rung, writerOf(c, DAY));
          const full = minutesToCopy(
            lettersOf(cutFor(text, rung)),
            sustainedRate(gradeOf(c.birthMonth, DAY)),
          );
          const stretch = attentionStretch(ageOn(c.birthMonth, DAY));
          if (full <= stretch) expect(version.note).toBe('');
          else if (wordCount(cutFor(text, rung)) > 1)
            expect(version.note).toContain(`more than the ${stretch} min that suit this age`);
          expect(version.minutes).toBeGreaterThan(0);
        },
      ),
    );
  });

  it('offers a six-year-old on the highest rung less than the whole poem', () => {
    const version = copyingVersion(`${POEM}\n\n${POEM}`, 5, hand('2020-06'));
    expect(version.note).toMatch(
      /^All 68 words would take \d+ min of writing, more than the 12 min that suit this age\. Offered: the first \d+ words\.$/,
    );
  });

  it('copies so many words of the passage where the family says how many, never more than there are', () => {
    fc.assert(
      fc.property(passage, fc.integer({ min: 1, max: 80 }), (text, n) => {
        const words = firstWords(text, n);
        expect(text.trim().startsWith(words)).toBe(true);
        expect(wordCount(words)).toBe(Math.min(n, wordCount(text)));
      }),
    );
    expect(copyingVersion(POEM, 3, hand('2014-05'), 4).wording).toBe(
      'Copy from the passage, 4 words: “Off the hill the…”',
    );
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
    expect(copyingVersion(POEM, 4, slow).minutes).toBeGreaterThan(copyingVersion(POEM, 4, table).minutes);
    expect(writerOf(c, DAY, [{ ...mark(30, 60), childId: 'another' }]).measuredOn).toBe(0);
  });

  it('needs the parent beside a child who traces, and not one who copies a stanza', () => {
    expect(copyingVersion(POEM, 1, hand('2023-04'))).toMatchObject({
      wording: 'Trace “flock”',
      parentMinutes: copyingVersion(POEM, 1, hand('2023-04')).minutes,
    });
    expect(copyingVersion(POEM, 4, hand('2017-03')).parentMinutes).toBe(0);
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
    expect(tellingVersion(5, hand('2014-05')).wording).toBe('Write 8–10 sentences, from two sources');
    const young = tellingVersion(5, hand('2020-06'));
    expect(young.wording).toMatch(/^Write \d sentences?, from two sources$/);
    expect(young.note).toContain('Offered:');
    expect(young.minutes - 3).toBeLessThanOrEqual(attentionStretch(6));
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
    expect(versionOf({ part: copy, child: plan.children[1], lesson, unit }, 1).wording).toBe('Trace “flock”');
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
    ).toContain('“Its own line…”');
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
