import { atRevision, expect, test } from './app';

test.use({ stores: 'the demo' });

const calendar = (...events: string[][]): string =>
  [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Else//EN',
    'X-WR-CALNAME:Our days',
    ...events.flatMap((e) => ['BEGIN:VEVENT', ...e, 'END:VEVENT']),
    'END:VCALENDAR',
    '',
  ].join('\r\n');
const PIANO = [
  'UID:piano@else',
  'DTSTART:20261103T090000',
  'DTEND:20261103T100000',
  'RRULE:FREQ=WEEKLY;BYDAY=TU;UNTIL=20261216T000000',
  'SUMMARY:Piano Bram',
];
const DENTIST = ['UID:dentist@else', 'DTSTART:20261105T090000', 'DTEND:20261105T110000', 'SUMMARY:Dentist'];
const file = (text: string): { name: string; mimeType: string; buffer: Buffer } => ({
  name: 'our-days.ics',
  mimeType: 'text/calendar',
  buffer: Buffer.from(text),
});

test('a child is away on Thursdays: what stands there moves, and the day shows it', async ({ page }) => {
  await page.goto('/year');
  await page.getByText('Other appointments').click();
  await expect(page.getByText(/The mill choir/).last()).toBeVisible();
  await page.getByRole('button', { name: 'Add an appointment…' }).click();
  const dialog = page.getByRole('dialog', { name: 'An appointment' });
  await dialog.getByLabel('What it is').fill('The farrier');
  await dialog.getByRole('checkbox', { name: 'Junia' }).press('Space');
  await dialog.getByRole('group', { name: 'On' }).getByRole('spinbutton').first().click();
  await page.keyboard.type('03112026', { delay: 20 });
  await dialog.getByRole('group', { name: 'From' }).getByRole('spinbutton').first().click();
  await page.keyboard.type('0830', { delay: 20 });
  await dialog.getByRole('group', { name: 'Until' }).getByRole('spinbutton').first().click();
  await page.keyboard.type('0800', { delay: 20 });
  await dialog.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(dialog.getByText('it ends before it begins')).toBeVisible();
  await dialog.getByRole('group', { name: 'Until' }).getByRole('spinbutton').first().click();
  await page.keyboard.type('1130', { delay: 20 });
  await dialog.getByRole('button', { name: 'Add', exact: true }).click();
  await atRevision(page, 2);
  await expect(page.getByText('Junia · Tue 3 Nov, 8:30 to 11:30')).toBeVisible();

  await page.goto('/today?day=2026-11-03');
  await expect(page.getByText('Junia is away 8:30 to 11:30: The farrier').first()).toBeVisible();
  await page.goto('/weeks?week=2026-11-02');
  await expect(page.getByText('Junia is away 8:30 to 11:30: The farrier')).toBeVisible();
  await page.goto('/child/demo-0003?day=2026-11-03');
  await expect(page.getByText('From 8:30 to 11:30 you are at: The farrier')).toBeVisible();
});

test('a calendar is read row by row, read again when it has changed, and never taken for what Hausplan wrote', async ({
  page,
  app,
}) => {
  await page.goto('/year');
  await page.getByText('Other appointments').click();
  await page.getByRole('button', { name: 'Read a calendar…' }).click();
  const dialog = page.getByRole('dialog', { name: 'Read a calendar' });
  const choose = dialog.locator('input[type=file]');
  await choose.setInputFiles(file('title,author'));
  await expect(dialog.getByText('This is no calendar file')).toBeVisible();
  await choose.setInputFiles(file(calendar(PIANO, DENTIST)));
  await expect(dialog.getByText('2 appointments in this school year')).toBeVisible();
  await expect(dialog.getByText('Tuesdays, 3 Nov to 15 Dec, 9:00 to 10:00')).toBeVisible();
  // Whose name stands in it is likely away; it is said for the others.
  await expect(
    dialog.getByRole('group', { name: 'Away for Piano Bram' }).getByRole('checkbox', { name: 'Bram' }),
  ).toBeChecked();
  await dialog
    .getByRole('group', { name: 'Away for Dentist' })
    .getByRole('checkbox', { name: 'you' })
    .press('Space');
  await dialog.getByRole('button', { name: 'Keep 2 appointments' }).click();
  await atRevision(page, 2);
  await expect(
    page.getByText('Bram · Tuesdays, 3 Nov to 15 Dec, 9:00 to 10:00 · read from “Our days”'),
  ).toBeVisible();

  // The piano has moved to Wednesdays, the dentist is off.
  await page.getByRole('button', { name: 'Read a calendar…' }).click();
  const wednesdays = PIANO.map((l) => l.replace('20261103', '20261104').replace('BYDAY=TU', 'BYDAY=WE'));
  await choose.setInputFiles(file(calendar(wednesdays)));
  await expect(dialog.getByText('1 appointment in this school year: 0 new, 1 changed')).toBeVisible();
  await expect(dialog.getByText('Not there any more, and taken off: “Dentist”.')).toBeVisible();
  await dialog.getByRole('button', { name: 'Keep 1 appointment' }).click();
  await atRevision(page, 3);
  await expect(page.getByText('Bram · Wednesdays, 4 Nov to 9 Dec')).toBeVisible();
  await expect(page.getByText('Dentist')).toHaveCount(0);

  // Its times are the calendar’s; who is away is said here.
  await page.getByRole('button', { name: 'Change Piano Bram' }).click();
  const form = page.getByRole('dialog', { name: 'Piano Bram' });
  await expect(form.getByLabel('What it is')).toHaveCount(0);
  await form.getByRole('checkbox', { name: 'Ottilie' }).press('Space');
  await form.getByRole('button', { name: 'Keep', exact: true }).click();
  await atRevision(page, 4);
  await expect(page.getByText('Ottilie and Bram · Wednesdays')).toBeVisible();

  const own = await page.request.get(`${app.url}/files/plan.ics`);
  await page.getByRole('button', { name: 'Read a calendar…' }).click();
  await choose.setInputFiles(file(await own.text()));
  await expect(dialog.getByText('they are in the plan, and not read')).toBeVisible();
  await expect(dialog.getByRole('button', { name: 'Keep', exact: true })).toBeDisabled();
});

test('a series without end can be stopped, and what was typed is not lost', async ({ page }) => {
  await page.goto('/year');
  await page.getByText('Other appointments').click();
  await page.getByRole('button', { name: 'Read a calendar…' }).click();
  const dialog = page.getByRole('dialog', { name: 'Read a calendar' });
  const endless = [
    'UID:x',
    'DTSTART:20261006T140000',
    'DTEND:20261006T150000',
    'RRULE:FREQ=DAILY;INTERVAL=99999999',
  ];
  await dialog.locator('input[type=file]').setInputFiles(file(calendar(endless)));
  await dialog.getByRole('button', { name: 'Stop', exact: true }).click();
  await dialog.locator('input[type=file]').setInputFiles(file(calendar(DENTIST)));
  await expect(dialog.getByText('1 appointment in this school year')).toBeVisible();
});
