'use client';
/** The year drawn to scale: blocks, weeks, units in their places by who is in them, what is daily, and the school days of each week. */
import { useRouter } from 'next/navigation';
import { useRef, useState, type KeyboardEvent } from 'react';
import { useDrag } from 'react-aria/useDrag';
import { useDrop } from 'react-aria/useDrop';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import { addDays, daysBetween, dayMonth, mondayOf, monthName, shortDate } from '@/core/calendar/dates';
import { Hatch } from '@/kit/hatch';
import { Menu } from '@/kit/menu';
import { roomLines } from '@/kit/room';
import { Hidden } from '@/kit/text';
import { colour, face, narrow, paper } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { end, place, wait } from './actions';
import type { PlacedUnit, YearView } from './load';

/** What is dragged: a unit by its start, taken hold of so many weeks from there, or its end alone. */
export const DRAGGED_UNIT = 'application/x-hausplan-unit';
export interface DraggedUnit { id: string; is: 'start' | 'end'; grab: number }

const ROW = 72;

export function YearStrip({ view }: { view: YearView }) {
  const { weeks, lanes, daily, today, days } = view;
  const { act } = useAct();
  const n = weeks.length;
  const field = useRef<HTMLDivElement>(null);
  const [over, hover] = useState<number>();
  const at = (date: string): number => daysBetween(weeks[0].monday, date) / 7;
  const percent = (w: number): string => `${(100 * w) / n}%`;
  const weekAt = (x: number, grab = 0): number => Math.min(n - 1, Math.max(0, Math.floor((x / (field.current?.clientWidth ?? 1)) * n - grab + 0.25)));
  const { dropProps } = useDrop({
    ref: field,
    getDropOperation: (types) => (types.has(DRAGGED_UNIT) ? 'move' : 'cancel'),
    onDropMove: (e) => hover(weekAt(e.x)),
    onDropExit: () => hover(undefined),
    onDrop: (e) => {
      hover(undefined);
      const { x } = e;
      void (async () => {
        const item = e.items.find((i) => i.kind === 'text' && i.types.has(DRAGGED_UNIT));
        if (item?.kind !== 'text') return;
        const dragged = JSON.parse(await item.getText(DRAGGED_UNIT)) as DraggedUnit;
        const { monday } = weeks[weekAt(x, dragged.grab)];
        if (dragged.is === 'end') act((base) => end(base, { unitId: dragged.id, wishedEnd: addDays(monday, 4) }));
        else act((base) => place(base, { unitId: dragged.id, starts: days.find((d) => d.date >= monday)?.date ?? monday }));
      })();
    },
  });
  const blocks = new Map<number, { from: number; to: number; name: string }>();
  weeks.forEach((w, i) => w.block && blocks.set(w.block, { from: blocks.get(w.block)?.from ?? i, to: i + 1, name: w.name }));
  const months = weeks.flatMap((w, i) => (i === 0 || weeks[i - 1].monday.slice(0, 7) !== w.monday.slice(0, 7) ? [{ at: i, name: monthName(addDays(w.monday, 6)) }] : []));
  const all = lanes.flatMap((l) => l.rows.flat());
  return (
    <Strip role="group" aria-label={`The year: ${n} calendar weeks. ${all.map((u) => `${u.title} from ${dayMonth(u.first)} to ${dayMonth(u.last)}`).join('; ')}`}>
      <span />
      <Months>{months.filter((m, i) => (months[i + 1]?.at ?? n + 2) - m.at > 1 && n - m.at > 1 && (months.length <= 14 || i % 2 === 0)).map((m) => <span key={m.at} style={{ left: percent(m.at) }}>{m.name}</span>)}</Months>
      <Names>{lanes.map((l) => <b key={l.who} style={{ height: l.rows.length * ROW }}>{l.who}</b>)}{daily.length ? <b style={{ height: daily.length * 28 }}>Daily</b> : null}</Names>
      <Field ref={field} {...dropProps} style={{ minHeight: 90 }}>
        {[...blocks].map(([block, b]) => <Block key={block} style={{ left: percent(b.from), width: percent(b.to - b.from) }}><span>{b.name}</span></Block>)}
        {weeks.map((w, i) => (w.days && i ? <Week key={w.monday} style={{ left: percent(i) }} /> : null))}
        {weeks.map((w, i) => (w.off && w.days < 5 ? <Off key={w.monday} style={{ left: percent(i), width: percent(1) }} title={`${dayMonth(w.monday)}: ${w.off}`} /> : null))}
        {over !== undefined ? <Over style={{ left: percent(over), width: percent(1) }} /> : null}
        {today >= weeks[0].monday && mondayOf(today) <= weeks[n - 1].monday ? <Today style={{ left: percent(at(today)) }}><span>today</span></Today> : null}
        {lanes.flatMap((l) => l.rows).map((row, r) => (
          <div key={r} style={{ position: 'relative', height: ROW }}>
            {row.map((u) => <UnitRoom key={u.id} unit={u} view={view} left={at(u.first)} width={Math.max(1.6, at(u.last) - at(u.first) + 0.3)} n={n} />)}
          </div>
        ))}
        {daily.map((d) => <Daily key={d.id} style={{ marginLeft: percent(Math.max(0, at(d.first))), width: percent(Math.min(n, at(d.last) + 0.3) - Math.max(0, at(d.first))) }} title={d.says}><b>{d.title}</b> {d.says}</Daily>)}
      </Field>
      <b>School days</b>
      <div>
        <Days>{weeks.map((w) => <span key={w.monday} title={`Week of ${dayMonth(w.monday)}: ${w.days} school days${w.short ? `, ${w.short} of them short` : ''}${w.off ? `; off: ${w.off}` : ''}`}><i style={{ height: w.done * 5, background: colour.ink }} /><i style={{ height: (w.days - w.done) * 5, background: colour.wash }} /></span>)}</Days>
        <Scale><span>{view.kept} gone by</span><b>{view.figures?.schoolDays} days by {shortDate(view.year!.ends)}</b></Scale>
      </div>
    </Strip>
  );
}

function UnitRoom({ unit: u, view, left, width, n }: { unit: PlacedUnit; view: YearView; left: number; width: number; n: number }) {
  const { act } = useAct();
  const router = useRouter();
  const box = useRef<HTMLDivElement>(null);
  const grabbed = useRef(0);
  const { dragProps, isDragging } = useDrag({
    getItems: () => [{ [DRAGGED_UNIT]: JSON.stringify({ id: u.id, is: 'start', grab: grabbed.current } satisfies DraggedUnit), 'text/plain': u.title }],
  });
  const { dragProps: endProps } = useDrag({ getItems: () => [{ [DRAGGED_UNIT]: JSON.stringify({ id: u.id, is: 'end', grab: 0 } satisfies DraggedUnit), 'text/plain': u.title }] });
  const onDay = (date: string): string => view.days.find((d) => d.date >= date)?.date ?? date;
  const startBy = (weeks: number): void => act((base) => place(base, { unitId: u.id, starts: onDay(addDays(u.starts, 7 * weeks)) }));
  const endBy = (weeks: number): void => act((base) => end(base, { unitId: u.id, wishedEnd: addDays(u.wishedEnd ?? u.last, 7 * weeks) }));
  const onKeyDown = (e: KeyboardEvent): void => {
    if (!e.altKey || (e.key !== 'ArrowLeft' && e.key !== 'ArrowRight')) return;
    e.preventDefault();
    e.stopPropagation();
    const by = e.key === 'ArrowLeft' ? -1 : 1;
    if (e.shiftKey) endBy(by);
    else startBy(by);
  };
  const share = (to: string): number => (to ? Math.min(100, (100 * (daysBetween(u.first, to) + 1)) / (daysBetween(u.first, u.last) + 1)) : 0);
  const percent = (w: number): string => `${(100 * w) / n}%`;
  return (
    <Place ref={box} {...dragProps} onKeyDownCapture={onKeyDown} onPointerDown={(e) => { const r = box.current!.getBoundingClientRect(); grabbed.current = ((e.clientX - r.left) / r.width) * width; }} style={{ left: percent(left), width: percent(width), opacity: isDragging ? 0.5 : 1 }}>
      <Menu
        label={u.title} draggable
        groups={[
          { title: `${dayMonth(u.first)} to ${dayMonth(u.last)}${u.hoped ? ', as hoped' : `, ${u.lessons} lessons`}${u.note ? `; ${u.note}` : ''}`, doings: [
            { name: 'Open it', do: () => router.push(`/unit?unit=${u.id}`) },
            { name: 'Its lessons', do: () => router.push(`/lessons?unit=${u.id}`) },
            { name: 'A week earlier', keys: 'Alt ←', do: () => startBy(-1) },
            { name: 'A week later', keys: 'Alt →', do: () => startBy(1) },
            { name: 'End a week earlier', keys: 'Alt Shift ←', do: () => endBy(-1) },
            { name: 'End a week later', keys: 'Alt Shift →', do: () => endBy(1) },
            ...(u.wishedEnd ? [{ name: 'Leave the end open', do: () => act((base) => end(base, { unitId: u.id, wishedEnd: null })) }] : []),
            { name: 'Let it wait', do: () => act((base) => wait(base, u.id)) },
          ] },
          { title: 'Begin with', doings: view.begins.map((b) => ({ name: `${b.name}, ${shortDate(b.date)}`, do: () => act((base) => place(base, { unitId: u.id, starts: b.date })) })) },
        ]}
      >
        <RoomButton $state={u.state} aria-label={`${u.title}, ${dayMonth(u.first)} to ${dayMonth(u.last)}`}>
          <b>{u.title}</b>
          <small>{u.hoped ? 'hoped for' : `${u.lessons} lessons`}{u.wishedEnd ? ` · end ${dayMonth(u.wishedEnd)}` : ''}</small>
          <span>{u.hatches.map((h) => <Hatch key={h} name={h} width={16} height={7} framed={false} />)}</span>
          {u.hoped ? null : <Taught aria-hidden="true"><i style={{ width: `${share(u.inkTo)}%`, background: colour.wash }} /><i style={{ width: `${share(u.doneTo)}%`, background: colour.ink }} /></Taught>}
        </RoomButton>
      </Menu>
      <End {...endProps} title="Drag to set its end"><Hidden>The end of {u.title}; drag it, or use Alt Shift and the arrow keys on the unit</Hidden></End>
    </Place>
  );
}

const Strip = styled.div`display: grid; grid-template-columns: 92px minmax(0, 1fr); gap: 0 8px; margin-bottom: 22px; ${narrow} { overflow-x: auto; grid-template-columns: 92px minmax(640px, 1fr); }`;
const Months = styled.div`position: relative; height: 20px; overflow: hidden; font-weight: 600; font-size: 12.5px; span { position: absolute; border-left: 1.5px solid ${colour.ink}; padding-left: 4px; white-space: nowrap; }`;
const Names = styled.div`padding-top: 26px; display: flex; flex-direction: column; b { overflow: hidden; overflow-wrap: anywhere; line-height: 1.25; padding-top: 6px; font-size: 13.5px; }`;
const Field = styled.div`position: relative; border-bottom: 2px solid ${colour.ink}; padding: 26px 0 6px;`;
const Block = styled.div`position: absolute; top: 0; bottom: 0; border: 2px solid ${colour.ink}; border-bottom: 0; background: ${colour.sheet}; font-size: 12.5px; font-weight: 600; color: ${colour.graphite}; padding: 3px 6px; overflow: hidden; white-space: nowrap;`;
const Week = styled.div`position: absolute; top: 24px; bottom: 0; border-left: 1px solid ${colour.rule}; pointer-events: none;`;
const Off = styled.div`position: absolute; top: 24px; bottom: 0; background: repeating-linear-gradient(135deg, transparent 0 5px, ${colour.rule} 5px 6px); pointer-events: none;`;
const Over = styled.div`position: absolute; top: 0; bottom: 0; border: 3px solid ${colour.ink}; pointer-events: none; z-index: 3;`;
const Place = styled.div`position: absolute; top: 3px; height: ${ROW - 8}px; cursor: grab; z-index: 2;`;
const RoomButton = styled(AriaButton)<{ $state: 'pencil' | 'ink' | 'done' }>`
  ${roomLines} ${paper} { background: #fff; } width: 100%; height: 100%; padding: 3px 7px; text-align: left; overflow: hidden; cursor: grab; display: block; position: relative;
  b { font: 600 14.5px/1.15 ${face.title}; display: block; white-space: nowrap; overflow: hidden; text-overflow: ellipsis; } small { font-size: 12px; color: ${colour.graphite}; display: block; white-space: nowrap; overflow: hidden; text-overflow: ellipsis; } & > span { display: flex; gap: 3px; position: absolute; left: 6px; bottom: 6px; }
`;
const Taught = styled.em`position: absolute; left: 0; right: 0; bottom: 0; height: 4px; i { position: absolute; left: 0; top: 0; height: 4px; print-color-adjust: exact; }`;
const End = styled.div`position: absolute; right: -3px; top: 0; bottom: 0; width: 9px; cursor: ew-resize;`;
const Daily = styled.div`position: relative; z-index: 1; height: 23px; margin-bottom: 5px; border: 1.5px solid ${colour.ink}; background: ${colour.room}; font-size: 12.5px; line-height: 19px; padding: 0 7px; white-space: nowrap; overflow: hidden; text-overflow: ellipsis; b { font-weight: 600; }`;
const Today = styled.div`position: absolute; top: 0; bottom: -6px; border-left: 3px solid ${colour.ink}; pointer-events: none; span { position: absolute; top: 3px; left: 4px; font-size: 12px; font-weight: 700; background: ${colour.sheet}; padding: 0 3px; }`;
const Days = styled.div`display: flex; align-items: flex-end; height: 37px; border-bottom: 1.5px solid ${colour.ink}; span { flex: 1; margin-right: 2px; display: flex; flex-direction: column; } i { print-color-adjust: exact; }`;
const Scale = styled.div`display: flex; justify-content: space-between; font-size: 12.5px; color: ${colour.graphite}; padding-top: 2px; b { color: ${colour.ink}; }`;
