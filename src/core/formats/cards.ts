/**
 * A deck of cards as a spine: its cards by name, in groups that need not be of one size. A gap between lines begins a
 * group, a line that ends with a colon names one, and by hand each card begins a lesson or goes with the one above.
 */
import { tellingWords } from '../books/fit';
import { blankDraft, blankDraftPart } from './blank-draft';
import type { Draft } from './draft';

export interface Card {
  /** Line of the paste, from 1; for cards that are only counted their number. */
  line: number;
  title: string;
  /** The page of a workbook that goes with it; empty where there is none. */
  workbook: string;
}
export interface CardGroup {
  name: string;
  cards: Card[];
}
export interface HowGrouped {
  /** Cards a lesson, where the paste has no groups of its own. */
  perLesson: number;
  /** Whether cards that are about the same come together, wherever they stand. */
  alike: boolean;
  /** What is said by hand: `lesson` begins a group, `with` goes with the card above. */
  changes: Readonly<Record<number, string>>;
}

const MOST_CARDS = 1000;
/** Cards of a group that are found alike, at most: more is too much for a morning. Own choice. */
const MOST_ALIKE = 6;
const WORKBOOK =
  /[\s,;(–-]*\b(?:workbook|work ?sheet|notebook|activity book)\s*(?:pages?|pp?\.?)?\s*(?<pages>\d{1,4}(?:\s*[-–]\s*\d{1,4})?)\s*\)?\s*$/iu;
const BULLET = /^(?:[•·▪*–-]|\d{1,4}[.)])\s+/u;

/** The groups a paste has, in its order; each card once. */
export function cardGroups(text: string, how: HowGrouped): CardGroup[] {
  const count = /^\s*(\d{1,4})\s*(?:cards?)?\s*$/iu.exec(text);
  if (count) {
    const cards = Array.from({ length: Math.min(MOST_CARDS, Number(count[1])) }, (_, i) => ({
      line: i + 1,
      title: `Card ${i + 1}`,
      workbook: '',
    }));
    return byHand(chunks(cards, how.perLesson), how.changes);
  }
  const { groups, grouped } = written(text);
  if (grouped && !how.alike) return byHand(groups, how.changes);
  const cards = groups.flatMap((g) => g.cards);
  return byHand(how.alike ? alike(cards, how.perLesson) : chunks(cards, how.perLesson), how.changes);
}

/** The groups as they are written, and whether there are several. */
function written(text: string): { groups: CardGroup[]; grouped: boolean } {
  const groups: CardGroup[] = [];
  const known = new Set<string>();
  let open: CardGroup | undefined;
  text.split(/\r\n|\r|\n/).forEach((raw, i) => {
    const line = raw.trim().replace(BULLET, '').slice(0, 240);
    if (!line) {
      open = undefined;
      return;
    }
    const isName = line.endsWith(':');
    if (!open || isName) groups.push((open = { name: isName ? line.slice(0, -1).trim() : '', cards: [] }));
    if (isName) return;
    const workbook = WORKBOOK.exec(line);
    const title = (workbook ? line.slice(0, workbook.index) : line).trim().slice(0, 200);
    // A topic twice in the deck is one topic.
    if (!title || known.has(title.toLowerCase()) || known.size >= MOST_CARDS) return;
    known.add(title.toLowerCase());
    open.cards.push({
      line: i + 1,
      title,
      workbook: workbook ? workbook.groups!.pages.replace(/\s/gu, '') : '',
    });
  });
  const full = groups.filter((g) => g.cards.length);
  return { groups: full, grouped: full.length > 1 };
}

/** Cards that share a telling word come together; those that share none stay in their order. */
function alike(cards: readonly Card[], perLesson: number): CardGroup[] {
  const words = new Map(cards.map((c) => [c, tellingWords(c.title)]));
  const times = new Map<string, number>();
  for (const w of words.values()) for (const word of w) times.set(word, (times.get(word) ?? 0) + 1);
  // A word on more than half of the cards is what the deck is about, and tells none apart.
  const telling = (card: Card): string[] =>
    [...words.get(card)!].filter((w) => times.get(w)! > 1 && times.get(w)! * 2 <= cards.length);
  const taken = new Set<Card>();
  const groups: CardGroup[] = [];
  for (const card of cards) {
    if (taken.has(card)) continue;
    const own = telling(card);
    const others = cards.filter(
      (c) => c !== card && !taken.has(c) && telling(c).some((w) => own.includes(w)),
    );
    const group = [card, ...others.slice(0, MOST_ALIKE - 1)];
    group.forEach((c) => taken.add(c));
    groups.push({ name: '', cards: group });
  }
  // What is like nothing else is taken by so many a lesson.
  const joined: CardGroup[] = [];
  for (const group of groups) {
    const last = joined.at(-1);
    const single = (g: CardGroup | undefined): boolean =>
      g !== undefined && g.cards.every((c) => !telling(c).length);
    if (last && single(last) && single(group) && last.cards.length < perLesson)
      last.cards.push(...group.cards);
    else joined.push(group);
  }
  return joined;
}

function byHand(groups: readonly CardGroup[], changes: Readonly<Record<number, string>>): CardGroup[] {
  const made: CardGroup[] = [];
  for (const group of groups)
    group.cards.forEach((card, i) => {
      const begins = changes[card.line] === 'lesson' || (changes[card.line] !== 'with' && i === 0);
      const last = made.at(-1);
      if (begins || !last) made.push({ name: i === 0 ? group.name : '', cards: [card] });
      else last.cards.push(card);
    });
  return made;
}

const chunks = (cards: readonly Card[], size: number): CardGroup[] => {
  const n = Math.max(1, Math.floor(size));
  return Array.from({ length: Math.ceil(cards.length / n) }, (_, i) => ({
    name: '',
    cards: cards.slice(i * n, (i + 1) * n),
  }));
};

/** Minutes of looking at cards: to begin, and for each. Own choice. */
const MINUTES = { begin: 5, each: 5 };

/** A lesson for each group: its cards are its topics, looked at together; a workbook page only where a card has one. */
export function draftsFromCards(groups: readonly CardGroup[]): Draft[] {
  return groups.map(({ name, cards }) => {
    const titles = cards.map((c) => c.title);
    const numbered = titles.every((t) => /^Card \d+$/.test(t));
    return {
      ...blankDraft,
      title: (name || (numbered ? numbersOf(titles) : listed(titles))).slice(0, 200),
      topics: numbered ? [] : titles.map((title) => ({ title, page: null })),
      parts: [
        {
          ...blankDraftPart,
          title:
            `Look at ${titles.length === 1 ? 'the card' : `${titles.length} cards`}: ${numbered ? numbersOf(titles).toLowerCase() : listed(titles)}`.slice(
              0,
              200,
            ),
          minutes: MINUTES.begin + MINUTES.each * titles.length,
          window: 'morning' as const,
        },
        ...cards.flatMap((c) =>
          c.workbook
            ? [
                {
                  ...blankDraftPart,
                  kind: 'practice' as const,
                  title: `Workbook, p. ${c.workbook}: ${c.title}`.slice(0, 200),
                  minutes: null,
                  lead: 'not-needed' as const,
                },
              ]
            : [],
        ),
      ],
    };
  });
}

const numbersOf = (titles: readonly string[]): string =>
  titles.length === 1 ? titles[0] : `Cards ${titles[0].slice(5)} to ${titles.at(-1)!.slice(5)}`;

/** “Ewe, Ram and Lamb”; of more than four the first three, and how many more. */
const listed = (titles: readonly string[]): string =>
  titles.length > 4
    ? `${titles.slice(0, 3).join(', ')} and ${titles.length - 3} more`
    : titles.length > 1
      ? `${titles.slice(0, -1).join(', ')} and ${titles.at(-1)!}`
      : titles[0];
