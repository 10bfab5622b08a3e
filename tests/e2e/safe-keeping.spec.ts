import Database from 'better-sqlite3';
import { copyFileSync, readFileSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { atRevision, expect, revision, test } from './app';

test.use({ stores: 'the demo' });

const familyIn = (path: string): string => {
  const db = new Database(path, { readonly: true });
  try {
    return db.prepare('SELECT name FROM family').pluck().get() as string;
  } finally {
    db.close();
  }
};

test('a copy is saved with one key, looked at, and put back while the app runs; what it replaced is kept', async ({
  page,
  app,
}, info) => {
  await page.goto('/setup');
  await page.keyboard.press('Shift+S');
  await expect(page.getByRole('status').filter({ hasText: 'Saved:' })).toContainText(
    /saved-.*\.sqlite, [\d.]+ [kM]B/,
  );
  const family = page.getByLabel(/What do you call/);
  await family.fill('The house on the hill');
  await page.getByRole('button', { name: 'Keep these' }).click();
  await expect(page.getByRole('heading', { name: 'The house on the hill' })).toBeVisible();
  const seen = await revision(page);
  // The file alone is the whole store, whatever was just written.
  const alone = info.outputPath('alone.sqlite');
  copyFileSync(app.db, alone);
  expect(familyIn(alone)).toBe('The house on the hill');

  await page.reload();
  const copies = page.getByRole('list', { name: 'Copies of the store' });
  await copies
    .getByRole('button', { name: /^Put back: Saved/ })
    .first()
    .click();
  const dialog = page.getByRole('dialog', { name: 'Put this copy back?' });
  await expect(dialog.getByRole('row', { name: /^Family/ })).toContainText('The house by the mill race');
  await expect(dialog.getByRole('row', { name: /^Family/ })).toContainText('The house on the hill');
  await dialog.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('heading', { name: 'The house by the mill race' })).toBeVisible();
  expect(await revision(page)).toBeGreaterThan(seen);
  await page.reload();
  await expect(copies.getByRole('button', { name: /^Put back: What a copy replaced/ })).toBeVisible();
});

test('a copy is taken along as a file, and brought in again; what is no store is refused by its name', async ({
  page,
}, info) => {
  await page.goto('/setup');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Take a copy along' }).click(),
  ]);
  const file = info.outputPath('hausplan.sqlite');
  await download.saveAs(file);
  expect(familyIn(file)).toBe('The house by the mill race');
  const choose = async (path: string): Promise<void> => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: 'Bring in a copy…' }).click(),
    ]);
    await chooser.setFiles(path);
  };
  const text = join(info.outputDir, 'diary.sqlite');
  writeFileSync(text, 'Dear diary');
  await choose(text);
  await expect(page.getByRole('status').filter({ hasText: 'diary.sqlite' })).toContainText(
    'is not a store of Hausplan’s',
  );
  await choose(file);
  await expect(page.getByRole('dialog', { name: 'Put this copy back?' })).toContainText('hausplan.sqlite');
});

test('a damaged store says what is wrong, where it is, and which copies there are; one press puts one back', async ({
  page,
  app,
}) => {
  await page.goto('/setup');
  await page.keyboard.press('Shift+S');
  await expect(page.getByRole('status').filter({ hasText: 'Saved:' })).toBeVisible();
  await app.whileStopped(() => truncateSync(app.db, 50_000));
  for (const path of ['/', '/today', '/setup']) {
    const response = await page.goto(path);
    expect(response!.headers()['content-security-policy']).toContain("default-src 'self'");
    await expect(page.getByRole('heading', { name: 'Your plan cannot be opened' })).toBeVisible();
  }
  await expect(page.locator('main')).toContainText('is damaged');
  await expect(page.locator('main')).toContainText(app.db);
  const cut = readFileSync(app.db);
  await page
    .getByRole('button', { name: /^Put back:/ })
    .first()
    .click();
  await expect(page.getByRole('navigation', { name: 'Sheets' })).toBeVisible();
  await page.goto('/setup');
  await expect(page.getByRole('heading', { name: 'The house by the mill race' })).toBeVisible();
  await expect(page.getByRole('list', { name: 'Copies of the store' })).toContainText('Damaged, set aside');
  expect(cut.length).toBe(50_000);
});

test('another program’s database is never written into', async ({ page, app }, info) => {
  const ours = info.outputPath('ours.sqlite');
  await app.whileStopped(() => {
    copyFileSync(app.db, ours);
    rmSync(app.db);
    const other = new Database(app.db);
    other.exec('CREATE TABLE recipes (name TEXT)');
    other.close();
  });
  const before = readFileSync(app.db);
  await page.goto('/');
  await expect(page.locator('main')).toContainText('belongs to another program and was left untouched');
  expect(readFileSync(app.db).equals(before)).toBe(true);
  await app.whileStopped(() => copyFileSync(ours, app.db));
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('navigation', { name: 'Sheets' })).toBeVisible();
});

test('a store that another program holds says so; nothing typed is lost, and it goes on when it is free', async ({
  page,
  app,
}) => {
  await page.goto('/setup');
  const other = new Database(app.db);
  other.exec('BEGIN IMMEDIATE');
  const family = page.getByLabel(/What do you call/);
  await family.fill('The mill on the race');
  await page.getByRole('button', { name: 'Keep these' }).click();
  const refusal = page.getByRole('alertdialog', { name: 'That cannot be done as it stands' });
  await expect(refusal).toContainText('Another program holds the store');
  await refusal.getByRole('button', { name: 'I see' }).click();
  await expect(family).toHaveValue('The mill on the race');
  other.exec('COMMIT');
  other.close();
  await page.getByRole('button', { name: 'Keep these' }).click();
  await expect(page.getByRole('heading', { name: 'The mill on the race' })).toBeVisible();
  await atRevision(page, 2);
});
