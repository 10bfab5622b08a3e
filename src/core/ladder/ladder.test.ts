import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aLesson, aPart, aPlan, aUnit } from '../../../tests/sample-plan';
import type { Rung } from '../plan/measures';
import type { Child } from '../plan/plan';
import { ageOn, gradeOf } from './age';
import { assignments, rungFor, versions } from './assign';
import { copyingVersion, cutFor, wordCount } from './copying';
import { attentionStretch, lettersOf, minutesToCopy } from './handwriting';
import { proposedRung, rungOf } from './rungs';
import { tellingRung, tellingVersion } from './telling-back';

const RUNGS: Rung[] = [1, 2, 3, 4, 5];
const DAY = '2026-10-28';
const child = (birthMonth: string, rungs: Child['rungs'] = {}): Child => ({ id: 'c', name: 'C', birthMonth, hatch: 'dots', minutes: 100, rungs, mouths: false });
const POEM = 'Off the hill the grey flock came,\nEach to her own bell, each to her name.\n\nShear it and wash it and hang it to dry,\nWool for the winter and none to deny.';

describe('age', () => {
  it('a birthday counts from the first of its month', () => {
    expect(ageOn('2017-10', '2026-10-01')).toBe(9);
    expect(ageOn('2017-11', '2026-10-31')).toBe(8);
    expect(gradeOf('2017-03', DAY)).toBe(4);
  });
  it('proposes a rung for every age, never lower for an older child', () => {
    for (let age = 0; age < 18; age++) expect(proposedRung(age + 1)).toBeGreaterThanOrEqual(proposedRung(age));
    expect([3, 6, 8, 9, 12].map(proposedRung)).toEqual([1, 2, 3, 4, 5]);
  });
  it('a rung set by hand stands before the one from age', () => {
    expect(rungOf(child('2017-03'), 'writing', DAY)).toBe(4);
    expect(rungOf(child('2017-03', { writing: 2 }), 'writing', DAY)).toBe(2);
  });
});

describe('copying', () => {
  it('cuts a word, three words, a line, a stanza, all', () => {
    expect(RUNGS.map((r) => cutFor(POEM, r))).toEqual(['flock', 'Off the hill', 'Off the hill the grey flock came,', POEM.split('\n\n')[0], POEM]);
  });

  const passage = fc.array(fc.array(fc.array(fc.stringMatching(/^[a-zäé’]{1,12}$/), { minLength: 1, maxLength: 12 }).map((w) => w.join(' ')), { minLength: 1, maxLength: 8 }).map((l) => l.join('\n')), { minLength: 1, maxLength: 6 }).map((s) => s.join('\n\n'));

  it('asks never more than the passage, and more on a higher rung', () => {
    fc.assert(fc.property(passage, (text) => {
      const amounts = RUNGS.map((r) => lettersOf(cutFor(text, r)));
      expect(amounts[4]).toBeLessThanOrEqual(lettersOf(text));
      for (const r of [2, 3, 4]) expect(amounts[r]).toBeGreaterThanOrEqual(amounts[r - 1]);
    }));
  });

  it('fits the stretch of attention, or is cut until it does and says so', () => {
    fc.assert(fc.property(passage, fc.integer({ min: 2010, max: 2023 }), fc.constantFrom(...RUNGS), (text, year, rung) => {
      const c = child(`${year}-05`);
      const version = copyingVersion(text, rung, c, DAY);
      const full = minutesToCopy(lettersOf(cutFor(text, rung)), gradeOf(c.birthMonth, DAY));
      const stretch = attentionStretch(ageOn(c.birthMonth, DAY));
      if (full <= stretch) expect(version.note).toBe('');
      else if (wordCount(cutFor(text, rung)) > 1) expect(version.note).toContain(`more than the ${stretch} min that suit this age`);
      expect(version.minutes).toBeGreaterThan(0);
    }));
  });

  it('offers a six-year-old on the highest rung less than the whole poem', () => {
    const version = copyingVersion(`${POEM}\n\n${POEM}`, 5, child('2020-06'), DAY);
    expect(version.note).toMatch(/^All 68 words would take \d+ min of writing, more than the 12 min that suit this age\. Offered: the first \d+ words\.$/);
  });

  it('needs the parent beside a child who traces, and not one who copies a stanza', () => {
    expect(copyingVersion(POEM, 1, child('2023-04'), DAY)).toMatchObject({ wording: 'Trace “flock”', parentMinutes: copyingVersion(POEM, 1, child('2023-04'), DAY).minutes });
    expect(copyingVersion(POEM, 4, child('2017-03'), DAY).parentMinutes).toBe(0);
  });
});

describe('telling back', () => {
  const at = (speaking: Rung, writing: Rung): Rung => tellingRung((s) => (s === 'speaking' ? speaking : writing));
  it('is spoken as high as a child speaks, and written only as high as they write', () => {
    expect(at(5, 2)).toBe(3);
    expect(at(5, 4)).toBe(4);
    expect(at(2, 5)).toBe(2);
    expect(at(4, 5)).toBe(4);
  });
  it('asks a slow hand for fewer sentences and says why', () => {
    expect(tellingVersion(5, child('2014-05'), DAY).wording).toBe('Write 8–10 sentences, from two sources');
    const young = tellingVersion(5, child('2020-06'), DAY);
    expect(young.wording).toMatch(/^Write \d sentences?, from two sources$/);
    expect(young.note).toContain('Offered:');
    expect(young.minutes - 3).toBeLessThanOrEqual(attentionStretch(6));
  });
});

describe('giving out the work', () => {
  const plan = {
    ...aPlan(1, { units: [aUnit({ passage: POEM })], lessons: [aLesson('l1', { rungMoves: { c1: -1 } })] }, (l) => [aPart('tell', l, { kind: 'tell-back' }), aPart('copy', l, { kind: 'copying' }), aPart('do', l)]),
    children: [{ ...child('2014-05'), id: 'c1' }, { ...child('2020-06'), id: 'c2' }],
  };

  const copy = plan.parts.find((p) => p.id === 'copy')!;
  it('gives each child a version of what the ladder makes, and of nothing else', () => {
    expect(assignments(plan).map((a) => `${a.partId} ${a.childId} ${a.rung}`)).toEqual(['tell c1 4', 'tell c2 2', 'copy c1 4', 'copy c2 2']);
  });
  it('moves a child for one lesson, and keeps them on the ladder', () => {
    const [lesson] = plan.lessons;
    const [unit] = plan.units;
    expect(rungFor('copying', plan.children[0], lesson, unit)).toBe(4);
    expect(rungFor('copying', plan.children[1], { ...lesson, rungMoves: { c2: -4 } }, unit)).toBe(1);
    expect(versions(plan)(1, copy, 'copying', plan.children[1], lesson, unit).wording).toBe('Trace “flock”');
  });
  it('leaves what was worded by hand', () => {
    const byHand = { ...assignments(plan)[0], wording: 'Tell it to your grandmother', minutes: 7, byHand: true };
    expect(assignments({ ...plan, assignments: [byHand] })[0]).toEqual(byHand);
  });
  it('copies the lesson’s own passage before the unit’s, and its title when there is neither', () => {
    const [unit] = plan.units;
    const bare = { ...unit, passage: '' };
    expect(versions(plan)(3, copy, 'copying', plan.children[0], aLesson('x', { passage: 'Its own line' }), unit).wording).toContain('“Its own line…”');
    expect(versions(plan)(3, copy, 'copying', plan.children[0], aLesson('x2', { title: 'Wool on the hoof' }), bare).wording).toContain('“Wool on the hoof…”');
  });
});
