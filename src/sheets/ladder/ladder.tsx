'use client';
import Link from 'next/link';
import { useEffect, useState, type KeyboardEvent } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import { lengthText } from '@/core/calendar/dates';
import { RUNGS } from '@/core/ladder/rungs';
import { Button } from '@/kit/button';
import { Dialog } from '@/kit/dialog';
import { FieldStack, NumberField, TextField } from '@/kit/field';
import { LinkButton } from '@/kit/link-button';
import { Hatch } from '@/kit/hatch';
import { Menu } from '@/kit/menu';
import { Caution, Quiet, WorkTitle } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { Frame } from '../frame/frame';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { PlainButton } from '@/kit/button';
import type { LadderKind } from '@/core/plan/words';
import { addWork, loadRemedies, mendLoad, moveForLesson, moveFromHere, reword, skip, unword } from './actions';
import type { LadderRow, LadderView, Standing } from './load';

export function LadderSheet(view: LadderView) {
  const { info, lesson, lessons, rows, unitId } = view;
  const [wording, word] = useState<{ row: LadderRow; standing: Standing }>();
  if (!lesson) {
    return (
      <Frame info={info} sheet={5} title="Ladder" subtitle={view.unitTitle} figures={[]}>
        <p>{unitId ? <>There are no lessons yet. <Link href={`/lessons?unit=${unitId}`}>Paste a contents page</Link>, then each child’s work stands here.</> : <>There is no unit yet. <Link href="/unit">Begin one</Link>.</>}</p>
      </Frame>
    );
  }
  const missing = ADDED.filter((k) => !rows.some((r) => r.kind === k.kind));
  const before = lessons[lesson.number - 2];
  const after = lessons[lesson.number];
  const href = (id: string): string => `/ladder?unit=${unitId}&lesson=${id}`;
  return (
    <Frame
      info={info} sheet={5} title="Ladder" subtitle={<>Lesson {lesson.number}, <em>{lesson.title}</em> · same work, five rungs</>}
      actions={<>{missing.length ? <AddWork lessonId={lesson.id} missing={missing} /> : null}<LinkButton href={`/paper?unit=${unitId}&lesson=${lesson.id}`}>Pages to print</LinkButton>{before ? <LinkButton href={href(before.id)}>Lesson {before.number}</LinkButton> : null}{after ? <LinkButton href={href(after.id)}>Lesson {after.number}</LinkButton> : null}</>}
      figures={[...view.loads.map((l) => ({ name: l.name, value: `${lengthText(l.minutes)}${l.minutes > l.limit ? ' !' : ''}` })), { name: 'You, one to one', value: lengthText(view.parentMinutes) }]}
      keys={[{ keys: '← →', does: 'on a child: one rung down or up, for this lesson' }, { keys: 'Enter', does: 'on a child: what can be done' }]}
    >
      {rows.length ? (
        <Scroll>
          <Table>
            <thead><tr><td />{RUNGS.map((r) => <th key={r.rung} scope="col"><b>{r.rung}</b> {r.name}<Quiet as="small">{r.means}</Quiet></th>)}</tr></thead>
            <tbody>
              {rows.map((row) => (
                <tr key={row.partId}>
                  <th scope="row"><WorkTitle as="span">{row.title}</WorkTitle><Quiet as="small">{row.together !== null ? `together${row.together ? `, ${row.together} min` : ''}` : (FROM[row.kind] ?? '')}</Quiet>{row.together !== null && careOf(row) ? <Quiet as="small">{careOf(row)}</Quiet> : null}{row.without.map((c) => <TakeUp key={c.id} partId={row.partId} child={c} title={row.title} />)}</th>
                  {row.cells.map((cell) => (
                    <Cell key={cell.rung} $taken={cell.standing.length > 0}>
                      {cell.standing.length ? null : <Pattern>{cell.pattern}</Pattern>}
                      {cell.standing.map((s) => <Child key={s.child.id} row={row} standing={s} lessonId={lesson.id} onWord={() => word({ row, standing: s })} />)}
                    </Cell>
                  ))}
                </tr>
              ))}
            </tbody>
          </Table>
        </Scroll>
      ) : <p>This lesson has no work on the ladder yet. Add a kind of work above, or <Link href={`/lessons?unit=${unitId}&lesson=${lesson.id}`}>a part of another kind</Link>.</p>}
      {view.loads.filter((l) => l.minutes > l.limit).map((l) => <Over key={l.childId} load={l} lessonId={lesson.id} revision={info.revision} />)}
      {wording ? <WordForm key={`${wording.row.partId} ${wording.standing.child.id}`} {...wording} onClose={() => word(undefined)} /> : null}
    </Frame>
  );
}

/** What everyone who does it together must take care of: said once for the row. */
const careOf = (row: LadderRow): string => row.cells.flatMap((c) => c.standing)[0]?.assignment.note ?? '';

/** Kinds that can be added here; what is done together is added with its directions, on Lessons. */
const ADDED: readonly { kind: LadderKind; name: string }[] = [
  { kind: 'tell-back', name: 'Telling it back' }, { kind: 'copying', name: 'Copying' }, { kind: 'word-list', name: 'A word list' }, { kind: 'notebook', name: 'A notebook page' }, { kind: 'booklet', name: 'A folded booklet' },
  { kind: 'labels', name: 'Labels on a map or drawing' }, { kind: 'looking-up', name: 'Looking things up' }, { kind: 'memory', name: 'Learning by heart' }, { kind: 'talk', name: 'A talk or poster' }, { kind: 'quiz', name: 'A quiz' },
];
const FROM: Partial<Record<LadderKind, string>> = { copying: 'from the passage', 'tell-back': 'after the reading', 'word-list': 'from the lesson’s words', labels: 'from the lesson’s words', memory: 'from the passage', notebook: 'on paper', booklet: 'on paper', 'looking-up': 'in the books of the lesson' };

function AddWork({ lessonId, missing }: { lessonId: string; missing: typeof ADDED }) {
  const { act } = useAct();
  return <Menu label="Add a kind of work" groups={[{ title: 'For every child, each on their rung', doings: missing.map((k) => ({ name: k.name, do: () => act((base) => addWork(base, lessonId, k.kind)) })) }]}><Button>Add work…</Button></Menu>;
}

function TakeUp({ partId, child, title }: { partId: string; child: { id: string; name: string }; title: string }) {
  const { act } = useAct();
  return <PlainButton aria-label={`${child.name} takes part in “${title}” again`} onPress={() => act((base) => skip(base, { partId, childId: child.id }))}>{child.name} leaves it out</PlainButton>;
}

/** A child whose share of the lesson is more than they can take, and what would mend it. */
function Over({ load, lessonId, revision }: { load: LadderView['loads'][number]; lessonId: string; revision: number }) {
  const { act } = useAct();
  const [ways, set] = useState<{ of: number; is: Awaited<ReturnType<typeof loadRemedies>> }>();
  useEffect(() => {
    let late = false;
    void loadRemedies(lessonId, load.childId).then((is) => { if (!late) set({ of: revision, is }); }, () => undefined);
    return () => { late = true; };
  }, [lessonId, load.childId, revision]);
  return (
    <Mend aria-label={`${load.name} has too much`}>
      <Caution>{load.name}: {load.minutes} min in this lesson, and can take {load.limit}.</Caution>
      {ways?.of === revision ? ways.is.map((w) => <PlainButton key={w.says} onPress={() => act((base) => mendLoad(base, lessonId, load.childId, w.remedy))}>{w.says}</PlainButton>) : <Quiet>Working out what would mend it…</Quiet>}
    </Mend>
  );
}

function Child({ row, standing: { child, assignment, movedBy }, lessonId, onWord }: { row: LadderRow; standing: Standing; lessonId: string; onWord: () => void }) {
  const { act } = useAct();
  const move = (by: number): void => act((base) => moveForLesson(base, { lessonId, childId: child.id, by }));
  const onKeyDown = (e: KeyboardEvent): void => {
    const step = e.key === 'ArrowLeft' ? -1 : e.key === 'ArrowRight' ? 1 : 0;
    const to = assignment.rung + step;
    if (!step || to < 1 || to > 5) return;
    e.preventDefault();
    e.stopPropagation();
    move(movedBy + step);
  };
  return (
    <div onKeyDownCapture={onKeyDown}>
      <Menu
        label={child.name}
        groups={[
          { title: `${child.name}, this lesson`, doings: [
            { name: 'A rung up', keys: '→', isDisabled: assignment.rung === 5, do: () => move(movedBy + 1) },
            { name: 'A rung down', keys: '←', isDisabled: assignment.rung === 1, do: () => move(movedBy - 1) },
            { name: 'A rung up from here on', isDisabled: assignment.rung === 5, do: () => act((base) => moveFromHere(base, { lessonId, childId: child.id, step: 1 })) },
            { name: 'A rung down from here on', isDisabled: assignment.rung === 1, do: () => act((base) => moveFromHere(base, { lessonId, childId: child.id, step: -1 })) },
            ...(movedBy ? [{ name: 'Back on their own rung', do: () => move(0) }] : []),
          ] },
          { title: row.title, doings: [
            { name: 'Word it by hand…', do: onWord },
            { name: `${child.name} leaves it out`, do: () => act((base) => skip(base, { partId: row.partId, childId: child.id })) },
            ...(assignment.byHand ? [{ name: 'Go by the ladder again', do: () => act((base) => unword(base, { partId: row.partId, childId: child.id })) }] : []),
          ] },
        ]}
      >
        <Standee aria-label={`${child.name}: ${assignment.wording}, ${assignment.minutes} minutes`}>
          <b>{assignment.wording}</b>
          {assignment.note && row.together === null ? <Note>{assignment.note}</Note> : null}
          {assignment.produces || assignment.supplies ? <Note>{[assignment.produces ? `makes ${assignment.produces}` : '', assignment.supplies ? `takes ${assignment.supplies}` : ''].filter(Boolean).join(' · ')}</Note> : null}
          <Who><Hatch name={child.hatch} /><strong>{child.name}</strong><span>{assignment.minutes} min{assignment.parentMinutes ? `, ${assignment.parentMinutes} with you` : ''}</span></Who>
          {movedBy || assignment.byHand ? <Note>{[movedBy ? `${Math.abs(movedBy)} ${movedBy > 0 ? 'up' : 'down'} for this lesson` : '', assignment.byHand ? 'worded by hand' : ''].filter(Boolean).join(' · ')}</Note> : null}
        </Standee>
      </Menu>
    </div>
  );
}

function WordForm({ row, standing: { child, assignment }, onClose }: { row: LadderRow; standing: Standing; onClose: () => void }) {
  const { act } = useAct();
  const form = useForm({ wording: assignment.wording, minutes: assignment.minutes as number | null });
  const save = (): void => act((base) => reword(base, { partId: row.partId, childId: child.id, ...form.value }), { faults: form.takeFaults, then: onClose });
  return (
    <Dialog title={`${row.title}, for ${child.name}`} isOpen onClose={onClose} footer={<><Button onPress={onClose}>Leave it</Button><Button $primary onPress={save}>Keep</Button></>}>
      <form onSubmit={(e) => { e.preventDefault(); save(); }}>
        <FieldStack>
          <TextField label="What to do" rows={3} autoFocus value={form.value.wording} onChange={(v) => form.set('wording', v)} error={form.error('wording')} />
          <NumberField label="Minutes" value={form.value.minutes} onChange={(v) => form.set('minutes', v)} min={1} max={720} error={form.error('minutes') && 'Say how many minutes.'} />
          <Quiet>What you word by hand stays when the work is given out again.</Quiet>
        </FieldStack>
      </form>
    </Dialog>
  );
}

const Mend = styled.section`padding: 8px 0; border-top: 1px solid ${colour.rule}; display: flex; flex-wrap: wrap; gap: 6px 18px; align-items: baseline; & > :first-child { flex-basis: 100%; }`;
const Scroll = styled.div`overflow-x: auto;`;
const Table = styled.table`
  border-collapse: separate; border-spacing: 0 16px; width: 100%; min-width: 860px; table-layout: fixed; margin-top: -16px;
  thead th { text-align: left; font-weight: 700; padding: 0 10px; small { display: block; font-weight: 400; } } thead td { width: 130px; } tbody th { text-align: left; font-weight: 400; vertical-align: top; padding: 8px 10px 8px 0; & > span, small { display: block; } }
`;
const Cell = styled.td<{ $taken: boolean }>`
  border: solid ${colour.ink}; border-width: 2px 1px; vertical-align: top; padding: 2px; height: 96px; background: ${(p) => (p.$taken ? colour.room : 'transparent')};
  &:nth-child(2) { border-left-width: 2px; } &:last-child { border-right-width: 2px; }
`;
const Pattern = styled.p`color: ${colour.graphite}; padding: 7px 9px; font-size: 13.5px; overflow-wrap: anywhere;`;
const Standee = styled(AriaButton)`
  background: none; border: 0; padding: 7px 9px; width: 100%; text-align: left; cursor: pointer; display: grid; gap: 5px; font-size: 13.5px; overflow-wrap: anywhere;
  &[data-hovered] { background: #fff; } & + & { border-top: 1px solid ${colour.rule}; }
`;
const Who = styled.span`display: flex; gap: 6px; align-items: center; flex-wrap: wrap; span { margin-left: auto; color: ${colour.graphite}; font-size: 12.5px; }`;
const Note = styled.small`font-size: 12.5px; color: ${colour.graphite};`;
