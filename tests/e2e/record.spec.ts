import { atRevision, expect, test } from './app';

test.use({ stores: 'the demo' });

test('the year as it was taught: days against the target, hours by subject, what they know, in one press a step', async ({
  page,
}) => {
  await page.goto('/today');
  await page.keyboard.press('9');
  await expect(page.getByRole('heading', { name: 'Record', exact: true })).toBeVisible();
  await expect(
    page.getByText(/24 school days kept, 14 lost \(13 nothing written down, 1 a day in bed\)/),
  ).toBeVisible();
  await expect(page.getByRole('row', { name: /^mathematics/ })).toContainText('8 h 15');
  const step = page.getByRole('button', { name: /^Junia, Mend a hole so that it holds: / });
  await expect(step).toHaveAccessibleName(/: not yet\. Press for with help$/);
  await step.press('Enter');
  await atRevision(page, 2);
  await expect(step).toHaveAccessibleName(/: with help since Wed 28 Oct\. Press for alone$/);
  await page.keyboard.press('Control+z');
  await expect(step).toHaveAccessibleName(/: not yet\./);
});

test('what was taught is asked again, each child in turn, and is not asked twice on a day', async ({
  page,
}) => {
  await page.goto('/record');
  const again = page.getByRole('region', { name: 'To say again today' });
  await again.getByRole('button', { name: 'Show the answer to vat' }).first().click();
  await expect(again.getByText('a dye bath without air')).toBeVisible();
  const forgot = again.getByRole('button', { name: 'Bram, vat: forgot' });
  await forgot.click();
  await atRevision(page, 2);
  await expect(forgot).toHaveCount(0);
  await expect(again.getByText(/Asked today: Bram, vat/)).toBeVisible();
  await expect(again.getByText(/Bram’s next quiz: vat/)).toBeVisible();
});

test('the family says how it counts: minutes to ask again, and hours shared out', async ({ page }) => {
  await page.goto('/record');
  await page.getByText('How it counts').click();
  await page.getByLabel('Minutes a day to ask again').fill('0');
  await page.getByRole('button', { name: /An hour of several subjects counts/ }).click();
  await page.getByRole('option', { name: 'shared out among them' }).click();
  await page.getByRole('button', { name: 'Count so' }).click();
  await atRevision(page, 2);
  await expect(page.getByText(/\d+ things are due, and no minutes are set aside/)).toBeVisible();
  await expect(page.getByText(/serves several subjects is shared out among them/)).toBeVisible();
});
