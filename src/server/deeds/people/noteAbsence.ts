import { dropAbsence as dropDeed, noteAbsence as noteDeed } from '../../../contract/people/noteAbsence';
import { isStudent } from '../../../core/access/may';
import { LONGEST_ABSENCE } from '../../../core/classes/absences';
import { addDays } from '../../../core/timing/zonedTime';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { countAbsences, deleteAbsence, insertAbsence } from '../../tables/absences';
import { findMembership } from '../../tables/memberships';
import { classUseCase } from '../subjects/classUseCase';

/** Nobody is away more often within the time that absences are kept. */
const MOST_ABSENCES = 200;

export const noteAbsence = classUseCase(noteDeed, {
  async run({ classId, personId, from, to }, _, { database, personId: by, now }) {
    if (!(await isStudentIn(database, classId, personId))) return NOT_THERE;
    if (to < from) return refused('roster.awayEndsBefore', 'to');
    if (to > addDays(from, LONGEST_ABSENCE)) return refused('roster.awayTooLong', 'to');
    if ((await countAbsences(database, personId)) >= MOST_ABSENCES)
      return refused('roster.awayTooOften', 'from');
    await insertAbsence(database, { id: newId(), personId, from, to, by, at: now });
    return done(null);
  },
});

export const dropAbsence = classUseCase(dropDeed, {
  async run({ classId, personId, absenceId: id }, _, { database }) {
    if (!(await isStudentIn(database, classId, personId))) return NOT_THERE;
    // Who was quicker took back the same.
    await deleteAbsence(database, { id, personId });
    return done(null);
  },
});

async function isStudentIn(database: Database, classId: string, personId: string): Promise<boolean> {
  const membership = await findMembership(database, classId, personId);
  return membership !== null && membership.leftAt === null && isStudent(membership.role);
}
