'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useState, type KeyboardEvent } from 'react';
import styled from 'styled-components';
import { dayMonth, lengthText } from '@/core/calendar/dates';
import { Button } from '@/kit/button';
import { TextField } from '@/kit/field';
import { Caution, Quiet } from '@/kit/text';
import { colour, face, middling, narrow } from '@/kit/tokens';
import { Frame } from '../frame/frame';
import { UnitRuler } from '../frame/unit-ruler';
import { useAct } from '../frame/use-act';
import { newLesson, shiftLesson } from './actions';
import { LessonDetail } from './lesson-detail';
import { PartStrip } from './part-strip';
import type { LessonsView } from './load';

/** Loaded when it is first opened. */
const PasteContents = dynamic(() => import('./paste-contents').then((m) => m.PasteContents), { ssr: false });

export function LessonsSheet(view: LessonsView) {
  const { info, unit, lessons, verdict } = view;
  const [pasting, paste] = useState(false);
  const [chosenId, choose] = useState(view.chosen);
  const chosen = lessons.find((l) => l.id === chosenId) ?? lessons[0];
  const longest = Math.max(60, ...lessons.map((l) => l.takes));
  if (!unit) {
    return (
      <Frame info={info} sheet={4} title="Lessons" figures={[]}>
        <p>There is no unit yet. <Link href="/unit">Begin one</Link>; its contents page becomes the lesson list.</p>
      </Frame>
    );
  }
  return (
    <Frame
      info={info} sheet={4} title="Lessons" subtitle={<>{unit.title} · {lessons.length} {lessons.length === 1 ? 'lesson' : 'lessons'}{unit.lessonsPerWeek ? `, ${unit.lessonsPerWeek} a week` : ''}{verdict?.finishes ? `, to ${dayMonth(verdict.finishes)}` : ''}</>}
      actions={<Button $primary={!lessons.length} onPress={() => paste(true)}>Paste a contents page</Button>}
      figures={[{ name: 'Teaching', value: lengthText(lessons.reduce((sum, l) => sum + l.takes, 0)) }, ...(verdict?.finishes ? [{ name: unit.lessonsPerWeek ? `At ${unit.lessonsPerWeek} a week` : 'Spread evenly', value: `ends ${dayMonth(verdict.finishes)}` }] : []), ...(verdict?.remedy ? [{ name: `At ${verdict.remedy.lessonsPerWeek} a week`, value: `ends ${dayMonth(verdict.remedy.finishes)}` }] : [])]}
      keys={[{ keys: '↑ ↓', does: 'go through the lessons' }, { keys: 'Alt ↑ ↓', does: 'move a lesson up or down' }]}
    >
      {lessons.length === 0 ? <p>No lessons yet. Paste the contents page of the book that leads the unit, or type lessons one by one below.</p> : null}
      <Columns>
        <div>
          {lessons.length ? (
            <Head aria-hidden="true"><span /><span>Lesson</span><span>Spine</span><span>Through the lesson, in minutes</span><span>all</span></Head>
          ) : null}
          <LessonList view={view} chosenId={chosen?.id} choose={choose} longest={longest} />
          <AddLesson unitId={unit.id} />
          {view.days.length ? <Length><UnitRuler days={view.days} today={view.today} wishedEnd={unit.wishedEnd} says={view.says} />{verdict && !verdict.meetsEnd ? <Caution>{view.says}</Caution> : <Quiet>{view.says}</Quiet>}</Length> : null}
        </div>
        {chosen ? <LessonDetail key={chosen.id} lesson={chosen} count={lessons.length} childrenOfUnit={view.children} onGone={() => choose(undefined)} /> : null}
      </Columns>
      <PasteContents unitId={unit.id} pagesOfBook={view.spinePages} isOpen={pasting} onClose={() => paste(false)} />
    </Frame>
  );
}

function LessonList({ view: { lessons }, chosenId, choose, longest }: { view: LessonsView; chosenId?: string; choose: (id: string) => void; longest: number }) {
  const { act } = useAct();
  const onKeyDown = (e: KeyboardEvent<HTMLOListElement>): void => {
    if (e.key !== 'ArrowDown' && e.key !== 'ArrowUp') return;
    e.preventDefault();
    const by = e.key === 'ArrowDown' ? 1 : -1;
    const at = lessons.findIndex((l) => l.id === chosenId);
    if (e.altKey && chosenId) {
      act((base) => shiftLesson(base, { lessonId: chosenId, by }));
      return;
    }
    const next = lessons[Math.min(lessons.length - 1, Math.max(0, at + by))];
    if (!next) return;
    choose(next.id);
    e.currentTarget.querySelector<HTMLButtonElement>(`[data-lesson="${next.id}"]`)?.focus();
  };
  return (
    <ol onKeyDown={onKeyDown} aria-label="Lessons">
      {lessons.map((l) => (
        <Row key={l.id} $chosen={l.id === chosenId}>
          <button type="button" data-lesson={l.id} aria-pressed={l.id === chosenId} tabIndex={l.id === chosenId ? 0 : -1} onClick={() => choose(l.id)}>
            <Number>{l.number}</Number>
            <Title>{l.title}{l.dates.length ? null : <Caution as="small">has no place yet</Caution>}</Title>
            <Pages>{l.spinePages}</Pages>
            <PartStrip parts={l.parts} longest={longest} />
            <All>{l.takes ? lengthText(l.takes) : ''}</All>
          </button>
        </Row>
      ))}
    </ol>
  );
}

function AddLesson({ unitId }: { unitId: string }) {
  const { act } = useAct();
  const [title, setTitle] = useState('');
  return (
    <Add onSubmit={(e) => { e.preventDefault(); if (title.trim()) act((base) => newLesson(base, { unitId, title }), { then: () => setTitle('') }); }}>
      <TextField label="Another lesson" placeholder="Its title, then Enter" value={title} onChange={setTitle} />
      <Button type="submit">Add</Button>
    </Add>
  );
}

const columns = 'grid-template-columns: 30px minmax(150px, 1.1fr) 62px minmax(200px, 2fr) 62px; gap: 10px;';
const Columns = styled.div`display: grid; grid-template-columns: minmax(0, 1fr) 280px; gap: 32px; align-items: start; ${middling} { grid-template-columns: minmax(0, 1fr); }`;
const Head = styled.div`display: grid; ${columns} font-size: 13px; font-weight: 600; color: ${colour.graphite}; padding: 0 10px 4px; span:last-child { text-align: right; } ${narrow} { display: none; }`;
const Row = styled.li<{ $chosen: boolean }>`
  button { display: grid; ${columns} align-items: center; width: 100%; text-align: left; cursor: pointer; padding: 7px 8px; min-height: 42px; background: ${(p) => (p.$chosen ? colour.room : 'none')}; border: 2px solid ${(p) => (p.$chosen ? colour.ink : 'transparent')}; }
  ${narrow} { button { grid-template-columns: 26px 1fr 60px; row-gap: 4px; } button > :nth-child(4) { grid-column: 1 / -1; grid-row: 2; } button > :nth-child(3) { display: none; } }
`;
const Number = styled.b`text-align: right;`;
const Title = styled.span`font: 600 16px/1.2 ${face.title}; overflow-wrap: anywhere; small { display: block; font-family: ${face.work}; font-size: 12.5px; }`;
const Pages = styled.span`font-size: 13px;`;
const All = styled.span`font-size: 13px; text-align: right; white-space: nowrap;`;
const Add = styled.form`display: flex; gap: 10px; align-items: flex-end; margin: 14px 0 0 40px; max-width: 460px; & > :first-child { flex: 1; } ${narrow} { margin-left: 0; }`;
const Length = styled.div`display: grid; gap: 8px; margin-top: 26px;`;
