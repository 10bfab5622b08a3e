'use client';
/** Closing a unit in one act: what it leaves is shown, and what goes on or is passed on is chosen. */
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { count } from '@/core/plan/called';
import { FormDialog } from '@/kit/form-dialog';
import { Fold } from '@/kit/fold';
import { Caution, Quiet } from '@/kit/text';
import { Ticks } from '@/kit/ticks';
import { useAct } from '../use-act';
import { closeUnit, leavesOf, type Leaves } from './actions';

export function CloseDialog({ unit, onClose }: { unit: { id: string; title: string }; onClose: () => void }) {
  const { act } = useAct();
  const [leaves, setLeaves] = useState<Leaves | 'asking' | 'gone' | 'no answer'>('asking');
  const [partIds, setParts] = useState<string[]>([]);
  const [ruleIds, setRules] = useState<string[]>([]);
  const [pullIds, setPulls] = useState<string[]>([]);
  useEffect(() => {
    let late = false;
    leavesOf(unit.id).then(
      (found) => !late && setLeaves(found ?? 'gone'),
      () => !late && setLeaves('no answer'),
    );
    return () => {
      late = true;
    };
  }, [unit.id]);
  return (
    <FormDialog
      title={`Close “${unit.title}”`}
      verb="Close it"
      onSubmit={() =>
        act((base) => closeUnit(base, { unitId: unit.id, settling: { partIds, ruleIds, pullIds } }), {
          then: onClose,
        })
      }
      onClose={onClose}
    >
      <p>
        Done, or enough: what was taught stays as it is written down, and nothing needs rubbing out. You can
        go on with it at any time.
      </p>
      {leaves === 'asking' ? <Quiet>Looking what it leaves…</Quiet> : null}
      {leaves === 'gone' ? (
        <Caution>This unit is no longer there; someone may have removed it in another window.</Caution>
      ) : null}
      {leaves === 'no answer' ? (
        <Caution>
          Hausplan did not answer, so what it leaves is not shown. Close this and open it again.
        </Caution>
      ) : null}
      {typeof leaves === 'object' ? (
        <>
          <p>
            <b>
              {leaves.taught} of {count(leaves.lessons, 'lesson')}
            </b>{' '}
            taught.
          </p>
          {leaves.left.length ? (
            <Fold
              title={`${count(leaves.left.length, 'lesson')} left over`}
              message="to be taken up where the next one begins"
            >
              <Plain>
                {leaves.left.map((l) => (
                  <li key={l}>{l}</li>
                ))}
              </Plain>
            </Fold>
          ) : null}
          {leaves.parts.length ? (
            <Ticks
              label="Begun or not done; goes on once a week"
              all={leaves.parts.map((p) => ({ value: p.id, name: p.name }))}
              value={partIds}
              onChange={setParts}
            />
          ) : null}
          {leaves.rules.length ? (
            <Ticks
              label="Came back by itself; goes on"
              all={leaves.rules.map((r) => ({ value: r.id, name: r.name }))}
              value={ruleIds}
              onChange={setRules}
            />
          ) : null}
          {leaves.passOn.length ? (
            <Ticks
              label="Outgrown by everybody; on the pile to give away"
              all={leaves.passOn.map((b) => ({ value: b.id, name: b.name }))}
              value={pullIds}
              onChange={setPulls}
            />
          ) : null}
          {leaves.giveBack.length ? <p>To give back: {leaves.giveBack.join('; ')}.</p> : null}
          {leaves.sheets.length ? (
            <p>
              Printed and not used, to the folder ({count(leaves.sheets.length, 'sheet')}):{' '}
              {leaves.sheets.join('; ')}.
            </p>
          ) : null}
        </>
      ) : null}
    </FormDialog>
  );
}

const Plain = styled.ul`
  list-style: disc;
  padding-left: 20px;
`;
