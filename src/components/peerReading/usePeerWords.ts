'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { SaidByPeer } from '../../contract/peerReading/peerShown';
import { keepPeerWords } from '../../contract/peerReading/keepPeerWords';
import type { Anchor } from '../../core/notes/anchor';
import { call } from '../basics/call';
import { newKey } from '../basics/newKey';
import { useRefusal } from '../basics/useRefusal';

/** Words rest so long before they are kept; and so long after the line was cut they are sent again. Milliseconds. */
const REST = 700;
const AGAIN = 4000;

export interface PeerWords {
  readonly anchor: Anchor | null;
  readonly words: string;
  /** When they were kept before this page came; null for what began here. */
  readonly when: string | null;
  readonly takenBack: boolean;
}

export interface PeerWordsAtWork {
  readonly said: ReadonlyMap<string, PeerWords>;
  readonly change: (name: string, part: Partial<Pick<PeerWords, 'words' | 'anchor'>>) => void;
  readonly begin: (anchor: Anchor) => string;
  readonly drop: (name: string) => void;
  /** Whether all is kept, or on its way, or waits for the line. */
  readonly state: 'kept' | 'keeping' | 'waiting';
  readonly problem: string;
  /** Keeps what is not kept yet; false where that did not work. */
  readonly flush: () => Promise<boolean>;
}

/** Before anything is said. */
const NOTHING: PeerWords = { words: '', anchor: null, when: null, takenBack: false };

/** Identifiers have so many characters. */
const NAME = 16;

/** Notes and answers of a reader: as the server has them with what was typed since, kept one after the other. */
export function usePeerWords(readingId: string, given: readonly SaidByPeer[]): PeerWordsAtWork {
  const refusal = useRefusal();
  const [said, setSaid] = useState<ReadonlyMap<string, PeerWords>>(
    () => new Map(given.map(({ name, ...words }) => [name, words])),
  );
  const [state, setState] = useState<PeerWordsAtWork['state']>('kept');
  const [problem, setProblem] = useState('');
  const latest = useRef(said);
  const unsaved = useRef(new Set<string>());
  const going = useRef<Promise<boolean> | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const keepAll = useCallback(async (): Promise<boolean> => {
    for (const name of [...unsaved.current]) {
      const { words = '', anchor = null } = latest.current.get(name) ?? {};
      unsaved.current.delete(name);
      const outcome = await call(keepPeerWords, { readingId, name, words, anchor });
      if (outcome.ok) continue;
      unsaved.current.add(name);
      setProblem(refusal(outcome));
      setState('waiting');
      return false;
    }
    setProblem('');
    setState('kept');
    return true;
  }, [readingId, refusal]);

  const flush = useCallback((): Promise<boolean> => {
    clearTimeout(timer.current);
    // One after the other, so that what was typed last is kept last.
    const next = (going.current ?? Promise.resolve(true)).then(keepAll);
    going.current = next;
    void next.then((kept) => {
      if (!kept) timer.current = setTimeout(() => void flush(), AGAIN);
    });
    return next;
  }, [keepAll]);

  const show = (name: string, words: PeerWords | null) => {
    const next = new Map(latest.current);
    if (words) next.set(name, words);
    else next.delete(name);
    latest.current = next;
    setSaid(next);
  };
  const put = (name: string, words: PeerWords | null) => {
    show(name, words);
    unsaved.current.add(name);
    setState('keeping');
    clearTimeout(timer.current);
    timer.current = setTimeout(() => void flush(), REST);
  };

  useEffect(() => {
    // Whoever leaves the page with words that are nowhere else is asked first.
    const waiting = unsaved.current;
    const stay = (event: BeforeUnloadEvent) => {
      if (waiting.size > 0) event.preventDefault();
    };
    window.addEventListener('beforeunload', stay);
    return () => {
      window.removeEventListener('beforeunload', stay);
      clearTimeout(timer.current);
      if (waiting.size > 0) void keepAll();
    };
  }, [keepAll]);

  return {
    ...{ said, state, problem, flush },
    change: (name, part) => put(name, { ...(latest.current.get(name) ?? NOTHING), ...part }),
    // It is kept once there are words in it.
    begin: (anchor) => {
      const name = newKey().slice(0, NAME);
      show(name, { ...NOTHING, anchor });
      return name;
    },
    drop: (name) => put(name, null),
  };
}
