/**
 * The lay-out as a mixed-integer programme in CPLEX LP text, and its answer read back: what an exact solver makes of the
 * same problem, rules and score. x: a part on a slot; o: a part without a place; g, h, k: days, weekends and breaks within a
 * lesson; e: lessons more or fewer in a week than the pace alone has; w, c: lessons over the pace of a week, of a day; l, f: days late and days taken.
 *
 * What is held or has a fixed date is where the constructed lay-out has put it, and binds the rest as it does there. What
 * closes a unit is left out, as in the score.
 */
import { servesFor } from '../calendar/school-days';
import { EVENING } from '../plan/words';
import type { LayLesson, LayoutInput, LayPart, LayUnit, Place } from './input';
import { inTheWay, minutesBeside } from './beside';
import { countedIn, inDay, inWindow, type Counted } from './counted';
import { scaleOf, WEIGHT, type Scale } from './score';
import { Slots, type Slot } from './slots';

export interface LayoutProgram {
  text: string;
  /** The placements that a solution's values describe, of the parts it was free to place. */
  placesOf: (value: (name: string) => number) => Map<string, Place>;
}

/** @param standing where the constructed lay-out has the parts that it was not free to move */
export function layoutProgram(
  input: LayoutInput,
  standing: ReadonlyMap<string, Place>,
  isFree: (part: LayPart) => boolean,
): LayoutProgram {
  return new Program(input, standing, isFree).write();
}

class Program {
  private readonly slots: Slots;
  private readonly scale: Scale;
  /** What one of each variable costs; each is named once, as the format wants it. */
  private readonly goal = new Map<string, number>();
  private readonly rows: string[] = [];
  private readonly bounds: string[] = [];
  private readonly binary: string[] = [];
  /** The free parts, each with a number of its own and the slots it may stand on. */
  private readonly free = new Map<string, { n: number; part: LayPart; slots: Slot[] }>();

  constructor(
    private readonly input: LayoutInput,
    private readonly standing: ReadonlyMap<string, Place>,
    private readonly isFree: (part: LayPart) => boolean,
  ) {
    this.slots = new Slots(input);
    this.scale = scaleOf(input);
  }

  write(): LayoutProgram {
    const { input } = this;
    for (const unit of input.units)
      for (const part of unit.lessons.flatMap((l) => l.parts)) if (this.isFree(part)) this.open(part, unit);
    this.minutes();
    for (const unit of input.units) this.unit(unit);
    return {
      text: [
        'Minimize',
        ` obj: ${folded([...this.goal].map(([name, cost]) => `${cost} ${name}`).join(' + '))}`,
        'Subject To',
        ...this.rows.map((r, n) => ` r${n}: ${folded(r)}`),
        'Bounds',
        ...this.bounds.map((b) => ` ${b}`),
        'Binary',
        folded(` ${this.binary.join(' ')}`),
        'End',
        '',
      ].join('\n'),
      placesOf: (value) =>
        new Map(
          [...this.free.values()].flatMap(({ n, part, slots }) => {
            const slot = slots.find((s) => value(`x${n}_${s}`) > 0.5);
            return slot === undefined ? [] : [[part.id, this.slots.placeOf(slot)] as const];
          }),
        ),
    };
  }

  private costs(name: string, cost: number): void {
    this.goal.set(name, (this.goal.get(name) ?? 0) + cost);
  }

  /** The slots on which a part may stand by itself, what each costs, and that it stands on one or none. */
  private open(part: LayPart, unit: LayUnit): void {
    const { input, slots, scale } = this;
    const from = Math.max(
      slots.firstOf(slots.dayFrom(input.today)),
      slots.firstOf(slots.dayFrom(unit.starts)),
      slots.notBefore(part),
    );
    const n = this.free.size;
    const may: Slot[] = [];
    for (let s = from; s < slots.count; s++) {
      const day = input.days[slots.day(s)];
      if (input.windows[slots.window(s)].atSchool === (part.window === EVENING)) continue;
      if (part.weekday !== null && !servesFor(input.days, day.index, part.weekday)) continue;
      if (part.latest !== null && day.date > part.latest) continue;
      const w = input.windows[slots.window(s)];
      const window = { from: w.starts, to: w.atSchool ? Math.min(w.ends, day.ends) : w.ends };
      const away = input.away.get(day.date);
      if (away && inTheWay(part, window, away) !== undefined) continue;
      may.push(s);
    }
    this.free.set(part.id, { n, part, slots: may });
    const was = input.previous.get(part.id);
    const wasSlot = was && slots.at(was);
    for (const s of may) {
      let cost = 0;
      if (wasSlot !== undefined && s !== wasSlot)
        cost += slots.day(s) === slots.day(wasSlot) ? WEIGHT.shifted : WEIGHT.moved;
      if (part.window && scale.windowOf.get(part.window) !== slots.window(s)) cost += WEIGHT.window;
      this.binary.push(`x${n}_${s}`);
      this.costs(`x${n}_${s}`, cost);
    }
    this.costs(`o${n}`, part.optional ? WEIGHT.optionalOut : WEIGHT.out);
    this.binary.push(`o${n}`);
    this.rows.push(`${[...may.map((s) => `x${n}_${s}`), `o${n}`].join(' + ')} = 1`);
  }

  /** Minutes of a window in which somebody is there. */
  private minutesThere(who: Counted, slot: Slot): number {
    const { input, slots } = this;
    const day = input.days[slots.day(slot)];
    const w = input.windows[slots.window(slot)];
    const to = w.atSchool ? Math.min(w.ends, day.ends) : w.ends;
    if (who.there && !who.there.weekdays.includes(day.weekday)) return 0;
    const window = {
      from: Math.max(w.starts, who.there?.starts ?? 0),
      to: Math.min(to, who.there?.ends ?? to),
    };
    return minutesBeside(window, who.id, input.away.get(day.date) ?? []);
  }

  /** Nobody's minutes are exceeded, of a day or of a window, nor those of what there is one of. */
  private minutes(): void {
    const { input, slots } = this;
    const school = input.windows.filter((w) => w.atSchool);
    const [starts, ends] = [school[0].starts, school[school.length - 1].ends];
    const parts = [...input.units.flatMap((u) => u.lessons.flatMap((l) => l.parts)), ...input.dated];
    for (const who of countedIn(input)) {
      const taken = new Float64Array(slots.count);
      const takenInDay = new Float64Array(input.days.length);
      const terms = new Map<Slot, string[]>();
      const termsInDay = new Map<Slot, string[]>();
      const there = (s: Slot): number => this.minutesThere(who, s);
      for (const part of parts) {
        const m = who.minutesFor(part);
        if (!m) continue;
        const free = this.free.get(part.id);
        const place = this.standing.get(part.id);
        const at = place && slots.at(place);
        if (!free && at !== undefined) {
          taken[at] += inWindow(part, m, there(at));
          takenInDay[slots.day(at)] += inDay(part, m);
        }
        for (const s of free?.slots ?? []) {
          const x = `x${free!.n}_${s}`;
          terms.set(s, [...(terms.get(s) ?? []), `${inWindow(part, m, there(s))} ${x}`]);
          if (!part.dayOut) termsInDay.set(s, [...(termsInDay.get(s) ?? []), `${m} ${x}`]);
        }
      }
      input.days.forEach((day) => {
        const share = (Math.min(day.ends, ends) - starts) / (ends - starts);
        const all: string[] = [];
        const used = takenInDay[day.index];
        input.windows.forEach((w, i) => {
          const s = slots.of(day.index, i);
          const here = terms.get(s) ?? [];
          if (here.length) this.rows.push(`${here.join(' + ')} <= ${Math.max(0, there(s) - taken[s])}`);
          if (w.atSchool) all.push(...(termsInDay.get(s) ?? []));
        });
        if (all.length && Number.isFinite(who.dayLimit))
          this.rows.push(`${all.join(' + ')} <= ${Math.max(0, Math.floor(who.dayLimit * share) - used)}`);
      });
    }
  }

  private slotOf(part: LayPart): Slot | undefined {
    const place = this.standing.get(part.id);
    return place && this.slots.at(place);
  }

  /** That a part stands not before another, or not before what is waited for after it has passed. */
  private notBefore(later: LayPart, earlier: LayPart, hours: number): void {
    const { slots } = this;
    const b = this.free.get(later.id);
    const a = this.free.get(earlier.id);
    const after = (s: Slot): Slot => (hours ? slots.afterWait(slots.placeOf(s), hours) : s);
    const bindsAs = (p: LayPart): Slot | undefined => {
      const kind = this.input.held.get(p.id)?.kind;
      return kind === 'done' || kind === 'unticked' ? undefined : this.slotOf(p);
    };
    if (b && a) {
      for (const s of b.slots) {
        const before = b.slots.filter((t) => t <= s);
        const gone = a.slots.filter((t) => after(t) <= s);
        this.rows.push(
          `${before.map((t) => `x${b.n}_${t}`).join(' + ')} ${gone.map((t) => `- x${a.n}_${t} `).join('')}- o${a.n} <= 0`,
        );
      }
    } else if (b) {
      const at = this.slotOf(earlier);
      if (at === undefined) return;
      const early = b.slots.filter((t) => t < after(at));
      if (early.length) this.rows.push(`${early.map((t) => `x${b.n}_${t}`).join(' + ')} <= 0`);
    } else if (a) {
      const at = bindsAs(later);
      if (at === undefined) return;
      const late = a.slots.filter((t) => after(t) > at);
      if (late.length) this.rows.push(`${late.map((t) => `x${a.n}_${t}`).join(' + ')} <= 0`);
    }
  }

  private unit(unit: LayUnit): void {
    for (const lesson of unit.lessons) this.inOrder(lesson.parts);
    unit.lessons.forEach((lesson, i) => {
      for (const earlier of unit.lessons.slice(Math.max(0, i - 2), i))
        for (const part of chainOf(earlier))
          if (part.window !== EVENING)
            for (const later of lesson.parts.slice(0, 1)) this.notBefore(later, part, 0);
    });
    this.ends(unit);
    this.weeks(unit);
    unit.lessons.forEach((lesson, i) => this.inOnePiece(lesson, `${this.input.units.indexOf(unit)}_${i}`));
  }

  private inOrder(parts: readonly LayPart[]): void {
    parts.forEach((later, j) => {
      for (const earlier of parts.slice(0, j)) this.notBefore(later, earlier, earlier.waitAfterHours);
    });
  }

  /** The day of a part, as terms and a constant; where it stands nowhere the terms come to nothing. */
  private measure(
    part: LayPart,
    of: (day: number) => number,
  ): { terms: string[]; constant: number; out: string } | undefined {
    const free = this.free.get(part.id);
    if (free)
      return {
        terms: free.slots.flatMap((s) => {
          const v = of(this.slots.day(s));
          return v ? [`${v} x${free.n}_${s}`] : [];
        }),
        constant: 0,
        out: `o${free.n}`,
      };
    const at = this.slotOf(part);
    return at === undefined ? undefined : { terms: [], constant: of(this.slots.day(at)), out: '' };
  }

  private ends(unit: LayUnit): void {
    const u = this.input.units.indexOf(unit);
    const { first, last } = this.scale.ends.get(unit.id)!;
    this.bounds.push(`f${u} >= 0`, `l${u} >= 0`);
    this.costs(`f${u}`, WEIGHT.finish);
    this.costs(`l${u}`, WEIGHT.late);
    for (const part of unit.lessons.flatMap((l) => l.parts)) {
      const taken = this.measure(part, (day) => Math.max(0, day - first));
      if (taken?.terms.length) this.rows.push(`f${u} - ${taken.terms.join(' - ')} >= 0`);
      else if (taken?.constant) this.rows.push(`f${u} >= ${taken.constant}`);
      const late = this.measure(part, (day) => Math.max(0, day - last));
      if (late?.terms.length) this.rows.push(`l${u} - ${late.terms.join(' - ')} >= 0`);
      else if (late?.constant) this.rows.push(`l${u} >= ${late.constant}`);
    }
  }

  /** How many lessons begin in each week, against the pace. A lesson begins with its first part. */
  private weeks(unit: LayUnit): void {
    const u = this.input.units.indexOf(unit);
    const ideal = this.scale.idealInWeek.get(unit.id);
    const days = this.scale.ideal.get(unit.id)!;
    unit.lessons.forEach((lesson, i) => {
      const free = this.free.get(lesson.parts[0]?.id);
      for (const slot of free?.slots ?? [])
        this.costs(`x${free!.n}_${slot}`, WEIGHT.aim * Math.abs(this.slots.day(slot) - days[i]));
    });
    const perDay = this.scale.perDay.get(unit.id)!;
    for (const { index } of this.input.days) {
      const begun = unit.lessons.map(
        (l) => l.parts[0] && this.measure(l.parts[0], (d) => (d === index ? 1 : 0)),
      );
      const terms = begun.flatMap((b) => b?.terms ?? []);
      const constant = begun.reduce((sum, b) => sum + (b?.constant ?? 0), 0);
      if (terms.length + constant <= perDay || !terms.length) continue;
      this.bounds.push(`c${u}_${index} >= 0`);
      this.costs(`c${u}_${index}`, WEIGHT.crowded);
      this.rows.push(`${terms.join(' + ')} - c${u}_${index} <= ${Math.max(0, perDay - constant)}`);
    }
    const weeks = (this.input.days.at(-1)?.week ?? -1) + 1;
    for (let week = 0; week < weeks; week++) {
      const begun = unit.lessons.flatMap((l) => {
        const opens = l.parts[0];
        return opens ? [this.measure(opens, (day) => (this.input.days[day].week === week ? 1 : 0))] : [];
      });
      const terms = begun.flatMap((b) => b?.terms ?? []);
      const constant = begun.reduce((sum, b) => sum + (b?.constant ?? 0), 0);
      if (ideal && (terms.length || constant || ideal[week])) {
        const e = `e${u}_${week}`;
        this.bounds.push(`${e} >= 0`);
        this.costs(e, WEIGHT.uneven);
        this.rows.push(
          `${[...terms, ''].join(' - ') ? `${e}${terms.map((t) => ` - ${t}`).join('')}` : e} >= ${constant - ideal[week]}`,
          `${e}${terms.map((t) => ` + ${t}`).join('')} >= ${ideal[week] - constant}`,
        );
      }
      if (unit.mostPerWeek !== null && terms.length) {
        const w = `w${u}_${week}`;
        this.bounds.push(`${w} >= 0`);
        this.costs(w, WEIGHT.overPace);
        this.rows.push(`${terms.join(' + ')} - ${w} <= ${Math.max(0, unit.mostPerWeek - constant)}`);
      }
    }
  }

  /** Days, weekends and breaks between the first and the last part of a lesson's chain. */
  private inOnePiece(lesson: LayLesson, name: string): void {
    const chain = chainOf(lesson);
    const { days } = this.input;
    const measures: [string, number, (day: number) => number][] = [
      ['g', WEIGHT.spread, (day) => day],
      ['h', WEIGHT.overWeekend, (day) => days[day].week],
      ['k', WEIGHT.overBreak, (day) => days[day].block],
    ];
    if (chain.length < 2) return;
    for (const [letter, weight, of] of measures) {
      const v = `${letter}${name}`;
      this.bounds.push(`${v} >= 0`);
      this.costs(v, weight);
      const most = of(days.length - 1) + 1;
      chain.forEach((later, j) => {
        for (const earlier of j ? [chain[0]] : []) {
          const [b, a] = [this.measure(later, of), this.measure(earlier, of)];
          if (!a || !b) continue;
          // Where one of the two stands nowhere there is nothing between them.
          const loose = [a.out, b.out].filter(Boolean).map((o) => ` + ${most} ${o}`);
          this.rows.push(
            `${v}${b.terms.map((t) => ` - ${t}`).join('')}${a.terms.map((t) => ` + ${t}`).join('')}${loose.join('')} >= ${b.constant - a.constant}`,
          );
        }
      });
    }
  }
}

/** The parts of a lesson up to its first wait: what the next lesson comes after. */
function chainOf(lesson: LayLesson): LayPart[] {
  const at = lesson.parts.findIndex((p) => p.waitAfterHours > 0);
  return at < 0 ? [...lesson.parts] : lesson.parts.slice(0, at + 1);
}

/** Long lines cut at spaces: LP readers take 510 characters. */
const folded = (line: string): string => line.replace(/(.{1,480})(\s|$)/g, '$1\n').trimEnd();
