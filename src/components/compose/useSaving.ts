'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { savePost } from '../../contract/posts/savePost';
import { call, type Outcome } from '../basics/call';
import { useSaver, type Saver } from '../basics/useSaver';
import type { Writing } from './composeProps';
import { forgetUnsaved, keepUnsaved, type Whose } from '../basics/unsavedCopy';

export type SaveState =
  | { readonly kind: 'saved'; readonly at: string }
  /** Changed since; `kept` tells whether the words are on this device until the server has them. */
  | { readonly kind: 'saving'; readonly kept: boolean }
  /** The server was not reached; the words are on this device, or, with `kept` false, in this page only. */
  | { readonly kind: 'offline'; readonly kept: boolean }
  | { readonly kind: 'signedOut' }
  /** The post was changed elsewhere; both versions are kept. */
  | { readonly kind: 'branched'; readonly version: number; readonly theirs: Writing }
  | (Outcome<never> & { readonly ok: false; readonly kind: 'refused' });

const PAUSE = 1200;
/** Who writes on without a pause is saved all the same after so long. */
const LONGEST = 10_000;
const TRY_AGAIN = 4000;

export interface Saving extends Pick<Saver<Writing>, 'version' | 'flush'> {
  readonly state: SaveState;
  /** Takes note of a change: kept on this device at once, saved after a pause. */
  readonly change: (writing: Writing) => void;
  /** After a branch: goes on from the version that stands on the server. */
  readonly settle: (version: number) => void;
}

interface SavingOptions extends Whose {
  readonly version: number;
  readonly savedAt: string;
}

/** Saves a draft by itself: to this device at once, to the server after a pause, again and again while it is away. */
export function useSaving({ personId, postId, sealKey, version, savedAt }: SavingOptions): Saving {
  const [state, setState] = useState<SaveState>({ kind: 'saved', at: savedAt });
  /** The branch that is written on in, while two versions wait for the writer to choose. */
  const branch = useRef<string | null>(null);
  const kept = useRef(true);
  const savedLast = useRef(savedAt);

  const save = useCallback(
    async (writing: Writing, based: number, newest: () => Writing): Promise<number | null> => {
      setState({ kind: 'saving', kept: kept.current });
      const goesOn = branch.current === null ? {} : { branchId: branch.current };
      const outcome = await call(savePost, { postId, version: based, writing, ...goesOn });
      if (!outcome.ok) {
        kept.current = await keepUnsaved(
          { personId, postId, sealKey },
          { version: based, writing: newest() },
        );
        if (outcome.code === 'offline' || outcome.code === 'unexpected')
          setState({ kind: 'offline', kept: kept.current });
        else if (outcome.code === 'signedOut') setState({ kind: 'signedOut' });
        else setState({ ...outcome, kind: 'refused' });
        return null;
      }
      if (outcome.value.kind === 'branched') {
        branch.current = outcome.value.branchId;
        setState({ kind: 'branched', version: outcome.value.version, theirs: outcome.value.writing });
        return null;
      }
      savedLast.current = outcome.value.savedAt;
      return outcome.value.version;
    },
    [personId, postId, sealKey],
  );
  const onSaved = useCallback(() => {
    setState({ kind: 'saved', at: savedLast.current });
    // The device does one thing after the other: a copy of what is written from now on comes after this.
    void forgetUnsaved({ personId, postId, sealKey });
  }, [personId, postId, sealKey]);
  const saver = useSaver<Writing>({ id: postId, version, pause: PAUSE, longest: LONGEST, save, onSaved });
  const { change: note, flush, goOnFrom, version: standing } = saver;

  const change = useCallback(
    (writing: Writing) => {
      note(writing);
      void keepUnsaved({ personId, postId, sealKey }, { version: standing(), writing }).then((done) => {
        kept.current = done;
      });
      setState((now) => (now.kind === 'saved' ? { kind: 'saving', kept: kept.current } : now));
    },
    [note, standing, personId, postId, sealKey],
  );
  const settle = useCallback(
    (on: number) => {
      goOnFrom(on);
      branch.current = null;
    },
    [goOnFrom],
  );

  useTryingAgain(state.kind === 'offline' || state.kind === 'signedOut', flush);
  return { state, version: standing, change, flush, settle };
}

/** While the server is away, tries again from time to time and as soon as the browser says that the line is back. */
function useTryingAgain(away: boolean, flush: () => Promise<boolean>): void {
  useEffect(() => {
    if (!away) return undefined;
    const again = () => void flush();
    const timer = setInterval(again, TRY_AGAIN);
    window.addEventListener('online', again);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', again);
    };
  }, [away, flush]);
}
