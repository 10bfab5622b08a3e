'use client';
/** Topics that wait for their place: sorted by wishes, dragged onto the year, or placed one after another. */
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { useDrag } from 'react-aria/useDrag';
import styled from 'styled-components';
import { shortDate } from '@/core/calendar/dates';
import { unitsInRow, type InRow } from '@/core/pacing/pacing';
import { SEASONS } from '@/core/plan/words';
import { Button, PlainButton } from '@/kit/button';
import { DateField } from '@/kit/date-field';
import { Checkbox, Choose, NumberField, TextField } from '@/kit/field';
import { Menu } from '@/kit/menu';
import { roomLines } from '@/kit/room';
import { Caution, Heading, Quiet } from '@/kit/text';
import { colour, face, narrow, paper } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { addTopic, place, placeRow } from './actions';
import type { WaitingUnit, YearView } from './load';
import { DRAGGED_UNIT, type DraggedUnit } from './year-strip';

const SORTS = [{ value: 'order', name: 'as they came' }, { value: 'season', name: 'season' }, { value: 'deeper', name: 'repeat, deeper' }, { value: 'asked', name: 'who asked' }] as const;
type Sort = (typeof SORTS)[number]['value'];
const RANK: Record<Sort, (u: WaitingUnit) => string | number> = {
  order: () => 0, season: (u) => (u.season ? SEASONS.indexOf(u.season) : 9), deeper: (u) => (u.deeper ? 0 : 1), asked: (u) => u.askedBy || '~',
};

export function Waiting({ view }: { view: YearView }) {
  const { act } = useAct();
  const [title, setTitle] = useState('');
  const [sort, sortBy] = useState<Sort>('order');
  const [chosen, choose] = useState<string[]>([]);
  const sorted = useMemo(() => [...view.waiting].sort((a, b) => { const [x, y] = [RANK[sort](a), RANK[sort](b)]; return x < y ? -1 : x > y ? 1 : 0; }), [view.waiting, sort]);
  return (
    <section aria-labelledby="waiting">
      <Head><Heading id="waiting">Waiting topics</Heading>{view.waiting.length > 1 ? <Choose label="Sorted by" value={sort} onChange={sortBy} choices={SORTS} /> : null}</Head>
      {sorted.length ? null : <Quiet>None. Jot down what you or the children would like to study; it can wait here as long as it likes.</Quiet>}
      <Rooms>{sorted.map((u) => <Topic key={u.id} unit={u} view={view} isChosen={chosen.includes(u.id)} onChoose={(on) => choose((c) => (on ? [...c, u.id] : c.filter((x) => x !== u.id)))} />)}</Rooms>
      <Add onSubmit={(e) => { e.preventDefault(); if (title.trim()) act((base) => addTopic(base, { title }), { then: () => setTitle('') }); }}>
        <TextField label="Another topic" placeholder="Salt" value={title} onChange={setTitle} />
        <Button type="submit">Add a topic</Button>
      </Add>
      {view.year ? <Row key={chosen.join()} view={view} chosen={sorted.filter((u) => chosen.includes(u.id))} /> : null}
    </section>
  );
}

function Topic({ unit: u, view, isChosen, onChoose }: { unit: WaitingUnit; view: YearView; isChosen: boolean; onChoose: (on: boolean) => void }) {
  const { act } = useAct();
  const { dragProps, isDragging } = useDrag({ getItems: () => [{ [DRAGGED_UNIT]: JSON.stringify({ id: u.id, is: 'start', grab: 0 } satisfies DraggedUnit), 'text/plain': u.title }] });
  return (
    <Room {...dragProps} $state="pencil" style={{ opacity: isDragging ? 0.5 : 1 }}>
      <Link href={`/unit?unit=${u.id}`} draggable={false}>{u.title}</Link>
      <Quiet>{[u.lessons ? `${u.lessons} lessons` : u.hopedWeeks ? `${u.hopedWeeks} weeks, hoped` : '', u.season ?? '', u.deeper ? 'repeat, deeper' : '', u.askedBy ? `asked by ${u.askedBy}` : '', u.who, u.wish].filter(Boolean).join(' · ')}</Quiet>
      <Doings>
        {view.year ? <Menu label={`Place ${u.title}`} groups={[{ title: 'Begin with', doings: view.begins.map((b) => ({ name: `${b.name}, ${shortDate(b.date)}`, do: () => act((base) => place(base, { unitId: u.id, starts: b.date })) })) }]}><PlainButton aria-label={`Place ${u.title}`}>Place it ▾</PlainButton></Menu> : null}
        {view.year ? <Checkbox isSelected={isChosen} onChange={onChoose} label={`${u.title} in a row`}>in a row</Checkbox> : null}
      </Doings>
    </Room>
  );
}

/** “Two more units, one after another: will they end before the year does?” */
function Row({ view, chosen }: { view: YearView; chosen: WaitingUnit[] }) {
  const { act } = useAct();
  const last = view.lanes.flatMap((l) => l.rows.flat()).map((u) => u.last).sort().at(-1) ?? view.today;
  const [from, setFrom] = useState<string | null>(view.days.find((d) => d.date > last && d.date >= view.today)?.date ?? view.days.find((d) => d.date >= view.today)?.date ?? null);
  const [more, setMore] = useState<number | null>(chosen.length ? 0 : 2);
  const [lessons, setLessons] = useState<number | null>(12);
  const [pace, setPace] = useState<number | null>(3);
  const row: InRow[] = [
    ...chosen.map((u) => ({ title: u.title, lessons: u.lessons || (u.hopedWeeks ?? 3) * u.perWeek, perWeek: u.perWeek })),
    ...Array.from({ length: more ?? 0 }, (_, i) => ({ title: `${chosen.length ? 'one more' : `unit ${i + 1}`}`, lessons: lessons ?? 0, perWeek: pace ?? 1 })),
  ].filter((u) => u.lessons > 0);
  const answer = from && row.length ? unitsInRow(view.days, from, row) : undefined;
  const ends = answer?.units.at(-1)?.ends;
  return (
    <Asked aria-labelledby="row">
      <Heading id="row">One after another: will they end before the year does?</Heading>
      <Fields>
        <DateField label="From" value={from} onChange={setFrom} />
        <NumberField label={chosen.length ? 'And so many more' : 'So many units'} value={more} onChange={setMore} min={0} max={20} />
        <NumberField label="Lessons each" value={lessons} onChange={setLessons} min={1} max={200} />
        <NumberField label="Lessons a week" value={pace} onChange={setPace} min={1} max={35} />
      </Fields>
      {chosen.length ? null : <Quiet>Or tick “in a row” on waiting topics.</Quiet>}
      {answer ? (
        <div aria-live="polite">
          {answer.fits ? <p><b>Yes: the last ends {shortDate(ends!)}.</b></p> : <Caution>No{answer.pace ? `; at ${answer.pace} lessons a week each they would` : ', at no pace'}.</Caution>}
          <ol>{answer.units.map((u, i) => <li key={i}>{row[i].title}, {row[i].lessons} lessons at {row[i].perWeek} a week: {u.starts ? `${shortDate(u.starts)} to ${u.ends ? shortDate(u.ends) : 'past the end of the year'}` : 'the year is over before it begins'}</li>)}</ol>
          {chosen.length && answer.fits && !more ? <Button onPress={() => act((base) => placeRow(base, { unitIds: chosen.map((u) => u.id), from: from! }))}>Place them so</Button> : null}
        </div>
      ) : null}
    </Asked>
  );
}

const Head = styled.header`display: flex; justify-content: space-between; align-items: end; gap: 12px; border-bottom: 1.5px solid ${colour.ink}; padding-bottom: 4px; margin-bottom: 10px; & > :last-child:not(h2) { min-width: 170px; }`;
const Rooms = styled.div`display: grid; grid-template-columns: repeat(auto-fill, minmax(200px, 1fr)); gap: 8px;`;
const Room = styled.div<{ $state: 'pencil' }>`${roomLines} padding: 7px 10px; cursor: grab; display: grid; gap: 2px; align-content: start; & > a { font: 600 15.5px/1.2 ${face.title}; overflow-wrap: anywhere; }`;
const Doings = styled.div`display: flex; justify-content: space-between; gap: 8px; align-items: center; flex-wrap: wrap; label { font-size: 13px; }`;
const Add = styled.form`display: grid; grid-template-columns: minmax(0, 280px) auto; justify-content: start; gap: 10px; align-items: end; margin-top: 10px; ${paper} { display: none; }`;
const Asked = styled.section`${paper} { display: none; } margin-top: 18px; display: grid; gap: 8px; ol { font-size: 13.5px; }`;
const Fields = styled.div`display: grid; grid-template-columns: 170px repeat(3, 120px); gap: 12px; align-items: end; ${narrow} { grid-template-columns: 1fr 1fr; }`;
