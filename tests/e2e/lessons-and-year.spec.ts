import { atRevision, expect, revision, tabTo, test } from './app';

test.use({ stores: 'the demo' });

test('lessons are put in order by keys, added in one line, and dropped', async ({ page }) => {
  await page.goto('/lessons');
  const rows = page.getByRole('list', { name: 'Lessons' }).locator('[data-lesson]');
  await rows.nth(13).click();
  await page.keyboard.press('Alt+ArrowUp');
  await expect(rows.nth(12)).toContainText('Mills and makers');
  await expect(rows.nth(13)).toContainText('Post roads and pack mules');
  await page.getByLabel('Another lesson').fill('A shawl for the neighbour');
  await page.keyboard.press('Enter');
  await expect(rows).toHaveCount(17);
  await expect(page.getByLabel('Another lesson')).toHaveValue('');
  await rows.nth(16).click();
  await page.getByRole('button', { name: 'Drop it', exact: true }).first().click();
  await expect(rows).toHaveCount(16);
  await page.keyboard.press('Control+z');
  await expect(rows).toHaveCount(17);
});

test('a part needs a name, and says its wait', async ({ page }) => {
  await page.goto('/lessons');
  await page.getByRole('list', { name: 'Lessons' }).locator('[data-lesson]').nth(11).click();
  await page.getByRole('button', { name: 'Add a part' }).click();
  const form = page.getByRole('dialog', { name: 'Another part' });
  await form.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(form.getByText('this cannot be empty')).toBeVisible();
  await form.getByLabel('What to do').fill('Starch the pattern');
  await form.getByText('Wait after it', { exact: true }).click();
  await form.getByLabel('Hours to wait after it').fill('24');
  await form.getByLabel('The wait').fill('stiffens');
  await form.getByRole('button', { name: 'Add', exact: true }).click();
  const aside = page.getByRole('complementary', { name: 'Lesson 12' });
  await expect(aside).toContainText('Starch the pattern, 30 min');
  await expect(aside).toContainText('stiffens 24 hours, nights and weekends count');
});

test('a part longer than any half-day says so, and what to do', async ({ page }) => {
  await page.goto('/lessons');
  await page.getByRole('list', { name: 'Lessons' }).locator('[data-lesson]').nth(14).click();
  await page.getByRole('button', { name: /^Copying, \d+ min/ }).click();
  await page.getByRole('menuitem', { name: 'Change…' }).click();
  const form = page.getByRole('dialog');
  await form.getByRole('button', { name: /Kind/ }).click();
  await page.getByRole('option', { name: 'something to do' }).click();
  await form.getByLabel('What to do').fill('Darn every stocking in the house');
  await form.getByLabel('Minutes', { exact: true }).fill('220');
  await form.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('complementary', { name: 'Lesson 15' })).toContainText(
    'It takes longer than any half-day. Shorten it, split it, or make a half-day longer.',
  );
});

test('a day off moves the pencil of that day and says how many lessons move', async ({ page }) => {
  await page.goto('/weeks?week=2026-11-02');
  await expect(page.getByRole('group', { name: 'Wed 4 Nov, lessons' })).toContainText('Warp and weft');
  await page.goto('/year');
  await page.getByText('How the year goes').click();
  await page.getByRole('button', { name: 'Add days off' }).click();
  const from = page.getByRole('group', { name: 'From' }).last().getByRole('spinbutton').first();
  await from.click();
  await page.keyboard.type('04112026', { delay: 20 });
  const to = page.getByRole('group', { name: 'To' }).last().getByRole('spinbutton').first();
  await to.click();
  await page.keyboard.type('04112026', { delay: 20 });
  await page.getByLabel('What for').last().fill('a visit');
  await page.getByRole('button', { name: 'Keep the year' }).click();
  await expect(page.getByRole('status')).toContainText(/Changed the school year\. \d+ lessons? moves?\./);
  await page.goto('/weeks?week=2026-11-02');
  await expect(page.getByRole('group', { name: 'Wed 4 Nov, lessons' })).toHaveCount(0);
  await expect(page.getByRole('group', { name: 'Thu 5 Nov, lessons' })).toContainText(
    /Warp and weft|11 goes on/,
  );
});

test('a year that ends before it starts is named in its field, and nothing is stored', async ({ page }) => {
  await page.goto('/year');
  await page.getByText('How the year goes').click();
  await page.getByRole('group', { name: 'Last day' }).getByRole('spinbutton').first().click();
  await page.keyboard.type('01012020', { delay: 20 });
  await page.getByRole('button', { name: 'Keep the year' }).click();
  await expect(page.getByText('the year ends before it starts')).toBeVisible();
  expect(await revision(page)).toBe(1);
});

test('a book goes on another pile by its key, and a mistyped number is pointed at', async ({ page }) => {
  await page.goto('/books');
  await page
    .getByRole('region', { name: 'Pulled, to sort' })
    .getByRole('button', { name: 'The Noisy Mill' })
    .click();
  await expect(page.getByRole('group', { name: 'In hand: The Noisy Mill' })).toBeFocused();
  await page.keyboard.press('3');
  await expect(
    page
      .getByRole('region', { name: 'On their own' })
      .getByRole('button', { name: 'The Noisy Mill, Junia reads it' }),
  ).toBeVisible();
  await atRevision(page, 2);
  await page.getByRole('button', { name: 'Add a book' }).click();
  const form = page.getByRole('dialog', { name: 'Add a book' });
  await form.getByLabel('Title').fill('Shuttle and Song');
  await form.getByLabel('ISBN or home label').fill('978-0-306-40615-8');
  await form.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(
    form.getByText('The last digit of this number should be 7, or one of the others is mistyped.'),
  ).toBeVisible();
  await expect(form.getByLabel('Title')).toHaveValue('Shuttle and Song');
  await form.getByLabel('ISBN or home label').fill('978-0-306-40615-7');
  await form.getByRole('button', { name: 'Add', exact: true }).click();
  await atRevision(page, 3);
});

test('a pencilled part on a day gone by waits to be ticked or moved on', async ({ page }) => {
  await page.goto('/today?day=2026-10-27');
  await page
    .getByRole('checkbox', { name: /^Done: Weigh and cut the felt/ })
    .first()
    .focus();
  await page.keyboard.press('Space');
  await atRevision(page, 2);
  await page.goto('/today');
  await expect(page.getByText('Left from days before')).toBeVisible();
  await tabTo(page, /“Weigh and cut the felt.*was done/);
  await page.keyboard.press('Enter');
  await expect(page.getByText('Left from days before')).toBeHidden();
});

test('a day gone by is asked about as a day, and a whole day is ticked at once', async ({ page }) => {
  await page.goto('/today?day=2026-10-27');
  for (const title of [/^Done: Weigh and cut the felt/, /^Done: Spelling/]) {
    await page.getByRole('checkbox', { name: title }).first().focus();
    await page.keyboard.press('Space');
  }
  await atRevision(page, 3);
  await page.goto('/today');
  await expect(page.getByText('Tue 27 Oct: was it as planned?')).toBeVisible();
  await page.getByRole('button', { name: 'Tue 27 Oct: yes, all of it' }).click();
  await expect(page.getByText('Ticked all of Tue 27 Oct')).toBeVisible();
  await expect(page.getByText('Left from days before')).toBeHidden();
  await page.getByRole('button', { name: 'All of it is done' }).click();
  await expect(page.getByText('Ticked all of Wed 28 Oct')).toBeVisible();
  await expect(page.getByRole('button', { name: 'All of it is done' })).toBeHidden();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Undone: Ticked all of Wed 28 Oct')).toBeVisible();
});

test('the day is closed: what is left is said where it goes, and questions are written down on the day', async ({
  page,
}) => {
  await page.goto('/today');
  await page.getByRole('button', { name: 'A question…' }).click();
  await page.getByLabel('What was asked').fill('Do goats have wool?');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText('Asked: Do goats have wool?')).toBeVisible();
  await page.getByRole('button', { name: 'Answer “Do goats have wool?”' }).click();
  await page.getByLabel('The answer').fill('Some have: cashmere and mohair.');
  await page.getByRole('button', { name: 'Keep the answer' }).click();
  await expect(page.getByText('Answered a question')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Answer “Do goats have wool?”' })).toBeHidden();
  await page.getByRole('button', { name: 'Dye pot, Ottilie, Bram, Junia' }).click();
  await page.getByRole('menuitem', { name: 'Minutes it took…' }).click();
  await page.getByLabel('Minutes it took').fill('70');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByText('“Dye pot” took 70 min')).toBeVisible();
  await page.getByRole('button', { name: 'Close the day…' }).click();
  const closing = page.getByRole('dialog', { name: 'Close Wed 28 Oct' });
  await expect(closing.getByText(/\d+ of \d+ rooms? done\./)).toBeVisible();
  await expect(closing.getByText('Until Thu 29 Oct')).toBeVisible();
  await closing.getByRole('button', { name: 'Leave it' }).click();
  await page.getByRole('button', { name: 'All of it is done' }).click();
  await page.getByRole('button', { name: 'Close the day…' }).click();
  await expect(closing.getByText('Nothing is left.')).toBeVisible();
  await closing.getByRole('button', { name: 'Good' }).click();
  await expect(closing).toBeHidden();
});
