'use client';
/** What the lesson asks of everybody: who has too much and what would mend it, who waits for whom, who is done early. */
import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { lengthText, shortDate } from '@/core/calendar/dates';
import { PlainButton } from '@/kit/button';
import { Fold } from '@/kit/fold';
import { Hatch } from '@/kit/hatch';
import { Caution, Heading, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { addForOne, loadRemedies, mendLoad, waitRemedies } from './actions';
import type { LadderView } from './load';

const LoadChart = dynamic(() => import('./load-chart').then((m) => m.LoadChart), { ssr: false, loading: () => <Quiet>Drawing…</Quiet> });

/** Keys that take a way to mend, in the order in which the ways stand. */
const WAY_KEYS = 'abcdefghij';
const TYPING = 'input, textarea, [role=dialog], [role=alertdialog], [role=menu], [role=listbox]';

type Ways = Awaited<ReturnType<typeof loadRemedies>>;

export function Shares({ view, lessonId }: { view: LadderView; lessonId: string }) {
  const { act } = useAct();
  const over = view.shares.filter((o) => o.over);
  const asked = JSON.stringify([view.info.revision, lessonId, over.map((o) => o.childId)]);
  const [found, set] = useState<{ asked: string; ways: Ways[] }>();
  useEffect(() => {
    let late = false;
    const [, lesson, whose] = JSON.parse(asked) as [number, string, (string | null)[]];
    void Promise.all(whose.map((childId) => loadRemedies(lesson, childId))).then((ways) => { if (!late) set({ asked, ways }); }, () => undefined);
    return () => { late = true; };
  }, [asked]);
  const ways = found?.asked === asked ? found.ways : undefined;
  const numbered = (ways ?? []).flatMap((list, o) => list.map((way) => ({ way, o }))).map((w, i) => ({ ...w, key: WAY_KEYS[i] as string | undefined }));
  useEffect(() => {
    const onKey = (e: KeyboardEvent): void => {
      if (e.ctrlKey || e.metaKey || e.altKey || e.defaultPrevented || (e.target instanceof Element && e.target.closest(TYPING))) return;
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
          <Caution>{o.minutes > o.limit || !o.day ? `${o.name}: ${o.minutes} min in this lesson, and can take ${o.limit}.` : `${o.name}: ${o.day.minutes} min on ${shortDate(o.day.date)}, and can take ${o.day.limit}.`}</Caution>
          {ways
            ? numbered.filter((w) => w.o === i).map(({ way, key }) => <PlainButton key={way.says} onPress={() => act((base) => mendLoad(base, lessonId, way.remedy))}>{key ? <kbd>{key}</kbd> : null} {way.says}</PlainButton>)
            : <Quiet>Working out what would mend it…</Quiet>}
          {ways && !ways[i]?.length ? <Quiet>Nothing small would mend it. Split the lesson, or leave a part out for everyone.</Quiet> : null}
        </Mend>
      ))}
      {view.waits.length ? <section aria-label="Who waits for whom"><Heading>Waiting for you</Heading>{view.waits.map((w) => <Waits key={`${view.info.revision} ${w.says}`} {...w} lessonId={lessonId} />)}</section> : null}
      {view.early.length ? (
        <section aria-label="Done early">
          <Heading>Done early</Heading>
          {view.early.map((e) => (
            <Early key={e.child.id}>
              <span><Hatch name={e.child.hatch} /> <b>{e.child.name}</b></span>
              <div>
                <p>{e.minutes ? `${lengthText(e.minutes)} of work; the others are at it ${lengthText(e.idle)} longer.` : `Takes no part: kept busy and safe for ${lengthText(e.idle)}, a few minutes at a time.`}</p>
                <ul>{e.fillers.map((f) => <li key={f.text}>{e.inUnit ? <PlainButton onPress={() => act((base) => addForOne(base, { lessonId, childId: e.child.id, title: f.text, minutes: f.minutes, lead: 'not-needed' }))}>{f.text}, {f.minutes} min</PlainButton> : <>{f.text}, {f.minutes} min</>}</li>)}</ul>
                {e.care.map((c) => <Caution key={c}>{c}</Caution>)}
              </div>
            </Early>
          ))}
        </section>
      ) : null}
      {view.days.length > 1 ? <OverUnit view={view} /> : null}
      {view.rates.length ? <Rates rates={view.rates} /> : null}
    </Under>
  );
}

/** A child who waits for the parent, and on asking, what would make it shorter. */
function Waits({ says, wait, lessonId }: LadderView['waits'][number] & { lessonId: string }) {
  const { act } = useAct();
  const [ways, set] = useState<Ways | 'asked'>();
  const ask = (): void => { set('asked'); void waitRemedies(lessonId, wait).then(set, () => set(undefined)); };
  return (
    <Mend>
      <p>{says} {ways === undefined ? <PlainButton onPress={ask}>What would help?</PlainButton> : null}</p>
      {ways === 'asked' ? <Quiet>Working it out…</Quiet> : ways?.map((way) => <PlainButton key={way.says} onPress={() => act((base) => mendLoad(base, lessonId, way.remedy))}>{way.says}</PlainButton>)}
      {Array.isArray(ways) && !ways.length ? <Quiet>Nobody older can take it over. Let one of them begin with something of their own, or leave a part out.</Quiet> : null}
    </Mend>
  );
}

/** Everybody's minutes over the unit: a picture of the days, and the weeks in figures. */
function OverUnit({ view }: { view: LadderView }) {
  const full = view.days.filter((d) => d.children.some((c) => c.minutes > c.limit) || d.parent.minutes > d.parent.limit).length;
  return (
    <Fold title="Minutes over the unit" says={full ? `${full} ${full === 1 ? 'day' : 'days'} over what somebody can take` : `${view.days.length} school days, none over what anybody can take`}>
      <LoadChart days={view.days} weeks={view.weeks} everyone={view.everyone} />
    </Fold>
  );
}

/** By what the minutes are worked out, and where it comes from. */
function Rates({ rates }: Pick<LadderView, 'rates'>) {
  const measured = rates.filter((r) => r.lettersOn || r.wordsOn).map((r) => r.name);
  const from = (on: number): string => (on ? `measured, ${on} ${on === 1 ? 'piece' : 'pieces'}` : 'from the table');
  return (
    <Fold title="By what the minutes are worked out" says={measured.length ? `measured for ${measured.join(', ')}; else published tables` : 'published tables, until you note on Today what work took'}>
      <RateTable>
        <thead><tr><th scope="col">Child</th><th scope="col">Writes, letters a minute</th><th scope="col">Reads alone, words a minute</th><th scope="col">One stretch</th></tr></thead>
        <tbody>{rates.map((r) => <tr key={r.name}><th scope="row">{r.name}</th><td>{r.letters} <Quiet as="span">{from(r.lettersOn)}</Quiet></td><td>{r.words} <Quiet as="span">{from(r.wordsOn)}</Quiet></td><td>{r.stretch} min</td></tr>)}</tbody>
      </RateTable>
      <Quiet>Writing: Graham and others 1998 by grade, from memory, seven tenths of it kept up over a morning’s work and half of that for words of one’s own. Reading: Taylor 1965 by grade, from memory. A stretch of attention: two minutes a year of life, common practice. Note on Today how long copying and reading took, and the child’s own rate takes the table’s place.</Quiet>
    </Fold>
  );
}

const RateTable = styled.table`border-collapse: collapse; font-size: 13.5px; th, td { text-align: left; padding: 4px 20px 4px 0; border-bottom: 1px solid ${colour.rule}; } tbody th { font-weight: 700; }`;
const Under = styled.div`display: grid; gap: 18px; margin-top: 4px;`;
const Mend = styled.section`padding: 8px 0; border-top: 1px solid ${colour.rule}; display: flex; flex-wrap: wrap; gap: 6px 18px; align-items: baseline; & > :first-child { flex-basis: 100%; } kbd { font: inherit; font-weight: 700; border: 1px solid ${colour.ink}; padding: 0 5px; margin-right: 3px; display: inline-block; }`;
const Early = styled.div`
  display: grid; grid-template-columns: 120px 1fr; gap: 4px 10px; padding: 8px 0; border-bottom: 1px solid ${colour.rule}; & > span { display: flex; gap: 6px; align-items: center; align-self: start; }
  ul { display: flex; flex-wrap: wrap; gap: 2px 18px; font-size: 13px; }
`;
