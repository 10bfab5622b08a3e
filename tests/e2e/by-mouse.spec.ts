import type { Locator, Page } from '@playwright/test';
import { atRevision, expect, test } from './app';

test.use({ stores: 'the demo' });

const lesson = (page: Page, n: number, day: string): Locator =>
  page.getByRole('button', { name: new RegExp(`^Lesson ${n}, .*, ${day}$`) });

test('a pencilled lesson is dragged to another day; one in ink is not', async ({ page }) => {
  await page.goto('/weeks?week=2026-11-02');
  const friday = page.getByRole('group', { name: 'Fri 6 Nov, lessons' });
  await lesson(page, 11, 'Wed 4 Nov').dragTo(friday);
  await expect(lesson(page, 11, 'Fri 6 Nov')).toBeVisible();
  await expect(page.getByRole('status')).toContainText('Moved lesson 11 to Fri 6 Nov');
  await expect(lesson(page, 12, 'Fri 6 Nov')).toBeHidden();
  await atRevision(page, 2);

  await page.goto('/weeks?week=2026-10-26');
  await lesson(page, 9, 'Fri 30 Oct').dragTo(page.getByRole('group', { name: 'Tue 27 Oct, lessons' }));
  await expect(lesson(page, 9, 'Fri 30 Oct')).toBeVisible();
  await atRevision(page, 2);
});

test('the menu says why a lesson stands there, moves it, and refuses with the reason', async ({ page }) => {
  await page.goto('/weeks?week=2026-11-02');
  await lesson(page, 12, 'Fri 6 Nov').click();
  await expect(page.getByRole('menu')).toContainText('In pencil.');
  await page.getByRole('menuitem', { name: 'Mon 2 Nov' }).click();
  await expect(page.getByRole('alertdialog')).toContainText('Lesson 11 stands on Wed 4 Nov and comes first.');
  await page.getByRole('button', { name: 'I see' }).click();
  await lesson(page, 11, 'Wed 4 Nov').click();
  await page.getByRole('menuitem', { name: /later, Thu 5 Nov/ }).click();
  await expect(page.getByRole('alertdialog')).toContainText(
    /Junia has \d+ min on Thu 5 Nov; the limit is 200\./,
  );
  await page.getByRole('button', { name: 'I see' }).click();
  await lesson(page, 12, 'Fri 6 Nov').click();
  await page.getByRole('menuitem', { name: 'Tue 10 Nov' }).click();
  await expect(lesson(page, 12, 'Fri 6 Nov')).toBeHidden();
  await page.goto('/weeks?week=2026-11-09');
  await expect(lesson(page, 12, 'Tue 10 Nov')).toBeVisible();
});

test('what did not happen moves on, and when ink is in the way the parent is asked', async ({ page }) => {
  await page.goto('/today');
  const telling = page.getByRole('button', { name: 'Tell it back, Bram', exact: true });
  await telling.click();
  await page.getByRole('menuitem', { name: 'Did not happen: move it on' }).click();
  const asked = page.getByRole('alertdialog');
  await expect(asked).toContainText(
    'What is in ink after “Tell it back” leaves no room for it on a later day.',
  );
  await asked.getByRole('button', { name: 'Rub out the ink after it and move on' }).click();
  await expect(telling).toBeHidden();
  await page.goto('/today?day=2026-10-29');
  await expect(page.getByRole('button', { name: 'Tell it back, Bram', exact: true }).first()).toBeVisible();
  await page.goto('/weeks?week=2026-10-26');
  await expect(lesson(page, 9, 'Fri 30 Oct')).toBeVisible();
});

test('a tick is for one child where the work is their own, and can be taken back', async ({ page }) => {
  await page.goto('/today');
  const bram = page.getByRole('checkbox', { name: 'Done: Copying, Bram', exact: true });
  const box = page.locator('label').filter({ has: bram });
  await box.click();
  await expect(bram).toBeChecked();
  await expect(page.getByRole('checkbox', { name: 'Done: Copying, Ottilie', exact: true })).not.toBeChecked();
  await atRevision(page, 2);
  await page.goto('/child/demo-0002');
  await expect(page.getByRole('checkbox', { name: 'Copying' })).toBeChecked();
  await page.goto('/today');
  await box.click();
  await expect(bram).not.toBeChecked();
});

test('work worded by hand stays when it is given out again', async ({ page }) => {
  await page.goto('/ladder');
  await page.getByRole('button', { name: /^Ottilie: .*one stanza/ }).click();
  await page.getByRole('menuitem', { name: 'Word it by hand…' }).click();
  await page.getByLabel('What to do').fill('Copy the last stanza in your best hand');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  const ottilie = page.getByRole('button', { name: /^Ottilie: Copy the last stanza in your best hand/ });
  await expect(ottilie).toBeVisible();
  await page.goto('/weeks');
  await page.getByRole('button', { name: 'Lay out again' }).click();
  await page.goto('/ladder');
  await expect(ottilie).toBeVisible();
});
