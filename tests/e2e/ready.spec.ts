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
