/** What can be said from a child's list, and what cannot. */
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import { aPart, aPlan } from '../../../tests/sample-plan';
import { redraw } from '@/core/layout/redraw';
import { inForce } from '@/core/plan/happened';
import { readDrawn, write } from '@/data/door';
import { currentRevision } from '@/data/revisions';
import { store } from '@/data/open';
import { answer } from './say';

vi.mock('next/cache', () => ({ refresh: () => undefined }));
vi.mock('next/server', () => ({ connection: async () => undefined }));

const DAY = '2026-08-31';
const post = (childId: string | undefined, body: unknown): Promise<Response> =>
  answer(
    childId,
    new Request('http://127.0.0.1/', {
      method: 'POST',
      body: typeof body === 'string' ? body : JSON.stringify(body),
    }),
  );
const said = (): unknown[] =>
  inForce(readDrawn(store()).plan.entries).map((e) => [e.kind, e.childId, e.partId]);

beforeAll(() => {
  process.env.HAUSPLAN_DB = join(mkdtempSync(join(tmpdir(), 'hausplan-child-')), 'store.sqlite');
  process.env.HAUSPLAN_TODAY = DAY;
  const { plan } = redraw(
    aPlan(1, {}, (l) => [
      aPart('all', l),
      aPart('hers', l, { childIds: ['c1'] }),
      aPart('his', l, { childIds: ['c2'] }),
    ]),
    { today: DAY },
  );
  write<never>(store(), currentRevision(store()), { label: () => 'a plan' }, () => ({ plan }));
});

describe('a child’s list', () => {
  it('takes their own ticks, back too, once however often they are sent', async () => {
    const tick = { does: 'tick', partId: 'hers', on: true, date: DAY };
    for (let i = 0; i < 3; i++) expect((await post('c1', tick)).status).toBe(204);
    expect(said()).toEqual([['done', 'c1', 'hers']]);
    expect((await post('c1', { ...tick, on: false })).status).toBe(204);
    expect(said()).toEqual([]);
  });

  it('ticks their own share of what is done together, and no one else’s', async () => {
    await post('c1', { does: 'tick', partId: 'all', on: true, date: DAY });
    expect(said()).toEqual([['done', 'c1', 'all']]);
    await post('c2', { does: 'tick', partId: 'all', on: false, date: DAY });
    expect(said()).toEqual([['done', 'c1', 'all']]);
    await post('c1', { does: 'tick', partId: 'all', on: false, date: DAY });
  });

  it('takes a call, which the parent sees', async () => {
    expect((await post('c2', { does: 'help', partId: 'his', date: DAY })).status).toBe(204);
    expect(said()).toEqual([['help', 'c2', 'his']]);
  });

  it.each<[string, string | undefined, unknown, number]>([
    ['of a brother', 'c1', { does: 'tick', partId: 'his', on: true, date: DAY }, 409],
    ['of nobody', 'gone', { does: 'tick', partId: 'all', on: true, date: DAY }, 409],
    ['with a code that is none', undefined, { does: 'early', partId: null, date: DAY }, 404],
    ['of a day to come', 'c1', { does: 'tick', partId: 'hers', on: true, date: '2026-09-01' }, 409],
    ['of long ago', 'c1', { does: 'tick', partId: 'hers', on: true, date: '2026-08-01' }, 409],
    ['that is another command', 'c1', { does: 'dropPart', partId: 'hers', date: DAY }, 400],
    ['for another child', 'c1', { does: 'tick', partId: 'hers', on: true, date: DAY, childId: 'c2' }, 400],
    ['of something that is not there', 'c1', { does: 'tick', partId: 'gone', on: true, date: DAY }, 409],
    ['that is no JSON', 'c1', '{"does":', 400],
    ['that is nothing', 'c1', 'null', 400],
    ['that is endless', 'c1', `"${'x'.repeat(5000)}"`, 413],
  ])('takes nothing %s, and says so', async (_, childId, body, status) => {
    const before = currentRevision(store());
    const is = await post(childId, body);
    expect(is.status).toBe(status);
    expect((await is.text()).trim()).not.toBe('');
    expect(currentRevision(store())).toBe(before);
  });
});
