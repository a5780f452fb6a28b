import { moveStudents as deed } from '../../../contract/people/moveStudents';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { takeInstallTurn } from '../../ground/database/turns';
import { updateHomeClass } from '../../tables/joinRequests';
import { leaveClass } from '../../tables/memberships';
import { findStudentStanding, listClassesRunBy } from '../../tables/standing';
import { classUseCase } from '../subjects/classUseCase';
import { takeIn } from './takeIn';

export const moveStudents = classUseCase(deed, {
  turn: ({ classId, toClassId }) => Promise.resolve([classId, toClassId]),
  async run({ classId, toClassId, personIds: wanted }, _, { database, now, personId: teacher }) {
    const runs = await listClassesRunBy(database, teacher);
    if (toClassId === classId || !runs.has(toClassId)) return NOT_THERE;
    await takeInstallTurn(database, 'people');
    for (const personId of wanted) {
      if ((await leaveClass(database, { classId, personId, at: now })) === 0) return NOT_THERE;
      const joining = { classId: toClassId, personId, groupName: null, by: teacher, runs, at: now };
      const taking = await takeIn(database, joining);
      if (taking?.kind !== 'joins') return refused('roster.otherHome', 'personIds');
      const student = await findStudentStanding(database, personId);
      if (student?.homeClassId === classId) await updateHomeClass(database, { personId, classId: toClassId });
    }
    return done(null);
  },
});
