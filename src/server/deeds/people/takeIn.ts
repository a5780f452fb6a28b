import { takingIn, type TakingIn } from '../../../core/roster/takingIn';
import type { Database } from '../../ground/database/database';
import { upsertJoinRequest } from '../../tables/joinRequests';
import { joinClass } from '../../tables/memberships';
import { findStudentStanding } from '../../tables/standing';

interface Wanted {
  readonly classId: string;
  readonly personId: string;
  readonly groupName: string | null;
  /** The teacher who wants it, and the classes whose people they may change. */
  readonly by: string;
  readonly runs: ReadonlySet<string>;
  readonly at: Date;
}

/**
 * Takes somebody who is known in the school into a class where the teacher who wants it speaks for them already; else
 * their home class is asked. Whoever calls this has taken the install's turn `people`, so that nobody is deleted meanwhile.
 */
export async function takeIn(database: Database, wanted: Wanted): Promise<TakingIn | null> {
  const { classId, personId, groupName, by, runs, at } = wanted;
  const student = await findStudentStanding(database, personId);
  if (!student) return null;
  const taking = takingIn(student, runs);
  if (taking.kind === 'joins') await joinClass(database, { classId, personId, groupName, at });
  if (taking.kind === 'asks')
    await upsertJoinRequest(database, { classId, personId, groupName, askedBy: by, askedAt: at });
  return taking;
}
