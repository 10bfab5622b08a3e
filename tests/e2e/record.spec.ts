import { atRevision, expect, test, typeDate } from './app';

test.use({ stores: 'the demo' });

test('the year as it was taught: days against the target, hours by subject, what they know, in one press a step', async ({
  page,
}) => {
  await page.goto('/today');
  await page.keyboard.press('9');
  await expect(page.getByRole('heading', { name: 'Record', exact: true })).toBeVisible();
  await expect(page.getByText(/35 school days kept, 3 lost \(2 colds, 1 a day in bed\)/)).toBeVisible();
  await expect(page.getByRole('row', { name: /^mathematics/ })).toContainText('18 h 15');
  const step = page.getByRole('button', { name: /^Junia, Mend a hole so that it holds: / });
  await expect(step).toHaveAccessibleName(/: not yet\. Press for with help$/);
  await step.press('Enter');
  await atRevision(page, 2);
  await expect(step).toHaveAccessibleName(/: with help since Wed 28 Oct\. Press for alone$/);
  // By what it was seen.
  await page.getByRole('button', { name: 'By what it was seen: Mend a hole so that it holds' }).click();
  const dialog = page.getByRole('dialog', { name: 'Mend a hole so that it holds' });
  await dialog.getByRole('button', { name: /Who$/ }).click();
  await page.getByRole('option', { name: 'Junia' }).click();
  await expect(dialog.getByText('So far: with help, since Wed 28 Oct.')).toBeVisible();
  await dialog.getByLabel('In words').fill('a sock of her own');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await atRevision(page, 3);
  await expect(step).toHaveAccessibleName(/seen by what was said: a sock of her own/);
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(step).toHaveAccessibleName(/: not yet\./);
});

test('what was taught is asked one after the other, a key each, and when all was known the family says so', async ({
  page,
}) => {
  await page.goto('/today');
  await page.getByRole('button', { name: 'Ask: To say again' }).click();
  const dialog = page.getByRole('dialog', { name: 'To say again' });
  const all = Number(/of (\d+)/.exec(await dialog.getByText(/^1 of \d+/).innerText())![1]);
  await dialog.getByRole('button', { name: 'Show the answer' }).click();
  await page.keyboard.press('1');
  await expect(dialog.getByText(`2 of ${all}`)).toBeVisible();
  // A slip of the finger is taken back, and marked again.
  await dialog.getByRole('button', { name: 'Take the last back' }).click();
  await expect(dialog.getByText(`1 of ${all}`)).toBeVisible();
  for (let n = 1; n <= all; n++) {
    await expect(dialog.getByText(new RegExp(`^${n} of ${all}`))).toBeVisible();
    await page.keyboard.press('3');
  }
  await expect(dialog.getByText('Honey cakes at the mill race.')).toBeVisible();
  await dialog.getByRole('button', { name: 'Done' }).click();
  await atRevision(page, 3 + all);
  // Nothing is asked twice on a day.
  await page.goto('/record');
  await expect(page.getByText(/All of today is asked|Ask: To say again/)).toBeVisible();
  await expect(page.getByText(/Asked today: /)).toBeVisible();
});

test('cards and a quiz are on paper too, with the key on a page of its own', async ({ page }) => {
  await page.goto('/record');
  await page.getByRole('link', { name: /On paper, cards or a quiz/ }).click();
  await expect(page.getByText('What does “vat” mean?').first()).toBeVisible();
  await expect(page.getByText('a dye bath without air').first()).toBeVisible();
  await page.getByRole('link', { name: 'A quiz instead' }).click();
  await expect(page.getByRole('heading', { name: 'Quiz' })).toBeVisible();
  await expect(page.getByText('for you, kept apart')).toBeVisible();
});

test('the family says how it counts: minutes, what a kept day is, and hours shared out', async ({ page }) => {
  await page.goto('/record');
  await page.getByText('How it counts').click();
  await page.getByLabel('Minutes a day to ask again').fill('0');
  await page.getByRole('button', { name: /An hour of several subjects counts/ }).click();
  await page.getByRole('option', { name: 'shared out among them' }).click();
  await page.getByRole('button', { name: /A day is kept when/ }).click();
  await page.getByRole('option', { name: 'a child had so many minutes' }).click();
  await page.getByLabel('Minutes, at least').fill('600');
  await page.getByRole('button', { name: 'Count so' }).click();
  await atRevision(page, 2);
  await expect(page.getByText(/serves several subjects is shared out among them/)).toBeVisible();
  await expect(page.getByText(/^0 school days kept/)).toBeVisible();
});

test('a trip is written down, counts for its subject and day, and is taken back', async ({ page }) => {
  await page.goto('/record');
  await page.getByText('Trips, and what stands in no lesson').click();
  await page.getByLabel('Where, or what').fill('The fulling mill');
  await page.getByLabel('Minutes', { exact: true }).fill('120');
  await page.getByLabel('Counts for').fill('music');
  await page
    .getByRole('group', { name: 'Who was there' })
    .getByRole('checkbox', { name: 'Pim' })
    .press('Space');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await atRevision(page, 2);
  await expect(page.getByRole('row', { name: /^music/ })).toContainText('2 h');
  await page.getByRole('button', { name: 'Take back The fulling mill, Wed 28 Oct' }).click();
  await expect(page.getByRole('row', { name: /^music/ })).toHaveCount(0);
});

test('a unit is looked back on: judged, its minutes used elsewhere, its evening planned, and shared', async ({
  page,
}) => {
  await page.goto('/record');
  await page.getByRole('link', { name: /all of it, and what to keep, change, drop/ }).click();
  await expect(page.getByRole('heading', { name: 'Look back: Willow and Water' })).toBeVisible();
  await expect(page.getByText(/craft.*1\.4 times the minutes it was given, of 3 times/)).toBeVisible();
  const drop = page.getByRole('button', { name: 'drop: 8 Ferries and ropes' });
  await drop.click();
  await atRevision(page, 2);
  await expect(drop).toHaveAttribute('aria-pressed', 'true');
  await page.getByText('Use these minutes next time').click();
  await page.getByRole('button', { name: 'Use them' }).click();
  await expect(page.getByText(/Minutes of “.*” by what such things took/)).toBeVisible();
  // An evening: topics and an order are proposed, and it is printed.
  await page.getByRole('button', { name: 'Propose topics and an order' }).click();
  await typeDate(page, 'On', '2026-10-30');
  await page.getByRole('button', { name: 'Keep the evening' }).click();
  await page.getByRole('link', { name: 'print the programme' }).click();
  await expect(page.getByText('Friday, 30 October')).toBeVisible();
  await page.getByRole('link', { name: 'Back to the evening' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'As an open file' }).click(),
  ]);
  const text = (
    await download.createReadStream().then(async (s) => Buffer.concat(await s.toArray()))
  ).toString();
  expect(text).not.toMatch(/Ottilie|Bram|Junia|Pim|demo-0001/);

  // Another family takes it in: what it brings is shown, then it is all or nothing.
  await page.goto('/unit?new=1');
  await page.getByRole('button', { name: 'From an outline…' }).click();
  const dialog = page.getByRole('dialog', { name: 'A unit from an outline' });
  await dialog.getByLabel('The outline').fill('{"format":"hausplan-outline","version":1}');
  await expect(dialog.getByText(/wrong with it; nothing is taken/)).toBeVisible();
  await expect(dialog.getByRole('button', { name: 'Take it in' })).toBeDisabled();
  await dialog.getByLabel('The outline').fill(text);
  await expect(dialog.getByText('there is a unit of this name already, and it stays')).toBeVisible();
  await dialog.getByLabel('Title').fill('Willow from next door');
  await dialog.getByRole('button', { name: 'Take it in' }).click();
  await expect(page.getByText('Took in “Willow from next door” from an outline')).toBeVisible();
  await page.goto('/lessons?unit=newest');
  await expect(page.getByRole('list', { name: 'Lessons' }).locator('[data-lesson]')).toHaveCount(14);
});
