'use client';
/** The frame every sheet is drawn in: numbered rail, header, title block, undo and redo, and the keys. */
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { Button, PlainButton } from '@/kit/button';
import { Dialog } from '@/kit/dialog';
import { HatchPatterns } from '@/kit/hatch';
import { Hidden, Quiet, SheetTitle } from '@/kit/text';
import { TitleBlock, type Figure } from '@/kit/title-block';
import { colour, face, hover, narrow, paper } from '@/kit/tokens';
import { redoLast, undoLast } from './history-actions';
import type { FrameInfo } from './load';
import { FAMILY, hrefOf, SHEETS } from './sheets';
import { ActProvider, useAct } from './use-act';

export interface FrameProps {
  info: FrameInfo;
  /** Number of the sheet; 0 is the family's. */
  sheet: number;
  title: string;
  /** What stands beside the title: the unit, dates. */
  subtitle?: ReactNode;
  /** Buttons of the sheet, the main one last. */
  actions?: ReactNode;
  figures: Figure[];
  /** Keys of this sheet, for “?”. */
  keys?: { keys: string; does: string }[];
  children: ReactNode;
}

export function Frame(props: FrameProps) {
  return <ActProvider revision={props.info.revision}><Drawing {...props} /></ActProvider>;
}

const TYPING = 'input, textarea, select, [contenteditable], [role=spinbutton], [role=dialog], [role=alertdialog], [role=menu], [role=listbox]';

function Drawing({ info, sheet, title, subtitle, actions, figures, keys = [], children }: FrameProps) {
  const { act, busy, unkept } = useAct();
  const [leavingTo, leaveTo] = useState<string>();
  const router = useRouter();
  const [keysShown, showKeys] = useState(false);
  const open = [...SHEETS, FAMILY];
  const here = open.find((s) => s.number === sheet)!;

  useEffect(() => {
    const onKey = (e: KeyboardEvent): void => {
      const typing = e.target instanceof Element && e.target.closest(TYPING);
      const key = e.key.toLowerCase();
      if ((e.ctrlKey || e.metaKey) && !e.altKey && (key === 'z' || key === 'y')) {
        // In a field these keys take back typing; in a dialog there is nothing else to take back.
        if (typing) return;
        e.preventDefault();
        act(key === 'y' || e.shiftKey ? redoLast : undoLast);
        return;
      }
      if (e.ctrlKey || e.metaKey || e.altKey || e.defaultPrevented || typing) return;
      if (e.key === '?') showKeys(true);
      const target = [...SHEETS, FAMILY].find((s) => String(s.number) === e.key);
      if (!target) return;
      if (unkept.current.size) leaveTo(hrefOf(target, info.unitId));
      else router.push(hrefOf(target, info.unitId));
    };
    const onLeave = (e: BeforeUnloadEvent): void => { if (unkept.current.size) e.preventDefault(); };
    window.addEventListener('keydown', onKey);
    window.addEventListener('beforeunload', onLeave);
    return () => {
      window.removeEventListener('keydown', onKey);
      window.removeEventListener('beforeunload', onLeave);
    };
  }, [act, router, info.unitId, unkept]);

  return (
    <Ground>
      <HatchPatterns />
      <Rail aria-label="Sheets">
        <Name href="/">Haus­plan</Name>
        {open.map((s) => (
          <Tab
            key={s.number} href={hrefOf(s, info.unitId)}
            onNavigate={(e) => { if (unkept.current.size) { e.preventDefault(); leaveTo(hrefOf(s, info.unitId)); } }}
            aria-current={s === here ? 'page' : undefined} $here={s === here} $last={s === FAMILY}>
            <span>{s.number}</span>{s.name}
          </Tab>
        ))}
      </Rail>
      <Page aria-busy={busy}>
        <Header>
          <div>
            <SheetTitle>{title}</SheetTitle>
            {subtitle ? <Subtitle>{subtitle}</Subtitle> : null}
          </div>
          <Actions>{actions}</Actions>
        </Header>
        <Content>{children}</Content>
        <Foot>
          <History>
            <PlainButton isDisabled={!info.undo} onPress={() => act(undoLast)} aria-label={info.undo ? `Undo: ${info.undo}` : 'Undo'}>Undo</PlainButton>
            <PlainButton isDisabled={!info.redo} onPress={() => act(redoLast)} aria-label={info.redo ? `Redo: ${info.redo}` : 'Redo'}>Redo</PlainButton>
            <PlainButton onPress={() => showKeys(true)}>Keys <span aria-hidden="true">?</span></PlainButton>
          </History>
          <TitleBlock figures={[{ name: 'Sheet', value: sheet ? `${sheet} ${here.name}` : here.name }, ...figures, { name: 'Revision', value: String(info.revision) }]} />
        </Foot>
      </Page>
      <Dialog title="Keys" isOpen={keysShown} onClose={() => showKeys(false)} footer={<Button autoFocus onPress={() => showKeys(false)}>Close</Button>}>
        <KeyList>
          {[...keys, { keys: open.map((s) => s.number).join(' '), does: 'open a sheet by its number' }, { keys: 'Ctrl Z', does: 'undo' }, { keys: 'Ctrl Shift Z', does: 'redo' }, { keys: '?', does: 'show these keys' }].map((k) => (
            <div key={k.keys}><dt>{k.keys}</dt><dd>{k.does}</dd></div>
          ))}
        </KeyList>
        <Quiet>Everything can also be reached with Tab, the arrow keys and Enter.</Quiet>
      </Dialog>
      <Dialog
        title="What you typed here is not kept yet" urgent isOpen={!!leavingTo} onClose={() => leaveTo(undefined)}
        footer={<><Button onPress={() => { const href = leavingTo!; leaveTo(undefined); unkept.current.clear(); router.push(href); }}>Leave without it</Button><Button $primary autoFocus onPress={() => leaveTo(undefined)}>Stay here</Button></>}
      >
        <p>Keep it first with the button of its form, or leave this sheet without it.</p>
      </Dialog>
      <Hidden>{busy ? 'Working…' : ''}</Hidden>
    </Ground>
  );
}

const Ground = styled.div`display: grid; grid-template-columns: 76px minmax(0, 1fr); min-height: 100vh; ${narrow} { display: block; } ${paper} { display: block; min-height: 0; }`;
const Rail = styled.nav`
  background: ${colour.sheet}; border-right: 1.5px solid ${colour.ink}; display: flex; flex-direction: column; position: sticky; top: 0; height: 100vh; overflow: auto;
  ${narrow} { position: static; height: auto; flex-direction: row; border-right: 0; border-bottom: 1.5px solid ${colour.ink}; overflow-x: auto; }
  ${paper} { display: none; }
`;
const Name = styled(Link)`
  font: 700 19px/1.05 ${face.title}; text-align: center; text-decoration: none; padding: 14px 6px 12px; overflow-wrap: anywhere; hyphens: manual;
  ${narrow} { padding: 12px 10px; flex: none; overflow-wrap: normal; white-space: nowrap; }
`;
const Tab = styled(Link)<{ $here: boolean; $last: boolean }>`
  text-decoration: none; font-size: 13px; line-height: 1.3; padding: 5px 4px 5px 12px; border-left: 4px solid ${(p) => (p.$here ? colour.ink : 'transparent')};
  background: ${(p) => (p.$here ? colour.paper : 'none')}; font-weight: ${(p) => (p.$here ? 700 : 400)}; ${(p) => (p.$last ? 'margin-top: auto; margin-bottom: 8px;' : '')}
  & > span { display: block; font-size: 12px; color: ${colour.graphite}; }
  ${hover} { &:hover { background: ${colour.paper}; } }
  ${narrow} { border-left: 0; border-bottom: 4px solid ${(p) => (p.$here ? colour.ink : 'transparent')}; padding: 6px 10px; margin: 0; flex: none; min-height: 44px; }
`;
const Page = styled.main`
  display: flex; flex-direction: column; padding: 28px 20px 0; min-width: 0; max-width: 1500px;
  ${narrow} { padding: 14px 12px; }
  ${paper} { padding: 0; }
`;
const Header = styled.header`
  display: flex; justify-content: space-between; align-items: flex-end; gap: 10px 20px; flex-wrap: wrap; margin-bottom: 18px;
  & > :first-child { display: flex; align-items: baseline; gap: 4px 18px; flex-wrap: wrap; min-width: 0; flex: 1 1 320px; }
`;
const Subtitle = styled.div`color: ${colour.graphite}; em { font-family: ${face.title}; font-size: 1.07em; }`;
const Actions = styled.div`display: flex; gap: 12px; flex-wrap: wrap; ${paper} { display: none; }`;
const Content = styled.div`flex: 1; min-width: 0; padding-bottom: 26px;`;
const Foot = styled.footer`
  display: flex; justify-content: space-between; align-items: flex-end; gap: 16px; flex-wrap: wrap; position: sticky; bottom: 0; z-index: 10; margin: 0 -8px; padding: 8px 8px 14px; background: ${colour.paper};
  ${narrow} { position: static; }
  ${paper} { position: static; background: none; break-inside: avoid; }
`;
const History = styled.div`display: flex; gap: 14px; ${paper} { display: none; }`;
const KeyList = styled.dl`display: grid; gap: 6px; div { display: grid; grid-template-columns: 150px 1fr; gap: 12px; } dt { font-weight: 700; }`;
