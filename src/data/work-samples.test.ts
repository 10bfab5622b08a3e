import { mkdtempSync, readdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { keepSample, sampleNamed } from './work-samples';

const store = join(mkdtempSync(join(tmpdir(), 'hausplan-work-')), 'store.sqlite');
const bytes = (text: string): Uint8Array => Buffer.from(text, 'latin1');
const PNG = bytes('\x89PNG\r\n\x1a\nand so on');

it('a file is kept once, by what is in it, and read again by its name', () => {
  const kept = keepSample(store, PNG);
  expect(kept).toEqual(keepSample(store, PNG));
  if ('refused' in kept) throw new Error(kept.refused);
  expect(kept.name).toMatch(/^[0-9a-f]{64}\.png$/);
  expect(sampleNamed(store, kept.name)).toEqual({ bytes: Buffer.from(PNG), type: 'image/png' });
  expect(readdirSync(`${store}.samples`)).toEqual([kept.name]);
});

it.each([
  ['\xff\xd8\xff\xe0 and so on', 'image/jpeg'],
  ['RIFF\x00\x00\x00\x00WEBPVP8 ', 'image/webp'],
  ['%PDF-1.7 and so on', 'application/pdf'],
])('%j is %s', (text, type) => {
  const kept = keepSample(store, bytes(text));
  expect('name' in kept && sampleNamed(store, kept.name)!.type).toBe(type);
});

it.each([
  ['nothing', bytes(''), 'empty'],
  ['a page that acts', bytes('<script>alert(1)</script>'), 'neither a photograph'],
  ['a drawing that acts', bytes('<svg xmlns="http://www.w3.org/2000/svg"/>'), 'neither a photograph'],
  ['too much', Buffer.concat([PNG, Buffer.alloc(12 * 1024 * 1024)]), 'has 13 MB; at most 12 MB'],
])('%s is not kept, and it is said why', (_, content, why) => {
  const kept = keepSample(store, content);
  expect('refused' in kept && kept.refused).toContain(why);
});

it.each(['../store.sqlite', 'x.png', `${'a'.repeat(64)}.png`, `${'a'.repeat(64)}.svg`])(
  '%s is no file',
  (name) => {
    expect(sampleNamed(store, name)).toBeUndefined();
  },
);
