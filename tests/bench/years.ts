/**
 * The same year planned after no, two and nine years that are closed: what a change, a sheet and a start cost, side by side.
 * The shelf grows by 500 things a year. `npm run bench -- years`.
 */
import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { perform, type Edit } from '@/core/edit/edit';
import { markDone } from '@/core/edit/today';
import { moveLesson } from '@/core/edit/weeks';
import { writeHausplanJson } from '@/core/formats/hausplan-json';
import { redraw } from '@/core/layout/redraw';
import { blankBook } from '@/core/plan/blank';
import { canonical } from '@/core/plan/canonical';
import type { Plan } from '@/core/plan/plan';
import { withClosedYears } from '@/data/closed-years';
import { readDrawn, write } from '@/data/door';
import { currentRevision } from '@/data/revisions';
import { importText } from '@/data/import';
import { addDays } from '@/core/calendar/dates';
import { open } from '@/data/open';
import { generatedPlan } from './generated';
import { nextStart } from '../../scripts/steps.mjs';

const TODAY = '2026-08-31';
const SHEETS = [
  'year',
  'unit',
  'books',
  'shelf',
  'lessons',
  'ladder',
  'weeks',
  'today',
  'setup',
  'files/plan.ics',
];
const BOOKS_A_YEAR = 500;

/** The open year, its units taught with books, after so many years like it. */
export function afterYears(closed: number): Plan {
  const books = Array.from({ length: BOOKS_A_YEAR * (closed + 1) }, (_, i) => ({
    ...blankBook,
    id: `b${i}`,
    title: `Book ${i} of ${['wool', 'salt', 'ropes', 'mills'][i % 4]}`,
    authors: `Author ${i % 300}`,
    pages: 30 + (i % 90),
    topics: [{ title: `Topic ${i % 97}`, first: null, last: null }],
  }));
  const generated = generatedPlan(6, 36, 5);
  const year = canonical(redraw({ ...generated, books }, { today: TODAY, fresh: 'all' }).plan);
  const { closedYears: _, ...slice } = year;
  const one = { ...slice, books: books.slice(0, BOOKS_A_YEAR), loans: [] };
  return {
    ...year,
    closedYears: Array.from({ length: closed }, (__, i) => ({
      id: `y${i}`,
      starts: `${2026 - closed + i}-08-31`,
      ends: `${2027 - closed + i}-06-11`,
      closedAt: `${2027 - closed + i}-06-20T00:00:00.000Z`,
      slice: one,
    })),
  };
}

/** Median milliseconds of processor time, after a few to warm up. */
function cpu(work: () => unknown, runs = 15): number {
  const once = (): number => {
    const from = process.cpuUsage();
    work();
    const { user, system } = process.cpuUsage(from);
    return (user + system) / 1000;
  };
  for (let i = 0; i < 4; i++) once();
  return Array.from({ length: runs }, once).sort((a, b) => a - b)[Math.floor(runs / 2)];
}

interface Measured {
  [what: string]: number;
}

async function measure(closed: number): Promise<Measured> {
  const found: Measured = {};
  const path = join(mkdtempSync(join(tmpdir(), 'hausplan-bench-')), 'bench.sqlite');
  const db = open(path);
  const text = writeHausplanJson(afterYears(closed));
  const from = performance.now();
  importText(db, 0, text);
  found['brought in whole'] = performance.now() - from;
  const act = (edit: Edit, commutes = false): void => {
    const outcome = write<{ refused: string }>(
      db,
      currentRevision(db),
      { label: () => 'a change', touches: commutes ? ['happened'] : undefined },
      (plan) => perform(edit, plan, { today: TODAY, newId: () => `n${++ids}` }),
    );
    if ('refused' in outcome) throw new Error(outcome.refused);
  };
  let ids = 0;
  let turn = 0;
  const { sittings } = readDrawn(db).plan;
  found['a tick'] = cpu(() => act(markDone(sittings[turn].partId, null, sittings[turn++].date), true), 90);
  const stood = sittings.find((s) => s.partId === 'u1l3p0')!.date;
  const dates = [addDays(stood, 1), stood];
  found['a lesson moved'] = cpu(() => {
    const at = readDrawn(db).plan.sittings.find((s) => s.partId === 'u1l3p0')!.date;
    act(moveLesson('u1l3', at, dates[turn++ % 2]));
  });
  found['taken out whole'] = cpu(() => writeHausplanJson(withClosedYears(db, readDrawn(db).plan)), 3);
  db.close();
  if (existsSync('.next/BUILD_ID')) await sheets(path, found);
  return found;
}

async function sheets(path: string, found: Measured): Promise<void> {
  const port = 3900 + Math.floor(Math.random() * 90);
  const began = performance.now();
  const server = spawn(process.execPath, nextStart('127.0.0.1', port), {
    stdio: 'ignore',
    env: { ...process.env, HAUSPLAN_DB: path, HAUSPLAN_TODAY: '2026-10-28', NEXT_TELEMETRY_DISABLED: '1' },
  });
  const base = `http://127.0.0.1:${port}`;
  const answers = (path: string): Promise<boolean> =>
    fetch(`${base}/${path}`).then(
      (r) => r.ok,
      () => false,
    );
  try {
    for (let i = 0; i < 200 && !(await answers('icon.svg')); i++) await new Promise((r) => setTimeout(r, 50));
    found['started'] = performance.now() - began;
    await answers('today');
    found['and Today drawn'] = performance.now() - began;
    for (const sheet of SHEETS) {
      const taken: number[] = [];
      for (let i = 0; i < 12; i++) {
        const from = performance.now();
        await (await fetch(`${base}/${sheet}`)).text();
        if (i > 2) taken.push(performance.now() - from);
      }
      found[sheet] = taken.sort((a, b) => a - b)[4];
    }
    const status = readFileSync(`/proc/${server.pid}/status`, 'utf8');
    found['memory, MB'] = Number(/VmRSS:\s+(\d+)/.exec(status)?.[1] ?? 0) / 1024;
  } finally {
    server.kill();
  }
}

export async function yearsTable(): Promise<void> {
  console.log(
    '\nThe same year after 0, 2 and 9 closed ones, in ms (memory in MB); the last against the first',
  );
  const columns: Measured[] = [];
  for (const closed of [0, 2, 9]) columns.push(await measure(closed));
  for (const what of Object.keys(columns[0])) {
    const values = columns.map((c) => c[what]);
    console.log(
      `  ${what.padEnd(24)}${values.map((v) => v.toFixed(v < 100 ? 1 : 0).padStart(9)).join('')}   ${(values[2] / values[0]).toFixed(2)}`,
    );
  }
}
