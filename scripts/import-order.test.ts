/** Imports go one way, and never in a circle of files. */
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join, normalize, relative } from 'node:path';
import { describe, expect, it } from 'vitest';
import { CORE, wrongWay } from './import-order.mjs';

const src = join(import.meta.dirname, '..', 'src');

function filesIn(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((e) =>
    e.isDirectory() ? filesIn(join(folder, e.name)) : [join(folder, e.name)],
  );
}

const files = filesIn(src).filter((f) => /\.tsx?$/.test(f) && !f.includes('.test.'));

function importsOf(file: string): string[] {
  return [...readFileSync(file, 'utf8').matchAll(/from '((?:\.|@\/)[^']*)'/g)].flatMap(([, name]) => {
    const path = name.startsWith('@/') ? join(src, name.slice(2)) : normalize(join(dirname(file), name));
    return ['', '.ts', '.tsx'].map((end) => path + end).filter((p) => existsSync(p) && statSync(p).isFile());
  });
}

describe('the way of imports', () => {
  it.each([
    ['core/plan/plan.ts', 'core/edit/edit.ts', 'core/plan comes before core/edit, and cannot know it.'],
    [
      'core/ladder/kinds.ts',
      'core/layout/input.ts',
      'core/ladder comes before core/layout, and cannot know it.',
    ],
    ['core/other/x.ts', 'core/plan/plan.ts', 'core/other has no place in the order of the core.'],
    ['core/plan/plan.ts', 'kit/tokens.ts', 'core does not know kit/tokens.ts.'],
    ['data/open.ts', 'sheets/frame/load.ts', 'data does not know sheets/frame.'],
    ['standins/library/serve.ts', 'sheets/books/load.ts', 'standins does not know sheets/books.'],
    ['sheets/today/load.ts', 'sheets/books/load.ts', 'A sheet knows no other sheet (books).'],
    ['app/today/page.tsx', 'core/layout/redraw.ts', 'app does not know core/layout.'],
  ])('%s may not know %s', (from, to, why) => expect(wrongWay(from, to)).toBe(why));
  it.each([
    ['core/edit/edit.ts', 'core/plan/plan.ts'],
    ['sheets/today/load.ts', 'sheets/frame/load.ts'],
    ['sheets/books/loans/loans.tsx', 'sheets/books/load.ts'],
    ['app/today/page.tsx', 'sheets/today/today.tsx'],
  ])('%s may know %s', (from, to) => expect(wrongWay(from, to)).toBeUndefined());
  it('every folder of the core has its place', () =>
    expect(readdirSync(join(src, 'core')).filter((f) => !CORE.includes(f))).toEqual([]));
  it('no file comes back to itself through what it imports', () => {
    const circles: string[] = [];
    const done = new Set<string>();
    const walk = (file: string, path: readonly string[]): void => {
      if (path.includes(file)) {
        circles.push([...path.slice(path.indexOf(file)), file].map((f) => relative(src, f)).join(' → '));
        return;
      }
      if (done.has(file)) return;
      for (const next of importsOf(file)) walk(next, [...path, file]);
      done.add(file);
    };
    for (const file of files) walk(file, []);
    expect(circles).toEqual([]);
  });
});
