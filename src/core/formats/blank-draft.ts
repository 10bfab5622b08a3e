/**
 * What a draft of a lesson, and of a part, begins with. Apart from the shapes, so that a screen can use it without the
 * checks.
 */
import { blankDoing } from '../plan/blank';
import type { Draft, DraftAlternative, DraftPart } from './draft';

export const blankDraft: Omit<Draft, 'title'> = {
  objective: '',
  firstPage: null,
  lastPage: null,
  topics: [],
  recall: [],
  optional: false,
  parts: [],
  words: [],
  objectiveCodes: [],
  bigIdeas: [],
};

/** Something to do, led by the parent for half an hour, until more is said of it. */
export const blankActivity: Omit<DraftAlternative, 'title'> = {
  kind: 'activity',
  lead: 'leads',
  ...blankDoing,
  minutes: 30,
};

export const blankDraftPart: Omit<DraftPart, 'title'> = {
  ...blankActivity,
  optional: false,
  earliest: null,
  weekday: null,
  alternatives: [],
};
