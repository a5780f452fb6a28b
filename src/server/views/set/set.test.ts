import { beforeEach, describe, expect, test } from 'vitest';
import {
  acceptedPost,
  addPerson,
  as,
  deskFor,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writePost,
} from '../../../../tests/server/house';
import { changePrivacy } from '../../deeds/classes/changePrivacy';
import { recordConsent } from '../../deeds/consents/recordConsent';
import { publish } from '../../deeds/publications/publish';
import { database } from '../../ground/database/database';
import { maybeTeacherToday } from '../today/viewTeacherToday';
import { maybeSet } from './viewSet';
import { maybeStudentPosts } from './viewStudent';

const house = freshHouse();
let assignmentId: string;
beforeEach(async () => {
  assignmentId = await setWork(house);
});

const set = async (id = assignmentId, who: 'teacher' | 'coTeacher' = 'teacher') =>
  maybeSet(id, await deskFor(house, who));
const groups = async () =>
  Object.fromEntries(
    ((await set())?.groups ?? []).map(({ state, rows }) => [state, rows.map((row) => row.name)]),
  );

describe('the set of an assignment', () => {
  test('has each student by how far they are, and the way to each post that may be read', async () => {
    expect(await groups()).toEqual({ notBegun: ['Edda E.', 'Mate E.', 'Wren E.'] });
    const postId = await writePost(house, assignmentId);
    expect(await groups()).toEqual({ notBegun: ['Edda E.', 'Mate E.'], draft: ['Wren E.'] });
    const row = async () => (await set())?.groups.at(-1)?.rows[0];
    expect(await row()).toMatchObject({ way: null, handedIn: null, readers: null });
    await handInPost(house, postId);
    expect(await row()).toMatchObject({
      state: 'handedIn',
      way: `/pile/${postId}`,
      handedIn: 'Tuesday 17 November, 12\u00A0pm',
      slats: ['met', 'bonusOffered'],
    });
  });

  test('keeps what was accepted within reach, with its readers, also of who has left', async () => {
    const { postId } = await acceptedPost(house);
    const [row] = await database.rows<{ id: string }>(
      'SELECT assignment_id AS id FROM posts WHERE id = :postId',
      { postId },
    );
    const accepted = async () =>
      (await set(row?.id))?.groups.find((group) => group.state === 'accepted')?.rows[0];
    expect(await accepted()).toMatchObject({
      way: `/pile/${postId}`,
      left: false,
      readers: { to: 'everyone', heldBack: null, address: '/blog/wind/2-skies', drawnFrom: null },
    });
    await database.change('UPDATE memberships SET left_at = :NOW WHERE person_id = :writer', {
      NOW,
      writer: house.people.writer,
    });
    expect(await accepted()).toMatchObject({ way: `/pile/${postId}`, left: true });
  });

  test('leads to drafts only where teachers may read them', async () => {
    const open = await setWork(house, { draftsOpen: true });
    const postId = await writePost(house, open);
    const draft = (await set(open))?.groups.find((group) => group.state === 'draft');
    expect(draft?.rows[0]?.way).toBe(`/class/${house.classId}/drafts/${postId}`);
  });

  test('is for those who teach the class alone', async () => {
    for (const who of ['writer', 'classmate', 'editor', 'reader', 'stranger'] as const)
      expect(await maybeSet(assignmentId, await deskFor(house, who))).toBeNull();
    expect(await set(assignmentId, 'coTeacher')).not.toBeNull();
  });
});

describe('what one student wrote', () => {
  test('stands by assignment, with those that they have not begun', async () => {
    const { postId } = await acceptedPost(house);
    const posts = await maybeStudentPosts(house.people.writer, await deskFor(house, 'teacher'));
    expect(posts).toMatchObject({ name: 'Wren E.', left: false });
    expect(posts?.rows.map(({ state, way }) => [state, way])).toContainEqual(['notBegun', null]);
    expect(posts?.rows.map(({ state, way }) => [state, way])).toContainEqual(['accepted', `/pile/${postId}`]);
  });

  test('is for those who teach the class alone, and of its students alone', async () => {
    const { writer, teacher, stranger } = house.people;
    for (const who of ['writer', 'classmate', 'editor', 'reader', 'stranger'] as const)
      expect(await maybeStudentPosts(writer, await deskFor(house, who))).toBeNull();
    for (const person of [teacher, stranger, 'nobody'])
      expect(await maybeStudentPosts(person, await deskFor(house, 'teacher'))).toBeNull();
  });
});

test('a consent that ran out stands on Today and at the post, one that holds does not', async () => {
  const privacy = {
    ceiling: 'everyone',
    namingRule: 'firstName',
    searchEngines: false,
    editorsRead: false,
    consentNeeded: true,
  };
  await succeeded(as(house, 'teacher', changePrivacy, { classId: house.classId, ...privacy }));
  const { writer } = house.people;
  await succeeded(
    as(house, 'teacher', recordConsent, {
      classId: house.classId,
      personIds: [writer],
      givenBy: 'Rosa Example',
      relation: 'mother',
      purposes: ['firstName'],
      givenOn: '2026-09-10',
      until: '2026-11-20',
    }),
  );
  await addPerson('Nobody', house.classId, 'student');
  const { postId } = await acceptedPost(house);
  await succeeded(as(house, 'teacher', publish, { postId, audience: 'everyone' }));
  const at = async (now: Date) => {
    const desk = { ...(await deskFor(house, 'teacher')), now };
    const today = await maybeTeacherToday([desk]);
    const posts = await maybeStudentPosts(writer, desk);
    return [today?.classes[0]?.consentsOver, posts?.rows.find((row) => row.state === 'accepted')?.readers];
  };
  expect(await at(NOW)).toMatchObject([[], { to: 'everyone', heldBack: null }]);
  expect(await at(new Date('2026-11-21T08:00:00Z'))).toMatchObject([
    [{ personId: writer, name: 'Wren E.' }],
    { to: 'ourClass', heldBack: 'ranOut', published: 'everyone' },
  ]);
});
