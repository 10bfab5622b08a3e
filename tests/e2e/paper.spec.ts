import { atRevision, expect, test } from './app';
import type { Page } from '@playwright/test';

test.use({ stores: 'the demo' });

/** Sheets of a PDF of the page, and how wide and high they are in millimetres. */
async function printed(page: Page): Promise<{ sheets: number; size: number[] }> {
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
  const [, ...size] = /MediaBox\s*\[0 0 ([\d.]+) ([\d.]+)\]/.exec(pdf)!;
  return {
    sheets: pdf.match(/\/Type\s*\/Page\b(?!s)/g)!.length,
    size: size.map((points) => Math.round((Number(points) / 72) * 25.4)),
  };
}

test('a unit goes on one page, on either paper', async ({ page }) => {
  await page.goto('/unit');
  await page.getByRole('link', { name: 'On one page' }).click();
  const sheet = page.getByRole('article', { name: 'From Fleece to Cloth, on one page' });
  await expect(sheet).toContainText('Colour from the dye pot');
  await expect(sheet).toContainText('To be able to');
  await expect(sheet).toContainText('alum 12 g');
  expect(await printed(page)).toEqual({ sheets: 1, size: [297, 210] });
  await page.getByRole('link', { name: 'On US Letter' }).click();
  await expect(page.getByRole('link', { name: 'On A4' })).toBeVisible();
  expect(await printed(page)).toEqual({ sheets: 1, size: [279, 216] });
});

test('a week is a page for each child, with what they do on each day', async ({ page }) => {
  await page.goto('/weeks?week=2026-10-26');
  await page.getByRole('link', { name: 'A page a child' }).click();
  const junia = page.getByRole('region', { name: /^Junia, the week of / });
  await expect(junia).toContainText('Copy, for “Colour from the dye pot”');
  await expect(page.getByRole('region', { name: /^Pim, the week of / })).not.toContainText('Dye pot');
  expect(await printed(page)).toEqual({ sheets: 4, size: [297, 210] });
});

test('the family chooses its handwriting, and each child prints or joins', async ({ page }) => {
  const model = async (): Promise<string> => {
    await page.goto('/ladder');
    await page.getByRole('link', { name: 'Pages to print' }).click();
    const words = page.getByRole('region', { name: 'Junia: Copying' }).locator('p[class]').last();
    return words.evaluate((p) => getComputedStyle(p).fontFamily);
  };
  const before = await model();
  await page.goto('/setup');
  await page.getByRole('button', { name: /Print letters/ }).click();
  await page.getByRole('option', { name: 'Print letters, upright' }).click();
  await atRevision(page, 2);
  const upright = await model();
  expect(upright).not.toBe(before);
  await page.goto('/setup');
  await page.getByRole('button', { name: 'Change Junia' }).click();
  await page.getByRole('button', { name: /Letters to copy from/ }).click();
  await page.getByRole('option', { name: 'joined', exact: true }).click();
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await atRevision(page, 3);
  expect(await model()).not.toBe(upright);
});

test('a child’s folder has the pages of the whole unit in the order of use, and as many sheets as it says', async ({
  page,
}) => {
  await page.goto('/paper?unit=demo-0005&lesson=demo-0038');
  await page.getByRole('link', { name: 'Folders for the whole unit' }).click();
  await expect(page.getByText(/all lessons, in the order of use/)).toBeVisible();
  for (const name of ['Ottilie', 'Bram', 'Pim']) {
    await page.getByRole('link', { name: new RegExp(`^✓ ${name}`) }).click();
    await expect(page.getByRole('link', { name: new RegExp(`^${name}`) })).toBeVisible();
  }
  const junia = page.getByRole('link', { name: /^✓ Junia, \d+ sheets$/ });
  await expect(page.getByRole('link', { name: /^✓ [A-Z]/ }).filter({ hasText: 'sheet' })).toHaveCount(1);
  const said = Number(/\d+/.exec((await junia.innerText()).replace('✓', ''))![0]);
  const heads = await page.getByText(/^Lesson \d+, /).allInnerTexts();
  const numbers = heads.flatMap((h) => /Lesson (\d+),/.exec(h)?.slice(1).map(Number) ?? []);
  expect(numbers.length).toBeGreaterThan(10);
  expect(numbers).toEqual([...numbers].sort((a, b) => a - b));
  const { sheets } = await printed(page);
  const answers = await page.getByText('Answers to the quiz').count();
  expect(sheets).toBe(said + answers);
});
