import ICAL from 'ical.js';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { readDrawn } from '@/data/door';
import { open } from '@/data/open';
import { demoOnSaturday } from '../tests/demo-on-saturday';
import { run, type Options, type Result } from './commands';

const demo = readFileSync('demo/fleece.json', 'utf8');
const call = (command: string, text = demo, options: Partial<Options> = {}): Promise<Result> =>
  run(command, {
    read: () => text,
    fresh: false,
    json: false,
    ics: false,
    migrations: 'src/data/migrations',
    today: '2026-10-28',
    ...options,
  });

describe('hausplan', () => {
  it('layout prints every part with its day and the reason', async () => {
    const { out, code } = await call('layout');
    expect(code).toBe(0);
    expect(out).toContain(
      'From Fleece to Cloth\n  16 lessons, the last on Mon 23 Nov. 4 school days to spare before Fri 27 Nov.',
    );
    expect(out).toMatch(/Mon 2 Nov +afternoon +pencil +Compare with the guesses\. It waits for “Dye pot”\./);
  });
  it('layout --json prints the plan as laid out, which checks', async () => {
    const { out } = await call('layout', demo, { json: true, fresh: true });
    expect(await call('check', out)).toMatchObject({
      code: 0,
      out: expect.stringContaining('The plan holds: 6 units, 48 lessons'),
    });
  });
  it('check names what a plan breaks', async () => {
    expect(await call('check', demoOnSaturday())).toMatchObject({
      code: 1,
      err: expect.stringContaining('closed-day: '),
    });
    expect(await call('check', '{}')).toMatchObject({
      code: 1,
      err: 'format: this is not a Hausplan file\n',
    });
  });
  it('import says what a plan breaks before it is stored, and stores it only when told so', async () => {
    const db = join(mkdtempSync(join(tmpdir(), 'hausplan-cli-')), 'store.sqlite');
    const text = demoOnSaturday();
    expect(await call('import', text, { db })).toMatchObject({
      code: 1,
      err: expect.stringMatching(/is on Sat 7 Nov, [^]*Nothing was stored/),
    });
    expect(await call('import', text, { db, yes: true })).toMatchObject({ code: 0 });
  });
  it('export --ics prints a calendar with each placed part', async () => {
    const { out } = await call('export', demo, { ics: true });
    expect(new ICAL.Component(ICAL.parse(out) as unknown[]).getAllSubcomponents('vevent').length).toBe(
      JSON.parse(demo).sittings.length,
    );
    expect(await call('export')).toMatchObject({ code: 2, err: 'hausplan: say what to export to: --ics\n' });
  });
  it('import puts all of a plan into a store, or nothing', async () => {
    const db = join(mkdtempSync(join(tmpdir(), 'hausplan-cli-')), 'store.sqlite');
    expect(await call('import', demo, { db })).toMatchObject({ code: 0, out: 'Imported as revision 1.\n' });
    expect(
      await call('import', demo.replace('"starts": "2026-10-12"', '"starts": "soon"'), { db }),
    ).toMatchObject({
      code: 1,
      err: expect.stringContaining('units[1].starts: a date is written'),
    });
    const store = open(db);
    expect(readDrawn(store)).toMatchObject({
      revision: 1,
      plan: { family: { name: 'The house by the mill race' } },
    });
    store.close();
  });
  it('says so when it is called wrongly', async () => {
    expect(await call('dance')).toMatchObject({
      code: 2,
      err: expect.stringContaining('there is no command “dance”'),
    });
    expect(await call('layout', demo, { today: 'tomorrow' })).toMatchObject({ code: 2 });
    expect(
      await call('layout', demo, {
        read: () => {
          throw new Error('no such file');
        },
      }),
    ).toMatchObject({ code: 2, err: 'hausplan: no such file\n' });
  });
});

describe('hausplan save and restore', () => {
  const at = (): { store: string; file: string } => {
    const folder = mkdtempSync(join(tmpdir(), 'hausplan-keeping-'));
    return { store: join(folder, 'store.sqlite'), file: join(folder, 'kept.sqlite') };
  };
  it('save a whole copy, show what it would replace, and put it back only when told to', async () => {
    const { store, file } = at();
    await call('import', demo, { db: store });
    expect(await call('save', '', { db: store, file })).toMatchObject({ code: 0 });
    expect((await call('save', '', { db: store, file })).err).toContain('is there already');
    const shown = await call('restore', '', { db: store, file });
    expect(shown.out).toMatch(/holds “The house by the mill race”, 4 children[\s\S]*Nothing was changed/);
    const put = await call('restore', '', { db: store, file, yes: true });
    expect(put.out).toMatch(/What was there is kept as .*replaced-/);
    const db = open(store);
    expect(readDrawn(db).revision).toBe(2);
    db.close();
  });
  it('say in one sentence what is wrong with a file', async () => {
    const { store, file } = at();
    await call('import', demo, { db: store });
    writeFileSync(file, 'Dear diary');
    const { err, code } = await call('restore', '', { db: store, file, yes: true });
    expect([code, err.trim().split('\n').length]).toEqual([1, 1]);
    expect(err).toContain('is not a store of Hausplan’s');
  });
});
