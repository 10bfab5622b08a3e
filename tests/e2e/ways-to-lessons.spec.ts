import type { Page } from '@playwright/test';
import { atRevision, expect, revision, test } from './app';

/** The ways people build a unit; each gives a lesson list that lays out. */
test.use({ stores: 'the demo' });

const rows = (page: Page) =>
  page
    .getByRole('list', { name: 'Lessons' })
    .getByRole('listitem')
    .filter({ has: page.locator('[data-lesson]') });
const aside = (page: Page, n: number) => page.getByRole('complementary', { name: `Lesson ${n}` });

/** A new unit from Monday 23 November, at three a week, without an end. */
async function beginUnit(page: Page, topic: string): Promise<void> {
  await page.goto('/unit?new=1');
  await page.getByLabel('Topic').fill(topic);
  await page.getByRole('group', { name: 'Starts' }).getByRole('spinbutton').first().click();
  await page.keyboard.type('23112026', { delay: 20 });
  await page.getByRole('button', { name: 'Begin the unit' }).click();
  await expect(page.getByRole('region', { name: 'Ways to begin' })).toBeVisible();
}

async function from(page: Page, way: string, text: string): Promise<void> {
  await page.getByRole('button', { name: `From ${way}` }).click();
  await page.getByRole('dialog', { name: 'Add lessons' }).getByRole('textbox').last().fill(text);
}

async function laidOut(page: Page, lessons: number): Promise<void> {
  await expect(rows(page)).toHaveCount(lessons);
  await expect(page.getByText('has no place yet')).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Pace' })).toContainText(/Ends \w{3} \d+ \w{3}/);
}

test('from a textbook’s contents', async ({ page }) => {
  await beginUnit(page, 'Rivers');
  await from(
    page,
    'a contents page',
    'Contents\n1. Springs .... 3\n  Wells .... 5\n2. Bends .... 9\n3. The sea .... 15',
  );
  await page.getByRole('button', { name: 'Make 3 lessons' }).click();
  await laidOut(page, 3);
  await expect(rows(page).nth(0)).toContainText('1 topic');
});

test('from a bought guide', async ({ page }) => {
  await beginUnit(page, 'Rivers');
  await from(
    page,
    'a guide',
    'Lesson 1: Springs\nObjective: Say where a river begins.\nRead: pp. 3-9\nExperiment: Water through sand, 40 min; sand 500 g; stands overnight\nPrepare: wash the sand the evening before\n\nLesson 2: Bends\nDo: A bend in the tray (30 min)\nWords: meander, silt\nRecall: Which bank wears away?',
  );
  await expect(page.getByLabel('“Say where a river begins.” becomes')).toHaveValue('objective');
  await page.getByRole('button', { name: 'Make 2 lessons' }).click();
  await laidOut(page, 2);
  await expect(aside(page, 1)).toContainText('Water through sand, 40 min');
  await expect(aside(page, 1)).toContainText('stands 12 hours, nights and weekends count');
  await expect(aside(page, 1)).toContainText('wash the sand the evening before: evening before');
  await page.goto('/unit');
  await page.getByRole('navigation', { name: 'Units' }).getByRole('link', { name: 'Rivers' }).click();
  await expect(page.getByText('2 words')).toBeVisible();
});

test('from a table; bad rows are named and nothing is half-applied', async ({ page }) => {
  await beginUnit(page, 'Rivers');
  const before = await revision(page);
  await from(
    page,
    'a table (CSV)',
    'Lesson,Pages,Part,Kind,Minutes\nSprings,3-9,Draw a spring,craft,20\n,,Walk to the well,stroll,40\nBends,15-9,Look,,',
  );
  const dialog = page.getByRole('dialog', { name: 'Add lessons' });
  await expect(dialog.getByRole('alert')).toContainText('row 3: “stroll” is no kind of part');
  await expect(dialog.getByRole('alert')).toContainText('row 4: “15-9” are no pages; write 31-38');
  await expect(dialog.getByRole('button', { name: /^Make/ })).toBeDisabled();
  expect(await revision(page)).toBe(before);
  await dialog
    .getByRole('textbox')
    .last()
    .fill(
      'Lesson,Pages,Part,Kind,Minutes\nSprings,3-9,Draw a spring,craft,20\n,,Walk to the well,walk,40\nBends,9-15,Look,observation,15',
    );
  await dialog.getByRole('button', { name: 'Make 2 lessons' }).click();
  await laidOut(page, 2);
  await expect(aside(page, 1)).toContainText('Walk to the well');
  await expect(page.getByRole('list', { name: 'Cautions for Walk to the well' })).toContainText(
    'An adult stays within reach of the youngest.',
  );
});

test('from a pack of activities, and onto the lessons there are', async ({ page }) => {
  await beginUnit(page, 'Rivers');
  await from(
    page,
    'a pack of activities',
    'Paper boats, 20 min; paper 1 sheets each\nA dam in the tray, 35 min; clay 500 g\nA river song, 10 min',
  );
  await page.getByRole('button', { name: 'Make 3 lessons' }).click();
  await laidOut(page, 3);
  await page.getByRole('button', { name: 'Add lessons from…' }).click();
  await page.getByRole('menuitem', { name: 'a pack of activities' }).click();
  const dialog = page.getByRole('dialog', { name: 'Add lessons' });
  await dialog.getByText('Put them on the 3 lessons there are, in order').click();
  await dialog
    .getByRole('textbox')
    .last()
    .fill('Skip stones, 15 min, outdoors\nCount ducks, 15 min\nDraw a bridge, 20 min');
  await dialog.getByRole('button', { name: 'Put 3 on the lessons' }).click();
  await expect(rows(page)).toHaveCount(3);
  await expect(aside(page, 1)).toContainText('Skip stones, 15 min');
});

test('from a set of cards', async ({ page }) => {
  await beginUnit(page, 'Rivers');
  await from(page, 'a set of cards', '24');
  await page.getByLabel('Cards a lesson').fill('6');
  await page.keyboard.press('Tab');
  await page.getByRole('button', { name: 'Make 4 lessons' }).click();
  await laidOut(page, 4);
  await expect(rows(page).nth(3)).toContainText('Cards 19 to 24');
});

test('from a list of questions, which stay open until they are answered', async ({ page }) => {
  await beginUnit(page, 'Rivers');
  await from(page, 'a list of questions', '1. Why do rivers bend?\n2. Where does the water go?');
  await page.getByRole('button', { name: 'Make 2 lessons' }).click();
  await laidOut(page, 2);
  await page.goto('/unit');
  await page.getByRole('navigation', { name: 'Units' }).getByRole('link', { name: 'Rivers' }).click();
  const asked = page.locator('section', { has: page.getByRole('heading', { name: 'Asked along the way' }) });
  await expect(asked).toContainText('2 open');
  await asked.getByRole('button', { name: 'Answer: Why do rivers bend?' }).click();
  await page.getByLabel('The answer').fill('They wear away the outer bank.');
  await page.getByRole('button', { name: 'Keep the answer' }).click();
  await expect(asked).toContainText('1 open');
  // Its answer shows, and one is asked what becomes of its lesson.
  await expect(asked).toContainText('They wear away the outer bank.');
  await asked.getByRole('button', { name: 'Leave lesson 1 out' }).click();
  await expect(asked).toContainText('Its lesson is left out.');
  await asked.getByRole('button', { name: 'Take it in again' }).click();
  await expect(asked).toContainText('It is lesson 1 still.');
});

test('from a blank page: jot, sort by key, and turn into lessons', async ({ page }) => {
  await beginUnit(page, 'Rivers');
  await page.getByRole('link', { name: 'From a blank page' }).click();
  const idea = page.getByLabel('An idea', { exact: true });
  for (const text of ['Springs and wells', 'Build a dam, 40 min', 'Otters']) {
    await idea.fill(text);
    await page.keyboard.press('Enter');
    await expect(idea).toHaveValue('');
  }
  const line = (text: string) => page.locator('[data-idea]').filter({ hasText: text });
  await line('Springs and wells').focus();
  await page.keyboard.press('ArrowLeft');
  await expect(line('Springs and wells')).toContainText('from the youngest up to Bram');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(line('Springs and wells')).toContainText('suits Junia, Bram');
  await page.keyboard.press('l');
  await expect(page.getByRole('group', { name: 'Now a lesson' })).toContainText('Springs and wells');
  await expect(line('Build a dam')).toBeFocused();
  await page.keyboard.press('a');
  await expect(page.getByRole('group', { name: 'An activity, waiting for its lesson' })).toContainText(
    'Build a dam',
  );
  await line('Otters').focus();
  await page.keyboard.press('b');
  await expect(page.getByRole('group', { name: 'Find a book for it' })).toContainText('Otters');
  await page.getByRole('link', { name: 'Its lessons' }).click();
  await laidOut(page, 1);
  await page.getByRole('button', { name: 'Build a dam, 40 min' }).click();
  await page.getByRole('menuitem', { name: '1 Springs and wells' }).click();
  await expect(aside(page, 1)).toContainText('Build a dam, 40 min');
  await page.keyboard.press('3');
  await expect(page.getByText('find a book on: Otters')).toBeVisible();
});

test('200 pasted lines become 200 lessons, and one key takes them back', async ({ page }) => {
  await page.goto('/lessons?unit=none');
  const before = await rows(page).count();
  await page.getByRole('button', { name: 'Add lessons from…' }).click();
  await page.getByRole('menuitem', { name: 'a contents page' }).click();
  await page
    .getByRole('textbox', { name: 'Contents' })
    .fill(Array.from({ length: 200 }, (_, i) => `${i + 1}. A small topic ........ ${i + 1}`).join('\n'));
  await page.getByRole('button', { name: 'Make 200 lessons' }).click();
  await expect(rows(page)).toHaveCount(before + 200);
  await page.keyboard.press('Control+z');
  await expect(rows(page)).toHaveCount(before);
  await atRevision(page, 3);
});
