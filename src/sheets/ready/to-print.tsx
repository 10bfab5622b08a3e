'use client';
/** What is to be printed and copied for the days to come: for whom how many, ticked as it is done. */
import styled from 'styled-components';
import { shortDate } from '@/core/calendar/dates';
import { count } from '@/core/plan/called';
import { Checkbox } from '@/kit/field';
import { Link } from '@/kit/link';
import { Column, Heading, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { buy, print } from './actions';
import type { ReadyView } from './load';

type Prints = ReadyView['prints'][number];

/** Sheets of paper of it that are not printed yet; those of a child of whom a part is printed, in proportion. */
export const leftToPrint = ({ who }: Pick<Prints, 'who'>): number =>
  who.reduce((sum, c) => sum + Math.ceil((c.sheets * (c.partIds.length - c.printed)) / c.partIds.length), 0);

export function ToPrint({ view: { prints, copies, today } }: { view: ReadyView }) {
  const { act } = useAct();
  const left = prints.reduce((sum, p) => sum + leftToPrint(p), 0);
  return (
    <Column aria-labelledby="prints">
      <header>
        <Heading id="prints">To print</Heading>
        <Quiet as="span">{count(left, 'sheet')} of paper, only what is used</Quiet>
      </header>
      {prints.map((p) => (
        <Item key={p.lessonId}>
          <Link
            href={`/paper?unit=${p.unitId}&lesson=${p.lessonId}&children=${p.who.map((c) => c.id).join('+')}`}
          >
            Lesson {p.number}, {p.title}
          </Link>{' '}
          <Quiet as="span">from {shortDate(p.on)}</Quiet>
          <div>
            {p.who.map((c) => (
              <span key={c.id}>
                <Checkbox
                  isSelected={c.printed === c.partIds.length}
                  label={`Printed: ${count(c.sheets, 'sheet')} of “${p.title}” for ${c.name}`}
                  onChange={(is) =>
                    act((base) => print(base, { partIds: c.partIds, childId: c.id, is, date: today }))
                  }
                />{' '}
                {c.name} {c.printed > 0 && c.printed < c.partIds.length ? `some of ${c.sheets}` : c.sheets}
              </span>
            ))}
          </div>
        </Item>
      ))}
      {copies.map((c) => (
        <Item key={c.name}>
          <span>
            <Checkbox
              isSelected={c.toGet === 0}
              isDisabled={c.toGet === 0}
              label={`Copied: ${c.name}`}
              onChange={() =>
                act((base) =>
                  buy(base, { name: c.name, amount: c.toGet || null, unit: c.unit, is: true, date: today }),
                )
              }
            />{' '}
            {c.name}: {c.toGet === 0 ? 'copied' : count(c.toGet ?? 1, 'copy', 'copies')}{' '}
            <Quiet as="span">
              {c.inHouse ? `${c.inHouse} there · ` : ''}from one master, for {c.parts[0].title},{' '}
              {shortDate(c.from)}
            </Quiet>
          </span>
        </Item>
      ))}
      {prints.length + copies.length ? null : <Quiet>No page is used on these days.</Quiet>}
    </Column>
  );
}

const Item = styled.div`
  padding: 6px 0;
  border-bottom: 1px solid ${colour.rule};
  font-size: 14px;
  break-inside: avoid;
  overflow-wrap: anywhere;
  & > div {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 14px;
    padding-top: 4px;
  }
  label {
    vertical-align: middle;
    margin-right: 6px;
  }
`;
