'use client';
/** Moving a lesson to another day: by dragging it, by keys, or from its menu; the same on one week and on several. */
import { useRef, type HTMLAttributes, type KeyboardEvent, type RefObject } from 'react';
import { useDrag } from 'react-aria/useDrag';
import { useDrop } from 'react-aria/useDrop';
import { shortDate } from '@/core/calendar/dates';
import type { Doing } from '@/kit/list-line';
import { useAct } from '../frame/use-act';
import { move } from './actions';

const DRAGGED = 'application/x-hausplan-lesson';
/** Days from where it stands for which a lesson's menu names each school day. */
const NEAR = 14;

interface Movable {
  lessonId: string;
  title: string;
  canMove: boolean;
}

interface Moves {
  dragProps: HTMLAttributes<HTMLElement>;
  isDragging: boolean;
  onKeyDown: (e: KeyboardEvent) => void;
  /** A school day earlier or later. */
  steps: Doing[];
  /** The other school days near it. */
  near: Doing[];
}

/** @param schoolDays those it can be moved to */
export function useMoves(
  { lessonId, title, canMove }: Movable,
  date: string,
  schoolDays: readonly string[],
): Moves {
  const { act } = useAct();
  const { dragProps, isDragging } = useDrag({
    getItems: () => [{ [DRAGGED]: JSON.stringify({ lessonId, from: date }), 'text/plain': title }],
    isDisabled: !canMove,
  });
  const to = (target: string | undefined): void => {
    if (target) act((base) => move(base, { lessonId, from: date, to: target }));
  };
  const earlier = schoolDays.filter((d) => d < date).at(-1);
  const later = schoolDays.find((d) => d > date);
  const step = (name: string, keys: string, target: string | undefined): Doing[] =>
    canMove && target ? [{ name: `${name}, ${shortDate(target)}`, keys, do: () => to(target) }] : [];
  return {
    dragProps,
    isDragging,
    onKeyDown: (e) => {
      if (!e.altKey || (e.key !== 'ArrowLeft' && e.key !== 'ArrowRight')) return;
      e.preventDefault();
      e.stopPropagation();
      if (canMove) to(e.key === 'ArrowLeft' ? earlier : later);
    },
    steps: [...step('A school day earlier', 'Alt ←', earlier), ...step('A school day later', 'Alt →', later)],
    near: canMove
      ? schoolDays
          .filter(
            (d) =>
              ![earlier, later, date].includes(d) &&
              Math.abs(Date.parse(d) - Date.parse(date)) <= NEAR * 86_400_000,
          )
          .map((d) => ({ name: shortDate(d), do: () => to(d) }))
      : [],
  };
}

/** A day onto which a lesson can be let fall. */
export function useDropOn(date: string): {
  ref: RefObject<HTMLDivElement | null>;
  dropProps: HTMLAttributes<HTMLElement>;
  isDropTarget: boolean;
} {
  const { act } = useAct();
  const ref = useRef<HTMLDivElement>(null);
  const { dropProps, isDropTarget } = useDrop({
    ref,
    getDropOperation: (types) => (types.has(DRAGGED) ? 'move' : 'cancel'),
    onDrop: ({ items }) => {
      void (async () => {
        const item = items.find((i) => i.kind === 'text' && i.types.has(DRAGGED));
        if (item?.kind !== 'text') return;
        const dragged = JSON.parse(await item.getText(DRAGGED)) as { lessonId: string; from: string };
        if (dragged.from !== date) act((base) => move(base, { ...dragged, to: date }));
      })();
    },
  });
  return { ref, dropProps, isDropTarget };
}
