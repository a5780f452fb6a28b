import { beforeEach, describe, expect, test } from 'vitest';
import { freshHouse, NOW } from '../../../../tests/server/house';
import { listNames } from '../../deeds/sessions/listNames';
import { nameHandle } from '../../deeds/sessions/nameHandle';
import { signIn } from '../../deeds/sessions/signIn';
import { database } from '../database/database';
import { hashPasscode, hashSecret } from '../secrets/secrets';
import { LIMITS } from './limits';
import { takeSome, takeTry, takeTurn } from './takeTry';

const house = freshHouse();
const RIGHT = 'kite boat lamp';
const later = (minutes: number) => new Date(NOW.getTime() + minutes * 60_000);
const waited: number[] = [];
const wait = (milliseconds: number) => {
  waited.push(milliseconds);
  return Promise.resolve();
};
beforeEach(async () => {
  waited.length = 0;
  await database.change('UPDATE people SET passcode_hash = :hash WHERE id = :id', {
    hash: await hashPasscode(RIGHT),
    id: house.people.writer,
  });
});

const enter = (passcode: string, from: object = {}, code = 'WIND1') =>
  signIn(
    { as: 'student', code, who: nameHandle(house.classId, house.people.writer), passcode },
    { address: '192.0.2.7', now: NOW, wait, ...from },
  );
const codes = (outcomes: readonly { readonly ok: boolean; readonly code?: string }[]) =>
  outcomes.map((one) => (one.ok ? 'in' : (one.code ?? '')));
const many = <Value>(count: number, make: (index: number) => Promise<Value>) =>
  Promise.all(Array.from({ length: count }, (_, index) => make(index)));

describe('one child', () => {
  test('400 tries at once are eight that are looked at, and the right one among the others is not', async () => {
    const outcomes = codes(await many(400, (index) => enter(index === 390 ? RIGHT : 'cup cup cup')));
    const looked = outcomes.filter((code) => code !== 'signIn.tooMany');
    expect(looked.length).toBeLessThanOrEqual(LIMITS.passcode.most);
    expect(looked.length).toBeGreaterThan(0);
  });

  test('is locked for five minutes, then let one try through at a time', async () => {
    for (let tries = 0; tries < 8; tries += 1) await enter('cup cup cup');
    expect(codes([await enter(RIGHT), await enter(RIGHT, { now: later(4.9) })])).toEqual([
      'signIn.tooMany',
      'signIn.tooMany',
    ]);
    const after = await many(10, () => enter('cup cup cup', { now: later(5.1) }));
    expect(codes(after).filter((code) => code !== 'signIn.tooMany')).toEqual(['signIn.wrong.student']);
    expect(await enter(RIGHT, { now: later(10.3) })).toMatchObject({ ok: true });
  });

  test('is locked by nobody who does not have the right class code', async () => {
    await many(40, () => enter('cup cup cup', {}, 'MOSS1'));
    await many(40, () => enter('cup cup cup', {}, 'NOSUCH'));
    expect(await enter(RIGHT)).toMatchObject({ ok: true });
  });

  test('is not locked out of a device where they signed in before, where tries are counted too', async () => {
    expect(await enter(RIGHT, { deviceToken: 'laptop' })).toMatchObject({ ok: true });
    await many(20, () => enter('cup cup cup'));
    expect(codes([await enter(RIGHT), await enter(RIGHT, { deviceToken: 'another' })])).toEqual([
      'signIn.tooMany',
      'signIn.tooMany',
    ]);
    expect(await enter(RIGHT, { deviceToken: 'laptop' })).toMatchObject({ ok: true });
    await many(20, () => enter('cup cup cup', { deviceToken: 'laptop' }));
    expect(await enter(RIGHT, { deviceToken: 'laptop' })).toMatchObject({ code: 'signIn.tooMany' });
  });

  test('who types it right now and then is never held back', async () => {
    for (let times = 0; times < 30; times += 1) expect(await enter(RIGHT)).toMatchObject({ ok: true });
    expect(await database.rows('SELECT name FROM limits WHERE taken > 0')).toEqual([]);
  });
});

describe('a school', () => {
  test('300 failures from its address slow others down and keep nobody out', async () => {
    await many(300, (index) =>
      signIn(
        { as: 'adult', email: `nobody${index}@example.org`, password: 'wrong wrong' },
        { address: '192.0.2.7', now: NOW, wait },
      ),
    );
    waited.length = 0;
    expect(await enter(RIGHT)).toMatchObject({ ok: true });
    expect(waited).toHaveLength(1);
    expect(waited[0]).toBeLessThanOrEqual(LIMITS.address.longest);
    waited.length = 0;
    await enter(RIGHT, { address: '198.51.100.4' });
    expect(waited).toEqual([]);
  });

  test('a class is slowed by wrong tries at all its names together', async () => {
    await many(80, () =>
      signIn(
        { as: 'student', code: 'WIND1', who: 'nobody', passcode: 'x' },
        { address: '203.0.113.1', now: NOW, wait },
      ),
    );
    waited.length = 0;
    expect(await enter(RIGHT)).toMatchObject({ ok: true });
    expect(waited).toHaveLength(1);
  });

  test('class codes are not found by trying, whatever comes at once', async () => {
    const ask = (code: string) => listNames({ code }, { address: '192.0.2.7', now: NOW, wait });
    const outcomes = codes(await many(400, (index) => ask(`GUESS${index}`)));
    expect(outcomes.filter((code) => code === 'signIn.noClass').length).toBeLessThanOrEqual(40);
    expect(outcomes).toContain('signIn.slowly');
  });
});

test('names of a class are told by handles that are no ids', async () => {
  const listed = await listNames({ code: 'WIND1' }, { address: '192.0.2.7', now: NOW, wait });
  const told = JSON.stringify(listed);
  for (const personId of Object.values(house.people)) expect(told).not.toContain(personId);
});

test('a password is limited like a passcode, for its address alone', async () => {
  const email = 'tess.limits@example.org';
  await database.change('UPDATE people SET email = :email, password_hash = :hash WHERE id = :id', {
    email,
    hash: await hashSecret('seven lanterns'),
    id: house.people.teacher,
  });
  const tryIt = (password: string) =>
    signIn({ as: 'adult', email, password }, { address: '192.0.2.7', now: NOW, wait });
  const outcomes = codes(await many(100, () => tryIt('six lanterns')));
  expect(outcomes.filter((code) => code === 'signIn.wrong.adult').length).toBeLessThanOrEqual(8);
  expect(await tryIt('seven lanterns')).toMatchObject({ code: 'signIn.tooMany' });
  expect(
    await signIn(
      { as: 'adult', email, password: 'seven lanterns' },
      { address: '192.0.2.7', now: later(6), wait },
    ),
  ).toMatchObject({ ok: true });
});

describe('counting', () => {
  test('gives back exactly what was taken, and begins anew after its time', async () => {
    const lock = () => takeTry('letter', { subject: 'a@example.org', now: NOW });
    const taken = await many(5, lock);
    expect(taken.every((one) => one.allowed)).toBe(true);
    expect((await lock()).allowed).toBe(false);
    await taken[0]?.giveBack();
    expect((await lock()).allowed).toBe(true);
    expect((await lock()).allowed).toBe(false);
    expect((await takeTry('letter', { subject: 'a@example.org', now: later(76) })).allowed).toBe(true);
  });

  test('an allowance is granted up to what is left, in parallel too', async () => {
    const granted = await many(6, () => takeSome('looks', { subject: 'p', now: NOW, many: 50 }));
    expect(granted.reduce((sum, one) => sum + one, 0)).toBe(LIMITS.looks.most);
    expect(await takeSome('looks', { subject: 'p', now: later(11), many: 50 })).toBe(50);
  });

  test('paced tries come after each other, and none waits longer than its bound', async () => {
    await many(100, () => takeTurn('link', { subject: 'here', now: NOW, wait }));
    expect(Math.max(...waited)).toBeLessThanOrEqual(LIMITS.link.longest);
    expect(new Set(waited).size).toBe(waited.length);
  });
});
