/** What can be done with a room of the day, on the spot. */
import { clockText } from '@/core/calendar/dates';
import { LADDER_KINDS, MET } from '@/core/plan/words';
import type { DoingGroup } from '@/kit/list-line';
import type { DayRoom } from '../frame/day';
import type { useAct } from '../frame/use-act';
import { felt, moveOn, tickDay } from './actions';
import { check, doOtherwise, love, onceMore, takeLonger } from './fact-actions';
import type { RoomDialogName } from './room-dialogs';
import type { TodayView } from './load';
import type { Clock } from '@/core/calendar/customs';

interface Of {
  room: DayRoom;
  view: TodayView;
  clock: Clock;
  act: ReturnType<typeof useAct>['act'];
  done: boolean;
  setDone: (on: boolean) => void;
  open: (dialog: RoomDialogName) => void;
}

export function roomDoings(of: Of): DoingGroup[] {
  const { room, view, clock, act } = of;
  const children = view.children.filter((c) => room.childIds.includes(c.id));
  const names = children.map((c) => c.name).join(', ');
  const { date } = view;
  return [
    {
      title: `${clockText(room.starts, clock)} to ${clockText(room.ends, clock)}, ${names}. ${room.why}`,
      doings: whatHappened(of),
    },
    { title: 'On the spot', doings: onTheSpot(of) },
    ...(isLadder(room)
      ? children.map((c) => ({
          title: `How it went for ${c.name}`,
          doings: FELT.map(([how, name]) => ({
            name: room.own ? `It was ${name}` : `${c.name}: ${name}`,
            do: () => act((base) => felt(base, { partId: room.partId, childId: c.id, felt: how, date })),
          })),
        }))
      : []),
    ...room.objectives.map((o) => ({
      title: `Knows: ${o.wording}`,
      doings: children.map((c) => {
        const now = o.met[c.id] ?? 1;
        const next = (now % MET.length) + 1;
        return {
          name: `${c.name}: ${MET[now - 1]}; now ${MET[next - 1]}`,
          do: () =>
            act((base) => check(base, { of: { objectiveId: o.id }, childId: c.id, grade: next, date })),
        };
      }),
    })),
  ];
}

type Doings = DoingGroup['doings'];

function whatHappened({ room, view: { date, rooms }, act, done, setDone, open }: Of): Doings {
  const { partId, lessonId } = room;
  const openOfLesson = rooms.filter((r) => r.lessonId === lessonId && !r.done).length;
  return [
    { name: done ? 'Not done after all' : 'Done', do: () => setDone(!done) },
    ...(room.canMove && !done
      ? [
          {
            name: room.comesBack ? 'Left out this time' : 'Did not happen: move it on',
            do: () =>
              act((base) => moveOn(base, { partId, date, rubOut: false }), {
                rubOut: (base) => moveOn(base, { partId, date, rubOut: true }),
              }),
          },
        ]
      : []),
    ...(!done
      ? [
          {
            name: 'Ten minutes more',
            do: () => act((base) => takeLonger(base, { partId, minutes: 10, date })),
          },
        ]
      : []),
    { name: 'Minutes it took…', do: () => open('took') },
    ...(lessonId && !done && openOfLesson > 1
      ? [
          {
            name: 'The whole lesson is done, as far as it stands today',
            do: () => act((base) => tickDay(base, { date, lessonId })),
          },
        ]
      : []),
    ...(!done && !room.comesBack ? [{ name: 'Leave it out for good…', do: () => open('for good') }] : []),
  ];
}

function onTheSpot({ room, view: { date }, act, done, open }: Of): Doings {
  const { partId } = room;
  const childId = room.own ? room.childIds[0] : null;
  const isLoved = room.lovedBy.length === room.childIds.length;
  return [
    {
      name: isLoved ? 'Not loved after all' : 'Loved it',
      do: () => act((base) => love(base, { partId, childId, is: !isLoved, date })),
    },
    ...(isLoved && room.lessonId
      ? [{ name: 'Once more in the next lesson', do: () => act((base) => onceMore(base, partId)) }]
      : []),
    { name: 'A note…', do: () => open('note') },
    { name: 'A photograph or file of the work…', do: () => open('work') },
    ...(room.indoors && !done
      ? [
          {
            name: room.otherwise ? 'Outdoors after all' : `Indoors instead: ${room.indoors}`,
            do: () => act((base) => doOtherwise(base, { partId, is: !room.otherwise, date })),
          },
        ]
      : []),
    ...(!done ? [{ name: 'Something is missing…', do: () => open('missing') }] : []),
  ];
}

const FELT = [
  ['easy', 'easy'],
  ['right', 'just right'],
  ['hard', 'too hard'],
] as const;
const isLadder = (room: DayRoom): boolean => (LADDER_KINDS as readonly string[]).includes(room.kind);
