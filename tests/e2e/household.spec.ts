import { atRevision, expect, test } from './app';

test.use({ stores: 'the demo' });

test('another adult leads a part: it stands when they are there, takes none of your minutes, and is said by name', async ({
  page,
}) => {
  await page.goto('/setup');
  await page.getByRole('button', { name: 'Add an adult' }).click();
  const form = page.getByRole('dialog', { name: 'Somebody else who leads' });
  await form.getByLabel('Name').fill('Uncle Ruben');
  await form.getByRole('button', { name: 'Add' }).click();
  await expect(form.getByText('choose at least one weekday')).toBeVisible();
  await form.getByRole('checkbox', { name: 'Tuesday' }).check({ force: true });
  await form.getByRole('button', { name: 'Add' }).click();
  await expect(page.getByRole('region', { name: 'Others who lead' })).toContainText(
    '60 min a day · Tuesdays',
  );
  await atRevision(page, 2);

  await page.goto('/lessons');
  await page.getByText('Warp and weft').first().click();
  await page.getByRole('button', { name: /^Warp a frame loom, 40 min/ }).click();
  await page.getByRole('menuitem', { name: 'Change…' }).click();
  const part = page.getByRole('dialog', { name: 'Change “Warp a frame loom”' });
  await part.getByRole('button', { name: /Who leads/ }).click();
  await page.getByRole('option', { name: 'Uncle Ruben', exact: true }).click();
  await part.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('button', { name: /^Warp a frame loom, 40 min/ })).toContainText(
    'Uncle Ruben leads',
  );
  // From Wednesday 4 November it goes to the Tuesday after.
  await page.goto('/today?day=2026-11-10');
  await expect(page.getByText('with Uncle Ruben', { exact: true })).toBeVisible();

  // Where either can lead it, it goes back to the day it is wanted on, and is yours there.
  await page.goto('/lessons');
  await page.getByText('Warp and weft').first().click();
  await page.getByRole('button', { name: /^Warp a frame loom, 40 min/ }).click();
  await page.getByRole('menuitem', { name: 'Change…' }).click();
  await part.getByRole('button', { name: /Who leads/ }).click();
  await page.getByRole('option', { name: 'you or Uncle Ruben, whoever is free' }).click();
  await part.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('button', { name: /^Warp a frame loom, 40 min/ })).toContainText(
    'you or Uncle Ruben lead',
  );
});

test('of two things to make one stands: they change places, and are both done where both are wanted', async ({
  page,
}) => {
  await page.goto('/lessons');
  await page.getByText('Warp and weft').first().click();
  const open = async (title: RegExp, doing: string): Promise<void> => {
    await page.getByRole('button', { name: title }).click();
    await page.getByRole('menuitem', { name: doing }).click();
  };
  await open(/^Warp a frame loom, 40 min/, 'Do “A belt on a card loom” instead');
  await expect(page.getByRole('button', { name: /^A belt on a card loom, 35 min/ })).toBeVisible();
  await expect(page.getByText('Or instead: Warp a frame loom')).toBeVisible();
  await expect(page.getByText('Meant for 8 and up: Junia is 6 and Pim is 3.')).toBeVisible();
  await open(/^A belt on a card loom, 35 min/, 'Do “Warp a frame loom” as well');
  await expect(page.getByRole('button', { name: /^Warp a frame loom, 40 min/ })).toBeVisible();
  await open(/^Warp a frame loom, 40 min/, 'Make it an alternative to “A belt on a card loom”');
  await expect(page.getByText('Or instead: Warp a frame loom')).toBeVisible();
});

test('who only listens in takes part in what is together and is given no work', async ({ page }) => {
  await page.goto('/unit');
  await page.getByText('Bridges and How They Stand').first().click();
  await expect(page.getByLabel('Topic')).toHaveValue('Bridges and How They Stand');
  await page.getByRole('checkbox', { name: 'Junia listens in' }).check({ force: true });
  await page.getByRole('button', { name: 'Keep the unit' }).click();
  await atRevision(page, 2);
  await page.goto('/today?day=2026-10-29');
  await expect(
    page.getByRole('checkbox', { name: 'Done: Read together, Ottilie, Junia' }).first(),
  ).toBeAttached();
  await expect(page.getByRole('checkbox', { name: 'Done: Tell it back, Ottilie' }).first()).toBeAttached();
  await expect(page.getByRole('checkbox', { name: 'Done: Tell it back, Junia' })).toHaveCount(0);
});

test('a book lies on the piles of two children, and what is in the house is read as it is typed', async ({
  page,
}) => {
  await page.goto('/books');
  await page.getByRole('button', { name: 'The Little Loom, Junia reads it' }).click();
  await page.getByRole('group', { name: 'Also read by' }).getByRole('button', { name: 'Bram' }).click();
  await expect(page.getByRole('button', { name: 'The Little Loom, Bram and Junia read it' })).toBeVisible();
  await atRevision(page, 2);

  await page.goto('/setup');
  await page.getByText('In the house', { exact: true }).click();
  await page.getByLabel('One to a line').fill('alum 188 g\nvinegar 500 ml\nsoap flakes');
  await expect(page.getByText('Read as: alum 188 g · vinegar 500 ml · soap flakes')).toBeVisible();
  await page.getByRole('button', { name: 'Keep what is in the house' }).click();
  await expect(page.getByText('3 things')).toBeVisible();
});
