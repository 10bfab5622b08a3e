'use client';
/** What comes back by itself: when, for whom, how long, and how its pieces are called. */
import { useState } from 'react';
import { weekdayName } from '@/core/calendar/dates';
import type { Rhythm, Rule } from '@/core/plan/lesson';
import { Button } from '@/kit/button';
import { DateField } from '@/kit/date-field';
import { Dialog } from '@/kit/dialog';
import { Checkbox, Choose, FieldRow, FieldStack, NumberField, Several, TextField } from '@/kit/field';
import { ChildName } from '@/kit/hatch';
import { Quiet } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { saveRule } from './actions';
import type { LessonsView } from './load';
import { KINDS, LEAD_CHOICES, WINDOW_CHOICES } from './part-words';

type Start = Partial<Omit<Rule, 'id'>>;

/** What families often have come back; each can be changed before it is kept. */
const USUAL: readonly { name: string; of: 'unit' | 'family'; rule: Start }[] = [
  { name: 'The week opens with the big ideas', of: 'unit', rule: { title: 'The week opens: big ideas', kind: 'opening', minutes: 15, window: 'morning', rhythm: { on: 'week-first', everyWeeks: 1, startWeek: 1 } } },
  { name: 'Recall of the last lesson, daily', of: 'unit', rule: { title: 'Recall', kind: 'recall', minutes: 10, window: 'morning', rhythm: { on: 'day' } } },
  { name: 'A poem with tea on one weekday', of: 'family', rule: { title: 'Tea and a poem', kind: 'talk', minutes: 20, window: 'afternoon', rhythm: { on: 'weekday', weekday: 1, everyWeeks: 1, startWeek: 1 } } },
  { name: 'A film on one weekday', of: 'unit', rule: { title: 'A film', kind: 'film', minutes: 35, lead: 'near', window: 'afternoon', rhythm: { on: 'weekday', weekday: 3, everyWeeks: 1, startWeek: 1 } } },
  { name: 'A word check as the week closes', of: 'unit', rule: { title: 'Word check', kind: 'check', minutes: 15, window: 'morning', rhythm: { on: 'week-last', everyWeeks: 1, startWeek: 1 } } },
  { name: 'A quiz every third week', of: 'unit', rule: { title: 'Quiz', kind: 'quiz', minutes: 20, window: 'morning', rhythm: { on: 'week-last', everyWeeks: 3, startWeek: 3 } } },
  { name: 'A project that grows with each lesson', of: 'unit', rule: { title: 'Our project', kind: 'project', minutes: 15, lead: 'near', window: 'afternoon', piece: 'piece', rhythm: { on: 'lesson', place: 'last' }, assembly: { title: 'Put the project together', minutes: 40 } } },
  { name: 'A companion book, a chapter with each lesson', of: 'unit', rule: { title: 'Companion reading', kind: 'read-aloud', minutes: 15, window: 'midday', piece: 'chapter', rhythm: { on: 'lesson', place: 'last' } } },
  { name: 'Daily practice', of: 'family', rule: { title: 'Mathematics', kind: 'practice', minutes: 20, lead: 'not-needed', window: 'morning', rhythm: { on: 'day' } } },
  { name: 'Spoken questions, so many a day', of: 'family', rule: { title: 'Questions at breakfast', kind: 'recall', minutes: 5, window: 'morning', amount: 5, amountOf: 'questions', rhythm: { on: 'day' } } },
];

export function RuleForm({ view, rule, start, onClose }: { view: LessonsView; rule?: Rule; start?: Start; onClose: () => void }) {
  const { act } = useAct();
  const first: Start = rule ?? start ?? {};
  const form = useForm({ ...fieldsOf(first), ofFamily: rule ? rule.unitId === null : false });
  const [usual, pick] = useState('own');
  const { value, set, error } = form;
  const people = value.ofFamily ? view.everyone : view.children;
  const who = value.childIds ?? people.map((c) => c.id);
  const rhythm = rhythmFrom(value);
  const save = (): void => {
    const { title, kind, lead, childIds, piece, amount, amountOf, first: begins, last } = value;
    act((base) => saveRule(base, rule?.id ?? null, {
      title, kind, lead, childIds, piece, amount, amountOf, first: begins, last, minutes: value.minutes ?? 0, window: value.window === 'any' ? null : value.window, unitId: value.ofFamily ? null : view.unit!.id, rhythm,
      assembly: value.assembled && value.on === 'lesson' ? { title: value.assemblyTitle, minutes: value.assemblyMinutes ?? 30 } : null,
    }), { faults: (found) => form.takeFaults(found.map((f) => ({ ...f, where: { rhythm: 'on', assembly: 'assemblyTitle' }[f.where.split('.')[0]] ?? f.where }))), then: onClose });
  };
  return (
    <Dialog title={rule ? `Change “${rule.title}”` : 'What comes back by itself'} wide isOpen onClose={onClose} footer={<><Button onPress={onClose}>Leave it</Button><Button $primary onPress={save}>{rule ? 'Keep' : 'Add'}</Button></>}>
      <form onSubmit={(e) => { e.preventDefault(); save(); }}>
        <FieldStack>
          {rule || start ? null : (
            <Choose
              label="Begin with" value={usual} choices={[{ value: 'own', name: 'something of your own' }, ...USUAL.map((u) => ({ value: u.name, name: u.name }))]}
              onChange={(name) => {
                pick(name);
                const chosen = USUAL.find((u) => u.name === name);
                if (chosen) for (const [key, v] of Object.entries({ ...fieldsOf(chosen.rule), ofFamily: chosen.of === 'family' })) set(key as keyof typeof value, v as never);
              }}
            />
          )}
          <FieldRow>
            <TextField label="What" value={value.title} onChange={(v) => set('title', v)} error={error('title')} />
            <Choose label="Kind" value={value.kind} onChange={(v) => set('kind', v)} choices={KINDS} error={error('kind')} />
            <NumberField label="Minutes each time" value={value.minutes} onChange={(v) => set('minutes', v)} min={1} max={240} error={error('minutes')} />
          </FieldRow>
          <FieldRow>
            <Choose
              label="Comes back" value={value.on} onChange={(v) => set('on', v)} error={error('on')}
              choices={[{ value: 'day', name: 'every school day' }, { value: 'weekday', name: 'on a weekday' }, { value: 'week-first', name: 'as the week opens' }, { value: 'week-last', name: 'as the week closes' }, ...(value.ofFamily ? [] : [{ value: 'lesson' as const, name: 'with each lesson' }]), ...(value.on === 'after' ? [{ value: 'after' as const, name: 'every few days after a part' }] : [])]}
            />
            {value.on === 'weekday' ? <Choose label="Weekday" value={value.weekday} onChange={(v) => set('weekday', v)} choices={view.weekdays.map((d) => ({ value: String(d), name: weekdayName(d) }))} /> : null}
            {value.on === 'weekday' || value.on === 'week-first' || value.on === 'week-last' ? (
              <>
                <NumberField label="Every so many weeks" value={value.everyWeeks} onChange={(v) => set('everyWeeks', v)} min={1} max={52} />
                <NumberField label="First in week" help={value.ofFamily ? 'Counted by the calendar.' : 'Of the unit.'} value={value.startWeek} onChange={(v) => set('startWeek', v)} min={1} max={52} />
              </>
            ) : null}
            {value.on === 'lesson' ? <Choose label="In the lesson" value={value.place} onChange={(v) => set('place', v)} choices={[{ value: 'first', name: 'it opens it' }, { value: 'last', name: 'it comes last' }]} /> : null}
            {value.on === 'after' ? <><NumberField label="Every so many days" value={value.everyDays} onChange={(v) => set('everyDays', v)} min={1} max={60} /><NumberField label="How many times" value={value.times} onChange={(v) => set('times', v)} min={1} max={60} /></> : null}
          </FieldRow>
          {value.on === 'after' ? null : <Checkbox isSelected={value.ofFamily} onChange={(v) => { set('ofFamily', v); set('childIds', null); if (v && value.on === 'lesson') set('on', 'day'); if (v && !value.first) set('first', view.today); }}>It is the family’s, whatever unit is running</Checkbox>}
          <Several>
            <legend>Who</legend>
            {people.map((c) => <Checkbox key={c.id} isSelected={who.includes(c.id)} onChange={(on) => { const next = people.filter((x) => (x.id === c.id ? on : who.includes(x.id))).map((x) => x.id); set('childIds', next.length === people.length ? null : next); }}><ChildName name={c.name} hatch={c.hatch} strong={false} /></Checkbox>)}
          </Several>
          <FieldRow>
            <Choose label="You" value={value.lead} onChange={(v) => set('lead', v)} choices={LEAD_CHOICES} />
            <Choose label="Best in the" value={value.window} onChange={(v) => set('window', v)} choices={WINDOW_CHOICES} />
            <NumberField label="So many each time" help="Cards, questions; empty for none." value={value.amount} onChange={(v) => set('amount', v)} min={1} max={10000} error={error('amount')} />
            <TextField label="of" placeholder="questions" value={value.amountOf} onChange={(v) => set('amountOf', v)} error={error('amountOf')} />
          </FieldRow>
          <FieldRow>
            <TextField label="Counted as" placeholder="strip, chapter, plate" help="Empty: not counted." value={value.piece} onChange={(v) => set('piece', v)} error={error('piece')} />
            <DateField label="From" value={value.first} onChange={(v) => set('first', v)} error={error('first')} />
            <DateField label="Until" value={value.last} onChange={(v) => set('last', v)} error={error('last')} />
          </FieldRow>
          {value.on === 'lesson' ? (
            <>
              <Checkbox isSelected={value.assembled} onChange={(v) => set('assembled', v)}>Put together after the last lesson</Checkbox>
              {value.assembled ? <FieldRow><TextField label="Putting it together" value={value.assemblyTitle} onChange={(v) => set('assemblyTitle', v)} error={error('assemblyTitle')} /><NumberField label="Minutes for that" value={value.assemblyMinutes} onChange={(v) => set('assemblyMinutes', v)} min={1} max={480} /></FieldRow> : null}
            </>
          ) : null}
          <Quiet>It is drawn as far as your plan reaches, and takes minutes like everything else.</Quiet>
          <button type="submit" hidden />
        </FieldStack>
      </form>
    </Dialog>
  );
}

function fieldsOf(r: Start) {
  const on: Rhythm = r.rhythm ?? { on: 'day' };
  const weeks = on.on === 'weekday' || on.on === 'week-first' || on.on === 'week-last' ? on : { everyWeeks: 1, startWeek: 1 };
  return {
    title: r.title ?? '', kind: r.kind ?? 'recall' as Rule['kind'], minutes: r.minutes ?? 15 as number | null, lead: r.lead ?? 'leads' as Rule['lead'], window: r.window ?? 'any' as NonNullable<Rule['window']> | 'any', childIds: r.childIds ?? null,
    piece: r.piece ?? '', amount: r.amount ?? null, amountOf: r.amountOf ?? '', first: r.first ?? null, last: r.last ?? null,
    on: on.on as Rhythm['on'], weekday: String(on.on === 'weekday' ? on.weekday : 1), everyWeeks: weeks.everyWeeks as number | null, startWeek: weeks.startWeek as number | null,
    place: (on.on === 'lesson' ? on.place : 'last') as 'first' | 'last', everyDays: (on.on === 'after' ? on.everyDays : 3) as number | null, times: (on.on === 'after' ? on.times : 4) as number | null, partId: on.on === 'after' ? on.partId : '',
    assembled: !!r.assembly, assemblyTitle: r.assembly?.title ?? 'Put it together', assemblyMinutes: (r.assembly?.minutes ?? 40) as number | null,
  };
}

function rhythmFrom(v: ReturnType<typeof fieldsOf>): Rhythm {
  const weeks = { everyWeeks: v.everyWeeks ?? 1, startWeek: v.startWeek ?? 1 };
  switch (v.on) {
    case 'weekday': return { on: 'weekday', weekday: Number(v.weekday), ...weeks };
    case 'week-first': return { on: 'week-first', ...weeks };
    case 'week-last': return { on: 'week-last', ...weeks };
    case 'lesson': return { on: 'lesson', place: v.place };
    case 'after': return { on: 'after', partId: v.partId, everyDays: v.everyDays ?? 3, times: v.times ?? 4 };
    case 'day': return { on: 'day' };
  }
}
