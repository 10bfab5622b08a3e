/**
 * Pieces: things that stand inside others and are ticked, spaced and counted on their own: a word, a line to learn, a
 * prompt, a supply, a preparation. Each has an id that outlasts its wording, so that what happened to it is not lost.
 */
import { distance } from 'fastest-levenshtein';
import type { Plan, Slice } from './plan';
import type { ListName } from './references';

type Piece = { id: string };
interface Holds {
  list: ListName;
  field: string;
  /** What tells ids of this field apart, where they are made from their owner's. */
  letter: string;
  wording: (piece: never) => string;
}

const HOLDS: readonly Holds[] = [
  { list: 'units', field: 'vocabulary', letter: 'w', wording: (v: { word: string }) => v.word },
  { list: 'units', field: 'memoryWork', letter: 'm', wording: (m: { text: string }) => m.text },
  {
    list: 'lessons',
    field: 'recall',
    letter: 'r',
    wording: (r: { easy: string; hard: string }) => `${r.easy} ${r.hard}`,
  },
  { list: 'rules', field: 'supplies', letter: 's', wording: (s: { name: string }) => s.name },
  ...(['parts', 'outlines'] as const).flatMap((list): Holds[] => [
    { list, field: 'supplies', letter: 's', wording: (s: { name: string }) => s.name },
    { list, field: 'preparations', letter: 'p', wording: (p: { what: string }) => p.what },
  ]),
];

const piecesOf = (item: object, field: string): readonly Piece[] => (item as Record<string, Piece[]>)[field];

/** What a rule brings back has the rule’s pieces, under the rule’s ids. */
const isOfRule = (item: object): boolean => (item as { ruleId?: string | null }).ruleId != null;

/**
 * The plan with an id on each piece, made from the id of what it stands in and its place there: for a plan from a file that
 * has none yet. The same file always gives the same ids.
 */
export function numbered<S extends Slice>(plan: S): S {
  return withIds(plan, (owner, letter) => {
    let n = 0;
    return () => `${owner.slice(0, 50)}-${letter}${n++}`;
  });
}

/**
 * The plan after a change with an id on each piece: one that was there keeps its own, also when it was re-worded in part or
 * moved; what is new, or has come to stand twice, gets a new one.
 */
export function named(before: Plan, after: Plan, newId: () => string): Plan {
  return withIds(after, () => newId, before);
}

function withIds<S extends Slice>(
  plan: S,
  idsFor: (owner: string, letter: string) => () => string,
  before?: Plan,
): S {
  let now = plan;
  for (const holds of HOLDS) {
    const { list, field, letter } = holds;
    const items = now[list] as readonly Piece[];
    const was = before?.[list] as readonly Piece[] | undefined;
    if (items === was) continue;
    const earlier = new Map(was?.map((item) => [item.id, item]));
    const taken = new Set<string>();
    const changed = new Map<Piece, Piece>();
    // What was there first keeps its ids; a copy of it made in the same change gets new ones.
    const inTurn = [...items.filter((i) => earlier.has(i.id)), ...items.filter((i) => !earlier.has(i.id))];
    for (const item of inTurn) {
      const pieces = piecesOf(item, field);
      if (!pieces.length || isOfRule(item)) continue;
      const old = earlier.get(item.id);
      const known = old && old !== item ? piecesOf(old, field) : [];
      const ids = pieces.every((p) => p.id)
        ? pieces.map((p) => p.id)
        : matched(known, pieces, holds.wording as (p: Piece) => string);
      const next = idsFor(item.id, letter);
      const made = pieces.map((p, i) => {
        let id = ids[i];
        while (!id || taken.has(id)) id = next();
        taken.add(id);
        return id === p.id ? p : { ...p, id };
      });
      if (made.some((p, i) => p !== pieces[i])) changed.set(item, { ...item, [field]: made });
    }
    if (changed.size) now = { ...now, [list]: items.map((item) => changed.get(item) ?? item) };
  }
  return now;
}

/** How unlike two wordings may be, of the letters of the longer one, for one to be the other re-worded. Own choice. */
const UNLIKE = 0.5;
const WORDS_ADDED = 0.25;

/** The ids that pieces without one take over: of the same wording first, then of the one most alike; empty for none. */
export function matched<P extends Piece, K extends Piece>(
  known: readonly K[],
  pieces: readonly P[],
  wording: (piece: P | K) => string,
): string[] {
  const ids = pieces.map((p) => p.id);
  const words = (p: Piece): string =>
    wording(p as never)
      .trim()
      .toLowerCase();
  const free = known.filter((k) => !ids.includes(k.id));
  const pairs = pieces
    .flatMap((p, i) =>
      p.id ? [] : free.map((k, at) => ({ i, k, at, unlike: unlikeness(words(p), words(k)) })),
    )
    .filter((pair) => pair.unlike <= UNLIKE)
    .sort((a, b) => a.unlike - b.unlike || Math.abs(a.i - a.at) - Math.abs(b.i - b.at) || a.i - b.i);
  const used = new Set<K>();
  for (const { i, k } of pairs)
    if (!ids[i] && !used.has(k)) {
      ids[i] = k.id;
      used.add(k);
    }
  return ids;
}

/** From 0, the same, to 1; what only has words added to it is nearly the same. */
function unlikeness(a: string, b: string): number {
  if (a === b) return 0;
  const wordsIn = (text: string): string[] => text.split(/[^\p{L}\p{N}]+/u).filter(Boolean);
  const [fewer, more] = [wordsIn(a), wordsIn(b)].sort((x, y) => x.length - y.length);
  if (fewer.length && fewer.every((word) => more.includes(word))) return WORDS_ADDED;
  return distance(a, b) / Math.max(1, a.length, b.length);
}

/** What a prompt, a word or a piece learnt by heart says; undefined where it is not in the plan. */
export function promptOf(
  { lessons, units }: Pick<Plan, 'lessons' | 'units'>,
  id: string,
): string | undefined {
  const prompt = lessons.flatMap((l) => l.recall).find((r) => r.id === id);
  if (prompt) return prompt.easy || prompt.hard;
  return (
    units.flatMap((u) => u.vocabulary).find((v) => v.id === id)?.word ??
    units.flatMap((u) => u.memoryWork).find((m) => m.id === id)?.text
  );
}
