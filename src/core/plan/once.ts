/** Working a thing out once: the lists of a plan are never changed in place, so what follows from one holds as long as it is there. */

/** A list made anew; the one before it, where the same things are in it in the same order. */
export function sameList<T>(before: readonly T[], made: T[]): T[] {
  return before.length === made.length && made.every((item, i) => item === before[i])
    ? (before as T[])
    : made;
}

/** How many plans back it is looked whether they had the same lists. */
const PLANS_BACK = 3;

/** The same as `work`, worked out again only where one of these lists of the plan is another one. */
export function onceOf<P extends object, L extends keyof P, V>(
  lists: readonly L[],
  work: (plan: Pick<P, L>) => V,
): (plan: Pick<P, L>) => V {
  let known: { lists: readonly unknown[]; value: V }[] = [];
  return (plan) => {
    let found = known.find((k) => lists.every((list, i) => k.lists[i] === plan[list]));
    if (!found) {
      found = { lists: lists.map((list) => plan[list]), value: work(plan) };
      known = [found, ...known.slice(0, PLANS_BACK - 1)];
    }
    return found.value;
  };
}

/** The same as `work`, worked out once for each list. */
export function once<K extends object, V>(work: (list: K) => V): (list: K) => V {
  const known = new WeakMap<K, { value: V }>();
  return (list) => {
    let found = known.get(list);
    if (!found) known.set(list, (found = { value: work(list) }));
    return found.value;
  };
}
