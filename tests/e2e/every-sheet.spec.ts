import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, test } from './app';

/** Where the number of children changes what is drawn. */
const OF_CHILDREN = ['/books', '/ladder', '/paper', '/weeks', '/today', '/child/demo-0001'];
/** The demo’s year before, as it is looked at. */
const OF_A_CLOSED_YEAR = ['/year', '/weeks', '/today'].map((sheet) => `${sheet}?look=demo-e0139`);
const EMPTY = [
  '/setup',
  '/year',
  '/unit',
  '/unit?new=1',
  '/books',
  '/shelf',
  '/lessons',
  '/ladder',
  '/paper',
  '/weeks',
  '/weeks/several',
  '/weeks/came-up',
  '/ready',
  '/paper/kits',
  '/today',
  '/record',
];
/**
 * What axe looks at, in the one document there is (no frames, hence its plain mode): every sheet with the demo in it,
 * some that are empty, and the one that more children change most.
 */
const READ_ALOUD: Record<string, readonly string[]> = {
  nothing: ['/setup', '/year', '/lessons', '/today'],
  'the demo': [...EMPTY, '/child/demo-0001'],
  'seven children': ['/ladder'],
  'one child': [],
};
const SHEETS = {
  nothing: EMPTY,
  'one child': OF_CHILDREN,
  'the demo': [...EMPTY, '/child/demo-0001', ...OF_A_CLOSED_YEAR],
  'seven children': [...EMPTY, '/child/demo-0001'],
} as const;

for (const [stores, paths] of Object.entries(SHEETS) as [keyof typeof SHEETS, readonly string[]][])
  test.describe(`with ${stores} in it`, () => {
    test.use({ stores });
    for (const path of paths)
      test(`${path} is drawn without a fault, can be read aloud, and fits three widths`, async ({ page }) => {
        const problems: string[] = [];
        page.on('console', (m) => {
          if (m.type() === 'error') problems.push(m.text());
        });
        page.on('pageerror', (e) => problems.push(String(e)));
        await page.goto(path);
        await expect(page.locator('main')).toBeVisible();
        const isRead = READ_ALOUD[stores].includes(path);
        const { violations } = isRead
          ? await new AxeBuilder({ page }).setLegacyMode(true).analyze()
          : { violations: [] };
        expect(
          violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).slice(0, 3)}`),
        ).toEqual([]);
        for (const width of [390, 1024, 1280]) {
          await page.setViewportSize({ width, height: 800 });
          expect(await tooWide(page), `at ${width}`).toBeLessThanOrEqual(0);
        }
        expect(await tooSmall(page)).toEqual([]);
        expect(problems).toEqual([]);
      });
  });

const tooWide = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);

/** What is written in less than 12 px. */
const tooSmall = (page: Page): Promise<(string | undefined)[]> =>
  page.evaluate(() =>
    [...document.querySelectorAll('body *')]
      .filter(
        (e) =>
          [...e.childNodes].some((n) => n.nodeType === 3 && n.textContent?.trim()) &&
          parseFloat(getComputedStyle(e).fontSize) < 12,
      )
      .map((e) => e.textContent?.slice(0, 30)),
  );

test('with nothing in it, the first page says where to begin', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'From nothing to a week you can teach' })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('open a sheet by its number');
});
