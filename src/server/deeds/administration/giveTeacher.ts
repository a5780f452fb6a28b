import { giveTeacher as deed } from '../../../contract/administration/giveTeacher';
import { writeAuditLine } from '../../ground/access/auditLog';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { findClass } from '../../tables/classes';
import { leaveClassAs, listMembers, setMembership, updateRole } from '../../tables/memberships';
import { findPerson } from '../../tables/people';
import { installUseCase } from '../subjects/installUseCase';

export const giveTeacher = installUseCase(deed, {
  turn: ({ classId }) => Promise.resolve([classId]),
  async run({ classId, personId, formerStays }, { database, personId: by, now }) {
    const person = await findPerson(database, personId);
    if (!person || person.deletedAt || !(await findClass(database, classId))) return NOT_THERE;
    if (person.account === null) return refused('class.needsAccount', 'personId');
    const former = (await listMembers(database, classId)).filter((member) => member.role === 'teacher');
    for (const one of former)
      if (formerStays) await updateRole(database, { classId, personId: one.personId, role: 'coTeacher' });
      else await leaveClassAs(database, { classId, personId: one.personId, role: 'teacher', at: now });
    await setMembership(database, { classId, personId, role: 'teacher', at: now });
    // The class's own log tells its teachers.
    const found = { classId, subjectId: classId, subject: { writerId: personId } };
    await writeAuditLine(database, { useCase: 'giveTeacher', found, personId: by, now });
    return done(null);
  },
});
