/** A picture sign for a kind of work, for whoever does not read yet: drawn with the pen of the plan. */
import { colour } from './tokens';

/** Strokes in a field of 24 by 24. */
const SIGNS = {
  /** An open book. */
  book: 'M12 6C9 4 6 4 3 5v14c3-1 6-1 9 1 3-2 6-2 9-1V5c-3-1-6-1-9 1Zm0 0v14',
  /** A book, and somebody who speaks. */
  aloud:
    'M9 8C7 7 5 7 3 7.5V19c2-.5 4-.5 6 .8 2-1.3 4-1.3 6-.8V7.5C13 7 11 7 9 8Zm0 0v11.8M17 5c1.2.8 1.2 3.2 0 4M19.5 3c2.6 2 2.6 6 0 8',
  /** A mouth that tells. */
  tell: 'M4 5h16v10h-8l-5 4v-4H4ZM8 9h8M8 12h5',
  /** A pencil on a line. */
  pencil: 'M5 17 16 6l3 3L8 20H5ZM14 8l3 3M11 21h10',
  /** Figures. */
  figures: 'M4 7h6M7 4v6M14 7h6M4.5 14.5l5 5M9.5 14.5l-5 5M14 15h6M14 19h6',
  /** Scissors. */
  make: 'M5 5l12 12M19 5 7 17M6.5 20a2.5 2.5 0 1 1 0-5 2.5 2.5 0 0 1 0 5ZM17.5 20a2.5 2.5 0 1 1 0-5 2.5 2.5 0 0 1 0 5Z',
  /** A pot with steam. */
  pot: 'M5 11h14v7a2 2 0 0 1-2 2H7a2 2 0 0 1-2-2ZM3 13h2M19 13h2M9 8c-1-1 1-2 0-4M14 8c-1-1 1-2 0-4',
  /** A tree and a path. */
  out: 'M9 20v-7M9 13c-4 0-5-3-4-5 0-3 3-4 4-4s4 1 4 4c1 2 0 5-4 5ZM3 20h18M15 20c1-3 4-3 4-6',
  /** A glass to look closely. */
  look: 'M10 16a6 6 0 1 1 0-12 6 6 0 0 1 0 12ZM14.5 14.5 21 21',
  /** A screen. */
  film: 'M3 5h18v12H3ZM10 8.5v5l5-2.5ZM8 21h8',
  /** A note of music. */
  music:
    'M9 18V5l10-2v12M9 18a2.5 2.5 0 1 1-5 0 2.5 2.5 0 0 1 5 0ZM19 15a2.5 2.5 0 1 1-5 0 2.5 2.5 0 0 1 5 0Z',
  /** A ball. */
  play: 'M12 21a9 9 0 1 1 0-18 9 9 0 0 1 0 18ZM4 9c5 3 11 3 16 0M4 15c5-3 11-3 16 0',
  /** A question. */
  remember: 'M12 21a9 9 0 1 1 0-18 9 9 0 0 1 0 18ZM9.2 9.6a2.8 2.8 0 1 1 4 2.6c-.8.4-1.2.9-1.2 1.8M12 17v.1',
  /** Hands that do. */
  hand: 'M7 21v-6l-3-4c-1-1 .5-2.5 1.8-1.300L8 12V5c0-1.5 2-1.5 2 0v5V4c0-1.5 2-1.5 2 0v6-5c0-1.5 2-1.5 2 0v6-3c0-1.5 2-1.5 2 0v6c0 3-1 4-2 5v2',
} as const;

const SIGN_OF: Partial<Record<string, keyof typeof SIGNS>> = {
  'read-aloud': 'aloud',
  'own-reading': 'book',
  'tell-back': 'tell',
  talk: 'tell',
  presentation: 'tell',
  teaching: 'tell',
  copying: 'pencil',
  'word-list': 'pencil',
  notebook: 'pencil',
  labels: 'pencil',
  quiz: 'pencil',
  check: 'pencil',
  practice: 'figures',
  booklet: 'make',
  craft: 'make',
  model: 'make',
  project: 'make',
  cooking: 'pot',
  experiment: 'pot',
  demonstration: 'pot',
  walk: 'out',
  trip: 'out',
  observation: 'look',
  'looking-up': 'look',
  film: 'film',
  music: 'music',
  game: 'play',
  recall: 'remember',
  memory: 'remember',
  opening: 'remember',
  'look-back': 'remember',
};

export function Sign({ kind, size = 40 }: { kind: string; size?: number }) {
  return (
    <svg viewBox="0 0 24 24" width={size} height={size} aria-hidden="true" focusable="false">
      <path
        d={SIGNS[SIGN_OF[kind] ?? 'hand']}
        fill="none"
        stroke={colour.ink}
        strokeWidth="1.6"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </svg>
  );
}
