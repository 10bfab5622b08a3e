import Database from 'better-sqlite3';
import { atRevision, expect, test } from './app';

test.use({ stores: 'the demo' });

const LESSON_8 = async (page: import('@playwright/test').Page): Promise<void> => {
  await page.goto('/ladder');
  while (!(await page.getByText('Lesson 8, Colour from the dye pot').isVisible())) {
    const number = Number(/Lesson (\d+),/.exec(await page.getByRole('main').innerText())![1]);
    await page
      .getByRole('link', { name: `Lesson ${number < 8 ? number + 1 : number - 1}`, exact: true })
      .click();
    await expect(
      page.getByText(new RegExp(`Lesson ${number < 8 ? number + 1 : number - 1}, `)).first(),
    ).toBeVisible();
  }
};

test('one lesson, every child at their own level: kinds of work are added, and each child stands on a rung of them', async ({
  page,
}) => {
  await LESSON_8(page);
  await expect(
    page.getByRole('button', { name: /^Junia: “Colour from the dye pot”: draw your guess first/ }),
  ).toBeVisible();
  await expect(page.getByRole('rowheader', { name: /^Dye pot/ })).toContainText(
    'With care, whoever does it: Hot',
  );
  await page.getByRole('button', { name: 'Add work…' }).click();
  await page.getByRole('menuitem', { name: 'A notebook page' }).click();
  await atRevision(page, 2);
  await expect(page.getByRole('button', { name: /^Pim: Draw “Colour from the dye pot”/ })).toBeVisible();
  await expect(
    page.getByRole('button', {
      name: /^Ottilie: Lay out a page of your own on “Colour from the dye pot”: .*8 sentences/,
    }),
  ).toBeVisible();
  await page.getByRole('button', { name: /^Pim: Draw “/ }).click();
  await page.getByRole('menuitem', { name: 'Pim leaves it out' }).click();
  await expect(page.getByRole('button', { name: /^Pim: Draw “/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Pim takes part in “Notebook page” again' }).click();
  await expect(page.getByRole('button', { name: /^Pim: Draw “/ })).toBeVisible();
  await page.getByRole('button', { name: /^Ottilie: Lay out/ }).click();
  await page.getByRole('menuitem', { name: 'A rung down from here on', exact: true }).click();
  await expect(
    page.getByRole('button', {
      name: /^Ottilie: A page on “Colour from the dye pot”: a heading, .*\d sentences/,
    }),
  ).toBeVisible();
  await page.getByRole('link', { name: 'Lesson 9' }).click();
  await expect(
    page.getByRole('button', { name: /^Ottilie: .*“The flock in autumn”: one stanza/ }),
  ).toBeVisible();
});

test('too much for one child is said, with ways to mend it worked out, and one of them taken', async ({
  page,
}) => {
  await page.goto('/setup');
  await page.getByRole('button', { name: 'Change Junia' }).click();
  await page.getByLabel('Minutes of unit work a day').fill('60');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await atRevision(page, 2);
  await LESSON_8(page);
  const much = page.getByRole('region', { name: 'Junia has too much' });
  await expect(much).toContainText(/Junia: \d+ min in this lesson, and can take \d+\./);
  const way = much.getByRole('button', { name: /Junia leaves out “Dye pot”: \d+ min instead of \d+/ });
  const [, then] = /: (\d+) min instead/.exec(await way.innerText())!;
  // Each way has a letter: its key takes it.
  const [letter] = /^[a-e]/.exec(await way.innerText())!;
  await page.keyboard.press(letter);
  await expect(
    page
      .getByText(new RegExp(`Junia: ${then} min in this lesson`))
      .or(page.getByRole('button', { name: 'Junia takes part in “Dye pot” again' }))
      .first(),
  ).toBeVisible();
});

test('pages are printed child by child: to copy, cards, lines, and a checklist, only those that are used', async ({
  page,
}) => {
  await LESSON_8(page);
  await page.getByRole('link', { name: 'Pages to print' }).click();
  await expect(page.getByRole('heading', { name: 'Pages to print' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Junia: Copying' })).toContainText('and none to deny');
  // Who is small traces, and has no list to read; who only tells needs no paper at all.
  await expect(page.getByRole('region', { name: 'Pim: Copying' })).toBeVisible();
  await expect(page.getByRole('region', { name: /^Pim: Colour from the dye pot/ })).toHaveCount(0);
  // Works share a sheet: as many sheets are printed as are said.
  const sheets = Number(/(\d+) sheets of paper/.exec(await page.getByRole('main').innerText())![1]);
  const printed = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
  expect(printed.match(/\/Type\s*\/Page\b(?!s)/g)).toHaveLength(sheets);
  expect(sheets).toBeLessThanOrEqual(9);
  await expect(page.getByRole('region', { name: /Dye pot/ })).toHaveCount(0);
  const before = await page.getByRole('region').count();
  await page.getByRole('navigation', { name: 'For whom' }).getByRole('link', { name: /Pim/ }).click();
  await expect(page.getByRole('region', { name: 'Pim: Copying' })).toHaveCount(0);
  expect(await page.getByRole('region').count()).toBeLessThan(before);
  // ISO 216: A4 is 210 mm by 297 mm, in points of 1/72 inch.
  const [, width, height] = /MediaBox\s*\[0 0 ([\d.]+) ([\d.]+)\]/
    .exec((await page.pdf({ preferCSSPageSize: true })).toString('latin1'))!
    .map(Number);
  expect([width, height].map((points) => Math.round((points / 72) * 25.4))).toEqual([210, 297]);
  await page.getByRole('link', { name: 'Checklists of the unit' }).click();
  await expect(page.getByRole('region', { name: 'Ottilie: From Fleece to Cloth' })).toContainText(
    /Name four steps.*, alone/,
  );
  await expect(page.getByRole('region', { name: 'Junia: From Fleece to Cloth' })).toContainText(
    'Words to know',
  );
});

test('how work went is noted on the day, and a rung is suggested with what it rests on, never moved by itself', async ({
  page,
}) => {
  await page.goto('/setup');
  const up = page.getByRole('region', { name: 'Junia, writing: a rung up?' });
  await expect(up).toContainText('4 of the last 5 were easy: Copying, Mon 12 Oct');
  await expect(page.getByRole('button', { name: /^Junia, writing: 2 Early/ })).toBeVisible();
  await page.goto('/today?day=2026-10-26');
  await page
    .getByRole('button', { name: /^Copying, Junia/ })
    .first()
    .click();
  await page.getByRole('menuitem', { name: 'It was too hard' }).click();
  await atRevision(page, 2);
  await page.goto('/setup');
  await expect(page.getByRole('button', { name: /^Junia, writing: 2 Early/ })).toBeVisible();
  await expect(up).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await up.getByRole('button', { name: 'Move Junia' }).click();
  await expect(page.getByRole('button', { name: /^Junia, writing: 3 Growing, set by you/ })).toBeVisible();
  await expect(up).toHaveCount(0);
});

test('work that was never given out, in a plan from elsewhere, is worked out as it is looked at', async ({
  page,
  app,
}) => {
  const db = new Database(app.db);
  db.exec('DELETE FROM assignment');
  db.close();
  await LESSON_8(page);
  await expect(page.getByRole('button', { name: /^Junia: Copy, for .*4 words/ })).toBeVisible();
  await page.getByRole('link', { name: 'Pages to print' }).click();
  await expect(page.getByRole('region', { name: 'Junia: Copying' })).toContainText('and none to deny');
});

test('a child is moved in one piece of work by key and by drag, in a kind of work or a lesson by menu, and back', async ({
  page,
}) => {
  await LESSON_8(page);
  const row = (name: string) =>
    page.getByRole('row').filter({ has: page.getByRole('rowheader', { name: new RegExp(`^${name}`) }) });
  const bram = row('Copying').getByRole('button', { name: /^Bram: / });
  await expect(bram).toHaveAccessibleName(/^Bram: Look, cover, .*one stanza/);
  await bram.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(bram).toHaveAccessibleName(/^Bram: Copy, for .*one line/);
  await expect(
    row('Word list').getByRole('button', {
      name: /^Bram: (?:Spell aloud|Clap the syllables|Lay with letters)/,
    }),
  ).toBeVisible();
  await bram.dragTo(row('Copying').getByRole('cell').nth(4));
  await expect(bram).toHaveAccessibleName(/^Bram: Have it dictated/);
  await expect(bram).toContainText('1 up in this');
  await bram.click();
  await page.getByRole('menuitem', { name: 'Back on their own rung here' }).click();
  await expect(bram).toHaveAccessibleName(/^Bram: Look, cover, .*one stanza/);
  await bram.focus();
  await page.keyboard.press('Shift+ArrowLeft');
  await expect(bram).toHaveAccessibleName(/^Bram: Copy, for .*one line/);
  await bram.click();
  await page.getByRole('menuitem', { name: 'Down in this kind from here on' }).click();
  await expect(bram).toHaveAccessibleName(/^Bram: Copy, for .*\d words: /);
  await page.getByRole('link', { name: 'Lesson 9', exact: true }).click();
  await expect(page.getByText('Lesson 9, ')).toBeVisible();
  await expect(bram).toHaveAccessibleName(/^Bram: Copy, for .*\d words: /);
});

test('one child does something else and why, another shows it another way, an elder teaches, one sits out: each back again', async ({
  page,
}) => {
  await LESSON_8(page);
  const child = (name: RegExp) => page.getByRole('button', { name });
  await child(/^Bram: Look, cover, /).click();
  await page.getByRole('menuitem', { name: 'Something else instead…' }).click();
  await page.getByRole('button', { name: 'Swap it' }).click();
  await expect(page.getByText('say why')).toBeVisible();
  await page.getByRole('button', { name: /Something else/ }).click();
  await page.getByRole('option', { name: 'labels on a map or drawing' }).click();
  await page.getByRole('dialog').getByLabel('Why').fill('his hand is sore');
  await page.getByRole('button', { name: 'Swap it' }).click();
  await expect(child(/^Bram: Write, for “Colour from the dye pot”, \d+ labels/)).toContainText(
    'Instead of copying: his hand is sore.',
  );
  await child(/^Bram: Write, for “Colour from the dye pot”, \d+ labels/).click();
  await page.getByRole('menuitem', { name: 'Like the others again' }).click();
  await expect(child(/^Bram: Look, cover, /)).toBeVisible();

  await child(/^Ottilie: Write 8–10 sentences/).click();
  await page.getByRole('menuitem', { name: 'Show it another way…' }).click();
  await page.getByRole('button', { name: /Ottilie, in this unit/ }).click();
  await page.getByRole('option', { name: 'folds a booklet' }).click();
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(child(/^Ottilie: \d flaps on “Colour from the dye pot”/)).toBeVisible();

  await child(/^Junia: Copy, for /).click();
  await page.getByRole('menuitem', { name: 'Ottilie teaches Junia this' }).click();
  await expect(child(/^Ottilie: Teach Junia: .*Copying: copy, for/)).toBeVisible();
  await expect(child(/^Junia: Copy, for .*and none to deny, with Ottilie/)).toBeVisible();
  // What is done together is noted for each: the elder's share counts for how she speaks.
  const ladder = page.url();
  await page.goto('/today?day=2026-10-28');
  await page
    .getByRole('button', { name: /^Ottilie teaches Junia: Copying, / })
    .first()
    .click();
  await page.getByRole('menuitem', { name: 'Ottilie: easy' }).click();
  await expect(page.getByRole('status')).toContainText(
    '“Ottilie teaches Junia: Copying” was easy for Ottilie',
  );
  await page.getByRole('button', { name: /^Undo/ }).click();
  await page.goto(ladder);
  await page.getByRole('button', { name: 'Ottilie teaches Junia: Copying, kind of work' }).click();
  await page.getByRole('menuitem', { name: 'End the teaching' }).click();
  await expect(child(/^Ottilie: Teach Junia/)).toHaveCount(0);

  await child(/^Junia: Copy, for /).click();
  await page.getByRole('menuitem', { name: 'Junia sits this lesson out' }).click();
  await expect(page.getByText('Junia sits this lesson out.')).toBeVisible();
  await page.getByRole('button', { name: 'Junia joins it again' }).click();
  await expect(child(/^Junia: Copy, for /)).toBeVisible();
});

test('the family changes a kind’s versions, makes a kind of its own, and gives one child more', async ({
  page,
}) => {
  await LESSON_8(page);
  await page.getByRole('button', { name: 'Copying, kind of work' }).click();
  await page.getByRole('menuitem', { name: 'Change its five versions…' }).click();
  const steady = page.getByRole('region', { name: 'Rung 4, Steady' });
  await expect(steady).toContainText('one stanza');
  await steady.getByLabel('What to do, rung 4').fill('In your best hand');
  await steady.getByLabel('How many words').fill('5');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(
    page.getByRole('button', { name: /^Bram: In your best hand: from the passage, \d words/ }),
  ).toBeVisible();

  await page.getByRole('button', { name: 'Add work…' }).click();
  await page.getByRole('menuitem', { name: 'Make a kind of our own…' }).click();
  await page.getByLabel('What it is called').fill('The long map on the wall');
  for (const rung of [1, 2, 3, 4])
    await page.getByLabel(`What to do, rung ${rung}`).fill(`Pin ${rung} things where they belong`);
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByRole('alertdialog')).toContainText('say what it is on rung 5');
  await page.getByRole('button', { name: 'I see' }).click();
  await page.getByLabel('What to do, rung 5').fill('Draw the roads and write their lengths');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByRole('button', { name: 'Add work…' }).click();
  await page.getByRole('menuitem', { name: 'The long map on the wall' }).click();
  await expect(
    page.getByRole('button', { name: /^Ottilie: Draw the roads and write their lengths/ }),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: /^Pim: Pin 1 things where they belong/ })).toBeVisible();

  await page.getByRole('button', { name: 'For one child…' }).click();
  const dialog = page.getByRole('dialog', { name: 'Something for one child' });
  await dialog
    .getByRole('region', { name: 'On their own rung' })
    .getByRole('button', { name: /“Why does vinegar keep the red\?”/ })
    .click();
  await expect(dialog.getByLabel('What to do')).toHaveValue(/two sources.*“Why does vinegar keep the red\?”/);
  await dialog.getByRole('button', { name: 'Add it for Ottilie' }).click();
  await expect(page.getByRole('button', { name: /^Ottilie: Answer from two sources/ })).toContainText(
    '30 min',
  );
  await expect(page.getByRole('button', { name: /^Bram: Answer from two sources/ })).toHaveCount(0);
});

test('a lesson made for a ten-year-old is given to children of 3, 6, 9 and 12, printed, and the loads hold', async ({
  page,
}) => {
  await page.goto('/lessons');
  await page.getByLabel('Another lesson').fill('How a felted cloth holds together');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Another lesson')).toHaveValue('');
  await page.goto('/ladder');
  while (!(await page.getByText('How a felted cloth holds together').first().isVisible())) {
    const number = Number(/Lesson (\d+),/.exec(await page.getByRole('main').innerText())![1]);
    await page.getByRole('link', { name: `Lesson ${number + 1}`, exact: true }).click();
    await expect(page.getByText(new RegExp(`Lesson ${number + 1}, `)).first()).toBeVisible();
  }
  for (const kind of ['A notebook page', 'A word list', 'Own reading']) {
    await page.getByRole('button', { name: 'Add work…' }).click();
    await page.getByRole('menuitem', { name: kind }).click();
    await expect(page.getByRole('status')).toContainText('Added');
    await page.getByRole('button', { name: 'Close' }).click();
  }
  const of = (name: string, work: RegExp) =>
    expect(page.getByRole('button', { name: new RegExp(`^${name}: ${work.source}`) })).toBeVisible();
  await of('Pim', /Draw “How a felted cloth holds together”, and say what it is/);
  await of('Junia', /Draw “How a felted cloth holds together”, and write its name/);
  await of('Bram', /Draw “How a felted cloth holds together”, and tell what stands where/);
  await of('Ottilie', /Lay out a page of your own on “How a felted cloth holds together”: .*8 sentences/);
  await of('Pim', /(?:Choose three pictures|Say three words)/);
  await of('Junia', /(?:Spell aloud|Clap the syllables|Lay with letters)/);
  await of('Ottilie', /Spell, and say what each means/);
  await expect(page.getByRole('region', { name: /too much$/ })).toHaveCount(0);
  await page.getByText('Minutes over the unit').click();
  await expect(
    page.getByRole('table', { name: /Minutes in each week/ }).getByRole('columnheader', { name: 'Junia' }),
  ).toBeVisible();
  await page.getByRole('link', { name: 'Pages to print' }).click();
  for (const name of ['Ottilie', 'Bram', 'Junia'])
    await expect(
      page.getByRole('region', { name: `${name}: How a felted cloth holds together` }),
    ).toContainText('Notebook page');
  await page.getByRole('link', { name: 'US Letter' }).click();
  await expect(page.getByRole('link', { name: '✓ US Letter' })).toBeVisible();
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
  expect(pdf).toMatch(/MediaBox\s*\[0 0 612(\.\d+)? 792(\.\d+)?\]/);
});

test('who is done early gets something with one press, the quiz has its key apart, and minutes taken are noted on the day', async ({
  page,
}) => {
  await LESSON_8(page);
  const early = page.getByRole('region', { name: 'Done early' });
  await expect(early).toContainText('Dye pot: Hot, with a small child near.');
  const thing = early.getByRole('button', { name: /, 6 min$/ }).first();
  const named = (await thing.innerText()).replace(/, 6 min$/, '');
  await thing.click();
  await expect(page.getByRole('button', { name: `Pim: ${named}, 6 minutes` })).toBeVisible();
  await page.getByRole('button', { name: 'Add work…' }).click();
  await page.getByRole('menuitem', { name: 'A quiz' }).click();
  await expect(
    page.getByRole('button', { name: /^Ottilie: Answer \d hard questions? on “Colour from the dye pot”/ }),
  ).toBeVisible();
  await page.getByRole('link', { name: 'Pages to print' }).click();
  await expect(page.getByRole('region', { name: 'Ottilie: Quiz' })).toContainText(
    'Why does alum hold the colour?',
  );
  await expect(page.getByRole('region', { name: 'Ottilie: Quiz' })).not.toContainText('Madder');
  await expect(page.getByRole('region', { name: 'For you: Answers to the quiz' })).toContainText(
    'Madder; alum ties the dye to the fibre.',
  );
  await page.goto('/today?day=2026-10-26');
  await page
    .getByRole('button', { name: /^Copying, Ottilie/ })
    .first()
    .click();
  await page.getByRole('menuitem', { name: 'Minutes it took…' }).click();
  await expect(page.getByRole('dialog')).toContainText('Ottilie’s own hand takes the place of the table’s');
  await page.getByLabel('Minutes it took').fill('60');
  await page.getByRole('button', { name: 'Note it' }).click();
  await LESSON_8(page);
  await expect(page.getByRole('button', { name: /^Ottilie: .*from the passage/ })).toContainText(
    'more than the 24 min that suit this age',
  );
});

test('a child who waits is helped by an elder, and a small one outside the unit is kept busy and safe', async ({
  page,
}) => {
  await LESSON_8(page);
  for (const number of [9, 10]) {
    await page.getByRole('link', { name: `Lesson ${number}`, exact: true }).click();
    await expect(page.getByText(new RegExp(`Lesson ${number}, `)).first()).toBeVisible();
  }
  const waiting = page.getByRole('region', { name: 'Who waits for whom' });
  await expect(waiting).toContainText(
    /\w+ waits \d+ min for “[^”]+”, while you are with \w+ for “Tell it back”/,
  );
  await waiting.getByRole('button', { name: 'What would help?' }).last().click();
  const way = waiting
    .getByRole('button', {
      name: /^Ottilie teaches (Junia|Bram|Pim) “[^”]+”: (nobody waits|\d+ min of waiting instead of \d+)/,
    })
    .first();
  await way.click();
  await expect(page.getByRole('button', { name: /^Ottilie: Teach (Junia|Bram|Pim): / })).toBeVisible();
  await page.goto('/unit');
  const pim = page.getByRole('checkbox', { name: 'Pim' }).first();
  await pim.focus();
  await page.keyboard.press('Space');
  await expect(pim).not.toBeChecked();
  await page.getByRole('button', { name: 'Keep the unit' }).click();
  await expect(page.getByRole('status')).toBeVisible();
  await LESSON_8(page);
  await expect(page.getByRole('button', { name: /^Pim: / })).toHaveCount(0);
  const early = page.getByRole('region', { name: 'Done early' });
  await expect(early).toContainText('Takes no part: kept busy and safe for');
  await expect(early).toContainText('Dye pot: Hot, with a small child near.');
});
