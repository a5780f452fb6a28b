'use client';

import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { useRefusal } from '../basics/useRefusal';
import type { ReviewProps } from './reviewProps';

/** How soon it is asked again whether a decision has been carried out, in milliseconds. */
const AGAIN = 1500;

/** In the gate: what was decided a moment ago, until it counts; or why it could not be carried out. */
export function PendingDecision({ pending }: Pick<ReviewProps, 'pending'>) {
  const t = useTranslations('review.undo');
  const refusal = useRefusal();
  const router = useRouter();
  const waits = pending !== null && pending.refused === null;
  useEffect(() => {
    if (!waits) return undefined;
    let timer: ReturnType<typeof setTimeout>;
    const ask = () => {
      router.refresh();
      timer = setTimeout(ask, AGAIN);
    };
    timer = setTimeout(ask, pending.countsIn + AGAIN / 2);
    return () => clearTimeout(timer);
  }, [waits, pending?.countsIn, router]);
  if (!pending) return null;
  const { decision, mine, name, refused } = pending;
  return (
    <p className={`px-2.5 pb-1.5 text-[13px] ${refused === null ? '' : 'problem'}`}>
      {refused !== null
        ? t('notDone', { decision, why: refusal({ code: refused }) })
        : mine
          ? t('mine', { decision })
          : t('others', { decision, name })}
    </p>
  );
}
