/** Choosing a set of books for a unit: what is asked, what an answer is, and what an answer is worth. */
import type { BookForm } from '../plan/book';

export interface Candidate {
  id: string;
  form: BookForm;
  /** Borrowed things take a place on the card while they are needed; what is to buy costs its price. */
  source: 'owned' | 'borrowed' | 'to buy';
  /** Minor units; 0 for what costs nothing. */
  price: number;
  /** Lessons it has something on, by place from 0, and the children it suits there: `stretch` where only just. */
  covers: { lesson: number; children: number[]; stretch: number[] }[];
  /** Taken whatever it costs; never together with `banned`. */
  pinned?: boolean;
  banned?: boolean;
}

export interface Limits {
  /** Supplements on one lesson at the most. */
  perLesson: number;
  /** Things out on the card at once; null: no card, so nothing is borrowed. */
  loans: number | null;
  /** Weeks a loan can run, renewals included. */
  loanWeeks: number;
  /** Minor units to spend; null: no limit. */
  budget: number | null;
}

export interface Problem {
  /** The week, from 0, in which each lesson is taught. */
  weeks: number[];
  children: number;
  candidates: Candidate[];
  /** Lessons and children served already, by what stands on the lessons: `lesson * children + child`. */
  served: ReadonlySet<number>;
  limits: Limits;
}

/** The lessons each candidate is used on; a candidate without one is not taken, unless it is pinned. */
export type Choice = number[][];

/**
 * Weights, in order: a lesson left thin for a child; a book more; borrowing or buying rather than owning; money; a use; a
 * stretch. Variety earns something back for each form that is new. Own choice; a thin lesson outweighs all the rest.
 */
export const WEIGHTS = {
  thin: 1000,
  book: 30,
  borrowed: 10,
  toBuy: 20,
  perMoney: 0.02,
  use: 1,
  stretch: 3,
  form: 12,
} as const;

/** What taking a candidate costs by itself. */
export function costOf(c: Candidate): number {
  return (
    WEIGHTS.book +
    (c.source === 'borrowed'
      ? WEIGHTS.borrowed
      : c.source === 'to buy'
        ? WEIGHTS.toBuy + c.price * WEIGHTS.perMoney
        : 0)
  );
}

export const costOfUse = (cover: Candidate['covers'][number]): number =>
  WEIGHTS.use + (cover.stretch.length ? WEIGHTS.stretch : 0);

export const key = (problem: Problem, lesson: number, child: number): number =>
  lesson * problem.children + child;

const opened = new WeakMap<Problem, ReadonlySet<number>>();

/** Lessons and children that some candidate could serve and that are not served yet; worked out once for a problem. */
export function open(problem: Problem): ReadonlySet<number> {
  const known = opened.get(problem);
  if (known) return known;
  const found = new Set<number>();
  for (const c of problem.candidates)
    if (!c.banned)
      for (const cover of c.covers)
        for (const child of cover.children) found.add(key(problem, cover.lesson, child));
  for (const k of problem.served) found.delete(k);
  opened.set(problem, found);
  return found;
}

export interface Worth {
  /** The sum of the weights: less is better. Infinite for a choice that breaks a limit. */
  value: number;
  /** Lessons and children that could be served and are not. */
  thin: number[];
  /** Things out in the fullest week; money spent, minor units. */
  loans: number;
  money: number;
}

/** Whether a candidate counts as taken. */
export const taken = (problem: Problem, choice: Choice, i: number): boolean =>
  choice[i].length > 0 || !!problem.candidates[i].pinned;

export function worth(problem: Problem, choice: Choice): Worth {
  const { candidates, limits, weeks } = problem;
  const thin = new Set(open(problem));
  const perLesson = new Map<number, number>();
  const out = new Map<number, number>();
  const forms = new Set<BookForm>();
  let value = 0;
  let money = 0;
  let broken = false;
  candidates.forEach((c, i) => {
    if (!taken(problem, choice, i)) return;
    if (c.banned) broken = true;
    value += costOf(c);
    forms.add(c.form);
    if (c.source === 'to buy') money += c.price;
    for (const lesson of choice[i]) {
      const cover = c.covers.find((x) => x.lesson === lesson)!;
      value += costOfUse(cover);
      perLesson.set(lesson, (perLesson.get(lesson) ?? 0) + 1);
      for (const child of cover.children) thin.delete(key(problem, lesson, child));
    }
    if (c.source === 'borrowed' && choice[i].length) {
      const needed = choice[i].map((l) => weeks[l]);
      const [first, last] = [Math.min(...needed), Math.max(...needed)];
      if (last - first >= limits.loanWeeks) broken = true;
      for (let w = first; w <= last; w++) out.set(w, (out.get(w) ?? 0) + 1);
    }
  });
  const loans = Math.max(0, ...out.values());
  if (
    [...perLesson.values()].some((n) => n > limits.perLesson) ||
    loans > (limits.loans ?? 0) ||
    (limits.budget !== null && money > limits.budget)
  )
    broken = true;
  value += thin.size * WEIGHTS.thin - forms.size * WEIGHTS.form;
  return { value: broken ? Infinity : value, thin: [...thin].sort((a, b) => a - b), loans, money };
}

/**
 * A plain choice: pinned things first, then again and again the thing that serves most for what it costs, while the
 * limits hold.
 */
export function greedy(problem: Problem): Choice {
  const choice: Choice = problem.candidates.map(() => []);
  let best = worth(problem, choice);
  for (;;) {
    let next: { at: number; lessons: number[]; worth: Worth } | undefined;
    problem.candidates.forEach((c, at) => {
      if (c.banned) return;
      let lessons = choice[at];
      let now = best;
      // Lesson by lesson, kept where it helps.
      for (const cover of c.covers) {
        if (lessons.includes(cover.lesson)) continue;
        const tried = [...lessons, cover.lesson].sort((a, b) => a - b);
        const then = worth(
          problem,
          choice.map((x, i) => (i === at ? tried : x)),
        );
        if (then.value < now.value) [lessons, now] = [tried, then];
      }
      if (now.value < (next?.worth.value ?? best.value)) next = { at, lessons, worth: now };
    });
    if (!next) return choice;
    choice[next.at] = next.lessons;
    best = next.worth;
  }
}
