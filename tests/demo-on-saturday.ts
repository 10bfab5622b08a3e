import { readFileSync } from 'node:fs';

/** The demo family's file with one part in pencil put on a Saturday, which is no school day. */
export function demoOnSaturday(): string {
  const plan = JSON.parse(readFileSync('demo/fleece.json', 'utf8')) as {
    sittings: { partId: string; state: string; date: string }[];
    parts: { id: string; fixedDate: string | null }[];
  };
  const fixed = new Set(plan.parts.filter((p) => p.fixedDate !== null).map((p) => p.id));
  plan.sittings.find((s) => s.state === 'pencil' && s.date > '2026-11-01' && !fixed.has(s.partId))!.date =
    '2026-11-07';
  return JSON.stringify(plan);
}
