'use client';
/** One lesson: what it is for, its topics, its parts in order, what they need, their cautions, and what is left for recall. */
import { gather, outdent } from './shape-actions';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { lengthText, shortDate, weekdayName } from '@/core/calendar/dates';
import { shown } from '@/core/cautions/match';
import { Button, PlainButton } from '@/kit/button';
import { Menu } from '@/kit/menu';
import { Caution, Column, Heading, Quiet } from '@/kit/text';
import { Cautions } from '../frame/cautions';
import { useAct } from '../frame/use-act';
import { WhyHere } from '../frame/why-here';
import { changeLesson, leaveLessonsOut, orderIsHabit, dropLessons, see, shiftLesson } from './actions';
import type { LessonsView, LessonView } from './load';
import { whenBefore } from '../frame/part-words';
import { partDoings, type OpenForm } from './part-menu';
import { Facts, Doings, Parts, PartButton, Directions, Of } from './detail-parts';

/** Forms are loaded when they are first opened. */
const PartForm = dynamic(() => import('./part-form').then((m) => m.PartForm), { ssr: false });
const LessonForm = dynamic(() => import('./lesson-form').then((m) => m.LessonForm), { ssr: false });
const RuleForm = dynamic(() => import('./rule-form').then((m) => m.RuleForm), { ssr: false });
const Extras = dynamic(() => import('./extras').then((m) => m.Extras), { ssr: false });

export function LessonDetail({
  view,
  lesson,
  onSplit,
  onPause,
  onMove,
  onGone,
}: {
  view: LessonsView;
  lesson: LessonView;
  onSplit: () => void;
  onPause: () => void;
  onMove: () => void;
  onGone: () => void;
}) {
  const { act } = useAct();
  const [open, setOpen] = useState<OpenForm>();
  const close = (): void => setOpen(undefined);
  const { dates } = lesson;
  const objectives = view.objectives.filter((o) => lesson.objectiveIds.includes(o.id));
  const ready = [...lesson.readBefore, ...lesson.parts.flatMap((p) => p.preparations)].sort(
    (a, b) => b.daysBefore - a.daysBefore,
  );
  const needs = [...new Set(lesson.parts.flatMap((p) => p.needs))];
  return (
    <aside aria-label={`Lesson ${lesson.number}`}>
      <Column>
        <header>
          <Heading>
            {lesson.number} {lesson.title}
          </Heading>
          <Quiet as="span">{lesson.takes ? lengthText(lesson.takes) : ''}</Quiet>
        </header>
        <Facts>
          <Quiet>
            {[
              dates.length ? fromTo(dates[0], dates[1]) : 'not on a day yet',
              lesson.pausedUntil ? `waits until ${shortDate(lesson.pausedUntil)}` : '',
              lesson.spinePages ? `spine pp. ${lesson.spinePages}` : '',
              lesson.optional ? 'may be left out' : '',
              lesson.buildsOn || lesson.pausedUntil ? '' : 'builds on nothing: may come earlier',
            ]
              .filter(Boolean)
              .join(' · ')}
          </Quiet>
          {lesson.objective ? <p>{lesson.objective}</p> : null}
          {objectives.map((o) => (
            <p key={o.id}>
              {o.code ? <b>{o.code} </b> : null}
              {o.wording}
            </p>
          ))}
          {lesson.topics.length ? (
            <ul aria-label="Topics">
              {lesson.topics.map((t, i) => (
                <li key={i}>
                  <span>
                    · {t.title}
                    {t.page ? `, p. ${t.page}` : ''}
                  </span>
                  <PlainButton
                    aria-label={`Make “${t.title}” a lesson`}
                    onPress={() => act((base) => outdent(base, { lessonId: lesson.id, index: i }))}
                  >
                    lesson
                  </PlainButton>
                </li>
              ))}
            </ul>
          ) : null}
        </Facts>
        <Doings>
          <PlainButton onPress={() => setOpen({ is: 'lesson' })}>Change it</PlainButton>
          <PlainButton
            isDisabled={lesson.number === 1}
            onPress={() => act((base) => shiftLesson(base, { lessonId: lesson.id, by: -1 }))}
          >
            Move up
          </PlainButton>
          <PlainButton
            isDisabled={lesson.number === view.lessons.length}
            onPress={() => act((base) => shiftLesson(base, { lessonId: lesson.id, by: 1 }))}
          >
            Move down
          </PlainButton>
          <PlainButton isDisabled={view.lessons.length < 3} onPress={onMove}>
            Move to…
          </PlainButton>
          <PlainButton
            onPress={() => act((base) => changeLesson(base, lesson.id, { optional: !lesson.optional }))}
          >
            {lesson.optional ? 'Not optional' : 'Optional'}
          </PlainButton>
          <PlainButton
            onPress={() =>
              act((base) => orderIsHabit(base, { ids: [lesson.id], buildsOn: !lesson.buildsOn }))
            }
          >
            {lesson.buildsOn ? 'In any order' : 'In this order'}
          </PlainButton>
          <PlainButton
            onPress={() =>
              act((base) => leaveLessonsOut(base, { ids: [lesson.id], leftOut: !lesson.leftOut }))
            }
          >
            {lesson.leftOut ? 'Take it in again' : 'Leave it out'}
          </PlainButton>
          <PlainButton onPress={onSplit}>Split it…</PlainButton>
          <PlainButton onPress={onPause}>Pause before it…</PlainButton>
          {lesson.stretched ? (
            <PlainButton onPress={() => act((base) => gather(base, [lesson.id]))}>
              Take together again
            </PlainButton>
          ) : null}
          <PlainButton onPress={() => act((base) => dropLessons(base, [lesson.id]), { then: onGone })}>
            Drop it
          </PlainButton>
        </Doings>
      </Column>
      <Column>
        <header>
          <Heading>Parts</Heading>
          <Quiet as="span">in order</Quiet>
        </header>
        {lesson.parts.length ? null : <Caution>A lesson without parts falls on no day. Add one.</Caution>}
        <Parts>
          {lesson.parts.map((p, _, all) => (
            <li key={p.id}>
              <Menu label={p.title} groups={partDoings(p, all, { act, open: setOpen })}>
                <PartButton>
                  <b>
                    {p.title}, {p.takes} min
                  </b>
                  <Quiet as="span">
                    {[
                      p.who,
                      p.leads,
                      p.window ? `in the ${p.window}` : '',
                      p.weekday ? `on ${weekdayName(p.weekday)}` : '',
                      p.fixedDate ? `on ${shortDate(p.fixedDate)}` : '',
                      p.outdoors ? 'outdoors' : '',
                      p.optional ? 'may be left out' : '',
                    ]
                      .filter(Boolean)
                      .join(' · ')}
                  </Quiet>
                </PartButton>
              </Menu>
              {p.prediction ? <Quiet>Guess first: {p.prediction}</Quiet> : null}
              {p.directions ? <Directions>{p.directions}</Directions> : null}
              {p.outdoors && p.indoors ? <Quiet>Or indoors: {p.indoors}</Quiet> : null}
              {p.waitAfterHours ? (
                <Quiet>
                  {p.waitLabel || 'waits'} {p.waitAfterHours} hours, nights and weekends count
                </Quiet>
              ) : null}
              {p.alternatives.length ? (
                <Quiet>Or instead: {p.alternatives.map((a) => a.title).join(' · ')}</Quiet>
              ) : null}
              {p.age ? <Caution>{p.age}</Caution> : null}
              {p.trouble ? <Caution>{p.trouble}</Caution> : null}
            </li>
          ))}
        </Parts>
        <Doings>
          <Button onPress={() => setOpen({ is: 'part' })}>Add a part</Button>
          <Button onPress={() => setOpen({ is: 'extras' })}>Add an extra</Button>
        </Doings>
      </Column>
      {lesson.supplies || ready.length || needs.length ? (
        <Column>
          <header>
            <Heading>Needs</Heading>
            <Quiet as="span">all parts together</Quiet>
          </header>
          <Facts>
            {lesson.supplies ? <p>{lesson.supplies.replaceAll('; ', ' · ')}</p> : null}
            {needs.length ? <Quiet>Of which there is one: {needs.join(', ')}</Quiet> : null}
            {ready.map((x, i) => (
              <Quiet key={i}>
                {x.what}: {whenBefore(x.daysBefore)}
              </Quiet>
            ))}
          </Facts>
        </Column>
      ) : null}
      {lesson.parts.some((p) => p.cautions.length) ? (
        <Column>
          <header>
            <Heading>Cautions</Heading>
            <Quiet as="span">{lesson.parts.reduce((n, p) => n + shown(p.cautions).length, 0)}</Quiet>
          </header>
          {lesson.parts
            .filter((p) => p.cautions.length)
            .map((p) => (
              <Of key={p.id}>
                {lesson.parts.length > 1 ? <Quiet>{p.title}</Quiet> : null}
                <Cautions
                  cautions={p.cautions}
                  of={p.title}
                  onSeen={(caution, seen) => act((base) => see(base, { partId: p.id, caution, seen }))}
                />
              </Of>
            ))}
          <Quiet>Hausplan reminds; it does not know your kitchen, your children or your law.</Quiet>
        </Column>
      ) : null}
      {lesson.recall.length ? (
        <Column>
          <header>
            <Heading>Left for recall</Heading>
            <Quiet as="span">opens the next lesson</Quiet>
          </header>
          <Facts>
            {lesson.recall.map((r, i) => (
              <p key={i}>
                {r.easy}
                {r.hard ? <Quiet as="span"> · harder: {r.hard}</Quiet> : null}
              </p>
            ))}
          </Facts>
        </Column>
      ) : null}
      {open?.is === 'part' ? (
        <PartForm
          key={open.part?.id ?? 'new'}
          where={{ lessonId: lesson.id }}
          part={open.part}
          childrenOfUnit={view.children}
          adults={view.adults}
          weekdays={view.weekdays}
          onClose={close}
        />
      ) : null}
      {open?.is === 'lesson' ? (
        <LessonForm lesson={lesson} objectives={view.objectives} onClose={close} />
      ) : null}
      {open?.is === 'extras' ? <Extras view={view} lesson={lesson} onClose={close} /> : null}
      {open?.is === 'why' ? (
        <WhyHere title={open.part.title} partIds={[open.part.id]} onClose={close} />
      ) : null}
      {open?.is === 'look again' ? (
        <RuleForm
          view={view}
          start={{
            title: `Look again: ${open.part.title}`,
            kind: 'observation',
            minutes: 10,
            lead: 'near',
            rhythm: { on: 'after', partId: open.part.id, everyDays: 3, times: 4 },
          }}
          onClose={close}
        />
      ) : null}
    </aside>
  );
}

const fromTo = (first: string, last: string): string =>
  first === last ? shortDate(first) : `${shortDate(first)} to ${shortDate(last)}`;
