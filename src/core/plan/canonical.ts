/** The one order of a plan's lists, so that the same plan is always written the same way. */
import type { Part } from './lesson';
import { once } from './once';
import type { Slice } from './plan';
import { REFERENCES, type ListName } from './references';

/**
 * By what each list is ordered: a field that points to something stands for its place in the plan, any other for itself.
 * Lists that are not named keep the order they have; it is the parent's.
 */
const ORDER = {
  lessons: ['unitId'],
  rules: ['unitId'],
  pulls: ['unitId'],
  objectives: ['unitId'],
  questions: ['unitId'],
  ideas: ['unitId'],
  uses: ['lessonId', 'pullId'],
  assignments: ['partId', 'childId'],
  sittings: ['partId', 'id'],
  loans: ['bookId', 'asked', 'id'],
  readings: ['date', 'childId', 'id'],
  marks: ['date', 'partId', 'id'],
} as const satisfies Partial<Record<ListName, readonly string[]>>;

type Key = (number | string)[];
type List = readonly object[];

/** The plan with its lists in their order, those first that others are ordered by. A list that is in order stays the same one. */
export function canonical<S extends Slice>(plan: S): S {
  let now = plan;
  const order = (list: ListName, orderedBy: readonly ListName[], key: (item: object) => Key): void => {
    const items = now[list] as object[];
    const beside = orderedBy.map((other): List => now[other]);
    const known = inOrderBeside(items);
    if (known.lists.length === beside.length && beside.every((other, i) => other === known.lists[i])) return;
    const ordered = sorted(items, key);
    inOrderBeside(ordered).lists = beside;
    if (ordered !== items) now = { ...now, [list]: ordered };
  };
  const place = (list: ListName, id: string): number => placesIn(now[list]).get(id) ?? -1;
  for (const list of ['lessons', 'rules', 'pulls'] as const) order(list, by(list), keyOf(list, place));
  // Parts of the family and of units come before those of lessons, rule by rule and day by day.
  order('parts', ['lessons', 'units', 'rules'], (item) => {
    const p = item as Part;
    return p.lessonId !== null
      ? [place('lessons', p.lessonId)]
      : [
          -1,
          place('units', p.unitId ?? ''),
          place('rules', p.ruleId ?? ''),
          p.ruleId === null ? '' : (p.fixedDate ?? ''),
          p.ruleId === null ? '' : p.id,
        ];
  });
  for (const list of [
    'objectives',
    'questions',
    'ideas',
    'uses',
    'assignments',
    'sittings',
    'loans',
    'readings',
    'marks',
  ] as const)
    order(list, by(list), keyOf(list, place));
  return now;
}

/** Place of each thing in its list. */
const placesIn = once(
  (items: List): ReadonlyMap<string, number> =>
    new Map((items as readonly { id: string }[]).map((item, i) => [item.id, i])),
);

/** Beside which lists a list was in order last; the list itself stands for those it is not ordered by. */
const inOrderBeside = once((_: List): { lists: readonly (List | undefined)[] } => ({ lists: [undefined] }));

const TO = new Map(REFERENCES.map((r) => [`${r.list}.${r.field}`, r.to]));

/** Lists by whose order a list is ordered. */
const by = (list: keyof typeof ORDER): ListName[] =>
  ORDER[list].flatMap((field) => TO.get(`${list}.${field}`) ?? []);

function keyOf(
  list: keyof typeof ORDER,
  place: (list: ListName, id: string) => number,
): (item: object) => Key {
  const fields = ORDER[list].map((field): [string, ListName | undefined] => [
    field,
    TO.get(`${list}.${field}`),
  ]);
  return (item) =>
    fields.map(([field, to]) => {
      const value = (item as Record<string, string | null>)[field] ?? '';
      return to ? place(to, value) : value;
    });
}

function sorted<T>(items: T[], key: (item: T) => Key): T[] {
  const keyed = items.map((item) => ({ item, key: key(item) }));
  const compare = (a: { key: Key }, b: { key: Key }): number => {
    const i = a.key.findIndex((k, n) => k !== b.key[n]);
    if (i < 0) return 0;
    return a.key[i] < b.key[i] ? -1 : 1;
  };
  if (keyed.every((k, i) => i === 0 || compare(keyed[i - 1], k) <= 0)) return items;
  return keyed.sort(compare).map(({ item }) => item);
}
