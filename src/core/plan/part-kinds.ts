/** The kinds of part as a parent names them, and what each begins with. */
import type { Part, PartKind } from './lesson';

export const KINDS: readonly { value: PartKind; name: string; title: string; lead: Part['lead'] }[] = [
  { value: 'activity', name: 'something to do', title: '', lead: 'leads' },
  { value: 'demonstration', name: 'a demonstration', title: '', lead: 'leads' },
  { value: 'experiment', name: 'an experiment', title: '', lead: 'leads' },
  { value: 'observation', name: 'looking closely', title: '', lead: 'near' },
  { value: 'model', name: 'a model', title: '', lead: 'near' },
  { value: 'craft', name: 'a craft', title: '', lead: 'near' },
  { value: 'cooking', name: 'cooking', title: '', lead: 'leads' },
  { value: 'game', name: 'a game', title: '', lead: 'near' },
  { value: 'walk', name: 'a walk', title: '', lead: 'leads' },
  { value: 'trip', name: 'a field trip', title: '', lead: 'leads' },
  { value: 'film', name: 'a film', title: '', lead: 'near' },
  { value: 'music', name: 'music', title: '', lead: 'leads' },
  { value: 'looking-up', name: 'looking things up', title: 'Look it up', lead: 'near' },
  { value: 'talk', name: 'a talk together', title: '', lead: 'leads' },
  { value: 'read-aloud', name: 'reading together', title: 'Read together', lead: 'leads' },
  { value: 'own-reading', name: 'own reading', title: 'Own reading', lead: 'not-needed' },
  { value: 'tell-back', name: 'telling it back', title: 'Tell it back', lead: 'not-needed' },
  { value: 'copying', name: 'copying', title: 'Copying', lead: 'not-needed' },
  { value: 'word-list', name: 'a word list', title: 'Word list', lead: 'not-needed' },
  { value: 'notebook', name: 'a notebook page', title: 'Notebook page', lead: 'not-needed' },
  { value: 'booklet', name: 'a folded booklet', title: 'Folded booklet', lead: 'not-needed' },
  { value: 'labels', name: 'labels on a map or drawing', title: 'Labels', lead: 'not-needed' },
  { value: 'memory', name: 'learning by heart', title: 'By heart', lead: 'not-needed' },
  { value: 'opening', name: 'opening the week', title: 'The week opens', lead: 'leads' },
  { value: 'recall', name: 'recall', title: 'Recall', lead: 'leads' },
  { value: 'practice', name: 'daily practice', title: 'Practice', lead: 'not-needed' },
  { value: 'check', name: 'a word check', title: 'Word check', lead: 'leads' },
  { value: 'quiz', name: 'a quiz', title: 'Quiz', lead: 'leads' },
  { value: 'project', name: 'a piece of a project', title: '', lead: 'near' },
  { value: 'presentation', name: 'an evening for guests', title: 'Presentation evening', lead: 'leads' },
  { value: 'teaching', name: 'teaching one another', title: 'Teach one another', lead: 'not-needed' },
  { value: 'own-kind', name: 'something of their own', title: '', lead: 'not-needed' },
  { value: 'look-back', name: 'a close', title: 'Close the lesson', lead: 'leads' },
];

/** The name without its article: “craft”, “own reading”. */
export const bareKindName = (kind: PartKind): string => kindName(kind).replace(/^an? /, '');
export const kindName = (kind: PartKind): string => KINDS.find((k) => k.value === kind)?.name ?? kind;
