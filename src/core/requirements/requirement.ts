/** The parts of a requirement that are the same for every kind. */
export interface RequirementBase {
  readonly id: string;
  readonly kind: string;
  /** `required` and `bonus` carry points, `advice` none. */
  readonly weight: 'required' | 'bonus' | 'advice';
  readonly points?: number;
  /** Whether part of what is asked earns part of the points. */
  readonly partial?: boolean;
  /** The teacher's own words for it. */
  readonly text?: string;
}

/** A requirement of any kind; its further fields are the settings that its kind's schema describes. */
export type Requirement = RequirementBase & { readonly [setting: string]: unknown };

/** Whether one of an assignment's requirements is of a kind. */
export function asksFor(requirements: readonly Requirement[], kind: string): boolean {
  return requirements.some((requirement) => requirement.kind === kind);
}

/** What of an assignment the requirements are measured with. */
export interface AssignmentContext {
  readonly number: number;
  readonly title: string;
  /** The day of the lesson, `2026-09-14`, for `{date}`. */
  readonly date: string | null;
  readonly week: number | null;
  /** BCP 47, such as `en` or `de-AT`. */
  readonly language: string;
  /** IANA name, such as `Europe/Dublin`. */
  readonly timeZone: string;
  readonly classLabels: readonly string[];
  readonly starters: readonly string[];
  readonly outline: readonly string[];
}

export interface AssignmentToCheck extends AssignmentContext {
  readonly requirements: readonly Requirement[];
}
