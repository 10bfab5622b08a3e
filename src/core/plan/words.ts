/** The closed lists of words a plan is written with. Plain lists, so that a screen can use them without the checks. */

export const WINDOWS = ['morning', 'midday', 'afternoon'] as const;
export const SKILLS = ['reading', 'writing', 'reckoning', 'hands', 'speaking'] as const;

/** Children are told apart by a hatch; each hatch has its own colour as well. */
export const HATCHES = ['diagonals', 'bars', 'dots', 'lattice', 'waves', 'bricks', 'chevrons', 'crosses'] as const;

/**
 * What can be placed. The ladder makes five versions of telling back and copying; reading takes its minutes from
 * pages; every other kind is something to do, and says its own minutes.
 */
export const PART_KINDS = [
  'read-aloud', 'own-reading', 'tell-back', 'copying', 'word-list', 'notebook', 'booklet', 'labels', 'memory',
  'activity', 'demonstration', 'experiment', 'observation', 'model', 'craft', 'cooking', 'game', 'walk', 'trip', 'film', 'music',
  'looking-up', 'talk', 'opening', 'recall', 'practice', 'check', 'quiz', 'project', 'look-back',
] as const;

/** Kinds of work the ladder has five versions of, a child's own each. */
export const LADDER_KINDS = ['tell-back', 'copying', 'word-list', 'notebook', 'booklet', 'labels', 'looking-up', 'memory', 'talk', 'quiz', 'demonstration', 'experiment'] as const;
export type LadderKind = (typeof LADDER_KINDS)[number];
/** Of those, what everyone does together at the same time, each in a part of their own. */
export const SHARED_KINDS: readonly string[] = ['talk', 'quiz', 'demonstration', 'experiment'];

/** Kinds whose minutes are worked out when none are given. */
export const WORKED_OUT_KINDS: readonly string[] = ['read-aloud', 'own-reading', ...LADDER_KINDS.filter((k) => !['talk', 'quiz', 'demonstration', 'experiment', 'looking-up'].includes(k))];

/** Work each child does alone, in their own lane of the day. */
export const OWN_WORK_KINDS: readonly string[] = ['tell-back', 'copying', 'word-list', 'notebook', 'booklet', 'labels', 'memory', 'own-reading', 'practice', 'looking-up'];

/** What the parent must do. */
export const LEADS = ['leads', 'near', 'not-needed'] as const;

export const BOOK_FORMS = ['book', 'picture book', 'reader', 'workbook', 'cards', 'kit', 'film', 'audio', 'site', 'poster', 'game', 'model'] as const;
/** What a pulled book is for in a unit; unsorted until somebody says. */
export const ROLES = ['unsorted', 'spine', 'together', 'own', 'basket', 'reference', 'not now', 'give away'] as const;

/** What the family likes to do; extras are proposed by it. */
export const TASTES = ['outdoors', 'table', 'art', 'film', 'music', 'cooking'] as const;
export const SEASONS = ['spring', 'summer', 'autumn', 'winter'] as const;
/** Ways of showing what one knows. */
export const SHOWS = ['tell back', 'notebook page', 'folded booklet', 'checklist', 'quiz', 'talk', 'nothing'] as const;
/** What an idea of the brainstorm becomes. */
export const IDEA_BECOMES = ['unsorted', 'lesson', 'activity', 'book topic', 'dropped'] as const;
export const DAY_OFF_KINDS = ['off', 'holiday', 'illness'] as const;
/** Whether a book has been looked through before the children meet it. */
export const PREVIEWS = ['not seen', 'fine', 'parts', 'not for'] as const;
export const BOOK_SOURCES = ['owned', 'borrowed', 'to buy', 'to print'] as const;
/** What has become of a book: on its place, or not. */
export const BOOK_STATES = ['here', 'lent out', 'lost', 'given away', 'outgrown'] as const;
