'use client';
/**
 * A press on a button is not lost because the form moves under it: leaving a field may draw a fault or settle a figure,
 * and the button is elsewhere when the finger goes up. A pointer that stayed where it went down pressed what was there.
 */
import { useEffect } from 'react';

/** Pixels a pointer may stray between down and up and still have stayed. */
const STRAY = 6;
const PRESSABLE = 'button, [role=button], a[href], summary';

export function useKeepClicks(): void {
  useEffect(() => {
    let down: { target: HTMLElement; x: number; y: number } | undefined;
    const onDown = (e: PointerEvent): void => {
      const target =
        e.target instanceof Element && e.isPrimary && e.button === 0 ? e.target.closest(PRESSABLE) : null;
      down = target instanceof HTMLElement ? { target, x: e.clientX, y: e.clientY } : undefined;
    };
    const onUp = (e: PointerEvent): void => {
      const pressed = down;
      down = undefined;
      if (!pressed || Math.hypot(e.clientX - pressed.x, e.clientY - pressed.y) > STRAY) return;
      const { target } = pressed;
      const isThere = document.elementFromPoint(e.clientX, e.clientY);
      if (!target.isConnected || (isThere && target.contains(isThere))) return;
      // The finger went up on it, though it has moved away since: the browser’s own press is coming.
      if (e.target instanceof Node && target.contains(e.target)) return;
      setTimeout(() => target.isConnected && target.click(), 0);
    };
    window.addEventListener('pointerdown', onDown, true);
    window.addEventListener('pointerup', onUp, true);
    return () => {
      window.removeEventListener('pointerdown', onDown, true);
      window.removeEventListener('pointerup', onUp, true);
    };
  }, []);
}
