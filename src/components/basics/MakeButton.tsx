'use client';

import { Plus } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { call } from './call';
import { useRefusal } from './useRefusal';

interface MakeButtonProps {
  readonly label: string;
  readonly useCase: string;
  readonly input: object;
  /** The folder of the desk in which what was made stands, such as `/pages`. */
  readonly under: string;
  /** The field of the use case's answer that says what it is called there. */
  readonly id: string;
}

/** Begins something new and opens it. */
export function MakeButton({ label, useCase, input, under, id }: MakeButtonProps) {
  const refusal = useRefusal();
  const router = useRouter();
  const [problem, setProblem] = useState('');
  const make = async () => {
    const outcome = await call<Readonly<Record<string, string>>>(useCase, input);
    if (outcome.ok) router.push(`${under}/${outcome.value[id] ?? ''}`);
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
