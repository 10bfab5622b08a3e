'use client';
/** Taking the plan along as a file, and bringing one in: shown first, then all of it or nothing. */
import { Ruled } from './ruled';
import { useState } from 'react';
import styled from 'styled-components';
import { count } from '@/core/plan/called';
import { Button, buttonLook } from '@/kit/button';
import { Dialog } from '@/kit/dialog';
import { Caution, Quiet } from '@/kit/text';
import { Working } from '@/kit/working';
import { FileTrigger } from 'react-aria-components/FileTrigger';
import { LARGEST_FILE, sizeText } from '../frame/file-size';
import { inYear } from '../frame/look';
import { useAct } from '../frame/use-act';
import { useWaiting } from '../frame/use-waiting';
import type { SetupView } from './load';
import { importPlan, previewImport, type Preview } from './actions';

export function TakeAlong({ hasPlan, info }: { hasPlan: boolean } & Pick<SetupView, 'info'>) {
  const { act, say } = useAct();
  const waiting = useWaiting();
  const [storing, setStoring] = useState(false);
  const [chosen, setChosen] = useState<{ name: string; text: string; preview: Preview }>();
  const read = async (files: FileList | null): Promise<void> => {
    const file = files?.[0];
    if (!file) return;
    if (file.size > LARGEST_FILE)
      return say(`“${file.name}” has ${sizeText(file.size)}; ${sizeText(LARGEST_FILE)} can be brought in.`);
    const text = await file.text();
    const looked = previewImport(text).then(
      (preview) => ({ preview }),
      () => ({ preview: undefined }),
    );
    const found = await waiting.until(`Reading “${file.name}” (${sizeText(file.size)})`, looked);
    if (!found) return;
    if (found.preview) setChosen({ name: file.name, text, preview: found.preview });
    else
      say(
        `“${file.name}” could not be looked at: Hausplan did not answer. Check that it is running, then choose the file again.`,
      );
  };
  // What is being stored is stored whole: there is nothing to leave any more.
  const close = (): void => {
    if (!storing) setChosen(undefined);
  };
  const faults = chosen?.preview.faults ?? [];
  return (
    <section aria-labelledby="take-along">
      <Ruled id="take-along">Take it along</Ruled>
      <Rows>
        {hasPlan ? (
          <>
            <div>
              <FileLink href="/files/plan.json" download="hausplan.json">
                Save the plan
              </FileLink>
              <Quiet>Everything, as Hausplan JSON, to keep or to open elsewhere.</Quiet>
            </div>
            <div>
              <FileLink href={inYear('/files/plan.ics', info.looking?.id)} download="hausplan.ics">
                Save a calendar
              </FileLink>
              <Quiet>Each placed part on its day, as iCalendar.</Quiet>
            </div>
          </>
        ) : null}
        <div>
          <FileTrigger acceptedFileTypes={['application/json', '.json']} onSelect={read}>
            <Button>Bring in a plan…</Button>
          </FileTrigger>
          {waiting.what ? (
            <Working what={waiting.what} onStop={waiting.stop} />
          ) : (
            <Quiet>A Hausplan JSON file. You see what is in it before anything is kept.</Quiet>
          )}
        </div>
      </Rows>
      <Dialog
        title={faults.length ? 'This file cannot be brought in' : 'Bring in this plan?'}
        isOpen={!!chosen}
        onClose={close}
        footer={
          faults.length ? (
            <Button $primary onPress={close}>
              I see
            </Button>
          ) : (
            <>
              <Button isDisabled={storing} onPress={close}>
                Leave it
              </Button>
              <Button
                $primary
                isDisabled={storing}
                onPress={() => {
                  const { text } = chosen!;
                  setStoring(true);
                  act((base) => importPlan(base, text).finally(() => setStoring(false)), {
                    then: () => setChosen(undefined),
                  });
                }}
              >
                {chosen?.preview.broken.total ? 'Bring it in as it is' : 'Bring it in'}
              </Button>
            </>
          )
        }
      >
        <p>{chosen?.name}</p>
        {storing ? <Working what="Bringing it in, all of it or nothing" /> : null}
        {faults.length ? (
          <>
            <p>
              Nothing was changed. {faults.length === 1 ? 'One thing is' : `${faults.length} things are`}{' '}
              wrong with it:
            </p>
            <ul>
              {faults.slice(0, 50).map((f, i) => (
                <li key={i}>
                  {f.where ? <b>{f.where}: </b> : null}
                  {f.what}
                </li>
              ))}
            </ul>
            {faults.length > 50 ? <Quiet>and {faults.length - 50} more.</Quiet> : null}
          </>
        ) : (
          <>
            <ul>
              {chosen?.preview.holds?.map((held) => (
                <li key={held}>{held}</li>
              ))}
            </ul>
            {chosen?.preview.broken.total ? (
              <>
                <Caution>
                  Its days break what a lay-out promises, {count(chosen.preview.broken.total, 'time')}. The
                  next change to the plan, or “Lay out again” on Weeks, puts the pencil right; what is in ink
                  stays.
                </Caution>
                <ul>
                  {chosen.preview.broken.first.map((message, i) => (
                    <li key={i}>{message}</li>
                  ))}
                </ul>
                {chosen.preview.broken.total > chosen.preview.broken.first.length ? (
                  <Quiet>and {chosen.preview.broken.total - chosen.preview.broken.first.length} more.</Quiet>
                ) : null}
              </>
            ) : null}
            {chosen?.preview.replaces ? (
              <Caution>It takes the place of the plan that is here now. Undo brings that one back.</Caution>
            ) : null}
          </>
        )}
      </Dialog>
    </section>
  );
}

const Rows = styled.div`
  display: grid;
  gap: 12px;
  & > div {
    display: grid;
    gap: 3px;
    justify-items: start;
  }
`;
const FileLink = styled.a<{ $primary?: boolean }>`
  ${buttonLook}
`;
