'use client';

import { useCallback, useEffect, useEffectEvent, useRef, useState } from 'react';
import type { PeerTextShown } from '../../contract/peerReading/peerShown';
import { keepPeerWords } from '../../contract/peerReading/keepPeerWords';
import type { Anchor } from '../../core/notes/anchor';
import { call } from '../basics/call';
import { newKey } from '../basics/newKey';
import type { Owned } from '../basics/device';
import { useRefusal } from '../basics/useRefusal';
import { takenUp, unsavedPeerWords, type UnsavedPeerWords } from './unsavedPeerWords';

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
  /** Whether all is kept, or on its way, or waits for the line: on the device, or in this page alone. */
  readonly state: 'kept' | 'keeping' | 'onDevice' | 'waiting';
  readonly problem: string;
  /** Keeps what is not kept yet; false where that did not work. */
  readonly flush: () => Promise<boolean>;
}

/** Before anything is said. */
const NOTHING: PeerWords = { words: '', anchor: null, when: null, takenBack: false };

/** Identifiers have so many characters. */
const NAME = 16;

/**
 * Notes and answers of a reader: as the server has them with what was typed since, kept one after the other. Until the server has
 * them they are on the device, and are taken up when the page comes again.
 * @param reader who reads, and what seals what they typed on this device
 */
export function usePeerWords({
  readingId,
  said: given,
  reader: { id: personId, sealKey },
}: Pick<PeerTextShown, 'readingId' | 'said' | 'reader'>): PeerWordsAtWork {
  const refusal = useRefusal();
  const [said, setSaid] = useState<ReadonlyMap<string, PeerWords>>(
    () => new Map(given.map(({ name, ...words }) => [name, words])),
  );
  const [state, setState] = useState<PeerWordsAtWork['state']>('kept');
  const [problem, setProblem] = useState('');
  const latest = useRef(said);
  /** What is not kept yet, by name. */
  const unsaved = useRef(new Set<string>());
  /** What the server has, by name. */
  const kept = useRef(new Map(given.map(({ name, words }) => [name, words])));
  /** Whether the device has what is not kept. */
  const safe = useRef(true);
  const going = useRef<Promise<boolean> | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const onDevice = useCallback(async () => {
    const whose: Owned = { personId, id: readingId, sealKey };
    const left = [...unsaved.current].map((name) => {
      const { words = '', anchor = null } = latest.current.get(name) ?? {};
      return [name, { words, anchor, base: kept.current.get(name) ?? '' }] as const;
    });
    if (left.length === 0) await unsavedPeerWords.forget(whose);
    else safe.current = await unsavedPeerWords.keep(whose, Object.fromEntries(left));
  }, [personId, readingId, sealKey]);
  const keepAll = useCallback(async (): Promise<boolean> => {
    for (const name of [...unsaved.current]) {
      const sent = latest.current.get(name);
      const { words = '', anchor = null } = sent ?? {};
      const outcome = await call(keepPeerWords, { readingId, name, words, anchor });
      if (outcome.ok) {
        kept.current.set(name, words);
        if (latest.current.get(name) === sent) unsaved.current.delete(name);
        continue;
      }
      setProblem(refusal(outcome));
      setState(safe.current ? 'onDevice' : 'waiting');
      return false;
    }
    void onDevice();
    setProblem('');
    setState(unsaved.current.size > 0 ? 'keeping' : 'kept');
    return true;
  }, [readingId, refusal, onDevice]);

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
    void onDevice();
    setState('keeping');
    clearTimeout(timer.current);
    timer.current = setTimeout(() => void flush(), REST);
  };

  const takeUp = useEffectEvent((left: Readonly<Record<string, UnsavedPeerWords>>) => {
    for (const [name, one] of Object.entries(left)) {
      const here = latest.current.get(name);
      const words = takenUp(one, here?.words ?? '');
      // What was typed here meanwhile is later.
      if (words === null || unsaved.current.has(name)) continue;
      put(name, words === '' ? null : { ...NOTHING, ...here, anchor: here?.anchor ?? one.anchor, words });
    }
  });
  useEffect(() => {
    let here = true;
    void unsavedPeerWords.find({ personId, id: readingId, sealKey }).then((left) => {
      if (here && left) takeUp(left);
    });
    return () => {
      here = false;
    };
  }, [personId, readingId, sealKey]);
  useEffect(() => {
    // Whoever leaves the page with words that are nowhere else is asked first.
    const waiting = unsaved.current;
    const stay = (event: BeforeUnloadEvent) => {
      if (waiting.size > 0 && !safe.current) event.preventDefault();
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
