import { may, type ClassRole } from '../../../core/access/may';
import { lastDayOf } from '../../../core/classes/lastDay';
import { database } from '../../ground/database/database';
import { memberShown } from '../../deeds/subjects/memberShown';
import type { Desk } from '../../deeds/sessions/desk';
import { listMembers } from '../../tables/memberships';

/** Who is what in a class, students apart; null for everybody but its teachers. */
export async function maybeRoles({ personId, role, inClass }: Desk) {
  if (!may({ personId, role }, 'roster.read', {})) return null;
  const members = await listMembers(database, inClass.id);
  const named = (wanted: ClassRole) =>
    members
      .filter((member) => member.role === wanted)
      .map((member) => ({
        personId: member.personId,
        name: memberShown(member),
        /** The last day of who is let in for a while, a local date; null for everybody else. */
        lastDay: member.until && lastDayOf(member.until, inClass.timeZone),
      }));
  return {
    classId: inClass.id,
    yourself: personId,
    runsIt: may({ personId, role }, 'class.delete', {}),
    students: named('student'),
    people: {
      teacher: named('teacher'),
      coTeacher: named('coTeacher'),
      supplyTeacher: named('supplyTeacher'),
      studentEditor: named('studentEditor'),
      reader: named('reader'),
    },
  };
}
