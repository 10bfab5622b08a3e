'use client';
/** The frame of a unit, its goals and words, and how it goes about things. */
import { Choose } from '@/kit/choose';
import { FormDialog } from '@/kit/form-dialog';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import { Button, PlainButton } from '@/kit/button';
import { DateField } from '@/kit/date-field';
import { FieldRow, FieldStack, NumberField, TextField, Two } from '@/kit/field';
import { ChildName } from '@/kit/hatch';
import { Quiet } from '@/kit/text';
import { Ticks } from '@/kit/ticks';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { dropUnit, saveUnit } from './actions';
import { fieldsOf, FRAMES, KINDS, unitFrom } from './unit-fields';
import { UnitFolds } from './unit-folds';
import type { UnitView } from './load';

export function UnitForm({ view: { unit, children, others: otherUnits, firstDay } }: { view: UnitView }) {
  const { act } = useAct();
  const router = useRouter();
  const [removing, setRemoving] = useState(false);
  const form = useForm(fieldsOf({ unit, children, firstDay }));
  const { value, set, error } = form;
  const others = children.filter((c) => !value.childIds.includes(c.id));
  const save = (): void => {
    act((base) => saveUnit(base, unit?.id ?? null, unitFrom(value)), {
      faults: form.takeFaults,
      then: () => {
        form.stored();
        if (!unit) router.push('/lessons?unit=newest');
      },
    });
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        save();
      }}
    >
      <FieldStack>
        <TextField
          label="Topic"
          placeholder="What is it about?"
          value={value.title}
          onChange={(v) => set('title', v)}
          error={error('title')}
        />
        <FieldRow>
          <DateField
            label="Starts"
            value={value.starts}
            onChange={(v) => set('starts', v)}
            error={error('starts')}
          />
          <Choose label="It has" value={value.frame} onChange={(v) => set('frame', v)} choices={FRAMES} />
          {value.frame === 'end' || value.frame === 'both' ? (
            <DateField
              label="Wished end"
              value={value.wishedEnd}
              onChange={(v) => set('wishedEnd', v)}
              error={error('wishedEnd')}
            />
          ) : null}
          {value.frame === 'pace' || value.frame === 'both' ? (
            <NumberField
              label="Lessons a week"
              value={value.lessonsPerWeek}
              onChange={(v) => set('lessonsPerWeek', v)}
              min={1}
              max={35}
              error={error('lessonsPerWeek')}
            />
          ) : null}
          {value.frame === 'pace' || value.frame === 'both' ? (
            <NumberField
              label="Up to, where need be"
              help="Two to five a week: where the end asks for it."
              value={value.mostPerWeek}
              onChange={(v) => set('mostPerWeek', v)}
              min={1}
              max={35}
              error={error('mostPerWeek')}
            />
          ) : null}
          <NumberField
            label="Hoped weeks"
            help="Until there are lessons to count."
            value={value.hopedWeeks}
            onChange={(v) => set('hopedWeeks', v)}
            min={1}
            max={60}
            error={error('hopedWeeks')}
          />
        </FieldRow>
        <Ticks
          label="Children in it"
          all={children.map((c) => ({
            value: c.id,
            name: <ChildName name={c.name} hatch={c.hatch} strong={false} />,
          }))}
          value={value.childIds}
          onChange={(v) => set('childIds', v)}
        />
        {others.length ? (
          <Ticks
            label="Only listens in: takes part in what is together, with no work of their own"
            all={others.map((c) => ({ value: c.id, name: `${c.name} listens in` }))}
            value={value.listens}
            onChange={(v) => set('listens', v)}
          />
        ) : null}
        <Ticks
          label="A new lesson begins with"
          all={KINDS.map((k) => ({ value: k.kind, name: k.name }))}
          value={value.startKinds}
          onChange={(v) => set('startKinds', v)}
        />
        <Two>
          <TextField
            label="Goals"
            help="What it is for, in your words."
            rows={3}
            value={value.goals}
            onChange={(v) => set('goals', v)}
            error={error('goals')}
          />
          <TextField
            label="Big ideas"
            help="One to a line; they open each week and come back at the end."
            rows={3}
            value={value.bigIdeas}
            onChange={(v) => set('bigIdeas', v)}
            error={error('bigIdeas')}
          />
        </Two>
        <UnitFolds form={form} people={children} others={otherUnits} isNew={!unit} />
        <Buttons>
          <Button type="submit" $primary>
            {unit ? 'Keep the unit' : 'Begin the unit'}
          </Button>
          {unit ? (
            <PlainButton onPress={() => setRemoving(true)}>Take this unit off the plan</PlainButton>
          ) : null}
        </Buttons>
      </FieldStack>
      <FormDialog
        title="Take this unit off the plan?"
        urgent
        isOpen={removing}
        verb="Take it off"
        onSubmit={() => act((base) => dropUnit(base, unit!.id), { then: () => router.push('/unit') })}
        onClose={() => setRemoving(false)}
      >
        <p>Its lessons, their days and marks go with it. Books stay on the shelf. Undo brings it back.</p>
        <Quiet>{unit?.title}</Quiet>
      </FormDialog>
    </form>
  );
}

const Buttons = styled.div`
  display: flex;
  gap: 18px;
  align-items: center;
  margin-top: 6px;
  flex-wrap: wrap;
`;
