import { idSchema } from '../input/idSchema';
import { isStudent } from '../../core/access/may';
import { writeAuditLine } from '../access/auditLog';
import { done, NOT_THERE, refused } from '../access/useCase';
import { installUseCase } from '../administration/installUseCase';
import { classUseCase } from '../classes/classUseCase';
import type { Database } from '../database/database';
import { takeInstallTurn } from '../database/turns';
import { updateHomeClass } from './joinQueries';
import { findMembership } from './rosterQueries';
import { findStudentStanding } from './standing';

const id = idSchema;

interface Handing {
  readonly personId: string;
  /** The class that speaks for the student from now on: one that they are in. */
  readonly toClassId: string;
}

/** A teacher of the home class lets another class of the student speak for them. Both logs have it. */
export const handOn = classUseCase<Handing & { readonly classId: string }, null>({
  name: 'handOn',
  action: 'roster.change',
  whileResting: true,
  fields: { personId: id, toClassId: id },
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

/** An administrator does the same, also for a student whose home class is gone. */
export const handOnAnybody = installUseCase<Handing, null>({
  name: 'handOnAnybody',
  fields: { personId: id, toClassId: id },
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
