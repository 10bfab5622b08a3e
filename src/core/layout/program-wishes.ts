/** What the score counts, as rows and costs of the exact programme: ends, weeks against the pace, lessons in one piece. */
import type { Programme, Term } from '../solver/programme';
import type { LayLesson, LayoutInput, LayPart, LayUnit } from './problem';
import { WEIGHT, type Scale } from './score';
import type { Slot, Slots } from './slots';

/** A free part, with a number of its own and the slots it may stand on. */
export interface Free {
  n: number;
  part: LayPart;
  slots: Slot[];
}

/** What a part's day counts, as terms and a constant, and that it stands nowhere. */
export interface Measured {
  terms: Term[];
  constant: number;
  out: Term[];
}

type Measure = (part: LayPart, of: (day: number) => number) => Measured | undefined;

export const less = (terms: readonly Term[]): Term[] => terms.map(([much, name]) => [-much, name]);

/** The parts of a lesson up to its first wait: what the next lesson comes after. */
export function chainOf(lesson: LayLesson): LayPart[] {
  const at = lesson.parts.findIndex((p) => p.waitAfterHours > 0);
  return at < 0 ? [...lesson.parts] : lesson.parts.slice(0, at + 1);
}

export function addWishes(
  programme: Programme,
  scale: Scale,
  slots: Slots,
  free: ReadonlyMap<string, Free>,
  measure: Measure,
): void {
  const wishes = new Wishes(programme, scale, slots, free, measure);
  scale.input.units.forEach((unit, u) => wishes.of(unit, u));
}

class Wishes {
  private readonly input: LayoutInput;

  constructor(
    private readonly programme: Programme,
    private readonly scale: Scale,
    private readonly slots: Slots,
    private readonly free: ReadonlyMap<string, Free>,
    private readonly measure: Measure,
  ) {
    this.input = scale.input;
  }

  of(unit: LayUnit, u: number): void {
    this.ends(unit, u);
    this.weeks(unit, u);
    unit.lessons.forEach((lesson, i) => this.inOnePiece(lesson, `${u}_${i}`));
  }

  private ends(unit: LayUnit, u: number): void {
    const { due, last } = this.scale.ends.get(unit.id)!;
    const { programme } = this;
    programme.costs(`f${u}`, WEIGHT.finish);
    programme.costs(`l${u}`, WEIGHT.late);
    for (const part of unit.lessons.flatMap((l) => l.parts))
      for (const [name, from] of [
        [`f${u}`, due],
        [`l${u}`, last],
      ] as const) {
        const days = this.measure(part, (day) => Math.max(0, day - from));
        if (days?.terms.length || days?.constant)
          programme.row([[1, name], ...less(days.terms)], '>=', days.constant);
      }
  }

  /** How many lessons begin in each week, against the pace. A lesson begins with its first part. */
  private weeks(unit: LayUnit, u: number): void {
    const { programme } = this;
    const ideal = this.scale.idealInWeek.get(unit.id);
    const due = this.scale.ideal.get(unit.id)!;
    unit.lessons.forEach((lesson, i) => {
      const free = this.free.get(lesson.parts[0]?.id);
      for (const slot of free?.slots ?? [])
        programme.costs(`x${free!.n}_${slot}`, WEIGHT.aim * Math.abs(this.slots.day(slot) - due[i]));
    });
    const begun = (is: (day: number) => boolean): { terms: Term[]; constant: number; most: number } => {
      const each = unit.lessons.flatMap(
        ({ parts: [opens] }) => (opens && this.measure(opens, (day) => (is(day) ? 1 : 0))) ?? [],
      );
      const constant = each.reduce((sum, b) => sum + b.constant, 0);
      return {
        terms: each.flatMap((b) => b.terms),
        constant,
        most: constant + each.filter((b) => b.terms.length).length,
      };
    };
    const perDay = this.scale.perDay.get(unit.id)!;
    for (const { index } of this.input.days) {
      const { terms, constant, most } = begun((day) => day === index);
      if (most <= perDay || !terms.length) continue;
      programme.costs(`c${u}_${index}`, WEIGHT.crowded);
      programme.row([...terms, [-1, `c${u}_${index}`]], '<=', Math.max(0, perDay - constant));
    }
    const weeks = (this.input.days.at(-1)?.week ?? -1) + 1;
    for (let week = 0; week < weeks; week++) {
      const { terms, constant, most } = begun((day) => this.input.days[day].week === week);
      if (ideal && (most || ideal[week])) {
        const e = `e${u}_${week}`;
        programme.costs(e, WEIGHT.uneven);
        programme.row([[1, e], ...less(terms)], '>=', constant - ideal[week]);
        programme.row([[1, e], ...terms], '>=', ideal[week] - constant);
      }
      if (unit.mostPerWeek !== null && terms.length) {
        const w = `w${u}_${week}`;
        programme.costs(w, WEIGHT.overPace);
        programme.row([...terms, [-1, w]], '<=', Math.max(0, unit.mostPerWeek - constant));
      }
    }
  }

  /** Days, weekends and breaks between the first and the last part of a lesson's chain. */
  private inOnePiece(lesson: LayLesson, name: string): void {
    const [opens, ...others] = chainOf(lesson);
    const { days } = this.input;
    const measures: [string, number, (day: number) => number][] = [
      ['g', WEIGHT.spread, (day) => day],
      ['h', WEIGHT.overWeekend, (day) => days[day].week],
      ['k', WEIGHT.overBreak, (day) => days[day].block],
    ];
    if (!others.length) return;
    for (const [letter, weight, of] of measures) {
      const v = `${letter}${name}`;
      this.programme.costs(v, weight);
      const most = of(days.length - 1) + 1;
      for (const later of others) {
        const [b, a] = [this.measure(later, of), this.measure(opens, of)];
        if (!a || !b) continue;
        // Where one of the two stands nowhere there is nothing between them.
        const loose = [...a.out, ...b.out].map(([, o]): Term => [most, o]);
        this.programme.row([[1, v], ...less(b.terms), ...a.terms, ...loose], '>=', b.constant - a.constant);
      }
    }
  }
}
