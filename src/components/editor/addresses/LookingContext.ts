'use client';

import { createContext, useContext } from 'react';
import type { OpenResult } from '../../../core/requirements/post';

/** What is known of the addresses in the post before the writer, and asking for more. */
export interface Looking {
  readonly postId: string;
  readonly classId: string;
  /** By the address as the WHATWG URL parser writes it. */
  readonly results: Readonly<Record<string, OpenResult>>;
  /** Has the server look at addresses, also again at those it has looked at. */
  readonly look: (addresses: readonly string[]) => Promise<void>;
  /** Takes note of what was found out in another way. */
  readonly report: (address: string, result: OpenResult) => void;
}

export const LookingContext = createContext<Looking>({
  postId: '',
  classId: '',
  results: {},
  look: () => Promise.resolve(),
  report: () => undefined,
});

export function useLooking(): Looking {
  return useContext(LookingContext);
}
