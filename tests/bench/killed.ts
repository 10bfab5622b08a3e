/**
 * A server that is killed while children tick: after each start every tick it had answered is there, and the store is whole.
 * `npm run bench -- killed [times]`; the browser tests do it a few times. Needs the build.
 */
import Database from 'better-sqlite3';
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { standing } from '@/core/plan/happened';
import { nextStart } from '../../scripts/steps.mjs';

const DAY = '2026-10-28';
const CHILDREN = ['demo-0001', 'demo-0002', 'demo-0003'];
/** Milliseconds of ticking before a kill, at most. */
const LONGEST = 1200;

export interface Killed {
  kills: number;
  answered: number;
  /** Ticks that were answered and are not there, or were taken back and are; and what the store says of itself. */
  lost: string[];
  integrity: string[];
}

export async function killWhileTicking(times: number, seed = 7): Promise<Killed> {
  const folder = mkdtempSync(join(tmpdir(), 'hausplan-killed-'));
  const db = join(folder, 'store.sqlite');
  spawnSync(process.execPath, ['dist/hausplan.mjs', 'import', 'demo/fleece.json', '--db', db, '--yes']);
  const random = xoroshiro128plus(seed);
  const upTo = (n: number): number => (random.next() >>> 0) % n;
  const ticks = placesToTick(db);
  /** What was answered last of each; what was under way when the server died may be either. */
  const said = new Map<string, boolean>();
  const result: Killed = { kills: 0, answered: 0, lost: [], integrity: [] };
  try {
    for (; result.kills < times; result.kills++) {
      const port = await freePort();
      const server = start(port, db);
      const gone = new Promise((r) => server.once('exit', r));
      await answers(port);
      let until: ReturnType<typeof setTimeout> | undefined;
      for (;;) {
        const { partId, childId } = ticks[upTo(ticks.length)];
        const key = `${partId} ${childId}`;
        const on = !(said.get(key) ?? false);
        said.delete(key);
        const ok = await send(port, childId, { does: 'tick', partId, on, date: DAY });
        if (!ok) break;
        said.set(key, on);
        result.answered++;
        // From the first answer on: the first takes as long as the server needs to wake up.
        until ??= setTimeout(() => server.kill('SIGKILL'), upTo(LONGEST));
      }
      clearTimeout(until);
      await gone;
      const now = lookAt(db);
      if (now.integrity !== 'ok') result.integrity.push(now.integrity);
      for (const [key, on] of said)
        if (now.done.has(key) !== on) result.lost.push(`after kill ${result.kills + 1}: ${key}`);
      // What was under way is now known again.
      for (const { partId, childId } of ticks) {
        const key = `${partId} ${childId}`;
        if (!said.has(key)) said.set(key, now.done.has(key));
      }
    }
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
  return result;
}

/** What stands on the day for everybody, child by child. */
function placesToTick(path: string): { partId: string; childId: string }[] {
  const db = new Database(path, { readonly: true });
  const parts = db
    .prepare(
      `SELECT s.part_id FROM sitting s JOIN part p ON p.id = s.part_id
       WHERE s.date = ? AND p.kind IN ('tell-back', 'copying', 'own-reading')
       AND s.part_id NOT IN (SELECT part_id FROM entry WHERE part_id IS NOT NULL)`,
    )
    .pluck()
    .all(DAY) as string[];
  db.close();
  return parts.flatMap((partId) => CHILDREN.map((childId) => ({ partId, childId })));
}

function lookAt(path: string): { integrity: string; done: Set<string> } {
  const db = new Database(path);
  const integrity = db.pragma('integrity_check', { simple: true }) as string;
  const entries = db
    .prepare('SELECT id, kind, part_id, child_id, withdraws FROM entry ORDER BY position')
    .all() as { id: string; kind: string; part_id: string; child_id: string; withdraws: string | null }[];
  db.close();
  return {
    integrity,
    done: new Set(
      standing(entries)
        .filter((e) => e.kind === 'done')
        .map((e) => `${e.part_id} ${e.child_id}`),
    ),
  };
}

const start = (port: number, db: string): ChildProcess =>
  spawn(process.execPath, nextStart('127.0.0.1', port), {
    stdio: 'ignore',
    env: { ...process.env, HAUSPLAN_DB: db, HAUSPLAN_TODAY: DAY, NEXT_TELEMETRY_DISABLED: '1' },
  });

async function answers(port: number): Promise<void> {
  for (let i = 0; i < 1200; i++) {
    const is = await fetch(`http://127.0.0.1:${port}/manifest.webmanifest`).catch(() => undefined);
    if (is?.ok) return;
    await new Promise((r) => setTimeout(r, 25));
  }
  throw new Error('The server did not answer within half a minute.');
}

const send = (port: number, childId: string, what: object): Promise<boolean> =>
  fetch(`http://127.0.0.1:${port}/child/${childId}/say`, {
    method: 'POST',
    headers: { origin: `http://127.0.0.1:${port}` },
    body: JSON.stringify(what),
  }).then(
    (r) => r.status === 204,
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
