import { groupedBy } from '../../../core/groupedBy';
import { grade as gradeFrom, type Grade } from '../../../core/grading/grade';
import type { GradeInput } from '../../../core/grading/gradeInput';
import { asksFor } from '../../../core/requirements/requirement';
import { rejudged } from '../../../core/requirements/rejudge';
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
import type { PostsOf } from '../../tables/postsOf';
import type { PostStateRow } from '../../tables/postStates';
import { gradeInputsIn } from './computeGrade';

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

/** What was said about a post, before a figure is made of it. */
export type SaidOfPost = Pick<FigureOfPost, 'levels' | 'input' | 'givenBack'>;

/** What was given to the posts of an assignment, by those who read them first or by who reads them a second time: all read at once. */
export async function figuresOf(
  database: Database,
  assignment: AssignmentRow,
  inClass: ClassRow,
  whose: Whose,
): Promise<(post: PostStateRow, assignment: AssignmentRow) => FigureOfPost> {
  const asked = { assignmentId: assignment.id };
  const said = await saidOf(database, asked, { inClass, assignments: [assignment], whose });
  return (post, adjusted) => withFigure(said(post, adjusted));
}

/** What was said about the posts of an assignment, or of all of a class: all read at once. */
export async function saidOf(
  database: Database,
  asked: PostsOf,
  {
    inClass,
    assignments,
    whose,
  }: {
    readonly inClass: ClassRow;
    /** Those that the posts are for. */
    readonly assignments: readonly Pick<AssignmentRow, 'requirements'>[];
    readonly whose: Whose;
  },
): Promise<(post: PostStateRow, assignment: AssignmentRow) => SaidOfPost> {
  const looksByEye = assignments.some(({ requirements }) => asksFor(requirements, 'judged'));
  const [handInTimes, judgements, overrulings, byEye, figures] = await Promise.all([
    listHandInTimes(database, asked),
    listJudgementsOf(database, asked, whose),
    listOverrulingsOf(database, asked, whose),
    looksByEye ? listRequirementJudgementsOf(database, asked, whose) : null,
    listFiguresOf(database, asked),
  ]);
  // Most students have an assignment as it stands.
  const inputs = new Map<AssignmentRow, ReturnType<typeof gradeInputsIn>>();
  const inputsIn = (assignment: AssignmentRow) => {
    const made = inputs.get(assignment) ?? gradeInputsIn({ assignment, inClass });
    inputs.set(assignment, made);
    return made;
  };
  const times = groupedBy(handInTimes, ({ postId }) => postId);
  return ({ postId, stage, evidence: measured }, assignment) => {
    const figure = figures.get(postId) ?? null;
    const levels = judgements.get(postId) ?? [];
    const givenBack = figure?.givenBack?.grade ?? null;
    if (!measured) return { input: null, levels, givenBack };
    const { requirements } = assignment;
    const evidence = byEye
      ? { requirements: rejudged(measured.requirements, requirements, byEye.get(postId) ?? {}) }
      : measured;
    const input = inputsIn(assignment)(
      {
        handIns: (times.get(postId) ?? []).map(({ handedInAt }) => ({ handedInAt, evidence })),
        grade: whose === 'first' ? figure : null,
        post: { stage },
      },
      levels,
      overrulings.get(postId) ?? {},
    );
    return { input, levels, givenBack };
  };
}

function withFigure(said: SaidOfPost): FigureOfPost {
  const { input } = said;
  if (!input) return { ...said, grade: null, figure: null };
  const grade = gradeFrom(input);
  return { ...said, grade, figure: grade.provisional && !input.override ? null : grade.grade };
}
