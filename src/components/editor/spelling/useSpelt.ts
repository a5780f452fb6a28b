'use client';

import { useCallback, useSyncExternalStore } from 'react';

const KEY = 'porch:spelt';
const listeners = new Set<() => void>();

/** Whether this device marks words that no dictionary knows; a writer may turn it off. */
export function useSpelt(): readonly [boolean, (on: boolean) => void] {
  const on = useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    read,
    () => false,
  );
  const set = useCallback((next: boolean) => {
    try {
      localStorage.setItem(KEY, next ? 'on' : 'off');
    } catch (error) {
      // A device that keeps nothing forgets this too.
      if (!(error instanceof DOMException)) throw error;
    }
    for (const listener of listeners) listener();
  }, []);
  return [on, set];
}

function read(): boolean {
  try {
    return localStorage.getItem(KEY) !== 'off';
  } catch (error) {
    if (error instanceof DOMException) return true;
    throw error;
  }
}
