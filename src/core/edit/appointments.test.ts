import { describe, expect, it } from 'vitest';
import { aPlan } from '../../../tests/sample-plan';
import { afterOn } from '../../../tests/after';
import type { AppointmentFields } from '../plan/appointment';
import type { Plan } from '../plan/plan';
import {
  addAppointment,
  dropCalendar,
  editAppointment,
  removeAppointment,
  takeCalendar,
} from './appointments';
import { perform, type Edit } from './edit';
import { removeChild } from './family';

const TODAY = '2026-08-31';
const after = afterOn(TODAY);
const refused = (plan: Plan, edit: Edit): unknown =>
  perform(edit, plan, { today: TODAY, newId: () => 'new' });
const plan = aPlan(2);
const [child] = plan.children;
const piano = (over: Partial<AppointmentFields> = {}): AppointmentFields => ({
  title: 'Piano',
  childIds: [child.id],
  adultIds: [],
  parent: false,
  dates: ['2026-09-01'],
  starts: 900,
  ends: 960,
  ...over,
});
const row = (uid: string, over: Partial<AppointmentFields> = {}) => ({ ...piano(over), uid });

describe('a calendar that is read', () => {
  const read = after(
    plan,
    takeCalendar('Ours', [row('p'), row('d', { title: 'Dentist', starts: 600, ends: 660 })]),
  );
  it('stays what it was where it is the same, brings what is new, and takes off what is gone', () => {
    const [before] = read.appointments;
    const again = after(
      read,
      takeCalendar('Ours', [row('p', { dates: ['2026-09-08'] }), row('n', { title: 'New' })]),
    );
    expect(again.appointments.map((a) => a.title)).toEqual(['Piano', 'New']);
    expect(again.appointments[0]).toMatchObject({ id: before.id, dates: ['2026-09-08'] });
  });
  it('leaves what was typed, and what another calendar has', () => {
    const typed = after(
      after(read, addAppointment(piano({ title: 'Typed' }))),
      takeCalendar('Choir', [row('p')]),
    );
    const without = after(typed, dropCalendar('Ours'));
    expect(without.appointments.map((a) => a.title)).toEqual(['Typed', 'Piano']);
  });
  it('has each of its rows, also one that stands in it twice', () => {
    const twice = after(read, takeCalendar('Ours', [row('p'), row('p')]));
    expect(new Set(twice.appointments.map((a) => a.id)).size).toBe(2);
  });
  it('is changed there, but for who is away for it', () => {
    const [a] = read.appointments;
    expect(refused(read, editAppointment(a.id, piano({ starts: 905 })))).toEqual({
      refused: expect.stringContaining('was read from “Ours”'),
    });
    const who = after(read, editAppointment(a.id, piano({ parent: true })));
    expect(who.appointments[0]).toMatchObject({ parent: true, readFrom: { calendar: 'Ours', uid: 'p' } });
  });
  it('is refused beyond what a plan keeps, and nothing is lost', () => {
    const rows = (calendar: string): Edit =>
      takeCalendar(
        calendar,
        Array.from({ length: 600 }, (_, i) => row(`${calendar}${i}`)),
      );
    const full = after(read, rows('A'));
    expect(refused(full, rows('B'))).toEqual({
      refused: expect.stringContaining('more than 1000 appointments'),
    });
  });
});

it('who is not there any more is refused, or goes with the child', () => {
  const gone = { refused: expect.stringContaining('no longer in the plan') };
  expect(refused(plan, addAppointment(piano({ childIds: ['nobody'] })))).toEqual(gone);
  expect(refused(plan, removeAppointment('nobody'))).toEqual(gone);
  expect(refused(plan, dropCalendar('none'))).toEqual(gone);
  const away = after(plan, addAppointment(piano()));
  expect(after(away, removeChild(child.id)).appointments[0].childIds).toEqual([]);
});
