/**
 * How large a file may be that is brought in: what a family of ten years exports, several times over. Held by
 * next.config.ts too.
 */
export const LARGEST_FILE = 100_000_000;

/** A size as it is read: `412 kB`, `3.1 MB`. */
export const sizeText = (bytes: number): string =>
  bytes < 1_000_000 ? `${Math.ceil(bytes / 1000)} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;
