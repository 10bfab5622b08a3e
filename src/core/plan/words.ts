/** The closed lists of words a plan is written with. Plain lists, so that a screen can use them without the checks. */

export const WINDOWS = ['morning', 'midday', 'afternoon'] as const;
export const SKILLS = ['reading', 'writing', 'reckoning', 'hands', 'speaking'] as const;

/** Children are told apart by a hatch; each hatch has its own colour as well. */
export const HATCHES = ['diagonals', 'bars', 'dots', 'lattice', 'waves', 'bricks', 'chevrons', 'crosses'] as const;

/** What a lesson can hold. The ladder makes five versions of telling back and copying. */
export const PART_KINDS = ['read-aloud', 'own-reading', 'tell-back', 'copying', 'activity'] as const;

/** What the parent must do. */
export const LEADS = ['leads', 'near', 'not-needed'] as const;

export const BOOK_FORMS = ['book', 'picture book', 'reader', 'workbook', 'cards', 'kit', 'film', 'audio', 'site', 'poster', 'game', 'model'] as const;
export const ROLES = ['spine', 'together', 'own', 'basket', 'reference'] as const;
