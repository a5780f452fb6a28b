import type { Audience } from './audience';
import { ACCESS, RELATIONS, type Action, type Condition, type Relation } from './table';

/** The part of a role that a person can have in a class. */
export type ClassRole = 'teacher' | 'coTeacher' | 'student';

/** Who acts. A visitor has neither; `role` is the one in the class that the subject belongs to. */
export interface Actor {
  readonly personId: string | null;
  readonly role: ClassRole | null;
}

/** What is acted on, as far as access depends on it. Absent facts are taken as not so. */
export interface Subject {
  readonly writerId?: string | null;
  readonly ceiling?: Audience;
  readonly assignmentIsSet?: boolean;
  readonly draftsOpen?: boolean;
  readonly handedIn?: boolean;
  readonly openedByTeacher?: boolean;
  readonly accepted?: boolean;
  /** The audience of the revision that readers see now; null while there is none. */
  readonly publishedTo?: Audience | null;
  readonly gradeGivenBack?: boolean;
}

/** Whether `actor` may do `action` to `subject`: the access table, read once. */
export function may(actor: Actor, action: Action, subject: Subject): boolean {
  const relation = relationOf(actor, subject);
  const condition: Condition = ACCESS[action][RELATIONS.indexOf(relation)] ?? 'never';
  return holds(condition, relation, subject);
}

/** What the actor is to the subject. */
function relationOf(actor: Actor, subject: Subject): Relation {
  if (actor.personId === null) return 'visitor';
  if (actor.role === 'teacher' || actor.role === 'coTeacher') return 'teacher';
  if (actor.role === null) return 'stranger';
  return subject.writerId === actor.personId ? 'writer' : 'classmate';
}

function holds(condition: Condition, relation: Relation, subject: Subject): boolean {
  switch (condition) {
    case 'never':
      return false;
    case 'always':
      return true;
    case 'open':
      return subject.ceiling === 'everyone';
    case 'set':
      return subject.assignmentIsSet === true;
    case 'draftsOpen':
      return subject.draftsOpen === true;
    case 'handedIn':
      return subject.handedIn === true;
    case 'unread':
      return subject.handedIn === true && subject.openedByTeacher !== true;
    case 'accepted':
      return subject.accepted === true;
    case 'published':
      return isReader(relation, subject.publishedTo ?? null);
    case 'givenBack':
      return subject.gradeGivenBack === true;
  }
}

const READERS: Readonly<Record<Audience, readonly Relation[]>> = {
  writerAndTeachers: ['writer', 'teacher'],
  ourClass: ['classmate', 'writer', 'teacher'],
  // Those who know the passphrase are let in where it is asked for; nobody else from outside is.
  passphrase: ['classmate', 'writer', 'teacher'],
  everyone: ['visitor', 'stranger', 'classmate', 'writer', 'teacher'],
};

function isReader(relation: Relation, audience: Audience | null): boolean {
  return audience !== null && READERS[audience].includes(relation);
}
