'use client';

import { Plus } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { addressesOf } from '../../contract/addresses';
import { makeAssignment } from '../../contract/assignments/makeAssignment';
import { makePage } from '../../contract/pages/makePage';
import { call, type Outcome } from './call';
import { useAsking } from './useAsking';

/** What can be begun, and where it stands then. */
const MAKING = {
  assignment: async (classId: string) => {
    const made = await call(makeAssignment, { classId });
    return made.ok ? { ok: true, value: addressesOf(classId).assignment(made.value.assignmentId) } : made;
  },
  page: async (classId: string) => {
    const made = await call(makePage, { classId });
    return made.ok ? { ok: true, value: addressesOf(classId).page(made.value.pageId) } : made;
  },
} satisfies Readonly<Record<string, (classId: string) => Promise<Outcome<string>>>>;

interface MakeButtonProps {
  readonly label: string;
  readonly what: keyof typeof MAKING;
  readonly classId: string;
}

/** Begins something new and opens it. */
export function MakeButton({ label, what, classId }: MakeButtonProps) {
  const router = useRouter();
  const { busy, problem, wait } = useAsking();
  const make = async () => {
    const outcome = await wait(MAKING[what](classId), { leaves: true });
    if (outcome.ok) router.push(outcome.value);
  };
  return (
    <span className="grid justify-items-end gap-1">
      <button type="button" className="btn go" disabled={busy} onClick={() => void make()}>
        <Plus aria-hidden="true" size={16} /> {label}
      </button>
      {problem ? (
        <span className="problem" role="alert">
          {problem}
        </span>
      ) : null}
    </span>
  );
}
