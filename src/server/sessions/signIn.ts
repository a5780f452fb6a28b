import { isStudent } from '../../core/access/may';
import { comparableCode, comparablePasscode } from '../../core/people/passcode';
import { nameInClass } from '../../core/people/names';
import { alike, alikeWithoutPunctuation } from '../../core/text/alike';
import { findClassByCode, listMembers, type MemberRow } from '../classes/queries';
import { database } from '../database/database';
import { newId } from '../database/newId';
import { findPerson, findPersonByEmail } from '../people/queries';
import { done, refused, type Result } from '../access/useCase';
import { checkOf } from '../input/validate';
import { isLimited } from './limits';
import { openSession, type OpenedSession } from './openSession';
import { insertFailure, studentAccount } from './queries';
import { isSecret } from './secrets';

const HOUR = 3_600_000;
/** How long a session lives without use, in milliseconds: on a device of one's own, and on one that others use too. */
export const IDLE = {
  own: 14 * 24 * HOUR,
  shared: { adult: HOUR / 2, student: 2 * HOUR },
} as const;

type SignIn =
  | {
      readonly as: 'adult';
      readonly email: string;
      readonly password: string;
      readonly ownDevice?: boolean;
    }
  | {
      readonly as: 'student';
      readonly code: string;
      /** Chosen from the class's list … */
      readonly personId?: string;
      /** … or typed, where the class has it so. */
      readonly name?: string;
      readonly passcode: string;
      readonly ownDevice?: boolean;
    };

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
        ownDevice: { type: 'boolean' },
      },
      required: ['as', 'email', 'password'],
      additionalProperties: false,
    },
    {
      properties: {
        as: { const: 'student' },
        code: { type: 'string', minLength: 1, maxLength: 40 },
        personId: { type: 'string', minLength: 1, maxLength: 16 },
        name: { type: 'string', maxLength: 200 },
        passcode: secret,
        ownDevice: { type: 'boolean' },
      },
      required: ['as', 'code', 'passcode'],
      additionalProperties: false,
    },
  ],
});

interface Found {
  readonly personId: string | null;
  readonly classId: string | null;
  readonly hash: string | null;
  readonly secret: string;
  readonly account: string;
}

/** Signs in an adult by e-mail and password or a student by class code, name and passcode. */
export async function signIn(
  input: unknown,
  from: { readonly address: string; readonly device?: string; readonly now: Date },
): Promise<Result<OpenedSession>> {
  const checked = check(input);
  if (!checked.ok)
    return refused(`input.${checked.problem.key}`, checked.field, { wanted: checked.problem.wanted });
  const found = await (checked.value.as === 'adult' ? findAdult(checked.value) : findStudent(checked.value));
  if (await isLimited(database, { account: found.account, ...from }))
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
  const { as, ownDevice = as === 'adult' } = checked.value;
  const session = await openSession(database, {
    personId: found.personId,
    classId: found.classId,
    device: from.device ?? '',
    idle: ownDevice ? IDLE.own : IDLE.shared[as],
    now: from.now,
  });
  return done(session);
}

function secretField(input: SignIn): string {
  return input.as === 'adult' ? 'password' : 'passcode';
}

async function findAdult(input: SignIn & { readonly as: 'adult' }): Promise<Found> {
  const email = input.email.trim().toLowerCase();
  const person = await findPersonByEmail(database, email);
  return {
    personId: person?.id ?? null,
    classId: person?.lastClassId ?? null,
    hash: person?.passwordHash ?? null,
    secret: input.password,
    account: `adult ${email}`,
  };
}

async function findStudent(input: SignIn & { readonly as: 'student' }): Promise<Found> {
  const inClass = await findClassByCode(database, comparableCode(input.code));
  const members = inClass ? await listMembers(database, inClass.id) : [];
  const students = members.filter((one) => isStudent(one.role));
  const typed = inClass?.namesTyped ? (input.name ?? '') : null;
  const member =
    typed === null
      ? students.find((one) => one.personId === input.personId)
      : findByTypedName(students, typed);
  const person = member ? await findPerson(database, member.personId) : null;
  return {
    personId: person?.id ?? null,
    classId: inClass?.id ?? null,
    hash: person?.passcodeHash ?? null,
    secret: comparablePasscode(input.passcode),
    // A name that is nobody's is counted too, or trying names would cost nothing.
    account: studentAccount(person?.id ?? input.personId ?? `${inClass?.id ?? ''} ${alike(typed ?? '')}`),
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
    named(nameInClass) ??
    named((one) => one.givenName)
  );
}
