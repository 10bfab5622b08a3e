/** How a pulled book is read: aloud to all, alone by children, or by the parent ahead of the lesson. */
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

/** The kind of part in which it is read; undefined where it has none of its own. */
export function readIn(pull: Pick<Pull, 'role' | 'read'>): 'read-aloud' | 'own-reading' | undefined {
  if (isReadAlone(pull)) return 'own-reading';
  return isReadAloud(pull) ? 'read-aloud' : undefined;
}

/** As it can be: only a spine is read in one way or another, and readers are named only of what is read alone. */
export function placed({
  role,
  read,
  childIds,
}: Omit<Placed, 'childIds'> & { childIds: readonly string[] }): Placed {
  const as = { role, read: role === 'spine' ? read : 'aloud' } as const;
  return { ...as, childIds: isReadAlone(as) ? [...childIds] : [] };
}

/** As it lies where another book leads the unit: it is read as it was, by the same. */
export const besideASpine = (pull: Placed): Placed =>
  pull.role === 'spine'
    ? placed({
        ...pull,
        role: ({ aloud: 'together', alone: 'own', beforehand: 'reference' } as const)[pull.read],
      })
    : placed(pull);
