'use client';

import { useRouter } from 'next/navigation';
import { type ReactNode } from 'react';
import { addressesOf } from '../../contract/addresses';
import { beginPost } from '../../contract/posts/beginPost';
import { call } from '../basics/call';
import { useAsking } from '../basics/useAsking';

interface BeginButtonProps {
  readonly classId: string;
  readonly assignmentId: string;
  readonly label: string;
  readonly children: ReactNode;
}

/** Begins a post for an assignment and opens the writing desk. */
export function BeginButton({ classId, assignmentId, label, children }: BeginButtonProps) {
  const router = useRouter();
  const { busy, problem, wait } = useAsking();
  const begin = async () => {
    const outcome = await wait(call(beginPost, { assignmentId }), { leaves: true });
    if (outcome.ok) router.push(addressesOf(classId).post(outcome.value.postId));
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
