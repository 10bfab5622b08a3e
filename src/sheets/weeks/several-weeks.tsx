'use client';
/** Several weeks on one sheet, a row a week: the lessons on their days, with what a way through would change. */
import { useRef } from 'react';
import styled from 'styled-components';
import { addDays, dayMonth, weekdayName, weekdayOf, weekFrom } from '@/core/calendar/dates';
import type { Drawn, DrawnLesson } from '@/core/edit/ways-through';
import { Cloud } from '@/kit/cloud';
import { Hatch } from '@/kit/hatch';
import { Link } from '@/kit/link';
import { Room } from '@/kit/room';
import { colour, face, narrow } from '@/kit/tokens';

import { Arrows } from './arrows';
import { DropDay, MovableLesson } from './movable-lesson';
import type { WhoIn } from './who-in';

interface Ghost {
  lesson: DrawnLesson;
  /** Struck through: it stands on no day then. */
  isGone: boolean;
}

/** As many weeks as are drawn. */
const MOST_WEEKS = 8;

export function SeveralWeeks({
  drawn,
  before,
  changed,
  gone,
  from,
  today,
  letter,
  weekHref,
  who,
  canMove = false,
}: {
  drawn: Drawn;
  /** How it stands now; old places are shown where a lesson has moved. */
  before: Drawn;
  changed: ReadonlySet<string>;
  gone: ReadonlySet<string>;
  from: string;
  today: string;
  /** Of the way that is looked at; none where the plan is shown as it is. */
  letter?: string;
  /** Where a week is looked at by itself. */
  weekHref?: (first: string) => string;
  /** Units by id, told apart where there are several. */
  who: Record<string, WhoIn>;
  /** Whether lessons are moved here, as on one week. */
  canMove?: boolean;
}) {
  const sheet = useRef<HTMLDivElement>(null);
  const coming = drawn.schoolDays.filter((d) => d >= today);
  const open = new Set(drawn.schoolDays);
  const areSeveral =
    new Set(drawn.lessons.filter((l) => l.dates.some((d) => d >= from)).map((l) => l.unitId)).size > 1;
  const box = (l: DrawnLesson, isNew: boolean) => (
    <Lesson
      key={l.id}
      $state={l.state}
      title={`${l.title}, ${who[l.unitId]?.title ?? ''}`}
      data-now={isNew ? l.id : undefined}
    >
      {l.number} {l.title}
      {areSeveral ? (
        <span aria-hidden="true">
          {who[l.unitId]?.hatches.map((h) => (
            <Hatch key={h} name={h} width={14} height={6} framed={false} />
          ))}
        </span>
      ) : null}
    </Lesson>
  );
  const roomOn = (date: string, l: DrawnLesson) =>
    canMove ? (
      <MovableLesson key={l.id} lesson={l} date={date} schoolDays={coming}>
        {box(l, false)}
      </MovableLesson>
    ) : (
      box(l, changed.has(l.id) && !was.get(l.id)?.dates.includes(date))
    );
  const inWeek = (weekday: number): number => (weekday - drawn.weekBegins + 7) % 7;
  const weekdays = [...new Set([...drawn.schoolDays, ...before.schoolDays].map(weekdayOf))].sort(
    (a, b) => inWeek(a) - inWeek(b),
  );
  const last =
    [...drawn.lessons, ...before.lessons]
      .flatMap((l) => l.dates)
      .sort()
      .at(-1) ?? from;
  const weekStarts: string[] = [];
  for (
    let first = weekFrom(from, drawn.weekBegins);
    first <= last && weekStarts.length < MOST_WEEKS;
    first = addDays(first, 7)
  )
    weekStarts.push(first);
  const on = (list: readonly DrawnLesson[], date: string): DrawnLesson[] =>
    list.filter((l) => l.dates.includes(date));
  const now = new Map(drawn.lessons.map((l) => [l.id, l]));
  const was = new Map(before.lessons.map((l) => [l.id, l]));
  const ghostsOn = (date: string): Ghost[] =>
    on(before.lessons, date)
      .filter((l) => (changed.has(l.id) || gone.has(l.id)) && !now.get(l.id)?.dates.includes(date))
      .map((lesson) => ({ lesson, isGone: gone.has(lesson.id) }));
  const datesOf = (first: string): string[] => weekdays.map((w) => addDays(first, inWeek(w)));
  const wasOpen = new Set(before.schoolDays);
  const isOther = (first: string): boolean =>
    datesOf(first).some(
      (d) =>
        ghostsOn(d).length > 0 ||
        on(drawn.lessons, d).some((l) => changed.has(l.id) && !was.get(l.id)?.dates.includes(d)) ||
        open.has(d) !== wasOpen.has(d),
    );
  const firstOther = weekStarts.findIndex(isOther);
  const lastOther = weekStarts.findLastIndex(isOther);
  const row = (first: string) => {
    const dates = datesOf(first);
    return (
      <Week key={first} style={{ gridTemplateColumns: `72px repeat(${weekdays.length}, minmax(0, 1fr))` }}>
        <Name>
          {weekHref ? <Link href={weekHref(first)}>{dayMonth(first)}</Link> : <b>{dayMonth(first)}</b>}
        </Name>
        {dates.map((date) =>
          open.has(date) ? (
            <Day key={date} $today={date === today} role="group" aria-label={dayMonth(date)}>
              {canMove ? (
                <DropDay date={date}>{on(drawn.lessons, date).map((l) => roomOn(date, l))}</DropDay>
              ) : (
                on(drawn.lessons, date).map((l) => roomOn(date, l))
              )}
              {ghostsOn(date).map(({ lesson: l, isGone }) => (
                <Ghosted
                  key={`was ${l.id}`}
                  data-was={isGone ? undefined : l.id}
                  $gone={isGone}
                  title={isGone ? `${l.title}, left out` : `${l.title} stood here`}
                >
                  {l.number} {l.title}
                </Ghosted>
              ))}
            </Day>
          ) : (
            <Closed key={date} title={`${dayMonth(date)}: no school`}>
              {wasOpen.has(date) ? 'no school' : ''}
              {on(drawn.lessons, date).map((l) => roomOn(date, l))}
              {ghostsOn(date).map(({ lesson: l, isGone }) => (
                <Ghosted
                  key={`was ${l.id}`}
                  data-was={isGone ? undefined : l.id}
                  $gone={isGone}
                  title={`${l.title} stood here`}
                >
                  {l.number} {l.title}
                </Ghosted>
              ))}
            </Closed>
          ),
        )}
      </Week>
    );
  };
  return (
    <Sheet ref={sheet}>
      {letter ? <Arrows within={sheet} of={`${letter} ${[...changed].join(' ')}`} /> : null}
      <Week
        style={{ gridTemplateColumns: `72px repeat(${weekdays.length}, minmax(0, 1fr))` }}
        aria-hidden="true"
      >
        <span />
        {weekdays.map((w) => (
          <b key={w}>{weekdayName(w).slice(0, 3)}</b>
        ))}
      </Week>
      {letter && firstOther >= 0 ? (
        <>
          {weekStarts.slice(0, firstOther).map(row)}
          <Cloud letter={letter}>{weekStarts.slice(firstOther, lastOther + 1).map(row)}</Cloud>
          {weekStarts.slice(lastOther + 1).map(row)}
        </>
      ) : (
        weekStarts.map(row)
      )}
    </Sheet>
  );
}

const Sheet = styled.div`
  position: relative;
  display: grid;
  gap: 6px;
  align-content: start;
  min-width: 0;
  ${narrow} {
    overflow-x: auto;
  }
`;
const Week = styled.div`
  display: grid;
  gap: 6px;
  min-width: 0;
  ${narrow} {
    min-width: 620px;
  }
`;
const Name = styled.span`
  font-size: 13px;
  padding-top: 6px;
`;
const Day = styled.div<{ $today: boolean }>`
  display: grid;
  gap: 4px;
  align-content: start;
  min-height: 46px;
  min-width: 0;
  border-top: ${(p) => (p.$today ? `3px solid ${colour.ink}` : `1px solid ${colour.rule}`)};
  padding-top: 3px;
`;
const Closed = styled.div`
  display: grid;
  gap: 4px;
  align-content: start;
  min-width: 0;
  min-height: 46px;
  padding: 4px 6px;
  font-size: 12px;
  color: ${colour.graphite};
  background: repeating-linear-gradient(-45deg, transparent 0 7px, ${colour.rule} 7px 8px);
`;
const Lesson = styled(Room)`
  font: 600 13.5px/1.25 ${face.title};
  padding: 4px 7px;
  span {
    display: flex;
    gap: 2px;
    margin-top: 3px;
  }
`;
const Ghosted = styled.p<{ $gone: boolean }>`
  border: 1.4px dotted ${colour.pencil};
  background: ${colour.paper};
  padding: 3px 7px;
  font: 500 12.5px/1.25 ${face.title};
  color: ${colour.graphite};
  overflow-wrap: anywhere;
  text-decoration: ${(p) => (p.$gone ? `line-through 2px ${colour.red}` : 'none')};
`;
