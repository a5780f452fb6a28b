'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useCallback, useEffect, useRef, useState } from 'react';
import { addressesOf } from '../../contract/addresses';
import { useTryingAgain } from '../basics/useTryingAgain';
import type { Waited } from './handInWaiting';

type Told = Exclude<Waited, { readonly kind: 'gone' }>;

/** What the page itself needs comes first; milliseconds. */
const AFTER = 1500;

/** Presses of Hand it in that wait on this device: they go by themselves from every page of the desk, and say so. */
export function WaitingPresses({ personId }: { readonly personId: string }) {
  const t = useTranslations('lintel.waiting');
  const path = usePathname();
  const [told, setTold] = useState<ReadonlyMap<string, Told>>(new Map());
  /** Without a line even what hands in cannot be fetched. */
  const [away, setAway] = useState(false);
  const busy = useRef(false);
  const look = useCallback(async () => {
    if (busy.current) return;
    busy.current = true;
    try {
      const { handInWaiting } = await import('./handInWaiting');
      const { listPressed } = await import('../basics/unsavedCopy');
      setAway(false);
      for (const postId of await listPressed(personId)) {
        // The post's own page has the words before it.
        if (window.location.pathname.includes(`/writing/${postId}`)) continue;
        const outcome = await handInWaiting(personId, postId);
        setTold((now) => {
          const others = new Map(now);
          if (outcome.kind === 'gone') others.delete(postId);
          else others.set(postId, outcome);
          return others;
        });
      }
    } catch {
      setAway(true);
    } finally {
      busy.current = false;
    }
  }, [personId]);
  useEffect(() => {
    const timer = setTimeout(() => void look(), AFTER);
    return () => clearTimeout(timer);
  }, [look, path]);
  const again = useCallback(() => void look(), [look]);
  useTryingAgain(away || [...told.values()].some((one) => one.kind === 'waits'), again);
  const shown = [...told].filter(([postId]) => !path.includes(`/writing/${postId}`));
  return (
    <div role="status" className="no-print">
      {shown.map(([postId, one]) => (
        <p key={postId} className="border-b border-line bg-sheet px-4 py-2 sm:px-9">
          {one.kind === 'waits' ? t('waits') : t(one.kind, { title: one.title || t('untitled') })}{' '}
          {one.kind === 'handedIn' ? (
            <Link className="act" href={addressesOf(one.classId).receipt(postId)} prefetch={false}>
              {t('receipt')}
            </Link>
          ) : null}
          {one.kind === 'look' ? (
            <Link className="act" href={addressesOf(one.classId).post(postId)} prefetch={false}>
              {t('open')}
            </Link>
          ) : null}
        </p>
      ))}
    </div>
  );
}
