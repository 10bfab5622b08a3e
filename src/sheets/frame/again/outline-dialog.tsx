'use client';
/** Taking in an outline of a unit that another family shares: what it will do is shown row by row, then it is all or nothing. */
import { useEffect, useState } from 'react';
import { FileTrigger } from 'react-aria-components/FileTrigger';
import { count } from '@/core/plan/called';
import { Button } from '@/kit/button';
import { TextField } from '@/kit/field';
import { FormDialog } from '@/kit/form-dialog';
import { Caution, Quiet } from '@/kit/text';
import { useAct } from '../use-act';
import { useForm } from '../use-form';
import { previewOutline, takeOutline, type OutlineRead } from './actions';
import { Rows, TakingFields, takingOf } from './taking-fields';

/** Milliseconds without a key before what was typed is read. */
const PAUSE = 250;

export function OutlineDialog({
  today,
  people,
  onClose,
}: {
  today: string;
  people: readonly { id: string; name: string }[];
  onClose: () => void;
}) {
  const { act } = useAct();
  const form = useForm(takingOf('', today, people));
  const [text, setText] = useState('');
  const [read, setRead] = useState<{ of: string; is: OutlineRead | 'no answer' }>();
  const { set } = form;
  useEffect(() => {
    if (!text.trim()) return;
    let late = false;
    const timer = setTimeout(() => {
      previewOutline(text).then(
        (is) => {
          if (late) return;
          setRead({ of: text, is });
          if ('rows' in is) {
            set('title', is.title);
            if (is.lessonsPerWeek) set('lessonsPerWeek', is.lessonsPerWeek);
          }
        },
        () => !late && setRead({ of: text, is: 'no answer' }),
      );
    }, PAUSE);
    return () => {
      late = true;
      clearTimeout(timer);
    };
  }, [text, set]);
  const answer = text.trim() && read?.of === text ? read.is : undefined;
  const is = typeof answer === 'object' ? answer : undefined;
  const isReady = is !== undefined && 'rows' in is;
  return (
    <FormDialog
      title="A unit from an outline"
      verb="Take it in"
      wide
      isDisabled={!isReady}
      onSubmit={() =>
        act((base) => takeOutline(base, text, form.value), { faults: form.takeFaults, then: onClose })
      }
      onClose={onClose}
    >
      <TextField
        label="The outline"
        help="The open file that another family’s Hausplan wrote, as it is."
        rows={4}
        value={text}
        onChange={setText}
      />
      <div>
        <FileTrigger
          acceptedFileTypes={['.json', 'application/json']}
          onSelect={(files) => {
            void files?.[0]?.text().then(setText);
          }}
        >
          <Button>Take it from a file</Button>
        </FileTrigger>
      </div>
      <div aria-live="polite">
        {!text.trim() ? <Quiet>What it will do shows here, before anything is kept.</Quiet> : null}
        {text.trim() && !answer ? <Quiet>Reading…</Quiet> : null}
        {answer === 'no answer' ? (
          <Caution>
            Hausplan did not answer. What you pasted is still here; change it, or open this again.
          </Caution>
        ) : null}
        {is && 'faults' in is ? (
          <>
            <Caution>
              {count(is.faults.length, 'thing is', 'things are')} wrong with it; nothing is taken.
            </Caution>
            <ul>
              {is.faults.slice(0, 20).map((f, i) => (
                <li key={i}>
                  {f.where ? <b>{f.where}: </b> : null}
                  {f.what}
                </li>
              ))}
            </ul>
          </>
        ) : null}
      </div>
      {isReady ? (
        <>
          <TakingFields form={form} people={people} />
          <Rows rows={is.rows} />
        </>
      ) : null}
    </FormDialog>
  );
}
