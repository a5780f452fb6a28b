import {
  acceptInvitation as door,
  type InvitationAnswer as Input,
} from '../../../contract/doors/acceptInvitation';
import { type ClassRole, isStudent } from '../../../core/access/may';
import { passwordWeakness } from '../../../core/people/password';
import { cleanName, isName } from '../../../core/people/readName';
import { whyNotTheirs } from '../../../core/roster/takingIn';
import { comparableEmail } from '../../../core/people/emailAddress';
import { writeAuditLine } from '../../ground/access/auditLog';
import { done, NOT_THERE, refused, type Refusal, type Result } from '../../ground/access/useCase';
import { database, inTransaction, type Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { inputCheckOf } from '../../ground/access/checkInput';
import { findLivePersonByEmail, findPersonByEmail, insertPerson, updateLogin } from '../../tables/people';
import { findStudentStanding } from '../../tables/standing';
import { takeTurn, type Rest } from '../../ground/limits/takeTry';
import { deleteOtherSessions } from '../../tables/sessions';
import { findMembership, leaveClass, setMembership } from '../../tables/memberships';
import { hasWritten } from '../../tables/roster';
import { hashSecret, tokenHash } from '../../ground/secrets/secrets';
import {
  findInvitationByToken,
  lockInvitationByToken,
  markAccepted,
  type InvitationRow,
} from '../../tables/invitations';
import { openSession, type OpenedSession } from '../sessions/openSession';
import { IDLE, signIn } from '../sessions/signIn';
import { invitationState } from './findInvitation';

const check = inputCheckOf<Input>(door.input);

interface From {
  readonly address: string;
  readonly device: string;
  readonly deviceToken?: string;
  readonly wait?: Rest;
  /** Who is signed in already on this device. */
  readonly personId: string | null;
  readonly now: Date;
}

/**
 * Accepts an invitation with a new account, with one that exists, or as whoever is signed in. The link works once. The
 * value is a new session, or null where there is one already.
 */
export async function acceptInvitation(input: unknown, from: From): Promise<Result<OpenedSession | null>> {
  const checked = check(input);
  if (!checked.ok) return checked;
  const { value } = checked;
  const link = await takeTurn('link', { ...from, subject: from.address });
  if (!link.allowed) return refused('account.slowly');
  if (await findInvitationByToken(database, tokenHash(value.token))) await link.giveBack();
  if (value.as === 'new') return asNewPerson(value, from);
  if (value.as === 'signedIn') {
    if (from.personId === null) return refused('signedOut');
    const accepted = await accept(value.token, from.personId, from.now);
    return accepted.ok ? done(null) : accepted;
  }
  const { email, password } = value;
  const signedIn = await signIn({ as: 'adult', email, password }, from);
  if (!signedIn.ok) return signedIn;
  const person = await findLivePersonByEmail(database, comparableEmail(email));
  const accepted = person ? await accept(value.token, person.id, from.now) : NOT_THERE;
  return accepted.ok ? signedIn : accepted;
}

async function accept(link: string, personId: string, now: Date): Promise<Result<null>> {
  return inTransaction(async (transaction) => {
    const invitation = await lockInvitationByToken(transaction, tokenHash(link));
    const problem = problemOf(invitation, now);
    if (problem || !invitation) return problem ?? NOT_THERE;
    return join(transaction, { invitation, personId, now });
  });
}

async function asNewPerson(
  input: Input & { readonly as: 'new' },
  from: From,
): Promise<Result<OpenedSession>> {
  const { now, device } = from;
  const [givenName, familyName] = [cleanName(input.givenName), cleanName(input.familyName)];
  if (!isName(givenName)) return refused('account.noName', 'givenName');
  // Hashing is work: it is done for a link that leads somewhere only.
  const open = await findInvitationByToken(database, tokenHash(input.token));
  const closed = problemOf(open, now);
  if (closed) return closed;
  const passwordHash = await hashSecret(input.password);
  return inTransaction(async (transaction) => {
    const invitation = await lockInvitationByToken(transaction, tokenHash(input.token));
    const problem = problemOf(invitation, now);
    if (problem || !invitation) return problem ?? NOT_THERE;
    const weakness = passwordWeakness(input.password, [givenName, familyName, invitation.email]);
    if (weakness) return refused(`account.password.${weakness}`, 'password');
    const { classId, email, role } = invitation;
    const known = await findPersonByEmail(transaction, email);
    const onRoster = invitation.personId ?? known?.id ?? null;
    const refusal = onRoster === null ? null : await whyNoLogin(transaction, onRoster, invitation);
    if (refusal) return refusal;
    if (known && known.id !== onRoster) return refused('invitation.hasAccount', 'password');
    const personId = onRoster ?? newId();
    // A student of the roster keeps the name that the school knows them by.
    if (onRoster !== null) {
      await updateLogin(transaction, { id: onRoster, email, passwordHash });
      await deleteOtherSessions(transaction, onRoster, null);
    } else
      await insertPerson(transaction, {
        id: personId,
        givenName,
        familyName,
        email,
        passwordHash,
        homeClassId: isStudent(role) ? classId : null,
        createdAt: now,
      });
    const joined = await join(transaction, { invitation, personId, now });
    if (!joined.ok) return joined;
    return done(await openSession(transaction, { personId, classId, device, idle: IDLE.own, now }));
  });
}

/**
 * Why an invitation must not give somebody who is there already a password, or null where it may. Only a student of the very
 * class that invites, who has no sign-in of their own, gets one by it: it may be long ago that they were invited.
 */
async function whyNoLogin(
  transaction: Database,
  personId: string,
  { classId }: InvitationRow,
): Promise<Refusal | null> {
  const student = await findStudentStanding(transaction, personId);
  if (!student || student.deleted) return refused('invitation.withdrawn');
  const problem = whyNotTheirs(student, classId);
  if (problem === null) return null;
  return refused(problem === 'ownSignIn' ? 'invitation.hasAccount' : 'invitation.otherHome', 'password');
}

function problemOf(invitation: InvitationRow | null, now: Date): Refusal | null {
  if (!invitation) return refused('invitation.unknown');
  const state = invitationState(invitation, now);
  return state === 'open' ? null : refused(`invitation.${state}`);
}

/** From the least to the most that somebody can be in a class: an invitation never takes anything away. */
const RANKS: readonly ClassRole[] = [
  'reader',
  'student',
  'studentEditor',
  'supplyTeacher',
  'coTeacher',
  'teacher',
];

interface Joining {
  readonly invitation: InvitationRow;
  readonly personId: string;
  readonly now: Date;
}

async function join(transaction: Database, { invitation, personId, now }: Joining): Promise<Result<null>> {
  const { id, classId, role, until } = invitation;
  const place = invitation.personId;
  if (place !== null && place !== personId) {
    // The student of the roster turns out to have an account already: it takes the place, if that is still empty.
    if (await hasWritten(transaction, place)) return refused('invitation.otherPerson');
    await leaveClass(transaction, { classId, personId: place, at: now });
  }
  const present = await findMembership(transaction, classId, personId);
  const rank = (one: ClassRole) => RANKS.indexOf(one);
  // Who is let in again for a while stays to the new last day.
  const again = role === 'supplyTeacher' && present?.role === role;
  if (!present || present.leftAt || again || rank(present.role) < rank(role))
    await setMembership(transaction, { classId, personId, role, until, at: now });
  await markAccepted(transaction, { id, personId, at: now });
  await writeAuditLine(transaction, {
    useCase: 'acceptInvitation',
    found: { classId, subjectId: id },
    personId,
    now,
  });
  return done(null);
}
