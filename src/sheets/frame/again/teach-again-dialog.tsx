'use client';
/** A unit that was taught becomes a new one, for today's children at today's rungs. */
import { useEffect, useState } from 'react';
import { count } from '@/core/plan/called';
import { Choose } from '@/kit/choose';
import { Checkbox } from '@/kit/field';
import { FormDialog } from '@/kit/form-dialog';
import { Caution, Quiet } from '@/kit/text';
import { useAct } from '../use-act';
import { useForm } from '../use-form';
import { previewAgain, teachAgain, unitsTaught, type AgainPreview, type TaughtUnit } from './actions';
import { Rows, TakingFields, takingOf } from './taking-fields';

interface Props {
  today: string;
  people: readonly { id: string; name: string }[];
  /** The unit it is about, where one is looked back on. */
  unitId?: string;
  onClose: () => void;
}

export function TeachAgainDialog({ today, people, unitId, onClose }: Props) {
  const [taught, setTaught] = useState<TaughtUnit[] | 'failed'>();
  const [key, setKey] = useState('');
  useEffect(() => {
    unitsTaught().then(setTaught, () => setTaught('failed'));
  }, []);
  const all = Array.isArray(taught) ? taught : [];
  const chosen = all.find((t) => (key ? t.key === key : t.unitId === unitId)) ?? all[0];
  if (chosen)
    return (
      <Again
        key={chosen.key}
        of={chosen}
        all={all}
        onChoose={setKey}
        today={today}
        people={people}
        onClose={onClose}
      />
    );
  return (
    <FormDialog title="Teach again" verb="Teach it again" isDisabled onSubmit={onClose} onClose={onClose}>
      {taught === undefined ? <Quiet>Looking what was taught…</Quiet> : null}
      {taught === 'failed' ? <Caution>Hausplan did not answer. Close this and open it again.</Caution> : null}
      {all.length === 0 && Array.isArray(taught) ? (
        <Quiet>Nothing was taught yet that could be taught again.</Quiet>
      ) : null}
    </FormDialog>
  );
}

function Again({
  of,
  all,
  onChoose,
  today,
  people,
  onClose,
}: {
  of: TaughtUnit;
  all: readonly TaughtUnit[];
  onChoose: (key: string) => void;
  today: string;
  people: readonly { id: string; name: string }[];
  onClose: () => void;
}) {
  const { act } = useAct();
  const form = useForm(takingOf(of.title, today, people));
  const [asItTook, setAsItTook] = useState(true);
  const [read, setRead] = useState<AgainPreview | 'gone' | 'no answer'>();
  const preview = typeof read === 'object' ? read : undefined;
  useEffect(() => {
    let late = false;
    previewAgain({ yearId: of.yearId, unitId: of.unitId, asItTook }).then(
      (found) => !late && setRead(found ?? 'gone'),
      () => !late && setRead('no answer'),
    );
    return () => {
      late = true;
    };
  }, [of.yearId, of.unitId, asItTook]);
  return (
    <FormDialog
      title="Teach again"
      verb="Teach it again"
      wide
      isDisabled={!preview?.rows.length}
      onSubmit={() =>
        act((base) => teachAgain(base, { yearId: of.yearId, unitId: of.unitId, asItTook }, form.value), {
          faults: form.takeFaults,
          then: onClose,
        })
      }
      onClose={onClose}
    >
      <Choose
        label="Which"
        value={of.key}
        onChange={onChoose}
        choices={all.map((t) => ({ value: t.key, name: `${t.title} (${t.when})` }))}
      />
      <TakingFields form={form} people={people} />
      {preview?.factors.length ? (
        <Checkbox isSelected={asItTook} onChange={setAsItTook}>
          With the minutes things took: {preview.factors.join('; ')}
        </Checkbox>
      ) : null}
      {preview ? (
        <Quiet>
          {[
            preview.dropped ? `${count(preview.dropped, 'dropped lesson')} left out` : '',
            preview.notes ? `${count(preview.notes, 'note')} of last time where they belong` : '',
            'each child gets work on today’s rungs',
          ]
            .filter(Boolean)
            .join(' · ')}
          .
        </Quiet>
      ) : null}
      {read === undefined ? <Quiet>Looking at it…</Quiet> : null}
      {read === 'gone' ? (
        <Caution>That unit is no longer there; someone may have removed it in another window.</Caution>
      ) : null}
      {read === 'no answer' ? (
        <Caution>Hausplan did not answer. Close this and open it again.</Caution>
      ) : null}
      {preview && !preview.rows.length ? (
        <Caution>
          Every lesson of it was dropped or left out. Take a “drop” back where you looked back on it, or a
          lesson back in on Lessons.
        </Caution>
      ) : null}
      {preview?.rows.length ? <Rows rows={preview.rows} /> : null}
    </FormDialog>
  );
}
