import { signIn as door, type SignIn } from '../../../contract/doors/signIn';
import { isStudent } from '../../../core/access/may';
import { comparableCode, comparablePasscode } from '../../../core/people/passcode';
import { nameInClass } from '../../../core/people/names';
import { comparableEmail } from '../../../core/people/emailAddress';
import { alikeWithoutPunctuation } from '../../../core/text/alike';
import { findClassByCode } from '../../tables/classes';
import { listMembers, type MemberRow } from '../../tables/memberships';
import { database } from '../../ground/database/database';
import { takeTry, takeTurn, type Rest, type Try } from '../../ground/limits/takeTry';
import { findLivePersonByEmail, findPerson } from '../../tables/people';
import { done, refused, type Result } from '../../ground/access/useCase';
import { inputCheckOf } from '../../ground/access/checkInput';
import { isSecret, tokenHash } from '../../ground/secrets/secrets';
import { isKnownDevice, rememberDevice } from './knownDevices';
import { nameHandle } from './nameHandle';
import { openSession, type OpenedSession } from './openSession';

const HOUR = 3_600_000;
/** How long a session lives without use, in milliseconds: on a device of one's own, and on one that others use too. */
export const IDLE = {
  own: 14 * 24 * HOUR,
  shared: { adult: HOUR / 2, student: 2 * HOUR },
} as const;

const check = inputCheckOf<SignIn>(door.input);

interface Found {
  readonly personId: string | null;
  readonly classId: string | null;
  readonly hash: string | null;
  readonly secret: string;
  /** Whose wrong tries are counted; null where it is nobody's account. */
  readonly account: string | null;
}

export interface SigningInFrom {
  readonly address: string;
  /** What kind of device it is, in words. */
  readonly device?: string;
  /** The device's own token. */
  readonly deviceToken?: string;
  readonly now: Date;
  readonly wait?: Rest;
}

/**
 * Signs in an adult by e-mail and password or a student by class code, name and passcode. Each try is taken before anything
 * is compared, and given back when it was right.
 */
export async function signIn(input: unknown, from: SigningInFrom): Promise<Result<OpenedSession>> {
  const checked = check(input);
  if (!checked.ok) return checked;
  const { as, ownDevice = as === 'adult' } = checked.value;
  const found = await (checked.value.as === 'adult' ? findAdult(checked.value) : findStudent(checked.value));
  const tries = await takeTries(found, as, from);
  if (!tries) return refused('signIn.tooMany', secretField(checked.value));
  if (!(await isSecret(found.hash, found.secret)) || found.personId === null)
    return refused(`signIn.wrong.${as}`, secretField(checked.value));
  for (const taken of tries) await taken.giveBack();
  const { personId } = found;
  const session = await openSession(database, {
    personId,
    classId: found.classId,
    device: from.device ?? '',
    idle: ownDevice ? IDLE.own : IDLE.shared[as],
    now: from.now,
  });
  if (from.deviceToken) await rememberDevice(database, { personId, device: from.deviceToken, at: from.now });
  return done(session);
}

/** Takes a try wherever one is counted, slowed by what is shared; null where the account itself is held back. */
async function takeTries(
  { account, personId, classId }: Found,
  as: SignIn['as'],
  from: SigningInFrom,
): Promise<readonly Try[] | null> {
  const { now, wait, deviceToken } = from;
  const asked = { now, ...(wait ? { wait } : {}) };
  const tries = [await takeTurn('address', { ...asked, subject: from.address })];
  if (as === 'student' && classId !== null)
    tries.push(await takeTurn('class', { ...asked, subject: classId }));
  if (account === null) return tries;
  const known = personId && deviceToken && (await isKnownDevice(database, personId, deviceToken));
  // What others try elsewhere does not keep somebody out on their own device, where tries are counted apart.
  const names =
    as === 'adult'
      ? (['password', 'passwordOnDevice'] as const)
      : (['passcode', 'passcodeOnDevice'] as const);
  const taken = known
    ? await takeTry(names[1], { now, subject: `${account} ${tokenHash(deviceToken).toString('hex')}` })
    : await takeTry(names[0], { now, subject: account });
  return taken.allowed ? [...tries, taken] : null;
}

function secretField(input: SignIn): string {
  return input.as === 'adult' ? 'password' : 'passcode';
}

async function findAdult(input: SignIn & { readonly as: 'adult' }): Promise<Found> {
  const email = comparableEmail(input.email);
  const person = await findLivePersonByEmail(database, email);
  return {
    personId: person?.id ?? null,
    classId: person?.lastClassId ?? null,
    hash: person?.passwordHash ?? null,
    secret: input.password,
    account: email,
  };
}

async function findStudent(input: SignIn & { readonly as: 'student' }): Promise<Found> {
  const inClass = await findClassByCode(database, comparableCode(input.code));
  const members = inClass ? await listMembers(database, inClass.id) : [];
  const students = members.filter((one) => isStudent(one.role));
  const member = inClass?.namesTyped
    ? findByTypedName(students, input.name ?? '')
    : students.find((one) => inClass && nameHandle(inClass.id, one.personId) === input.who);
  const person = member ? await findPerson(database, member.personId) : null;
  return {
    personId: person?.id ?? null,
    classId: inClass?.id ?? null,
    hash: person?.deletedAt ? null : (person?.passcodeHash ?? null),
    secret: comparablePasscode(input.passcode),
    // Only who has the class's code can lock a child of it; a name that is nobody's slows the class down.
    account: person?.id ?? null,
  };
}

/** The one student whom a typed name can mean: the first name with or without the initial or the family name. */
function findByTypedName(students: readonly MemberRow[], typed: string): MemberRow | undefined {
  const wanted = alikeWithoutPunctuation(typed);
  const named = (nameOf: (one: MemberRow) => string) => {
    const found = students.filter((one) => alikeWithoutPunctuation(nameOf(one)) === wanted);
    return found.length === 1 ? found[0] : undefined;
  };
  return (
    named((one) => `${one.givenName} ${one.familyName}`) ??
    named((one) => one.shownName) ??
    named(nameInClass) ??
    named((one) => one.givenName)
  );
}
