/** The one order of a plan's lists, so that the same plan is always written the same way. */
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

/** The plan with its lists in their order, those first that others are ordered by. */
export function canonical<S extends Slice>(plan: S): S {
  let now = plan;
  const placeIn = placesOf(() => now);
  const order = (lists: readonly (keyof typeof ORDER)[]): void => {
    for (const list of lists) {
      const key = (item: object): Key => ORDER[list].map((field) => placeOf(list, field, item, placeIn));
      now = { ...now, [list]: sorted(now[list] as object[], key) };
      placeIn.forget(list);
    }
  };
  order(['lessons', 'rules', 'pulls']);
  // Parts of the family and of units come before those of lessons, rule by rule and day by day.
  now = {
    ...now,
    parts: sorted(now.parts, (p) =>
      p.lessonId !== null
        ? [placeIn('lessons', p.lessonId)]
        : [
            -1,
            placeIn('units', p.unitId ?? ''),
            placeIn('rules', p.ruleId ?? ''),
            p.ruleId === null ? '' : (p.fixedDate ?? ''),
            p.ruleId === null ? '' : p.id,
          ],
    ),
  };
  placeIn.forget('parts');
  order([
    'objectives',
    'questions',
    'ideas',
    'uses',
    'assignments',
    'sittings',
    'loans',
    'readings',
    'marks',
  ]);
  return now;
}

interface PlaceIn {
  /** Place of a thing in its list; −1 where it is not there. */
  (list: ListName, id: string): number;
  forget: (list: ListName) => void;
}

function placesOf(plan: () => Slice): PlaceIn {
  const known = new Map<ListName, Map<string, number>>();
  const placeIn = (list: ListName, id: string): number => {
    if (!known.has(list))
      known.set(list, new Map((plan()[list] as { id: string }[]).map((item, i) => [item.id, i])));
    return known.get(list)!.get(id) ?? -1;
  };
  return Object.assign(placeIn, { forget: (list: ListName) => void known.delete(list) });
}

const TO = new Map(REFERENCES.map((r) => [`${r.list}.${r.field}`, r.to]));

function placeOf(list: ListName, field: string, item: object, placeIn: PlaceIn): number | string {
  const value = (item as Record<string, string | null>)[field] ?? '';
  const to = TO.get(`${list}.${field}`);
  return to ? placeIn(to, value) : value;
}

function sorted<T>(items: readonly T[], key: (item: T) => Key): T[] {
  return items
    .map((item) => ({ item, key: key(item) }))
    .sort((a, b) => {
      const i = a.key.findIndex((k, n) => k !== b.key[n]);
      if (i < 0) return 0;
      return a.key[i] < b.key[i] ? -1 : 1;
    })
    .map(({ item }) => item);
}
