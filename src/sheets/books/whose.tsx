'use client';
/** Whom the book in hand is for: how one that leads the unit is read and by whom, on whose piles one for children lies. */
import styled from 'styled-components';
import type { SpineRead } from '@/core/plan/plan';
import { PlainButton } from '@/kit/button';
import { Quiet } from '@/kit/text';
import type { PulledBook, Reader } from './load';

const idsOf = (readers: readonly Pick<Reader, 'id'>[]): string[] => readers.map((r) => r.id);

/** How a book that leads the unit is read; beside another that leads it, each can be for others. */
export function HowRead({
  book: { read, readers: named, facts },
  readers,
  onRead,
}: {
  book: PulledBook;
  readers: readonly Reader[];
  onRead: (read: SpineRead, childIds: readonly string[]) => void;
}) {
  const able = facts.children.filter((c) => c.read === 'fits' || c.read === 'stretch').map((c) => c.childId);
  const put = (as: SpineRead, childIds: readonly string[]): void =>
    onRead(as, childIds.length === readers.length ? [] : childIds);
  const ways: [SpineRead, string, readonly string[]][] = [
    ['aloud', 'aloud', read === 'alone' ? [] : idsOf(named)],
    ['alone', 'by children alone', able],
    ['beforehand', 'only by me, before the lesson', []],
  ];
  const who = read === 'aloud' ? 'Who listens' : 'Who reads it';
  return (
    <>
      <Doings role="group" aria-label="How it is read">
        <Quiet as="span">It is read</Quiet>
        {ways.map(([as, does, childIds]) => (
          <Toggle key={as} isOn={read === as} onPress={() => put(as, childIds)}>
            {does}
          </Toggle>
        ))}
      </Doings>
      {read === 'beforehand' || readers.length < 2 ? null : (
        <Doings role="group" aria-label={who}>
          <Quiet as="span">{who}</Quiet>
          <Toggle isOn={!named.length} onPress={() => put(read, [])}>
            everyone
          </Toggle>
          <EachReader readers={readers} named={named} onChange={(childIds) => put(read, childIds)} />
        </Doings>
      )}
    </>
  );
}

/** A book on one child’s pile can lie on those of others as well. */
export function AlsoOnPiles({
  named,
  readers,
  onPut,
}: {
  named: readonly Pick<Reader, 'id'>[];
  readers: readonly Reader[];
  onPut: (childIds: readonly string[]) => void;
}) {
  if (!named.length || readers.length < 2) return null;
  return (
    <Doings role="group" aria-label="Also read by">
      <Quiet as="span">Also on the pile of</Quiet>
      <EachReader
        readers={readers}
        named={named}
        // It lies on one pile at least.
        hidden={named.length === 1 ? named[0].id : undefined}
        onChange={onPut}
      />
    </Doings>
  );
}

/** A child each, those who are named ticked. */
function EachReader({
  readers,
  named,
  hidden,
  onChange,
}: {
  readers: readonly Reader[];
  named: readonly Pick<Reader, 'id'>[];
  hidden?: string;
  onChange: (childIds: string[]) => void;
}) {
  const chosen = idsOf(named);
  const change = (id: string): void =>
    onChange(idsOf(readers).filter((x) => (x === id ? !chosen.includes(x) : chosen.includes(x))));
  return readers
    .filter((r) => r.id !== hidden)
    .map(({ id, name }) => (
      <Toggle key={id} isOn={chosen.includes(id)} onPress={() => change(id)}>
        {name}
      </Toggle>
    ));
}

function Toggle({ isOn, onPress, children }: { isOn: boolean; onPress: () => void; children: string }) {
  return (
    <PlainButton aria-pressed={isOn} onPress={onPress}>
      {isOn ? `✓ ${children}` : children}
    </PlainButton>
  );
}

/** Small keys in a row, which breaks where there is no more room. */
export const Doings = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  padding-top: 4px;
`;
