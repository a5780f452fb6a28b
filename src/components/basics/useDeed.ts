'use client';

import { useRouter } from 'next/navigation';
import type { Deed } from '../../contract/deed';
import { call } from './call';
import { useAsking } from './useAsking';

/** Does a deed; true when it was done. */
export type Act = <Input, Output>(deed: Deed<Input, Output>, input: NoInfer<Input>) => Promise<boolean>;

interface Doing {
  /** Does something and reads the page's data again; true when it was done. */
  readonly act: Act;
  readonly busy: boolean;
  /** What went wrong, in words, or nothing. */
  readonly problem: string;
  /** The field that the problem is about; empty where it is about none. */
  readonly field: string;
}

/** Something that a button does on the server, with its refusal in words. */
export function useDeed(): Doing {
  const router = useRouter();
  const { busy, problem, field, wait } = useAsking();
  return {
    busy,
    problem,
    field,
    act: async (deed, input) => {
      const outcome = await wait(call(deed, input));
      if (outcome.ok) router.refresh();
      return outcome.ok;
    },
  };
}
