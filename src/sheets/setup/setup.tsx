'use client';
import { allergiesIn, isKnownAllergy } from '@/core/cautions/allergens';

import styled from 'styled-components';
import { Button } from '@/kit/button';
import { FieldRow, FieldStack, NumberField, TextField } from '@/kit/field';
import { Link } from '@/kit/link';
import { Quiet } from '@/kit/text';
import { colour, middling } from '@/kit/tokens';
import { Frame } from '../frame/frame';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { saveFamily } from './actions';
import { Handwriting } from './handwriting';
import { Ruled } from './ruled';
import { Adults } from './adults';
import { Children } from './children';
import { DrawnOnChoice } from './drawn-on';
import { Happened } from './happened';
import { Household } from './household';
import type { SetupView } from './load';
import { Network } from './network';
import { Rungs } from './rungs';
import { SafeKeeping } from './safe-keeping';
import { TakeAlong } from './take-along';
import { Where } from './where';

export function SetupSheet(view: SetupView) {
  return (
    <Frame
      info={view.info}
      sheet={0}
      title={view.family ? view.family.name : 'Your family'}
      subtitle={
        view.family
          ? `${view.children.length} ${view.children.length === 1 ? 'child' : 'children'} at the table`
          : 'Begin here: who is at the table?'
      }
      figures={[
        { name: 'Children', value: String(view.children.length) },
        ...(view.family ? [{ name: 'You can lead', value: `${view.family.leadMinutes} min a day` }] : []),
      ]}
    >
      <Columns>
        <Stack>
          <FamilyForm family={view.family} />
          <Children rows={view.children} />
          {view.family ? (
            <Where
              lives={view.family.lives}
              country={view.country}
              countries={view.countries}
              regions={view.regions}
            />
          ) : null}
          {view.family ? <Handwriting hands={view.family.hands} /> : null}
          {view.family ? <Adults rows={view.adults} /> : null}
          {view.family ? <Household pantry={view.pantry} kinds={view.kinds} /> : null}
          {view.children.length ? <Rungs rows={view.children} suggested={view.suggested} /> : null}
          {view.family ? <Happened happened={view.happened} info={view.info} /> : null}
        </Stack>
        <Stack as="aside">
          {view.steps.some((s) => !s.done) ? <FirstSteps steps={view.steps} /> : null}
          <TakeAlong hasPlan={!!view.family} info={view.info} />
          <SafeKeeping keeping={view.keeping} />
          <DrawnOnChoice drawnOn={view.drawnOn} />
          <Network network={view.network} />
        </Stack>
      </Columns>
    </Frame>
  );
}

function FirstSteps({ steps }: { steps: SetupView['steps'] }) {
  const next = steps.find((s) => !s.done);
  return (
    <section aria-labelledby="first-steps">
      <Ruled id="first-steps">From nothing to a week you can teach</Ruled>
      <Steps>
        {steps.map((s) => (
          <li key={s.name}>
            <span aria-hidden="true">
              {s.done ? '✓' : null}
              {!s.done && s === next ? '→' : null}
              {!s.done && !(s === next) ? '·' : null}
            </span>
            <span>
              {s.done ? <s>{s.name}</s> : <Link href={s.href}>{s.name}</Link>}
              {s === next ? <Quiet>{s.what}</Quiet> : null}
            </span>
          </li>
        ))}
      </Steps>
    </section>
  );
}

function FamilyForm({ family }: { family: SetupView['family'] }) {
  const { act } = useAct();
  const form = useForm({
    name: family?.name ?? '',
    leadMinutes: family?.leadMinutes ?? (150 as number | null),
    allergies: family?.allergies.join(', ') ?? '',
  });
  const allergies = allergiesIn(form.value.allergies);
  const unknown = allergies.filter((a) => !isKnownAllergy(a));
  return (
    <section aria-labelledby="family">
      <Ruled id="family">The family</Ruled>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          act(
            (base) =>
              saveFamily(base, {
                ...form.value,
                allergies,
              }),
            { faults: form.takeFaults, then: form.stored },
          );
        }}
      >
        <FieldStack>
          <FieldRow>
            <TextField
              label="What do you call your school or family?"
              value={form.value.name}
              onChange={(v) => form.set('name', v)}
              error={form.error('name')}
            />
            <NumberField
              label="Minutes a day you can lead"
              help="Reading aloud, demonstrating, listening one to one."
              value={form.value.leadMinutes}
              onChange={(v) => form.set('leadMinutes', v)}
              min={0}
              max={720}
              error={form.error('leadMinutes') && 'Say how many minutes.'}
            />
          </FieldRow>
          <TextField
            label="Allergies in the house"
            placeholder="hazelnut, milk"
            help={`Activities that meet one of them say so.${unknown.length ? ` Looked for only under this word: ${unknown.join(', ')}.` : ''}`}
            value={form.value.allergies}
            onChange={(v) => form.set('allergies', v)}
            error={form.error('allergies')}
          />
          <div>
            <Button type="submit" $primary={!family}>
              {family ? 'Keep these' : 'Begin'}
            </Button>
          </div>
        </FieldStack>
      </form>
    </section>
  );
}

const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 300px;
  gap: 36px;
  ${middling} {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Stack = styled.div`
  display: flex;
  flex-direction: column;
  gap: 30px;
  min-width: 0;
`;
const Steps = styled.ol`
  display: grid;
  gap: 8px;
  li {
    display: grid;
    grid-template-columns: 18px 1fr;
  }
  s {
    color: ${colour.graphite};
  }
`;
