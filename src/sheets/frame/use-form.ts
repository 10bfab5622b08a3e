'use client';
/**
 * What is typed in a form, and what the door found wrong with it, field by field. When the plan changes underneath
 * (undo, another window), a form that was not typed in follows it; one that was keeps every letter. Where nothing can be
 * changed, as in a closed year, nothing is taken, and the first letter says why.
 */
import { useCallback, useEffect, useId, useState } from 'react';
import { useAct } from './use-act';

type Faults = { where: string; what: string }[];

export interface FormState<T> {
  value: T;
  set: <K extends keyof T>(field: K, value: T[K]) => void;
  /** What is wrong with a field. */
  error: (field: keyof T & string) => string | undefined;
  takeFaults: (faults: Faults) => void;
  /** Says that what is typed has been stored, so that the form follows the plan again. */
  stored: () => void;
}

/** @param stands the values as the plan has them now */
export function useForm<T extends object>(stands: T): FormState<T> {
  const [value, setValue] = useState(stands);
  const [seen, setSeen] = useState(stands);
  const [follows, setFollows] = useState(true);
  const [faults, setFaults] = useState<Record<string, string>>({});
  if (JSON.stringify(stands) !== JSON.stringify(seen)) {
    setSeen(stands);
    if (follows) setValue(stands);
  }
  const { unkept, beganTyping, canChange } = useAct();
  const id = useId();
  useEffect(() => {
    const forms = unkept.current;
    if (!follows) {
      if (!forms.size) beganTyping();
      forms.add(id);
    }
    return () => {
      forms.delete(id);
    };
  }, [follows, id, unkept, beganTyping]);
  const set = useCallback(
    <K extends keyof T>(field: K, next: T[K]) => {
      if (!canChange()) return;
      setValue((v) => ({ ...v, [field]: next }));
      setFollows(false);
      setFaults(({ [field as string]: _, ...others }) => others);
    },
    [canChange],
  );
  const takeFaults = useCallback(
    (found: Faults) => setFaults(Object.fromEntries(found.map((f) => [f.where.split('.')[0], f.what]))),
    [],
  );
  const stored = (): void => {
    unkept.current.delete(id);
    setFollows(true);
    setFaults({});
  };
  return { value, set, error: (field) => faults[field], takeFaults, stored };
}
