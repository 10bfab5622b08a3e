'use server';
/** Opening the household to other devices, and each child's own link. None of it is part of the plan. */
import { refresh } from 'next/cache';
import { closeHousehold, openHousehold, renewCode } from '@/data/household-door';
import { faultFrom } from '@/data/fault';
import { store, storePath } from '@/data/open';

/** What is wrong and at which field; undefined where it was done. */
export type Wrong = { where: 'passphrase' | 'names' | ''; what: string } | undefined;

export async function openTheHouse(passphrase: unknown, names: unknown): Promise<Wrong> {
  if (typeof passphrase !== 'string' || typeof names !== 'string')
    return { where: '', what: 'This cannot be read. Load the sheet again.' };
  const list = names.split(/[\s,;]+/).filter(Boolean);
  return done(() => openHousehold(store(), passphrase, list.slice(0, 20)));
}

export async function closeTheHouse(): Promise<Wrong> {
  return done(async () => {
    closeHousehold(store());
    return undefined;
  });
}

export async function giveNewLink(childId: unknown): Promise<Wrong> {
  return done(async () => {
    const isThere =
      typeof childId === 'string' && store().prepare('SELECT 1 FROM child WHERE id = ?').get(childId);
    if (!isThere) return { where: '' as const, what: 'This child is no longer there. Load the sheet again.' };
    renewCode(store(), childId);
    return undefined;
  });
}

async function done(what: () => Promise<Wrong>): Promise<Wrong> {
  try {
    const wrong = await what();
    if (!wrong) refresh();
    return wrong;
  } catch (e) {
    const fault = faultFrom(e, storePath());
    if (!fault) throw e;
    return { where: '', what: fault.message };
  }
}
