'use client';
/** The store cannot be used: what is wrong, where it is, which copies there are, and what can be saved out of it. */
import { useReady } from '../frame/use-ready';
import { useState, useTransition } from 'react';
import styled from 'styled-components';
import { Button, buttonLook } from '@/kit/button';
import { Caution, Heading, Quiet, SheetTitle } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { putCopyBack } from './actions';
import type { StoreTroubleView } from './load';

/** Loads everything afresh: what was drawn before the store was mended is not to be trusted. */
const startAgain = (): void => window.location.reload();

export function StoreTroublePage({ message, path, copies, canRescue }: StoreTroubleView) {
  useReady();
  const [wrong, setWrong] = useState('');
  const [isBusy, start] = useTransition();
  const putBack = (name: string): void =>
    start(async () => {
      const refused = await putCopyBack(name).catch(
        () => 'Hausplan did not answer. Check that it is running.',
      );
      if (refused) setWrong(refused);
      else startAgain();
    });
  return (
    <Sheet>
      <SheetTitle>Your plan cannot be opened</SheetTitle>
      <p>{message}</p>
      <Quiet>
        Nothing was changed. The file is <b>{path}</b>.
      </Quiet>
      <Heading>Copies beside it</Heading>
      {copies.length ? (
        <Copies aria-label="Copies of the store">
          {copies.map((c) => (
            <li key={c.name}>
              <span>
                {c.called} <Quiet as="span">{c.size}</Quiet>
              </span>
              <Button
                isDisabled={isBusy}
                aria-label={`Put back: ${c.called}`}
                onPress={() => putBack(c.name)}
              >
                Put it back
              </Button>
            </li>
          ))}
        </Copies>
      ) : (
        <Quiet>There are none in {path}.copies.</Quiet>
      )}
      {wrong ? <Caution role="alert">{wrong}</Caution> : null}
      <Quiet>Whatever is put back, the file as it lies there is kept among the copies.</Quiet>
      <Buttons>
        {canRescue ? (
          <FileLink href="/files/rescue.json" download="hausplan.json">
            Save the plan out of it
          </FileLink>
        ) : null}
        <Button onPress={() => startAgain()}>Try again</Button>
      </Buttons>
    </Sheet>
  );
}

const Sheet = styled.main`
  max-width: 720px;
  margin: 48px auto;
  padding: 28px 32px;
  border: 2px solid ${colour.ink};
  background: ${colour.sheet};
  display: grid;
  gap: 14px;
  overflow-wrap: anywhere;
`;
const Copies = styled.ul`
  display: grid;
  & > li {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 12px;
    padding: 6px 0;
    border-bottom: 1px solid ${colour.rule};
  }
`;
const Buttons = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
`;
const FileLink = styled.a<{ $primary?: boolean }>`
  ${buttonLook}
`;
