'use client';
/** Closing the day: ten seconds where all went well. */
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { shortDate } from '@/core/calendar/dates';
import type { ClosingDay } from '@/core/edit/close-day';
import { count } from '@/core/plan/called';
import { FormDialog } from '@/kit/form-dialog';
import { Caution, Quiet } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { dayDidNotHappen, lookAtClosing } from './actions';

export function CloseDay({ date, onClose }: { date: string; onClose: () => void }) {
  const { act } = useAct();
  const [closing, setClosing] = useState<ClosingDay | 'failed'>();
  useEffect(() => {
    let isGone = false;
    lookAtClosing(date).then(
      (is) => !isGone && setClosing(is ?? 'failed'),
      () => !isGone && setClosing('failed'),
    );
    return () => {
      isGone = true;
    };
  }, [date]);
  const isThere = closing !== undefined && closing !== 'failed';
  const left = isThere ? closing.left : [];
  const close = (): void => {
    if (!left.length) return onClose();
    act((base) => dayDidNotHappen(base, { date, rubOut: false }), {
      rubOut: (base) => dayDidNotHappen(base, { date, rubOut: true }),
      then: onClose,
    });
  };
  return (
    <FormDialog
      title={`Close ${shortDate(date)}`}
      verb={left.length ? 'Move it on' : 'Good'}
      isDisabled={!isThere}
      onSubmit={close}
      onClose={onClose}
    >
      {closing === undefined ? <Quiet>Looking…</Quiet> : null}
      {closing === 'failed' ? (
        <Quiet>It could not be worked out just now. Close this and ask again.</Quiet>
      ) : null}
      {isThere ? <Told closing={closing} /> : null}
    </FormDialog>
  );
}

function Told({ closing: { rooms, done, left, moves, next, ready, refused } }: { closing: ClosingDay }) {
  return (
    <>
      <p>
        <b>
          {done} of {count(rooms, 'room')} done.
        </b>{' '}
        {left.length
          ? `${left.length === 1 ? 'One part is' : `${left.length} parts are`} left:`
          : 'Nothing is left.'}
      </p>
      {left.length ? (
        <List>
          {left.map((l) => (
            <li key={l.partId}>
              {l.title}
              <Quiet as="span">{whereTo(l.to, refused)}</Quiet>
            </li>
          ))}
        </List>
      ) : null}
      {refused ? <Caution>{refused}</Caution> : null}
      {moves ? (
        <Quiet>
          {count(moves, 'other lesson')} {moves === 1 ? 'moves' : 'move'} with it.
        </Quiet>
      ) : null}
      {next ? (
        <section>
          <b>Until {shortDate(next)}</b>
          {ready.length ? (
            <List>
              {ready.map((r) => (
                <li key={`${r.what} ${r.part}`}>
                  {r.what}
                  <Quiet as="span">
                    for {r.part}, {shortDate(r.on)}
                  </Quiet>
                </li>
              ))}
            </List>
          ) : (
            <Quiet>Nothing is to be got ready.</Quiet>
          )}
        </section>
      ) : null}
    </>
  );
}

function whereTo(to: string | null, refused: string): string {
  if (to) return `goes to ${shortDate(to)}`;
  return refused ? '' : 'is left out this time';
}

const List = styled.ul`
  li {
    display: flex;
    justify-content: space-between;
    flex-wrap: wrap;
    gap: 2px 14px;
    padding: 3px 0;
  }
`;
