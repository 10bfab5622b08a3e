/** All who can be away: the children, the parent, and the other adults. */
import { PARENT } from '@/core/calendar/away';
import type { Appointment } from '@/core/plan/appointment';

export interface Person {
  id: string;
  name: string;
  is: 'child' | 'parent' | 'adult';
}

export const YOU: Person = { id: PARENT, name: 'you', is: 'parent' };

type Who = Pick<Appointment, 'childIds' | 'adultIds' | 'parent'>;

/** Who is away for an appointment, in the order of all. */
export const awayFor = (who: Who, people: readonly Person[]): Person[] =>
  people.filter((p) => {
    if (p.is === 'parent') return who.parent;
    return (p.is === 'child' ? who.childIds : who.adultIds).includes(p.id);
  });

/** Those of the ids, as an appointment names them. */
export const whoOf = (ids: readonly string[], people: readonly Person[]): Who => ({
  childIds: people.filter((p) => p.is === 'child' && ids.includes(p.id)).map((p) => p.id),
  adultIds: people.filter((p) => p.is === 'adult' && ids.includes(p.id)).map((p) => p.id),
  parent: ids.includes(PARENT),
});
