'use client';
/** What was before this unit: the one it repeats, and lessons that closed units left over. */
import { shortDate } from '@/core/calendar/dates';
import { count } from '@/core/plan/called';
import type { Unit } from '@/core/plan/unit';
import { PlainButton } from '@/kit/button';
import { Fold } from '@/kit/fold';
import { Link } from '@/kit/link';
import { Column, Heading, Line, Quiet } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { takeLeftOver } from './actions';
import type { UnitView } from './load';

/** @param unit none, where a new one is about to begin */
export function Before({ view: { leftOver, repeated, info }, unit }: { view: UnitView; unit: Unit | null }) {
  const { act } = useAct();
  const others = leftOver.filter((u) => u.id !== unit?.id);
  if (!unit?.repeats && !others.length) return null;
  return (
    <Column aria-labelledby="before">
      <header>
        <Heading id="before">From before</Heading>
      </header>
      {unit?.repeats ? (
        <Line>
          <span>
            It repeats “{unit.repeats.title}”
            {unit.repeats.closedOn
              ? `, closed on ${shortDate(unit.repeats.closedOn)} ${unit.repeats.closedOn.slice(0, 4)}`
              : ''}
            . {repeated ? <Link href={repeated}>Look back on it</Link> : null}
          </span>
        </Line>
      ) : null}
      {unit || !others.length ? null : (
        <Quiet>What is left over can be taken into the new unit, once it has begun.</Quiet>
      )}
      {others.map((u) => (
        <Fold key={u.id} title={`${count(u.lessons.length, 'lesson')} left over`} message={`of ${u.title}`}>
          {u.lessons.map((l) => (
            <Line key={l.id}>
              <span>
                {l.title}
                <Quiet>{count(l.parts, 'part')}</Quiet>
              </span>
              {info.looking || !unit || unit.closedOn !== null ? null : (
                <PlainButton
                  aria-label={`Take “${l.title}” into this unit`}
                  onPress={() => act((base) => takeLeftOver(base, { lessonId: l.id, unitId: unit.id }))}
                >
                  take it in
                </PlainButton>
              )}
            </Line>
          ))}
        </Fold>
      ))}
    </Column>
  );
}
