'use client';
/** What came up: its kind, and what that kind asks for. */
import styled from 'styled-components';
import type { CameUp } from '@/core/edit/came-up';
import { Choose } from '@/kit/choose';
import { DateField } from '@/kit/date-field';
import { TextField } from '@/kit/field';
import { Link } from '@/kit/link';
import { Quiet } from '@/kit/text';
import type { CameUpView, Named } from './came-up-load';

type Kind = CameUp['is'];
const KINDS: readonly { value: Kind; name: string }[] = [
  { value: 'days-lost', name: 'days without school' },
  { value: 'child-ill', name: 'a child is ill' },
  { value: 'you-ill', name: 'you are ill' },
  { value: 'ran-over', name: 'a lesson needs another day' },
  { value: 'comes-late', name: 'something comes late' },
  { value: 'does-not-fit', name: 'a unit does not fit' },
  { value: 'enough', name: 'everyone is done with it' },
];

/** What is typed and chosen, of every kind at once: going to another kind loses nothing. */
export interface Said {
  is: Kind;
  first: string | null;
  last: string | null;
  label: string;
  childId: string;
  lessonId: string;
  partId: string;
  until: string | null;
  unitId: string;
}

/** What is asked for, without the fields that its kind does not have. */
export function asked(said: Said, view: CameUpView): unknown {
  const { is, first, last, label, childId, lessonId, partId, until, unitId } = said;
  switch (is) {
    case 'days-lost':
      return { is, first, last, label };
    case 'child-ill':
      return { is, first, last, childId };
    case 'you-ill':
      return { is, first, last };
    case 'ran-over':
      return { is, lessonId, date: view.lessons.find((l) => l.id === lessonId)?.date ?? view.today };
    case 'comes-late':
      return { is, partId, until };
    case 'does-not-fit':
    case 'enough':
      return { is, unitId };
  }
}

export function WhatCameUp({
  view,
  said,
  set,
  error,
}: {
  view: CameUpView;
  said: Said;
  set: (change: Partial<Said>) => void;
  error: (field: string) => string | undefined;
}) {
  return (
    <What>
      <Choose
        label="What came up"
        value={said.is}
        onChange={(is) => set({ is: is as Kind })}
        choices={KINDS}
      />
      {said.is === 'child-ill' ? (
        <Which label="Who" of={view.children} value={said.childId} set={(childId) => set({ childId })} />
      ) : null}
      {said.is === 'ran-over' ? (
        <Which
          label="Which lesson"
          of={view.lessons}
          value={said.lessonId}
          set={(lessonId) => set({ lessonId })}
        />
      ) : null}
      {said.is === 'comes-late' ? (
        <>
          <Which
            label="What needs it"
            of={view.parts}
            value={said.partId}
            set={(partId) => set({ partId })}
          />
          <DateField
            label="It is there on"
            value={said.until}
            onChange={(until) => set({ until })}
            error={error('until')}
          />
        </>
      ) : null}
      {said.is === 'enough' || said.is === 'does-not-fit' ? (
        <Which label="Which unit" of={view.units} value={said.unitId} set={(unitId) => set({ unitId })} />
      ) : null}
      {said.is === 'days-lost' || said.is === 'child-ill' || said.is === 'you-ill' ? (
        <>
          <DateField
            label="From"
            value={said.first}
            onChange={(first) =>
              set({ first, ...(first && (!said.last || said.last < first) ? { last: first } : {}) })
            }
            error={error('first')}
          />
          <DateField label="To" value={said.last} onChange={(last) => set({ last })} error={error('last')} />
        </>
      ) : null}
      {said.is === 'you-ill' && said.first ? (
        <Link href={`/paper/hand-over?first=${said.first}&last=${said.last ?? said.first}`}>
          A sheet to hand over for these days
        </Link>
      ) : null}
      {said.is === 'days-lost' ? (
        <TextField
          label="What for"
          value={said.label}
          onChange={(label) => set({ label })}
          error={error('label')}
        />
      ) : null}
    </What>
  );
}

function Which({
  label,
  of,
  value,
  set,
}: {
  label: string;
  of: readonly Named[];
  value: string;
  set: (id: string) => void;
}) {
  return of.length ? (
    <Choose
      label={label}
      value={value}
      onChange={set}
      choices={of.map((n) => ({ value: n.id, name: n.name }))}
    />
  ) : (
    <Quiet>There is none.</Quiet>
  );
}

const What = styled.div`
  grid-area: what;
  display: flex;
  flex-wrap: wrap;
  gap: 10px 14px;
  & > * {
    min-width: 150px;
    flex: 1 1 150px;
    max-width: 300px;
  }
`;
