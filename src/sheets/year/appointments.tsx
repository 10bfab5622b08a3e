'use client';
/** The family's other appointments: who is away when, typed or read from a calendar. */
import dynamic from 'next/dynamic';
import { useState } from 'react';
import styled from 'styled-components';
import { appointmentInWords } from '@/core/calendar/appointment-words';
import { count, inAList } from '@/core/plan/called';
import type { Appointment } from '@/core/plan/appointment';
import { Button, PlainButton } from '@/kit/button';
import { Fold } from '@/kit/fold';
import { useCustoms } from '@/kit/locale';
import { Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { dropAppointment, forgetCalendar } from './appointment-actions';
import { awayFor, type Person } from './people';

const AppointmentForm = dynamic(() => import('./appointment-form').then((m) => m.AppointmentForm), {
  ssr: false,
});
const ReadCalendar = dynamic(() => import('./read-calendar').then((m) => m.ReadCalendar), { ssr: false });

interface Props {
  appointments: readonly Appointment[];
  people: readonly Person[];
  year: { starts: string; ends: string };
  today: string;
  isLooking: boolean;
}

export function Appointments({ appointments, people, year, today, isLooking }: Props) {
  const [open, setOpen] = useState<{ is: 'form'; of?: Appointment } | { is: 'read' }>();
  const { act } = useAct();
  const calendars = [...new Set(appointments.flatMap((a) => a.readFrom?.calendar ?? []))];
  const keeps = appointments.filter((a) => awayFor(a, people).length > 0);
  const others = appointments.filter((a) => !keeps.includes(a));
  const lines = (list: readonly Appointment[]) => (
    <List>
      {list.map((a) => (
        <AppointmentLine
          key={a.id}
          appointment={a}
          people={people}
          isLooking={isLooking}
          onChange={() => setOpen({ is: 'form', of: a })}
        />
      ))}
    </List>
  );
  return (
    <>
      {appointments.length ? null : (
        <Quiet>
          When a child, you or another adult is somewhere else: a lesson of music, the dentist, your work.
          Nothing is laid out for them then.
        </Quiet>
      )}
      {keeps.length ? lines(keeps) : null}
      {others.length ? (
        <Fold title="In nobody’s way" message={count(others.length, 'appointment')}>
          {lines(others)}
        </Fold>
      ) : null}
      {isLooking ? null : (
        <Foot>
          <Button onPress={() => setOpen({ is: 'form' })}>Add an appointment…</Button>
          <Button onPress={() => setOpen({ is: 'read' })}>Read a calendar…</Button>
          {calendars.map((name) => (
            <PlainButton key={name} onPress={() => act((base) => forgetCalendar(base, name))}>
              Take off what was read from “{name}”
            </PlainButton>
          ))}
        </Foot>
      )}
      {open?.is === 'form' ? (
        <AppointmentForm
          row={open.of}
          people={people}
          year={year}
          today={today}
          onClose={() => setOpen(undefined)}
        />
      ) : null}
      {open?.is === 'read' ? (
        <ReadCalendar
          appointments={appointments}
          people={people}
          year={year}
          onClose={() => setOpen(undefined)}
        />
      ) : null}
    </>
  );
}

function AppointmentLine({
  appointment: a,
  people,
  isLooking,
  onChange,
}: {
  appointment: Appointment;
  people: readonly Person[];
  isLooking: boolean;
  onChange: () => void;
}) {
  const { act } = useAct();
  const { clock } = useCustoms();
  const away = awayFor(a, people);
  return (
    <li>
      <div>
        {a.title}
        <Quiet>
          {[
            away.length ? inAList(away.map((p) => p.name)) : 'nobody is away',
            appointmentInWords(a, clock),
            a.readFrom ? `read from “${a.readFrom.calendar}”` : '',
          ]
            .filter(Boolean)
            .join(' · ')}
        </Quiet>
      </div>
      {isLooking ? null : (
        <span>
          <PlainButton onPress={onChange} aria-label={`Change ${a.title}`}>
            Change…
          </PlainButton>
          <PlainButton
            onPress={() => act((base) => dropAppointment(base, a.id))}
            aria-label={`Take off ${a.title}`}
          >
            Take off
          </PlainButton>
        </span>
      )}
    </li>
  );
}

const List = styled.ul`
  li {
    display: flex;
    justify-content: space-between;
    gap: 16px;
    align-items: baseline;
    padding: 7px 0;
    border-bottom: 1px solid ${colour.rule};
  }
  li > span {
    display: flex;
    gap: 12px;
    flex: none;
  }
`;
const Foot = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  margin-top: 12px;
`;
