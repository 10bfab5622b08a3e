/** Any changes, in any order. */
import fc from 'fast-check';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { expect, it } from 'vitest';
import { EVERY_EDIT } from '../../../tests/every-edit';
import { someFullPlan } from '../../../tests/sample-plan';
import { readHausplanJson, writeHausplanJson } from '../formats/hausplan-json';
import { breaches } from '../layout/check';
import { redraw } from '../layout/redraw';
import { canonical } from '../plan/canonical';
import { perform } from './edit';

/** The exported functions of this folder that give an edit, by what their source says they give. */
function editsHere(): string[] {
  return readdirSync(import.meta.dirname)
    .filter((f) => f.endsWith('.ts') && !f.endsWith('.test.ts'))
    .flatMap((f) => {
      const text = readFileSync(join(import.meta.dirname, f), 'utf8');
      const names: string[] = [];
      for (const s of ts.createSourceFile(f, text, ts.ScriptTarget.Latest).statements) {
        const isExported =
          ts.canHaveModifiers(s) && ts.getModifiers(s)?.some((m) => m.kind === ts.SyntaxKind.ExportKeyword);
        if (!isExported) continue;
        if (ts.isFunctionDeclaration(s) && isEdit(s.type)) names.push(s.name!.text);
        if (ts.isVariableStatement(s))
          for (const d of s.declarationList.declarations)
            if (
              d.initializer &&
              ts.isArrowFunction(d.initializer) &&
              isEdit(d.initializer.type) &&
              ts.isIdentifier(d.name)
            )
              names.push(d.name.text);
      }
      return names;
    });
}
const isEdit = (type: ts.TypeNode | undefined): boolean =>
  !!type && ts.isTypeReferenceNode(type) && ts.isIdentifier(type.typeName) && type.typeName.text === 'Edit';

it('every change there is, is among those that are tried', () => {
  const tried = readFileSync('tests/every-edit.ts', 'utf8');
  const edits = editsHere();
  expect(edits.length).toBeGreaterThan(90);
  expect(edits.filter((name) => !new RegExp(`[^.\\w]${name}\\(`).test(tried))).toEqual([]);
});

it('whatever a parent does, in whatever order, the plan stays whole: it is refused in words, or it breaks no promise and can be written and read', () => {
  fc.assert(
    fc.property(
      someFullPlan,
      fc.array(fc.tuple(fc.nat(EVERY_EDIT.length - 1), fc.nat(200)), { minLength: 1, maxLength: 8 }),
      (given, steps) => {
        let ids = 0;
        const context = { today: '2026-09-10', newId: () => `new${++ids}` };
        let plan = canonical(redraw(given, context).plan);
        for (const [which, n] of steps) {
          const done = perform(EVERY_EDIT[which](plan, n), plan, context);
          if ('refused' in done) {
            expect(done.refused.length).toBeGreaterThan(10);
            continue;
          }
          plan = canonical(done.plan);
          expect(breaches(plan)).toEqual([]);
          const reading = readHausplanJson(writeHausplanJson(plan));
          expect('plan' in reading ? canonical(reading.plan) : reading.faults).toEqual(plan);
          expect(new Set(plan.parts.map((p) => p.id)).size).toBe(plan.parts.length);
        }
      },
    ),
    { numRuns: 150 },
  );
});
