import { connection } from 'next/server';
import { shortDate } from '@/core/calendar/dates';
import { copiesOf } from '@/data/copies';
import { storePath, storeTrouble } from '@/data/open';
import { planOutOf } from '@/data/restore';
import { sizeText } from '../frame/file-size';

export interface StoreTroubleView {
  message: string;
  path: string;
  copies: { name: string; called: string; size: string }[];
  /** The plan can still be read out of the store as it lies there. */
  canRescue: boolean;
}

/** What is wrong with the store, which copies there are, and what can be saved out of it; undefined when nothing is wrong. */
export async function loadStoreTrouble(): Promise<StoreTroubleView | undefined> {
  await connection();
  const trouble = storeTrouble();
  if (!trouble) return undefined;
  const path = storePath();
  return {
    message: trouble.message,
    path,
    copies: copiesOf(path)
      .filter((c) => c.kind !== 'damaged')
      .map((c) => ({
        name: c.name,
        called: `${shortDate(c.at.toISOString().slice(0, 10))} ${c.at.toTimeString().slice(0, 5)}, ${c.kind}`,
        size: sizeText(c.bytes),
      })),
    canRescue: planOutOf(path) !== undefined,
  };
}
