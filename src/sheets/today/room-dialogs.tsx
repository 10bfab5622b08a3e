'use client';
/** What is asked about a room of the day before it is done or written down. */
import styled from 'styled-components';
import { Button, PlainButton } from '@/kit/button';
import { Choose } from '@/kit/choose';
import { TextField } from '@/kit/field';
import { FormDialog } from '@/kit/form-dialog';
import { Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import type { DayRoom } from '../frame/day';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { doInstead, dropPart, moveOn } from './actions';
import { keepWork, note, takeBack } from './fact-actions';
import type { TodayView } from './load';
import { NoteTook } from './note-took';
import { WriteNote } from './write-note';

export type RoomDialogName = 'took' | 'for good' | 'note' | 'work' | 'missing';

interface Of {
  room: DayRoom;
  view: TodayView;
  names: string;
  onClose: () => void;
}

export function RoomDialog({ is, ...of }: Of & { is: RoomDialogName }) {
  const { room, names, view, onClose } = of;
  switch (is) {
    case 'took':
      return (
        <NoteTook
          taken={{
            partId: room.partId,
            childId: room.own ? room.childIds[0] : null,
            title: room.title,
            name: names,
            copying: room.kind === 'copying',
          }}
          date={view.date}
          onClose={onClose}
        />
      );
    case 'for good':
      return <ForGood {...of} />;
    case 'note':
      return <NoteOn {...of} />;
    case 'work':
      return <KeepWork {...of} />;
    case 'missing':
      return <Missing {...of} />;
  }
}

function ForGood({ room, names, onClose }: Of) {
  const { act } = useAct();
  return (
    <FormDialog
      title={`Leave out “${room.title}”`}
      verb="Leave it out for good"
      onSubmit={() => act((base) => dropPart(base, room.partId), { then: onClose })}
      onClose={onClose}
    >
      <p>
        It comes out of the lesson{room.own ? ' for every child of it' : ''}, today and later. What was done
        of it stays written down, and undo brings it back.
      </p>
      <Quiet>
        Only not today? Close this, and choose “Did not happen: move it on”. Today it is for {names}.
      </Quiet>
    </FormDialog>
  );
}

function NoteOn({ room, view: { date }, names, onClose }: Of) {
  return (
    <WriteNote
      title={`A note on “${room.title}”, ${names}`}
      about={{ partId: room.partId, childId: room.own ? room.childIds[0] : null, date }}
      onClose={onClose}
    >
      <Notes notes={room.notes} />
    </WriteNote>
  );
}

/** What was noted before, each to be looked at and taken back. */
function Notes({ notes }: { notes: DayRoom['notes'] }) {
  const { act } = useAct();
  return notes.map((n) => (
    <p key={n.id}>
      {n.file ? (
        <a href={`/samples/${n.file}`} target="_blank" rel="noreferrer">
          {n.text}
        </a>
      ) : (
        n.text
      )}{' '}
      <Button
        aria-label={`Take back “${n.text}”`}
        onPress={() => act((base) => takeBack(base, { entryId: n.id }))}
      >
        Take it back
      </Button>
    </p>
  ));
}

function KeepWork({ room, view: { date, children }, onClose }: Of) {
  const { act } = useAct();
  const form = useForm({ note: '', childId: room.childIds[0], file: undefined as File | undefined });
  const { file, ...rest } = form.value;
  const save = (): void => {
    const data = new FormData();
    if (file) data.set('file', file);
    act((base) => keepWork(base, { partId: room.partId, ...rest, date }, data), {
      faults: form.takeFaults,
      then: onClose,
    });
  };
  return (
    <FormDialog title={`Work of “${room.title}”`} verb="Keep it" onSubmit={save} onClose={onClose}>
      <FileLabel>
        Photograph (PNG, JPEG, WebP) or PDF
        <input
          type="file"
          accept="image/png,image/jpeg,image/webp,application/pdf"
          onChange={(e) => form.set('file', e.target.files?.[0])}
        />
      </FileLabel>
      {form.error('file') ? <p role="alert">{form.error('file')}</p> : null}
      {room.childIds.length > 1 ? (
        <Choose
          label="Whose work"
          value={form.value.childId}
          onChange={(v) => form.set('childId', v)}
          choices={children
            .filter((c) => room.childIds.includes(c.id))
            .map((c) => ({ value: c.id, name: c.name }))}
        />
      ) : null}
      <TextField
        label="What it shows"
        value={form.value.note}
        onChange={(v) => form.set('note', v)}
        error={form.error('note')}
      />
      <Quiet>
        It is kept in a folder beside the store, on the machine Hausplan runs on, and in no copy of the plan.
      </Quiet>
      <Notes notes={room.notes} />
    </FormDialog>
  );
}

/** A thing is missing: do without it, do something else, or move the part on. */
function Missing({ room, view: { date }, onClose }: Of) {
  const { act } = useAct();
  const form = useForm({ thing: room.needs[0] ?? '' });
  const { partId } = room;
  const { thing } = form.value;
  return (
    <FormDialog
      title={`Something is missing for “${room.title}”`}
      verb="Do without it"
      onSubmit={() =>
        act(
          (base) =>
            note(base, { partId, childId: null, note: thing.trim() ? `Without: ${thing.trim()}` : '', date }),
          {
            faults: (faults) =>
              form.takeFaults(faults.map((f) => ({ ...f, where: 'thing', what: SAY_WHAT }))),
            then: onClose,
          },
        )
      }
      onClose={onClose}
    >
      {room.needs.length > 1 ? (
        <div>
          It needs{' '}
          {room.needs.map((name) => (
            <PlainButton key={name} aria-label={`${name} is missing`} onPress={() => form.set('thing', name)}>
              {name}
            </PlainButton>
          ))}
        </div>
      ) : null}
      <TextField
        label="What is missing"
        value={thing}
        onChange={(v) => form.set('thing', v)}
        error={form.error('thing')}
      />
      {room.alternatives.map((a) => (
        <Button
          key={a.id}
          onPress={() => act((base) => doInstead(base, { partId, alternativeId: a.id }), { then: onClose })}
        >
          Do “{a.title}” instead
        </Button>
      ))}
      {room.canMove && !room.comesBack ? (
        <Button
          onPress={() =>
            act((base) => moveOn(base, { partId, date, rubOut: false }), {
              rubOut: (base) => moveOn(base, { partId, date, rubOut: true }),
              then: onClose,
            })
          }
        >
          Move it on to another day
        </Button>
      ) : null}
    </FormDialog>
  );
}
const SAY_WHAT = 'Say what is missing.';

/** A label with a way to choose a file, drawn as our buttons are. */
const FileLabel = styled.label`
  display: grid;
  gap: 4px;
  font-size: 13px;
  font-weight: 600;
  input {
    font: inherit;
    font-weight: 400;
    min-width: 0;
  }
  input::file-selector-button {
    font: inherit;
    font-weight: 700;
    min-height: 32px;
    padding: 4px 13px;
    margin-right: 10px;
    cursor: pointer;
    color: ${colour.ink};
    background: ${colour.sheet};
    border: 1.5px solid ${colour.ink};
    border-radius: 2px;
  }
`;
