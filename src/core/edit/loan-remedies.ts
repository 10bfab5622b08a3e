/** What can be done about a book that comes late or goes back early, each way worked out on a copy of the plan. */
import { fillings, thinLessons, type Thin } from '../books/facts';
import { difference, differenceInWords } from '../layout/difference';
import { loanLines } from '../loans/lines';
import { lessonsOf } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { perform, type Edit } from './edit';
import { doWithout, readInstead, waitForBook } from './loans';

export interface LoanRemedy {
  kind: 'wait' | 'instead' | 'without';
  otherId?: string;
  does: string;
  /** What it would come to, in words. */
  message: string;
}

/** Units whose lessons a trouble touches; a book may serve several. */
function unitOf(plan: Plan, lessonIds: readonly string[]): Unit | undefined {
  const lesson = plan.lessons.find((l) => lessonIds.includes(l.id));
  return plan.units.find((u) => u.id === lesson?.unitId);
}

function troubleOf(
  plan: Plan,
  loanId: string,
  today: IsoDate,
): { lessonIds: string[]; until?: string; bookId: string; unit: Unit } | undefined {
  if (!plan.family?.card) return undefined;
  const line = loanLines(plan, plan.family.card, today).find((l) => l.loan.id === loanId);
  const trouble = line?.troubles.find((t) => t.kind === 'late' || t.kind === 'early');
  const unit = trouble && unitOf(plan, trouble.lessonIds);
  return line && trouble && unit
    ? {
        lessonIds: trouble.lessonIds.filter((l) => plan.lessons.find((x) => x.id === l)?.unitId === unit.id),
        until: trouble.until,
        bookId: line.book.id,
        unit,
      }
    : undefined;
}

function remedyEdit(
  t: NonNullable<ReturnType<typeof troubleOf>>,
  kind: LoanRemedy['kind'],
  otherId: string,
): Edit {
  if (kind === 'wait')
    return t.until
      ? waitForBook(t.lessonIds, t.until)
      : () => ({
          refused:
            'It goes back before these lessons; waiting does not help. Read something else, or do without.',
        });
  return kind === 'instead'
    ? readInstead(t.unit.id, t.bookId, t.lessonIds, otherId)
    : doWithout(t.unit.id, t.bookId, t.lessonIds);
}

/** What can be done about a book that comes late or goes back early, each way worked out. */
export function remediesForLoan(plan: Plan, loanId: string, today: IsoDate): LoanRemedy[] {
  const trouble = troubleOf(plan, loanId, today);
  if (!trouble) return [];
  const numbers = lessonsOf(plan, trouble.unit.id)
    .filter((l) => trouble.lessonIds.includes(l.id))
    .map((l) => l.number)
    .join(', ');
  const without = {
    ...plan,
    uses: plan.uses.filter(
      (u) =>
        !(
          trouble.lessonIds.includes(u.lessonId) &&
          plan.pulls.find((p) => p.id === u.pullId)?.bookId === trouble.bookId
        ),
    ),
  };
  const gap: Thin = { lessonId: trouble.lessonIds[0], number: 0, childIds: trouble.unit.childIds };
  const others = fillings(without, trouble.unit, gap)
    .filter((f) => f.book.id !== trouble.bookId && f.book.source === 'owned')
    .slice(0, 3);
  const tried: Omit<LoanRemedy, 'message'>[] = [
    ...(trouble.until ? [{ kind: 'wait' as const, does: `Lesson ${numbers} waits for it` }] : []),
    ...others.map((o) => ({
      kind: 'instead' as const,
      otherId: o.book.id,
      does: `Read “${o.book.title}” instead`,
    })),
    { kind: 'without', does: `Do without it on lesson ${numbers}` },
  ];
  return tried.map((r) => {
    let n = 0;
    const done = perform(remedyEdit(trouble, r.kind, r.otherId ?? ''), plan, {
      today,
      newId: () => `tried${++n}`,
    });
    if ('refused' in done) return { ...r, message: `Cannot be: ${done.refused}` };
    const thin =
      thinLessons(done.plan, trouble.unit).filter((t) => trouble.lessonIds.includes(t.lessonId)).length -
      thinLessons(plan, trouble.unit).filter((t) => trouble.lessonIds.includes(t.lessonId)).length;
    return {
      ...r,
      message: [
        differenceInWords(difference(plan, done.plan)) || 'Nothing else moves.',
        thin > 0 ? `${thin === 1 ? 'One more lesson is' : `${thin} more lessons are`} thin then.` : '',
      ]
        .filter(Boolean)
        .join(' '),
    };
  });
}

/** Takes one of the ways. */
export const mendLoan =
  (loanId: string, kind: LoanRemedy['kind'], otherId = ''): Edit =>
  (plan, context) => {
    const trouble = troubleOf(plan, loanId, context.today);
    return trouble
      ? remedyEdit(trouble, kind, otherId)(plan, context)
      : { refused: 'There is nothing wrong with that loan any more.' };
  };
