'use client';
/** What is asked, on paper: cards to cut for each child, or a quiz on a sheet each; the key on a page of its own. */
import styled from 'styled-components';
import { Hatch } from '@/kit/hatch';
import { Link } from '@/kit/link';
import { Quiet } from '@/kit/text';
import { useReady } from '../frame/use-ready';
import { Page, Preview, Questions, Rule } from './page-frame';
import type { QuestionsView } from './questions-load';
import { SheetBar } from './sheet-bar';

export function QuestionsPaper({ day, date, size, other, as, children }: QuestionsView) {
  useReady();
  return (
    <Preview>
      <SheetBar
        title={as === 'cards' ? 'Cards to ask' : 'Quiz'}
        says={
          as === 'cards'
            ? `${day}: cut them apart; the answers are on the key`
            : `${day}: from what is weak for each child, a sheet each; the key is apart`
        }
        back={{ href: '/record', name: 'Back to the record' }}
        size={size}
        other={other}
        isEmpty={!children.length}
      >
        <nav>
          <Link href={`/paper/questions?day=${date}&as=${as === 'cards' ? 'quiz' : 'cards'}`}>
            {as === 'cards' ? 'A quiz instead' : 'Cards to ask instead'}
          </Link>
        </nav>
      </SheetBar>
      {children.length ? null : (
        <Quiet>
          Nothing is due on this day. What a lesson asks comes here from the day after it was taught.
        </Quiet>
      )}
      {as === 'cards' && children.length ? (
        <Page>
          <Cut>
            {children.flatMap((c) =>
              c.questions.map((q) => (
                <li key={`${c.id} ${q.promptId}`}>
                  <small>
                    <Hatch name={c.hatch} /> {c.name}
                  </small>
                  {q.asks}
                </li>
              )),
            )}
          </Cut>
        </Page>
      ) : null}
      {as === 'quiz'
        ? children.map((c) => (
            <Page key={c.id}>
              <header>
                <Hatch name={c.hatch} />
                <b>{c.name}</b>
                <span>{day}</span>
              </header>
              <Questions>
                {c.questions.map((q) => (
                  <li key={q.promptId}>
                    {q.asks}
                    <Rule />
                    <Rule />
                  </li>
                ))}
              </Questions>
            </Page>
          ))
        : null}
      {children.length ? (
        <Page>
          <header>
            <b>Key</b>
            <span>for you, kept apart · {day}</span>
          </header>
          {children.map((c) => (
            <Key key={c.id}>
              <h3>{c.name}</h3>
              <ol>
                {c.questions.map((q) => (
                  <li key={q.promptId}>
                    {q.asks} <b>{q.answer || 'as it was told'}</b>
                    <span>forgot · with effort · knew it · at once</span>
                  </li>
                ))}
              </ol>
            </Key>
          ))}
        </Page>
      ) : null}
    </Preview>
  );
}

const Cut = styled.ul`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  li {
    border: 1.5px dashed #000;
    margin: -0.75px;
    padding: 16px;
    min-height: 120px;
    font-size: 21px;
    break-inside: avoid;
    overflow-wrap: anywhere;
  }
  small {
    display: flex;
    align-items: center;
    gap: 6px;
    margin-bottom: 8px;
  }
`;
const Key = styled.section`
  font-size: 15px;
  break-inside: avoid;
  margin-top: 10px;
  ol {
    list-style: decimal;
    padding-left: 24px;
  }
  li {
    padding: 3px 0;
    border-bottom: 1px solid #999;
    overflow-wrap: anywhere;
  }
  li > span {
    display: block;
    font-size: 13px;
  }
`;
