import { pantryNow } from '@/core/prep/in-house';
import { statSync } from 'node:fs';
import { shortDate } from '@/core/calendar/dates';
import { copiesOf, type CopyKind } from '@/data/copies';
import { storePath } from '@/data/open';
import { loadNetwork, type NetworkView } from './network-load';
import { sizeText } from '../frame/file-size';
import { ageOn, gradeOf } from '@/core/plan/age';
import { proposedRung } from '@/core/plan/rungs';
import { suggestions, type Suggestion } from '@/core/ladder/suggest';
import { count } from '@/core/plan/called';
import type { Entry } from '@/core/plan/entry';
import { inForce } from '@/core/plan/happened';
import type { Adult, ThingInHouse } from '@/core/plan/household';
import type { PartKind } from '@/core/plan/lesson';
import { groupBy } from '@/core/plan/lookup';
import { JUDGED, PART_KINDS } from '@/core/plan/words';
import type { Child, Family, Plan } from '@/core/plan/plan';
import type { Rung } from '@/core/plan/measures';
import { countries, regions } from '@/core/calendar/holidays';
import { countryOf, gradeName } from '@/core/calendar/customs';
import { cookies } from 'next/headers';
import { DRAWN_ON_COOKIE, drawnOnFrom, type DrawnOn } from '@/kit/drawn-on';
import { firstSteps, type FirstStep } from '../frame/first-steps';
import { load, type FrameInfo, type SearchParams } from '../frame/load';

export interface SetupView {
  drawnOn: DrawnOn;
  country: string;
  countries: { code: string; name: string }[];
  regions: { code: string; name: string }[];
  info: FrameInfo;
  family: Family | null;
  adults: Adult[];
  pantry: ThingInHouse[];
  /** Kinds of work that stand in the plan, the most frequent first, with the subjects they count for. */
  kinds: { kind: PartKind; subjects: string[] }[];
  children: (Child & { age: number; grade: string; proposed: Rung })[];
  /** Rungs that the marks speak for moving, with the evidence. */
  suggested: (Suggestion & { name: string })[];
  /** Where the store is and which copies of it there are, the newest first. */
  network: NetworkView;
  keeping: { path: string; size: string; copies: { name: string; called: string; size: string }[] };
  /** The newest of what happened, by day, and how much there is before that. */
  happened: {
    days: { date: string; day: string; lines: { id: string; what: string; detail: string }[] }[];
    more: number;
  };
  /** What is still to be done before a week can be taught. */
  steps: FirstStep[];
}

export async function loadSetup(params: SearchParams): Promise<SetupView> {
  const { plan, info, today } = await load(params);
  return {
    info,
    drawnOn: drawnOnFrom((await cookies()).get(DRAWN_ON_COOKIE)?.value),
    family: plan.family,
    countries: countries(),
    country: countryOf(plan),
    regions: countryOf(plan) ? regions(countryOf(plan)) : [],
    adults: plan.adults,
    pantry: pantryNow(plan),
    kinds: kindsOf(plan),
    children: plan.children.map((c) => {
      const age = ageOn(c.birthMonth, today);
      const grade = gradeName(gradeOf(c.birthMonth, today, plan.year?.starts), countryOf(plan));
      return { ...c, age, grade, proposed: proposedRung(age) };
    }),
    suggested: suggestions(plan, today).map((s) => ({
      ...s,
      name: plan.children.find((c) => c.id === s.childId)!.name,
    })),
    happened: happenedOf(plan),
    keeping: keepingOf(storePath()),
    network: await loadNetwork(),
    steps: firstSteps(plan),
  };
}

/** Kinds of work in the plan, and those that count for something already. */
function kindsOf(plan: Plan): SetupView['kinds'] {
  const uses = groupBy(plan.parts, (p) => p.kind);
  const countsFor = plan.family?.countsFor ?? {};
  return PART_KINDS.filter((kind) => uses.has(kind) || countsFor[kind])
    .sort((a, b) => (uses.get(b)?.length ?? 0) - (uses.get(a)?.length ?? 0))
    .map((kind) => ({ kind, subjects: countsFor[kind] ?? [] }));
}

/** Entries shown at once. */
const SHOWN = 40;

function happenedOf(plan: Plan): SetupView['happened'] {
  const all = inForce(plan.entries)
    // What was used goes without saying where it is said what was done.
    .filter((e) => e.kind !== 'used')
    .sort((a, b) => {
      if (a.date === b.date) return a.at < b.at ? 1 : -1;
      return a.date < b.date ? 1 : -1;
    });
  const parts = new Set(plan.parts.map((p) => p.id));
  const lineOf = (e: Entry): { id: string; what: string; detail: string } => ({
    id: e.id,
    what: whatOf(e),
    detail: [
      e.about.lesson,
      e.about.unit,
      e.pages === null ? '' : count(e.pages, 'page'),
      e.minutes === null ? '' : `${e.minutes} min`,
      e.felt ?? '',
      e.kind === 'judged' ? JUDGED[e.grade! - 1] : '',
      e.note,
      e.withdraws === null ? '' : 'corrected',
      e.partId !== null && !parts.has(e.partId) ? 'no longer in the plan' : '',
    ]
      .filter(Boolean)
      .join(' · '),
  });
  const days = groupBy(all.slice(0, SHOWN), (e) => e.date);
  return {
    days: [...days].map(([date, entries]) => ({
      date,
      day: `${shortDate(date)} ${date.slice(0, 4)}`,
      lines: entries.map(lineOf),
    })),
    more: Math.max(0, all.length - SHOWN),
  };
}

/** What each kind says of whom it is of, and of what. */
const WHAT: Record<Entry['kind'], (who: string, what: string) => string> = {
  done: (who, what) => `${who || 'All'} did ${what}`,
  missed: (who, what) => `${who || 'All'} did not get to ${what}`,
  read: (who, what) => `${who} read ${what}`,
  prepared: (_, what) => `Got ready: ${what}`,
  used: (_, what) => `Used ${what}`,
  bought: (_, what) => `Bought ${what}`,
  printed: (who, what) => `Printed ${what}${who && ` for ${who}`}`,
  packed: (_, what) => `Packed the kit of ${what}`,
  counted: (_, what) => `Counted ${what}`,
  asked: (who, what) => `${who} was asked ${what}`,
  checked: (who, what) => `${who}: ${what}`,
  attended: (who, what) => `${who} was there ${what}`,
  talked: (who, what) => `${who} gave a talk on ${what}`,
  judged: (_, what) => `Another time: ${what}`,
  loved: (who, what) => `${who || 'All'} loved ${what}`,
  noted: (who, what) => `A note on ${[what || 'the day', who && `for ${who}`].filter(Boolean).join(' ')}`,
  otherwise: (_, what) => `Indoors: ${what}`,
  longer: (_, what) => `More time for ${what}`,
  kept: (who, what) => `Work of ${[who, what].filter(Boolean).join(', ')}`,
  help: (who, what) => `${who} asked for help${what && ` with ${what}`}`,
  early: (who) => `${who} was done early`,
  withdrawn: () => '',
};
const whatOf = (e: Entry): string =>
  WHAT[e.kind](e.about.child, e.about.title && `“${e.about.title}”`).trim();

const COPY_CALLED: Record<CopyKind, string> = {
  daily: 'The day’s',
  weekly: 'The week’s',
  before: 'Before a new version',
  saved: 'Saved',
  replaced: 'What a copy replaced',
  damaged: 'Damaged, set aside',
};

function keepingOf(path: string): SetupView['keeping'] {
  return {
    path,
    size: sizeText(statSync(path).size),
    copies: copiesOf(path).map((c) => ({
      name: c.name,
      called: `${COPY_CALLED[c.kind]}, ${shortDate(c.at.toISOString().slice(0, 10))} ${c.at.toTimeString().slice(0, 5)}`,
      size: sizeText(c.bytes),
    })),
  };
}
