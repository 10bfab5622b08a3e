'use client';
/** Adding lessons from something there is: what each line becomes is shown, and can be changed, before anything is kept. */
import type { HowRead } from '@/core/formats/guide/drafts';
import { Choose } from '@/kit/choose';
import { FormDialog } from '@/kit/form-dialog';
import { useMemo, useState } from 'react';
import { FileTrigger } from 'react-aria-components/FileTrigger';
import styled from 'styled-components';
import { Button } from '@/kit/button';
import { Checkbox, FieldRow, NumberField, TextField } from '@/kit/field';
import { Link } from '@/kit/link';
import { Caution, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { applyActivities, applyContents, applyDrafts } from './actions';
import { SOURCES, type Source } from './source-names';
import { CARD_BECOMES, CONTENTS_BECOMES, GUIDE_BECOMES, readSource } from './sources';

export function AddLessons({
  unitId,
  pagesOfBook,
  lessonsThere,
  how,
  start,
  onClose,
}: {
  unitId: string;
  pagesOfBook: number | null;
  lessonsThere: number;
  /** How what is pasted is read: its dates, what the family likes, the unit's objectives. */
  how: HowRead;
  /** What was pasted or chosen already. */ start: { source: Source; text: string };
  onClose: () => void;
}) {
  const { act } = useAct();
  const [source, setSource] = useState(start.source);
  const [text, setText] = useState(start.text);
  const [secondLevel, setSecondLevel] = useState(false);
  const [changes, setChanges] = useState<Record<number, string>>({});
  const [perLesson, setPerLesson] = useState<number | null>(source === 'cards' ? 4 : 1);
  const [alike, setAlike] = useState(false);
  const [onLessons, setOnLessons] = useState(false);
  const [withStart, setWithStart] = useState(false);
  const reading = useMemo(
    () =>
      readSource(source, text, {
        ...how,
        changes,
        pagesOfBook,
        secondLevel,
        perLesson: perLesson ?? 1,
        alike,
        onLessons: onLessons && lessonsThere > 0,
        lessonsThere,
      }),
    [source, text, changes, pagesOfBook, secondLevel, perLesson, alike, onLessons, lessonsThere, how],
  );
  const { label, help, name } = SOURCES.find((s) => s.value === source)!;
  const made = reading.activities ? reading.activities.length : reading.lessons;
  const counted = `${made} ${made === 1 ? 'lesson' : 'lessons'}`;
  const toLessons = made ? `Make ${counted}` : 'Make lessons';
  const words = reading.activities ? `Put ${made} on the lessons` : toLessons;
  const apply = (): void =>
    act(
      (base) => {
        if (reading.contents) return applyContents(base, { unitId, lines: reading.contents });
        if (reading.activities)
          return applyActivities(base, { unitId, activities: reading.activities, places: reading.places });
        return applyDrafts(base, {
          unitId,
          drafts: reading.drafts,
          start: withStart,
          questions: source === 'questions',
          from: name,
        });
      },
      { then: onClose },
    );
  const becomes = BECOMES[source] ?? GUIDE_BECOMES;
  return (
    <FormDialog
      title="Add lessons"
      wide
      verb={words}
      isDisabled={!made || reading.faults.length > 0}
      onSubmit={apply}
      onClose={onClose}
    >
      <FieldRow>
        <Choose
          label="From"
          value={source}
          choices={SOURCES}
          onChange={(s) => {
            setSource(s);
            setChanges({});
            setPerLesson(s === 'cards' ? 4 : 1);
          }}
        />
        {source === 'cards' || (source === 'activities' && !onLessons) ? (
          <NumberField
            label={source === 'cards' ? 'Cards a lesson' : 'Activities a lesson'}
            value={perLesson}
            onChange={setPerLesson}
            min={1}
            max={50}
          />
        ) : null}
      </FieldRow>
      {source === 'activities' && lessonsThere ? (
        <Checkbox isSelected={onLessons} onChange={setOnLessons}>
          Put them on the {lessonsThere} lessons there are, in order
        </Checkbox>
      ) : null}
      {source === 'cards' ? (
        <Checkbox
          isSelected={alike}
          onChange={(v) => {
            setAlike(v);
            setChanges({});
          }}
        >
          Put like with like
        </Checkbox>
      ) : null}
      {source !== 'contents' && !reading.activities ? (
        <Checkbox isSelected={withStart} onChange={setWithStart}>
          Each lesson also begins with what the unit’s lessons begin with
        </Checkbox>
      ) : null}
      {source === 'contents' && reading.contents?.some((l) => l.level > 0) ? (
        <Checkbox isSelected={secondLevel} onChange={setSecondLevel}>
          Indented lines are the lessons
        </Checkbox>
      ) : null}
      <Columns>
        <div>
          <TextField
            label={label}
            help={help}
            rows={14}
            autoFocus
            value={text}
            onChange={(v) => {
              setText(v);
              setChanges({});
            }}
          />
          <Quiet>
            <FileTrigger
              acceptedFileTypes={['.csv', '.txt', '.tsv', '.md', 'text/*']}
              onSelect={(files) => {
                void files?.[0]?.text().then((t) => {
                  setText(t);
                  setChanges({});
                });
              }}
            >
              <Button>Take it from a file</Button>
            </FileTrigger>
          </Quiet>
          {source === 'contents' ? null : (
            <Quiet>
              Nothing to paste? <Link href={`/unit?unit=${unitId}#ideas`}>Begin with a brainstorm</Link>.
            </Quiet>
          )}
        </div>
        <div>
          {reading.faults.length ? (
            <Faults role="alert">
              <Caution>Nothing is kept until these are mended, here on the left:</Caution>
              <ul>
                {reading.faults.slice(0, 30).map((f, i) => (
                  <li key={i}>
                    <b>row {f.line}</b>: {f.what}
                  </li>
                ))}
              </ul>
              {reading.faults.length > 30 ? <Quiet>and {reading.faults.length - 30} more.</Quiet> : null}
            </Faults>
          ) : null}
          {reading.rows.length ? (
            <>
              <Says>{reading.message}</Says>
              {reading.asides?.map((a) => (
                <Quiet key={a}>{a}</Quiet>
              ))}
              <List aria-label="What each line becomes">
                {reading.rows.map((r) => (
                  <Line key={r.key} $depth={r.depth} $out={r.out} $choose={r.becomes !== undefined}>
                    <b>{r.number || ''}</b>
                    <span>
                      {r.text}
                      {r.doubt ? (
                        <Doubt>
                          line {r.line}: {r.doubt}
                        </Doubt>
                      ) : null}
                    </span>
                    <span>{r.note}</span>
                    {r.becomes === undefined ? null : (
                      <select
                        aria-label={`“${r.text}” becomes`}
                        value={r.becomes}
                        onChange={(e) => setChanges((c) => ({ ...c, [r.line]: e.target.value }))}
                      >
                        {Object.entries(becomes).map(([value, what]) => (
                          <option key={value} value={value}>
                            {what}
                          </option>
                        ))}
                      </select>
                    )}
                  </Line>
                ))}
              </List>
            </>
          ) : (
            <Quiet>What each line becomes shows here, before anything is kept.</Quiet>
          )}
        </div>
      </Columns>
    </FormDialog>
  );
}

/** What lines can become by hand, by what they are read as. */
const BECOMES: Partial<Record<Source, Record<string, string>>> = {
  contents: CONTENTS_BECOMES,
  guide: GUIDE_BECOMES,
  cards: CARD_BECOMES,
};

const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
  gap: 20px;
  & > div {
    display: grid;
    gap: 8px;
    align-content: start;
  }
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Says = styled.p`
  font-weight: 600;
  font-size: 13.5px;
`;
const Faults = styled.div`
  border-left: 3px solid ${colour.red};
  padding-left: 10px;
  font-size: 13.5px;
  max-height: 200px;
  overflow: auto;
`;
const List = styled.ol`
  max-height: 380px;
  overflow: auto;
  border-top: 1.5px solid ${colour.ink};
`;
const Line = styled.li<{ $depth: number; $out: boolean; $choose: boolean }>`
  display: grid;
  grid-template-columns: 26px minmax(0, 1fr) ${(p) => (p.$choose ? '74px 176px' : 'minmax(0, 0.8fr)')};
  gap: 8px;
  align-items: baseline;
  padding: 4px 0;
  border-bottom: 1px solid ${colour.rule};
  font-size: 13.5px;
  b {
    text-align: right;
  }
  & > span:nth-child(2) {
    padding-left: ${(p) => 16 * p.$depth}px;
    color: ${(p) => (p.$out ? colour.graphite : colour.ink)};
    text-decoration: ${(p) => (p.$out ? 'line-through' : 'none')};
    overflow-wrap: anywhere;
  }
  & > span:nth-child(3) {
    font-size: 12.5px;
    color: ${colour.graphite};
  }
  select {
    font-size: 12.5px;
    background: ${colour.room};
    border: 1px solid ${colour.pencil};
    border-radius: 0;
    min-height: 26px;
    max-width: 176px;
  }
`;
const Doubt = styled.small`
  display: block;
  font-size: 12px;
  color: ${colour.red};
  text-decoration: none;
`;
