'use client';
/** The pace of a unit, live: change it and see the end, set the end and see the pace. Nothing is kept until it is asked for. */
import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { shortDate } from '@/core/calendar/dates';
import { noPace } from '@/core/layout/no-pace';
import type { PaceTried } from '@/core/layout/what-if';
import { Button, PlainButton } from '@/kit/button';
import { NumberField } from '@/kit/field';
import { Link } from '@/kit/link';
import { Caution, Quiet } from '@/kit/text';
import { UnitRuler } from '../frame/unit-ruler';
import { useAct } from '../frame/use-act';
import { keepPace, lookAtPace } from './actions';
import type { LessonsView } from './load';

/** Fetched after the sheet; its room is kept meanwhile. */
const DateField = dynamic(() => import('@/kit/date-field').then((m) => m.DateField), {
  ssr: false,
  loading: () => <Kept />,
});

/** Milliseconds without a keystroke after which the unit is laid out. */
const STILL = 180;

export function Pacing({ view }: { view: LessonsView }) {
  const { act } = useAct();
  const unit = view.unit!;
  const [perWeek, setPerWeek] = useState(unit.lessonsPerWeek);
  const [end, setEnd] = useState(unit.wishedEnd);
  const [tried, setTried] = useState<{ of: string; is: PaceTried }>();
  const [seen, setSeen] = useState(`${unit.lessonsPerWeek} ${unit.wishedEnd}`);
  const stands = `${unit.lessonsPerWeek} ${unit.wishedEnd}`;
  if (stands !== seen) {
    setSeen(stands);
    setPerWeek(unit.lessonsPerWeek);
    setEnd(unit.wishedEnd);
  }
  const asked = `${perWeek} ${end}`;
  const changed = asked !== stands;
  useEffect(() => {
    if (!changed) return;
    let late = false;
    const timer = setTimeout(() => {
      void lookAtPace({ unitId: unit.id, lessonsPerWeek: perWeek, wishedEnd: end }).then(
        (is) => {
          if (is && !late) setTried({ of: asked, is });
        },
        () => undefined,
      );
    }, STILL);
    return () => {
      late = true;
      clearTimeout(timer);
    };
  }, [changed, asked, unit.id, perWeek, end]);
  const trial = changed && tried?.of === asked ? tried.is : undefined;
  const verdict = trial?.verdict ?? view.verdict;
  const message = trial?.message ?? view.message;
  const pace = trial?.paceForEnd;
  return (
    <section aria-label="Pace">
      <Row>
        <NumberField
          label="Lessons a week"
          help="Empty: as even as can be."
          value={perWeek}
          onChange={setPerWeek}
          min={1}
          max={35}
        />
        <DateField label="Hard end" help="Open when there is none." value={end} onChange={setEnd} />
        <div aria-live="polite">
          <b>
            {verdict?.finishes ? `Ends ${shortDate(verdict.finishes)}` : 'No end yet'}
            {changed && !trial ? ' …' : ''}
          </b>
          {pace && pace !== perWeek ? (
            <Quiet>
              {pace} a week would meet the end.{' '}
              <PlainButton onPress={() => setPerWeek(pace)}>Try {pace} a week</PlainButton>
            </Quiet>
          ) : null}
          {end && !pace && trial && !verdict?.meetsEnd ? <Quiet>{noPace(trial.verdict)}.</Quiet> : null}
          {end ? <PlainButton onPress={() => setEnd(null)}>Leave the end open</PlainButton> : null}
        </div>
        {changed ? (
          <Buttons>
            <PlainButton
              onPress={() => {
                setPerWeek(unit.lessonsPerWeek);
                setEnd(unit.wishedEnd);
              }}
            >
              As it was
            </PlainButton>
            <Button
              $primary
              onPress={() =>
                act((base) => keepPace(base, unit.id, { lessonsPerWeek: perWeek, wishedEnd: end }))
              }
            >
              Keep this pace
            </Button>
          </Buttons>
        ) : null}
      </Row>
      <UnitRuler days={trial?.days ?? view.days} today={view.today} wishedEnd={end} message={message} />
      {verdict && (!verdict.meetsEnd || verdict.placed < verdict.lessons) ? (
        <Caution>
          {message}{' '}
          {changed ? null : (
            <Link href={`/weeks/came-up?is=does-not-fit&unit=${unit.id}`}>Ways to make it fit</Link>
          )}
        </Caution>
      ) : (
        <Quiet>{message}</Quiet>
      )}
    </section>
  );
}

const Kept = styled.div`
  min-height: 58px;
`;
const Row = styled.div`
  display: grid;
  grid-template-columns: 120px 170px minmax(0, 1fr) auto;
  gap: 14px;
  align-items: start;
  margin-bottom: 4px;
  & > div:nth-child(3) {
    padding-top: 20px;
    display: grid;
    gap: 2px;
    justify-items: start;
  }
  @media (max-width: 760px) {
    grid-template-columns: 1fr 1fr;
  }
`;
const Buttons = styled.div`
  display: flex;
  gap: 12px;
  align-items: center;
  padding-top: 20px;
`;
