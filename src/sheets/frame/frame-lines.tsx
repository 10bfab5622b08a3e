'use client';
/** The rail, the head and the foot of a sheet. */
import styled from 'styled-components';
import { Link } from '@/kit/link';
import { colour, forcedColours, face, hover, narrow, paper } from '@/kit/tokens';

export const Ground = styled.div`
  display: grid;
  grid-template-columns: 76px minmax(0, 1fr);
  min-height: 100vh;
  ${narrow} {
    display: block;
  }
  ${paper} {
    display: block;
    min-height: 0;
  }
`;
export const Rail = styled.nav`
  background: ${colour.sheet};
  border-right: 1.5px solid ${colour.ink};
  display: flex;
  flex-direction: column;
  position: sticky;
  top: 0;
  height: 100vh;
  overflow: auto;
  ${narrow} {
    position: static;
    height: auto;
    flex-direction: row;
    border-right: 0;
    border-bottom: 1.5px solid ${colour.ink};
    overflow-x: auto;
  }
  ${paper} {
    display: none;
  }
`;
export const Name = styled(Link)`
  font: 700 19px/1.05 ${face.title};
  text-align: center;
  text-decoration: none;
  padding: 14px 6px 12px;
  overflow-wrap: anywhere;
  hyphens: manual;
  ${narrow} {
    padding: 12px 10px;
    flex: none;
    overflow-wrap: normal;
    white-space: nowrap;
  }
`;
export const Tab = styled(Link)<{ $here: boolean; $last: boolean }>`
  text-decoration: none;
  font-size: 13px;
  line-height: 1.3;
  padding: 5px 4px 5px 12px;
  border-left: 4px solid ${(p) => (p.$here ? colour.ink : 'transparent')};
  ${forcedColours} {
    border-left-color: ${(p) => (p.$here ? 'Highlight' : 'Canvas')};
  }
  background: ${(p) => (p.$here ? colour.paper : 'none')};
  font-weight: ${(p) => (p.$here ? 700 : 400)};
  ${(p) => (p.$last ? 'margin-top: auto; margin-bottom: 8px;' : '')}
  & > span {
    display: block;
    font-size: 12px;
    color: ${colour.graphite};
  }
  ${hover} {
    &:hover {
      background: ${colour.paper};
    }
  }
  ${narrow} {
    border-left: 0;
    border-bottom: 4px solid ${(p) => (p.$here ? colour.ink : 'transparent')};
    ${forcedColours} {
      border-bottom-color: ${(p) => (p.$here ? 'Highlight' : 'Canvas')};
    }
    padding: 6px 10px;
    margin: 0;
    flex: none;
    min-height: 44px;
  }
`;
export const Page = styled.main`
  display: flex;
  flex-direction: column;
  padding: 28px 20px 0;
  min-width: 0;
  max-width: 1500px;
  ${narrow} {
    padding: 14px 12px;
  }
  ${paper} {
    padding: 0;
  }
`;
/** Says that what is shown is a year that is closed. */
export const Ribbon = styled.div`
  display: flex;
  justify-content: space-between;
  gap: 4px 20px;
  flex-wrap: wrap;
  border: 1.5px dashed ${colour.ink};
  background: ${colour.sheet};
  padding: 7px 12px;
  margin-bottom: 16px;
  ${paper} {
    & > a {
      display: none;
    }
  }
`;
export const Header = styled.header`
  display: flex;
  justify-content: space-between;
  align-items: flex-end;
  gap: 10px 20px;
  flex-wrap: wrap;
  margin-bottom: 18px;
  & > :first-child {
    display: flex;
    align-items: baseline;
    gap: 4px 18px;
    flex-wrap: wrap;
    min-width: 0;
    flex: 1 1 320px;
  }
`;
export const Subtitle = styled.div`
  color: ${colour.graphite};
  em {
    font-family: ${face.title};
    font-size: 1.07em;
  }
`;
export const Actions = styled.div`
  display: flex;
  gap: 12px;
  flex-wrap: wrap;
  ${paper} {
    display: none;
  }
`;
export const Content = styled.div`
  flex: 1;
  min-width: 0;
  padding-bottom: 26px;
`;
export const Foot = styled.footer`
  display: flex;
  justify-content: space-between;
  align-items: flex-end;
  gap: 16px;
  flex-wrap: wrap;
  position: sticky;
  bottom: 0;
  z-index: 10;
  margin: 0 -8px;
  padding: 8px 8px 14px;
  background: ${colour.paper};
  ${narrow} {
    position: static;
  }
  ${paper} {
    position: static;
    background: none;
    break-inside: avoid;
  }
`;
export const History = styled.div`
  a {
    font-size: 13px;
    padding: 2px 3px;
    text-decoration-thickness: 1px;
    text-underline-offset: 3px;
  }
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 14px;
  ${paper} {
    display: none;
  }
`;
export const KeyList = styled.dl`
  display: grid;
  gap: 6px;
  div {
    display: grid;
    grid-template-columns: 150px 1fr;
    gap: 12px;
  }
  dt {
    font-weight: 700;
  }
`;
