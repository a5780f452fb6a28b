import { may } from '../../core/access/may';
import { comesWith } from '../../core/assignments/lessonText';
import { localMinuteSchema } from '../../core/timing/localMinuteSchema';
import { instantOf } from '../../core/timing/zonedTime';
import { findStanding } from '../access/roles';
import { done, NOT_THERE, refused } from '../access/useCase';
import { findClass } from '../classes/queries';
import { newId } from '../database/newId';
import { noteWhatComesWith } from '../handouts/queries';
import { assignmentUseCase } from './assignmentUseCase';
import {
  deleteUnbegun,
  insertAssignment,
  listSiblings,
  nextNumber,
  updateAssignment,
  updateShared,
} from './queries';
import { asGivenTo } from './spreadChange';

const id = { type: 'string', maxLength: 16 } as const;

interface Input {
  readonly assignmentId: string;
  /** The other class. */
  readonly classId: string;
  /** Local to that class's time zone, `2026-11-19T16:00`. */
  readonly due: string;
}

/**
 * Gives an assignment to another class of the same teacher, with a due time of its own, or changes that. It stays one:
 * what is changed of it here is changed there. Where it is set already, it is set there at once.
 */
export const giveAssignment = assignmentUseCase<Input, { readonly assignmentId: string }>({
  name: 'giveAssignment',
  fields: { classId: id, due: localMinuteSchema },
  async run({ classId, due }, { assignment }, { database, personId, now }) {
    const { actor, resting, deleted } = await findStanding(database, classId, personId);
    const inClass = await findClass(database, classId);
    if (!inClass || deleted || !may(actor, 'assignment.make', {})) return NOT_THERE;
    if (resting) return refused('class.resting');
    if (classId === assignment.classId) return refused('assignment.sameClass', 'classId');
    if (assignment.series || assignment.seriesId) return refused('assignment.seriesNotGiven', 'classId');
    const dueAt = new Date(instantOf(due, inClass.timeZone));
    const there = (await listSiblings(database, assignment)).find((one) => one.classId === classId);
    if (there) {
      const moved = asGivenTo(assignment, { assignment: { ...there, dueAt }, inClass });
      await updateAssignment(database, { ...moved, version: there.version + 1 }, there.version);
      return done({ assignmentId: there.id });
    }
    const sharedId = assignment.sharedId ?? newId();
    await updateShared(database, assignment.id, sharedId);
    const number = await nextNumber(database, classId);
    const setAt = assignment.setAt && now;
    const place = { ...assignment, id: newId(), classId, number, dueAt, setAt, openedAt: null };
    const given = { ...asGivenTo(assignment, { assignment: place, inClass }), sharedId, version: 1 };
    await insertAssignment(database, given, { by: personId, at: now });
    await noteWhatComesWith(database, given.id, { ...comesWith(given), by: personId });
    return done({ assignmentId: given.id });
  },
});

/**
 * Takes an assignment out of those that are one with it: it is deleted where nobody has begun it, else it goes its own way
 * from now on.
 */
export const partAssignment = assignmentUseCase<
  { readonly assignmentId: string },
  { readonly deleted: boolean }
>({
  name: 'partAssignment',
  async run(_, { assignment }, { database }) {
    const siblings = await listSiblings(database, assignment);
    if (siblings.length === 0) return refused('assignment.notShared');
    const gone = await deleteUnbegun(database, assignment.id);
    if (gone === 0) await updateShared(database, assignment.id, null);
    const [last, ...others] = siblings;
    if (last && others.length === 0) await updateShared(database, last.id, null);
    return done({ deleted: gone === 1 });
  },
});
