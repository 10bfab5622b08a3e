import { atRevision, expect, test } from './app';

test.use({ stores: 'the demo' });

/** 400 rows, every twentieth of them bad in one of five ways. */
function fourHundred(): string {
  const rows = Array.from({ length: 400 }, (_, i) => {
    const bad = i % 20 === 7 ? (i / 20) | 0 : -1;
    const title = bad % 5 === 0 ? '' : `Small book ${i}`;
    const form = bad % 5 === 1 ? 'scroll' : 'book';
    const pages = bad % 5 === 2 ? 'many' : String(20 + (i % 90));
    const number = bad % 5 === 3 ? '978-0-306-40615-8' : '';
    const price = bad % 5 === 4 ? 'cheap' : '4.50';
    return [title, `Author ${i % 37}`, number, form, pages, 'bin 4', price].join(',');
  });
  return ['Title,Author,ISBN,Form,Pages,Place,Price', ...rows].join('\n');
}

test('a shelf of 400 rows with 20 bad ones: each is named, and it is all or nothing until they are left out', async ({
  page,
}) => {
  await page.goto('/shelf');
  await expect(page.getByText('34 in all')).toBeVisible();
  await page.getByRole('button', { name: 'Bring books in…' }).click();
  const dialog = page.getByRole('dialog', { name: 'Bring books in' });
  await dialog.getByRole('textbox').fill(fourHundred());
  await expect(dialog).toContainText('Read as a table: 380 new, 4 with a word to be explained, 16 bad');
  await expect(dialog.getByRole('alert')).toContainText('row 9: it has no title');
  await dialog.getByRole('button', { name: /“scroll”, under form/ }).click();
  await page.getByRole('option', { name: 'poster' }).click();
  await expect(dialog).toContainText('Read as a table: 384 new, 16 bad');
  await expect(dialog.getByRole('alert')).toContainText(
    'row 69: number 978-0-306-40615-8: The last digit of this number should be 7',
  );
  await expect(dialog.getByRole('button', { name: 'Put 384 on the shelf' })).toBeDisabled();
  await dialog.getByText('Leave the 16 bad rows out').click();
  await dialog.getByRole('button', { name: 'Put 384 on the shelf' }).click();
  await expect(page.getByText('418 in all, the first 60 shown')).toBeVisible();
  await page.getByLabel('Look for').fill('small book 39');
  await expect(page.getByText('11 of 418')).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByText(/of 34$/)).toBeVisible();
});

test('the shelf is searched as one types, by any word of a book', async ({ page }) => {
  await page.goto('/shelf');
  const books = page.getByRole('list', { name: 'Books' }).getByRole('listitem');
  await page.getByLabel('Look for').fill('ardenne');
  await expect(books).toHaveCount(1);
  await expect(books).toContainText('Mills and Makers');
  await page.getByLabel('Look for').fill('picture');
  await expect(books.first()).toContainText('Pictures of Cloth');
  await page.getByLabel('Look for').fill('no such thing');
  await expect(page.getByText('0 of 34')).toBeVisible();
});

test('a number is scanned: what is there opens, what is new is written down, a wrong digit is pointed at', async ({
  page,
}) => {
  await page.goto('/shelf');
  const line = page.getByLabel('A number, or a book in one line');
  await line.fill('9780306406158');
  await page.keyboard.press('Enter');
  await expect(
    page.getByText('The last digit of this number should be 7, or one of the others is mistyped.'),
  ).toBeVisible();
  await line.fill('0-306-40615-2');
  await page.keyboard.press('Enter');
  const form = page.getByRole('dialog', { name: 'A book for the shelf' });
  await expect(form.getByLabel('ISBN or home label')).toHaveValue('9780306406157');
  await form.getByLabel('Title').fill('Shuttle and Song');
  await form.getByText('What is in it').click();
  await form.getByLabel('Contents').fill('1. The first thread .... 3\n2. The second .... 17');
  await expect(form).toContainText('2 chapters read, 2 with a page');
  await form.getByRole('button', { name: 'Put it on the shelf' }).click();
  await atRevision(page, 2);
  await line.fill('978-0-306-40615-7');
  await page.keyboard.press('Enter');
  const record = page.getByRole('dialog', { name: 'Shuttle and Song' });
  await expect(record.getByText('2 chapters', { exact: true })).toBeVisible();
  await record.getByRole('button', { name: 'Leave it' }).click();
  await line.fill('Knots for Winter; A. Halm; 64 p; picture book; bin 4');
  await page.keyboard.press('Enter');
  await atRevision(page, 3);
  await page.getByLabel('Look for').fill('knots for');
  await expect(page.getByRole('list', { name: 'Books' }).getByRole('listitem')).toHaveCount(1);
  await expect(page.getByRole('list', { name: 'Books' }).getByRole('listitem')).toContainText(
    'A. Halm · picture book · 64 pages',
  );
});

test('a book is lent out, and two records of one are made one', async ({ page }) => {
  await page.goto('/shelf');
  await page
    .getByRole('list', { name: 'Books' })
    .getByRole('button', { name: /^Wool!/ })
    .click();
  const record = page.getByRole('dialog', { name: 'Wool!' });
  await record.getByRole('button', { name: /It is/ }).click();
  await page.getByRole('option', { name: 'lent out' }).click();
  await record.getByLabel('To whom').fill('the neighbours');
  await record.getByRole('button', { name: 'Keep' }).click();
  await expect(
    page.getByRole('list', { name: 'Books' }).getByRole('button', { name: /^Wool!/ }),
  ).toContainText('lent out, the neighbours');
  await page.getByLabel('A number, or a book in one line').fill('Dyer’s Kettle; Oberwasser, M.');
  await page.keyboard.press('Enter');
  const twice = page.locator('section', {
    has: page.getByRole('heading', { name: 'Perhaps the same thing twice' }),
  });
  await expect(twice).toContainText('The same title and author');
  await twice.getByRole('button', { name: /is the same as the first/ }).click();
  await expect(twice).toHaveCount(0);
  await page.goto('/books');
  await expect(page.getByRole('gridcell', { name: /^The Dyer’s Kettle, lesson 2 / })).toHaveText('7–11');
});

test('a book is found on the shelf and pulled for another unit', async ({ page }) => {
  await page.goto('/books');
  await page.getByRole('button', { name: 'Pull from the shelf' }).click();
  const dialog = page.getByRole('dialog', { name: 'On the shelf' });
  await expect(dialog).toContainText('9 of 9 not pulled yet');
  await dialog.getByLabel('Look for').fill('steinitz');
  await expect(dialog.getByRole('list', { name: 'Books to pull' }).getByRole('listitem')).toHaveCount(1);
  await dialog.getByRole('button', { name: 'Pull “Arch, Beam and Cable”' }).click();
  await expect(dialog).toContainText('0 of 8 not pulled yet');
  await dialog.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('region', { name: 'Pulled, to sort' })).toContainText('Arch, Beam and Cable');
});

test('columns are matched by hand where the headings say something else', async ({ page }) => {
  await page.goto('/shelf');
  await page.getByRole('button', { name: 'Bring books in…' }).click();
  const dialog = page.getByRole('dialog', { name: 'Bring books in' });
  await dialog.getByRole('textbox').fill('Title,Whose hand,Leaves\nThe Carder,U. Tamworth,44');
  await expect(dialog).toContainText('Columns not used: Whose hand, Leaves');
  await dialog.getByText('Match the columns').click();
  await dialog.getByRole('button', { name: /Leaves/ }).click();
  await page.getByRole('option', { name: 'pages' }).click();
  await expect(dialog).toContainText('Columns not used: Whose hand');
  await dialog.getByRole('button', { name: 'Put 1 on the shelf' }).click();
  await atRevision(page, 2);
  await page.getByLabel('Look for').fill('the carder');
  await expect(page.getByRole('list', { name: 'Books' }).getByRole('listitem')).toHaveCount(1);
  await expect(page.getByRole('list', { name: 'Books' }).getByRole('listitem')).toContainText('44 pages');
});

test('what came home from the library goes in as a list, with the day it is due', async ({ page }) => {
  await page.goto('/shelf?bring=loans');
  const dialog = page.getByRole('dialog', { name: 'Bring books in' });
  await dialog
    .getByRole('textbox')
    .first()
    .fill('Blue Roads Again; R. Tamworth; 64 p\nLoom Songs; audio; LIB-7; due 9 Dec\nOld Looms; film');
  await expect(dialog).toContainText('Read as a list: 3 new');
  await expect(dialog.getByRole('checkbox', { name: 'All of these are borrowed' })).toBeChecked();
  await expect(dialog).toContainText('2 of them say no day of their own');
  const due = dialog.getByRole('group', { name: 'Borrowed ones are due' });
  await due.getByRole('spinbutton').first().click();
  await page.keyboard.type('30112026');
  await dialog.getByRole('button', { name: 'Put 3 on the shelf' }).click();
  await atRevision(page, 2);
  await page.goto('/books');
  const loans = page.getByRole('list', { name: 'Loans' });
  await expect(loans).toContainText('Blue Roads Again');
  await expect(loans).toContainText('Loom Songs');
  await expect(loans).toContainText('9 Dec');
});

test('a scanner types where the cursor is, and ends with Enter', async ({ page }) => {
  await page.goto('/shelf');
  await page.getByText('No scanner at hand?').click();
  const scanner = page.getByRole('group', { name: 'Stand-in for a scanner' });
  const line = page.getByLabel('A number, or a book in one line');
  await line.focus();
  await scanner.getByRole('button', { name: 'a label with a wrong digit' }).click();
  await expect(page.getByText(/The last digit of this number should be/)).toBeVisible();
  await expect(line).toBeFocused();
  await scanner.getByRole('button', { name: /the label of “The Dyer’s Kettle”/ }).click();
  await expect(page.getByRole('dialog', { name: 'The Dyer’s Kettle' })).toBeVisible();
});
