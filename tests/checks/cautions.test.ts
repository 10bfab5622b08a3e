/** Cautions against activities labelled by hand (common practice, no source): as many found, and as few false, as is wanted. */
import { describe, expect, it } from 'vitest';
import { countCautions } from '../count-cautions';
import { HELD, SEEN } from '../labelled-cautions';
import { LATER } from '../labelled-later';

describe.each([
  ['looked at', SEEN],
  ['held back', HELD],
  ['written later', LATER],
])('activities %s', (_, lines) => {
  it('are warned of where they should be, and not where they should not', () => {
    const { precision, recall, differ } = countCautions(lines);
    expect(precision, differ.join('\n')).toBeGreaterThanOrEqual(0.95);
    expect(recall, differ.join('\n')).toBeGreaterThanOrEqual(0.95);
  });
});

it('there are three hundred of them and more, and half were held back', () => {
  expect(SEEN.length + HELD.length).toBeGreaterThanOrEqual(300);
  expect(HELD.length / (SEEN.length + HELD.length)).toBeGreaterThan(0.45);
  expect(new Set([...SEEN, ...HELD, ...LATER]).size).toBe(SEEN.length + HELD.length + LATER.length);
});
