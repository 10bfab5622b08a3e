import AxeBuilder from '@axe-core/playwright';
import { expect, test } from './app';

/** Where the number of children changes what is drawn. */
const OF_CHILDREN = ['/books', '/ladder', '/paper', '/weeks', '/today', '/child/demo-0001'];
const SHEETS = ['/setup', '/year', '/unit', '/unit?new=1', '/books', '/shelf', '/lessons', '/ladder', '/paper', '/weeks', '/today'];

for (const stores of ['nothing', 'one child', 'the demo', 'seven children'] as const) {
  test.describe(`with ${stores} in it`, () => {
    test.use({ stores });
    test('every sheet is drawn without a fault, can be read aloud, and fits three widths', async ({ page }) => {
      test.setTimeout(600_000);
      const problems: string[] = [];
      page.on('console', (m) => { if (m.type() === 'error') problems.push(m.text()); });
      page.on('pageerror', (e) => problems.push(String(e)));
      for (const path of { nothing: SHEETS, 'one child': OF_CHILDREN, 'the demo': [...SHEETS, '/child/demo-0001'], 'seven children': [...SHEETS, '/child/demo-0001'] }[stores]) {
        await page.setViewportSize({ width: 1280, height: 800 });
        await page.goto(path, { waitUntil: 'networkidle' });
        const { violations } = await new AxeBuilder({ page }).analyze();
        expect(violations.map((v) => `${path} ${v.id}: ${v.nodes.map((n) => n.target.join(' ')).slice(0, 3).join(', ')}`), path).toEqual([]);
        for (const width of [1280, 1024, 390]) {
          await page.setViewportSize({ width, height: 800 });
          expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth), `${path} at ${width}`).toBeLessThanOrEqual(0);
        }
        const small = await page.evaluate(() => [...document.querySelectorAll('body *')].filter((e) => e.childNodes.length && [...e.childNodes].some((n) => n.nodeType === 3 && n.textContent?.trim()) && parseFloat(getComputedStyle(e).fontSize) < 12).map((e) => e.textContent?.slice(0, 30)));
        expect(small, path).toEqual([]);
      }
      expect(problems).toEqual([]);
    });
  });
}

test('with nothing in it, the first page says where to begin', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'From nothing to a week you can teach' })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('open a sheet by its number');
});
