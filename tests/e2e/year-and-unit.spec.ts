import { atRevision, expect, revision, test } from './app';

test.use({ stores: 'the demo' });

test('a waiting topic is placed by menu, moved by keys, given an end, and waits again', async ({ page }) => {
  await page.goto('/year');
  await page.getByRole('button', { name: 'Place Birds of the Winter Garden' }).click();
  await page.getByRole('menuitem', { name: 'Block 4, Mon 4 Jan' }).click();
  const birds = page.getByRole('button', { name: /^Birds of the Winter Garden, / });
  await expect(birds).toHaveAccessibleName('Birds of the Winter Garden, 4 Jan to 20 Jan');
  await birds.focus();
  await page.keyboard.press('Alt+ArrowRight');
  await expect(birds).toHaveAccessibleName('Birds of the Winter Garden, 11 Jan to 27 Jan');
  await page.keyboard.press('Alt+Shift+ArrowRight');
  await expect(birds).toContainText('end 3 Feb');
  await page.keyboard.press('Control+z');
  await expect(birds).not.toContainText('end 3 Feb');
  await birds.click();
  await page.getByRole('menuitem', { name: 'Let it wait' }).click();
  await expect(page.getByRole('region', { name: 'Waiting topics' })).toContainText(
    'Birds of the Winter Garden',
  );
});

test('a topic is dragged onto the year, and a unit that has begun is not moved from where it began', async ({
  page,
}) => {
  await page.goto('/year');
  const field = page.getByRole('group', { name: /^The year: 41 calendar weeks/ });
  const target = field.getByText('Block 5');
  await page
    .getByRole('link', { name: 'Salt' })
    .locator('xpath=..')
    .dragTo(target, { sourcePosition: { x: 30, y: 14 } });
  await expect(page.getByRole('button', { name: /^Salt, \d+ Feb to/ })).toBeVisible();
  await atRevision(page, 2);
  await page.getByRole('button', { name: /^From Fleece to Cloth, 12 Oct/ }).focus();
  await page.keyboard.press('Alt+ArrowRight');
  await expect(page.getByRole('alertdialog')).toContainText('“From Fleece to Cloth” has begun');
});

test('two more units one after another: will they end before the year does?', async ({ page }) => {
  await page.goto('/year');
  const asked = page.getByRole('region', { name: /^One after another/ });
  await expect(asked).toContainText('Yes: the last ends');
  await asked.getByLabel('Lessons each').fill('60');
  await page.keyboard.press('Tab');
  await expect(asked).toContainText(/No; at \d lessons a week each they would\./);
  await page.getByRole('checkbox', { name: 'Salt in a row' }).focus();
  await page.keyboard.press('Space');
  await page.getByRole('checkbox', { name: 'Ropes and Knots in a row' }).focus();
  await page.keyboard.press('Space');
  await expect(asked).toContainText('Salt, 6 lessons at 3 a week');
  await asked.getByRole('button', { name: 'Place them so' }).click();
  await expect(page.getByRole('button', { name: /^Ropes and Knots, / })).toBeVisible();
  await atRevision(page, 2);
});

test('days of illness move what was in ink, and undo brings it back', async ({ page }) => {
  await page.goto('/year');
  await page.getByRole('button', { name: 'Days of illness…' }).click();
  const form = page.getByRole('dialog', { name: 'Days of illness' });
  await form.getByRole('group', { name: 'To' }).getByRole('spinbutton').first().click();
  await page.keyboard.type('30102026', { delay: 20 });
  await form.getByRole('button', { name: 'Take these days out' }).click();
  await expect(page.getByRole('status')).toContainText(
    /Illness from Wed 28 Oct to Fri 30 Oct\. \d+ lessons? moves?\./,
  );
  await page.goto('/today');
  await expect(page.getByText('No school: this is a day of illness (illness).')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('checkbox', { name: /^Done: Dye pot/ })).toBeVisible();
});

test('public holidays are offered by country and region, and taken one by one', async ({ page }) => {
  await page.goto('/year');
  await page.getByRole('button', { name: 'Public holidays…' }).click();
  const dialog = page.getByRole('dialog', { name: 'Public holidays' });
  await dialog.getByRole('button', { name: /Country/ }).click();
  await page.getByRole('option', { name: 'Germany' }).click();
  await expect(dialog.getByRole('list', { name: 'Holidays in your school year' })).toContainText(
    'Good Friday',
  );
  await dialog.getByRole('button', { name: /Region/ }).click();
  await page
    .getByRole('option', { name: 'Bavaria' })
    .or(page.getByRole('option', { name: 'Bayern' }))
    .first()
    .click();
  const holidays = dialog.getByRole('list', { name: 'Holidays in your school year' });
  await expect(holidays).toContainText('Epiphany');
  const before = await page.getByText(/\d+ school days in/).innerText();
  await dialog.getByRole('button', { name: 'Take Epiphany off' }).click();
  await expect(holidays.getByRole('listitem').filter({ hasText: 'Epiphany' })).toContainText('taken off');
  await dialog.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByText(`${Number(/\d+/.exec(before)![0]) - 1} school days in`)).toBeVisible();
});

test('terms take the place of the rhythm; a short and an extra day are counted', async ({ page }) => {
  await page.goto('/year');
  await page.getByText('How the year goes').click();
  await page
    .getByRole('button', { name: /^Rhythm/ })
    .or(page.getByLabel('Rhythm'))
    .first()
    .click();
  await page.getByRole('option', { name: 'named terms' }).click();
  await page.getByLabel('Name of the term').fill('Autumn');
  await page.getByRole('button', { name: 'Add an extra day' }).click();
  await page.getByRole('group', { name: 'Extra day' }).getByRole('spinbutton').first().click();
  await page.keyboard.type('07112026', { delay: 20 });
  await page.getByRole('button', { name: 'Keep the year' }).click();
  await atRevision(page, 2);
  await expect(page.getByText('1 term', { exact: true })).toBeVisible();
  await page.goto('/weeks?week=2026-11-02');
  await expect(page.getByRole('group', { name: 'Sat 7 Nov, lessons' })).toBeVisible();
});

test('objectives come from a table; bad rows are named, the unmet stand out, and ties are kept', async ({
  page,
}) => {
  await page.goto('/unit');
  await page.getByRole('button', { name: 'Add objectives' }).click();
  const dialog = page.getByRole('dialog', { name: 'Add objectives' });
  await dialog.getByLabel('Objectives').fill('code,wording\nHC.9,Name three knots\nHC.10,');
  await expect(dialog.getByRole('alert')).toContainText('row 3: “HC.10” has a code and no wording');
  await expect(dialog.getByRole('button', { name: 'Add 1' })).toBeDisabled();
  await dialog.getByLabel('Objectives').fill('code,wording\nHC.9,Name three knots');
  await dialog.getByRole('button', { name: 'Add 1' }).click();
  const objective = page.getByRole('listitem').filter({ hasText: 'Name three knots' });
  await expect(objective).toContainText('no lesson meets it yet');
  await objective.getByRole('button', { name: 'Change objective HC.9' }).click();
  await page.getByRole('dialog', { name: 'An objective' }).getByText('12 Patterns that tell').click();
  await page.getByRole('dialog', { name: 'An objective' }).getByRole('button', { name: 'Keep' }).click();
  await expect(objective).toContainText('lessons 12');
});

test('a unit keeps its words, taste, ways of showing and limits; what a form does not show is left alone', async ({
  page,
}) => {
  await page.goto('/unit');
  await page.getByText('Words, memory work, a passage').click();
  await page.getByLabel('Vocabulary').fill('mordant: what makes a dye hold\nweld');
  await page.getByText('How we go about it').click();
  await page.getByText('music', { exact: true }).click();
  await page.getByLabel('Money, at most').fill('12,50');
  await page.getByRole('button', { name: 'Keep the unit' }).click();
  await atRevision(page, 2);
  await page.reload();
  await expect(page.getByText('2 words')).toBeVisible();
  await page.getByText('How we go about it').click();
  await expect(page.getByLabel('Money, at most')).toHaveValue('12.50');
  // The pace is changed on another sheet, by a form that knows nothing of words.
  await page.goto('/lessons?unit=none');
  const pace = page.getByRole('region', { name: 'Pace' });
  await pace.getByLabel('Lessons a week').fill('2');
  await page.keyboard.press('Tab');
  await pace.getByRole('button', { name: 'Keep this pace' }).click();
  await atRevision(page, 3);
  await page.goto('/unit');
  await expect(page.getByText('2 words')).toBeVisible();
  expect(await revision(page)).toBe(3);
});

test('the family’s allergies and who mouths things change what is cautioned', async ({ page }) => {
  await page.goto('/setup');
  await page.getByLabel('Allergies in the house').fill('hazelnut, wool');
  await page.getByRole('button', { name: 'Keep these' }).click();
  await atRevision(page, 2);
  await page.goto('/lessons');
  await page.getByRole('list', { name: 'Lessons' }).locator('[data-lesson]').nth(3).click();
  await expect(page.getByRole('list', { name: 'Cautions for Card and comb' })).toContainText('Allergy: wool');
});
