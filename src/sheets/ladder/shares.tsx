'use client';
/** What the lesson asks of everybody: who has too much and what would mend it, who waits for whom, who is done early. */
import { Working } from '@/kit/working';
import { loadRemedies, mendLoad, waitRemedies } from './load-actions';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { lengthText, shortDate } from '@/core/calendar/dates';
import { PlainButton } from '@/kit/button';
import { Hatch } from '@/kit/hatch';
import { Caution, Heading, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useSingleKeys } from '../frame/single-keys';
import { useAct } from '../frame/use-act';
import { addForOne } from './actions';
import type { LadderView } from './load';
import { LoadsFold } from '../frame/loads-fold';
import { Rates } from './rates';

/** Keys that take a way to mend, in the order in which the ways stand. */
const WAY_KEYS = 'abcdefghij';
const TYPING = 'input, textarea, [role=dialog], [role=alertdialog], [role=menu], [role=listbox]';

type Ways = Awaited<ReturnType<typeof loadRemedies>>;

export function Shares({ view, lessonId }: { view: LadderView; lessonId: string }) {
  const { act } = useAct();
  const singleKeys = useSingleKeys();
  const over = view.shares.filter((o) => o.over);
  const asked = JSON.stringify([view.info.revision, lessonId, over.map((o) => o.childId)]);
  const [found, setFound] = useState<{ asked: string; ways: Ways[] }>();
  useEffect(() => {
    let late = false;
    const [, lesson, whose] = JSON.parse(asked) as [number, string, (string | null)[]];
    void Promise.all(whose.map((childId) => loadRemedies(lesson, childId))).then(
      (ways) => {
        if (!late) setFound({ asked, ways });
      },
      () => undefined,
    );
    return () => {
      late = true;
    };
  }, [asked]);
  const ways = found?.asked === asked ? found.ways : undefined;
  const numbered = (ways ?? [])
    .flatMap((list, o) => list.map((way) => ({ way, o })))
    .map((w, i) => ({ ...w, key: WAY_KEYS[i] as string | undefined }));
  useEffect(() => {
    const onKey = (e: KeyboardEvent): void => {
      if (
        !singleKeys ||
        e.ctrlKey ||
        e.metaKey ||
        e.altKey ||
        e.defaultPrevented ||
        (e.target instanceof Element && e.target.closest(TYPING))
      )
        return;
      const way = numbered.find((w) => w.key === e.key)?.way;
      if (way) act((base) => mendLoad(base, lessonId, way.remedy));
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
  return (
    <Under>
      {over.map((o, i) => (
        <Mend key={o.name} aria-label={`${o.name} ${o.childId ? 'has' : 'have'} too much`}>
          <Caution>
            {o.minutes > o.limit || !o.day
              ? `${o.name}: ${o.minutes} min in this lesson, and can take ${o.limit}.`
              : `${o.name}: ${o.day.minutes} min on ${shortDate(o.day.date)}, and can take ${o.day.limit}.`}
          </Caution>
          {ways ? (
            numbered
              .filter((w) => w.o === i)
              .map(({ way, key }) => (
                <PlainButton
                  key={way.message}
                  onPress={() => act((base) => mendLoad(base, lessonId, way.remedy))}
                >
                  {key ? <kbd>{key}</kbd> : null} {way.message}
                </PlainButton>
              ))
          ) : (
            <Working what="Working out what would mend it" />
          )}
          {ways && !ways[i]?.length ? (
            <Quiet>Nothing small would mend it. Split the lesson, or leave a part out for everyone.</Quiet>
          ) : null}
        </Mend>
      ))}
      {view.waits.length ? (
        <section aria-label="Who waits for whom">
          <Heading>Waiting for you</Heading>
          {view.waits.map((w) => (
            <Waits key={`${view.info.revision} ${w.message}`} {...w} lessonId={lessonId} />
          ))}
        </section>
      ) : null}
      {view.early.length ? (
        <section aria-label="Done early">
          <Heading>Done early</Heading>
          {view.early.map((e) => (
            <Early key={e.child.id}>
              <span>
                <Hatch name={e.child.hatch} /> <b>{e.child.name}</b>
              </span>
              <div>
                <p>
                  {e.minutes
                    ? `${lengthText(e.minutes)} of work; the others are at it ${lengthText(e.idle)} longer.`
                    : `Takes no part: kept busy and safe for ${lengthText(e.idle)}, a few minutes at a time.`}
                </p>
                <ul>
                  {e.fillers.map((f) => (
                    <li key={f.text}>
                      {e.inUnit ? (
                        <PlainButton
                          onPress={() =>
                            act((base) =>
                              addForOne(base, {
                                lessonId,
                                childId: e.child.id,
                                title: f.text,
                                minutes: f.minutes,
                                lead: 'not-needed',
                              }),
                            )
                          }
                        >
                          {f.text}, {f.minutes} min
                        </PlainButton>
                      ) : (
                        <>
                          {f.text}, {f.minutes} min
                        </>
                      )}
                    </li>
                  ))}
                </ul>
                {e.care.map((c) => (
                  <Caution key={c}>{c}</Caution>
                ))}
              </div>
            </Early>
          ))}
        </section>
      ) : null}
      {view.days.length > 1 ? (
        <LoadsFold
          title="Minutes over the unit"
          days={view.days}
          weeks={view.weeks}
          everyone={view.everyone}
        />
      ) : null}
      {view.rates.length ? <Rates rates={view.rates} /> : null}
    </Under>
  );
}

/** A child who waits for the parent, and on asking, what would make it shorter. */
function Waits({ message, wait, lessonId }: LadderView['waits'][number] & { lessonId: string }) {
  const { act } = useAct();
  const [ways, setWays] = useState<Ways | 'asked'>();
  const ask = (): void => {
    setWays('asked');
    void waitRemedies(lessonId, wait).then(setWays, () => setWays(undefined));
  };
  return (
    <Mend>
      <p>
        {message} {ways === undefined ? <PlainButton onPress={ask}>What would help?</PlainButton> : null}
      </p>
      {ways === 'asked' ? (
        <Working what="Working it out" />
      ) : (
        ways?.map((way) => (
          <PlainButton key={way.message} onPress={() => act((base) => mendLoad(base, lessonId, way.remedy))}>
            {way.message}
          </PlainButton>
        ))
      )}
      {Array.isArray(ways) && !ways.length ? (
        <Quiet>
          Nobody older can take it over. Let one of them begin with something of their own, or leave a part
          out.
        </Quiet>
      ) : null}
    </Mend>
  );
}
const Under = styled.div`
  display: grid;
  gap: 18px;
  margin-top: 4px;
`;
const Mend = styled.section`
  padding: 8px 0;
  border-top: 1px solid ${colour.rule};
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: baseline;
  & > :first-child {
    flex-basis: 100%;
  }
  kbd {
    font: inherit;
    font-weight: 700;
    border: 1px solid ${colour.ink};
    padding: 0 5px;
    margin-right: 3px;
    display: inline-block;
  }
`;
const Early = styled.div`
  display: grid;
  grid-template-columns: 120px 1fr;
  gap: 4px 10px;
  padding: 8px 0;
  border-bottom: 1px solid ${colour.rule};
  & > span {
    display: flex;
    gap: 6px;
    align-items: center;
    align-self: start;
  }
  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 18px;
    font-size: 13px;
  }
`;
