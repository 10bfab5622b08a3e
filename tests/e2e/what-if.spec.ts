import type { Locator, Page } from '@playwright/test';
import { expect, test } from './app';

test.use({ stores: 'the demo' });

/** Lays tracing paper over the sheet, and waits until what then stands there can be worked with. */
async function layPaper(page: Page): Promise<Locator> {
  await page.getByRole('button', { name: 'What if…' }).click();
  const paper = page.getByRole('status', { name: 'Tracing paper' });
  await expect(paper).toBeVisible();
  await page.locator('html[data-ready]').waitFor({ state: 'attached' });
  return paper;
}

const room = (name: RegExp): { name: RegExp } => ({ name });

test('several changes are tried on tracing paper, looked at beside the plan, and kept as one', async ({
  page,
}) => {
  await page.goto('/weeks?week=2026-11-02');
  const paper = await layPaper(page);
  await expect(paper).toContainText('nothing goes into the plan until you keep it');
  await page.getByRole('button', room(/^Lesson 12, .*Fri 6 Nov/)).focus();
  await page.keyboard.press('Alt+ArrowRight');
  await expect(paper).toContainText('1 change tried');
  await page.goto('/unit');
  await page.getByLabel('Topic').fill('From Fleece to Felt');
  await page.getByRole('button', { name: 'Keep the unit' }).click();
  await expect(paper).toContainText('2 changes tried');

  // The plan itself knows nothing of it, and cannot be ticked by mistake from the paper.
  await page.getByRole('button', { name: 'See the plan' }).click();
  await expect(paper).toBeHidden();
  await expect(page.getByRole('heading', { name: 'From Fleece to Cloth' })).toBeVisible();
  await layPaper(page);
  await expect(paper).toContainText('2 changes tried');
  await page.getByRole('button', { name: 'Keep all 2' }).click();
  await expect(paper).toBeHidden();
  await expect(page.getByRole('heading', { name: 'From Fleece to Felt' })).toBeVisible();
  await page.locator('html[data-ready]').waitFor({ state: 'attached' });
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Undone: Kept 2 changes from tracing paper')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'From Fleece to Cloth' })).toBeVisible();
});

test('what is tried is dropped, and the plan stands as it stood; a tick is no trial', async ({ page }) => {
  await page.goto('/weeks?week=2026-11-02');
  const paper = await layPaper(page);
  await page.getByRole('button', { name: 'Ink this week' }).click();
  await expect(paper).toContainText('Inked the week of 2 Nov');
  await page.goto('/today');
  await page.getByRole('checkbox').first().focus();
  await page.keyboard.press('Space');
  await expect(
    page.getByText(/what happened, what is asked of the library.* go into the plan itself/),
  ).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Drop it' }).click();
  await expect(paper).toBeHidden();
  await page.goto('/weeks?week=2026-11-02');
  await expect(page.getByRole('button', { name: 'Ink this week' })).toBeVisible();
});

test('a part says what stands in the way of its standing earlier', async ({ page }) => {
  await page.goto('/weeks?week=2026-11-02');
  await page
    .getByRole('button', room(/^Lesson 11, Warp and weft/))
    .first()
    .click();
  await page.getByRole('menuitem', { name: 'Why here?' }).click();
  const dialog = page.getByRole('dialog', { name: 'Why here? Warp and weft' });
  await expect(
    dialog.getByText(/^Mon 2 Nov: .*comes first, on Tue 3 Nov; .*that day has its lesson\.$/),
  ).toBeVisible();
  await dialog.getByRole('button', { name: 'Close' }).click();
  await expect(dialog).toBeHidden();
});

test('lessons are said to build on nothing, several at once', async ({ page }) => {
  await page.goto('/lessons');
  await page.getByRole('list', { name: 'Lessons' }).locator('[data-lesson]').nth(10).click();
  await page.getByRole('button', { name: 'In any order', exact: true }).click();
  await expect(page.getByText('“Warp and weft” builds no more on what comes before')).toBeVisible();
  await expect(page.getByRole('button', { name: 'In this order', exact: true })).toBeVisible();
  await expect(page.getByText('in any order', { exact: true })).toHaveCount(3);
});

test('on several weeks a lesson is moved by keys and from its menu; another unit is one press away', async ({
  page,
}) => {
  await page.goto('/weeks/several');
  const lesson = page.getByRole('button', { name: /^Lesson 15, Mending and wearing out, in pencil/ });
  await lesson.focus();
  await page.keyboard.press('Alt+ArrowRight');
  await expect(page.getByText(/Moved lesson 15 to /)).toBeVisible();
  await expect(lesson).toHaveAttribute('aria-label', /Mon 23 Nov/);
  await lesson.click();
  await page.getByRole('menuitem', { name: /A school day earlier, Fri 13 Nov/ }).click();
  await expect(lesson).toHaveAttribute('aria-label', /Fri 13 Nov/);
  await page.goto('/weeks?week=2026-11-02');
  await page.getByRole('button', { name: 'another unit' }).click();
  await page.getByRole('menuitem', { name: 'Bridges and How They Stand' }).click();
  await expect(page.getByText(/2 Nov to 6 Nov · Bridges and How They Stand/)).toBeVisible();
});
