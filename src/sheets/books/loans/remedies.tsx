'use client';
/** What can be done about a loan that comes late or goes back early: each way worked out before it is taken. */
import { Working } from '@/kit/working';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import type { LoanLine } from '@/core/loans/lines';
import { Button } from '@/kit/button';
import { Dialog } from '@/kit/dialog';
import { Caution, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../../frame/use-act';
import type { LoanRemedy } from '@/core/edit/loan-remedies';
import { remediesFor, remedy } from './remedy-actions';

export function Remedies({ line, onClose }: { line: LoanLine; onClose: () => void }) {
  const { act } = useAct();
  const [ways, setWays] = useState<LoanRemedy[]>();
  useEffect(() => {
    let late = false;
    void remediesFor(line.loan.id).then(
      (w) => {
        if (!late) setWays(w);
      },
      () => {
        if (!late) setWays([]);
      },
    );
    return () => {
      late = true;
    };
  }, [line.loan.id]);
  return (
    <Dialog
      title={`What can be done about “${line.book.title}”`}
      isOpen
      onClose={onClose}
      footer={<Button onPress={onClose}>Leave it as it is</Button>}
    >
      {line.troubles.map((t) => (
        <Caution key={t.message}>{t.message}</Caution>
      ))}
      {!ways ? (
        <Working what="Working each way out" />
      ) : (
        <Ways aria-label="Ways">
          {ways.map((w) => (
            <li key={`${w.kind} ${w.otherId ?? ''}`}>
              <div>
                <b>{w.does}</b>
                <Quiet>{w.message}</Quiet>
              </div>
              <Button
                isDisabled={w.message.startsWith('Cannot be')}
                aria-label={`${w.does}: do so`}
                onPress={() =>
                  act(
                    (base) =>
                      remedy(base, line.loan.id, {
                        kind: w.kind,
                        ...(w.otherId ? { otherId: w.otherId } : {}),
                      }),
                    { then: onClose },
                  )
                }
              >
                Do so
              </Button>
            </li>
          ))}
        </Ways>
      )}
    </Dialog>
  );
}

const Ways = styled.ul`
  border-top: 1.5px solid ${colour.ink};
  li {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 14px;
    padding: 8px 0;
    border-bottom: 1px solid ${colour.rule};
  }
`;
