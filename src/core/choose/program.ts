/**
 * The choice as a mixed-integer programme, and its answer read back. x: taken; y: used on a lesson;
 * u: a lesson left thin for a child; z: out in a week; v: a form that is there; e: a limit stretched, for its price.
 */
import { Programme, type Term } from '../solver/programme';
import { costOf, costOfUse, key, open, WEIGHTS, type Choice, type Problem } from './problem';

/** A limit that may be stretched to see what that would bring. */
export type Stretch = 'loans' | 'budget' | 'perLesson';

/** What a unit of a stretched limit costs: less than a thin lesson, more than anything else. Money by the minor unit. */
const STRETCH_COST: Record<Stretch, number> = { loans: 100, perLesson: 100, budget: 0.1 };

/** The programme as text; empty when there is nothing to decide. */
export function program(problem: Problem, stretch?: Stretch): string {
  const { candidates, limits, weeks } = problem;
  const programme = new Programme();
  const serving = new Map<number, Term[]>();
  const onLesson = new Map<number, Term[]>();
  const inWeek = new Map<number, Term[]>();
  const ofForm = new Map<string, Term[]>();
  const spending: Term[] = [];
  candidates.forEach((c, i) => {
    if (c.banned) return;
    const x = `x${i}`;
    programme.decides(x);
    programme.costs(x, costOf(c));
    if (c.pinned) programme.row([[1, x]], '=', 1);
    push(ofForm, c.form, [1, x]);
    if (c.source === 'to buy' && c.price) spending.push([c.price, x]);
    for (const cover of c.covers) {
      const y = `y${i}_${cover.lesson}`;
      programme.decides(y);
      programme.costs(y, costOfUse(cover));
      programme.row(
        [
          [1, y],
          [-1, x],
        ],
        '<=',
        0,
      );
      push(onLesson, cover.lesson, [1, y]);
      for (const child of cover.children) push(serving, key(problem, cover.lesson, child), [1, y]);
    }
    if (!c.pinned && c.covers.length)
      programme.row([[1, x], ...c.covers.map((k): Term => [-1, `y${i}_${k.lesson}`])], '<=', 0);
    if (c.source === 'borrowed') borrow(i);
  });
  if (!candidates.some((c) => !c.banned)) return '';
  function borrow(i: number): void {
    const covers = candidates[i].covers;
    const needed = [...new Set(covers.map((k) => weeks[k.lesson]))].sort((a, b) => a - b);
    for (let w = needed[0]; w <= needed[needed.length - 1]; w++) {
      push(inWeek, w, [1, `z${i}_${w}`]);
      programme.decides(`z${i}_${w}`);
    }
    covers.forEach((a, m) => {
      programme.row(
        [
          [1, `y${i}_${a.lesson}`],
          [-1, `z${i}_${weeks[a.lesson]}`],
        ],
        '<=',
        0,
      );
      for (const b of covers.slice(m + 1)) {
        const [first, last] = [
          Math.min(weeks[a.lesson], weeks[b.lesson]),
          Math.max(weeks[a.lesson], weeks[b.lesson]),
        ];
        const both: Term[] = [
          [1, `y${i}_${a.lesson}`],
          [1, `y${i}_${b.lesson}`],
        ];
        if (last - first >= limits.loanWeeks) programme.row(both, '<=', 1);
        else for (let w = first + 1; w < last; w++) programme.row([...both, [-1, `z${i}_${w}`]], '<=', 1);
      }
    });
  }
  for (const k of open(problem)) {
    programme.costs(`u${k}`, WEIGHTS.thin);
    programme.row([...(serving.get(k) ?? []), [1, `u${k}`]], '>=', 1);
  }
  const slack = (which: Stretch): Term[] => (stretch === which ? [[-1, 'e']] : []);
  for (const ys of onLesson.values())
    if (ys.length > limits.perLesson) programme.row([...ys, ...slack('perLesson')], '<=', limits.perLesson);
  for (const zs of inWeek.values()) programme.row([...zs, ...slack('loans')], '<=', limits.loans ?? 0);
  if (spending.length && limits.budget !== null)
    programme.row([...spending, ...slack('budget')], '<=', limits.budget);
  [...ofForm.values()].forEach((xs, f) => {
    programme.costs(`v${f}`, -WEIGHTS.form);
    programme.row([[1, `v${f}`]], '<=', 1);
    programme.row([[1, `v${f}`], ...xs.map(([, x]): Term => [-1, x])], '<=', 0);
  });
  if (stretch) {
    programme.costs('e', STRETCH_COST[stretch]);
    if (stretch !== 'budget') programme.counts('e');
  }
  return programme.text();
}

function push<K>(map: Map<K, Term[]>, k: K, term: Term): void {
  const list = map.get(k);
  if (list) list.push(term);
  else map.set(k, [term]);
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
