import { giveAssignment as giveAssignmentDeed } from '../../../contract/assignments/giveAssignment';
import { partAssignment as partAssignmentDeed } from '../../../contract/assignments/partAssignment';
import { may } from '../../../core/access/may';
import { comesWith } from '../../../core/assignments/lessonText';
import { seriesDates } from '../../../core/assignments/series';
import { instantOf } from '../../../core/timing/zonedTime';
import { findStanding } from '../../ground/access/roles';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { findClass } from '../../tables/classes';
import { newId } from '../../ground/database/newId';
import { copyPeerRule } from '../../tables/peerRounds';
import { copySources } from '../../tables/givenSources';
import { noteWhatComesWith } from '../../tables/handouts';
import { listSiblings, updateShared } from '../../tables/assignmentSeries';
import {
  deleteUnbegun,
  insertAssignment,
  listClassesOfAssignment,
  nextNumber,
  updateAssignment,
} from '../../tables/assignments';
import { assignmentUseCase } from '../subjects/assignmentUseCase';
import { layOutSeries, deleteUnseenRepetitions } from './repetitions';
import { asGivenTo } from './spreadChange';
import { partFromSiblings } from './taughtSiblings';

export const giveAssignment = assignmentUseCase(giveAssignmentDeed, {
  // It is there once, with the next number of that class.
  turn: async ({ assignmentId, classId }, database) => [
    classId,
    ...(await listClassesOfAssignment(database, assignmentId)),
  ],
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
    await copySources(database, { from: assignment.id, to: given.id });
    await copyPeerRule(database, { from: assignment.id, to: given.id });
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

export const partAssignment = assignmentUseCase(partAssignmentDeed, {
  turn: true,
  async run(_, { assignment }, { database, now }) {
    if ((await listSiblings(database, assignment, now)).length === 0) return refused('assignment.notShared');
    await partFromSiblings(database, assignment, now);
    const stay = assignment.series ? await deleteUnseenRepetitions(database, assignment.id, now) : 0;
    const gone = stay > 0 ? 0 : await deleteUnbegun(database, assignment.id);
    return done({ deleted: gone === 1 });
  },
});
