'use client';
/** Said while something takes long: what is done, for how long already, and how to stop it. Nothing is lost by stopping. */
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { PlainButton } from './button';
import { Quiet } from './text';

export function Working({ what, onStop }: { what: string; onStop?: () => void }) {
  const [seconds, setSeconds] = useState(0);
  useEffect(() => {
    const timer = setInterval(() => setSeconds((s) => s + 1), 1000);
    return () => clearInterval(timer);
  }, []);
  return (
    <Line>
      <Quiet as="span">
        {what}… {seconds ? <span aria-hidden="true">{seconds} s</span> : null}
      </Quiet>
      {onStop ? <PlainButton onPress={onStop}>Stop</PlainButton> : null}
    </Line>
  );
}

const Line = styled.div`
  display: flex;
  gap: 12px;
  align-items: baseline;
`;
