'use client';

import { useEffect, useMemo, useRef } from 'react';

/** A page that is not looked at is never painted; nothing waits longer than this, in milliseconds. */
const LONGEST_WAIT = 100;

interface AfterPaint<Value> {
  /** Hands a value over once the page is painted; only the latest of those given until then. */
  readonly later: (value: Value) => void;
  /** Hands over now what waits. */
  readonly now: () => void;
}

/**
 * Hands over what a key changed after the letter stands on the screen: nothing that is not the letter itself keeps the writer
 * waiting. When the page is left or hidden, what waits is handed over before anything else hears of it.
 */
export function useAfterPaint<Value>(handOver: (value: Value) => void): AfterPaint<Value> {
  const latest = useRef(handOver);
  useEffect(() => {
    latest.current = handOver;
  });
  const queue = useMemo(() => makeQueue<Value>((value) => latest.current(value)), []);
  useEffect(() => {
    window.addEventListener('pagehide', queue.now, true);
    window.addEventListener('visibilitychange', queue.now, true);
    return () => {
      window.removeEventListener('pagehide', queue.now, true);
      window.removeEventListener('visibilitychange', queue.now, true);
      queue.now();
    };
  }, [queue]);
  return queue;
}

function makeQueue<Value>(handOver: (value: Value) => void): AfterPaint<Value> {
  let waiting: { readonly value: Value } | null = null;
  const timers: {
    frame?: number;
    after?: ReturnType<typeof setTimeout>;
    longest?: ReturnType<typeof setTimeout>;
  } = {};
  const now = () => {
    const given = waiting;
    if (!given) return;
    waiting = null;
    cancelAnimationFrame(timers.frame ?? 0);
    clearTimeout(timers.after);
    clearTimeout(timers.longest);
    handOver(given.value);
  };
  const later = (value: Value) => {
    const already = waiting !== null;
    waiting = { value };
    if (already) return;
    // A frame's callbacks run before it is painted, and what they put off comes after.
    timers.frame = requestAnimationFrame(() => {
      timers.after = setTimeout(now);
    });
    timers.longest = setTimeout(now, LONGEST_WAIT);
  };
  return { later, now };
}
