import { goesBeyondClass, type Audience } from './audience';
import { ACCESS, NOT_ABOUT_ONESELF, RELATIONS, type Action, type Condition, type Relation } from './table';

/** What a person can be in a class. */
export type ClassRole = 'teacher' | 'coTeacher' | 'supplyTeacher' | 'studentEditor' | 'student' | 'reader';

/** What a person can be in the install as a whole; most people are neither. */
export type AccountRole = 'administrator' | 'teacher';

/** The roles of those who write for assignments. */
export const WRITING_ROLES = ['student', 'studentEditor'] as const satisfies readonly ClassRole[];

/** Whether a role is one of those who write for assignments. */
export function isStudent(role: ClassRole): boolean {
  return WRITING_ROLES.some((writing) => writing === role);
}

/** The roles of those who teach: who runs the class, who teaches it too, and who is let in until a day. */
export const TEACHING_ROLES = [
  'teacher',
  'coTeacher',
  'supplyTeacher',
] as const satisfies readonly ClassRole[];

/** Whether a role is one of those who read what students hand in. */
export function isTeacher(role: ClassRole): boolean {
  return TEACHING_ROLES.some((teaching) => teaching === role);
}

/** Who acts. A visitor has nothing of this; `role` is the one in the class that the subject belongs to. */
export interface Actor {
  readonly personId: string | null;
  readonly role: ClassRole | null;
  readonly account?: AccountRole | null;
}

/** What is acted on, as far as access depends on it. Absent facts are taken as not so. */
export interface Subject {
  readonly writerId?: string | null;
  readonly ceiling?: Audience;
  readonly assignmentIsSet?: boolean;
  readonly draftsOpen?: boolean;
  readonly handedIn?: boolean;
  readonly openedByTeacher?: boolean;
  /** Whether the class had said before the post was begun that its teachers may open where texts come from. */
  readonly originSaid?: boolean;
  readonly accepted?: boolean;
  readonly editorsRead?: boolean;
  /** The audience of the revision that readers see now; null while there is none. */
  readonly publishedTo?: Audience | null;
  /** Whether who acts has shown the passphrase of the class or post. */
  readonly passphraseShown?: boolean;
  readonly gradeGivenBack?: boolean;
  /** The teacher and the administrator who have opened the draft for a safety concern, while that holds. */
  readonly openedFor?: readonly string[];
  /** Whether it waits for something that teachers alone look at, or stands under a post of who acts. */
  readonly teachersOnly?: boolean;
  /** Whether the words are away from their readers because of a worry. */
  readonly away?: boolean;
  /** Who looks after the case, or after worries at all. */
  readonly tendedBy?: readonly string[];
  /** Whom the school named as its head. */
  readonly headId?: string | null;
  /** Who types it in for its writer, while they may. */
  readonly typesIn?: readonly string[];
  /** The teacher who reads the post a second time and is not done with it. */
  readonly secondReaderId?: string | null;
  /** The classmate who was given the text to read before it is handed in. */
  readonly peerId?: string | null;
}

/**
 * Whether `actor` may do `action` to `subject`: the access table, read for each relation in which they stand to it. Any that
 * allows is enough, except where it is about themselves.
 */
export function may(actor: Actor, action: Action, subject: Subject): boolean {
  if (isAboutSelf(actor, subject) && NOT_ABOUT_ONESELF.includes(action)) return false;
  return [...relationsOf(actor, subject), ...dutiesOf(actor, subject)].some((relation) => {
    const condition: Condition = ACCESS[action][RELATIONS.indexOf(relation)] ?? 'never';
    return holds(condition, { relation, actor, subject });
  });
}

function isAboutSelf({ personId }: Actor, { writerId }: Subject): boolean {
  return personId !== null && writerId === personId;
}

/** What the actor is to the subject: one thing mostly, and a teacher who wrote it two. */
function relationsOf(actor: Actor, subject: Subject): readonly Relation[] {
  const { personId, role, account } = actor;
  if (personId === null) return ['visitor'];
  const own = isAboutSelf(actor, subject);
  const administrates: readonly Relation[] = account === 'administrator' ? ['administrator'] : [];
  // Until they are done they are that alone: what the first reader gave is kept from them.
  if (role !== null && isTeacher(role) && subject.secondReaderId === personId)
    return ['secondReader', ...administrates];
  switch (role) {
    case 'teacher':
    case 'coTeacher':
      return own ? ['teacher', 'writer', ...administrates] : ['teacher', ...administrates];
    case 'supplyTeacher':
      return own ? ['supplyTeacher', 'writer', ...administrates] : ['supplyTeacher', ...administrates];
    case 'reader':
      return own ? ['reader', 'leaver', ...administrates] : ['reader', ...administrates];
    case 'student':
      return [own ? 'writer' : subject.peerId === personId ? 'peer' : 'classmate'];
    case 'studentEditor':
      return [own ? 'writer' : subject.peerId === personId ? 'peer' : 'editor'];
    case null:
      // Only who was in the class can have written in it.
      if (own) return ['leaver', ...administrates];
      return administrates.length > 0 ? administrates : ['stranger'];
  }
}

/** What the actor is to the subject by what the school named them for. */
function dutiesOf({ personId }: Actor, { tendedBy, headId }: Subject): readonly Relation[] {
  if (personId === null) return [];
  const duties: Relation[] = tendedBy?.includes(personId) ? ['safetyPerson'] : [];
  return headId === personId ? [...duties, 'head'] : duties;
}

interface Asked {
  readonly relation: Relation;
  readonly actor: Actor;
  readonly subject: Subject;
}

const HOLDS: Readonly<Record<Condition, (asked: Asked) => boolean>> = {
  never: () => false,
  always: () => true,
  staff: ({ actor }) => actor.account === 'teacher' || actor.account === 'administrator',
  open: ({ subject }) => subject.ceiling !== undefined && goesBeyondClass(subject.ceiling),
  set: ({ subject }) => subject.assignmentIsSet === true,
  draftsOpen: ({ subject }) => subject.draftsOpen === true,
  handedIn: ({ subject }) => subject.handedIn === true,
  editorsRead: ({ subject }) =>
    subject.handedIn === true && subject.editorsRead === true && subject.away !== true,
  forEditors: ({ subject }) => subject.teachersOnly !== true,
  unread: ({ subject }) => subject.handedIn === true && subject.openedByTeacher !== true,
  saidSo: ({ subject }) => subject.handedIn === true && subject.originSaid === true,
  accepted: ({ subject }) => subject.accepted === true,
  published: isReader,
  givenBack: ({ subject }) => subject.gradeGivenBack === true,
  typesIn: ({ actor, subject }) => subject.typesIn?.includes(actor.personId ?? '') === true,
  runsIt: ({ actor }) => actor.role === 'teacher',
  opened: ({ actor, subject }) => subject.openedFor?.includes(actor.personId ?? '') === true,
};

function holds(condition: Condition, asked: Asked): boolean {
  return HOLDS[condition](asked);
}

const TEACH: readonly Relation[] = ['teacher', 'supplyTeacher', 'secondReader'];
const CLASS: readonly Relation[] = ['classmate', 'peer', 'leaver', 'writer', 'editor', ...TEACH];
const READERS: Readonly<Record<Audience, readonly Relation[]>> = {
  writerAndTeachers: ['leaver', 'writer', ...TEACH],
  ourClass: CLASS,
  // Whoever was invited to read need not know the passphrase; everybody else from outside shows it.
  passphrase: [...CLASS, 'reader'],
  everyone: RELATIONS,
};

function isReader({ relation, subject }: Asked): boolean {
  const audience = subject.publishedTo ?? null;
  if (audience === null) return false;
  if (READERS[audience].includes(relation)) return true;
  return audience === 'passphrase' && subject.passphraseShown === true;
}
