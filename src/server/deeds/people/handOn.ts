import { handOn as handOnDeed } from '../../../contract/people/handOn';
import { handOnAnybody as handOnAnybodyDeed } from '../../../contract/people/handOnAnybody';
import { isStudent } from '../../../core/access/may';
import { writeAuditLine } from '../../ground/access/auditLog';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { takeInstallTurn } from '../../ground/database/turns';
import { updateHomeClass } from '../../tables/joinRequests';
import { findMembership } from '../../tables/memberships';
import { findStudentStanding } from '../../tables/standing';
import { installUseCase } from '../subjects/installUseCase';
import { classUseCase } from '../subjects/classUseCase';

export const handOn = classUseCase(handOnDeed, {
  async run({ classId, personId, toClassId }, _, { database, personId: by, now }) {
    await takeInstallTurn(database, 'people');
    const student = await findStudentStanding(database, personId);
    if (student?.homeClassId !== classId || student.deleted) return NOT_THERE;
    if (!(await isStudentIn(database, toClassId, personId))) return refused('roster.notInThat', 'toClassId');
    await updateHomeClass(database, { personId, classId: toClassId });
    const found = { classId: toClassId, subjectId: personId };
    await writeAuditLine(database, { useCase: 'handOn', found, personId: by, now });
    return done(null);
  },
});

export const handOnAnybody = installUseCase(handOnAnybodyDeed, {
  async run({ personId, toClassId }, { database, personId: by, now }) {
    await takeInstallTurn(database, 'people');
    const student = await findStudentStanding(database, personId);
    if (!student || student.grownUp || student.deleted) return NOT_THERE;
    if (!(await isStudentIn(database, toClassId, personId))) return refused('roster.notInThat', 'toClassId');
    await updateHomeClass(database, { personId, classId: toClassId });
    for (const classId of [toClassId, student.homeClassId])
      if (classId !== null) {
        const found = { classId, subjectId: personId };
        await writeAuditLine(database, { useCase: 'handOn', found, personId: by, now });
      }
    return done(null);
  },
});

async function isStudentIn(database: Database, classId: string, personId: string): Promise<boolean> {
  const place = await findMembership(database, classId, personId);
  return place !== null && place.leftAt === null && isStudent(place.role);
}
