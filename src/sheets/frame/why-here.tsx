'use client';
/** Why parts stand where they do: what stands in their way on the days before. */
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { Button } from '@/kit/button';
import { Dialog } from '@/kit/dialog';
import { Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { lookWhyHere, type WhyHereView } from './why-here-action';

export function WhyHere({
  title,
  partIds,
  onClose,
}: {
  title: string;
  partIds: readonly string[];
  onClose: () => void;
}) {
  const [found, setFound] = useState<WhyHereView[] | 'failed'>();
  const asked = partIds.join(' ');
  useEffect(() => {
    let isGone = false;
    lookWhyHere(asked.split(' ')).then(
      (is) => !isGone && setFound(is),
      () => !isGone && setFound('failed'),
    );
    return () => {
      isGone = true;
    };
  }, [asked]);
  return (
    <Dialog
      isOpen
      title={`Why here? ${title}`}
      onClose={onClose}
      footer={<Button onPress={onClose}>Close</Button>}
    >
      {found === undefined ? <Quiet>Looking…</Quiet> : null}
      {found === 'failed' ? (
        <Quiet>It could not be worked out just now. Close this and ask again.</Quiet>
      ) : null}
      {Array.isArray(found) ? (
        <>
          <Quiet>What stands in the way on the days before, with everything else where it is.</Quiet>
          {found.map((p) => (
            <Part key={p.partId}>
              <b>{p.title}</b>
              <ul>
                {p.lines.map((line) => (
                  <li key={line}>{line}</li>
                ))}
              </ul>
            </Part>
          ))}
        </>
      ) : null}
    </Dialog>
  );
}

const Part = styled.section`
  border-top: 1px solid ${colour.rule};
  padding-top: 8px;
  li {
    padding: 3px 0;
    font-size: 14px;
    line-height: 1.4;
  }
`;
