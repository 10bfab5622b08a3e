/** Rows of the family, its adults and children, what is in the house, and its school year. */
import type { Appointment } from '@/core/plan/appointment';
import type { Adult, ThingInHouse } from '@/core/plan/household';
import type { Child, Family } from '@/core/plan/plan';
import type { SchoolYear } from '@/core/plan/year';
import type { Rung, Skill } from '@/core/plan/measures';
import { blankLives } from '@/core/plan/blank';
import { groupBy } from '@/core/plan/lookup';
import type { Row, Rows } from './tables';

export function familyRows(family: Family): Pick<Rows, 'family'> {
  return {
    family: [
      {
        id: 'family',
        name: family.name,
        lead_minutes: family.leadMinutes,
        allergies: JSON.stringify(family.allergies),
        patterns: JSON.stringify(family.patterns),
        counts_for: JSON.stringify(family.countsFor),
        recall: JSON.stringify(family.recall),
        hours: family.hours,
        keeps: JSON.stringify(family.keeps),
        days_expected: family.daysExpected,
        kit_numbers: family.kitNumbers,
        card: family.card && JSON.stringify(family.card),
        hands: family.hands && JSON.stringify(family.hands),
        lives: family.lives && JSON.stringify(family.lives),
      },
    ],
  };
}

export function familyFrom({ family: [row] }: Pick<Rows, 'family'>): Family | null {
  return row
    ? {
        name: row.name as string,
        leadMinutes: row.lead_minutes as number,
        allergies: JSON.parse(row.allergies as string),
        patterns: JSON.parse(row.patterns as string),
        countsFor: JSON.parse(row.counts_for as string),
        recall: { reward: '', ...JSON.parse(row.recall as string) },
        hours: row.hours as Family['hours'],
        keeps: JSON.parse(row.keeps as string),
        daysExpected: row.days_expected as number,
        kitNumbers: row.kit_numbers as Family['kitNumbers'],
        card: row.card === null ? null : JSON.parse(row.card as string),
        hands: row.hands ? JSON.parse(row.hands as string) : null,
        lives: row.lives ? { ...blankLives, ...JSON.parse(row.lives as string) } : null,
      }
    : null;
}

export function yearRows(year: SchoolYear): Pick<Rows, 'school_year' | 'day_off'> {
  return {
    school_year: [
      {
        id: 'year',
        starts: year.starts,
        ends: year.ends,
        weekdays: JSON.stringify(year.weekdays),
        week_begins: year.weekBegins,
        weeks_on: year.weeksOn,
        weeks_off: year.weeksOff,
        day_starts: year.dayStarts,
        midday_starts: year.middayStarts,
        afternoon_starts: year.afternoonStarts,
        day_ends: year.dayEnds,
        evening_starts: year.eveningStarts,
        evening_ends: year.eveningEnds,
        terms: JSON.stringify(year.terms),
        short_days: JSON.stringify(year.shortDays),
        extra_days: JSON.stringify(year.extraDays),
        target_days: year.targetDays,
        prep_school_day: year.prepOnSchoolDay,
        prep_free_day: year.prepOnFreeDay,
        shop_weekdays: JSON.stringify(year.shopWeekdays),
        country: year.country,
        region: year.region,
      },
    ],
    day_off: year.daysOff.map((off, position) => ({
      id: off.id,
      position,
      first: off.first,
      last: off.last,
      label: off.label,
      kind: off.kind,
    })),
  };
}

export function yearFrom({
  school_year: [row],
  day_off,
}: Pick<Rows, 'school_year' | 'day_off'>): SchoolYear | null {
  if (!row) return null;
  return {
    starts: row.starts as string,
    ends: row.ends as string,
    weekdays: JSON.parse(row.weekdays as string),
    weekBegins: row.week_begins as number | null,
    weeksOn: row.weeks_on as number,
    weeksOff: row.weeks_off as number,
    dayStarts: row.day_starts as number,
    middayStarts: row.midday_starts as number,
    afternoonStarts: row.afternoon_starts as number,
    dayEnds: row.day_ends as number,
    eveningStarts: row.evening_starts as number,
    eveningEnds: row.evening_ends as number,
    terms: JSON.parse(row.terms as string),
    shortDays: JSON.parse(row.short_days as string),
    extraDays: JSON.parse(row.extra_days as string),
    targetDays: row.target_days as number | null,
    prepOnSchoolDay: row.prep_school_day as number,
    prepOnFreeDay: row.prep_free_day as number,
    shopWeekdays: JSON.parse(row.shop_weekdays as string),
    country: row.country as string,
    region: row.region as string,
    daysOff: day_off.map((off) => ({
      id: off.id as string,
      first: off.first as string,
      last: off.last as string,
      label: off.label as string,
      kind: off.kind as SchoolYear['daysOff'][number]['kind'],
    })),
  };
}

export function appointmentRows(appointments: readonly Appointment[]): Pick<Rows, 'appointment'> {
  return {
    appointment: appointments.map((a, position) => ({
      id: a.id,
      position,
      title: a.title,
      child_ids: JSON.stringify(a.childIds),
      adult_ids: JSON.stringify(a.adultIds),
      parent: a.parent ? 1 : 0,
      dates: JSON.stringify(a.dates),
      starts: a.starts,
      ends: a.ends,
      read_from: a.readFrom && JSON.stringify(a.readFrom),
    })),
  };
}

export function appointmentsFrom({ appointment }: Pick<Rows, 'appointment'>): Appointment[] {
  return appointment.map((a) => ({
    id: a.id as string,
    title: a.title as string,
    childIds: JSON.parse(a.child_ids as string),
    adultIds: JSON.parse(a.adult_ids as string),
    parent: a.parent === 1,
    dates: JSON.parse(a.dates as string),
    starts: a.starts as number,
    ends: a.ends as number,
    readFrom: a.read_from === null ? null : JSON.parse(a.read_from as string),
  }));
}

export function childRows(children: readonly Child[]): Pick<Rows, 'child' | 'child_rung'> {
  return {
    child: children.map((c, position) => ({
      id: c.id,
      position,
      name: c.name,
      birth_month: c.birthMonth,
      hatch: c.hatch,
      minutes: c.minutes,
      mouths: c.mouths ? 1 : 0,
      writes: c.writes,
      measured: JSON.stringify(c.measured),
    })),
    child_rung: children.flatMap((c) =>
      Object.entries(c.rungs).map(([skill, rung]) => ({ child_id: c.id, skill, rung })),
    ),
  };
}

export function childrenFrom({ child, child_rung }: Pick<Rows, 'child' | 'child_rung'>): Child[] {
  const rungs = groupBy(child_rung, (r: Row) => r.child_id as string);
  return child.map((c) => ({
    id: c.id as string,
    name: c.name as string,
    birthMonth: c.birth_month as string,
    hatch: c.hatch as Child['hatch'],
    minutes: c.minutes as number,
    mouths: c.mouths === 1,
    writes: (c.writes ?? null) as Child['writes'],
    measured: JSON.parse(c.measured as string),
    rungs: Object.fromEntries(
      (rungs.get(c.id as string) ?? []).map((r) => [r.skill as Skill, r.rung as Rung]),
    ),
  }));
}

export function adultRows(adults: readonly Adult[]): Pick<Rows, 'adult'> {
  return {
    adult: adults.map((a, position) => ({
      id: a.id,
      position,
      name: a.name,
      minutes: a.minutes,
      weekdays: JSON.stringify(a.weekdays),
      starts: a.starts,
      ends: a.ends,
    })),
  };
}

export function adultsFrom({ adult }: Pick<Rows, 'adult'>): Adult[] {
  return adult.map((a) => ({
    id: a.id as string,
    name: a.name as string,
    minutes: a.minutes as number,
    weekdays: JSON.parse(a.weekdays as string),
    starts: a.starts as number | null,
    ends: a.ends as number | null,
  }));
}

export function pantryRows(pantry: readonly ThingInHouse[]): Pick<Rows, 'thing_in_house'> {
  return {
    thing_in_house: pantry.map((t, position) => ({ ...t, position })),
  };
}

export function pantryFrom({ thing_in_house }: Pick<Rows, 'thing_in_house'>): ThingInHouse[] {
  return thing_in_house.map((t) => ({
    id: t.id as string,
    name: t.name as string,
    amount: t.amount as number | null,
    unit: t.unit as string,
    since: t.since as string | null,
  }));
}
