import type { Page } from '@playwright/test';
import { expect, test } from './app';
import { killWhileTicking } from '../bench/killed';

const NAME = 'house.test';
const PHRASE = 'wool on the far hill';

test.use({
  stores: 'the demo',
  launchOptions: {
    executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-quic', `--host-resolver-rules=MAP ${NAME} 127.0.0.1`],
  },
});

/** Opens the household as a parent does, and gives each child's link. */
async function open(page: Page): Promise<void> {
  await page.goto('/setup');
  await page.getByRole('button', { name: 'Open it to the home network…' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Passphrase').fill('short');
  await dialog.getByLabel(/^Addresses/).fill(`${NAME}, 192.168.1.20`);
  await dialog.getByRole('button', { name: 'Open it' }).click();
  await expect(dialog.getByText('At least 10 characters')).toBeVisible();
  await dialog.getByLabel('Passphrase').fill(PHRASE);
  await dialog.getByRole('button', { name: 'Open it' }).click();
  await expect(page.getByText('Open to whoever knows the passphrase')).toBeVisible();
}

const linkOf = async (page: Page, n: number): Promise<string> =>
  (await page
    .getByText(new RegExp(`^http://${NAME}:\\d+/c/`))
    .nth(n)
    .textContent())!;

test('another device is in with the passphrase and not without it', async ({ page, app, browser }) => {
  const there = `http://${NAME}:${app.port}`;
  const phone = await (await browser.newContext()).newPage();
  expect((await phone.goto(`${there}/today`))!.status()).toBe(421);
  await open(page);
  await phone.goto(`${there}/today`);
  await expect(phone).toHaveURL(`${there}/come-in`);
  await phone.getByLabel('The household’s passphrase').fill('wool on the near hill');
  await phone.getByRole('button', { name: 'Come in' }).click();
  await expect(phone.getByText('That is not the passphrase')).toBeVisible();
  await phone.getByLabel('The household’s passphrase').fill(PHRASE);
  await phone.getByRole('button', { name: 'Come in' }).click();
  await expect(phone.getByRole('heading', { name: 'Wednesday, 28 October' })).toBeVisible();
  const [cookie] = await phone.context().cookies();
  expect(cookie).toMatchObject({ httpOnly: true, sameSite: 'Strict', path: '/' });
  // Two devices tick at once: both ticks are there on both.
  await page.goto('/today');
  await page.getByRole('checkbox', { name: 'Done: Tell it back, Bram' }).press('Space');
  await phone.getByRole('checkbox', { name: 'Done: Tell it back, Ottilie' }).press('Space');
  for (const window of [page, phone])
    for (const child of ['Bram', 'Ottilie'])
      await expect(window.getByRole('checkbox', { name: `Done: Tell it back, ${child}` })).toBeChecked();
  // Closed again it is out.
  await page.goto('/setup');
  await page.getByRole('button', { name: 'Close it' }).click();
  await expect(page.getByText('Closed: Hausplan answers on this machine alone.')).toBeVisible();
  expect((await phone.goto(`${there}/today`))!.status()).toBe(421);
});

test('a child’s link opens their list and nothing else', async ({ page, app, browser }) => {
  await open(page);
  const link = await linkOf(page, 1);
  const there = `http://${NAME}:${app.port}`;
  const host = `${NAME}:${app.port}`;
  const tablet = await (await browser.newContext()).newPage();
  await tablet.goto(link);
  await expect(tablet.getByRole('heading', { name: 'Bram' })).toBeVisible();
  for (const other of ['Ottilie', 'Junia', 'Pim']) await expect(tablet.getByText(other)).toHaveCount(0);
  expect(await tablet.content()).not.toMatch(/Ottilie|Junia|Pim|2017-/);
  await tablet.getByRole('checkbox', { name: 'Copying' }).click();
  await page.goto('/today');
  await expect(page.getByRole('checkbox', { name: 'Done: Copying, Bram' })).toBeChecked();

  // By hand: every other address leads to the door, and nothing but their own can be said.
  for (const path of [
    '/today',
    '/files/plan.json',
    '/files/store.sqlite',
    '/child/demo-0001',
    '/setup',
    '/events',
  ]) {
    const answer = await tablet.request.get(app.url + path, { maxRedirects: 0, headers: { host } });
    expect([path, answer.status()]).toEqual([path, 307]);
  }
  const post = async (path: string, data: unknown, headers: Record<string, string> = {}): Promise<number> =>
    (
      await tablet.request.post(app.url + path, {
        data: JSON.stringify(data),
        headers: { host, origin: there, ...headers },
      })
    ).status();
  const say = new URL(link).pathname + '/say';
  const tick = { does: 'tick', partId: 'demo-0036', on: true, date: '2026-10-28' };
  expect(await post(say, tick, { origin: 'http://elsewhere.test' })).toBe(403);
  expect(await post(say, { ...tick, partId: 'demo-none' })).toBe(409);
  expect(await post(say, { ...tick, does: 'drop' })).toBe(400);
  expect(await post(new URL(link).pathname, [], { 'next-action': 'a'.repeat(42) })).toBe(403);
  expect(await post('/child/demo-0001/say', tick)).toBe(403);
  expect(await post('/c/aaaaaaaa/say', tick)).toBe(404);

  // A new link: the one before opens nothing.
  await page.goto('/setup');
  await page.getByRole('button', { name: 'Give Bram a new link' }).click();
  await expect(page.getByText(link)).toHaveCount(0);
  await tablet.goto(link);
  await expect(tablet.getByText('This link opens no list.')).toBeVisible();
});

test('while the house cannot be reached a child’s page says so, and keeps what is ticked', async ({
  page,
  app,
}) => {
  await page.goto('/child/demo-0002');
  let isDown = false;
  await app.whileStopped(() => {
    isDown = true;
  });
  expect(isDown).toBe(true);
  await page.route('**/say', (route) => route.abort());
  await page.getByRole('checkbox', { name: 'Copying' }).click();
  await expect(page.getByText('The house cannot be reached.')).toBeVisible();
  await expect(page.getByRole('checkbox', { name: 'Copying' })).toBeChecked();
  // Kept on the device, whatever becomes of the page.
  await page.reload();
  await expect(page.getByRole('checkbox', { name: 'Copying' })).toBeChecked();
  await page.unroute('**/say');
  await expect(page.getByText('The house cannot be reached.')).toHaveCount(0);
  await page.goto('/today');
  await expect(page.getByRole('checkbox', { name: 'Done: Copying, Bram' })).toBeChecked();
});

test('a tick of the parent’s is kept too while Hausplan cannot be reached, and stored once it can', async ({
  page,
  context,
}) => {
  await page.goto('/today');
  // The wire is cut: what is sent from this window arrives nowhere.
  await page.route('**/*', (route) =>
    route.request().method() === 'POST' ? route.abort() : route.continue(),
  );
  const tick = page.getByRole('checkbox', { name: 'Done: Copying, Bram' });
  await tick.press('Space');
  await expect(page.getByText('The tick is kept on this device')).toBeVisible();
  await expect(tick).toBeChecked();
  await page.unroute('**/*');
  await expect(page.getByText('What was kept here is stored.')).toBeVisible();
  const other = await context.newPage();
  await other.goto('/today');
  await expect(other.getByRole('checkbox', { name: 'Done: Copying, Bram' })).toBeChecked();
});

test('a server that is killed while children tick loses none that it answered', async () => {
  const { kills, answered, lost, integrity } = await killWhileTicking(4);
  expect({ kills, lost, integrity }).toEqual({ kills: 4, lost: [], integrity: [] });
  expect(answered).toBeGreaterThan(4);
});
