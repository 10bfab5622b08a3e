'use client';
/** Asking one thing after another, each child in turn; how it went is marked in one press or by one key. */
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { count } from '@/core/plan/called';
import { KNEW } from '@/core/plan/words';
import { Button, PlainButton } from '@/kit/button';
import { Dialog } from '@/kit/dialog';
import { Hatch, type HatchName } from '@/kit/hatch';
import { Quiet } from '@/kit/text';
import { colour, face } from '@/kit/tokens';
import { useAct } from '../use-act';
import { ask } from './actions';
import type { Asking } from './asking';

interface Who {
  id: string;
  name: string;
  hatch: HatchName;
}

export function AskDialog({
  asking: { name, questions },
  who,
  date,
  reward,
  onClose,
}: {
  asking: Asking;
  who: readonly Who[];
  date: string;
  /** What the family says when all was known. */
  reward: string;
  onClose: () => void;
}) {
  const { act } = useAct();
  // What is asked was settled when it was opened: each mark makes another list behind it.
  const [asked] = useState(questions);
  const [grades, setGrades] = useState<number[]>([]);
  const at = grades.length;
  const card = asked[at];
  const child = who.find((c) => c.id === card?.childId);
  const mark = (grade: number): void => {
    if (!card) return;
    setGrades([...grades, grade]);
    const { promptId, childId } = card;
    act((base) => ask(base, { promptId, childId, grade, date }), { failed: () => setGrades(grades) });
  };
  const back = (): void => {
    const { promptId, childId } = asked[at - 1];
    setGrades(grades.slice(0, -1));
    act((base) => ask(base, { promptId, childId, grade: null, date }), { failed: () => setGrades(grades) });
  };
  useEffect(() => {
    const onKey = (e: KeyboardEvent): void => {
      if (e.ctrlKey || e.metaKey || e.altKey || !/^[1-4]$/.test(e.key)) return;
      e.preventDefault();
      e.stopImmediatePropagation();
      mark(Number(e.key));
    };
    window.addEventListener('keydown', onKey, true);
    return () => window.removeEventListener('keydown', onKey, true);
  });
  return (
    <Dialog
      isOpen
      title={name}
      onClose={onClose}
      footer={
        <>
          {at ? <Button onPress={back}>Take the last back</Button> : null}
          <Button $primary={!card} onPress={onClose}>
            {card ? 'Enough for now' : 'Done'}
          </Button>
        </>
      }
    >
      {card && child ? (
        <>
          <Quiet>
            {at + 1} of {asked.length}
            {card.opens ? ' · from the last lesson' : ''}
          </Quiet>
          <Of>
            <Hatch name={child.hatch} /> {child.name}
          </Of>
          <Asks aria-live="polite">{card.asks}</Asks>
          {card.answer ? <Answer key={at} answer={card.answer} /> : null}
          <Grades role="group" aria-label={`How well ${child.name} knew it`}>
            {KNEW.map((knew, i) => (
              <Button key={knew} onPress={() => mark(i + 1)}>
                <kbd>{i + 1}</kbd> {knew}
              </Button>
            ))}
          </Grades>
        </>
      ) : (
        <Ended who={who} childIds={asked.map((c) => c.childId)} grades={grades} reward={reward} />
      )}
    </Dialog>
  );
}

function Answer({ answer }: { answer: string }) {
  const [isShown, show] = useState(false);
  return isShown ? (
    <p>{answer}</p>
  ) : (
    <div>
      <PlainButton onPress={() => show(true)}>Show the answer</PlainButton>
    </div>
  );
}

/** What came of it, child by child; and what the family says, where all was known. */
function Ended({
  who,
  childIds,
  grades,
  reward,
}: {
  who: readonly Who[];
  childIds: readonly string[];
  grades: readonly number[];
  reward: string;
}) {
  const of = who
    .map((c) => ({ ...c, grades: grades.filter((_, i) => childIds[i] === c.id) }))
    .filter((c) => c.grades.length);
  const isAllKnown = grades.length > 0 && grades.every((g) => g > 1);
  return (
    <div role="status">
      {of.map((c) => (
        <Of key={c.id}>
          <Hatch name={c.hatch} /> {c.name}: {c.grades.filter((g) => g > 1).length} of{' '}
          {count(c.grades.length, 'question')} known
        </Of>
      ))}
      {isAllKnown && reward ? <Reward>{reward}</Reward> : null}
      <Quiet>What was hard comes back soon, what was known at once later.</Quiet>
    </div>
  );
}

const Of = styled.p`
  display: flex;
  align-items: center;
  gap: 8px;
  font-weight: 700;
`;
const Asks = styled.p`
  font: 600 23px/1.3 ${face.title};
  overflow-wrap: anywhere;
`;
const Reward = styled.p`
  font: 700 24px/1.3 ${face.title};
  padding: 12px 0;
`;
const Grades = styled.div`
  display: grid;
  grid-template-columns: repeat(2, 1fr);
  gap: 10px;
  & > button {
    min-height: 52px;
    font-size: 15px;
  }
  kbd {
    font: inherit;
    color: ${colour.graphite};
  }
`;
