'use client';
/** What a page to print is built from. */
import styled, { createGlobalStyle } from 'styled-components';
import { RULED, WORD_ROW } from '@/core/ladder/sheets';
import { colour, face, paper, paperColours } from '@/kit/tokens';
import type { Size } from './size';

export const PageSize = createGlobalStyle<{
  $size: Size;
  $landscape?: boolean;
}>`@page { size: ${(p) => `${p.$size}${p.$landscape ? ' landscape' : ''}`}; margin: ${(p) => (p.$landscape ? '8mm' : '14mm 15mm')}; }`;
export const Preview = styled.main`
  padding: 24px 20px;
  max-width: 900px;
  margin: 0 auto;
  ${paper} {
    padding: 0;
    max-width: none;
  }
`;
export const Bar = styled.header`
  display: grid;
  gap: 12px;
  margin-bottom: 18px;
  & > div {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 14px;
    align-items: baseline;
  }
  & > nav {
    display: flex;
    gap: 6px 18px;
    flex-wrap: wrap;
    a {
      min-height: 30px;
    }
  }
  ${paper} {
    display: none;
  }
`;
export const Page = styled.div`
  ${paperColours}
  background: #fff;
  border: 1.5px solid ${colour.ink};
  padding: 32px 36px;
  margin-bottom: 22px;
  min-height: 560px;
  font-family: ${face.child};
  font-size: 19px;
  line-height: 1.5;
  color: #000;
  & > header {
    display: flex;
    gap: 12px;
    align-items: center;
    border-bottom: 1.5px solid #000;
    padding-bottom: 6px;
    b {
      font-size: 24px;
    }
    span {
      margin-left: auto;
      font-size: 15px;
    }
  }
  h2 {
    font-size: 26px;
    line-height: 1.25;
    margin: 14px 0 4px;
    overflow-wrap: anywhere;
  }
  small {
    display: block;
    font-size: 15px;
  }
  ${paper} {
    border: 0;
    padding: 0;
    margin: 0;
    min-height: 0;
    break-after: page;
    &:last-of-type {
      break-after: auto;
    }
  }
`;
const box = `width: 20px; height: 20px; border: 2px solid #000; flex: none;`;
export const Tasks = styled.ol`
  margin-top: 10px;
  font-size: 15px;
  line-height: 1.4;
  li {
    display: grid;
    grid-template-columns: 26px 1fr auto;
    gap: 6px;
    padding: 4px 0;
    border-bottom: 1px solid #999;
    break-inside: avoid;
    overflow-wrap: anywhere;
  }
  i {
    ${box} margin-top: 4px;
  }
  b {
    display: block;
  }
  small {
    font-size: 14px;
  }
  li > span {
    font-size: 14px;
    white-space: nowrap;
  }
`;
export const Work = styled.section`
  break-inside: avoid;
  & > p {
    margin-bottom: 14px;
    overflow-wrap: anywhere;
  }
`;
export const Copying = styled.div<{ $small: boolean }>`
  font-size: ${(p) => (p.$small ? 23 : 40)}px;
  line-height: 1.75;
  overflow-wrap: anywhere;
  & > div {
    break-inside: avoid;
  }
  & > div > div {
    ${(p) => (p.$small ? 'height: 32px; margin-bottom: 12px;' : '')}
  }
  & > div > div::before {
    ${(p) => (p.$small ? 'height: 16px;' : '')}
  }
`;
export const Trace = styled.div`
  color: #999;
  && {
    height: auto;
    margin: 0;
  }
`;
export const Blank = styled.div`
  height: 64px;
  border-bottom: 1.5px solid #000;
  margin-bottom: 26px;
  &::before {
    content: '';
    display: block;
    height: 32px;
    border-bottom: 1px dashed #777;
  }
`;
export const Verse = styled.div`
  font-size: 21px;
  line-height: 1.5;
  p {
    overflow-wrap: anywhere;
  }
`;
export const Frame = styled.div`
  border: 2px solid #000;
  height: 290px;
  margin-bottom: 22px;
`;
export const Labels = styled.ol`
  display: grid;
  grid-template-columns: repeat(2, 1fr);
  gap: 10px 24px;
  li {
    display: flex;
    gap: 10px;
    align-items: baseline;
  }
  u {
    flex: 1;
    border-bottom: 1.5px solid #000;
    text-decoration: none;
    height: 26px;
  }
`;
export const Cards = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  li {
    border: 1.5px dashed #000;
    font-size: 32px;
    text-align: center;
    padding: 22px 6px;
    margin: -0.75px;
    break-inside: avoid;
  }
`;
export const Words = styled.table`
  border-collapse: collapse;
  width: 100%;
  th,
  td {
    border: 1.5px solid #000;
    height: ${WORD_ROW}px;
    padding: 2px 10px;
    text-align: left;
    width: 33%;
  }
  tbody th {
    font-size: 22px;
  }
  thead th {
    height: auto;
    font-size: 16px;
  }
`;
export const Questions = styled.ol`
  list-style: decimal;
  padding-left: 28px;
  display: grid;
  gap: 16px;
  li {
    break-inside: avoid;
  }
  b {
    display: block;
  }
`;
export const Rule = styled.div`
  height: ${RULED}px;
  border-bottom: 1px solid #000;
`;
export const Check = styled.div`
  h3 {
    font-size: 20px;
    margin-top: 12px;
  }
  li {
    display: flex;
    gap: 10px;
    padding: 6px 0;
    border-bottom: 1px solid #999;
    align-items: baseline;
  }
  i {
    ${box} align-self: center;
  }
  & > p {
    font-size: 15px;
    padding-top: 10px;
  }
`;
