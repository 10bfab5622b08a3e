/** Families for the browser: the demo's, with the eldest child alone, or with three more of long names. */
import { readFileSync } from 'node:fs';

const LONG_NAMES = ['Wilhelmina-Charlotte Apfelbaum von der Unteren Mühle', 'Q', 'Bartholomäus Ferdinand'];

/** The demo family as Hausplan JSON, with the eldest child alone, or with three more, whose work was never given out. */
export function familyOf(children: 1 | 7): string {
  const file = JSON.parse(readFileSync('demo/fleece.json', 'utf8')) as {
    children: { id: string; name: string; hatch: string; birthMonth: string }[];
    units: { childIds: string[]; shows: Record<string, string>; askedBy: string | null }[];
    [list: string]: unknown;
  };
  if (children === 7) {
    const hatches = ['waves', 'bricks', 'chevrons', 'crosses', 'diagonals', 'bars', 'dots', 'lattice'].filter(
      (h) => !file.children.some((c) => c.hatch === h),
    );
    file.children.push(
      ...LONG_NAMES.map((name, i) => ({
        ...file.children[i],
        id: `more-${i}`,
        name,
        hatch: hatches[i],
        birthMonth: `20${15 + 3 * i}-02`,
      })),
    );
    for (const u of file.units.slice(0, 1)) u.childIds = file.children.map((c) => c.id);
    return JSON.stringify(file);
  }
  const keep = file.children[0].id;
  // Whatever speaks of another child, or of what is gone with them, goes: record by record until nothing hangs.
  const others = file.children.slice(1).map((c) => c.id);
  file.children = file.children.slice(0, 1);
  // A closed year is whole or not at all.
  file.closedYears = [];
  const without = (value: unknown): unknown => {
    if (Array.isArray(value))
      return value
        .filter(
          (v) =>
            !others.includes(v as string) &&
            !(v && typeof v === 'object' && others.includes((v as { childId?: string }).childId ?? '')),
        )
        .map(without);
    if (value && typeof value === 'object')
      return Object.fromEntries(
        Object.entries(value)
          .filter(([k]) => !others.includes(k))
          .map(([k, v]) => [k, others.includes(v as string) ? null : without(v)]),
      );
    return value;
  };
  const cut = without(file) as typeof file & {
    pulls: { id: string }[];
    uses: { pullId: string }[];
    rules: { id: string; childIds: string[] | null }[];
    parts: { id: string; ruleId: string | null; childIds: string[] | null }[];
    sittings: { partId: string }[];
    assignments: { partId: string }[];
  };
  for (const u of cut.units) u.childIds = [keep];
  cut.rules = cut.rules.filter((r) => r.childIds === null || r.childIds.length);
  cut.parts = cut.parts.filter(
    (p) =>
      (p.childIds === null || p.childIds.length) &&
      (p.ruleId === null || cut.rules.some((r) => r.id === p.ruleId)),
  );
  const parts = new Set(cut.parts.map((p) => p.id));
  for (const list of ['sittings', 'assignments'] as const)
    Object.assign(cut, { [list]: cut[list].filter((x) => parts.has(x.partId)) });
  cut.uses = cut.uses.filter((x) => cut.pulls.some((p) => p.id === x.pullId));
  return JSON.stringify(cut);
}
