/**
 * A unit without the family: its lessons and what is done in them, its books by title, its notes. An outline is shared as an
 * open file, and is what a unit that is taught again is made from. Nothing in it points to a child, a day or a mark.
 */
import { z } from 'zod';
import { book } from '../plan/book';
import { cautionsFor } from '../cautions/match';
import { blankPart } from '../plan/blank';
import { doingOf, type Doing } from '../plan/doing';
import { byId, homes } from '../plan/lookup';
import { alternative, lesson, part, rule, type Part } from '../plan/lesson';
import { id, isoDate, shortText } from '../plan/measures';
import { role, spineRead, type Slice } from '../plan/plan';
import { objective, unit, type Unit } from '../plan/unit';
import { pathText, type Fault } from './hausplan-json';

export const OUTLINE_FORMAT = 'hausplan-outline';
const VERSION = 1;

/** What is done in a part; ids tell things of one outline apart and mean nothing outside it. */
const outlinePart = alternative.extend({
  alternatives: z
    .array(alternative.omit({ id: true }))
    .max(12)
    .default([]),
  optional: part.shape.optional,
  weekday: part.shape.weekday,
  workId: part.shape.workId,
  /** With what care, in words, for who reads it; whoever takes it up has cautions of their own worked out. */
  cautions: z.array(z.string().max(2000)).max(60).default([]),
});
export type OutlinePart = z.infer<typeof outlinePart>;

const outlineLesson = lesson.omit({ unitId: true, leftOut: true, kitPlace: true, rungMoves: true }).extend({
  parts: z.array(outlinePart).max(200).default([]),
  books: z
    .array(
      z.strictObject({
        bookId: id,
        firstPage: z.int().min(1).max(9999).nullable(),
        lastPage: z.int().min(1).max(9999).nullable(),
      }),
    )
    .max(200)
    .default([]),
});

const outlineBook = book
  .pick({
    id: true,
    title: true,
    authors: true,
    label: true,
    form: true,
    pages: true,
    year: true,
    language: true,
    listenFrom: true,
    listenTo: true,
    readFrom: true,
    readTo: true,
  })
  .extend({ role, read: spineRead.default('aloud') });

export const unitOutline = z.strictObject({
  format: z.literal(OUTLINE_FORMAT),
  version: z.literal(VERSION),
  title: shortText,
  goals: unit.shape.goals,
  bigIdeas: unit.shape.bigIdeas,
  vocabulary: unit.shape.vocabulary,
  memoryWork: unit.shape.memoryWork,
  passage: unit.shape.passage,
  startKinds: unit.shape.startKinds,
  taste: unit.shape.taste,
  subjects: unit.shape.subjects,
  season: unit.shape.season,
  lessonsPerWeek: unit.shape.lessonsPerWeek,
  hopedWeeks: unit.shape.hopedWeeks,
  objectives: z
    .array(objective.omit({ unitId: true }))
    .max(500)
    .default([]),
  questions: z.array(z.string().trim().min(1).max(300)).max(500).default([]),
  lessons: z.array(outlineLesson).min(1, 'there is no lesson in it').max(1000),
  /** What belongs to the unit and to no lesson. */
  parts: z.array(outlinePart).max(200).default([]),
  rules: z
    .array(
      rule.omit({ unitId: true, adultId: true, orParent: true, childIds: true, first: true, last: true }),
    )
    .max(100)
    .default([]),
  books: z.array(outlineBook).max(1000).default([]),
  /** What was learned of it, in words; of single lessons and activities it stands there. */
  notes: z.array(z.string().trim().min(1).max(500)).max(100).default([]),
  /** When it was last taught, if it was. */
  taught: isoDate.nullable().default(null),
});
export type UnitOutline = z.infer<typeof unitOutline>;

/** A child of whom nothing is known but that small ones may be about: every caution that holds for anybody is said. */
const ANYBODY = [
  {
    id: 'anybody',
    name: 'a small child',
    birthMonth: '2200-01',
    hatch: 'dots',
    minutes: 0,
    rungs: {},
    mouths: true,
    writes: null,
    measured: { reading: null, hand: null },
  },
] as const;

/** Cautions of what is done, in words, without knowing whose children take part. */
const cautionsOf = (p: Doing): string[] =>
  cautionsFor({ ...blankPart, ...p, seen: [] }, [...ANYBODY], [], '2200-01-01').map((c) =>
    [`${c.title}.`, c.steps, c.who, c.defers].filter(Boolean).join(' '),
  );

/** A unit of a plan as an outline, as it stands in the plan. */
export function outlineOf(plan: Slice, of: Unit): UnitOutline {
  const homeOf = homes(plan);
  const lessons = plan.lessons.filter((l) => l.unitId === of.id);
  const parts = plan.parts.filter((p) => p.ruleId === null && homeOf(p).unit?.id === of.id && isShared(p));
  const pulls = plan.pulls.filter((p) => p.unitId === of.id && p.role !== 'give away');
  const books = byId(plan.books);
  const { goals, bigIdeas, vocabulary, memoryWork, passage, startKinds, taste, subjects, season } = of;
  return {
    format: OUTLINE_FORMAT,
    version: VERSION,
    title: of.title,
    ...{ goals, bigIdeas, vocabulary, memoryWork, passage, startKinds, taste, subjects, season },
    lessonsPerWeek: of.lessonsPerWeek,
    hopedWeeks: of.hopedWeeks,
    objectives: plan.objectives.filter((o) => o.unitId === of.id).map(({ unitId: _, ...o }) => o),
    questions: plan.questions.filter((q) => q.unitId === of.id && !q.answer).map((q) => q.text),
    lessons: lessons.map(({ unitId: _, leftOut: __, kitPlace: ___, rungMoves: ____, ...l }) => ({
      ...l,
      parts: parts.filter((p) => p.lessonId === l.id).map(outlined),
      books: plan.uses
        .filter((u) => u.lessonId === l.id && pulls.some((p) => p.id === u.pullId))
        .map(({ pullId, firstPage, lastPage }) => ({
          bookId: pulls.find((p) => p.id === pullId)!.bookId,
          firstPage,
          lastPage,
        })),
    })),
    parts: parts.filter((p) => p.lessonId === null).map(outlined),
    rules: plan.rules
      .filter((r) => r.unitId === of.id && (r.rhythm.on !== 'after' || parts.some((p) => isAfter(r, p))))
      .map(
        ({ unitId: _, adultId: __, orParent: ___, childIds: ____, first: _____, last: ______, ...r }) => r,
      ),
    books: [...new Map(pulls.map((p) => [p.bookId, p])).values()].map((p) => {
      const { id, title, authors, label, form, pages, year, language } = books.get(p.bookId)!;
      const { listenFrom, listenTo, readFrom, readTo } = books.get(p.bookId)!;
      const ages = { listenFrom, listenTo, readFrom, readTo };
      return { id, title, authors, label, form, pages, year, language, ...ages, role: p.role, read: p.read };
    }),
    notes: [],
    taught: null,
  };
}

const isAfter = (r: Slice['rules'][number], p: Part): boolean =>
  r.rhythm.on === 'after' && r.rhythm.partId === p.id;

/** Work of the ladder that hangs on a child’s own version, or on another part, is made anew and not taken along. */
const isShared = (p: Part): boolean => p.kind !== 'teaching';

const outlined = (p: Part): OutlinePart => ({
  id: p.id,
  ...doingOf(p),
  alternatives: p.alternatives.map(({ id: _, ...a }) => a),
  optional: p.optional,
  weekday: p.weekday,
  workId: p.workId,
  cautions: cautionsOf(doingOf(p)),
});

/** Fields that hold no words of the family’s: ids and words of closed lists; a book has the title it has. */
const KEPT: ReadonlySet<string> = new Set([
  ...['id', 'bookId', 'workId', 'objectiveIds', 'rhythm', 'format', 'kind', 'lead', 'window', 'startKinds'],
  ...['taste', 'season', 'taught'],
]);

/** A word of its own, not part of another. */
const wordOf = (name: string): RegExp =>
  new RegExp(`(?<![\\p{L}\\p{N}])${name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?![\\p{L}\\p{N}])`, 'gu');

/** Whether a sentence begins at a place of a text. */
const beginsAt = (text: string, at: number): boolean => /(^|[.!?]\s+|\n\s*)$/.test(text.slice(0, at));
const capital = (text: string): string => text[0].toUpperCase() + text.slice(1);

/**
 * An outline without the names of those in the house, and without kinds of work that are the family’s own: to be shared.
 * @returns also where a name stood, for the parent to read over
 */
export function withoutFamily(
  outline: UnitOutline,
  plan: Pick<Slice, 'children' | 'adults' | 'family'>,
): { outline: UnitOutline; named: { where: string; text: string }[] } {
  const names: [RegExp, string][] = [
    ...plan.children.map((c): [RegExp, string] => [wordOf(c.name), 'a child']),
    ...plan.adults.map((a): [RegExp, string] => [wordOf(a.name), 'an adult']),
    ...(plan.family?.name ? [[wordOf(plan.family.name), 'the family'] as [RegExp, string]] : []),
  ];
  const named: { where: string; text: string }[] = [];
  const clean = (value: unknown, where: string): unknown => {
    if (typeof value === 'string') {
      const text = names.reduce(
        (t, [name, other]) => t.replace(name, (_, at: number) => (beginsAt(t, at) ? capital(other) : other)),
        value,
      );
      if (text !== value) named.push({ where, text });
      return text;
    }
    if (Array.isArray(value)) return value.map((v, i) => clean(v, `${where}[${i + 1}]`));
    if (typeof value === 'object' && value !== null)
      return Object.fromEntries(
        Object.entries(value).map(([k, v]) => [k, KEPT.has(k) ? v : clean(v, where ? `${where}.${k}` : k)]),
      );
    return value;
  };
  const { books, ...rest } = outline;
  const shared = {
    ...rest,
    lessons: outline.lessons.map((l) => ({ ...l, parts: l.parts.filter((p) => p.kind !== 'own-kind') })),
    parts: outline.parts.filter((p) => p.kind !== 'own-kind'),
  };
  return { outline: { ...(clean(shared, '') as Omit<UnitOutline, 'books'>), books }, named };
}

export const writeUnitOutline = (outline: UnitOutline): string =>
  `${JSON.stringify(unitOutline.parse(outline), null, 2)}\n`;

/** Reads an outline; names every fault and where it is. */
export function readUnitOutline(text: string): { outline: UnitOutline } | { faults: Fault[] } {
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch (e) {
    return { faults: [{ where: '', what: `this is not JSON: ${(e as Error).message}` }] };
  }
  const header = z.looseObject({ format: z.string(), version: z.number() }).safeParse(document);
  if (!header.success || header.data.format !== OUTLINE_FORMAT) {
    const isPlan = header.success && header.data.format === 'hausplan';
    return {
      faults: [
        {
          where: 'format',
          what: isPlan
            ? 'this is a whole Hausplan file, not an outline of one unit: bring it in on Family'
            : 'this is not an outline of Hausplan',
        },
      ],
    };
  }
  if (header.data.version !== VERSION)
    return {
      faults: [
        { where: 'version', what: `version ${header.data.version} is not known here; this reads ${VERSION}` },
      ],
    };
  const parsed = unitOutline.safeParse(document);
  if (!parsed.success)
    return { faults: parsed.error.issues.map((i) => ({ where: pathText(i.path), what: i.message })) };
  const faults = dangling(parsed.data);
  return faults.length ? { faults } : { outline: parsed.data };
}

/** What points to nothing in the outline, and ids that are there twice. */
function dangling(o: UnitOutline): Fault[] {
  const has = (items: readonly { id: string }[]): ReadonlySet<string> => new Set(items.map((i) => i.id));
  const [objectives, books] = [has(o.objectives), has(o.books)];
  const allParts = [...o.parts, ...o.lessons.flatMap((l) => l.parts)];
  const parts = has(allParts);
  const twice = [o.objectives, o.books, o.lessons, allParts, o.rules].flatMap((list) => {
    const seen = new Set<string>();
    return list.filter((i) => seen.size === seen.add(i.id).size).map((i) => i.id);
  });
  return [
    ...twice.map((id) => ({ where: '', what: `the id “${id}” is there twice` })),
    ...o.lessons.flatMap((l, i) => [
      ...l.objectiveIds
        .filter((id) => !objectives.has(id))
        .map((id) => ({ where: `lessons[${i}].objectiveIds`, what: `there is no objective “${id}”` })),
      ...l.books.flatMap((b, n) => [
        ...(books.has(b.bookId)
          ? []
          : [{ where: `lessons[${i}].books[${n}]`, what: `there is no book “${b.bookId}”` }]),
        ...(b.firstPage !== null && b.lastPage !== null && b.lastPage < b.firstPage
          ? [{ where: `lessons[${i}].books[${n}]`, what: 'the last page comes before the first' }]
          : []),
      ]),
    ]),
    ...o.rules.flatMap((r, i) =>
      r.rhythm.on === 'after' && !parts.has(r.rhythm.partId)
        ? [{ where: `rules[${i}].rhythm.partId`, what: `there is no part “${r.rhythm.partId}”` }]
        : [],
    ),
  ];
}
