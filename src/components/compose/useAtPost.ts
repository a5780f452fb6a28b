'use client';

import { useEffect, useState } from 'react';
import { beAtPost } from '../../contract/posts/beAtPost';
import { call } from '../basics/call';
import { newKey } from '../basics/newKey';

const EVERY = 20_000;

interface AtPost {
  /** On how many other pages the post is open, in this browser or on another device. */
  readonly others: number;
  /** How it stands with reading each other, as a key that is another whenever that is; null where nobody does. */
  readonly peers: string | null;
}

/** What else goes on at a post. Pages of one browser tell each other at once; all else comes by way of the server. */
export function useAtPost(postId: string, { readEachOther }: { readonly readEachOther: boolean }): AtPost {
  const [here, setHere] = useState<AtPost>({ others: 0, peers: readEachOther ? '' : null });
  useEffect(() => {
    const page = newKey();
    let left = false;
    const ask = async () => {
      const outcome = await call(beAtPost, { postId, page });
      if (outcome.ok && !left) setHere(outcome.value);
    };
    const neighbours = new BroadcastChannel(`porch:post:${postId}`);
    const told = () => void ask();
    neighbours.addEventListener('message', told);
    void ask().then(() => neighbours.postMessage('opened'));
    const timer = setInterval(told, EVERY);
    const leave = () => {
      left = true;
      const body = new Blob([JSON.stringify({ postId, page, leaving: true })], { type: 'application/json' });
      navigator.sendBeacon('/api/do/beAtPost', body);
      neighbours.postMessage('closed');
    };
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      leave();
      clearInterval(timer);
      neighbours.close();
    };
  }, [postId]);
  return here;
}
