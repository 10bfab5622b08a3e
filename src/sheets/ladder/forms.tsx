'use client';
/** What is asked about one child's work: other words, something else instead, another way of showing, something added. */
import { Choose } from '@/kit/choose';
import { FormDialog } from '@/kit/form-dialog';
import { type Prompt } from '@/core/ladder/prompts';
import { useState } from 'react';
import { RUNGS } from '@/core/plan/rungs';

import { SHOWS, SWAP_KINDS } from '@/core/plan/words';
import styled from 'styled-components';
import { PlainButton } from '@/kit/button';
import { FieldRow, NumberField, TextField } from '@/kit/field';
import { Heading, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { KINDS } from '@/core/plan/part-kinds';
import { LEAD_CHOICES } from '../frame/part-words';
import { addForOne, reword, setShow, swapFor } from './actions';
import type { LadderRow, LadderView, Standing } from './load';

interface OfChild {
  row: LadderRow;
  standing: Standing;
  onClose: () => void;
}

export function WordForm({ row, standing: { child, assignment }, onClose }: OfChild) {
  const { act } = useAct();
  const form = useForm({ wording: assignment.wording, minutes: assignment.minutes as number | null });
  const save = (): void =>
    act((base) => reword(base, { partId: row.partId, childId: child.id, ...form.value }), {
      faults: form.takeFaults,
      then: onClose,
    });
  return (
    <FormDialog title={`${row.title}, for ${child.name}`} onClose={onClose} verb="Keep" onSubmit={save}>
      <TextField
        label="What to do"
        rows={3}
        autoFocus
        value={form.value.wording}
        onChange={(v) => form.set('wording', v)}
        error={form.error('wording')}
      />
      <NumberField
        label="Minutes"
        value={form.value.minutes}
        onChange={(v) => form.set('minutes', v)}
        min={1}
        max={720}
        error={form.error('minutes') && 'Say how many minutes.'}
      />
      <Quiet>What you word by hand stays when the work is given out again.</Quiet>
    </FormDialog>
  );
}

export function SwapForm({ row, standing: { child }, onClose }: OfChild) {
  const { act } = useAct();
  const choices = SWAP_KINDS.filter((k) => k !== row.kind).map((value) => ({
    value,
    name: KINDS.find((k) => k.value === value)!.name,
  }));
  const form = useForm({ kind: choices[0].value, why: '' });
  const save = (): void =>
    act((base) => swapFor(base, { partId: row.partId, childId: child.id, ...form.value }), {
      faults: form.takeFaults,
      then: onClose,
    });
  return (
    <FormDialog
      title={`Instead of “${row.title}”, for ${child.name}`}
      onClose={onClose}
      verb="Swap it"
      onSubmit={save}
    >
      <Choose
        label="Something else"
        value={form.value.kind}
        onChange={(v) => form.set('kind', v)}
        choices={choices}
        error={form.error('kind')}
        help={`${child.name} gets it on their own rung, from the same lesson.`}
      />
      <TextField
        label="Why"
        autoFocus
        value={form.value.why}
        onChange={(v) => form.set('why', v)}
        error={form.error('why')}
        help="It stands beside the work, so that you know it next month."
      />
      <button type="submit" hidden />
    </FormDialog>
  );
}

const WAYS: Record<(typeof SHOWS)[number], string> = {
  'tell back': 'tells it back',
  'notebook page': 'makes a notebook page',
  'folded booklet': 'folds a booklet',
  checklist: 'ticks a checklist',
  quiz: 'answers a quiz',
  talk: 'gives a talk',
  nothing: 'need not show anything',
};

export function ShowForm({
  unitId,
  shows,
  child,
  onClose,
}: {
  unitId: string;
  shows: LadderView['children'][number]['shows'];
  child: Standing['child'];
  onClose: () => void;
}) {
  const { act } = useAct();
  const form = useForm({ show: shows });
  const save = (): void =>
    act((base) => setShow(base, { unitId, childId: child.id, ...form.value }), {
      faults: form.takeFaults,
      then: onClose,
    });
  return (
    <FormDialog
      title={`How ${child.name} shows what they know`}
      onClose={onClose}
      verb="Keep"
      onSubmit={save}
    >
      <Choose
        label={`${child.name}, in this unit`}
        value={form.value.show}
        onChange={(v) => form.set('show', v)}
        choices={SHOWS.map((value) => ({ value, name: WAYS[value] }))}
      />
      <Quiet>It takes the place of telling back from now on. What is done already stays what it was.</Quiet>
    </FormDialog>
  );
}

const FROM: Record<Prompt['from'], string> = {
  brainstorm: 'from the brainstorm',
  question: 'a question that is open',
  topic: 'a topic of the lesson',
};

/**
 * An extension, or the lesson brought down: prompts a rung up, on the child's own and a rung down, or words of the
 * parent's own.
 */
export function AddForm({
  lessonId,
  view,
  childId,
  onClose,
}: {
  lessonId: string;
  view: LadderView;
  childId: string;
  onClose: () => void;
}) {
  const { act } = useAct();
  const [who, setWho] = useState(childId);
  const child = view.children.find((c) => c.id === who) ?? view.children[0];
  const form = useForm({
    title: '',
    minutes: 15 as number | null,
    lead: 'not-needed' as (typeof LEAD_CHOICES)[number]['value'],
  });
  const take = (p: Prompt): void => {
    form.set('title', p.text);
    form.set('minutes', p.minutes);
    form.set('lead', p.needsYou ? 'near' : 'not-needed');
  };
  const save = (): void =>
    act((base) => addForOne(base, { lessonId, childId: child.id, ...form.value }), {
      faults: form.takeFaults,
      then: onClose,
    });
  const reach: [number, string][] = [
    [child.rung + 1, 'Reaching up'],
    [child.rung, 'On their own rung'],
    [child.rung - 1, 'Brought down'],
  ];
  return (
    <FormDialog
      title="Something for one child"
      wide
      onClose={onClose}
      verb={`Add it for ${child.name}`}
      onSubmit={save}
    >
      <FieldRow>
        <Choose
          label="For"
          value={child.id}
          onChange={setWho}
          choices={view.children.map((c) => ({ value: c.id, name: c.name }))}
        />
        <NumberField
          label="Minutes"
          value={form.value.minutes}
          onChange={(v) => form.set('minutes', v)}
          min={1}
          max={240}
          error={form.error('minutes') && 'Say how many minutes.'}
        />
        <Choose
          label="You"
          value={form.value.lead}
          onChange={(v) => form.set('lead', v)}
          choices={LEAD_CHOICES}
        />
      </FieldRow>
      <TextField
        label="What to do"
        rows={2}
        value={form.value.title}
        onChange={(v) => form.set('title', v)}
        error={form.error('title')}
        help="Choose one below, change its words, or write your own. It may be left out when days run short."
      />
      {reach
        .filter(([rung]) => child.prompts[rung]?.length)
        .map(([rung, message]) => (
          <section key={rung} aria-label={message}>
            <Heading>
              {message}{' '}
              <Quiet as="span">
                rung {rung}, {RUNGS[rung - 1].name}
              </Quiet>
            </Heading>
            <Prompts>
              {child.prompts[rung].map((p) => (
                <li key={p.text}>
                  <PlainButton onPress={() => take(p)}>{p.text}</PlainButton>{' '}
                  <Quiet as="span">
                    {p.minutes} min, {FROM[p.from]}
                  </Quiet>
                </li>
              ))}
            </Prompts>
          </section>
        ))}
    </FormDialog>
  );
}

const Prompts = styled.ul`
  display: grid;
  gap: 4px;
  li {
    border-bottom: 1px solid ${colour.rule};
    padding: 2px 0 4px;
  }
`;
