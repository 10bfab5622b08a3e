'use client';
/** Labels for the lids of kits, to print and cut: number, lesson, what is in it, where its answers are. */
import styled from 'styled-components';
import { Button } from '@/kit/button';
import { LinkButton } from '@/kit/link-button';
import { Quiet, SheetTitle } from '@/kit/text';
import { colour, face } from '@/kit/tokens';
import { useReady } from '../frame/use-ready';
import type { KitsView } from './kits-load';
import { Bar, PageSize, Preview } from './page-frame';

export function KitLabels({ unit, unitId, size, kits }: KitsView) {
  useReady();
  const other = size === 'A4' ? 'letter' : 'A4';
  return (
    <Preview>
      <PageSize $size={size} />
      <Bar>
        <div>
          <SheetTitle>Kits</SheetTitle>
          <Quiet>{unit}: a label for each lesson that needs something, to cut out and put on the lid</Quiet>
        </div>
        <div>
          <LinkButton href="/ready">Back to Ready</LinkButton>
          <LinkButton href={`/paper/kits?unit=${unitId ?? ''}&size=${other}`}>
            {size === 'A4' ? 'On US Letter' : 'On A4'}
          </LinkButton>
          <Button $primary isDisabled={!kits.length} onPress={() => window.print()}>
            Print them
          </Button>
        </div>
      </Bar>
      {kits.length ? null : (
        <Quiet>No lesson of this unit needs anything. Supplies are said on its parts.</Quiet>
      )}
      <Labels>
        {kits.map((k) => (
          <Label key={k.number}>
            <h2>
              <b>{k.number}</b> {k.title}
            </h2>
            <Quiet>
              {unit} · {k.on}
            </Quiet>
            <ul>
              {k.contents.map((c) => (
                <li key={c}>{c}</li>
              ))}
            </ul>
            {k.beside.length ? <p>Beside it: {k.beside.join(', ')}</p> : null}
            {k.hasKey ? <p>Answers: kept apart, in your own folder</p> : null}
            <p>Place: {k.place || '______________________'}</p>
          </Label>
        ))}
      </Labels>
    </Preview>
  );
}

const Labels = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
  gap: 12px;
`;
const Label = styled.section`
  border: 1.4px dashed ${colour.graphite};
  background: ${colour.room};
  padding: 14px 16px;
  break-inside: avoid;
  font-size: 14px;
  overflow-wrap: anywhere;
  h2 {
    font: 600 20px/1.2 ${face.title};
  }
  h2 b {
    display: inline-block;
    border: 2px solid ${colour.ink};
    padding: 1px 8px;
    margin-right: 6px;
  }
  ul {
    margin: 8px 0;
    columns: 2;
  }
`;
