/**
 * A unit of six weeks, taught to its end day by day, closed and recorded; saved, and restored where there is nothing; the year
 * closed, and the unit taught again a year on. Another is closed after its first weeks.
 */
import { expect, test, type App } from './app';
import { rmSync } from 'node:fs';
import { readHausplanJson } from '../../src/core/formats/hausplan-json';
import type { Plan } from '../../src/core/plan/plan';
import { lengthText } from '../../src/core/calendar/dates';
import { countRecord } from '../count-record';
import type { Page } from '@playwright/test';

test.use({ stores: 'the demo' });

const FLEECE = 'From Fleece to Cloth';
const AFTER = '2026-11-30';
const A_YEAR_ON = '2027-09-06';

async function planOf(page: Page): Promise<Plan> {
  const response = await page.request.get('/files/plan.json');
  const read = readHausplanJson(await response.text());
  if (!('plan' in read)) throw new Error(read.faults[0].what);
  return read.plan;
}

/** Every figure of the record on the screen is what another count of the exported file gives. */
async function expectRecord(page: Page, today: string): Promise<void> {
  const plan = await planOf(page);
  const counted = countRecord(plan, today);
  await page.goto('/record');
  await expect(
    page.getByText(new RegExp(`^${counted.kept} school days kept, ${counted.lost} lost`)),
  ).toBeVisible();
  for (const [subject, minutes] of Object.entries(counted.minutes)) {
    const row = page.getByRole('row', { name: new RegExp(`^${subject || 'for no subject'}`) });
    const cells = await row.getByRole('cell').allInnerTexts();
    expect(cells.map((c) => c.trim())).toEqual(
      plan.children.map((c) => (minutes[c.id] ? lengthText(Math.round(minutes[c.id])) : '–')),
    );
  }
  const hours = Object.values(counted.total).reduce((a, b) => a + b, 0) / 60;
  await expect(page.getByLabel('Title block')).toContainText(String(Math.round(hours)));
  await expect(
    page.getByText(new RegExp(`Reading log: ${counted.books} books?, ${counted.pages} pages`)),
  ).toBeVisible();
}

/** Ticks every school day from one to another as it was planned, as a parent does at the end of each. */
async function teach(page: Page, until: string): Promise<void> {
  for (;;) {
    const button = page.getByRole('button', { name: 'All of it is done' });
    if (await button.isVisible()) {
      await button.click();
      await expect(button).toHaveCount(0);
    }
    const next = page.getByRole('link', { name: 'School day after' });
    const day = await next.getAttribute('href');
    if (!day || day.slice(-10) > until) return;
    await page.goto(day);
  }
}

async function save(page: Page, app: App, into: string): Promise<void> {
  await page.goto('/setup');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Take a copy along' }).click(),
  ]);
  await download.saveAs(into);
  await app.whileStopped(() => rmSync(app.db));
}

test('a unit is taught to its end, closed, saved, restored into nothing, and taught again a year on', async ({
  page,
  app,
}, info) => {
  test.setTimeout(400_000);
  await page.goto('/record');
  // Another unit is closed early: what it leaves is said, and what was taught stays.
  await page.getByRole('button', { name: 'Close a unit…' }).click();
  await page.getByRole('menuitem', { name: 'Bridges and How They Stand' }).click();
  const early = page.getByRole('dialog', { name: 'Close “Bridges and How They Stand”' });
  await expect(early.getByText('5 of 10 lessons taught.')).toBeVisible();
  await early.getByRole('button', { name: 'Close it' }).click();
  await expect(page.getByText(/Closed “Bridges and How They Stand”: 5 of 10 lessons taught/)).toBeVisible();

  await app.restart(AFTER);
  await page.goto('/today?day=2026-10-28');
  await teach(page, '2026-11-27');
  await expectRecord(page, AFTER);
  const taught = await planOf(page);
  const fleece = taught.units.find((u) => u.title === FLEECE)!;

  // The evening was held; each talk counts.
  await page.goto(`/record/look-back?unit=${fleece.id}`);
  for (const name of ['Junia', 'Bram', 'Ottilie'])
    await page.getByRole('checkbox', { name: new RegExp(`^${name} spoke on`) }).press('Space');
  await expect(page.getByRole('checkbox', { name: /^Ottilie spoke on/ })).toBeChecked();
  await page.getByRole('button', { name: 'drop: 14 Mills and makers' }).click();
  await expect(page.getByRole('button', { name: 'drop: 14 Mills and makers' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await page.getByRole('button', { name: 'Close it…' }).click();
  const dialog = page.getByRole('dialog', { name: `Close “${FLEECE}”` });
  await expect(dialog.getByText(/16 of 16 lessons taught/)).toBeVisible();
  await dialog.getByRole('button', { name: 'Close it' }).click();
  await expect(page.getByText(`Closed “${FLEECE}”: 16 of 16 lessons taught`)).toBeVisible();
  await expectRecord(page, AFTER);
  for (const file of ['/files/record.md', '/files/record.csv', '/paper/portfolio'])
    expect(await (await page.request.get(file)).text()).toContain(FLEECE);

  // Saved, and restored where there is nothing.
  const before = await planOf(page);
  const file = info.outputPath('hausplan.sqlite');
  await save(page, app, file);
  await page.goto('/setup');
  await expect(page.getByText('Junia')).toHaveCount(0);
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Bring in a copy…' }).click(),
  ]);
  await chooser.setFiles(file);
  await page
    .getByRole('dialog', { name: 'Put this copy back?' })
    .getByRole('button', { name: /^Put/ })
    .click();
  await expect(page.getByText('Junia').first()).toBeVisible();
  expect(await planOf(page)).toEqual(before);
  await expectRecord(page, AFTER);

  // A year on: the year is closed, and the children stand a rung higher by their age.
  await page.goto('/year');
  await page.getByRole('button', { name: 'Close 2026/27' }).click();
  await page
    .getByRole('dialog', { name: /Close 2026\/27/ })
    .getByRole('button', { name: 'Close the year' })
    .click();
  await expect(page.getByRole('status').filter({ hasText: 'opened 2027/28' })).toBeVisible();
  await app.restart(A_YEAR_ON);
  await page.goto('/record');
  await page.getByRole('button', { name: 'Teach again…' }).click();
  const again = page.getByRole('dialog', { name: 'Teach again' });
  await again.getByRole('button', { name: /Which$/ }).click();
  await page.getByRole('option', { name: new RegExp(`^${FLEECE} \\(16 of 16 lessons`) }).click();
  await expect(again.getByText(/1 dropped lesson left out/)).toBeVisible();
  await again.getByRole('button', { name: 'Teach it again' }).click();
  await expect(page.getByText(`“${FLEECE}” is taught again`)).toBeVisible();

  const now = await planOf(page);
  // Its open questions wait under its name as well; what is taught again does not wait.
  const unit = now.units.find((u) => u.repeats?.unitId === fleece.id && !u.waiting)!;
  expect(unit.deeper).toBe(true);
  expect(now.lessons.filter((l) => l.unitId === unit.id).map((l) => l.title)).toEqual(
    before.lessons
      .filter((l) => l.unitId === fleece.id && l.title !== 'Mills and makers')
      .map((l) => l.title),
  );
  expect(now.marks).toEqual([]);
  const lesson = now.lessons.find((l) => l.unitId === unit.id)!;
  await page.goto(`/unit?unit=${unit.id}`);
  await page.getByRole('link', { name: 'Look back on it' }).click();
  await expect(page.getByRole('heading', { name: `Look back: ${FLEECE}` })).toBeVisible();
  // Pim was too small for copying and is not any more: today's children, at today's rungs.
  const pim = now.children.find((c) => c.name === 'Pim')!;
  const rungsOf = (plan: Plan, lessonId: string): number[] =>
    plan.parts
      .filter((p) => p.lessonId === lessonId)
      .flatMap((p) => plan.assignments.filter((a) => a.partId === p.id && a.childId === pim.id))
      .map((a) => a.rung);
  const first = before.lessons.find((l) => l.unitId === fleece.id)!;
  expect(Math.max(...rungsOf(now, lesson.id))).toBeGreaterThanOrEqual(Math.max(...rungsOf(before, first.id)));
});
