'use client';
/** Reading a calendar for the family's other appointments: row by row who is away, before anything is kept. */
import { useEffect, useRef, useState } from 'react';
import { FileTrigger } from 'react-aria-components/FileTrigger';
import styled from 'styled-components';
import { appointmentInWords } from '@/core/calendar/appointment-words';
import { count, inAList } from '@/core/plan/called';
import type { ReadAppointment } from '@/core/formats/appointments';
import type { Appointment } from '@/core/plan/appointment';
import { Button } from '@/kit/button';
import { TextField } from '@/kit/field';
import { Fold } from '@/kit/fold';
import { FormDialog } from '@/kit/form-dialog';
import { useCustoms } from '@/kit/locale';
import { Caution, Hidden, Quiet } from '@/kit/text';
import { Working } from '@/kit/working';
import { Ticks } from '@/kit/ticks';
import { colour } from '@/kit/tokens';
import type { CalendarAsked, CalendarRead } from '@/worker/appointments.worker';
import { LARGEST_FILE, sizeText } from '../frame/file-size';
import { useAct } from '../frame/use-act';
import { readCalendar } from './appointment-actions';
import { awayFor, whoOf, type Person } from './people';

interface Props {
  appointments: readonly Appointment[];
  people: readonly Person[];
  year: { starts: string; ends: string };
  onClose: () => void;
}

type State =
  { is: 'nothing' } | { is: 'reading' } | { is: 'wrong'; message: string } | { is: 'read'; read: ReadRows };
type ReadRows = Exclude<CalendarRead, { fault: string }>;

const keyOf = (r: Pick<ReadAppointment, 'uid' | 'starts' | 'ends'>): string =>
  `${r.uid} ${r.starts} ${r.ends}`;

export function ReadCalendar({ appointments, people, year, onClose }: Props) {
  const { act } = useAct();
  const [state, setState] = useState<State>({ is: 'nothing' });
  const [name, setName] = useState('');
  const [who, setWho] = useState<Record<string, string[]>>({});
  const worker = useRef<Worker>(undefined);
  useEffect(() => () => worker.current?.terminate(), []);

  const take = (file: File | undefined): void => {
    if (!file) return;
    if (file.size > LARGEST_FILE) {
      setState({
        is: 'wrong',
        message: `This file has ${sizeText(file.size)}; at most ${sizeText(LARGEST_FILE)} can be read.`,
      });
      return;
    }
    setState({ is: 'reading' });
    void file.text().then((text) =>
      readAway(text, year, worker, (answer) => {
        if ('fault' in answer) {
          setState({ is: 'wrong', message: answer.fault });
          return;
        }
        setName(answer.name || file.name.replace(/\.ics$/i, '') || 'Calendar');
        setWho(Object.fromEntries(answer.found.map((r) => [keyOf(r), likelyAway(r, appointments, people)])));
        setState({ is: 'read', read: answer });
      }),
    );
  };
  const stop = (): void => {
    worker.current?.terminate();
    setState({ is: 'nothing' });
  };
  const rows = state.is === 'read' ? state.read.found : [];
  return (
    <FormDialog
      title="Read a calendar"
      wide
      verb={rows.length ? `Keep ${count(rows.length, 'appointment')}` : 'Keep'}
      isDisabled={!rows.length || !name.trim()}
      onSubmit={() =>
        act(
          (base) =>
            readCalendar(base, {
              calendar: name,
              rows: rows.map((r) => ({
                uid: r.uid,
                title: r.title,
                dates: r.dates,
                starts: r.starts,
                ends: r.ends,
                ...whoOf(who[keyOf(r)] ?? [], people),
              })),
            }),
          { then: onClose },
        )
      }
      onClose={onClose}
    >
      <Quiet>
        A calendar file (.ics), as other programs write it. Hausplan reads what is in it for this school year,
        and never changes the calendar. Read it again when it has changed.
      </Quiet>
      <Row>
        <FileTrigger acceptedFileTypes={['.ics', 'text/calendar']} onSelect={(files) => take(files?.[0])}>
          <Button autoFocus>Take it from a file…</Button>
        </FileTrigger>
      </Row>
      <div aria-live="polite">
        {state.is === 'reading' ? <Working what="Reading" onStop={stop} /> : null}
        {state.is === 'wrong' ? <Caution>{state.message}</Caution> : null}
        {state.is === 'read' ? <Told read={state.read} name={name} appointments={appointments} /> : null}
      </div>
      {rows.length ? (
        <>
          <TextField label="What you call this calendar" value={name} onChange={setName} />
          <List>
            {rows.map((r) => (
              <ReadRow
                key={keyOf(r)}
                row={r}
                mark={markOf(r, name, appointments)}
                people={people}
                who={who[keyOf(r)] ?? []}
                onChange={(ids) => setWho((before) => ({ ...before, [keyOf(r)]: ids }))}
              />
            ))}
          </List>
        </>
      ) : null}
    </FormDialog>
  );
}

/** Reads it in a worker; a page that waits for an endless series can stop it. */
function readAway(
  text: string,
  { starts, ends }: Props['year'],
  worker: { current: Worker | undefined },
  then: (read: CalendarRead) => void,
): void {
  worker.current?.terminate();
  const started = new Worker(new URL('../../worker/appointments.worker.ts', import.meta.url), {
    type: 'module',
  });
  worker.current = started;
  started.onmessage = (e: MessageEvent<CalendarRead>) => then(e.data);
  started.onerror = () => then({ fault: 'This calendar could not be read in this browser.' });
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
  started.postMessage({ text, from: starts, to: ends, zone: timeZone } satisfies CalendarAsked);
}

/** Who was away for it when it was read before; else the children whose names stand in its title. */
function likelyAway(
  { uid, title }: ReadAppointment,
  appointments: readonly Appointment[],
  people: readonly Person[],
): string[] {
  const known = appointments.find((a) => a.readFrom?.uid === uid);
  if (known) return awayFor(known, people).map((p) => p.id);
  const words = title.toLocaleLowerCase().split(/[^\p{L}\p{M}\p{N}]+/u);
  return people
    .filter((p) => p.is !== 'parent' && words.includes(p.name.toLocaleLowerCase()))
    .map((p) => p.id);
}

const isSame = (a: readonly string[], b: readonly string[]): boolean =>
  a.length === b.length && a.every((x, i) => x === b[i]);

function markOf(
  row: ReadAppointment,
  name: string,
  appointments: readonly Appointment[],
): 'new' | 'changed' | '' {
  const of = appointments.filter((a) => a.readFrom?.calendar === name);
  const known = of.filter((a) => a.readFrom!.uid === row.uid);
  if (!known.length) return of.length ? 'new' : '';
  return known.some(
    (a) =>
      a.title === row.title && a.starts === row.starts && a.ends === row.ends && isSame(a.dates, row.dates),
  )
    ? ''
    : 'changed';
}

/** What was read, what was there before and is no more, and what is not taken and why. */
function Told({
  read,
  name,
  appointments,
}: {
  read: ReadRows;
  name: string;
  appointments: readonly Appointment[];
}) {
  const before = appointments.filter((a) => a.readFrom?.calendar === name);
  const marks = read.found.map((r) => markOf(r, name, appointments));
  const gone = before.filter((a) => !read.found.some((r) => r.uid === a.readFrom!.uid));
  const own =
    read.own > 0
      ? `${count(read.own, 'event')} of it ${read.own === 1 ? 'is' : 'are'} what Hausplan wrote itself: ${read.own === 1 ? 'it is' : 'they are'} in the plan, and not read.`
      : '';
  return (
    <>
      <b>
        {read.found.length
          ? `${count(read.found.length, 'appointment')} in this school year`
          : 'Nothing in it is an appointment of this school year.'}
        {before.length
          ? `: ${marks.filter((m) => m === 'new').length} new, ${marks.filter((m) => m === 'changed').length} changed`
          : ''}
      </b>
      {gone.length ? (
        <Quiet>Not there any more, and taken off: {inAList(gone.map((a) => `“${a.title}”`))}.</Quiet>
      ) : null}
      {own ? <Quiet>{own}</Quiet> : null}
      {read.left.length ? (
        <Fold title="Not taken" message={count(read.left.length, 'event')}>
          <ul>
            {read.left.slice(0, 200).map((l, i) => (
              <li key={i}>
                {l.title}: {l.why}
              </li>
            ))}
          </ul>
        </Fold>
      ) : null}
    </>
  );
}

function ReadRow({
  row,
  mark,
  people,
  who,
  onChange,
}: {
  row: ReadAppointment;
  mark: 'new' | 'changed' | '';
  people: readonly Person[];
  who: readonly string[];
  onChange: (ids: string[]) => void;
}) {
  const { clock } = useCustoms();
  return (
    <li>
      <div>
        {row.title}
        <Quiet>
          {[appointmentInWords(row, clock), row.isFree ? 'marked as free there' : '', mark]
            .filter(Boolean)
            .join(' · ')}
        </Quiet>
      </div>
      <Ticks
        label={
          <>
            Away<Hidden> for {row.title}</Hidden>
          </>
        }
        all={people.map((p) => ({ value: p.id, name: p.name }))}
        value={who}
        onChange={onChange}
      />
    </li>
  );
}

const Row = styled.div`
  display: flex;
  gap: 12px;
  align-items: center;
`;
const List = styled.ul`
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr);
    gap: 16px;
    padding: 8px 0;
    border-bottom: 1px solid ${colour.rule};
  }
`;
