/**
 * Hausplan JSON: a whole plan as one document. Writing is canonical (fixed order of keys, two spaces,
 * newline at the end), so that the same plan always gives the same bytes. Reading names every fault and where it is.
 */
import { z } from 'zod';
import { canonical } from '../plan/canonical';
import { entriesFrom, withHappened } from '../plan/happened';
import { closedYear, slice as sliceShape, type ClosedYear, type Plan, type Slice } from '../plan/plan';
import { numbered } from '../plan/pieces';
import { dangling, LISTS } from '../plan/references';

export const FORMAT = 'hausplan';
export const VERSION = 15;
/** Versions that can be read: what a later one added has its blank value in an earlier file. */
const READS: readonly number[] = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15];

const { marks, readings, entries, ...lasting } = sliceShape.shape;

/** A closed year has its own household in it, as it was then. */
const closed = closedYear
  .omit({ slice: true })
  .extend({ plan: z.strictObject({ ...lasting, entries }) })
  .refine((y) => y.starts <= y.ends, { error: 'the year ends before it starts', path: ['ends'] });

/** What happened stands in it as entries; what is done or read follows from them. */
export const hausplanFile = z.strictObject({
  format: z.literal(FORMAT),
  version: z.literal(VERSION),
  ...lasting,
  entries,
  closedYears: z.array(closed).max(60).default([]),
});

/** Versions 1 and 2 said what happened in marks and readings. */
const earlierFile = z.strictObject({
  format: z.literal(FORMAT),
  version: z.literal([1, 2]),
  ...lasting,
  marks,
  readings,
});

export interface Fault {
  /** Where in the document, as `lessons[3].title`; empty for the document itself. */
  where: string;
  what: string;
}

export type Reading = { plan: Plan } | { faults: Fault[] };

/** @throws when a closed year lies in the store still: it is read before a plan goes out */
export function writeHausplanJson({ closedYears, ...plan }: Plan): string {
  const document = {
    format: FORMAT,
    version: VERSION,
    ...withoutProjections(plan),
    closedYears: closedYears.map(({ slice, ...year }) => ({ ...year, plan: withoutProjections(slice!) })),
  };
  return `${JSON.stringify(hausplanFile.parse(document), null, 2)}\n`;
}

const withoutProjections = ({ marks: _, readings: __, ...rest }: Slice): Omit<Slice, 'marks' | 'readings'> =>
  rest;

export function readHausplanJson(text: string): Reading {
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch (e) {
    return { faults: [{ where: '', what: `this is not JSON: ${(e as Error).message}` }] };
  }
  const header = z.object({ format: z.string(), version: z.number() }).safeParse(document);
  if (!header.success || header.data.format !== FORMAT)
    return { faults: [{ where: 'format', what: 'this is not a Hausplan file' }] };
  if (!READS.includes(header.data.version))
    return {
      faults: [
        {
          where: 'version',
          what: `written by another version of Hausplan: version ${header.data.version}, this one reads ${READS.slice(0, -1).join(', ')} and ${READS.at(-1)}`,
        },
      ],
    };
  const isEarlier = header.data.version < 3;
  const today = inTodaysShape(document as object, header.data.version);
  const parsed = isEarlier ? earlierFile.safeParse(today) : hausplanFile.safeParse(today);
  if (!parsed.success)
    return { faults: parsed.error.issues.map((i) => ({ where: pathText(i.path), what: i.message })) };
  const { format: _, version: __, ...read } = parsed.data;
  const { closedYears = [], ...open } = { closedYears: undefined, ...read };
  const slice: Slice = { marks: [], readings: [], entries: [], ...open };
  const years = closedYears.map(({ plan, ...year }) => ({
    ...year,
    slice: { marks: [], readings: [], ...plan },
  }));
  const faults = [
    ...faultsBetween(slice),
    ...yearsTwice(closedYears),
    ...years.flatMap((year, i) =>
      faultsBetween(year.slice).map((f) => ({ ...f, where: `closedYears[${i}].plan.${f.where}` })),
    ),
  ];
  if (faults.length) return { faults };
  return {
    plan: {
      ...numbered(withHappened(isEarlier ? { ...slice, entries: entriesFrom(slice) } : slice)),
      closedYears: years.map((year): ClosedYear => ({
        ...year,
        slice: canonical(numbered(withHappened(year.slice))),
      })),
    },
  };
}

function yearsTwice(years: readonly { id: string }[]): Fault[] {
  return years.flatMap(({ id }, i) =>
    years.findIndex((y) => y.id === id) === i
      ? []
      : [{ where: `closedYears[${i}].id`, what: `“${id}” is used twice` }],
  );
}

type Loose = Record<string, unknown>;
const isObject = (value: unknown): value is Loose => typeof value === 'object' && value !== null;

/** A list of a document with each of its things changed; what is no list, or no thing, is left for the reader to name. */
const each = (list: unknown, change: (item: Loose) => Loose): unknown =>
  Array.isArray(list) ? list.map((item: unknown) => (isObject(item) ? change(item) : item)) : list;

/** A document of an earlier version in the shape of this one. */
function inTodaysShape(document: object, version: number): object {
  if (version === VERSION) return document;
  const { closedYears, ...slice } = document as Loose;
  return {
    ...sliceInTodaysShape(slice),
    ...(closedYears === undefined
      ? {}
      : {
          closedYears: each(closedYears, (y) => ({
            ...y,
            plan: isObject(y.plan) ? sliceInTodaysShape(y.plan) : y.plan,
          })),
        }),
    ...(version >= 3 ? { version: VERSION } : {}),
  };
}

/**
 * Files of the second version's first days call directions by another name. Up to the third what is learnt by heart had no
 * id, and a book was on one child's pile.
 */
function sliceInTodaysShape(slice: Loose): Loose {
  const directions = ({ todo, ...rest }: Loose): Loose =>
    todo === undefined || 'directions' in rest
      ? { ...rest, ...(todo === undefined ? {} : { todo }) }
      : { ...rest, directions: todo };
  const piles = ({ childId, ...rest }: Loose): Loose =>
    childId === undefined ? rest : { ...rest, childIds: childId === null ? [] : [childId] };
  const byHeart = (u: Loose): Loose =>
    Array.isArray(u.memoryWork)
      ? { ...u, memoryWork: u.memoryWork.map((text: unknown) => (isObject(text) ? text : { text })) }
      : u;
  const changes: Record<string, (item: Loose) => Loose> = {
    parts: directions,
    outlines: directions,
    pulls: piles,
    units: byHeart,
  };
  return Object.fromEntries(
    Object.entries(slice).map(([name, list]) => [name, changes[name] ? each(list, changes[name]) : list]),
  );
}

export const pathText = (path: PropertyKey[]): string =>
  path.map((p, i) => (typeof p === 'number' ? `[${p}]` : `${i ? '.' : ''}${String(p)}`)).join('');

/** What is wrong between the things of a plan: ids used twice, references to what is not there, what must be there once. */
function faultsBetween(plan: Slice): Fault[] {
  return [
    ...twice(plan),
    ...hatchesTwice(plan),
    ...dangling(plan),
    ...standingTwice(plan),
    ...unitsAtOdds(plan),
  ];
}

/** Lists whose things have an id of their own, by where they stand in the document. */
const withIds = (plan: Slice): Record<string, readonly { id: string }[]> => ({
  ...Object.fromEntries(
    LISTS.filter((list) => list !== 'assignments').map((list) => [list, plan[list] as { id: string }[]]),
  ),
  'family.patterns': plan.family?.patterns ?? [],
  'year.daysOff': plan.year?.daysOff ?? [],
  'year.terms': plan.year?.terms ?? [],
  'year.shortDays': plan.year?.shortDays ?? [],
  'year.extraDays': plan.year?.extraDays ?? [],
});

function twice(plan: Slice): Fault[] {
  return Object.entries(withIds(plan)).flatMap(([where, items]) => {
    const seen = new Set<string>();
    return items.flatMap(({ id }, i) => {
      const fault = seen.has(id) ? [{ where: `${where}[${i}].id`, what: `“${id}” is used twice` }] : [];
      seen.add(id);
      return fault;
    });
  });
}

function hatchesTwice(plan: Slice): Fault[] {
  const first = new Map<string, number>();
  plan.children.forEach((c, i) => first.set(c.hatch, first.get(c.hatch) ?? i));
  return plan.children.flatMap((c, i) =>
    first.get(c.hatch) === i
      ? []
      : [{ where: `children[${i}].hatch`, what: `${c.hatch} is another child’s hatch` }],
  );
}

/** Who is in a unit does not listen in as well, and no unit waits for itself. */
function unitsAtOdds(plan: Slice): Fault[] {
  const after = new Map(plan.units.map((u) => [u.id, u.after]));
  const isRing = (id: string): boolean => {
    let at: string | null | undefined = after.get(id);
    for (let steps = 0; at && steps < plan.units.length; steps++) {
      if (at === id) return true;
      at = after.get(at);
    }
    return false;
  };
  return plan.units.flatMap((u, i) => [
    ...u.listens.flatMap((c, n) =>
      u.childIds.includes(c) || u.listens.indexOf(c) !== n
        ? [{ where: `units[${i}].listens[${n}]`, what: 'this child is in the unit already' }]
        : [],
    ),
    ...(isRing(u.id) ? [{ where: `units[${i}].after`, what: 'in this row a unit waits for itself' }] : []),
  ]);
}

/** A part stands once, and a child has its work once. */
function standingTwice(plan: Slice): Fault[] {
  const seen = new Set<string>();
  const isSecond = (key: string): boolean => seen.size === seen.add(key).size;
  return [
    ...plan.assignments.flatMap((a, i) =>
      isSecond(`work ${a.partId} ${a.childId}`)
        ? [{ where: `assignments[${i}]`, what: 'this child has this part twice' }]
        : [],
    ),
    ...plan.sittings.flatMap((s, i) =>
      isSecond(`part ${s.partId}`)
        ? [{ where: `sittings[${i}].partId`, what: 'this part stands twice' }]
        : [],
    ),
  ];
}
