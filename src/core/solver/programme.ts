/** A mixed-integer programme to be made as small as can be, as it grows, and as CPLEX LP text. All variables are nought or more. */

/** So much of a variable. */
export type Term = readonly [much: number, name: string];

export class Programme {
  /** What one of each variable costs; each is named once, as the format wants it. */
  private readonly goal = new Map<string, number>();
  private readonly rows: string[] = [];
  private readonly binary = new Set<string>();
  private readonly whole: string[] = [];

  costs(name: string, cost: number): void {
    this.goal.set(name, (this.goal.get(name) ?? 0) + cost);
  }

  /** A variable that is nought or one. */
  decides(name: string): void {
    this.binary.add(name);
  }

  /** A variable that is a whole number. */
  counts(name: string): void {
    this.whole.push(name);
  }

  /** That terms come to no more, no less or just so much; without terms it says nothing. */
  row(terms: readonly Term[], is: '<=' | '>=' | '=', than: number): void {
    const line = sum(terms);
    if (line) this.rows.push(`${line} ${is} ${than}`);
  }

  /** @param below only what costs no more is looked for */
  text(below = Infinity): string {
    const goal: Term[] = [...this.goal].map(([name, cost]) => [cost, name]);
    // A goal of nothing must name something all the same.
    const objective = sum(goal) || `0 ${[...this.binary][0] ?? 'x'}`;
    return [
      'Minimize',
      ` obj: ${folded(objective)}`,
      'Subject To',
      ...this.rows.map((r, n) => ` r${n}: ${folded(r)}`),
      ...(below < Infinity ? [` better: ${folded(objective)} <= ${below}`] : []),
      ...(this.whole.length ? ['General', folded(` ${this.whole.join(' ')}`)] : []),
      ...(this.binary.size ? ['Binary', folded(` ${[...this.binary].join(' ')}`)] : []),
      'End',
      '',
    ].join('\n');
  }
}

/** “2 x - y + 3 z”; empty where nothing is left. */
function sum(terms: readonly Term[]): string {
  const all = new Map<string, number>();
  for (const [much, name] of terms) all.set(name, (all.get(name) ?? 0) + much);
  return [...all]
    .filter(([, much]) => much !== 0)
    .map(([name, much], i) => {
      const sign = much < 0 ? '- ' : i ? '+ ' : '';
      const size = Math.abs(much);
      return `${sign}${size === 1 ? '' : `${size} `}${name}`;
    })
    .join(' ');
}

/** Long lines cut at spaces: LP readers take 510 characters. */
const folded = (line: string): string => line.replace(/(.{1,480})(\s|$)/g, '$1\n').trimEnd();
