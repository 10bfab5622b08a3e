'use client';
/** The unit closed last in a few lines, and the way to look back on it whole. */
import { shortDate } from '@/core/calendar/dates';
import { count } from '@/core/plan/called';
import { Link } from '@/kit/link';
import { Column, Heading, Line, Quiet } from '@/kit/text';
import type { RecordView } from './load';

export function LookBackLines({ back }: { back: NonNullable<RecordView['back']> }) {
  const { id, title, closedOn, lessons, taught, weeks, hoped, factors, loved, printed, unopened } = back;
  return (
    <Column aria-labelledby="back">
      <header>
        <Heading id="back">Look back: {title}</Heading>
        <Quiet as="span">
          {closedOn ? `closed ${shortDate(closedOn)}, ` : ''}
          {taught} of {count(lessons, 'lesson')}
        </Quiet>
      </header>
      <Line>
        <span>
          Took {count(weeks, 'week')}
          {hoped ? ` of ${hoped}` : ''}
          {factors.map((f) => (
            <span key={f.kind}>
              {' '}
              · {f.kind} ran <b>{f.factor}×</b> their minutes
            </span>
          ))}
        </span>
      </Line>
      <Line>
        <span>
          {[
            loved.length ? `Loved: ${loved.join(', ')}` : 'Nothing was noted as loved',
            printed.pages
              ? `printed and not used: ${printed.unused} of ${count(printed.pages, 'sheet')}`
              : '',
            unopened ? `never opened: ${count(unopened, 'book')}` : '',
          ]
            .filter(Boolean)
            .join(' · ')}{' '}
          <Link href={`/record/look-back?unit=${id}`}>all of it, and what to keep, change, drop</Link>
        </span>
      </Line>
    </Column>
  );
}
