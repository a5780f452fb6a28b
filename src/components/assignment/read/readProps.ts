import type { AssignmentDraft } from '../../../core/assignments/assignmentSettings';
import type { BuilderProps } from '../builderProps';

/** What every line of what students read is given: the assignment, and the way to change a part of it. */
export interface ReadProps extends BuilderProps {
  /** Saves what was changed last; true when the server has everything. */
  readonly flush: () => Promise<boolean>;
  readonly change: (part: Partial<AssignmentDraft>) => void;
  readonly problemAt: (field: string) => string;
}
