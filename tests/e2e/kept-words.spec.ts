import { atRevision, expect, test } from './app';

test.use({ stores: 'the demo' });

test('words typed in a form are not left behind unasked', async ({ page }) => {
  await page.goto('/unit');
  await page.getByLabel('Topic').fill('From Fleece to Shawl');
  await page.getByRole('link', { name: '6 Weeks' }).click();
  const asked = page.getByRole('alertdialog', { name: 'What you typed here is not kept yet' });
  await asked.getByRole('button', { name: 'Stay here' }).click();
  await expect(page.getByLabel('Topic')).toHaveValue('From Fleece to Shawl');
  await page.getByRole('button', { name: 'Keep the unit' }).click();
  await atRevision(page, 2);
  await page.getByRole('link', { name: '6 Weeks' }).click();
  await expect(page.getByRole('heading', { name: 'Week 8' })).toBeVisible();
  await expect(page.getByText(/From Fleece to Shawl/).first()).toBeVisible();
});

test('undo shows in a form that was not typed in since', async ({ page }) => {
  await page.goto('/setup');
  const minutes = page.getByLabel(/Minutes a day you can lead/);
  await minutes.fill('95');
  await page.getByRole('button', { name: 'Keep these' }).click();
  await atRevision(page, 2);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await atRevision(page, 3);
  await expect(minutes).toHaveValue('240');
});

test('an address that names no day or unit still opens', async ({ page }) => {
  for (const path of [
    '/today?day=2026-02-31',
    '/today?day=9999-12-31',
    '/weeks?week=soon',
    '/weeks?week=0000-00-00',
    '/lessons?unit=none&lesson=none',
    '/ladder?lesson=none',
    '/child/demo-0001?day=x',
  ])
    expect((await page.goto(path))!.status(), path).toBe(200);
  await page.goto('/child/nobody');
  await expect(page.getByRole('heading', { name: 'There is no such page' })).toBeVisible();
});
