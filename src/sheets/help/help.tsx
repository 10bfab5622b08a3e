'use client';
/** A page of help, or how each number is worked out, beside a list of all of them. */
import styled from 'styled-components';
import { Link } from '@/kit/link';
import { Heading } from '@/kit/text';
import { colour, middling } from '@/kit/tokens';
import { Frame } from '../frame/frame';
import { HelpText } from '../frame/help/help-text';
import type { HelpView } from './load';

export function HelpSheet({ info, name, title, pieces, pages }: HelpView) {
  return (
    <Frame info={info} sheet={null} title={title} subtitle="Help" figures={[]}>
      <Columns>
        <div>
          {pieces.map((p) => (
            <section key={p.name} id={p.name}>
              {p.title ? <Heading>{p.title}</Heading> : null}
              <HelpText html={p.html} />
            </section>
          ))}
        </div>
        <nav aria-label="Pages of help">
          <ul>
            {pages.map((p) => (
              <li key={p.name}>
                <Link href={`/help/${p.name}`} aria-current={p.name === name ? 'page' : undefined}>
                  {p.title}
                </Link>
              </li>
            ))}
          </ul>
        </nav>
      </Columns>
    </Frame>
  );
}

const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 720px) 220px;
  gap: 48px;
  & > div {
    display: grid;
    gap: 26px;
  }
  nav li {
    padding: 5px 0;
    border-bottom: 1px solid ${colour.rule};
  }
  nav a[aria-current] {
    font-weight: 700;
    text-decoration: none;
  }
  ${middling} {
    grid-template-columns: minmax(0, 1fr);
  }
`;
