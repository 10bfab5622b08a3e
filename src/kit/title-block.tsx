'use client';
/** The title block at the lower right of every sheet: what it is, the few figures that matter there, the revision. */
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import { colour, narrow, paper } from './tokens';

export interface Figure {
  name: string;
  value: string;
  /** Shows how it is worked out. */
  onAsk?: () => void;
}

export function TitleBlock({ figures }: { figures: Figure[] }) {
  return (
    <Block aria-label="Title block">
      {figures.map((f) => (
        <div key={f.name}>
          <dt>
            {f.onAsk ? (
              <Ask aria-label={`${f.name}: how is this worked out?`} onPress={f.onAsk}>
                {f.name}
              </Ask>
            ) : (
              f.name
            )}
          </dt>
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
const Ask = styled(AriaButton)`
  background: none;
  border: 0;
  padding: 0;
  font: inherit;
  color: inherit;
  cursor: help;
  text-decoration: underline dotted;
  text-underline-offset: 3px;
`;
