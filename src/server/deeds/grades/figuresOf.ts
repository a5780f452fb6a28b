import { groupedBy } from '../../../core/groupedBy';
import { grade as gradeFrom, type Grade } from '../../../core/grading/grade';
import type { GradeInput } from '../../../core/grading/gradeInput';
import { asksFor } from '../../../core/requirements/requirement';
import { rejudge } from '../../../core/requirements/rejudge';
import type { Database } from '../../ground/database/database';
import type { AssignmentRow } from '../../tables/assignments';
import type { ClassRow } from '../../tables/classes';
import { listFiguresOf } from '../../tables/gradeFigures';
import { listHandInTimes } from '../../tables/handIns';
import {
  listJudgementsOf,
  listOverrulingsOf,
  listRequirementJudgementsOf,
  type JudgementRow,
  type Whose,
} from '../../tables/judgements';
import type { PostStateRow } from '../../tables/postStates';
import { gradeInputOf } from './computeGrade';

/** What was given to one post of an assignment. */
export interface FigureOfPost {
  /** Null where nothing was handed in. */
  readonly grade: Grade | null;
  /** The figure; null while something is left to judge. */
  readonly figure: number | null;
  readonly levels: readonly JudgementRow[];
  /** What the grade is computed from; null where there is none. */
  readonly input: GradeInput | null;
  /** As it was given back last; null where it was not. */
  readonly givenBack: number | null;
}

/** What was given to the posts of an assignment, by those who read them first or by who reads them a second time: all read at once. */
export async function figuresOf(
  database: Database,
  { id: assignmentId, requirements }: AssignmentRow,
  inClass: ClassRow,
  whose: Whose,
): Promise<(post: PostStateRow, assignment: AssignmentRow) => FigureOfPost> {
  const times = groupedBy(await listHandInTimes(database, assignmentId), ({ postId }) => postId);
  const judgements = await listJudgementsOf(database, assignmentId, whose);
  const overrulings = await listOverrulingsOf(database, assignmentId, whose);
  const byEye = asksFor(requirements, 'judged')
    ? await listRequirementJudgementsOf(database, assignmentId, whose)
    : null;
  const figures = await listFiguresOf(database, assignmentId);
  return ({ postId, stage, evidence: measured }, assignment) => {
    const said = figures.get(postId) ?? null;
    const levels = judgements.get(postId) ?? [];
    const givenBack = said?.givenBack?.grade ?? null;
    if (!measured) return { grade: null, input: null, figure: null, levels, givenBack };
    const evidence = byEye ? rejudge(measured, assignment.requirements, byEye.get(postId) ?? {}) : measured;
    const own = whose === 'first' ? said : null;
    const input = gradeInputOf(
      {
        assignment,
        inClass,
        handIns: (times.get(postId) ?? []).map(({ handedInAt }) => ({ handedInAt, evidence })),
        grade: own,
        post: { stage },
      },
      levels,
      overrulings.get(postId) ?? {},
    );
    const grade = gradeFrom(input);
    const open = grade.provisional && own?.overrideGrade == null;
    return { grade, input, figure: open ? null : grade.grade, levels, givenBack };
  };
}
