import { idSchema } from '../input/idSchema';
import { may } from '../../core/access/may';
import { comesWith } from '../../core/assignments/lessonText';
import { seriesDates } from '../../core/assignments/series';
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
import { layOutSeries, deleteUnseenRepetitions } from './repetitions';
import { asGivenTo } from './spreadChange';
import { partFromSiblings } from './taughtSiblings';

const id = idSchema;

interface Input {
  readonly assignmentId: string;
  /** The other class. */
  readonly classId: string;
  /** Local to that class's time zone, `2026-11-19T16:00`; null for a series, which has the same days there at first. */
  readonly due: string | null;
}

/**
 * Gives an assignment to another class of the same teacher, with a due time of its own, or changes that. It stays one:
 * what is changed of it here is changed there, but not the days of a series. Where it is set already, it is set there at once.
 */
export const giveAssignment = assignmentUseCase<Input, { readonly assignmentId: string }>({
  name: 'giveAssignment',
  fields: { classId: id, due: { anyOf: [localMinuteSchema, { type: 'null' }] } },
  async run({ classId, due }, { assignment }, { database, personId, now }) {
    const { actor, resting, deleted } = await findStanding(database, classId, personId);
    const inClass = await findClass(database, classId);
    if (!inClass || deleted || !may(actor, 'assignment.make', {})) return NOT_THERE;
    if (resting) return refused('class.resting');
    if (classId === assignment.classId) return refused('assignment.sameClass', 'classId');
    if (assignment.seriesId) return refused('assignment.repetitionNotGiven', 'classId');
    if (due === null && !assignment.series) return refused('assignment.noDue', 'due');
    const dates = assignment.series ? seriesDates(assignment.series, inClass.year).dates : [];
    if (assignment.series && dates.length === 0) return refused('assignment.series.empty', 'classId');
    const dueAt = due === null ? null : new Date(instantOf(due, inClass.timeZone));
    const there = (await listSiblings(database, assignment, now)).find((one) => one.classId === classId);
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
    if (given.series)
      await layOutSeries(
        database,
        { assignment: given, inClass },
        { rule: given.series, dates, by: personId, now },
      );
    return done({ assignmentId: given.id });
  },
});

/**
 * Takes an assignment out of those that are one with it: it is deleted where nobody has begun it, and of a series nobody sees a
 * repetition, else it goes its own way from now on.
 */
export const partAssignment = assignmentUseCase<
  { readonly assignmentId: string },
  { readonly deleted: boolean }
>({
  name: 'partAssignment',
  async run(_, { assignment }, { database, now }) {
    if ((await listSiblings(database, assignment, now)).length === 0) return refused('assignment.notShared');
    await partFromSiblings(database, assignment, now);
    const stay = assignment.series ? await deleteUnseenRepetitions(database, assignment.id, now) : 0;
    const gone = stay > 0 ? 0 : await deleteUnbegun(database, assignment.id);
    return done({ deleted: gone === 1 });
  },
});
