import { beforeEach, describe, expect, test } from 'vitest';
import {
  as,
  deskFor,
  NOW,
  setWork,
  succeeded,
  whoSees,
  writePost,
  freshHouse,
} from '../../../../tests/server/house';
import { linkIn, mailsTo } from '../../../../tests/support/mails';
import { findRole } from '../../ground/access/roles';
import { database } from '../../ground/database/database';
import { findPersonByEmail, updateLogin } from '../../tables/people';
import { hashSecret } from '../../ground/secrets/secrets';
import { maybeInvitations } from '../../views/invitations/viewInvitations';
import { runOneJob } from '../chores/runJobs';
import { findSession } from '../sessions/session';
import { acceptInvitation } from './acceptInvitation';
import { findInvitation } from './findInvitation';
import { invite } from './invite';
import { resendInvitation } from './resendInvitation';
import { withdrawInvitation } from './withdrawInvitation';

const EMAIL = 'aunt.invited@example.org';
const PASSWORD = 'four saucers by the stove';
const house = freshHouse();
let number = 0;
beforeEach(() => {
  number += 1;
});

const address = (name: string) => `${name}.${number}.invited@example.org`;
const from = (personId: string | null = null, now = NOW) => ({
  address: '192.0.2.7',
  device: 'Firefox, Linux',
  personId,
  now,
});
const days = (count: number) => new Date(NOW.getTime() + count * 86_400_000);

/** Invites somebody and follows the link of the mail that comes; the token in it. */
async function invited(
  email: string,
  role: 'reader' | 'coTeacher' | 'student' = 'reader',
  personId: string | null = null,
) {
  const input = { classId: house.classId, role, email, personId };
  const { invitationId } = await succeeded(as(house, 'teacher', invite, input));
  return { invitationId, token: await tokenFor(email) };
}

async function tokenFor(email: string): Promise<string> {
  while (await runOneJob(NOW));
  return linkIn((await mailsTo(email))[0]).replace('/invitation/', '');
}

const asNew = (token: string, wanted = {}) =>
  acceptInvitation(
    { as: 'new', token, givenName: 'Rosa', familyName: 'Quayle', password: PASSWORD, ...wanted },
    from(),
  );

test('is accepted with a new account, which is signed in at once', async () => {
  const email = address('rosa');
  const { token } = await invited(email);
  expect(await findInvitation(token, NOW)).toMatchObject({
    state: 'open',
    role: 'reader',
    email,
    hasAccount: false,
  });
  const accepted = await succeeded(asNew(token));
  const session = await findSession(accepted?.token ?? '', NOW);
  expect(session).toMatchObject({
    person: { givenName: 'Rosa', account: null },
    classes: [{ role: 'reader' }],
  });
  expect(await findInvitation(token, NOW)).toMatchObject({ state: 'used' });
  expect(await asNew(token)).toMatchObject({ code: 'invitation.used' });
  const kept = JSON.stringify(await database.rows('SELECT * FROM invitations'));
  expect(kept).not.toContain(token);
});

test('is accepted with an account that exists, by password or because it is signed in', async () => {
  const email = address('tess');
  await updateLogin(database, { id: house.people.stranger, email, passwordHash: await hashSecret(PASSWORD) });
  const { token } = await invited(email, 'coTeacher');
  expect(await findInvitation(token, NOW)).toMatchObject({ hasAccount: true });
  expect(await asNew(token)).toMatchObject({ code: 'invitation.hasAccount' });
  const wrong = { as: 'account', token, email, password: 'not this one' };
  expect(await acceptInvitation(wrong, from())).toMatchObject({ code: 'signIn.wrong.adult' });
  expect((await acceptInvitation({ ...wrong, password: PASSWORD }, from())).ok).toBe(true);
  expect(await findRole(database, house.classId, house.people.stranger)).toBe('coTeacher');

  const other = await invited(address('else'), 'reader');
  expect(await acceptInvitation({ as: 'signedIn', token: other.token }, from(house.people.stranger))).toEqual(
    {
      ok: true,
      value: null,
    },
  );
  // An invitation never takes anything away.
  expect(await findRole(database, house.classId, house.people.stranger)).toBe('coTeacher');
  expect(await acceptInvitation({ as: 'signedIn', token: other.token }, from(null))).toMatchObject({
    code: 'signedOut',
  });
});

describe('for a student of the roster', () => {
  test('gives that very student an account of their own', async () => {
    const email = address('wren');
    const { token } = await invited(email, 'student', house.people.writer);
    await succeeded(asNew(token));
    expect(await findPersonByEmail(database, email)).toMatchObject({
      id: house.people.writer,
      givenName: 'Wren',
    });
  });

  test('lets another account take the place while nothing was written under the name', async () => {
    const email = address('mate');
    await updateLogin(database, {
      id: house.people.stranger,
      email,
      passwordHash: await hashSecret(PASSWORD),
    });
    const { token } = await invited(email, 'student', house.people.classmate);
    const input = { as: 'signedIn', token };
    await succeeded(acceptInvitation(input, from(house.people.stranger)));
    expect(await findRole(database, house.classId, house.people.classmate)).toBeNull();
    expect(await findRole(database, house.classId, house.people.stranger)).toBe('student');

    await writePost(house, await setWork(house));
    const second = await invited(address('wren'), 'student', house.people.writer);
    expect(
      await acceptInvitation({ as: 'signedIn', token: second.token }, from(house.people.stranger)),
    ).toMatchObject({ code: 'invitation.otherPerson' });
  });
});

describe('that cannot be accepted', () => {
  test('says why, and what to do is one press of the teacher', async () => {
    const email = address('late');
    const { invitationId, token } = await invited(email);
    expect(await findInvitation(token, days(15))).toMatchObject({ state: 'expired' });
    await succeeded(as(house, 'teacher', withdrawInvitation, { classId: house.classId, invitationId }));
    expect(await asNew(token)).toMatchObject({ code: 'invitation.withdrawn' });
    await succeeded(as(house, 'teacher', resendInvitation, { classId: house.classId, invitationId, email }));
    expect(await asNew(token)).toMatchObject({ code: 'invitation.unknown' });
    await succeeded(asNew(await tokenFor(email)));
    expect(await findInvitation('nonsense', NOW)).toBeNull();
  });

  test.each([
    [{ givenName: ' ' }, 'account.noName', 'givenName'],
    [{ password: 'short' }, 'account.password.tooShort', 'password'],
    [{ password: 'Rosa Quayle' }, 'account.password.aboutYou', 'password'],
  ])('because of %j says so at the field, and stays open', async (wanted, code, field) => {
    const { token } = await invited(address('weak'));
    expect(await asNew(token, wanted)).toMatchObject({ ok: false, code, field });
    expect(await findInvitation(token, NOW)).toMatchObject({ state: 'open' });
  });
});

test('a wrong address can be corrected, and the same one is not asked twice', async () => {
  const { invitationId, token } = await invited(address('wrong'));
  const again = { classId: house.classId, role: 'reader', email: address('wrong'), personId: null };
  expect(await as(house, 'teacher', invite, again)).toMatchObject({
    code: 'invitation.isOpen',
    field: 'email',
  });
  const resend = (email: string) =>
    as(house, 'teacher', resendInvitation, { classId: house.classId, invitationId, email });
  expect(await resend('no address')).toMatchObject({ code: 'invitation.notAnAddress', field: 'email' });
  await succeeded(resend(address('right')));
  expect(await findInvitation(token, NOW)).toBeNull();
  expect(await findInvitation(await tokenFor(address('right')), NOW)).toMatchObject({
    email: address('right'),
  });
});

test('a class’s invitations are listed for its teachers alone', async () => {
  await invited(EMAIL);
  expect(await whoSees(house, maybeInvitations)).toEqual(['coTeacher', 'teacher']);
  expect((await maybeInvitations(await deskFor(house, 'teacher')))?.invitations).toMatchObject([
    { email: EMAIL, state: 'open', role: 'reader' },
  ]);
});
