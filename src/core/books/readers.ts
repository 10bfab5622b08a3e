/** How a pulled book is read: aloud to all or to some, alone by children, or by the parent ahead of the lesson. */
import type { Part } from '../plan/lesson';
import { isFor, sameIds } from '../plan/lookup';
import type { Pull } from '../plan/plan';

/** Where a pulled book lies, and who reads it how. */
export type Placed = Pick<Pull, 'role' | 'read' | 'childIds'>;

export const isReadAloud = ({ role, read }: Pick<Pull, 'role' | 'read'>): boolean =>
  role === 'together' || (role === 'spine' && read === 'aloud');

export const isReadAlone = ({ role, read }: Pick<Pull, 'role' | 'read'>): boolean =>
  role === 'own' || (role === 'spine' && read === 'alone');

/** Only the parent reads it: its pages on a lesson are read before the lesson. */
export const isReadBeforehand = ({ role, read }: Pick<Pull, 'role' | 'read'>): boolean =>
  role === 'spine' && read === 'beforehand';

/**
 * Whether a book is read aloud in a part: one for everyone where everyone listens, one for some in the part of those. What
 * is for others than those in the part is read in a part of theirs.
 * @param aloud all that is read aloud in the lesson
 */
export function isHeardIn(
  { childIds }: Pick<Part, 'childIds'>,
  pull: Placed,
  aloud: readonly Placed[],
): boolean {
  const isTheirs = (p: Placed): boolean => childIds !== null && sameIds(p.childIds, childIds);
  if (aloud.some(isTheirs)) return isTheirs(pull);
  const hears = (p: Placed): boolean =>
    p.childIds.length > 0 && childIds !== null && childIds.every((c) => p.childIds.includes(c));
  return aloud.some(hears) ? hears(pull) : !pull.childIds.length;
}

/** The kind of part in which it is read; undefined where it has none of its own. */
export function readIn(pull: Pick<Pull, 'role' | 'read'>): 'read-aloud' | 'own-reading' | undefined {
  if (isReadAlone(pull)) return 'own-reading';
  return isReadAloud(pull) ? 'read-aloud' : undefined;
}

/** The parts of a lesson that a book on it is needed for: those that read it, else all. */
export function usedIn<P extends Pick<Part, 'kind' | 'childIds'>>(
  pull: Placed,
  parts: readonly P[],
): readonly P[] {
  const kind = readIn(pull);
  const reading = parts.filter(
    (p) => p.kind === kind && (p.childIds === null || p.childIds.some((c) => isFor(pull, c))),
  );
  return reading.length ? reading : parts;
}

/** As it can be: only a spine is read in one way or another; whoever it is for is named of a spine and of what is read alone. */
export function placed({
  role,
  read,
  childIds,
}: Omit<Placed, 'childIds'> & { childIds: readonly string[] }): Placed {
  const as = { role, read: role === 'spine' ? read : 'aloud' } as const;
  const isForSome = isReadAlone(as) || (role === 'spine' && read === 'aloud');
  return { ...as, childIds: isForSome ? [...childIds] : [] };
}

/** As it lies where another book leads the unit: it is read as it was, by the same. */
export const besideASpine = (pull: Placed): Placed =>
  pull.role === 'spine'
    ? placed({
        ...pull,
        role: ({ aloud: 'together', alone: 'own', beforehand: 'reference' } as const)[pull.read],
      })
    : placed(pull);
