import { readFileSync, writeFileSync } from 'node:fs';
import { atRevision, expect, test } from './app';

test('what a plan from elsewhere breaks is shown before it is kept', async ({ page }, info) => {
  const plan = JSON.parse(readFileSync('demo/fleece.json', 'utf8')) as {
    sittings: { partId: string; state: string; date: string }[];
    parts: { id: string; fixedDate: string | null }[];
  };
  const moved = plan.sittings.find(
    (s) =>
      s.state === 'pencil' &&
      s.date > '2026-11-01' &&
      plan.parts.find((p) => p.id === s.partId)!.fixedDate === null,
  )!;
  moved.date = '2026-11-07';
  const file = info.outputPath('plan.json');
  writeFileSync(file, JSON.stringify(plan));
  await page.goto('/setup');
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Bring in a plan…' }).click();
  await (await chooser).setFiles(file);
  const dialog = page.getByRole('dialog', { name: 'Bring in this plan?' });
  await expect(dialog.getByText(/things? in it stands? where a lay-out would not put it/)).toBeVisible();
  await expect(dialog.getByText(/is on Sat 7 Nov/).first()).toBeVisible();
  await expect(dialog.getByText('1 closed year', { exact: true })).toBeVisible();
  await dialog.getByRole('button', { name: 'Bring it in as it is' }).click();
  await atRevision(page, 1);
  await expect(page.getByText('4 children at the table')).toBeVisible();
});
