/** The closed lists of words a plan is written with. Plain lists, so that a screen can use them without the checks. */

/** The windows of a day in order; the last lies outside school hours and takes nobody's school minutes. */
export const WINDOWS = ['morning', 'midday', 'afternoon', 'evening'] as const;
export const EVENING = 'evening' satisfies (typeof WINDOWS)[number];
export const SKILLS = ['reading', 'writing', 'reckoning', 'hands', 'speaking'] as const;

/** Rungs as keys of a record. */
export const RUNG_KEYS = ['1', '2', '3', '4', '5'] as const;
export type RungKey = (typeof RUNG_KEYS)[number];
export const keyOf = (rung: number): RungKey => String(rung) as RungKey;

/** Children are told apart by a hatch; each hatch has its own colour as well. */
export const HATCHES = [
  'diagonals',
  'bars',
  'dots',
  'lattice',
  'waves',
  'bricks',
  'chevrons',
  'crosses',
] as const;

/**
 * What can be placed. The ladder makes five versions of telling back and copying; reading takes its minutes from
 * pages; every other kind is something to do, and says its own minutes.
 */
export const PART_KINDS = [
  'read-aloud',
  'own-reading',
  'tell-back',
  'copying',
  'word-list',
  'notebook',
  'booklet',
  'labels',
  'memory',
  'activity',
  'demonstration',
  'experiment',
  'observation',
  'model',
  'craft',
  'cooking',
  'game',
  'walk',
  'trip',
  'film',
  'music',
  'looking-up',
  'talk',
  'opening',
  'recall',
  'practice',
  'check',
  'quiz',
  'project',
  'look-back',
  'presentation',
  'teaching',
  'own-kind',
] as const;

/** Kinds of work the ladder has five versions of, a child's own each; `own-kind` is a kind the family made. */
export const LADDER_KINDS = [
  'tell-back',
  'copying',
  'word-list',
  'notebook',
  'booklet',
  'labels',
  'looking-up',
  'memory',
  'practice',
  'own-reading',
  'own-kind',
  'talk',
  'quiz',
  'demonstration',
  'experiment',
  'presentation',
  'teaching',
] as const;
export type LadderKind = (typeof LADDER_KINDS)[number];
/** Of those, what is done together at the same time, each in a part of their own. */
export const SHARED_KINDS: readonly string[] = [
  'talk',
  'quiz',
  'demonstration',
  'experiment',
  'presentation',
  'teaching',
];
/** What one child can be given instead of another kind: work they do alone. */
export const SWAP_KINDS = [
  'tell-back',
  'copying',
  'word-list',
  'notebook',
  'booklet',
  'labels',
  'looking-up',
  'memory',
  'practice',
  'quiz',
  'talk',
] as const;

/** Kinds whose minutes are worked out when none are given. */
export const WORKED_OUT_KINDS: readonly string[] = [
  'read-aloud',
  'own-reading',
  'tell-back',
  'copying',
  'word-list',
  'notebook',
  'booklet',
  'labels',
  'memory',
  'own-kind',
  'teaching',
];
/** Of those, what a lesson has once, so that two lessons joined into one keep one of it. */
export const ONCE_KINDS: readonly string[] = WORKED_OUT_KINDS.filter(
  (k) => k !== 'own-kind' && k !== 'teaching',
);

/** Work each child does alone, in their own lane of the day. */
export const OWN_WORK_KINDS: readonly string[] = [
  'tell-back',
  'copying',
  'word-list',
  'notebook',
  'booklet',
  'labels',
  'memory',
  'own-reading',
  'practice',
  'looking-up',
  'own-kind',
];

/** What the parent must do. */
export const LEADS = ['leads', 'near', 'not-needed'] as const;

export const BOOK_FORMS = [
  'book',
  'picture book',
  'board book',
  'reader',
  'workbook',
  'cards',
  'kit',
  'film',
  'audio',
  'site',
  'poster',
  'game',
  'model',
] as const;
/** What a pulled book is for in a unit; unsorted until somebody says. */
export const ROLES = [
  'unsorted',
  'spine',
  'together',
  'own',
  'basket',
  'reference',
  'not now',
  'give away',
] as const;

/** How a book that leads a unit is read: aloud to everyone, alone by those named, or by the parent before the lesson. */
export const SPINE_READ = ['aloud', 'alone', 'beforehand'] as const;

/** What the family likes to do; extras are proposed by it. */
export const TASTES = ['outdoors', 'table', 'art', 'film', 'music', 'cooking'] as const;
export const SEASONS = ['spring', 'summer', 'autumn', 'winter'] as const;
/** Ways of showing what one knows. */
export const SHOWS = [
  'tell back',
  'notebook page',
  'folded booklet',
  'checklist',
  'quiz',
  'talk',
  'nothing',
] as const;
/** What an idea of the brainstorm becomes. */
export const IDEA_BECOMES = ['unsorted', 'lesson', 'activity', 'book topic', 'dropped'] as const;
export const DAY_OFF_KINDS = ['off', 'holiday', 'illness'] as const;
/** Whether a book has been looked through before the children meet it. */
export const PREVIEWS = ['not seen', 'fine', 'parts', 'not for'] as const;
export const BOOK_SOURCES = ['owned', 'borrowed', 'to buy', 'to print'] as const;
/** What has become of a book: on its place, or not. */
export const BOOK_STATES = ['here', 'lent out', 'lost', 'given away', 'outgrown'] as const;
/**
 * What can have happened. `otherwise`: done in its other form; `kept`: a file of the work; `help` and `early`: a child called,
 * or was done early; `judged`: what becomes of it another time; the last takes another back.
 */
export const ENTRY_KINDS = [
  'done',
  'missed',
  'read',
  'prepared',
  'used',
  'bought',
  'printed',
  'packed',
  'counted',
  'asked',
  'checked',
  'attended',
  'talked',
  'loved',
  'judged',
  'noted',
  'otherwise',
  'longer',
  'kept',
  'help',
  'early',
  'withdrawn',
] as const;
/** Of those, what a child says from their own list. */
export const CALLS = ['help', 'early'] as const;
/** How well something was known when it was asked, from 1. */
export const KNEW = ['forgot', 'with effort', 'knew it', 'at once'] as const;
/** How far an objective is met, from 1. */
export const MET = ['not yet', 'with help', 'alone'] as const;
/** What is to become of something another time, from 1. */
export const JUDGED = ['drop', 'change', 'keep'] as const;
/** When a school day counts as kept. */
export const KEEPS = ['anything', 'minutes', 'parts'] as const;
/** How a piece of work went for a child. */
export const FELT = ['easy', 'right', 'hard'] as const;

/** Models of handwriting that ship with the app: letters that stand apart, and joined ones by country. */
export const PRINT_HANDS = ['print-guides', 'print-upright', 'print-slanted'] as const;
export const JOINED_HANDS = [
  'joined-us',
  'joined-ie',
  'joined-nz',
  'joined-de',
  'joined-fr',
  'joined-es',
  'joined-it',
] as const;
export type PrintHand = (typeof PRINT_HANDS)[number];
export type JoinedHand = (typeof JOINED_HANDS)[number];
/** Whether letters stand apart or are joined. */
export const WRITES = ['print', 'joined'] as const;
