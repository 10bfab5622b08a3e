/** What can come up in the middle of a plan, and the ways through that there are for it, as edits of the plan. */
import { z } from 'zod';
import { addDays, shortDate, weekdayOf } from '../calendar/dates';
import { schoolDays } from '../calendar/school-days';
import { howItStands } from '../layout/verdict';
import { inAList } from '../plan/called';
import { byId, childrenOf, doneParts, homes } from '../plan/lookup';
import type { Part } from '../plan/lesson';
import { id, isoDate, type IsoDate } from '../plan/measures';
import type { Plan, Sitting } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { takeAlternative } from './alternatives';
import { beforeIt, putBefore } from './change-places';
import { closeUnit } from './closing';
import { afresh, changePart, latest, pencil, putOff, several } from './compose';
import { perform, type Edit, type EditContext } from './edit';
import { waysToFit } from './fit-ways';
import { lessonsToCome, numeral, type Way } from './way';
import { leaveOut } from './lessons';
import { didNotHappen } from './today';
import { dropInIllness, endUnit, paceUnit, setYear } from './year';

const days = { first: isoDate, last: isoDate };

/** What came up. */
export const cameUp = z.discriminatedUnion('is', [
  /** No school on these days: ill, snow, visitors. */
  z.strictObject({ is: z.literal('days-lost'), ...days, label: z.string().trim().max(100) }),
  z.strictObject({ is: z.literal('child-ill'), ...days, childId: id }),
  z.strictObject({ is: z.literal('you-ill'), ...days }),
  /** A lesson of a day ran over: what is not done of it needs another one. */
  z.strictObject({ is: z.literal('ran-over'), lessonId: id, date: isoDate }),
  /** Something that a part needs is not there before a day: a delivery, an ingredient, a loan. */
  z.strictObject({ is: z.literal('comes-late'), partId: id, until: isoDate }),
  /** A unit does not fit: it ends late, or something of it has no day. */
  z.strictObject({ is: z.literal('does-not-fit'), unitId: id }),
  /** Everyone is done with a unit. */
  z.strictObject({ is: z.literal('enough'), unitId: id }),
]);
export type CameUp = z.infer<typeof cameUp>;

/** Every way through there is for what came up, not yet worked out; the plainest first. */
export function waysFor(plan: Plan, what: CameUp, context: EditContext): Way[] {
  switch (what.is) {
    case 'days-lost':
      return daysLost(plan, what, context);
    case 'child-ill':
      return childIll(plan, what, context);
    case 'you-ill':
      return youIll(plan, what, context);
    case 'ran-over':
      return ranOver(plan, what);
    case 'comes-late':
      return comesLate(plan, what);
    case 'does-not-fit':
      return waysToFit(plan, what.unitId, context);
    case 'enough':
      return enough(plan, what);
  }
}

type Of<Is extends CameUp['is']> = Extract<CameUp, { is: Is }>;
interface Days {
  first: IsoDate;
  last: IsoDate;
}

/** What stands on days and is not done, with its part. */
function standing(plan: Plan, { first, last }: Days): { part: Part; sitting: Sitting }[] {
  const parts = byId(plan.parts);
  const done = doneParts(plan);
  return plan.sittings
    .filter((s) => s.date >= first && s.date <= last && !done.has(s.partId))
    .map((sitting) => ({ part: parts.get(sitting.partId)!, sitting }));
}

function daysLost(plan: Plan, { first, last, label }: Of<'days-lost'>, context: EditContext): Way[] {
  const { year } = plan;
  const fixed = standing(plan, { first, last })
    .map(({ part }) => part)
    .filter((p) => p.ruleId === null && p.fixedDate !== null);
  // What has a fixed date in these days goes to the same weekday after them.
  const lose = several(
    dropInIllness(first, last, label || 'no school'),
    ...fixed.map((p) => changePart(p.id, putOff(p, last))),
  );
  const moved = fixed.map((p) => `“${p.title}” on ${shortDate(putOff(p, last).fixedDate!)}`);
  const ways: Way[] = [
    { key: 'later', does: ['What stood there comes later', ...moved].join('; '), edit: lose },
  ];
  const later = perform(lose, plan, context);
  if (!year || 'refused' in later) return ways;
  const units = touched(plan, { first, last });
  for (const unit of units)
    if (unit.lessonsPerWeek !== null && unit.lessonsPerWeek < 5)
      ways.push({
        key: `faster:${unit.id}`,
        does: `${numeral(unit.lessonsPerWeek + 1)} lessons of “${unit.title}” a week`,
        edit: several(lose, paceUnit(unit.id, unit.lessonsPerWeek + 1)),
      });
  for (const unit of units) {
    const optional = lessonsToCome(plan, unit, first).filter((l) => l.optional);
    // As few as meet the end, the last ones first.
    for (let n = 1; n <= optional.length; n++) {
      const out = optional.slice(-n);
      const edit = several(
        lose,
        leaveOut(
          out.map((l) => l.id),
          true,
        ),
        afresh(unit.id),
      );
      ways.push({
        key: `leave:${out.map((l) => l.id).join(' ')}`,
        does: `Leave out ${inAList(out.map((l) => `“${l.title}”`))}`,
        edit,
      });
      const tried = perform(edit, plan, context);
      if ('plan' in tried && howItStands(tried.plan, unit.id, context.today)?.meetsEnd) break;
    }
    const verdict = howItStands(later.plan, unit.id, context.today);
    if (verdict?.finishes && unit.wishedEnd && !verdict.meetsEnd)
      ways.push({
        key: `end:${unit.id}`,
        does: `“${unit.title}” ends on ${shortDate(verdict.finishes)}`,
        edit: several(lose, endUnit(unit.id, verdict.finishes)),
      });
  }
  const lost = schoolDays(year).filter((d) => d.date >= first && d.date <= last).length;
  if (lost > 0 && lost <= MOST_MADE_UP) {
    const free = daysToMakeUp(plan, last, lost);
    if (free.length === lost)
      ways.push({
        key: 'make-up',
        does: `Make it up on ${inAList(free.map((d) => shortDate(d)))}`,
        edit: several(lose, (now, c) =>
          setYear({
            ...now.year!,
            extraDays: [
              ...now.year!.extraDays,
              ...free.map((date) => ({ id: c.newId(), date, label: 'made up' })),
            ],
          })(now, c),
        ),
      });
  }
  return ways;
}

/** More days than these are not made up on days off. Own choice. */
const MOST_MADE_UP = 2;
const SATURDAY = 6;

/** The Saturdays after a day that are no school days. */
function daysToMakeUp(plan: Plan, after: IsoDate, n: number): IsoDate[] {
  const open = new Set(schoolDays(plan.year!).map((d) => d.date));
  const found: IsoDate[] = [];
  for (let date = addDays(after, 1); found.length < n && date <= plan.year!.ends; date = addDays(date, 1))
    if (
      weekdayOf(date) === SATURDAY &&
      !open.has(date) &&
      !plan.year!.daysOff.some((o) => o.first <= date && date <= o.last)
    )
      found.push(date);
  return found;
}

/** Units with something on days, in their order. */
function touched(plan: Plan, range: Days): Unit[] {
  const homeOf = homes(plan);
  const ids = new Set(standing(plan, range).map(({ part }) => homeOf(part).lesson?.unitId));
  return plan.units.filter((u) => ids.has(u.id));
}

/** Kinds in which a child who is ill can take part from bed. Own choice. */
const FROM_BED: readonly Part['kind'][] = ['read-aloud', 'film', 'music', 'talk'];

function childIll(plan: Plan, { first, last, childId }: Of<'child-ill'>, context: EditContext): Way[] {
  const child = plan.children.find((c) => c.id === childId);
  if (!child) return [];
  const homeOf = homes(plan);
  // What a rule brings back for each child alone is simply not done that day.
  const theirs = standing(plan, { first, last }).filter(
    ({ part }) =>
      part.ruleId === null &&
      childrenOf(part, homeOf(part).unit, plan.children).some((c) => c.id === childId),
  );
  const without = (stays: (part: Part) => boolean): Edit =>
    several(
      ...theirs
        .filter(({ part }) => !stays(part))
        .map(({ part }): Edit => {
          const others = childrenOf(part, homeOf(part).unit, plan.children).filter((c) => c.id !== childId);
          // What is for nobody else waits until they are well again.
          return others.length
            ? changePart(part.id, { childIds: others.map((c) => c.id) })
            : several(pencil([part.id]), changePart(part.id, putOff(part, last)));
        }),
    );
  const ways: Way[] = [
    { key: 'without', does: `The others go on; ${child.name} sits out`, edit: without(() => false) },
  ];
  if (theirs.some(({ part }) => FROM_BED.includes(part.kind)))
    ways.push({
      key: 'from-bed',
      does: `${child.name} listens from bed and sits out the rest`,
      edit: without((part) => FROM_BED.includes(part.kind)),
    });
  const rest = daysLost(plan, { is: 'days-lost', first, last, label: `${child.name} ill` }, context);
  return [...ways, ...rest.slice(0, 1).map((w) => ({ ...w, does: 'All wait: no school on these days' }))];
}

function youIll(plan: Plan, { first, last }: Of<'you-ill'>, context: EditContext): Way[] {
  const led = standing(plan, { first, last }).filter(
    ({ part }) => part.ruleId === null && part.lead === 'leads' && part.adultId === null,
  );
  const waits = (parts: readonly Part[]): Edit[] =>
    parts.map((part) => changePart(part.id, putOff(part, last)));
  // What comes after it in its lesson cannot stay in ink.
  const lessons = new Set(led.map(({ part }) => part.lessonId));
  const done = doneParts(plan);
  const pencilled = pencil(
    plan.parts
      .filter((p) => p.lessonId !== null && lessons.has(p.lessonId) && !done.has(p.id))
      .map((p) => p.id),
  );
  const ways: Way[] = plan.adults.map((adult) => {
    const there = led.filter(({ sitting }) => adult.weekdays.includes(weekdayOf(sitting.date)));
    const others = led.filter((l) => !there.includes(l)).map((l) => l.part);
    return {
      key: `adult:${adult.id}`,
      does: there.length
        ? `${adult.name} leads on ${inAList([...new Set(there.map((t) => shortDate(t.sitting.date)))])}${others.length ? '; what else needs you waits' : ''}`
        : '',
      edit: several(
        pencilled,
        ...there.map(({ part }) => changePart(part.id, { adultId: adult.id })),
        ...waits(others),
      ),
    };
  });
  return [
    {
      key: 'alone',
      does: 'What needs you waits; what they can do alone goes on',
      edit: several(pencilled, ...waits(led.map((l) => l.part))),
    },
    ...ways.filter((w) => w.does),
    ...daysLost(plan, { is: 'days-lost', first, last, label: 'you ill' }, context)
      .slice(0, 1)
      .map((w) => ({ ...w, does: 'No school on these days' })),
  ];
}

function ranOver(plan: Plan, { lessonId, date }: Of<'ran-over'>): Way[] {
  const rest = standing(plan, { first: date, last: date }).filter(({ part }) => part.lessonId === lessonId);
  if (!rest.length || !plan.year) return [];
  const goesOn = several(...rest.map(({ part }) => didNotHappen(part.id, date, true)));
  return [
    { key: 'goes-on', does: 'The rest goes on the next day with room', edit: goesOn },
    { key: 'enough', does: 'It is enough: leave the rest out', edit: leaveOut([lessonId], true) },
  ];
}

function comesLate(plan: Plan, { partId, until }: Of<'comes-late'>): Way[] {
  const part = plan.parts.find((p) => p.id === partId);
  const unit = part && homes(plan)(part).unit;
  if (!part?.lessonId || !unit) return [];
  const wait = changePart(part.id, { earliest: latest(part.earliest, until) });
  const freed = pencil([partId]);
  return [
    {
      key: 'wait',
      does: `“${part.title}” waits for it, until ${shortDate(until)}`,
      edit: several(freed, wait),
    },
    ...part.alternatives.map((a) => ({
      key: `instead:${a.id}`,
      does: `Do “${a.title}” instead`,
      edit: takeAlternative(part.id, a.id),
    })),
    ...beforeIt(plan, unit.id, part.lessonId).map(({ lesson, does }) => ({
      key: `before:${lesson.id}`,
      does,
      edit: several(freed, wait, putBefore(lesson.id, part.lessonId!), afresh(unit.id)),
    })),
    ...(part.optional
      ? [{ key: 'without', does: `Do without “${part.title}” this time`, edit: didNotHappenAtAll(part.id) }]
      : []),
  ];
}

function enough(plan: Plan, { unitId }: Of<'enough'>): Way[] {
  const unit = plan.units.find((u) => u.id === unitId);
  if (!unit) return [];
  const optional = lessonsToCome(plan, unit, '').filter((l) => l.optional);
  return [
    { key: 'close', does: `Close “${unit.title}”: what is left is left over`, edit: closeUnit(unitId) },
    ...(optional.length
      ? [
          {
            key: 'short',
            does: `Leave out what may be: ${inAList(optional.map((l) => `“${l.title}”`))}`,
            edit: leaveOut(
              optional.map((l) => l.id),
              true,
            ),
          },
        ]
      : []),
  ];
}

/** An optional part goes out of its lesson; undo brings it back. */
const didNotHappenAtAll =
  (partId: string): Edit =>
  (plan) => ({ plan: { ...plan, parts: plan.parts.filter((p) => p.id !== partId) } });
