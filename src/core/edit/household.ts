/** The household beside its children: other adults who lead, what is in the house, and what kinds of work count for. */
import { matched } from '../plan/pieces';
import type { Adult, ThingInHouse } from '../plan/household';
import type { Family } from '../plan/plan';
import { levelOf } from '../prep/in-house';
import { GONE, momentOf, withChanged, type Edit } from './edit';
import { blankLives } from '../plan/blank';
import { countryOf } from '../calendar/customs';

export type AdultFields = Omit<Adult, 'id'>;

export const addAdult =
  (fields: AdultFields): Edit =>
  (plan, { newId }) =>
    taken(plan.adults, fields.name) ?? {
      plan: { ...plan, adults: [...plan.adults, { ...fields, id: newId() }] },
    };

export const editAdult =
  (id: string, fields: AdultFields): Edit =>
  (plan) => {
    if (!plan.adults.some((a) => a.id === id)) return { refused: GONE };
    return (
      taken(
        plan.adults.filter((a) => a.id !== id),
        fields.name,
      ) ?? { plan: { ...plan, adults: withChanged(plan.adults, id, fields) } }
    );
  };

/** What the adult led, the parent leads from now on. */
export const removeAdult =
  (id: string): Edit =>
  (plan) => ({ plan: { ...plan, adults: plan.adults.filter((a) => a.id !== id) } });

function taken(adults: readonly Adult[], name: string): { refused: string } | undefined {
  return adults.some((a) => a.name.toLowerCase() === name.toLowerCase())
    ? { refused: `There is another ${name} here already. Give one of them a name of their own.` }
    : undefined;
}

/** Says what is in the house. What was there before keeps its id, also when its amount or its wording has changed. */
export const setPantry =
  (things: readonly Omit<ThingInHouse, 'id' | 'since'>[]): Edit =>
  (plan, context) => {
    const { newId } = context;
    const twice = things.find((t, i) =>
      things.slice(0, i).some((x) => x.name.toLowerCase() === t.name.toLowerCase() && x.unit === t.unit),
    );
    if (twice) return { refused: `“${twice.name}” stands there twice. Add the two up.` };
    const ids = matched(
      plan.pantry,
      things.map((t) => ({ ...t, id: '' })),
      (t) => t.name,
    );
    const since = momentOf(context);
    return {
      plan: {
        ...plan,
        pantry: things.map(({ name, amount, unit }, i) => {
          const was = plan.pantry.find((t) => t.id === ids[i]);
          // What is said to be there as it was counted goes on being counted.
          if (was && was.name === name && was.unit === unit && levelOf(plan, was) === amount) return was;
          return { id: ids[i] || newId(), name, amount, unit, since };
        }),
      },
    };
  };

/** Says what kinds of work count for. A kind without a subject counts for none of its own. */
export const setCountsFor =
  (countsFor: Family['countsFor']): Edit =>
  (plan) => {
    if (!plan.family) return { refused: 'Say first who the family is.' };
    const named = Object.fromEntries(Object.entries(countsFor).filter(([, subjects]) => subjects.length));
    return { plan: { ...plan, family: { ...plan.family, countsFor: named } } };
  };

/** Says how things are counted: minutes for what is asked again, hours of several subjects, days kept, the numbers of kits. */
export const setCounting =
  (
    change: Partial<Pick<Family, 'recall' | 'hours' | 'keeps' | 'daysExpected' | 'kitNumbers' | 'hands'>>,
  ): Edit =>
  (plan) =>
    plan.family
      ? {
          plan: {
            ...plan,
            family: { ...plan.family, ...change },
          },
        }
      : { refused: 'Say first who the family is.' };

/** Says where the family lives, or one of its customs; what is not said stays as it was. */
export const setWhere =
  (change: Partial<NonNullable<Family['lives']>>): Edit =>
  (plan) => {
    const { family, year } = plan;
    if (!family) return { refused: 'Say first who the family is.' };
    const was = family.lives ?? blankLives;
    const lives = { ...was, ...change };
    // Holidays are looked up where the family lives, unless its year says elsewhere.
    const moves = year !== null && year.country === countryOf(plan);
    return {
      plan: {
        ...plan,
        family: { ...family, lives },
        year: moves ? { ...year, country: lives.country, region: lives.region } : year,
      },
    };
  };
