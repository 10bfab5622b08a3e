import { writeFileSync } from 'node:fs';
import { demoOnSaturday } from '../demo-on-saturday';
import { atRevision, expect, test } from './app';

test('what a plan from elsewhere breaks is shown before it is kept', async ({ page }, info) => {
  const file = info.outputPath('plan.json');
  writeFileSync(file, demoOnSaturday());
  await page.goto('/setup');
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Bring in a plan…' }).click();
  await (await chooser).setFiles(file);
  const dialog = page.getByRole('dialog', { name: 'Bring in this plan?' });
  await expect(dialog.getByText(/Its days break what a lay-out promises, \d+ times?/)).toBeVisible();
  await expect(dialog.getByText(/is on Sat 7 Nov/).first()).toBeVisible();
  await expect(dialog.getByText('1 closed year', { exact: true })).toBeVisible();
  await dialog.getByRole('button', { name: 'Bring it in as it is' }).click();
  await atRevision(page, 1);
  await expect(page.getByText('4 children at the table')).toBeVisible();
});
