import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { someFullPlan } from '../../../tests/sample-plan';
import { redraw } from '../layout/redraw';
import { canonical } from '../plan/canonical';
import { readHausplanJson, writeHausplanJson } from './hausplan-json';

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };
type Path = (string | number)[];

/** Every place in a document, the document itself left out. */
function places(value: Json, at: Path = []): Path[] {
  const inside: [string | number, Json][] = Array.isArray(value)
    ? value.map((v, i) => [i, v])
    : value && typeof value === 'object'
      ? Object.entries(value)
      : [];
  return inside.flatMap(([key, v]) => [[...at, key], ...places(v, [...at, key])]);
}

/** A document with one place changed; `undefined` takes it out. */
function changed(document: Json, [key, ...rest]: Path, to: Json | undefined): Json {
  if (Array.isArray(document))
    return to === undefined && !rest.length
      ? document.filter((_, i) => i !== key)
      : document.map((v, i) => (i === key ? (rest.length ? changed(v, rest, to) : to!) : v));
  const { [key as string]: was, ...others } = document as Record<string, Json>;
  if (!rest.length) return to === undefined ? others : { ...(document as Record<string, Json>), [key]: to };
  return { ...(document as Record<string, Json>), [key]: changed(was, rest, to) };
}

const wrong: fc.Arbitrary<Json | undefined> = fc.constantFrom<Json | undefined>(
  undefined,
  null,
  true,
  -1,
  1e9,
  0.5,
  '',
  'nobody',
  'x'.repeat(30_000),
  '2026-02-31',
  [],
  {},
  [null],
  { a: 1 },
);

describe('a file with something wrong in it', () => {
  it('is refused with the place of the fault, or it is a whole plan that can be drawn and written: it is never half a plan, and never a crash', () => {
    fc.assert(
      fc.property(someFullPlan, fc.nat(), wrong, (plan, n, to) => {
        const document = JSON.parse(writeHausplanJson(plan)) as Json;
        const all = places(document);
        const broken = changed(document, all[n % all.length], to);
        const reading = readHausplanJson(JSON.stringify(broken));
        if ('faults' in reading) {
          expect(reading.faults.length).toBeGreaterThan(0);
          for (const fault of reading.faults) expect(fault.what.length).toBeGreaterThan(5);
        } else {
          const again = writeHausplanJson(canonical(reading.plan));
          expect(writeHausplanJson(canonical((readHausplanJson(again) as { plan: typeof plan }).plan))).toBe(
            again,
          );
          expect(() => redraw(reading.plan, { today: '2026-09-10' })).not.toThrow();
        }
      }),
      { numRuns: 150 },
    );
  });
  it('names what refers to nothing, in every list that refers to something', () => {
    fc.assert(
      fc.property(someFullPlan, fc.nat(), (plan, n) => {
        const document = JSON.parse(writeHausplanJson(plan)) as Json;
        const references = places(document).filter(
          (p) =>
            /Id$/.test(String(p.at(-1))) &&
            p.length > 2 &&
            // What happened outlasts what it was about.
            p[0] !== 'entries' &&
            typeof valueAt(document, p) === 'string',
        );
        if (!references.length) return;
        const place = references[n % references.length];
        const reading = readHausplanJson(JSON.stringify(changed(document, place, 'nothing-there')));
        expect('faults' in reading && reading.faults.map((f) => f.what).join()).toMatch(/nothing-there/);
        expect(
          'faults' in reading && reading.faults.some((f) => f.where.startsWith(`${place[0]}[${place[1]}]`)),
        ).toBe(true);
      }),
      { numRuns: 80 },
    );
  });
});

function valueAt(document: Json, path: Path): Json {
  return path.reduce<Json>((v, key) => (v as Record<string | number, Json>)[key], document);
}
