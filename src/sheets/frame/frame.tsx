'use client';
/** The frame a sheet is drawn in, inside the shell: its head, its title block, undo and redo. */
import { useReady } from './use-ready';
import dynamic from 'next/dynamic';
import { useEffect, useLayoutEffect, useState, type ReactNode } from 'react';
import { shortDate } from '@/core/calendar/dates';
import { PlainButton } from '@/kit/button';
import { Link } from '@/kit/link';
import { SheetTitle } from '@/kit/text';
import { TitleBlock, type Figure } from '@/kit/title-block';
import { Actions, Content, Foot, Header, History, Page, Ribbon, Subtitle } from './frame-lines';
import { redoLast, undoLast } from './history-actions';
import { yearName } from '@/core/plan/called';
import type { FrameInfo } from './load';
import { FAMILY, helpFor, SHEETS, type SheetName } from './sheets';
import type { Section } from './how/sections';
import { useShell, type Key } from './shell';
import { StepsLine } from './steps-line';
import { UnitSwitch } from './unit-switch';
import { TracingRibbon, WhatIf } from './tracing-paper';
import { useAct } from './use-act';

const HowDialog = dynamic(() => import('./how/how-dialog').then((m) => m.HowDialog), { ssr: false });

export interface FrameProps {
  info: FrameInfo;
  /** Number of the sheet; 0 is the family's. Null: it is none, but a page beside them. */
  sheet: number | null;
  title: string;
  /** What stands beside the title: the unit, dates. */
  subtitle?: ReactNode;
  /** Buttons of the sheet, the main one last. */
  actions?: ReactNode;
  /** `how` names what says how a figure is worked out. */
  figures: (Figure & { how?: Section })[];
  /** Keys of this sheet, for “?”. */
  keys?: Key[];
  children: ReactNode;
}

const NO_KEYS: Key[] = [];
/** Sheets that show one unit at a time and do not name the others. */
const OF_A_UNIT: readonly number[] = [3, 4, 5, 6];

export function Frame({
  info,
  sheet,
  title,
  subtitle,
  actions,
  figures,
  keys = NO_KEYS,
  children,
}: FrameProps) {
  useReady();
  const { act, busy, sawRevision } = useAct();
  const { show, showFind, showKeys } = useShell();
  const here = [...SHEETS, FAMILY].find((s) => s.number === sheet);
  const [asked, setAsked] = useState<{ figure: string; value: string; section: Section }>();
  const { revision, unitId } = info;
  // Before anything can be pressed: a change must say on which revision it is made.
  const { looking } = info;
  useLayoutEffect(() => sawRevision(revision, looking), [sawRevision, revision, looking]);
  const keysText = JSON.stringify(keys);
  const look = looking?.id;
  useEffect(
    () => show({ info: { unitId, look }, keys: JSON.parse(keysText) as Key[] }),
    [show, unitId, look, keysText],
  );
  return (
    <Page aria-busy={busy}>
      {looking ? (
        <Ribbon role="status">
          <span>
            <b>School year {yearName(looking)}</b>, closed {shortDate(looking.closedAt.slice(0, 10))}{' '}
            {looking.closedAt.slice(0, 4)}. It is looked at, not changed.
          </span>
          <Link href="/year" data-own-year>
            Back to the open year
          </Link>
        </Ribbon>
      ) : null}
      {info.traced ? <TracingRibbon traced={info.traced} /> : null}
      <Header>
        <div>
          <SheetTitle>{title}</SheetTitle>
          {subtitle ? <Subtitle>{subtitle}</Subtitle> : null}
          {sheet !== null && OF_A_UNIT.includes(sheet) && info.units.length > 1 ? (
            <UnitSwitch units={info.units} unitId={unitId} />
          ) : null}
        </div>
        <Actions>{actions}</Actions>
      </Header>
      {info.steps && here && here !== FAMILY ? <StepsLine steps={info.steps} /> : null}
      <Content>{children}</Content>
      <Foot>
        <History>
          <PlainButton
            isDisabled={!info.undo}
            onPress={() => act(undoLast)}
            aria-label={info.undo ? `Undo: ${info.undo}` : 'Undo'}
          >
            Undo
          </PlainButton>
          <PlainButton
            isDisabled={!info.redo}
            onPress={() => act(redoLast)}
            aria-label={info.redo ? `Redo: ${info.redo}` : 'Redo'}
          >
            Redo
          </PlainButton>
          {info.traced || looking || !info.family ? null : <WhatIf />}
          <PlainButton onPress={showFind}>
            Find <span aria-hidden="true">/</span>
          </PlainButton>
          <Link href={`/help/${helpFor(here)}`}>
            Help <span aria-hidden="true">H</span>
          </Link>
          <PlainButton onPress={showKeys}>
            Keys <span aria-hidden="true">?</span>
          </PlainButton>
        </History>
        <TitleBlock
          figures={[
            { name: 'Sheet', value: sheetText(here) },
            ...figures.map(({ how, ...f }) => ({
              ...f,
              ...(how ? { onAsk: () => setAsked({ figure: f.name, value: f.value, section: how }) } : {}),
            })),
            { name: 'Revision', value: revisionText(info) },
          ]}
        />
      </Foot>
      {asked ? (
        <HowDialog
          figure={asked.figure}
          value={asked.value}
          section={asked.section}
          unitId={unitId}
          look={look}
          onClose={() => setAsked(undefined)}
        />
      ) : null}
    </Page>
  );
}

const sheetText = (here: SheetName | undefined): string => {
  if (!here) return 'Help';
  return here.number ? `${here.number} ${here.name}` : here.name;
};

function revisionText({ looking, traced, revision }: FrameInfo): string {
  if (looking) return 'closed';
  return traced ? 'tracing' : String(revision);
}
