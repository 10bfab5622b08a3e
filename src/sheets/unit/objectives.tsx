'use client';
/** Objectives: typed, pasted or from a table; each tied to the lessons that meet it, and those that none meets stand out. */
import { FormDialog } from '@/kit/form-dialog';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import styled from 'styled-components';
import type { Objective, Unit } from '@/core/plan/unit';
import { Button, PlainButton } from '@/kit/button';
import { Checkbox, FieldRow, FieldStack, TextField } from '@/kit/field';
import { Column, Heading, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { changeObjective, dropObjective, tie } from './actions';
import type { UnitView } from './load';

/** Loaded when it is first opened. */
const AddObjectives = dynamic(() => import('./add-objectives').then((m) => m.AddObjectives), { ssr: false });

export function Objectives({ view, unit }: { view: UnitView; unit: Unit }) {
  const [adding, setAdding] = useState(false);
  const [changing, setChanging] = useState<Objective>();
  const metBy = (o: Objective): UnitView['lessons'] =>
    view.lessons.filter((l) => l.objectiveIds.includes(o.id));
  const met = view.objectives.filter((o) => metBy(o).length).length;
  return (
    <Column aria-label="Objectives">
      <header>
        <Heading>Objectives</Heading>
        <Quiet as="span">{view.objectives.length ? `${met} of ${view.objectives.length} met` : ''}</Quiet>
      </header>
      {view.objectives.length ? null : (
        <Quiet>What they should know or be able to do; from your own head or from a list of standards.</Quiet>
      )}
      <List>
        {view.objectives.map((o) => (
          <li key={o.id} data-unmet={!metBy(o).length || undefined}>
            <div>
              {o.code ? <b>{o.code} </b> : null}
              {o.wording}
            </div>
            <PlainButton
              aria-label={`Change objective ${o.code || o.wording}`}
              onPress={() => setChanging(o)}
            >
              {metBy(o).length
                ? `lessons ${metBy(o)
                    .map((l) => l.number)
                    .join(', ')}`
                : 'no lesson meets it yet'}
            </PlainButton>
          </li>
        ))}
      </List>
      <div>
        <Button onPress={() => setAdding(true)}>Add objectives</Button>
      </div>
      {adding ? <AddObjectives unitId={unit.id} onClose={() => setAdding(false)} /> : null}
      {changing ? (
        <ObjectiveForm
          key={changing.id}
          objective={changing}
          view={view}
          onClose={() => setChanging(undefined)}
        />
      ) : null}
    </Column>
  );
}

function ObjectiveForm({
  objective,
  view,
  onClose,
}: {
  objective: Objective;
  view: UnitView;
  onClose: () => void;
}) {
  const { act } = useAct();
  const form = useForm({
    code: objective.code,
    wording: objective.wording,
    lessonIds: view.lessons.filter((l) => l.objectiveIds.includes(objective.id)).map((l) => l.id),
  });
  const { value, set, error } = form;
  const save = (): void => {
    const { lessonIds, ...words } = value;
    if (words.code !== objective.code || words.wording !== objective.wording)
      act((base) => changeObjective(base, { id: objective.id, ...words }), { faults: form.takeFaults });
    act((base) => tie(base, { objectiveId: objective.id, lessonIds }), { then: onClose });
  };
  return (
    <FormDialog
      title="An objective"
      verb="Keep"
      more={
        <>
          <Button onPress={() => act((base) => dropObjective(base, objective.id), { then: onClose })}>
            Drop it
          </Button>
        </>
      }
      onSubmit={save}
      onClose={onClose}
    >
      <FieldStack>
        <FieldRow>
          <TextField label="Code" value={value.code} onChange={(v) => set('code', v)} error={error('code')} />
        </FieldRow>
        <TextField
          label="Wording"
          rows={2}
          value={value.wording}
          onChange={(v) => set('wording', v)}
          error={error('wording')}
        />
        <Lessons>
          <legend>Met by</legend>
          {view.lessons.length ? null : <Quiet>There are no lessons yet.</Quiet>}
          {view.lessons.map((l) => (
            <Checkbox
              key={l.id}
              isSelected={value.lessonIds.includes(l.id)}
              onChange={(on) =>
                set('lessonIds', on ? [...value.lessonIds, l.id] : value.lessonIds.filter((x) => x !== l.id))
              }
            >
              {l.number} {l.title}
            </Checkbox>
          ))}
        </Lessons>
      </FieldStack>
    </FormDialog>
  );
}

const List = styled.ul`
  margin-bottom: 10px;
  li {
    padding: 6px 0;
    border-bottom: 1px solid ${colour.rule};
    font-size: 13.5px;
    overflow-wrap: anywhere;
  }
  li[data-unmet] {
    border-left: 3px solid ${colour.red};
    padding-left: 8px;
  }
  li[data-unmet] button {
    color: ${colour.red};
    font-weight: 600;
  }
`;
const Lessons = styled.fieldset`
  border: 0;
  padding: 0;
  display: grid;
  gap: 2px;
  max-height: 260px;
  overflow: auto;
  legend {
    font-size: 13px;
    font-weight: 600;
  }
`;
