/**
 * What in a plan points to what, said once. It drives what goes when something is taken away, the check of a plan that
 * is brought in, the one order of a plan's lists, and a test that the store's own references agree.
 */
import { once } from './once';
import type { Plan, Slice } from './plan';

/** The lists of a plan. */
export type ListName = {
  [K in keyof Slice]: Slice[K] extends readonly (infer T)[] ? (T extends object ? K : never) : never;
}[keyof Slice];
export type Item<L extends ListName> = Slice[L][number];
type Has = (id: string) => boolean;

export interface Reference<L extends ListName = ListName> {
  list: L;
  /** The field it stands in, as it is named in a file: `childIds`, `rhythm.partId`. */
  field: string;
  to: ListName;
  ids: (item: Item<L>) => readonly string[];
  /** The item without what is not there any more; undefined where it goes with it. The same item where nothing is gone. */
  without: (item: Item<L>, has: Has) => Item<L> | undefined;
}

/** How a thing is called in a fault. */
export const CALLED: Record<ListName, string> = {
  adults: 'adult',
  appointments: 'appointment',
  children: 'child',
  units: 'unit',
  objectives: 'objective',
  questions: 'question',
  ideas: 'idea',
  lessons: 'lesson',
  parts: 'part',
  rules: 'rule',
  outlines: 'outline',
  works: 'kind of work',
  pantry: 'thing in the house',
  books: 'book',
  pulls: 'pulled book',
  uses: 'use',
  loans: 'loan',
  readings: 'reading',
  assignments: 'assignment',
  sittings: 'sitting',
  marks: 'mark',
  entries: 'entry',
};

/** Every list of a plan, in the order of a file. */
export const LISTS = Object.keys(CALLED) as ListName[];

type Loose = Record<string, unknown>;
const read = (item: object, field: string): unknown => (item as Loose)[field];
const set = <T extends object>(item: T, field: string, value: unknown): T => ({ ...item, [field]: value });

/** Points to one thing, or to none where it is null; `gone` says whether the item goes with it or forgets it. */
function one<L extends ListName>(
  list: L,
  field: string,
  to: ListName,
  gone: 'goes' | 'forgets',
): Reference<L> {
  return {
    list,
    field,
    to,
    ids: (item) => {
      const id = read(item, field) as string | null;
      return id === null ? [] : [id];
    },
    without: (item, has) => {
      const id = read(item, field) as string | null;
      if (id === null || has(id)) return item;
      return gone === 'goes' ? undefined : set(item, field, null);
    },
  };
}

/** Points to several things, or to all where it is null; `empty` says whether an item that named only gone things goes. */
function several<L extends ListName>(
  list: L,
  field: string,
  to: ListName,
  empty: 'goes' | 'stays' = 'stays',
): Reference<L> {
  const idsOf = (item: Item<L>): readonly string[] => (read(item, field) as string[] | null) ?? [];
  return {
    list,
    field,
    to,
    ids: idsOf,
    without: (item, has) => {
      const ids = idsOf(item);
      if (ids.every(has)) return item;
      const left = ids.filter(has);
      return empty === 'goes' && !left.length ? undefined : set(item, field, left);
    },
  };
}

/** Has something under the id of each: a rung for a child. */
function keyed<L extends ListName>(list: L, field: string, to: ListName): Reference<L> {
  const valueOf = (item: Item<L>): Loose => read(item, field) as Loose;
  return {
    list,
    field,
    to,
    ids: (item) => Object.keys(valueOf(item)),
    without: (item, has) => {
      const entries = Object.entries(valueOf(item));
      if (entries.every(([id]) => has(id))) return item;
      return set(item, field, Object.fromEntries(entries.filter(([id]) => has(id))));
    },
  };
}

/** A rule that comes back so long after a part. */
const afterPart: Reference<'rules'> = {
  list: 'rules',
  field: 'rhythm.partId',
  to: 'parts',
  ids: (r) => (r.rhythm.on === 'after' ? [r.rhythm.partId] : []),
  without: (r, has) => (r.rhythm.on !== 'after' || has(r.rhythm.partId) ? r : undefined),
};

/** Who speaks on an evening of talks; without anybody left the evening stays, for others to be put in. */
const speaks: Reference<'units'> = {
  list: 'units',
  field: 'talks.talks',
  to: 'children',
  ids: (u) => u.talks?.talks.map((t) => t.childId) ?? [],
  without: (u, has) =>
    !u.talks || u.talks.talks.every((t) => has(t.childId))
      ? u
      : { ...u, talks: { ...u.talks, talks: u.talks.talks.filter((t) => has(t.childId)) } },
};

/** Parts that a rule makes go with it when the plan is drawn again, where what was done of them is looked at. */
const madeByRule: Reference<'parts'> = { ...one('parts', 'ruleId', 'rules', 'goes'), without: (p) => p };

export const REFERENCES: readonly Reference[] = [
  several('appointments', 'childIds', 'children'),
  several('appointments', 'adultIds', 'adults'),
  several('books', 'notFor', 'children'),
  several('units', 'childIds', 'children'),
  several('units', 'listens', 'children'),
  one('units', 'after', 'units', 'forgets'),
  keyed('units', 'shows', 'children'),
  speaks,
  one('units', 'askedBy', 'children', 'forgets'),
  one('objectives', 'unitId', 'units', 'goes'),
  one('questions', 'unitId', 'units', 'goes'),
  one('questions', 'childId', 'children', 'forgets'),
  one('ideas', 'unitId', 'units', 'goes'),
  several('ideas', 'childIds', 'children'),
  one('rules', 'unitId', 'units', 'goes'),
  // A rule for children who are all gone goes with them; it does not come to be for everyone.
  several('rules', 'childIds', 'children', 'goes'),
  one('rules', 'adultId', 'adults', 'forgets'),
  afterPart,
  one('lessons', 'unitId', 'units', 'goes'),
  several('lessons', 'objectiveIds', 'objectives'),
  keyed('lessons', 'rungMoves', 'children'),
  one('parts', 'lessonId', 'lessons', 'goes'),
  one('parts', 'unitId', 'units', 'goes'),
  madeByRule,
  several('parts', 'childIds', 'children'),
  keyed('parts', 'rungMoves', 'children'),
  keyed('parts', 'swaps', 'children'),
  one('parts', 'adultId', 'adults', 'forgets'),
  one('parts', 'workId', 'works', 'forgets'),
  one('parts', 'teaches', 'parts', 'forgets'),
  one('pulls', 'unitId', 'units', 'goes'),
  one('pulls', 'bookId', 'books', 'goes'),
  several('pulls', 'childIds', 'children', 'goes'),
  one('uses', 'pullId', 'pulls', 'goes'),
  one('uses', 'lessonId', 'lessons', 'goes'),
  one('loans', 'bookId', 'books', 'goes'),
  one('readings', 'childId', 'children', 'goes'),
  one('readings', 'bookId', 'books', 'forgets'),
  one('assignments', 'partId', 'parts', 'goes'),
  one('assignments', 'childId', 'children', 'goes'),
  one('sittings', 'partId', 'parts', 'goes'),
  one('marks', 'partId', 'parts', 'goes'),
  one('marks', 'childId', 'children', 'goes'),
] as readonly Reference[];

const idsOf = once(
  (items: readonly { id?: string }[]): ReadonlySet<string> => new Set(items.flatMap((x) => x.id ?? [])),
);
const idsIn = (plan: Slice, list: ListName): ReadonlySet<string> =>
  idsOf(plan[list] as readonly { id?: string }[]);

/** For a list, beside which lists nothing in it pointed to what is not there. */
const holdsBeside = once((_: readonly object[]) => new Map<Reference, readonly object[]>());

/** The plan without what hangs on something that is gone; what goes takes along what hangs on it. */
export function withoutDangling(plan: Plan): Plan {
  let now = plan;
  for (;;) {
    const before = now;
    for (const reference of REFERENCES) {
      const { list, to, without } = reference;
      const items: readonly Item<ListName>[] = now[list];
      if (holdsBeside(items).get(reference) === now[to]) continue;
      const ids = idsIn(now, to);
      const left = items.map((item) => without(item, (id) => ids.has(id)));
      if (left.some((item, i) => item !== items[i]))
        now = { ...now, [list]: left.filter((item) => item !== undefined) };
      else holdsBeside(items).set(reference, now[to]);
    }
    if (now === before) return now;
  }
}

/** References to things that are not in the plan, each with where it stands. */
export function dangling(plan: Slice): { where: string; what: string }[] {
  const known = new Map<ListName, ReadonlySet<string>>();
  const has = (list: ListName, id: string): boolean => {
    if (!known.has(list)) known.set(list, idsIn(plan, list));
    return known.get(list)!.has(id);
  };
  return REFERENCES.flatMap(({ list, field, to, ids }) =>
    plan[list].flatMap((item, i) =>
      ids(item)
        .filter((id) => !has(to, id))
        .map((id) => ({ where: `${list}[${i}].${field}`, what: `there is no ${CALLED[to]} “${id}”` })),
    ),
  );
}
