import { spawnSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { redraw } from '@/core/layout/redraw';
import { writeHausplanJson } from '@/core/formats/hausplan-json';
import { aPart, aPlan, aUnit } from '../sample-plan';
import { expect, root, test } from './app';

const TODAY = '2026-08-31';
test.use({ today: TODAY });

/** Six lessons to be done by 11 September, of which the last three stand two weeks later than they need. */
function lateForNothing(): string {
  const plan = aPlan(6, { units: [aUnit({ title: 'The mill', wishedEnd: '2026-09-11' })] }, (l) => [
    aPart(`${l}-a`, l, { title: 'Grind', minutes: 60 }),
  ]);
  const drawn = redraw(plan, { today: TODAY }).plan;
  const later = ['2026-09-21', '2026-09-23', '2026-09-25'];
  return writeHausplanJson({
    ...drawn,
    sittings: drawn.sittings.map((s, i) => (i < 3 ? s : { ...s, date: later[i - 3] })),
  });
}

test('a better lay-out is found beside the page and offered; left, it is gone; taken, the unit ends in time', async ({
  page,
  app,
}) => {
  const file = `${app.db}.json`;
  writeFileSync(file, lateForNothing());
  await app.whileStopped(() => {
    const made = spawnSync(process.execPath, ['dist/hausplan.mjs', 'import', file, '--db', app.db, '--yes'], {
      cwd: root,
      encoding: 'utf8',
    });
    expect(made.stderr).toBe('');
  });
  await page.goto('/weeks?week=2026-09-07');
  const offer = page.getByRole('status').filter({ hasText: 'There is a better lay-out' });
  await expect(offer).toContainText('it ends when it is wished to');
  await expect(offer).toContainText('3 lessons move');
  await expect(page.getByRole('button', { name: /^Lesson 4/ })).toHaveCount(0);
  await offer.getByRole('button', { name: 'Leave it' }).click();
  await expect(offer).toBeHidden();
  await page.reload();
  await offer.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByRole('button', { name: /^Lesson 4/ }).first()).toBeVisible();
  await expect(page.getByRole('button', { name: /^Lesson 6/ }).first()).toBeVisible();
  await expect(offer).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /^Lesson 4/ })).toHaveCount(0);
});
