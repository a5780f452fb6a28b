import type { ClassRole } from '../../core/access/may';
import { monogram, nameInClass, teacherName } from '../../core/people/names';
import type { ClassRow } from '../classes/queries';
import type { Session } from './session';

/** Somebody at the desk: a signed-in person with the class that is looked at. Views are asked on their behalf. */
export interface Desk {
  readonly personId: string;
  readonly role: ClassRole;
  readonly inClass: ClassRow;
  readonly now: Date;
}

/** The desk of a session, or null for somebody who belongs to no class. */
export function deskOf(session: Session, now: Date): Desk | null {
  if (!session.inClass) return null;
  const { role, ...inClass } = session.inClass;
  return { personId: session.person.id, role, inClass, now };
}

export function isTeacher(role: ClassRole): boolean {
  return role === 'teacher' || role === 'coTeacher';
}

/** How a person of the class is shown to the others of it. */
export function shownInClass(person: {
  readonly givenName: string;
  readonly familyName: string;
  readonly role: ClassRole;
}): {
  readonly name: string;
  readonly monogram: string;
} {
  const name = { ...person, penName: null };
  return { name: isTeacher(person.role) ? teacherName(name) : nameInClass(name), monogram: monogram(name) };
}
