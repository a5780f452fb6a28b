import { may, type ClassRole } from '../../../core/access/may';
import { teacherName } from '../../../core/people/names';
import { database } from '../../ground/database/database';
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
        name: wanted === 'teacher' || wanted === 'coTeacher' ? teacherName(member) : member.shownName,
      }));
  return {
    classId: inClass.id,
    yourself: personId,
    students: named('student'),
    people: {
      teacher: named('teacher'),
      coTeacher: named('coTeacher'),
      studentEditor: named('studentEditor'),
      reader: named('reader'),
    },
  };
}
