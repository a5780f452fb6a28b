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
export function computeGrade(
  graded: Graded,
  judgements: readonly JudgementRow[],
  overrulings: Readonly<Record<string, Overruling>>,
): Grade {
  return grade(gradeInputsIn(graded)(graded, judgements, overrulings));
}

/** What grades are computed from, for any posts of one assignment. */
export function gradeInputsIn({
  assignment,
  inClass,
}: Pick<Graded, 'assignment' | 'inClass'>): (
  post: Omit<Graded, 'assignment' | 'inClass'>,
  judgements: readonly JudgementRow[],
  overrulings: Readonly<Record<string, Overruling>>,
) => GradeInput {
  const weights = new Map(assignment.requirements.map((requirement) => [requirement.id, requirement.weight]));
  const rubric = assignment.rubric.map(({ id, weight, levels }) => ({
    id,
    weight,
    levels: levels.map((level) => level.points),
  }));
  const late = lateRuleIn(inClass, assignment);
  const due = assignment.dueAt && localMinute(assignment.dueAt.getTime(), inClass.timeZone);
  const { timeZone } = inClass;
  return ({ handIns, grade: row, post }, judgements, overrulings) => {
    const counted = handIns.at(-1)?.evidence.requirements ?? [];
    const chosen = new Map(judgements.map((judgement) => [judgement.criterionId, judgement.level]));
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
      rubric: rubric.map(({ id, weight, levels }) => ({
        id,
        weight,
        levels,
        chosen: chosenLevel(chosen.get(id), levels.length),
      })),
      late,
      due,
      timeZone,
      handIns: handIns.map((handIn) => handIn.handedInAt.toISOString()),
      accepted: post.stage === 'accepted' ? handIns.length - 1 : null,
      override:
        row && row.overrideGrade !== null
          ? { grade: row.overrideGrade, reason: row.overrideReason ?? '' }
          : null,
    };
  };
}

/** A level that the rubric has lost since it was judged counts as not judged. */
function chosenLevel(level: number | undefined, levels: number): number | null {
  return level === undefined || level >= levels ? null : level;
}
