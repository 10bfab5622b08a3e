import type { Locator, Page } from '@playwright/test';
import { atRevision, expect, tabTo, test } from './app';

test.use({ stores: 'the demo' });

const cell = (page: Page, book: string, lesson: number): Locator =>
  page.getByRole('gridcell', { name: new RegExp(`^${book}, lesson ${lesson} `) });
const pile = (page: Page, name: string): Locator => page.getByRole('region', { name, exact: true });

test('sixty things are pulled at once and sorted with one key each', async ({ page }) => {
  await page.goto('/shelf');
  await page.getByRole('button', { name: 'Bring books in…' }).click();
  const bring = page.getByRole('dialog', { name: 'Bring books in' });
  await bring
    .getByRole('textbox')
    .fill(
      [
        'Title,Form,Pages,Topics',
        ...Array.from(
          { length: 60 },
          (_, i) =>
            `Crate ${i + 1},${['book', 'picture book', 'reader'][i % 3]},${20 + i},${['dye', 'looms 4-9', 'mills', 'felt'][i % 4]}`,
        ),
      ].join('\n'),
    );
  await bring.getByRole('button', { name: 'Put 60 on the shelf' }).click();
  await atRevision(page, 2);
  await page.goto('/books');
  await page.getByRole('button', { name: 'Pull from the shelf' }).click();
  const dialog = page.getByRole('dialog', { name: 'On the shelf' });
  await dialog.getByLabel('Look for').fill('crate');
  await dialog.getByRole('button', { name: 'Pull all 60' }).click();
  await expect(dialog).toContainText('0 of 9 not pulled yet');
  await dialog.getByRole('button', { name: 'Done' }).click();
  await expect(pile(page, 'Pulled, to sort').getByRole('button')).toHaveCount(62);
  const desk = page.getByRole('group', { name: /^In hand/ });
  await pile(page, 'Pulled, to sort').getByRole('button', { name: 'Crate 1', exact: true }).click();
  await expect(desk).toBeFocused();
  await expect(desk).toContainText(/On lessons? \d|May suit lessons? \d/);
  await expect(desk).toContainText('Not looked through yet');
  // As fast as keys go: the next one comes up by itself, and what is put down lies there at once.
  const keys = ['t', 'b', 'n', '2', 'g', 'm'];
  for (let i = 0; i < 62; i++) await page.keyboard.press(keys[i % keys.length]);
  await expect(pile(page, 'Pulled, to sort')).toHaveCount(0);
  await expect(pile(page, 'Give away').getByRole('button', { name: 'Crate 5', exact: true })).toBeVisible();
  await expect(
    pile(page, 'On their own').getByRole('button', { name: 'Crate 4, Bram reads it' }),
  ).toBeVisible();
  await pile(page, 'Give away').getByRole('button', { name: 'They have gone' }).click();
  await expect(pile(page, 'Give away').getByRole('button')).toHaveCount(0);
});

test('a spine is put on another pile by dragging it, and by its key', async ({ page }) => {
  await page.goto('/books');
  await pile(page, 'Basket')
    .getByRole('button', { name: 'Wool!' })
    .dragTo(pile(page, 'For me').getByRole('button', { name: 'Sixty Wool Projects' }));
  await expect(pile(page, 'For me').getByRole('button', { name: 'Wool!' })).toBeVisible();
  await pile(page, 'Basket').getByRole('button', { name: 'Counting Lambs' }).focus();
  await page.keyboard.press('n');
  await expect(pile(page, 'Not this time').getByRole('button', { name: 'Counting Lambs' })).toBeVisible();
  await expect(cell(page, 'Counting Lambs', 2)).toHaveCount(0);
});

test('pages for sixteen lessons, by keyboard alone: fill along, arrows, ranges, copying, emptying', async ({
  page,
}) => {
  await page.goto('/books');
  await tabTo(page, /^The Dyer’s Kettle, lesson 1 /, 'gridcell');
  // The third book from the top, from its first lesson on.
  for (let i = 0; i < 2; i++) await page.keyboard.press('ArrowDown');
  await page.keyboard.press('f');
  const form = page.getByRole('dialog', { name: 'Fill “Blue Roads” along' });
  await expect(form).toContainText('Lessons 1 to 16: 16 of them.');
  await form.getByRole('button', { name: 'Fill', exact: true }).press('Enter');
  await expect(cell(page, 'Blue Roads', 1)).toHaveText('1–2');
  await expect(cell(page, 'Blue Roads', 16)).toHaveText('38–40');
  await cell(page, 'Blue Roads', 1).focus();
  await page.keyboard.press('Shift+End');
  await expect(cell(page, 'Blue Roads', 16)).toHaveAttribute('aria-selected', 'true');
  await expect(page.getByText('16 lessons by 1 books chosen')).toBeAttached();
  await page.keyboard.press('Delete');
  await expect(cell(page, 'Blue Roads', 16)).toHaveText('');
  await cell(page, 'The Shepherd’s Long Year', 1).focus();
  await page.keyboard.press('ArrowRight');
  await expect(cell(page, 'The Shepherd’s Long Year', 2)).toBeFocused();
  await expect(cell(page, 'The Shepherd’s Long Year', 2)).toHaveAccessibleName(/: chapter 2, pages 7 to 12$/);
  await page.keyboard.type('ch 9');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'chapter' })).toHaveText(
    '“The Shepherd’s Long Year” has 8 chapters; there is no chapter 9.',
  );
  await page.keyboard.press('Backspace');
  await page.keyboard.type('3-4');
  await page.keyboard.press('Enter');
  await expect(cell(page, 'The Shepherd’s Long Year', 2)).toHaveText('ch. 3–4');
  await expect(cell(page, 'The Shepherd’s Long Year', 3)).toBeFocused();
});

test('a unit has spines of different level: one is read alone by some, one only by the parent beforehand', async ({
  page,
}) => {
  await page.goto('/books');
  const hand = page.getByRole('group', { name: 'In hand: The Dyer’s Kettle' });
  await pile(page, 'Spine').getByRole('button', { name: 'The Dyer’s Kettle' }).click();
  await hand.getByRole('button', { name: 'only by me, before the lesson' }).click();
  await expect(hand.getByRole('button', { name: '✓ only by me, before the lesson' })).toBeVisible();
  await page.goto('/ready');
  await expect(page.getByText(/Read “The Dyer’s Kettle”, pp?\. /).first()).toBeVisible();
  await page.goto('/books');
  await pile(page, 'Spine').getByRole('button', { name: 'The Dyer’s Kettle' }).click();
  await hand.getByRole('button', { name: 'by children alone' }).click();
  // It is for whoever can read it.
  await expect(
    pile(page, 'Spine').getByRole('button', { name: 'The Dyer’s Kettle, Ottilie and Bram read it' }),
  ).toBeVisible();
  await hand.getByRole('button', { name: 'aloud', exact: true }).click();
  const listens = hand.getByRole('group', { name: 'Who listens' });
  await expect(listens.getByRole('button', { name: '✓ everyone' })).toBeVisible();
  await listens.getByRole('button', { name: 'Junia' }).click();
  await listens.getByRole('button', { name: 'Pim' }).click();
  await expect(
    pile(page, 'Spine').getByRole('button', { name: 'The Dyer’s Kettle, Junia and Pim listen' }),
  ).toBeVisible();
  await listens.getByRole('button', { name: 'everyone' }).click();
  await expect(listens.getByRole('button', { name: '✓ everyone' })).toBeVisible();
});

test('a thin lesson stands out, and something from the shelf fills it', async ({ page }) => {
  await page.goto('/books');
  await page.getByRole('button', { name: 'Lesson 14 is thin for Junia, Pim' }).click();
  const gap = page.locator('section', { has: page.getByRole('heading', { name: 'For the gap' }) });
  await gap.getByRole('button', { name: 'Put “The Noisy Mill” on lesson 14' }).click();
  await expect(cell(page, 'The Noisy Mill', 14)).toHaveText('all');
  await expect(page.getByRole('button', { name: /^Lesson 14 is thin/ })).toHaveCount(0);
});

test('a set is suggested under the limits, with reasons; some of it is taken', async ({ page }) => {
  await page.goto('/books');
  await page.getByRole('button', { name: 'Suggest a set' }).click();
  const dialog = page.getByRole('dialog', { name: 'A set of books for this unit' });
  const chosen = dialog.getByRole('list', { name: 'Chosen' });
  await expect(chosen).toContainText('in the house.', { timeout: 30_000 });
  await expect(chosen).toContainText('from the library.');
  await expect(dialog).toContainText('No better set exists under these limits.');
  await expect(dialog).toContainText(
    /Nothing on the shelf or in the library has anything in time for lesson.* for Pim/,
  );
  const first = await chosen.getByRole('listitem').first().locator('b').innerText();
  await dialog.getByRole('button', { name: `Never “${first}”` }).click();
  await dialog.getByRole('button', { name: 'Ask again' }).click();
  await expect(dialog.getByText('Choosing under your limits…')).toBeHidden({ timeout: 30_000 });
  await expect(chosen.locator('b').filter({ hasText: first })).toHaveCount(0);
  const taken = await chosen.locator('b').allInnerTexts();
  await chosen.getByText(taken[0], { exact: true }).click();
  await dialog.getByRole('button', { name: `Take ${taken.length - 1}` }).click();
  await expect(page.getByRole('button', { name: new RegExp(`^${taken[1]}`) }).first()).toBeVisible();
  await expect(page.getByRole('list', { name: 'Loans' })).toContainText('to ask for');
});

test('a book is asked for, the queue is longer than thought, the lesson waits, and the plan moves', async ({
  page,
  app,
}) => {
  await page.goto('/books');
  await page.getByRole('button', { name: 'Look in the library…' }).click();
  const library = page.getByRole('dialog', { name: 'In the library' });
  await library.getByLabel('Look for').fill('vat');
  await library.getByRole('button', { name: 'Ask for “Indigo: A Leaf and Its Makers”' }).click();
  await expect(library.getByRole('listitem').filter({ hasText: 'Indigo: A Leaf' })).toContainText(
    'held for you, place 4',
  );
  await library.getByRole('button', { name: 'Done' }).click();
  await pile(page, 'Pulled, to sort').getByRole('button', { name: 'Indigo: A Leaf and Its Makers' }).click();
  await page.keyboard.press('t');
  await expect(
    pile(page, 'Read together').getByRole('button', { name: 'Indigo: A Leaf and Its Makers' }),
  ).toBeVisible();
  await cell(page, 'Indigo: A Leaf and Its Makers', 16).focus();
  await page.keyboard.type('1-10');
  await page.keyboard.press('Enter');
  const line = page
    .getByRole('list', { name: 'Loans' })
    .getByRole('listitem')
    .filter({ hasText: 'Indigo: A Leaf' });
  await expect(line).toContainText('at the earliest; lesson 16 on');
  await line.getByRole('button', { name: /What can be done/ }).click();
  const ways = page.getByRole('dialog', { name: /What can be done/ });
  await expect(ways.getByRole('listitem').first()).toContainText(/Lesson 16 waits for it.*(moves?|move)/);
  await ways.getByRole('button', { name: 'Lesson 16 waits for it: do so' }).click();
  await expect(line).not.toContainText('at the earliest');
  const until = /expected about \w+ (\d+ \w+)/.exec(await line.innerText())![1];
  // The day after, the library says that a reader kept it over its time: the loan is late again.
  const [now, next] = [2026, 2027].map((year) => new Date(`${until} ${year} UTC`));
  await app.restart(
    new Date((now > new Date('2026-10-28') ? now : next).getTime() + 86_400_000).toISOString().slice(0, 10),
  );
  await page.goto('/books');
  const news = page.getByRole('status').filter({ hasText: 'The library says' });
  await expect(news).toContainText('Indigo: A Leaf and Its Makers');
  await news.getByRole('button', { name: 'Take it over' }).click();
  await expect(news).toHaveCount(0);
  await expect(line).toContainText('at the earliest; lesson 16 on');
});

test('what is out is renewed and taken back, the card is limited, and ways to the library are few', async ({
  page,
}) => {
  await page.goto('/books');
  const loans = page.getByRole('list', { name: 'Loans' });
  await expect(loans).toContainText('Renew it by Sat 7 Nov: lesson 13');
  await loans.getByRole('button', { name: 'Renew: “Indigo Roads”' }).click();
  await expect(loans.getByRole('listitem').filter({ hasText: 'Indigo Roads' })).toContainText(
    'due Sat 28 Nov, renewed',
  );
  await loans.getByRole('button', { name: 'Renew: “Indigo Roads”' }).click();
  await expect(page.getByRole('alertdialog')).toContainText(
    'It was renewed once, and the card allows no more.',
  );
  await page.getByRole('button', { name: 'I see' }).click();
  await expect(page.getByRole('list', { name: 'Ways to the library' })).toContainText(
    'Sat 7 Nov Fetch “Blue Roads”; Take back “Pictures of Cloth”',
  );
  await page.getByRole('button', { name: 'The card…' }).click();
  const card = page.getByRole('dialog', { name: 'The library card' });
  await card.getByLabel('Things out at once').fill('1');
  await card.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByText(/From .* things would be out, and the card allows 1\./).first()).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByText('2 of 12 out on the card')).toBeVisible();
  // The family's sheet does not show the card, and keeping it leaves the card alone.
  await page.goto('/setup');
  await page.getByLabel('Minutes a day you can lead').fill('200');
  await page.getByRole('button', { name: 'Keep these' }).click();
  await page.goto('/books');
  await expect(page.getByText('2 of 12 out on the card')).toBeVisible();
});

test('a book is paced over days, and the level of a passage is judged for each child', async ({ page }) => {
  await page.goto('/books');
  await pile(page, 'Read together').getByRole('button', { name: 'The Shepherd’s Long Year' }).click();
  await page.getByRole('button', { name: 'Read it over days…' }).click();
  const pace = page.getByRole('dialog', { name: 'Read “The Shepherd’s Long Year” over days' });
  await pace.getByLabel('A day').fill('2');
  await pace.getByLabel('A day').press('Tab');
  await expect(pace).toContainText('That is 4 school days; chapters 1–2 first.');
  await pace.getByRole('button', { name: 'Lay it on the days' }).click();
  await atRevision(page, 2);
  await page.getByRole('button', { name: 'Level of a text…' }).click();
  const level = page.getByRole('dialog', { name: 'The level of a text' });
  await level
    .getByLabel('A passage')
    .fill(
      'The sheep is in the field. It eats the grass. It is warm. The man cuts the wool. The wool is soft. We wash it. We pull it. We make a hat.',
    );
  await expect(level.getByRole('list', { name: 'For each child' })).toContainText(
    'Ottilie easy to read alone',
  );
  await expect(level).toContainText('So short a passage says little');
  await expect(level.getByRole('row', { name: /^Spache/ })).toContainText('first readers');
});

test('pages and minutes noted on the day become a child’s own rate', async ({ page }) => {
  await page.goto('/books');
  await expect(page.getByText(/Junia: 15 words a minute, by the table/)).toBeVisible();
  await page.goto('/today?day=2026-10-26');
  await page.getByRole('button', { name: 'Note how long “The Little Loom” took Junia' }).first().click();
  const note = page.getByRole('dialog', { name: 'Junia read “The Little Loom”' });
  await note.getByLabel('Pages read').fill('5');
  await note.getByRole('button', { name: 'Note it' }).click();
  await expect(note).toContainText('This is still empty.');
  await note.getByLabel('Minutes it took').fill('10');
  await note.getByRole('button', { name: 'Note it' }).click();
  await expect(note).toBeHidden();
  await page.goto('/books');
  await expect(page.getByText('Junia: 30 words a minute, measured once')).toBeVisible();
});

test('what the books ask over the unit is drawn, and stands in tables beside the pictures', async ({
  page,
}) => {
  await page.goto('/books');
  await page.getByText('Over the unit').click();
  const minutes = page.getByRole('table', { name: 'Minutes of reading' });
  await expect(minutes.getByRole('columnheader', { name: 'Aloud' })).toBeVisible();
  await expect(minutes.getByRole('row').nth(1)).toContainText(/\d/);
  await expect(page.getByRole('table', { name: 'What is read alone, and the ages it is for' })).toContainText(
    /\d+ to \d+|and up/,
  );
  await expect(page.getByRole('table', { name: 'From each day on which it changes' })).toBeVisible();
  await expect(page.getByRole('table', { name: 'Money, as far as prices are known' })).toContainText(
    'From Fleece to Cloth',
  );
  await page.goto('/weeks/several');
  await page.getByText('Minutes of these weeks').click();
  await expect(page.getByRole('table', { name: /Minutes in each week/ })).toContainText(/\d+ of \d+/);
});
