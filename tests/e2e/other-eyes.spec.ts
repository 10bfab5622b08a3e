import { EVERY_SHEET, expect, test } from './app';

test.use({ stores: 'the demo', viewport: { width: 640, height: 400 }, deviceScaleFactor: 2 });

const SHEETS = [...EVERY_SHEET, '/shelf'];

test('at 200 % nothing is wider than the window, and under the device’s own colours the sheet one is on is marked', async ({
  page,
}) => {
  await page.emulateMedia({ forcedColors: 'active', reducedMotion: 'reduce' });
  for (const sheet of SHEETS) {
    await page.goto(sheet);
    expect({ sheet, width: await page.evaluate(() => document.documentElement.scrollWidth) }).toEqual({
      sheet,
      width: 640,
    });
    expect(await page.evaluate(() => document.getAnimations().length)).toBe(0);
  }
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto('/today');
  const edge = (name: RegExp): Promise<string> =>
    page
      .getByRole('link', { name })
      .first()
      .evaluate((e) => getComputedStyle(e).borderLeftColor);
  expect(await edge(/^8\s*Today/)).not.toBe(await edge(/^1\s*Year/));
});
