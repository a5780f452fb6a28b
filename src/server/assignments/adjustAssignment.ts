import { idSchema } from '../input/idSchema';
import { isStudent } from '../../core/access/may';
import { adjusted, adjustmentFields, type Adjustment } from '../../core/assignments/adjustment';
import { limitsCross } from '../../core/requirements/limitsCross';
import { maybeLocalMinuteSchema } from '../../core/timing/localMinuteSchema';
import { instantOf } from '../../core/timing/zonedTime';
import { done, refused } from '../access/useCase';
import { personIds } from '../classes/classUseCase';
import { listMembers } from '../classes/queries';
import { deleteAdjustment, upsertAdjustment } from './adjustments';
import { assignmentUseCase } from './assignmentUseCase';

interface Input extends Adjustment {
  readonly assignmentId: string;
  readonly personIds: readonly string[];
  /** Local to the class's time zone, `2026-11-19T16:00`; null for the assignment's own. */
  readonly due: string | null;
}

/** Asks of one student, or of some, otherwise than of the others: later, less, or without a requirement. */
export const adjustAssignment = assignmentUseCase<Input, object>({
  name: 'adjustAssignment',
  fields: { personIds, due: maybeLocalMinuteSchema, ...adjustmentFields },
  async run(input, { assignment, inClass }, { database, personId: by, now }) {
    const students = (await listMembers(database, inClass.id)).filter((one) => isStudent(one.role));
    if (!input.personIds.every((id) => students.some((one) => one.personId === id)))
      return refused('assignment.notAStudent', 'personIds');
    const dueAt = input.due === null ? null : new Date(instantOf(input.due, inClass.timeZone));
    if (dueAt && assignment.dueAt && dueAt < assignment.dueAt) return refused('assignment.dueBefore', 'due');
    const { leftOut, limits } = input;
    const crossed = adjusted(assignment.requirements, { leftOut, limits }).find(limitsCross);
    if (crossed) return refused('assignment.limitsCross', `limits.${crossed.id}`);
    for (const personId of input.personIds)
      await upsertAdjustment(database, {
        assignmentId: assignment.id,
        personId,
        dueAt,
        leftOut,
        limits,
        by,
        at: now,
      });
    return done({});
  },
});

/** Asks of a student again what is asked of all. */
export const dropAdjustment = assignmentUseCase<
  { readonly assignmentId: string; readonly personId: string },
  object
>({
  name: 'dropAdjustment',
  fields: { personId: idSchema },
  async run({ assignmentId: id, personId }, _, { database }) {
    await deleteAdjustment(database, id, personId);
    return done({});
  },
});
