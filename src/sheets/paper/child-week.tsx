'use client';
/** Each child's week on one landscape page: a column a day, boxes to tick. */
import styled from 'styled-components';
import { count } from '@/core/plan/called';
import { Hatch, HatchPatterns } from '@/kit/hatch';
import { Quiet } from '@/kit/text';
import { face, paper, paperColours } from '@/kit/tokens';
import { useReady } from '../frame/use-ready';
import type { ChildWeekView } from './child-week-load';
import { Preview } from './page-frame';
import { SheetBar } from './sheet-bar';

/** Things on the fullest day from which type is smaller. */
const FULL = 8;
const VERY_FULL = 13;

function sizeFor(most: number): number {
  if (most > VERY_FULL) return 10;
  return most > FULL ? 12 : 15;
}

export function ChildWeek({ weekOf, size, other, back, weeks }: ChildWeekView) {
  useReady();
  return (
    <Preview>
      <HatchPatterns />
      <SheetBar
        title="A week on one page"
        says={`The week of ${weekOf}: ${count(weeks.length, 'sheet')}, one for each child`}
        back={{ href: back, name: 'Back to the week' }}
        size={size}
        other={other}
        isEmpty={!weeks.length}
        landscape
      />
      {weeks.length ? null : <Quiet>Nothing is planned in this week.</Quiet>}
      {weeks.map(({ child, days }) => {
        const most = Math.max(...days.map((d) => d.tasks.length));
        return (
          <Week key={child.id} $type={sizeFor(most)} aria-label={`${child.name}, the week of ${weekOf}`}>
            <header>
              <Hatch name={child.hatch} width={54} height={20} />
              <b>{child.name}</b>
              <span>the week of {weekOf}</span>
            </header>
            <ol style={{ gridTemplateColumns: `repeat(${days.length}, minmax(0, 1fr))` }}>
              {days.map((d) => (
                <li key={d.date}>
                  <h2>{d.name}</h2>
                  {d.tasks.map((t) => (
                    <p key={t.id}>
                      <i aria-hidden="true" />
                      <span>
                        <b>{t.title}</b>
                        {t.minutes ? ` ${t.minutes} min` : ''}
                        {t.wording ? <small>{t.wording}</small> : null}
                      </span>
                    </p>
                  ))}
                </li>
              ))}
            </ol>
          </Week>
        );
      })}
    </Preview>
  );
}

const Week = styled.section<{ $type: number }>`
  font-size: 14px;
  ${paperColours}
  background: #fff;
  color: #000;
  border: 1.5px solid #000;
  padding: 14px 16px;
  margin-bottom: 20px;
  font-family: ${face.child};
  line-height: 1.3;
  overflow-wrap: anywhere;
  header {
    display: flex;
    gap: 12px;
    align-items: center;
    b {
      font-size: 24px;
    }
    span {
      margin-left: auto;
    }
  }
  ol {
    display: grid;
    gap: 14px;
    margin-top: 8px;
  }
  h2 {
    font-size: 1.2em;
    border-bottom: 1.5px solid #000;
  }
  p {
    display: grid;
    grid-template-columns: 1.3em minmax(0, 1fr);
    padding: 4px 0;
    border-bottom: 1px solid #999;
  }
  i {
    width: 0.95em;
    height: 0.95em;
    border: 1.5px solid #000;
    margin-top: 0.15em;
  }
  small {
    display: block;
    font-size: 0.92em;
  }
  ${paper} {
    font-size: ${(p) => p.$type}px;
    border: 0;
    padding: 0;
    margin: 0;
    break-after: page;
    &:last-of-type {
      break-after: auto;
    }
  }
`;
