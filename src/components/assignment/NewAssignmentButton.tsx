'use client';

import { Plus } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { call } from '../basics/call';
import { useRefusal } from '../basics/useRefusal';

/** Begins a new assignment and opens the builder. */
export function NewAssignmentButton({ classId }: { readonly classId: string }) {
  const t = useTranslations('assignments');
  const refusal = useRefusal();
  const router = useRouter();
  const [problem, setProblem] = useState('');
  const make = async () => {
    const outcome = await call<{ assignmentId: string }>('makeAssignment', { classId });
    if (outcome.ok) router.push(`/assignments/${outcome.value.assignmentId}`);
    else setProblem(refusal(outcome));
  };
  return (
    <span className="grid justify-items-end gap-1">
      <button type="button" className="btn go" onClick={() => void make()}>
        <Plus aria-hidden="true" size={16} /> {t('make')}
      </button>
      {problem ? <span className="problem">{problem}</span> : null}
    </span>
  );
}
