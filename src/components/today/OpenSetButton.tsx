'use client';

import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { openSet } from '../../contract/publications/openSet';
import { call } from '../basics/call';
import { useAsking } from '../basics/useAsking';

/** Opens an assignment's whole set to its readers. */
export function OpenSetButton({ assignmentId }: { readonly assignmentId: string }) {
  const t = useTranslations('today');
  const router = useRouter();
  const { busy, problem, wait } = useAsking();
  const [sure, setSure] = useState(false);
  /** Whose posts were left out. */
  const [leftOut, setLeftOut] = useState<readonly string[]>([]);
  const open = async () => {
    const outcome = await wait(call(openSet, { assignmentId }));
    if (outcome.ok && outcome.value.leftOut.length > 0) setLeftOut(outcome.value.leftOut);
    else if (outcome.ok) router.refresh();
  };
  if (leftOut.length > 0)
    return (
      <span className="grid justify-items-end gap-1" role="status">
        <span>{t('leftOut', { names: leftOut.join(', '), count: leftOut.length })}</span>
        <button type="button" className="btn" onClick={() => router.refresh()}>
          {t('leftOutSeen')}
        </button>
      </span>
    );
  return (
    <span className="grid justify-items-end gap-1">
      <button
        type="button"
        className={sure ? 'btn go' : 'btn'}
        disabled={busy}
        onClick={() => (sure ? void open() : setSure(true))}
      >
        {sure ? t('openForReaders') : t('openSet')}
      </button>
      {problem ? <span className="problem">{problem}</span> : null}
    </span>
  );
}
