import { beforeEach, expect, test } from 'vitest';
import { NOW, freshHouse } from '../../../../tests/server/house';
import { linkIn, mailsTo } from '../../../../tests/support/mails';
import { database } from '../../ground/database/database';
import { updateLogin } from '../../tables/people';
import { listOwnSessions } from '../../views/account/listOwnSessions';
import { hashSecret } from '../../ground/secrets/secrets';
import { runOneJob } from '../chores/runJobs';
import { deviceName } from '../sessions/deviceName';
import { endSessions } from '../sessions/endSessions';
import { findSession } from '../sessions/session';
import { signIn } from '../sessions/signIn';
import { forgetPassword } from './forgetPassword';
import { changePassword } from './changePassword';
import { linkProblem, renewPassword } from './renewPassword';

const house = freshHouse();
let email = '';
let number = 0;
const from = { address: '192.0.2.7', device: 'Firefox, Linux', now: NOW };
const later = (minutes: number) => new Date(NOW.getTime() + minutes * 60_000);
beforeEach(async () => {
  number += 1;
  email = `tess.${number}.account@example.org`;
  await updateLogin(database, {
    id: house.people.teacher,
    email,
    passwordHash: await hashSecret('seven lanterns'),
  });
});

const enter = async (password: string, ownDevice = true) => {
  const result = await signIn({ as: 'adult', email, password, ownDevice }, from);
  return result.ok ? result.value.token : null;
};

async function linkFor(address: string): Promise<string> {
  expect(await forgetPassword({ email: address }, from)).toEqual({ ok: true, value: null });
  while (await runOneJob(NOW));
  return linkIn((await mailsTo(address))[0]).replace('/new-password/', '');
}

test('a forgotten password is replaced by a link that works once, and every session ends', async () => {
  const session = await enter('seven lanterns');
  const token = await linkFor(email);
  expect(await renewPassword({ token, password: 'short' }, from)).toMatchObject({
    code: 'account.password.tooShort',
    field: 'password',
  });
  expect(await renewPassword({ token, password: 'nine kettles in the fog' }, from)).toMatchObject({
    ok: true,
  });
  expect(await findSession(session ?? '', NOW)).toBeNull();
  expect(await enter('seven lanterns')).toBeNull();
  expect(await enter('nine kettles in the fog')).not.toBeNull();
  expect(await renewPassword({ token, password: 'another good one' }, from)).toMatchObject({
    code: 'account.linkUsed',
  });
});

test('a link is good for an hour, and an invented one for nothing', async () => {
  const token = await linkFor(email);
  expect(
    await renewPassword({ token, password: 'nine kettles in the fog' }, { ...from, now: later(61) }),
  ).toMatchObject({
    code: 'account.linkExpired',
  });
  expect(await renewPassword({ token: 'invented', password: 'nine kettles in the fog' }, from)).toMatchObject(
    {
      code: 'account.linkUnknown',
    },
  );
});

test('who has no account is told so by mail, never on the page', async () => {
  const nobody = `nobody.${number}.account@example.org`;
  await linkFor(nobody);
  expect((await mailsTo(nobody))[0]?.subject).toContain('No account');
  expect(await forgetPassword({ email: 'no address' }, from)).toMatchObject({ field: 'email' });
});

test('nobody’s mailbox is filled by somebody else', async () => {
  for (let tries = 0; tries < 8; tries += 1) await forgetPassword({ email }, from);
  expect(await forgetPassword({ email }, from)).toMatchObject({ code: 'account.tooMany' });
});

test('sessions can be seen and ended, the present one apart', async () => {
  const [here, there, elsewhere] = [
    await enter('seven lanterns'),
    await enter('seven lanterns'),
    await enter('seven lanterns'),
  ] as [string, string, string];
  const own = { personId: house.people.teacher, token: here, timeZone: 'UTC', language: 'en-GB', now: NOW };
  const list = await listOwnSessions(own);
  expect(list.map((one) => one.isThis)).toEqual([true, false, false]);
  expect(list[0]?.device).toBe('Firefox, Linux');
  const foreign = { token: here, personId: house.people.coTeacher };
  expect(await endSessions({ id: list[1]!.id }, foreign)).toMatchObject({ code: 'notThere' });
  expect((await endSessions({ id: list[1]!.id }, own)).ok).toBe(true);
  expect(await listOwnSessions(own)).toHaveLength(2);
  expect((await endSessions({ others: true }, own)).ok).toBe(true);
  expect(await findSession(here, NOW)).not.toBeNull();
  expect([await findSession(there, NOW), await findSession(elsewhere, NOW)]).toEqual([null, null]);
  expect(await endSessions({}, own)).toMatchObject({ ok: false });
});

test('on a device that others use a session ends by itself after half an hour without use', async () => {
  const token = (await enter('seven lanterns', false)) ?? '';
  expect(await findSession(token, later(20))).not.toBeNull();
  expect(await findSession(token, later(45))).not.toBeNull();
  expect(await findSession(token, later(80))).toBeNull();
});

test.each([
  ['Mozilla/5.0 (X11; CrOS x86_64 1.0) Chrome/150.0 Safari/537.36', 'Chrome, Chromebook'],
  [
    'Mozilla/5.0 (iPhone; CPU iPhone OS 19_0 like Mac OS X) Version/19.0 Mobile Safari/604.1',
    'Safari, iPhone',
  ],
  ['Mozilla/5.0 (Windows NT 10.0) Chrome/150.0 Safari/537.36 Edg/150.0', 'Edge, Windows'],
  ['curl/8', ''],
])('%s is shown as %j', (userAgent, name) => {
  expect(deviceName(userAgent)).toBe(name);
});

test('a used link says so before anything is typed, and so do an old and an invented one', async () => {
  const token = await linkFor(email);
  expect(await linkProblem(token, NOW)).toBeNull();
  expect(await linkProblem(token, later(61))).toMatchObject({ code: 'account.linkExpired' });
  expect(await renewPassword({ token, password: 'nine kettles in the fog' }, from)).toMatchObject({
    ok: true,
  });
  expect(await linkProblem(token, NOW)).toMatchObject({ code: 'account.linkUsed' });
  expect(await linkProblem('invented', NOW)).toMatchObject({ code: 'account.linkUnknown' });
});

test('one’s own password is changed with the present one, and every other device is signed out', async () => {
  const [here, elsewhere] = [await enter('seven lanterns'), await enter('seven lanterns')];
  const open = await linkFor(email);
  const change = (present: string, password: string) =>
    changePassword({ present, password }, { personId: house.people.teacher, token: here ?? '', now: NOW });
  expect(await change('six lanterns', 'nine kettles in the fog')).toMatchObject({
    code: 'account.wrongPassword',
    field: 'present',
  });
  expect(await change('seven lanterns', 'short')).toMatchObject({ code: 'account.password.tooShort' });
  expect(await change('seven lanterns', 'nine kettles in the fog')).toEqual({ ok: true, value: null });
  expect(await findSession(here ?? '', NOW)).not.toBeNull();
  expect(await findSession(elsewhere ?? '', NOW)).toBeNull();
  expect(await enter('seven lanterns')).toBeNull();
  expect(await enter('nine kettles in the fog')).not.toBeNull();
  expect(await linkProblem(open, NOW)).toMatchObject({ code: 'account.linkUsed' });
});

test('a page that was left open gives no endless tries, and who has no password has none to change', async () => {
  const from = { personId: house.people.teacher, token: 't', now: NOW };
  const codes = [];
  for (let index = 0; index < 10; index += 1) {
    const tried = await changePassword({ present: `try ${index}`, password: 'x' }, from);
    codes.push(tried.ok ? 'changed' : tried.code);
  }
  expect(codes).toContain('signIn.tooMany');
  const student = { ...from, personId: house.people.writer };
  expect(await changePassword({ present: '', password: 'nine kettles in the fog' }, student)).toMatchObject({
    code: 'account.noPassword',
  });
});
