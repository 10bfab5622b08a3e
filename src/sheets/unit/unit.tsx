'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import { dayMonth } from '@/core/calendar/dates';
import type { Unit } from '@/core/plan/unit';
import { Button, PlainButton } from '@/kit/button';
import { DateField } from '@/kit/date-field';
import { Dialog } from '@/kit/dialog';
import { Checkbox, FieldRow, FieldStack, NumberField, Several, TextField } from '@/kit/field';
import { LinkButton } from '@/kit/link-button';
import { ChildName } from '@/kit/hatch';
import { Caution, Heading, Quiet } from '@/kit/text';
import { colour, face, middling } from '@/kit/tokens';
import { Frame } from '../frame/frame';
import { UnitRuler } from '../frame/unit-ruler';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { dropUnit, saveUnit } from './actions';
import type { UnitView } from './load';

export function UnitSheet(view: UnitView) {
  const { unit, verdict, info } = view;
  return (
    <Frame
      info={info} sheet={2} title={unit?.title ?? 'A new unit'}
      subtitle={unit ? `from ${dayMonth(unit.starts)}${unit.wishedEnd ? `, wished to end ${dayMonth(unit.wishedEnd)}` : ''}` : 'One topic, several children, so many weeks'}
      actions={unit ? <><LinkButton href="/unit?new=1">New unit</LinkButton><LinkButton $primary href={`/lessons?unit=${unit.id}`}>Its lessons</LinkButton></> : null}
      figures={verdict ? [{ name: 'Lessons', value: String(view.lessons) }, ...(verdict.finishes ? [{ name: 'Finishes', value: dayMonth(verdict.finishes) }] : []), ...(verdict.meetsEnd && verdict.wishedEnd ? [{ name: 'To spare', value: `${verdict.spareDays} days` }] : [])] : []}
    >
      {info.units.length > 1 || !unit ? (
        <Units aria-label="Units">
          {info.units.map((u) => <Link key={u.id} href={`/unit?unit=${u.id}`} aria-current={u.id === unit?.id ? 'page' : undefined}>{u.title}</Link>)}
        </Units>
      ) : null}
      {view.children.length === 0 ? <Caution>There are no children yet. <Link href="/setup">Add them first</Link>, then come back.</Caution> : null}
      {!view.hasYear ? <Caution>There is no school year yet, so lessons cannot fall on days. <Link href="/year">Lay it down</Link>.</Caution> : null}
      {unit && view.days.length ? (
        <Length aria-labelledby="length">
          <Heading id="length">How long it takes</Heading>
          <UnitRuler days={view.days} today={view.today} wishedEnd={unit.wishedEnd} says={view.says} />
          {verdict && !verdict.meetsEnd ? <Caution>{view.says}</Caution> : <p>{view.says}</p>}
        </Length>
      ) : null}
      <UnitForm key={unit?.id ?? 'new'} view={view} />
    </Frame>
  );
}

const KINDS: { kind: Unit['startKinds'][number]; name: string }[] = [
  { kind: 'read-aloud', name: 'reading together' }, { kind: 'tell-back', name: 'telling it back' }, { kind: 'copying', name: 'copying' },
];

function UnitForm({ view: { unit, children, firstDay } }: { view: UnitView }) {
  const { act } = useAct();
  const router = useRouter();
  const [removing, remove] = useState(false);
  const form = useForm({
    title: unit?.title ?? '', starts: (unit?.starts ?? firstDay) as string | null, wishedEnd: unit?.wishedEnd ?? null, lessonsPerWeek: unit ? unit.lessonsPerWeek : 3 as number | null,
    childIds: unit?.childIds ?? children.map((c) => c.id), bigIdeas: unit?.bigIdeas.join('\n') ?? '', passage: unit?.passage ?? '', startKinds: unit?.startKinds ?? KINDS.map((k) => k.kind),
  });
  const { value, set, error } = form;
  const save = (): void =>
    act((base) => saveUnit(base, unit?.id ?? null, { ...value, bigIdeas: value.bigIdeas.split('\n').map((l) => l.trim()).filter(Boolean) }), {
      faults: form.takeFaults,
      then: () => { form.stored(); if (!unit) router.push('/lessons'); },
    });
  return (
    <form onSubmit={(e) => { e.preventDefault(); save(); }}>
      <Columns>
        <FieldStack>
          <TextField label="Topic" placeholder="What is it about?" value={value.title} onChange={(v) => set('title', v)} error={error('title')} />
          <FieldRow>
            <DateField label="Starts" value={value.starts} onChange={(v) => set('starts', v)} error={error('starts')} />
            <DateField label="Wished end" help="Leave open if it may run on." value={value.wishedEnd} onChange={(v) => set('wishedEnd', v)} error={error('wishedEnd')} />
            <NumberField label="Lessons a week" help="Empty: spread evenly to the end." value={value.lessonsPerWeek} onChange={(v) => set('lessonsPerWeek', v)} min={1} max={35} error={error('lessonsPerWeek')} />
          </FieldRow>
          <Several>
            <legend>Children in it</legend>
            {children.map((c) => (
              <Checkbox key={c.id} isSelected={value.childIds.includes(c.id)} onChange={(on) => set('childIds', children.filter((x) => (x.id === c.id ? on : value.childIds.includes(x.id))).map((x) => x.id))}>
                <ChildName name={c.name} hatch={c.hatch} strong={false} />
              </Checkbox>
            ))}
          </Several>
          <Several>
            <legend>A new lesson begins with</legend>
            {KINDS.map((k) => <Checkbox key={k.kind} isSelected={value.startKinds.includes(k.kind)} onChange={(on) => set('startKinds', KINDS.map((x) => x.kind).filter((x) => (x === k.kind ? on : value.startKinds.includes(x))))}>{k.name}</Checkbox>)}
          </Several>
        </FieldStack>
        <FieldStack>
          <TextField label="Big ideas" help="One to a line." rows={5} value={value.bigIdeas} onChange={(v) => set('bigIdeas', v)} error={error('bigIdeas')} />
          <TextField label="Passage to copy" help="A poem or a few lines, as written. Each child copies as much as their rung gives; a lesson may have its own." rows={8} value={value.passage} onChange={(v) => set('passage', v)} error={error('passage')} />
        </FieldStack>
      </Columns>
      <Buttons>
        <Button type="submit" $primary>{unit ? 'Keep the unit' : 'Begin the unit'}</Button>
        {unit ? <PlainButton onPress={() => remove(true)}>Take this unit off the plan</PlainButton> : null}
      </Buttons>
      <Dialog
        title="Take this unit off the plan?" urgent isOpen={removing} onClose={() => remove(false)}
        footer={<><Button onPress={() => remove(false)}>Leave it</Button><Button $primary onPress={() => act((base) => dropUnit(base, unit!.id), { then: () => router.push('/unit') })}>Take it off</Button></>}
      >
        <p>Its lessons, their days and marks go with it. Books stay on the shelf. Undo brings it back.</p>
        <Quiet>{unit?.title}</Quiet>
      </Dialog>
    </form>
  );
}

const Units = styled.nav`
  display: flex; flex-wrap: wrap; gap: 4px 20px; margin-bottom: 18px;
  a { font: 600 16px/1.3 ${face.title}; text-decoration-thickness: 1px; text-underline-offset: 4px; } a[aria-current] { text-decoration: none; border-bottom: 3px solid ${colour.ink}; }
`;
const Length = styled.section`display: grid; gap: 10px; margin-bottom: 26px; p { max-width: 90ch; }`;
const Columns = styled.div`display: grid; grid-template-columns: repeat(2, minmax(0, 1fr)); gap: 18px 36px; ${middling} { grid-template-columns: minmax(0, 1fr); }`;
const Buttons = styled.div`display: flex; gap: 18px; align-items: center; margin-top: 18px; flex-wrap: wrap;`;
