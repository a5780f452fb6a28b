'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import type { AtReview } from '../../contract/reviews/atReview';
import { beAtReview } from '../../contract/reviews/beAtReview';
import { takeSlip } from '../../contract/reviews/takeSlip';
import { call, type Refused } from '../basics/call';
import { isOutOfReach } from '../basics/isOutOfReach';

const EVERY = 25_000;

interface ReadHandIn {
  readonly postId: string;
  readonly handInId: string;
  /** As the page was made with. */
  readonly at: AtReview;
}

/**
 * Who else is at a post that is read. What another teacher does to it meanwhile is fetched by itself.
 * @param onRefused told once the post can no longer be read as it stands here: handed in again, deleted, out of the class
 */
export function useAtReview({ postId, handInId, at }: ReadHandIn, onRefused: (refused: Refused) => void) {
  const router = useRouter();
  const [told, setTold] = useState<AtReview | null>(null);
  const page = useRef({ standing: at.standing, onRefused });
  useEffect(() => {
    page.current = { standing: at.standing, onRefused };
  });
  useEffect(() => {
    let left = false;
    const ask = async () => {
      if (document.visibilityState === 'hidden') return;
      const outcome = await call(beAtReview, { postId, handInId });
      if (left) return;
      if (outcome.ok) {
        setTold(outcome.value);
        if (outcome.value.standing !== page.current.standing) router.refresh();
      } else if (!isOutOfReach(outcome.code)) page.current.onRefused(outcome);
    };
    void ask();
    const timer = setInterval(() => void ask(), EVERY);
    const seen = () => void ask();
    document.addEventListener('visibilitychange', seen);
    const leave = () => {
      left = true;
      const body = new Blob([JSON.stringify({ postId, handInId, leaving: true })], {
        type: 'application/json',
      });
      navigator.sendBeacon('/api/do/beAtReview', body);
    };
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      document.removeEventListener('visibilitychange', seen);
      leave();
      clearInterval(timer);
    };
  }, [postId, handInId, router]);
  const take = async (taken: boolean) => {
    const outcome = await call(takeSlip, { postId, handInId, taken });
    if (outcome.ok) {
      setTold(outcome.value);
      router.refresh();
    }
    return outcome;
  };
  return { ...(told ?? at), take };
}
