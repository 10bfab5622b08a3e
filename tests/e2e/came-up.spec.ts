import { expect, test } from './app';
import { typeDate } from './hands';

test.use({ stores: 'the demo' });

test('a week is lost before a hard end: ways through are worked out, drawn, and one is taken', async ({
  page,
}) => {
  await page.goto('/weeks');
  await page.keyboard.press('c');
  await expect(page.getByRole('heading', { name: 'Something came up' })).toBeVisible();
  await typeDate(page, 'From', '2026-11-02');
  await typeDate(page, 'To', '2026-11-06');
  const ways = page.getByRole('radiogroup', { name: 'Ways through' });
  const four = ways.getByRole('radio', { name: /Four lessons of “From Fleece to Cloth” a week/ });
  await expect(four).toBeChecked();
  await expect(ways.getByRole('radio', { name: /comes later.*1 school day after your end/ })).toBeVisible();
  await four.focus();
  await page.keyboard.press('ArrowDown');
  const leave = ways.getByRole('radio', { name: /Leave out “Mending and wearing out”/ });
  await expect(leave).toBeChecked();
  await expect(page.getByText('Order cotton warp: by Wed 4 Nov instead of Wed 28 Oct')).toBeVisible();
  await page.getByRole('button', { name: 'Take B' }).click();
  await expect(page.getByRole('heading', { name: 'Week 8' })).toBeVisible();
  await page.goto('/lessons');
  await expect(page.getByText('left out', { exact: true })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText(/Undone: Something came up, ill: Leave out “Mending/)).toBeVisible();
  await expect(page.getByText('left out', { exact: true })).toBeHidden();
});

test('a lesson that ran over goes on another day; dates that cannot be are said', async ({ page }) => {
  await page.goto('/weeks/came-up');
  await typeDate(page, 'From', '2026-11-06');
  await typeDate(page, 'To', '2026-11-02');
  await expect(page.getByText('The last day comes before the first.')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Take/ })).toBeDisabled();
  await page.getByRole('button', { name: /What came up/ }).click();
  await page.getByRole('option', { name: 'a lesson needs another day' }).click();
  await expect(page.getByRole('radio', { name: /The rest goes on the next day with room/ })).toBeChecked();
  await page.getByRole('button', { name: 'Take A' }).click();
  await expect(page.getByText(/needs another day: The rest goes on/)).toBeVisible();
});

test('a unit is closed early, its rest is left over, and it is gone on with', async ({ page }) => {
  await page.goto('/unit');
  await page.getByRole('button', { name: 'Close it…' }).click();
  const dialog = page.getByRole('dialog', { name: 'Close “From Fleece to Cloth”' });
  await expect(dialog.getByText(/lessons left over/)).toBeVisible();
  await dialog.getByRole('button', { name: 'Close it' }).click();
  await expect(
    page.getByText(/Closed “From Fleece to Cloth”: \d+ of 16 lessons taught, \d+ left over/),
  ).toBeVisible();
  await page.goto('/year');
  await page.getByRole('button', { name: /^From Fleece to Cloth/ }).click();
  await page.getByRole('menuitem', { name: 'Go on with it' }).click();
  await expect(page.getByText('Went on with “From Fleece to Cloth”')).toBeVisible();
});

test('several weeks are looked at on one sheet, and inked up to a day', async ({ page }) => {
  await page.goto('/weeks');
  await page.getByRole('link', { name: 'Several weeks' }).click();
  await expect(
    page.getByRole('group', { name: '2 Nov' }).getByText('10 Indigo, a blue that travels'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Ink up to…' }).click();
  await typeDate(page, 'Up to and with', '2026-11-06');
  await page.getByRole('button', { name: 'Ink it' }).click();
  await expect(page.getByText('Inked up to 6 Nov')).toBeVisible();
  await page.getByRole('link', { name: '2 Nov', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Week 9' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Rub out the ink' })).toBeVisible();
});

test('a unit that ends late says which wishes cannot stand together, and one way is taken', async ({
  page,
}) => {
  await page.goto('/lessons');
  await typeDate(page, 'Hard end', '2026-11-11');
  await page.getByRole('button', { name: 'Keep this pace' }).click();
  await expect(page.getByText(/Changed the pace of “From Fleece to Cloth”/)).toBeVisible();
  await page.goto('/weeks');
  await page.getByRole('link', { name: 'Ways to make it fit' }).click();
  await expect(
    page.getByText(/These cannot stand together: .*3 lessons a week.* and the end on Wed 11 Nov\./),
  ).toBeVisible();
  const first = page.getByRole('radio').first();
  await expect(first).toBeChecked();
  await page.getByRole('button', { name: 'Take A' }).click();
  await expect(page.getByText(/“From Fleece to Cloth” did not fit: /)).toBeVisible();
});
