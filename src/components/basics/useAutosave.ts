'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { Outcome } from './call';
import { noteSaved } from './savedVersion';
import { useFreshPage } from './useFreshPage';

type AutosaveState =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  | (Outcome<never> & { readonly ok: false; readonly kind: 'refused' });

/** Something that saves itself. */
export interface Autosave<Value> {
  readonly draft: Value;
  readonly state: AutosaveState;
  /** The version that the server has, which the next save is based on. */
  readonly version: () => number;
  readonly change: (part: Partial<Value>) => void;
  /** Saves now; true when the server has everything. */
  readonly flush: () => Promise<boolean>;
}

type Save<Value> = (draft: Value, version: number) => Promise<Outcome<{ readonly version: number }>>;

const PAUSE = 700;

/**
 * Saves by itself after a pause; what is refused stays in the page, with what was wrong.
 * @param id of what is saved
 * @param save sends a draft that is based on a version; must stay the same function
 */
export function useAutosave<Value extends object>(
  id: string,
  first: Value,
  version: number,
  save: Save<Value>,
): Autosave<Value> {
  const [draft, setDraft] = useState(first);
  const [state, setState] = useState<AutosaveState>({ kind: 'saved' });
  const latest = useRef(first);
  const sent = useRef(first);
  const based = useRef(version);
  const running = useRef<Promise<boolean> | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const saveLatest = useCallback(async (): Promise<boolean> => {
    const draft = latest.current;
    if (draft === sent.current) return true;
    setState({ kind: 'saving' });
    const outcome = await save(draft, based.current);
    if (!outcome.ok) {
      setState({ ...outcome, kind: 'refused' });
      return false;
    }
    based.current = outcome.value.version;
    noteSaved(id, based.current);
    sent.current = draft;
    if (latest.current !== draft) return saveLatest();
    setState({ kind: 'saved' });
    return true;
  }, [id, save]);

  const flush = useCallback((): Promise<boolean> => {
    clearTimeout(timer.current);
    running.current ??= saveLatest().finally(() => {
      running.current = null;
    });
    return running.current;
  }, [saveLatest]);

  const change = useCallback(
    (part: Partial<Value>) => {
      latest.current = { ...latest.current, ...part };
      setDraft(latest.current);
      // What was refused stays said until it is sent again.
      setState((now) => (now.kind === 'saved' ? { kind: 'saving' } : now));
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void flush(), PAUSE);
    },
    [flush],
  );

  useEffect(() => {
    const hidden = () => {
      if (document.visibilityState === 'hidden') void flush();
    };
    document.addEventListener('visibilitychange', hidden);
    return () => {
      document.removeEventListener('visibilitychange', hidden);
      void flush();
    };
  }, [flush]);

  useFreshPage(id, version);
  const currentVersion = useCallback(() => based.current, []);
  return { draft, state, version: currentVersion, change, flush };
}
