import type { Answer } from './answer';
import type { CountedRequirement } from './counted';
import { summarise } from './evaluate';
import type { Requirement } from './requirement';
import { weightOf } from './slats';

/** That a teacher counts something otherwise than the machine found, and why. */
export interface Overruling {
  readonly met: boolean;
  readonly reason: string;
}

/**
 * An answer as it counts once a teacher has said otherwise than the machine: met with all its points, or not met with none. What the
 * machine found goes on to stand in its line.
 * @param overrulings by the requirement's id; what is looked for by eye is never among them
 */
export function overrule(
  answer: Answer,
  requirements: readonly Requirement[],
  overrulings: Readonly<Record<string, Overruling>>,
): Answer {
  const answers = answer.requirements.map((one) => overruled(one, overrulings));
  return summarise(
    answers,
    answers.map((one) => weightOf(requirements, one.id)),
  );
}

/** The same for the answer to one requirement. */
export function overruled<Of extends CountedRequirement>(
  one: Of,
  overrulings: Readonly<Record<string, Overruling>>,
): Of {
  const said = one.kind === 'judged' ? undefined : overrulings[one.id];
  if (!said) return one;
  return {
    ...one,
    state: said.met ? 'met' : 'unmet',
    reason: null,
    share: said.met ? 1 : 0,
    earned: said.met ? one.possible : 0,
  };
}
