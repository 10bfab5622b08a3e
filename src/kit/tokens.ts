/** The few colours, faces and sizes everything is drawn with. */

export const colour = {
  paper: '#f4f1e8',
  sheet: '#fbf9f3',
  room: '#fffdf8',
  ink: '#1f2f46',
  graphite: '#5c626a',
  /** The dashed pencil line; too light for text. */
  pencil: '#7d838a',
  rule: '#cfc9ba',
  /** Inked days to come on a ruler. */
  wash: '#c9d1de',
  /** Conflicts, cautions and the parent's path only. */
  red: '#b8432f',
} as const;

export const face = {
  work: 'var(--face-work), system-ui, sans-serif',
  title: 'var(--face-title), Georgia, serif',
  child: 'var(--face-child), var(--face-work), sans-serif',
} as const;

/** Page widths at which the drawing changes shape, in pixels. */
export const narrow = '@media (max-width: 760px)';
export const middling = '@media (max-width: 1100px)';
export const paper = '@media print';
export const hover = '@media (hover: hover)';
export const still = '@media (prefers-reduced-motion: reduce)';
