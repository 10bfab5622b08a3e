/** The engine beside the exact solver: the same problem, the same score. */
import { solve } from './highs';
import { mayPlace, type LayoutInput, type LayPart, type Place } from '@/core/layout/problem';
import type { Layout } from '@/core/layout/answer';
import { layoutProgram } from '@/core/layout/program';
import { placesAmong, scaleOf, score, type Score } from '@/core/layout/score';

export const scoreOf = (input: LayoutInput, layout: Pick<Layout, 'placements'>): Score => {
  const scale = scaleOf(input);
  return score(scale, placesAmong(scale, layout.placements));
};

/** The best there is; undefined where the time did not do to prove it. */
export async function exact(
  input: LayoutInput,
  layout: Layout,
  seconds: number,
): Promise<{ score: Score; places: Map<string, Place> } | undefined> {
  const standing = new Map(layout.placements.map((p): [string, Place] => [p.partId, p]));
  const isFree = (p: LayPart): boolean => mayPlace(input, p);
  const program = layoutProgram(input, standing, isFree);
  const answer = await solve(program.text, seconds);
  if (!answer?.proved || !answer.value) return undefined;
  const places = program.placesOf(answer.value);
  for (const [id, place] of standing) {
    const part = input.units.flatMap((u) => u.lessons.flatMap((l) => l.parts)).find((p) => p.id === id);
    if (part && !isFree(part)) places.set(id, place);
  }
  const placements = [...places].map(([partId, p]) => ({ partId, date: p.date, window: p.window }));
  const scale = scaleOf(input);
  return { score: score(scale, placesAmong(scale, placements)), places };
}
