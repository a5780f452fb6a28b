import { beforeEach, describe, expect, test } from 'vitest';
import {
  acceptPost,
  as,
  deskFor,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writePost,
  type Who,
} from '../../../../tests/server/house';
import { readerOf } from '../../ground/access/reader';
import { database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { listConsentsOf } from '../../tables/consents';
import { insertPicture } from '../../tables/pictures';
import { maybePost } from '../../views/blog/viewPost';
import { maybeReview } from '../../views/review/viewReview';
import { maybeSet } from '../../views/set/viewSet';
import { changePrivacy } from '../classes/changePrivacy';
import { recordConsent } from '../consents/recordConsent';
import { withdrawConsent } from '../consents/withdrawConsent';
import { eraseEverythingOf } from '../people/eraseEverythingOf';
import { deletePerson } from '../people/deletePerson';
import { publish } from '../publications/publish';
import { maybeShowPicture } from './showPicture';
import { tellWhoIsIn, whoIsIn } from './whoIsIn';

const house = freshHouse();
let pictureId: string;
let postId: string;
let assignmentId: string;

const consentFor = (personId: string, purposes: readonly string[]) =>
  succeeded(
    as(house, 'teacher', recordConsent, {
      classId: house.classId,
      personIds: [personId],
      givenBy: 'Rosa Example',
      relation: 'mother',
      purposes,
      givenOn: '2026-09-10',
      until: '2027-07-31',
    }),
  );

const tell = (who: Who, people: readonly string[], others = 'none') =>
  as(house, who, tellWhoIsIn, { classId: house.classId, pictureId, people, others });

beforeEach(async () => {
  pictureId = newId();
  await insertPicture(database, {
    id: pictureId,
    classId: house.classId,
    uploadedBy: house.people.writer,
    contentHash: 'a'.repeat(64),
    perceptualHash: '0'.repeat(16),
    width: 4,
    height: 3,
    purpose: 'picture',
    at: NOW,
  });
  const open = { ceiling: 'everyone', namingRule: 'firstName', searchEngines: false, editorsRead: false };
  await succeeded(
    as(house, 'teacher', changePrivacy, { classId: house.classId, ...open, consentNeeded: true }),
  );
  await consentFor(house.people.writer, ['firstName']);
  assignmentId = await setWork(house);
  postId = await writePost(house, assignmentId, '<p>grey all day</p>');
});

/** Accepted, and so before everyone. The picture stands in what was handed in. */
async function publishIt(): Promise<void> {
  const handInId = await handInPost(house, postId);
  await database.change(
    `INSERT IGNORE INTO revision_pictures (revision_id, picture_id)
     SELECT revision_id, :pictureId FROM hand_ins WHERE id = :handInId`,
    { pictureId, handInId },
  );
  await acceptPost(house, postId, handInId);
}

const strangersRead = async () => (await maybePost('wind', '2-skies', readerOf(null), NOW)) !== null;
const strangersSeePicture = async () =>
  (await maybeShowPicture({ id: pictureId, width: 480 }, readerOf(null), NOW)) !== null;

test('whoever is in a picture and has not agreed keeps the post with it in the class, by name and without the reason', async () => {
  const mate = house.people.classmate;
  await publishIt();
  expect(await strangersRead()).toBe(true);
  const told = await succeeded(tell('teacher', [mate]));
  expect(told.drawnBack).toMatchObject([{ postId, from: 'everyone', to: 'ourClass' }]);
  expect([await strangersRead(), await strangersSeePicture()]).toEqual([false, false]);
  const review = await maybeReview(postId, [await deskFor(house, 'teacher')]);
  expect(review?.readers).toMatchObject({ inPictures: { names: 'Mate E.', whose: 'classmates' } });
  expect(review?.readers.choices.map((one) => one.closed)).toEqual([null, null, 'inPicture', 'inPicture']);
  const again = await as(house, 'teacher', publish, { postId, audience: 'everyone' });
  expect(again).toMatchObject({ code: 'publish.noConsent' });
  await consentFor(mate, ['pictures']);
  await succeeded(as(house, 'teacher', publish, { postId, audience: 'everyone' }));
  expect([await strangersRead(), await strangersSeePicture()]).toEqual([true, true]);
});

test('a consent to be in pictures that is taken back finds every post with that picture', async () => {
  const mate = house.people.classmate;
  await consentFor(mate, ['pictures', 'firstName']);
  await succeeded(tell('writer', [mate]));
  await publishIt();
  expect(await strangersRead()).toBe(true);
  const [consent] = await listConsentsOf(database, mate);
  const taken = { classId: house.classId, personId: mate, consentId: consent?.id };
  const { drawnBack } = await succeeded(as(house, 'teacher', withdrawConsent, taken));
  expect(drawnBack).toMatchObject([{ postId, writer: 'Wren E.', to: 'ourClass' }]);
  expect([await strangersRead(), await strangersSeePicture()]).toEqual([false, false]);
});

test('a consent that runs out narrows at the very reading, and the set says whose', async () => {
  const mate = house.people.classmate;
  await consentFor(mate, ['pictures']);
  await succeeded(tell('writer', [mate]));
  await publishIt();
  const later = new Date('2027-08-01T12:00:00Z');
  await database.change("UPDATE consents SET until_day = '2028-07-31' WHERE person_id = :id", {
    id: house.people.writer,
  });
  expect(await maybePost('wind', '2-skies', readerOf(null), NOW)).not.toBeNull();
  expect(await maybePost('wind', '2-skies', readerOf(null), later)).toBeNull();
  const set = await maybeSet(assignmentId, { ...(await deskFor(house, 'teacher')), now: later });
  const row = set?.groups.flatMap((group) => group.rows).find((one) => one.readers !== null);
  expect(row?.readers).toMatchObject({
    to: 'ourClass',
    heldBack: 'inPicture',
    inPictures: { names: 'Mate E.', whose: 'classmates' },
  });
});

test('others keep it in the class until a teacher says that they agreed', async () => {
  await publishIt();
  await succeeded(tell('writer', [], 'there'));
  expect(await strangersRead()).toBe(false);
  expect(await tell('writer', [], 'agreed')).toMatchObject({ code: 'picture.teacherAgrees' });
  await succeeded(tell('teacher', [], 'agreed'));
  await succeeded(as(house, 'teacher', publish, { postId, audience: 'everyone' }));
  expect(await strangersRead()).toBe(true);
  // Once a teacher has said it, its writer does not say otherwise.
  expect(await tell('writer', [])).toMatchObject({ code: 'picture.toldByTeacher' });
});

test('nobody else says or asks who is in a picture, and only students of the class can be in it', async () => {
  for (const who of ['classmate', 'editor', 'reader', 'stranger', 'administrator', 'visitor'] as const) {
    expect([who, await tell(who, [])]).toMatchObject([who, { code: 'notThere' }]);
    const asked = await as(house, who, whoIsIn, { classId: house.classId, pictureId });
    expect([who, asked]).toMatchObject([who, { code: 'notThere' }]);
  }
  for (const person of ['stranger', 'reader', 'teacher'] as const)
    expect(await tell('writer', [house.people[person]])).toMatchObject({ code: 'notThere' });
  const asked = await succeeded(as(house, 'writer', whoIsIn, { classId: house.classId, pictureId }));
  expect(asked).toMatchObject({ told: false, people: [], tells: true, teaches: false });
  expect(asked.students.map((one) => one.name)).toEqual(['Edda E.', 'Mate E.', 'Wren E.']);
});

describe('somebody in a picture who is deleted', () => {
  test('keeps it in the class at once, and for good when nobody knows any more who it was', async () => {
    const mate = house.people.classmate;
    await consentFor(mate, ['pictures']);
    await succeeded(tell('writer', [mate]));
    await publishIt();
    expect(await strangersRead()).toBe(true);
    await succeeded(as(house, 'teacher', deletePerson, { classId: house.classId, personId: mate }));
    expect([await strangersRead(), await strangersSeePicture()]).toEqual([false, false]);
    await eraseEverythingOf(mate);
    expect([await strangersRead(), await strangersSeePicture()]).toEqual([false, false]);
  });
});

test('four hundred at once leave what the last of them said, and nothing of the others', async () => {
  const { classmate, editor } = house.people;
  await Promise.all(
    Array.from({ length: 400 }, (_, index) => tell('writer', index % 2 ? [classmate] : [editor, classmate])),
  );
  const { people } = await succeeded(as(house, 'writer', whoIsIn, { classId: house.classId, pictureId }));
  expect([[classmate], [classmate, editor].toSorted()]).toContainEqual(people);
});
