/** Where a page remembers which version of something it saved last, for as long as its tab is open. */
const keyOf = (id: string) => `porch:saved:${id}`;

/** Notes that the server has taken a version of something from this tab. */
export function noteSaved(id: string, version: number): void {
  inStore((store) => store.setItem(keyOf(id), String(version)));
}

/**
 * Whether a page shows an older version than this tab has saved: it was made before the save arrived, or it comes out of the
 * browser's memory. Tells so once for each save, so that a page that is fetched again is taken as it comes.
 */
export function isBehind(id: string, version: number): boolean {
  return (
    inStore((store) => {
      const noted = Number(store.getItem(keyOf(id)) ?? 0);
      if (noted <= version) return false;
      store.removeItem(keyOf(id));
      return true;
    }) ?? false
  );
}

/** Forgets all that this tab noted: whoever sits down here next learns nothing of it. */
export function forgetNotes(): void {
  inStore((store) => {
    for (const key of Object.keys(store)) if (key.startsWith(keyOf(''))) store.removeItem(key);
  });
}

/** A browser that forbids or has filled its store remembers nothing. */
function inStore<Value>(work: (store: Storage) => Value): Value | undefined {
  try {
    return work(window.sessionStorage);
  } catch (error) {
    if (error instanceof DOMException) return undefined;
    throw error;
  }
}
