/** Puts one lesson in a lay-out as it grows: where it may stand after what comes before it, and costs least. */
import { EVENING } from '../plan/words';
import { leaveParts } from './as-it-stood';
import { Insertion, type Asked } from './insertion';
import type { Chance } from './neighbourhood';
import { mayPlace, type LayoutInput, type LayPart, type LayUnit } from './problem';
import type { Schedule } from './schedule';
import type { PlaceOf, Scale } from './score';
import type { Slot } from './slots';

/** How lessons are placed again: each as cheap as it can be, rather early, or rather late. */
export type Leaning = 'cheap' | 'early' | 'late';
const LEAN = { 'as it is': 0, cheap: 0, early: 1, late: -1 } as const;

/** What a day earlier or later counts beside the score, so that a lesson leans that way. Own choice. */
const LEANS = [8, 40, 120, 250, 600] as const;

export interface How {
  leaning: Leaning | 'as it is';
  /** Whether a week may not have more lessons than the pace. */
  keepsPace?: boolean;
  /** Whether it is put as far that way as it can be. */
  isPulled?: boolean;
  /** Those of its parts that are placed. */
  which?: (part: LayPart) => boolean;
}

/** Where parts stand in a lay-out as it grows. */
export const placesIn =
  (schedule: Schedule): PlaceOf =>
  (part) => {
    const slot = schedule.slotOf(part);
    return slot === undefined
      ? undefined
      : { day: schedule.slots.day(slot), window: schedule.slots.window(slot) };
  };

export class Placer {
  /** Slots that parts were tried on so far. */
  tried = 0;
  private readonly ownSlots = new Map<string, Int32Array>();
  private readonly firstSlot: ReadonlyMap<string, Slot>;
  private readonly placeOf: PlaceOf;

  constructor(
    private readonly schedule: Schedule,
    private readonly input: LayoutInput,
    private readonly scale: Scale,
    private readonly chance: Chance,
  ) {
    this.placeOf = placesIn(schedule);
    const { slots } = schedule;
    const today = slots.firstOf(slots.dayFrom(input.today));
    this.firstSlot = new Map(
      input.units.map((u) => [u.id, Math.max(today, slots.firstOf(slots.dayFrom(u.starts)))]),
    );
  }

  /** Puts a lesson's free parts where they cost least, in a way that is a little other each time. */
  placeLesson(
    unit: LayUnit,
    index: number,
    { leaning, keepsPace = false, isPulled = false, which = () => true }: How,
  ): void {
    const lesson = unit.lessons[index];
    const first = lesson.parts.find((p) => mayPlace(this.input, p) && which(p) && !this.schedule.stands(p));
    if (!first) return;
    const isPaced = unit.lessonsPerWeek !== null || unit.wishedEnd !== null;
    const due = this.scale.ideal.get(unit.id)![index];
    const lean = LEAN[leaning] * (isPulled ? Math.max(...LEANS) : this.chance.pick(LEANS));
    const insertion = new Insertion(this.schedule, this.input, this.scale, {
      unit,
      index,
      ...this.bounds(unit, index, first),
      begun: this.begunIn(unit, index),
      due,
      dueWeek: isPaced ? (this.input.days[due]?.week ?? this.scale.weeks) : undefined,
      lean,
      leanAfter: isPulled || this.chance.int(0, 1) ? Math.max(0, lean) : 0,
      keepsPace,
      noise: () => (leaning === 'as it is' ? 0 : this.chance.int(0, 8)),
      isFree: (p) => mayPlace(this.input, p) && which(p),
      slotsOf: (p) => this.slotsOf(p),
    });
    const { stood, nodes } = insertion.best();
    this.tried += nodes;
    for (const { part, slot, reason } of stood) this.schedule.put(part, slot, reason);
  }

  /** Puts what of a lesson can stay where it stood there, whatever the pace would have. */
  leaveParts(unit: LayUnit, index: number): void {
    const { parts } = unit.lessons[index];
    const first = parts.find((p) => mayPlace(this.input, p) && !this.schedule.stands(p));
    if (!first) return;
    const { earliest, latest } = this.bounds(unit, index, first);
    leaveParts(this.schedule, parts, earliest, latest);
  }

  private slotsOf(part: LayPart): Int32Array {
    // Parts with the same limits of their own have the same slots; most have none.
    const limits = `${part.weekday} ${part.latest} ${part.window === EVENING}`;
    let own = this.ownSlots.get(limits);
    if (!own) {
      const { schedule } = this;
      own = Int32Array.from({ length: schedule.slots.count }, (_, slot) => slot).filter((slot) =>
        schedule.mayStand(part, slot),
      );
      this.ownSlots.set(limits, own);
    }
    return own;
  }

  /** Lessons of a unit, but for one, that begin in each week, and on each day. */
  private begunIn(unit: LayUnit, but: number): Asked['begun'] {
    const inWeek = new Map<number, number>();
    const onDay = new Map<number, number>();
    unit.lessons.forEach((lesson, i) => {
      if (i === but) return;
      let day = Infinity;
      for (const part of lesson.parts) day = Math.min(day, this.placeOf(part)?.day ?? Infinity);
      const week = this.input.days[day]?.week;
      if (week === undefined) return;
      inWeek.set(week, (inWeek.get(week) ?? 0) + 1);
      onDay.set(day, (onDay.get(day) ?? 0) + 1);
    });
    return { inWeek, onDay };
  }

  /** Between which slots a lesson of a unit may stand: after what comes before it, and before what stays after it. */
  private bounds(unit: LayUnit, index: number, first: LayPart): { earliest: Slot; latest: Slot } {
    const { schedule } = this;
    let earliest = Math.max(this.firstSlot.get(unit.id)!, schedule.slots.notBefore(first));
    for (let i = 0; i < index; i++) earliest = Math.max(earliest, schedule.chainEnd(unit.lessons[i]) ?? 0);
    let latest: Slot = Infinity;
    for (let i = index + 1; i < unit.lessons.length; i++)
      for (const part of unit.lessons[i].parts)
        latest = Math.min(latest, schedule.standsUntil(part) ?? Infinity);
    return { earliest, latest };
  }
}
