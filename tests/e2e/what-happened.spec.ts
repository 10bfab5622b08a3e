import { readFileSync } from 'node:fs';
import { expect, test } from './app';

test.use({ stores: 'the demo' });

test('what was taught outlasts its lesson: it is said, listed, and saved as a table; undo brings the ticks back', async ({
  page,
}, info) => {
  await page.goto('/lessons');
  const rows = page.getByRole('list', { name: 'Lessons' }).locator('[data-lesson]');
  const title = (await rows.nth(0).innerText()).split('\n').find((line) => /[A-Za-z]{4}/.test(line))!;
  await rows.nth(0).click();
  await page.getByRole('button', { name: 'Drop it', exact: true }).first().click();
  await expect(
    page
      .getByRole('status')
      .filter({ hasText: /What was taught of it \(\d+ entries\) stays under “What happened”/ }),
  ).toBeVisible();
  await expect(rows.filter({ hasText: title })).toHaveCount(0);

  await page.goto('/setup');
  await page.getByText('What happened', { exact: true }).click();
  await expect(page.getByRole('list', { name: 'Wed 28 Oct 2026' })).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Save all of it as a table' }).click(),
  ]);
  const file = info.outputPath('record.csv');
  await download.saveAs(file);
  const lines = readFileSync(file, 'utf8').split('\r\n');
  expect(lines[0]).toBe(
    'Date,Child,What happened,Unit,Lesson,Title,Kind,Rung,Minutes,Pages,Amount,How it went,Note,Corrected on',
  );
  expect(lines.filter((line) => line.includes(title)).length).toBeGreaterThan(0);

  await page.goto('/lessons');
  await page.keyboard.press('Control+z');
  await expect(rows.filter({ hasText: title })).toHaveCount(1);
});
