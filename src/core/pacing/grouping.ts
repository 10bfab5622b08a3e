/** Grouping small topics: many headings in a row made into fewer lessons, like with like, none much larger than the rest. */

export interface SmallTopic {
  title: string;
  /** Pages, or minutes; 1 where nothing is known. */
  size: number;
}

/**
 * How much a cut between two headings that share words costs, against one lesson being half as large again as the mean
 * (own choice).
 */
const LIKENESS = 0.5;

/**
 * Cuts topics, in their order, into so many groups: sizes as even as can be, and no cut between topics that share words
 * unless evenness asks for it. Exact, by dynamic programming over the cuts.
 * @param groups 1 to the number of topics
 * @returns for each group the index of its first topic
 */
export function groupTopics(topics: readonly SmallTopic[], groups: number): number[] {
  const n = topics.length;
  if (n === 0) return [];
  const k = Math.min(Math.max(1, Math.floor(groups)), n);
  const before = [0];
  for (const t of topics) before.push(before[before.length - 1] + t.size);
  const mean = before[n] / k;
  const uneven = (from: number, to: number): number =>
    mean > 0 ? ((before[to] - before[from]) / mean - 1) ** 2 : 0;
  const cut = topics.map((t, i) => (i === 0 ? 0 : LIKENESS * likeness(topics[i - 1].title, t.title)));
  let cost = Array.from({ length: n + 1 }, (_, to) => (to === 0 ? Infinity : uneven(0, to)));
  const starts: Int32Array[] = [new Int32Array(n + 1)];
  for (let g = 2; g <= k; g++) {
    const next = new Array<number>(n + 1).fill(Infinity);
    const from = new Int32Array(n + 1);
    for (let to = g; to <= n; to++)
      for (let at = g - 1; at < to; at++) {
        const c = cost[at] + cut[at] + uneven(at, to);
        if (c < next[to] - 1e-12) {
          next[to] = c;
          from[to] = at;
        }
      }
    cost = next;
    starts.push(from);
  }
  const firsts: number[] = [];
  for (let g = k, to = n; g >= 1; g--) {
    to = g === 1 ? 0 : starts[g - 1][to];
    firsts.unshift(to);
  }
  return firsts;
}

/** Share of words two headings have in common, 0 to 1; short words do not count, endings neither. */
export function likeness(a: string, b: string): number {
  const [x, y] = [wordsOf(a), wordsOf(b)];
  if (!x.size || !y.size) return 0;
  const shared = [...x].filter((w) => y.has(w)).length;
  return shared / Math.min(x.size, y.size);
}

const wordsOf = (title: string): Set<string> =>
  new Set((title.toLowerCase().match(/\p{L}{4,}/gu) ?? []).map((w) => w.slice(0, 4)));
