import type { Page } from '@playwright/test';
import { expect, test } from './app';

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
