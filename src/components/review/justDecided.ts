import { useSyncExternalStore } from 'react';

/** What somebody decided in this tab a moment ago and can undo. */
export interface JustDecided {
  readonly postId: string;
  readonly decision: 'accept' | 'sendBack';
  readonly title: string;
  readonly writer: string;
}

/** It is told on whatever page of the pile comes next; only one decision is undone, the last. */
let latest: JustDecided | null = null;
let timer: ReturnType<typeof setTimeout> | undefined;
const listeners = new Set<() => void>();

function put(decided: JustDecided | null): void {
  latest = decided;
  for (const listener of listeners) listener();
}

/** @param countsIn after how many milliseconds it counts */
export function noteDecided(decided: JustDecided, countsIn: number): void {
  clearTimeout(timer);
  timer = setTimeout(() => put(null), countsIn);
  put(decided);
}

export function forgetDecided(): void {
  clearTimeout(timer);
  put(null);
}

/** The last decision, until it counts. */
export function useJustDecided(): JustDecided | null {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => latest,
    () => null,
  );
}
