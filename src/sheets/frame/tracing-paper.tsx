'use client';
/** Tracing paper: several changes tried beside the plan, then kept as one or dropped. */
import { useState } from 'react';
import { count } from '@/core/plan/called';
import { Button, PlainButton } from '@/kit/button';
import { Ribbon } from './frame-lines';
import type { Traced } from './load';
import type { Outcome } from './outcome';
import { dropPaper, keepPaper, layPaper, putPaperAside } from './tracing-actions';
import { useAct } from './use-act';

/** Goes from the plan to the paper or back: the whole sheet is loaded anew, since revisions are counted apart. */
function useChange(): { isBusy: boolean; change: (to: () => Promise<Outcome>) => void } {
  const { say, settled } = useAct();
  const [isBusy, setBusy] = useState(false);
  const change = (to: () => Promise<Outcome>): void => {
    setBusy(true);
    settled()
      .then(to)
      .then(
        (outcome) => {
          if (outcome.is === 'done') {
            // What is pressed from here on would be lost with this page.
            document.body.inert = true;
            return window.location.reload();
          }
          setBusy(false);
          say(outcome.is === 'refused' ? outcome.refused : 'This could not be done. Load the sheet again.');
        },
        () => {
          setBusy(false);
          say('Hausplan did not answer. Nothing was changed; try once more.');
        },
      );
  };
  return { isBusy, change };
}

export function WhatIf() {
  const { isBusy, change } = useChange();
  return (
    <PlainButton isDisabled={isBusy} onPress={() => change(layPaper)}>
      What if…
    </PlainButton>
  );
}

export function TracingRibbon({ traced: { changes, differs } }: { traced: Traced }) {
  const { isBusy, change } = useChange();
  return (
    <Ribbon role="status" aria-label="Tracing paper" style={{ alignItems: 'center' }}>
      <span style={{ flex: '1 1 320px' }}>
        <b>Tracing paper.</b>{' '}
        {changes.length
          ? `${count(changes.length, 'change')} tried, nothing of it in the plan yet: ${changes.slice(-3).join(' · ')}. ${differs || 'No lesson moves.'}`
          : 'Change what you like, on any sheet: nothing goes into the plan until you keep it.'}
      </span>
      <PlainButton isDisabled={isBusy} onPress={() => change(putPaperAside)}>
        See the plan
      </PlainButton>
      <Button isDisabled={isBusy} onPress={() => change(dropPaper)}>
        Drop it
      </Button>
      <Button $primary isDisabled={isBusy || !changes.length} onPress={() => change(keepPaper)}>
        {changes.length > 1 ? `Keep all ${changes.length}` : 'Keep it'}
      </Button>
    </Ribbon>
  );
}
