import type { Page } from '@playwright/test';
import { atRevision, expect, test, typeDate } from './app';

/** Working in the lesson list: by keys, several at once, over the week, with what comes back and what needs care. */
test.use({ stores: 'the demo' });

const row = (page: Page, n: number) =>
  page
    .getByRole('list', { name: 'Lessons' })
    .locator('[data-lesson]')
    .nth(n - 1);
const count = (page: Page) => page.getByRole('list', { name: 'Lessons' }).locator('[data-lesson]');
const aside = (page: Page, n: number) => page.getByRole('complementary', { name: `Lesson ${n}` });

test('the outline is worked in by keys alone', async ({ page }) => {
  await page.goto('/lessons');
  await row(page, 12).click();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('A lesson after lesson 12')).toBeFocused();
  await page.keyboard.type('Knots');
  await page.keyboard.press('Enter');
  await expect(row(page, 13)).toContainText('Knots');
  await page.keyboard.press('Escape');
  await row(page, 13).focus();
  await row(page, 13).click();
  await page.keyboard.press('F2');
  await page.keyboard.type('Knots and plaits');
  await page.keyboard.press('Enter');
  await expect(row(page, 13)).toContainText('Knots and plaits');
  await row(page, 13).focus();
  await page.keyboard.press('Alt+ArrowRight');
  await expect(count(page)).toHaveCount(16);
  await expect(row(page, 12)).toContainText('1 topic');
  await row(page, 12).focus();
  await page.keyboard.press('Alt+ArrowLeft');
  await expect(row(page, 13)).toContainText('Knots and plaits');
  await row(page, 13).click();
  await page.keyboard.press('Delete');
  await expect(count(page)).toHaveCount(16);
  await page.keyboard.press('Control+z');
  await expect(count(page)).toHaveCount(17);
});

test('a list pasted onto the outline opens as lessons, and is not kept unasked', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.goto('/lessons');
  await row(page, 12).click();
  await page.evaluate(() => navigator.clipboard.writeText('Hemp\nFlax\nCotton'));
  await page.keyboard.press('Control+v');
  const dialog = page.getByRole('dialog', { name: 'Add lessons' });
  await expect(dialog.getByRole('textbox', { name: 'Contents' })).toHaveValue('Hemp\nFlax\nCotton');
  await expect(dialog.getByRole('button', { name: 'Make 3 lessons' })).toBeEnabled();
  await dialog.getByRole('button', { name: 'Leave it' }).click();
  await atRevision(page, 1);
});

test('several lessons are joined, grouped, swapped and split; one key takes each back', async ({ page }) => {
  await page.goto('/lessons');
  await row(page, 13).click();
  await page.keyboard.press('Shift+ArrowDown');
  const bar = page.getByRole('toolbar', { name: '2 lessons chosen' });
  await bar.getByRole('button', { name: 'Swap' }).click();
  await expect(row(page, 13)).toContainText('Mills and makers');
  await bar.getByRole('button', { name: 'Join into one…' }).click();
  await page.getByLabel('Title of the lesson they become').fill('Roads and mills');
  await page.getByRole('button', { name: 'Join them' }).click();
  await expect(count(page)).toHaveCount(15);
  await expect(row(page, 13)).toContainText('Roads and mills');
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(row(page, 13)).toContainText('Post roads and pack mules');

  await row(page, 11).click();
  await row(page, 16).click({ modifiers: ['Shift'] });
  await page
    .getByRole('toolbar', { name: '6 lessons chosen' })
    .getByRole('button', { name: 'Group…' })
    .click();
  const dialog = page.getByRole('dialog', { name: 'Group 6 lessons' });
  await expect(dialog.getByRole('list', { name: 'The groups' }).getByRole('listitem')).toHaveCount(3);
  await dialog.getByRole('button', { name: 'Group into 3' }).click();
  await expect(count(page)).toHaveCount(13);
  await page.keyboard.press('Control+z');
  await expect(count(page)).toHaveCount(16);
});

test('a lesson is stretched over the week, Monday to Thursday with its close on Friday', async ({ page }) => {
  await page.goto('/unit?new=1');
  await page.getByLabel('Topic').fill('Looms');
  await page.getByRole('group', { name: 'Starts' }).getByRole('spinbutton').first().click();
  await page.keyboard.type('23112026', { delay: 20 });
  await page.getByRole('button', { name: 'Begin the unit' }).click();
  await page.getByRole('button', { name: 'From a pack of activities' }).click();
  await page
    .getByRole('dialog')
    .getByRole('textbox')
    .last()
    .fill('The great loom, 80 min\nThe small loom, 80 min');
  await page.getByRole('button', { name: 'Make 2 lessons' }).click();
  await row(page, 1).click();
  await page.keyboard.press('Shift+ArrowDown');
  await page
    .getByRole('toolbar', { name: '2 lessons chosen' })
    .getByRole('button', { name: 'Stretch…' })
    .click();
  await page
    .getByRole('dialog', { name: 'Stretch 2 lessons over the week' })
    .getByRole('button', { name: 'Stretch', exact: true })
    .click();
  await row(page, 1).click();
  await expect(aside(page, 1)).toContainText('Mon 23 Nov to Fri 27 Nov');
  await expect(aside(page, 1)).toContainText('The great loom, 4 of 4, 20 min');
  await expect(aside(page, 1)).toContainText('Close the lesson, 15 min');
  await row(page, 2).click();
  await expect(aside(page, 2)).toContainText('Mon 30 Nov to Fri 4 Dec');
});

test('the pace is live: change it and see the end, set the end and see the pace, keep it when it suits', async ({
  page,
}) => {
  await page.goto('/lessons?unit=none');
  const pace = page.getByRole('region', { name: 'Pace' });
  await expect(pace).toContainText('Ends Mon 23 Nov');
  await pace.getByLabel('Lessons a week').fill('1');
  await page.keyboard.press('Tab');
  await expect(pace).toContainText(/after your wished end, Fri 27 Nov/);
  await expect(pace).toContainText(/[2-5] a week would meet the end\./);
  await atRevision(page, 1);
  await pace.getByRole('button', { name: /^Try [2-5] a week/ }).click();
  await expect(pace).toContainText(/to spare before Fri 27 Nov|Just as you wished/);
  await pace.getByRole('button', { name: 'Leave the end open' }).click();
  await pace.getByRole('button', { name: 'Keep this pace' }).click();
  await atRevision(page, 2);
  await expect(pace.getByRole('button', { name: 'Keep this pace' })).toHaveCount(0);
});

test('a part says its supplies, what to get ready and its cautions; the youngest’s stays when it is noted', async ({
  page,
}) => {
  await page.goto('/lessons');
  await row(page, 12).click();
  await page.getByRole('button', { name: 'Add a part' }).click();
  const form = page.getByRole('dialog', { name: 'Another part' });
  await form.getByLabel('What to do').fill('Boil beads of wax');
  await form.getByLabel('Supplies').fill('wax 200 g\nglass beads 3 each\nchopped hazelnuts');
  await expect(form).toContainText('Read as: wax 200 g · glass beads 3 each · chopped hazelnuts');
  await form.getByLabel('Get ready').fill('Order wax, 7 days before');
  await form.getByText('Wait after it', { exact: true }).click();
  await form.getByRole('button', { name: 'Stands overnight' }).click();
  await form.getByRole('button', { name: 'Add', exact: true }).click();
  const lesson = aside(page, 12);
  await expect(lesson).toContainText('glass beads 12');
  await expect(lesson).toContainText('Order wax: 7 days before');
  await expect(lesson).toContainText('stands 12 hours');
  const cautions = page.getByRole('list', { name: 'Cautions for Boil beads of wax' });
  await expect(cautions).toContainText('Small parts (“beads”, Pim is 3 and mouths things)');
  await expect(cautions).toContainText('Allergy: hazelnut');
  await cautions.locator('label', { hasText: 'Seen' }).first().click();
  await expect(cautions.getByText('An adult handles pot, tongs, iron, flame and oven.')).toHaveCount(0);
  await cautions
    .locator('label')
    .filter({ has: page.getByRole('checkbox', { name: 'Seen: Small parts, Boil beads of wax' }) })
    .click();
  await expect(cautions).toContainText('Seen; it stays all the same');
  await expect(cautions).toContainText('Choking: a first-aid course');
});

test('what comes back by itself stands in the week and on the day, and is left out once', async ({
  page,
}) => {
  await page.goto('/lessons');
  await page.getByRole('button', { name: 'Let something come back' }).click();
  const form = page.getByRole('dialog', { name: 'What comes back by itself' });
  await form.getByRole('button', { name: /Begin with/ }).click();
  await page.getByRole('option', { name: 'A film on one weekday' }).click();
  await form.getByLabel('What', { exact: true }).fill('A mill film');
  await form.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText('on Wednesdays · 35 min')).toBeVisible();
  await page.goto('/today?day=2026-11-04');
  await page
    .getByRole('button', { name: /^A mill film/ })
    .first()
    .click();
  await page.getByRole('menuitem', { name: 'Left out this time' }).click();
  await expect(page.getByText('left out this time').first()).toBeVisible();
  await expect(page.getByText('You watch it first, or the parts you doubt.').first()).toBeVisible();
  await page.goto('/weeks?week=2026-11-09');
  await expect(page.getByRole('group', { name: 'Wed 11 Nov, lessons' })).toContainText('A mill film');
});

test('an extra to the family’s taste is added, and an activity is kept for another time', async ({
  page,
}) => {
  await page.goto('/lessons');
  await row(page, 13).click();
  await page.getByRole('button', { name: 'Add an extra' }).click();
  const extras = page.getByRole('list', { name: 'Extras' });
  await expect(extras.getByRole('listitem').first()).toContainText('Felt balls');
  await page.getByRole('button', { name: 'Add “A walk to look for post roads and pack mules”' }).click();
  await expect(aside(page, 13)).toContainText('A walk to look for post roads and pack mules, 45 min');
  await expect(aside(page, 13)).toContainText('Or indoors:');
  await page.getByRole('button', { name: /^A walk to look for post roads/ }).click();
  await page.getByRole('menuitem', { name: 'Keep it for another time' }).click();
  await expect(page.getByRole('status')).toContainText('for another time');
});

test('lessons go far in a few keys, one or several at once', async ({ page }) => {
  await page.goto('/unit?new=1');
  await page.getByLabel('Topic').fill('Knots');
  await page.getByRole('button', { name: 'Begin the unit' }).click();
  await page.getByRole('button', { name: 'From a contents page' }).click();
  await page
    .getByRole('dialog')
    .getByRole('textbox')
    .last()
    .fill(Array.from({ length: 9 }, (_, i) => `Knot ${'abcdefghi'[i]}`).join('\n'));
  await page.getByRole('button', { name: 'Make 9 lessons' }).click();
  await row(page, 8).click();
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('m');
  const dialog = page.getByRole('dialog', { name: 'Move 2 lessons' });
  await expect(dialog.getByLabel('The first of them becomes lesson')).toBeFocused();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('2');
  await page.keyboard.press('Enter');
  await expect(dialog).toBeHidden();
  await expect(row(page, 2)).toContainText('Knot h');
  await expect(row(page, 3)).toContainText('Knot i');
  await expect(row(page, 4)).toContainText('Knot b');
  await page.getByRole('button', { name: 'Undo: Moved 2 lessons to place 2' }).click();
  await expect(row(page, 2)).toContainText('Knot b');
});

test('the unit pauses before a lesson until a day, and goes on as if there had been none', async ({
  page,
}) => {
  await page.goto('/lessons');
  await row(page, 12).click();
  const facts = aside(page, 12);
  const days = () => facts.getByText(/\d (Nov|Dec|Jan|Feb)/).first();
  const before = await days().textContent();
  await facts.getByRole('button', { name: 'Pause before it…' }).click();
  const dialog = page.getByRole('dialog', { name: /^Pause before “/ });
  await typeDate(page, 'It goes on from', '2027-01-11');
  await dialog.getByRole('button', { name: 'Pause' }).click();
  await expect(facts.getByText(/waits until Mon 11 Jan/)).toBeVisible();
  await expect(days()).toContainText('Jan');
  await facts.getByRole('button', { name: 'Pause before it…' }).click();
  await dialog.getByRole('button', { name: 'Do not pause any more' }).click();
  await expect(facts.getByText(/waits until/)).toHaveCount(0);
  await expect(days()).toHaveText(before!);
});
