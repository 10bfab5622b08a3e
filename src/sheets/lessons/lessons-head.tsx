'use client';
/** How a unit's lessons begin, and the head over them. */
import { columns } from './list-rows';
import { useState } from 'react';
import styled from 'styled-components';
import { Button } from '@/kit/button';
import { TextField } from '@/kit/field';
import { Link } from '@/kit/link';
import { Quiet } from '@/kit/text';
import { colour, middling, narrow, paper } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { newLesson } from './actions';

import { SOURCES, type Source } from './source-names';

export function Begin({ unitId, onSource }: { unitId: string; onSource: (source: Source) => void }) {
  return (
    <First aria-label="Ways to begin">
      <Quiet>No lessons yet. Begin with what you have:</Quiet>
      <ul>
        {SOURCES.map((s) => (
          <li key={s.value}>
            <Button onPress={() => onSource(s.value)}>From {s.name}</Button>
            <Quiet as="span">{s.help}</Quiet>
          </li>
        ))}
        <li>
          <Link href={`/unit?unit=${unitId}#ideas`}>From a blank page</Link>
          <Quiet as="span">
            A brainstorm on the Unit sheet; each idea becomes a lesson with one key. Or type lessons below,
            one by one.
          </Quiet>
        </li>
      </ul>
    </First>
  );
}

export function AddLesson({ unitId, onPasted }: { unitId: string; onPasted: (text: string) => void }) {
  const { act } = useAct();
  const [title, setTitle] = useState('');
  return (
    <Add
      onPasteCapture={(e) => {
        const text = e.clipboardData.getData('text/plain');
        if (text.trim().includes('\n')) {
          e.preventDefault();
          onPasted(text);
        }
      }}
      onSubmit={(e) => {
        e.preventDefault();
        if (title.trim())
          act((base) => newLesson(base, { unitId, title, after: null }), { then: () => setTitle('') });
      }}
    >
      <TextField
        label="Another lesson"
        placeholder="Its title, then Enter; or paste a whole list"
        value={title}
        onChange={setTitle}
      />
      <Button type="submit">Add</Button>
    </Add>
  );
}

export const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 280px;
  gap: 32px;
  align-items: start;
  ${middling} {
    grid-template-columns: minmax(0, 1fr);
  }
`;
export const Head = styled.div`
  display: grid;
  ${columns} padding: 0 6px 4px;
  font-weight: 600;
  font-size: 13px;
  color: ${colour.graphite};
  & > :last-child {
    text-align: right;
  }
  ${narrow} {
    display: none;
  }
`;
const Add = styled.form`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 10px;
  align-items: end;
  padding: 12px 0 16px 44px;
  ${paper} {
    display: none;
  }
  ${narrow} {
    padding-left: 0;
  }
`;
export const Length = styled.div`
  margin: 4px 0 22px;
`;
const First = styled.section`
  margin-bottom: 18px;
  display: grid;
  gap: 10px;
  ul {
    display: grid;
    gap: 8px;
  }
  li {
    display: grid;
    grid-template-columns: 220px minmax(0, 1fr);
    gap: 14px;
    align-items: center;
  }
  li > button,
  li > a {
    justify-self: start;
  }
  ${narrow} {
    li {
      grid-template-columns: 1fr;
    }
  }
`;
export const Bar = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  padding: 8px 10px;
  border: 2px solid ${colour.ink};
  background: ${colour.room};
  position: sticky;
  bottom: 62px;
  z-index: 5;
`;
