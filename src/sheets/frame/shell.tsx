'use client';
/** What stays while one goes from sheet to sheet: the rail, the queue of changes, the message, the keys and their dialogs. */
import { usePathname, useRouter } from 'next/navigation';
import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import { Button } from '@/kit/button';
import { Dialog, fetchDialogs } from '@/kit/dialog';
import { Checkbox } from '@/kit/field';
import { HatchPatterns } from '@/kit/hatch';
import { later } from '@/kit/later';
import { fetchMenus } from '@/kit/menu';
import { Hidden, Quiet } from '@/kit/text';
import { Ground, KeyList, Name, Rail, Tab } from './frame-lines';
import { redoLast, saveNow, undoLast } from './history-actions';
import { useKeepClicks } from './keep-clicks';
import type { FrameInfo } from './load';
import { inYear } from './look';
import { FAMILY, helpFor, hrefOf, sheetOf, SHEETS } from './sheets';
import { setSingleKeys, useSingleKeys } from './single-keys';
import { ActProvider, useAct } from './use-act';
import { useNews } from './use-news';

const [FindDialog, fetchFind] = later(() => import('./find/find-dialog').then((m) => m.FindDialog));

export interface Key {
  keys: string;
  does: string;
}

/** What a sheet tells the shell of itself once it is drawn. */
interface Shown {
  info: Pick<FrameInfo, 'unitId'> & { look?: string };
  keys: readonly Key[];
}

interface ShellContextValue {
  show: (shown: Shown) => void;
  showKeys: () => void;
  showFind: () => void;
}

const ShellContext = createContext<ShellContextValue>({
  show: () => undefined,
  showKeys: () => undefined,
  showFind: () => undefined,
});

export const useShell = (): ShellContextValue => useContext(ShellContext);

const TYPING =
  'input, textarea, select, [contenteditable], [role=spinbutton], [role=dialog], [role=alertdialog], [role=menu], [role=listbox]';

/** Goes once nothing is on its way, and asks where something typed would be lost. */
async function leave(
  href: string,
  {
    isPending,
    settled,
    unkept,
    ask,
    go,
  }: Pick<ReturnType<typeof useAct>, 'isPending' | 'settled' | 'unkept'> & {
    ask: (href: string) => void;
    go: (href: string) => void;
  },
): Promise<void> {
  if (isPending()) await settled();
  if (unkept.current.size) ask(href);
  else go(href);
}

export function Shell({ children }: { children: ReactNode }) {
  const [shown, setShown] = useState<Shown>({ info: {}, keys: [] });
  const [areKeysShown, setKeysShown] = useState(false);
  const [isFinding, setFinding] = useState(false);
  const [value] = useState(() => ({
    show: setShown,
    showKeys: () => setKeysShown(true),
    showFind: () => setFinding(true),
  }));
  useKeepClicks();
  useEffect(() => {
    const soon = setTimeout(
      () => void Promise.all([fetchDialogs(), fetchMenus(), fetchFind()]).catch(() => undefined),
      300,
    );
    return () => clearTimeout(soon);
  }, []);
  return (
    <ShellContext value={value}>
      <ActProvider>
        <Around
          shown={shown}
          areKeysShown={areKeysShown}
          setKeysShown={setKeysShown}
          isFinding={isFinding}
          setFinding={setFinding}
        >
          {children}
        </Around>
      </ActProvider>
    </ShellContext>
  );
}

function Around({
  shown: { info, keys },
  areKeysShown,
  setKeysShown,
  isFinding,
  setFinding,
  children,
}: {
  shown: Shown;
  areKeysShown: boolean;
  setKeysShown: (shown: boolean) => void;
  isFinding: boolean;
  setFinding: (finding: boolean) => void;
  children: ReactNode;
}) {
  const { act, busy, unkept, isPending, settled } = useAct();
  const router = useRouter();
  useNews();
  const here = sheetOf(usePathname());
  const singleKeys = useSingleKeys();
  const [leavingTo, setLeavingTo] = useState<string>();
  const open = [...SHEETS, FAMILY];

  useEffect(() => {
    const leaveFor = (href: string): Promise<void> =>
      leave(href, { isPending, settled, unkept, ask: setLeavingTo, go: router.push });
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
      if (!singleKeys || e.ctrlKey || e.metaKey || e.altKey || e.defaultPrevented || typing || isFinding)
        return;
      if (e.key === '?') setKeysShown(true);
      if (e.key === '/') {
        e.preventDefault();
        setFinding(true);
      }
      if (e.key === 'h' || e.key === 'H') void leaveFor(`/help/${helpFor(here)}`);
      if (e.key === 'S') act(saveNow);
      const target = [...SHEETS, FAMILY].find((s) => String(s.number) === e.key);
      if (!target) return;
      void leaveFor(inYear(hrefOf(target, info.unitId), info.look));
    };
    // A change that is on its way is waited for: going away would drop its answer.
    const onClick = (e: MouseEvent): void => {
      const link = e.target instanceof Element ? e.target.closest<HTMLAnchorElement>('a[href^="/"]') : null;
      if (!link || link.hasAttribute('download') || link.target || e.button !== 0) return;
      if (e.ctrlKey || e.metaKey || e.shiftKey || e.altKey) return;
      // A link from a sheet of a closed year leads to the next sheet of that year.
      const isOwnYear = !info.look || 'ownYear' in link.dataset;
      const href = link.getAttribute('href')!;
      if (!isPending() && (isOwnYear || href === inYear(href, info.look))) return;
      e.preventDefault();
      e.stopPropagation();
      void leaveFor(isOwnYear ? href : inYear(href, info.look));
    };
    const onLeave = (e: BeforeUnloadEvent): void => {
      if (unkept.current.size || isPending()) e.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    window.addEventListener('beforeunload', onLeave);
    document.addEventListener('click', onClick, true);
    return () => {
      window.removeEventListener('keydown', onKey);
      window.removeEventListener('beforeunload', onLeave);
      document.removeEventListener('click', onClick, true);
    };
  }, [
    act,
    router,
    info.unitId,
    info.look,
    unkept,
    singleKeys,
    setKeysShown,
    setFinding,
    isFinding,
    here,
    isPending,
    settled,
  ]);

  return (
    <Ground>
      <HatchPatterns />
      <Rail aria-label="Sheets">
        <Name href="/">Haus­plan</Name>
        {open.map((s) => (
          <Tab
            key={s.number}
            href={inYear(hrefOf(s, info.unitId), info.look)}
            onNavigate={(e) => {
              if (unkept.current.size) {
                e.preventDefault();
                setLeavingTo(inYear(hrefOf(s, info.unitId), info.look));
              }
            }}
            aria-current={s === here ? 'page' : undefined}
            $here={s === here}
            $last={s === FAMILY}
          >
            <span>{s.number}</span>
            {s.name}
          </Tab>
        ))}
      </Rail>
      {children}
      {isFinding ? (
        <FindDialog
          unitId={info.unitId}
          onGo={(href) => {
            setFinding(false);
            void leave(href, { isPending, settled, unkept, ask: setLeavingTo, go: router.push });
          }}
          onClose={() => setFinding(false)}
        />
      ) : null}
      <Dialog
        title="Keys"
        isOpen={areKeysShown}
        onClose={() => setKeysShown(false)}
        footer={
          <Button autoFocus onPress={() => setKeysShown(false)}>
            Close
          </Button>
        }
      >
        <KeyList>
          {[
            ...keys,
            { keys: open.map((s) => s.number).join(' '), does: 'open a sheet by its number' },
            { keys: '/', does: 'find anything: a lesson, a book, a child, a supply, a question, a place' },
            { keys: 'H', does: 'help on this sheet' },
            { keys: 'Ctrl Z', does: 'undo' },
            { keys: 'Ctrl Shift Z', does: 'redo' },
            { keys: 'Shift S', does: 'save a copy of everything, beside the store' },
            { keys: '?', does: 'show these keys' },
          ].map((k) => (
            <div key={k.keys}>
              <dt>{k.keys}</dt>
              <dd>{k.does}</dd>
            </div>
          ))}
        </KeyList>
        <Checkbox isSelected={singleKeys} onChange={setSingleKeys}>
          Keys of one letter or number work on this device
        </Checkbox>
        <Quiet>Everything can also be reached with Tab, the arrow keys and Enter.</Quiet>
      </Dialog>
      <Dialog
        title="What you typed here is not kept yet"
        urgent
        isOpen={!!leavingTo}
        onClose={() => setLeavingTo(undefined)}
        footer={
          <>
            <Button
              onPress={() => {
                const href = leavingTo!;
                setLeavingTo(undefined);
                unkept.current.clear();
                router.push(href);
              }}
            >
              Leave without it
            </Button>
            <Button $primary autoFocus onPress={() => setLeavingTo(undefined)}>
              Stay here
            </Button>
          </>
        }
      >
        <p>Keep it first with the button of its form, or leave this sheet without it.</p>
      </Dialog>
      <Hidden>{busy ? 'Working…' : ''}</Hidden>
    </Ground>
  );
}
