import { expect, test } from 'vitest';
import {
  addMember,
  addPerson,
  as,
  freshHouse,
  NOW,
  setWork,
  succeeded,
  writePost,
} from '../../../tests/server/house';
import { database } from '../ground/database/database';
import { newId } from '../ground/database/newId';
import { beginPost } from '../deeds/posts/beginPost';
import { leaveClass, listEverMembers, listSomeMembers } from './memberships';
import { insertPerson } from './people';
import { countStages } from './postsOfClass';

const house = freshHouse();

async function addNamed(givenName: string, familyName: string): Promise<string> {
  const id = newId();
  await insertPerson(database, { id, givenName, familyName, createdAt: NOW });
  await addMember(id, house.classId, 'student');
  return id;
}

test('some members have the names that all of them together give them', async () => {
  const ids = [
    await addNamed('Maya', 'Brook'),
    await addNamed('MAYA', 'Brown'),
    await addNamed('Maÿa', 'Brown'),
    await addNamed('Straße', 'Bell'),
    await addNamed('Strasse', 'Bell'),
    await addNamed('Зоя', 'Ёлкина'),
    await addNamed('Ｍａｙａ', 'Brook'),
  ];
  const all = new Map(
    (await listEverMembers(database, house.classId)).map((one) => [one.personId, one.shownName]),
  );
  for (const id of ids) {
    const some = await listSomeMembers(database, house.classId, [id]);
    expect(some.map((one) => [one.personId, one.shownName])).toEqual([[id, all.get(id)]]);
  }
  expect(await listSomeMembers(database, house.classId, [])).toEqual([]);
  expect(await listSomeMembers(database, house.classId, [house.people.stranger])).toEqual([]);
});

test('posts are counted without those of people deleted, and of students without those who left', async () => {
  const assignmentId = await setWork(house);
  await writePost(house, assignmentId);
  await succeeded(as(house, 'classmate', beginPost, { assignmentId }));
  await succeeded(as(house, 'editor', beginPost, { assignmentId }));
  const counted = async () =>
    (await countStages(database, house.classId)).map(({ posts, ofStudents }) => [posts, ofStudents]);
  expect(await counted()).toEqual([[3, 3]]);
  const { classId } = house;
  await leaveClass(database, { classId, personId: house.people.classmate, at: NOW });
  expect(await counted()).toEqual([[3, 2]]);
  await database.change('UPDATE people SET deleted_at = :now WHERE id = :id', {
    now: NOW,
    id: house.people.writer,
  });
  expect(await counted()).toEqual([[2, 1]]);
  await database.change('UPDATE people SET deleted_at = :now WHERE id IN (:one, :other)', {
    ...{ now: NOW, one: house.people.editor, other: house.people.classmate },
  });
  expect(await counted()).toEqual([]);
});

test('somebody of another class with the same name changes nobody’s', async () => {
  const id = await addNamed('Ines', 'Bell');
  await addPerson('Ines', null, null);
  expect((await listSomeMembers(database, house.classId, [id]))[0]?.shownName).toBe('Ines B.');
});
