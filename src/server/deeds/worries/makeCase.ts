import { isStudent, isTeacher, type Actor } from '../../../core/access/may';
import { languageOf, placeOf } from '../../../core/languages/languages';
import { nameInClass, teacherName } from '../../../core/people/names';
import { standsBeforeOthers, type CouldRead, type Teller, type WorryKind } from '../../../core/safety/case';
import { promisedBy } from '../../../core/safety/promisedBy';
import { toldOf, type Told } from '../../../core/safety/told';
import { findRole } from '../../ground/access/roles';
import { done, NOT_THERE, refused, type Result } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { sameSince } from '../../ground/database/sameSince';
import { takeSome, takeTry } from '../../ground/limits/takeTry';
import { sendMail } from '../../ground/mail/sendMail';
import { getSettings } from '../../ground/settings/settings';
import { findSameCase, insertCase, type ToldCase } from '../../tables/cases';
import { findClass, type ClassRow } from '../../tables/classes';
import { listEverMembers, type MemberRow } from '../../tables/memberships';
import { memberShown } from '../subjects/memberShown';
import { findPerson } from '../../tables/people';
import { findPromise } from '../../tables/schoolRules';
import { takeWordsAway } from '../../tables/wordsAway';
import { renewShownPosts } from '../subjects/renewShown';
import { readersOf } from './sight';

/** What a worry is about, as it stands at this moment. */
export interface Worry extends Pick<ToldCase, 'postId' | 'commentId' | 'title' | 'keptHtml' | 'keptText'> {
  readonly kind: WorryKind;
  /** Whose words it is about. */
  readonly aboutId: string;
  readonly audience: CouldRead['audience'];
  /** How many classmates read it as a draft, where it is one. */
  readonly peers?: number;
}

interface Telling {
  readonly words: string;
  readonly actor: Actor;
  readonly inClass: ClassRow;
  /** Everybody who is or was in the class. */
  readonly members: readonly MemberRow[];
  readonly now: Date;
}

/**
 * Makes a case of what somebody tells: keeps the words, takes them from their readers where somebody of the class says so, and
 * writes to those who look after it.
 */
export async function makeCase(
  database: Database,
  worry: Worry,
  { words: typed, actor, inClass, members, now }: Telling,
): Promise<Result<Told>> {
  const words = typed.trim();
  if (words === '') return refused('worry.noWords', 'words');
  const { personId } = actor;
  const teller = tellerOf(actor);
  const place = placeOf(inClass);
  const readers = await readersOf(database, { classId: inClass.id, aboutId: worry.aboutId });
  const promise = await promiseFor(database, readers, { personId, timeZone: inClass.timeZone, now });
  const { kind, postId, commentId } = worry;
  const same =
    personId === null
      ? null
      : await findSameCase(database, {
          toldBy: personId,
          kind,
          postId,
          commentId,
          words,
          since: sameSince(now),
        });
  if (same) return done(toldOf(same, place));
  // Nobody buries the school under them.
  if (personId !== null && !(await takeTry('worry', { subject: personId, now }, database)).allowed)
    return refused('worry.tooMany', 'words');
  const tookAway = standsBeforeOthers(kind) && (await takesAway(database, { teller, personId, now }));
  const caseId = newId();
  const made: ToldCase = {
    ...promise,
    id: caseId,
    classId: inClass.id,
    classTitle: [inClass.title, inClass.groupName].filter(Boolean).join(', '),
    timeZone: inClass.timeZone,
    ...keptOf(worry),
    couldRead: couldRead(worry, { inClass, members }),
    aboutName: await nameOf(database, worry.aboutId, members),
    toldBy: personId,
    teller,
    toldName: personId === null ? '' : await nameOf(database, personId, members),
    words,
    toldAt: now,
    tookAway,
  };
  await insertCase(database, made);
  if (tookAway) {
    await takeWordsAway(database, { id: newId(), caseId, postId, commentId, since: now, decided: false });
    await renewShownPosts(database, [postId], now);
  }
  for (const { email, givenName, language } of readers.people)
    if (email !== null)
      await sendMail(database, {
        to: email,
        kind: 'worry',
        language: languageOf(language, inClass.language),
        values: { name: givenName, link: `${getSettings().origin}/worries/${caseId}` },
        now,
      });
  return done(toldOf(made, place));
}

/** Who is said to read it by when, and where else there is help; nobody who is not signed in is promised an answer. */
async function promiseFor(
  database: Database,
  { as, people }: Awaited<ReturnType<typeof readersOf>>,
  {
    personId,
    timeZone,
    now,
  }: { readonly personId: string | null; readonly timeZone: string; readonly now: Date },
): Promise<Pick<ToldCase, 'promisedReader' | 'promisedAt' | 'toldHelp'>> {
  const { minutes, help } = await findPromise(database);
  const [first] = people;
  return {
    // As long as nobody is named it is said of all who read it.
    promisedReader: as === 'nobodyNamed' || !first ? '' : teacherName(first),
    promisedAt: personId === null || !first ? null : new Date(promisedBy(now.getTime(), minutes, timeZone)),
    toldHelp: help,
  };
}

/** The same for what is told at a desk, about something of a class. */
export async function makeCaseAtDesk(
  database: Database,
  worry: Worry,
  {
    classId,
    personId,
    words,
    now,
  }: { readonly classId: string; readonly personId: string; readonly words: string; readonly now: Date },
): Promise<Result<Told>> {
  const inClass = await findClass(database, classId);
  if (!inClass) return NOT_THERE;
  const actor = { personId, role: await findRole(database, classId, personId) };
  const members = await listEverMembers(database, classId);
  return makeCase(database, worry, { words, actor, inClass, members, now });
}

function keptOf({ audience: _, peers: __, ...kept }: Worry) {
  return kept;
}

function tellerOf({ personId, role }: Actor): Teller {
  if (personId === null) return 'visitor';
  if (role === null) return 'stranger';
  if (isTeacher(role)) return 'teacher';
  return isStudent(role) ? 'student' : 'reader';
}

/** Words go from the class's screens where somebody of the class says so, a few times a week each; others only tell. */
async function takesAway(
  database: Database,
  {
    teller,
    personId,
    now,
  }: { readonly teller: Teller; readonly personId: string | null; readonly now: Date },
): Promise<boolean> {
  if (personId === null || (teller !== 'student' && teller !== 'teacher')) return false;
  return (await takeSome('wordsAway', { subject: personId, now, many: 1 }, database)) > 0;
}

function couldRead(
  { kind, aboutId, audience, peers = 0 }: Worry,
  { inClass, members }: Pick<Telling, 'inClass' | 'members'>,
): CouldRead {
  const there = members.filter((one) => one.leftAt === null);
  return {
    audience,
    students: there.filter((one) => isStudent(one.role) && one.personId !== aboutId).length,
    teachers: there.filter((one) => isTeacher(one.role) && one.personId !== aboutId).length,
    editors: kind === 'handIn' && inClass.editorsRead,
    peers,
  };
}

async function nameOf(database: Database, personId: string, members: readonly MemberRow[]): Promise<string> {
  const member = members.find((one) => one.personId === personId);
  if (member) return memberShown(member);
  const person = await findPerson(database, personId);
  return person ? nameInClass(person) : '';
}
