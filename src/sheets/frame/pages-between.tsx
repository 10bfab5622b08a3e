'use client';
/** What is shown in the place of a sheet: while it is drawn, when it cannot be, and where there is none. */
import { useReady } from './use-ready';
import { useRouter } from 'next/navigation';
import { startTransition } from 'react';
import styled from 'styled-components';
import { Button, buttonLook } from '@/kit/button';
import { Link } from '@/kit/link';
import { Quiet, SheetTitle } from '@/kit/text';
import { Page } from './frame-lines';

export function Waiting() {
  return (
    <Page aria-busy="true">
      <Quiet role="status">Drawing the sheet…</Quiet>
    </Page>
  );
}

/** @param again draws what is in its place now once more */
export function CouldNotDraw({ again }: { again: () => void }) {
  useReady();
  const router = useRouter();
  // What the server sent is asked for anew, else the same is drawn again.
  const tryAgain = (): void =>
    startTransition(() => {
      router.refresh();
      again();
    });
  return (
    <Page>
      <Said>
        <SheetTitle>This sheet could not be drawn</SheetTitle>
        <p>
          Nothing of your plan was changed. Try once more; if it stays like this, look at another sheet and
          say what you did before.
        </p>
        <Ways>
          <Button $primary onPress={tryAgain}>
            Try again
          </Button>
          <WayBack href="/setup">To the family</WayBack>
        </Ways>
      </Said>
    </Page>
  );
}

export function NoSuchPage() {
  useReady();
  return (
    <Page>
      <Said>
        <SheetTitle>There is no such page</SheetTitle>
        <p>Nothing stands at this address. A child who was taken off the plan has no list any more.</p>
        <Ways>
          <WayBack href="/">To your plan</WayBack>
        </Ways>
      </Said>
    </Page>
  );
}

const Said = styled.div`
  display: grid;
  gap: 14px;
  max-width: 560px;
  padding: 24px 0;
`;
const Ways = styled.div`
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
`;
const WayBack = styled(Link)<{ $primary?: boolean }>`
  ${buttonLook}
`;
