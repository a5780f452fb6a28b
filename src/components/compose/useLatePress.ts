'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { Outcome } from '../basics/call';
import { isOutOfReach } from '../basics/isOutOfReach';
import { useTryingAgain } from '../basics/useTryingAgain';
import { findPressed, forgetPressed, keepPressed } from '../basics/unsavedCopy';
import type { WritingDesk } from './useWritingDesk';

/** A press that waits for the line. */
export interface LatePress {
  /** When it was made, milliseconds since 1970; null where none waits. */
  readonly at: number | null;
  /** Whether one was given up because its writer wrote on. */
  readonly wroteOn: boolean;
  /** Notes a press that did not reach the server. */
  readonly begin: () => void;
  readonly giveUp: () => void;
}

/** So long after a press the last keys before it reach the page. */
const SETTLES = 500;

interface LatePressOptions {
  readonly personId: string;
  readonly postId: string;
  readonly desk: Pick<WritingDesk, 'whole' | 'writing'>;
  /** Hands in with the moment of the press. Offline is an outcome too. */
  readonly send: (at: number) => Promise<Outcome<unknown>>;
}

/**
 * Where the line was cut when somebody pressed, hands in by itself once it is back, also in a page that was opened again. Whoever
 * writes on after the press has not handed in.
 */
export function useLatePress({ personId, postId, desk, send }: LatePressOptions): LatePress {
  const { whole, writing } = desk;
  const [at, setAt] = useState<number | null>(null);
  const [wroteOn, setWroteOn] = useState(false);
  /** What was pressed, once the last key is in it: anything else is not what its writer meant to hand in. */
  const pressed = useRef<unknown>(null);
  const latest = useRef({ writing, send });
  useEffect(() => {
    latest.current = { writing, send };
  });

  const giveUp = useCallback(() => {
    setAt(null);
    void forgetPressed({ personId, postId });
  }, [personId, postId]);
  const begin = useCallback(() => {
    const now = Date.now();
    pressed.current = null;
    setWroteOn(false);
    setAt(now);
    void keepPressed({ personId, postId }, now);
  }, [personId, postId]);

  // A press of an earlier visit goes on waiting once its words are back.
  useEffect(() => {
    if (!whole) return;
    void findPressed({ personId, postId }).then((kept) => {
      if (kept === null) return;
      pressed.current = null;
      setAt(kept);
    });
  }, [whole, personId, postId]);

  useEffect(() => {
    if (at === null) return undefined;
    if (pressed.current === null) {
      const timer = setTimeout(() => (pressed.current = latest.current.writing), SETTLES);
      return () => clearTimeout(timer);
    }
    if (pressed.current !== writing) {
      giveUp();
      setWroteOn(true);
    }
    return undefined;
  }, [at, writing, giveUp]);

  const busy = useRef(false);
  const attempt = useCallback(async () => {
    if (at === null || busy.current) return;
    busy.current = true;
    const outcome = await latest.current.send(at);
    busy.current = false;
    if (outcome.ok || !waits(outcome.code)) giveUp();
  }, [at, giveUp]);
  const again = useCallback(() => void attempt(), [attempt]);
  useTryingAgain(at !== null, again);

  return { at, wroteOn, begin, giveUp };
}

/** What is no answer to the press itself: the line is cut, the words are not saved yet, somebody has to sign in first. */
function waits(code: string): boolean {
  return isOutOfReach(code) || code === 'post.notSaved';
}
