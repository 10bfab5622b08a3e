/**
 * What a draft of a lesson, and of a part, begins with. Apart from the shapes, so that a screen can use it without the
 * checks.
 */
import { blankDoing } from '../plan/blank';
import type { Draft, DraftPart } from './draft';

export const blankDraft: Omit<Draft, 'title'> = {
  objective: '',
  firstPage: null,
  lastPage: null,
  topics: [],
  recall: [],
  optional: false,
  parts: [],
  words: [],
};

export const blankDraftPart: Omit<DraftPart, 'title'> = {
  kind: 'activity',
  lead: 'leads',
  ...blankDoing,
  minutes: 30,
};
