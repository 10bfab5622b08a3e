import type { Locator, Page } from '@playwright/test';
import { atRevision, enter, expect, tabTo, test, typeDate } from './app';

test.use({ stores: 'the demo' });

const SHEETS = [
  '/setup',
  '/year',
  '/unit',
  '/books',
  '/shelf',
  '/lessons',
  '/ladder',
  '/weeks',
  '/weeks/several',
  '/ready',
  '/today',
  '/record',
  '/paper?lesson=demo-0038&unit=demo-0005',
  '/child/demo-0001',
];

interface Walked {
  /** Where Tab stops without saying what it is, or without showing that one is there. */
  wrong: string[];
  stops: number;
  /** What can be pressed or filled in, and is passed by. */
  missed: string[];
}

/** Goes through a page by Tab, with all that unfolds unfolded, until it begins again. */
async function walk(page: Page): Promise<Walked> {
  await page.evaluate(() => {
    for (const folded of document.querySelectorAll('details')) folded.open = true;
    // From the top, wherever the page has put one.
    document.body.tabIndex = -1;
    document.body.focus();
    document.body.removeAttribute('tabindex');
    (window as unknown as { stopped: Set<Element> }).stopped = new Set();
  });
  const wrong: string[] = [];
  let stops = 0;
  for (; stops < 700; stops++) {
    await page.keyboard.press('Tab');
    const stop = await page.evaluate(() => {
      const { stopped } = window as unknown as { stopped: Set<Element> };
      const at = document.activeElement;
      if (!at || at === document.body || stopped.has(at)) return undefined;
      stopped.add(at);
      const by = (ids: string | null): string =>
        (ids ?? '')
          .split(' ')
          .map((id) => document.getElementById(id)?.textContent ?? '')
          .join('');
      const name =
        by(at.getAttribute('aria-labelledby')) ||
        at.getAttribute('aria-label') ||
        [...((at as HTMLInputElement).labels ?? [])].map((l) => l.textContent).join('') ||
        at.textContent ||
        at.getAttribute('title');
      const isShown = (e: Element | null, up: number): boolean => {
        if (!e) return false;
        const { outlineStyle, outlineWidth, boxShadow } = getComputedStyle(e);
        return (
          (outlineStyle !== 'none' && parseFloat(outlineWidth) > 0) ||
          boxShadow !== 'none' ||
          (up > 0 && isShown(e.parentElement, up - 1))
        );
      };
      const { right, left, width } = at.getBoundingClientRect();
      const what = `${at.tagName.toLowerCase()} “${(name ?? '').trim().slice(0, 40)}”`;
      return [
        ...(name?.trim() ? [] : [`${at.outerHTML.slice(0, 120)} has no name`]),
        ...(isShown(at, 3) ? [] : [`${what} does not show that one is there`]),
        ...(width === 0 || right <= 0 || left >= innerWidth ? [`${what} is out of sight`] : []),
      ];
    });
    if (!stop) break;
    wrong.push(...stop);
  }
  const missed = await page.evaluate(() => {
    const { stopped } = window as unknown as { stopped: Set<Element> };
    return [...document.querySelectorAll('a[href], button, input, select, textarea, summary, [tabindex="0"]')]
      .filter((e) => {
        const { width, height } = e.getBoundingClientRect();
        if (stopped.has(e) || !width || !height || (e as HTMLButtonElement).disabled) return false;
        if (e.closest('[aria-hidden="true"], [inert]')) return false;
        // What is gone through with the arrows is one stop among its like: a grid, a list, one choice of several.
        const likes = e.closest(
          '[role="grid"], [role="radiogroup"], [role="listbox"], [role="group"], ol, ul',
        );
        const isOneOfThem =
          e.getAttribute('tabindex') === '-1' ||
          (e as HTMLInputElement).type === 'radio' ||
          likes?.role === 'grid';
        return !(isOneOfThem && likes && [...stopped].some((s) => likes.contains(s)));
      })
      .map((e) => e.outerHTML.slice(0, 160));
  });
  return { wrong, stops, missed };
}

for (const path of SHEETS)
  test(`${path} is gone through by Tab: all is reached, says its name and shows where one is`, async ({
    page,
  }) => {
    await page.goto(path);
    await expect(page.locator('main')).toBeVisible();
    const { wrong, stops, missed } = await walk(page);
    expect(wrong).toEqual([]);
    expect(missed).toEqual([]);
    expect(stops).toBeGreaterThan(5);
  });

/** Goes through what is open with the arrows until this is reached, and takes it. */
async function arrowTo(page: Page, target: Locator, key = 'ArrowDown'): Promise<void> {
  for (let i = 0; i < 60; i++) {
    if (await target.evaluate((e) => e.contains(document.activeElement))) break;
    await page.keyboard.press(key);
  }
  await expect(target).toBeFocused();
  await page.keyboard.press('Enter');
}

test('the work of a week that does not go as planned is done by keys alone', async ({ page }) => {
  await test.step('a lesson is put on another day', async () => {
    await page.goto('/weeks?week=2026-11-02');
    await enter(page, /^Lesson 12, .*Fri 6 Nov/);
    await arrowTo(page, page.getByRole('menuitem', { name: 'Tue 10 Nov' }));
    await atRevision(page, 2);
    await page.keyboard.press('Control+z');
    await atRevision(page, 3);
  });
  await test.step('several changes are tried on tracing paper, and dropped', async () => {
    await enter(page, 'What if…');
    const paper = page.getByRole('status', { name: 'Tracing paper' });
    await expect(paper).toBeVisible();
    await page.locator('html[data-ready]').waitFor({ state: 'attached' });
    await enter(page, 'Ink this week');
    await expect(paper).toContainText('1 change tried');
    await enter(page, 'Drop it');
    await expect(paper).toBeHidden();
    await page.locator('html[data-ready]').waitFor({ state: 'attached' });
  });
  await test.step('a child falls ill, and a way through is taken', async () => {
    await page.keyboard.press('c');
    await expect(page.getByRole('heading', { name: 'Something came up' })).toBeVisible();
    await typeDate(page, 'From', '2026-11-02');
    await typeDate(page, 'To', '2026-11-06');
    const second = page.getByRole('radio', { name: /Leave out “Mending and wearing out”/ });
    await expect(second).toBeVisible();
    await tabTo(page, /Four lessons of “From Fleece to Cloth” a week/, 'radio');
    await page.keyboard.press('ArrowDown');
    await expect(second).toBeChecked();
    await enter(page, 'Take B');
    await expect(page.getByRole('heading', { name: 'Week 8' })).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(page.getByText(/^Undone: Something came up/)).toBeVisible();
  });
  await test.step('something is found and opened', async () => {
    await page.keyboard.press('/');
    await page.keyboard.type('onion');
    await expect(page.getByRole('option').first()).toBeVisible();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('dialog')).toBeHidden();
  });
  await test.step('a unit is closed early, from its menu on the year, and gone on with', async () => {
    await page.keyboard.press('1');
    await expect(page.getByRole('heading', { name: 'The year', exact: true })).toBeVisible();
    await enter(page, /^From Fleece to Cloth/);
    await arrowTo(page, page.getByRole('menuitem', { name: /^Close it/ }));
    await expect(page.getByRole('dialog', { name: /^Close “From Fleece/ })).toBeVisible();
    await enter(page, 'Close it');
    await expect(page.getByText(/^Closed “From Fleece to Cloth”/)).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(page.getByText(/^Undone: Closed/)).toBeVisible();
  });
});
