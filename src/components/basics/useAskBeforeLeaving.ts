'use client';

import { useEffect } from 'react';

/**
 * Asks before somebody leaves a page with something that would be lost: by a link, by closing, by going elsewhere.
 * @param lost what would be lost, in a sentence that ends with the question; empty where nothing would
 */
export function useAskBeforeLeaving(lost: string): void {
  useEffect(() => {
    if (!lost) return;
    const stay = (event: BeforeUnloadEvent) => event.preventDefault();
    // A link within the application changes the page without unloading it.
    const ask = (event: MouseEvent) => {
      const link = event.target instanceof Element ? event.target.closest('a[href]') : null;
      const elsewhere =
        link instanceof HTMLAnchorElement && link.target === '' && !link.hasAttribute('download');
      const plain = event.button === 0 && !event.metaKey && !event.ctrlKey && !event.shiftKey;
      const same = link instanceof HTMLAnchorElement && link.pathname === window.location.pathname;
      if (!elsewhere || !plain || same || window.confirm(lost)) return;
      event.preventDefault();
      event.stopPropagation();
    };
    window.addEventListener('beforeunload', stay);
    document.addEventListener('click', ask, true);
    return () => {
      window.removeEventListener('beforeunload', stay);
      document.removeEventListener('click', ask, true);
    };
  }, [lost]);
}
