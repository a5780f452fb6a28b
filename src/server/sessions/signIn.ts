import { findClassByCode, listMembers } from '../classes/queries';
import { database } from '../database/database';
import { newId } from '../database/newId';
import { findPerson, findPersonByEmail } from '../people/queries';
import { done, refused, type Result } from '../access/useCase';
import { checkOf } from '../input/validate';
import { countFailures, insertFailure, insertSession } from './queries';
import { hashSecret, isSecret, newToken, tokenHash } from './secrets';

const WINDOW = 15 * 60_000;
/** Per account few are enough; an address is shared by a whole school. */
const MOST_FAILURES = { account: 8, address: 300 };
/** How long a session lives without use. */
export const SESSION_LENGTH = { adult: 14 * 86_400_000, child: 12 * 3_600_000 };

type SignIn =
  | { readonly as: 'adult'; readonly email: string; readonly password: string }
  | { readonly as: 'student'; readonly code: string; readonly personId: string; readonly passcode: string };

const secret = { type: 'string', minLength: 1, maxLength: 200 } as const;
const check = checkOf<SignIn>({
  type: 'object',
  required: ['as'],
  discriminator: { propertyName: 'as' },
  oneOf: [
    {
      properties: {
        as: { const: 'adult' },
        email: { type: 'string', minLength: 1, maxLength: 254 },
        password: secret,
      },
      required: ['as', 'email', 'password'],
      additionalProperties: false,
    },
    {
      properties: {
        as: { const: 'student' },
        code: { type: 'string', minLength: 1, maxLength: 40 },
        personId: { type: 'string', minLength: 1, maxLength: 16 },
        passcode: secret,
      },
      required: ['as', 'code', 'personId', 'passcode'],
      additionalProperties: false,
    },
  ],
});

export interface SignedIn {
  readonly token: string;
  readonly expiresAt: Date;
}

interface Found {
  readonly personId: string | null;
  readonly classId: string | null;
  readonly hash: string | null;
  readonly secret: string;
  readonly account: string;
  readonly length: number;
}

/** Signs in an adult by e-mail and password or a student by class code, name and passcode. */
export async function signIn(
  input: unknown,
  from: { readonly address: string; readonly now: Date },
): Promise<Result<SignedIn>> {
  const checked = check(input);
  if (!checked.ok)
    return refused(`input.${checked.problem.key}`, checked.field, { wanted: checked.problem.wanted });
  const found = await (checked.value.as === 'adult' ? findAdult(checked.value) : findStudent(checked.value));
  const failures = await countFailures(database, {
    account: found.account,
    address: from.address,
    since: new Date(from.now.getTime() - WINDOW),
  });
  if (failures.account >= MOST_FAILURES.account || failures.address >= MOST_FAILURES.address)
    return refused('signIn.tooMany', secretField(checked.value));
  if (!(await isSecret(found.hash, found.secret)) || found.personId === null) {
    await insertFailure(database, {
      id: newId(),
      account: found.account,
      address: from.address,
      at: from.now,
    });
    return refused(`signIn.wrong.${checked.value.as}`, secretField(checked.value));
  }
  const token = newToken();
  const expiresAt = new Date(from.now.getTime() + found.length);
  await insertSession(database, {
    tokenHash: tokenHash(token),
    personId: found.personId,
    classId: found.classId,
    now: from.now,
    expiresAt,
  });
  return done({ token, expiresAt });
}

function secretField(input: SignIn): string {
  return input.as === 'adult' ? 'password' : 'passcode';
}

async function findAdult(input: SignIn & { readonly as: 'adult' }): Promise<Found> {
  const email = input.email.trim().toLowerCase();
  const person = await findPersonByEmail(database, email);
  return {
    personId: person?.id ?? null,
    classId: null,
    hash: person?.passwordHash ?? null,
    secret: input.password,
    account: `adult ${email}`,
    length: SESSION_LENGTH.adult,
  };
}

async function findStudent(input: SignIn & { readonly as: 'student' }): Promise<Found> {
  const inClass = await findClassByCode(database, classCode(input.code));
  const members = inClass ? await listMembers(database, inClass.id) : [];
  const member = members.find((one) => one.personId === input.personId && one.role === 'student');
  const person = member ? await findPerson(database, member.personId) : null;
  return {
    personId: person?.id ?? null,
    classId: inClass?.id ?? null,
    hash: person?.passcodeHash ?? null,
    secret: passcode(input.passcode),
    account: `student ${input.personId}`,
    length: SESSION_LENGTH.child,
  };
}

/** A class code as it is compared: without case, spaces and hyphens. */
export function classCode(typed: string): string {
  return typed.toUpperCase().replace(/[^A-Z0-9]/g, '');
}

/** A passcode as it is compared: three words or digits, without case and double spaces. */
function passcode(typed: string): string {
  return typed
    .trim()
    .toLowerCase()
    .replace(/[\s,.-]+/g, ' ');
}

/** What is kept of a passcode. */
export function hashPasscode(typed: string): Promise<string> {
  return hashSecret(passcode(typed));
}
