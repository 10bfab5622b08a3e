/** How a booklet is drawn to be cut and folded: lengths in millimetres, so that the fold is where it is drawn. */

/** The flaps and what is under them, each this wide; together they fit between the margins of A4 and of US Letter. */
export const HALF = 84;
export const HEIGHT = 190;
/** Between two ruled lines, and free at the top of each flap's place. Own choice: room for a hand of seven. */
const LINE = 9;
const FREE = 6;
const INSET = 5;

export interface Fold {
  /** Height of one flap. */
  each: number;
  /** Tops of the flaps, from the top of the sheet. */
  tops: number[];
  /** Ruled lines under each flap, counted from its top; as many as fit, never more than asked. */
  lines: number[];
}

/** @param flaps at least one */
export function foldFor(flaps: number, ruled: number): Fold {
  const each = HEIGHT / flaps;
  const n = Math.max(0, Math.min(ruled, Math.floor((each - FREE) / LINE)));
  return {
    each,
    tops: Array.from({ length: flaps }, (_, i) => i * each),
    lines: Array.from({ length: n }, (_, l) => each - INSET - (n - 1 - l) * LINE),
  };
}
