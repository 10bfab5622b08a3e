'use client';
/**
 * Pages to print, child by child in the order of use: the lesson page, to copy, cards to cut out, booklets to fold,
 * frames and lines, the quiz with its key apart, and the checklist of the unit.
 */
import { useReady } from '../frame/use-ready';
import { Button } from '@/kit/button';
import { Hatch, HatchPatterns } from '@/kit/hatch';
import { Link } from '@/kit/link';
import { LinkButton } from '@/kit/link-button';
import { Quiet, SheetTitle } from '@/kit/text';
import { DEFAULT_HAND, dotted, type HandModel } from '@/core/ladder/hand-models';
import { blanksUnder, isWrittenSmall } from '@/core/ladder/sheets';
import { count } from '@/core/plan/called';
import { InHand } from '../frame/hand/in-hand';
import type { PaperPage, PaperView, PaperWork } from './load';
import type { Size } from './size';
import { Booklet } from './booklet';
import {
  PageSize,
  Preview,
  Bar,
  Page,
  Tasks,
  Copying,
  Trace,
  Blank,
  Frame,
  Labels,
  Cards,
  Words,
  Questions,
  Rule,
  Check,
  Verse,
  Work,
} from './page-frame';

const SIZE_NAMES: Record<Size, string> = { A4: 'A4', letter: 'US Letter' };

function inkInWords(sheets: number, inky: number): string {
  if (!inky) return 'lines and words alone: little ink';
  return `black ink, a little more on ${inky === sheets ? 'each' : inky}`;
}

export function PaperSheet({
  unitId,
  unitTitle,
  lessonId,
  of,
  what,
  back,
  size,
  children,
  pages,
  inky,
}: PaperView) {
  useReady();
  const chosen = children.filter((c) => c.chosen).map((c) => c.id);
  const href = (ids: string[], on: Size): string =>
    `/paper?unit=${unitId}${lessonId ? `&lesson=${lessonId}` : ''}${of === 'folder' ? '&folder=whole' : ''}&children=${ids.join('+')}&size=${on}`;
  return (
    <Preview>
      <PageSize $size={size} />
      <HatchPatterns />
      <Bar>
        <div>
          <SheetTitle>Pages to print</SheetTitle>
          <Quiet>
            {unitTitle} · {what} · {count(pages.length, 'sheet')} of paper, {inkInWords(pages.length, inky)}
          </Quiet>
        </div>
        <div>
          <LinkButton href={back}>Back to the ladder</LinkButton>
          {unitId && of !== 'unit' ? (
            <LinkButton href={`/paper?unit=${unitId}`}>Checklists of the unit</LinkButton>
          ) : null}
          {unitId && of !== 'folder' ? (
            <LinkButton href={`/paper?unit=${unitId}&folder=whole`}>Folders for the whole unit</LinkButton>
          ) : null}
          <Button $primary isDisabled={!pages.length} onPress={() => window.print()}>
            Print {pages.length === 1 ? 'it' : `all ${pages.length}`}
          </Button>
        </div>
        <nav aria-label="For whom">
          {children.map((c) => (
            <Link
              key={c.id}
              aria-current={c.chosen ? 'true' : undefined}
              href={href(
                c.chosen && chosen.length > 1
                  ? chosen.filter((x) => x !== c.id)
                  : [...new Set([...chosen, c.id])],
                size,
              )}
            >
              {c.chosen ? '✓ ' : ''}
              {c.name}, {c.pages ? count(c.pages, 'sheet') : 'no paper'}
            </Link>
          ))}
        </nav>
        <nav aria-label="On what paper">
          {(Object.keys(SIZE_NAMES) as Size[]).map((s) => (
            <Link key={s} aria-current={s === size ? 'true' : undefined} href={href(chosen, s)}>
              {s === size ? '✓ ' : ''}
              {SIZE_NAMES[s]}
            </Link>
          ))}
        </nav>
      </Bar>
      {pages.length ? (
        pages.map((p) => <OnPaper key={p.key} page={p} />)
      ) : (
        <p>Nothing in this lesson needs paper.</p>
      )}
    </Preview>
  );
}

function OnPaper({ page: { child, works, what } }: { page: PaperPage }) {
  return (
    <Page>
      <header>
        {child ? <Hatch name={child.hatch} width={54} height={20} /> : null}
        <b>{child?.name ?? 'For you'}</b>
        <span>{what}</span>
      </header>
      {works.map((work) => (
        <OneWork
          key={`${work.key} ${work.title}`}
          work={work}
          whose={child?.name ?? 'For you'}
          hand={child?.hand ?? DEFAULT_HAND}
        />
      ))}
    </Page>
  );
}

function OneWork({ work: p, whose, hand }: { work: PaperWork; whose: string; hand: HandModel }) {
  return (
    <Work aria-label={`${whose}: ${p.title}`}>
      <h2>{p.title}</h2>
      {p.wording ? <p>{p.wording}</p> : null}
      {p.tasks ? (
        <Tasks>
          {p.tasks.map((t, i) => (
            <li key={i}>
              <i aria-hidden="true" />
              <div>
                <b>{t.title}</b>
                {t.wording ? <> {t.wording}</> : null}
                {t.supplies ? <small>You need: {t.supplies}</small> : null}
              </div>
              <span>{t.minutes ? `${t.minutes} min` : ''}</span>
            </li>
          ))}
        </Tasks>
      ) : null}
      {p.copy ? <Copied copy={p.copy} hand={hand} /> : null}
      {p.verse ? (
        <Verse>
          {p.verse.map((line, i) => (
            <p key={i}>{line || '\u00a0'}</p>
          ))}
        </Verse>
      ) : null}
      {p.flaps ? <Booklet {...p.flaps} /> : null}
      {p.draw ? <Frame aria-hidden="true" /> : null}
      {p.labels ? (
        <Labels>
          {p.labels.map((l, i) => (
            <li key={i}>
              {i + 1} {l || <u />}
            </li>
          ))}
        </Labels>
      ) : null}
      {p.cards ? (
        <Cards>
          {p.cards.map((c) => (
            <li key={c}>{c}</li>
          ))}
        </Cards>
      ) : null}
      {p.words ? (
        <Words>
          <thead>
            <tr>
              <th scope="col">Read</th>
              <th scope="col">Write</th>
              <th scope="col">Without looking</th>
            </tr>
          </thead>
          <tbody>
            {p.words.map((w) => (
              <tr key={w.word}>
                <th scope="row">{w.word}</th>
                {Array.from({ length: w.times }, (_, i) => (
                  <td key={i} />
                ))}
              </tr>
            ))}
          </tbody>
        </Words>
      ) : null}
      {p.questions ? (
        <Questions>
          {p.questions.map((q, i) => (
            <li key={i}>
              {q}
              <Rule aria-hidden="true" />
              <Rule aria-hidden="true" />
            </li>
          ))}
        </Questions>
      ) : null}
      {p.source ? <p>Where I found it: title, page</p> : null}
      {p.source ? (
        <>
          <Rule aria-hidden="true" />
          <Rule aria-hidden="true" />
          <p>What it says</p>
        </>
      ) : null}
      {p.ruled ? (
        <div aria-hidden="true">
          {Array.from({ length: p.ruled }, (_, i) => (
            <Rule key={i} />
          ))}
        </div>
      ) : null}
      {p.answers ? (
        <Questions>
          {p.answers.map((a) => (
            <li key={a.easy + a.hard}>
              {a.easy}
              {a.hard ? <small>harder: {a.hard}</small> : null}
              <b>{a.answer || 'see the pages of the lesson'}</b>
            </li>
          ))}
        </Questions>
      ) : null}
      {p.check ? (
        <Check>
          <h3>Words to know</h3>
          {p.check.words.length ? (
            <ul>
              {p.check.words.map((w) => (
                <li key={w.word}>
                  <i aria-hidden="true" />
                  <b>{w.word}</b> {w.meaning}
                </li>
              ))}
            </ul>
          ) : (
            <p>The unit names no words yet.</p>
          )}
          <h3>To be able to</h3>
          {p.check.able.length ? (
            <ul>
              {p.check.able.map((a) => (
                <li key={a}>
                  <i aria-hidden="true" />
                  {a}
                </li>
              ))}
            </ul>
          ) : (
            <p>The unit has no objectives yet.</p>
          )}
          {p.check.more ? <p>The unit has {p.check.more} more that are not asked of you yet.</p> : null}
          <p>not yet · with help · alone: write the day beside it</p>
        </Check>
      ) : null}
    </Work>
  );
}

/** Lines to copy or to trace, in the family's model of a hand, with room under them. */
function Copied({ copy, hand }: { copy: NonNullable<PaperWork['copy']>; hand: HandModel }) {
  return (
    <Copying $small={isWrittenSmall(copy)}>
      {copy.lines.map((line, i) => (
        <div key={i}>
          <InHand hand={copy.trace ? dotted(hand) : hand}>{line}</InHand>
          {copy.trace
            ? [0, 1, 2].map((n) => (
                <Trace key={n}>
                  <InHand hand={dotted(hand)}>{line}</InHand>
                </Trace>
              ))
            : Array.from({ length: blanksUnder(copy) }, (_, n) => <Blank key={n} aria-hidden="true" />)}
        </div>
      ))}
    </Copying>
  );
}
