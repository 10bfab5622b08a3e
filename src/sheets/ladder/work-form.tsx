'use client';
/** The five versions of a kind of work as the family wants them; and a kind of its own. */
import { Choose } from '@/kit/choose';
import { FormDialog } from '@/kit/form-dialog';
import styled from 'styled-components';
import { RUNGS } from '@/core/plan/rungs';
import type { Skill } from '@/core/plan/measures';
import { keyOf, SKILLS, type LadderKind } from '@/core/plan/words';
import type { Work, WorkVersion } from '@/core/plan/work';
import { Button } from '@/kit/button';
import { FieldRow, NumberField, TextField } from '@/kit/field';
import { Heading, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { dropWork, saveWork } from './actions';

const BLANK: WorkVersion = {
  wording: '',
  amount: null,
  minutes: null,
  parentMinutes: null,
  produces: null,
  supplies: null,
};

export interface WorkAsked {
  kind: LadderKind;
  title: string;
  /** What the ladder says on each rung, from this lesson; empty for a new kind. */
  ours: string[];
  counts?: string;
  work?: Work;
}

export function WorkForm({ kind, title, ours, counts, work, onClose }: WorkAsked & { onClose: () => void }) {
  const { act } = useAct();
  const own = kind === 'own-kind';
  const form = useForm({
    title: work?.title ?? title,
    skill: work?.skill ?? ('hands' as Skill),
    ...Object.fromEntries(RUNGS.map(({ rung }) => [rung, { ...BLANK, ...work?.versions[keyOf(rung)] }])),
  } as { title: string; skill: Skill } & Record<number, WorkVersion>);
  const change = (rung: number, to: Partial<WorkVersion>): void =>
    form.set(rung, { ...form.value[rung], ...to });
  const save = (): void =>
    act(
      (base) =>
        saveWork(base, work?.id ?? null, {
          kind,
          title: form.value.title,
          skill: form.value.skill,
          versions: Object.fromEntries(RUNGS.map(({ rung }) => [keyOf(rung), form.value[rung]])),
        }),
      { then: onClose },
    );
  const ownTitle = work ? `Our own kind: ${work.title}` : 'A kind of work of our own';
  return (
    <FormDialog
      title={own ? ownTitle : `${title}: five versions`}
      wide
      verb="Keep"
      more={
        <>
          {work ? (
            <Button onPress={() => act((base) => dropWork(base, work.id), { then: onClose })}>
              {own ? 'Do away with it' : 'Take all changes back'}
            </Button>
          ) : null}
        </>
      }
      onSubmit={save}
      onClose={onClose}
    >
      {own ? (
        <FieldRow>
          <TextField
            label="What it is called"
            autoFocus
            value={form.value.title}
            onChange={(v) => form.set('title', v)}
          />
          <Choose
            label="Children stand in it by their"
            value={form.value.skill}
            onChange={(v) => form.set('skill', v)}
            choices={SKILLS.map((s) => ({ value: s, name: s }))}
          />
        </FieldRow>
      ) : (
        <Quiet>
          What you leave empty is as Hausplan works it out. Your words take the place of ours; the words,
          lines or pages of the lesson follow them.
        </Quiet>
      )}
      {RUNGS.map(({ rung, name }) => {
        const v = form.value[rung];
        return (
          <Version key={rung} aria-label={`Rung ${rung}, ${name}`}>
            <Heading>
              {rung} {name}
            </Heading>
            <TextField
              label={`What to do, rung ${rung}`}
              value={v.wording}
              onChange={(x) => change(rung, { wording: x })}
              help={own ? undefined : `Now: ${ours[rung - 1]}`}
            />
            <FieldRow>
              {counts ? (
                <NumberField
                  label={`How many ${counts}`}
                  value={v.amount}
                  onChange={(x) => change(rung, { amount: x })}
                  min={1}
                  max={500}
                />
              ) : null}
              <NumberField
                label="Minutes"
                value={v.minutes}
                onChange={(x) => change(rung, { minutes: x })}
                min={0}
                max={720}
              />
              <NumberField
                label="With you"
                value={v.parentMinutes}
                onChange={(x) => change(rung, { parentMinutes: x })}
                min={0}
                max={720}
              />
              <TextField
                label="Makes"
                value={v.produces ?? ''}
                onChange={(x) => change(rung, { produces: x || null })}
              />
              <TextField
                label="Takes"
                value={v.supplies ?? ''}
                onChange={(x) => change(rung, { supplies: x || null })}
              />
            </FieldRow>
          </Version>
        );
      })}
      <button type="submit" hidden />
    </FormDialog>
  );
}

const Version = styled.section`
  display: grid;
  gap: 8px;
  border-top: 1px solid ${colour.rule};
  padding-top: 10px;
`;
