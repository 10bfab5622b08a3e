/** What a part that comes back is about on its day: the big ideas, what the last lesson left for recall, the words to check. */
import { groupBy, homes, lessonsOf } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Part } from '../plan/lesson';
import type { Plan } from '../plan/plan';

/**
 * For a week opening or the close of a unit its big ideas; for recall the prompts of the last lesson taught before the
 * day; for a word check its words. Empty where there is nothing to say.
 */
export function saidToday(plan: Plan): (part: Part, date: IsoDate) => string {
  const homeOf = homes(plan);
  const partsOf = groupBy(
    plan.parts.filter((p) => p.lessonId !== null),
    (p) => p.lessonId!,
  );
  const dateOf = new Map(plan.sittings.map((s) => [s.partId, s.date]));
  return (part, date) => {
    const { unit, lesson } = homeOf(part);
    if (!unit) return '';
    switch (part.kind) {
      case 'opening':
        return unit.bigIdeas.join(' ');
      case 'look-back':
        return lesson ? '' : unit.bigIdeas.join(' ');
      case 'recall': {
        const before = lessonsOf(plan, unit.id)
          .filter((l) => (partsOf.get(l.id) ?? []).some((p) => (dateOf.get(p.id) ?? '9') < date))
          .at(-1);
        if (!before) return '';
        return before.recall.length
          ? before.recall.map((r) => r.easy || r.hard).join(' ')
          : `What do you remember of “${before.title}”?`;
      }
      case 'check':
        return unit.vocabulary.map((v) => v.word).join(', ');
      default:
        return '';
    }
  };
}
