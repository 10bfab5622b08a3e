import type { Locator, Page } from '@playwright/test';
import { expect, test } from './app';

/** A first plan, from nothing, with every press and every field counted. */
test.use({ today: '2026-09-02' });

const CHAPTERS = Array.from(
  { length: 12 },
  (_, i) => `${i + 1}. Chapter of the mill ${i + 1} .... ${3 + i * 8}`,
).join('\n');

class Hands {
  presses = 0;
  fields = 0;
  constructor(private readonly page: Page) {}
  async press(what: Locator): Promise<void> {
    this.presses++;
    await what.click();
  }
  async button(name: string | RegExp): Promise<void> {
    await this.press(this.page.getByRole('button', { name }));
  }
  async key(key: string): Promise<void> {
    this.presses++;
    await this.page.keyboard.press(key);
  }
  async fill(what: Locator, text: string): Promise<void> {
    this.fields++;
    await what.fill(text);
  }
}

test('two children, one book of twelve chapters, three a week from Monday: under 25 presses and 10 fields', async ({
  page,
}) => {
  const hands = new Hands(page);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'From nothing to a week you can teach' })).toBeVisible();
  await hands.fill(page.getByLabel(/What do you call/), 'The mill house');
  await hands.button('Begin');
  for (const [name, year] of [
    ['Bram', '2017'],
    ['Junia', '2020'],
  ]) {
    await hands.button('Add a child');
    const dialog = page.getByRole('dialog', { name: 'A child' });
    await hands.fill(dialog.getByLabel('Name'), name);
    await hands.fill(dialog.getByLabel('Year'), year);
    await hands.key('Enter');
    await expect(dialog).toBeHidden();
  }
  await hands.press(page.getByRole('link', { name: 'A first unit with its lessons' }));
  await expect(page.getByRole('heading', { name: 'A new unit' })).toBeVisible();
  await hands.fill(page.getByLabel('Topic'), 'The mill');
  await hands.button('Begin the unit');
  await hands.button('From a contents page');
  await hands.fill(page.getByRole('textbox', { name: 'Contents' }), CHAPTERS);
  await hands.button('Make 12 lessons');
  await expect(page.getByRole('list', { name: 'Lessons', exact: true }).getByRole('listitem')).toHaveCount(
    12,
  );
  await hands.press(
    page.getByRole('navigation', { name: 'First steps' }).getByRole('link', { name: 'The books' }),
  );
  await hands.button('Add a book');
  await hands.fill(page.getByRole('dialog').getByLabel('Title'), 'The Mill at Lower Reed');
  await hands.key('Enter');
  await expect(page.getByRole('dialog')).toBeHidden();
  await expect(page.getByRole('gridcell', { name: /^The Mill at Lower Reed, lesson 2 / })).toHaveText(
    '11–18',
  );
  await hands.press(
    page.getByRole('navigation', { name: 'First steps' }).getByRole('link', { name: 'Ink the first week' }),
  );
  const day = (n: number, on: string): Locator =>
    page.getByRole('button', { name: new RegExp(`^Lesson ${n}, .*, ${on}$`) }).first();
  await expect(page.getByRole('heading', { name: /Week/ }).first()).toBeVisible();
  await expect(day(1, 'Mon 7 Sep')).toBeVisible();
  await expect(day(2, 'Wed 9 Sep')).toBeVisible();
  await expect(day(3, 'Fri 11 Sep')).toBeVisible();
  expect(hands.presses).toBeLessThan(25);
  expect(hands.fields).toBeLessThan(10);
});

test('the first steps stand on every sheet until they are done, and are in nobody’s way', async ({
  page,
}) => {
  await page.goto('/unit');
  const steps = page.getByRole('navigation', { name: 'First steps' });
  await expect(steps.getByRole('link')).toHaveText([
    'The family and its children',
    'A first unit with its lessons',
    'The school year',
    'The books',
    'Ink the first week',
  ]);
  await steps.getByRole('link', { name: 'The school year' }).click();
  await expect(page.getByRole('heading', { name: 'The year', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Lay down the year' }).click();
  await expect(steps.getByRole('link', { name: 'The school year' })).toHaveCount(0);
  await expect(steps).toContainText('✓The school year, done');
  // Nobody asked for weeks off.
  await expect(page.getByText(/weeks on, \d+ off/)).toHaveCount(0);
});
