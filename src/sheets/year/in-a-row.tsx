'use client';
import { useState } from 'react';
import styled from 'styled-components';
import { shortDate } from '@/core/calendar/dates';
import { unitsInRow, type InRow } from '@/core/pacing/pacing';
import { Button } from '@/kit/button';
import { DateField } from '@/kit/date-field';
import { NumberField } from '@/kit/field';
import { Caution, Heading, Quiet } from '@/kit/text';
import { narrow, paper } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { placeRow } from './actions';
import type { WaitingUnit, YearView } from './load';

/** “Two more units, one after another: will they end before the year does?” */
export function InARow({ view, chosen }: { view: YearView; chosen: WaitingUnit[] }) {
  const { act } = useAct();
  const last =
    view.lanes
      .flatMap((l) => l.rows.flat())
      .map((u) => u.last)
      .sort()
      .at(-1) ?? view.today;
  const [from, setFrom] = useState<string | null>(
    view.days.find((d) => d.date > last && d.date >= view.today)?.date ??
      view.days.find((d) => d.date >= view.today)?.date ??
      null,
  );
  const [by, setBy] = useState<string | null>(null);
  const [more, setMore] = useState<number | null>(chosen.length ? 0 : 2);
  const [lessons, setLessons] = useState<number | null>(12);
  const [pace, setPace] = useState<number | null>(3);
  const row: InRow[] = [
    ...chosen.map((u) => ({
      title: u.title,
      lessons: u.lessons || (u.hopedWeeks ?? 3) * u.perWeek,
      perWeek: u.perWeek,
    })),
    ...Array.from({ length: more ?? 0 }, (_, i) => ({
      title: `${chosen.length ? 'one more' : `unit ${i + 1}`}`,
      lessons: lessons ?? 0,
      perWeek: pace ?? 1,
    })),
  ].filter((u) => u.lessons > 0);
  const answer = from && row.length ? unitsInRow(view.days, from, row, by ?? undefined) : undefined;
  const ends = answer?.units.at(-1)?.ends;
  return (
    <Asked aria-labelledby="row">
      <Heading id="row">One after another: will they end in time?</Heading>
      <Fields>
        <DateField label="From" value={from} onChange={setFrom} />
        <DateField label="To end by" help="Open: by the end of the year." value={by} onChange={setBy} />
        <NumberField
          label={chosen.length ? 'And so many more' : 'So many units'}
          value={more}
          onChange={setMore}
          min={0}
          max={20}
        />
        <NumberField label="Lessons each" value={lessons} onChange={setLessons} min={1} max={200} />
        <NumberField label="Lessons a week" value={pace} onChange={setPace} min={1} max={35} />
      </Fields>
      {chosen.length ? null : <Quiet>Or tick “in a row” on waiting topics.</Quiet>}
      {answer ? (
        <div aria-live="polite">
          {answer.fits ? (
            <p>
              <b>Yes: the last ends {shortDate(ends!)}.</b>
            </p>
          ) : (
            <Caution>
              No{answer.pace ? `; at ${answer.pace} lessons a week each they would` : ', at no pace'}.
            </Caution>
          )}
          <ol>
            {answer.units.map((u, i) => (
              <li key={i}>
                {row[i].title}, {row[i].lessons} lessons at {row[i].perWeek} a week:{' '}
                {u.starts
                  ? `${shortDate(u.starts)} to ${u.ends ? shortDate(u.ends) : 'past the end of the year'}${by && u.ends && u.ends > by ? ', too late' : ''}`
                  : 'the year is over before it begins'}
              </li>
            ))}
          </ol>
          {chosen.length && answer.fits && !more ? (
            <Button
              onPress={() =>
                act((base) =>
                  placeRow(base, {
                    unitIds: chosen.map((u) => u.id),
                    from: from!,
                    ...(by ? { end: by } : {}),
                  }),
                )
              }
            >
              Place them so
            </Button>
          ) : null}
        </div>
      ) : null}
    </Asked>
  );
}

const Asked = styled.section`
  ${paper} {
    display: none;
  }
  margin-top: 18px;
  display: grid;
  gap: 8px;
  ol {
    font-size: 13.5px;
  }
`;
const Fields = styled.div`
  display: grid;
  grid-template-columns: 170px 170px repeat(3, 120px);
  gap: 12px;
  align-items: end;
  ${narrow} {
    grid-template-columns: 1fr 1fr;
  }
`;
