/** How well the cautions agree with lines labelled by hand, those looked at while the rules were made and those held back. */
import { countCautions } from '../count-cautions';
import { HELD, SEEN } from '../labelled-cautions';
import { LATER } from '../labelled-later';

export function cautionsTable(): void {
  for (const [name, lines] of [
    ['looked at', SEEN],
    ['held back', HELD],
    ['written later', LATER],
  ] as const) {
    const { lines: n, right, wrong, missed, precision, recall, differ } = countCautions(lines);
    console.log(
      `cautions, ${name}: ${n} lines, ${right} right, ${wrong} wrong, ${missed} missed: precision ${precision.toFixed(3)}, recall ${recall.toFixed(3)}`,
    );
    for (const line of differ) console.log(`  ${line}`);
  }
}
