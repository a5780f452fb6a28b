import type { Criterion } from '../../core/assignments/rubric';
import type { Grade } from '../../core/grading/grade';
import type { RequirementState } from '../../core/requirements/answer';
import { deed } from '../deed';

/** What a figure is made of, to read it out. */
export interface FigureUnfolded {
  readonly grade: Grade;
  readonly rubric: readonly Criterion[];
  readonly requirements: readonly {
    readonly id: string;
    readonly kind: string;
    readonly text: string | null;
    readonly state: RequirementState;
    readonly earned: number;
    readonly possible: number;
    readonly weight: 'required' | 'bonus' | 'advice';
  }[];
}

/** Unfolds the figure of a post into its lines. */
export const readFigure = deed({
  name: 'readFigure',
  on: 'post',
  action: 'post.review',
  looksOnly: true,
}).answers<FigureUnfolded>();
