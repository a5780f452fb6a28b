import type { RequirementAnswer } from './answer';
import type { CountedRequirement } from './counted';
import type { RequirementBase } from './requirement';

/** How one picket of the railing stands. */
export const SLATS = ['met', 'partly', 'gap', 'over', 'unknown', 'bonus', 'bonusOffered', 'waits'] as const;
export type Slat = (typeof SLATS)[number];

type Weight = RequirementBase['weight'];

const USUAL = 5;
/** Up to so many things asked for, each has a picket of its own. */
const MOST_SINGLE = 8;

/** The pickets of a requirement's bay, in reading order. */
export function slats(answer: RequirementAnswer, weight: Weight): readonly Slat[] {
  const wanted = answer.target.min ?? 0;
  const single = wanted > 1 && wanted <= MOST_SINGLE;
  const count = single ? wanted : answer.kind === 'words' ? MOST_SINGLE : USUAL;
  if (weight === 'bonus' || answer.state !== 'partly')
    return Array.from({ length: count }, () => mark(answer, weight));
  const measured = answer.measured ?? 0;
  // Whatever else is fulfilled, no more stand whole than there are.
  const there = wanted > 1 ? Math.min(answer.share, measured / wanted) : answer.share;
  const whole = single ? Math.min(wanted, measured) : Math.floor(there * count);
  // What is begun but does not count yet stands half as high; so does what is left of a share.
  const begun = single
    ? new Set(answer.places.map((place) => place.from)).size
    : answer.share * count > whole
      ? 1
      : 0;
  return Array.from({ length: count }, (_, index) =>
    index < whole ? 'met' : index < whole + begun ? 'partly' : 'gap',
  );
}

/** The one picket that stands for a requirement in the small railing. */
export function mark(answer: Pick<CountedRequirement, 'state' | 'reason'>, weight: Weight): Slat {
  if (weight === 'bonus') return answer.state === 'met' ? 'bonus' : 'bonusOffered';
  switch (answer.state) {
    case 'met':
      return 'met';
    case 'partly':
      return 'partly';
    case 'over':
      return 'over';
    case 'unmet':
      return 'gap';
    case 'unknown':
      return answer.reason === 'teacher' ? 'waits' : 'unknown';
  }
}

/**
 * What a requirement of an answer weighs in an assignment that may have changed since; one that it has lost is of no
 * weight any more.
 */
export function weightOf(requirements: readonly RequirementBase[], id: string): Weight {
  return requirements.find((requirement) => requirement.id === id)?.weight ?? 'advice';
}

/** The small railing of an answer. */
export function marks(
  answers: readonly CountedRequirement[],
  requirements: readonly RequirementBase[],
): readonly Slat[] {
  return answers.map((answer) => mark(answer, weightOf(requirements, answer.id)));
}
