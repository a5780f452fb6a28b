'use client';

import { useEffect, useState } from 'react';
import { beAtPost } from '../../contract/posts/beAtPost';
import { call } from '../basics/call';
import { newKey } from '../basics/newKey';

const EVERY = 20_000;

/**
 * On how many other pages the post is open, in this browser or on another device. Pages of one browser tell each other
 * at once; the others by way of the server.
 */
export function useOtherPages(postId: string): number {
  const [others, setOthers] = useState(0);
  useEffect(() => {
    const page = newKey();
    let left = false;
    const ask = async () => {
      const outcome = await call(beAtPost, { postId, page });
      if (outcome.ok && !left) setOthers(outcome.value.others);
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
  return others;
}
