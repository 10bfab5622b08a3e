'use server';
import { z } from 'zod';
import { askingFor, type Asking } from '@/core/loans/choosing';
import { takeSet, type Pick } from '@/core/edit/pages';
import type { LibraryBook } from '@/core/formats/opds';
import { lessonsOf } from '@/core/plan/lookup';
import { id } from '@/core/plan/measures';
import { role } from '@/core/plan/plan';
import type { Unit } from '@/core/plan/unit';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';
import { act } from '../frame/act';
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
  const { plan } = readDrawn(store());
  const unit = plan.units.find((u) => u.id === unitId);
  if (!unit) return { wrong: 'This unit is no longer in the plan.' };
  const heard = asked.library
    ? await catalogue(
        lessonsOf(plan, unitId)
          .flatMap((l) => [l.title, ...l.topics.map((t) => t.title)])
          .join(' ')
          .slice(0, 2000),
      )
    : { books: [] };
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

const pages = z.union([z.literal('all'), z.strictObject({ first: z.int().min(1), last: z.int().min(1) })]);

/** Takes the books of a proposal that the parent wants; what comes from the library is looked up there again. */
export async function takeProposal(base: number, unitId: string, input: unknown): Promise<Outcome> {
  const shape = z
    .array(
      z.strictObject({
        id: z.string().min(1).max(300),
        role,
        childId: id.nullable(),
        lessons: z.array(z.strictObject({ lessonId: id, pages })),
      }),
    )
    .min(1, 'choose at least one book')
    .max(300);
  const parsed = shape.safeParse(input);
  const { plan: now } = readDrawn(store());
  const wanted = parsed.success
    ? parsed.data.filter((p) => !now.books.some((b) => b.id === p.id)).map((p) => p.id)
    : [];
  const found = new Map<string, LibraryBook>();
  if (wanted.length) {
    const heard = await catalogue(
      lessonsOf(now, unitId)
        .flatMap((l) => [l.title, ...l.topics.map((t) => t.title)])
        .join(' ')
        .slice(0, 2000),
    );
    if ('wrong' in heard) return { is: 'refused', refused: heard.wrong };
    for (const b of heard.books) found.set(b.ref, b);
  }
  return act({
    base,
    input,
    shape,
    label: (v) => `Took ${v.length} ${v.length === 1 ? 'book' : 'books'} of the set`,
    edit: (v) => (plan, context) => {
      const picks: Pick[] = [];
      for (const p of v) {
        const lib = found.get(p.id);
        if (!lib && !plan.books.some((b) => b.id === p.id))
          return { refused: 'One of these books is no longer there. Ask for a set again.' };
        picks.push({
          ...p,
          book: lib ? { draft: lib.book, ref: lib.ref, expected: lib.until } : { id: p.id },
        });
      }
      return takeSet(unitId, picks)(plan, context);
    },
  });
}
