/**
 * The kinds of work the ladder has five versions of: on which skill a child stands in each, what each rung asks, and
 * what a family changed of it.
 */
import { keyOf, LADDER_KINDS, type LadderKind } from '../plan/words';
import type { Rung, Skill } from '../plan/measures';
import type { Part } from '../plan/lesson';
import type { Show } from '../plan/unit';
import type { Work, WorkVersion } from '../plan/work';
import { copyingVersion, withoutPassage } from './copying';
import { ownReadingVersion, practiceVersion } from './everyday';
import type { Writer } from './handwriting';
import type { Material } from './material';
import { labelsVersion } from './labels';
import { checklistVersion, lookingUpVersion, memoryVersion, nothingToShow } from './shown';
import { tellingRung, tellingVersion } from './telling-back';
import {
  presentationVersion,
  quizVersion,
  roleVersion,
  talkVersion,
  teachingVersion,
  type Teaching,
  type Turn,
} from './together';
import { plain, type Version } from './version';
import { wordListVersion } from './word-list';
import { bookletVersion, notebookVersion } from './written';

/** What a child can be given: a kind of the ladder, or one of two ways of showing that are no kind of their own. */
export type WorkKind = LadderKind | 'checklist' | 'nothing';

export interface Asked {
  rung: Rung;
  writer: Writer;
  material: Material;
  part: Pick<Part, 'minutes' | 'title' | 'lead'>;
  /** So many of what the kind counts, as the family wants it; null for the ladder's own figure. */
  amount: number | null;
  /** What the child reads alone, and its minutes; asked for only where it is needed. */
  reading: () => { what: string; minutes: number };
  teaching: () => Teaching & { isElder: boolean };
  /** Where the child stands among those who do the part, the youngest first. */
  turn: () => Turn;
  /** The family's own kind. */
  work?: Work;
}

export interface KindOfWork {
  /** The skill it exercises on a rung. */
  skill: (rung: Rung, work?: Work) => Skill;
  /** Where a child stands in it, from the rungs of their skills. */
  stands: (rungIn: (skill: Skill) => Rung, work?: Work) => Rung;
  /** What is counted in it; nothing where the amount is not a figure. */
  counts?: string;
  version: (asked: Asked) => Version;
}

const by = (skill: Skill): Pick<KindOfWork, 'skill' | 'stands'> => ({
  skill: () => skill,
  stands: (rungIn) => rungIn(skill),
});

/** Minutes of what is done together for which none were given, and of a kind of the family's own. */
const TOGETHER_MINUTES = 20;
const OWN_KIND_MINUTES = 15;
const together = (a: Asked): number => a.part.minutes ?? TOGETHER_MINUTES;
/** @param turn so that two that are shown in one lesson ask for different things */
const role = (turn: number): KindOfWork => ({
  ...by('hands'),
  version: (a) => {
    const { topic, place } = a.material;
    return roleVersion(a.rung, together(a), { topic, place: place + turn }, a.writer);
  },
});

export const KINDS_OF_WORK: Record<WorkKind, KindOfWork> = {
  'tell-back': {
    skill: (rung) => (rung >= 4 ? 'writing' : 'speaking'),
    stands: tellingRung,
    counts: 'sentences',
    version: (a) => tellingVersion(a.material, a.rung, a.writer, a.amount),
  },
  copying: {
    ...by('writing'),
    counts: 'words',
    version: (a) =>
      a.material.passage
        ? copyingVersion(a.material, a.rung, a.writer, a.amount)
        : withoutPassage(a.rung, 'copy'),
  },
  'word-list': {
    ...by('writing'),
    counts: 'words',
    version: (a) => wordListVersion(a.material, a.rung, a.writer, a.amount),
  },
  notebook: {
    ...by('writing'),
    counts: 'sentences',
    version: (a) => notebookVersion(a.material, a.rung, a.writer, a.amount),
  },
  booklet: {
    ...by('writing'),
    counts: 'flaps',
    version: (a) => bookletVersion(a.material, a.rung, a.writer, a.amount),
  },
  labels: {
    ...by('writing'),
    counts: 'labels',
    version: (a) => labelsVersion(a.material, a.rung, a.writer, a.amount),
  },
  'looking-up': {
    ...by('reading'),
    counts: 'books',
    version: (a) => lookingUpVersion(a.material, a.rung, a.writer, a.amount),
  },
  memory: {
    ...by('speaking'),
    counts: 'lines',
    version: (a) =>
      a.material.byHeart
        ? memoryVersion(a.material, a.rung, a.writer, a.amount)
        : withoutPassage(
            a.rung,
            'learn by heart',
            a.material.passage ? 'the passage is prose, and the unit has no verse' : undefined,
          ),
  },
  practice: {
    ...by('reckoning'),
    counts: 'tasks',
    version: (a) => practiceVersion(a.material, a.rung, a.writer, a.amount),
  },
  'own-reading': {
    ...by('reading'),
    version: (a) => ownReadingVersion(a.material, a.rung, a.writer, a.reading()),
  },
  'own-kind': {
    skill: (_, work) => work?.skill ?? 'hands',
    stands: (rungIn, work) => rungIn(work?.skill ?? 'hands'),
    version: ownKindVersion,
  },
  talk: {
    ...by('speaking'),
    counts: 'minutes of talking',
    version: (a) => talkVersion(a.material, a.rung, a.writer, a.amount),
  },
  quiz: {
    ...by('speaking'),
    counts: 'questions',
    version: (a) => quizVersion(a.material, a.rung, a.writer, a.amount, a.turn()),
  },
  demonstration: role(0),
  experiment: role(1),
  presentation: { ...by('speaking'), version: (a) => presentationVersion(a.rung, together(a), a.writer) },
  teaching: {
    ...by('speaking'),
    version: (a) => teachingVersion(a.rung, a.teaching().isElder, a.teaching(), a.part.minutes),
  },
  checklist: { ...by('speaking'), version: (a) => checklistVersion(a.material, a.rung) },
  nothing: { ...by('speaking'), version: (a) => nothingToShow(a.rung, a.material.topic) },
};

/** What telling back becomes for a child who shows what they know in another way. */
export const SHOWN_BY: Record<Show, WorkKind> = {
  'tell back': 'tell-back',
  'notebook page': 'notebook',
  'folded booklet': 'booklet',
  checklist: 'checklist',
  quiz: 'quiz',
  talk: 'talk',
  nothing: 'nothing',
};

function ownKindVersion({ rung, work, part }: Asked): Version {
  const of = work?.versions[keyOf(rung)];
  const minutes = of?.minutes ?? part.minutes ?? OWN_KIND_MINUTES;
  // A kind of the family's own says whether you are needed; what was added for a child says it by who leads.
  const needed = of ? rung <= 2 : part.lead !== 'not-needed';
  return {
    ...plain,
    rung,
    wording: of?.wording || part.title,
    minutes,
    parentMinutes: Math.min(of?.parentMinutes ?? (needed ? minutes : 0), minutes),
    produces: of?.produces ?? '',
    supplies: of?.supplies ?? '',
  };
}

/** A version with what the family changed of it: their words take the place of ours, and the amount worked out stays in them. */
export function recast(version: Version, of: WorkVersion | undefined): Version {
  if (!of) return version;
  const minutes = of.minutes ?? version.minutes;
  return {
    ...version,
    minutes,
    wording: of.wording
      ? version.amount
        ? `${of.wording}: ${version.amount}`
        : of.wording
      : version.wording,
    parentMinutes: Math.min(of.parentMinutes ?? version.parentMinutes, minutes),
    produces: of.produces ?? version.produces,
    supplies: of.supplies ?? version.supplies,
  };
}

export function isLadderKind(kind: Part['kind']): kind is LadderKind {
  return (LADDER_KINDS as readonly string[]).includes(kind);
}
