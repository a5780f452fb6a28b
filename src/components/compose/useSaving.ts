'use client';

import { useCallback, useRef, useState } from 'react';
import { savePost } from '../../contract/posts/savePost';
import { call, type Outcome } from '../basics/call';
import { isOutOfReach } from '../basics/isOutOfReach';
import { useSaver, type Saver } from '../basics/useSaver';
import { useTryingAgain } from '../basics/useTryingAgain';
import type { Writing } from './composeProps';
import { forgetUnsaved, keepUnsaved, toSave, type Whose } from '../basics/unsavedCopy';

export type SaveState =
  | { readonly kind: 'saved'; readonly at: string }
  /** Changed since; `kept` tells whether the words are on this device until the server has them. */
  | { readonly kind: 'saving'; readonly kept: boolean }
  /** The server was not reached; the words are on this device, or, with `kept` false, in this page only. */
  | { readonly kind: 'offline'; readonly kept: boolean }
  | { readonly kind: 'signedOut' }
  /** The post was changed elsewhere; both versions are kept. */
  | {
      readonly kind: 'branched';
      readonly version: number;
      readonly theirs: Writing;
      /** What both were written on; null where that is not known. */
      readonly base: Writing | null;
    }
  | (Outcome<never> & { readonly ok: false; readonly kind: 'refused' });

const PAUSE = 1200;
/** Who writes on without a pause is saved all the same after so long. */
const LONGEST = 10_000;

export interface Saving extends Pick<Saver<Writing>, 'version' | 'flush'> {
  readonly state: SaveState;
  /** Takes note of a change: kept on this device at once, saved after a pause. */
  readonly change: (writing: Writing) => void;
  /** After a branch: goes on from the version that stands on the server, which is known where `standing` is given. */
  readonly settle: (version: number, standing?: Writing) => void;
  /** Whether the last save did not reach the server, or nobody is signed in there any more. */
  readonly isAway: () => boolean;
}

interface SavingOptions extends Whose {
  readonly version: number;
  readonly savedAt: string;
  /** What the page was given of that version. */
  readonly first: Writing;
  /** The server has what of these came at once; must stay the same function. */
  readonly onTold: (came: NonNullable<Writing['came']>) => void;
}

/** Saves a draft by itself: to this device at once, to the server after a pause, again and again while it is away. */
export function useSaving({
  personId,
  postId,
  sealKey,
  version,
  savedAt,
  first,
  onTold,
}: SavingOptions): Saving {
  const [state, setState] = useState<SaveState>({ kind: 'saved', at: savedAt });
  /** The branch that is written on in, while two versions wait for the writer to choose. */
  const branch = useRef<string | null>(null);
  const kept = useRef(true);
  const savedLast = useRef(savedAt);
  const away = useRef(false);
  /** What is known of a version on the server: what is written now came from it. */
  const known = useRef<{ readonly version: number; readonly writing: Writing } | null>({
    version,
    writing: first,
  });

  const save = useCallback(
    async (writing: Writing, based: number, newest: () => Writing): Promise<number | null> => {
      // Who has to sign in again is not told otherwise while it is tried: they are just about to.
      setState((now) => (now.kind === 'signedOut' ? now : { kind: 'saving', kept: kept.current }));
      const goesOn = branch.current === null ? {} : { branchId: branch.current };
      const outcome = await call(savePost, { postId, version: based, ...toSave(writing), ...goesOn });
      if (!outcome.ok) {
        kept.current = await keepUnsaved(
          { personId, postId, sealKey },
          { version: based, writing: newest() },
        );
        away.current = isOutOfReach(outcome.code);
        if (outcome.code === 'offline' || outcome.code === 'unexpected')
          setState({ kind: 'offline', kept: kept.current });
        else if (outcome.code === 'signedOut') setState({ kind: 'signedOut' });
        else setState({ ...outcome, kind: 'refused' });
        return null;
      }
      away.current = false;
      if (outcome.value.kind === 'branched') {
        branch.current = outcome.value.branchId;
        const base = known.current?.version === based ? known.current.writing : null;
        setState({
          kind: 'branched',
          version: outcome.value.version,
          theirs: outcome.value.writing,
          base,
        });
        return null;
      }
      savedLast.current = outcome.value.savedAt;
      known.current = { version: outcome.value.version, writing };
      onTold(writing.came ?? []);
      return outcome.value.version;
    },
    [personId, postId, sealKey, onTold],
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
    (on: number, writing?: Writing) => {
      goOnFrom(on);
      branch.current = null;
      if (writing) known.current = { version: on, writing };
    },
    [goOnFrom],
  );

  const isAway = useCallback(() => away.current, []);
  const again = useCallback(() => void flush(), [flush]);
  useTryingAgain(state.kind === 'offline' || state.kind === 'signedOut', again);
  return { state, version: standing, change, flush, settle, isAway };
}
