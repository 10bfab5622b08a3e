'use client';
/** The year as it was taught: a bar a week, what is lost struck through, what is to come in pencil; and what is missing. */
import styled from 'styled-components';
import { shortDate } from '@/core/calendar/dates';
import { count, inAList } from '@/core/plan/called';
import type { DaysKept } from '@/core/record/days';
import { Link } from '@/kit/link';
import { Quiet } from '@/kit/text';
import { colour, filled, forcedColours } from '@/kit/tokens';

/** Pixels a day is high. */
const DAY = 14;

export function AsBuilt({ days }: { days: DaysKept }) {
  const { weeks, kept, lost } = days;
  return (
    <section aria-label="As built">
      <Weeks role="img" aria-label={`${kept} school days kept, ${lost.length} lost, ${days.toCome} to come`}>
        {weeks.map((w, i) => (
          <span key={w.weekFrom}>
            {w.toCome ? <i data-to-come="" style={{ height: w.toCome * DAY }} /> : null}
            {Array.from({ length: w.lost }, (_, n) => (
              <i key={n} data-lost="" style={{ height: DAY }} />
            ))}
            {w.kept ? <i data-kept="" style={{ height: w.kept * DAY }} /> : null}
            <small>{isFirstOfMonth(weeks, i) ? shortDate(w.weekFrom).split(' ').at(-1) : ''}</small>
          </span>
        ))}
      </Weeks>
      <p>
        <b>{kept}</b> school {kept === 1 ? 'day' : 'days'} kept, <b>{lost.length}</b> lost{why(lost)}
        <Target days={days} />
      </p>
    </section>
  );
}

/** Whether a month begins in this week and goes on in the next: one with a single week has no room for its name. */
function isFirstOfMonth(weeks: DaysKept['weeks'], i: number): boolean {
  const month = (at: number): string | undefined => weeks[at]?.weekFrom.slice(0, 7);
  return month(i) !== month(i - 1) && month(i) === month(i + 1);
}

/** “ (2 ill, 1 snow)”; days of which nothing is written down are said as that. */
function why(lost: DaysKept['lost']): string {
  const by = new Map<string, number>();
  for (const { why } of lost)
    by.set(why || 'nothing written down', (by.get(why || 'nothing written down') ?? 0) + 1);
  return by.size ? ` (${[...by].map(([what, n]) => `${n} ${what}`).join(', ')})` : '';
}

function Target({ days: { target, kept, toCome, short, wouldDo } }: { days: DaysKept }) {
  if (target === null)
    return (
      <>
        {' '}
        · <Link href="/year">set a target of your own</Link>
      </>
    );
  const toGo = Math.max(0, target - kept);
  return (
    <>
      {' '}
      · your target <b>{target}</b>: {toGo} to go, {toCome} on the plan
      {short ? (
        <>
          , <Red>{short} short</Red>.{' '}
          {wouldDo.length === short ? (
            <Link href="/year">
              {count(short, 'Saturday')} would do: {inAList(wouldDo.slice(0, 3).map(shortDate))}
              {short > 3 ? ' and on' : ''}
            </Link>
          ) : (
            <>
              There are {count(wouldDo.length, 'Saturday')} for it; the rest needs{' '}
              <Link href="/year">a longer year or fewer weeks off</Link>
            </>
          )}
        </>
      ) : (
        ', which is enough'
      )}
      .{' '}
      <Quiet as="span">
        Hausplan counts and keeps. What has to be kept, and shown to whom, differs from place to place: ask
        your authority.
      </Quiet>
    </>
  );
}

const Red = styled.b`
  color: ${colour.red};
`;
const Weeks = styled.div`
  display: flex;
  gap: 3px;
  align-items: flex-end;
  min-height: ${5 * DAY + 20}px;
  & > span {
    flex: 1 1 0;
    min-width: 0;
    display: flex;
    flex-direction: column;
    justify-content: flex-end;
  }
  i {
    display: block;
  }
  i[data-kept] {
    background: ${colour.ink};
    ${forcedColours} {
      ${filled}
    }
  }
  i[data-lost] {
    border: 1.5px solid ${colour.red};
    background: linear-gradient(
      to top right,
      transparent calc(50% - 1px),
      ${colour.red} calc(50% - 1px),
      ${colour.red} calc(50% + 1px),
      transparent calc(50% + 1px)
    );
  }
  i[data-to-come] {
    border: 1px dashed ${colour.pencil};
    border-bottom: 0;
  }
  small {
    height: 18px;
    font-size: 12px;
    border-top: 1.5px solid ${colour.ink};
    white-space: nowrap;
    overflow: visible;
  }
`;
