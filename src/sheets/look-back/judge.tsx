'use client';
/** What becomes of a lesson, an activity or a book another time: kept, changed, dropped, in one press; with a note. */
import { useState } from 'react';
import { ToggleButton } from 'react-aria-components/ToggleButton';
import styled from 'styled-components';
import { JUDGED } from '@/core/plan/words';
import { PlainButton } from '@/kit/button';
import { TextField } from '@/kit/field';
import { FormDialog } from '@/kit/form-dialog';
import { Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { useDrawnAtOnce } from '../frame/use-drawn-at-once';
import { useForm } from '../frame/use-form';
import { judge } from './actions';
import type { Judgeable } from './load';

const CHANGE = JUDGED.indexOf('change') + 1;

export function Judge({ one, today, strong }: { one: Judgeable; today: string; strong?: boolean }) {
  const { act } = useAct();
  const [grade, draw] = useDrawnAtOnce(one.grade);
  const [isNoting, setNoting] = useState(false);
  const press = (next: number): void => {
    const to = grade === next ? null : next;
    const back = draw(to);
    act((base) => judge(base, { of: one.of, grade: to, note: one.note, date: today }), { failed: back });
    if (to === CHANGE) setNoting(true);
  };
  return (
    <Row>
      <div>
        {strong ? <b>{one.title}</b> : one.title}
        <Quiet>
          {one.detail}
          {one.note ? `${one.detail ? ' · ' : ''}“${one.note}”` : ''}
        </Quiet>
      </div>
      <Three role="group" aria-label={`Another time: ${one.title}`}>
        {[...JUDGED].reverse().map((name) => {
          const value = JUDGED.indexOf(name) + 1;
          return (
            <Toggle
              key={name}
              isSelected={grade === value}
              onChange={() => press(value)}
              aria-label={`${name}: ${one.title}`}
            >
              {name}
            </Toggle>
          );
        })}
        {grade ? (
          <PlainButton aria-label={`Note on ${one.title}`} onPress={() => setNoting(true)}>
            note…
          </PlainButton>
        ) : null}
      </Three>
      {isNoting && grade ? (
        <Note one={one} grade={grade} today={today} onClose={() => setNoting(false)} />
      ) : null}
    </Row>
  );
}

function Note({
  one,
  grade,
  today,
  onClose,
}: {
  one: Judgeable;
  grade: number;
  today: string;
  onClose: () => void;
}) {
  const { act } = useAct();
  const form = useForm({ note: one.note });
  return (
    <FormDialog
      title={one.title}
      verb="Keep the note"
      onSubmit={() =>
        act((base) => judge(base, { of: one.of, grade, note: form.value.note, date: today }), {
          faults: form.takeFaults,
          then: onClose,
        })
      }
      onClose={onClose}
    >
      <TextField
        label="For another time"
        placeholder="two pots, and start before lunch"
        value={form.value.note}
        onChange={(v) => form.set('note', v)}
        error={form.error('note')}
        autoFocus
      />
      <Quiet>It stands where it belongs when the unit is taught again.</Quiet>
    </FormDialog>
  );
}

const Row = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 4px 12px;
  align-items: center;
  padding: 5px 0;
  border-bottom: 1px solid ${colour.rule};
  font-size: 14px;
  overflow-wrap: anywhere;
`;
const Three = styled.div`
  display: flex;
  align-items: center;
  gap: 4px;
`;
const Toggle = styled(ToggleButton)`
  font: inherit;
  font-size: 13px;
  min-height: 28px;
  padding: 2px 9px;
  border: 1.3px solid ${colour.rule};
  background: none;
  color: ${colour.graphite};
  cursor: pointer;
  &[data-selected] {
    background: ${colour.ink};
    border-color: ${colour.ink};
    color: ${colour.sheet};
    font-weight: 700;
  }
`;
