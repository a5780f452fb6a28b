'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { leaveWithTheOthers } from './signedOut';

/** What the browser's Back button brings out of memory is fetched again: a list shows what has been done since. */
export function FetchAgain(): null {
  const router = useRouter();
  useEffect(() => {
    // After the router has put the remembered page there.
    const again = () => setTimeout(() => router.refresh());
    const kept = (event: PageTransitionEvent) => {
      if (event.persisted) again();
    };
    window.addEventListener('popstate', again);
    window.addEventListener('pageshow', kept);
    return () => {
      window.removeEventListener('popstate', again);
      window.removeEventListener('pageshow', kept);
    };
  }, [router]);
  // What stands in this tab is read by nobody once its reader has signed out in another.
  useEffect(() => leaveWithTheOthers(), []);
  return null;
}
