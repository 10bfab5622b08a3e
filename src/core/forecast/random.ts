/** Random numbers that are the same each time for the same seed, and the distributions a forecast draws from. */

export interface Random {
  /** Evenly from 0 up to 1. */
  even: () => number;
  /** Standard normal. */
  normal: () => number;
  /** Beta of two counts, each above 0. */
  beta: (a: number, b: number) => number;
}

/** Mulberry32 (T. Ettinger, 2017, public domain): 32 bits of state, enough for thousands of drawn days. */
export function random(seed: number): Random {
  let state = seed >>> 0;
  const even = (): number => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  // G. E. P. Box, M. E. Muller, Ann. Math. Statist. 29 (1958) 610.
  const normal = (): number => Math.sqrt(-2 * Math.log(1 - even())) * Math.cos(2 * Math.PI * even());
  /** G. Marsaglia, W. W. Tsang, ACM TOMS 26 (2000) 363; below 1 by their boost. */
  const gamma = (shape: number): number => {
    if (shape < 1) return gamma(shape + 1) * (1 - even()) ** (1 / shape);
    const d = shape - 1 / 3;
    const c = 1 / Math.sqrt(9 * d);
    for (;;) {
      const x = normal();
      const v = (1 + c * x) ** 3;
      if (v > 0 && Math.log(1 - even()) < (x * x) / 2 + d - d * v + d * Math.log(v)) return d * v;
    }
  };
  const beta = (a: number, b: number): number => {
    const x = gamma(a);
    return x / (x + gamma(b));
  };
  return { even, normal, beta };
}
