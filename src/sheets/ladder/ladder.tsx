'use client';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import { lengthText } from '@/core/calendar/dates';
import { RUNGS } from '@/core/plan/rungs';
import { Button, PlainButton } from '@/kit/button';
import { Link } from '@/kit/link';
import { LinkButton } from '@/kit/link-button';
import { Menu } from '@/kit/menu';
import { Quiet, WorkTitle } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { Frame } from '../frame/frame';
import { useAct } from '../frame/use-act';
import { sitOut, takeOff, unteach } from './actions';
import type { LadderRow, LadderView, Standing } from './load';
import { Shares } from './shares';
import { RungCell, ChildOnRung, type Asks } from './child-on-rung';
import type { WorkAsked } from './work-form';
import { FROM, AddWork, TakeUp } from './add-work';

const WordForm = dynamic(() => import('./forms').then((m) => m.WordForm), { ssr: false });
const SwapForm = dynamic(() => import('./forms').then((m) => m.SwapForm), { ssr: false });
const ShowForm = dynamic(() => import('./forms').then((m) => m.ShowForm), { ssr: false });
const AddForm = dynamic(() => import('./forms').then((m) => m.AddForm), { ssr: false });
const WorkForm = dynamic(() => import('./work-form').then((m) => m.WorkForm), { ssr: false });

/** What is asked in a dialog. */
type Asking =
  | { what: Exclude<Asks, 'add'>; row: LadderRow; standing: Standing }
  | { what: 'add'; childId: string }
  | { what: 'work'; of: WorkAsked };

export function LadderSheet(view: LadderView) {
  const { info, lesson, lessons, rows, unitId } = view;
  const [asking, setAsking] = useState<Asking>();
  if (!lesson || !unitId) {
    return (
      <Frame info={info} sheet={5} title="Ladder" subtitle={view.unitTitle} figures={[]}>
        <p>
          {unitId ? (
            <>
              There are no lessons yet. <Link href={`/lessons?unit=${unitId}`}>Paste a contents page</Link>,
              then each child’s work stands here.
            </>
          ) : (
            <>
              There is no unit yet. <Link href="/unit">Begin one</Link>.
            </>
          )}
        </p>
      </Frame>
    );
  }
  const before = lessons[lesson.number - 2];
  const after = lessons[lesson.number];
  const href = (id: string): string => `/ladder?unit=${unitId}&lesson=${id}`;
  const close = (): void => setAsking(undefined);
  return (
    <Frame
      info={info}
      sheet={5}
      title="Ladder"
      subtitle={
        <>
          Lesson {lesson.number}, <em>{lesson.title}</em> · same work, five rungs
        </>
      }
      actions={
        <>
          <AddWork
            view={view}
            lessonId={lesson.id}
            onOwn={() => setAsking({ what: 'work', of: { kind: 'own-kind', title: '', ours: [] } })}
          />
          {view.children.length ? (
            <Button onPress={() => setAsking({ what: 'add', childId: view.children[0].id })}>
              For one child…
            </Button>
          ) : null}
          <LinkButton href={`/paper?unit=${unitId}&lesson=${lesson.id}`}>Pages to print</LinkButton>
          {before ? <LinkButton href={href(before.id)}>Lesson {before.number}</LinkButton> : null}
          {after ? <LinkButton href={href(after.id)}>Lesson {after.number}</LinkButton> : null}
        </>
      }
      figures={[
        ...view.shares
          .filter((l) => l.childId)
          .map((l) => ({
            name: l.name,
            value: `${lengthText(l.minutes)}${l.over ? ' !' : ''}`,
            how: 'work' as const,
          })),
        { name: 'You, one to one', value: lengthText(view.oneToOne), how: 'work' },
      ]}
      keys={[
        { keys: '← →', does: 'on a child: one rung down or up, in this work of this lesson' },
        { keys: 'Shift ← →', does: 'on a child: one rung down or up in the whole lesson' },
        { keys: 'Enter', does: 'on a child or a kind of work: what can be done' },
        { keys: 'a b c', does: 'take the way to mend that stands beside the letter' },
      ]}
    >
      {view.children
        .filter((c) => c.sitsOut)
        .map((c) => (
          <SitsOut key={c.id} child={c} lessonId={lesson.id} />
        ))}
      {rows.length ? (
        <Scroll>
          <Table>
            <thead>
              <tr>
                <td />
                {RUNGS.map((r) => (
                  <th key={r.rung} scope="col">
                    <b>{r.rung}</b> {r.name}
                    <Quiet as="small">{r.means}</Quiet>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => (
                <tr key={row.partId}>
                  <th scope="row">
                    <RowHead row={row} view={view} onWork={(of) => setAsking({ what: 'work', of })} />
                    <Quiet as="small">
                      {row.together !== null
                        ? `together${row.together ? `, ${row.together} min` : ''}`
                        : null}
                      {!(row.together !== null) && row.optional ? 'may be left out' : null}
                      {!(row.together !== null) && !row.optional ? (FROM[row.kind] ?? '') : null}
                    </Quiet>
                    {row.together !== null && careOf(row) ? <Quiet as="small">{careOf(row)}</Quiet> : null}
                    {row.without.map((c) => (
                      <TakeUp key={c.id} partId={row.partId} child={c} title={row.title} />
                    ))}
                  </th>
                  {row.cells.map((cell) => (
                    <RungCell key={cell.rung} rung={cell.rung} taken={cell.standing.length > 0}>
                      {cell.standing.length || (row.kind === 'own-kind' && !row.workId) ? null : (
                        <Pattern>{cell.pattern}</Pattern>
                      )}
                      {cell.standing.map((s) => (
                        <ChildOnRung
                          key={s.child.id}
                          row={row}
                          standing={s}
                          lessonId={lesson.id}
                          onAsk={(what) =>
                            setAsking(
                              what === 'add' ? { what, childId: s.child.id } : { what, row, standing: s },
                            )
                          }
                        />
                      ))}
                    </RungCell>
                  ))}
                </tr>
              ))}
            </tbody>
          </Table>
        </Scroll>
      ) : (
        <p>
          This lesson has no work on the ladder yet. Add a kind of work above, or{' '}
          <Link href={`/lessons?unit=${unitId}&lesson=${lesson.id}`}>a part of another kind</Link>.
        </p>
      )}
      <Shares view={view} lessonId={lesson.id} />
      {asking?.what === 'word' ? (
        <WordForm row={asking.row} standing={asking.standing} onClose={close} />
      ) : null}
      {asking?.what === 'swap' ? (
        <SwapForm row={asking.row} standing={asking.standing} onClose={close} />
      ) : null}
      {asking?.what === 'show' ? (
        <ShowForm
          unitId={unitId}
          child={asking.standing.child}
          shows={view.children.find((c) => c.id === asking.standing.child.id)?.shows ?? 'tell back'}
          onClose={close}
        />
      ) : null}
      {asking?.what === 'add' ? (
        <AddForm
          key={asking.childId}
          lessonId={lesson.id}
          view={view}
          childId={asking.childId}
          onClose={close}
        />
      ) : null}
      {asking?.what === 'work' ? <WorkForm {...asking.of} onClose={close} /> : null}
    </Frame>
  );
}

/** What everyone who does it together must take care of: said once for the row. */
const careOf = (row: LadderRow): string => row.cells.flatMap((c) => c.standing)[0]?.assignment.note ?? '';

/** The name of a kind of work, with what can be done with it. */
function RowHead({
  row,
  view,
  onWork,
}: {
  row: LadderRow;
  view: LadderView;
  onWork: (of: WorkAsked) => void;
}) {
  const { act } = useAct();
  const changes = row.kind !== 'teaching' && (row.kind !== 'own-kind' || row.workId !== null);
  const work = view.works.find((w) => (row.workId ? w.id === row.workId : w.kind === row.kind));
  const doings = [
    ...(changes
      ? [
          {
            name: 'Change its five versions…',
            do: () => onWork({ kind: row.kind, title: row.title, ours: row.ours, counts: row.counts, work }),
          },
        ]
      : []),
    ...(row.kind === 'teaching'
      ? [{ name: 'End the teaching', do: () => act((base) => unteach(base, row.partId)) }]
      : []),
    ...(row.kind !== 'teaching' && row.byHand
      ? [{ name: 'Take it off this lesson', do: () => act((base) => takeOff(base, row.partId)) }]
      : []),
  ];
  if (!doings.length) return <WorkTitle as="span">{row.title}</WorkTitle>;
  return (
    <Menu label={row.title} groups={[{ title: row.title, doings }]}>
      <HeadButton aria-label={`${row.title}, kind of work`}>
        <WorkTitle as="span">{row.title}</WorkTitle>
      </HeadButton>
    </Menu>
  );
}

function SitsOut({ child, lessonId }: { child: { id: string; name: string }; lessonId: string }) {
  const { act } = useAct();
  return (
    <p>
      {child.name} sits this lesson out.{' '}
      <PlainButton onPress={() => act((base) => sitOut(base, { lessonId, childId: child.id, joins: true }))}>
        {child.name} joins it again
      </PlainButton>
    </p>
  );
}

const Scroll = styled.div`
  overflow-x: auto;
`;
const Table = styled.table`
  border-collapse: separate;
  border-spacing: 0 16px;
  width: 100%;
  min-width: 860px;
  table-layout: fixed;
  margin-top: -16px;
  thead th {
    text-align: left;
    font-weight: 700;
    padding: 0 10px;
    small {
      display: block;
      font-weight: 400;
    }
  }
  thead td {
    width: 130px;
  }
  tbody th {
    text-align: left;
    font-weight: 400;
    vertical-align: top;
    padding: 8px 10px 8px 0;
    & > span,
    small {
      display: block;
    }
  }
`;
const Pattern = styled.p`
  color: ${colour.graphite};
  padding: 7px 9px;
  font-size: 13.5px;
  overflow-wrap: anywhere;
`;
const HeadButton = styled(AriaButton)`
  background: none;
  border: 0;
  padding: 0;
  text-align: left;
  cursor: pointer;
  &[data-hovered] span {
    text-decoration: underline;
    text-underline-offset: 3px;
    text-decoration-thickness: 1px;
  }
`;
