/** A family's own words for what is on its shelf, and what they mean here. Common usage, no source. */
import { BOOK_FORMS, BOOK_SOURCES, BOOK_STATES } from '../plan/words';

/** What is written in words of a closed list. */
export const WORDS = { form: BOOK_FORMS, source: BOOK_SOURCES, state: BOOK_STATES } as const;
export type WordColumn = keyof typeof WORDS;

/** A word of the family's, and what it means; null while nobody has said. */
export interface OwnWord {
  column: WordColumn;
  word: string;
  means: string | null;
}

const KNOWN: Record<WordColumn, Readonly<Record<string, readonly string[]>>> = {
  form: {
    book: [
      'paperback',
      'hardback',
      'hardcover',
      'softcover',
      'novel',
      'chapter book',
      'fiction',
      'non-fiction',
      'nonfiction',
      'biography',
      'textbook',
      'reference',
      'ebook',
      'e-book',
      'guide',
    ],
    'picture book': ['picture', 'picturebook', 'pic book', 'picture books'],
    'board book': ['board', 'boardbook'],
    reader: ['early reader', 'easy reader', 'first reader', 'levelled reader', 'leveled reader'],
    workbook: ['activity book', 'work book', 'worksheets'],
    cards: ['flash cards', 'flashcards', 'card deck', 'deck', 'card set'],
    kit: ['box', 'set', 'science kit', 'craft kit'],
    film: ['dvd', 'video', 'movie', 'blu-ray', 'films', 'stream'],
    audio: ['cd', 'audiobook', 'audio book', 'mp3', 'cassette'],
    site: ['website', 'web', 'link', 'app', 'online'],
    poster: ['map', 'chart', 'wall chart', 'print'],
    game: ['board game', 'card game', 'puzzle', 'jigsaw', 'jigsaw puzzle'],
    model: ['figures', 'figurines', 'toy', 'toys', 'manipulatives', 'blocks'],
  },
  source: {
    owned: ['own', 'ours', 'mine', 'home', 'bought', 'have', 'gift', 'yes'],
    borrowed: ['library', 'loan', 'lib', 'on loan', 'from the library', 'library book', 'interlibrary loan'],
    'to buy': ['buy', 'wish list', 'wishlist', 'want', 'order'],
    'to print': ['print', 'printable', 'pdf', 'download'],
  },
  state: {
    here: ['in', 'ok', 'available', 'home', 'yes', 'good'],
    'lent out': ['lent', 'out', 'with friends'],
    lost: ['missing', 'gone'],
    'given away': ['given', 'sold', 'donated', 'passed on'],
    outgrown: ['too young', 'packed away'],
  },
};

/** What a word means: as it stands in the list, as the family has said, or as it is commonly used. */
export function meaningOf(
  column: WordColumn,
  word: string,
  said: Readonly<Record<string, string>>,
): string | null {
  const plain = word.trim().toLowerCase();
  const all: readonly string[] = WORDS[column];
  if (all.includes(plain)) return plain;
  const chosen = said[`${column} ${plain}`];
  if (chosen !== undefined) return all.includes(chosen) ? chosen : null;
  return Object.entries(KNOWN[column]).find(([, words]) => words.includes(plain))?.[0] ?? null;
}

/** Whether a word is one of the list itself. */
export const isOurs = (column: WordColumn, word: string): boolean =>
  (WORDS[column] as readonly string[]).includes(word.trim().toLowerCase());
