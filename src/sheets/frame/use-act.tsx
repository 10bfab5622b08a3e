'use client';
/** Acting on the plan from a sheet: one action after another, each on the newest revision this window has seen. */
import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
  useTransition,
  type ReactNode,
  type RefObject,
} from 'react';
import { usePathname } from 'next/navigation';
import { Button } from '@/kit/button';
import { Dialog } from '@/kit/dialog';
import { Quiet } from '@/kit/text';
import { lookedAtOnly, type YearLookedAt } from './look';
import { Toast } from './toast';
import type { Outcome } from './outcome';
import type { KeptTick } from './take-kept';
import { KEPT, useKeptTicks } from './use-kept-ticks';

/** Milliseconds after which the answer to a change counts as dropped, once another page stands there. */
const ANSWER_DROPPED_AFTER = 4000;

const NO_ANSWER: Outcome = {
  is: 'refused',
  refused:
    'Hausplan did not answer, so nothing was stored. What you typed is still here. Check that it is running, then try again.',
};

type Run = (base: number) => Promise<Outcome>;

interface Options {
  /** Takes faults in what was typed; without it they are shown in a dialog. */
  faults?: (faults: { where: string; what: string }[]) => void;
  /** Goes ahead in spite of a refusal that offers it. */
  rubOut?: Run;
  /** Called once it is stored, also when that took a second try. */
  then?: (message: string) => void;
  /** Called when it is not stored, before that is said. */
  failed?: () => void;
  /** A tick that is kept on this device where Hausplan cannot be reached. */
  tick?: KeptTick;
}

export type ActNow = (run: Run, options?: Options) => void;

interface ActContextValue {
  act: ActNow;
  busy: boolean;
  say: (text: string) => void;
  /** Forms with something typed that is not kept yet. */
  unkept: RefObject<Set<string>>;
  /** Whether a change is on its way, and when all that are have come back. */
  isPending: () => boolean;
  settled: () => Promise<void>;
  /** Says which revision a sheet shows, as soon as it stands there; and the closed year, if it is one. */
  sawRevision: (revision: number, looking?: YearLookedAt) => void;
  /** The newest revision this window shows or has made; 0 before there is one. */
  shows: () => number;
  /** Says that something is typed, on what stands here now: what comes from elsewhere meanwhile is newer than it. */
  beganTyping: () => void;
  /** Whether what stands here can be changed; says why where it cannot, as in a closed year. */
  canChange: () => boolean;
}

const ActContext = createContext<ActContextValue>({
  act: () => {},
  busy: false,
  say: () => {},
  unkept: { current: new Set() },
  isPending: () => false,
  settled: async () => undefined,
  sawRevision: () => undefined,
  shows: () => 0,
  beganTyping: () => undefined,
  canChange: () => true,
});

export const useAct = (): ActContextValue => useContext(ActContext);

interface Trouble {
  outcome: Exclude<Outcome, { is: 'done' }>;
  run: Run;
  options: Options;
}

export function ActProvider({ children }: { children: ReactNode }) {
  /** The revision on which the next change is made, and the newest that is shown. */
  const newest = useRef(0);
  const shown = useRef(0);
  const queue = useRef<Promise<unknown>>(Promise.resolve());
  const unkept = useRef(new Set<string>());
  const looksAt = useRef<YearLookedAt>(undefined);
  const pending = useRef(0);
  const release = useRef<() => void>(undefined);
  const path = usePathname();
  // Going to another page the browser's own way drops the answer of a change that is on its way, though it is stored; the
  // next change must not wait for it for ever.
  useEffect(() => {
    // Only the one that was on its way when the page changed.
    const dropped = release.current;
    if (!dropped) return;
    const timer = setTimeout(dropped, ANSWER_DROPPED_AFTER);
    return () => clearTimeout(timer);
  }, [path]);
  const [trouble, setTrouble] = useState<Trouble>();
  const [toast, setToast] = useState<{ message: string; at: number }>();
  const [busy, start] = useTransition();
  // A page loaded afresh has seen at least its own revision; a stale write, on purpose, has not. While something is typed,
  // what another window changed is shown, and the change is still made on what stood there when the typing began.
  const beganTyping = useCallback(() => {
    newest.current = Math.max(newest.current, shown.current);
  }, []);
  const sawRevision = useCallback(
    (revision: number, looking?: YearLookedAt) => {
      looksAt.current = looking;
      shown.current = Math.max(shown.current, revision);
      if (!unkept.current.size || !newest.current) beganTyping();
    },
    [beganTyping],
  );
  const shows = useCallback(() => Math.max(newest.current, shown.current), []);

  const say = useCallback((message: string) => setToast({ message, at: Date.now() }), []);
  const keepTick = useKeptTicks(say);
  const canChange = useCallback(() => {
    if (!looksAt.current) return true;
    const outcome: Outcome = { is: 'refused', refused: lookedAtOnly(looksAt.current) };
    setTrouble({ outcome, run: () => Promise.resolve(outcome), options: {} });
    return false;
  }, []);
  const act = useCallback<ActNow>(
    (run, options = {}) => {
      if (!canChange()) {
        options.failed?.();
        return;
      }
      start(async () => {
        // The next in the queue must be made on what this one stores.
        pending.current++;
        const turn = queue.current.then(async () => {
          if (!unkept.current.size) beganTyping();
          const dropped = new Promise<Outcome>((answer) => {
            release.current = () => answer({ is: 'done', revision: newest.current, message: '' });
          });
          const done = await Promise.race([run(newest.current), dropped]);
          release.current = undefined;
          if (done.is === 'done') newest.current = Math.max(newest.current, done.revision);
          return done;
        });
        queue.current = turn.catch(() => undefined).finally(() => pending.current--);
        const outcome = await turn.catch((): Outcome => NO_ANSWER);
        if (outcome === NO_ANSWER && options.tick) {
          keepTick(options.tick);
          say(KEPT);
          return;
        }
        if (outcome.is === 'done') {
          setTrouble(undefined);
          if (outcome.message) say(outcome.message);
          options.then?.(outcome.message);
          return;
        }
        options.failed?.();
        if (outcome.is === 'faulty' && options.faults) options.faults(outcome.faults);
        else setTrouble({ outcome, run, options });
      });
    },
    [say, beganTyping, canChange, keepTick],
  );

  const settled = useCallback(async () => {
    await queue.current;
    // What is told of the answer comes first.
    await new Promise((next) => setTimeout(next));
  }, []);
  const value = useMemo(
    () => ({
      act,
      busy,
      say,
      unkept,
      isPending: () => pending.current > 0,
      settled,
      sawRevision,
      shows,
      beganTyping,
      canChange,
    }),
    [act, busy, say, settled, sawRevision, shows, beganTyping, canChange],
  );
  const close = (): void => {
    // Who has been told what came between has seen it.
    if (trouble?.outcome.is === 'stale') newest.current = Math.max(newest.current, trouble.outcome.now);
    setTrouble(undefined);
  };
  const again = (run: Run): void => {
    if (trouble) {
      close();
      act(run, trouble.options);
    }
  };
  const outcome = trouble?.outcome;

  return (
    <ActContext value={value}>
      {children}
      <Dialog
        title="The plan was changed in another window"
        urgent
        isOpen={outcome?.is === 'stale'}
        onClose={close}
        footer={
          <>
            <Button onPress={close}>Leave it, look first</Button>
            <Button $primary onPress={() => trouble && again(trouble.run)}>
              Make my change on top
            </Button>
          </>
        }
      >
        <p>Your change is not stored yet. Since this window last looked:</p>
        <ul>
          {outcome?.is === 'stale' ? outcome.since.map((label, i) => <li key={i}>· {label}</li>) : null}
        </ul>
        <Quiet>This sheet now shows the newer plan. Anything you typed is still here.</Quiet>
      </Dialog>
      <Dialog
        title="That cannot be done as it stands"
        urgent
        isOpen={outcome?.is === 'refused'}
        onClose={close}
        footer={
          trouble?.outcome.is === 'refused' && trouble.outcome.offer && trouble.options.rubOut ? (
            <>
              <Button onPress={close}>Leave it</Button>
              <Button $primary onPress={() => again(trouble.options.rubOut!)}>
                Rub out the ink after it and move on
              </Button>
            </>
          ) : (
            <Button $primary autoFocus onPress={close}>
              I see
            </Button>
          )
        }
      >
        <p>{outcome?.is === 'refused' ? outcome.refused : ''}</p>
      </Dialog>
      <Dialog
        title="Something is not right yet"
        urgent
        isOpen={outcome?.is === 'faulty'}
        onClose={close}
        footer={
          <Button $primary autoFocus onPress={close}>
            I see
          </Button>
        }
      >
        <ul>
          {outcome?.is === 'faulty'
            ? outcome.faults.map((f, i) => (
                <li key={i}>
                  <b>{f.where}</b>: {f.what}
                </li>
              ))
            : null}
        </ul>
      </Dialog>
      <Toast toast={toast} onClose={() => setToast(undefined)} />
    </ActContext>
  );
}
