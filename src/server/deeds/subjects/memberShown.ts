import { isTeacher } from '../../../core/access/may';
import { teacherName } from '../../../core/people/names';
import type { MemberRow } from '../../tables/memberships';

/** Somebody as teachers of their class are told of them: who teaches by their whole name, everybody else as the class knows them. */
export function memberShown(member: MemberRow): string {
  return isTeacher(member.role) ? teacherName(member) : member.shownName;
}
