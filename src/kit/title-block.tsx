'use client';
/** The title block at the lower right of every sheet: what it is, the few figures that matter there, the revision. */
import styled from 'styled-components';
import { colour, narrow, paper } from './tokens';

export interface Figure {
  name: string;
  value: string;
}

export function TitleBlock({ figures }: { figures: Figure[] }) {
  return (
    <Block aria-label="Title block">
      {figures.map((f) => (
        <div key={f.name}>
          <dt>{f.name}</dt>
          <dd>{f.value}</dd>
        </div>
      ))}
    </Block>
  );
}

const Block = styled.dl`
  align-self: flex-end;
  display: flex;
  flex-wrap: wrap;
  border: 1.5px solid ${colour.ink};
  background: ${colour.sheet};
  & > div {
    padding: 5px 12px 6px;
    border-left: 1.5px solid ${colour.ink};
    margin-left: -1.5px;
  }
  dt {
    font-size: 12px;
    color: ${colour.graphite};
  }
  dd {
    font-weight: 700;
    font-size: 13.5px;
  }
  ${narrow} {
    align-self: stretch;
  }
  ${paper} {
    break-inside: avoid;
  }
`;
