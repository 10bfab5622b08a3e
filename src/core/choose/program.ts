/**
 * The choice as a mixed-integer programme in CPLEX LP text, and its answer read back. x: taken; y: used on a lesson;
 * u: a lesson left thin for a child; z: out in a week; v: a form that is there; e: a limit stretched, for its price.
 */
import { costOf, costOfUse, key, open, WEIGHTS, type Choice, type Problem } from './problem';

/** A limit that may be stretched to see what that would bring. */
export type Stretch = 'loans' | 'budget' | 'perLesson';

/** What a unit of a stretched limit costs: less than a thin lesson, more than anything else. Money by the minor unit. */
const STRETCH_COST: Record<Stretch, number> = { loans: 100, perLesson: 100, budget: 0.1 };

/** The programme as text; empty when there is nothing to decide. */
export function program(problem: Problem, stretch?: Stretch): string {
  const { candidates, limits, weeks } = problem;
  const goal: string[] = [];
  const rows: string[] = [];
  const binary: string[] = [];
  const general: string[] = [];
  const bounds: string[] = [];
  const serving = new Map<number, string[]>();
  const onLesson = new Map<number, string[]>();
  const inWeek = new Map<number, string[]>();
  const ofForm = new Map<string, string[]>();
  const spending: string[] = [];
  candidates.forEach((c, i) => {
    if (c.banned) return;
    const x = `x${i}`;
    binary.push(x);
    goal.push(`${costOf(c)} ${x}`);
    if (c.pinned) rows.push(`${x} = 1`);
    ofForm.set(c.form, [...(ofForm.get(c.form) ?? []), x]);
    if (c.source === 'to buy' && c.price) spending.push(`${c.price} ${x}`);
    for (const cover of c.covers) {
      const y = `y${i}_${cover.lesson}`;
      binary.push(y);
      goal.push(`${costOfUse(cover)} ${y}`);
      rows.push(`${y} - ${x} <= 0`);
      push(onLesson, cover.lesson, y);
      for (const child of cover.children) push(serving, key(problem, cover.lesson, child), y);
    }
    if (!c.pinned && c.covers.length)
      rows.push(`${x} - ${c.covers.map((k) => `y${i}_${k.lesson}`).join(' - ')} <= 0`);
    if (c.source === 'borrowed') borrow(i);
  });
  function borrow(i: number): void {
    const covers = candidates[i].covers;
    const needed = [...new Set(covers.map((k) => weeks[k.lesson]))].sort((a, b) => a - b);
    for (let w = needed[0]; w <= needed[needed.length - 1]; w++) {
      push(inWeek, w, `z${i}_${w}`);
      binary.push(`z${i}_${w}`);
    }
    covers.forEach((a, m) => {
      rows.push(`y${i}_${a.lesson} - z${i}_${weeks[a.lesson]} <= 0`);
      for (const b of covers.slice(m + 1)) {
        const [first, last] = [
          Math.min(weeks[a.lesson], weeks[b.lesson]),
          Math.max(weeks[a.lesson], weeks[b.lesson]),
        ];
        const both = `y${i}_${a.lesson} + y${i}_${b.lesson}`;
        if (last - first >= limits.loanWeeks) rows.push(`${both} <= 1`);
        else for (let w = first + 1; w < last; w++) rows.push(`${both} - z${i}_${w} <= 1`);
      }
    });
  }
  for (const k of open(problem)) {
    goal.push(`${WEIGHTS.thin} u${k}`);
    bounds.push(`0 <= u${k} <= 1`);
    rows.push(`${(serving.get(k) ?? []).join(' + ')} + u${k} >= 1`);
  }
  const slack = (which: Stretch): string => (stretch === which ? ' - e' : '');
  for (const ys of onLesson.values())
    if (ys.length > limits.perLesson)
      rows.push(`${ys.join(' + ')}${slack('perLesson')} <= ${limits.perLesson}`);
  for (const zs of inWeek.values()) rows.push(`${zs.join(' + ')}${slack('loans')} <= ${limits.loans ?? 0}`);
  if (spending.length && limits.budget !== null)
    rows.push(`${spending.join(' + ')}${slack('budget')} <= ${limits.budget}`);
  [...ofForm.values()].forEach((xs, f) => {
    goal.push(`-${WEIGHTS.form} v${f}`);
    bounds.push(`0 <= v${f} <= 1`);
    rows.push(`v${f} - ${xs.join(' - ')} <= 0`);
  });
  if (stretch) {
    goal.push(`${STRETCH_COST[stretch]} e`);
    if (stretch === 'budget') bounds.push('e >= 0');
    else general.push('e');
  }
  if (!binary.length) return '';
  return [
    'Minimize',
    ` obj: ${folded(goal.join(' + ').replaceAll('+ -', '- '))}`,
    'Subject To',
    ...rows.map((r, n) => ` r${n}: ${folded(r)}`),
    'Bounds',
    ...bounds.map((b) => ` ${b}`),
    ...(general.length ? ['General', ` ${general.join(' ')}`] : []),
    'Binary',
    folded(` ${binary.join(' ')}`),
    'End',
    '',
  ].join('\n');
}

function push(map: Map<number, string[]>, k: number, value: string): void {
  const list = map.get(k);
  if (list) list.push(value);
  else map.set(k, [value]);
}

/** Long lines cut at spaces: LP readers take 510 characters. */
function folded(line: string): string {
  return line.replace(/(.{1,480})(\s|$)/g, '$1\n').trimEnd();
}

/** The choice that a solution's values describe. */
export function choiceOf(problem: Problem, value: (name: string) => number): Choice {
  return problem.candidates.map((c, i) =>
    c.banned
      ? []
      : c.covers
          .filter((k) => value(`y${i}_${k.lesson}`) > 0.5)
          .map((k) => k.lesson)
          .sort((a, b) => a - b),
  );
}
