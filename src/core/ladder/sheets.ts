/**
 * Works put on sheets of paper: as many as fit share one, in the order of use; what is cut out has a sheet to itself. The
 * heights are those of the printed page, in pixels of a ninety-sixth of an inch, with a little to spare.
 */
import type { PaperSize } from '../calendar/customs';
import type { Paper } from './paper';

/** What stands on a sheet beside the paper of a work itself. */
export interface OnSheet extends Paper {
  title: string;
  wording: string;
  /** A child's page of the lesson: what they do, in its order. */
  tasks?: readonly { title: string; wording: string; minutes: number; supplies: string }[];
}

/** Height between the margins without the head, and width, less a little. */
const ROOM: Record<PaperSize, { height: number; width: number }> = {
  A4: { height: 935, width: 670 },
  letter: { height: 868, width: 690 },
};
/** Heights of what a page is built from; the page frame is drawn with the same. */
const TITLE = 52;
const LINE = 29;
const LETTER = 9.6;
export const RULED = 32;
const FRAME = 290;
const CARD = 104;
const CARDS_A_ROW = 3;
export const WORD_ROW = 42;

/** Lines from which a passage is written small. */
const MANY_LINES = 4;
export const isWrittenSmall = ({ lines, trace }: NonNullable<Paper['copy']>): boolean =>
  !trace && (lines.length > MANY_LINES || lines.join(' ').length > 160);
/** Of a line to copy: the model's letter and line, and each blank line under it. */
const COPY = {
  large: { letter: 20, line: 70, blank: 92, blanks: 3 },
  small: { letter: 12, line: 41, blank: 44, blanks: 1 },
};
/** Blank lines under a line to copy: more where there are few. */
export const blanksUnder = (copy: NonNullable<Paper['copy']>): number =>
  copy.trace || isWrittenSmall(copy) ? COPY.small.blanks : copy.lines.length < 3 ? COPY.large.blanks : 1;

const linesOf = (text: string, width: number, letter = LETTER): number =>
  text ? Math.ceil((text.length * letter) / width) : 0;

/** Height of a work on a sheet. */
export function heightOf(work: OnSheet, size: PaperSize): number {
  const { width } = ROOM[size];
  const { copy, verse = [], tasks = [], words = [], cards = [], labels = [], questions = [] } = work;
  const copying = copy && (isWrittenSmall(copy) ? COPY.small : COPY.large);
  const copied = copying
    ? copy.lines.reduce(
        (sum, l) =>
          sum +
          linesOf(l, width, copying.letter) * copying.line * (copy.trace ? 4 : 1) +
          (copy.trace ? 0 : blanksUnder(copy) * copying.blank),
        0,
      )
    : 0;
  const listed = tasks.reduce(
    (sum, t) => sum + 31 + 21 * linesOf(t.wording, width - 100, 7.6) + (t.supplies ? 21 : 0),
    0,
  );
  return (
    TITLE +
    linesOf(work.wording, width) * LINE +
    (work.wording ? 14 : 0) +
    copied +
    listed +
    verse.reduce((sum, l) => sum + 32 * Math.max(1, linesOf(l, width, 11)), 0) +
    (work.draw ? FRAME + 22 : 0) +
    Math.ceil(labels.length / 2) * 40 +
    Math.ceil(cards.length / CARDS_A_ROW) * CARD +
    (words.length ? 34 + words.length * WORD_ROW : 0) +
    questions.reduce((sum, q) => sum + linesOf(q, width - 30) * LINE + 2 * RULED + 16, 0) +
    (work.source ? 2 * LINE + 2 * RULED + 28 : 0) +
    (work.ruled ?? 0) * RULED
  );
}

const isCutOut = (work: OnSheet): boolean => !!work.flaps || !!work.cards;

/** A passage that is longer than a sheet goes on, on the next. */
function divided<W extends OnSheet>(work: W, size: PaperSize): W[] {
  const { copy } = work;
  if (!copy || copy.lines.length < 2 || heightOf(work, size) <= ROOM[size].height) return [work];
  let n = copy.lines.length - 1;
  const first = (lines: number): W => ({ ...work, copy: { ...copy, lines: copy.lines.slice(0, lines) } });
  while (n > 1 && heightOf(first(n), size) > ROOM[size].height) n--;
  const rest = {
    ...work,
    wording: '',
    title: goesOn(work.title),
    copy: { ...copy, lines: copy.lines.slice(n) },
  };
  return [first(n), ...divided(rest, size)];
}
const goesOn = (title: string): string => (title.endsWith(', on') ? title : `${title}, on`);

/** Works on sheets, in their order: what is cut out comes after the others, on sheets of its own. */
export function onSheets<W extends OnSheet>(works: readonly W[], size: PaperSize): W[][] {
  const room = ROOM[size].height;
  const sheets: W[][] = [];
  let left = 0;
  for (const work of works.filter((w) => !isCutOut(w)).flatMap((w) => divided(w, size))) {
    const height = heightOf(work, size);
    if (height > left || !sheets.length) {
      sheets.push([]);
      left = room;
    }
    sheets.at(-1)!.push(work);
    left -= height;
  }
  return [...sheets, ...works.filter(isCutOut).map((w) => [w])];
}

/** Share of a sheet that is inked, roughly, by what stands on it: lines and words are little, cards and traced letters more. */
export function inkOf(work: OnSheet): 'little' | 'some' {
  return work.copy?.trace || (work.cards?.length ?? 0) > 12 ? 'some' : 'little';
}
