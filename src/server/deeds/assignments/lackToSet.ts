import { saysSomething } from '../../../core/document/saysSomething';
import { refused } from '../../ground/access/useCase';
import type { AssignmentRow } from '../../tables/assignments';

/** What an assignment lacks before students can be shown it, as a refusal at its field; null where it lacks nothing. */
export function lackToSet(
  assignment: AssignmentRow,
  { dated = true }: { readonly dated?: boolean } = {},
): ReturnType<typeof refused> | null {
  if (!assignment.title.trim()) return refused('assignment.noTitle', 'title');
  if (!saysSomething(assignment.instructions)) return refused('assignment.noInstructions', 'instructions');
  if (dated && !assignment.dueAt) return refused('assignment.noDue', 'due');
  if (assignment.rubric.length === 0) return refused('assignment.noCriterion', 'rubric');
  return null;
}
