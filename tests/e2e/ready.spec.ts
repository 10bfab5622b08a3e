import { expect, test } from './app';

test.use({ stores: 'the demo' });

test('what is to be got ready is ticked off, by key, and stays so; what is needed is less by what is in the house', async ({
  page,
}) => {
  await page.goto('/today');
  await page.keyboard.press('7');
  await expect(page.getByRole('heading', { name: 'Ready', exact: true })).toBeVisible();
  const soak = page.getByRole('checkbox', { name: /^Ready: Order cotton warp/ });
  await soak.focus();
  await page.keyboard.press('Space');
  await expect(page.getByText('“Order cotton warp” is ready')).toBeVisible();
  await page.reload();
  await expect(soak).toBeChecked();
  await page.goto('/weeks');
  await expect(page.getByText('Order cotton warp')).toBeHidden();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Undone: “Order cotton warp” is ready')).toBeVisible();
  await expect(page.getByText('Order cotton warp').first()).toBeVisible();
  await page.goto('/ready?for=all');
  const alum = page.getByRole('row', { name: /^alum/ });
  await expect(alum).toContainText('200 g');
  await expect(alum).toContainText('nothing');
});

test('a week in which something is late is inked only once that was said, and each day has its minutes', async ({
  page,
}) => {
  await page.goto('/ready');
  await expect(page.getByText(/Today, Wed 28 Oct/)).toBeVisible();
  await expect(page.getByText(/10 min · for Dye pot.*was due Tue 27 Oct/)).toBeVisible();
  await expect(page.getByText('Sat 31 Oct, shopping')).toBeVisible();
  await expect(page.getByText('Sat 7 Nov, library')).toBeVisible();
  await page.goto('/weeks?week=2026-10-26');
  const rubOut = page.getByRole('button', { name: 'Rub out the ink' });
  if (await rubOut.isVisible()) await rubOut.click();
  await page.getByRole('button', { name: 'Ink this week' }).click();
  const asked = page.getByRole('dialog', { name: 'Not all of it is ready' });
  await expect(asked).toContainText('Soak the skeins, for Dye pot on Wed 28 Oct');
  await asked.getByRole('button', { name: 'Ink it all the same' }).click();
  await expect(asked).toHaveCount(0);
  await expect(rubOut).toBeVisible();
});

test('what is to be printed and packed is by lesson, for whom how many, and one key from its page', async ({
  page,
}) => {
  await page.goto('/ready');
  const print = page.getByRole('link', { name: /^Lesson 8, Colour from the dye pot: \d+ pages$/ });
  await expect(print).toBeVisible();
  await print.click();
  await expect(page.getByText('Lesson 8, Colour from the dye pot').first()).toBeVisible();
  await page.goto('/ready');
  await page.getByRole('link', { name: 'Labels for the kits' }).click();
  const kit = page.getByRole('heading', { name: /^8 Colour from the dye pot/ });
  await expect(kit).toBeVisible();
  await expect(page.getByText('madder root, 40 g')).toBeVisible();
});
