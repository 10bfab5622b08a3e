/** Working a thing out once: the lists of a plan are never changed in place, so what follows from one holds as long as it is there. */

/** The same as `work`, worked out once for each list. */
export function once<K extends object, V>(work: (list: K) => V): (list: K) => V {
  const known = new WeakMap<K, { value: V }>();
  return (list) => {
    let found = known.get(list);
    if (!found) known.set(list, (found = { value: work(list) }));
    return found.value;
  };
}
