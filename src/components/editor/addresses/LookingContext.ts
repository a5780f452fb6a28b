'use client';

import { createContext, useContext } from 'react';
import type { OpenResult } from '../../../core/requirements/post';

/** What is known of the addresses in what is being written, and asking for more. */
export interface Looking {
  /** A post, or an assignment whose instructions are written. */
  readonly writingId: string;
  readonly classId: string;
  /** By the address as the WHATWG URL parser writes it. */
  readonly results: Readonly<Record<string, OpenResult>>;
  /** Has the server look at addresses, also again at those it has looked at. */
  readonly look: (addresses: readonly string[]) => Promise<void>;
  /** Takes note of what was found out in another way. */
  readonly report: (address: string, result: OpenResult) => void;
}

export const LookingContext = createContext<Looking>({
  writingId: '',
  classId: '',
  results: {},
  look: () => Promise.resolve(),
  report: () => undefined,
});

export function useLooking(): Looking {
  return useContext(LookingContext);
}
