import { grade, type Grade } from '../../../core/grading/grade';
import type { GradeInput } from '../../../core/grading/gradeInput';
import type { Counted } from '../../../core/requirements/counted';
import { overruled, type Overruling } from '../../../core/requirements/overrule';
import { localMinute } from '../../../core/timing/zonedTime';
import type { JudgementRow } from '../../tables/judgements';
import { lateRuleIn } from '../assignments/lateRuleIn';
import type { PostFacts } from '../subjects/findPostToActOn';

/** What a grade goes by. */
interface Graded extends Pick<PostFacts, 'assignment' | 'inClass'> {
  readonly handIns: readonly { readonly handedInAt: Date; readonly evidence: Counted }[];
  readonly grade: Pick<NonNullable<PostFacts['grade']>, 'overrideGrade' | 'overrideReason'> | null;
  readonly post: Pick<PostFacts['post'], 'stage'>;
}

/** The grade of a post as it stands: the latest hand-in's evidence as it counts, the judgements, and how late it came. */
export function computeGrade(...given: Parameters<typeof gradeInputOf>): Grade {
  return grade(gradeInputOf(...given));
}

/** What it is computed from. */
export function gradeInputOf(
  { assignment, inClass, handIns, grade: row, post }: Graded,
  judgements: readonly JudgementRow[],
  overrulings: Readonly<Record<string, Overruling>>,
): GradeInput {
  const counted = handIns.at(-1)?.evidence.requirements ?? [];
  const levels = new Map(judgements.map((judgement) => [judgement.criterionId, judgement.level]));
  const weights = new Map(assignment.requirements.map((requirement) => [requirement.id, requirement.weight]));
  return {
    requirements: counted.map((found) => {
      const { id, earned, possible, state } = overruled(found, overrulings);
      return {
        earned,
        possible,
        weight: weights.get(id) ?? 'advice',
        unknown: state === 'unknown' && possible > 0,
      };
    }),
    rubric: assignment.rubric.map((criterion) => ({
      id: criterion.id,
      weight: criterion.weight,
      levels: criterion.levels.map((level) => level.points),
      chosen: chosenLevel(levels.get(criterion.id), criterion.levels.length),
    })),
    late: lateRuleIn(inClass, assignment),
    due: assignment.dueAt && localMinute(assignment.dueAt.getTime(), inClass.timeZone),
    timeZone: inClass.timeZone,
    handIns: handIns.map((handIn) => handIn.handedInAt.toISOString()),
    accepted: post.stage === 'accepted' ? handIns.length - 1 : null,
    override:
      row && row.overrideGrade !== null
        ? { grade: row.overrideGrade, reason: row.overrideReason ?? '' }
        : null,
  };
}

/** A level that the rubric has lost since it was judged counts as not judged. */
function chosenLevel(level: number | undefined, levels: number): number | null {
  return level === undefined || level >= levels ? null : level;
}
