'use client';

import { useEffect } from 'react';

const EVERY = 4000;

/**
 * While the server is away, tries again from time to time and as soon as the browser says that the line is back.
 * @param again must stay the same function
 */
export function useTryingAgain(away: boolean, again: () => void): void {
  useEffect(() => {
    if (!away) return undefined;
    const timer = setInterval(again, EVERY);
    window.addEventListener('online', again);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', again);
    };
  }, [away, again]);
}
