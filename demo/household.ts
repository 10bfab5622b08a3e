/** The demo's household beside its children: an aunt who leads, what is in the house, what counts for what, a choice of two things to make. */
import { makeAlternative } from '@/core/edit/alternatives';
import type { Edit } from '@/core/edit/edit';
import { addDays } from '@/core/calendar/dates';
import { addAppointment } from '@/core/edit/appointments';
import { addAdult, setCountsFor, setPantry } from '@/core/edit/household';
import { addPart, type PartFields } from '@/core/edit/lessons';
import { addRule } from '@/core/edit/rules';
import { editUnit } from '@/core/edit/units';
import { readSupplies } from '@/core/formats/supplies';
import { blankPart, blankRule } from '@/core/plan/blank';
import type { IsoDate } from '@/core/plan/measures';
import type { Plan } from '@/core/plan/plan';
import { DEMO_TODAY } from './day';

/** A part as the demo’s activities begin: led by the parent, in the afternoon. */
export const activity = (over: Partial<PartFields> & Pick<PartFields, 'title' | 'minutes'>): PartFields => ({
  ...blankPart,
  kind: 'activity',
  lead: 'leads',
  window: 'afternoon',
  ...over,
});

/** The aunt who leads on Thursdays, what is in the house, what counts for what, and a choice of two things to make. */
export function addHousehold(
  edit: (change: Edit, on?: string) => void,
  plan: () => Plan,
  fleeceId: string,
): void {
  edit(addAdult({ name: 'Aunt Wenke', minutes: 90, weekdays: [4], starts: 960, ends: null }), DEMO_TODAY);
  edit(
    addRule({
      ...blankRule,
      title: 'Songs by the stove',
      kind: 'music',
      minutes: 30,
      adultId: plan().adults[0].id,
      window: 'evening',
      rhythm: { on: 'weekday', weekday: 4, everyWeeks: 1, startWeek: 1 },
      first: DEMO_TODAY,
    }),
    DEMO_TODAY,
  );
  edit(setPantry(readSupplies('alum 200 g; vinegar 500 ml')), DEMO_TODAY);
  edit(
    setCountsFor({
      copying: ['handwriting', 'language'],
      'read-aloud': ['language'],
      'own-reading': ['language'],
      'tell-back': ['language'],
      practice: ['mathematics'],
      experiment: ['science'],
      craft: ['art'],
      music: ['music'],
    }),
    DEMO_TODAY,
  );
  edit(editUnit(fleeceId, { subjects: ['history'] }), DEMO_TODAY);
  const loom = plan().parts.find((p) => p.title === 'Warp a frame loom')!;
  edit(
    addPart(
      loom.lessonId!,
      activity({
        title: 'A belt on a card loom',
        kind: 'craft',
        minutes: 35,
        ageFrom: 8,
        supplies: readSupplies('card 1 sheet each; wool yarn 20 m each'),
      }),
    ),
    DEMO_TODAY,
  );
  edit(
    makeAlternative(plan().parts.find((p) => p.title === 'A belt on a card loom')!.id, loom.id),
    DEMO_TODAY,
  );
}

/** What takes somebody away from school: the eldest’s choir, and an errand of the parent’s. */
export function addAppointments(
  edit: (change: Edit, on?: string) => void,
  [eldest]: Plan['children'],
  last: IsoDate,
): void {
  const thursdays: IsoDate[] = [];
  for (let date = '2026-10-29'; date <= last; date = addDays(date, 7)) thursdays.push(date);
  const nobody = { childIds: [], adultIds: [], parent: false };
  edit(
    addAppointment({
      ...nobody,
      title: 'The mill choir',
      childIds: [eldest.id],
      dates: thursdays,
      starts: 810,
      ends: 870,
    }),
    DEMO_TODAY,
  );
  edit(
    addAppointment({
      ...nobody,
      title: 'The miller’s accounts',
      parent: true,
      dates: ['2026-11-10'],
      starts: 840,
      ends: 900,
    }),
    DEMO_TODAY,
  );
}
