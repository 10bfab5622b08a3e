/**
 * An edit is a pure function from a plan to the plan after it, or a refusal in words. The store, a what-if and a
 * test all run the same edit. What an edit leaves hanging is swept away here, and the plan is drawn again.
 */
import { brokenIn } from '../layout/check';
import type { LayoutChoice } from '../layout/input';
import { assignments } from '../ladder/assign';
import { redraw, type Redrawn } from '../layout/redraw';
import type { Book } from '../plan/book';
import { recorded } from '../plan/happened';
import { named } from '../plan/pieces';
import type { IsoDate } from '../plan/measures';
import { doneParts } from '../plan/lookup';
import type { Mark, Plan } from '../plan/plan';
import { withoutDangling } from '../plan/references';

export interface EditContext {
  today: IsoDate;
  /** A new id, not used before. */
  newId: () => string;
  /** The moment, UTC, for what is written down; the beginning of today where it is not said. */
  now?: string;
}

export interface Refusal {
  /** What stands in the way and what to do. */
  refused: string;
  /** A way to go ahead all the same, for the parent to choose. */
  offer?: 'rub-out';
}

/** When a change is made. */
export const momentOf = ({ now, today }: Pick<EditContext, 'now' | 'today'>): string =>
  now ?? `${today}T00:00:00.000Z`;

export interface Edited {
  plan: Plan;
  /** Units to lay out afresh; the others keep what need not move. */
  fresh?: LayoutChoice['fresh'];
  /** Parts put somewhere by hand. A lay-out that breaks a promise with them there is refused. */
  moved?: LayoutChoice['moved'];
  /** Looks at the outcome before it is kept. */
  unless?: (drawn: Redrawn) => Refusal | undefined;
}

export type Edit = (plan: Plan, context: EditContext) => Edited | Refusal;

export function perform(edit: Edit, plan: Plan, context: EditContext): Redrawn | Refusal {
  const edited = edit(plan, context);
  if ('refused' in edited) return edited;
  const at = momentOf(context);
  const whole = named(plan, withoutDangling(edited.plan), context.newId);
  const written = recorded(plan, whole, { at, newId: context.newId });
  if (!edited.fresh && !edited.moved && !edited.unless && isDrawnAlike(plan, written)) {
    const worded = wordedAnew(plan, written);
    if (worded) return { plan: worded };
  }
  const ticked = !edited.fresh && !edited.moved && !edited.unless && tickedAsPlanned(plan, written);
  if (ticked) return { plan: ticked };
  const drawn = redraw(written, {
    today: context.today,
    fresh: edited.fresh,
    moved: edited.moved,
  });
  if (edited.moved) {
    const broken = newlyBroken(plan, drawn.plan);
    if (broken.length) return { refused: broken.slice(0, 3).join(' ') };
  }
  return edited.unless?.(drawn) ?? drawn;
}

/** Lists of which the lay-out does not know. */
const APART: ReadonlySet<string> = new Set<keyof Plan>([
  'objectives',
  'questions',
  'ideas',
  'outlines',
  'loans',
  'pantry',
  'entries',
]);

/**
 * The plan after ticks of parts on the days they stand on: nothing else moves for them, so it need not be drawn again.
 * Undefined where there is more to it: another day, a tick taken back, a hand measured, a part that others count from.
 */
export function tickedAsPlanned(before: Plan, after: Plan): Plan | undefined {
  const isOther = (Object.keys(after) as (keyof Plan)[]).some(
    (list) => after[list] !== before[list] && list !== 'marks' && list !== 'entries',
  );
  if (isOther || after.marks.length <= before.marks.length) return undefined;
  const known = new Set(before.marks);
  const ticks = after.marks.filter((m) => !known.has(m));
  if (ticks.length !== after.marks.length - before.marks.length) return undefined;
  const stands = new Map(before.sittings.map((s) => [s.partId, s.date]));
  const countedFrom = new Set(before.rules.map((r) => (r.rhythm.on === 'after' ? r.rhythm.partId : '')));
  const isAsPlanned = (m: Mark): boolean =>
    m.outcome === 'done' && m.date === stands.get(m.partId) && !m.letters && !countedFrom.has(m.partId);
  if (!ticks.every(isAsPlanned)) return undefined;
  const done = doneParts(after);
  return {
    ...after,
    sittings: before.sittings.map((s) =>
      done.has(s.partId) && s.reason.kind !== 'done' ? { ...s, reason: { kind: 'done' } } : s,
    ),
  };
}

/** What neither asks of a book: where it stands, what it cost, what became of it. */
const ASIDE = {
  authors: '',
  label: '',
  place: '',
  year: null,
  price: null,
  source: 'owned',
  state: 'here',
  stateNote: '',
  condition: '',
  preview: 'not seen',
  previewNote: '',
  topics: [],
  pieces: null,
  players: null,
  partsPlace: '',
} as const satisfies Partial<{ [K in keyof Book]: unknown }>;

/** Whether a change leaves what is drawn as it is: only lists and fields that nothing is drawn from are other than before. */
export function isDrawnAlike(before: Plan, after: Plan): boolean {
  return (Object.keys(after) as (keyof Plan)[]).every(
    (list) =>
      after[list] === before[list] ||
      APART.has(list) ||
      (list === 'books' && areBooksAlike(before.books, after.books)),
  );
}

/**
 * The plan with its work worded anew where objectives or questions of the children's are others: they stand in wordings.
 * Undefined where the work takes other minutes by it, and so has to be drawn again.
 */
function wordedAnew(before: Plan, after: Plan): Plan | undefined {
  if (before.objectives === after.objectives && before.questions === after.questions) return after;
  const worded = assignments(after);
  const isAsLong =
    worded.length === after.assignments.length &&
    worded.every((a, i) => {
      const was = after.assignments[i];
      return a.partId === was.partId && a.childId === was.childId && a.minutes === was.minutes;
    });
  return isAsLong ? { ...after, assignments: worded } : undefined;
}

/** Whether the books that there were are drawn as before; what is new on the shelf is not read anywhere yet. */
function areBooksAlike(before: readonly Book[], after: readonly Book[]): boolean {
  const kept = (book: Book): string => JSON.stringify({ ...book, ...ASIDE });
  return (
    before.length <= after.length && before.every((b, i) => b === after[i] || kept(b) === kept(after[i]))
  );
}

/** What a move breaks, in words: promises that held before it, and places that parts had. */
function newlyBroken(before: Plan, after: Plan): string[] {
  const found = brokenIn(after);
  const known = new Set(found.length ? brokenIn(before) : []);
  return found.filter((message) => !known.has(message));
}

/** A list with one item changed. */
export function withChanged<T extends { id: string }>(
  items: readonly T[],
  id: string,
  change: Partial<NoInfer<T>>,
): T[] {
  return items.map((item) => (item.id === id ? { ...item, ...change } : item));
}

/** A list with one item moved by so many places among those that `alike` names its companions. */
export function withMoved<T extends { id: string }>(
  items: readonly T[],
  id: string,
  by: number,
  alike: (a: T, b: T) => boolean,
): T[] {
  const moving = items.find((i) => i.id === id);
  if (!moving) return [...items];
  const group = items.filter((i) => alike(i, moving));
  const at = group.indexOf(moving);
  const to = Math.min(group.length - 1, Math.max(0, at + by));
  group.splice(at, 1);
  group.splice(to, 0, moving);
  let next = 0;
  return items.map((i) => (alike(i, moving) ? group[next++] : i));
}

export const GONE = 'That is no longer in the plan; someone may have removed it in another window.';
