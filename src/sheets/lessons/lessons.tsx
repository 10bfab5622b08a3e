'use client';
import { gather, swap } from './shape-actions';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { paceFigures } from '@/core/plan/called';
import { dayMonth, lengthText } from '@/core/calendar/dates';
import { Button } from '@/kit/button';
import { Link } from '@/kit/link';
import { Menu } from '@/kit/menu';
import { Quiet } from '@/kit/text';
import { Frame } from '../frame/frame';
import { inYear } from '../frame/look';
import { useAct } from '../frame/use-act';
import { dropLessons, mayBeLeftOut, orderIsHabit } from './actions';
import { LessonDetail } from './lesson-detail';
import { LessonList, LIST_KEYS, type Chosen } from './lesson-list';
import type { LessonsView } from './load';
import { Pacing } from './pace';
import { SOURCES, type Source } from './source-names';
import { Begin, AddLesson, Columns, Head, Length, Bar } from './lessons-head';

/** Loaded when they are first opened. */
const ComesBack = dynamic(() => import('./comes-back').then((m) => m.ComesBack));
const AddLessons = dynamic(() => import('./add-lessons').then((m) => m.AddLessons), { ssr: false });
const GroupDialog = dynamic(() => import('./shaping').then((m) => m.GroupDialog), { ssr: false });
const MoveDialog = dynamic(() => import('./shaping').then((m) => m.MoveDialog), { ssr: false });
const JoinDialog = dynamic(() => import('./shaping').then((m) => m.JoinDialog), { ssr: false });
const PauseDialog = dynamic(() => import('./shaping').then((m) => m.PauseDialog), { ssr: false });
const SplitDialog = dynamic(() => import('./shaping').then((m) => m.SplitDialog), { ssr: false });
const StretchDialog = dynamic(() => import('./shaping').then((m) => m.StretchDialog), { ssr: false });

type Open =
  | { is: 'add'; source: Source; text: string }
  | { is: 'group' | 'join' | 'move' | 'split' | 'stretch' | 'pause' };

export function LessonsSheet(view: LessonsView) {
  const { info, unit, lessons, verdict } = view;
  const [open, setOpen] = useState<Open>();
  const [picked, setPicked] = useState<Chosen>({ at: view.chosen, ids: view.chosen ? [view.chosen] : [] });
  const close = (): void => setOpen(undefined);
  if (!unit) {
    return (
      <Frame info={info} sheet={4} title="Lessons" figures={[]}>
        <p>
          There is no unit yet. <Link href="/unit">Begin one</Link>; then its lessons come from a contents
          page, a guide, a pack, cards, questions or a brainstorm.
        </p>
      </Frame>
    );
  }
  const at = lessons.find((l) => l.id === picked.at) ?? lessons[0];
  const ids = lessons.filter((l) => picked.ids.includes(l.id)).map((l) => l.id);
  const here = at ? [at.id] : [];
  const chosen: Chosen = { at: at?.id, ids: ids.length ? ids : here };
  const several = lessons.filter((l) => chosen.ids.includes(l.id));
  const chosenLessons = several.length > 1 ? several : lessons.filter((l) => l === at);
  const shaped = several.length > 1 ? several : lessons;
  const addFrom = SOURCES.map((s) => ({
    name: s.name,
    do: () => setOpen({ is: 'add', source: s.value, text: '' }),
  }));
  return (
    <Frame
      info={info}
      sheet={4}
      title="Lessons"
      subtitle={
        <>
          {unit.title} · {lessons.length} {lessons.length === 1 ? 'lesson' : 'lessons'}
          {unit.lessonsPerWeek ? `, ${paceFigures(unit)} a week` : ''}
          {verdict?.finishes ? `, to ${dayMonth(verdict.finishes)}` : ''}
          {unit.waiting ? ', waiting for its place in the year' : ''}
          {unit.closedOn ? `, closed on ${dayMonth(unit.closedOn)}` : ''}
        </>
      }
      actions={
        <>
          <Button isDisabled={lessons.length < 2} onPress={() => setOpen({ is: 'group' })}>
            Group…
          </Button>
          <Button isDisabled={!lessons.length} onPress={() => setOpen({ is: 'stretch' })}>
            Stretch over a week…
          </Button>
          <Menu label="Add lessons from" groups={[{ title: 'Add lessons from', doings: addFrom }]}>
            <Button $primary={!lessons.length}>Add lessons from… ▾</Button>
          </Menu>
        </>
      }
      figures={[
        { name: 'Teaching', value: lengthText(lessons.reduce((sum, l) => sum + l.takes, 0)), how: 'work' },
        ...(verdict?.finishes
          ? [
              {
                name: unit.lessonsPerWeek ? `At ${paceFigures(unit)} a week` : 'Spread evenly',
                value: `ends ${dayMonth(verdict.finishes)}`,
              },
            ]
          : []),
        ...(verdict?.remedy
          ? [
              {
                name: `At ${verdict.remedy.lessonsPerWeek} a week`,
                value: `ends ${dayMonth(verdict.remedy.finishes)}`,
              },
            ]
          : []),
      ]}
      keys={LIST_KEYS}
    >
      {lessons.length === 0 ? (
        <Begin onSource={(source) => setOpen({ is: 'add', source, text: '' })} unitId={unit.id} />
      ) : null}
      <Columns>
        <div>
          {lessons.length ? (
            <Head aria-hidden="true">
              <span />
              <span>Lesson</span>
              <span>Spine</span>
              <span>Through the lesson, in minutes</span>
              <span>all</span>
            </Head>
          ) : null}
          <LessonList
            view={view}
            chosen={chosen}
            choose={setPicked}
            onPasted={(text) => setOpen({ is: 'add', source: 'contents', text })}
            onMove={() => setOpen({ is: 'move' })}
          />
          {several.length > 1 ? (
            <Several
              view={view}
              several={several}
              open={(is) => setOpen({ is })}
              onGone={() => setPicked({ ids: [] })}
            />
          ) : null}
          <AddLesson unitId={unit.id} onPasted={(text) => setOpen({ is: 'add', source: 'contents', text })} />
          {lessons.length && !unit.waiting && !unit.closedOn ? (
            <Length>
              <Pacing view={view} />
            </Length>
          ) : null}
          <ComesBack view={view} />
          {lessons.length ? (
            <Quiet>
              <a
                href={inYear(`/files/lessons.csv?unit=${unit.id}`, view.info.looking?.id)}
                download="lessons.csv"
              >
                Save the lessons as a table (CSV)
              </a>
            </Quiet>
          ) : null}
        </div>
        {at ? (
          <LessonDetail
            key={at.id}
            view={view}
            lesson={at}
            onSplit={() => setOpen({ is: 'split' })}
            onPause={() => setOpen({ is: 'pause' })}
            onMove={() => setOpen({ is: 'move' })}
            onGone={() => setPicked({ ids: [] })}
          />
        ) : null}
      </Columns>
      {open?.is === 'add' ? (
        <AddLessons
          unitId={unit.id}
          pagesOfBook={view.spinePages}
          lessonsThere={lessons.length}
          how={{
            ...view.dates,
            taste: unit.taste,
            codes: view.objectives.flatMap((o) => o.code || []),
          }}
          start={open}
          onClose={close}
        />
      ) : null}
      {open?.is === 'group' ? <GroupDialog lessons={shaped} onClose={close} /> : null}
      {open?.is === 'move' && chosenLessons.length ? (
        <MoveDialog lessons={chosenLessons} of={lessons.length} onClose={close} />
      ) : null}
      {open?.is === 'join' ? <JoinDialog lessons={several} onClose={close} /> : null}
      {open?.is === 'split' && at ? <SplitDialog lesson={at} onClose={close} /> : null}
      {open?.is === 'pause' && at ? <PauseDialog lesson={at} onClose={close} /> : null}
      {open?.is === 'stretch' ? (
        <StretchDialog
          lessons={chosenLessons}
          patterns={view.patterns}
          weekdays={view.weekdays}
          onClose={close}
        />
      ) : null}
    </Frame>
  );
}

/** What can be done with several lessons at once. */
function Several({
  view,
  several,
  open,
  onGone,
}: {
  view: LessonsView;
  several: LessonsView['lessons'];
  open: (is: 'group' | 'join' | 'move' | 'stretch') => void;
  onGone: () => void;
}) {
  const { act } = useAct();
  const ids = several.map((l) => l.id);
  return (
    <Bar role="toolbar" aria-label={`${several.length} lessons chosen`}>
      <b>
        {several.length} of {view.lessons.length} chosen
      </b>
      <Button onPress={() => open('move')}>Move to…</Button>
      <Button onPress={() => open('join')}>Join into one…</Button>
      <Button onPress={() => open('group')}>Group…</Button>
      {several.length === 2 ? (
        <Button onPress={() => act((base) => swap(base, { a: ids[0], b: ids[1] }))}>Swap</Button>
      ) : null}
      <Button onPress={() => open('stretch')}>Stretch…</Button>
      {several.some((l) => l.stretched) ? (
        <Button onPress={() => act((base) => gather(base, ids))}>Take together</Button>
      ) : null}
      <Button
        onPress={() =>
          act((base) => mayBeLeftOut(base, { ids, optional: !several.every((l) => l.optional) }))
        }
      >
        {several.every((l) => l.optional) ? 'Not optional' : 'Optional'}
      </Button>
      <Button
        onPress={() => act((base) => orderIsHabit(base, { ids, buildsOn: !several.some((l) => l.buildsOn) }))}
      >
        {several.some((l) => l.buildsOn) ? 'In any order' : 'In this order'}
      </Button>
      <Button onPress={() => act((base) => dropLessons(base, ids), { then: onGone })}>Drop</Button>
    </Bar>
  );
}
