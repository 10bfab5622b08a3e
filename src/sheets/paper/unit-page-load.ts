/** What stands on the one page of a unit: what it is for, its lessons with their days and pages, its books, what to have. */
import { isReadAlone, isReadBeforehand } from '@/core/books/readers';
import { cautionsFor } from '@/core/cautions/match';
import { pagesText } from '@/core/books/reading';
import { dayMonth, shortDate } from '@/core/calendar/dates';
import { partMinutes } from '@/core/layout/input';
import { toldAs } from '@/core/ladder/objectives';
import { costOf } from '@/core/loans/money';
import { ageOn } from '@/core/plan/age';
import { childName, count, inAList } from '@/core/plan/called';
import { booksById, groupBy, isFor, lessonsOf } from '@/core/plan/lookup';
import { OWN_WORK_KINDS } from '@/core/plan/words';
import { customsOf } from '@/core/calendar/customs';
import { amountIn } from '@/core/prep/amount';
import { neededIn } from '@/core/prep/supplies';
import type { Child, Plan, Pull, Role } from '@/core/plan/plan';
import type { Unit } from '@/core/plan/unit';
import { load, type SearchParams } from '../frame/load';
import type { Size } from './size';
import { sizeAsked } from './size';

/** A heading of a column, and its lines; `boxes` to be ticked. */
export interface Block {
  title: string;
  lines: string[];
  boxes?: boolean;
}

export interface UnitPageView {
  unitId: string;
  title: string;
  says: string;
  left: Block[];
  lessons: { number: number; day: string; title: string; pages: string; doing: string }[];
  every: string;
  right: Block[];
  figures: { name: string; value: string }[];
  size: Size;
  other: string;
}

const EMPTY = { title: '', says: '', left: [], lessons: [], every: '', right: [], figures: [] };

export async function loadUnitPage(params: SearchParams): Promise<UnitPageView> {
  const { plan, unit, info } = await load(params);
  const paper = await sizeAsked(params, '/paper/unit');
  if (!unit) return { unitId: '', ...EMPTY, ...paper };
  const lessons = lessonsOf(plan, unit.id).filter((l) => !l.leftOut);
  const children = plan.children.filter((c) => unit.childIds.includes(c.id));
  const ids = new Set(lessons.map((l) => l.id));
  const parts = plan.parts.filter((p) => p.lessonId !== null && ids.has(p.lessonId));
  const stands = new Map(plan.sittings.map((s) => [s.partId, s.date]));
  const days = parts.flatMap((p) => stands.get(p.id) ?? []).sort();
  const pace = unit.lessonsPerWeek ? `, ${unit.lessonsPerWeek} a week` : '';
  return {
    unitId: unit.id,
    title: unit.title,
    says: [
      days.length ? `${dayMonth(days[0])} to ${dayMonth(days[days.length - 1])}` : '',
      `${count(lessons.length, 'lesson')}${pace}`,
      children.map((c) => `${c.name} ${ageOn(c.birthMonth, unit.starts)}`).join(', '),
    ]
      .filter(Boolean)
      .join(' · '),
    left: whatFor(plan, unit),
    lessons: lessonRows(plan, unit),
    every: plan.rules
      .filter((r) => r.unitId === unit.id)
      .map((r) => r.title)
      .join(' · '),
    right: withWhat(plan, unit),
    figures: [
      { name: 'Sheet', value: '2 Unit, on one page' },
      { name: 'Teaching', value: teaching(plan, unit) },
      { name: 'Money', value: money(plan, unit) },
      { name: 'Revision', value: String(info.revision) },
    ],
    ...paper,
  };
}

const filled = (blocks: readonly Block[]): Block[] =>
  blocks.map((b) => ({ ...b, lines: b.lines.filter(Boolean) })).filter((b) => b.lines.length);

function whatFor(plan: Plan, unit: Unit): Block[] {
  return filled([
    { title: 'What for', lines: [unit.goals] },
    { title: 'Big ideas', lines: unit.bigIdeas },
    {
      title: 'To be able to',
      boxes: true,
      lines: plan.objectives.filter((o) => o.unitId === unit.id).map((o) => toldAs(o.wording)),
    },
    { title: 'Words', lines: [unit.vocabulary.map((v) => v.word).join(', ')] },
    {
      title: 'Each shows it by',
      lines: [
        unit.childIds.map((id) => `${childName(plan, id)}: ${unit.shows[id] ?? 'tell back'}`).join(' · '),
      ],
    },
  ]);
}

/** What is done in a lesson beside reading and each child's own work, in a word or two each. */
function lessonRows(plan: Plan, unit: Unit): UnitPageView['lessons'] {
  const parts = groupBy(plan.parts, (p) => p.lessonId ?? '');
  const uses = groupBy(plan.uses, (u) => u.lessonId);
  const spine = new Set(
    plan.pulls.filter((p) => p.unitId === unit.id && p.role === 'spine').map((p) => p.id),
  );
  const stands = new Map(plan.sittings.map((s) => [s.partId, s.date]));
  let month = '';
  return lessonsOf(plan, unit.id)
    .filter((l) => !l.leftOut)
    .map((lesson) => {
      const own = parts.get(lesson.id) ?? [];
      const first = own.flatMap((p) => stands.get(p.id) ?? []).sort()[0];
      const isNew = first !== undefined && first.slice(0, 7) !== month;
      if (first) month = first.slice(0, 7);
      const use = (uses.get(lesson.id) ?? []).find((u) => spine.has(u.pullId));
      const doing = own.filter(
        (p) => !OWN_WORK_KINDS.includes(p.kind) && p.kind !== 'read-aloud' && p.kind !== 'project',
      );
      return {
        number: lesson.number,
        day: first ? (isNew ? dayMonth(first) : String(Number(first.slice(8)))) : '',
        title: lesson.title,
        pages: use ? pagesText(use).replace(/^, pp?\. /, '') : '',
        doing: [
          ...doing.map((p) => (p.waitAfterHours ? `${p.title} (${p.waitAfterHours} h)` : p.title)),
          lesson.optional ? 'may be left out' : '',
        ]
          .filter(Boolean)
          .join('; '),
      };
    });
}

/** Titles named in one line of a column; how many more there are is said. */
const NAMED = 4;
const named = (titles: readonly string[]): string =>
  titles.length > NAMED
    ? `${titles.slice(0, NAMED).join('; ')} and ${titles.length - NAMED} more`
    : titles.join('; ');

function withWhat(plan: Plan, unit: Unit): Block[] {
  const books = booksById(plan.books);
  const { measures } = customsOf(plan);
  const pulls = plan.pulls.filter((p) => p.unitId === unit.id);
  const bookOf = (id: string): string => books.get(id)!.title;
  const isFilm = (bookId: string): boolean => books.get(bookId)!.form === 'film';
  const inRole = (role: Role): string[] =>
    pulls.filter((p) => p.role === role && !isFilm(p.bookId)).map((p) => bookOf(p.bookId));
  const ids = new Set(lessonsOf(plan, unit.id).map((l) => l.id));
  const parts = plan.parts.filter(
    (p) => (p.lessonId !== null && ids.has(p.lessonId)) || p.unitId === unit.id,
  );
  const stands = new Map(plan.sittings.map((s) => [s.partId, s.date]));
  const mine = new Set(parts.map((p) => p.id));
  const needed = neededIn(plan, '1900-01-01', '2200-12-31', (id) => mine.has(id));
  const cautions = new Map<string, string[]>();
  for (const p of parts)
    for (const c of cautionsFor(p, plan.children, plan.family?.allergies ?? [], unit.starts)) {
      const at = cautions.get(c.title) ?? [];
      if (!at.includes(p.title)) cautions.set(c.title, [...at, p.title]);
    }
  return filled([
    {
      title: 'Leads',
      lines: pulls
        .filter((p) => p.role === 'spine' && !isFilm(p.bookId))
        .map((p) => `${bookOf(p.bookId)}${readHow(p, plan.children)}`),
    },
    { title: 'Together', lines: [named(inRole('together'))] },
    {
      title: 'Alone',
      lines: plan.children
        .filter((c) => unit.childIds.includes(c.id))
        .map((c) => {
          const own = pulls.filter((p) => p.role === 'own' && p.childIds.length > 0 && isFor(p, c.id));
          return own.length ? `${c.name}: ${named(own.map((p) => bookOf(p.bookId)))}` : '';
        }),
    },
    { title: 'Basket', lines: [named(inRole('basket'))] },
    { title: 'Films', lines: [named(pulls.filter((p) => isFilm(p.bookId)).map((p) => bookOf(p.bookId)))] },
    {
      title: 'Out',
      lines: [
        parts
          .filter((p) => p.kind === 'trip' || p.kind === 'walk')
          .map((p) => `${p.title}${stands.has(p.id) ? ` ${shortDate(stands.get(p.id)!)}` : ''}`)
          .join(' · '),
      ],
    },
    {
      title: 'To have',
      lines: [needed.map((n) => `${n.name} ${amountIn(n, n.unit, measures)}`.trim()).join(', ')],
    },
    {
      title: 'With care',
      lines: [[...cautions].map(([title, [first]]) => `${title.toLowerCase()} (${first})`).join('; ')],
    },
  ]);
}

/** How a spine is read, where it is not aloud to everyone. */
function readHow(pull: Pull, children: readonly Child[]): string {
  if (isReadBeforehand(pull)) return ' (read beforehand)';
  const readers = children.filter((c) => pull.childIds.includes(c.id)).map((c) => c.name);
  if (!isReadAlone(pull)) return readers.length ? ` (aloud to ${inAList(readers)})` : '';
  return readers.length ? ` (${inAList(readers)}, alone)` : ' (read alone)';
}

/** Hours somebody leads in the whole unit. */
function teaching(plan: Plan, unit: Unit): string {
  const ids = new Set(lessonsOf(plan, unit.id).map((l) => l.id));
  const minutes = partMinutes(plan);
  const led = plan.parts
    .filter((p) => p.lessonId !== null && ids.has(p.lessonId))
    .reduce((sum, p) => sum + minutes(p, unit).lead, 0);
  return `${Math.floor(led / 60)} h ${String(Math.round(led % 60)).padStart(2, '0')}`;
}

function money(plan: Plan, unit: Unit): string {
  const sum = (minor: number): string => (minor / 100).toFixed(2);
  const cost = sum(costOf(plan, unit));
  return unit.moneyLimit === null ? cost : `${cost} of ${sum(unit.moneyLimit)}`;
}
