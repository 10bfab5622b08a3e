'use client';
/** Safe keeping: copies of the whole store, made by themselves and by hand, and putting one back. */
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components/FileTrigger';
import styled from 'styled-components';
import { count } from '@/core/plan/called';
import { Button, buttonLook, PlainButton } from '@/kit/button';
import { Dialog } from '@/kit/dialog';
import { Caution, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { Working } from '@/kit/working';
import { saveNow } from '../frame/history-actions';
import { useAct } from '../frame/use-act';
import { useWaiting } from '../frame/use-waiting';
import { LARGEST_FILE, sizeText } from '../frame/file-size';
import { bringInCopy, lookAt, putBack } from './keeping-actions';
import type { SetupView } from './load';
import { Ruled } from './ruled';

type Looked = Exclude<Awaited<ReturnType<typeof lookAt>>, { wrong: string }>;

export function SafeKeeping({ keeping }: { keeping: SetupView['keeping'] }) {
  const { act, say } = useAct();
  const waiting = useWaiting();
  const [putting, setPutting] = useState(false);
  const [looked, setLooked] = useState<Looked & { name: string; called: string }>();
  const look = async (name: string, called: string): Promise<void> => {
    const found = await waiting.until(
      `Looking at ${called}`,
      lookAt(name).catch(() => ({ wrong: 'Hausplan did not answer. Check that it is running.' })),
    );
    if (!found) return;
    if ('wrong' in found) say(found.wrong);
    else setLooked({ ...found, name, called });
  };
  const bringIn = async (files: FileList | null): Promise<void> => {
    const file = files?.[0];
    if (!file) return;
    if (file.size > LARGEST_FILE)
      return say(
        `“${file.name}” has ${sizeText(file.size)}; ${sizeText(LARGEST_FILE)} can be brought in. Put it back with the command line: hausplan restore.`,
      );
    const form = new FormData();
    form.set('file', file);
    const taken = await waiting.until(
      `Bringing in “${file.name}” (${sizeText(file.size)})`,
      bringInCopy(form).catch(() => ({
        wrong: 'Hausplan did not answer. Check that it is running, then choose the file again.',
      })),
    );
    if (!taken) return;
    if ('wrong' in taken) say(taken.wrong);
    else await look(taken.name, file.name);
  };
  // What is being put back is put back whole: there is nothing to leave any more.
  const close = (): void => {
    if (!putting) setLooked(undefined);
  };
  return (
    <section aria-labelledby="safe-keeping">
      <Ruled id="safe-keeping">Safe keeping</Ruled>
      <Quiet>
        Your plan is one file, <Path>{keeping.path}</Path> ({keeping.size}). A copy is kept each day for a
        week and each week for a month, and before each new version.
      </Quiet>
      <Buttons>
        <Button onPress={() => act(saveNow)}>Save a copy now</Button>
        <FileLink href="/files/store.sqlite" download="hausplan.sqlite">
          Take a copy along
        </FileLink>
        <FileTrigger acceptedFileTypes={['.sqlite']} onSelect={(files) => void bringIn(files)}>
          <Button>Bring in a copy…</Button>
        </FileTrigger>
      </Buttons>
      {waiting.what ? <Working what={waiting.what} onStop={waiting.stop} /> : null}
      {keeping.copies.length ? (
        <Copies aria-label="Copies of the store">
          {keeping.copies.map((c) => (
            <li key={c.name}>
              <span>
                {c.called} <Quiet as="span">{c.size}</Quiet>
              </span>
              <PlainButton aria-label={`Put back: ${c.called}`} onPress={() => void look(c.name, c.called)}>
                Put back…
              </PlainButton>
            </li>
          ))}
        </Copies>
      ) : (
        <Quiet>There are no copies yet.</Quiet>
      )}
      <Dialog
        title="Put this copy back?"
        isOpen={!!looked}
        onClose={close}
        footer={
          <>
            <Button isDisabled={putting} onPress={close}>
              Leave it
            </Button>
            <Button
              $primary
              isDisabled={putting}
              onPress={() => {
                setPutting(true);
                act(() => putBack(looked!.name).finally(() => setPutting(false)), {
                  then: () => setLooked(undefined),
                });
              }}
            >
              Put it back
            </Button>
          </>
        }
      >
        <p>{looked?.called}</p>
        {putting ? <Working what="Putting it back, all of it or nothing" /> : null}
        {looked ? (
          <Compared>
            <thead>
              <tr>
                <td />
                <th scope="col">The copy</th>
                <th scope="col">Here now</th>
              </tr>
            </thead>
            <tbody>
              {ROWS.map(([name, of]) => (
                <tr key={name}>
                  <th scope="row">{name}</th>
                  <td>{of(looked.copy)}</td>
                  <td>{of(looked.now)}</td>
                </tr>
              ))}
            </tbody>
          </Compared>
        ) : null}
        <Caution>
          It takes the place of all that is here now. What is here now is kept as a copy, so that it can be
          put back in turn.
        </Caution>
      </Dialog>
    </section>
  );
}

const ROWS: [string, (h: Looked['copy']) => string][] = [
  ['Family', (h) => h.family ?? 'none yet'],
  ['Last changed', (h) => h.changed?.slice(0, 16).replace('T', ' ') ?? 'never'],
  ['Children', (h) => String(h.children)],
  ['Units', (h) => count(h.units, 'unit')],
  ['Lessons', (h) => count(h.lessons, 'lesson')],
  ['Books', (h) => count(h.books, 'book')],
  ['Done', (h) => count(h.done, 'tick')],
  ['Years before', (h) => (h.closedYears ? count(h.closedYears, 'closed year') : 'none')],
];

const Path = styled.span`
  overflow-wrap: anywhere;
  color: ${colour.ink};
`;
const Buttons = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 10px 0;
`;
const FileLink = styled.a<{ $primary?: boolean }>`
  ${buttonLook}
`;
const Copies = styled.ul`
  display: grid;
  & > li {
    display: flex;
    justify-content: space-between;
    gap: 12px;
    padding: 5px 0;
    border-bottom: 1px solid ${colour.rule};
    font-size: 14px;
  }
  & button,
  & p,
  & span > span {
    white-space: nowrap;
  }
`;
const Compared = styled.table`
  border-collapse: collapse;
  font-size: 14px;
  & th,
  & td {
    text-align: left;
    padding: 4px 12px 4px 0;
    border-bottom: 1px solid ${colour.rule};
    font-weight: 400;
    overflow-wrap: anywhere;
  }
  & thead th {
    font-weight: 700;
  }
`;
