/** Ways to make a unit fit that ends late or leaves something out, as edits of the plan. */
import { addDays, shortDate, weekdayName } from '../calendar/dates';
import { schoolDays } from '../calendar/school-days';
import { needsOf } from '../layout/availability';
import { conflictOf, type Wish } from '../layout/conflict';
import type { LayoutInput } from '../layout/problem';
import { layoutInput } from '../layout/input';
import { PARENT } from '../layout/counted';
import { howItStands, type Verdict } from '../layout/verdict';
import { suits } from '../books/fit';
import { isReadAloud } from '../books/readers';
import { READS_FROM } from '../books/reading';
import { ageOn } from '../plan/age';
import { inAList } from '../plan/called';
import { booksById, doneParts } from '../plan/lookup';
import type { Plan } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { changePlaces } from './change-places';
import { setRole } from './books';
import { afresh, changePart, several } from './compose';
import { perform, withChanged, type Edit, type EditContext } from './edit';
import { leaveOut } from './lessons';
import { doWithout } from './loans';
import { editUnit } from './units';
import { lessonsToCome, numeral, type Way } from './way';
import { endUnit, paceUnit, setYear } from './year';

/** Minutes more a day that are tried, fewest first. Own choice. */
const MORE = [10, 20, 30, 45, 60, 90];
const SATURDAY = 6;
/** Under this age a child who holds everybody up may listen in. Own choice. */
const LISTENS_UNDER = 7;

export function waysToFit(plan: Plan, unitId: string, context: EditContext): Way[] {
  const unit = plan.units.find((u) => u.id === unitId);
  const input = layoutInput(plan, { today: context.today });
  if (!unit || !input || !plan.year || unit.waiting || unit.closedOn !== null) return [];
  const holds = (edit: Edit): boolean => {
    const done = perform(edit, plan, context);
    const verdict = 'plan' in done ? howItStands(done.plan, unitId, context.today) : undefined;
    return !!verdict && isMet(verdict);
  };
  const now = howItStands(plan, unitId, context.today);
  if (!now || isMet(now)) return [];
  const binds = conflictOf(input, unitId);
  return [
    ...anew(unit),
    ...faster(unit, holds),
    ...shorter(plan, unit, context, holds),
    ...moreMinutes(
      plan,
      unit,
      binds.flatMap((w) => (w.is === 'minutes' && w.of ? [w.of] : [])),
      holds,
    ),
    ...(binds.some((w) => w.is === 'minutes' && w.of === PARENT)
      ? [...readAlone(plan, unit, holds), ...otherAdults(plan, unit, holds)]
      : []),
    ...withoutBooks(plan, input, unit, binds),
    ...changePlaces(plan, unit, context, holds),
    ...listening(plan, unit, context),
    ...earlier(plan, unit, context, holds),
    ...saturdays(plan, unit),
    ...later(plan, unit, now),
  ];
}

const isMet = (v: Verdict): boolean => v.meetsEnd && v.placed === v.lessons;

const anew = (unit: Unit): Way[] => [
  { key: 'anew', does: `Lay “${unit.title}” out afresh`, edit: afresh(unit.id) },
];

function faster(unit: Unit, holds: (edit: Edit) => boolean): Way[] {
  const perWeek = unit.lessonsPerWeek;
  if (perWeek === null) return [];
  const paces = [1, 2, 3]
    .map((more) => Math.max(perWeek, unit.mostPerWeek ?? 0) + more)
    .filter((n) => n <= 7);
  const enough = paces.find((n) => holds(paceUnit(unit.id, n))) ?? paces[0];
  return enough === undefined
    ? []
    : [{ key: `pace:${enough}`, does: `${numeral(enough)} lessons a week`, edit: paceUnit(unit.id, enough) }];
}

function shorter(plan: Plan, unit: Unit, { today }: EditContext, holds: (edit: Edit) => boolean): Way[] {
  const optional = lessonsToCome(plan, unit, today).filter((l) => l.optional);
  for (let n = 1; n <= optional.length; n++) {
    const out = optional.slice(-n);
    const ids = out.map((l) => l.id);
    const edit = several(leaveOut(ids, true), afresh(unit.id));
    if (n === optional.length || holds(edit))
      return [
        { key: `leave:${ids.join(' ')}`, does: `Leave out ${inAList(out.map((l) => `“${l.title}”`))}`, edit },
      ];
  }
  return [];
}

/** More minutes a day for those whose minutes bind, each by as many as it takes. */
function moreMinutes(plan: Plan, unit: Unit, who: readonly string[], holds: (edit: Edit) => boolean): Way[] {
  return who.map((id) => {
    const child = plan.children.find((c) => c.id === id);
    const edit = (more: number): Edit =>
      several(
        (now) => ({
          plan:
            id === PARENT
              ? { ...now, family: { ...now.family!, leadMinutes: now.family!.leadMinutes + more } }
              : {
                  ...now,
                  children: withChanged(now.children, id, { minutes: (child?.minutes ?? 0) + more }),
                },
        }),
        afresh(unit.id),
      );
    const more = MORE.find((n) => holds(edit(n))) ?? MORE[MORE.length - 1];
    return {
      key: `minutes:${id}:${more}`,
      does: child ? `${child.name} works ${more} minutes more a day` : `You lead ${more} minutes more a day`,
      edit: edit(more),
    };
  });
}

/** Lessons do without a borrowed book that is not there in time for them. */
function withoutBooks(plan: Plan, input: LayoutInput, unit: Unit, binds: readonly Wish[]): Way[] {
  const done = doneParts(plan);
  const toCome = new Set(plan.parts.flatMap((p) => (p.lessonId && !done.has(p.id) ? [p.lessonId] : [])));
  return needsOf(input.units.find((u) => u.id === unit.id))
    .filter((n) => n.is === 'borrowed' && binds.some((w) => w.is === 'needs' && w.of === n.of))
    .map(({ id, of }) => {
      const pulls = new Set(
        plan.pulls.flatMap((p) => (p.unitId === unit.id && p.bookId === id ? [p.id] : [])),
      );
      const lessonIds = plan.uses.flatMap((u) =>
        pulls.has(u.pullId) && toCome.has(u.lessonId) ? [u.lessonId] : [],
      );
      return {
        key: `without:${id}`,
        does: `Do without ${of}`,
        edit: several(doWithout(unit.id, id, lessonIds), afresh(unit.id)),
      };
    });
}

/** What leads the unit is read alone, where every child of it can, and that is enough. */
function readAlone(plan: Plan, unit: Unit, holds: (edit: Edit) => boolean): Way[] {
  const books = booksById(plan.books);
  const children = plan.children.filter(
    (c) => unit.childIds.includes(c.id) && ageOn(c.birthMonth, unit.starts) >= READS_FROM,
  );
  return plan.pulls
    .filter((p) => p.unitId === unit.id && p.role === 'spine' && isReadAloud(p))
    .flatMap((pull): Way[] => {
      const book = books.get(pull.bookId)!;
      const can = children.every((c) => ['fits', 'stretch'].includes(suits(book, c, unit.starts, 'read')));
      if (!can || !children.length) return [];
      const ids = children.map((c) => c.id);
      const edit = several(setRole(pull.id, 'spine', ids, 'alone'), afresh(unit.id));
      const names = inAList(children.map((c) => c.name));
      const does = `${names} ${ids.length === 1 ? 'reads' : 'read'} “${book.title}” alone`;
      return holds(edit) ? [{ key: `alone:${pull.id}`, does, edit }] : [];
    });
}

/** Another adult leads what the parent led: first what is done beside reading, else all of it; where that is enough. */
function otherAdults(plan: Plan, unit: Unit, holds: (edit: Edit) => boolean): Way[] {
  const done = doneParts(plan);
  const inked = new Set(plan.sittings.flatMap((s) => (s.state === 'ink' ? [s.partId] : [])));
  const own = new Set(plan.lessons.filter((l) => l.unitId === unit.id).map((l) => l.id));
  const led = plan.parts.filter(
    (p) =>
      own.has(p.lessonId ?? '') &&
      p.lead === 'leads' &&
      p.adultId === null &&
      !done.has(p.id) &&
      !inked.has(p.id),
  );
  const beside = led.filter((p) => p.kind !== 'read-aloud');
  return plan.adults.flatMap((adult): Way[] => {
    const by = (parts: typeof led): Edit =>
      several(...parts.map((p) => changePart(p.id, { adultId: adult.id })), afresh(unit.id));
    const tried = [
      { key: 'beside', does: `${adult.name} leads what is done beside reading`, parts: beside },
      { key: 'all', does: `${adult.name} leads what you lead`, parts: led },
    ].find(({ parts }) => parts.length && holds(by(parts)));
    return tried ? [{ key: `adult:${adult.id}:${tried.key}`, does: tried.does, edit: by(tried.parts) }] : [];
  });
}

/** A small child who is in the unit listens in: takes part in what is together, and has no work of their own. */
function listening(plan: Plan, unit: Unit, { today }: EditContext): Way[] {
  return plan.children
    .filter(
      (c) =>
        unit.childIds.includes(c.id) &&
        unit.childIds.length > 1 &&
        ageOn(c.birthMonth, today) < LISTENS_UNDER,
    )
    .map((c) => ({
      key: `listens:${c.id}`,
      does: `${c.name} only listens in`,
      edit: editUnit(unit.id, {
        childIds: unit.childIds.filter((id) => id !== c.id),
        listens: [...unit.listens, c.id],
      }),
    }));
}

/** An earlier start, where nothing of the unit is done: the latest one with which it fits. */
function earlier(plan: Plan, unit: Unit, { today }: EditContext, holds: (edit: Edit) => boolean): Way[] {
  const done = doneParts(plan);
  const own = new Set(plan.lessons.filter((l) => l.unitId === unit.id).map((l) => l.id));
  if (unit.after !== null || plan.parts.some((p) => own.has(p.lessonId ?? '') && done.has(p.id))) return [];
  const starts = schoolDays(plan.year!)
    .map((d) => d.date)
    .filter((d) => d >= today && d < unit.starts);
  const tried = [7, 14, 21, 28].flatMap(
    (back) => starts.filter((d) => d <= addDays(unit.starts, -back)).at(-1) ?? [],
  );
  const date = tried.find((d) => holds(editUnit(unit.id, { starts: d }))) ?? tried.at(-1);
  return date
    ? [
        {
          key: `start:${date}`,
          does: `Begin on ${shortDate(date)}`,
          edit: editUnit(unit.id, { starts: date }),
        },
      ]
    : [];
}

function saturdays(plan: Plan, unit: Unit): Way[] {
  const { weekdays } = plan.year!;
  if (weekdays.includes(SATURDAY) || weekdays.length < 4) return [];
  return [
    {
      key: 'weekday',
      does: `Teach on ${weekdayName(SATURDAY)}s too`,
      edit: several(
        (now, c) => setYear({ ...now.year!, weekdays: [...now.year!.weekdays, SATURDAY] })(now, c),
        afresh(unit.id),
      ),
    },
  ];
}

function later(plan: Plan, unit: Unit, now: Verdict): Way[] {
  return now.finishes && unit.wishedEnd && now.placed === now.lessons
    ? [
        {
          key: 'end',
          does: `Let it end on ${shortDate(now.finishes)}`,
          edit: endUnit(unit.id, now.finishes),
        },
      ]
    : [];
}
