/** A form says only what it shows: of what was parsed, what was not given is left as it was. */
export function given<T extends object>(parsed: T, input: unknown): Partial<T> {
  const keys = new Set(Object.keys((input ?? {}) as object));
  return Object.fromEntries(Object.entries(parsed).filter(([key]) => keys.has(key))) as Partial<T>;
}
