import { atRevision, expect, test } from './app';

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
  await page.getByText('All that is needed').click();
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
  const print = page.getByRole('link', { name: 'Lesson 8, Colour from the dye pot' });
  await expect(print).toBeVisible();
  await print.click();
  await expect(page.getByText('Lesson 8, Colour from the dye pot').first()).toBeVisible();
  await page.goto('/ready');
  await page
    .getByRole('checkbox', { name: /^Printed: \d+ sheets? of “Colour from the dye pot” for Ottilie/ })
    .press('Space');
  await atRevision(page, 2);
  await page.getByRole('checkbox', { name: 'Packed: kit 8, Colour from the dye pot' }).press('Space');
  await atRevision(page, 3);
  await page.getByRole('button', { name: 'What is in kit 9, and where it stands' }).click();
  const form = page.getByRole('dialog', { name: 'Kit 9, The flock in autumn' });
  await form.getByLabel('Where it stands').fill('by the door');
  await form.getByLabel(/Small parts/).fill('pegs');
  await expect(form.getByText(/Each line needs a thing and how many/)).toBeVisible();
  await form.getByLabel(/Small parts/).fill('12 pegs');
  await form.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByText(/by the door/)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('checkbox', { name: 'Packed: kit 8, Colour from the dye pot' })).toBeChecked();
  await page.getByRole('button', { name: /Numbered through/ }).click();
  await page.getByRole('option', { name: 'the year' }).click();
  await expect(page.getByRole('checkbox', { name: 'Packed: kit 22, Colour from the dye pot' })).toBeChecked();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('checkbox', { name: 'Packed: kit 8, Colour from the dye pot' })).toBeChecked();
  await page.getByRole('link', { name: 'Labels for the kits' }).click();
  await expect(page.getByText('Place: by the door')).toBeVisible();
  const kit = page.getByRole('heading', { name: /^8 Colour from the dye pot/ });
  await expect(kit).toBeVisible();
  await expect(page.getByText('madder root, 40 g')).toBeVisible();
});

test('what is got is ticked and is in the house; what a lesson uses up is counted down when it is done', async ({
  page,
}) => {
  await page.goto('/ready');
  await page.getByRole('checkbox', { name: 'Got: madder root 40 g' }).press('Space');
  await atRevision(page, 2);
  const got = page.getByRole('checkbox', { name: 'Got: madder root 40 g' });
  await expect(got).toBeChecked();
  await page.getByText('All that is needed').click();
  await expect(page.getByRole('row', { name: /^madder root/ })).toContainText('nothing');
  await got.press('Space');
  await atRevision(page, 3);
  await expect(got).not.toBeChecked();
  await page.goto('/today');
  await page.getByRole('checkbox', { name: /^Done: Dye pot/ }).press('Space');
  await atRevision(page, 4);
  await page.goto('/setup');
  await page.getByText('In the house', { exact: true }).click();
  await expect(page.getByLabel('One to a line')).toHaveValue(/alum 188 g/);
});
