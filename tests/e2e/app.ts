/** The production build with a store of its own for each test, empty or with the demo family in it. */
import { test as base, expect, type Page } from '@playwright/test';
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
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

export const test = base.extend<{ stores: 'nothing' | 'the demo'; today: string; app: App }>({
  stores: ['nothing', { option: true }],
  today: ['2026-10-28', { option: true }],
  app: async ({ stores, today }, provide) => {
    const folder = mkdtempSync(join(tmpdir(), 'hausplan-e2e-'));
    const db = join(folder, 'store.sqlite');
    if (stores === 'the demo') {
      const loaded = spawnSync(process.execPath, ['dist/hausplan.mjs', 'import', 'demo/fleece.json', '--db', db], { cwd: root, encoding: 'utf8' });
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
