import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, test } from './app';

test.use({ stores: 'the demo' });

const box = (page: Page) => page.getByRole('combobox', { name: /^Find/ });

test('anything is found from anywhere with one key, and gone to with Enter', async ({ page }) => {
  await page.goto('/weeks');
  await expect(page.getByRole('heading', { name: /^Week/ })).toBeVisible();
  await page.keyboard.press('/');
  await expect(box(page)).toBeFocused();
  await expect(page.getByRole('option', { name: /Colour from the dye pot/ })).toBeVisible();
  await page.keyboard.type('patterns that');
  await expect(page.getByRole('option').first()).toContainText('Patterns that tell');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/lessons\?unit=demo-0005&lesson=/);
  await expect(page.getByRole('complementary').or(page.locator('aside')).first()).toContainText(
    'Patterns that tell',
  );

  await page.keyboard.press('/');
  await page.keyboard.type('dyer’s kettle');
  await expect(page.getByRole('option').first()).toContainText('The Dyer’s Kettle');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: 'The Dyer’s Kettle' })).toBeVisible();
  await page.keyboard.press('Escape');

  // What was gone to last stands first.
  await page.getByRole('button', { name: 'Find' }).click();
  await expect(box(page)).toBeFocused();
  await expect(page.getByRole('option').first()).toContainText('The Dyer’s Kettle');
  await page.keyboard.type('hall');
  await page
    .getByRole('option', { name: /hall shelf/ })
    .first()
    .click();
  await expect(page.getByLabel('Look for')).toHaveValue('hall shelf');

  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Find' }).click();
  await expect(box(page)).toBeFocused();
  await page.keyboard.type('zyx wvut');
  await expect(page.getByText('Nothing is called “zyx wvut”')).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).setLegacyMode(true).analyze();
  expect(violations.map((v) => v.id)).toEqual([]);
});

test('a unit of an earlier year is found, and looked at as it stood', async ({ page }) => {
  await page.goto('/today');
  await expect(page.locator('main')).toBeVisible();
  await page.getByRole('button', { name: 'Find' }).click();
  await expect(box(page)).toBeFocused();
  await page.keyboard.type('school year 2025');
  await page
    .getByRole('option', { name: /unit, school year 2025/ })
    .first()
    .click();
  await expect(page.getByText('It is looked at, not changed.')).toBeVisible();
});

test('a figure says how it is worked out, with this family’s numbers and the source', async ({ page }) => {
  await page.goto('/record');
  await page.getByRole('button', { name: 'Days kept: how is this worked out?' }).click();
  const dialog = page.getByRole('dialog', { name: /^Days kept: 35/ });
  await expect(dialog).toContainText('35 kept and 3 lost');
  await expect(dialog).toContainText('A school day is kept by the family');
  await dialog.getByRole('link', { name: 'All of how it is worked out' }).click();
  await expect(page.getByRole('heading', { name: 'Where each number comes from' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Handwriting' })).toBeVisible();
});

test('help is one key away, a page for each sheet', async ({ page }) => {
  await page.goto('/books');
  await expect(page.getByRole('heading', { name: 'Books', exact: true })).toBeVisible();
  await page.keyboard.press('h');
  await expect(page).toHaveURL(/\/help\/books$/);
  await expect(page.getByText('Thin lessons')).toBeVisible();
  await page.getByRole('link', { name: 'The first hour' }).click();
  await expect(page.getByText('Who is at the table.')).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).setLegacyMode(true).analyze();
  expect(violations.map((v) => v.id)).toEqual([]);
  await page.goto('/help/nothing');
  await expect(page.getByRole('heading', { name: /no such|not here|nothing/i }).first()).toBeVisible();
});
