'use server';
import { z } from 'zod';
import { fillings, thinLessons, type Thin } from '@/core/books/facts';
import { askingFor, type Asking } from '@/core/choose/from-plan';
import { addBooks, pullBooks } from '@/core/edit/books';
import { perform, type Edit } from '@/core/edit/edit';
import { doWithout, hearOfLoans, readInstead, setCard, stepLoan, unwantLoan, waitForBook, wantLoan } from '@/core/edit/loans';
import { inTurn, takeSet, type Pick } from '@/core/edit/pages';
import type { LibraryBook } from '@/core/formats/opds';
import { shortDate } from '@/core/calendar/dates';
import { difference, differenceInWords } from '@/core/layout/difference';
import { loanLines } from '@/core/loans/lines';
import { lessonsOf } from '@/core/plan/lookup';
import { card, type Loan } from '@/core/plan/loan';
import { id } from '@/core/plan/measures';
import { role, type Plan } from '@/core/plan/plan';
import type { Unit } from '@/core/plan/unit';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';
import { act } from '../frame/act';
import { today } from '../frame/clock';
import type { Outcome } from '../frame/outcome';
import { askOf, catalogue, onCard, type Heard } from './library';

const titleOf = (plan: Plan, loanId: string): string => `“${plan.books.find((b) => b.id === plan.loans.find((l) => l.id === loanId)?.bookId)?.title ?? 'a book'}”`;

export async function keepCard(base: number, input: unknown): Promise<Outcome> {
  return act({ base, input, shape: card.nullable(), label: (v) => (v ? 'Wrote down what the library card allows' : 'Took the library card away'), edit: setCard });
}

/** Writes down that a book on the shelf is to be borrowed. */
export async function want(base: number, bookId: string): Promise<Outcome> {
  return act({ base, input: bookId, shape: id, label: (v, plan) => `To borrow: “${plan.books.find((b) => b.id === v)?.title ?? 'a book'}”`, edit: (v) => wantLoan(v, '', null) });
}

export interface LibraryHit {
  ref: string;
  title: string;
  rest: string;
  topics: string;
  says: string;
  /** On the shelf or on the list already. */
  known: boolean;
}

/** Looks in the library; nothing is stored. */
export async function lookInLibrary(query: string): Promise<{ hits: LibraryHit[] } | { wrong: string }> {
  const heard = await catalogue(query.slice(0, 200));
  if ('wrong' in heard) return heard;
  const { plan } = readDrawn(store());
  const refs = new Set(plan.loans.filter((l) => !l.back).map((l) => l.ref));
  return {
    hits: heard.books.map((b) => ({
      ref: b.ref, title: b.book.title, rest: [b.book.authors, b.book.form === 'book' ? '' : b.book.form, b.book.pages ? `${b.book.pages} pages` : '', b.book.listenFrom !== null ? `ages ${b.book.listenFrom}–${b.book.listenTo ?? ''}` : ''].filter(Boolean).join(' · '),
      topics: b.book.topics.map((t) => t.title).join(', '), says: saysOf(b), known: refs.has(b.ref),
    })),
  };
}

function saysOf({ state, until, copies, holds }: LibraryBook): string {
  const of = `${copies.available} of ${copies.total} ${copies.total === 1 ? 'copy' : 'copies'} in`;
  const on = until ? shortDate(until) : '';
  if (state === 'out') return `on your card, due ${on}`;
  if (state === 'ready') return `lies ready for you until ${on}`;
  if (state === 'reserved') return `held for you${holds.position ? `, place ${holds.position}` : ''}${until ? `, about ${on}` : ''}`;
  return state === 'available' ? of : `${of}, ${holds.total} waiting${until ? `, about ${on}` : ''}`;
}

const hearing = (loan: Loan, b: LibraryBook): Partial<Loan> => {
  if (b.state === 'out') return { from: loan.from ?? b.since, due: b.until, ready: loan.ready ?? b.since };
  if (b.state === 'ready') return { ready: b.since };
  return b.state === 'reserved' ? { expected: b.until, ready: null } : {};
};

const REACHED = { hold: ['reserved', 'ready'], borrow: ['out'] } as const;

/** Asks, and takes it as done where the library has it so already: an earlier try may have got through to it and not into the plan. */
async function ensure(ref: string, does: Parameters<typeof askOf>[1]): Promise<Heard> {
  const heard = await askOf(ref, does);
  if (!('wrong' in heard) || does === 'renew' || does === 'cancel') return heard;
  const ours = await onCard();
  if ('wrong' in ours) return heard;
  const there = ours.books.find((b) => b.ref === ref);
  if (does === 'return') return there?.state === 'out' ? heard : { books: [] };
  return there && (REACHED[does] as readonly string[]).includes(there.state) ? { books: [there] } : heard;
}

/** Asks the library for a thing: it comes onto the shelf as borrowed, is pulled to be sorted, and stands on the list of loans. */
export async function askFor(base: number, unitId: string | null, ref: string): Promise<Outcome> {
  const heard = await ensure(ref, 'hold');
  if ('wrong' in heard) return { is: 'refused', refused: `The library says: ${heard.wrong}.` };
  const [book] = heard.books;
  return act({
    base, input: ref, shape: z.string().max(200), label: () => `Asked the library for “${book.book.title}”`,
    edit: () => (plan, context) => {
      const there = plan.books.find((b) => (book.book.label ? b.label === book.book.label : plan.loans.some((l) => l.ref === ref && l.bookId === b.id)));
      const added = there ? { plan } : addBooks([book.book])(plan, context);
      if ('refused' in added) return added;
      const bookId = there?.id ?? added.plan.books[added.plan.books.length - 1].id;
      const wanted = inTurn(added.plan, context, [wantLoan(bookId, ref, book.until), ...(unitId && !plan.pulls.some((p) => p.unitId === unitId && p.bookId === bookId) ? [pullBooks(unitId, [bookId])] : [])]);
      if ('refused' in wanted) return wanted;
      const loan = wanted.plan.loans[wanted.plan.loans.length - 1];
      return hearOfLoans([{ id: loan.id, asked: context.today, ...hearing(loan, book) }])(wanted.plan, context);
    },
  });
}

const STEPS = { ask: 'hold', fetch: 'borrow', renew: 'renew', return: 'return' } as const;

/** Goes one stage on with a loan: through the library where it came from there, by hand where it did not. */
export async function step(base: number, loanId: string, which: unknown): Promise<Outcome> {
  const shape = z.enum(['ask', 'ready', 'fetch', 'renew', 'return']);
  const now = today();
  const loan = readDrawn(store()).plan.loans.find((l) => l.id === loanId);
  const parsed = shape.safeParse(which);
  let heard: LibraryBook | undefined;
  if (loan?.ref && parsed.success && parsed.data !== 'ready') {
    const answer = await ensure(loan.ref, STEPS[parsed.data]);
    if ('wrong' in answer) {
      // A refused renewal is news: the book must go back.
      if (parsed.data !== 'renew') return { is: 'refused', refused: `The library says: ${answer.wrong}.` };
      return act({ base, input: which, shape, label: (_, plan) => `${titleOf(plan, loanId)} cannot be renewed: ${answer.wrong}`, edit: () => hearOfLoans([{ id: loanId, refused: answer.wrong }]) });
    }
    [heard] = answer.books;
  }
  return act({
    base, input: which, shape,
    label: (v, plan) => ({ ask: `Asked for ${titleOf(plan, loanId)}`, ready: `${titleOf(plan, loanId)} lies ready`, fetch: `Fetched ${titleOf(plan, loanId)}`, renew: `Renewed ${titleOf(plan, loanId)}`, return: `Took ${titleOf(plan, loanId)} back` })[v],
    edit: (v) => (plan, context) => {
      const stepped = stepLoan(loanId, v, now)(plan, context);
      return 'refused' in stepped || !heard ? stepped : hearOfLoans([{ id: loanId, ...hearing(stepped.plan.loans.find((l) => l.id === loanId)!, heard) }])(stepped.plan, context);
    },
  });
}

export async function unwant(base: number, loanId: string): Promise<Outcome> {
  const loan = readDrawn(store()).plan.loans.find((l) => l.id === loanId);
  if (loan?.ref && loan.asked && !loan.from) {
    const heard = await askOf(loan.ref, 'cancel');
    // What the library no longer holds is taken off the list all the same.
    if ('wrong' in heard && heard.wrong.startsWith('The library does not answer')) return { is: 'refused', refused: heard.wrong };
  }
  return act({ base, input: loanId, shape: id, label: (v, plan) => `Took ${titleOf(plan, v)} off the list of loans`, edit: unwantLoan });
}

/** What the library says that the plan does not know yet. */
async function newsNow(plan: Plan): Promise<{ news: ({ id: string; says: string } & Partial<Loan>)[] } | { wrong: string }> {
  const loans = plan.loans.filter((l) => l.ref && l.asked && !l.back);
  if (!loans.length) return { news: [] };
  const heard = await onCard();
  if ('wrong' in heard) return heard;
  return {
    news: loans.flatMap((loan) => {
      const b = heard.books.find((x) => x.ref === loan.ref);
      const title = plan.books.find((x) => x.id === loan.bookId)!.title;
      if (!b) return loan.from ? [] : [{ id: loan.id, says: `“${title}” is held no longer: ask again`, asked: null, expected: null, ready: null }];
      const now = hearing(loan, b);
      const changed = Object.entries(now).some(([k, v]) => loan[k as keyof Loan] !== v);
      return changed ? [{ id: loan.id, says: `“${title}” ${saysOf(b)}`, ...now }] : [];
    }),
  };
}

/** News from the library, to be looked at; nothing is stored. */
export async function newsFromLibrary(): Promise<string[]> {
  const heard = await newsNow(readDrawn(store()).plan);
  return 'wrong' in heard ? [] : heard.news.map((n) => n.says);
}

export async function takeNews(base: number): Promise<Outcome> {
  const heard = await newsNow(readDrawn(store()).plan);
  if ('wrong' in heard) return { is: 'refused', refused: heard.wrong };
  return act({ base, input: null, shape: z.null(), label: () => 'Took over the library’s news', edit: () => hearOfLoans(heard.news.map(({ says: _, ...news }) => news)) });
}

export interface Remedy {
  kind: 'wait' | 'instead' | 'without';
  otherId?: string;
  does: string;
  /** What it would come to, in words. */
  says: string;
}

/** Units whose lessons a trouble touches; a book may serve several. */
function unitOf(plan: Plan, lessonIds: readonly string[]): Unit | undefined {
  const lesson = plan.lessons.find((l) => lessonIds.includes(l.id));
  return plan.units.find((u) => u.id === lesson?.unitId);
}

function troubleOf(plan: Plan, loanId: string): { lessonIds: string[]; until?: string; bookId: string; unit: Unit } | undefined {
  if (!plan.family?.card) return undefined;
  const line = loanLines(plan, plan.family.card, today()).find((l) => l.loan.id === loanId);
  const trouble = line?.troubles.find((t) => t.kind === 'late' || t.kind === 'early');
  const unit = trouble && unitOf(plan, trouble.lessonIds);
  return line && trouble && unit ? { lessonIds: trouble.lessonIds.filter((l) => plan.lessons.find((x) => x.id === l)?.unitId === unit.id), until: trouble.until, bookId: line.book.id, unit } : undefined;
}

function remedyEdit(t: NonNullable<ReturnType<typeof troubleOf>>, kind: Remedy['kind'], otherId: string): Edit {
  if (kind === 'wait') return t.until ? waitForBook(t.lessonIds, t.until) : () => ({ refused: 'It goes back before these lessons; waiting does not help. Read something else, or do without.' });
  return kind === 'instead' ? readInstead(t.unit.id, t.bookId, t.lessonIds, otherId) : doWithout(t.unit.id, t.bookId, t.lessonIds);
}

/** What can be done about a book that comes late or goes back early, each way worked out. */
export async function remediesFor(loanId: string): Promise<Remedy[]> {
  const { plan } = readDrawn(store());
  const trouble = troubleOf(plan, loanId);
  if (!trouble) return [];
  const numbers = lessonsOf(plan, trouble.unit.id).filter((l) => trouble.lessonIds.includes(l.id)).map((l) => l.number).join(', ');
  const without = { ...plan, uses: plan.uses.filter((u) => !(trouble.lessonIds.includes(u.lessonId) && plan.pulls.find((p) => p.id === u.pullId)?.bookId === trouble.bookId)) };
  const gap: Thin = { lessonId: trouble.lessonIds[0], number: 0, childIds: trouble.unit.childIds };
  const others = fillings(without, trouble.unit, gap).filter((f) => f.book.id !== trouble.bookId && f.book.source === 'owned').slice(0, 3);
  const tried: Omit<Remedy, 'says'>[] = [
    ...(trouble.until ? [{ kind: 'wait' as const, does: `Lesson ${numbers} waits for it` }] : []),
    ...others.map((o) => ({ kind: 'instead' as const, otherId: o.book.id, does: `Read “${o.book.title}” instead` })),
    { kind: 'without', does: `Do without it on lesson ${numbers}` },
  ];
  return tried.map((r) => {
    let n = 0;
    const done = perform(remedyEdit(trouble, r.kind, r.otherId ?? ''), plan, { today: today(), newId: () => `tried${++n}` });
    if ('refused' in done) return { ...r, says: `Cannot be: ${done.refused}` };
    const thin = thinLessons(done.plan, trouble.unit).filter((t) => trouble.lessonIds.includes(t.lessonId)).length - thinLessons(plan, trouble.unit).filter((t) => trouble.lessonIds.includes(t.lessonId)).length;
    return { ...r, says: [differenceInWords(difference(plan, done.plan)) || 'Nothing else moves.', thin > 0 ? `${thin === 1 ? 'One more lesson is' : `${thin} more lessons are`} thin then.` : ''].filter(Boolean).join(' ') };
  });
}

export async function remedy(base: number, loanId: string, input: unknown): Promise<Outcome> {
  return act({
    base, input, shape: z.strictObject({ kind: z.enum(['wait', 'instead', 'without']), otherId: id.optional() }),
    label: (v, plan) => ({ wait: `The lessons wait for ${titleOf(plan, loanId)}`, instead: `Read “${plan.books.find((b) => b.id === v.otherId)?.title ?? 'another book'}” instead of ${titleOf(plan, loanId)}`, without: `Did without ${titleOf(plan, loanId)}` })[v.kind],
    edit: (v) => (plan, context) => {
      const trouble = troubleOf(plan, loanId);
      return trouble ? remedyEdit(trouble, v.kind, v.otherId ?? '')(plan, context) : { refused: 'There is nothing wrong with that loan any more.' };
    },
  });
}

const wishes = z.strictObject({ perLesson: z.int().min(1).max(12), pinned: z.array(z.string().max(300)).max(300), banned: z.array(z.string().max(300)).max(300), library: z.boolean() });

/** What is to be chosen from, for the worker: the shelf, and what the library has on the unit's lessons. */
export async function askForSet(unitId: string, input: unknown): Promise<{ asking: Asking; unit: Unit; libraryWrong: string }> {
  const asked = wishes.parse(input);
  const { plan } = readDrawn(store());
  const unit = plan.units.find((u) => u.id === unitId);
  if (!unit) throw new Error('The unit has gone.');
  const heard = asked.library ? await catalogue(lessonsOf(plan, unitId).flatMap((l) => [l.title, ...l.topics.map((t) => t.title)]).join(' ').slice(0, 2000)) : { books: [] };
  const known = new Set(plan.loans.filter((l) => !l.back).map((l) => l.ref));
  const books = 'wrong' in heard ? [] : heard.books.filter((b) => !known.has(b.ref)).map((b) => ({ ref: b.ref, expected: b.until, book: { ...b.book, id: b.ref } }));
  return { asking: askingFor(plan, unit, books, asked, today()), unit, libraryWrong: 'wrong' in heard ? heard.wrong : '' };
}

const pages = z.union([z.literal('all'), z.strictObject({ first: z.int().min(1), last: z.int().min(1) })]);

/** Takes the books of a proposal that the parent wants; what comes from the library is looked up there again. */
export async function takeProposal(base: number, unitId: string, input: unknown): Promise<Outcome> {
  const shape = z.array(z.strictObject({ id: z.string().min(1).max(300), role, childId: id.nullable(), lessons: z.array(z.strictObject({ lessonId: id, pages })) })).min(1, 'choose at least one book').max(300);
  const parsed = shape.safeParse(input);
  const { plan: now } = readDrawn(store());
  const wanted = parsed.success ? parsed.data.filter((p) => !now.books.some((b) => b.id === p.id)).map((p) => p.id) : [];
  const found = new Map<string, LibraryBook>();
  if (wanted.length) {
    const heard = await catalogue(lessonsOf(now, unitId).flatMap((l) => [l.title, ...l.topics.map((t) => t.title)]).join(' ').slice(0, 2000));
    if ('wrong' in heard) return { is: 'refused', refused: heard.wrong };
    for (const b of heard.books) found.set(b.ref, b);
  }
  return act({
    base, input, shape, label: (v) => `Took ${v.length} ${v.length === 1 ? 'book' : 'books'} of the set`,
    edit: (v) => (plan, context) => {
      const picks: Pick[] = [];
      for (const p of v) {
        const lib = found.get(p.id);
        if (!lib && !plan.books.some((b) => b.id === p.id)) return { refused: 'One of these books is no longer there. Ask for a set again.' };
        picks.push({ ...p, book: lib ? { draft: lib.book, ref: lib.ref, expected: lib.until } : { id: p.id } });
      }
      return takeSet(unitId, picks)(plan, context);
    },
  });
}
