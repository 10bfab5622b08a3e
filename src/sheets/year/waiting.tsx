'use client';
/** Topics that wait for their place: sorted by wishes, dragged onto the year, or placed one after another. */
import { Choose } from '@/kit/choose';
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { useDrag } from 'react-aria/useDrag';
import { shortDate } from '@/core/calendar/dates';
import { SEASONS } from '@/core/plan/words';
import { Button, PlainButton } from '@/kit/button';
import { Checkbox, TextField } from '@/kit/field';
import { Link } from '@/kit/link';
import { Menu } from '@/kit/menu';
import { Heading, Quiet } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { addTopic, place } from './actions';
import type { WaitingUnit, YearView } from './load';
import { DRAGGED_UNIT, type DraggedUnit } from './year-strip';
import { Head, Rooms, TopicBox, Doings, Add } from './waiting-rooms';

const InARow = dynamic(() => import('./in-a-row').then((m) => m.InARow), { ssr: false });

const SORTS = [
  { value: 'order', name: 'as they came' },
  { value: 'season', name: 'season' },
  { value: 'deeper', name: 'repeat, deeper' },
  { value: 'asked', name: 'who asked' },
] as const;
type Sort = (typeof SORTS)[number]['value'];
const RANK: Record<Sort, (u: WaitingUnit) => string | number> = {
  order: () => 0,
  season: (u) => (u.season ? SEASONS.indexOf(u.season) : 9),
  deeper: (u) => (u.deeper ? 0 : 1),
  asked: (u) => u.askedBy || '~',
};

export function Waiting({ view }: { view: YearView }) {
  const { act } = useAct();
  const [title, setTitle] = useState('');
  const [sort, setSort] = useState<Sort>('order');
  const [chosen, setChosen] = useState<string[]>([]);
  const sorted = useMemo(
    () =>
      [...view.waiting].sort((a, b) => {
        const [x, y] = [RANK[sort](a), RANK[sort](b)];
        if (x < y) return -1;
        if (x > y) return 1;
        return 0;
      }),
    [view.waiting, sort],
  );
  return (
    <section aria-labelledby="waiting">
      <Head>
        <Heading id="waiting">Waiting topics</Heading>
        {view.waiting.length > 1 ? (
          <Choose label="Sorted by" value={sort} onChange={setSort} choices={SORTS} />
        ) : null}
      </Head>
      {sorted.length ? null : (
        <Quiet>
          None. Jot down what you or the children would like to study; it can wait here as long as it likes.
        </Quiet>
      )}
      <Rooms>
        {sorted.map((u) => (
          <Topic
            key={u.id}
            unit={u}
            view={view}
            isChosen={chosen.includes(u.id)}
            onChoose={(on) => setChosen((c) => (on ? [...c, u.id] : c.filter((x) => x !== u.id)))}
          />
        ))}
      </Rooms>
      <Add
        onSubmit={(e) => {
          e.preventDefault();
          if (title.trim()) act((base) => addTopic(base, { title }), { then: () => setTitle('') });
        }}
      >
        <TextField label="Another topic" placeholder="Salt" value={title} onChange={setTitle} />
        <Button type="submit">Add a topic</Button>
      </Add>
      {view.year ? (
        <InARow key={chosen.join()} view={view} chosen={sorted.filter((u) => chosen.includes(u.id))} />
      ) : null}
    </section>
  );
}

function Topic({
  unit: u,
  view,
  isChosen,
  onChoose,
}: {
  unit: WaitingUnit;
  view: YearView;
  isChosen: boolean;
  onChoose: (on: boolean) => void;
}) {
  const { act } = useAct();
  const { dragProps, isDragging } = useDrag({
    getItems: () => [
      {
        [DRAGGED_UNIT]: JSON.stringify({ id: u.id, is: 'start', grab: 0 } satisfies DraggedUnit),
        'text/plain': u.title,
      },
    ],
  });
  return (
    <TopicBox {...dragProps} $state="pencil" style={{ opacity: isDragging ? 0.5 : 1 }}>
      <Link href={`/unit?unit=${u.id}`} draggable={false}>
        {u.title}
      </Link>
      <Quiet>
        {[
          u.lessons ? `${u.lessons} lessons` : '',
          !u.lessons && u.hopedWeeks ? `${u.hopedWeeks} weeks, hoped` : '',
          u.season ?? '',
          u.deeper ? 'repeat, deeper' : '',
          u.askedBy ? `asked by ${u.askedBy}` : '',
          u.who,
          u.wish,
        ]
          .filter(Boolean)
          .join(' · ')}
      </Quiet>
      <Doings>
        {view.year ? (
          <Menu
            label={`Place ${u.title}`}
            groups={[
              {
                title: 'Begin with',
                doings: view.begins.map((b) => ({
                  name: `${b.name}, ${shortDate(b.date)}`,
                  do: () => act((base) => place(base, { unitId: u.id, starts: b.date })),
                })),
              },
            ]}
          >
            <PlainButton aria-label={`Place ${u.title}`}>Place it ▾</PlainButton>
          </Menu>
        ) : null}
        {view.year ? (
          <Checkbox isSelected={isChosen} onChange={onChoose} label={`${u.title} in a row`}>
            in a row
          </Checkbox>
        ) : null}
      </Doings>
    </TopicBox>
  );
}
