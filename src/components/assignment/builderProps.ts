import type { Audience } from '../../core/access/audience';
import type { SchoolYear } from '../../core/classes/schoolYear';
import type { AssignmentDraft } from '../../core/assignments/assignmentSettings';

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
  readonly year: SchoolYear;
  readonly classLabels: readonly string[];
}
