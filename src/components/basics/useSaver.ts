'use client';

import { useCallback, useEffect, useRef } from 'react';
import { noteSaved } from './savedVersion';
import { useFreshPage } from './useFreshPage';

export interface Saver<Value> {
  /** Takes note of a change: it is saved after a pause. */
  readonly change: (value: Value) => void;
  /** Saves now; true when the server has everything. */
  readonly flush: () => Promise<boolean>;
  /** The version that the server has, as far as we know, on which the next save is based. */
  readonly version: () => number;
  /** Goes on from another version that stands on the server. */
  readonly goOnFrom: (version: number) => void;
}

interface SaverOptions<Value> {
  /** Of what is saved. */
  readonly id: string;
  /** The version that the page was given. */
  readonly version: number;
  /** How long it waits for more after a change, and how long at most while changes go on; milliseconds. */
  readonly pause: number;
  readonly longest: number;
  /**
   * Sends a value and says what came of it; must stay the same function.
   * @param newest what is to be saved by now
   * @returns the version that the server has then, or null where it was not saved
   */
  readonly save: (value: Value, version: number, newest: () => Value) => Promise<number | null>;
  /** The server has everything; must stay the same function. */
  readonly onSaved: () => void;
}

/**
 * Saves something by itself: after a pause, at the latest after some time, and when the page is left or put away. One save
 * runs at a time; what was changed during one is saved after it. What was not saved stays, and goes with the next change or `flush`.
 */
export function useSaver<Value>(options: SaverOptions<Value>): Saver<Value> {
  const { id, version: first, pause, longest, save, onSaved } = options;
  const based = useRef(first);
  const unsaved = useRef<{ readonly value: Value } | null>(null);
  /** When the first of the changes was made that wait to be saved; 0 while none does. */
  const waitingSince = useRef(0);
  const running = useRef<Promise<boolean> | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const saveAll = useCallback(async (): Promise<boolean> => {
    while (unsaved.current) {
      const sent = unsaved.current;
      waitingSince.current = 0;
      const version = await save(sent.value, based.current, () => (unsaved.current ?? sent).value);
      if (version === null) return false;
      based.current = version;
      noteSaved(id, version);
      if (unsaved.current !== sent) continue;
      unsaved.current = null;
      onSaved();
    }
    return true;
  }, [id, save, onSaved]);

  const flush = useCallback((): Promise<boolean> => {
    clearTimeout(timer.current);
    running.current ??= saveAll().finally(() => {
      running.current = null;
    });
    return running.current;
  }, [saveAll]);

  const change = useCallback(
    (value: Value) => {
      unsaved.current = { value };
      waitingSince.current ||= Date.now();
      clearTimeout(timer.current);
      const left = waitingSince.current + longest - Date.now();
      timer.current = setTimeout(() => void flush(), Math.max(0, Math.min(pause, left)));
    },
    [flush, pause, longest],
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

  useFreshPage(id, first);
  const version = useCallback(() => based.current, []);
  const goOnFrom = useCallback((standing: number) => {
    based.current = standing;
  }, []);
  return { change, flush, version, goOnFrom };
}
