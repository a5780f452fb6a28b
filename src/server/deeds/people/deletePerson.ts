import { deletePerson as deletePersonDeed } from '../../../contract/people/deletePerson';
import { previewDeletion as previewDeletionDeed } from '../../../contract/people/previewDeletion';
import { may } from '../../../core/access/may';
import { findActor } from '../../ground/access/roles';
import { done, NOT_THERE, refused, type Context, type Refusal } from '../../ground/access/useCase';
import { listClassesEverOf } from '../../tables/classes';
import type { Database } from '../../ground/database/database';
import { takeInstallTurn } from '../../ground/database/turns';
import { findMembership } from '../../tables/memberships';
import { findStudentStanding } from '../../tables/standing';
import { classUseCase } from '../subjects/classUseCase';
import { turnsOfPerson } from '../subjects/turnsOfPerson';
import { beginDeletion, countHoldings, lockDeleted } from './deletion';

export const previewDeletion = classUseCase(previewDeletionDeed, {
  async run({ classId, personId }, _, context) {
    const problem = await problemOf(classId, personId, context);
    return problem ?? done(await countHoldings(context.database, personId));
  },
});

export const deletePerson = classUseCase(deletePersonDeed, {
  turn: turnsOfPerson,
  async run({ classId, personId }, _, context) {
    const { database, now } = context;
    await takeInstallTurn(database, 'people');
    const problem = await problemOf(classId, personId, context);
    if (problem) return problem;
    return done({ eraseAt: (await beginDeletion(database, personId, now)).toISOString() });
  },
});

async function problemOf(
  classId: string,
  personId: string,
  { database, personId: teacher }: Context & { readonly personId: string },
): Promise<Refusal | null> {
  if (!(await findMembership(database, classId, personId)) || (await lockDeleted(database, personId)))
    return NOT_THERE;
  const student = await findStudentStanding(database, personId);
  if (!student || student.ownSignIn) return refused('roster.ownAccount');
  return (await runsAllClassesOf(database, personId, teacher)) ? null : refused('roster.inOtherClasses');
}

/** Whether a teacher runs every class that a student is or was in: nobody else's class loses somebody by it. */
async function runsAllClassesOf(database: Database, personId: string, teacher: string): Promise<boolean> {
  for (const { id } of await listClassesEverOf(database, personId))
    if (!may(await findActor(database, id, teacher), 'roster.change', {})) return false;
  return true;
}
