'use client';
/** Words written in a model of handwriting. */
import type { ReactNode } from 'react';
import type { HandModel } from '@/core/ladder/hand-models';
import { HAND_FACES } from './hand-faces';

export function InHand({ hand, children }: { hand: HandModel; children: ReactNode }) {
  return <p className={HAND_FACES[hand]}>{children}</p>;
}
