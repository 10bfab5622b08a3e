'use client';
/**
 * The level of a passage: what is counted, the published measures side by side, their spread, and what it means for
 * each child.
 */
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { Button } from '@/kit/button';
import { Dialog } from '@/kit/dialog';
import { TextField } from '@/kit/field';
import { Heading, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { levelOfText, type LevelView } from './actions';

export function LevelDialog({ onClose }: { onClose: () => void }) {
  const [text, setText] = useState('');
  const [found, setFound] = useState<{ of: string; is: LevelView }>();
  useEffect(() => {
    if (!text.trim()) return;
    let late = false;
    const timer = setTimeout(() => {
      void levelOfText(text).then(
        (is) => {
          if (!late) setFound({ of: text, is });
        },
        () => undefined,
      );
    }, 250);
    return () => {
      late = true;
      clearTimeout(timer);
    };
  }, [text]);
  const level = text.trim() && found?.of === text ? found.is : undefined;
  const grade = (g: number): string => {
    if (g < 0.5) return 'before 1';
    if (g > 16.5) return 'beyond 16';
    return g.toFixed(1).replace('.0', '');
  };
  return (
    <Dialog
      title="The level of a text"
      wide
      isOpen
      onClose={onClose}
      footer={<Button onPress={onClose}>Done</Button>}
    >
      <Columns>
        <TextField
          label="A passage"
          help="A page or two from the middle of the book; a hundred words or more."
          rows={14}
          autoFocus
          value={text}
          onChange={setText}
        />
        <div aria-live="polite">
          {!level ? (
            <Quiet>
              {text.trim()
                ? 'Counting…'
                : 'What is counted, and what the published measures make of it, shows here. Nothing is kept.'}
            </Quiet>
          ) : null}
          {!!level && !level.spread ? <Quiet>There are no words in it yet.</Quiet> : null}
          {!!level && !!level.spread ? (
            <>
              <p>
                <b>Grade {grade(level.spread.middle)}</b>, between {grade(level.spread.low)} and{' '}
                {grade(level.spread.high)} by the measures in their place.
              </p>
              <Quiet>
                {level.counts.words} words, {level.counts.sentences}{' '}
                {level.counts.sentences === 1 ? 'sentence' : 'sentences'}, {level.counts.syllables} syllables;{' '}
                {level.counts.long} words of three syllables and more.
                {level.short ? ' So short a passage says little: paste more of it.' : ''}
              </Quiet>
              <Judged aria-label="For each child">
                {level.children.map((c) => (
                  <li key={c.id}>
                    <b>{c.name}</b> {c.message}
                  </li>
                ))}
              </Judged>
              <Heading as="h3">The measures</Heading>
              <Table>
                <thead>
                  <tr>
                    <th scope="col">Measure</th>
                    <th scope="col">Score</th>
                    <th scope="col">Grade</th>
                    <th scope="col">For</th>
                  </tr>
                </thead>
                <tbody>
                  {level.measures.map((m) => (
                    <tr key={m.name} data-out={!!m.but}>
                      <th scope="row">
                        {m.name}
                        <Quiet as="small">{m.source}</Quiet>
                      </th>
                      <td>{m.score.toFixed(1)}</td>
                      <td>
                        {m.grade[0] === m.grade[1]
                          ? grade(m.grade[0])
                          : `${grade(m.grade[0])}–${grade(m.grade[1])}`}
                      </td>
                      <td>{m.but ? `not counted here: ${m.but}` : m.use}</td>
                    </tr>
                  ))}
                </tbody>
              </Table>
              <Quiet>
                No measure knows what interests a child, or what they know already. Let them read a page of it
                to you.
              </Quiet>
            </>
          ) : null}
        </div>
      </Columns>
    </Dialog>
  );
}

const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
  gap: 20px;
  & > div:last-child {
    display: grid;
    gap: 8px;
    align-content: start;
  }
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Judged = styled.ul`
  border-top: 1.5px solid ${colour.ink};
  li {
    padding: 3px 0;
    border-bottom: 1px solid ${colour.rule};
  }
`;
const Table = styled.table`
  border-collapse: collapse;
  font-size: 13px;
  width: 100%;
  th {
    text-align: left;
    font-weight: 600;
  }
  small {
    display: block;
    font-size: 12px;
    font-weight: 400;
  }
  td,
  th {
    padding: 3px 8px 3px 0;
    border-bottom: 1px solid ${colour.rule};
    vertical-align: top;
  }
  tr[data-out='true'] {
    color: ${colour.graphite};
    th {
      font-weight: 400;
    }
  }
`;
