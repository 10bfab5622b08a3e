import { expect, test, typeDate } from './app';

test.use({ stores: 'the demo' });

test('a closed year is looked at on every sheet, its record taken along, and nothing in it is changed', async ({
  page,
}) => {
  await page.goto('/year');
  await page.getByRole('link', { name: 'Look at 2025/26' }).click();
  const ribbon = page.getByRole('status').filter({ hasText: 'School year 2025/26, closed' });
  await expect(ribbon).toBeVisible();
  await expect(page.getByRole('button', { name: /^Bread from Grain to Crust/ })).toBeVisible();
  const sheets = page.getByRole('navigation', { name: 'Sheets' });
  await sheets.getByRole('link', { name: /Lessons/ }).click();
  await expect(page.getByText('A map of our pond').first()).toBeVisible();
  await expect(ribbon).toBeVisible();
  // The keys of the sheets stay in that year, and so do the links on a sheet.
  await page.keyboard.press('6');
  await expect(page.getByRole('heading', { name: /^Week/ })).toBeVisible();
  await expect(ribbon).toBeVisible();
  await page.getByRole('link', { name: 'Week before' }).click();
  await expect(ribbon).toBeVisible();

  await page.keyboard.press('0');
  await page.getByText('What happened', { exact: true }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Save all of it as a table' }).click(),
  ]);
  const text = (
    await download.createReadStream().then(async (s) => Buffer.concat(await s.toArray()))
  ).toString();
  expect(text).toContain('The Pond Below the Mill');
  expect(text).not.toContain('From Fleece to Cloth');

  await page.getByRole('button', { name: 'Add a child' }).click();
  // The first letter says that nothing is taken here, and none stands in the field.
  const name = page.getByLabel('Name', { exact: true });
  await name.fill('Somebody');
  const refused = page.getByText(/The school year 2025\/26 was closed on .* it is looked at, not changed/);
  await expect(refused).toBeVisible();
  await page.getByRole('button', { name: 'I see' }).click();
  await expect(name).toHaveValue('');
  await page.goto('/setup');
  await expect(page.getByText('Somebody')).toHaveCount(0);
  await expect(ribbon).toHaveCount(0);
});

test('the year is closed: what goes on is chosen, the next year begins with it, and undo opens the year again', async ({
  page,
}) => {
  await page.goto('/year');
  await page.getByRole('button', { name: 'Close 2026/27' }).click();
  const dialog = page.getByRole('dialog', { name: /Close 2026\/27/ });
  // A year that begins before something that was taught is refused, and what was typed stays.
  await typeDate(page, 'The next year begins', '2026-10-01');
  await dialog.getByRole('button', { name: 'Close the year' }).click();
  await expect(page.getByText(/is written down in the year to be closed/)).toBeVisible();
  await page.getByRole('button', { name: 'I see' }).click();
  await typeDate(page, 'The next year begins', '2027-08-30');
  await dialog.getByText('Salt', { exact: false }).first().click();
  await dialog.getByText('Bridges and How They Stand').click();
  await dialog.getByText('Mathematics').click();
  await dialog.getByRole('textbox', { name: /Bram, then 10/ }).fill('245');
  await dialog.getByRole('button', { name: 'Close the year' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Closed 2026/27, opened 2027/28' })).toBeVisible();
  await expect(page.getByText('Monday, 30 August 2027 to Friday, 9 June 2028')).toBeVisible();
  await expect(
    page
      .getByRole('heading', { name: 'Birds of the Winter Garden' })
      .or(page.getByText('Birds of the Winter Garden'))
      .first(),
  ).toBeVisible();
  await expect(page.getByText('Salt', { exact: true })).toHaveCount(0);
  await expect(page.getByRole('link', { name: 'Look at 2026/27' })).toBeVisible();
  await page.goto('/lessons');
  await expect(page.getByRole('list', { name: 'Lessons' }).locator('[data-lesson]')).toHaveCount(9);
  await page.goto('/setup');
  await expect(page.getByText('245 min of unit work a day')).toBeVisible();

  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByText('230 min of unit work a day')).toBeVisible();
  await page.goto('/year');
  await expect(page.getByRole('button', { name: 'Close 2026/27' })).toBeVisible();
  await expect(page.getByText('Salt', { exact: true })).toBeVisible();
});
