'use server';
import { shortDate } from '@/core/calendar/dates';
import { closeUnit as close, reopenUnit as reopen } from '@/core/command/unit';
import { taughtOf } from '@/core/layout/taught';
import { childName } from '@/core/plan/called';
import { kindName } from '@/core/plan/part-kinds';
import { leavingsOf } from '@/core/record/leavings';
import { readDrawn } from '@/data/door';
import { give } from '../act';
import { today } from '../clock';
import { desk } from '../desk';
import type { Outcome } from '../outcome';

export const closeUnit = async (base: number, input: unknown): Promise<Outcome> => give(close, base, input);
export const reopenUnit = async (base: number, unitId: string): Promise<Outcome> =>
  give(reopen, base, unitId);

/** What a unit leaves, to be read before it is closed. */
export interface Leaves {
  lessons: number;
  taught: number;
  left: string[];
  parts: { id: string; name: string }[];
  rules: { id: string; name: string }[];
  giveBack: string[];
  passOn: { id: string; name: string }[];
  sheets: string[];
}

/** @returns undefined where the unit is gone */
export async function leavesOf(unitId: string): Promise<Leaves | undefined> {
  const { db } = await desk();
  const { plan } = readDrawn(db);
  const unit = plan.units.find((u) => u.id === unitId);
  if (!unit) return undefined;
  const { lessons, parts, rules, giveBack, passOn, sheets } = leavingsOf(plan, unit, today());
  const counts = taughtOf(plan, unitId);
  return {
    lessons: counts.lessons,
    taught: counts.taught,
    left: lessons.map((l) => l.lesson.title),
    parts: parts.map((p) => ({ id: p.id, name: `${p.title} (${kindName(p.kind)})` })),
    rules: rules.map((r) => ({ id: r.id, name: r.title })),
    giveBack: giveBack.map(({ book, due }) => `${book.title}${due ? `, by ${shortDate(due)}` : ''}`),
    passOn: passOn.map(({ book, pullId }) => ({ id: pullId, name: book.title })),
    sheets: sheets.map((s) => `${childName(plan, s.childId)}: ${s.title}`),
  };
}
