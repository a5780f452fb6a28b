'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { settleSecondReading } from '../../contract/secondReadings/settleSecondReading';
import { grade } from '../../core/grading/grade';
import { call } from '../basics/call';
import { useAsking } from '../basics/useAsking';
import type { SecondRowShown } from './secondProps';

/** The levels that are to be set of a post that both readers judged. */
export interface Setting {
  /** Indices of levels by criterion. */
  readonly levels: Readonly<Record<string, number>>;
  /** What they come to. */
  readonly figure: number;
  readonly reason: string;
  readonly busy: boolean;
  readonly problem: string;
  readonly choose: (criterionId: string, level: number) => void;
  readonly say: (reason: string) => void;
  /** Sets them; true when it was done. */
  readonly set: () => Promise<boolean>;
}

interface Begun {
  readonly levels: Readonly<Record<string, number>>;
  readonly reason: string;
}

/**
 * What is chosen for each post of a second reading, so that whoever looks at another one in between loses nothing.
 * @returns null for a post of which nothing can be set
 */
export function useSetting(): (row: SecondRowShown | null) => Setting | null {
  const router = useRouter();
  const { busy, problem, wait, say } = useAsking();
  const [begun, setBegun] = useState<Readonly<Record<string, Begun>>>({});
  return (row) => {
    if (!row?.input || !row.first) return null;
    const { input, postId, handInId, settled } = row;
    const { levels, reason } = begun[postId] ?? {
      levels: settled?.levels ?? row.first.levels,
      reason: settled?.reason ?? '',
    };
    const change = (more: Partial<Begun>) => {
      setBegun((before) => ({ ...before, [postId]: { levels, reason, ...more } }));
      if (problem) say('');
    };
    const rubric = input.rubric.map((one) => ({ ...one, chosen: levels[one.id] ?? null }));
    return {
      levels,
      figure: grade({ ...input, rubric, override: null }).grade,
      reason,
      busy,
      problem,
      choose: (criterionId, level) => change({ levels: { ...levels, [criterionId]: level } }),
      say: (typed) => change({ reason: typed }),
      set: async () => {
        const outcome = await wait(call(settleSecondReading, { postId, handInId, levels, reason }));
        if (outcome.ok) router.refresh();
        return outcome.ok;
      },
    };
  };
}
