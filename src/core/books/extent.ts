/** How much of it there is: pages, minutes, pieces, players; in words. */
import type { Book } from '../plan/book';
import { count } from '../plan/called';

export type Extent = Pick<Book, 'pages' | 'minutes' | 'pieces' | 'players' | 'partsPlace'>;

/** “24 min”, “2 to 4 players”, “120 pieces”, “small parts: tin”; each by itself. */
export function extentOf({ pages, minutes, pieces, players, partsPlace }: Extent): string[] {
  return [
    pages ? count(pages, 'page') : '',
    minutes ? `${minutes} min` : '',
    players ? playersText(players) : '',
    pieces ? count(pieces, 'piece') : '',
    partsPlace ? `small parts: ${partsPlace}` : '',
  ].filter(Boolean);
}

const playersText = ({ from, to }: NonNullable<Book['players']>): string =>
  from === to ? count(from, 'player') : `${from} to ${to} players`;
