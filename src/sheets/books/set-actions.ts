'use server';
import * as commands from '@/core/command/library';
import { z } from 'zod';
import { askingFor, type Asking } from '@/core/loans/choosing';
import { lessonsOf } from '@/core/plan/lookup';
import type { Plan } from '@/core/plan/plan';
import type { Unit } from '@/core/plan/unit';
import { readDrawn } from '@/data/door';
import { desk } from '../frame/desk';
import { give } from '../frame/act';
import { today } from '../frame/clock';
import type { Outcome } from '../frame/outcome';
import { catalogue } from '../frame/library/library';

const wishes = z.strictObject({
  perLesson: z.int().min(1).max(12),
  pinned: z.array(z.string().max(300)).max(300),
  banned: z.array(z.string().max(300)).max(300),
  library: z.boolean(),
});

/** What is to be chosen from, for the worker: the shelf, and what the library has on the unit's lessons. */
export async function askForSet(
  unitId: string,
  input: unknown,
): Promise<{ asking: Asking; unit: Unit; libraryWrong: string } | { wrong: string }> {
  const parsed = wishes.safeParse(input);
  if (!parsed.success) return { wrong: 'Say again how many books a lesson, and which to keep or leave out.' };
  const asked = parsed.data;
  const { plan } = readDrawn((await desk()).db);
  const unit = plan.units.find((u) => u.id === unitId);
  if (!unit) return { wrong: 'This unit is no longer in the plan.' };
  const heard = asked.library ? await catalogue(topicsOf(plan, unitId)) : { books: [] };
  const known = new Set(plan.loans.filter((l) => !l.back).map((l) => l.ref));
  const books =
    'wrong' in heard
      ? []
      : heard.books
          .filter((b) => !known.has(b.ref))
          .map((b) => ({ ref: b.ref, expected: b.until, book: { ...b.book, id: b.ref } }));
  return {
    asking: askingFor(plan, unit, books, asked, today()),
    unit,
    libraryWrong: 'wrong' in heard ? heard.wrong : '',
  };
}

/** Takes the books of a proposal that the parent wants; what comes from the library is looked up there again. */
export async function takeProposal(base: number, unitId: string, input: unknown): Promise<Outcome> {
  const parsed = commands.takeProposal.shape.safeParse(input);
  const { plan: now } = readDrawn((await desk()).db);
  const wanted = parsed.success
    ? parsed.data.filter((p) => !now.books.some((b) => b.id === p.id)).map((p) => p.id)
    : [];
  if (!wanted.length) return give(commands.takeProposal, base, input, { unitId, found: [] });
  const heard = await catalogue(topicsOf(now, unitId));
  if ('wrong' in heard) return { is: 'refused', refused: heard.wrong };
  return give(commands.takeProposal, base, input, {
    unitId,
    found: heard.books
      .filter((b) => wanted.includes(b.ref))
      .map((b) => ({ ref: b.ref, draft: b.book, until: b.until })),
  });
}

/** What the lessons of a unit are about, to ask a library by. */
const topicsOf = (plan: Plan, unitId: string): string =>
  lessonsOf(plan, unitId)
    .flatMap((l) => [l.title, ...l.topics.map((t) => t.title)])
    .join(' ')
    .slice(0, 2000);
