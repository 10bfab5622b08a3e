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
import { previewBooks, putOnShelf, type BooksPreview } from './actions';

export function BringIn({ onClose }: { onClose: () => void }) {
  const { act } = useAct();
  const [text, setText] = useState('');
  const [read, setRead] = useState<{ of: string; is: BooksPreview }>();
  const [chosen, setChosen] = useState<Record<string, string>>({});
  const asked = `${JSON.stringify(chosen)} ${text}`;
  const [leaveBad, setLeaveBad] = useState(false);
  const [takeAsked, setTakeAsked] = useState(false);
  useEffect(() => {
    if (!text.trim()) return;
    let late = false;
    const timer = setTimeout(() => {
      void previewBooks(text, chosen).then(
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
  }, [text, chosen, asked]);
  const preview = text.trim() && read?.of === asked ? read.is : undefined;
  const bad = preview ? new Set(preview.faults.map((f) => f.line)).size : 0;
  const books = preview ? [...preview.fresh, ...(takeAsked ? preview.asked : [])] : [];
  const ready = books.length > 0 && (bad === 0 || leaveBad);
  return (
    <FormDialog
      title="Bring books in"
      wide
      verb={books.length ? `Put ${books.length} on the shelf` : 'Put on the shelf'}
      isDisabled={!ready}
      onSubmit={() =>
        act(
          (base) =>
            putOnShelf(
              base,
              books.map((b) => b.book),
            ),
          { then: onClose },
        )
      }
      onClose={onClose}
    >
      <Columns>
        <div>
          <TextField
            label="A table (CSV), BibTeX or CSL-JSON"
            help="Columns known: title, authors, isbn, form, pages, year, language, place, source, price, state, condition, topics, chapters."
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
                {bad ? `, ${bad} bad` : ''}
              </b>
              {preview.unknown.length ? <Quiet>Columns not used: {preview.unknown.join(', ')}</Quiet> : null}
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
