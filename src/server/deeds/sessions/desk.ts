import { isTeacher, type ClassRole } from '../../../core/access/may';
import { placeOf, type HouseLanguage, type Place } from '../../../core/languages/languages';
import { monogram, nameInClass, teacherName } from '../../../core/people/names';
import type { ClassRow } from '../../tables/classes';
import type { OwnClass, Session } from './session';

/** Somebody at the desk: a signed-in person with the class that is looked at. Views are asked on their behalf. */
export interface Desk {
  readonly personId: string;
  readonly role: ClassRole;
  readonly inClass: ClassRow;
  readonly now: Date;
  /** Where and in which language days and hours are said to them. */
  readonly place: Place;
}

/** Somebody's desks in all their classes; the class that they turned to last comes first. */
export type Desks = readonly [Desk, ...Desk[]];

/** The desks of a session, or null for somebody who belongs to no class. */
export function maybeDesks({ person, classes, chosen, language }: Session, now: Date): Desks | null {
  const [first, ...others] = classes
    .toSorted((one, another) => Number(another.id === chosen) - Number(one.id === chosen))
    .map((own) => at(person.id, own, language, now));
  return first ? [first, ...others] : null;
}

/** The desk of a session in a class, or null for somebody who does not belong to it. */
export function deskIn({ person, classes, language }: Session, classId: string, now: Date): Desk | null {
  const own = classes.find((one) => one.id === classId);
  return own ? at(person.id, own, language, now) : null;
}

function at(personId: string, { role, ...inClass }: OwnClass, language: HouseLanguage, now: Date): Desk {
  return { personId, role, inClass, now, place: placeOf(inClass, language) };
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
