import ICAL from 'ical.js';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { readDrawn } from '@/data/door';
import { open } from '@/data/open';
import { run, type Options, type Result } from './commands';

const demo = readFileSync('demo/fleece.json', 'utf8');
const call = (command: string, text = demo, options: Partial<Options> = {}): Result =>
  run(command, { read: () => text, fresh: false, json: false, ics: false, migrations: 'src/data/migrations', today: '2026-10-28', ...options });

describe('hausplan', () => {
  it('layout prints every part with its day and the reason', () => {
    const { out, code } = call('layout');
    expect(code).toBe(0);
    expect(out).toContain('From Fleece to Cloth\n  16 lessons, the last on Mon 23 Nov. 4 school days to spare before Fri 27 Nov.');
    expect(out).toMatch(/Mon 2 Nov +afternoon +pencil +Compare with the guesses\. It waits for “Dye pot”\./);
  });
  it('layout --json prints the plan as laid out, which checks', () => {
    const { out } = call('layout', demo, { json: true, fresh: true });
    expect(call('check', out)).toMatchObject({ code: 0, out: expect.stringContaining('The plan holds: 5 units, 34 lessons') });
  });
  it('check names what a plan breaks', () => {
    const plan = JSON.parse(demo);
    const moved = plan.sittings.find((s: { partId: string; state: string; date: string }) => s.state === 'pencil' && s.date > '2026-11-01' && plan.parts.find((p: { id: string }) => p.id === s.partId).fixedDate === null);
    moved.date = '2026-11-07';
    expect(call('check', JSON.stringify(plan))).toMatchObject({ code: 1, err: expect.stringContaining('closed-day: ') });
    expect(call('check', '{}')).toMatchObject({ code: 1, err: 'format: this is not a Hausplan file\n' });
  });
  it('export --ics prints a calendar with each placed part', () => {
    const { out } = call('export', demo, { ics: true });
    expect(new ICAL.Component(ICAL.parse(out) as unknown[]).getAllSubcomponents('vevent').length).toBe(JSON.parse(demo).sittings.length);
    expect(call('export')).toMatchObject({ code: 2, err: 'hausplan: say what to export to: --ics\n' });
  });
  it('import puts all of a plan into a store, or nothing', () => {
    const db = join(mkdtempSync(join(tmpdir(), 'hausplan-cli-')), 'store.sqlite');
    expect(call('import', demo, { db })).toMatchObject({ code: 0, out: 'Imported as revision 1.\n' });
    expect(call('import', demo.replace('"starts": "2026-10-12"', '"starts": "soon"'), { db })).toMatchObject({ code: 1, err: expect.stringContaining('units[0].starts: a date is written') });
    const store = open(db);
    expect(readDrawn(store)).toMatchObject({ revision: 1, plan: { family: { name: 'The house by the mill race' } } });
    store.close();
  });
  it('says so when it is called wrongly', () => {
    expect(call('dance')).toMatchObject({ code: 2, err: expect.stringContaining('there is no command “dance”') });
    expect(call('layout', demo, { today: 'tomorrow' })).toMatchObject({ code: 2 });
    expect(call('layout', demo, { read: () => { throw new Error('no such file'); } })).toMatchObject({ code: 2, err: 'hausplan: no such file\n' });
  });
});
