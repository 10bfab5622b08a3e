import type { Locator } from '@playwright/test';
import { atRevision, expect, test } from './app';

test.use({ stores: 'the demo', today: '2026-10-28T09:38' });

test('a day is followed from its first tick: what is late is said, and nothing that is to come begins before now', async ({
  page,
}) => {
  await page.goto('/today');
  await expect(page.getByRole('img', { name: /Now it is 9:3/ })).toBeVisible();
  await expect(page.getByText(/ behind/)).toHaveCount(0);
  await page.getByRole('checkbox', { name: /Done: At breakfast/ }).press('Space');
  await atRevision(page, 2);
  await expect(page.getByText(/\d behind|min behind/)).toBeVisible();
  // What it says of each room that is open: none of them before the time it is.
  for (const name of ['Recall', 'Tell it back']) {
    await page
      .getByRole('button', { name: new RegExp(`^${name}, `) })
      .first()
      .click();
    const said = await page
      .getByRole('menu')
      .getByText(/ to \d+:\d\d, /)
      .first()
      .textContent();
    const [, hour, minute] = /^(\d+):(\d\d) to/.exec(said!)!;
    expect(Number(hour) * 60 + Number(minute)).toBeGreaterThanOrEqual(9 * 60 + 38);
    await page.keyboard.press('Escape');
  }
});

test('on the spot: loved, noted, a photograph kept, something missing, left out for good', async ({
  page,
}) => {
  await page.goto('/today');
  const open = async (doing: string): Promise<void> => {
    await page
      .getByRole('button', { name: /^Dye pot, / })
      .first()
      .click();
    await page.getByRole('menuitem', { name: doing }).click();
  };
  await open('Loved it');
  await atRevision(page, 2);
  await open('A note…');
  const note = page.getByRole('dialog', { name: /A note on “Dye pot”/ });
  await note.getByRole('button', { name: 'Write it down' }).click();
  await expect(note.getByText('Write the note first.')).toBeVisible();
  await note.getByLabel('Note').fill('Madder went brown');
  await note.getByRole('button', { name: 'Write it down' }).click();
  await atRevision(page, 3);
  await expect(page.getByText(/loved · Madder went brown/).first()).toBeVisible();

  await open('A photograph or file of the work…');
  const work = page.getByRole('dialog', { name: 'Work of “Dye pot”' });
  await work.getByRole('button', { name: 'Keep it' }).click();
  await expect(work.getByText('Choose a photograph or a PDF first.')).toBeVisible();
  const picker = work.getByLabel('Photograph (PNG, JPEG, WebP) or PDF');
  await picker.setInputFiles({ name: 'a.png', mimeType: 'image/png', buffer: Buffer.from('<svg/>') });
  await work.getByRole('button', { name: 'Keep it' }).click();
  await expect(work.getByText(/neither a photograph/)).toBeVisible();
  const picture = Buffer.from('\x89PNG\r\n\x1a\nskeins', 'latin1');
  await picker.setInputFiles({ name: 'skeins.txt', mimeType: 'text/plain', buffer: picture });
  await work.getByLabel('What it shows').fill('Three skeins');
  await work.getByRole('button', { name: 'Keep it' }).click();
  await atRevision(page, 4);
  await open('A note…');
  const href = await page.getByRole('link', { name: 'Three skeins' }).getAttribute('href');
  const kept = await page.request.get(href!);
  expect([kept.headers()['content-type'], await kept.body()]).toEqual(['image/png', picture]);
  await page.keyboard.press('Escape');

  await open('Something is missing…');
  const missing = page.getByRole('dialog', { name: 'Something is missing for “Dye pot”' });
  await missing.getByLabel('What is missing').fill('');
  await missing.getByRole('button', { name: 'Do without it' }).click();
  await expect(missing.getByText('Say what is missing.')).toBeVisible();
  await missing.getByLabel('What is missing').fill('the big pot');
  await missing.getByRole('button', { name: 'Do without it' }).click();
  await atRevision(page, 5);
  await expect(page.getByText(/Without: the big pot/).first()).toBeVisible();

  await open('Leave it out for good…');
  await page.getByRole('button', { name: 'Leave it out for good' }).click();
  await atRevision(page, 6);
  await expect(page.getByRole('button', { name: /^Dye pot, / })).toHaveCount(0);
});

test('a child ticks and calls from their list, and it stands on the parent’s day at once', async ({
  page,
  context,
}) => {
  await page.goto('/today');
  const list = await context.newPage();
  await list.goto('/child/demo-0002');
  await list.getByRole('checkbox', { name: 'Tell it back' }).click();
  await expect(page.getByRole('checkbox', { name: 'Done: Tell it back, Bram' })).toBeChecked();
  await list.getByRole('button', { name: 'I need help' }).click();
  const calls = page.getByRole('status').filter({ hasText: 'They call' });
  await expect(calls).toContainText('Bram needs help');
  await calls.getByRole('button', { name: 'Seen to: Bram needs help' }).click();
  await expect(calls).toHaveCount(0);
  await list.getByRole('button', { name: 'I am done early' }).click();
  await expect(list.getByText('Until the others are done:')).toBeVisible();
  await expect(page.getByText('is done early')).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });
  test('stands what is on now and next, for one child or for all, and the rest is folded', async ({
    page,
  }) => {
    await page.goto('/today');
    await expect(page.getByRole('heading', { name: 'Now' })).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Next' })).toBeVisible();
    // What has gone by is not what comes next.
    const section = (name: string): Locator =>
      page.locator('section').filter({ has: page.getByRole('heading', { name, exact: true }) });
    await expect(section('Gone by, not ticked')).toContainText('At breakfast');
    await expect(section('Next')).not.toContainText('At breakfast');
    await page.getByRole('button', { name: 'Junia', exact: true }).click();
    await expect(page.getByRole('checkbox', { name: /Ottilie$/ })).toHaveCount(0);
    await page.getByRole('button', { name: 'Junia', exact: true }).click();
    await page.getByText('Later').click();
    await expect(page.getByRole('checkbox', { name: /Done: Dye pot/ }).last()).toBeAttached();
    await page
      .getByRole('navigation', { name: 'At hand' })
      .getByRole('button', { name: 'Close the day' })
      .click();
    await expect(page.getByRole('dialog')).toContainText('done');
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  });
});

test.describe('on a phone, before the day begins', () => {
  test.use({ viewport: { width: 390, height: 844 }, today: '2026-10-28T07:50' });
  test('nothing is on now; what comes first is next', async ({ page }) => {
    await page.goto('/today');
    await expect(page.getByRole('heading', { name: 'Next' })).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Now', exact: true })).toHaveCount(0);
  });
});
