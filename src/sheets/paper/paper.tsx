'use client';
/** Pages to print, child by child in the order of use: the lesson page, to copy, cards to cut out, booklets to fold, frames and lines, the quiz with its key apart, and the checklist of the unit. */
import Link from 'next/link';
import styled, { createGlobalStyle } from 'styled-components';
import { Button } from '@/kit/button';
import { Hatch, HatchPatterns } from '@/kit/hatch';
import { LinkButton } from '@/kit/link-button';
import { Quiet, SheetTitle } from '@/kit/text';
import { colour, face, paper } from '@/kit/tokens';
import type { PaperPage, PaperView, Size } from './load';
import { Booklet } from './booklet';

const SIZE_NAMES: Record<Size, string> = { A4: 'A4', letter: 'US Letter' };

export function PaperSheet({ unitId, unitTitle, lessonId, what, back, size, children, pages }: PaperView) {
  const chosen = children.filter((c) => c.chosen).map((c) => c.id);
  const href = (ids: string[], on: Size): string => `/paper?unit=${unitId}${lessonId ? `&lesson=${lessonId}` : ''}&children=${ids.join('+')}${on === 'A4' ? '' : `&size=${on}`}`;
  return (
    <Desk>
      <PageSize $size={size} />
      <HatchPatterns />
      <Bar>
        <div><SheetTitle>Pages to print</SheetTitle><Quiet>{unitTitle} · {what} · {pages.length} {pages.length === 1 ? 'page' : 'pages'}, only those that are used</Quiet></div>
        <div>
          <LinkButton href={back}>Back to the ladder</LinkButton>
          {unitId && lessonId ? <LinkButton href={`/paper?unit=${unitId}`}>Checklists of the unit</LinkButton> : null}
          <Button $primary isDisabled={!pages.length} onPress={() => window.print()}>Print {pages.length === 1 ? 'it' : `all ${pages.length}`}</Button>
        </div>
        <nav aria-label="For whom">{children.map((c) => <Link key={c.id} aria-current={c.chosen ? 'true' : undefined} href={href(c.chosen && chosen.length > 1 ? chosen.filter((x) => x !== c.id) : [...new Set([...chosen, c.id])], size)}>{c.chosen ? '✓ ' : ''}{c.name}, {c.pages} {c.pages === 1 ? 'page' : 'pages'}</Link>)}</nav>
        <nav aria-label="On what paper">{(Object.keys(SIZE_NAMES) as Size[]).map((s) => <Link key={s} aria-current={s === size ? 'true' : undefined} href={href(chosen, s)}>{s === size ? '✓ ' : ''}{SIZE_NAMES[s]}</Link>)}</nav>
      </Bar>
      {pages.length ? pages.map((p) => <OnPaper key={p.key} page={p} what={what} />) : <p>Nothing in this lesson needs paper.</p>}
    </Desk>
  );
}

function OnPaper({ page: p, what }: { page: PaperPage; what: string }) {
  return (
    <Page aria-label={`${p.child?.name ?? 'For you'}: ${p.title}`}>
      <header>{p.child ? <Hatch name={p.child.hatch} width={54} height={20} /> : null}<b>{p.child?.name ?? 'For you'}</b><span>{what}</span></header>
      <h2>{p.title}</h2>
      {p.wording ? <p>{p.wording}</p> : null}
      {p.tasks ? <Tasks>{p.tasks.map((t, i) => <li key={i}><i aria-hidden="true" /><div><b>{t.title}</b>{t.wording ? <> {t.wording}</> : null}{t.supplies ? <small>You need: {t.supplies}</small> : null}</div><span>{t.minutes ? `${t.minutes} min` : ''}</span></li>)}</Tasks> : null}
      {p.copy ? <Copying>{p.copy.lines.map((line, i) => <div key={i}><Model>{line}</Model>{p.copy!.trace ? [0, 1, 2].map((n) => <Trace key={n}>{line}</Trace>) : Array.from({ length: p.copy!.lines.length < 3 ? 3 : 1 }, (_, n) => <Blank key={n} aria-hidden="true" />)}</div>)}</Copying> : null}
      {p.flaps ? <Booklet flaps={p.flaps.count} ruled={p.flaps.ruled} /> : null}
      {p.draw ? <Frame aria-hidden="true" /> : null}
      {p.labels ? <Labels>{p.labels.map((l, i) => <li key={i}>{i + 1} {l || <u />}</li>)}</Labels> : null}
      {p.cards ? <Cards>{p.cards.map((c) => <li key={c}>{c}</li>)}</Cards> : null}
      {p.words ? <Words><thead><tr><th scope="col">Read</th><th scope="col">Write</th><th scope="col">Without looking</th></tr></thead><tbody>{p.words.map((w) => <tr key={w.word}><th scope="row">{w.word}</th>{Array.from({ length: w.times }, (_, i) => <td key={i} />)}</tr>)}</tbody></Words> : null}
      {p.questions ? <Questions>{p.questions.map((q) => <li key={q}>{q}<Rule aria-hidden="true" /><Rule aria-hidden="true" /></li>)}</Questions> : null}
      {p.source ? <p>Where I found it: title, page</p> : null}
      {p.source ? <><Rule aria-hidden="true" /><Rule aria-hidden="true" /><p>What it says</p></> : null}
      {p.ruled ? <div aria-hidden="true">{Array.from({ length: p.ruled }, (_, i) => <Rule key={i} />)}</div> : null}
      {p.answers ? <Questions>{p.answers.map((a) => <li key={a.easy + a.hard}>{a.easy}{a.hard ? <small>harder: {a.hard}</small> : null}<b>{a.answer || 'see the pages of the lesson'}</b></li>)}</Questions> : null}
      {p.check ? (
        <Check>
          <h3>Words to know</h3>
          {p.check.words.length ? <ul>{p.check.words.map((w) => <li key={w.word}><i aria-hidden="true" /><b>{w.word}</b> {w.meaning}</li>)}</ul> : <p>The unit names no words yet.</p>}
          <h3>To be able to</h3>
          {p.check.able.length ? <ul>{p.check.able.map((a) => <li key={a}><i aria-hidden="true" />{a}</li>)}</ul> : <p>The unit has no objectives yet.</p>}
          <p>not yet · with help · alone: write the day beside it</p>
        </Check>
      ) : null}
    </Page>
  );
}

const PageSize = createGlobalStyle<{ $size: Size }>`@page { size: ${(p) => p.$size}; margin: 14mm 15mm; }`;
const Desk = styled.main`padding: 24px 20px; max-width: 900px; margin: 0 auto; ${paper} { padding: 0; max-width: none; }`;
const Bar = styled.header`display: grid; gap: 12px; margin-bottom: 18px; & > div { display: flex; flex-wrap: wrap; gap: 6px 14px; align-items: baseline; } & > nav { display: flex; gap: 6px 18px; flex-wrap: wrap; a { min-height: 30px; } } ${paper} { display: none; }`;
const Page = styled.section`
  background: #fff; border: 1.5px solid ${colour.ink}; padding: 32px 36px; margin-bottom: 22px; min-height: 560px; font-family: ${face.child}; font-size: 19px; line-height: 1.5; color: #000;
  & > header { display: flex; gap: 12px; align-items: center; border-bottom: 1.5px solid #000; padding-bottom: 6px; b { font-size: 24px; } span { margin-left: auto; font-size: 15px; } } h2 { font-size: 26px; line-height: 1.25; margin: 14px 0 4px; overflow-wrap: anywhere; } & > p { margin-bottom: 14px; overflow-wrap: anywhere; } small { display: block; font-size: 15px; }
  ${paper} { border: 0; padding: 0; margin: 0; min-height: 0; break-after: page; &:last-of-type { break-after: auto; } }
`;
const box = `width: 20px; height: 20px; border: 2px solid #000; flex: none;`;
const Tasks = styled.ol`margin-top: 10px; font-size: 17px; line-height: 1.4; li { display: grid; grid-template-columns: 28px 1fr auto; gap: 6px; padding: 6px 0; border-bottom: 1px solid #999; break-inside: avoid; overflow-wrap: anywhere; } i { ${box} margin-top: 4px; } b { display: block; } li > span { font-size: 15px; white-space: nowrap; }`;
const Copying = styled.div`font-family: ${face.practice}; font-size: 40px; line-height: 1.75; & > div { break-inside: avoid; }`;
const Model = styled.p`overflow-wrap: anywhere;`;
const Trace = styled.p`color: #999; overflow-wrap: anywhere;`;
const Blank = styled.div`height: 64px; border-bottom: 1.5px solid #000; margin-bottom: 26px; &::before { content: ""; display: block; height: 32px; border-bottom: 1px dashed #777; }`;
const Frame = styled.div`border: 2px solid #000; height: 300px; margin-bottom: 22px;`;
const Labels = styled.ol`display: grid; grid-template-columns: repeat(2, 1fr); gap: 10px 24px; li { display: flex; gap: 10px; align-items: baseline; } u { flex: 1; border-bottom: 1.5px solid #000; text-decoration: none; height: 26px; }`;
const Cards = styled.ul`display: grid; grid-template-columns: repeat(auto-fill, minmax(190px, 1fr)); li { border: 1.5px dashed #000; font-size: 32px; text-align: center; padding: 22px 6px; margin: -0.75px; break-inside: avoid; }`;
const Words = styled.table`border-collapse: collapse; width: 100%; th, td { border: 1.5px solid #000; height: 54px; padding: 4px 10px; text-align: left; width: 33%; } tbody th { font-size: 26px; } thead th { height: auto; font-size: 16px; }`;
const Questions = styled.ol`list-style: decimal; padding-left: 28px; display: grid; gap: 16px; li { break-inside: avoid; } b { display: block; }`;
const Rule = styled.div`height: 40px; border-bottom: 1px solid #000;`;
const Check = styled.div`h3 { font-size: 20px; margin-top: 12px; } li { display: flex; gap: 10px; padding: 6px 0; border-bottom: 1px solid #999; align-items: baseline; } i { ${box} align-self: center; } & > p { font-size: 15px; padding-top: 10px; }`;
