import type { Page } from '@playwright/test';
import type { Plan } from '@/core/plan/plan';
import * as given from '../guides/families';
import { expect, test } from './app';

/**
 * The kinds of family there are, each from an empty store with what it has at hand, pasted as it is printed. What they
 * get is read from the file they can take along.
 */
test.use({ today: '2026-11-02' });

const planOf = async (page: Page): Promise<Plan> =>
  (await (await page.request.get('/files/plan.json')).json()) as Plan;
const lessonsOf = (plan: Plan, unitId = plan.units[0].id) => plan.lessons.filter((l) => l.unitId === unitId);
const partsOf = (plan: Plan, n: number) => plan.parts.filter((p) => p.lessonId === lessonsOf(plan)[n - 1].id);
/** The day a lesson begins on. */
const begins = (plan: Plan, n: number, unitId = plan.units[0].id): string => {
  const lesson = lessonsOf(plan, unitId)[n - 1];
  const parts = new Set(plan.parts.filter((p) => p.lessonId === lesson.id).map((p) => p.id));
  return plan.sittings
    .filter((s) => parts.has(s.partId))
    .map((s) => s.date)
    .sort()[0];
};
/** Every part of the unit's lessons stands on a day. */
const isWhole = (plan: Plan): boolean => {
  const placed = new Set(plan.sittings.map((s) => s.partId));
  return plan.parts.every((p) => p.lessonId === null || placed.has(p.id));
};

async function family(page: Page, ...born: [string, number][]): Promise<void> {
  await page.goto('/');
  await page.getByLabel(/What do you call/).fill('A house by the water');
  await page.getByRole('button', { name: 'Begin' }).click();
  for (const [name, year] of born) {
    await page.getByRole('button', { name: 'Add a child' }).click();
    const dialog = page.getByRole('dialog', { name: 'A child' });
    await dialog.getByLabel('Name').fill(name);
    await dialog.getByLabel('Year').fill(String(year));
    await page.keyboard.press('Enter');
    await expect(dialog).toBeHidden();
  }
}

interface Frame {
  has?: 'a fixed end' | 'a fixed pace' | 'open, until interest ends';
  pace?: number;
  upTo?: number;
  /** Day, month and year in eight figures. */
  starts?: string;
  ends?: string;
  without?: string[];
  listens?: string;
  taste?: string;
  passage?: string;
}

async function unit(page: Page, topic: string, frame: Frame = {}): Promise<void> {
  await page.goto('/unit?new=1');
  await page.getByLabel('Topic').fill(topic);
  if (frame.has) {
    await page.getByRole('button', { name: /It has$/ }).click();
    await page.getByRole('option', { name: frame.has, exact: true }).click();
  }
  const date = async (group: string, typed: string): Promise<void> => {
    await page.getByRole('group', { name: group }).getByRole('spinbutton').first().click();
    await page.keyboard.type(typed, { delay: 20 });
  };
  if (frame.starts) await date('Starts', frame.starts);
  if (frame.ends) await date('Wished end', frame.ends);
  if (frame.pace) await page.getByLabel('Lessons a week').fill(String(frame.pace));
  if (frame.upTo) await page.getByLabel('Up to, where need be').fill(String(frame.upTo));
  for (const name of frame.without ?? [])
    await page
      .getByRole('group', { name: 'Children in it' })
      .getByRole('checkbox', { name })
      .uncheck({ force: true });
  if (frame.listens)
    await page.getByRole('checkbox', { name: `${frame.listens} listens in` }).check({ force: true });
  if (frame.taste) {
    await page.getByText('How we go about it').click();
    await page.getByRole('checkbox', { name: frame.taste, exact: true }).check({ force: true });
  }
  if (frame.passage) await page.getByLabel(/Passage to copy/).fill(frame.passage);
  await page.getByRole('button', { name: 'Begin the unit' }).click();
  await expect(page.getByRole('region', { name: 'Ways to begin' })).toBeVisible();
}

async function paste(page: Page, way: string, text: string, verb: string | RegExp): Promise<void> {
  await page.getByRole('button', { name: `From ${way}` }).click();
  const dialog = page.getByRole('dialog', { name: 'Add lessons' });
  await dialog.getByRole('textbox').last().fill(text);
  await dialog.getByRole('button', { name: verb }).click();
  await expect(dialog).toBeHidden();
}

test('1 three groups on topics of their own, objectives from a list, kits by their labels', async ({
  page,
}) => {
  await family(page, ['Ottilie', 2013], ['Bram', 2017], ['Junia', 2020]);
  await unit(page, 'The farm', { without: ['Ottilie', 'Bram'] });
  await page.goto('/unit');
  await page.getByRole('button', { name: 'Add objectives' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Objectives').fill(given.STANDARDS);
  await dialog.getByRole('button', { name: /^Add 2/ }).click();
  await page.goto('/lessons');
  await paste(page, 'a guide', given.FARM_GUIDE, 'Make 3 lessons');
  await unit(page, 'Iron', { without: ['Bram', 'Junia'] });
  await unit(page, 'Bread', { without: ['Ottilie', 'Junia'] });
  await page.goto('/shelf');
  await page.getByRole('button', { name: 'Bring books in…' }).click();
  await page.getByRole('dialog').getByRole('textbox').first().fill(given.KITS);
  await page.getByRole('button', { name: 'Put 3 on the shelf' }).click();
  await expect(page.getByText('3 in all')).toBeVisible();
  const plan = await planOf(page);
  expect(plan.units.map((u) => u.childIds.length)).toEqual([1, 1, 1]);
  const codes = new Map(plan.objectives.map((o) => [o.id, o.code]));
  expect(lessonsOf(plan).map((l) => l.objectiveIds.map((id) => codes.get(id)))).toEqual([
    ['LS 2.1'],
    ['LS 2.4'],
    [],
  ]);
  expect(plan.books.map((b) => [b.label, b.form, b.language])).toEqual([
    ['KIT-01', 'kit', ''],
    ['KIT-02', 'kit', ''],
    ['', 'reader', 'German'],
  ]);
});

test('2 open, led by the children’s questions, with something delivered on the way', async ({ page }) => {
  await family(page, ['Bram', 2016], ['Junia', 2019]);
  await unit(page, 'Fungi', { has: 'open, until interest ends' });
  await paste(page, 'a list of questions', given.QUESTIONS, 'Make 3 lessons');
  await page.getByRole('button', { name: 'Add lessons from…' }).click();
  await page.getByRole('menuitem', { name: 'a guide' }).click();
  const dialog = page.getByRole('dialog', { name: 'Add lessons' });
  await dialog.getByRole('textbox').last().fill(given.SPORES);
  await dialog.getByRole('button', { name: 'Make 1 lesson' }).click();
  await expect(dialog).toBeHidden();
  const plan = await planOf(page);
  expect(plan.questions.filter((q) => !q.answer)).toHaveLength(3);
  expect(plan.units[0]).toMatchObject({ lessonsPerWeek: null, wishedEnd: null });
  const [gather, print, look] = partsOf(plan, 4);
  expect([gather.outdoors, gather.directions]).toEqual([
    true,
    expect.stringContaining('nothing gathered is eaten'),
  ]);
  expect(gather.supplies).toEqual([]);
  expect(print.waitAfterHours).toBe(12);
  expect(look.earliest).toBe('2026-11-16');
  const placed = plan.sittings.find((s) => s.partId === look.id);
  expect(placed && placed.date >= '2026-11-16').toBe(true);
});

test('3 a bought guide pared down: ways to choose from, big ideas, two to five a week', async ({ page }) => {
  await family(page, ['Ottilie', 2012]);
  await unit(page, 'The river', { pace: 2, upTo: 5, taste: 'art' });
  await page.getByRole('button', { name: 'From a guide' }).click();
  const dialog = page.getByRole('dialog', { name: 'Add lessons' });
  await dialog.getByRole('textbox').last().fill(given.RIVER_GUIDE);
  await expect(dialog).toContainText('the guide says it is for grades 5 to 8');
  await dialog.getByRole('button', { name: 'Make 3 lessons' }).click();
  await expect(dialog).toBeHidden();
  const plan = await planOf(page);
  expect(lessonsOf(plan).map((l) => [l.title, l.firstPage, l.lastPage])).toEqual([
    ['Springs', 4, 11],
    ['Bends', null, null],
    ['The mouth', 12, 19],
  ]);
  expect(plan.units[0].bigIdeas).toHaveLength(2);
  // What the family likes stands, the rest waits in it.
  const bend = partsOf(plan, 2).find((p) => p.alternatives.length)!;
  expect([bend.title, ...bend.alternatives.map((a) => a.title)]).toEqual([
    'Paint a bend from above',
    'Measure a bend of the brook',
    'Pour a bend in a tray of sand',
  ]);
  expect(partsOf(plan, 1).find((p) => p.alternatives.length)!.alternatives).toHaveLength(2);
  expect(isWhole(plan)).toBe(true);
});

test('4 a deck of cards in groups of its own, and a workbook page only where there is one', async ({
  page,
}) => {
  await family(page, ['Bram', 2017], ['Junia', 2020]);
  await unit(page, 'Cloth');
  await paste(page, 'a set of cards', given.DECK, 'Make 3 lessons');
  const plan = await planOf(page);
  expect(lessonsOf(plan).map((l) => [l.title, l.topics.length])).toEqual([
    ['Fibres', 4],
    ['Tools', 3],
    ['Dyes', 4],
  ]);
  expect(plan.parts.filter((p) => p.kind === 'practice').map((p) => p.title)).toEqual([
    'Workbook, p. 4: Flax',
    'Workbook, p. 9: Spindle',
  ]);
});

test('5 a block of a longer course ends where the next part begins; sixty things on the shelf; one listens in', async ({
  page,
}) => {
  await family(page, ['Ottilie', 2012], ['Bram', 2016]);
  await unit(page, 'The iron road', { without: ['Ottilie'], listens: 'Ottilie' });
  await paste(page, 'a contents page', given.LONG_BOOK, 'Make 3 lessons');
  await page.goto('/shelf');
  await page.getByRole('button', { name: 'Bring books in…' }).click();
  await page.getByRole('dialog').getByRole('textbox').first().fill(given.SHELF);
  await page.getByRole('button', { name: 'Put 60 on the shelf' }).click();
  await expect(page.getByText('60 in all')).toBeVisible();
  const plan = await planOf(page);
  expect(lessonsOf(plan).map((l) => [l.firstPage, l.lastPage])).toEqual([
    [176, 188],
    [189, 202],
    [203, 213],
  ]);
  expect(plan.units[0].listens).toHaveLength(1);
});

test('6 a part of the whole each week for a month, for older ones, with pages to print and a verse', async ({
  page,
}) => {
  await family(page, ['Ottilie', 2014], ['Junia', 2020]);
  await unit(page, 'A plant', { pace: 1 });
  await paste(page, 'a guide', given.MONTHLY, 'Make 4 lessons');
  const plan = await planOf(page);
  expect(lessonsOf(plan).map((l) => l.title)).toEqual(['Roots', 'Stem', 'Leaf', 'Flower']);
  expect(partsOf(plan, 1).find((p) => p.kind === 'model')).toMatchObject({ ageFrom: 9 });
  expect(partsOf(plan, 1).some((p) => p.kind === 'memory')).toBe(true);
  expect([1, 2, 3, 4].map((n) => begins(plan, n))).toEqual([
    '2026-11-02',
    '2026-11-09',
    '2026-11-16',
    '2026-11-23',
  ]);
});

test('7 planned for a month, done after a week: closed, and what is left is kept', async ({ page }) => {
  await family(page, ['Junia', 2019]);
  await unit(page, 'Puzzles', { pace: 1 });
  await paste(page, 'a guide', given.PUZZLES, 'Make 4 lessons');
  await page.goto('/unit');
  await page.getByRole('button', { name: /^Close it/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog
    .getByRole('button', { name: /^Close/ })
    .last()
    .click();
  await expect(dialog).toBeHidden();
  const plan = await planOf(page);
  expect(plan.units[0].closedOn).not.toBeNull();
  expect(lessonsOf(plan)).toHaveLength(4);
});

test('8 a guess before each demonstration, a wait overnight, a trip that closes', async ({ page }) => {
  await family(page, ['Bram', 2017], ['Junia', 2018], ['Pim', 2024]);
  await unit(page, 'Seeds');
  await paste(page, 'a guide', given.SEEDS, 'Make 3 lessons');
  const plan = await planOf(page);
  expect(partsOf(plan, 1).find((p) => p.kind === 'demonstration')!.prediction).toBe(
    'Which bean will be taller?',
  );
  expect(partsOf(plan, 2).find((p) => p.kind === 'experiment')).toMatchObject({
    prediction: 'How far will the ink climb?',
    waitAfterHours: 12,
  });
  expect(partsOf(plan, 3).find((p) => p.kind === 'trip')!.minutes).toBe(180);
  // The toddler is given no work.
  const pim = plan.children.find((c) => c.name === 'Pim')!.id;
  expect(plan.assignments.filter((a) => a.childId === pim)).toEqual([]);
});

test('9 the days of a guide, a chapter a day at the same table', async ({ page }) => {
  await family(page, ['Ottilie', 2013], ['Bram', 2016], ['Junia', 2019]);
  await unit(page, 'Winter', { pace: 5 });
  await paste(page, 'a guide', given.DAYS, 'Make 3 lessons');
  const plan = await planOf(page);
  expect(lessonsOf(plan).map((l) => l.title)).toEqual(['Day 1', 'Day 2', 'Day 3']);
  expect(
    partsOf(plan, 1)
      .filter((p) => p.kind === 'read-aloud')
      .map((p) => p.title),
  ).toEqual(['Read chapter 1']);
  expect([1, 2, 3].map((n) => begins(plan, n))).toEqual(['2026-11-02', '2026-11-03', '2026-11-04']);
});

test('10 a lesson a week for a term: words, a journal page and something to do in each', async ({ page }) => {
  test.slow();
  await family(page, ['Ottilie', 2013], ['Bram', 2017], ['Junia', 2020], ['Pim', 2024]);
  await unit(page, 'At sea', { pace: 1 });
  await paste(page, 'a guide', given.TERM, 'Make 12 lessons');
  const plan = await planOf(page);
  for (const n of [1, 6, 12])
    expect(partsOf(plan, n).map((p) => p.kind)).toEqual(expect.arrayContaining(['word-list', 'notebook']));
  expect(begins(plan, 12) >= '2027-01-18').toBe(true);
  expect(isWhole(plan)).toBe(true);
  // Supplies are added up over lessons and children.
  await page.goto('/ready');
  await expect(page.getByText(/paper \d+ sheets/).first()).toBeVisible();
});

test('11 two guides in a row before a hard end, for one child', async ({ page }) => {
  await family(page, ['Ottilie', 2013]);
  await unit(page, 'Bronze', { pace: 3 });
  await paste(page, 'a guide', given.FIRST_GUIDE, 'Make 14 lessons');
  await unit(page, 'Iron', { pace: 3, starts: '07122026', ends: '12022027' });
  await paste(page, 'a guide', given.SECOND_GUIDE, 'Make 16 lessons');
  const plan = await planOf(page);
  const [bronze, iron] = plan.units;
  expect(lessonsOf(plan, iron.id)).toHaveLength(16);
  expect(begins(plan, 14, bronze.id) < begins(plan, 1, iron.id)).toBe(true);
  expect(begins(plan, 16, iron.id) <= '2027-02-12').toBe(true);
});

test('12 a topic up and down for five, one poem copied by all at their measure', async ({ page }) => {
  await family(page, ['Alke', 2010], ['Ottilie', 2013], ['Bram', 2017], ['Junia', 2020], ['Pim', 2024]);
  await unit(page, 'Wild geese', { passage: given.POEM });
  await page.getByRole('link', { name: 'From a blank page' }).click();
  const idea = page.getByLabel('An idea', { exact: true });
  for (const text of ['Why they fly in a wedge', 'Map of their road']) {
    await idea.fill(text);
    await page.keyboard.press('Enter');
    await expect(idea).toHaveValue('');
    await page.locator('[data-idea]').filter({ hasText: text }).focus();
    await page.keyboard.press('l');
  }
  await expect(page.getByRole('group', { name: 'Now a lesson' })).toContainText('Map of their road');
  const plan = await planOf(page);
  expect(lessonsOf(plan)).toHaveLength(2);
  const copying = plan.parts.find((p) => p.kind === 'copying')!;
  const words = plan.assignments.filter((a) => a.partId === copying.id).map((a) => a.wording);
  expect(new Set(words).size).toBeGreaterThanOrEqual(3);
});

test('13 twenty lessons in six weeks for three grades and a toddler', async ({ page }) => {
  test.slow();
  await family(page, ['Ottilie', 2015], ['Bram', 2018], ['Junia', 2021], ['Pim', 2024]);
  await unit(page, 'A town through time', { pace: 3, upTo: 4, ends: '11122026' });
  await paste(page, 'a contents page', given.TWENTY, 'Make 20 lessons');
  const plan = await planOf(page);
  expect(begins(plan, 1)).toBe('2026-11-02');
  expect(begins(plan, 20) <= '2026-12-11').toBe(true);
  expect(isWhole(plan)).toBe(true);
});

test('14 a pack of eleven activities, one a week, Monday to Thursday with a close on Friday', async ({
  page,
}) => {
  test.slow();
  await family(page, ['Ottilie', 2013], ['Bram', 2017], ['Junia', 2020]);
  await unit(page, 'Yarn', { pace: 1 });
  await paste(page, 'a pack of activities', given.PACK, 'Make 11 lessons');
  const rows = page.getByRole('list', { name: 'Lessons', exact: true }).getByRole('listitem');
  await expect(rows).toHaveCount(11);
  await page.getByRole('button', { name: 'Stretch over a week…' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Stretch', exact: true }).click();
  await expect(page.getByRole('dialog')).toBeHidden();
  const plan = await planOf(page);
  expect([1, 2, 11].map((n) => begins(plan, n))).toEqual(['2026-11-02', '2026-11-09', '2027-01-11']);
  expect(partsOf(plan, 1).filter((p) => /, \d of 4$/.test(p.title))).toHaveLength(4);
});
