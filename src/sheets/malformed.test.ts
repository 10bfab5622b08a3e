/** Every action, called as no sheet of ours calls it: it answers in words and stores nothing. */
import { mkdtempSync, readdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import { aPlan } from '../../tests/sample-plan';
import { redraw } from '@/core/layout/redraw';
import { write } from '@/data/door';
import { currentRevision } from '@/data/revisions';
import { store } from '@/data/open';

vi.mock('next/cache', () => ({ refresh: () => undefined }));
vi.mock('next/server', () => ({ connection: async () => undefined }));
vi.mock('next/headers', () => ({
  headers: async () => new Headers({ host: '127.0.0.1:1' }),
  cookies: async () => ({ has: () => false, set: () => undefined, delete: () => undefined }),
}));

const filesIn = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((e) =>
    e.isDirectory() ? filesIn(join(folder, e.name)) : [join(folder, e.name)],
  );
const ACTIONS = filesIn(import.meta.dirname).filter((f) => /actions\.ts$/.test(f));

beforeAll(() => {
  process.env.HAUSPLAN_DB = join(mkdtempSync(join(tmpdir(), 'hausplan-malformed-')), 'store.sqlite');
  process.env.HAUSPLAN_TODAY = '2026-08-31';
  const plan = redraw(aPlan(2), { today: '2026-08-31' }).plan;
  write<never>(store(), currentRevision(store()), { label: () => 'a plan' }, () => ({ plan }));
});

const ODD: unknown[][] = [
  [],
  [undefined],
  [null, null, null],
  ['1', '2', '3'],
  [1, undefined, undefined],
  [1, null, null],
  [1, 7, 7],
  [1, {}, {}],
  [1, [], []],
  [1, { ids: null, lessonId: 3, partId: {}, childId: [] }, 'x'],
  [1, 'constructor', '__proto__'],
  [NaN, 'u1', {}],
  [1.5, 'u1', { title: 3 }],
  [{}, [], 'u1'],
];

describe.each(ACTIONS.map((f) => [relative(import.meta.dirname, f), f]))('%s', (_, file) => {
  it('answers every malformed call in words, and stores nothing', async () => {
    const actions = (await import(file)) as Record<string, (...args: unknown[]) => Promise<unknown>>;
    const threw: string[] = [];
    for (const [name, action] of Object.entries(actions))
      for (const args of ODD) {
        const before = currentRevision(store());
        const said = await action(...args).catch((e: Error) => {
          threw.push(`${name}(${JSON.stringify(args)}): ${e.message.slice(0, 80)}`);
        });
        if ((said as { is?: string } | undefined)?.is !== 'done')
          expect(currentRevision(store()), name).toBe(before);
      }
    expect(threw).toEqual([]);
  });
});
