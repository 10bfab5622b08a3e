'use client';
import styled from 'styled-components';
import { face } from '@/kit/tokens';
import { useReady } from '../frame/use-ready';

/** Said where a link opens no list, or none just now. */
export function NoList({ mustWait }: { mustWait?: boolean }) {
  useReady();
  return (
    <Said>
      <h1>{mustWait ? 'Wait a few minutes' : 'No list here'}</h1>
      <p>
        {mustWait
          ? 'Somebody tried several links that open nothing, so no list is shown for a while. Then load this page again.'
          : 'This link opens no list. Ask for a new one: it is on Family, on the machine Hausplan runs on.'}
      </p>
    </Said>
  );
}

const Said = styled.main`
  font: 20px/1.45 ${face.child};
  max-width: 760px;
  margin: 0 auto;
  padding: 40px 20px;
`;
