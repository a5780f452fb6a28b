import type { RequirementAnswer } from './answer';

/** What of an answer figures and pickets are made of. */
export type CountedRequirement = Pick<
  RequirementAnswer,
  'id' | 'kind' | 'state' | 'reason' | 'share' | 'earned' | 'possible'
>;

/** Answers to the requirements of a post, without where in its text they stand. */
export interface Counted {
  readonly requirements: readonly CountedRequirement[];
}
