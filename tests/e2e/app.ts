/** The production build with a store of its own for each test, empty or with the demo family in it. */
import { test as base, expect, type Page } from '@playwright/test';
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

export { expect };
export const root = process.cwd();

export interface App {
  url: string;
  port: number;
  db: string;
  /** Starts it again on another day, with the same store. */
  restart: (today: string) => Promise<void>;
}

/** What is in the store at the start; families of one and of seven are the demo's, cut or with more and longer names. */
type Stores = 'nothing' | 'the demo' | 'one child' | 'seven children';

export const test = base.extend<{ stores: Stores; today: string; app: App }>({
  stores: ['nothing', { option: true }],
  today: ['2026-10-28', { option: true }],
  app: async ({ stores, today }, provide) => {
    const folder = mkdtempSync(join(tmpdir(), 'hausplan-e2e-'));
    const db = join(folder, 'store.sqlite');
    if (stores !== 'nothing') {
      const file = stores === 'the demo' ? 'demo/fleece.json' : join(folder, 'family.json');
      if (stores !== 'the demo') writeFileSync(file, familyOf(stores === 'one child' ? 1 : 7));
      const loaded = spawnSync(process.execPath, ['dist/hausplan.mjs', 'import', file, '--db', db], { cwd: root, encoding: 'utf8' });
      if (loaded.status !== 0) throw new Error(loaded.stderr);
    }
    const port = await freePort();
    const url = `http://127.0.0.1:${port}`;
    let server = await start(port, url, db, today);
    const stop = async (): Promise<void> => {
      const ended = new Promise((r) => server.once('exit', r));
      server.kill('SIGTERM');
      await ended;
    };
    const restart = async (day: string): Promise<void> => {
      await stop();
      server = await start(port, url, db, day);
    };
    await provide({ url, port, db, restart });
    await stop();
  },
  baseURL: async ({ app }, provide) => provide(app.url),
});

async function start(port: number, url: string, db: string, today: string): Promise<ChildProcess> {
  const server = spawn(process.execPath, ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(port)], {
    cwd: root, stdio: 'ignore', env: { ...process.env, HAUSPLAN_DB: db, HAUSPLAN_TODAY: today, NEXT_TELEMETRY_DISABLED: '1' },
  });
  for (let i = 0; i < 600; i++) {
    if (await fetch(url, { redirect: 'manual' }).then((r) => r.status < 500, () => false)) break;
    await new Promise((r) => setTimeout(r, 100));
  }
  return server;
}

function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number };
      probe.close(() => resolve(port));
    });
  });
}

/** The number in the title block. */
export async function revision(page: Page): Promise<number> {
  return Number(await page.getByLabel('Title block').locator('dt', { hasText: 'Revision' }).locator('xpath=following-sibling::dd').innerText());
}

/** Waits until the sheet shows this revision. */
export async function atRevision(page: Page, n: number): Promise<void> {
  await expect.poll(() => revision(page)).toBe(n);
}

/** Goes to a control with Tab alone, as someone without a mouse does. */
export async function tabTo(page: Page, name: string | RegExp, role: 'button' | 'link' | 'textbox' | 'checkbox' | 'spinbutton' | 'combobox' | 'gridcell' = 'button'): Promise<void> {
  const target = page.getByRole(role, { name }).first();
  await expect(target).toBeVisible();
  for (let i = 0; i < 150; i++) {
    if (await target.evaluate((e) => e === document.activeElement || e.contains(document.activeElement))) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`Tab never reaches ${role} “${String(name)}”`);
}

/** Tabs to a button or link and presses Enter. */
export async function enter(page: Page, name: string | RegExp, role: 'button' | 'link' = 'button'): Promise<void> {
  await tabTo(page, name, role);
  await page.keyboard.press('Enter');
}

/** Tabs to a text field and types into it over what is there. */
export async function type(page: Page, label: string | RegExp, text: string): Promise<void> {
  await tabTo(page, label, 'textbox');
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.press('Delete');
  await page.keyboard.insertText(text);
}

/** Types a date, day, month and year, into a date field. */
export async function typeDate(page: Page, label: string, date: string): Promise<void> {
  const [year, month, day] = date.split('-');
  const first = page.getByRole('group', { name: label }).getByRole('spinbutton').first();
  for (let i = 0; i < 150 && !(await first.evaluate((e) => e === document.activeElement)); i++) await page.keyboard.press('Tab');
  await expect(first).toBeFocused();
  await page.keyboard.type(`${day}${month}${year}`, { delay: 15 });
}

const LONG_NAMES = ['Wilhelmina-Charlotte Apfelbaum von der Unteren Mühle', 'Q', 'Bartholomäus Ferdinand'];

/** The demo family as Hausplan JSON, with the eldest child alone, or with three more, whose work was never given out. */
function familyOf(children: 1 | 7): string {
  const file = JSON.parse(readFileSync('demo/fleece.json', 'utf8')) as {
    children: { id: string; name: string; hatch: string; birthMonth: string }[]; units: { childIds: string[]; shows: Record<string, string>; askedBy: string | null }[]; [list: string]: unknown;
  };
  if (children === 7) {
    const hatches = ['waves', 'bricks', 'chevrons', 'crosses', 'diagonals', 'bars', 'dots', 'lattice'].filter((h) => !file.children.some((c) => c.hatch === h));
    file.children.push(...LONG_NAMES.map((name, i) => ({ ...file.children[i], id: `more-${i}`, name, hatch: hatches[i], birthMonth: `20${15 + 3 * i}-02` })));
    for (const u of file.units.slice(0, 1)) u.childIds = file.children.map((c) => c.id);
    return JSON.stringify(file);
  }
  const keep = file.children[0].id;
  // Whatever speaks of another child, or of what is gone with them, goes: record by record until nothing hangs.
  const others = file.children.slice(1).map((c) => c.id);
  file.children = file.children.slice(0, 1);
  const without = (value: unknown): unknown => {
    if (Array.isArray(value)) return value.filter((v) => !others.includes(v as string) && !(v && typeof v === 'object' && others.includes((v as { childId?: string }).childId ?? ''))).map(without);
    if (value && typeof value === 'object') return Object.fromEntries(Object.entries(value).filter(([k]) => !others.includes(k)).map(([k, v]) => [k, others.includes(v as string) ? null : without(v)]));
    return value;
  };
  const cut = without(file) as typeof file & { pulls: { id: string }[]; uses: { pullId: string }[]; rules: { id: string; childIds: string[] | null }[]; parts: { id: string; ruleId: string | null; childIds: string[] | null }[]; sittings: { partId: string }[]; marks: { partId: string }[]; assignments: { partId: string }[] };
  for (const u of cut.units) u.childIds = [keep];
  cut.rules = cut.rules.filter((r) => r.childIds === null || r.childIds.length);
  cut.parts = cut.parts.filter((p) => (p.childIds === null || p.childIds.length) && (p.ruleId === null || cut.rules.some((r) => r.id === p.ruleId)));
  const parts = new Set(cut.parts.map((p) => p.id));
  for (const list of ['sittings', 'marks', 'assignments'] as const) Object.assign(cut, { [list]: cut[list].filter((x) => parts.has(x.partId)) });
  cut.uses = cut.uses.filter((x) => cut.pulls.some((p) => p.id === x.pullId));
  return JSON.stringify(cut);
}
