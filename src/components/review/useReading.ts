'use client';

import { useCallback, useMemo, useState } from 'react';
import type { ChangesInText } from '../../core/changes/changesInText';
import { anchorFinder, placeOfNote } from '../../core/notes/anchor';
import type { Passage } from '../../core/notes/passage';
import { rememberByText } from '../../core/text/remember';
import { useSteady } from '../basics/useSteady';
import { NO_MARKS, type Marks } from '../notes/markPage';
import type { PageText } from '../notes/pageText';
import type { NoteAtWork, Pin } from '../notes/useNotes';

/** How the text of a hand-in is shown: with what changed, as readers see it, or with the notes alone. */
export type Turn = 'changed' | 'readers' | 'notes';

/** The text of a hand-in on the page, with what is marked in it. */
export interface Reading {
  /** Null until it was read. */
  readonly page: PageText | null;
  readonly onRead: (page: PageText) => void;
  readonly marksFor: (page: PageText) => Marks;
  readonly pictureNotes: ReadonlyMap<string, readonly string[]>;
  /** Where the passages of notes are now: null for one that is gone. Notes that have none are not named. */
  readonly places: ReadonlyMap<string, Passage | null>;
}

const NO_PLACES: ReadonlyMap<string, Passage | null> = new Map();

/** Finds the passages of notes in a text as it stands on the page, and says what is to be marked there. */
export function useReading(notes: readonly NoteAtWork[], turn: Turn, changes: ChangesInText | null): Reading {
  const [page, setPage] = useState<PageText | null>(null);
  // Words that are typed in a note move nothing in the text.
  const pins = useSteady<readonly PinOfNote[]>(
    notes.map(({ id, target, targetId, anchor, suggested, sent }) => ({
      id,
      target,
      targetId,
      anchor,
      suggested: sent ? suggested : null,
    })),
  );
  // Asked for the same text when it is read and when it is marked.
  const placesIn = useMemo(() => rememberByText((text) => placesOf(pins, text)), [pins]);
  const text = page?.text ?? null;
  const places = useMemo(() => (text === null ? NO_PLACES : placesIn(text)), [placesIn, text]);
  const marksFor = useCallback(
    (read: PageText): Marks => {
      if (turn === 'readers') return NO_MARKS;
      const noted = [...placesIn(read.text)].flatMap(([id, place]) => (place ? [{ id, ...place }] : []));
      return { ...(turn === 'changed' && changes ? changes : NO_MARKS), noted };
    },
    [placesIn, turn, changes],
  );
  const pictureNotes = useMemo(() => {
    const found = new Map<string, readonly string[]>();
    for (const { id, target, targetId } of pins)
      if (target === 'picture' && targetId !== null && turn !== 'readers')
        found.set(targetId, [...(found.get(targetId) ?? []), id]);
    return found;
  }, [pins, turn]);
  const onRead = useCallback((read: PageText) => setPage(read), []);
  return { page, onRead, marksFor, pictureNotes, places };
}

/** What a note is pinned to, and the words that it suggested there once it was sent. */
type PinOfNote = Pin & { readonly id: string; readonly suggested: string | null };

function placesOf(pins: readonly PinOfNote[], text: string): ReadonlyMap<string, Passage | null> {
  const find = anchorFinder(text);
  return new Map(
    pins.flatMap(({ id, anchor, suggested }) =>
      anchor ? [[id, placeOfNote(find, { anchor, suggested })] as const] : [],
    ),
  );
}
