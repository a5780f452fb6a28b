import { beforeEach, describe, expect, test } from 'vitest';
import { addMember, NOW, freshHouse } from '../../../../tests/server/house';
import { database } from '../../ground/database/database';
import { hashPasscode, hashSecret } from '../../ground/secrets/secrets';
import { deskIn, maybeDesks } from './desk';
import { chooseClass } from './chooseClass';
import { listNames } from './listNames';
import { nameHandle } from './nameHandle';
import { endSession, findSession } from './session';
import { signIn } from './signIn';

const house = freshHouse();
const from = { address: '192.0.2.7', now: NOW };
const later = (minutes: number) => new Date(NOW.getTime() + minutes * 60_000);
beforeEach(async () => {
  await database.change('UPDATE people SET email = :email, password_hash = :hash WHERE id = :id', {
    email: 'tess@example.org',
    hash: await hashSecret('seven lanterns'),
    id: house.people.teacher,
  });
  await database.change('UPDATE people SET passcode_hash = :hash WHERE id = :id', {
    hash: await hashPasscode('kite boat lamp'),
    id: house.people.writer,
  });
});

const adult = (password: string, email = 'tess@example.org') =>
  signIn({ as: 'adult', email, password }, from);
const student = (passcode: string, code = 'wind 1') =>
  signIn({ as: 'student', code, who: handle(), passcode }, from);
const handle = () => nameHandle(house.classId, house.people.writer);

describe('signing in', () => {
  test('lets an adult in by e-mail and password, and keeps only the hash of the token', async () => {
    const result = await adult('seven lanterns', ' Tess@Example.org ');
    if (!result.ok) throw new Error(result.code);
    expect((await findSession(result.value.token, NOW))?.person.id).toBe(house.people.teacher);
    const kept = await database.rows<{ token_hash: Buffer }>('SELECT token_hash FROM sessions');
    expect(kept[0]?.token_hash.toString()).not.toContain(result.value.token);
  });

  test('lets a student in by class code, name and passcode, however they are typed', async () => {
    expect(await student(' Kite,  boat lamp', 'w-i-n-d 1')).toMatchObject({ ok: true });
  });

  test.each([
    ['a wrong password', () => adult('six lanterns'), 'signIn.wrong.adult'],
    ['an address that nobody has', () => adult('seven lanterns', 'nobody@example.org'), 'signIn.wrong.adult'],
    ['a wrong passcode', () => student('kite boat drum'), 'signIn.wrong.student'],
    ['another class’s code', () => student('kite boat lamp', 'MOSS1'), 'signIn.wrong.student'],
    ['nothing typed', () => adult(''), 'input.minLength'],
    ['another form', () => signIn({ as: 'robot' }, from), 'input.discriminator'],
  ])('refuses %s', async (_, attempt, code) => {
    expect(await attempt()).toMatchObject({ ok: false, code });
  });

  test('limits attempts on one account without locking its class or school out', async () => {
    for (let attempt = 0; attempt < 8; attempt += 1) await student('kite boat drum');
    expect(await student('kite boat lamp')).toMatchObject({ code: 'signIn.tooMany' });
    expect(await adult('seven lanterns')).toMatchObject({ ok: true });
    const after = { as: 'student', code: 'WIND1', who: handle(), passcode: 'kite boat lamp' };
    expect(await signIn(after, { address: from.address, now: later(6) })).toMatchObject({ ok: true });
  });
});

describe('sessions', () => {
  test('end by themselves without use, live on with use, and end for good at sign-out', async () => {
    const result = await student('kite boat lamp');
    if (!result.ok) throw new Error(result.code);
    const { token } = result.value;
    expect(await findSession(token, later(100))).not.toBeNull();
    expect(await findSession(token, later(200))).not.toBeNull();
    expect(await findSession(token, later(330))).toBeNull();
    await endSession(token);
    expect(await findSession(token, NOW)).toBeNull();
    expect(await findSession('made-up', NOW)).toBeNull();
  });
});

test('a session turns only to a class of its person', async () => {
  const result = await adult('seven lanterns');
  if (!result.ok) throw new Error(result.code);
  const { token } = result.value;
  const personId = house.people.teacher;
  const [moss] = await database.rows<{ id: string }>("SELECT id FROM classes WHERE address = 'moss'");
  expect(await chooseClass({ classId: moss?.id }, { token, personId })).toMatchObject({ code: 'notThere' });
  expect(await chooseClass({}, { token, personId })).toMatchObject({ code: 'input.required' });
  expect(await chooseClass({ classId: house.classId }, { token, personId })).toMatchObject({ ok: true });
  expect((await findSession(token, NOW))?.chosen).toBe(house.classId);
  // Which class a page is about is said by its address, whatever was turned to.
  await addMember(personId, moss?.id ?? '', 'reader');
  const session = (await findSession(token, NOW))!;
  expect(deskIn(session, moss?.id ?? '', NOW)).toMatchObject({
    role: 'reader',
    inClass: { address: 'moss' },
  });
  expect(deskIn(session, 'anotherclassofit', NOW)).toBeNull();
  expect(maybeDesks(session, NOW)?.map((desk) => desk.inClass.address)).toEqual(['wind', 'moss']);
});

describe('names of a class', () => {
  test('are first names and initials of its students, for who knows the code', async () => {
    expect(await listNames({ code: 'wind1' }, from)).toMatchObject({
      value: { names: [{ name: 'Edda E.' }, { name: 'Mate E.' }, { name: 'Wren E.' }] },
    });
    expect(await listNames({ code: 'GUESS' }, from)).toMatchObject({ code: 'signIn.noClass', field: 'code' });
    expect(await listNames({ code: '' }, from)).toMatchObject({ code: 'signIn.noCode', field: 'code' });
  });
});
