/** The family, its children and their rungs. */
import type { Rung, Skill } from '../plan/measures';
import { blankChild, blankFamily } from '../plan/blank';
import { HATCHES } from '../plan/words';
import type { Child, Family } from '../plan/plan';
import { GONE, withChanged, type Edit } from './edit';

/** Says of the family what is given; the rest stays, or is blank in a new one. */
export const setFamily =
  (change: Partial<Family> & Pick<Family, 'name' | 'leadMinutes'>): Edit =>
  (plan) => ({ plan: { ...plan, family: { ...(plan.family ?? blankFamily), ...change } } });

export const addChild =
  (child: Omit<Child, 'id' | 'rungs' | 'measured'>): Edit =>
  (plan, { newId }) => {
    const taken = plan.children.find((c) => c.hatch === child.hatch);
    if (plan.children.length >= HATCHES.length)
      return {
        refused: `Hausplan tells ${HATCHES.length} children apart; there is no hatch left for another.`,
      };
    if (taken) return { refused: `${capital(child.hatch)} is ${taken.name}’s hatch. Choose another one.` };
    return { plan: { ...plan, children: [...plan.children, { ...blankChild, ...child, id: newId() }] } };
  };

export const editChild =
  (id: string, change: Omit<Child, 'id' | 'rungs' | 'measured'>): Edit =>
  (plan) => {
    if (!plan.children.some((c) => c.id === id)) return { refused: GONE };
    const taken = plan.children.find((c) => c.hatch === change.hatch && c.id !== id);
    if (taken) return { refused: `${capital(change.hatch)} is ${taken.name}’s hatch. Choose another one.` };
    return { plan: { ...plan, children: withChanged(plan.children, id, change) } };
  };

export const removeChild =
  (id: string): Edit =>
  (plan) => ({ plan: { ...plan, children: plan.children.filter((c) => c.id !== id) } });

/** Sets a rung by hand, or with null gives it back to the child's age. */
export const setRung =
  (childId: string, skill: Skill, rung: Rung | null): Edit =>
  (plan) => {
    const child = plan.children.find((c) => c.id === childId);
    if (!child) return { refused: GONE };
    const { [skill]: _, ...others } = child.rungs;
    return {
      plan: {
        ...plan,
        children: withChanged(plan.children, childId, {
          rungs: rung === null ? others : { ...others, [skill]: rung },
        }),
      },
    };
  };

const capital = (text: string): string => text[0].toUpperCase() + text.slice(1);
