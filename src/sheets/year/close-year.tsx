'use client';
/** Closing the year that is open: what goes on into the next one, and how that one is. */
import styled from 'styled-components';
import { dayMonth } from '@/core/calendar/dates';
import { DateField } from '@/kit/date-field';
import { Checkbox, FieldRow, NumberField } from '@/kit/field';
import { FormDialog } from '@/kit/form-dialog';
import { Caution, Heading, Quiet } from '@/kit/text';
import { yearName } from '@/core/plan/called';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { closeThisYear } from './actions';
import type { Closing } from './closing-load';

export function CloseYear({
  year,
  closing,
  today,
  onClose,
}: {
  year: { starts: string; ends: string };
  closing: Closing;
  today: string;
  onClose: () => void;
}) {
  const { act } = useAct();
  const form = useForm({
    starts: closing.starts as string | null,
    ends: closing.ends as string | null,
    units: closing.units.map((u) => u.id),
    rules: closing.rules.map((r) => r.id),
    questions: closing.questions.map((q) => q.id),
    leadMinutes: closing.leadMinutes as number | null,
    minutes: Object.fromEntries(closing.children.map((c) => [c.id, c.minutes as number | null])),
  });
  const { value, set, error } = form;
  // The questions of a unit that goes on go with it.
  const loose = closing.questions.filter((q) => !value.units.includes(q.unitId));
  const close = (): void =>
    act(
      (base) =>
        closeThisYear(base, {
          starts: value.starts,
          ends: value.ends,
          unitIds: value.units,
          ruleIds: value.rules,
          questionIds: loose.map((q) => q.id).filter((q) => value.questions.includes(q)),
          leadMinutes: value.leadMinutes,
          childMinutes: value.minutes,
        }),
      {
        faults: (faults) =>
          form.takeFaults(faults.map((f) => ({ ...f, where: f.where.replace('childMinutes', 'minutes') }))),
        then: () => {
          form.stored();
          onClose();
        },
      },
    );
  return (
    <FormDialog
      title={`Close ${yearName(year)}, and open the next year`}
      verb="Close the year"
      wide
      onSubmit={close}
      onClose={onClose}
    >
      <Quiet>
        What was taught stays in the year it was taught in: you can look at it, and it is not changed any
        more. Undo opens the year again.
      </Quiet>
      {today <= year.ends ? (
        <Caution>
          This year goes on until {dayMonth(year.ends)}. What is not done yet goes on or is left.
        </Caution>
      ) : null}
      <FieldRow>
        <DateField
          label="The next year begins"
          value={value.starts}
          onChange={(v) => set('starts', v)}
          error={error('starts')}
        />
        <DateField
          label="and ends"
          value={value.ends}
          onChange={(v) => set('ends', v)}
          error={error('ends')}
        />
      </FieldRow>
      <Choice
        title="Units that go on"
        help="Only what is not done goes on. A unit that is not ticked stays in the closed year as it is."
        items={closing.units}
        chosen={value.units}
        onChange={(ids) => set('units', ids)}
      />
      <Choice
        title="What comes back by itself"
        items={closing.rules}
        chosen={value.rules}
        onChange={(ids) => set('rules', ids)}
      />
      <Choice
        title="Open questions of units that do not go on"
        help="They wait under their unit’s name, for when it is taken up again."
        items={loose}
        chosen={value.questions}
        onChange={(ids) => set('questions', ids)}
      />
      <div>
        <Heading>Minutes a school day, from then on</Heading>
        <Minutes>
          <NumberField
            label="You can lead"
            value={value.leadMinutes}
            onChange={(v) => set('leadMinutes', v)}
            error={error('leadMinutes')}
            min={0}
            max={900}
          />
          {closing.children.map((c) => (
            <NumberField
              key={c.id}
              label={`${c.name}, then ${c.age}`}
              value={value.minutes[c.id]}
              onChange={(v) => set('minutes', { ...value.minutes, [c.id]: v })}
              error={value.minutes[c.id] === null ? error('minutes') : undefined}
              min={0}
              max={900}
            />
          ))}
        </Minutes>
      </div>
    </FormDialog>
  );
}

function Choice({
  title,
  help,
  items,
  chosen,
  onChange,
}: {
  title: string;
  help?: string;
  items: readonly { id: string; title: string; message: string }[];
  chosen: readonly string[];
  onChange: (ids: string[]) => void;
}) {
  if (!items.length) return null;
  return (
    <Group>
      <Heading as="legend">{title}</Heading>
      {help ? <Quiet>{help}</Quiet> : null}
      <Ticks>
        {items.map((item) => (
          <li key={item.id}>
            <Checkbox
              isSelected={chosen.includes(item.id)}
              onChange={(on) =>
                onChange(on ? [...chosen, item.id] : chosen.filter((other) => other !== item.id))
              }
            >
              <span>
                {item.title} <Quiet as="span">{item.message}</Quiet>
              </span>
            </Checkbox>
          </li>
        ))}
      </Ticks>
    </Group>
  );
}

const Group = styled.fieldset`
  border: 0;
  margin: 0;
  padding: 0;
  min-width: 0;
  legend {
    padding: 0;
  }
`;
const Ticks = styled.ul`
  list-style: none;
  padding: 0;
  margin: 6px 0 0;
  columns: 2 260px;
  column-gap: 24px;
  li {
    break-inside: avoid;
    padding: 2px 0;
  }
`;
const Minutes = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
  gap: 12px;
  margin-top: 8px;
`;
