import { atRevision, expect, revision, test } from './app';

test.use({ stores: 'the demo' });

test('a write on an old revision is refused with a choice, and nothing typed is lost', async ({
  page,
  context,
}) => {
  const other = await context.newPage();
  await page.goto('/setup');
  await other.goto('/setup');
  const family = page.getByLabel(/What do you call/);
  await family.fill('The mill on the race');
  await other.getByLabel(/Minutes a day you can lead/).fill('150');
  await other.getByRole('button', { name: 'Keep these' }).click();
  await atRevision(other, 2);

  await page.getByRole('button', { name: 'Keep these' }).click();
  const refusal = page.getByRole('alertdialog', { name: 'The plan was changed in another window' });
  await expect(refusal).toContainText('Changed the family');
  await refusal.getByRole('button', { name: 'Leave it, look first' }).click();
  await expect(family).toHaveValue('The mill on the race');
  await expect(page.getByRole('heading', { name: 'The house by the mill race' })).toBeVisible();
  expect(await revision(page)).toBe(2);

  // Another change from the other window, and this time the choice to go on.
  await other.getByLabel(/Minutes a day you can lead/).fill('140');
  await other.getByRole('button', { name: 'Keep these' }).click();
  await atRevision(other, 3);
  await page.getByRole('button', { name: 'Keep these' }).click();
  await refusal.getByRole('button', { name: 'Make my change on top' }).click();
  await expect(page.getByRole('heading', { name: 'The mill on the race' })).toBeVisible();
  await atRevision(page, 4);

  // Undo in a window that has not seen that is refused too.
  await other.getByRole('button', { name: /^Undo/ }).click();
  await expect(other.getByRole('alertdialog')).toContainText('Changed the family');
});

test('two windows can take turns when each looks first', async ({ page, context }) => {
  const other = await context.newPage();
  await page.goto('/weeks?week=2026-11-02');
  await page.getByRole('button', { name: 'Ink this week' }).click();
  await atRevision(page, 2);
  await other.goto('/weeks?week=2026-11-02');
  await other.getByRole('button', { name: 'Rub out the ink' }).click();
  await atRevision(other, 3);
  await page.reload();
  await page.getByRole('button', { name: 'Ink this week' }).click();
  await atRevision(page, 4);
});
