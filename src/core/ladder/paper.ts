/** The paper a piece of work takes: what is on the page for one child. Work that is said or done takes none. */
import type { Assignment } from '../plan/plan';
import { SHARED_KINDS } from '../plan/words';
import type { Ladder, Piece } from './ladder-of';
import { copyText } from './copying';
import { lettersOfSentences, linesFor, type Writer } from './handwriting';
import type { WorkKind } from './kinds';
import { labelsFor } from './labels';
import { learnt } from './shown';
import { askedOf } from './together';
import { listFor, READS_LISTS_FROM } from './word-list';
import { ownThings } from './word-list';
import { flapsIn } from './written';

export interface Paper {
  /** Lines to copy, each with room under it; `trace` repeats them to be traced. */
  copy?: { lines: string[]; trace: boolean };
  /** Cards to cut out. */
  cards?: string[];
  /** Words to learn, with room to write each of them so many times. */
  words?: { word: string; times: number }[];
  /** Flaps of a booklet, to be cut and folded; `ruled` lines are under each. */
  flaps?: { count: number; ruled: number; words: string[] };
  /** Lines to learn by heart, in their stanzas. */
  verse?: string[];
  /** Empty where one is asked that is not written down. */
  questions?: string[];
  /** A frame to draw in; names to be put beside it. */
  draw?: boolean;
  labels?: string[];
  /** Ruled lines to write on; `source` leaves room for the title and the page. */
  ruled?: number;
  source?: boolean;
}

const LINES = { page: 16, beside: 8, note: 8 };

/** Lines for so many sentences as a wording asks for, in the hand of the child's age. */
function linesAsked(wording: string, { age, grade }: Writer, otherwise: number): number {
  const n = /(?:\d+–)?(\d+) sentences?/.exec(wording)?.[1];
  return n ? linesFor(lettersOfSentences(Number(n), grade), age) : otherwise;
}

/** Undefined where the work needs no paper. Work worded by hand gets lines: what it needs is not known. */
export function paperFor(
  ladder: Ladder,
  piece: Piece,
  given: Pick<Assignment, 'rung' | 'byHand' | 'wording'>,
): Paper | undefined {
  const kind = ladder.kindFor(piece);
  const { rung } = given;
  if (piece.part.kind !== 'quiz' && SHARED_KINDS.includes(piece.part.kind)) return undefined;
  const { material, writer, amount, turn } = ladder.askedFor(piece, rung);
  if (given.byHand && kind !== 'memory') return { ruled: LINES.page };
  const { age } = writer;
  if (ladder.isOnlySaid(piece)) return saidPaper(kind);
  switch (kind) {
    case 'copying':
      if (!material.passage) return undefined;
      return {
        copy: {
          lines: copyText(material, rung, writer, amount)
            .text.split('\n')
            .filter((l) => l.trim()),
          trace: rung === 1,
        },
      };
    case 'memory': {
      // Who only joins in or says it after you has no use for it on paper.
      if (rung <= 2 || !material.byHeart) return undefined;
      return { verse: learnt(material.byHeart, rung, material.learning, amount).split('\n') };
    }
    case 'word-list': {
      if (age < READS_LISTS_FROM) return undefined;
      const { list, beside } = listFor(material, rung, writer, amount);
      return rung <= 2
        ? { cards: [...list, ...beside] }
        : {
            words: list.map((word) => ({ word, times: 2 })),
            ruled: rung >= 4 ? list.length + 2 : 0,
          };
    }
    case 'labels': {
      // On the first rung they are pointed at.
      if (rung === 1 || !material.hasLabels) return undefined;
      const { words, more } = labelsFor(material, rung, writer, amount).given;
      const labels = [...words, ...Array<string>(more).fill('')];
      return rung === 2
        ? { draw: true, cards: labels }
        : { draw: true, labels: rung === 3 ? labels : labels.map(() => '') };
    }
    case 'notebook':
      return {
        draw: true,
        ruled: rung === 1 ? 0 : rung === 2 ? 2 : linesAsked(given.wording, writer, LINES.beside),
      };
    case 'booklet': {
      const flaps = Math.max(1, flapsIn(given.wording));
      return {
        flaps: {
          count: flaps,
          ruled: rung <= 1 ? 0 : rung === 2 ? 1 : 4,
          words: ownThings(material, rung, flaps),
        },
      };
    }
    case 'tell-back':
      return rung >= 4 ? { ruled: linesAsked(given.wording, writer, LINES.page) } : undefined;
    case 'looking-up':
      return rung >= 4 ? { source: true, ruled: LINES.note } : undefined;
    // Up to the second rung it is asked and told.
    case 'quiz':
      return rung >= 3 ? { questions: onPaper(askedOf(material, rung, amount, turn())) } : undefined;
    default:
      return undefined;
  }
}

/** What is drawn or folded needs its paper also where nothing is written on it. */
function saidPaper(kind: WorkKind): Paper | undefined {
  if (kind === 'notebook' || kind === 'labels') return { draw: true, ruled: 0 };
  return kind === 'booklet' ? { flaps: { count: 3, ruled: 0, words: [] } } : undefined;
}

/** Room for those as well that are thought of when they are asked. */
const onPaper = ({ ready, more }: { ready: string[]; more: number }): string[] => [
  ...ready,
  ...Array.from({ length: more }, () => ''),
];
