/**
 * Work that is said instead of written. Under ten one writing task in a lesson is enough (common practice, no source);
 * what else would be written is told, shown or read aloud.
 */
import type { Rung } from '../plan/measures';
import { copyText } from './copying';
import { KINDS_OF_WORK, type Asked, type WorkKind } from './kinds';
import { labelsFor } from './labels';
import { plain, type Version } from './version';
import { listFor } from './word-list';
import { spokenFor } from './wordings';

/** Age from which more than one writing task in a lesson is asked for. */
export const WRITES_MORE_FROM = 10;

/** The rung from which each kind is a writing task: a word under a drawing is none. */
const WRITTEN_FROM: Partial<Record<WorkKind, Rung>> = {
  copying: 2,
  'word-list': 2,
  notebook: 3,
  booklet: 3,
  labels: 3,
  'tell-back': 4,
  'looking-up': 4,
};

export function isWritten(kind: WorkKind, rung: Rung): boolean {
  const from = WRITTEN_FROM[kind];
  return from !== undefined && rung >= from;
}

/** What is told as well as it is written. */
export const isToldAsWell = (kind: WorkKind): boolean => kind === 'tell-back' || kind === 'looking-up';

const NOTE = 'One writing task in a lesson is enough under ten: this one is said.';

/** A kind of work as it is said, drawn or pointed at. */
export function saidVersion(kind: WorkKind, asked: Asked): Version {
  const { rung, material, writer, amount } = asked;
  const { topic } = material;
  const says = (fill: Record<string, string>): string => spokenFor(kind, { topic, ...fill }, material.place);
  const said = { ...plain, rung, parentMinutes: 3, note: NOTE };
  switch (kind) {
    case 'copying': {
      if (!material.passage) return KINDS_OF_WORK.copying.version(asked);
      const { text } = copyText(material, rung, writer, amount);
      return { ...said, wording: says({ text }), amount: `“${text}”`, minutes: 4 };
    }
    case 'word-list': {
      const words = listFor(material, rung, writer, amount).list.join(' · ');
      return { ...said, wording: says({ amount: words }), amount: words, minutes: 6 };
    }
    case 'labels': {
      if (!material.hasLabels) return KINDS_OF_WORK.labels.version(asked);
      const { words } = labelsFor(material, rung, writer, amount).given;
      return { ...said, wording: says({}), amount: words.join(', '), minutes: 5 + words.length };
    }
    case 'notebook':
      return {
        ...said,
        wording: says({}),
        minutes: 10,
        produces: 'a drawing',
        supplies: 'notebook; pencils',
      };
    case 'booklet':
      return {
        ...said,
        wording: says({}),
        minutes: 15,
        produces: 'a folded booklet',
        supplies: 'paper 1 sheet; scissors',
      };
    // Telling back and looking up have a spoken rung of their own.
    default: {
      const spoken = KINDS_OF_WORK[kind].version({ ...asked, rung: 3, amount: null });
      return { ...spoken, rung, note: [NOTE, spoken.note].filter(Boolean).join(' ') };
    }
  }
}
