'use client';
/** A lesson's parts as rooms in a row, as long as they take; a wait is a crinkled line. */
import styled from 'styled-components';
import { Room } from '@/kit/room';
import { colour } from '@/kit/tokens';
import type { PartView } from './load';

export function PartStrip({ parts, longest }: { parts: PartView[]; longest: number }) {
  const waits = parts.filter((p) => p.waitAfterHours > 0).length;
  const room = 100 - waits * 12;
  return (
    <Strip>
      {parts.map((p) => (
        <Piece key={p.id} style={{ width: `${(room * p.takes) / longest + (p.waitAfterHours ? 12 : 0)}%` }}>
          <Slot
            $state={p.state}
            title={`${p.title}, ${p.takes} min`}
            style={{ borderColor: p.trouble ? colour.red : undefined }}
          >
            <Called $long={calledOn(p).length > WHOLE}>{calledOn(p)}</Called>
          </Slot>
          {p.waitAfterHours ? (
            <Wait>
              <svg width="30" height="14" viewBox="0 0 30 14" aria-hidden="true">
                <path
                  d="M2,10 l6,-8 l5,9 l6,-9 l5,9 l4,-6"
                  fill="none"
                  stroke={colour.graphite}
                  strokeWidth="1.3"
                />
              </svg>
              <small>
                {p.waitLabel || 'waits'} {p.waitAfterHours} h
              </small>
            </Wait>
          ) : null}
        </Piece>
      ))}
    </Strip>
  );
}

const calledOn = (p: PartView): string => SHORT[p.kind] ?? p.title;
/** Letters that stand whole in a room in which a longer word would be cut to nothing that can be read. */
const WHOLE = 4;

const SHORT: Partial<Record<PartView['kind'], string>> = {
  'read-aloud': 'read',
  'own-reading': 'own',
  'tell-back': 'tell',
  copying: 'copy',
  project: 'piece',
  recall: 'recall',
  'look-back': 'close',
};

const Strip = styled.span`
  display: flex;
  min-width: 0;
`;
const Piece = styled.span`
  display: flex;
  align-items: center;
  min-width: 22px;
`;
const Slot = styled(Room).attrs({ as: 'span' })`
  display: block;
  flex: 1;
  height: 27px;
  padding: 2px 3px;
  font-size: 12.5px;
  line-height: 20px;
  white-space: nowrap;
  overflow: hidden;
  margin-right: 2px;
  container-type: inline-size;
`;
const Called = styled.span<{ $long: boolean }>`
  display: block;
  overflow: hidden;
  text-overflow: ellipsis;
  @container (max-width: ${(p) => (p.$long ? 38 : 24)}px) {
    display: none;
  }
`;
const Wait = styled.span`
  flex: none;
  text-align: center;
  font-size: 12px;
  line-height: 1;
  color: ${colour.graphite};
  width: 66px;
  svg {
    display: block;
    margin: 0 auto;
  }
  small {
    font-size: 12px;
    white-space: nowrap;
  }
`;
