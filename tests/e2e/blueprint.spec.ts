import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { EVERY_SHEET, expect, test } from './app';

test.use({ stores: 'the demo' });

const ground = (page: Page): Promise<string> =>
  page.evaluate(() => getComputedStyle(document.documentElement).backgroundColor);
const PAPER = 'rgb(244, 241, 232)';
const BLUEPRINT = 'rgb(18, 48, 90)';

for (const path of [...EVERY_SHEET, '/child/demo-0003'])
  test(`${path} can be read as a blueprint`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: 'dark' });
    await page.goto(path);
    await expect(page.locator('main')).toBeVisible();
    expect(await ground(page)).toBe(BLUEPRINT);
    const { violations } = await new AxeBuilder({ page })
      .setLegacyMode(true)
      .withRules(['color-contrast'])
      .analyze();
    expect(
      violations.flatMap((v) => v.nodes.map((n) => `${n.target.join(' ')}: ${n.failureSummary}`)),
    ).toEqual([]);
  });

test('paper or blueprint is chosen for this device, and print is on white whatever was chosen', async ({
  page,
}) => {
  await page.emulateMedia({ colorScheme: 'light' });
  await page.goto('/setup');
  expect(await ground(page)).toBe(PAPER);
  await page.getByRole('button', { name: /as this device wishes/ }).click();
  await page.getByRole('option', { name: 'as a blueprint' }).click();
  expect(await ground(page)).toBe(BLUEPRINT);
  await page.goto('/weeks');
  expect(await ground(page)).toBe(BLUEPRINT);
  await page.emulateMedia({ media: 'print' });
  expect(await page.evaluate(() => getComputedStyle(document.body).color)).toBe('rgb(31, 47, 70)');
  await page.emulateMedia({ media: 'screen', colorScheme: 'dark' });
  await page.goto('/setup');
  await page.getByRole('button', { name: /as a blueprint/ }).click();
  await page.getByRole('option', { name: 'on paper' }).click();
  expect(await ground(page)).toBe(PAPER);
});
