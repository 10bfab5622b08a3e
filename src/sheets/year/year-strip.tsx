'use client';
/**
 * The year drawn to scale: blocks, weeks, units in their places by who is in them, what is daily, and the school days
 * of each week.
 */
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useRef, useState, type KeyboardEvent } from 'react';
import { useDrag } from 'react-aria/useDrag';
import { useDrop } from 'react-aria/useDrop';
import { addDays, daysBetween, dayMonth, monthName, shortDate } from '@/core/calendar/dates';
import { Hatch } from '@/kit/hatch';
import { Menu } from '@/kit/menu';
import { Hidden } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { inYear, lookOfWindow } from '../frame/look';
import { useAct } from '../frame/use-act';
import { reopenUnit } from '../frame/closing/actions';
import { end, place, wait } from './actions';
import type { PlacedUnit, YearView } from './load';
import {
  Strip,
  Months,
  Names,
  Field,
  Block,
  Week,
  Off,
  Over,
  Place,
  RoomButton,
  Taught,
  End,
  Daily,
  Today,
  Days,
  Scale,
  ROW,
} from './strip-lines';

const CloseDialog = dynamic(() => import('../frame/closing/close-dialog').then((m) => m.CloseDialog), {
  ssr: false,
});

/** What is dragged: a unit by its start, taken hold of so many weeks from there, or its end alone. */
export const DRAGGED_UNIT = 'application/x-hausplan-unit';
export interface DraggedUnit {
  id: string;
  is: 'start' | 'end';
  grab: number;
}

export function YearStrip({ view }: { view: YearView }) {
  const { weeks, lanes, daily, today, days } = view;
  const { act } = useAct();
  const n = weeks.length;
  const field = useRef<HTMLDivElement>(null);
  const [over, setOver] = useState<number>();
  const at = (date: string): number => daysBetween(weeks[0].weekFrom, date) / 7;
  const percent = (w: number): string => `${(100 * w) / n}%`;
  const weekAt = (x: number, grab = 0): number =>
    Math.min(n - 1, Math.max(0, Math.floor((x / (field.current?.clientWidth ?? 1)) * n - grab + 0.25)));
  const { dropProps } = useDrop({
    ref: field,
    getDropOperation: (types) => (types.has(DRAGGED_UNIT) ? 'move' : 'cancel'),
    onDropMove: (e) => setOver(weekAt(e.x)),
    onDropExit: () => setOver(undefined),
    onDrop: (e) => {
      setOver(undefined);
      const { x } = e;
      void (async () => {
        const item = e.items.find((i) => i.kind === 'text' && i.types.has(DRAGGED_UNIT));
        if (item?.kind !== 'text') return;
        const dragged = JSON.parse(await item.getText(DRAGGED_UNIT)) as DraggedUnit;
        const { weekFrom } = weeks[weekAt(x, dragged.grab)];
        if (dragged.is === 'end')
          act((base) => end(base, { unitId: dragged.id, wishedEnd: addDays(weekFrom, 4) }));
        else
          act((base) =>
            place(base, {
              unitId: dragged.id,
              starts: days.find((d) => d.date >= weekFrom)?.date ?? weekFrom,
            }),
          );
      })();
    },
  });
  const blocks = new Map<number, { from: number; to: number; name: string }>();
  weeks.forEach(
    (w, i) =>
      w.block && blocks.set(w.block, { from: blocks.get(w.block)?.from ?? i, to: i + 1, name: w.name }),
  );
  const months = weeks.flatMap((w, i) =>
    i === 0 || weeks[i - 1].weekFrom.slice(0, 7) !== w.weekFrom.slice(0, 7)
      ? [{ at: i, name: monthName(addDays(w.weekFrom, 6)) }]
      : [],
  );
  const all = lanes.flatMap((l) => l.rows.flat());
  return (
    <Strip
      role="group"
      aria-label={`The year: ${n} calendar weeks. ${all.map((u) => `${u.title} from ${dayMonth(u.first)} to ${dayMonth(u.last)}`).join('; ')}`}
    >
      <span />
      <Months>
        {months
          .filter(
            (m, i) =>
              (months[i + 1]?.at ?? n + 2) - m.at > 1 && n - m.at > 1 && (months.length <= 14 || i % 2 === 0),
          )
          .map((m) => (
            <span key={m.at} style={{ left: percent(m.at) }}>
              {m.name}
            </span>
          ))}
      </Months>
      <Names>
        {lanes.map((l) => (
          <b key={l.who} style={{ height: l.rows.length * ROW }}>
            {l.who}
          </b>
        ))}
        {daily.length ? <b style={{ height: daily.length * 28 }}>Daily</b> : null}
      </Names>
      <Field ref={field} {...dropProps} style={{ minHeight: 90 }}>
        {[...blocks].map(([block, b]) => (
          <Block key={block} style={{ left: percent(b.from), width: percent(b.to - b.from) }}>
            <span>{b.name}</span>
          </Block>
        ))}
        {weeks.map((w, i) => (w.days && i ? <Week key={w.weekFrom} style={{ left: percent(i) }} /> : null))}
        {weeks.map((w, i) =>
          w.off && w.days < 5 ? (
            <Off
              key={w.weekFrom}
              style={{ left: percent(i), width: percent(1) }}
              title={`${dayMonth(w.weekFrom)}: ${w.off}`}
            />
          ) : null,
        )}
        {over !== undefined ? <Over style={{ left: percent(over), width: percent(1) }} /> : null}
        {today >= weeks[0].weekFrom && today <= view.year!.ends ? (
          <Today style={{ left: percent(at(today)) }}>
            <span>today</span>
          </Today>
        ) : null}
        {lanes
          .flatMap((l) => l.rows)
          .map((row, r) => (
            <div key={r} style={{ position: 'relative', height: ROW }}>
              {row.map((u) => (
                <UnitRoom
                  key={u.id}
                  unit={u}
                  view={view}
                  left={at(u.first)}
                  width={Math.max(1.6, at(u.last) - at(u.first) + 0.3)}
                  n={n}
                />
              ))}
            </div>
          ))}
        {daily.map((d) => (
          <Daily
            key={d.id}
            style={{
              marginLeft: percent(Math.max(0, at(d.first))),
              width: percent(Math.min(n, at(d.last) + 0.3) - Math.max(0, at(d.first))),
            }}
            title={d.message}
          >
            <b>{d.title}</b> {d.message}
          </Daily>
        ))}
      </Field>
      <b>School days</b>
      <div>
        <Days>
          {weeks.map((w) => (
            <span
              key={w.weekFrom}
              title={`Week of ${dayMonth(w.weekFrom)}: ${w.days} school days${w.short ? `, ${w.short} of them short` : ''}${w.off ? `; off: ${w.off}` : ''}`}
            >
              <i data-done="" style={{ height: w.done * 5 }} />
              <i style={{ height: (w.days - w.done) * 5 }} />
            </span>
          ))}
        </Days>
        <Scale>
          <span>{view.goneBy} gone by</span>
          <b>
            {view.figures?.schoolDays} days by {shortDate(view.year!.ends)}
          </b>
        </Scale>
      </div>
    </Strip>
  );
}

/** The first line of a unit’s menu. */
function headOf(u: PlacedUnit): string {
  const length = u.hoped ? ', as hoped' : `, ${u.lessons} lessons`;
  const closed = u.closed ? `; closed ${dayMonth(u.closed.on)}, ${u.closed.taught} taught` : '';
  return `${dayMonth(u.first)} to ${dayMonth(u.last)}${length}${closed}${u.note ? `; ${u.note}` : ''}`;
}

function lengthOf(u: PlacedUnit): string {
  if (u.closed) return `${u.closed.taught} of ${u.lessons}, closed`;
  return `${u.hoped ? 'hoped for' : `${u.lessons} lessons`}${u.wishedEnd ? ` · end ${dayMonth(u.wishedEnd)}` : ''}`;
}

function UnitRoom({
  unit: u,
  view,
  left,
  width,
  n,
}: {
  unit: PlacedUnit;
  view: YearView;
  left: number;
  width: number;
  n: number;
}) {
  const { act } = useAct();
  const router = useRouter();
  const [isClosing, setClosing] = useState(false);
  const box = useRef<HTMLDivElement>(null);
  const grabbed = useRef(0);
  const { dragProps, isDragging } = useDrag({
    getItems: () => [
      {
        [DRAGGED_UNIT]: JSON.stringify({
          id: u.id,
          is: 'start',
          grab: grabbed.current,
        } satisfies DraggedUnit),
        'text/plain': u.title,
      },
    ],
  });
  const { dragProps: endProps } = useDrag({
    getItems: () => [
      {
        [DRAGGED_UNIT]: JSON.stringify({ id: u.id, is: 'end', grab: 0 } satisfies DraggedUnit),
        'text/plain': u.title,
      },
    ],
  });
  const onDay = (date: string): string => view.days.find((d) => d.date >= date)?.date ?? date;
  const startBy = (weeks: number): void =>
    act((base) => place(base, { unitId: u.id, starts: onDay(addDays(u.starts, 7 * weeks)) }));
  const endBy = (weeks: number): void =>
    act((base) => end(base, { unitId: u.id, wishedEnd: addDays(u.wishedEnd ?? u.last, 7 * weeks) }));
  const onKeyDown = (e: KeyboardEvent): void => {
    if (u.closed || !e.altKey || (e.key !== 'ArrowLeft' && e.key !== 'ArrowRight')) return;
    e.preventDefault();
    e.stopPropagation();
    const by = e.key === 'ArrowLeft' ? -1 : 1;
    if (e.shiftKey) endBy(by);
    else startBy(by);
  };
  const share = (to: string): number =>
    to ? Math.min(100, (100 * (daysBetween(u.first, to) + 1)) / (daysBetween(u.first, u.last) + 1)) : 0;
  const percent = (w: number): string => `${(100 * w) / n}%`;
  const moves = [
    { name: 'A week earlier', keys: 'Alt ←', do: () => startBy(-1) },
    { name: 'A week later', keys: 'Alt →', do: () => startBy(1) },
    { name: 'End a week earlier', keys: 'Alt Shift ←', do: () => endBy(-1) },
    { name: 'End a week later', keys: 'Alt Shift →', do: () => endBy(1) },
    ...(u.wishedEnd
      ? [
          {
            name: 'Leave the end open',
            do: () => act((base) => end(base, { unitId: u.id, wishedEnd: null })),
          },
        ]
      : []),
    { name: 'Let it wait', do: () => act((base) => wait(base, u.id)) },
    { name: 'Close it: done, or enough…', do: () => setClosing(true) },
  ];
  return (
    <Place
      ref={box}
      {...dragProps}
      onKeyDownCapture={onKeyDown}
      onPointerDown={(e) => {
        const r = box.current!.getBoundingClientRect();
        grabbed.current = ((e.clientX - r.left) / r.width) * width;
      }}
      style={{ left: percent(left), width: percent(width), opacity: isDragging ? 0.5 : 1 }}
    >
      <Menu
        label={u.title}
        groups={[
          {
            title: headOf(u),
            doings: [
              { name: 'Open it', do: () => router.push(inYear(`/unit?unit=${u.id}`, lookOfWindow())) },
              { name: 'Its lessons', do: () => router.push(inYear(`/lessons?unit=${u.id}`, lookOfWindow())) },
              ...(u.closed
                ? [{ name: 'Go on with it', do: () => act((base) => reopenUnit(base, u.id)) }]
                : moves),
            ],
          },
          ...(u.closed
            ? []
            : [
                {
                  title: 'Begin with',
                  doings: view.begins.map((b) => ({
                    name: `${b.name}, ${shortDate(b.date)}`,
                    do: () => act((base) => place(base, { unitId: u.id, starts: b.date })),
                  })),
                },
              ]),
        ]}
      >
        <RoomButton $state={u.state} aria-label={`${u.title}, ${dayMonth(u.first)} to ${dayMonth(u.last)}`}>
          <b>{u.title}</b>
          <small>{lengthOf(u)}</small>
          <span>
            {u.hatches.map((h) => (
              <Hatch key={h} name={h} width={16} height={7} framed={false} />
            ))}
          </span>
          {u.hoped ? null : (
            <Taught aria-hidden="true">
              <i style={{ width: `${share(u.inkTo)}%`, background: colour.wash }} />
              <i style={{ width: `${share(u.doneTo)}%`, background: colour.ink }} />
            </Taught>
          )}
        </RoomButton>
      </Menu>
      {isClosing ? <CloseDialog unit={u} onClose={() => setClosing(false)} /> : null}
      <End {...endProps} title="Drag to set its end">
        <Hidden>The end of {u.title}; drag it, or use Alt Shift and the arrow keys on the unit</Hidden>
      </End>
    </Place>
  );
}
