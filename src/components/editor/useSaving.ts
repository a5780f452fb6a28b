'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { savePost } from '../../contract/posts/savePost';
import { call, type Outcome } from '../basics/call';
import { noteSaved } from '../basics/savedVersion';
import { useFreshPage } from '../basics/useFreshPage';
import type { Writing } from './composeProps';
import { forgetUnsaved, keepUnsaved } from './unsavedCopy';

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

export interface Saving {
  readonly state: SaveState;
  /** The version that the server holds, as far as we know. */
  currentVersion(): number;
  /** Takes note of a change: kept on this device at once, saved after a pause. */
  change(writing: Writing): void;
  /** Saves now; true when the server has everything. */
  flush(): Promise<boolean>;
  /** After a branch: goes on from the version that stands on the server. */
  settle(version: number): void;
}

interface SavingOptions {
  readonly personId: string;
  readonly postId: string;
  readonly version: number;
  readonly savedAt: string;
}

/** Saves a draft by itself: to this device at once, to the server after a pause, again and again while it is away. */
export function useSaving({ personId, postId, version: first, savedAt }: SavingOptions): Saving {
  const [state, setState] = useState<SaveState>({ kind: 'saved', at: savedAt });
  const based = useRef(first);
  /** The branch that is written on in, while two versions wait for the writer to choose. */
  const branch = useRef<string | null>(null);
  const unsaved = useRef<Writing | null>(null);
  const kept = useRef(true);
  /** When the first of the changes was made that wait to be saved; 0 while none does. */
  const waitingSince = useRef(0);
  const running = useRef<Promise<boolean> | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const save = useCallback(async (): Promise<boolean> => {
    const writing = unsaved.current;
    if (!writing) return true;
    waitingSince.current = 0;
    setState({ kind: 'saving', kept: kept.current });
    const goesOn = branch.current === null ? {} : { branchId: branch.current };
    const outcome = await call(savePost, { postId, version: based.current, writing, ...goesOn });
    if (!outcome.ok) {
      kept.current = await keepUnsaved(personId, postId, {
        version: based.current,
        writing: unsaved.current ?? writing,
      });
      if (outcome.code === 'offline' || outcome.code === 'unexpected')
        setState({ kind: 'offline', kept: kept.current });
      else if (outcome.code === 'signedOut') setState({ kind: 'signedOut' });
      else setState({ ...outcome, kind: 'refused' });
      return false;
    }
    if (outcome.value.kind === 'branched') {
      branch.current = outcome.value.branchId;
      setState({ kind: 'branched', version: outcome.value.version, theirs: outcome.value.writing });
      return false;
    }
    based.current = outcome.value.version;
    noteSaved(postId, based.current);
    if (unsaved.current !== writing) return save();
    setState({ kind: 'saved', at: outcome.value.savedAt });
    unsaved.current = null;
    // The device does one thing after the other: a copy of what is written from now on comes after this.
    void forgetUnsaved(personId, postId);
    return true;
  }, [personId, postId]);

  const flush = useCallback((): Promise<boolean> => {
    clearTimeout(timer.current);
    running.current ??= save().finally(() => {
      running.current = null;
    });
    return running.current;
  }, [save]);

  const change = useCallback(
    (writing: Writing) => {
      unsaved.current = writing;
      void keepUnsaved(personId, postId, { version: based.current, writing }).then((done) => {
        kept.current = done;
      });
      setState((now) => (now.kind === 'saved' ? { kind: 'saving', kept: kept.current } : now));
      waitingSince.current ||= Date.now();
      clearTimeout(timer.current);
      const longest = waitingSince.current + LONGEST - Date.now();
      timer.current = setTimeout(() => void flush(), Math.max(0, Math.min(PAUSE, longest)));
    },
    [flush, personId, postId],
  );

  const settle = useCallback((standing: number) => {
    based.current = standing;
    branch.current = null;
  }, []);
  const currentVersion = useCallback(() => based.current, []);

  useTryingAgain(state.kind === 'offline' || state.kind === 'signedOut', flush);
  useSavingWhenLeft(flush);
  useFreshPage(postId, first);
  return { state, currentVersion, change, flush, settle };
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

function useSavingWhenLeft(flush: () => Promise<boolean>): void {
  useEffect(() => {
    const hidden = () => {
      if (document.visibilityState === 'hidden') void flush();
    };
    document.addEventListener('visibilitychange', hidden);
    return () => document.removeEventListener('visibilitychange', hidden);
  }, [flush]);
}
