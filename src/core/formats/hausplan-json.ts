/**
 * Hausplan JSON, version 2: a whole plan as one document. Writing is canonical (fixed order of keys, two spaces,
 * newline at the end), so that the same plan always gives the same bytes. Reading names every fault and where it is.
 */
import { z } from 'zod';
import { plan as planShape, type Plan } from '../plan/plan';

export const FORMAT = 'hausplan';
export const VERSION = 2;
/** Versions that can be read: what a later one added has its blank value in an earlier file. */
const READS: readonly number[] = [1, 2];

export const hausplanFile = z.strictObject({ format: z.literal(FORMAT), version: z.literal(VERSION), ...planShape.shape });

export interface Fault {
  /** Where in the document, as `lessons[3].title`; empty for the document itself. */
  where: string;
  what: string;
}

export type Reading = { plan: Plan } | { faults: Fault[] };

export function writeHausplanJson(plan: Plan): string {
  return `${JSON.stringify(hausplanFile.parse({ format: FORMAT, version: VERSION, ...plan }), null, 2)}\n`;
}

export function readHausplanJson(text: string): Reading {
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch (e) {
    return { faults: [{ where: '', what: `this is not JSON: ${(e as Error).message}` }] };
  }
  const header = z.object({ format: z.string(), version: z.number() }).safeParse(document);
  if (!header.success || header.data.format !== FORMAT) return { faults: [{ where: 'format', what: 'this is not a Hausplan file' }] };
  if (!READS.includes(header.data.version)) return { faults: [{ where: 'version', what: `written by another version of Hausplan: version ${header.data.version}, this one reads ${READS.join(' and ')}` }] };
  const parsed = hausplanFile.safeParse({ ...(document as object), version: VERSION });
  if (!parsed.success) return { faults: parsed.error.issues.map((i) => ({ where: pathText(i.path), what: i.message })) };
  const { format: _, version: __, ...plan } = parsed.data;
  const faults = brokenReferences(plan);
  return faults.length ? { faults } : { plan };
}

const pathText = (path: PropertyKey[]): string => path.map((p, i) => (typeof p === 'number' ? `[${p}]` : `${i ? '.' : ''}${String(p)}`)).join('');

/** Ids used twice, and references to things that are not in the plan. */
function brokenReferences(plan: Plan): Fault[] {
  const faults: Fault[] = [];
  const ids = (list: keyof Plan, items: readonly { id: string }[]): Set<string> => {
    const seen = new Set<string>();
    items.forEach(({ id }, i) => {
      if (seen.has(id)) faults.push({ where: `${list}[${i}].id`, what: `“${id}” is used twice` });
      seen.add(id);
    });
    return seen;
  };
  const children = ids('children', plan.children);
  const units = ids('units', plan.units);
  const lessons = ids('lessons', plan.lessons);
  const parts = ids('parts', plan.parts);
  const books = ids('books', plan.books);
  const pulls = ids('pulls', plan.pulls);
  const objectives = ids('objectives', plan.objectives);
  const rules = ids('rules', plan.rules);
  ids('questions', plan.questions);
  ids('ideas', plan.ideas);
  const works = ids('works', plan.works);
  ids('outlines', plan.outlines);
  ids('uses', plan.uses);
  ids('loans', plan.loans);
  ids('readings', plan.readings);
  ids('sittings', plan.sittings);
  ids('marks', plan.marks);
  const must = (known: Set<string>, ref: string | null, where: string, what: string): void => {
    if (ref !== null && !known.has(ref)) faults.push({ where, what: `there is no ${what} “${ref}”` });
  };
  const hatches = new Set<string>();
  plan.children.forEach((c, i) => {
    if (hatches.has(c.hatch)) faults.push({ where: `children[${i}].hatch`, what: `${c.hatch} is another child’s hatch` });
    hatches.add(c.hatch);
  });
  plan.units.forEach((u, i) => {
    u.childIds.forEach((c) => must(children, c, `units[${i}].childIds`, 'child'));
    Object.keys(u.shows).forEach((c) => must(children, c, `units[${i}].shows`, 'child'));
    must(children, u.askedBy, `units[${i}].askedBy`, 'child');
  });
  plan.books.forEach((b, i) => b.notFor.forEach((c) => must(children, c, `books[${i}].notFor`, 'child')));
  (['objectives', 'questions', 'ideas'] as const).forEach((list) => plan[list].forEach((o, i) => must(units, o.unitId, `${list}[${i}].unitId`, 'unit')));
  plan.questions.forEach((q, i) => must(children, q.childId, `questions[${i}].childId`, 'child'));
  plan.ideas.forEach((x, i) => x.childIds.forEach((c) => must(children, c, `ideas[${i}].childIds`, 'child')));
  plan.rules.forEach((r, i) => {
    must(units, r.unitId, `rules[${i}].unitId`, 'unit');
    r.childIds?.forEach((c) => must(children, c, `rules[${i}].childIds`, 'child'));
    if (r.rhythm.on === 'after') must(parts, r.rhythm.partId, `rules[${i}].rhythm.partId`, 'part');
  });
  plan.lessons.forEach((l, i) => {
    must(units, l.unitId, `lessons[${i}].unitId`, 'unit');
    l.objectiveIds.forEach((o) => must(objectives, o, `lessons[${i}].objectiveIds`, 'objective'));
    Object.keys(l.rungMoves).forEach((c) => must(children, c, `lessons[${i}].rungMoves`, 'child'));
  });
  plan.parts.forEach((p, i) => {
    must(lessons, p.lessonId, `parts[${i}].lessonId`, 'lesson');
    must(units, p.unitId, `parts[${i}].unitId`, 'unit');
    must(rules, p.ruleId, `parts[${i}].ruleId`, 'rule');
    p.childIds?.forEach((c) => must(children, c, `parts[${i}].childIds`, 'child'));
    Object.keys(p.rungMoves).forEach((c) => must(children, c, `parts[${i}].rungMoves`, 'child'));
    Object.keys(p.swaps).forEach((c) => must(children, c, `parts[${i}].swaps`, 'child'));
    must(works, p.workId, `parts[${i}].workId`, 'kind of work');
    must(parts, p.teaches, `parts[${i}].teaches`, 'part');
  });
  plan.pulls.forEach((p, i) => {
    must(units, p.unitId, `pulls[${i}].unitId`, 'unit');
    must(books, p.bookId, `pulls[${i}].bookId`, 'book');
    must(children, p.childId, `pulls[${i}].childId`, 'child');
  });
  plan.uses.forEach((u, i) => {
    must(pulls, u.pullId, `uses[${i}].pullId`, 'pulled book');
    must(lessons, u.lessonId, `uses[${i}].lessonId`, 'lesson');
  });
  plan.loans.forEach((l, i) => must(books, l.bookId, `loans[${i}].bookId`, 'book'));
  plan.readings.forEach((r, i) => {
    must(children, r.childId, `readings[${i}].childId`, 'child');
    must(books, r.bookId, `readings[${i}].bookId`, 'book');
  });
  const taken = new Map<string, Set<string>>([['assignments', new Set()], ['sittings', new Set()]]);
  plan.assignments.forEach((a, i) => {
    must(parts, a.partId, `assignments[${i}].partId`, 'part');
    must(children, a.childId, `assignments[${i}].childId`, 'child');
    const key = `${a.partId} ${a.childId}`;
    if (taken.get('assignments')!.has(key)) faults.push({ where: `assignments[${i}]`, what: 'this child has this part twice' });
    taken.get('assignments')!.add(key);
  });
  plan.sittings.forEach((s, i) => {
    must(parts, s.partId, `sittings[${i}].partId`, 'part');
    if (taken.get('sittings')!.has(s.partId)) faults.push({ where: `sittings[${i}].partId`, what: 'this part stands twice' });
    taken.get('sittings')!.add(s.partId);
  });
  plan.marks.forEach((m, i) => {
    must(parts, m.partId, `marks[${i}].partId`, 'part');
    must(children, m.childId, `marks[${i}].childId`, 'child');
  });
  return faults;
}
