'use client';

import { useEffect, useRef } from 'react';
import { isBehind } from './savedVersion';

/**
 * A page that is older than what this tab saved would go on from there: it is fetched again before anything is written.
 * @param id of what is written in the page
 * @param version that the page was made with
 */
export function useFreshPage(id: string, version: number): void {
  // Versions that come later are the page's own.
  const madeWith = useRef(version);
  useEffect(() => {
    if (isBehind(id, madeWith.current)) window.location.reload();
  }, [id]);
}
