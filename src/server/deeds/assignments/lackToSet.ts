import { lacksToSet } from '../../../core/assignments/lacksToSet';
import { refused } from '../../ground/access/useCase';
import type { AssignmentRow } from '../../tables/assignments';

const REFUSALS = {
  noTitle: 'assignment.noTitle',
  noInstructions: 'assignment.noInstructions',
  noDue: 'assignment.noDue',
  limitsCross: 'assignment.limitsCross',
} as const;

/** What keeps an assignment from being shown to students, as a refusal at its field; null where nothing does. */
export function lackToSet(
  assignment: AssignmentRow,
  { dated = true }: { readonly dated?: boolean } = {},
): ReturnType<typeof refused> | null {
  const settings = { ...assignment, isDue: assignment.dueAt !== null };
  for (const { kind, at } of lacksToSet(settings, { dated, repeated: true }))
    if (kind in REFUSALS) return refused(REFUSALS[kind as keyof typeof REFUSALS], at);
  return null;
}
