'use server';
import { factsIn, fillings, thinLessons } from '@/core/books/facts';
import { judge, levelOf, type Level } from '@/core/books/level';
import { readDrawn } from '@/data/door';
import { desk } from '../frame/desk';
import { today } from '../frame/clock';
import type { Outcome } from '../frame/outcome';
import * as commands from '@/core/command/books';
import { give } from '../frame/act';

export interface LevelView extends Level {
  children: { id: string; name: string; as: string; message: string }[];
}

export const newBook = async (
  base: number,
  unitId: string,
  input: unknown,
  placed: unknown,
): Promise<Outcome> => give(commands.newBook, base, { book: input, placed }, { unitId });
export const changeBook = async (base: number, bookId: string, input: unknown): Promise<Outcome> =>
  give(commands.changeBook, base, input, { bookId });
export const pull = async (base: number, unitId: string, bookIds: unknown): Promise<Outcome> =>
  give(commands.pull, base, bookIds, { unitId });
export const pullFound = async (base: number, unitId: string, input: unknown): Promise<Outcome> =>
  give(commands.pullFound, base, input, { unitId });
export const fillGap = async (base: number, unitId: string, input: unknown): Promise<Outcome> =>
  give(commands.fillGap, base, input, { unitId });
export const placeOnPiles = async (base: number, placed: unknown): Promise<Outcome> =>
  give(commands.placeOnPiles, base, placed);
export const backToShelf = async (base: number, pullId: string): Promise<Outcome> =>
  give(commands.backToShelf, base, pullId);
export const clearGiveAway = async (base: number, unitId: string): Promise<Outcome> =>
  give(commands.clearGiveAway, base, unitId);
export const writeCells = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.writeCells, base, input);
export const fill = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.fill, base, input);
export const fillOneEach = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.fillOneEach, base, input);
export const pace = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.pace, base, input);
/** What on the shelf could fill a thin lesson; worked out when it is asked for, since a shelf may be long. */
export async function gapFillings(
  unitId: string,
  lessonId: string,
): Promise<
  {
    bookId: string;
    title: string;
    place: string;
    by: string;
    first: number | null;
    last: number | null;
    childIds: string[];
    /** What to know before it is put there: a preview, whom it is not for, and why. */
    cautions: string[];
  }[]
> {
  const { plan } = readDrawn((await desk()).db);
  const unit = plan.units.find((u) => u.id === unitId);
  const gap = unit && thinLessons(plan, unit).find((t) => t.lessonId === lessonId);
  if (!unit || !gap) return [];
  const facts = factsIn(plan, unit);
  return fillings(plan, unit, gap)
    .slice(0, 12)
    .map(({ book: b, by, childIds }) => ({
      bookId: b.id,
      title: b.title,
      place: [b.source, b.place].filter(Boolean).join(', '),
      by: by.by,
      first: by.first,
      last: by.last,
      childIds,
      cautions: facts(b).cautions,
    }));
}
/** The level of a passage, and what it means for each child; nothing is stored. */
export async function levelOfText(text: string): Promise<LevelView> {
  const level = levelOf(typeof text === 'string' ? text.slice(0, 200_000) : '');
  const { plan } = readDrawn((await desk()).db);
  const middle = level.spread?.middle;
  return {
    ...level,
    children:
      middle === undefined
        ? []
        : plan.children.map((c) => ({ id: c.id, name: c.name, ...judge(middle, c, today()) })),
  };
}
