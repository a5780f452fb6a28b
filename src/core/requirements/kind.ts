import type { Message, Place, Target, UnknownReason } from './answer';
import type { Condition } from './condition';
import type { PostToCheck } from './post';
import type { AssignmentContext } from './requirement';

/** What a kind finds in a post; `evaluate` makes state, share and points of it. */
export interface Measurement {
  readonly measured: number | null;
  readonly target: Target;
  readonly conditions: readonly Condition[];
  readonly places: readonly Place[];
  readonly message: Message;
  /** Why something is not known yet, where something is not. */
  readonly unknown?: UnknownReason;
}

/** One kind of requirement: the settings it takes and how it measures a post. */
export interface RequirementKind<Settings> {
  readonly kind: string;
  /** JSON Schema of the kind's own settings, by property name. */
  readonly settings: { readonly [name: string]: object };
  /** Settings that must be there. */
  readonly required?: readonly string[];
  measure(settings: Settings, post: PostToCheck, assignment: AssignmentContext): Measurement;
  /**
   * What of a post a measurement comes from, beside settings and assignment, where that is told faster than it is measured.
   * While the very same things are seen, a measurement stands that has no places in the text. Absent where it is measured
   * each time.
   */
  seen?(settings: Settings, post: PostToCheck, assignment: AssignmentContext): readonly unknown[];
}
