import type { Requirement } from '../../../core/requirements/requirement';

/** What the form part of a kind is given. `change` sets settings; undefined takes one away. */
export interface RequirementFormProps {
  readonly requirement: Requirement;
  readonly classLabels: readonly string[];
  readonly number: number;
  readonly change: (settings: Readonly<Record<string, unknown>>) => void;
}
