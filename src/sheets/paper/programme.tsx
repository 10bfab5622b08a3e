'use client';
/** The programme of a talk evening to lay on the chairs, and a card of prompts for each who speaks. */
import styled from 'styled-components';
import { count } from '@/core/plan/called';
import { Quiet } from '@/kit/text';
import { face } from '@/kit/tokens';
import { spelt } from '@/core/calendar/spelling';
import { useCustoms } from '@/kit/locale';
import { useReady } from '../frame/use-ready';
import { Page, Preview } from './page-frame';
import type { ProgrammeView } from './programme-load';
import { SheetBar } from './sheet-bar';

export function Programme({ unit, unitId, day, size, other, talks }: ProgrammeView) {
  useReady();
  const { spelling } = useCustoms();
  return (
    <Preview>
      <SheetBar
        title={spelt('Programme', spelling)}
        says={`${unit}: ${spelt('the programme', spelling)}, and a card of prompts for each who speaks`}
        back={{ href: `/record/look-back?unit=${unitId}`, name: 'Back to the evening' }}
        size={size}
        other={other}
        isEmpty={!talks.length}
      />
      {talks.length ? (
        <>
          <Page>
            <Evening>
              <h1>{unit}</h1>
              <p>{day}</p>
              <ol>
                {talks.map((t) => (
                  <li key={`${t.at} ${t.name}`}>
                    <time>{t.at}</time>
                    <span>
                      <b>{t.topic}</b>
                      {t.name}
                    </span>
                  </li>
                ))}
              </ol>
            </Evening>
          </Page>
          <Page>
            {talks.map((t) => (
              <Card key={`${t.at} ${t.name}`}>
                <h3>
                  {t.name}: {t.topic}
                </h3>
                <small>
                  {t.at}, {count(t.minutes, 'minute')}
                </small>
                <ul>
                  {t.prompts.map((p) => (
                    <li key={p}>{p}</li>
                  ))}
                </ul>
              </Card>
            ))}
          </Page>
        </>
      ) : (
        <Quiet>No evening is planned for this unit yet.</Quiet>
      )}
    </Preview>
  );
}

const Evening = styled.div`
  text-align: center;
  padding-top: 40px;
  h1 {
    font: 700 44px/1.15 ${face.title};
    overflow-wrap: anywhere;
  }
  ol {
    text-align: left;
    max-width: 460px;
    margin: 36px auto 0;
  }
  li {
    display: grid;
    grid-template-columns: 80px minmax(0, 1fr);
    padding: 12px 0;
    border-top: 1px solid #000;
    overflow-wrap: anywhere;
  }
  b {
    display: block;
    font-size: 23px;
  }
`;
const Card = styled.section`
  border: 1.5px dashed #000;
  padding: 14px 18px;
  margin: -0.75px;
  break-inside: avoid;
  h3 {
    font-size: 21px;
    overflow-wrap: anywhere;
  }
  ul {
    list-style: disc;
    padding-left: 22px;
  }
`;
