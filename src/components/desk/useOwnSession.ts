'use client';

import { useState } from 'react';
import { chooseClass } from '../../contract/doors/chooseClass';
import { ask, send, type Outcome } from '../basics/call';
import { useRefusal } from '../basics/useRefusal';

interface OwnSession {
  /** Turns to another of one's classes, and goes to a page of it. */
  readonly turnTo: (classId: string, address: string) => Promise<void>;
  readonly signOut: () => Promise<void>;
  /** What went wrong, in words, or nothing. */
  readonly problem: string;
}

/** What somebody does about being signed in. Each ends with a full load, so that nothing of before stays in the page. */
export function useOwnSession(): OwnSession {
  const refusal = useRefusal();
  const [problem, setProblem] = useState('');
  const andGo = (outcome: Outcome<unknown>, address: string) => {
    if (outcome.ok) window.location.assign(address);
    else setProblem(refusal(outcome));
  };
  return {
    problem,
    turnTo: async (classId, address) => andGo(await ask(chooseClass, { classId }), address),
    signOut: async () => andGo(await send('/api/session', 'DELETE'), '/sign-in'),
  };
}
