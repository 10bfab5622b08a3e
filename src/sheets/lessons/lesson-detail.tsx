'use client';
/** One lesson: its title and passage, its topics, and its parts in order. */
import dynamic from 'next/dynamic';
import { useState } from 'react';
import styled from 'styled-components';
import { lengthText, shortDate } from '@/core/calendar/dates';
import { Button, PlainButton } from '@/kit/button';
import { Button as AriaButton } from 'react-aria-components/Button';
import { Dialog } from '@/kit/dialog';
import { FieldStack, TextField } from '@/kit/field';
import { Menu } from '@/kit/menu';
import { Caution, Column, Heading, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { changeLesson, dropLesson, dropPart, shiftLesson, shiftPart } from './actions';
import type { PartFormProps } from './part-form';
import type { LessonView, PartView } from './load';

/** Forms are loaded when they are first opened. */
const PartForm = dynamic(() => import('./part-form').then((m) => m.PartForm), { ssr: false });

const LEADS: Record<PartView['lead'], string> = { leads: 'you lead', near: 'you are near', 'not-needed': '' };

export function LessonDetail({ lesson, count, childrenOfUnit, onGone }: { lesson: LessonView; count: number; childrenOfUnit: PartFormProps['childrenOfUnit']; onGone: () => void }) {
  const { act } = useAct();
  const [editing, edit] = useState<PartView | 'new'>();
  const [changing, change] = useState(false);
  const { dates } = lesson;
  return (
    <aside aria-label={`Lesson ${lesson.number}`}>
      <Column>
        <header><Heading>{lesson.number} {lesson.title}</Heading><Quiet as="span">{lesson.takes ? lengthText(lesson.takes) : ''}</Quiet></header>
        <Facts>
          <Quiet>{dates.length ? (dates[0] === dates[1] ? shortDate(dates[0]) : `${shortDate(dates[0])} to ${shortDate(dates[1])}`) : 'not on a day yet'}{lesson.spinePages ? ` · spine pp. ${lesson.spinePages}` : ''}</Quiet>
          {lesson.topics.length ? <ul>{lesson.topics.map((t, i) => <li key={i}>· {t.title}{t.page ? `, p. ${t.page}` : ''}</li>)}</ul> : null}
        </Facts>
        <Doings>
          <PlainButton onPress={() => change(true)}>Title and passage</PlainButton>
          <PlainButton isDisabled={lesson.number === 1} onPress={() => act((base) => shiftLesson(base, { lessonId: lesson.id, by: -1 }))}>Move up</PlainButton>
          <PlainButton isDisabled={lesson.number === count} onPress={() => act((base) => shiftLesson(base, { lessonId: lesson.id, by: 1 }))}>Move down</PlainButton>
          <PlainButton onPress={() => act((base) => dropLesson(base, lesson.id), { then: onGone })}>Drop it</PlainButton>
        </Doings>
      </Column>
      <Column>
        <header><Heading>Parts</Heading><Quiet as="span">in order</Quiet></header>
        {lesson.parts.length ? null : <Caution>A lesson without parts falls on no day. Add one.</Caution>}
        <Parts>
          {lesson.parts.map((p, i) => (
            <li key={p.id}>
              <Menu
                label={p.title}
                groups={[{ title: p.title, doings: [
                  { name: 'Change…', do: () => edit(p) },
                  { name: 'Move up', isDisabled: i === 0, do: () => act((base) => shiftPart(base, { partId: p.id, by: -1 })) },
                  { name: 'Move down', isDisabled: i === lesson.parts.length - 1, do: () => act((base) => shiftPart(base, { partId: p.id, by: 1 })) },
                  { name: 'Drop it', do: () => act((base) => dropPart(base, p.id)) },
                ] }]}
              >
                <PartButton><b>{p.title}, {p.takes} min</b><Quiet as="span">{[p.who, LEADS[p.lead], p.window ? `in the ${p.window}` : '', p.fixedDate ? `on ${shortDate(p.fixedDate)}` : ''].filter(Boolean).join(' · ')}</Quiet></PartButton>
              </Menu>
              {p.waitAfterHours ? <Quiet>{p.waitLabel || 'waits'} {p.waitAfterHours} hours, nights and weekends count</Quiet> : null}
              {p.trouble ? <Caution>{p.trouble}</Caution> : null}
            </li>
          ))}
        </Parts>
        <div><Button onPress={() => edit('new')}>Add a part</Button></div>
      </Column>
      {editing ? <PartForm key={editing === 'new' ? 'new' : editing.id} lessonId={lesson.id} part={editing === 'new' ? undefined : editing} childrenOfUnit={childrenOfUnit} onClose={() => edit(undefined)} /> : null}
      {changing ? <TitleForm lesson={lesson} onClose={() => change(false)} /> : null}
    </aside>
  );
}

function TitleForm({ lesson, onClose }: { lesson: LessonView; onClose: () => void }) {
  const { act } = useAct();
  const form = useForm({ title: lesson.title, passage: lesson.passage });
  const save = (): void => act((base) => changeLesson(base, { id: lesson.id, ...form.value }), { faults: form.takeFaults, then: onClose });
  return (
    <Dialog title={`Lesson ${lesson.number}`} isOpen onClose={onClose} footer={<><Button onPress={onClose}>Leave it</Button><Button $primary onPress={save}>Keep</Button></>}>
      <form onSubmit={(e) => { e.preventDefault(); save(); }}>
        <FieldStack>
          <TextField label="Title" autoFocus value={form.value.title} onChange={(v) => form.set('title', v)} error={form.error('title')} />
          <TextField label="Passage to copy" help={form.value.passage.trim() ? undefined : `Empty: copied from “${lesson.copiesFrom.split('\n')[0]}…”`} rows={7} value={form.value.passage} onChange={(v) => form.set('passage', v)} error={form.error('passage')} />
          <button type="submit" hidden />
        </FieldStack>
      </form>
    </Dialog>
  );
}

const Facts = styled.div`padding: 6px 0; ul { font-size: 13.5px; margin-top: 4px; }`;
const Doings = styled.div`display: flex; flex-wrap: wrap; gap: 4px 14px;`;
const Parts = styled.ul`margin-bottom: 12px; li { border-bottom: 1px solid ${colour.rule}; padding: 3px 0 6px; }`;
const PartButton = styled(AriaButton)`background: none; border: 0; width: 100%; padding: 4px 0; text-align: left; cursor: pointer; display: grid; b { font-weight: 600; }`;
