'use client';
/** The year drawn to scale: blocks, weeks, units in their places and the school days of each week. */
import styled from 'styled-components';
import { daysBetween, dayMonth, mondayOf, monthName } from '@/core/calendar/dates';
import { Hatch, type HatchName } from '@/kit/hatch';
import { roomLines } from '@/kit/room';
import { Hidden } from '@/kit/text';
import { colour, face } from '@/kit/tokens';
import type { YearView } from './load';

export function YearStrip({ weeks, units, today }: YearView) {
  const n = weeks.length;
  const at = (date: string): number => daysBetween(weeks[0].monday, date) / 7;
  const percent = (w: number): string => `${(100 * w) / n}%`;
  const blocks = new Map<number, { from: number; to: number }>();
  weeks.forEach((w, i) => w.block && blocks.set(w.block, { from: blocks.get(w.block)?.from ?? i, to: i + 1 }));
  const months = weeks.flatMap((w, i) => (i === 0 || weeks[i - 1].monday.slice(0, 7) !== w.monday.slice(0, 7) ? [{ at: i, name: monthName(w.monday) }] : []));
  return (
    <Strip role="img" aria-label={`The year: ${n} calendar weeks. ${units.map((u) => `${u.title} from ${dayMonth(u.first)} to ${dayMonth(u.last)}`).join('; ')}`}>
      <Months>{months.filter((m, i) => (months[i + 1]?.at ?? n + 2) - m.at > 1 && n - m.at > 1 && (months.length <= 14 || i % 2 === 0)).map((m) => <span key={m.at} style={{ left: percent(m.at) }}>{m.name}</span>)}</Months>
      <Plan style={{ height: 34 + Math.max(1, units.length) * 58 }}>
        {[...blocks].map(([block, b]) => <Block key={block} style={{ left: percent(b.from), width: percent(b.to - b.from) }}><span>{blocks.size > 1 ? `Block ${block}` : 'School'}</span></Block>)}
        {today >= weeks[0].monday && mondayOf(today) <= weeks[n - 1].monday ? <Today style={{ left: percent(at(today)) }}><Hidden>today</Hidden></Today> : null}
        {units.map((u, i) => (
          <Unit key={u.id} title={u.title} $state={u.state} style={{ left: percent(at(u.first)), width: percent(Math.max(1, at(u.last) - at(u.first) + 0.3)), top: 28 + i * 58 }}>
            <b>{u.title}</b>
            <span>{u.hatches.map((h) => <Hatch key={h} name={h as HatchName} width={18} height={7} framed={false} />)}</span>
          </Unit>
        ))}
      </Plan>
      <Days>{weeks.map((w) => <span key={w.monday} title={`Week of ${dayMonth(w.monday)}: ${w.days} school days`} style={{ height: w.days * 4, background: w.done === w.days && w.days ? colour.ink : colour.wash }} />)}</Days>
    </Strip>
  );
}

const Strip = styled.div`margin-bottom: 26px; overflow: hidden;`;
const Months = styled.div`position: relative; height: 20px; font-weight: 600; font-size: 12.5px; span { position: absolute; border-left: 1.5px solid ${colour.ink}; padding-left: 4px; white-space: nowrap; }`;
const Plan = styled.div`position: relative; border-bottom: 2px solid ${colour.ink};`;
const Block = styled.div`position: absolute; top: 0; bottom: 0; border: 2px solid ${colour.ink}; border-bottom: 0; background: ${colour.sheet}; font-size: 12.5px; font-weight: 600; color: ${colour.graphite}; padding: 3px 6px; overflow: hidden; white-space: nowrap;`;
const Unit = styled.div<{ $state: 'pencil' | 'ink' }>`
  ${roomLines} position: absolute; height: 52px; padding: 4px 7px; overflow: hidden;
  b { font: 600 14.5px/1.15 ${face.title}; display: -webkit-box; -webkit-line-clamp: 2; -webkit-box-orient: vertical; overflow: hidden; } span { display: flex; gap: 3px; position: absolute; left: 5px; bottom: 2px; background: ${colour.room}; }
`;
const Today = styled.div`position: absolute; top: 0; bottom: -6px; border-left: 3px solid ${colour.ink};`;
const Days = styled.div`display: flex; align-items: flex-end; height: 26px; span { flex: 1; margin-right: 2px; print-color-adjust: exact; }`;
