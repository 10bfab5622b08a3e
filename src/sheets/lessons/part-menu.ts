/** What can be done with a part of a lesson, and with the alternatives that wait in it. */
import type { Outline } from '@/core/plan/lesson';
import { WORKED_OUT_KINDS } from '@/core/plan/words';
import type { DoingGroup } from '@/kit/list-line';
import type { ActNow } from '../frame/use-act';
import {
  doAsWell,
  doInstead,
  dropAlternative,
  dropPart,
  keepAsOutline,
  shiftPart,
  turnIntoAlternative,
} from './actions';
import type { PartView } from './load';

/** The form that is open beside a lesson. */
export type OpenForm =
  | { is: 'part'; part?: PartView }
  | { is: 'lesson' }
  | { is: 'extras' }
  | { is: 'look again'; part: PartView }
  | { is: 'why'; part: PartView };

/** @param all the parts of the lesson, in order */
export function partDoings(
  p: PartView,
  all: readonly PartView[],
  { act, open }: { act: ActNow; open: (form: OpenForm) => void },
): DoingGroup[] {
  if (p.ruleId)
    return [
      { title: p.why || p.title, doings: [] },
      {
        title: 'It comes back by itself; change it under “Comes back by itself”.',
        doings: [{ name: 'I see', do: () => {} }],
      },
    ];
  const at = all.indexOf(p);
  return [
    {
      title: p.why || p.title,
      doings: [
        { name: 'Change…', do: () => open({ is: 'part', part: p }) },
        ...(p.why ? [{ name: 'Why here?', do: () => open({ is: 'why', part: p }) }] : []),
        {
          name: 'Move up',
          isDisabled: at === 0,
          do: () => act((base) => shiftPart(base, { partId: p.id, by: -1 })),
        },
        {
          name: 'Move down',
          isDisabled: at === all.length - 1,
          do: () => act((base) => shiftPart(base, { partId: p.id, by: 1 })),
        },
        { name: 'Look at it again every few days…', do: () => open({ is: 'look again', part: p }) },
        {
          name: 'Keep it for another time',
          do: () => act((base) => keepAsOutline(base, { partId: p.id, taste: tasteOf(p) })),
        },
        ...insteadOf(p, all).map((other) => ({
          name: `Make it an alternative to “${other.title}”`,
          do: () => act((base) => turnIntoAlternative(base, { partId: p.id, toId: other.id })),
        })),
        { name: 'Drop it', do: () => act((base) => dropPart(base, p.id)) },
      ],
    },
    ...p.alternatives.map(({ id: alternativeId, title }) => ({
      title: `Instead: ${title}`,
      doings: [
        {
          name: `Do “${title}” instead`,
          do: () => act((base) => doInstead(base, { partId: p.id, alternativeId })),
        },
        {
          name: `Do “${title}” as well`,
          do: () => act((base) => doAsWell(base, { partId: p.id, alternativeId })),
        },
        {
          name: `Drop “${title}”`,
          do: () => act((base) => dropAlternative(base, { partId: p.id, alternativeId })),
        },
      ],
    })),
  ];
}

/** The other things to do of a lesson that a part could be done instead of: not reading, telling back and the like. */
function insteadOf(p: PartView, all: readonly PartView[]): PartView[] {
  const isToDo = (x: PartView): boolean => !x.ruleId && !WORKED_OUT_KINDS.includes(x.kind);
  return isToDo(p) ? all.filter((x) => x !== p && isToDo(x)) : [];
}

/** For what taste an activity is kept. */
function tasteOf({ kind, outdoors }: PartView): Outline['taste'] {
  if (outdoors) return 'outdoors';
  if (kind === 'craft') return 'art';
  return kind === 'cooking' || kind === 'film' || kind === 'music' ? kind : null;
}
