'use client';
/** The lesson list as an outline that is worked in by keys: type, paste, reorder, indent, rename, choose several. */
import { indent, outdent } from './shape-actions';
import { useRef, useState, type ClipboardEvent, type KeyboardEvent, type MouseEvent } from 'react';
import { lengthText } from '@/core/calendar/dates';
import { Caution, Small } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { changeLesson, dropLessons, newLesson, shiftLesson } from './actions';
import { PartStrip } from './part-strip';
import type { LessonsView, LessonView } from './load';
import { Row, Number, Title, Pages, All, TypeBox } from './list-rows';

export interface Chosen {
  /** The lesson the detail shows. */
  at?: string;
  /** All that are chosen, that one included. */
  ids: string[];
}

export const LIST_KEYS = [
  { keys: '↑ ↓', does: 'go through the lessons; with Shift choose several' },
  { keys: 'Alt ↑ ↓', does: 'move a lesson up or down' },
  { keys: 'm', does: 'move what is chosen to another place, however far' },
  { keys: 'Alt →', does: 'make it a topic of the lesson above' },
  { keys: 'Alt ←', does: 'make its last topic a lesson' },
  { keys: 'Enter', does: 'type another lesson below it' },
  { keys: 'F2', does: 'rename it' },
  { keys: 'Delete', does: 'drop what is chosen' },
  { keys: 'Ctrl V', does: 'paste lessons' },
];

export function LessonList({
  view,
  chosen,
  choose,
  onPasted,
  onMove,
}: {
  view: LessonsView;
  chosen: Chosen;
  choose: (chosen: Chosen) => void;
  onPasted: (text: string) => void;
  /** To another place, however far. */
  onMove: () => void;
}) {
  const { lessons, unit } = view;
  const { act } = useAct();
  const list = useRef<HTMLOListElement>(null);
  const [typing, setTyping] = useState<{ is: 'new' | 'rename'; at: string }>();
  const longest = Math.max(60, ...lessons.map((l) => l.takes));
  const focus = (id: string): void =>
    list.current?.querySelector<HTMLButtonElement>(`[data-lesson="${id}"]`)?.focus();

  const onKeyDown = (e: KeyboardEvent<HTMLOListElement>): void => {
    const at = lessons.findIndex((l) => l.id === chosen.at);
    const here = lessons[at];
    if (!here || (e.target as Element).closest('input')) return;
    const up = e.key === 'ArrowUp';
    const done = (): void => {
      e.preventDefault();
      e.stopPropagation();
    };
    if (up || e.key === 'ArrowDown') {
      done();
      if (e.altKey) return act((base) => shiftLesson(base, { lessonId: here.id, by: up ? -1 : 1 }));
      const next = lessons[Math.min(lessons.length - 1, Math.max(0, at + (up ? -1 : 1)))];
      // Going back over what is chosen lets go of it.
      const stretched = chosen.ids.includes(next.id)
        ? chosen.ids.filter((i) => i !== here.id || i === next.id)
        : [...chosen.ids, next.id];
      choose({
        at: next.id,
        ids: e.shiftKey ? stretched : [next.id],
      });
      focus(next.id);
    } else if (e.altKey && e.key === 'ArrowRight') {
      done();
      act((base) => indent(base, here.id), {
        then: () => {
          const above = lessons[at - 1];
          if (above) {
            choose({ at: above.id, ids: [above.id] });
            focus(above.id);
          }
        },
      });
    } else if (e.altKey && e.key === 'ArrowLeft') {
      done();
      if (here.topics.length)
        act((base) => outdent(base, { lessonId: here.id, index: here.topics.length - 1 }));
    } else if (e.key === 'Enter' && !e.ctrlKey && !e.metaKey) {
      done();
      setTyping({ is: 'new', at: here.id });
    } else if (e.key === 'm' && !e.ctrlKey && !e.metaKey && !e.altKey) {
      done();
      onMove();
    } else if (e.key === 'F2') {
      done();
      setTyping({ is: 'rename', at: here.id });
    } else if (e.key === 'Delete') {
      done();
      const next =
        lessons.find((l, i) => i > at && !chosen.ids.includes(l.id)) ??
        lessons.filter((l) => !chosen.ids.includes(l.id)).at(-1);
      act((base) => dropLessons(base, chosen.ids), {
        then: () => {
          choose({ at: next?.id, ids: next ? [next.id] : [] });
          if (next) focus(next.id);
        },
      });
    }
  };
  const onPaste = (e: ClipboardEvent): void => {
    if ((e.target as Element).closest('input')) return;
    const text = e.clipboardData.getData('text/plain');
    if (!text.trim()) return;
    e.preventDefault();
    onPasted(text);
  };
  const onClick = (e: MouseEvent, l: LessonView): void => {
    if (e.ctrlKey || e.metaKey)
      return choose({
        at: l.id,
        ids:
          chosen.ids.includes(l.id) && chosen.ids.length > 1
            ? chosen.ids.filter((i) => i !== l.id)
            : [...chosen.ids, l.id],
      });
    if (e.shiftKey && chosen.at) {
      const [a, b] = [chosen.at, l.id]
        .map((id) => lessons.findIndex((x) => x.id === id))
        .sort((x, y) => x - y);
      return choose({ at: l.id, ids: lessons.slice(a, b + 1).map((x) => x.id) });
    }
    choose({ at: l.id, ids: [l.id] });
  };
  const add = (title: string, after: string): void => {
    if (!title.trim()) return stop(after);
    act((base) => newLesson(base, { unitId: unit!.id, title, after }));
  };
  const stop = (id: string): void => {
    setTyping(undefined);
    requestAnimationFrame(() => focus(id));
  };

  return (
    <ol ref={list} onKeyDown={onKeyDown} onPaste={onPaste} aria-label="Lessons">
      {lessons.map((l) => (
        <Row key={l.id} $chosen={chosen.ids.includes(l.id)}>
          {typing?.is === 'rename' && typing.at === l.id ? (
            <Typed
              label={`Title of lesson ${l.number}`}
              start={l.title}
              onDone={(title) => {
                stop(l.id);
                if (title.trim() && title !== l.title) act((base) => changeLesson(base, l.id, { title }));
              }}
              onLeave={() => stop(l.id)}
            />
          ) : (
            <button
              type="button"
              data-lesson={l.id}
              aria-pressed={chosen.ids.includes(l.id)}
              tabIndex={l.id === chosen.at ? 0 : -1}
              onClick={(e) => onClick(e, l)}
              onDoubleClick={() => setTyping({ is: 'rename', at: l.id })}
            >
              <Number>{l.number}</Number>
              <Title>
                {l.title}
                {l.topics.length ? (
                  <Small>
                    {l.topics.length} {l.topics.length === 1 ? 'topic' : 'topics'}
                  </Small>
                ) : null}
                {l.optional ? <Small>may be left out</Small> : null}
                {l.buildsOn ? null : <Small>in any order</Small>}
                {whereTo(l, unit)}
              </Title>
              <Pages>{l.spinePages}</Pages>
              <PartStrip parts={l.parts} longest={longest} />
              <All>{l.takes ? lengthText(l.takes) : ''}</All>
            </button>
          )}
          {typing?.is === 'new' && typing.at === l.id ? (
            <Typed
              label={`A lesson after lesson ${l.number}`}
              start=""
              keepOpen
              onDone={(title) => add(title, l.id)}
              onLeave={() => stop(l.id)}
              onPasted={onPasted}
            />
          ) : null}
        </Row>
      ))}
    </ol>
  );
}

/** A line to type a title in: Enter keeps it, Escape leaves it. */
function Typed({
  label,
  start,
  keepOpen,
  onDone,
  onLeave,
  onPasted,
}: {
  label: string;
  start: string;
  keepOpen?: boolean;
  onDone: (title: string) => void;
  onLeave: () => void;
  onPasted?: (text: string) => void;
}) {
  const [title, setTitle] = useState(start);
  return (
    <TypeBox
      autoFocus
      aria-label={label}
      value={title}
      maxLength={200}
      placeholder="Its title, then Enter; Escape when there are no more"
      onChange={(e) => setTitle(e.target.value)}
      onFocus={(e) => e.target.select()}
      onBlur={() => {
        if (!title.trim() || title === start) onLeave();
      }}
      onPaste={(e) => {
        const text = e.clipboardData.getData('text/plain');
        if (onPasted && text.trim().includes('\n')) {
          e.preventDefault();
          onLeave();
          onPasted(text);
        }
      }}
      onKeyDown={(e) => {
        e.stopPropagation();
        if (e.key === 'Enter') {
          e.preventDefault();
          onDone(title);
          if (keepOpen) setTitle('');
        }
        if (e.key === 'Escape') onLeave();
      }}
    />
  );
}

/** What is said of a lesson that stands on no day, where it should. */
function whereTo({ dates, leftOut }: LessonView, unit: LessonsView['unit']) {
  if (dates.length || unit?.waiting) return null;
  if (leftOut) return <Small>left out</Small>;
  return unit?.closedOn ? <Small>left over</Small> : <Caution as="small">has no place yet</Caution>;
}
