'use client';
/** A question asked along the way, written down or answered without leaving the day. */
import { Choose } from '@/kit/choose';
import { TextField } from '@/kit/field';
import { FormDialog } from '@/kit/form-dialog';
import { Quiet } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { answer, ask } from './actions';
import type { TodayView } from './load';

const NOBODY = 'nobody';

export function AskQuestion({ view, onClose }: { view: TodayView; onClose: () => void }) {
  const { act } = useAct();
  const form = useForm({ text: '', who: NOBODY as string, unitId: view.units[0].id });
  const { text, who, unitId } = form.value;
  const save = (): void =>
    act((base) => ask(base, { unitId, childId: who === NOBODY ? null : who, text }), {
      faults: form.takeFaults,
      then: onClose,
    });
  return (
    <FormDialog title="A question" verb="Write it down" onSubmit={save} onClose={onClose}>
      <TextField
        label="What was asked"
        value={text}
        onChange={(v) => form.set('text', v)}
        error={form.error('text')}
      />
      <Choose
        label="Who asked"
        value={who}
        onChange={(v) => form.set('who', v)}
        choices={[
          { value: NOBODY, name: 'nobody in particular' },
          ...view.children.map((c) => ({ value: c.id, name: c.name })),
        ]}
      />
      {view.units.length > 1 ? (
        <Choose
          label="It belongs to"
          value={unitId}
          onChange={(v) => form.set('unitId', v)}
          choices={view.units.map((u) => ({ value: u.id, name: u.title }))}
        />
      ) : null}
    </FormDialog>
  );
}

export function AnswerQuestion({
  question,
  onClose,
}: {
  question: TodayView['questions'][number];
  onClose: () => void;
}) {
  const { act } = useAct();
  const form = useForm({ answer: '' });
  const save = (): void =>
    act((base) => answer(base, question.id, { answer: form.value.answer }), {
      faults: form.takeFaults,
      then: onClose,
    });
  return (
    <FormDialog
      title={question.text}
      verb="Keep the answer"
      isDisabled={!form.value.answer.trim()}
      onSubmit={save}
      onClose={onClose}
    >
      {question.who ? <Quiet>Asked by {question.who}.</Quiet> : null}
      <TextField
        label="The answer"
        value={form.value.answer}
        onChange={(v) => form.set('answer', v)}
        error={form.error('answer')}
      />
    </FormDialog>
  );
}
