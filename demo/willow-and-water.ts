/** The unit before the running one: twelve of fourteen lessons taught, then closed as enough. Everything in it is invented. */
import { closeUnit } from '@/core/edit/closing';
import type { Edit } from '@/core/edit/edit';
import { addPart } from '@/core/edit/lessons';
import { markDone } from '@/core/edit/today';
import { addContents, addUnit } from '@/core/edit/units';
import { readContents } from '@/core/formats/contents';
import { blankUnit } from '@/core/plan/blank';
import { byId, lessonsOf } from '@/core/plan/lookup';
import type { Plan } from '@/core/plan/plan';
import { activity } from './household';

const LESSONS = [
  'The willow by the race',
  'Cutting and soaking rods',
  'Over one, under one',
  'A base that lies flat',
  'Sides that stand up',
  'What floats, what sinks',
  'A raft of rushes',
  'Ferries and ropes',
  'How water turns a wheel',
  'The eel and its long way',
  'A trap with two mouths',
  'Baskets of many rivers',
  'A coracle in small',
  'The race in flood',
];
const TAUGHT = 12;
const BEFORE = '2026-08-24';
const CLOSED = '2026-10-09';

/** @param edit makes a change on a day. @param now the plan as it is by then. */
export function teachWillowAndWater(edit: (change: Edit, today: string) => void, now: () => Plan): void {
  edit(
    addUnit({
      ...blankUnit,
      title: 'Willow and Water',
      starts: '2026-08-31',
      lessonsPerWeek: 3,
      childIds: now().children.map((c) => c.id),
      startKinds: ['tell-back'],
    }),
    BEFORE,
  );
  const unitId = now().units.at(-1)!.id;
  edit(addContents(unitId, readContents(LESSONS.join('\n'))), BEFORE);
  const doing = (number: number, title: string, minutes: number): void =>
    edit(
      addPart(lessonsOf(now(), unitId)[number - 1].id, activity({ title, kind: 'craft', minutes })),
      BEFORE,
    );
  doing(5, 'Weave a small basket', 45);
  doing(7, 'Bind a raft of rushes', 40);
  doing(11, 'Build an eel trap for the shelf', 45);
  doing(13, 'Bend a coracle in small', 45);

  const taught = new Set(
    lessonsOf(now(), unitId)
      .slice(0, TAUGHT)
      .map((l) => l.id),
  );
  const parts = byId(now().parts);
  for (const s of [...now().sittings])
    if (taught.has(parts.get(s.partId)?.lessonId ?? '')) edit(markDone(s.partId, null, s.date), s.date);
  edit(closeUnit(unitId), CLOSED);
}
