/** The kinds of work the ladder has five versions of: on which skill a child stands in each, and what each rung asks. */
import { LADDER_KINDS, type LadderKind } from '../plan/words';
import type { IsoDate, Rung, Skill } from '../plan/measures';
import type { Child } from '../plan/plan';
import type { Part } from '../plan/lesson';
import { copyingVersion } from './copying';
import type { Material } from './material';
import { labelsVersion, lookingUpVersion, memoryVersion, quizVersion, roleVersion, talkVersion } from './shown';
import { tellingRung, tellingVersion } from './telling-back';
import type { Version } from './version';
import { wordListVersion } from './word-list';
import { bookletVersion, notebookVersion } from './written';

export interface Asked {
  rung: Rung;
  child: Child;
  date: IsoDate;
  material: Material;
  part: Pick<Part, 'minutes'>;
  /** What the part needs care for, in a few words each; it reaches every version. */
  cautions: readonly string[];
}

export interface KindOfWork {
  /** The skill it exercises on a rung. */
  skill: (rung: Rung) => Skill;
  /** Where a child stands in it, from the rungs of their skills. */
  stands: (rungIn: (skill: Skill) => Rung) => Rung;
  version: (asked: Asked) => Version;
}

const by = (skill: Skill): Pick<KindOfWork, 'skill' | 'stands'> => ({ skill: () => skill, stands: (rungIn) => rungIn(skill) });

/** Minutes of a demonstration or experiment for which none were given. */
const SHOWN_MINUTES = 20;
const role: KindOfWork = { ...by('hands'), version: (a) => roleVersion(a.rung, a.part.minutes ?? SHOWN_MINUTES, a.cautions) };

export const KINDS_OF_WORK: Record<LadderKind, KindOfWork> = {
  'tell-back': { skill: (rung) => (rung >= 4 ? 'writing' : 'speaking'), stands: tellingRung, version: (a) => tellingVersion(a.rung, a.child, a.date) },
  copying: { ...by('writing'), version: (a) => copyingVersion(a.material.passage, a.rung, a.child, a.date) },
  'word-list': { ...by('writing'), version: (a) => wordListVersion(a.material.words, `${a.material.text}\n${a.material.passage}`, a.rung, a.child, a.date) },
  notebook: { ...by('writing'), version: (a) => notebookVersion(a.rung, a.child, a.date) },
  booklet: { ...by('writing'), version: (a) => bookletVersion(a.rung, a.child, a.date) },
  labels: { ...by('writing'), version: (a) => labelsVersion(a.material, a.rung, a.child, a.date) },
  'looking-up': { ...by('reading'), version: (a) => lookingUpVersion(a.material, a.rung) },
  memory: { ...by('speaking'), version: (a) => memoryVersion(a.material, a.rung) },
  talk: { ...by('speaking'), version: (a) => talkVersion(a.rung) },
  quiz: { ...by('speaking'), version: (a) => quizVersion(a.material, a.rung) },
  demonstration: role,
  experiment: role,
};

export function isLadderKind(kind: Part['kind']): kind is LadderKind {
  return (LADDER_KINDS as readonly string[]).includes(kind);
}
