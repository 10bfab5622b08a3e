import Database from 'better-sqlite3';
import { atRevision, expect, test } from './app';

test.use({ stores: 'the demo' });

const LESSON_8 = async (page: import('@playwright/test').Page): Promise<void> => {
  await page.goto('/ladder', { waitUntil: 'networkidle' });
  while (!(await page.getByText('Lesson 8, Colour from the dye pot').isVisible())) {
    const number = Number(/Lesson (\d+),/.exec(await page.getByRole('main').innerText())![1]);
    await page.getByRole('link', { name: `Lesson ${number < 8 ? number + 1 : number - 1}`, exact: true }).click();
    await expect(page.getByText(new RegExp(`Lesson ${number < 8 ? number + 1 : number - 1}, `)).first()).toBeVisible();
  }
};

test('one lesson, every child at their own level: kinds of work are added, and each child stands on a rung of them', async ({ page }) => {
  await LESSON_8(page);
  await expect(page.getByRole('button', { name: /^Junia: Draw your guess first/ })).toBeVisible();
  await expect(page.getByRole('rowheader', { name: /^Dye pot/ })).toContainText('With care, whoever does it: Hot');
  await page.getByRole('button', { name: 'Add work…' }).click();
  await page.getByRole('menuitem', { name: 'A notebook page' }).click();
  await atRevision(page, 2);
  await expect(page.getByRole('button', { name: /^Pim: Draw it, and say what it is/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Ottilie: Lay out a page of your own: heading, drawing, 8 sentences/ })).toBeVisible();
  await page.getByRole('button', { name: /^Pim: Draw it/ }).click();
  await page.getByRole('menuitem', { name: 'Pim leaves it out' }).click();
  await expect(page.getByRole('button', { name: /^Pim: Draw it/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Pim takes part in “Notebook page” again' }).click();
  await expect(page.getByRole('button', { name: /^Pim: Draw it/ })).toBeVisible();
  await page.getByRole('button', { name: /^Ottilie: Lay out/ }).click();
  await page.getByRole('menuitem', { name: 'A rung down from here on' }).click();
  await expect(page.getByRole('button', { name: /^Ottilie: A heading, a drawing with labels, and 4 sentences/ })).toBeVisible();
  await page.getByRole('link', { name: 'Lesson 9' }).click();
  await expect(page.getByRole('button', { name: /^Ottilie: Copy one stanza/ })).toBeVisible();
});

test('too much for one child is said, with ways to mend it worked out, and one of them taken', async ({ page }) => {
  await page.goto('/setup', { waitUntil: 'networkidle' });
  await page.getByRole('button', { name: 'Change Junia' }).click();
  await page.getByLabel('Minutes of unit work a day').fill('60');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await atRevision(page, 2);
  await LESSON_8(page);
  const much = page.getByRole('region', { name: 'Junia has too much' });
  await expect(much).toContainText(/Junia: \d+ min in this lesson, and can take \d+\./);
  const way = much.getByRole('button', { name: /^Junia leaves out “Word list”: \d+ min instead of \d+/ });
  const [, then] = /: (\d+) min instead/.exec(await way.innerText())!;
  await way.click();
  await expect(page.getByText(new RegExp(`Junia: ${then} min in this lesson`)).or(page.getByRole('button', { name: 'Junia takes part in “Word list” again' })).first()).toBeVisible();
});

test('pages are printed child by child: to copy, cards, lines, and a checklist, only those that are used', async ({ page }) => {
  await LESSON_8(page);
  await page.getByRole('link', { name: 'Pages to print' }).click();
  await expect(page.getByRole('heading', { name: 'Pages to print' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Junia: Copying' })).toContainText('Off the hill');
  await expect(page.getByRole('region', { name: 'Pim: Word list' }).getByRole('listitem').first()).toBeVisible();
  await expect(page.getByRole('region', { name: /Dye pot/ })).toHaveCount(0);
  const before = await page.getByRole('region').count();
  await page.getByRole('navigation', { name: 'For whom' }).getByRole('link', { name: /Pim/ }).click();
  await expect(page.getByRole('region', { name: 'Pim: Word list' })).toHaveCount(0);
  expect(await page.getByRole('region').count()).toBeLessThan(before);
  const pdf = await page.pdf({ format: 'A4', preferCSSPageSize: true });
  expect(pdf.length).toBeGreaterThan(10_000);
  await page.getByRole('link', { name: 'Checklists of the unit' }).click();
  await expect(page.getByRole('region', { name: 'Ottilie: From Fleece to Cloth' })).toContainText('Explain, and say how you know: name four steps');
  await expect(page.getByRole('region', { name: 'Junia: From Fleece to Cloth' })).toContainText('Words to know');
});

test('how work went is noted on the day, and a rung is suggested with what it rests on, never moved by itself', async ({ page }) => {
  await page.goto('/setup', { waitUntil: 'networkidle' });
  const up = page.getByRole('region', { name: 'Junia, writing: a rung up?' });
  await expect(up).toContainText('4 of the last 5 were easy: Copying, Mon 12 Oct');
  await expect(page.getByRole('button', { name: /^Junia, writing: 2 Early/ })).toBeVisible();
  await page.goto('/today?day=2026-10-26', { waitUntil: 'networkidle' });
  await page.getByRole('button', { name: /^Copying, Junia/ }).first().click();
  await page.getByRole('menuitem', { name: 'It was too hard' }).click();
  await atRevision(page, 2);
  await page.goto('/setup', { waitUntil: 'networkidle' });
  await expect(page.getByRole('button', { name: /^Junia, writing: 2 Early/ })).toBeVisible();
  await expect(up).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await up.getByRole('button', { name: 'Move Junia' }).click();
  await expect(page.getByRole('button', { name: /^Junia, writing: 3 Growing, set by you/ })).toBeVisible();
  await expect(up).toHaveCount(0);
});

test('work that was never given out, in a plan from elsewhere, is worked out as it is looked at', async ({ page, app }) => {
  const db = new Database(app.db);
  db.exec('DELETE FROM assignment');
  db.close();
  await LESSON_8(page);
  await expect(page.getByRole('button', { name: /^Junia: Copy three words/ })).toBeVisible();
  await page.getByRole('link', { name: 'Pages to print' }).click();
  await expect(page.getByRole('region', { name: 'Junia: Copying' })).toContainText('Off the hill');
});
