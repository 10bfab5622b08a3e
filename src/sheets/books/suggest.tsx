'use client';
/** A set of books chosen under the limits, as a proposal: with reasons, the price of each limit, and what was left out. */
import { useEffect, useRef, useState, type RefObject } from 'react';
import styled from 'styled-components';
import type { Asking } from '@/core/loans/choosing';
import { moneyText } from '@/core/loans/money-text';
import { Button, PlainButton } from '@/kit/button';
import { Dialog } from '@/kit/dialog';
import { Checkbox, FieldRow, NumberField } from '@/kit/field';
import { Working } from '@/kit/working';
import { Caution, Heading, Quiet } from '@/kit/text';
import { colour, face } from '@/kit/tokens';
import type { SetFound } from '@/worker/asked';
import { useAct } from '../frame/use-act';
import { askForSet, takeProposal } from './set-actions';
import { pileOf } from './roles';

type State =
  | { is: 'asking' }
  | { is: 'found'; asking: Asking; found: SetFound; libraryWrong: string }
  | { is: 'wrong'; message: string };

interface Wishes {
  perLesson: number;
  library: boolean;
  pinned: string[];
  banned: string[];
}

/** Asks the server what there is, and a worker to choose of it; an answer still being worked out is given up. */
async function askWorker(
  unitId: string,
  wishes: Wishes,
  worker: RefObject<Worker | undefined>,
): Promise<State> {
  worker.current?.terminate();
  try {
    const asked = await askForSet(unitId, wishes);
    if ('wrong' in asked) return { is: 'wrong', message: asked.wrong };
    const { asking, unit, libraryWrong } = asked;
    const started = new Worker(new URL('../../worker/choose.worker.ts', import.meta.url), { type: 'module' });
    worker.current = started;
    return await new Promise<State>((answer) => {
      started.onmessage = (e: MessageEvent<{ found: SetFound } | { wrong: string }>) =>
        answer(
          'found' in e.data
            ? { is: 'found', asking, found: e.data.found, libraryWrong }
            : { is: 'wrong', message: e.data.wrong },
        );
      started.onerror = () =>
        answer({ is: 'wrong', message: 'The solver could not be started in this browser.' });
      started.postMessage({ asking, unit });
    });
  } catch {
    return { is: 'wrong', message: 'Hausplan did not answer. Nothing was changed.' };
  }
}

export function Suggest({
  unitId,
  hasCard,
  onClose,
}: {
  unitId: string;
  hasCard: boolean;
  onClose: () => void;
}) {
  const { act } = useAct();
  const [state, setState] = useState<State>({ is: 'asking' });
  const [perLesson, setPerLesson] = useState<number | null>(2);
  const [library, setLibrary] = useState(hasCard);
  const [pinned, setPinned] = useState<string[]>([]);
  const [banned, setBanned] = useState<string[]>([]);
  const [left, setLeft] = useState<string[]>([]);
  const worker = useRef<Worker>(undefined);
  /** Which asking it is: an answer to one before it comes too late. */
  const turn = useRef(0);
  useEffect(() => () => worker.current?.terminate(), []);
  useEffect(() => {
    // The first answer is asked for as the dialog opens; later ones with the button.
    let late = false;
    void askWorker(unitId, { perLesson: 2, library: hasCard, pinned: [], banned: [] }, worker).then((s) => {
      if (!late && turn.current === 0) setState(s);
    });
    return () => {
      late = true;
    };
  }, [unitId, hasCard]);
  const again = (): void => {
    const mine = ++turn.current;
    setState({ is: 'asking' });
    void askWorker(unitId, { perLesson: perLesson ?? 2, library, pinned, banned }, worker).then((s) => {
      if (turn.current === mine) setState(s);
    });
  };
  const stop = (): void => {
    turn.current++;
    worker.current?.terminate();
    setState({
      is: 'wrong',
      message: 'Stopped: nothing is chosen, and nothing was changed. Ask again when you like.',
    });
  };
  const toggle = (list: string[], id: string): string[] =>
    list.includes(id) ? list.filter((x) => x !== id) : [...list, id];
  const taken = state.is === 'found' ? state.found.proposals.filter((p) => !left.includes(p.id)) : [];
  const take = (): void =>
    act(
      (base) =>
        takeProposal(
          base,
          unitId,
          taken.map((p) => ({
            id: p.id,
            role: p.role,
            childId: p.childId,
            lessons: p.lessons.map((l) => ({
              lessonId: l.lessonId,
              pages: l.first === null ? ('all' as const) : { first: l.first, last: l.last ?? l.first },
            })),
          })),
        ),
      { then: onClose },
    );
  return (
    <Dialog
      title="A set of books for this unit"
      wide
      isOpen
      onClose={onClose}
      footer={
        <>
          <Button onPress={onClose}>Take none</Button>
          <Button onPress={again} isDisabled={state.is === 'asking'}>
            Ask again
          </Button>
          <Button $primary isDisabled={!taken.length} onPress={take}>
            {taken.length ? `Take ${taken.length}` : 'Take them'}
          </Button>
        </>
      }
    >
      <FieldRow>
        <NumberField
          label="Things on a lesson, at most"
          value={perLesson}
          onChange={setPerLesson}
          min={1}
          max={12}
        />
        <Checkbox isSelected={library} isDisabled={!hasCard} onChange={setLibrary}>
          Look in the library too
        </Checkbox>
      </FieldRow>
      <div aria-live="polite">
        {state.is === 'asking' ? <Working what="Choosing under your limits" onStop={stop} /> : null}
        {!(state.is === 'asking') && state.is === 'wrong' ? <Caution>{state.message}</Caution> : null}
        {!(state.is === 'asking') && !(state.is === 'wrong') ? (
          <Quiet>
            {state.found.proposals.length} chosen of {state.asking.offered.length} that have something on a
            lesson.{' '}
            {state.found.proved ? 'No better set exists under these limits.' : 'The best found in the time.'}{' '}
            At most {state.found.loans} on loan at once
            {state.found.money ? `, ${moneyText(state.found.money, state.asking.money)} to spend` : ''}.
          </Quiet>
        ) : null}
      </div>
      {state.is === 'found' ? (
        <>
          {state.libraryWrong ? <Caution>{state.libraryWrong}</Caution> : null}
          <List aria-label="Chosen">
            {state.found.proposals.map((p) => {
              const { book } = state.asking.offered.find((o) => o.id === p.id)!;
              const reader = state.asking.children.find((c) => c.id === p.childId)?.name;
              return (
                <li key={p.id}>
                  <Checkbox
                    isSelected={!left.includes(p.id)}
                    onChange={() => setLeft((l) => toggle(l, p.id))}
                  >
                    <b>{book.title}</b>
                  </Checkbox>
                  <div>
                    <Quiet as="span">
                      {pileOf(p.role)?.name}
                      {reader ? `, ${reader}` : ''} ·{' '}
                      {p.lessons.length
                        ? `lesson${p.lessons.length > 1 ? 's' : ''} ${p.lessons.map((l) => (l.first ? `${l.number} (p. ${l.first}${l.last && l.last !== l.first ? `–${l.last}` : ''})` : l.number)).join(', ')}`
                        : 'no lesson yet'}
                    </Quiet>
                    <Quiet>{p.why}.</Quiet>
                    {p.cautions.map((c) => (
                      <Caution key={c}>{c}</Caution>
                    ))}
                  </div>
                  <span>
                    <PlainButton
                      aria-pressed={pinned.includes(p.id)}
                      aria-label={`Pin “${book.title}”`}
                      onPress={() => setPinned((x) => toggle(x, p.id))}
                    >
                      {pinned.includes(p.id) ? 'Pinned' : 'Pin'}
                    </PlainButton>{' '}
                    <PlainButton
                      aria-pressed={banned.includes(p.id)}
                      aria-label={`Never “${book.title}”`}
                      onPress={() => setBanned((x) => toggle(x, p.id))}
                    >
                      {banned.includes(p.id) ? 'Banned' : 'Never'}
                    </PlainButton>
                  </span>
                </li>
              );
            })}
          </List>
          {state.found.thin ? <Caution>Still thin: {state.found.thin}.</Caution> : null}
          {state.found.prices.map((p) => (
            <p key={p}>{p}</p>
          ))}
          {state.found.hopeless ? (
            <Quiet>
              Nothing on the shelf{library ? ' or in the library' : ''} has anything in time for{' '}
              {state.found.hopeless}.
            </Quiet>
          ) : null}
          {state.found.leftOut.length ? (
            <details>
              <summary>Left out, and why ({state.found.leftOut.length})</summary>
              <Heading as="h3">Left out</Heading>
              <List aria-label="Left out">
                {state.found.leftOut.slice(0, 60).map((l) => {
                  const { book } = state.asking.offered.find((o) => o.id === l.id)!;
                  return (
                    <li key={l.id}>
                      <b>{book.title}</b>
                      <div>
                        <Quiet>{l.message}.</Quiet>
                        {l.cautions.map((c) => (
                          <Caution key={c}>{c}</Caution>
                        ))}
                      </div>
                      <span>
                        <PlainButton
                          aria-pressed={pinned.includes(l.id)}
                          aria-label={`Pin “${book.title}”`}
                          onPress={() => setPinned((x) => toggle(x, l.id))}
                        >
                          {pinned.includes(l.id) ? 'Pinned' : 'Pin'}
                        </PlainButton>
                      </span>
                    </li>
                  );
                })}
              </List>
            </details>
          ) : null}
          {pinned.length || banned.length ? (
            <Quiet>
              {[
                pinned.length ? `${pinned.length} pinned` : '',
                banned.length ? `${banned.length} banned` : '',
              ]
                .filter(Boolean)
                .join(', ')}
              : ask again to see what that changes.
            </Quiet>
          ) : null}
        </>
      ) : null}
    </Dialog>
  );
}

const List = styled.ul`
  border-top: 1.5px solid ${colour.ink};
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr) 110px;
    gap: 12px;
    align-items: center;
    padding: 5px 0;
    border-bottom: 1px solid ${colour.rule};
  }
  b {
    font: 600 15px/1.2 ${face.title};
  }
  li > span:last-child {
    text-align: right;
  }
  @media (max-width: 760px) {
    li {
      grid-template-columns: minmax(0, 1fr);
    }
  }
`;
