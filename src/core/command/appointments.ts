import { z } from 'zod';
import { count } from '../plan/called';
import {
  addAppointment,
  dropCalendar,
  editAppointment,
  removeAppointment,
  takeCalendar,
} from '../edit/appointments';
import { appointmentFields } from '../plan/appointment';
import { id } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { command } from './command';

const calendarName = z.string().trim().min(1, 'the calendar needs a name').max(100, 'at most 100 characters');
const titleOf = (plan: Plan, appointmentId: string): string =>
  plan.appointments.find((a) => a.id === appointmentId)?.title ?? 'an appointment';

export const saveAppointment = command({
  about: z.strictObject({ appointmentId: id.nullable() }),
  shape: appointmentFields,
  label: (v, _plan, { appointmentId }) =>
    appointmentId ? `Changed “${v.title}”` : `Added “${v.title}”, another appointment`,
  edit: (v, { appointmentId }) => (appointmentId ? editAppointment(appointmentId, v) : addAppointment(v)),
});

export const dropAppointment = command({
  shape: id,
  label: (v, plan) => `Took “${titleOf(plan, v)}” off the appointments`,
  edit: removeAppointment,
});

export const readCalendar = command({
  shape: z.strictObject({
    calendar: calendarName,
    rows: z
      .array(appointmentFields.safeExtend({ uid: z.string().max(400) }))
      .max(800, 'at most 800 appointments of one calendar'),
  }),
  label: (v) => `Read ${count(v.rows.length, 'appointment')} from “${v.calendar}”`,
  edit: (v) => takeCalendar(v.calendar, v.rows),
});

export const forgetCalendar = command({
  shape: calendarName,
  label: (v) => `Took off what was read from “${v}”`,
  edit: dropCalendar,
});
