import { gradebook, type GradebookFigures } from '../../core/gradebook/gradebook';
import type { GradebookInput } from '../../core/gradebook/gradebookInput';

/** The figures of a gradebook that is too large to make them beside other answers. */
export function gradebookFigures(input: GradebookInput): GradebookFigures {
  return gradebook(input);
}
