'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { handIn as handInDeed } from '../../contract/posts/handIn';
import { narrowAudience } from '../../contract/posts/narrowAudience';
import type { Audience } from '../../core/access/audience';
import type { Requirement } from '../../core/requirements/requirement';
import { useRequirementLine, useRequirementName } from '../railing/RequirementLine';
import { call, type Outcome } from '../basics/call';
import { useAddresses } from '../desk/useAddresses';
import { useAsking } from '../basics/useAsking';
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
  const router = useRouter();
  const addresses = useAddresses();
  const [audience, setAudience] = useState(first);
  const { busy, problem, wait } = useAsking();
  /** A refusal with the requirement that it is about: what only the server can look at may be found wanting there. */
  const withWanting = <Value>(outcome: Outcome<Value>): Outcome<Value> => {
    if (outcome.ok) return outcome;
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
  const handInSaved = async (): Promise<Outcome<unknown>> =>
    (await saving.flush())
      ? withWanting(await call(handInDeed, { postId, version: saving.version() }))
      : { ok: false, code: 'post.notSaved' };
  const handIn = async () => {
    if ((await wait(handInSaved(), { leaves: true })).ok) router.push(addresses.receipt(postId));
  };
  const chooseAudience = async (chosen: Audience) => {
    if ((await wait(call(narrowAudience, { postId, audience: chosen }))).ok) setAudience(chosen);
  };
  return { audience, busy, problem, handIn, chooseAudience };
}
