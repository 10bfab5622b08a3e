/** The fields of a unit's form, and the unit they say. */
import { blankUnit } from '@/core/plan/blank';
import type { Unit } from '@/core/plan/unit';
import type { FormState } from '../frame/use-form';
import type { UnitView } from './load';

export const KINDS: { kind: Unit['startKinds'][number]; name: string }[] = [
  { kind: 'read-aloud', name: 'reading together' },
  { kind: 'tell-back', name: 'telling it back' },
  { kind: 'copying', name: 'copying' },
  { kind: 'word-list', name: 'a word list' },
  { kind: 'notebook', name: 'a journal page' },
];
/** What a unit’s lessons begin with until somebody says. */
const USUAL: Unit['startKinds'] = ['read-aloud', 'tell-back', 'copying'];
export const FRAMES = [
  { value: 'end', name: 'a fixed end' },
  { value: 'pace', name: 'a fixed pace' },
  { value: 'both', name: 'a pace and an end' },
  { value: 'open', name: 'open, until interest ends' },
] as const;
type FrameKind = (typeof FRAMES)[number]['value'];
const frameOf = (u: Pick<Unit, 'wishedEnd' | 'lessonsPerWeek'>): FrameKind => {
  if (u.wishedEnd && u.lessonsPerWeek) return 'both';
  if (u.wishedEnd) return 'end';
  if (u.lessonsPerWeek) return 'pace';
  return 'open';
};

/** “mordant: what makes a dye hold” */
export const readWords = (text: string): Unit['vocabulary'] =>
  lines(text)
    .map((l) => {
      const [word, ...meaning] = l.split(/\s*[:–=]\s+|:\s*/u);
      return { id: '', word: word.trim().slice(0, 80), meaning: meaning.join(': ').trim().slice(0, 300) };
    })
    .filter((v) => v.word);
export const lines = (text: string): string[] =>
  text
    .split('\n')
    .map((l) => l.trim())
    .filter(Boolean);
/** Money is kept in minor units. */
const toMinor = (text: string): number | null =>
  text.trim() === '' ? null : Math.round(Number(text.replace(',', '.')) * 100);
const fromMinor = (minor: number | null): string =>
  minor === null ? '' : (minor / 100).toFixed(2).replace(/\.00$/, '');

/** What the form shows of a unit; of one that is not begun yet, what it begins with. */
export function fieldsOf({ unit, children, firstDay }: Pick<UnitView, 'unit' | 'children' | 'firstDay'>) {
  const u: Omit<Unit, 'id'> = unit ?? {
    ...blankUnit,
    title: '',
    starts: firstDay,
    lessonsPerWeek: 3,
    childIds: children.map((c) => c.id),
    startKinds: USUAL,
  };
  return {
    title: u.title,
    frame: unit ? frameOf(u) : ('both' as FrameKind),
    starts: u.starts as string | null,
    wishedEnd: u.wishedEnd,
    lessonsPerWeek: u.lessonsPerWeek,
    mostPerWeek: u.mostPerWeek,
    hopedWeeks: u.hopedWeeks,
    waiting: u.waiting,
    childIds: u.childIds,
    listens: u.listens,
    after: u.after ?? 'nothing',
    subjects: u.subjects.join(', '),
    startKinds: u.startKinds,
    goals: u.goals,
    bigIdeas: u.bigIdeas.join('\n'),
    vocabulary: u.vocabulary.map((v) => (v.meaning ? `${v.word}: ${v.meaning}` : v.word)).join('\n'),
    memoryWork: u.memoryWork.map((m) => m.text).join('\n'),
    passage: u.passage,
    taste: u.taste,
    shows: u.shows,
    moneyLimit: fromMinor(u.moneyLimit),
    prepLimit: u.prepLimit,
    season: u.season ?? ('any' as NonNullable<Unit['season']> | 'any'),
    wish: u.wish,
    deeper: u.deeper,
    askedBy: u.askedBy ?? 'nobody',
  };
}

export type UnitFields = ReturnType<typeof fieldsOf>;
export type UnitFormState = FormState<UnitFields>;

/** The unit as the fields say it, for the door to check. */
export function unitFrom(value: UnitFields) {
  const { frame, vocabulary, bigIdeas, memoryWork, moneyLimit, season, askedBy, after, subjects, ...rest } =
    value;
  return {
    ...rest,
    bigIdeas: lines(bigIdeas),
    memoryWork: lines(memoryWork).map((text) => ({ id: '', text })),
    vocabulary: readWords(vocabulary),
    moneyLimit: toMinor(moneyLimit),
    season: season === 'any' ? null : season,
    askedBy: askedBy === 'nobody' ? null : askedBy,
    after: after === 'nothing' ? null : after,
    subjects: lines(subjects.replaceAll(',', '\n')),
    listens: rest.listens.filter((c) => !rest.childIds.includes(c)),
    wishedEnd: frame === 'end' || frame === 'both' ? value.wishedEnd : null,
    lessonsPerWeek: frame === 'pace' || frame === 'both' ? value.lessonsPerWeek : null,
    mostPerWeek: frame === 'pace' || frame === 'both' ? value.mostPerWeek : null,
  };
}
