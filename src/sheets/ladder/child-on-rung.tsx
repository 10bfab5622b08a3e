'use client';
/**
 * A child standing on a rung of one kind of work: what they get, and all that can be done about it, by drag, by key or
 * from the menu.
 */
import { useRef, type KeyboardEvent, type ReactNode } from 'react';
import { useDrag } from 'react-aria/useDrag';
import { useDrop } from 'react-aria/useDrop';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import type { Rung } from '@/core/plan/measures';
import { Hatch } from '@/kit/hatch';
import { Menu } from '@/kit/menu';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import {
  moveForLesson,
  moveForPart,
  moveFromHere,
  moveKind,
  sitOut,
  skip,
  teach,
  unswap,
  unword,
} from './actions';
import type { LadderRow, Standing } from './load';

const DRAGGED = 'application/x-hausplan-standing';
type Carried = Pick<Standing, 'movedBy'> & { partId: string; childId: string; rung: Rung };

export type Asks = 'word' | 'swap' | 'show' | 'add';

interface Props {
  row: LadderRow;
  standing: Standing;
  lessonId: string;
  onAsk: (what: Asks) => void;
}

export function ChildOnRung({ row, standing, lessonId, onAsk }: Props) {
  const { child, assignment, movedBy, lessonMovedBy, done, swapped, elder } = standing;
  const { act } = useAct();
  const ids = { partId: row.partId, childId: child.id };
  const { rung } = assignment;
  const here = (by: number): void => act((base) => moveForPart(base, { ...ids, by: movedBy + by }));
  const lesson = (by: number): void =>
    act((base) => moveForLesson(base, { lessonId, childId: child.id, by: lessonMovedBy + by }));
  const onKeyDown = (e: KeyboardEvent): void => {
    const by = { ArrowLeft: -1, ArrowRight: 1 }[e.key] ?? 0;
    if (!by || done || rung + by < 1 || rung + by > 5) return;
    e.preventDefault();
    e.stopPropagation();
    if (e.shiftKey) lesson(by);
    else here(by);
  };
  const { dragProps, isDragging } = useDrag({
    getItems: () => [
      {
        [DRAGGED]: JSON.stringify({ ...ids, movedBy, rung } satisfies Carried),
        'text/plain': `${child.name}: ${row.title}`,
      },
    ],
    isDisabled: done,
  });
  const [top, bottom] = [rung === 5 || done, rung === 1 || done];
  const alone = row.together === null && row.kind !== 'teaching';
  return (
    <div
      {...dragProps}
      onKeyDownCapture={onKeyDown}
      role="presentation"
      data-dragging={isDragging || undefined}
    >
      <Menu
        label={child.name}
        groups={[
          {
            title: `${row.title}, ${child.name}`,
            doings: [
              { name: 'A rung up', keys: '→', isDisabled: top, do: () => here(1) },
              { name: 'A rung down', keys: '←', isDisabled: bottom, do: () => here(-1) },
              {
                name: 'Up in this kind from here on',
                isDisabled: top,
                do: () => act((base) => moveKind(base, { ...ids, step: 1 })),
              },
              {
                name: 'Down in this kind from here on',
                isDisabled: bottom,
                do: () => act((base) => moveKind(base, { ...ids, step: -1 })),
              },
              ...(movedBy
                ? [
                    {
                      name: 'Back on their own rung here',
                      do: () => act((base) => moveForPart(base, { ...ids, by: 0 })),
                    },
                  ]
                : []),
            ],
          },
          {
            title: 'What it is',
            doings: [
              { name: 'Word it by hand…', isDisabled: done, do: () => onAsk('word') },
              ...(row.kind === 'tell-back'
                ? [{ name: 'Show it another way…', do: () => onAsk('show') }]
                : []),
              ...(alone && !swapped
                ? [{ name: 'Something else instead…', isDisabled: done, do: () => onAsk('swap') }]
                : []),
              ...(swapped
                ? [{ name: 'Like the others again', do: () => act((base) => unswap(base, ids)) }]
                : []),
              ...(alone && elder
                ? [
                    {
                      name: `${elder.name} teaches ${child.name} this`,
                      isDisabled: done,
                      do: () =>
                        act((base) =>
                          teach(base, { partId: row.partId, youngerId: child.id, elderId: elder.id }),
                        ),
                    },
                  ]
                : []),
              ...(row.kind === 'teaching'
                ? []
                : [{ name: `${child.name} leaves it out`, do: () => act((base) => skip(base, ids)) }]),
              ...(assignment.byHand
                ? [{ name: 'Go by the ladder again', do: () => act((base) => unword(base, ids)) }]
                : []),
            ],
          },
          {
            title: `${child.name}, all work of the lesson`,
            doings: [
              { name: 'The lesson a rung up', keys: 'Shift →', isDisabled: top, do: () => lesson(1) },
              { name: 'The lesson a rung down', keys: 'Shift ←', isDisabled: bottom, do: () => lesson(-1) },
              {
                name: 'A rung up from here on',
                isDisabled: top,
                do: () => act((base) => moveFromHere(base, { lessonId, childId: child.id, step: 1 })),
              },
              {
                name: 'A rung down from here on',
                isDisabled: bottom,
                do: () => act((base) => moveFromHere(base, { lessonId, childId: child.id, step: -1 })),
              },
              ...(lessonMovedBy
                ? [{ name: 'Back on their own rung', do: () => lesson(-lessonMovedBy) }]
                : []),
              { name: `Add something for ${child.name}…`, do: () => onAsk('add') },
              {
                name: `${child.name} sits this lesson out`,
                do: () => act((base) => sitOut(base, { lessonId, childId: child.id, joins: false })),
              },
            ],
          },
        ]}
      >
        <Look
          aria-label={`${child.name}: ${assignment.wording}, ${assignment.minutes} minutes${done ? ', done' : ''}`}
        >
          <b>{assignment.wording}</b>
          {assignment.note && row.together === null ? <Note>{assignment.note}</Note> : null}
          {assignment.produces || assignment.supplies ? (
            <Note>
              {[
                assignment.produces ? `makes ${assignment.produces}` : '',
                assignment.supplies ? `takes ${assignment.supplies}` : '',
              ]
                .filter(Boolean)
                .join(' · ')}
            </Note>
          ) : null}
          <Who>
            <Hatch name={child.hatch} />
            <strong>{child.name}</strong>
            <span>
              {done
                ? 'done'
                : `${assignment.minutes} min${assignment.parentMinutes ? `, ${assignment.parentMinutes} with you` : ''}`}
            </span>
          </Who>
          {movedBy || lessonMovedBy || assignment.byHand ? (
            <Note>
              {[
                movedBy ? `${Math.abs(movedBy)} ${movedBy > 0 ? 'up' : 'down'} in this` : '',
                lessonMovedBy
                  ? `${Math.abs(lessonMovedBy)} ${lessonMovedBy > 0 ? 'up' : 'down'} for this lesson`
                  : '',
                assignment.byHand ? 'worded by hand' : '',
              ]
                .filter(Boolean)
                .join(' · ')}
            </Note>
          ) : null}
        </Look>
      </Menu>
    </div>
  );
}

/** A rung of one row: a child let go of on it stands there, in that piece of work of this lesson. */
export function RungCell({ rung, taken, children }: { rung: Rung; taken: boolean; children: ReactNode }) {
  const { act } = useAct();
  const ref = useRef<HTMLTableCellElement>(null);
  const { dropProps, isDropTarget } = useDrop({
    ref,
    getDropOperation: (types) => (types.has(DRAGGED) ? 'move' : 'cancel'),
    onDrop: (e) => {
      const item = e.items.find((i) => i.kind === 'text' && i.types.has(DRAGGED));
      if (item?.kind !== 'text') return;
      void item.getText(DRAGGED).then((text) => {
        const carried = JSON.parse(text) as Carried;
        const by = Math.max(-4, Math.min(4, carried.movedBy + rung - carried.rung));
        if (by !== carried.movedBy)
          act((base) => moveForPart(base, { partId: carried.partId, childId: carried.childId, by }));
      });
    },
  });
  return (
    <Cell ref={ref} {...dropProps} role={undefined} $taken={taken} $aimed={isDropTarget}>
      {children}
    </Cell>
  );
}

const Cell = styled.td<{ $taken: boolean; $aimed: boolean }>`
  border: solid ${colour.ink};
  border-width: 2px 1px;
  vertical-align: top;
  padding: 2px;
  height: 96px;
  background: ${(p) => {
    if (p.$aimed) return colour.pressed;
    if (p.$taken) return colour.room;
    return 'transparent';
  }};
  &:nth-child(2) {
    border-left-width: 2px;
  }
  &:last-child {
    border-right-width: 2px;
  }
`;
const Look = styled(AriaButton)`
  background: none;
  border: 0;
  padding: 7px 9px;
  width: 100%;
  text-align: left;
  cursor: pointer;
  display: grid;
  gap: 5px;
  font-size: 13.5px;
  overflow-wrap: anywhere;
  &[data-hovered] {
    background: ${colour.field};
  }
  div + div > & {
    border-top: 1px solid ${colour.rule};
  }
  [data-dragging] & {
    opacity: 0.5;
  }
`;
const Who = styled.span`
  display: flex;
  gap: 6px;
  align-items: center;
  flex-wrap: wrap;
  span {
    margin-left: auto;
    color: ${colour.graphite};
    font-size: 12.5px;
  }
`;
const Note = styled.small`
  font-size: 12.5px;
  color: ${colour.graphite};
`;
