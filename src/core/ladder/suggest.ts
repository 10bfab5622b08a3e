/**
 * A rung up or down is suggested from how work went, repeatedly, on the rung a child stands on: with the evidence, and
 * never done by itself.
 */
import { shortDate } from '../calendar/dates';
import type { Entry } from '../plan/entry';
import { inForce } from '../plan/happened';
import { assignmentKey, byId, homes } from '../plan/lookup';
import type { IsoDate, Rung, Skill } from '../plan/measures';
import type { Mark, Plan } from '../plan/plan';
import { SKILLS } from '../plan/words';
import { ladderOf } from './ladder-of';
import { isLadderKind } from './kinds';
import { rungOf } from '../plan/rungs';

export interface Suggestion {
  childId: string;
  skill: Skill;
  from: Rung;
  to: Rung;
  /** What it rests on: “4 of the last 5 were too hard: Copying, Mon 12 Oct; …”. */
  evidence: string;
}

/** Marks looked at, the latest; how many there must be, and what share must say the same, with none against it. Own choice. */
const LATEST = 6;
const LEAST = 4;
const SHARE = 0.75;

/** Work that took so many times its minutes was too hard, so few of them easy, where the parent said nothing else. Own choice. */
const TOO_LONG = 1.5;
const SOON_DONE = 0.6;

/** How a piece of work went: as the parent said, else by the minutes it took; undefined where neither is known. */
function wentBy(mark: Mark, minutes: number | undefined): NonNullable<Mark['felt']> | undefined {
  if (mark.felt) return mark.felt;
  if (mark.minutes === null || !minutes) return undefined;
  if (mark.minutes >= TOO_LONG * minutes) return 'hard';
  if (mark.minutes <= SOON_DONE * minutes) return 'easy';
  return 'right';
}

/** What was asked and said, as work of speaking: forgotten was too hard, known at once was easy. */
const SAID: readonly NonNullable<Mark['felt']>[] = ['hard', 'right', 'right', 'easy'];

const saidBy = (entries: readonly Entry[], childId: string): Told[] =>
  entries
    .filter((e) => e.kind === 'asked' && e.childId === childId && e.about.rung !== null)
    .map((e) => ({
      went: SAID[e.grade! - 1],
      date: e.date,
      rung: e.about.rung!,
      skill: 'speaking',
      message: `“${e.about.title}”, ${shortDate(e.date)}`,
    }));

interface Told {
  went: NonNullable<Mark['felt']>;
  date: IsoDate;
  rung: number;
  skill: Skill;
  message: string;
}

/** Suggestions for every child and skill, in the family's order. Only marks made on the rung the child stands on now count. */
export function suggestions(plan: Plan, today: IsoDate): Suggestion[] {
  const parts = byId(plan.parts);
  const homeOf = homes(plan);
  const { skillFor } = ladderOf(plan);
  const given = new Map(plan.assignments.map((x) => [assignmentKey(x.partId, x.childId), x.minutes]));
  const entries = inForce(plan.entries);
  return plan.children.flatMap((child) => {
    const worked = plan.marks
      .filter((m) => m.childId === child.id && m.rung !== null)
      .flatMap((mark): Told[] => {
        const part = parts.get(mark.partId);
        const { lesson, unit } = part ? homeOf(part) : {};
        const minutes = given.get(assignmentKey(mark.partId, child.id));
        const went = wentBy(mark, minutes);
        if (!part || !lesson || !unit || !isLadderKind(part.kind) || !went) return [];
        return [
          {
            went,
            date: mark.date,
            rung: mark.rung!,
            skill: skillFor({ part, child, lesson, unit }, mark.rung!),
            message: `${part.title}, ${shortDate(mark.date)}${mark.felt ? '' : `, ${mark.minutes} min instead of ${minutes}`}`,
          },
        ];
      });
    const told = [...worked, ...saidBy(entries, child.id)].sort((a, b) => (a.date < b.date ? -1 : 1));
    return SKILLS.flatMap((skill): Suggestion[] => {
      const from = rungOf(child, skill, today);
      const here = told.filter((t) => t.skill === skill && t.rung === from).slice(-LATEST);
      if (here.length < LEAST) return [];
      const [easy, hard] = (['easy', 'hard'] as const).map((w) => here.filter((t) => t.went === w).length);
      const by = easy >= SHARE * here.length && !hard ? 1 : hard >= SHARE * here.length && !easy ? -1 : 0;
      const to = from + by;
      if (!by || to < 1 || to > 5) return [];
      const said = here.filter((t) => t.went === (by > 0 ? 'easy' : 'hard'));
      return [
        {
          childId: child.id,
          skill,
          from,
          to: to as Rung,
          evidence: `${said.length} of the last ${here.length} were ${by > 0 ? 'easy' : 'too hard'}: ${said.map((t) => t.message).join('; ')}`,
        },
      ];
    });
  });
}
