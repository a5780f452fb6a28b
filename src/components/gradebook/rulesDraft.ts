import type { GradebookRules } from '../../core/gradebook/rules';

/** What is to count, with where each column stands. */
export interface RulesDraft extends GradebookRules {
  readonly places: Readonly<Record<string, string | null>>;
}
