'use client';
/** A unit on one page, as a drawing with a border and a title block: to hang on the wall, or to keep in its box. */
import styled from 'styled-components';
import { face, paper, paperColours } from '@/kit/tokens';
import { TitleBlock } from '@/kit/title-block';
import { useReady } from '../frame/use-ready';
import type { Size } from './size';
import { Preview } from './page-frame';
import { SheetBar } from './sheet-bar';
import type { Block, UnitPageView } from './unit-page-load';

/** Lessons from which lines stand close together, and closer still, so that all of them fit on the page. */
const MANY = 18;
const VERY_MANY = 30;

function sizeFor(rows: number): number {
  if (rows > VERY_MANY) return 8.5;
  return rows > MANY ? 10.5 : 12.5;
}

/** Characters of a column's line, and its lines to a row of the lessons. */
const A_LINE = 36;
const TO_A_ROW = 0.6;
/** How high the taller column is, in rows of the lessons. */
const tallest = (columns: readonly (readonly Block[])[]): number =>
  Math.max(
    ...columns.map((blocks) =>
      blocks.reduce(
        (sum, b) => sum + 1.5 + b.lines.reduce((n, line) => n + Math.ceil(line.length / A_LINE), 0),
        0,
      ),
    ),
  ) * TO_A_ROW;

export function UnitPage({
  unitId,
  title,
  says,
  left,
  lessons,
  every,
  right,
  figures,
  size,
  other,
}: UnitPageView) {
  useReady();

  return (
    <Preview>
      <SheetBar
        title="The unit on one page"
        says={title}
        back={{ href: `/unit?unit=${unitId}`, name: 'Back to the unit' }}
        size={size}
        other={other}
        isEmpty={!unitId}
        landscape
      />
      <Sheet
        $size={size}
        $type={sizeFor(Math.max(lessons.length, tallest([left, right])))}
        aria-label={`${title}, on one page`}
      >
        <h1>{title}</h1>
        <p>{says}</p>
        <div>
          <Column blocks={left} />
          <section>
            <table>
              <tbody>
                {lessons.map((l) => (
                  <tr key={l.number}>
                    <th scope="row">{l.number}</th>
                    <td>{l.day}</td>
                    <td>{l.title}</td>
                    <td>{l.pages}</td>
                    <td>{l.doing}</td>
                  </tr>
                ))}
              </tbody>
            </table>
            {every ? (
              <p>
                <b>Comes back:</b> {every}
              </p>
            ) : null}
          </section>
          <Column blocks={right} />
        </div>
        <footer>
          <TitleBlock figures={figures} />
        </footer>
      </Sheet>
    </Preview>
  );
}

function Column({ blocks }: { blocks: Block[] }) {
  return (
    <section>
      {blocks.map((b) => (
        <div key={b.title}>
          <h2>{b.title}</h2>
          {b.lines.map((line) => (
            <p key={line}>
              {b.boxes ? <i aria-hidden="true" /> : null}
              {line}
            </p>
          ))}
        </div>
      ))}
    </section>
  );
}

/** Between the margins of a landscape page, a little less. */
const HEIGHT: Record<Size, string> = { A4: '190mm', letter: '196mm' };
const Sheet = styled.article<{ $size: Size; $type: number }>`
  font-size: 12.5px;
  ${paperColours}
  background: #fff;
  color: #000;
  border: 2px solid #000;
  padding: 14px 16px 0;
  min-height: 640px;
  display: flex;
  flex-direction: column;
  line-height: 1.3;
  overflow-wrap: anywhere;
  h1 {
    font: 700 26px/1.1 ${face.title};
  }
  & > p {
    margin: 3px 0 10px;
  }
  & > div {
    display: grid;
    grid-template-columns: minmax(0, 1.05fr) minmax(0, 2.4fr) minmax(0, 1.15fr);
    gap: 20px;
    flex: 1;
  }
  h2 {
    font-size: 1em;
    font-weight: 700;
    margin-top: 7px;
  }
  i {
    display: inline-block;
    width: 0.8em;
    height: 0.8em;
    border: 1px solid #000;
    margin-right: 5px;
  }
  table {
    border-collapse: collapse;
    width: 100%;
  }
  th,
  td {
    text-align: left;
    vertical-align: baseline;
    padding: 2.5px 6px 2.5px 0;
    border-bottom: 1px solid #999;
  }
  th,
  td:nth-of-type(1),
  td:nth-of-type(3) {
    white-space: nowrap;
  }
  td:nth-of-type(4) {
    width: 36%;
  }
  td:nth-of-type(2) {
    font-family: ${face.title};
    font-weight: 600;
    font-size: 1.1em;
  }
  footer {
    display: flex;
    justify-content: flex-end;
    margin: 6px -17.5px -1.5px 0;
    break-inside: avoid;
  }
  ${paper} {
    font-size: ${(p) => p.$type}px;
    min-height: ${(p) => HEIGHT[p.$size]};
  }
`;
