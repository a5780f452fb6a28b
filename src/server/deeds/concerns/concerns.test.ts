import { beforeEach, expect, test } from 'vitest';
import {
  acceptedPost,
  as,
  deskFor,
  desksFor,
  NOW,
  succeeded,
  whoSees,
  freshHouse,
} from '../../../../tests/server/house';
import { readerOf } from '../../ground/access/reader';
import { database } from '../../ground/database/database';
import { maybeTeacherToday } from '../../views/today/viewTeacherToday';
import { countOpenCases } from '../../tables/cases';
import { maybeConcerns } from '../../views/concerns/viewConcerns';
import { publish } from '../publications/publish';
import { seeConcern } from './seeConcern';
import { tellTeacher } from './tellTeacher';

const house = freshHouse();
let postId: string;
beforeEach(async () => {
  ({ postId } = await acceptedPost(house));
});

const tell = (personId: string | null, words = 'His telephone number is in it.', address = '192.0.2.7') =>
  tellTeacher({ blog: 'wind', post: '2-skies', words }, { reader: readerOf(personId), address, now: NOW });
const concerns = async () => (await maybeConcerns(await deskFor(house, 'teacher')))?.concerns ?? [];

test('whoever reads a post can tell its teachers, who see it on Today until they have looked into it', async () => {
  await succeeded(tell(house.people.classmate));
  await succeeded(tell(null));
  expect(await concerns()).toMatchObject([
    { words: 'His telephone number is in it.', seen: false, writer: 'Wren E.' },
    { seen: false },
  ]);
  expect(new Set((await concerns()).map((one) => one.from))).toEqual(new Set(['Mate E.', null]));
  expect((await maybeTeacherToday(await desksFor(house, 'teacher')))?.classes[0]?.concerns).toBe(2);
  const [first] = await concerns();
  const input = { classId: house.classId, concernId: first?.id };
  await succeeded(as(house, 'coTeacher', seeConcern, input));
  expect(await as(house, 'teacher', seeConcern, input)).toMatchObject({ code: 'notThere' });
  expect(await countOpenCases(database, house.classId)).toBe(1);
});

test('who cannot read it cannot find out that it is there', async () => {
  await succeeded(as(house, 'teacher', publish, { postId, audience: 'ourClass' }));
  const nowhere = await tellTeacher(
    { blog: 'wind', post: 'nowhere', words: 'x' },
    { reader: readerOf(null), address: '192.0.2.7', now: NOW },
  );
  expect(await tell(null)).toEqual(nowhere);
  expect(await concerns()).toEqual([]);
});

test('it needs words, and nobody buries a class under it', async () => {
  expect(await tell(null, '  ')).toMatchObject({ code: 'concern.noWords', field: 'words' });
  for (let times = 0; times < 8; times += 1) await succeeded(tell(house.people.classmate));
  expect(await tell(house.people.classmate)).toMatchObject({ code: 'concern.tooMany' });
  expect((await tell(null)).ok).toBe(true);
});

test('nobody but the teachers of the class reads it', async () => {
  await succeeded(tell(null));
  expect(await whoSees(house, maybeConcerns)).toEqual(['supplyTeacher', 'coTeacher', 'teacher']);
});
