/**
 * A lay-out made better by an exact solver: the whole of it where it is small, else a few lessons at a time with all the rest
 * fixed where it is, again and again: fix-and-optimize (Helber and Sahling 2010, named from memory). What the solver finds is
 * taken where the engine can have it stand so and the score is better.
 */
import type { Solve } from '../solver/highs';
import type { Layout } from './answer';
import { AS_CONSTRUCTED, layOut } from './lay-out';
import { daysOf, partsOf, type Run } from './neighbourhood';
import { mayPlace, type LayoutInput, type LayPart, type Place, type Stood } from './problem';
import { layoutProgram, type Span } from './program';
import { placesAmong, scaleOf, score, type PlaceOf, type Score } from './score';

export interface Patience {
  /** Parts times school days up to which the whole is asked for. */
  small: number;
  /** Seconds for the whole, and for a few lessons. */
  whole: number;
  few: number;
  /** How often it is asked for a few lessons. */
  times: number;
}

/** Parts that are free at once, at the most, and school days to either side on which they may stand. Own choice. */
const MOST_FREE = 18;
const REACH = 8;
/** Lessons of a unit that are free together, every other one of which begins such a few. Own choice. */
const LESSONS = 4;

/** @returns the lay-out itself where nothing better is found */
export async function fixAndOptimize(
  input: LayoutInput,
  laid: Layout,
  solve: Solve,
  patience: Patience,
): Promise<Layout> {
  const optimizer = new Optimizer(input, laid, solve);
  await optimizer.run(patience);
  return optimizer.best;
}

class Optimizer {
  best: Layout;
  private now: Score;
  private readonly scale;
  private readonly free: readonly LayPart[];

  constructor(
    private readonly input: LayoutInput,
    laid: Layout,
    private readonly solve: Solve,
  ) {
    this.scale = scaleOf(input);
    this.best = laid;
    this.now = score(this.scale, this.placesIn(laid));
    this.free = input.units.flatMap((u) => u.lessons.flatMap((l) => l.parts.filter((p) => this.isFree(p))));
  }

  async run({ small, whole, few, times }: Patience): Promise<void> {
    const { days } = this.input;
    if (this.free.length * days.length <= small) {
      const isProved = await this.ask(this.free, { first: 0, last: days.length - 1 }, whole);
      if (isProved) return;
    }
    let left = times;
    for (let isBetter = true; isBetter && left > 0;) {
      const from = this.now.total;
      for (const run of this.runs()) {
        if (left <= 0) break;
        const about = this.about(run);
        if (!about) continue;
        left--;
        await this.ask(about.parts, about.among, few);
      }
      isBetter = this.now.total < from;
    }
  }

  private isFree(part: LayPart): boolean {
    return mayPlace(this.input, part) && !this.input.previous.get(part.id)?.byHand;
  }

  private placesIn(layout: Layout): PlaceOf {
    return placesAmong(this.scale, layout.placements);
  }

  /** @returns whether what stands now is proved to be the best there is with these parts free */
  private async ask(parts: readonly LayPart[], among: Span, seconds: number): Promise<boolean> {
    const ids = new Set(parts.map((p) => p.id));
    const fixed = new Map(
      this.best.placements.filter((p) => !ids.has(p.partId)).map((p): [string, Place] => [p.partId, p]),
    );
    const program = layoutProgram(this.input, fixed, (p) => ids.has(p.id), {
      among,
      below: this.now.total,
    });
    const answer = await this.solve(program.text, seconds);
    if (!answer?.value) return answer?.proved ?? false;
    const found = this.laidOut(new Map([...fixed, ...program.placesOf(answer.value)]));
    if (!found) return false;
    const then = score(this.scale, this.placesIn(found));
    if (then.out > this.now.out || then.overPace > this.now.overPace) return false;
    if (then.total < this.now.total - 0.01) [this.best, this.now] = [found, then];
    return answer.proved;
  }

  /** The lay-out with parts where they are said to stand; undefined where the engine cannot have it so. */
  private laidOut(places: ReadonlyMap<string, Place>): Layout | undefined {
    const previous = new Map(
      this.free.flatMap(({ id }): [string, Stood][] => {
        const place = places.get(id);
        return place ? [[id, { date: place.date, window: place.window }]] : [];
      }),
    );
    for (const [id, stood] of this.input.previous) if (stood.byHand) previous.set(id, stood);
    const layout = layOut({ ...this.input, search: false, previous }, AS_CONSTRUCTED);
    const at = new Map(layout.placements.map((p) => [p.partId, p]));
    const isSo = [...previous].every(
      ([id, { date, window }]) => at.get(id)?.date === date && at.get(id)?.window === window,
    );
    return isSo ? layout : undefined;
  }

  /** A few lessons each: about what has no place, then of units that are late, then of the others; each unit from its end on. */
  private runs(): Run[] {
    const placeOf = this.placesIn(this.best);
    const lacking: Run[] = [];
    const late: Run[] = [];
    const others: Run[] = [];
    for (const unit of this.input.units) {
      const n = unit.lessons.length;
      const few = (first: number): Run => {
        const from = Math.max(0, Math.min(n - LESSONS, first));
        return { unit, from, to: Math.min(n, from + LESSONS) - 1 };
      };
      unit.lessons.forEach((lesson, i) => {
        if (lesson.parts.some((p) => this.isFree(p) && !placeOf(p))) lacking.push(few(i - LESSONS / 2));
      });
      const ends = Math.max(...daysOf({ unit, from: 0, to: n - 1 }, placeOf));
      const rest = ends > this.scale.ends.get(unit.id)!.last ? late : others;
      for (let first = n - LESSONS; first > -LESSONS / 2; first -= LESSONS / 2) rest.push(few(first));
    }
    return [...lacking, ...late, ...others];
  }

  /** The free parts of a few lessons and of what other units have on their days, and the days about them. */
  private about({ unit, from, to }: Run): { parts: LayPart[]; among: Span } | undefined {
    const { units, days } = this.input;
    const placeOf = this.placesIn(this.best);
    const mine = partsOf({ unit, from, to }).filter((p) => this.isFree(p));
    if (!mine.length) return undefined;
    const near = daysOf(
      { unit, from: Math.max(0, from - 1), to: Math.min(unit.lessons.length - 1, to + 1) },
      placeOf,
    );
    const [first, last] = near.length ? [Math.min(...near), Math.max(...near)] : [0, days.length - 1];
    const isBeside = (p: LayPart): boolean => {
      const day = placeOf(p)?.day;
      return day !== undefined && day >= first && day <= last;
    };
    const beside = units
      .filter((u) => u !== unit)
      .flatMap((u) => u.lessons.filter((l) => l.parts.some(isBeside)))
      .flatMap((l) => l.parts.filter((p) => this.isFree(p)));
    return {
      parts: [...mine, ...beside].slice(0, Math.max(MOST_FREE, mine.length)),
      among: { first: Math.max(0, first - REACH), last: Math.min(days.length - 1, last + REACH) },
    };
  }
}
