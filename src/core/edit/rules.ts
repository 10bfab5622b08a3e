/** What comes back by itself, what is kept for another time, and the family's patterns. */
import { newPart } from './new-lesson';
import { doingOf } from '../plan/doing';
import type { Outline, Pattern, Rule } from '../plan/lesson';
import type { Plan } from '../plan/plan';
import { GONE, withChanged, type Edit } from './edit';

export type RuleFields = Omit<Rule, 'id'>;

export const addRule =
  (fields: RuleFields): Edit =>
  (plan, { newId }) =>
    check(plan, fields) ?? { plan: { ...plan, rules: [...plan.rules, { ...fields, id: newId() }] } };

/** Changes of a rule what is given; the rest stays. */
export const editRule =
  (id: string, change: Partial<RuleFields>): Edit =>
  (plan) => {
    const rule = plan.rules.find((r) => r.id === id);
    return rule
      ? (check(plan, { ...rule, ...change }) ?? {
          plan: { ...plan, rules: withChanged(plan.rules, id, change) },
        })
      : { refused: GONE };
  };

/** Nothing more comes back by it; what was done stays. */
export const removeRule =
  (id: string): Edit =>
  (plan) => ({ plan: { ...plan, rules: plan.rules.filter((r) => r.id !== id) } });

function check(
  plan: Plan,
  { unitId, rhythm, childIds, first, last, minutes, assembly, title }: RuleFields,
): { refused: string } | undefined {
  if (unitId !== null && !plan.units.some((u) => u.id === unitId)) return { refused: GONE };
  if (unitId === null && rhythm.on === 'lesson')
    return { refused: 'Only a unit has lessons; what comes with each lesson belongs to a unit.' };
  if (rhythm.on === 'after' && !plan.parts.some((p) => p.id === rhythm.partId)) return { refused: GONE };
  if (
    rhythm.on === 'weekday' &&
    plan.year &&
    !plan.year.weekdays.includes(rhythm.weekday) &&
    !plan.year.extraDays.length
  )
    return { refused: 'You do not teach on that weekday. Choose another one.' };
  if (childIds && !childIds.length) return { refused: 'Choose at least one child.' };
  if (first && last && last < first) return { refused: 'It ends before it begins. Change one of the dates.' };
  if (minutes === 0) return { refused: `Say how many minutes “${title}” takes each time.` };
  if (assembly && rhythm.on !== 'lesson')
    return { refused: 'Only what grows a piece with each lesson is put together at the end.' };
  return undefined;
}

/** Keeps what a part does for another time. */
export const keepOutline =
  (partId: string, taste: Outline['taste']): Edit =>
  (plan, { newId }) => {
    const part = plan.parts.find((p) => p.id === partId);
    if (!part) return { refused: GONE };
    if (plan.outlines.some((o) => o.title.toLowerCase() === part.title.toLowerCase()))
      return { refused: `“${part.title}” is kept already. Give it another name to keep both.` };
    if (part.kind === 'own-kind' || part.kind === 'teaching')
      return { refused: `“${part.title}” belongs to the ladder. Add it to another lesson there.` };
    return {
      plan: {
        ...plan,
        outlines: [...plan.outlines, { id: newId(), ...doingOf(part), taste }],
      },
    };
  };

/** Puts a kept activity, or a proposed one, on a lesson. */
export const placeOutline =
  (lessonId: string, { id: _, taste: __, ...doing }: Outline): Edit =>
  (plan, { newId }) =>
    plan.lessons.some((l) => l.id === lessonId)
      ? { plan: { ...plan, parts: [...plan.parts, newPart(lessonId, doing, newId)] } }
      : { refused: GONE };

export const removeOutline =
  (id: string): Edit =>
  (plan) => ({ plan: { ...plan, outlines: plan.outlines.filter((o) => o.id !== id) } });

/** Keeps a pattern under its name, in place of one that had it. */
export const keepPattern =
  (pattern: Omit<Pattern, 'id'>): Edit =>
  (plan, { newId }) => {
    if (!plan.family) return { refused: 'Say who the family is first, on the Family sheet.' };
    const others = plan.family.patterns.filter((p) => p.name.toLowerCase() !== pattern.name.toLowerCase());
    return {
      plan: { ...plan, family: { ...plan.family, patterns: [...others, { ...pattern, id: newId() }] } },
    };
  };
