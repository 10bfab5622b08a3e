/** Every command there is, by its name: the subject it belongs to and what it does, as in `weeks.inkWeek`. */
import * as appointments from './appointments';
import * as books from './books';
import * as cameUp from './came-up';
import * as facts from './facts';
import * as family from './family';
import * as ladder from './ladder';
import * as lessons from './lessons';
import * as library from './library';
import * as loads from './loads';
import * as loans from './loans';
import * as ready from './ready';
import * as shape from './shape';
import * as shelf from './shelf';
import * as today from './today';
import * as unit from './unit';
import * as weeks from './weeks';
import * as year from './year';
import type { Command } from './command';

/** By subject, in the order of the work. */
const SUBJECTS = {
  family,
  year,
  appointments,
  unit,
  shelf,
  books,
  library,
  loans,
  lessons,
  shape,
  ladder,
  loads,
  weeks,
  'came-up': cameUp,
  ready,
  today,
  facts,
} as const;

// eslint-disable-next-line @typescript-eslint/no-explicit-any -- each has values of its own
export const REGISTRY: ReadonlyMap<string, Command<any, any>> = new Map(
  Object.entries(SUBJECTS).flatMap(([subject, commands]) =>
    Object.entries(commands).map(([name, command]) => [`${subject}.${name}`, command] as const),
  ),
);
