'use client';

import { Plus } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { makeAssignment } from '../../contract/assignments/makeAssignment';
import { makePage } from '../../contract/pages/makePage';
import { call, type Outcome } from './call';
import { useRefusal } from './useRefusal';

/** What can be begun, and where it stands then. */
const MAKING = {
  assignment: async (classId: string) => atAddress(await call(makeAssignment, { classId }), '/assignments'),
  page: async (classId: string) => atAddress(await call(makePage, { classId }), '/pages'),
} as const;

interface MakeButtonProps {
  readonly label: string;
  readonly what: keyof typeof MAKING;
  readonly classId: string;
}

/** Begins something new and opens it. */
export function MakeButton({ label, what, classId }: MakeButtonProps) {
  const refusal = useRefusal();
  const router = useRouter();
  const [problem, setProblem] = useState('');
  const make = async () => {
    const outcome = await MAKING[what](classId);
    if (outcome.ok) router.push(outcome.value);
    else setProblem(refusal(outcome));
  };
  return (
    <span className="grid justify-items-end gap-1">
      <button type="button" className="btn go" onClick={() => void make()}>
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

/** The address of what was made, in a folder of the desk; its id is all that an answer has. */
function atAddress(outcome: Outcome<Readonly<Record<string, string>>>, folder: string): Outcome<string> {
  if (!outcome.ok) return outcome;
  return { ok: true, value: `${folder}/${Object.values(outcome.value)[0] ?? ''}` };
}
