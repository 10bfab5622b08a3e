import { atRevision, expect, test } from './app';

test.use({ stores: 'the demo' });

test('where a family lives says how dates, times, paper and grades are written, and each can be said otherwise', async ({
  page,
}) => {
  await page.goto('/setup');
  const choose = async (label: string, option: string): Promise<void> => {
    await page.getByRole('button', { name: new RegExp(`${label}$`) }).click();
    await page.getByRole('option', { name: option, exact: true }).click();
  };
  await expect(page.getByText('9 years, grade 4')).toBeVisible();
  await choose('Country', 'United States of America');
  await atRevision(page, 2);
  await page.reload();
  await expect(page.getByText('9 years, grade 4')).toBeVisible();
  await page.goto('/year');
  await page.getByText('How the year goes').click();
  const segments = page.getByRole('group', { name: 'First day' }).getByRole('spinbutton');
  await expect(segments.first()).toHaveAccessibleName(/month/);
  await page.goto('/today');
  await expect(page.getByText('10:00 am', { exact: true })).toBeVisible();
  await page.goto('/paper?lesson=demo-0038&unit=demo-0005');
  await expect(page.getByRole('link', { name: '✓ US Letter' })).toBeVisible();
  await page.goto('/setup');
  await choose('Clock', '24 hours');
  await choose('Paper', 'A4');
  await choose('Dates in figures', 'day before month');
  await atRevision(page, 5);
  await page.goto('/today');
  await expect(page.getByText('10:00', { exact: true })).toBeVisible();
  await page.goto('/setup');
  await choose('Country', 'United Kingdom');
  await atRevision(page, 6);
  await expect(page.getByText('9 years, year 5')).toBeVisible();
  await page.goto('/setup');
  await choose('Measures', 'ounces, quarts, feet');
  await choose('Spelling', 'color, fiber');
  await choose('A week begins on', 'Sunday');
  await atRevision(page, 9);
  await expect(page.getByText('a grandparent, a neighbor')).toHaveCount(0);
  await page.goto('/ready');
  await expect(page.getByText(/\d g \(about [\d.]+ oz\)/).first()).toBeVisible();
  await page.goto('/year');
  await page.getByText('How the year goes').click();
  await page.getByRole('button', { name: 'First day: pick from a month' }).click();
  const month = page.getByRole('dialog', { name: 'First day, a month' });
  await expect(month.locator('th').first()).toHaveText(/^S/);
});

test('where every day is a school day, weeks begin with the day the family says', async ({ page }) => {
  await page.goto('/setup');
  await page.getByRole('button', { name: /A week begins on$/ }).click();
  await page.getByRole('option', { name: 'Sunday', exact: true }).click();
  await atRevision(page, 2);
  await page.goto('/year');
  await page.getByText('How the year goes').click();
  const begins = page.getByRole('button', { name: /A school week begins on$/ });
  await expect(begins).toHaveCount(0);
  const taught = page.getByRole('group', { name: 'Days you teach' });
  for (const day of ['Saturday', 'Sunday']) await taught.getByText(day).click();
  await expect(begins).toHaveText(/Sunday/);
  await page.getByRole('button', { name: 'Keep the year' }).click();
  await atRevision(page, 3);
  await page.goto('/weeks?week=2026-10-26');
  await expect(page.getByText('25 Oct to 31 Oct')).toBeVisible();
  await page.goto('/year');
  await page.getByText('How the year goes').click();
  await begins.click();
  await page.getByRole('option', { name: 'Monday' }).click();
  await page.getByRole('button', { name: 'Keep the year' }).click();
  await atRevision(page, 4);
  await page.goto('/weeks?week=2026-10-26');
  await expect(page.getByText('26 Oct to 1 Nov')).toBeVisible();
});
