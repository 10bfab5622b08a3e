import ICAL from 'ical.js';
import { readFileSync } from 'node:fs';
import { FLEECE_CONTENTS, FLEECE_PASSAGE } from '../../demo/contents';
import { atRevision, enter, expect, revision, tabTo, test, type, typeDate } from './app';

/** From an empty store to a week that can be taught, a child's list and a file to take along, without a mouse. */
test.use({ today: '2026-09-04' });

test('a parent plans and teaches a first week by keyboard alone', async ({ page, app }, info) => {
  test.setTimeout(600_000);
  const problems: string[] = [];
  const elsewhere: string[] = [];
  page.on('console', (m) => {
    if (m.type() === 'error') problems.push(m.text());
  });
  page.on('pageerror', (e) => problems.push(String(e)));
  page.on('request', (r) => {
    if (!r.url().startsWith(app.url) && !r.url().startsWith('data:') && !r.url().startsWith('blob:'))
      elsewhere.push(r.url());
  });

  await test.step('1 set up the family, its children and their rungs', async () => {
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'Your family' })).toBeVisible();
    await type(page, /What do you call/, 'The house by the mill race');
    await type(page, /Minutes a day you can lead/, '120');
    await enter(page, 'Begin');
    await atRevision(page, 1);
    for (const [i, [name, year, minutes]] of [
      ['Ottilie', '2014', '120'],
      ['Bram', '2017', '110'],
      ['Junia', '2020', '90'],
    ].entries()) {
      await enter(page, 'Add a child');
      await expect(page.getByRole('dialog', { name: 'A child' })).toBeVisible();
      await page.keyboard.insertText(name);
      await type(page, /^Year/, year);
      await type(page, /Minutes of unit work/, minutes);
      await page.keyboard.press('Enter');
      await atRevision(page, 2 + i);
    }
    await expect(page.getByRole('button', { name: 'Bram, writing: 4 Steady, from age' })).toBeVisible();
    await enter(page, 'Bram, writing: 4 Steady, from age');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowDown');
    await expect(page.getByRole('menuitem', { name: /^3 Growing/ })).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: 'Bram, writing: 3 Growing, set by you' })).toBeVisible();
  });

  await test.step('1 lay down the school year', async () => {
    await page.keyboard.press('1');
    await expect(page.getByRole('heading', { name: 'The year', exact: true })).toBeVisible();
    await typeDate(page, 'First day', '2026-08-31');
    await typeDate(page, 'Last day', '2027-06-11');
    await enter(page, /^none Rhythm/);
    await expect(page.getByRole('option', { name: 'none' })).toBeFocused();
    await page.keyboard.press('Home');
    await page.keyboard.press('Enter');
    await expect(page.getByLabel('Weeks off')).toHaveValue('1');
    await enter(page, 'Lay down the year');
    await expect(page.getByText('6 whole blocks and 5 weeks over')).toBeVisible();
  });

  await test.step('2 make a unit and paste its contents page', async () => {
    await page.keyboard.press('2');
    await expect(page.getByRole('heading', { name: 'A new unit' })).toBeVisible();
    await type(page, 'Topic', 'From Fleece to Cloth');
    await typeDate(page, 'Starts', '2026-09-07');
    await typeDate(page, 'Wished end', '2026-10-02');
    await type(page, /Big ideas/, 'Cloth begins on a living animal.\nColour is chemistry.');
    await type(page, /Passage to copy/, FLEECE_PASSAGE);
    await enter(page, 'Begin the unit');
    await expect(page.getByRole('heading', { name: 'Lessons', exact: true })).toBeVisible();
    await enter(page, 'From a contents page');
    await expect(page.getByRole('textbox', { name: 'Contents' })).toBeFocused();
    await page.keyboard.insertText(FLEECE_CONTENTS);
    const becomes = page.getByLabel('What each line becomes');
    await expect(becomes.getByRole('listitem').filter({ hasText: 'Shearing day' })).toContainText('p. 7');
    await expect(becomes.getByLabel('“Contents” becomes')).toHaveValue('nothing');
    await expect(becomes.getByLabel('“Mordants” becomes')).toHaveValue('topic');
    await tabTo(page, '“Mending and wearing out” becomes', 'combobox');
    await page.keyboard.press('End');
    await expect(becomes.getByLabel('“Mending and wearing out” becomes')).toHaveValue('nothing');
    await page.keyboard.press('Home');
    await enter(page, 'Make 16 lessons');
    await expect(page.getByRole('list', { name: 'Lessons' }).getByRole('listitem')).toHaveCount(16);
  });

  await test.step('5 the wished end cannot be met: it says so in figures', async () => {
    await expect(
      page.getByText(/16 lessons, the last on .* 8 Oct|16 lessons, the last on/).first(),
    ).toBeVisible();
    await expect(
      page
        .getByText(
          /after your wished end, Fri 2 Oct.*lessons? lies? beyond it.*Meeting it takes 4 lessons a week.*At 4 a week it would end on/,
        )
        .first(),
    ).toBeVisible();
  });

  await test.step('3 add a spine and supplements, with pages', async () => {
    await page.keyboard.press('3');
    await enter(page, 'Add a book');
    await expect(page.getByRole('dialog', { name: 'Add a book' })).toBeVisible();
    await page.keyboard.insertText('The Dyer’s Kettle');
    await type(page, 'Pages', '88');
    await page.keyboard.press('Enter');
    const cell = (book: string, lesson: number) =>
      page.getByRole('gridcell', { name: new RegExp(`^${book}, lesson ${lesson} `) });
    await expect(cell('The Dyer’s Kettle', 2)).toHaveText('7–11');
    await expect(cell('The Dyer’s Kettle', 16)).toHaveText('81–88');
    await enter(page, 'Add a book');
    await expect(page.getByRole('dialog', { name: 'Add a book' })).toBeVisible();
    await page.keyboard.insertText('Blue Roads');
    await type(page, 'Pages', '40');
    await page.keyboard.press('Enter');
    await expect(cell('Blue Roads', 1)).toBeVisible();
    await tabTo(page, /^The Dyer’s Kettle, lesson 1 /, 'gridcell');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowRight');
    await page.keyboard.type('1-400', { delay: 20 });
    await page.keyboard.press('Enter');
    await expect(page.getByRole('alert').filter({ hasText: 'beyond' })).toHaveText(
      '“Blue Roads” has 40 pages; 400 is beyond its end.',
    );
    await expect(page.getByRole('textbox', { name: 'Blue Roads, lesson 2' })).toHaveValue('1-400');
    await page.keyboard.press('Backspace');
    await page.keyboard.press('Backspace');
    await page.keyboard.press('Backspace');
    await page.keyboard.type('20', { delay: 20 });
    await page.keyboard.press('Enter');
    await expect(cell('Blue Roads', 2)).toHaveText('1–20');
  });

  await test.step('4 work by level, and one child a rung up for one lesson', async () => {
    // In a cell a digit is a page; outside it opens a sheet.
    await tabTo(page, 'fill along…');
    await page.keyboard.press('5');
    await expect(page.getByText(/Lesson 1, Wool on the hoof/)).toBeVisible();
    const junia = page.getByRole('button', { name: /^Junia: Copy/ });
    await expect(junia).toHaveAccessibleName(
      /^Junia: Copy, for “Wool on the hoof”: 3 words: Off the hill, \d+ minutes$/,
    );
    await tabTo(page, /^Junia: Copy/);
    await page.keyboard.press('ArrowRight');
    await expect(junia).toHaveAccessibleName(/^Junia: Copy, for “Wool on the hoof”: one line, 7 words/);
    await enter(page, 'Lesson 2', 'link');
    await expect(page.getByText(/Lesson 2, Shearing day/)).toBeVisible();
    await expect(junia).toHaveAccessibleName(/^Junia: Copy, for “Shearing day”: 4 words/);
  });

  const lesson = (n: number, day: string) =>
    page.getByRole('button', { name: new RegExp(`^Lesson ${n}, .*, ${day}$`) });

  await test.step('5 the weeks: ink one, move a pencilled lesson, and what follows reflows', async () => {
    await page.keyboard.press('6');
    await expect(lesson(1, 'Mon 7 Sep')).toBeVisible();
    await enter(page, 'Ink this week');
    await expect(lesson(1, 'Mon 7 Sep')).toHaveAccessibleName(/in ink/);
    await enter(page, 'Week after', 'link');
    await expect(lesson(4, 'Mon 14 Sep')).toHaveAccessibleName(/in pencil/);
    await tabTo(page, /^Lesson 4, /);
    await page.keyboard.press('Alt+ArrowRight');
    await expect(lesson(4, 'Tue 15 Sep')).toBeVisible();
    await tabTo(page, /^Lesson 4, /);
    await page.keyboard.press('Enter');
    await page.keyboard.press('End');
    await page.keyboard.press('Escape');
    await tabTo(page, /^Lesson 4, /);
    await page.keyboard.press('Alt+ArrowRight');
    await expect(lesson(4, 'Wed 16 Sep')).toBeVisible();
    // Lesson 5 stood on Wednesday: it makes room.
    await expect(lesson(5, 'Wed 16 Sep')).toBeHidden();
    await expect(page.getByRole('status')).toContainText(/Moved lesson 4 to Wed 16 Sep/);
    await enter(page, 'Week before', 'link');
    await expect(lesson(1, 'Mon 7 Sep')).toHaveAccessibleName(/in ink/);
  });

  await test.step('8 undo and redo, counted by the revision', async () => {
    const before = await revision(page);
    await page.keyboard.press('Control+z');
    await atRevision(page, before + 1);
    await enter(page, 'Week after', 'link');
    await expect(lesson(4, 'Tue 15 Sep')).toBeVisible();
    await page.keyboard.press('Control+Shift+z');
    await expect(lesson(4, 'Wed 16 Sep')).toBeVisible();
    await atRevision(page, before + 2);
  });

  await test.step('6 teach: tick a part, move on what did not happen, and look at a child’s list', async () => {
    await page.goto('/today?day=2026-09-07');
    await expect(page.getByRole('heading', { name: 'Monday, 7 September' })).toBeVisible();
    await tabTo(page, /^Done: Read together/, 'checkbox');
    await page.keyboard.press('Space');
    await expect(page.getByRole('checkbox', { name: /^Done: Read together/ }).first()).toBeChecked();
    await tabTo(page, /^Copying, Junia/);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('menuitem', { name: 'Done', exact: true })).toBeFocused();
    await page.keyboard.press('ArrowDown');
    await expect(page.getByRole('menuitem', { name: 'Did not happen: move it on' })).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: /^Copying, Junia/ })).toBeHidden();
    await enter(page, 'Junia’s list', 'link');
    await expect(page.getByRole('heading', { name: 'Junia' })).toBeVisible();
    await expect(page.getByRole('listitem').first()).toContainText('Read together');
    await expect(page.getByText('Copying')).toBeHidden();
    await page.emulateMedia({ media: 'print' });
    await expect(page.getByRole('button', { name: 'Print this list' })).toBeHidden();
    await page.emulateMedia({ media: 'screen' });
    await page.goto('/today?day=2026-09-08');
    await expect(page.getByRole('button', { name: /^Copying, Junia/ }).first()).toBeVisible();
  });

  await test.step('7 take it along: the same plan in an empty app, and a calendar', async () => {
    await page.keyboard.press('0');
    const saved = page.waitForEvent('download');
    await enter(page, 'Save the plan', 'link');
    const file = info.outputPath('hausplan.json');
    await (await saved).saveAs(file);
    const text = readFileSync(file, 'utf8');
    const plan = JSON.parse(text) as { sittings: { id: string; date: string }[] };
    const events = new ICAL.Component(
      ICAL.parse(await (await page.request.get('/files/plan.ics')).text()) as unknown[],
    )
      .getAllSubcomponents('vevent')
      .map((c) => new ICAL.Event(c));
    expect(Object.fromEntries(events.map((e) => [e.uid, e.startDate.toString().slice(0, 10)]))).toEqual(
      Object.fromEntries(plan.sittings.map((s) => [`${s.id}@hausplan`, s.date])),
    );

    const nothingToUndo = page.getByRole('button', { name: 'Undo', exact: true });
    while (!(await nothingToUndo.count())) {
      const now = await revision(page);
      await page.keyboard.press('Control+z');
      await atRevision(page, now + 1);
    }
    await expect(page.getByRole('heading', { name: 'Your family' })).toBeVisible();
    const chooser = page.waitForEvent('filechooser');
    await enter(page, 'Bring in a plan…');
    await (await chooser).setFiles(file);
    await expect(page.getByRole('dialog', { name: 'Bring in this plan?' })).toContainText('16 lessons');
    await enter(page, 'Bring it in');
    await expect(page.getByRole('heading', { name: 'The house by the mill race' })).toBeVisible();
    expect(await (await page.request.get('/files/plan.json')).text()).toBe(text);
  });

  expect(problems).toEqual([]);
  expect(elsewhere).toEqual([]);
});
