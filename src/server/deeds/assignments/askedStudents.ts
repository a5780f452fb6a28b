import { isStudent } from '../../../core/access/may';
import { done, refused, type Result } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { listMembers, type MemberRow } from '../../tables/memberships';

/** The students of a class that a deed names; refused where one of them is none of it now. */
export async function askedStudents(
  database: Database,
  classId: string,
  personIds: readonly string[],
): Promise<Result<readonly MemberRow[]>> {
  const students = new Map(
    (await listMembers(database, classId))
      .filter((one) => isStudent(one.role))
      .map((student) => [student.personId, student]),
  );
  const asked = personIds.flatMap((id) => students.get(id) ?? []);
  return asked.length === personIds.length ? done(asked) : refused('assignment.notAStudent', 'personIds');
}
