'use client';
/** Arrows from where lessons stood to where they would stand, drawn over the weeks. */
import { useLayoutEffect, useState, type RefObject } from 'react';
import styled from 'styled-components';
import { colour, narrow } from '@/kit/tokens';

interface Arrow {
  id: string;
  path: string;
}

/** @param of changes whenever what is drawn does */
export function Arrows({ within, of }: { within: RefObject<HTMLDivElement | null>; of: string }) {
  const [arrows, setArrows] = useState<Arrow[]>([]);
  useLayoutEffect(() => {
    const sheet = within.current;
    if (!sheet) return;
    const draw = (): void => setArrows(arrowsIn(sheet));
    draw();
    const watch = new ResizeObserver(draw);
    watch.observe(sheet);
    return () => watch.disconnect();
  }, [within, of]);
  return (
    <Over aria-hidden="true">
      <defs>
        <marker
          id="arrow-head"
          viewBox="0 0 8 8"
          refX="7"
          refY="4"
          markerWidth="7"
          markerHeight="7"
          orient="auto"
        >
          <path d="M0 0 L8 4 L0 8" fill="none" stroke={colour.ink} strokeWidth="1.4" />
        </marker>
      </defs>
      {arrows.map(({ id, path }) => (
        <path
          key={id}
          d={path}
          fill="none"
          stroke={colour.ink}
          strokeWidth="1.1"
          markerEnd="url(#arrow-head)"
        />
      ))}
    </Over>
  );
}

/** From the first place a lesson stood to the first it would stand on that it did not. */
function arrowsIn(sheet: HTMLElement): Arrow[] {
  const frame = sheet.getBoundingClientRect();
  const found: Arrow[] = [];
  for (const was of sheet.querySelectorAll<HTMLElement>('[data-was]')) {
    const id = was.dataset.was!;
    if (found.some((a) => a.id === id)) continue;
    const now = sheet.querySelector<HTMLElement>(`[data-now="${CSS.escape(id)}"]`);
    if (!now) continue;
    found.push({ id, path: between(was.getBoundingClientRect(), now.getBoundingClientRect(), frame) });
  }
  return found;
}

function between(a: DOMRect, b: DOMRect, frame: DOMRect): string {
  const isOn = b.left >= a.right || b.left > a.left;
  const from = { x: (isOn ? a.right : a.left) - frame.left, y: a.top + a.height / 2 - frame.top };
  const isBelow = Math.abs(b.top - a.top) > 20;
  const to = isBelow
    ? { x: b.left + b.width / 2 - frame.left, y: (b.top > a.top ? b.top : b.bottom) - frame.top }
    : { x: (isOn ? b.left : b.right) - frame.left, y: b.top + b.height / 2 - frame.top };
  const bend = isOn ? 18 : -18;
  const [dy, side] = isBelow ? [b.top > a.top ? -16 : 16, 0] : [0, -bend];
  const r = (n: number): number => Math.round(n);
  return `M${r(from.x)} ${r(from.y)} C${r(from.x + bend)} ${r(from.y)} ${r(to.x + side)} ${r(to.y + dy)} ${r(to.x)} ${r(to.y)}`;
}

const Over = styled.svg`
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  overflow: visible;
  pointer-events: none;
  ${narrow} {
    display: none;
  }
`;
