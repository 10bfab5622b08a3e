import { z } from 'zod';
import { addBooks, pullBooks } from '../edit/books';
import { hearOfLoans, wantLoan } from '../edit/loans';
import { inTurn, takeSet } from '../edit/pages';
import { book } from '../plan/book';
import { id, isoDate } from '../plan/measures';
import { role } from '../plan/plan';
import { command } from './command';
import { heardFields } from './heard';

/** A book as the library describes it, under its own reference there. */
const found = z.strictObject({
  ref: z.string().max(300),
  draft: book.omit({ id: true }),
  until: isoDate.nullable(),
});

/** Asks the library for a thing: it comes onto the shelf as borrowed, is pulled to be sorted, and stands on the list of loans. */
export const askFor = command({
  about: z.strictObject({
    unitId: id.nullable(),
    found,
    heard: z.strictObject(heardFields),
  }),
  shape: z.string().max(300),
  label: (_, _plan, { found: { draft } }) => `Asked the library for “${draft.title}”`,
  edit:
    (ref, { unitId, found: { draft, until }, heard }) =>
    (plan, context) => {
      const there = plan.books.find((b) =>
        draft.label ? b.label === draft.label : plan.loans.some((l) => l.ref === ref && l.bookId === b.id),
      );
      const added = there ? { plan } : addBooks([draft])(plan, context);
      if ('refused' in added) return added;
      const bookId = there?.id ?? added.plan.books[added.plan.books.length - 1].id;
      const wanted = inTurn(added.plan, context, [
        wantLoan(bookId, ref, until),
        ...(unitId && !plan.pulls.some((p) => p.unitId === unitId && p.bookId === bookId)
          ? [pullBooks(unitId, [bookId])]
          : []),
      ]);
      if ('refused' in wanted) return wanted;
      const asked = wanted.plan.loans[wanted.plan.loans.length - 1];
      return hearOfLoans([{ id: asked.id, asked: context.today, ...heard }])(wanted.plan, context);
    },
  touches: ['shelf', 'plan'],
});

const pages = z.union([z.literal('all'), z.strictObject({ first: z.int().min(1), last: z.int().min(1) })]);

/** Takes the books of a proposal that the parent wants; what the library said of its own comes with them. */
export const takeProposal = command({
  about: z.strictObject({ unitId: id, found: z.array(found).max(5000) }),
  shape: z
    .array(
      z.strictObject({
        id: z.string().min(1).max(300),
        role,
        childId: id.nullable(),
        lessons: z.array(z.strictObject({ lessonId: id, pages })),
      }),
    )
    .min(1, 'choose at least one book')
    .max(300),
  label: (v) => `Took ${v.length} ${v.length === 1 ? 'book' : 'books'} of the set`,
  edit:
    (v, { unitId, found: inLibrary }) =>
    (plan, context) => {
      const there = new Map(inLibrary.map((f) => [f.ref, f]));
      if (v.some((p) => !there.has(p.id) && !plan.books.some((b) => b.id === p.id)))
        return { refused: 'One of these books is no longer there. Ask for a set again.' };
      const picks = v.map((p) => {
        const f = there.get(p.id);
        return { ...p, book: f ? { draft: f.draft, ref: f.ref, expected: f.until } : { id: p.id } };
      });
      return takeSet(unitId, picks)(plan, context);
    },
  touches: ['shelf', 'plan'],
});
