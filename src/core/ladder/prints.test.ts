import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { after } from '../../../tests/after';
import { setPrinted } from '../edit/ready';
import { markDone } from '../edit/today';
import { readHausplanJson } from '../formats/hausplan-json';
import { printsIn } from './prints';

const read = readHausplanJson(readFileSync('demo/fleece.json', 'utf8'));
if (!('plan' in read)) throw new Error('the demo cannot be read');
const { plan } = read;
const DAY = '2026-10-28';
const [OTTILIE, BRAM] = plan.children.map((c) => c.id);
const sheets = (p: typeof plan): Record<string, number> =>
  Object.fromEntries(printsIn(p, DAY, DAY).flatMap((l) => l.pages.map((x) => [x.childId, x.partIds.length])));

describe('what is to be printed', () => {
  it('is a page for each child whose work takes one, and none for what is said or done', () => {
    const [lesson, ...more] = printsIn(plan, DAY, DAY).filter((l) => l.title === 'Colour from the dye pot');
    expect(more).toEqual([]);
    expect(lesson).toMatchObject({ number: 8, on: DAY });
    const copying = plan.parts.find((p) => p.lessonId === lesson.lessonId && p.kind === 'copying')!;
    for (const child of plan.assignments.filter((a) => a.partId === copying.id).map((a) => a.childId))
      expect(lesson.pages.some((p) => p.childId === child && p.partIds.includes(copying.id))).toBe(true);
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

  it('is printed page by page: what is printed of one part says nothing of another', () => {
    const [lesson] = printsIn(plan, DAY, DAY);
    const page = lesson.pages.find((p) => p.partIds.length > 1)!;
    const printed = after(plan, setPrinted(page.partIds.slice(0, 1), page.childId, true, DAY));
    const now = (p: typeof plan): number =>
      printsIn(p, DAY, DAY)[0].pages.find((x) => x.childId === page.childId)!.printed;
    expect([now(plan), now(printed)]).toEqual([0, 1]);
    const done = after(printed, markDone(page.partIds[0], page.childId, DAY));
    expect(now(done)).toBe(0);
    expect(now(after(printed, setPrinted(page.partIds, page.childId, false, DAY)))).toBe(0);
  });
});
