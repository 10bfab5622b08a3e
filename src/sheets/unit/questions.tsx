'use client';
/** Questions the children asked along the way: open until they are answered. */
import { Choose } from '@/kit/choose';
import { useState } from 'react';
import styled from 'styled-components';
import { dayMonth } from '@/core/calendar/dates';
import type { Question, Unit } from '@/core/plan/unit';
import { Button, PlainButton } from '@/kit/button';
import { FieldStack, TextField } from '@/kit/field';
import { Fold } from '@/kit/fold';
import { Column, Heading, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { ask, changeQuestion, dropQuestion, leaveLesson } from './actions';
import type { UnitView } from './load';

export function Questions({ view, unit }: { view: UnitView; unit: Unit }) {
  const { act } = useAct();
  const [text, setText] = useState('');
  const [who, setWho] = useState('everyone');
  const open = view.questions.filter((q) => !q.answer);
  const answered = view.questions.filter((q) => q.answer);
  const keep = (): void => {
    if (text.trim())
      act((base) => ask(base, { unitId: unit.id, childId: who === 'everyone' ? null : who, text }), {
        then: () => {
          setText('');
          // The next one is somebody else's, as likely as not.
          setWho('everyone');
        },
      });
  };
  return (
    <Column aria-label="Questions">
      <header>
        <Heading>Asked along the way</Heading>
        <Quiet as="span">{open.length ? `${open.length} open` : ''}</Quiet>
      </header>
      <List>
        {open.map((q) => (
          <Open key={q.id} question={q} view={view} />
        ))}
      </List>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          keep();
        }}
      >
        <FieldStack>
          <TextField
            label="A question"
            placeholder="Do sheep get cold after shearing?"
            value={text}
            onChange={setText}
          />
          <Choose
            label="Asked by"
            value={who}
            onChange={setWho}
            choices={[
              { value: 'everyone', name: 'all of us' },
              ...view.children.map((c) => ({ value: c.id, name: c.name })),
            ]}
          />
          <div>
            <Button type="submit">Note it</Button>
          </div>
        </FieldStack>
      </form>
      {answered.length ? (
        <Fold title="Answered" message={`${answered.length}`} open>
          <List>
            {answered.map((q) => (
              <li key={q.id}>
                <b>{q.text}</b>
                <p>{q.answer}</p>
                <ItsLesson lesson={view.lessons.find((l) => l.title === q.text.slice(0, 200))} />
                <PlainButton
                  aria-label={`Open again: ${q.text}`}
                  onPress={() => act((base) => changeQuestion(base, q.id, { answer: '' }))}
                >
                  open again
                </PlainButton>
              </li>
            ))}
          </List>
        </Fold>
      ) : null}
    </Column>
  );
}

/** A question that was made a lesson may be answered before its lesson is taught: then one asks what becomes of that. */
function ItsLesson({ lesson }: { lesson: UnitView['lessons'][number] | undefined }) {
  const { act } = useAct();
  if (!lesson || lesson.isTaught) return null;
  const name = `lesson ${lesson.number}`;
  return (
    <Quiet>
      {lesson.isLeftOut ? `Its lesson is left out. ` : `It is ${name} still. `}
      <PlainButton
        onPress={() => act((base) => leaveLesson(base, { ids: [lesson.id], leftOut: !lesson.isLeftOut }))}
      >
        {lesson.isLeftOut ? 'Take it in again' : `Leave ${name} out`}
      </PlainButton>
    </Quiet>
  );
}

function Open({ question: q, view }: { question: Question; view: UnitView }) {
  const { act } = useAct();
  const [answering, setAnswering] = useState<string>();
  return (
    <li>
      <b>{q.text}</b>
      <Quiet>
        {[view.children.find((c) => c.id === q.childId)?.name, q.asked ? dayMonth(q.asked) : '']
          .filter(Boolean)
          .join(', ')}
      </Quiet>
      {answering === undefined ? (
        <Doings>
          <PlainButton aria-label={`Answer: ${q.text}`} onPress={() => setAnswering('')}>
            Answer it
          </PlainButton>
          <PlainButton aria-label={`Drop: ${q.text}`} onPress={() => act((base) => dropQuestion(base, q.id))}>
            Drop it
          </PlainButton>
        </Doings>
      ) : (
        <form
          onSubmit={(e) => {
            e.preventDefault();
            if (answering.trim()) act((base) => changeQuestion(base, q.id, { answer: answering }));
          }}
        >
          <TextField label="The answer" autoFocus rows={2} value={answering} onChange={setAnswering} />
          <Doings>
            <Button type="submit">Keep the answer</Button>
            <PlainButton onPress={() => setAnswering(undefined)}>Leave it</PlainButton>
          </Doings>
        </form>
      )}
    </li>
  );
}

const List = styled.ul`
  margin-bottom: 8px;
  li {
    padding: 6px 0;
    border-bottom: 1px solid ${colour.rule};
    font-size: 13.5px;
  }
  b {
    font-weight: 600;
  }
`;
const Doings = styled.div`
  display: flex;
  gap: 14px;
  margin-top: 4px;
`;
