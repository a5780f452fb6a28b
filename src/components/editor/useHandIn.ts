'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { handIn as handInDeed } from '../../contract/posts/handIn';
import { narrowAudience } from '../../contract/posts/narrowAudience';
import type { Audience } from '../../core/access/audience';
import type { Requirement } from '../../core/requirements/requirement';
import { useRequirementLine, useRequirementName } from '../railing/RequirementLine';
import { call, type Refused } from '../basics/call';
import { useAddresses } from '../desk/useAddresses';
import { useRefusal } from '../basics/useRefusal';
import type { Saving } from './useSaving';

interface HandingIn {
  readonly audience: Audience;
  readonly busy: boolean;
  /** Why it was refused, in words, or nothing. */
  readonly problem: string;
  readonly handIn: () => Promise<void>;
  readonly chooseAudience: (audience: Audience) => Promise<void>;
}

/** What is done at the gate: handing in what is saved, and letting fewer people read it. */
export function useHandIn(
  postId: string,
  saving: Saving,
  first: Audience,
  requirements: readonly Requirement[],
): HandingIn {
  const nameOf = useRequirementName();
  const lineOf = useRequirementLine();
  const refusal = useRefusal();
  const router = useRouter();
  const addresses = useAddresses();
  const [audience, setAudience] = useState(first);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  /** A refusal with the requirement that it is about: what only the server can look at may be found wanting there. */
  const withWanting = (outcome: Refused) => {
    const wanting = requirements.find((requirement) => requirement.id === outcome.field);
    const { line: key, ...values } = outcome.values ?? {};
    return {
      ...outcome,
      values: {
        ...values,
        name: wanting ? nameOf(wanting) : 'none',
        line: wanting && key ? lineOf(wanting.kind, { key: String(key), values }) : '',
      },
    };
  };
  const handIn = async () => {
    setBusy(true);
    setProblem('');
    const saved = await saving.flush();
    const outcome = saved
      ? await call(handInDeed, { postId, version: saving.currentVersion() })
      : ({ ok: false, code: 'post.notSaved' } as const);
    if (outcome.ok) return router.push(addresses.receipt(postId));
    setProblem(refusal(withWanting(outcome)));
    return setBusy(false);
  };
  const chooseAudience = async (chosen: Audience) => {
    const outcome = await call(narrowAudience, { postId, audience: chosen });
    if (outcome.ok) setAudience(chosen);
    else setProblem(refusal(outcome));
  };
  return { audience, busy, problem, handIn, chooseAudience };
}
