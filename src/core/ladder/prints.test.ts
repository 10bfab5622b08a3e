import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { after } from '../../../tests/after';
import { markDone } from '../edit/today';
import { readHausplanJson } from '../formats/hausplan-json';
import { printsIn } from './prints';

const read = readHausplanJson(readFileSync('demo/fleece.json', 'utf8'));
if (!('plan' in read)) throw new Error('the demo cannot be read');
const { plan } = read;
const DAY = '2026-10-28';
const [OTTILIE, BRAM] = plan.children.map((c) => c.id);
const sheets = (p: typeof plan): Record<string, number> =>
  Object.fromEntries(printsIn(p, DAY, DAY).flatMap((l) => l.pages.map((x) => [x.childId, x.count])));

describe('what is to be printed', () => {
  it('is a page for each child whose work takes one, and none for what is said or done', () => {
    const [lesson, ...more] = printsIn(plan, DAY, DAY).filter((l) => l.title === 'Colour from the dye pot');
    expect(more).toEqual([]);
    expect(lesson).toMatchObject({ number: 8, on: DAY });
    const copying = plan.parts.find((p) => p.lessonId === lesson.lessonId && p.kind === 'copying')!;
    for (const child of plan.assignments.filter((a) => a.partId === copying.id).map((a) => a.childId))
      expect(lesson.pages.some((p) => p.childId === child && p.count > 0)).toBe(true);
  });

  it('is less by what a child has done, and nothing for who takes no part', () => {
    const copying = plan.parts.find(
      (p) => p.kind === 'copying' && plan.sittings.some((s) => s.partId === p.id && s.date === DAY),
    )!;
    const done = after(plan, markDone(copying.id, BRAM, DAY));
    expect(sheets(done)[BRAM] ?? 0).toBe(sheets(plan)[BRAM] - 1);
    expect(sheets(done)[OTTILIE]).toBe(sheets(plan)[OTTILIE]);
  });

  it('comes in the order in which it is used', () => {
    const dates = printsIn(plan, DAY, '2026-12-31').map((l) => l.on);
    expect(dates).toEqual([...dates].sort());
    expect(dates.length).toBeGreaterThan(3);
  });
});
