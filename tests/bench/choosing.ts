/** A generated problem of choice, as large as is promised: 300 candidates, 20 lessons, 5 children. */
import type { Candidate, Problem } from '@/core/choose/problem';
import { BOOK_FORMS } from '@/core/plan/words';

export function generatedProblem(candidates = 300, lessons = 20, children = 5): Problem {
  let seed = 7;
  const random = (n: number): number => (seed = (seed * 48_271) % 2_147_483_647) % n;
  const sources = ['owned', 'borrowed', 'to buy'] as const;
  return {
    weeks: Array.from({ length: lessons }, (_, i) => Math.floor(i / 3)),
    children,
    served: new Set(),
    limits: { perLesson: 2, loans: 4, loanWeeks: 3, budget: 1000 },
    candidates: Array.from({ length: candidates }, (_, i): Candidate => {
      const source = sources[random(3)];
      const on = [...new Set(Array.from({ length: 1 + random(4) }, () => random(lessons)))].sort(
        (a, b) => a - b,
      );
      const first = random(children);
      const whom = Array.from({ length: children }, (__, c) => c).filter(
        (c) => c >= first && c <= first + random(3),
      );
      return {
        id: `b${i}`,
        form: BOOK_FORMS[random(6)],
        source,
        price: source === 'to buy' ? 300 + random(2000) : 0,
        covers: on.map((lesson) => ({
          lesson,
          children: whom.length ? whom : [first],
          stretch: random(3) ? [] : [first],
        })),
      };
    }),
  };
}
