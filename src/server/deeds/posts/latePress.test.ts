import { expect, test } from 'vitest';
import { as, deskFor, freshHouse, NOW, setWork, succeeded, writePost } from '../../../../tests/server/house';
import { FIRST_DESK_RULES } from '../../../core/classes/deskRules';
import { database } from '../../ground/database/database';
import { findPost } from '../../tables/posts';
import { listHandIns } from '../../tables/handIns';
import { maybeReceipt } from '../../views/writing/viewReceipt';
import { changeSchoolSpan } from '../administration/changeSchoolSpan';
import { changeDesk } from '../classes/changeDesk';
import { handIn } from './handIn';
import { takeBack } from './takeBack';

const house = freshHouse();
const HOUR = 3_600_000;
/** Due on the 19th at 4 pm; the line comes back three hours later. */
const BACK = new Date('2026-11-19T19:00:00Z');
const press = (hoursBefore: number, deviceOff = 0) => ({
  at: BACK.getTime() - hoursBefore * HOUR + deviceOff,
  deviceNow: BACK.getTime() + deviceOff,
});
const version = async (postId: string) => (await findPost(database, postId))?.version ?? 0;
const send = async (postId: string, pressed: object, now = BACK) =>
  as(house, 'writer', handIn, { postId, version: await version(postId), pressed }, now);
const hours = (pressedHours: number) =>
  succeeded(as(house, 'teacher', changeDesk, { classId: house.classId, ...FIRST_DESK_RULES, pressedHours }));
const receipt = async (postId: string) => {
  const desk = await deskFor(house, 'writer');
  return maybeReceipt(postId, { ...desk, now: BACK });
};

test('a press without a line keeps the due time, and the receipt names both', async () => {
  const postId = await writePost(house, await setWork(house));
  await succeeded(send(postId, press(4)));
  expect(await receipt(postId)).toMatchObject({
    daysLate: 0,
    handedIn: 'Thursday 19 November, 3\u00A0pm',
    late: {
      pressed: 'Thursday 19 November, 3\u00A0pm',
      received: 'Thursday 19 November, 7\u00A0pm',
      counts: true,
    },
  });
});

test('a class allows no more than its school', async () => {
  await succeeded(as(house, 'administrator', changeSchoolSpan, { pressedHours: 1 }));
  await hours(72);
  const postId = await writePost(house, await setWork(house));
  await succeeded(send(postId, press(4)));
  expect(await receipt(postId)).toMatchObject({ daysLate: 1, late: { counts: false } });
  await succeeded(as(house, 'administrator', changeSchoolSpan, { pressedHours: 72 }));
  const other = await writePost(house, await setWork(house));
  await succeeded(send(other, press(4)));
  expect(await receipt(other)).toMatchObject({ daysLate: 0, late: { counts: true } });
});

test('out of the span, by a clock that is off, or where the class allows none, it is told and does not count', async () => {
  for (const [set, pressed] of [
    [1, press(4)],
    [0, press(4)],
    [12, press(4, -10 * 60_000)],
  ] as const) {
    await hours(set);
    const postId = await writePost(house, await setWork(house));
    await succeeded(send(postId, pressed));
    const [one] = await listHandIns(database, postId);
    expect(one).toMatchObject({
      handedInAt: BACK,
      receivedAt: BACK,
      pressedAt: new Date(BACK.getTime() - 4 * HOUR),
    });
    expect((await receipt(postId))?.late?.counts).toBe(false);
  }
});

test('nothing counts from before the post or the hand-in before it, and a press of now is none', async () => {
  await hours(72);
  const postId = await writePost(house, await setWork(house));
  await succeeded(as(house, 'writer', handIn, { postId, version: await version(postId) }, BACK));
  await succeeded(as(house, 'writer', takeBack, { postId }, BACK));
  const later = new Date(BACK.getTime() + HOUR);
  await succeeded(send(postId, { at: BACK.getTime() - HOUR, deviceNow: later.getTime() }, later));
  const again = (await listHandIns(database, postId)).at(-1);
  expect(again).toMatchObject({ ordinal: 2, handedInAt: later });
  const fresh = await writePost(house, await setWork(house));
  await succeeded(send(fresh, press(0)));
  expect((await listHandIns(database, fresh))[0]).toMatchObject({ pressedAt: null, receivedAt: null });
  const early = await writePost(house, await setWork(house));
  await succeeded(send(early, { at: NOW.getTime() - 400 * HOUR, deviceNow: BACK.getTime() }));
  expect((await listHandIns(database, early))[0]).toMatchObject({ pressedAt: null, handedInAt: BACK });
});

test('sent hundreds of times as the line comes and goes, it is one hand-in with one receipt', async () => {
  const postId = await writePost(house, await setWork(house));
  const sent = await Promise.all(Array.from({ length: 200 }, () => send(postId, press(4))));
  // On a slow machine some of so many are told to wait; none of them makes another.
  const receipts = sent.flatMap((one) => (one.ok ? [one.value.receipt] : []));
  expect(new Set(receipts).size).toBe(1);
  expect(await listHandIns(database, postId)).toHaveLength(1);
});

test('what is no moment is refused', async () => {
  const postId = await writePost(house, await setWork(house));
  for (const pressed of [{ at: -1, deviceNow: 1 }, { at: 'noon', deviceNow: 1 }, { at: 1 }, []])
    expect(await send(postId, pressed)).toMatchObject({ ok: false });
  expect(await listHandIns(database, postId)).toHaveLength(0);
});
