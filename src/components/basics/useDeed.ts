'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Deed } from '../../contract/deed';
import { call } from './call';
import { useRefusal } from './useRefusal';

/** Does a deed; true when it was done. */
export type Act = <Input, Output>(deed: Deed<Input, Output>, input: NoInfer<Input>) => Promise<boolean>;

interface Doing {
  /** Does something and reads the page's data again; true when it was done. */
  readonly act: Act;
  readonly busy: boolean;
  /** What went wrong, in words, or nothing. */
  readonly problem: string;
  /** The field that the problem is about. */
  readonly field: string | null;
}

/** Something that a button does on the server, with its refusal in words. */
export function useDeed(): Doing {
  const router = useRouter();
  const refusal = useRefusal();
  const [busy, setBusy] = useState(false);
  const [refused, setRefused] = useState<{ problem: string; field: string | null } | null>(null);
  return {
    busy,
    problem: refused?.problem ?? '',
    field: refused?.field ?? null,
    act: async (deed, input) => {
      setBusy(true);
      const outcome = await call(deed, input);
      setBusy(false);
      setRefused(outcome.ok ? null : { problem: refusal(outcome), field: outcome.field ?? null });
      if (outcome.ok) router.refresh();
      return outcome.ok;
    },
  };
}
