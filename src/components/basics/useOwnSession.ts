'use client';
import { chooseClass } from '../../contract/doors/chooseClass';
import { ask, send, type Outcome } from './call';
import { leaveNothing } from './signedOut';
import { useAsking } from './useAsking';

interface OwnSession {
  /** Turns to another of one's classes, and goes to a page of it. */
  readonly turnTo: (classId: string, address: string) => Promise<void>;
  readonly signOut: () => Promise<void>;
  /** What went wrong, in words, or nothing. */
  readonly problem: string;
}

/** What somebody does about being signed in. Each ends with a full load, so that nothing of before stays in the page. */
export function useOwnSession(): OwnSession {
  const { problem, wait } = useAsking();
  const andGo = async (answer: Promise<Outcome<unknown>>, address: string) => {
    if ((await wait(answer, { leaves: true })).ok) window.location.assign(address);
  };
  return {
    problem,
    turnTo: (classId, address) => andGo(ask(chooseClass, { classId }), address),
    signOut: async () => {
      if (!(await wait(send('/api/session', 'DELETE'), { leaves: true })).ok) return;
      leaveNothing();
      window.location.assign('/sign-in');
    },
  };
}
