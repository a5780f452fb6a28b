'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { reviewAddress } from '../../contract/addresses';
import { handIn as handInDeed } from '../../contract/posts/handIn';
import { narrowAudience } from '../../contract/posts/narrowAudience';
import type { Audience } from '../../core/access/audience';
import type { Pressed } from '../../core/timing/pressed';
import { useRequirementLine, useRequirementName } from '../railing/RequirementLine';
import { call, type Outcome } from '../basics/call';
import { isOutOfReach } from '../basics/isOutOfReach';
import { useAddresses } from '../desk/useAddresses';
import { useAsking } from '../basics/useAsking';
import type { ComposeProps } from './composeProps';
import { useLatePress, type LatePress } from './useLatePress';
import type { WritingDesk } from './useWritingDesk';

interface HandingIn {
  readonly audience: Audience;
  readonly busy: boolean;
  /** Why it was refused, in words, or nothing. */
  readonly problem: string;
  readonly handIn: () => Promise<void>;
  readonly chooseAudience: (audience: Audience) => Promise<void>;
  /** A press that waits for the line. */
  readonly latePress: LatePress;
}

/** What is done at the gate: handing in what is saved, and letting fewer people read it. */
export function useHandIn(
  {
    post: { id: postId },
    writer: { id: personId },
    readers,
    typing,
    assignment: { requirements },
  }: ComposeProps,
  desk: Pick<WritingDesk, 'saving' | 'whole' | 'writing'>,
): HandingIn {
  const { saving } = desk;
  const nameOf = useRequirementName();
  const lineOf = useRequirementLine();
  const router = useRouter();
  const addresses = useAddresses();
  /** Who typed it in for its writer reads it next. */
  const then = typing?.mine ? reviewAddress(postId) : addresses.receipt(postId);
  const [audience, setAudience] = useState(readers.audience);
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
  const handInSaved = async (late: { readonly pressed?: Pressed } = {}): Promise<Outcome<unknown>> =>
    (await saving.flush())
      ? withWanting(await call(handInDeed, { postId, version: saving.version(), ...late }))
      : { ok: false, code: 'post.notSaved' };
  const latePress = useLatePress({
    personId,
    postId,
    desk,
    send: async (at) => {
      const outcome = await handInSaved({ pressed: { at, deviceNow: Date.now() } });
      if (outcome.ok) router.push(then);
      else if (!isOutOfReach(outcome.code)) await wait(Promise.resolve(outcome));
      return outcome;
    },
  });
  const handIn = async () => {
    const outcome = await handInSaved();
    // Without a line the press waits, and says so where the words are said to be safe.
    if (!outcome.ok && (isOutOfReach(outcome.code) || (outcome.code === 'post.notSaved' && saving.isAway())))
      latePress.begin();
    else if ((await wait(Promise.resolve(outcome), { leaves: true })).ok) router.push(then);
  };
  const chooseAudience = async (chosen: Audience) => {
    if ((await wait(call(narrowAudience, { postId, audience: chosen }))).ok) setAudience(chosen);
  };
  return { audience, busy, problem, handIn, chooseAudience, latePress };
}
