'use client';

import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { addressesOf } from '../../contract/addresses';
import { beginPost } from '../../contract/posts/beginPost';
import { call } from '../basics/call';
import { useRefusal } from '../basics/useRefusal';

interface BeginButtonProps {
  readonly classId: string;
  readonly assignmentId: string;
  readonly label: string;
  readonly children: ReactNode;
}

/** Begins a post for an assignment and opens the writing desk. */
export function BeginButton({ classId, assignmentId, label, children }: BeginButtonProps) {
  const router = useRouter();
  const refusal = useRefusal();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const begin = async () => {
    setBusy(true);
    const outcome = await call(beginPost, { assignmentId });
    if (outcome.ok) return router.push(addressesOf(classId).post(outcome.value.postId));
    setProblem(refusal(outcome));
    return setBusy(false);
  };
  return (
    <span className="grid gap-1">
      <button
        type="button"
        className="btn go"
        aria-label={label}
        disabled={busy}
        onClick={() => void begin()}
      >
        {children}
      </button>
      {problem ? <span className="problem">{problem}</span> : null}
    </span>
  );
}
