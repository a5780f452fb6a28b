'use client';

import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { openSet } from '../../contract/publications/openSet';
import { call } from '../basics/call';
import { useRefusal } from '../basics/useRefusal';

/** Opens an assignment's whole set to its readers. */
export function OpenSetButton({ assignmentId }: { readonly assignmentId: string }) {
  const t = useTranslations('today');
  const refusal = useRefusal();
  const router = useRouter();
  const [problem, setProblem] = useState('');
  const [sure, setSure] = useState(false);
  const open = async () => {
    const outcome = await call(openSet, { assignmentId });
    if (outcome.ok) router.refresh();
    else setProblem(refusal(outcome));
  };
  return (
    <span className="grid justify-items-end gap-1">
      <button
        type="button"
        className={sure ? 'btn go' : 'btn'}
        onClick={() => (sure ? void open() : setSure(true))}
      >
        {sure ? t('openForReaders') : t('openSet')}
      </button>
      {problem ? <span className="problem">{problem}</span> : null}
    </span>
  );
}
