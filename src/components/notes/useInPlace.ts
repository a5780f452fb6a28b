'use client';

import { useEffect, useRef, type RefObject } from 'react';

/** The field of a note that was begun or is to be looked at: it has the focus, and stands before the eyes once it has its place. */
export function useInPlace(isCurrent: boolean): RefObject<HTMLTextAreaElement | null> {
  const field = useRef<HTMLTextAreaElement>(null);
  useEffect(() => {
    if (!isCurrent) return undefined;
    field.current?.focus({ preventScroll: true });
    // Once it has its place beside the passage.
    const turn = requestAnimationFrame(() => field.current?.scrollIntoView({ block: 'center' }));
    return () => cancelAnimationFrame(turn);
  }, [isCurrent]);
  return field;
}
