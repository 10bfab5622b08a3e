/** All that can be found, wherever it stands: what it is called, what it is, and where one goes to see it. */
import { folded } from '@/core/books/duplicates';
import { search, type Index } from '@/core/books/search';
import { homes, lessonsOf } from '@/core/plan/lookup';
import { onceOf } from '@/core/plan/once';
import type { Plan } from '@/core/plan/plan';
import type { EarlierTitle } from '@/data/closed-years';
import { helpPages, methodSections } from '../help/pages';
import { FAMILY, hrefOf, SHEETS } from '../sheets';

/** What is found, in the order in which it is shown. */
export const FOUND_KINDS = [
  'sheet',
  'unit',
  'lesson',
  'child',
  'book',
  'part',
  'question',
  'objective',
  'word',
  'supply',
  'place',
  'earlier',
  'help',
  'method',
] as const;
export type FoundKind = (typeof FOUND_KINDS)[number];

export interface Findable {
  kind: FoundKind;
  title: string;
  /** Where it stands, in words. */
  where: string;
  href: string;
  /** More words by which it is found. */
  more: string;
}

/** What is shown of it. */
export type Found = Omit<Findable, 'more'>;

const LISTS = [
  'units',
  'lessons',
  'children',
  'books',
  'parts',
  'questions',
  'objectives',
  'pantry',
  'closedYears',
] as const;

/** What is in the plan. */
const inPlan = onceOf(LISTS, (plan: Pick<Plan, (typeof LISTS)[number]>): Findable[] => {
  const unitOf = new Map(plan.units.map((u) => [u.id, u]));
  const found: Findable[] = [];
  const add = (kind: FoundKind, title: string, where: string, href: string, more = ''): void => {
    if (title.trim()) found.push({ kind, title, where, href, more });
  };
  for (const u of plan.units) {
    add('unit', u.title, 'unit', `/unit?unit=${u.id}`, u.subjects.join(' '));
    for (const v of u.vocabulary)
      add('word', v.word, v.meaning || `a word of ${u.title}`, `/unit?unit=${u.id}`, v.meaning);
  }
  const lessonAt = new Map<string, string>();
  for (const u of plan.units)
    lessonsOf(plan, u.id).forEach((l, i) => {
      const where = `lesson ${i + 1} of ${u.title}`;
      lessonAt.set(l.id, where);
      const topics = l.topics.map((t) => t.title).join(' ');
      add('lesson', l.title, where, `/lessons?unit=${u.id}&lesson=${l.id}`, `${l.objective} ${topics}`);
    });
  for (const c of plan.children) add('child', c.name, 'their page of today', `/child/${c.id}`);
  const places = new Map<string, string>();
  for (const b of plan.books) {
    add(
      'book',
      b.title,
      [b.form, b.authors, b.place].filter(Boolean).join(' · '),
      `/shelf?book=${b.id}`,
      b.label,
    );
    if (b.place) places.set(folded(b.place), b.place);
  }
  for (const [, place] of places)
    add('place', place, 'what stands there', `/shelf?find=${encodeURIComponent(place)}`);
  const homeOf = homes(plan as Plan);
  const supplies = new Map<string, { name: string; where: string; href: string }>();
  for (const p of plan.parts) {
    const lesson = homeOf(p).lesson;
    if (!lesson) continue;
    const href = `/lessons?unit=${lesson.unitId}&lesson=${lesson.id}`;
    const where = lessonAt.get(lesson.id) ?? '';
    if (p.ruleId === null && !ALWAYS.has(p.kind))
      add('part', p.title, where, href, p.directions.slice(0, 300));
    for (const s of p.supplies)
      if (!supplies.has(folded(s.name)))
        supplies.set(folded(s.name), { name: s.name, where: `for ${p.title}, ${where}`, href });
  }
  for (const s of supplies.values()) add('supply', s.name, s.where, s.href);
  for (const q of plan.questions)
    add('question', q.text, q.answer || 'still open', `/unit?unit=${q.unitId}`, q.answer);
  for (const o of plan.objectives)
    add(
      'objective',
      o.wording,
      `${o.code ? `${o.code}, ` : ''}${unitOf.get(o.unitId)?.title ?? ''}`,
      `/unit?unit=${o.unitId}`,
      o.code,
    );
  return found;
});

/** Kinds that each lesson has, under the same name: they tell nothing apart. */
const ALWAYS: ReadonlySet<string> = new Set(['read-aloud', 'tell-back', 'copying', 'own-reading']);

/** What is found in the house whatever is in the plan: its sheets, its help, and how each figure is worked out. */
const always = (unitId: string | undefined): Findable[] => [
  ...[...SHEETS, FAMILY].map((s): Findable => ({
    kind: 'sheet',
    title: s.name,
    where: `sheet ${s.number}`,
    href: hrefOf(s, unitId),
    more: '',
  })),
  {
    kind: 'sheet',
    title: 'The shelf',
    where: 'all books and things, whatever the unit',
    href: '/shelf',
    more: 'library',
  },
  { kind: 'sheet', title: 'Pages to print', where: 'of a lesson', href: '/paper', more: 'print' },
  {
    kind: 'sheet',
    title: 'Something came up',
    where: 'a day lost, somebody ill',
    href: '/weeks/came-up',
    more: 'ill',
  },
  ...helpPages().map((p): Findable => ({
    kind: 'help',
    title: p.title,
    where: 'help',
    href: `/help/${p.name}`,
    more: p.text,
  })),
  ...methodSections().map((m): Findable => ({
    kind: 'method',
    title: m.title,
    where: 'how it is worked out',
    href: `/help/method#${m.name}`,
    more: m.text,
  })),
];

const earlierIn = (earlier: readonly EarlierTitle[]): Findable[] =>
  earlier.map((e) => ({
    kind: 'earlier',
    title: e.title,
    where: `${e.kind}, school year ${e.year}`,
    href: `${e.kind === 'unit' ? '/unit' : '/lessons'}?unit=${e.unitId}&look=${e.yearId}`,
    more: '',
  }));

/** As many of a kind as are shown; more words find the others. */
const OF_A_KIND = 6;

let known: { of: readonly unknown[]; all: Findable[]; index: Index } | undefined;

/**
 * What is found by what is typed: every word typed begins a word of it. Titles that begin so come first in each kind.
 * @param earlier units and lessons of closed years
 */
export function findAll(
  plan: Plan,
  earlier: readonly EarlierTitle[],
  typed: string,
  unitId: string | undefined,
): Findable[] {
  const own = inPlan(plan);
  const of = [own, earlier, unitId];
  if (!known || !of.every((x, i) => x === known!.of[i])) {
    const all = [...own, ...earlierIn(earlier), ...always(unitId)];
    known = {
      of,
      all,
      index: {
        ids: all.map((_, i) => String(i)),
        titles: all.map((f) => folded(f.title)),
        words: all.map((f) => ` ${folded(`${f.title} ${f.where} ${f.more}`)}`),
      },
    };
  }
  const { all, index } = known;
  const words = folded(typed).split(' ').filter(Boolean);
  if (!words.length) return [];
  const found = search(index, typed).map((id) => all[Number(id)]);
  // What is called so comes before what only speaks of it.
  const isCalled = (f: Findable): boolean => words.every((w) => ` ${folded(f.title)}`.includes(` ${w}`));
  return FOUND_KINDS.flatMap((kind) => {
    const ofKind = found.filter((f) => f.kind === kind);
    return [...ofKind.filter(isCalled), ...ofKind.filter((f) => !isCalled(f))].slice(0, OF_A_KIND);
  }).sort((a, b) => Number(isCalled(b)) - Number(isCalled(a)));
}

/** What is offered before anything is typed: the lessons of today and of the unit, and the children. */
export function suggestedFor(plan: Plan, today: string, unitId: string | undefined): Findable[] {
  const lessonOf = new Map(plan.parts.map((p) => [p.id, p.lessonId]));
  const onToday = new Set(
    plan.sittings.filter((s) => s.date === today).flatMap((s) => lessonOf.get(s.partId) ?? []),
  );
  return inPlan(plan)
    .filter(
      (f) =>
        (f.kind === 'lesson' && [...onToday].some((id) => f.href.endsWith(`lesson=${id}`))) ||
        f.kind === 'child' ||
        (f.kind === 'unit' && f.href.endsWith(`unit=${unitId}`)),
    )
    .sort((a, b) => FOUND_KINDS.indexOf(a.kind) - FOUND_KINDS.indexOf(b.kind))
    .slice(0, 12);
}
