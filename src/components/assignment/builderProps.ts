import type { Audience } from '../../core/access/audience';
import type { Criterion } from '../../core/assignments/rubric';
import type { LateRule } from '../../core/grading/gradeInput';
import type { Release } from '../../core/posts/release';
import type { Requirement } from '../../core/requirements/requirement';

/** What a teacher fills in; the server checks the same form. `due` is local to the class's time zone. */
export interface AssignmentDraft {
  readonly number: number;
  readonly title: string;
  readonly instructions: string;
  readonly due: string | null;
  readonly requirements: readonly Requirement[];
  readonly rubric: readonly Criterion[];
  readonly lateRule: LateRule;
  readonly audience: Audience;
  readonly release: Release;
  readonly missing: 'warns' | 'stops';
  readonly draftsOpen: boolean;
}

export interface BuilderProps {
  readonly assignmentId: string;
  readonly version: number;
  readonly isSet: boolean;
  readonly handedIn: number;
  readonly draft: AssignmentDraft;
  readonly groupName: string;
  readonly students: number;
  readonly timeZone: string;
  readonly language: string;
  readonly ceiling: Audience;
  readonly classLabels: readonly string[];
}
