import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beforeEach, expect, it } from 'vitest';
import type Database from 'better-sqlite3';
import { aPlan } from '../../tests/sample-plan';
import { writeHausplanJson } from '@/core/formats/hausplan-json';
import { Attempts } from './attempts';
import { readDrawn, write } from './door';
import { undo } from './undo';
import {
  childOf,
  closeHousehold,
  codeOf,
  isPassphrase,
  isTicket,
  openHousehold,
  openTo,
  renewCode,
  STAYS_IN,
  ticketFor,
} from './household-door';
import { open } from './open';

const PHRASE = 'wool on the far hill';
let db: Database.Database;
beforeEach(() => {
  db = open(join(mkdtempSync(join(tmpdir(), 'hausplan-household-')), 'store.sqlite'));
  write<never>(db, 0, { label: () => 'a plan' }, () => ({ plan: aPlan(1) }));
});

it('is closed until there is a passphrase, and closed again nobody is in', async () => {
  expect(openTo(db)).toBeUndefined();
  expect(await isPassphrase(db, '')).toBe(false);
  expect(ticketFor(db, 0)).toBeUndefined();
  expect(await openHousehold(db, PHRASE, ['192.168.1.20', 'house.local'])).toBeUndefined();
  expect(openTo(db)).toEqual(['192.168.1.20', 'house.local']);
  expect(await isPassphrase(db, PHRASE)).toBe(true);
  expect(await isPassphrase(db, `${PHRASE} `)).toBe(false);
  const ticket = ticketFor(db, 1000);
  expect(isTicket(db, ticket, 1000)).toBe(true);
  closeHousehold(db);
  expect(isTicket(db, ticket, 1000)).toBe(false);
});

it('a ticket holds for its time, and for its passphrase alone', async () => {
  await openHousehold(db, PHRASE, ['h']);
  const ticket = ticketFor(db, 0)!;
  expect(isTicket(db, ticket, STAYS_IN * 1000 - 1)).toBe(true);
  expect(isTicket(db, ticket, STAYS_IN * 1000 + 1)).toBe(false);
  const [until, sealed] = ticket.split('.');
  for (const forged of [
    `${Number(until) + 1}.${sealed}`,
    `${until}.${sealed.slice(1)}A`,
    until,
    '',
    undefined,
    '1.',
  ])
    expect(isTicket(db, forged, 0)).toBe(false);
  await openHousehold(db, 'another one, longer', ['h']);
  expect(isTicket(db, ticket, 0)).toBe(false);
});

it.each([
  ['short', ['h'], 'passphrase'],
  ['x'.repeat(73), ['h'], 'passphrase'],
  ['ü'.repeat(37), ['h'], 'passphrase'],
  [PHRASE, [], 'names'],
  [PHRASE, ['http://h'], 'names'],
  [PHRASE, ['h:3210'], 'names'],
  [PHRASE, ['*'], 'names'],
  [PHRASE, ['h', '-h'], 'names'],
])('%j for %j is not taken', async (phrase, names, where) => {
  expect((await openHousehold(db, phrase, names))?.where).toBe(where);
  expect(openTo(db)).toBeUndefined();
});

it('a child’s code is theirs until they have another, and goes with the child', () => {
  const code = codeOf(db, 'c1');
  expect(code).toMatch(/^[a-z2-9]{8}$/);
  expect(codeOf(db, 'c1')).toBe(code);
  expect(childOf(db, code.toUpperCase())).toBe('c1');
  const next = renewCode(db, 'c1');
  expect(childOf(db, code)).toBeUndefined();
  const { plan, revision } = readDrawn(db);
  write<never>(db, revision, { label: () => 'without' }, () => ({
    plan: {
      ...plan,
      children: plan.children.slice(1),
      units: plan.units.map((u) => ({ ...u, childIds: ['c2'] })),
    },
  }));
  expect(childOf(db, next)).toBeUndefined();
  expect('label' in undo(db, revision + 1)!).toBe(true);
});

it('goes into no file of the plan', async () => {
  await openHousehold(db, PHRASE, ['house.local']);
  const code = codeOf(db, 'c1');
  const file = writeHausplanJson(readDrawn(db).plan);
  for (const secret of [code, 'house.local', '$2']) expect(file).not.toContain(secret);
});

it('lets nobody try for ever: longer each time, and anew once it was right', () => {
  const tries = new Attempts();
  for (let i = 0; i < 4; i++) tries.wentWrong(0);
  expect(tries.wait(0)).toBe(0);
  tries.wentWrong(0);
  expect(tries.wait(0)).toBe(2000);
  tries.wentWrong(0);
  expect(tries.wait(0)).toBe(4000);
  for (let i = 0; i < 60; i++) tries.wentWrong(0);
  expect(tries.wait(0)).toBe(300_000);
  expect(tries.wait(300_000)).toBe(0);
  tries.wentRight();
  tries.wentWrong(0);
  expect(tries.wait(0)).toBe(0);
});
