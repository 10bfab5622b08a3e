import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { Outbox } from './outbox';

let stored: Map<string, string>;
let isFull: boolean;
beforeEach(() => {
  stored = new Map();
  isFull = false;
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => stored.get(key) ?? null,
    setItem: (key: string, value: string) => {
      if (isFull) throw new Error('no room');
      stored.set(key, value);
    },
    removeItem: (key: string) => {
      if (isFull) throw new Error('no room');
      stored.delete(key);
    },
  });
});
afterEach(() => vi.unstubAllGlobals());

/** A house that takes down what it is sent, or answers otherwise. */
function house(
  answers: (what: unknown) => Response | 'away' = () => new Response(null, { status: 204 }),
): unknown[] {
  const taken: unknown[] = [];
  vi.stubGlobal('fetch', async (_: string, { body }: { body: string }) => {
    const answer = answers(JSON.parse(body));
    if (answer === 'away') throw new TypeError('no answer');
    if (answer.ok) taken.push(JSON.parse(body));
    return answer;
  });
  return taken;
}

it('keeps what is said until somebody answers, in its order, and outlasts the page', async () => {
  house(() => 'away');
  const box = new Outbox<number>('/kept');
  box.add(1);
  box.add(2);
  expect(await box.send()).toEqual({ count: 0, refused: [], isAway: true });
  const taken = house();
  expect(await new Outbox<number>('/kept').send()).toEqual({ count: 2, refused: [], isAway: false });
  expect(taken).toEqual([1, 2]);
  expect(stored.size).toBe(0);
});

it('loses nothing where two windows send at once', async () => {
  house(() => 'away');
  const [one, two] = [new Outbox<number>('/kept'), new Outbox<number>('/kept')];
  for (const n of [1, 2, 3]) one.add(n);
  const taken = house();
  await Promise.all([one.send(), two.send()]);
  expect(new Set(taken)).toEqual(new Set([1, 2, 3]));
  expect(one.waiting()).toEqual([]);
});

it('says what was not taken, and goes on to the next', async () => {
  const taken = house((what) =>
    what === 1 ? new Response('No longer there.\n', { status: 409 }) : new Response(null, { status: 204 }),
  );
  const box = new Outbox<number>('/kept');
  box.add(1);
  box.add(2);
  expect(await box.send()).toEqual({ count: 2, refused: ['No longer there.'], isAway: false });
  expect(taken).toEqual([2]);
});

it('waits where the house is busy or has too much to do', async () => {
  for (const status of [429, 500, 503]) {
    house(() => new Response('later', { status }));
    const box = new Outbox<number>('/kept');
    box.add(status);
    expect((await box.send())!.isAway).toBe(true);
  }
});

it('sends what is on the page where the browser keeps nothing', async () => {
  isFull = true;
  const taken = house();
  const box = new Outbox<number>('/kept');
  box.add(7);
  expect(box.waiting()).toEqual([7]);
  await box.send();
  expect([taken, box.waiting()]).toEqual([[7], []]);
});
