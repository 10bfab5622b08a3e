'use client';
/** Pasting a contents page: what each line becomes is shown, and can be changed, before anything is kept. */
import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { lessonsFrom, MOST_LINES, readContents, type ContentsLine } from '@/core/formats/contents';
import { Button } from '@/kit/button';
import { Dialog } from '@/kit/dialog';
import { Checkbox, TextField } from '@/kit/field';
import { Caution, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { applyContents } from './actions';

const BECOMES: Record<ContentsLine['becomes'], string> = { lesson: 'a lesson', topic: 'a topic of the lesson above', nothing: 'left out' };

export function PasteContents({ unitId, pagesOfBook, isOpen, onClose }: { unitId: string; pagesOfBook: number | null; isOpen: boolean; onClose: () => void }) {
  const { act } = useAct();
  const [text, setText] = useState('');
  const [second, fromSecond] = useState(false);
  const [changes, change] = useState<Record<number, ContentsLine['becomes']>>({});
  const lines = useMemo(() => readContents(text, second ? 1 : 0).map((l) => ({ ...l, becomes: changes[l.line] ?? l.becomes })), [text, second, changes]);
  const lessons = useMemo(() => lessonsFrom(lines, pagesOfBook), [lines, pagesOfBook]);
  const numbers = useMemo(() => { let n = 0; return lines.map((l) => (l.becomes === 'lesson' ? ++n : 0)); }, [lines]);
  const tooLong = text.split('\n').length > MOST_LINES;
  const close = (): void => onClose();
  const apply = (): void =>
    act((base) => applyContents(base, { unitId, lines }), { then: () => { setText(''); change({}); close(); } });

  return (
    <Dialog
      title="Paste a contents page" wide isOpen={isOpen} onClose={close}
      footer={<><Button onPress={close}>Leave it</Button><Button $primary isDisabled={!lessons.length || tooLong} onPress={apply}>{lessons.length ? `Make ${lessons.length} ${lessons.length === 1 ? 'lesson' : 'lessons'}` : 'Make lessons'}</Button></>}
    >
      <Columns>
        <TextField label="Contents" help="One line for each; page numbers and numbering may stay. Indented lines become topics." rows={14} autoFocus value={text} onChange={(v) => { setText(v); change({}); }} />
        <div>
          {tooLong ? <Caution>That is more than {MOST_LINES} lines. Paste the contents in pieces.</Caution> : null}
          {lines.length ? (
            <>
              <Bar><span>{lessons.length} lessons, {lines.filter((l) => l.becomes === 'topic').length} topics, {lines.filter((l) => l.becomes === 'nothing').length} left out</span>
                {lines.some((l) => l.level > 0) ? <Checkbox isSelected={second} onChange={fromSecond}>Indented lines are the lessons</Checkbox> : null}</Bar>
              <List aria-label="What each line becomes">
                {lines.map((l, i) => (
                  <Line key={l.line} $becomes={l.becomes}>
                    <b>{numbers[i] || ''}</b>
                    <span>{l.title}{l.doubt ? <Doubt>line {l.line}: {l.doubt}</Doubt> : null}</span>
                    <span>{l.becomes === 'lesson' && l.page ? pages(lessons[numbers[i] - 1]) : l.page ? `p. ${l.page}` : ''}</span>
                    <select aria-label={`“${l.title}” becomes`} value={l.becomes} onChange={(e) => change((c) => ({ ...c, [l.line]: e.target.value as ContentsLine['becomes'] }))}>
                      {Object.entries(BECOMES).map(([value, name]) => <option key={value} value={value}>{name}</option>)}
                    </select>
                  </Line>
                ))}
              </List>
            </>
          ) : <Quiet>What each line becomes shows here, before anything is kept.</Quiet>}
        </div>
      </Columns>
    </Dialog>
  );
}

const pages = (l: { firstPage: number | null; lastPage: number | null } | undefined): string =>
  l?.firstPage ? (l.lastPage && l.lastPage !== l.firstPage ? `pp. ${l.firstPage}–${l.lastPage}` : `p. ${l.firstPage}`) : '';

const Columns = styled.div`display: grid; grid-template-columns: minmax(0, 2fr) minmax(0, 3fr); gap: 20px; @media (max-width: 760px) { grid-template-columns: minmax(0, 1fr); }`;
const Bar = styled.div`display: flex; justify-content: space-between; gap: 12px; flex-wrap: wrap; font-weight: 600; font-size: 13.5px; margin-bottom: 4px;`;
const List = styled.ol`max-height: 420px; overflow: auto; border-top: 1.5px solid ${colour.ink};`;
const Line = styled.li<{ $becomes: ContentsLine['becomes'] }>`
  display: grid; grid-template-columns: 26px minmax(0, 1fr) 74px 128px; gap: 8px; align-items: baseline; padding: 4px 0; border-bottom: 1px solid ${colour.rule}; font-size: 13.5px;
  b { text-align: right; } & > span:nth-child(2) { padding-left: ${(p) => (p.$becomes === 'topic' ? 16 : 0)}px; color: ${(p) => (p.$becomes === 'nothing' ? colour.graphite : colour.ink)}; text-decoration: ${(p) => (p.$becomes === 'nothing' ? 'line-through' : 'none')}; overflow-wrap: anywhere; }
  select { font-size: 12.5px; background: ${colour.room}; border: 1px solid ${colour.pencil}; border-radius: 0; min-height: 26px; max-width: 128px; }
`;
const Doubt = styled.small`display: block; font-size: 12px; color: ${colour.red}; text-decoration: none;`;
