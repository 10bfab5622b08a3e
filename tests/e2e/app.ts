/**
 * The production build, one server a worker. Each test finds the store as it asks for it, empty or with a family in it:
 * the rows of a store made once are put in the place of those that the test before left.
 */
import { test as base, expect, type Page } from '@playwright/test';
import Database from 'better-sqlite3';
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { copyFileSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { familyOf } from './families';
import { nextStart } from '../../scripts/steps.mjs';

export { atRevision, enter, revision, tabTo, type, typeDate } from './hands';
export { expect };
export const root = process.cwd();

/** The sheets of the frame, in the order of their numbers, the family first. */
export const EVERY_SHEET = [
  '/setup',
  '/year',
  '/unit',
  '/books',
  '/lessons',
  '/ladder',
  '/weeks',
  '/ready',
  '/today',
  '/record',
];

export interface App {
  url: string;
  port: number;
  db: string;
  /** Starts it again on another day, with the same store. */
  restart: (today: string) => Promise<void>;
  /** Stops it, lets something happen to its files, and starts it again. */
  whileStopped: (happens: () => void) => Promise<void>;
}

/** What is in the store at the start; families of one and of seven are the demo's, cut or with more and longer names. */
export type Stores = 'nothing' | 'the demo' | 'one child' | 'seven children';

interface House {
  url: string;
  port: number;
  db: string;
  /** Runs on a day; one that runs on it already is left alone. */
  runOn: (today: string) => Promise<void>;
  whileStopped: (happens: () => void) => Promise<void>;
  fill: (stores: Stores) => Promise<void>;
}

export const test = base.extend<{ stores: Stores; today: string; app: App }, { house: House }>({
  stores: ['nothing', { option: true }],
  today: ['2026-10-28', { option: true }],
  house: [
    async ({}, provide) => {
      const folder = mkdtempSync(join(tmpdir(), 'hausplan-e2e-'));
      const db = join(folder, 'store.sqlite');
      const port = await freePort();
      const url = `http://127.0.0.1:${port}`;
      let server: { process: ChildProcess; today: string } | undefined;
      const stop = async (): Promise<void> => {
        if (!server) return;
        const ended = new Promise((r) => server!.process.once('exit', r));
        server.process.kill('SIGTERM');
        await ended;
        server = undefined;
      };
      const runOn = async (today: string): Promise<void> => {
        if (server?.today === today) return;
        await stop();
        server = { process: await start(port, url, db, today), today };
      };
      const whileStopped = async (happens: () => void): Promise<void> => {
        const today = server!.today;
        await stop();
        happens();
        await runOn(today);
      };
      const made = new Map<Stores, string>();
      const fill = async (stores: Stores): Promise<void> => {
        if (!made.has(stores)) made.set(stores, storeWith(stores, folder));
        rmSync(`${db}.copies`, { recursive: true, force: true });
        try {
          refill(db, made.get(stores)!);
        } catch {
          // A test before this one left a store that cannot be opened.
          await whileStopped(() => copyFileSync(made.get(stores)!, db));
        }
      };
      await provide({ url, port, db, runOn, whileStopped, fill });
      await stop();
      rmSync(folder, { recursive: true, force: true });
    },
    { scope: 'worker', timeout: 120_000 },
  ],
  app: async ({ stores, today, house }, provide) => {
    await house.runOn(today);
    await house.fill(stores);
    const { url, port, db, runOn, whileStopped } = house;
    await provide({ url, port, db, restart: runOn, whileStopped });
  },
  baseURL: async ({ app }, provide) => provide(app.url),
  // A parent waits until a page answers before pressing a key; every window does.
  context: async ({ context }, provide) => {
    const newPage = context.newPage.bind(context);
    context.newPage = async () => patient(await newPage());
    await provide(context);
  },
});

/** A window whose pages are worked with only once they answer. */
function patient(page: Page): Page {
  const [goto, reload] = [page.goto.bind(page), page.reload.bind(page)];
  const answers = (): Promise<void> =>
    page
      .locator('html[data-ready]')
      .waitFor({ state: 'attached', timeout: 10_000 })
      .catch(() => undefined);
  page.goto = async (url, options) => {
    const response = await goto(url, options);
    await answers();
    return response;
  };
  page.reload = async (options) => {
    const response = await reload(options);
    await answers();
    return response;
  };
  return page;
}

/** A store with a family in it, made by the command line from a file, as a parent would. */
function storeWith(stores: Stores, folder: string): string {
  const name = stores.replaceAll(' ', '-');
  const db = join(folder, `${name}.sqlite`);
  const file = stores === 'the demo' ? 'demo/fleece.json' : join(folder, `${name}.json`);
  if (stores === 'one child' || stores === 'seven children')
    writeFileSync(file, familyOf(stores === 'one child' ? 1 : 7));
  if (stores === 'nothing') writeFileSync(file, NOTHING);
  const made = spawnSync(process.execPath, ['dist/hausplan.mjs', 'import', file, '--db', db, '--yes'], {
    cwd: root,
    encoding: 'utf8',
  });
  if (made.status !== 0) throw new Error(made.stderr);
  return db;
}

const NOTHING = JSON.stringify({
  format: 'hausplan',
  version: 2,
  family: null,
  year: null,
  ...Object.fromEntries(
    [
      'children',
      'units',
      'lessons',
      'parts',
      'books',
      'pulls',
      'uses',
      'assignments',
      'sittings',
      'marks',
    ].map((list) => [list, []]),
  ),
});

/** Puts the rows of one store in the place of those of another, whose server may be running. */
function refill(into: string, from: string): void {
  rmSync(`${into}.tracing`, { force: true });
  const db = new Database(into, { timeout: 10_000 });
  db.pragma('foreign_keys = OFF');
  db.prepare('ATTACH ? AS made').run(from);
  db.transaction(() => {
    const tables = db
      .prepare("SELECT name FROM main.sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_stat%'")
      .pluck()
      .all() as string[];
    for (const table of tables) {
      db.exec(`DELETE FROM main."${table}"`);
      db.exec(`INSERT INTO main."${table}" SELECT * FROM made."${table}"`);
    }
  }).immediate();
  db.close();
  const library = new Database(`${into}.library`);
  library.exec('DROP TABLE IF EXISTS request');
  library.exec(
    'CREATE TABLE request (n INTEGER PRIMARY KEY, id TEXT NOT NULL, does TEXT NOT NULL, date TEXT NOT NULL) STRICT',
  );
  library.close();
}

async function start(port: number, url: string, db: string, today: string): Promise<ChildProcess> {
  const server = spawn(process.execPath, nextStart('127.0.0.1', port), {
    cwd: root,
    stdio: 'ignore',
    env: { ...process.env, HAUSPLAN_DB: db, HAUSPLAN_TODAY: today, NEXT_TELEMETRY_DISABLED: '1' },
  });
  for (let i = 0; i < 600; i++) {
    if (await answers(url)) return server;
    await new Promise((r) => setTimeout(r, 50));
  }
  throw new Error('The app did not answer within half a minute.');
}

const answers = (url: string): Promise<boolean> =>
  fetch(url, { redirect: 'manual' }).then(
    (r) => r.status < 500,
    () => false,
  );

function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number };
      probe.close(() => resolve(port));
    });
  });
}
