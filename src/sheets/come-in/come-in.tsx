'use client';
/** The household's door, for another device: it asks for the passphrase. A plain form, so that it works before anything else does. */
import styled from 'styled-components';
import { Button } from '@/kit/button';
import { Caution, Quiet, SheetTitle } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useReady } from '../frame/use-ready';

const WRONG: Partial<Record<string, string>> = {
  passphrase: 'That is not the passphrase. It is set on Family, on the machine Hausplan runs on.',
  wait: 'Too many wrong tries. Wait a few minutes, then try once more.',
};

export function ComeIn({ wrong }: { wrong?: string }) {
  useReady();
  const why = wrong === undefined ? undefined : WRONG[wrong];
  return (
    <Door>
      <SheetTitle>Come in</SheetTitle>
      <form method="post" action="/come-in/try">
        <label htmlFor="passphrase">The household’s passphrase</label>
        <input
          id="passphrase"
          name="passphrase"
          type="password"
          autoComplete="current-password"
          required
          aria-describedby={why ? 'why' : undefined}
        />
        <Button type="submit" $primary>
          Come in
        </Button>
      </form>
      {why ? (
        <Caution role="alert" id="why">
          {why}
        </Caution>
      ) : null}
      <Quiet>This device stays in for thirty days, or until there is another passphrase.</Quiet>
    </Door>
  );
}

const Door = styled.main`
  max-width: 420px;
  margin: 0 auto;
  padding: 60px 20px;
  display: grid;
  gap: 18px;
  form {
    display: grid;
    gap: 8px;
  }
  input {
    min-height: 44px;
    padding: 6px 10px;
    font: inherit;
    border: 1.4px solid ${colour.ink};
    background: ${colour.room};
  }
`;
