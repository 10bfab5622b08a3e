/**
 * How often one may be wrong at the household's door: after a few wrong tries nobody is let try for a while, and longer each
 * time. Counted for all devices together: an address is easily changed, and at this machine itself nothing is asked.
 */

/** Wrong tries that cost nothing. */
const FREE = 5;
const FIRST_WAIT = 2_000;
const LONGEST_WAIT = 5 * 60_000;

export class Attempts {
  private wrong = 0;
  private until = 0;

  /** Milliseconds to wait before the next try; 0 where one may try now. */
  wait(now: number): number {
    return Math.max(0, this.until - now);
  }

  wentWrong(now: number): void {
    this.wrong++;
    if (this.wrong >= FREE)
      this.until = now + Math.min(LONGEST_WAIT, FIRST_WAIT * 2 ** Math.min(20, this.wrong - FREE));
  }

  wentRight(): void {
    this.wrong = 0;
    this.until = 0;
  }
}

const SHARED = Symbol.for('hausplan.attempts');

/** One count for the whole server, whichever of its doors is tried. */
export function attempts(): Attempts {
  const all = globalThis as typeof globalThis & { [SHARED]?: Attempts };
  return (all[SHARED] ??= new Attempts());
}
