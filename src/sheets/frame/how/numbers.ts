/** The numbers of this family that go into a figure, in words, beside what docs/method.md says of it. */
import { countryOf, customsOf, gradeName } from '@/core/calendar/customs';
import { clockText, lengthText, longDate, shortDate, weekdayName } from '@/core/calendar/dates';
import { windowsOf, yearFigures } from '@/core/calendar/school-days';
import { readingClock } from '@/core/books/reading';
import { writerOf } from '@/core/ladder/handwriting';
import { ageOn, gradeOf } from '@/core/plan/age';
import { count } from '@/core/plan/called';
import { lessonsOf } from '@/core/plan/lookup';
import type { Plan } from '@/core/plan/plan';
import { proposedRung, rungOf } from '@/core/plan/rungs';
import type { Unit } from '@/core/plan/unit';
import { SKILLS } from '@/core/plan/words';
import { daysKept } from '@/core/record/days';
import { HOURS_COUNT, KEPT_BY } from '../kept-words';
import type { Section } from './sections';

interface Here {
  plan: Plan;
  unit: Unit | undefined;
  today: string;
}

const dated = (date: string): string => `${longDate(date)} ${date.slice(0, 4)}`;

const NUMBERS: Partial<Record<Section, (here: Here) => string[]>> = {
  calendar: ({ plan: { year } }) => {
    if (!year) return ['No year is laid down: Mondays to Fridays are school days.'];
    const figures = yearFigures(year);
    const { weeksOn, weeksOff, daysOff } = year;
    return [
      `${dated(year.starts)} to ${dated(year.ends)}, on ${year.weekdays.map(weekdayName).join(', ')}.`,
      weeksOff
        ? `${count(weeksOn, 'week')} on, ${weeksOff} off: ${figures.calendarWeeks} calendar weeks ÷ ${weeksOn + weeksOff}.`
        : 'No weeks off by rhythm.',
      `${count(daysOff.length, 'stretch', 'stretches')} of days off.`,
      `${figures.schoolDays} school days in ${figures.schoolWeeks} weeks.`,
    ];
  },
  pacing: ({ plan, unit }) => {
    if (!unit) return [];
    const lessons = lessonsOf(plan, unit.id).length;
    const pace = unit.lessonsPerWeek
      ? `${unit.lessonsPerWeek}${unit.mostPerWeek ? ` to ${unit.mostPerWeek}` : ''} lessons a week`
      : 'no fixed pace';
    const end = unit.wishedEnd ? `, wished to end on ${shortDate(unit.wishedEnd)}` : '';
    return [
      `${unit.title}: ${count(lessons, 'lesson')} from ${shortDate(unit.starts)}, ${pace}${end}.`,
      `${plan.year ? count(plan.year.weekdays.length, 'school day') : '5 school days'} in a whole week.`,
    ];
  },
  layout: ({ plan }) => [
    `You can lead ${plan.family?.leadMinutes ?? 0} min a day.`,
    ...plan.children.map((c) => `${c.name} can take ${c.minutes} min of unit work a day.`),
    plan.appointments.length
      ? `${count(plan.appointments.length, 'other appointment')} ${plan.appointments.length === 1 ? 'takes' : 'take'} somebody away.`
      : '',
    ...(plan.year
      ? [
          `To prepare: ${plan.year.prepOnSchoolDay} min on a school day, ${plan.year.prepOnFreeDay} min on others.`,
        ]
      : []),
  ],
  day: ({ plan }) => [
    ...(plan.year ? windowsOf(plan.year) : []).map((w) => {
      const { clock } = customsOf(plan);
      return `The ${w.name}: ${clockText(w.starts, clock)} to ${clockText(w.ends, clock)}.`;
    }),
    `You can lead ${plan.family?.leadMinutes ?? 0} min a day.`,
    ...plan.adults.map((a) => `${a.name} can lead, too.`),
  ],
  record: ({ plan, today }) => {
    const rule = plan.family?.keeps;
    const days = daysKept(plan, today);
    return [
      rule
        ? `A day is kept when ${KEPT_BY[rule.by]}${rule.by === 'anything' ? '' : ` (${rule.least})`}.`
        : '',
      days ? `So far ${days.kept} kept and ${days.lost.length} lost.` : '',
    ];
  },
  hours: ({ plan }) => {
    const done = plan.marks.filter((m) => m.outcome === 'done');
    const noted = done.filter((m) => m.minutes !== null).length;
    return [
      `Of ${count(done.length, 'tick')} ${noted} say their minutes; for the others those planned count.`,
      `An hour that serves several subjects counts ${HOURS_COUNT[plan.family?.hours ?? 'in full']}.`,
    ];
  },
  forecast: ({ plan, today }) => {
    const days = daysKept(plan, today);
    return [
      `Your guess: of 100 school days ${plan.family?.daysExpected ?? 90} are kept.`,
      'It weighs as much as twenty days.',
      days ? `This year ${days.kept} were kept and ${days.lost.length} lost.` : '',
    ];
  },
  reading: ({ plan, today }) => {
    const clock = readingClock(plan);
    return [
      `A thousand words aloud take you ${clock.aloud(1000)} min.`,
      ...plan.children.map((c) => {
        const own = plan.readings.filter((r) => r.childId === c.id).length;
        const by = own ? `from ${count(own, 'reading')} noted` : 'by grade';
        return `${c.name}, alone: ${clock.alone(1000, c.id, today)} min, ${by}.`;
      }),
    ];
  },
  handwriting: ({ plan, today }) =>
    plan.children.map((c) => {
      const { rate, stretch, measuredOn } = writerOf(c, today, plan.marks, plan.year?.starts);
      const by = measuredOn ? `measured on ${count(measuredOn, 'piece')}` : 'by grade';
      return `${c.name}: ${Math.round(rate)} letters a minute, ${by}; ${stretch} min in one stretch.`;
    }),
  rungs: ({ plan, today }) =>
    plan.children.map((c) => {
      const age = ageOn(c.birthMonth, today);
      const own = SKILLS.filter((s) => c.rungs[s] !== undefined).map((s) => `${s} ${rungOf(c, s, today)}`);
      const grade = gradeName(gradeOf(c.birthMonth, today, plan.year?.starts), countryOf(plan));
      const byYou = own.length ? `; set by you: ${own.join(', ')}` : '';
      return `${c.name} is ${age}, ${grade}: rung ${proposedRung(age)} by age${byYou}.`;
    }),
  work: ({ plan, today }) =>
    plan.children.map(
      (c) =>
        `${c.name}: ${SKILLS.map((s) => `${s} ${rungOf(c, s, today)}`).join(', ')}; ${lengthText(c.minutes)} a day.`,
    ),
  shelf: ({ plan, today }) =>
    plan.children.map(
      (c) => `${c.name} is ${ageOn(c.birthMonth, today)}, and reads on rung ${rungOf(c, 'reading', today)}.`,
    ),
  cautions: ({ plan, today }) => [
    plan.family?.allergies.length
      ? `Allergies in the house: ${plan.family.allergies.join(', ')}.`
      : 'No allergies are written down.',
    ...plan.children
      .filter((c) => ageOn(c.birthMonth, today) < 8 || c.mouths)
      .map(
        (c) =>
          `${c.name} is ${ageOn(c.birthMonth, today)}${c.mouths ? ', and puts things in the mouth' : ''}.`,
      ),
  ],
};

/** The lines of a section; none where nothing of the family goes into it. */
export const numbersFor = (section: Section, here: Here): string[] =>
  (NUMBERS[section]?.(here) ?? []).filter(Boolean);
