import { childName } from '../plan/called';
import { z } from 'zod';
import {
  addAdult,
  editAdult,
  removeAdult,
  setCounting,
  setCountsFor,
  setPantry,
  setWhere,
} from '../edit/household';
import { addChild, editChild, removeChild, setFamily, setRung } from '../edit/family';
import { adultFields, thingInHouse } from '../plan/household';
import { id, rung, skill } from '../plan/measures';
import { child, family, type Plan } from '../plan/plan';
import { command } from './command';

const childFields = child.omit({ id: true, rungs: true, measured: true });

const nameOf = (plan: Plan, childId: string): string => childName(plan, childId);

export const saveFamily = command({
  shape: family.pick({ name: true, leadMinutes: true, allergies: true }),
  label: () => 'Changed the family',
  edit: setFamily,
});

export const saveChild = command({
  about: z.strictObject({ childId: id.nullable() }),
  shape: childFields,
  label: (v, _plan, { childId }) => (childId ? `Changed ${v.name}` : `Added ${v.name}`),
  edit: (v, { childId }) => (childId ? editChild(childId, v) : addChild(v)),
});

export const dropChild = command({
  shape: id,
  label: (v, plan) => `Took ${nameOf(plan, v)} off the plan`,
  edit: removeChild,
});

export const saveAdult = command({
  about: z.strictObject({ adultId: id.nullable() }),
  shape: adultFields,
  label: (v, _plan, { adultId }) => (adultId ? `Changed ${v.name}` : `Added ${v.name}`),
  edit: (v, { adultId }) => (adultId ? editAdult(adultId, v) : addAdult(v)),
});

export const dropAdult = command({
  shape: id,
  label: (v, plan) => `Took ${plan.adults.find((a) => a.id === v)?.name ?? 'an adult'} off the plan`,
  edit: removeAdult,
});

export const savePantry = command({
  shape: z.array(thingInHouse.pick({ name: true, amount: true, unit: true })).max(500),
  label: () => 'Changed what is in the house',
  edit: setPantry,
  touches: ['kept'],
});

export const saveCountsFor = command({
  shape: family.shape.countsFor,
  label: () => 'Changed what counts for which subject',
  edit: setCountsFor,
});

export const saveCounting = command({
  shape: z
    .strictObject({
      recall: family.shape.recall.unwrap(),
      hours: family.shape.hours.unwrap(),
      keeps: family.shape.keeps.unwrap(),
      daysExpected: family.shape.daysExpected.unwrap(),
      kitNumbers: family.shape.kitNumbers.unwrap(),
      hands: family.shape.hands.unwrap(),
    })
    .partial(),
  label: ({ hands }) => (hands === undefined ? 'Changed how things are counted' : 'Changed the handwriting'),
  edit: setCounting,
  touches: ['kept'],
});

const lives = family.shape.lives.unwrap().unwrap();

export const saveWhere = command({
  // What is left out stays as it was: nothing has a value of its own here.
  shape: z
    .strictObject({
      ...lives.shape,
      measures: lives.shape.measures.unwrap(),
      spelling: lives.shape.spelling.unwrap(),
      weekStarts: lives.shape.weekStarts.unwrap(),
    })
    .partial(),
  label: () => 'Said where you live',
  edit: setWhere,
});

export const placeOnRung = command({
  shape: z.strictObject({ childId: id, skill, rung: rung.nullable() }),
  label: (v, plan) => `Set ${nameOf(plan, v.childId)}’s rung in ${v.skill}`,
  edit: (v) => setRung(v.childId, v.skill, v.rung),
});
