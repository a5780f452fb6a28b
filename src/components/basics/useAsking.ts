'use client';

import { useState } from 'react';
import type { Outcome } from './call';
import { useRefusal } from './useRefusal';

export interface Asking {
  /** Whether an answer is waited for, or the page is about to be left. */
  readonly busy: boolean;
  /** What went wrong, in words, or nothing. */
  readonly problem: string;
  /** The field that the problem is about; empty where it is about none. */
  readonly field: string;
  /** The problem where it is about a field. */
  readonly problemAt: (field: string) => string;
  /**
   * Waits for an answer, and says what was refused.
   * @param leaves where the page is left once it was done: nobody presses again meanwhile
   */
  readonly wait: <Value>(
    answer: Promise<Outcome<Value>>,
    on?: { readonly leaves?: boolean },
  ) => Promise<Outcome<Value>>;
  /** Says what the page itself found wrong; nothing takes back what was said. */
  readonly say: (problem: string, field?: string) => void;
}

/** Something asked of the server: whether it is at it, and what went wrong, in words at its field. */
export function useAsking(): Asking {
  const refusal = useRefusal();
  const [busy, setBusy] = useState(false);
  const [{ problem, field }, setWrong] = useState({ problem: '', field: '' });
  return {
    busy,
    problem,
    field,
    problemAt: (at) => (field === at ? problem : ''),
    wait: async (answer, { leaves = false } = {}) => {
      setBusy(true);
      const outcome = await answer;
      if (!outcome.ok || !leaves) setBusy(false);
      setWrong(
        outcome.ok ? { problem: '', field: '' } : { problem: refusal(outcome), field: outcome.field ?? '' },
      );
      return outcome;
    },
    say: (said, at = '') => setWrong({ problem: said, field: at }),
  };
}
