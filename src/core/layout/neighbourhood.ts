/** Which lessons a search lifts together: a few of a unit, or all that begin within some days. */
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { LayPart, LayUnit } from './problem';
import type { PlaceOf, Score } from './score';

/** Lessons of a unit in a row, from the one to the other. */
export interface Run {
  unit: LayUnit;
  from: number;
  to: number;
}

export const partsOf = ({ unit, from, to }: Run): LayPart[] =>
  unit.lessons.slice(from, to + 1).flatMap((l) => l.parts);

/** The days on which something of a run stands. */
export const daysOf = (run: Run, placeOf: PlaceOf): number[] =>
  partsOf(run).flatMap((p) => placeOf(p)?.day ?? []);

/** Chance, the same for the same seed. */
export class Chance {
  private readonly random;

  constructor(seed: number) {
    this.random = xoroshiro128plus(seed);
  }

  int(from: number, to: number): number {
    return uniformInt(this.random, from, to);
  }

  pick<T>(items: readonly T[]): T {
    return items[this.int(0, items.length - 1)];
  }
}

/** School days within which lessons begin that are lifted together, and how many of a unit at the most. Own choice. */
const WITHIN = [4, 9, 19] as const;
const MOST_LIFTED = 8;

export class Neighbourhood {
  constructor(
    private readonly units: readonly LayUnit[],
    private readonly placeOf: PlaceOf,
    private readonly isFree: (part: LayPart) => boolean,
    private readonly chance: Chance,
  ) {}

  /** The next one to be looked at, in a lay-out with a score. */
  next(now: Score): Run[] {
    const runs = this.units.length > 1 && !this.chance.int(0, 3) ? this.withinDays() : [];
    return runs.length ? runs : this.fewLessons(now);
  }

  /** The lessons of all units that begin within some days: where one takes what another needs. */
  private withinDays(): Run[] {
    const begins = this.units.map((unit) =>
      unit.lessons.map((_, i) => Math.min(...daysOf({ unit, from: i, to: i }, this.placeOf))),
    );
    const first = this.chance.pick(this.chance.pick(begins));
    const last = first + this.chance.pick(WITHIN);
    return this.units.flatMap((unit, u): Run[] => {
      const on = begins[u].flatMap((day, i) => (day >= first && day <= last ? [i] : []));
      return on.length
        ? [{ unit, from: on[0], to: Math.min(on[on.length - 1], on[0] + MOST_LIFTED - 1) }]
        : [];
    });
  }

  /** A few lessons in a row of one unit, and often those of another unit about the same days. */
  private fewLessons(now: Score): Run[] {
    const { chance } = this;
    const lacking = now.out + now.optionalOut && chance.int(0, 3) ? chance.pick(this.lacking()) : undefined;
    const unit = lacking?.unit ?? chance.pick(this.units);
    const n = unit.lessons.length;
    const length = chance.int(1, Math.min(n, chance.int(0, 3) ? 6 : n));
    // Where something is out, about that; where something is late, more often the end of a unit.
    const isEnd = now.late && chance.int(0, 2) === 0;
    let from = isEnd ? n - length : chance.int(0, n - length);
    if (lacking) from = Math.min(n - length, Math.max(0, lacking.index - chance.int(0, length - 1)));
    const run = { unit, from, to: from + length - 1 };
    if (this.units.length < 2 || !chance.int(0, 1)) return [run];
    const other = chance.pick(this.units.filter((u) => u !== unit));
    const near = this.near(run, other);
    if (!near.length) return [run];
    const begin = chance.int(0, near.length - 1);
    const end = Math.min(near.length - 1, begin + chance.int(0, 4));
    return [run, { unit: other, from: near[begin], to: near[end] }];
  }

  /** Lessons of another unit that stand about the same days as a run, or nowhere. */
  private near(run: Run, other: LayUnit): number[] {
    const days = daysOf(run, this.placeOf);
    const [first, last] = [Math.min(...days), Math.max(...days)];
    return other.lessons.flatMap((_, i) => {
      const d = daysOf({ unit: other, from: i, to: i }, this.placeOf);
      return !d.length || (Math.min(...d) <= last && Math.max(...d) >= first) ? [i] : [];
    });
  }

  /** The lessons of all other units that stand about the same days as a run. */
  beside(run: Run): Run[] {
    return this.units.flatMap((unit): Run[] => {
      const near = unit === run.unit ? [] : this.near(run, unit);
      return near.length ? [{ unit, from: near[0], to: near[near.length - 1] }] : [];
    });
  }

  /** Lessons of which something has no place. */
  lacking(): { unit: LayUnit; index: number }[] {
    return this.units.flatMap((unit) =>
      unit.lessons.flatMap((lesson, index) =>
        lesson.parts.some((p) => this.isFree(p) && !this.placeOf(p)) ? [{ unit, index }] : [],
      ),
    );
  }
}
