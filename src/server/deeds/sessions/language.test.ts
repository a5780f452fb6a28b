import { beforeEach, describe, expect, test } from 'vitest';
import { as, freshHouse, NOW, succeeded } from '../../../../tests/server/house';
import { mailsTo } from '../../../../tests/support/mails';
import { database } from '../../ground/database/database';
import { hashSecret } from '../../ground/secrets/secrets';
import { updateLogin } from '../../tables/people';
import { maybeTeacherToday } from '../../views/today/viewTeacherToday';
import { forgetPassword } from '../accounts/forgetPassword';
import { runOneJob } from '../chores/runJobs';
import { invite } from '../invitations/invite';
import { chooseLanguage } from './chooseLanguage';
import { maybeDesks } from './desk';
import { findSession } from './session';
import { signIn } from './signIn';

const house = freshHouse();
const from = { address: '192.0.2.9', device: 'Firefox, Linux', now: NOW };
let email = '';
let number = 0;

beforeEach(async () => {
  number += 1;
  email = `tove.${number}.language@example.org`;
  await updateLogin(database, {
    id: house.people.teacher,
    email,
    passwordHash: await hashSecret('seven lanterns'),
  });
  await database.change('UPDATE classes SET language = :language WHERE id = :classId', {
    classId: house.classId,
    language: 'de-AT',
  });
});

async function arrive() {
  const entered = await succeeded(
    signIn({ as: 'adult', email, password: 'seven lanterns', ownDevice: true }, from),
  );
  return (await findSession(entered.token, NOW))!;
}

const choose = (language: unknown) => chooseLanguage({ language }, { personId: house.people.teacher });

async function mailTo(address: string) {
  while (await runOneJob(NOW));
  return (await mailsTo(address))[0];
}

test('somebody is spoken to as their class is until they choose for themselves, and can turn back', async () => {
  const said = async () => {
    const session = await arrive();
    return [session.language, maybeDesks(session, NOW)?.[0].place.language];
  };
  expect(await said()).toEqual(['de', 'de-AT']);
  await succeeded(choose('en'));
  expect(await said()).toEqual(['en', 'en-GB']);
  await succeeded(choose(null));
  expect(await said()).toEqual(['de', 'de-AT']);
});

test('days are said in the language of the page that they stand on', async () => {
  const weekdays = async () =>
    (await maybeTeacherToday(maybeDesks(await arrive(), NOW)!))?.days.map((day) => day.weekday);
  expect(await weekdays()).toContain('Mo');
  await succeeded(choose('en'));
  expect(await weekdays()).toContain('Mon');
});

test.each(['fr', 'DE', '', 7, ['de'], undefined])('%j is no language of the house', async (language) => {
  expect(await choose(language)).toMatchObject({ ok: false, field: 'language' });
});

describe('a mail speaks', () => {
  test('to who is invited as the class does', async () => {
    const guest = `guest.${number}.language@example.org`;
    const input = { classId: house.classId, role: 'reader', email: guest, personId: null };
    await succeeded(as(house, 'teacher', invite, input));
    const mail = await mailTo(guest);
    expect(mail?.text).toContain('als Leserin oder Leser');
    expect(mail?.text).toMatch(/bis \d+\. \p{L}+/u);
  });

  test('to who forgot a password as they chose, or as their class does', async () => {
    await succeeded(forgetPassword({ email }, from));
    expect((await mailTo(email))?.subject).toBe('Ein neues Passwort für Green Porch');
  });

  test('to who chose another language in that one', async () => {
    await succeeded(choose('en'));
    await succeeded(forgetPassword({ email }, from));
    expect((await mailTo(email))?.subject).toBe('A new password for Green Porch');
  });

  test('to who has no account as their browser asks', async () => {
    const nobody = `nobody.${number}.language@example.org`;
    await succeeded(forgetPassword({ email: nobody }, { ...from, language: 'de' }));
    expect((await mailTo(nobody))?.subject).toContain('Kein Konto');
  });
});
