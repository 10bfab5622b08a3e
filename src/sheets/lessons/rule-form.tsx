'use client';
/** What comes back by itself: when, for whom, how long, and how its pieces are called. */
import { Choose } from '@/kit/choose';
import { FormDialog } from '@/kit/form-dialog';
import { useState } from 'react';
import { weekdayName } from '@/core/calendar/dates';
import { readSupplies, supplyText } from '@/core/formats/supplies';
import type { Rule } from '@/core/plan/lesson';
import { DateField } from '@/kit/date-field';
import { Checkbox, FieldRow, NumberField, TextField } from '@/kit/field';
import { Quiet } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { saveRule } from './actions';
import { WhoTakesPart } from './who';
import type { LessonsView } from './load';
import { KINDS } from '@/core/plan/part-kinds';
import { LEAD_CHOICES, leaderFrom, leadersOrEither, YOU, WINDOW_CHOICES } from '../frame/part-words';
import { type Start, USUAL, fieldsOf, rhythmFrom } from './rule-fields';

export function RuleForm({
  view,
  rule,
  start,
  onClose,
}: {
  view: LessonsView;
  rule?: Rule;
  start?: Start;
  onClose: () => void;
}) {
  const { act } = useAct();
  const first: Start = rule ?? start ?? {};
  const form = useForm({ ...fieldsOf(first), ofFamily: rule ? rule.unitId === null : false });
  const [usual, setUsual] = useState('own');
  const { value, set, error } = form;
  const people = value.ofFamily ? view.everyone : view.children;
  const rhythm = rhythmFrom(value);
  const save = (): void => {
    const { title, kind, lead, leader, childIds, supplies, piece, amount, amountTo, amountOf, last } = value;
    act(
      (base) =>
        saveRule(base, rule?.id ?? null, {
          title,
          kind,
          lead,
          ...leaderFrom(leader),
          childIds,
          supplies: readSupplies(supplies),
          piece,
          amount,
          amountTo,
          amountOf,
          first: value.first,
          last,
          minutes: value.minutes ?? 0,
          window: value.window === 'any' ? null : value.window,
          unitId: value.ofFamily ? null : view.unit!.id,
          rhythm,
          assembly:
            value.assembled && value.on === 'lesson'
              ? { title: value.assemblyTitle, minutes: value.assemblyMinutes ?? 30 }
              : null,
        }),
      {
        faults: (found) =>
          form.takeFaults(
            found.map((f) => ({
              ...f,
              where: { rhythm: 'on', assembly: 'assemblyTitle' }[f.where.split('.')[0]] ?? f.where,
            })),
          ),
        then: onClose,
      },
    );
  };
  return (
    <FormDialog
      title={rule ? `Change “${rule.title}”` : 'What comes back by itself'}
      wide
      verb={rule ? 'Keep' : 'Add'}
      onSubmit={save}
      onClose={onClose}
    >
      {rule || start ? null : (
        <Choose
          label="Begin with"
          value={usual}
          choices={[
            { value: 'own', name: 'something of your own' },
            ...USUAL.map((u) => ({ value: u.name, name: u.name })),
          ]}
          onChange={(name) => {
            setUsual(name);
            const chosen = USUAL.find((u) => u.name === name);
            if (chosen)
              for (const [key, v] of Object.entries({
                ...fieldsOf(chosen.rule),
                ofFamily: chosen.of === 'family',
              }))
                set(key as keyof typeof value, v as never);
          }}
        />
      )}
      <FieldRow>
        <TextField
          label="What"
          value={value.title}
          onChange={(v) => set('title', v)}
          error={error('title')}
        />
        <Choose
          label="Kind"
          value={value.kind}
          onChange={(v) => set('kind', v)}
          choices={KINDS}
          error={error('kind')}
        />
        <NumberField
          label="Minutes each time"
          value={value.minutes}
          onChange={(v) => set('minutes', v)}
          min={1}
          max={240}
          error={error('minutes')}
        />
      </FieldRow>
      <FieldRow>
        <Choose
          label="Comes back"
          value={value.on}
          onChange={(v) => set('on', v)}
          error={error('on')}
          choices={[
            { value: 'day', name: 'every school day' },
            { value: 'weekday', name: 'on a weekday' },
            { value: 'week-first', name: 'as the week opens' },
            { value: 'week-last', name: 'as the week closes' },
            ...(value.ofFamily ? [] : [{ value: 'lesson' as const, name: 'with each lesson' }]),
            ...(value.on === 'after'
              ? [{ value: 'after' as const, name: 'every few days after a part' }]
              : []),
          ]}
        />
        {value.on === 'weekday' ? (
          <Choose
            label="Weekday"
            value={value.weekday}
            onChange={(v) => set('weekday', v)}
            choices={view.weekdays.map((d) => ({ value: String(d), name: weekdayName(d) }))}
          />
        ) : null}
        {value.on === 'weekday' || value.on === 'week-first' || value.on === 'week-last' ? (
          <>
            <NumberField
              label="Every so many weeks"
              value={value.everyWeeks}
              onChange={(v) => set('everyWeeks', v)}
              min={1}
              max={52}
            />
            <NumberField
              label="First in week"
              help={value.ofFamily ? 'Counted by the calendar.' : 'Of the unit.'}
              value={value.startWeek}
              onChange={(v) => set('startWeek', v)}
              min={1}
              max={52}
            />
          </>
        ) : null}
        {value.on === 'lesson' ? (
          <Choose
            label="In the lesson"
            value={value.place}
            onChange={(v) => set('place', v)}
            choices={[
              { value: 'first', name: 'it opens it' },
              { value: 'last', name: 'it comes last' },
            ]}
          />
        ) : null}
        {value.on === 'after' ? (
          <>
            <NumberField
              label="Every so many days"
              value={value.everyDays}
              onChange={(v) => set('everyDays', v)}
              min={1}
              max={60}
            />
            <NumberField
              label="How many times"
              value={value.times}
              onChange={(v) => set('times', v)}
              min={1}
              max={60}
            />
          </>
        ) : null}
      </FieldRow>
      {value.on === 'after' ? null : (
        <Checkbox
          isSelected={value.ofFamily}
          onChange={(v) => {
            set('ofFamily', v);
            set('childIds', null);
            if (v && value.on === 'lesson') set('on', 'day');
            if (v && !value.first) set('first', view.today);
          }}
        >
          It is the family’s, whatever unit is running
        </Checkbox>
      )}
      <WhoTakesPart people={people} childIds={value.childIds} onChange={(v) => set('childIds', v)} />
      <FieldRow>
        {view.adults.length ? (
          <Choose
            label="Who leads"
            value={value.leader}
            onChange={(v) => set('leader', v)}
            choices={leadersOrEither(view.adults)}
          />
        ) : null}
        <Choose
          label={value.leader === YOU ? 'You' : 'They'}
          value={value.lead}
          onChange={(v) => set('lead', v)}
          choices={LEAD_CHOICES}
        />
        <Choose
          label="Best in the"
          value={value.window}
          onChange={(v) => set('window', v)}
          choices={WINDOW_CHOICES}
        />
        <NumberField
          label="So many each time"
          help="Cards, questions; empty for none."
          value={value.amount}
          onChange={(v) => set('amount', v)}
          min={1}
          max={10000}
          error={error('amount')}
        />
        <NumberField
          label="At most, where it varies"
          value={value.amountTo}
          onChange={(v) => set('amountTo', v)}
          min={1}
          max={10_000}
          error={error('amountTo')}
        />
        <TextField
          label="of"
          placeholder="questions"
          value={value.amountOf}
          onChange={(v) => set('amountOf', v)}
          error={error('amountOf')}
        />
      </FieldRow>
      <TextField
        label="What each of them takes"
        placeholder="paper 1 sheet each"
        help={
          value.supplies.trim()
            ? `Read as: ${readSupplies(value.supplies).map(supplyText).join(' · ')}`
            : undefined
        }
        rows={2}
        value={value.supplies}
        onChange={(v) => set('supplies', v)}
        error={error('supplies')}
      />
      <FieldRow>
        <TextField
          label="Counted as"
          placeholder="strip, chapter, plate"
          help="Empty: not counted."
          value={value.piece}
          onChange={(v) => set('piece', v)}
          error={error('piece')}
        />
        <DateField
          label="From"
          value={value.first}
          onChange={(v) => set('first', v)}
          error={error('first')}
        />
        <DateField label="Until" value={value.last} onChange={(v) => set('last', v)} error={error('last')} />
      </FieldRow>
      {value.on === 'lesson' ? (
        <>
          <Checkbox isSelected={value.assembled} onChange={(v) => set('assembled', v)}>
            Put together after the last lesson
          </Checkbox>
          {value.assembled ? (
            <FieldRow>
              <TextField
                label="Putting it together"
                value={value.assemblyTitle}
                onChange={(v) => set('assemblyTitle', v)}
                error={error('assemblyTitle')}
              />
              <NumberField
                label="Minutes for that"
                value={value.assemblyMinutes}
                onChange={(v) => set('assemblyMinutes', v)}
                min={1}
                max={480}
              />
            </FieldRow>
          ) : null}
        </>
      ) : null}
      <Quiet>It is drawn as far as your plan reaches, and takes minutes like everything else.</Quiet>
      <button type="submit" hidden />
    </FormDialog>
  );
}
