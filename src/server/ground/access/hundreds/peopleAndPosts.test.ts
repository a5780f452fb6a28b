import { beforeEach, expect, test } from 'vitest';
import {
  acceptedPost,
  addClass,
  addMember,
  addPerson,
  as,
  freshHouse,
  NOW,
  setWork,
  succeeded,
  writePost,
} from '../../../../../tests/server/house';
import { atOnce, MANY, noted, ofThem } from '../../../../../tests/server/atOnce';
import { changePrivacy } from '../../../deeds/classes/changePrivacy';
import { decideJoining, decideJoiningAnywhere, withdrawJoining } from '../../../deeds/people/decideJoining';
import { handOn, handOnAnybody } from '../../../deeds/people/handOn';
import { upsertJoinRequest } from '../../../tables/joinRequests';
import { findMembership } from '../../../tables/memberships';
import { beginPost } from '../../../deeds/posts/beginPost';
import { handIn } from '../../../deeds/posts/handIn';
import { takeBack } from '../../../deeds/posts/takeBack';
import { narrowPost } from '../../../deeds/publications/narrowPost';
import { publish } from '../../../deeds/publications/publish';
import { database } from '../../database/database';
import { perform } from '../perform';
import type { Result, UseCase } from '../useCase';

const house = freshHouse({ atOnce: true });
let otherClass: string;
let other: string;
beforeEach(async () => {
  otherClass = await addClass('fog', 'FOG12345', 'everyone');
  other = await addPerson('Olga', otherClass, 'teacher');
});

const asOther = <Input, Rows, Output>(useCase: UseCase<Input, Rows, Output>, input: object) =>
  perform(useCase, input, { personId: other, now: NOW });
test('a child is taken in, refused or no longer asked for: one of the three', async () => {
  const personId = house.people.writer;
  await upsertJoinRequest(database, {
    classId: otherClass,
    personId,
    groupName: null,
    askedBy: other,
    askedAt: NOW,
  });
  const decision = (grant: boolean) => ({
    classId: house.classId,
    askingClassId: otherClass,
    personId,
    grant,
  });
  const ways: readonly (() => Promise<Result<unknown>>)[] = [
    () => as(house, 'teacher', decideJoining, decision(true)),
    () => as(house, 'coTeacher', decideJoining, decision(false)),
    () =>
      as(house, 'administrator', decideJoiningAnywhere, { askingClassId: otherClass, personId, grant: true }),
    () => asOther(withdrawJoining, { classId: otherClass, personId }),
  ];
  const outcomes = await atOnce((index) => ways[index % 4]!());
  const granted = ofThem(outcomes, (index) => index % 4 === 0 || index % 4 === 2);
  const declined = ofThem(outcomes, (index) => index % 4 === 1);
  const withdrawn = ofThem(outcomes, (index) => index % 4 === 3);
  expect(granted + declined).toBeLessThanOrEqual(1);
  // What was refused can be cleared away by who asked; what was granted cannot be taken back any more.
  expect(granted + withdrawn).toBe(1);
  expect((await findMembership(database, otherClass, personId)) !== null).toBe(granted === 1);
  expect(await noted('withdrawJoining')).toBe(withdrawn);
});

test('handed on by everybody at once, a child has one home, and only a home hands on', async () => {
  const personId = house.people.writer;
  const third = await addClass('dew', 'DEW12345', 'everyone');
  for (const classId of [otherClass, third]) await addMember(personId, classId, 'student');
  const outcomes = await atOnce((index) =>
    as(house, index % 2 ? 'teacher' : 'coTeacher', handOn, {
      classId: house.classId,
      personId,
      toClassId: index % 3 ? otherClass : third,
    }),
  );
  expect(ofThem(outcomes)).toBe(1);
  const wherever = await atOnce((index) =>
    as(house, 'administrator', handOnAnybody, { personId, toClassId: index % 2 ? third : house.classId }),
  );
  expect(ofThem(wherever)).toBe(MANY);
  const [row] = await database.rows<{ home: string }>(
    'SELECT home_class_id AS home FROM people WHERE id = :personId',
    { personId },
  );
  expect([third, house.classId]).toContain(row?.home);
});

test('narrowed, published and closed at once, nothing stands beyond what the class allows', async () => {
  const { postId } = await acceptedPost(house);
  const CLOSED = {
    classId: house.classId,
    ceiling: 'ourClass',
    namingRule: 'firstName',
    searchEngines: false,
    editorsRead: false,
    consentNeeded: false,
  };
  await atOnce((index) => {
    if (index === MANY / 2) return as(house, 'teacher', changePrivacy, CLOSED);
    return index % 2
      ? as(house, 'coTeacher', publish, { postId, audience: 'everyone' })
      : as(house, 'teacher', narrowPost, { postId, audience: 'schoolClasses' });
  });
  const rows = await database.rows<{ audience: string }>(
    'SELECT audience FROM publications WHERE post_id = :postId AND until IS NULL',
    { postId },
  );
  expect(rows).toEqual([{ audience: 'ourClass' }]);
});

test('begun, handed in and taken back hundreds of times at once: one post, one receipt, taken back once', async () => {
  const assignmentId = await setWork(house);
  const begun = await atOnce(() => as(house, 'writer', beginPost, { assignmentId }));
  expect(new Set(begun.map((one) => one.ok && (one.value as { postId: string }).postId)).size).toBe(1);
  const postId = await writePost(house, assignmentId);
  await atOnce(() => as(house, 'writer', handIn, { postId, version: 2 }));
  const handIns = () => database.rows('SELECT 1 FROM hand_ins WHERE post_id = :postId', { postId });
  expect(await handIns()).toHaveLength(1);
  const back = await atOnce(() => as(house, 'writer', takeBack, { postId }));
  expect(ofThem(back)).toBe(1);
  expect(await handIns()).toHaveLength(1);
});

test('what is asked for at once is refused in words, never as a fault', async () => {
  // A duplicate key, a deadlock or a lock that was waited for is tried again, or told.
  const { postId } = await acceptedPost(house);
  const outcomes = await atOnce((index) =>
    as(house, index % 2 ? 'teacher' : 'coTeacher', narrowPost, {
      postId,
      audience: index % 3 ? 'ourClass' : 'writerAndTeachers',
    }),
  );
  expect(outcomes.every((one) => one.ok || one.code !== 'sameMoment')).toBe(true);
  await succeeded(Promise.resolve(outcomes.find((one) => one.ok)!));
});
