'use client';
/** What is in the house and gets used up, and what kinds of work count for which subjects. */
import styled from 'styled-components';
import { readSupplies, suppliesText, supplyText } from '@/core/formats/supplies';
import { count } from '@/core/plan/called';
import { Button } from '@/kit/button';
import { FieldStack, TextField } from '@/kit/field';
import { Fold } from '@/kit/fold';
import { Quiet } from '@/kit/text';
import { kindName } from '@/core/plan/part-kinds';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { saveCountsFor, savePantry } from './actions';
import type { SetupView } from './load';
import { Ruled } from './ruled';

export function Household({ pantry, kinds }: Pick<SetupView, 'pantry' | 'kinds'>) {
  const counted = kinds.filter((k) => k.subjects.length).length;
  return (
    <section aria-labelledby="household">
      <Ruled id="household">The house and its subjects</Ruled>
      <Fold
        title="In the house"
        message={pantry.length ? count(pantry.length, 'thing') : 'what gets used up and need not be bought'}
      >
        <Pantry pantry={pantry} />
      </Fold>
      <Fold
        title="What counts for what"
        message={
          counted ? `${counted} of ${count(kinds.length, 'kind')} of work` : 'subjects by kind of work'
        }
      >
        <CountsFor kinds={kinds} />
      </Fold>
    </section>
  );
}

function Pantry({ pantry }: Pick<SetupView, 'pantry'>) {
  const { act } = useAct();
  const form = useForm({
    things: suppliesText(pantry.map((t) => ({ ...t, least: null, each: false, keepsDays: null }))).replaceAll(
      '; ',
      '\n',
    ),
  });
  const read = readSupplies(form.value.things, true);
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        act(
          (base) =>
            savePantry(
              base,
              read.map(({ name, amount, unit }) => ({ name, amount, unit })),
            ),
          { faults: form.takeFaults, then: form.stored },
        );
      }}
    >
      <FieldStack>
        <TextField
          label="One to a line"
          placeholder="alum 200 g"
          help={
            read.length
              ? `Read as: ${read.map(supplyText).join(' · ')}`
              : 'Without an amount there is always enough. What has one is counted down as lessons are done, and up as things are bought.'
          }
          rows={5}
          value={form.value.things}
          onChange={(v) => form.set('things', v)}
          error={form.error('things')}
        />
        <div>
          <Button type="submit">Keep what is in the house</Button>
        </div>
      </FieldStack>
    </form>
  );
}

function CountsFor({ kinds }: Pick<SetupView, 'kinds'>) {
  const { act } = useAct();
  const form = useForm(Object.fromEntries(kinds.map((k) => [k.kind, k.subjects.join(', ')])));
  const subjects = (text: string): string[] => [
    ...new Set(
      text
        .split(',')
        .map((s) => s.trim())
        .filter(Boolean),
    ),
  ];
  if (!kinds.length) return <Quiet>There is no work in the plan yet.</Quiet>;
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        act(
          (base) =>
            saveCountsFor(
              base,
              Object.fromEntries(Object.entries(form.value).map(([kind, text]) => [kind, subjects(text)])),
            ),
          { faults: form.takeFaults, then: form.stored },
        );
      }}
    >
      <FieldStack>
        <Quiet>In your own words, commas between. A unit can count for subjects of its own as well.</Quiet>
        <Grid>
          {kinds.map(({ kind }) => (
            <TextField
              key={kind}
              label={kindName(kind)}
              placeholder="none"
              value={form.value[kind] ?? ''}
              onChange={(v) => form.set(kind, v)}
              error={form.error(kind)}
            />
          ))}
        </Grid>
        <div>
          <Button type="submit">Keep what counts for what</Button>
        </div>
      </FieldStack>
    </form>
  );
}

const Grid = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 10px 16px;
`;
