'use client';
/** Bringing books in from a table, BibTeX or CSL-JSON: what it will do is shown row by row, and then it is all or nothing. */
import { Choose } from '@/kit/choose';
import { FormDialog } from '@/kit/form-dialog';
import { useEffect, useState } from 'react';
import { FileTrigger } from 'react-aria-components/FileTrigger';
import styled from 'styled-components';
import { Button } from '@/kit/button';
import { Checkbox, TextField } from '@/kit/field';
import { Fold } from '@/kit/fold';
import { Caution, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { WORDS } from '@/core/formats/shelf-words';
import { DateField } from '@/kit/date-field';
import { bringHome, previewBooks, type BooksPreview } from './actions';

export function BringIn({ areBorrowed = false, onClose }: { areBorrowed?: boolean; onClose: () => void }) {
  const { act } = useAct();
  const [text, setText] = useState('');
  const [read, setRead] = useState<{ of: string; is: BooksPreview }>();
  const [chosen, setChosen] = useState<Record<string, string>>({});
  const [said, setSaid] = useState<Record<string, string>>({});
  const [borrowed, setBorrowed] = useState(areBorrowed);
  const [due, setDue] = useState<string | null>(null);
  const asked = `${JSON.stringify([chosen, said])} ${text}`;
  const [leaveBad, setLeaveBad] = useState(false);
  const [takeAsked, setTakeAsked] = useState(false);
  useEffect(() => {
    if (!text.trim()) return;
    let late = false;
    const timer = setTimeout(() => {
      void previewBooks(text, chosen, said).then(
        (is) => {
          if (!late) setRead({ of: asked, is });
        },
        () => undefined,
      );
    }, 250);
    return () => {
      late = true;
      clearTimeout(timer);
    };
  }, [text, chosen, said, asked]);
  const preview = text.trim() && read?.of === asked ? read.is : undefined;
  const bad = preview ? new Set(preview.faults.map((f) => f.line)).size : 0;
  const books = preview ? [...preview.fresh, ...(takeAsked ? preview.asked : [])] : [];
  const unsaid = preview?.words.filter((w) => w.means === null) ?? [];
  const isBorrowed = (b: (typeof books)[number]): boolean => borrowed || b.book.source === 'borrowed';
  const undated = books.filter((b) => isBorrowed(b) && !b.due).length;
  const ready = books.length > 0 && (bad === 0 || leaveBad) && !unsaid.length;
  return (
    <FormDialog
      title="Bring books in"
      wide
      verb={books.length ? `Put ${books.length} on the shelf` : 'Put on the shelf'}
      isDisabled={!ready}
      onSubmit={() =>
        act(
          (base) =>
            bringHome(
              base,
              books.map((b) => ({
                book: isBorrowed(b) ? { ...b.book, source: 'borrowed' } : b.book,
                due: isBorrowed(b) ? (b.due ?? due) : null,
              })),
            ),
          { then: onClose },
        )
      }
      onClose={onClose}
    >
      <Columns>
        <div>
          <TextField
            label="A list, a table (CSV), BibTeX or CSL-JSON"
            help="A list has one to a line: The Dyer’s Kettle; M. Oberwasser; 88 p; KIT-01; due 9 Nov. Columns of a table: title, authors, isbn or label, form, pages, year, language, place, source, price, state, condition, topics, chapters, due."
            rows={12}
            autoFocus
            value={text}
            onChange={setText}
          />
          <FileTrigger
            acceptedFileTypes={['.csv', '.tsv', '.txt', '.bib', '.json', 'text/*']}
            onSelect={(files) => {
              void files?.[0]?.text().then(setText);
            }}
          >
            <Button>Take it from a file</Button>
          </FileTrigger>
          <Checkbox isSelected={borrowed} onChange={setBorrowed}>
            All of these are borrowed
          </Checkbox>
          {undated || (borrowed && !books.length) ? (
            <DateField
              label="Borrowed ones are due"
              help={
                undated
                  ? `${undated} of them ${undated === 1 ? 'says' : 'say'} no day of their own. Without one they are on no list of loans.`
                  : undefined
              }
              value={due}
              onChange={setDue}
            />
          ) : null}
        </div>
        <div aria-live="polite">
          {!text.trim() ? <Quiet>What it will do shows here, before anything is kept.</Quiet> : null}
          {!!text.trim() && !preview ? <Quiet>Reading…</Quiet> : null}
          {!!text.trim() && !!preview ? (
            <>
              <b>
                Read as {preview.as}: {preview.fresh.length} new
                {preview.known.length ? `, ${preview.known.length} on the shelf already` : ''}
                {preview.asked.length ? `, ${preview.asked.length} perhaps` : ''}
                {preview.waiting ? `, ${preview.waiting} with a word to be explained` : ''}
                {bad ? `, ${bad} bad` : ''}
              </b>
              {preview.unknown.length ? <Quiet>Columns not used: {preview.unknown.join(', ')}</Quiet> : null}
              {preview.words.length ? (
                <Fold
                  title="What your words mean"
                  open={unsaid.length > 0}
                  message={
                    unsaid.length
                      ? `${unsaid.map((w) => `“${w.word}”`).join(', ')}: say what ${unsaid.length === 1 ? 'it means' : 'they mean'}`
                      : preview.words.map((w) => `${w.word}: ${w.means}`).join(' · ')
                  }
                >
                  <Matches>
                    {preview.words.map((w) => (
                      <Choose
                        key={`${w.column} ${w.word}`}
                        label={`“${w.word}”, under ${w.column}`}
                        value={w.means ?? ''}
                        onChange={(means) =>
                          setSaid((before) => ({ ...before, [`${w.column} ${w.word.toLowerCase()}`]: means }))
                        }
                        choices={[
                          ...(w.means === null ? [{ value: '', name: 'choose…' }] : []),
                          ...WORDS[w.column].map((c) => ({ value: c as string, name: c as string })),
                        ]}
                      />
                    ))}
                  </Matches>
                </Fold>
              ) : null}
              {preview.matched.length ? (
                <Fold
                  title="Match the columns"
                  message={preview.matched.map((m) => `${m.heading}: ${m.column ?? 'left out'}`).join(' · ')}
                >
                  <Matches>
                    {preview.matched.map((m) => (
                      <Choose
                        key={m.heading}
                        label={m.heading}
                        value={m.column ?? ''}
                        onChange={(c) => setChosen((before) => ({ ...before, [m.heading]: c }))}
                        choices={[
                          { value: '', name: 'left out' },
                          ...preview.columns.map((c) => ({ value: c, name: c })),
                        ]}
                      />
                    ))}
                  </Matches>
                </Fold>
              ) : null}
              {bad ? (
                <Faults role="alert">
                  <ul>
                    {preview.faults.slice(0, 60).map((f, i) => (
                      <li key={i}>
                        <b>row {f.line}</b>: {f.what}
                      </li>
                    ))}
                  </ul>
                  {preview.faults.length > 60 ? <Quiet>and {preview.faults.length - 60} more.</Quiet> : null}
                  <Caution>Mend them on the left, or:</Caution>
                  <Checkbox isSelected={leaveBad} onChange={setLeaveBad}>
                    Leave the {bad} bad {bad === 1 ? 'row' : 'rows'} out
                  </Checkbox>
                </Faults>
              ) : null}
              {preview.asked.length ? (
                <Checkbox isSelected={takeAsked} onChange={setTakeAsked}>
                  Add the {preview.asked.length} with a title and author that are there already, too
                </Checkbox>
              ) : null}
              <List aria-label="What it will do">
                {[
                  ...preview.fresh.map((b) => ({ ...b, does: 'new' })),
                  ...preview.asked.map((b) => ({
                    ...b,
                    does: takeAsked ? 'added too' : `perhaps “${b.as}”; left out`,
                  })),
                  ...preview.known.map((b) => ({ ...b, does: `is “${b.as}”; left out` })),
                ]
                  .slice(0, 200)
                  .map((b) => (
                    <li key={`${b.line} ${b.does}`}>
                      <span>{b.line}</span>
                      <b>{b.book.title}</b>
                      <span>{b.does}</span>
                    </li>
                  ))}
              </List>
            </>
          ) : null}
        </div>
      </Columns>
    </FormDialog>
  );
}

const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
  gap: 20px;
  & > div {
    display: grid;
    gap: 8px;
    align-content: start;
    justify-items: start;
  }
  & > div > :first-child {
    width: 100%;
  }
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Faults = styled.div`
  border-left: 3px solid ${colour.red};
  padding-left: 10px;
  font-size: 13.5px;
  max-height: 190px;
  overflow: auto;
  width: 100%;
`;
const Matches = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(130px, 1fr));
  gap: 8px;
`;
const List = styled.ol`
  max-height: 260px;
  overflow: auto;
  border-top: 1.5px solid ${colour.ink};
  width: 100%;
  li {
    display: grid;
    grid-template-columns: 40px minmax(0, 1fr) minmax(0, 0.7fr);
    gap: 8px;
    padding: 3px 0;
    border-bottom: 1px solid ${colour.rule};
    font-size: 13.5px;
  }
  li > span {
    color: ${colour.graphite};
    font-size: 12.5px;
  }
`;
