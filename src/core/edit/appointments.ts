/** The family's other appointments: typed, or read from a calendar and read again; who is away, and what is not there any more. */
import type { Appointment, AppointmentFields } from '../plan/appointment';
import type { Plan } from '../plan/plan';
import { GONE, withChanged, type Edit } from './edit';

export type WhoIsAway = Pick<AppointmentFields, 'childIds' | 'adultIds' | 'parent'>;
/** One of a calendar, with what it is called there. */
export type FromCalendar = AppointmentFields & { uid: string };

/** As many as a plan keeps, typed and read. */
const MOST = 1000;
const TOO_MANY = {
  refused: `There would be more than ${MOST} appointments. Take off a calendar that is not needed, or read one with fewer.`,
};

export const addAppointment =
  (fields: AppointmentFields): Edit =>
  (plan, { newId }) => {
    if (plan.appointments.length >= MOST) return TOO_MANY;
    return (
      missing(plan, [fields]) ?? {
        plan: {
          ...plan,
          appointments: [...plan.appointments, { ...fields, readFrom: null, id: newId() }],
        },
      }
    );
  };

/** What was read from a calendar is changed there: here only who is away for it. */
export const editAppointment =
  (id: string, fields: AppointmentFields): Edit =>
  (plan) => {
    const was = plan.appointments.find((a) => a.id === id);
    if (!was) return { refused: GONE };
    if (was.readFrom && !isSameTime(was, fields))
      return {
        refused: `“${was.title}” was read from “${was.readFrom.calendar}”. Change it there and read the calendar again; here it is said who is away for it.`,
      };
    return (
      missing(plan, [fields]) ?? {
        plan: { ...plan, appointments: withChanged(plan.appointments, id, fields) },
      }
    );
  };

export const removeAppointment =
  (id: string): Edit =>
  (plan) =>
    plan.appointments.some((a) => a.id === id)
      ? { plan: { ...plan, appointments: plan.appointments.filter((a) => a.id !== id) } }
      : { refused: GONE };

/** Takes a calendar as it is now: what is in it comes, and stays what it was where it is the same; what is not there any more goes. */
export const takeCalendar =
  (calendar: string, rows: readonly FromCalendar[]): Edit =>
  (plan, { newId }) => {
    const before = plan.appointments.filter((a) => a.readFrom?.calendar === calendar);
    if (plan.appointments.length - before.length + rows.length > MOST) return TOO_MANY;
    const kept = new Set<Appointment>();
    const taken = rows.map(({ uid, ...fields }): Appointment => {
      const was = before.find(
        (a) =>
          !kept.has(a) && a.readFrom!.uid === uid && a.starts === fields.starts && a.ends === fields.ends,
      );
      if (was) kept.add(was);
      return { ...fields, readFrom: { calendar, uid }, id: was?.id ?? newId() };
    });
    return (
      missing(plan, rows) ?? {
        plan: {
          ...plan,
          appointments: [...plan.appointments.filter((a) => !before.includes(a)), ...taken],
        },
      }
    );
  };

/** Takes off all that was read from a calendar. */
export const dropCalendar =
  (calendar: string): Edit =>
  (plan) => {
    const appointments = plan.appointments.filter((a) => a.readFrom?.calendar !== calendar);
    return appointments.length === plan.appointments.length
      ? { refused: GONE }
      : { plan: { ...plan, appointments } };
  };

const isSameTime = (a: AppointmentFields, b: AppointmentFields): boolean =>
  a.title === b.title &&
  a.starts === b.starts &&
  a.ends === b.ends &&
  a.dates.length === b.dates.length &&
  a.dates.every((d, i) => d === b.dates[i]);

/** Somebody who is named and is not in the plan any more. */
function missing(plan: Plan, rows: readonly WhoIsAway[]): { refused: string } | undefined {
  const isThere = ({ childIds, adultIds }: WhoIsAway): boolean =>
    childIds.every((id) => plan.children.some((c) => c.id === id)) &&
    adultIds.every((id) => plan.adults.some((a) => a.id === id));
  return rows.every(isThere) ? undefined : { refused: GONE };
}
