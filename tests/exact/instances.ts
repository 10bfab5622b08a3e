/**
 * Small lay-outs of every sort, made from a number: one unit or two, waits, wished half-days and ends, weekdays, fixed dates,
 * tight minutes, days off, ink, an earlier lay-out. Small enough for an exact solver.
 */
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { Away } from '@/core/calendar/away';
import { schoolDays, windowsOf } from '@/core/calendar/school-days';
import { PARENT } from '@/core/layout/counted';
import { AS_CONSTRUCTED, layOut } from '@/core/layout/lay-out';
import type { Held, LayoutInput, LayPart, LayUnit, Place } from '@/core/layout/problem';
import type { WindowName } from '@/core/plan/measures';
import { YEAR } from '../sample-plan';

export interface Instance {
  seed: number;
  /** What is special in it. */
  traits: string[];
  input: LayoutInput;
}

export function instance(seed: number): Instance {
  const random = xoroshiro128plus(seed);
  const int = (from: number, to: number): number => uniformInt(random, from, to);
  const chance = (percent: number): boolean => int(1, 100) <= percent;
  const pick = <T>(items: readonly T[]): T => items[int(0, items.length - 1)];
  const traits: string[] = [];
  const trait = (name: string, percent: number): boolean => {
    const is = chance(percent);
    if (is) traits.push(name);
    return is;
  };

  const weeks = int(4, 6);
  const year = {
    ...YEAR,
    starts: '2026-08-31',
    ends: `2026-${weeks > 4 ? '10' : '09'}-${String(weeks > 4 ? (weeks - 4) * 7 - 5 : 27).padStart(2, '0')}`,
    weekdays: chance(70) ? [1, 2, 3, 4, 5] : [1, 2, 4, 5],
    weeksOn: 5,
    weeksOff: 0,
    daysOff: trait('a day off', 30)
      ? [{ id: 'off', first: '2026-09-08', last: '2026-09-09', label: '', kind: 'off' as const }]
      : [],
    shortDays: trait('a short day', 20) ? [{ id: 'short', date: '2026-09-03', ends: 690, label: '' }] : [],
  };
  const days = schoolDays(year);
  const isTight = trait('tight minutes', 40);
  const childIds = ['a', 'b', 'c'].slice(0, int(1, 3));
  const hasWaits = trait('waits', 50);
  const hasWindows = trait('half-days wished', 50);
  const hasWeekdays = trait('weekdays', 25);
  const hasLatest = trait('latest days', 25);
  const hasFixed = trait('fixed dates', 25);
  // Of its own numbers, so that the others stay as they are.
  const apart = xoroshiro128plus(seed + 1_000_003);
  const hasOneOf = uniformInt(apart, 1, 100) <= 20;
  if (hasOneOf) traits.push('one laptop');
  // Of their own numbers as well: who is somewhere else when.
  const elsewhere = xoroshiro128plus(seed + 2_000_003);
  const away = new Map<string, Away[]>();
  if (uniformInt(elsewhere, 1, 100) <= 20) {
    traits.push('appointments');
    for (let n = uniformInt(elsewhere, 2, 6); n > 0; n--) {
      const { date } = days[uniformInt(elsewhere, 0, days.length - 1)];
      const who = [...childIds, PARENT][uniformInt(elsewhere, 0, childIds.length)];
      const from = 480 + 15 * uniformInt(elsewhere, 0, 24);
      const to = from + 15 * uniformInt(elsewhere, 2, 10);
      away.set(date, [...(away.get(date) ?? []), { who, from, to, title: 'Choir' }]);
    }
  }
  let made = 0;
  const part = (name: string): LayPart => {
    const who = chance(60) ? childIds : [pick(childIds)];
    const minutes = int(2, 8) * 5;
    const needs = hasOneOf && uniformInt(apart, 1, 100) <= 60;
    return {
      id: `p${made++}`,
      title: name,
      minutes: Object.fromEntries(who.map((c) => [c, chance(80) ? minutes : minutes + 5])),
      lead: chance(50) ? minutes : 0,
      leader: null,
      dayOut: false,
      together: true,
      needs: needs ? ['laptop'] : [],
      inUse: 3 * minutes,
      window: hasWindows && chance(40) ? pick<WindowName>(['morning', 'midday', 'afternoon']) : null,
      fixedDate: null,
      weekday: hasWeekdays && chance(12) ? pick(year.weekdays) : null,
      earliest: null,
      latest: null,
      waitAfterHours: 0,
      optional: chance(5),
      comesBack: false,
    };
  };
  const unit = (u: number): LayUnit => {
    const hasEnd = trait(`unit ${u + 1} has an end`, 50);
    const perWeek = hasEnd && chance(50) ? null : int(2, 4);
    const n = int(4, 7);
    const lessons = Array.from({ length: n }, (_, i) => {
      const parts = Array.from({ length: int(1, 3) }, (_p, k) => part(`u${u} l${i} p${k}`));
      if (hasWaits && parts.length > 1 && chance(30)) parts[0].waitAfterHours = pick([18, 24, 48]);
      return { id: `u${u}l${i}`, parts };
    });
    const fair = Math.min(
      days.length - 1,
      Math.ceil((n / (perWeek ?? 3)) * year.weekdays.length) + int(-2, 4),
    );
    return {
      id: `u${u}`,
      starts: days[u && chance(40) ? 3 : 0].date,
      wishedEnd: hasEnd ? days[Math.max(2, fair)].date : null,
      lessonsPerWeek: perWeek,
      mostPerWeek: perWeek,
      lessons,
      closing: [],
    };
  };
  const units = [unit(0), ...(trait('two units', 45) ? [unit(1)] : [])];
  const all = units.flatMap((u) => u.lessons.flatMap((l) => l.parts));
  if (hasFixed) pick(all).fixedDate = days[int(2, days.length - 3)].date;
  if (hasLatest)
    for (const p of all) if (chance(8) && !p.fixedDate) p.latest = days[int(4, days.length - 1)].date;
  const longest = (of: (p: LayPart) => number): number => Math.max(20, ...all.map(of));
  const limit = (of: (p: LayPart) => number): number =>
    longest(of) + (isTight ? int(0, 4) * 5 : int(6, 14) * 5);
  const empty: LayoutInput = {
    days,
    windows: windowsOf(year),
    childLimits: Object.fromEntries(childIds.map((c) => [c, limit((p) => p.minutes[c] ?? 0)])),
    leadLimit: limit((p) => p.lead),
    adults: [],
    away,
    today: days[0].date,
    units,
    dated: [],
    held: new Map(),
    previous: new Map(),
  };
  return { seed, traits, input: withPast(empty) };

  /** With an earlier lay-out: laid out, then something changes; with ink: some of it stays for good. */
  function withPast(input: LayoutInput): LayoutInput {
    const hasPast = trait('an earlier lay-out', 45);
    const hasInk = trait('ink', 25);
    if (!hasPast && !hasInk) return input;
    const laid = layOut(input, AS_CONSTRUCTED).placements;
    const places = new Map(laid.map((p): [string, Place] => [p.partId, { date: p.date, window: p.window }]));
    const held = new Map<string, Held>();
    if (hasInk)
      for (const p of laid) if (chance(12)) held.set(p.partId, { ...places.get(p.partId)!, kind: 'inked' });
    if (!hasPast) return { ...input, held };
    const previous = new Map([...places].filter(([id]) => !held.has(id)));
    const changed = pick(all);
    const lostDay = chance(40) ? days[int(1, Math.min(8, days.length - 1))].date : '';
    const kept = days.filter((d) => d.date !== lostDay).map((d, index) => ({ ...d, index }));
    return {
      ...input,
      days: kept,
      held: new Map([...held].filter(([, h]) => h.date !== lostDay)),
      previous,
      units: input.units.map((u) => ({
        ...u,
        lessons: u.lessons.map((l) => ({
          ...l,
          parts: l.parts.map((p) =>
            p === changed && chance(60)
              ? { ...p, minutes: Object.fromEntries(Object.entries(p.minutes).map(([c, m]) => [c, m + 10])) }
              : p,
          ),
        })),
      })),
    };
  }
}
