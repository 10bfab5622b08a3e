'use client';
/** What can be added to a lesson, and taking up a kind of work. */
import type { LadderKind } from '@/core/plan/words';
import { Button, PlainButton } from '@/kit/button';
import { Menu } from '@/kit/menu';
import { useAct } from '../frame/use-act';
import { addOwnKind, addWork, skip } from './actions';
import type { LadderView } from './load';

/** Kinds that can be added here; a demonstration is added with its directions, on Lessons. */
const ADDED: readonly { kind: LadderKind; name: string }[] = [
  { kind: 'tell-back', name: 'Telling it back' },
  { kind: 'copying', name: 'Copying' },
  { kind: 'word-list', name: 'A word list' },
  { kind: 'notebook', name: 'A notebook page' },
  { kind: 'booklet', name: 'A folded booklet' },
  { kind: 'labels', name: 'Labels on a map or drawing' },
  { kind: 'looking-up', name: 'Looking things up' },
  { kind: 'own-reading', name: 'Own reading' },
  { kind: 'memory', name: 'Learning by heart' },
  { kind: 'practice', name: 'Practice' },
  { kind: 'talk', name: 'A talk or poster' },
  { kind: 'quiz', name: 'A quiz' },
  { kind: 'presentation', name: 'An evening for guests' },
];
export const FROM: Partial<Record<LadderKind, string>> = {
  copying: 'from the passage',
  'tell-back': 'after the reading',
  'word-list': 'from the lesson’s words',
  labels: 'from the lesson’s words',
  memory: 'from the passage',
  notebook: 'on paper',
  booklet: 'on paper',
  'looking-up': 'in the books of the lesson',
  'own-reading': 'quiet time',
  teaching: 'for both',
  practice: 'every day a little',
};

export function AddWork({
  view,
  lessonId,
  onOwn,
}: {
  view: LadderView;
  lessonId: string;
  onOwn: () => void;
}) {
  const { act } = useAct();
  const missing = ADDED.filter((k) => !view.rows.some((r) => r.kind === k.kind));
  const own = view.works.filter((w) => w.kind === 'own-kind' && !view.rows.some((r) => r.workId === w.id));
  return (
    <Menu
      label="Add a kind of work"
      groups={[
        {
          title: 'For every child, each on their rung',
          doings: missing.map((k) => ({
            name: k.name,
            do: () => act((base) => addWork(base, lessonId, k.kind)),
          })),
        },
        {
          title: 'Our own',
          doings: [
            ...own.map((w) => ({ name: w.title, do: () => act((base) => addOwnKind(base, lessonId, w.id)) })),
            { name: 'Make a kind of our own…', do: onOwn },
          ],
        },
      ]}
    >
      <Button>Add work…</Button>
    </Menu>
  );
}

export function TakeUp({
  partId,
  child,
  title,
}: {
  partId: string;
  child: { id: string; name: string };
  title: string;
}) {
  const { act } = useAct();
  return (
    <PlainButton
      aria-label={`${child.name} takes part in “${title}” again`}
      onPress={() => act((base) => skip(base, { partId, childId: child.id }))}
    >
      {child.name} leaves it out
    </PlainButton>
  );
}
