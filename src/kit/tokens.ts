/**
 * The few colours, faces and sizes everything is drawn with. The colours are CSS variables: one set for the sheet of
 * paper, one for its blueprint, and print is always on white.
 */

/** Colours by name, on paper. */
export const ON_PAPER = {
  paper: '#f4f1e8',
  sheet: '#fbf9f3',
  room: '#fffdf8',
  /** What is done. */
  done: '#e8ecf1',
  /** A field being typed in. */
  field: '#ffffff',
  /** A button under the hand, and what is being pointed at. */
  pressed: '#e9e4d5',
  hoverInk: '#33476a',
  pressedInk: '#0f1c30',
  ink: '#1f2f46',
  graphite: '#5c626a',
  /** The dashed pencil line; too light for text. */
  pencil: '#7d838a',
  rule: '#cfc9ba',
  /** Inked days to come on a ruler. */
  wash: '#c9d1de',
  /** Conflicts, cautions and the parent's path only. */
  red: '#b8432f',
  onRed: '#ffffff',
  diagonals: '#3f6ea6',
  bars: '#7a8a2e',
  dots: '#a4567f',
  lattice: '#b07a1e',
  waves: '#2f7f86',
  bricks: '#7356a3',
  chevrons: '#94593a',
  crosses: '#55606e',
} as const;
type Name = keyof typeof ON_PAPER;

/** The same on blueprint: pale lines on blue. Text over 4.5 to 1 on every ground, lines and hatches over 3 to 1. */
export const ON_BLUEPRINT: Record<Name, string> = {
  paper: '#12305a',
  sheet: '#0e284d',
  room: '#173a68',
  done: '#24508a',
  field: '#0e284d',
  pressed: '#24508a',
  hoverInk: '#c6d6ee',
  pressedInk: '#ffffff',
  ink: '#e6eefb',
  graphite: '#b3c8e4',
  pencil: '#8fabcf',
  rule: '#3a5f92',
  wash: '#3a5f92',
  red: '#ffab91',
  onRed: '#0e284d',
  diagonals: '#86aad4',
  bars: '#9aaf37',
  dots: '#cc9ab4',
  lattice: '#df9922',
  waves: '#41b6c0',
  bricks: '#b1a0ce',
  chevrons: '#cf9a7e',
  crosses: '#9da8b4',
};

const variable = (name: string): string => `--${name.replace(/[A-Z]/g, (c) => `-${c.toLowerCase()}`)}`;
const written = (colours: Record<Name, string>): string =>
  Object.entries(colours)
    .map(([name, value]) => `${variable(name)}: ${value};`)
    .join(' ');

/** Sets the colours of paper, of blueprint, for what is inside. */
export const paperColours = `color-scheme: light; ${written(ON_PAPER)}`;
export const blueprintColours = `color-scheme: dark; ${written(ON_BLUEPRINT)}`;

export const colour = Object.fromEntries(
  Object.keys(ON_PAPER).map((name) => [name, `var(${variable(name)})`]),
) as Record<Name, string>;

export const face = {
  work: 'var(--face-work), system-ui, sans-serif',
  title: 'var(--face-title), Georgia, serif',
  child: 'var(--face-child), var(--face-work), sans-serif',
} as const;

/** Page widths at which the drawing changes shape, in pixels. */
export const narrow = '@media (max-width: 760px)';
/** Where the device draws in colours of its own, and takes backgrounds away. */
export const forcedColours = '@media (forced-colors: active)';
/** What is drawn by its ground alone, under such colours. */
export const filled = 'forced-color-adjust: none; background: CanvasText !important;';
export const middling = '@media (max-width: 1100px)';
export const paper = '@media print';
export const hover = '@media (hover: hover)';
export const still = '@media (prefers-reduced-motion: reduce)';
export const dark = '@media (prefers-color-scheme: dark)';
