import { placeOf } from '../../src/core/languages/languages';
import { afterAll, afterEach, beforeAll, beforeEach } from 'vitest';
import { undoEverything, type Undoing } from './undone';
import type { Audience } from '../../src/core/access/audience';
import { isTeacher, type AccountRole, type ClassRole } from '../../src/core/access/may';
import type { DocumentJson } from '../../src/core/document/openDocument';
import { instructionsFrom } from '../../src/core/assignments/lessonText';
import { readHtml } from '../../src/core/document/html/readHtml';
import type { Release } from '../../src/core/posts/release';
import { perform } from '../../src/server/ground/access/perform';
import type { Result, UseCase } from '../../src/server/ground/access/useCase';
import { changeAssignment } from '../../src/server/deeds/assignments/changeAssignment';
import { makeAssignment } from '../../src/server/deeds/assignments/makeAssignment';
import { setAssignment } from '../../src/server/deeds/assignments/setAssignment';
import { findClass, insertClass, listClassesOf } from '../../src/server/tables/classes';
import { insertMembership } from '../../src/server/tables/memberships';
import { database, inTransaction } from '../../src/server/ground/database/database';
import { newId } from '../../src/server/ground/database/newId';
import { closePool } from '../../src/server/ground/database/pool';
import { insertLabel } from '../../src/server/tables/labels';
import { insertPerson } from '../../src/server/tables/people';
import { keepNote } from '../../src/server/deeds/notes/keepNote';
import { sendNotes } from '../../src/server/deeds/notes/sendNotes';
import { beginPost } from '../../src/server/deeds/posts/beginPost';
import { handIn } from '../../src/server/deeds/posts/handIn';
import { listHandIns } from '../../src/server/tables/handIns';
import { findPost } from '../../src/server/tables/posts';
import { publish } from '../../src/server/deeds/publications/publish';
import { savePost } from '../../src/server/deeds/posts/savePost';
import { accept } from '../../src/server/deeds/reviews/accept';
import { judge } from '../../src/server/deeds/reviews/judge';
import { openHandIn } from '../../src/server/deeds/reviews/openHandIn';
import type { Desk, Desks } from '../../src/server/deeds/sessions/desk';

export const NOW = new Date('2026-11-17T12:00:00Z');
export type Who =
  | 'teacher'
  | 'coTeacher'
  | 'supplyTeacher'
  | 'editor'
  | 'writer'
  | 'classmate'
  | 'reader'
  | 'administrator'
  | 'stranger'
  | 'visitor';

/** Everybody who might ask for something, from the furthest to the nearest. */
export const EVERYBODY: readonly Who[] = [
  'visitor',
  'stranger',
  'administrator',
  'reader',
  'classmate',
  'writer',
  'editor',
  'supplyTeacher',
  'coTeacher',
  'teacher',
];

/** What each of them is in the class that tests are about. */
export const ROLES: Readonly<Record<Who, ClassRole | null>> = {
  visitor: null,
  stranger: null,
  reader: 'reader',
  classmate: 'student',
  writer: 'student',
  editor: 'studentEditor',
  supplyTeacher: 'supplyTeacher',
  coTeacher: 'coTeacher',
  teacher: 'teacher',
  administrator: null,
};

/** What each of them is in the install. */
export const ACCOUNTS: Readonly<Record<Who, AccountRole | null>> = {
  visitor: null,
  stranger: null,
  reader: null,
  classmate: null,
  writer: null,
  editor: null,
  supplyTeacher: 'teacher',
  coTeacher: 'teacher',
  teacher: 'teacher',
  administrator: 'administrator',
};

/** A class with its people, empty of posts. A stranger belongs to another class. */
export interface House {
  readonly classId: string;
  readonly people: Readonly<Record<Exclude<Who, 'visitor'>, string>>;
}

/** Empties every table, so that a test begins on a fresh house. */
export async function emptyDatabase(): Promise<void> {
  const tables = await database.rows<{ name: string }>(
    "SELECT TABLE_NAME AS name FROM information_schema.TABLES WHERE TABLE_SCHEMA = DATABASE() AND TABLE_NAME NOT LIKE 'migration%'",
  );
  await inTransaction(async (transaction) => {
    await transaction.change('SET FOREIGN_KEY_CHECKS = 0');
    // Names come from the database itself; a table's name cannot be bound.
    for (const { name } of tables) await transaction.change(`DELETE FROM \`${name}\``);
    await transaction.change('SET FOREIGN_KEY_CHECKS = 1');
  });
}

export async function buildHouse(ceiling: Audience = 'everyone'): Promise<House> {
  const classId = await addClass('wind', 'WIND1', ceiling);
  const otherClass = await addClass('moss', 'MOSS1', 'ourClass');
  const people = {
    teacher: await addPerson('Tess', classId, 'teacher'),
    coTeacher: await addPerson('Cory', classId, 'coTeacher'),
    supplyTeacher: await addPerson('Supp', classId, 'supplyTeacher'),
    writer: await addPerson('Wren', classId, 'student'),
    classmate: await addPerson('Mate', classId, 'student'),
    editor: await addPerson('Edda', classId, 'studentEditor'),
    reader: await addPerson('Rika', classId, 'reader'),
    stranger: await addPerson('Stan', otherClass, 'student'),
    administrator: await addPerson('Ada', null, null, 'administrator'),
  };
  return { classId, people };
}

/**
 * The house for the tests of a file. It is built once, and what a test did is undone after it. In a file whose tests do things
 * at the same moment, or change a table itself, it is built anew before each of them: neither can be undone.
 */
export function freshHouse({ atOnce = false } = {}): House {
  const house = {} as House;
  const build = async () => {
    await emptyDatabase();
    return buildHouse();
  };
  if (atOnce)
    beforeEach(async () => {
      Object.assign(house, await build());
    });
  else {
    let built: House;
    let undoing: Undoing;
    beforeAll(async () => {
      built = await build();
      undoing = await undoEverything();
    });
    beforeEach(() => {
      Object.assign(house, built);
      return undoing.begin();
    });
    afterEach(() => undoing.undo());
    afterAll(() => undoing.end());
  }
  afterAll(closePool);
  return house;
}

/** A further class; its id. */
export async function addClass(address: string, code: string, ceiling: Audience): Promise<string> {
  const id = newId();
  await insertClass(database, {
    id,
    address,
    title: 'Wind & Weather',
    groupName: '8B',
    subtitle: '',
    schoolName: 'Alder Quay School',
    code,
    timeZone: 'Europe/Dublin',
    language: 'en-GB',
    ceiling,
    namingRule: 'firstName',
    passcodeKind: 'pictures',
    namesTyped: false,
    consentNeeded: false,
    settledAt: NOW,
    createdAt: NOW,
  });
  await insertLabel(database, id, 'three-skies');
  return id;
}

/** A further person of a class; their id. */
export async function addPerson(
  givenName: string,
  classId: string | null,
  role: ClassRole | null,
  account: AccountRole | null = role !== null && isTeacher(role) ? 'teacher' : null,
): Promise<string> {
  const id = newId();
  const homeClassId = role === 'student' || role === 'studentEditor' ? classId : null;
  await insertPerson(database, {
    id,
    givenName,
    familyName: 'Example',
    account,
    homeClassId,
    createdAt: NOW,
  });
  if (classId !== null && role !== null) await addMember(id, classId, role);
  return id;
}

export async function addMember(personId: string, classId: string, role: ClassRole): Promise<void> {
  await insertMembership(database, { classId, personId, role, joinedAt: NOW });
}

export function personOf(house: House, who: Who): string | null {
  return who === 'visitor' ? null : house.people[who];
}

/** Does something as somebody of the house. */
export function as<Input, Rows, Output>(
  house: House,
  who: Who,
  useCase: UseCase<Input, Rows, Output>,
  input: unknown,
  now = NOW,
): Promise<Result<Output>> {
  return perform(useCase, input, { personId: personOf(house, who), now });
}

/** The value of something that must succeed. */
export async function succeeded<Value>(result: Promise<Result<Value>>): Promise<Value> {
  const outcome = await result;
  if (!outcome.ok) throw new Error(`refused: ${outcome.code} ${outcome.field ?? ''}`);
  return outcome.value;
}

interface Wanted {
  readonly title?: string;
  /** Local to the class. */
  readonly due?: string | null;
  readonly release?: Release;
  readonly audience?: Audience;
  readonly missing?: 'warns' | 'stops';
  readonly draftsOpen?: boolean;
  readonly hidesNames?: boolean;
  readonly lateRule?: object;
  readonly set?: boolean;
}

export const FIELDS = {
  number: 2,
  title: 'Three skies',
  instructions: instructionsFrom('Look up.'),
  due: '2026-11-19T16:00',
  requirements: [
    { id: 'words', kind: 'words', weight: 'required', points: 4, partial: true, min: 4 },
    { id: 'bonus', kind: 'labels', weight: 'bonus', points: 1, allOf: ['three-skies'] },
  ],
  rubric: [
    {
      id: 'noticing',
      name: 'Noticing',
      weight: 2,
      levels: [
        { points: 1, description: 'names it' },
        { points: 3, description: 'shows it' },
      ],
    },
  ],
  lateRule: { kind: 'points', perDay: 1 },
  audience: 'everyone',
  release: 'accepted',
  missing: 'warns',
  draftsOpen: false,
  hidesNames: false,
} as const;

export async function setWork(house: House, { set = true, ...wanted }: Wanted = {}): Promise<string> {
  const { assignmentId } = await succeeded(as(house, 'teacher', makeAssignment, { classId: house.classId }));
  const fields = { ...FIELDS, ...wanted };
  await succeeded(as(house, 'teacher', changeAssignment, { assignmentId, version: 1, fields }));
  if (set) await succeeded(as(house, 'teacher', setAssignment, { assignmentId }));
  return assignmentId;
}

export function writing(html: string, title = '2 · Skies', labels: readonly string[] = []) {
  return { title, labels, body: readHtml(html).toJSON() as DocumentJson };
}

/** Begins a post and saves it; its id. */
export async function writePost(
  house: House,
  assignmentId: string,
  html = '<p>grey all day long</p>',
): Promise<string> {
  const { postId } = await succeeded(as(house, 'writer', beginPost, { assignmentId }));
  await succeeded(as(house, 'writer', savePost, { postId, version: 1, writing: writing(html) }));
  return postId;
}

/** Hands a post in as it stands; the id of the hand-in. */
export async function handInPost(house: House, postId: string, now = NOW): Promise<string> {
  const version = (await findPost(database, postId))?.version;
  await succeeded(as(house, 'writer', handIn, { postId, version }, now));
  return (await listHandIns(database, postId)).at(-1)?.id ?? '';
}

/** Opens, judges and accepts a hand-in. */
export async function acceptPost(house: House, postId: string, handInId: string): Promise<void> {
  const named = { postId, handInId };
  await succeeded(as(house, 'teacher', openHandIn, named));
  await succeeded(as(house, 'teacher', judge, { ...named, criterionId: 'noticing', level: 1 }));
  await succeeded(as(house, 'teacher', accept, named));
}

/** A post of the writer that was handed in and accepted. */
export async function acceptedPost(
  house: House,
): Promise<{ readonly postId: string; readonly handInId: string }> {
  const postId = await writePost(house, await setWork(house));
  const handInId = await handInPost(house, postId);
  await acceptPost(house, postId, handInId);
  return { postId, handInId };
}

/** A post of the writer that readers see, with the assignment that was set for it. */
export async function publishedPost(
  house: House,
  {
    audience,
    html = '<p>grey all day long</p>',
    title = '2 · Skies',
    label = 'three-skies',
  }: {
    readonly audience: 'ourClass' | 'everyone';
    readonly html?: string;
    readonly title?: string;
    readonly label?: string;
  },
): Promise<{ readonly assignmentId: string; readonly postId: string }> {
  const assignmentId = await setWork(house);
  const { postId } = await succeeded(as(house, 'writer', beginPost, { assignmentId }));
  const written = writing(html, title, [label]);
  await succeeded(as(house, 'writer', savePost, { postId, version: 1, writing: written }));
  await acceptPost(house, postId, await handInPost(house, postId));
  await succeeded(as(house, 'teacher', publish, { postId, audience }));
  return { assignmentId, postId };
}

/** Somebody's desks in all their classes, for asking views; that of the house comes first. */
export async function desksFor(house: House, who: Exclude<Who, 'visitor'>): Promise<Desks> {
  const desk = await deskFor(house, who);
  const others = (await listClassesOf(database, desk.personId)).filter((one) => one.id !== house.classId);
  return [desk, ...others.map(({ role, ...inClass }) => ({ ...desk, role, inClass }))];
}

/** Somebody's desk, for asking views. */
export async function deskFor(house: House, who: Exclude<Who, 'visitor'>): Promise<Desk> {
  const rows = await database.rows<{ classId: string; role: Desk['role'] }>(
    `SELECT class_id AS classId, role FROM memberships WHERE person_id = :personId AND left_at IS NULL
     ORDER BY class_id = :classId DESC`,
    { personId: house.people[who], classId: house.classId },
  );
  const membership = rows[0]!;
  const inClass = await findClass(database, membership.classId);
  return {
    personId: house.people[who],
    role: membership.role,
    inClass: inClass!,
    now: NOW,
    place: placeOf(inClass!),
  };
}

/** Asks a view as each of the people who have a desk; the names of those who are given something. */
export async function whoSees(house: House, view: (desk: Desk) => unknown): Promise<readonly Who[]> {
  const seers: Who[] = [];
  for (const who of EVERYBODY)
    // An administrator has no desk: they belong to no class.
    if (who !== 'visitor' && who !== 'administrator' && (await view(await deskFor(house, who))) !== null)
      seers.push(who);
  return seers;
}

/** Writes a note on a whole post and sends it, as `who`. @returns its id */
export async function writeNote(
  house: House,
  who: Who,
  { postId, handInId, text }: { readonly postId: string; readonly handInId: string; readonly text: string },
): Promise<string> {
  const noteId = newId();
  const whole = { target: 'post', targetId: null, anchor: null, suggested: null, version: 0 } as const;
  await succeeded(as(house, who, keepNote, { postId, handInId, noteId, text, ...whole }));
  await succeeded(as(house, who, sendNotes, { postId, handInId }));
  return noteId;
}
