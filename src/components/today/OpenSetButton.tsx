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
  const open = async () => {
    if ((await wait(call(openSet, { assignmentId }))).ok) router.refresh();
  };
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
