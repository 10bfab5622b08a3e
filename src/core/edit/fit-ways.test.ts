import { describe, expect, it } from 'vitest';
import { aPart, aPlan, aUnit } from '../../../tests/sample-plan';
import { blankBook, blankLoan } from '../plan/blank';
import { redraw } from '../layout/redraw';
import { conflictInWords } from '../layout/conflict';
import { verdictInWords, verdictOf } from '../layout/verdict';
import type { Adult } from '../plan/household';
import type { Plan } from '../plan/plan';
import { perform } from './edit';
import { waysToFit } from './fit-ways';
import type { Way } from './way';

const TODAY = '2026-08-31';
let made = 0;
const CONTEXT = { today: TODAY, newId: (): string => `n${++made}` };
const WENKE: Adult = {
  id: 'wenke',
  name: 'Wenke',
  minutes: 120,
  weekdays: [1, 2, 3, 4, 5],
  starts: null,
  ends: null,
};

/** Ten lessons in two weeks; the parent leads two parts of forty minutes in each, and has an hour a day. */
const tight = (over: Partial<Plan> = {}): Plan => {
  const plan = aPlan(10, { units: [aUnit({ lessonsPerWeek: 5, wishedEnd: '2026-09-11' })], ...over }, (l) => [
    aPart(`${l}-a`, l, { lead: 'leads', minutes: 40 }),
    aPart(`${l}-b`, l, { lead: 'leads', minutes: 40 }),
  ]);
  return redraw({ ...plan, family: { ...plan.family!, leadMinutes: 60 } }, { today: TODAY }).plan;
};
const isMet = (plan: Plan): boolean => {
  const v = verdictOf(plan, 'u1', TODAY)!;
  return v.meetsEnd && v.placed === v.lessons;
};
const way = (plan: Plan, key: string): Way | undefined =>
  waysToFit(plan, 'u1', CONTEXT).find((w) => w.key.startsWith(key));
const taken = (plan: Plan, key: string): Plan => {
  const done = perform(way(plan, key)!.edit, plan, CONTEXT);
  if ('refused' in done) throw new Error(done.refused);
  return done.plan;
};

describe('where what you can lead stands against it', () => {
  it('another adult leads as much as it takes, where that makes it fit', () => {
    const plan = tight({ adults: [WENKE] });
    expect(isMet(plan)).toBe(false);
    expect(way(plan, 'adult')?.does).toBe('Wenke leads what is done beside reading');
    expect(isMet(taken(plan, 'adult'))).toBe(true);
  });
  it('is not offered where that adult is not there enough, or there is none', () => {
    expect(way(tight(), 'adult')).toBeUndefined();
    expect(way(tight({ adults: [{ ...WENKE, weekdays: [6] }] }), 'adult')).toBeUndefined();
  });
  it('leaves with you what is done, in ink or led by another already', () => {
    const plan = tight({ adults: [WENKE] });
    const inked = {
      ...plan,
      sittings: plan.sittings.map((s, i) => (i ? s : { ...s, state: 'ink' as const })),
    };
    const after = taken(inked, 'adult');
    expect(after.parts.find((p) => p.id === inked.sittings[0].partId)?.adultId).toBeNull();
  });
});

describe('where reading aloud takes too much of what you can lead', () => {
  const reading = (born: string): Plan => {
    const plan = tight();
    const book = { ...blankBook, id: 'b', title: 'Wool', pages: 200, readFrom: 8, readTo: 14 };
    return redraw(
      {
        ...plan,
        family: { ...plan.family!, leadMinutes: 50 },
        sittings: [],
        children: plan.children.map((c) => ({ ...c, birthMonth: born })),
        books: [book],
        pulls: [{ id: 'p', unitId: 'u1', bookId: 'b', role: 'spine', read: 'aloud', childIds: [] }],
        uses: plan.lessons.map((l, i) => ({
          id: `use${i}`,
          pullId: 'p',
          lessonId: l.id,
          firstPage: 1 + i * 20,
          lastPage: 20 + i * 20,
        })),
        parts: plan.parts.map((p) =>
          p.id.endsWith('-a') ? { ...p, kind: 'read-aloud', title: 'Read together', minutes: null } : p,
        ),
      },
      { today: TODAY },
    ).plan;
  };
  it('those who can read the spine alone do, where that makes it fit', () => {
    const plan = reading('2016-05');
    expect(isMet(plan)).toBe(false);
    expect(way(plan, 'alone')?.does).toMatch(/ “Wool” alone$/);
    const after = taken(plan, 'alone');
    expect(isMet(after)).toBe(true);
    expect(after.pulls[0].read).toBe('alone');
  });
  it('not where one of them cannot', () => {
    const plan = reading('2021-05');
    expect(isMet(plan)).toBe(false);
    expect(way(plan, 'alone')).toBeUndefined();
  });
});

it('a unit that is met is offered nothing', () => {
  const plan = tight();
  const met = redraw(
    { ...plan, sittings: [], family: { ...plan.family!, leadMinutes: 240 } },
    { today: TODAY },
  );
  expect(isMet(met.plan)).toBe(true);
  expect(waysToFit(met.plan, 'u1', CONTEXT)).toEqual([]);
});

describe('where a borrowed book comes too late for the end', () => {
  // It can be fetched on Saturday 19 September; the unit is to end on the 18th.
  const card = { loans: 5, weeks: 3, renewals: 1, days: [2, 6] };
  const asked = aPlan(
    6,
    {
      units: [aUnit({ lessonsPerWeek: 3, wishedEnd: '2026-09-18' })],
      books: [
        { ...blankBook, id: 'late', title: 'Blue roads', pages: 40, source: 'borrowed' },
        { ...blankBook, id: 'here', title: 'Green roads', pages: 40, source: 'borrowed' },
      ],
      pulls: ['late', 'here'].map((bookId) => ({
        id: `p-${bookId}`,
        unitId: 'u1',
        bookId,
        role: 'together' as const,
        read: 'aloud' as const,
        childIds: [],
      })),
      uses: ['late', 'here'].map((id) => ({
        id: `u-${id}`,
        pullId: `p-${id}`,
        lessonId: id === 'late' ? 'l3' : 'l2',
        firstPage: 1,
        lastPage: 5,
      })),
      loans: [
        { ...blankLoan, id: 'ln1', bookId: 'late', asked: TODAY, expected: '2026-09-17' },
        { ...blankLoan, id: 'ln2', bookId: 'here', from: '2026-08-29', due: '2026-09-19' },
      ],
    },
    (l) => [aPart(`${l}-a`, l, { kind: 'read-aloud', minutes: 20 })],
  );
  const late = redraw({ ...asked, family: { ...asked.family!, card } }, { today: TODAY }).plan;

  it('the book is named, and none of the others, nor minutes or a pace', () => {
    expect(isMet(late)).toBe(false);
    const verdict = verdictOf(late, 'u1', TODAY)!;
    expect(verdict).toMatchObject({ heldBy: 'needs', needs: { of: '“Blue roads”' } });
    expect(verdictInWords(verdict)).toContain(
      'No pace meets it: “Blue roads” is not there in time for it; do without it, or move the end.',
    );
    expect(conflictInWords(late, 'u1', TODAY)).toBe(
      'These cannot stand together: the days on which “Blue roads” can be there and the end on Fri 18 Sep.',
    );
  });

  it('doing without it makes it fit, and leaves the other where it is', () => {
    expect(way(late, 'without:')!.does).toBe('Do without “Blue roads”');
    const without = taken(late, 'without:');
    expect(isMet(without)).toBe(true);
    expect(without.uses.map((u) => u.id)).toEqual(['u-here']);
    expect(without.loans.map((l) => l.id)).toEqual(['ln1', 'ln2']);
  });
});
