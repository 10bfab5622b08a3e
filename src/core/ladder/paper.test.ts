import { describe, expect, it } from 'vitest';
import { aLesson, aPart, aPlan, aUnit } from '../../../tests/sample-plan';
import { redraw } from '../layout/redraw';
import { blankChild } from '../plan/blank';
import type { PartKind } from '../plan/lesson';
import { ladderOf, type Piece } from './ladder-of';
import { paperFor, type Paper } from './paper';

const POEM =
  'Off the hill the grey flock came,\nEach to her own bell, each to her name.\n\nShear it and wash it and hang it to dry,\nWool for the winter and none to deny.';
const KINDS: PartKind[] = [
  'copying',
  'word-list',
  'labels',
  'notebook',
  'booklet',
  'tell-back',
  'looking-up',
  'quiz',
  'memory',
  'practice',
  'own-reading',
  'experiment',
  'talk',
];
const plan = redraw(
  {
    ...aPlan(
      1,
      {
        units: [
          aUnit({
            childIds: ['c3', 'c6', 'c9', 'c12'],
            passage: POEM,
            vocabulary: [{ id: '', word: 'mordant', meaning: 'what makes a dye hold' }],
          }),
        ],
        lessons: [
          aLesson('l1', {
            title: 'A mordant in the dye pot',
            recall: [{ id: '', easy: 'What dyes red?', hard: 'Why does alum hold it?', answer: 'Madder' }],
          }),
        ],
      },
      (l) =>
        KINDS.map((kind) =>
          aPart(kind, l, {
            kind,
            title: kind,
            minutes:
              kind === 'experiment' ||
              kind === 'quiz' ||
              kind === 'talk' ||
              kind === 'looking-up' ||
              kind === 'practice'
                ? 20
                : null,
            lead: 'not-needed',
          }),
        ),
    ),
    children: [3, 6, 9, 12].map((y, i) => ({
      ...blankChild,
      id: `c${y}`,
      name: `C${y}`,
      hatch: (['bars', 'dots', 'waves', 'bricks'] as const)[i],
      birthMonth: `${2026 - y}-03`,
    })),
  },
  { today: '2026-08-31' },
).plan;
const ladder = ladderOf(plan);
const on = (partId: string, childId: string, over: { byHand?: boolean } = {}): Paper | undefined => {
  const piece: Piece = {
    part: plan.parts.find((p) => p.id === partId)!,
    child: plan.children.find((c) => c.id === childId)!,
    lesson: plan.lessons[0],
    unit: plan.units[0],
  };
  return paperFor(ladder, piece, {
    ...plan.assignments.find((a) => a.partId === partId && a.childId === childId)!,
    ...over,
  });
};
const wording = (partId: string, childId: string): string =>
  plan.assignments.find((a) => a.partId === partId && a.childId === childId)!.wording;

describe('the paper of a piece of work', () => {
  it('to copy holds the words the child was given, to be traced by who traces', () => {
    expect(on('copying', 'c3')!.copy).toEqual({ lines: ['C'], trace: true });
    expect(on('copying', 'c6')!.copy!.lines).toEqual(['Off the hill']);
    expect(on('copying', 'c9')!.copy!.lines).toEqual(POEM.split('\n\n')[0].split('\n'));
    expect(on('copying', 'c12')!.copy!.lines).toEqual(POEM.split('\n\n')[0].split('\n'));
  });
  it('of a word list is cards for beginners and a table to write in for the others, with the words of the wording', () => {
    expect(on('word-list', 'c3')).toBeUndefined();
    expect(on('word-list', 'c9')).toBeUndefined();
    for (const c of ['c12']) {
      const { cards, words } = on('word-list', c)!;
      expect(wording('word-list', c).split(': ')[1].split(' · ')).toEqual(cards ?? words!.map((w) => w.word));
    }
  });
  it('of a booklet has as many flaps as its wording', () => {
    expect(['c3', 'c6', 'c12'].map((c) => on('booklet', c)!.flaps!.count)).toEqual(
      ['c3', 'c6', 'c12'].map((c) => Number(wording('booklet', c)[0])),
    );
    expect(on('booklet', 'c12')!.flaps!.words).toContain('mordant');
    expect(on('booklet', 'c9')!.flaps).toMatchObject({ ruled: 0 });
  });
  it('of a quiz is the questions in the form for the rung; who tells or points has none', () => {
    expect(on('quiz', 'c6')).toBeUndefined();
    expect(on('quiz', 'c12')!.questions).toEqual([
      'Why does alum hold it?',
      'Use “mordant” in a sentence that shows what it means.',
    ]);
    expect(JSON.stringify(on('quiz', 'c12'))).not.toContain('Madder');
  });
  it('is none for what is said, shown or done, and lines for what was worded by hand', () => {
    expect(on('memory', 'c3')).toBeUndefined();
    expect(on('memory', 'c12')!.verse).toEqual(POEM.split('\n'));
    for (const kind of ['practice', 'own-reading', 'experiment', 'talk'])
      for (const c of ['c3', 'c12']) expect(on(kind, c)).toBeUndefined();
    expect(on('tell-back', 'c6')).toBeUndefined();
    expect(on('tell-back', 'c12')!.ruled).toBeGreaterThan(0);
    expect(on('looking-up', 'c12')).toMatchObject({ source: true });
    expect(on('copying', 'c12', { byHand: true })).toEqual({ ruled: 16 });
  });
});
