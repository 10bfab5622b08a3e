/** Which wishes of a unit cannot stand together: a smallest set of them, found by taking one after the other away. */
import { shortDate } from '../calendar/dates';
import { inAList, namesIn, paceInWords } from '../plan/called';
import type { Plan } from '../plan/plan';
import { layoutInput } from './input';
import { needsOf, within } from './availability';
import type { LayoutInput, LayPart, LayUnit } from './problem';
import { AS_CONSTRUCTED, TO_FIT, layOut } from './lay-out';
import { PARENT } from './counted';

/** A wish, and whose minutes it is about. */
export interface Wish {
  is: 'end' | 'pace' | 'minutes' | 'dates' | 'needs' | 'comes back' | 'other units' | 'appointments';
  of?: string;
}

/** Enough for anything in a day. */
const NO_LIMIT = 24 * 60;

/**
 * A smallest set of wishes with which a unit, laid out afresh, ends late or leaves something out, while without any one of them
 * it does not. Empty where it fits, and where the days themselves are too few whatever is wished.
 */
export function conflictOf(input: LayoutInput, unitId: string): Wish[] {
  const unit = input.units.find((u) => u.id === unitId);
  if (!unit) return [];
  const all = wishesOf(input, unit);
  const isOut = (kept: readonly Wish[]): boolean => !fits(with_(input, unit, kept), unitId);
  if (!isOut(all) || isOut([])) return [];
  let kept = all;
  // Those that say least come first: what is left is what says most.
  for (const wish of all) {
    const without = kept.filter((w) => w !== wish);
    if (isOut(without)) kept = without;
  }
  return kept;
}

function wishesOf(input: LayoutInput, unit: LayUnit): Wish[] {
  const parts = unit.lessons.flatMap((l) => l.parts);
  const isDated = (p: LayPart): boolean => {
    const { earliest, latest } = p.bound?.own ?? p;
    return earliest !== null || latest !== null || p.weekday !== null || p.fixedDate !== null;
  };
  return [
    ...needsOf(unit).map(({ of }) => ({ is: 'needs' as const, of })),
    ...(parts.some(isDated) ? [{ is: 'dates' as const }] : []),
    ...(input.units.length > 1 ? [{ is: 'other units' as const }] : []),
    ...(input.dated.length ? [{ is: 'comes back' as const }] : []),
    ...peopleAway(input).map((of) => ({ is: 'appointments' as const, of })),
    ...(parts.some((p) => p.lead > 0 && p.leader === null) ? [{ is: 'minutes' as const, of: PARENT }] : []),
    ...Object.keys(input.childLimits)
      .filter((id) => parts.some((p) => p.minutes[id]))
      .map((of) => ({ is: 'minutes' as const, of })),
    ...(unit.lessonsPerWeek === null ? [] : [{ is: 'pace' as const }]),
    ...(unit.wishedEnd === null ? [] : [{ is: 'end' as const }]),
  ];
}

/** Who has appointments of their own. */
const peopleAway = ({ away }: LayoutInput): string[] => [
  ...new Set([...away.values()].flatMap((list) => list.map((a) => a.who))),
];

/** The problem with only some of its wishes, the unit drawn afresh. */
function with_(input: LayoutInput, unit: LayUnit, kept: readonly Wish[]): LayoutInput {
  const has = (is: Wish['is'], of?: string): boolean => kept.some((w) => w.is === is && w.of === of);
  const NONE = { earliest: null, latest: null };
  const free = (part: LayPart): LayPart => {
    const p = has('dates') ? part : { ...part, ...NONE, weekday: null, fixedDate: null };
    const own = has('dates') ? part.bound?.own : NONE;
    return p.bound && own ? within({ ...p, bound: { ...p.bound, own } }, (b) => has('needs', b.of)) : p;
  };
  const mine = new Set(unit.lessons.flatMap((l) => l.parts.map((p) => p.id)));
  const relaxed: LayUnit = {
    ...unit,
    lessonsPerWeek: has('pace') ? unit.lessonsPerWeek : null,
    mostPerWeek: has('pace') ? unit.mostPerWeek : null,
    wishedEnd: has('end') ? unit.wishedEnd : null,
    lessons: unit.lessons.map((l) => ({ ...l, parts: l.parts.map(free) })),
  };
  return {
    ...input,
    search: false,
    childLimits: Object.fromEntries(
      Object.entries(input.childLimits).map(([id, limit]) => [id, has('minutes', id) ? limit : NO_LIMIT]),
    ),
    leadLimit: has('minutes', PARENT) ? input.leadLimit : NO_LIMIT,
    dated: has('comes back') ? input.dated : [],
    away: new Map(
      [...input.away].map(([date, list]) => [date, list.filter((a) => has('appointments', a.who))]),
    ),
    units: has('other units') ? input.units.map((u) => (u === unit ? relaxed : u)) : [relaxed],
    previous: new Map([...input.previous].filter(([partId]) => !mine.has(partId))),
  };
}

function fits(input: LayoutInput, unitId: string): boolean {
  const unit = input.units.find((u) => u.id === unitId)!;
  const { wishedEnd } = unit;
  const needed = unit.lessons.flatMap((l) => l.parts.filter((p) => !p.optional)).map((p) => p.id);
  return [AS_CONSTRUCTED, TO_FIT].some((effort) => {
    const on = new Map(layOut(input, effort).placements.map((p) => [p.partId, p.date]));
    return needed.every((id) => {
      const date = on.get(id);
      return date !== undefined && (wishedEnd === null || date <= wishedEnd);
    });
  });
}

/** “These cannot stand together: the end on Fri 27 Nov, three lessons a week and Junia’s 60 minutes a day.” Empty where nothing conflicts. */
export function conflictInWords(plan: Plan, unitId: string, today: string): string {
  const input = layoutInput(plan, { today });
  const unit = plan.units.find((u) => u.id === unitId);
  if (!input || !unit) return '';
  const wishes = conflictOf(input, unitId);
  if (!wishes.length) return '';
  const words = wishes.map(({ is, of }): string => {
    switch (is) {
      case 'end':
        return `the end on ${shortDate(unit.wishedEnd!)}`;
      case 'pace':
        return `${paceInWords(unit)} a week`;
      case 'minutes':
        return of === PARENT
          ? `your ${plan.family!.leadMinutes} minutes a day`
          : `${plan.children.find((c) => c.id === of)?.name ?? ''}’s ${input.childLimits[of!]} minutes a day`;
      case 'appointments':
        return of === PARENT ? 'your other appointments' : `the other appointments of ${namesIn(plan)(of!)}`;
      case 'dates':
        return 'the days that its parts are given';
      case 'needs':
        return needsOf(input.units.find((u) => u.id === unitId)).some(
          (b) => b.of === of && b.is === 'borrowed',
        )
          ? `the days on which ${of} can be there`
          : `the days that ${of} takes beforehand`;
      case 'comes back':
        return 'what comes back by itself';
      case 'other units':
        return 'the units beside it';
    }
  });
  return words.length === 1
    ? `It does not fit because of ${words[0]}.`
    : `These cannot stand together: ${inAList(words)}.`;
}
