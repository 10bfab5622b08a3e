/** How well the cautions agree with lines labelled by hand: precision, recall, and each line on which they differ. */
import { cautionsFor } from '@/core/cautions/match';
import { blankChild } from '@/core/plan/blank';
import { asPart, labelled } from './labelled-cautions';

const DATE = '2026-10-28';

export interface Counted {
  lines: number;
  /** Cautions that came and should, that came and should not, and that did not come and should. */
  right: number;
  wrong: number;
  missed: number;
  /** Of those that came, the share that should; of those that should, the share that came. */
  precision: number;
  recall: number;
  differ: string[];
}

/** What is said of a line, as it is labelled: an allergy that is met, or labels that are to be read. */
function saidOf(line: string): string[] {
  const asked = labelled(line);
  const children = asked.ages.map(({ years, mouths }, i) => ({
    ...blankChild,
    id: `c${i}`,
    name: `C${i}`,
    birthMonth: `${2026 - years}-03`,
    hatch: 'dots' as const,
    mouths,
  }));
  const found = cautionsFor(asPart(asked), children, asked.allergies, DATE);
  const ids = found.map((c) => {
    if (!c.id.startsWith('allergy-')) return c.id;
    return c.stays ? 'allergy' : 'labels';
  });
  return [...new Set(ids)];
}

export function countCautions(lines: readonly string[]): Counted {
  let [right, wrong, missed] = [0, 0, 0];
  const differ: string[] = [];
  for (const line of lines) {
    const { must, may } = labelled(line);
    const said = saidOf(line);
    const extra = said.filter((id) => !must.includes(id) && !may.includes(id));
    const lacking = must.filter((id) => !said.includes(id));
    right += must.length - lacking.length;
    wrong += extra.length;
    missed += lacking.length;
    if (extra.length || lacking.length)
      differ.push(`${line}   missed: ${lacking.join(', ') || '–'}   wrong: ${extra.join(', ') || '–'}`);
  }
  return {
    lines: lines.length,
    right,
    wrong,
    missed,
    precision: right / (right + wrong),
    recall: right / (right + missed),
    differ,
  };
}
