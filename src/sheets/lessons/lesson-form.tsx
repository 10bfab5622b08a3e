'use client';
/** What a lesson is: title, objective and the unit's objectives it meets, topics, passage, what is left for recall. */
import { FormDialog } from '@/kit/form-dialog';
import type { Objective } from '@/core/plan/unit';
import { Checkbox, Several, TextField } from '@/kit/field';
import type { RecallPrompt } from '@/core/plan/lesson';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { changeLesson } from './actions';
import type { LessonView } from './load';

/** “Mordants, p. 33” */
const topicText = (t: { title: string; page: number | null }): string =>
  t.page ? `${t.title}, p. ${t.page}` : t.title;
function readTopics(text: string): { title: string; page: number | null }[] {
  return text
    .split('\n')
    .map((l) => l.trim())
    .filter(Boolean)
    .map((line) => {
      const paged = /^(.*?),?\s+p\.?\s*(\d{1,4})$/iu.exec(line);
      return paged && Number(paged[2])
        ? { title: paged[1].slice(0, 200), page: Number(paged[2]) }
        : { title: line.slice(0, 200), page: null };
    });
}
/** “easy form / hard form / answer” */
const readRecall = (text: string): RecallPrompt[] =>
  text
    .split('\n')
    .map((l) => l.trim())
    .filter(Boolean)
    .map((l) => {
      const [easy, hard = '', answer = ''] = l.split(/\s*\/\s+/u).map((x) => x.slice(0, 300));
      return { id: '', easy, hard, answer };
    });

export function LessonForm({
  lesson,
  objectives,
  onClose,
}: {
  lesson: LessonView;
  objectives: Objective[];
  onClose: () => void;
}) {
  const { act } = useAct();
  const form = useForm({
    title: lesson.title,
    objective: lesson.objective,
    objectiveIds: lesson.objectiveIds,
    passage: lesson.passage,
    topics: lesson.topics.map(topicText).join('\n'),
    recall: lesson.recall
      .map((r) => (r.answer ? [r.easy, r.hard, r.answer] : [r.easy, r.hard].filter(Boolean)).join(' / '))
      .join('\n'),
  });
  const { value, set, error } = form;
  const save = (): void =>
    act(
      (base) =>
        changeLesson(base, lesson.id, {
          ...value,
          topics: readTopics(value.topics),
          recall: readRecall(value.recall),
        }),
      { faults: form.takeFaults, then: onClose },
    );
  return (
    <FormDialog title={`Lesson ${lesson.number}`} wide verb="Keep" onSubmit={save} onClose={onClose}>
      <TextField
        label="Title"
        autoFocus
        value={value.title}
        onChange={(v) => set('title', v)}
        error={error('title')}
      />
      <TextField
        label="Objective"
        help="What they know or can do after it."
        value={value.objective}
        onChange={(v) => set('objective', v)}
        error={error('objective')}
      />
      {objectives.length ? (
        <Several>
          <legend>Meets these objectives of the unit</legend>
          {objectives.map((o) => (
            <Checkbox
              key={o.id}
              isSelected={value.objectiveIds.includes(o.id)}
              onChange={(on) =>
                set(
                  'objectiveIds',
                  objectives
                    .map((x) => x.id)
                    .filter((x) => (x === o.id ? on : value.objectiveIds.includes(x))),
                )
              }
            >
              {[o.code, o.wording].filter(Boolean).join(' ')}
            </Checkbox>
          ))}
        </Several>
      ) : null}
      <TextField
        label="Topics"
        help="One to a line; a page may stand at the end: Mordants, p. 33."
        rows={3}
        value={value.topics}
        onChange={(v) => set('topics', v)}
        error={error('topics')}
      />
      <TextField
        label="Left for recall"
        help="One question to a line; after a slash its harder form, after another the answer: What dyes red? / Why does alum hold it? / Madder; it ties dye to wool."
        rows={3}
        value={value.recall}
        onChange={(v) => set('recall', v)}
        error={error('recall')}
      />
      <TextField
        label="Passage to copy"
        help={value.passage.trim() ? undefined : `Empty: copied from “${lesson.copiesFrom.split('\n')[0]}…”`}
        rows={5}
        value={value.passage}
        onChange={(v) => set('passage', v)}
        error={error('passage')}
      />
      <button type="submit" hidden />
    </FormDialog>
  );
}
