import type { ClassRow } from '../../tables/classes';
import type { Sight } from '../../tables/sight';

/**
 * Keeps what is worked out of all that a reader sees. It is of one version of what readers see on one day, which never changes: no
 * process knows anything here that another one could contradict. What few see is worked out each time.
 * @param most so many are kept, the latest
 * @param of what it is of, besides the reader: '' for the class as a whole
 */
export function byVersion<Value>(most: number) {
  const kept = new Map<string, Value>();
  return async (
    inClass: ClassRow,
    sight: Sight,
    { of, make }: { readonly of: string; readonly make: () => Promise<Value> },
  ): Promise<Value> => {
    const reader = readerKey(inClass, sight);
    if (reader === null) return make();
    const key = `${reader} ${of}`;
    const known = kept.get(key);
    if (known !== undefined) return known;
    const made = await make();
    kept.set(key, made);
    for (const oldest of kept.keys()) if (kept.size > most) kept.delete(oldest);
    return made;
  };
}

/** Null for who sees what few see. */
function readerKey({ id, shownVersion, timeZone }: ClassRow, sight: Sight): string | null {
  const { circle, day, seesAway, ownToo, opened, personId } = sight;
  if (ownToo || opened.length > 0) return null;
  // In class everybody sees what is away of their own.
  const own = circle === 'ourClass' && !seesAway ? personId : null;
  return [id, shownVersion, timeZone, day, circle, seesAway, own].join(' ');
}
