'use client';
/** Text of the docs, as it was made of Markdown on the server. */
import styled from 'styled-components';
import { colour } from '@/kit/tokens';

/** @param html made by micromark of our own docs, which lets no HTML of theirs through */
export const HelpText = ({ html }: { html: string }) => <Text dangerouslySetInnerHTML={{ __html: html }} />;

const Text = styled.div`
  display: grid;
  gap: 10px;
  max-width: 72ch;
  overflow-wrap: anywhere;
  ul {
    display: grid;
    gap: 7px;
    border-top: 1px solid ${colour.rule};
    padding-top: 8px;
  }
  li {
    padding-left: 16px;
    text-indent: -16px;
    &::before {
      content: '–';
      display: inline-block;
      width: 16px;
      text-indent: 0;
    }
  }
  code {
    font-size: 13px;
    color: ${colour.graphite};
  }
  table {
    border-collapse: collapse;
  }
  td,
  th {
    border: 1px solid ${colour.rule};
    padding: 3px 8px;
    text-align: left;
    font-size: 13.5px;
  }
`;
