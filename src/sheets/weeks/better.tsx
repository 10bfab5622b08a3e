'use client';
/** A better lay-out, looked for beside the page while the parent reads, and offered where it is worth what it moves. */
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import type { Better } from '@/core/layout/better';
import { count, inAList } from '@/core/plan/called';
import { Button } from '@/kit/button';
import { colour, paper } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { lookForBetter, takeBetter } from './actions';

/** Milliseconds after which it is looked for: not while the parent turns pages. */
const STILL = 700;

export function BetterLayOut({ revision }: { revision: number }) {
  const { act } = useAct();
  const [found, setFound] = useState<{ at: number; is: Better | undefined }>();
  const [left, setLeft] = useState<number>();
  useEffect(() => {
    let isGone = false;
    const timer = setTimeout(() => {
      lookForBetter().then(
        (is) => !isGone && setFound({ at: revision, is }),
        () => undefined,
      );
    }, STILL);
    return () => {
      isGone = true;
      clearTimeout(timer);
    };
  }, [revision]);
  const better = found?.at === revision && left !== revision ? found.is : undefined;
  if (!better) return null;
  return (
    <Offer role="status">
      <span>
        <b>There is a better lay-out:</b> {inAList(better.gains)}
        {better.moves ? `; ${count(better.moves, 'lesson')} ${better.moves === 1 ? 'moves' : 'move'}` : ''}.
      </span>
      <Button onPress={() => setLeft(revision)}>Leave it</Button>
      <Button onPress={() => act((base) => takeBetter(base, { places: better.placements }))}>Take it</Button>
    </Offer>
  );
}

const Offer = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  border: 1.5px dashed ${colour.pencil};
  padding: 8px 12px;
  margin-bottom: 12px;
  & > span {
    flex: 1 1 260px;
  }
  ${paper} {
    display: none;
  }
`;
