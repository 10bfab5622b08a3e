/** A whole day taught on a laptop and a phone at once, as it comes: over time, ill, rained off, read by somebody else. */
import type { Page } from '@playwright/test';
import Database from 'better-sqlite3';
import { breaches } from '../../src/core/layout/check';
import { byId, doneParts } from '../../src/core/plan/lookup';
import { readPlan } from '../../src/data/plan';
import { expect, test } from './app';
import { typeDate } from './hands';

const TODAY = '2026-10-28';

test.use({ stores: 'the demo', today: '2026-10-28T11:02' });

/** Somebody else comes on two days and reads aloud in the lesson of this day, which was ticked too soon. */
async function readByJost(page: Page): Promise<void> {
  await page.goto('/setup');
  await page.getByRole('button', { name: 'Add an adult' }).click();
  const form = page.getByRole('dialog', { name: 'Somebody else who leads' });
  await form.getByLabel('Name').fill('Uncle Jost');
  for (const day of ['Wednesday', 'Thursday'])
    await form.getByRole('checkbox', { name: day }).check({ force: true });
  await form.getByRole('button', { name: 'Add' }).click();
  await expect(page.getByRole('region', { name: 'Others who lead' })).toContainText('Uncle Jost');
  await page.goto('/today');
  await page
    .getByRole('checkbox', { name: /^Done: Read together/ })
    .first()
    .press('Space');
  await page.goto('/lessons');
  await page.getByText('Colour from the dye pot').first().click();
  await page
    .getByRole('button', { name: /^Read together, / })
    .first()
    .click();
  await page.getByRole('menuitem', { name: 'Change…' }).click();
  const part = page.getByRole('dialog', { name: /^Change “Read together/ });
  await part.getByRole('button', { name: /Who leads/ }).click();
  await page.getByRole('option', { name: 'Uncle Jost', exact: true }).click();
  await part.getByRole('button', { name: 'Keep' }).click();
  await expect(part).toBeHidden();
}

test('a day is taught by two at once, and what it did not get to stands on days to come', async ({
  page,
  browser,
  baseURL,
  app,
}) => {
  const phone = await (
    await browser.newContext({ viewport: { width: 390, height: 844 }, baseURL })
  ).newPage();
  await readByJost(page);
  await page.goto('/today');
  // He reads aloud, so that it takes none of the parent's time, and it says so on the day.
  await expect(page.getByText(/with Uncle Jost/).first()).toBeVisible();
  await phone.goto('/today');
  // The other parent ticks on the phone what is done; the laptop has it at once.
  await phone
    .getByRole('checkbox', { name: /^Done: At breakfast/ })
    .first()
    .press('Space');
  await expect(page.getByRole('checkbox', { name: /^Done: At breakfast/ })).toBeChecked();
  // The dye pot runs over: what comes after it is later.
  const ends = async (): Promise<string> => {
    await page
      .getByRole('button', { name: /^Dye pot, / })
      .first()
      .click();
    const said = await page
      .getByRole('menu')
      .getByText(/ to \d+:\d\d, /)
      .first()
      .textContent();
    await page.keyboard.press('Escape');
    return / to (\d+:\d\d)/.exec(said!)![1];
  };
  const before = await ends();
  await page
    .getByRole('button', { name: /^Dye pot, / })
    .first()
    .click();
  await page.getByRole('menuitem', { name: 'Ten minutes more' }).click();
  await expect(page.getByText('10 min more for “Dye pot”')).toBeVisible();
  const minutes = (clock: string): number => Number(clock.split(':')[0]) * 60 + Number(clock.split(':')[1]);
  await expect.poll(async () => minutes(await ends()) - minutes(before)).toBe(10);

  // Bram is ill from eleven: ways through are worked out, and one is taken.
  await page.goto('/weeks/came-up');
  await typeDate(page, 'From', '2026-10-28');
  await typeDate(page, 'To', '2026-10-28');
  await page.getByRole('button', { name: /What came up/ }).click();
  await page.getByRole('option', { name: 'a child is ill' }).click();
  await page.getByRole('button', { name: /Who$/ }).click();
  await page.getByRole('option', { name: 'Bram' }).click();
  await page.getByRole('button', { name: 'Take A' }).click();
  await expect(page.getByText(/Bram/).first()).toBeVisible();

  // The farm is rained off on Friday: its other form stands on the day.
  await page.goto('/today?day=2026-10-30');
  await page
    .getByRole('button', { name: /^Sheep farm visit, / })
    .first()
    .click();
  await page.getByRole('menuitem', { name: /^Indoors instead/ }).click();
  await expect(page.getByText('“Sheep farm visit” is done indoors')).toBeVisible();

  // The day is closed: all that was not done has a day to come.
  await page.goto('/today');
  await page.getByRole('button', { name: 'Close the day…' }).click();
  const closing = page.getByRole('dialog', { name: 'Close Wed 28 Oct' });
  await expect(closing.getByText(/\d+ of \d+ rooms? done\./)).toBeVisible();
  await closing.getByRole('button', { name: 'Move it on' }).click();
  // What comes after it is in ink: that is asked.
  const rubOut = page.getByRole('button', { name: /^Rub out/ });
  await expect.poll(async () => (await rubOut.isVisible()) || !(await closing.isVisible())).toBe(true);
  if (await rubOut.isVisible()) await rubOut.click();
  await expect(closing).toBeHidden();
  await phone.context().close();

  // By the check that knows the rules and not the engine: no promise is broken, and what was left has a day to come.
  const store = new Database(app.db, { readonly: true });
  const plan = readPlan(store);
  store.close();
  expect(breaches(plan)).toEqual([]);
  const done = doneParts(plan);
  const missed = plan.marks.filter((m) => m.outcome === 'missed' && m.date === TODAY);
  const parts = byId(plan.parts);
  // Nothing that was ticked is lost.
  expect([...done].some((id) => parts.get(id)!.title.startsWith('At breakfast'))).toBe(true);
  for (const { partId } of missed) {
    const part = parts.get(partId);
    if (!part || done.has(partId) || (part.ruleId !== null && part.lessonId === null)) continue;
    expect(
      plan.sittings.some((s) => s.partId === partId && s.date > TODAY),
      part.title,
    ).toBe(true);
  }
});
