import { beforeEach, expect, test } from 'vitest';
import { acceptedPost, as, NOW, succeeded, freshHouse } from '../../../../tests/server/house';
import { maybeFront } from '../../views/blog/viewFront';
import { maybePost } from '../../views/blog/viewPost';
import { database } from '../../ground/database/database';
import { publish } from '../publications/publish';
import { setPassphrase } from './setPassphrase';
import { setPostPassphrase } from './setPostPassphrase';
import { showPassphrase } from './showPassphrase';

const PHRASE = 'kettle otter walnut';
const house = freshHouse();
let postId: string;
beforeEach(async () => {
  ({ postId } = await acceptedPost(house));
  await succeeded(as(house, 'teacher', publish, { postId, audience: 'passphrase' }));
});

const visitor = (device: string | null) => ({ personId: null, device, as: null });
const reads = async (device: string | null) =>
  (await maybePost('wind', '2-skies', visitor(device), NOW)) !== null;
const setFor = (passphrase: string) =>
  as(house, 'teacher', setPassphrase, { classId: house.classId, passphrase });
const show = (passphrase: string, device = 'device', address = '192.0.2.7', input = {}) =>
  showPassphrase({ blog: 'wind', passphrase, ...input }, { device, address, now: NOW, wait });
const waited: number[] = [];
const wait = (milliseconds: number) => {
  waited.push(milliseconds);
  return Promise.resolve();
};

test('who shows the passphrase reads on that device, until it is changed', async () => {
  expect(await show(PHRASE)).toMatchObject({ code: 'passphrase.wrong' });
  await succeeded(setFor(PHRASE));
  expect((await maybeFront('wind', visitor(null), NOW))?.asksPassphrase).toBe(true);
  expect(await reads('device')).toBe(false);
  expect(await show('otter kettle walnut')).toMatchObject({ code: 'passphrase.wrong', field: 'passphrase' });
  expect(await show(' KETTLE-otter  walnut')).toEqual({ ok: true, value: null });
  expect([await reads('device'), await reads('another'), await reads(null)]).toEqual([true, false, false]);
  expect((await maybeFront('wind', visitor('device'), NOW))?.posts).toHaveLength(1);
  await succeeded(setFor('seven lanterns on the quay'));
  expect(await reads('device')).toBe(false);
});

test('only hashes are kept, of the phrase and of the device', async () => {
  await succeeded(setFor(PHRASE));
  await show(PHRASE, 'device');
  const kept = JSON.stringify([
    await database.rows('SELECT * FROM classes'),
    await database.rows('SELECT HEX(device_hash) AS device FROM passphrases_shown'),
    await database.rows('SELECT * FROM audit_log'),
  ]);
  expect(kept).not.toContain('kettle');
  expect(kept).not.toContain(Buffer.from('device').toString('hex').toUpperCase());
});

test('a post’s own opens that post alone', async () => {
  await succeeded(as(house, 'teacher', setPostPassphrase, { postId, passphrase: 'amber walnut zebra' }));
  expect(await show('amber walnut zebra')).toMatchObject({ code: 'passphrase.wrong' });
  expect((await show('amber walnut zebra', 'device', '192.0.2.7', { post: '2-skies' })).ok).toBe(true);
  expect(await reads('device')).toBe(true);
  await succeeded(as(house, 'teacher', setPostPassphrase, { postId, passphrase: '' }));
  expect(await reads('device')).toBe(false);
});

test.each([
  ['kettle', 'passphrase.tooShort'],
  ['wind weather alder quay 8b', 'passphrase.aboutTheClass'],
  ['password password x', 'passphrase.common'],
])('a weak one is refused with the reason: %s', async (phrase, code) => {
  expect(await setFor(phrase)).toMatchObject({ ok: false, code, field: 'passphrase' });
});

test('many tries from one address come after each other, and nobody elsewhere waits for them', async () => {
  await succeeded(setFor(PHRASE));
  const outcomes = await Promise.all(Array.from({ length: 40 }, () => show('wrong wrong wrong')));
  const codes = outcomes.map((outcome) => (outcome.ok ? 'ok' : outcome.code));
  expect(new Set(codes)).toEqual(new Set(['passphrase.wrong', 'passphrase.tooMany']));
  expect(codes.filter((code) => code === 'passphrase.wrong').length).toBeLessThan(15);
  waited.length = 0;
  expect((await show(PHRASE, 'grandmother', '198.51.100.9')).ok).toBe(true);
  expect(waited).toEqual([]);
});

test('a teacher reads with other eyes, and nobody else does', async () => {
  await succeeded(setFor(PHRASE));
  const seenBy = async (personId: string, eyes: 'stranger' | 'family' | 'classmate') =>
    (await maybeFront('wind', { personId, device: null, as: eyes }, NOW))?.posts.length;
  const { teacher, classmate } = house.people;
  expect(await seenBy(teacher, 'stranger')).toBe(0);
  expect(await seenBy(teacher, 'family')).toBe(1);
  expect(await seenBy(teacher, 'classmate')).toBe(1);
  expect(await seenBy(classmate, 'stranger')).toBe(1);
});
