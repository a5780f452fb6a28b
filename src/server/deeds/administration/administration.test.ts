import { expect, test } from 'vitest';
import { as, NOW, succeeded, freshHouse } from '../../../../tests/server/house';
import { linkIn, mailsTo } from '../../../../tests/support/mails';
import { database } from '../../ground/database/database';
import { insertJob } from '../../ground/jobs/queries';
import { findPersonByEmail } from '../../tables/people';
import { maybeInstall } from '../../views/administration/viewInstall';
import { renewPassword } from '../accounts/renewPassword';
import { makeClass } from '../classes/makeClass';
import { runOneJob } from '../chores/runJobs';
import { nameHandle } from '../sessions/nameHandle';
import { signIn } from '../sessions/signIn';
import { changeAccount } from './changeAccount';
import { makeAccount } from './makeAccount';
import { retryJobs } from './retryJobs';

const house = freshHouse();
const EMAIL = 'nell.new@example.org';
const from = { address: '192.0.2.7', now: NOW };
const NELL = { givenName: 'Nell', familyName: 'Quayle', email: EMAIL, account: 'teacher' };

const view = () =>
  maybeInstall({ personId: house.people.administrator, account: 'administrator', language: 'en', now: NOW });

test('a new teacher gets an account by mail, and makes a class with it', async () => {
  await succeeded(as(house, 'administrator', makeAccount, NELL));
  expect((await view())?.accounts.find((one) => one.email === EMAIL)).toMatchObject({
    waits: true,
    classes: 0,
  });
  while (await runOneJob(NOW));
  const token = linkIn((await mailsTo(EMAIL))[0]).replace('/new-password/', '');
  await succeeded(renewPassword({ token, password: 'four gulls on a mast' }, from));
  expect((await signIn({ as: 'adult', email: EMAIL, password: 'four gulls on a mast' }, from)).ok).toBe(true);
  const person = await findPersonByEmail(database, EMAIL);
  expect(person?.account).toBe('teacher');
});

test.each([
  [{ givenName: '' }, 'account.noName', 'givenName'],
  [{ email: 'nell' }, 'account.notAnAddress', 'email'],
])('%j is refused at its field', async (wanted, code, field) => {
  expect(await as(house, 'administrator', makeAccount, { ...NELL, ...wanted })).toMatchObject({
    code,
    field,
  });
});

test('an address is given once, and an account can be taken away', async () => {
  const { personId } = await succeeded(as(house, 'administrator', makeAccount, NELL));
  expect(await as(house, 'administrator', makeAccount, NELL)).toMatchObject({ code: 'account.addressTaken' });
  await succeeded(
    as(house, 'administrator', changeAccount, { personId: house.people.teacher, account: null }),
  );
  const place = { title: 'T', groupName: '', timeZone: 'UTC', language: 'en' };
  expect(await as(house, 'teacher', makeClass, place)).toMatchObject({ code: 'notThere' });
  await succeeded(as(house, 'administrator', changeAccount, { personId, account: 'administrator' }));
});

test('the last administrator stays one', async () => {
  const own = { personId: house.people.administrator, account: 'teacher' };
  expect(await as(house, 'administrator', changeAccount, own)).toMatchObject({
    code: 'account.lastAdministrator',
  });
});

test('what waits and what failed is counted, and tried again when asked', async () => {
  await insertJob(database, { kind: 'noSuchKind' as 'sendMail', payload: {} as never, at: NOW });
  await runOneJob(NOW);
  expect((await view())?.jobs).toEqual([{ kind: 'noSuchKind', waiting: 1, givenUp: 0 }]);
  expect(await runOneJob(NOW)).toBe(false);
  expect(await succeeded(as(house, 'administrator', retryJobs, {}))).toEqual({ jobs: 1 });
  expect(await runOneJob(NOW)).toBe(true);
});

test('wrong tries are counted without the names of children', async () => {
  await signIn(
    {
      as: 'student',
      code: 'WIND1',
      who: nameHandle(house.classId, house.people.writer),
      passcode: 'cup cup cup',
    },
    from,
  );
  await signIn({ as: 'adult', email: 'x@example.org', password: 'wrong wrong' }, from);
  const { limits = [] } = (await view()) ?? {};
  expect(limits.map(({ name, subject, tries }) => [name, subject, tries])).toEqual([
    ['address', '192.0.2.7', 2],
    ['class', 'Wind & Weather', 1],
    ['passcode', '', 1],
    ['password', 'x@example.org', 1],
  ]);
  expect(JSON.stringify(limits)).not.toContain(house.people.writer);
});

test('nobody else sees the install', async () => {
  for (const account of ['teacher', null] as const)
    expect(
      await maybeInstall({ personId: house.people.teacher, account, language: 'en', now: NOW }),
    ).toBeNull();
});
