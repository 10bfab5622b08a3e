import Database from 'better-sqlite3';
import { atRevision, expect, test } from './app';

test.use({ stores: 'the demo' });

test('the message and what is on its way stay while one goes to another sheet', async ({ page }) => {
  await page.goto('/weeks?week=2026-11-02');
  const [rail] = [page.getByRole('navigation', { name: 'Sheets' })];
  const kept = await rail.elementHandle();
  await page.getByRole('button', { name: 'Ink this week' }).click();
  await rail.getByRole('link', { name: /Today/ }).click();
  await expect(page).toHaveURL(/\/today/);
  await expect(page.getByRole('status').filter({ hasText: /Inked the week/ })).toBeVisible();
  expect(await kept!.evaluate((e) => e.isConnected)).toBe(true);
  await expect(rail.getByRole('link', { name: /Today/ })).toHaveAttribute('aria-current', 'page');
});

test('an address that is none, and a child who is not there, say so with a way back', async ({ page }) => {
  for (const path of ['/nowhere', '/child/nobody', '/today/nowhere']) {
    const response = await page.goto(path);
    expect(response!.headers()['content-security-policy']).toContain("default-src 'self'");
    await expect(page.getByRole('heading', { name: 'There is no such page' })).toBeVisible();
  }
  expect((await page.request.get('/nowhere')).status()).toBe(404);
  await page.getByRole('link', { name: 'To your plan' }).click();
  await expect(page.getByRole('navigation', { name: 'Sheets' })).toBeVisible();
});

test('keys of one letter can be switched off on this device, and on again', async ({ page }) => {
  await page.goto('/today');
  await page.keyboard.press('6');
  await expect(page).toHaveURL(/\/weeks/);
  await page.keyboard.press('?');
  const keys = page.getByRole('dialog', { name: 'Keys' });
  await keys.getByText('Keys of one letter or number work on this device').click();
  await keys.getByRole('button', { name: 'Close' }).click();
  await page.keyboard.press('8');
  await page.keyboard.press('?');
  await page.keyboard.press('Shift+S');
  await expect(keys).toHaveCount(0);
  await expect(page).toHaveURL(/\/weeks/);
  await page.reload();
  await page.keyboard.press('8');
  await expect(page).toHaveURL(/\/weeks/);
  await page.getByRole('button', { name: /^Keys/ }).click();
  await keys.getByText('Keys of one letter or number work on this device').click();
  await keys.getByRole('button', { name: 'Close' }).click();
  await page.keyboard.press('8');
  await expect(page).toHaveURL(/\/today/);
});

test('a press on a button is not lost because the form moves under it', async ({ page }) => {
  await page.goto('/setup');
  const button = page.getByRole('button', { name: 'Keep these' });
  await page.getByLabel(/What do you call/).fill('The mill');
  const box = (await button.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  // What a fault under a field does: everything below it is pushed down.
  await button.evaluate((e) => {
    e.parentElement!.style.marginTop = '90px';
  });
  await page.mouse.up();
  await expect(page.getByRole('heading', { name: 'The mill' })).toBeVisible();
});

test('a sheet that cannot be drawn says so within the frame, and is drawn once it can be', async ({
  page,
  app,
}) => {
  await page.goto('/setup');
  const db = new Database(app.db, { timeout: 10_000 });
  // What no version of Hausplan writes: a reason that gives none.
  const was = db.prepare('SELECT id, reason FROM sitting').all() as { id: string; reason: string }[];
  db.exec("UPDATE sitting SET reason = 'null'");
  await page.getByRole('navigation', { name: 'Sheets' }).getByRole('link', { name: /Weeks/ }).click();
  await expect(page.getByRole('heading', { name: 'This sheet could not be drawn' })).toBeVisible();
  await page.getByRole('link', { name: 'To the family' }).click();
  await expect(page.getByLabel(/What do you call/)).toBeVisible();
  await page.getByRole('navigation', { name: 'Sheets' }).getByRole('link', { name: /Weeks/ }).click();
  await expect(page.getByRole('heading', { name: 'This sheet could not be drawn' })).toBeVisible();
  const back = db.prepare('UPDATE sitting SET reason = @reason WHERE id = @id');
  db.transaction(() => was.forEach((row) => back.run(row)))();
  db.close();
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('heading', { name: 'Week 8' })).toBeVisible();
});

test('a change that takes long holds back the next sheet until it is stored, and what is typed meanwhile stays', async ({
  page,
  app,
}) => {
  await page.goto('/setup');
  const other = new Database(app.db);
  other.exec('BEGIN IMMEDIATE');
  await page.getByLabel(/What do you call/).fill('The mill on the race');
  await page.getByRole('button', { name: 'Keep these' }).click();
  await page.getByRole('navigation', { name: 'Sheets' }).getByRole('link', { name: /Today/ }).click();
  // Held for a while, less than the store waits.
  await page.waitForTimeout(1500);
  await expect(page).toHaveURL(/\/setup/);
  other.exec('COMMIT');
  other.close();
  await expect(page).toHaveURL(/\/today/);
  await atRevision(page, 2);
});
