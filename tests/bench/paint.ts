/**
 * From a press to the next paint, as the browser itself measures it (Event Timing, W3C): the longest of several presses of a
 * kind, on the demo and on a generated family. `npm run bench -- paint`; needs the build and a chromium.
 */
import { chromium } from '@playwright/test';
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { writeHausplanJson } from '@/core/formats/hausplan-json';
import { afterYears } from './years';
import { nextStart } from '../../scripts/steps.mjs';

/** Presses of each kind. */
const PRESSES = 6;

interface Kind {
  name: string;
  path: string;
  /** What is done before the presses that are measured. */
  before?: (page: Page) => Promise<void>;
  press: (page: Page, n: number) => Promise<void>;
}

const KINDS: readonly Kind[] = [
  {
    name: 'a tick on Today',
    path: '/today',
    press: (page, n) =>
      page
        .getByRole('checkbox', { name: /^Done: / })
        .nth(n)
        .press('Space'),
  },
  {
    name: 'a fold on Year',
    path: '/year',
    press: (page) => page.locator('summary').first().click(),
  },
  {
    name: 'a menu on Weeks',
    path: '/weeks',
    press: async (page, n) => {
      if (n % 2) await page.keyboard.press('Escape');
      else
        await page
          .getByRole('button', { name: /^(Lesson|\d+ )/ })
          .first()
          .press('Enter');
    },
  },
  {
    name: 'a letter typed in Find',
    path: '/lessons',
    before: (page) => page.keyboard.press('/'),
    press: (page, n) => page.keyboard.press('abcdef'[n]),
  },
  {
    name: 'a step in the sheet of pages',
    path: '/books',
    before: (page) => page.getByRole('gridcell').first().click(),
    press: (page) => page.keyboard.press('ArrowRight'),
  },
  {
    name: 'the keys of a sheet',
    path: '/ladder',
    press: (page, n) => page.keyboard.press(n % 2 ? 'Escape' : '?'),
  },
];

const freePort = (): Promise<number> =>
  new Promise((found) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port } = server.address() as { port: number };
      server.close(() => found(port));
    });
  });

async function serve(db: string): Promise<{ server: ChildProcess; base: string }> {
  const port = await freePort();
  const server = spawn(process.execPath, nextStart('127.0.0.1', port), {
    stdio: 'ignore',
    env: { ...process.env, HAUSPLAN_DB: db, HAUSPLAN_TODAY: '2026-10-28', NEXT_TELEMETRY_DISABLED: '1' },
  });
  const base = `http://127.0.0.1:${port}`;
  for (let i = 0; i < 400; i++) {
    if (
      await fetch(`${base}/today`).then(
        (r) => r.ok,
        () => false,
      )
    )
      break;
    await new Promise((r) => setTimeout(r, 50));
  }
  return { server, base };
}

/** The longest of the presses of one kind, in ms; Event Timing gives them in steps of 8. */
async function longest(page: Page, base: string, kind: Kind): Promise<number> {
  await page.goto(`${base}${kind.path}`);
  await page.locator('html[data-ready]').waitFor({ state: 'attached' });
  await page.waitForTimeout(500);
  await kind.before?.(page);
  await page.waitForTimeout(400);
  await page.evaluate(() => {
    const seen: number[] = [];
    Object.assign(window, { seen });
    new PerformanceObserver((list) => {
      for (const e of list.getEntries())
        if ((e as unknown as { interactionId: number }).interactionId) seen.push(e.duration);
    }).observe({ type: 'event', durationThreshold: 16 } as PerformanceObserverInit);
  });
  for (let n = 0; n < PRESSES; n++) {
    await kind.press(page, n);
    await page.waitForTimeout(350);
  }
  return page.evaluate(() => Math.max(0, ...(window as unknown as { seen: number[] }).seen));
}

export async function paintTable(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'hausplan-paint-'));
  const generated = join(folder, 'generated.json');
  writeFileSync(generated, writeHausplanJson(afterYears(0)));
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  });
  console.log('\nFrom a press to the next paint, the longest of several, in ms (0: under 16)');
  try {
    for (const [name, file] of [
      ['the demo', 'demo/fleece.json'],
      ['a generated family', generated],
    ]) {
      const db = join(folder, `${name.replaceAll(' ', '-')}.sqlite`);
      spawnSync(process.execPath, ['dist/hausplan.mjs', 'import', file, '--db', db, '--yes']);
      const { server, base } = await serve(db);
      const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
      page.setDefaultTimeout(8000);
      console.log(`  ${name}`);
      for (const kind of KINDS) {
        const took = await longest(page, base, kind).catch(() => 'not there');
        console.log(`    ${kind.name.padEnd(32)}${String(took).padStart(6)}`);
      }
      await page.close();
      server.kill();
    }
  } finally {
    await browser.close();
  }
}
