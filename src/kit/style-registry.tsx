'use client';
/** Puts the styles of the first paint into the page's head, under its nonce. */
import { useServerInsertedHTML } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { createGlobalStyle, ServerStyleSheet, StyleSheetManager } from 'styled-components';
import { blueprintColours, colour, dark, face, paper, paperColours, still } from './tokens';

export function StyleRegistry({ nonce, children }: { nonce?: string; children: ReactNode }) {
  const [sheet] = useState(() => new ServerStyleSheet({ nonce }));
  useServerInsertedHTML(() => {
    const styles = sheet.getStyleElement();
    sheet.instance.clearTag();
    return <>{styles}</>;
  });
  const body = (
    <>
      <Ground />
      {children}
    </>
  );
  if (typeof window !== 'undefined') return body;
  return <StyleSheetManager sheet={sheet.instance}>{body}</StyleSheetManager>;
}

const Ground = createGlobalStyle`
  :root { ${paperColours} }
  ${dark} { :root[data-drawn-on='device'] { ${blueprintColours} } }
  :root[data-drawn-on='blueprint'] { ${blueprintColours} }
  ${paper} { :root, :root[data-drawn-on] { ${paperColours} } }
  *, *::before, *::after { box-sizing: border-box; }
  html { background: ${colour.paper}; color: ${colour.ink}; font: 14.5px/1.4 ${face.work}; -webkit-text-size-adjust: 100%; }
  body { margin: 0; }
  h1, h2, h3, p, ul, ol, dl, dd, figure { margin: 0; padding: 0; }
  ul, ol { list-style: none; }
  a { color: inherit; }
  button, input, select, textarea { font: inherit; color: inherit; }
  :focus-visible, [data-focus-visible] { outline: 3px solid ${colour.ink}; outline-offset: 2px; }
  ${still} { *, *::before, *::after { transition: none !important; animation: none !important; } }
  ${paper} { html { background: none; } }
  @page { margin: 14mm; }
`;
