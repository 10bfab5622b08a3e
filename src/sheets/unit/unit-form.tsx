'use client';
/** The frame of a unit, its goals and words, and how it goes about things. */
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import { blankUnit } from '@/core/plan/blank';
import type { Unit } from '@/core/plan/unit';
import { SHOWS, SEASONS, TASTES } from '@/core/plan/words';
import { Button, PlainButton } from '@/kit/button';
import { DateField } from '@/kit/date-field';
import { Dialog } from '@/kit/dialog';
import { Checkbox, Choose, FieldRow, FieldStack, NumberField, Several, TextField } from '@/kit/field';
import { Fold } from '@/kit/fold';
import { ChildName } from '@/kit/hatch';
import { Quiet } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { dropUnit, saveUnit } from './actions';
import type { UnitView } from './load';

const KINDS: { kind: Unit['startKinds'][number]; name: string }[] = [{ kind: 'read-aloud', name: 'reading together' }, { kind: 'tell-back', name: 'telling it back' }, { kind: 'copying', name: 'copying' }];
const FRAMES = [{ value: 'end', name: 'a fixed end' }, { value: 'pace', name: 'a fixed pace' }, { value: 'both', name: 'a pace and an end' }, { value: 'open', name: 'open, until interest ends' }] as const;
type FrameKind = (typeof FRAMES)[number]['value'];
const frameOf = (u: Pick<Unit, 'wishedEnd' | 'lessonsPerWeek'>): FrameKind => (u.wishedEnd && u.lessonsPerWeek ? 'both' : u.wishedEnd ? 'end' : u.lessonsPerWeek ? 'pace' : 'open');

/** “mordant: what makes a dye hold” */
const readWords = (text: string): Unit['vocabulary'] => lines(text).map((l) => { const [word, ...meaning] = l.split(/\s*[:–=]\s+|:\s*/u); return { word: word.trim().slice(0, 80), meaning: meaning.join(': ').trim().slice(0, 300) }; }).filter((v) => v.word);
const lines = (text: string): string[] => text.split('\n').map((l) => l.trim()).filter(Boolean);
/** Money is kept in minor units. */
const toMinor = (text: string): number | null => (text.trim() === '' ? null : Math.round(Number(text.replace(',', '.')) * 100));
const fromMinor = (minor: number | null): string => (minor === null ? '' : (minor / 100).toFixed(2).replace(/\.00$/, ''));

export function UnitForm({ view: { unit, children, firstDay } }: { view: UnitView }) {
  const { act } = useAct();
  const router = useRouter();
  const [removing, remove] = useState(false);
  const u: Omit<Unit, 'id'> = unit ?? { ...blankUnit, title: '', starts: firstDay, lessonsPerWeek: 3, childIds: children.map((c) => c.id), startKinds: KINDS.map((k) => k.kind) };
  const form = useForm({
    title: u.title, frame: unit ? frameOf(u) : 'both' as FrameKind, starts: u.starts as string | null, wishedEnd: u.wishedEnd, lessonsPerWeek: u.lessonsPerWeek, hopedWeeks: u.hopedWeeks, waiting: u.waiting, childIds: u.childIds, startKinds: u.startKinds,
    goals: u.goals, bigIdeas: u.bigIdeas.join('\n'), vocabulary: u.vocabulary.map((v) => (v.meaning ? `${v.word}: ${v.meaning}` : v.word)).join('\n'), memoryWork: u.memoryWork.join('\n'), passage: u.passage,
    taste: u.taste, shows: u.shows, moneyLimit: fromMinor(u.moneyLimit), prepLimit: u.prepLimit, season: u.season ?? 'any' as NonNullable<Unit['season']> | 'any', wish: u.wish, deeper: u.deeper, askedBy: u.askedBy ?? 'nobody',
  });
  const { value, set, error } = form;
  const save = (): void => {
    const { frame, vocabulary, bigIdeas, memoryWork, moneyLimit, season, askedBy, ...rest } = value;
    act((base) => saveUnit(base, unit?.id ?? null, {
      ...rest, bigIdeas: lines(bigIdeas), memoryWork: lines(memoryWork), vocabulary: readWords(vocabulary), moneyLimit: toMinor(moneyLimit), season: season === 'any' ? null : season, askedBy: askedBy === 'nobody' ? null : askedBy,
      wishedEnd: frame === 'end' || frame === 'both' ? value.wishedEnd : null, lessonsPerWeek: frame === 'pace' || frame === 'both' ? value.lessonsPerWeek : null,
    }), {
      faults: form.takeFaults,
      then: () => { form.stored(); if (!unit) router.push('/lessons?unit=newest'); },
    });
  };
  const inUnit = children.filter((c) => value.childIds.includes(c.id));
  const chosen = <T extends string>(all: readonly T[], now: readonly T[], one: T, on: boolean): T[] => all.filter((x) => (x === one ? on : now.includes(x)));
  return (
    <form onSubmit={(e) => { e.preventDefault(); save(); }}>
      <FieldStack>
        <TextField label="Topic" placeholder="What is it about?" value={value.title} onChange={(v) => set('title', v)} error={error('title')} />
        <FieldRow>
          <DateField label="Starts" value={value.starts} onChange={(v) => set('starts', v)} error={error('starts')} />
          <Choose label="It has" value={value.frame} onChange={(v) => set('frame', v)} choices={FRAMES} />
          {value.frame === 'end' || value.frame === 'both' ? <DateField label="Wished end" value={value.wishedEnd} onChange={(v) => set('wishedEnd', v)} error={error('wishedEnd')} /> : null}
          {value.frame === 'pace' || value.frame === 'both' ? <NumberField label="Lessons a week" value={value.lessonsPerWeek} onChange={(v) => set('lessonsPerWeek', v)} min={1} max={35} error={error('lessonsPerWeek')} /> : null}
          <NumberField label="Hoped weeks" help="Until there are lessons to count." value={value.hopedWeeks} onChange={(v) => set('hopedWeeks', v)} min={1} max={60} error={error('hopedWeeks')} />
        </FieldRow>
        <Several>
          <legend>Children in it</legend>
          {children.map((c) => <Checkbox key={c.id} isSelected={value.childIds.includes(c.id)} onChange={(on) => set('childIds', chosen(children.map((x) => x.id), value.childIds, c.id, on))}><ChildName name={c.name} hatch={c.hatch} strong={false} /></Checkbox>)}
        </Several>
        <Several>
          <legend>A new lesson begins with</legend>
          {KINDS.map((k) => <Checkbox key={k.kind} isSelected={value.startKinds.includes(k.kind)} onChange={(on) => set('startKinds', chosen(KINDS.map((x) => x.kind), value.startKinds, k.kind, on))}>{k.name}</Checkbox>)}
        </Several>
        <Two>
          <TextField label="Goals" help="What it is for, in your words." rows={3} value={value.goals} onChange={(v) => set('goals', v)} error={error('goals')} />
          <TextField label="Big ideas" help="One to a line; they open each week and come back at the end." rows={3} value={value.bigIdeas} onChange={(v) => set('bigIdeas', v)} error={error('bigIdeas')} />
        </Two>
        <div>
          <Fold title="Words, memory work, a passage" says={[`${readWords(value.vocabulary).length} words`, value.memoryWork ? `${lines(value.memoryWork).length} to learn by heart` : '', value.passage ? 'a passage' : ''].filter(Boolean).join(', ')} open={!unit}>
            <Two>
              <TextField label="Vocabulary" help="One to a line, with its meaning if you like: mordant: what makes a dye hold." rows={5} value={value.vocabulary} onChange={(v) => set('vocabulary', v)} error={error('vocabulary')} />
              <TextField label="Memory work" help="One to a line: a poem, a rule, a list of dates." rows={5} value={value.memoryWork} onChange={(v) => set('memoryWork', v)} error={error('memoryWork')} />
            </Two>
            <TextField label="Passage to copy" help="A poem or a few lines, as written. Each child copies as much as their rung gives; a lesson may have its own." rows={6} value={value.passage} onChange={(v) => set('passage', v)} error={error('passage')} />
          </Fold>
          <Fold title="How we go about it" says={[value.taste.join(', '), value.moneyLimit ? `up to ${value.moneyLimit}` : '', Object.keys(value.shows).length ? 'ways of showing' : ''].filter(Boolean).join(' · ') || 'taste, ways of showing, limits'}>
            <Several>
              <legend>We like</legend>
              {TASTES.map((t) => <Checkbox key={t} isSelected={value.taste.includes(t)} onChange={(on) => set('taste', chosen(TASTES, value.taste, t, on))}>{TASTE_NAMES[t]}</Checkbox>)}
            </Several>
            <FieldRow>
              {inUnit.map((c) => <Choose key={c.id} label={`${c.name} shows it by`} value={value.shows[c.id] ?? 'tell back'} onChange={(v) => set('shows', { ...value.shows, [c.id]: v })} choices={SHOWS.map((s) => ({ value: s, name: SHOW_NAMES[s] }))} />)}
            </FieldRow>
            <FieldRow>
              <TextField label="Money, at most" placeholder="40" value={value.moneyLimit} onChange={(v) => set('moneyLimit', v)} error={error('moneyLimit') && 'Write a sum, such as 40 or 12.50.'} />
              <NumberField label="Minutes a week to prepare, at most" value={value.prepLimit} onChange={(v) => set('prepLimit', v)} min={0} max={1440} error={error('prepLimit')} />
            </FieldRow>
          </Fold>
          <Fold title="Its place in the year" says={[value.waiting ? 'waiting' : '', value.season === 'any' ? '' : value.season, value.deeper ? 'comes back deeper' : '', value.wish].filter(Boolean).join(' · ') || 'season, who asked for it, whether it waits'}>
            <FieldRow>
              <Choose label="Best in" value={value.season} onChange={(v) => set('season', v)} choices={[{ value: 'any', name: 'any season' }, ...SEASONS.map((s) => ({ value: s, name: s }))]} />
              <Choose label="Asked for by" value={value.askedBy} onChange={(v) => set('askedBy', v)} choices={[{ value: 'nobody', name: 'you' }, ...children.map((c) => ({ value: c.id, name: c.name }))]} />
              <TextField label="Why then" placeholder="new skills early, outdoors in spring" value={value.wish} onChange={(v) => set('wish', v)} error={error('wish')} />
            </FieldRow>
            <Checkbox isSelected={value.deeper} onChange={(v) => set('deeper', v)}>Taught before; comes back deeper</Checkbox>
            <Checkbox isSelected={value.waiting} onChange={(v) => set('waiting', v)}>It waits: its lessons stand on no day yet</Checkbox>
          </Fold>
        </div>
        <Buttons>
          <Button type="submit" $primary>{unit ? 'Keep the unit' : 'Begin the unit'}</Button>
          {unit ? <PlainButton onPress={() => remove(true)}>Take this unit off the plan</PlainButton> : null}
        </Buttons>
      </FieldStack>
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

const TASTE_NAMES: Record<(typeof TASTES)[number], string> = { outdoors: 'being outdoors', table: 'work at the table', art: 'art', film: 'films', music: 'music', cooking: 'cooking' };
const SHOW_NAMES: Record<(typeof SHOWS)[number], string> = { 'tell back': 'telling it back', 'notebook page': 'a notebook page', 'folded booklet': 'a folded booklet', checklist: 'a checklist', quiz: 'a quiz', talk: 'a talk', nothing: 'nothing, this time' };

const Two = styled.div`display: grid; grid-template-columns: repeat(2, minmax(0, 1fr)); gap: 14px; @media (max-width: 760px) { grid-template-columns: minmax(0, 1fr); }`;
const Buttons = styled.div`display: flex; gap: 18px; align-items: center; margin-top: 6px; flex-wrap: wrap;`;
