import { describe, expect, test } from 'vitest';
import {
  acceptedPost,
  acceptPost,
  as,
  handInPost,
  NOW,
  personOf,
  setWork,
  succeeded,
  writePost,
  freshHouse,
} from '../../../../tests/server/house';
import { listLabels } from '../../tables/labels';
import { perform } from '../../ground/access/perform';
import { listAssignments } from '../../tables/assignments';
import { readerOf } from '../../ground/access/reader';
import { maybeFront } from '../../views/blog/viewFront';
import { maybePost } from '../../views/blog/viewPost';
import { database } from '../../ground/database/database';
import { findClass } from '../../tables/classes';
import { listMembers } from '../../tables/memberships';
import { beginPost } from '../posts/beginPost';
import { savePost } from '../posts/savePost';
import { makeAssignment } from '../assignments/makeAssignment';
import { removeStudents } from '../people/removeStudents';
import { narrowPost } from '../publications/narrowPost';
import { publish } from '../publications/publish';
import { copyClass } from '../copying/copyClass';
import { changeAddress } from './changeAddress';
import { changePrivacy } from './changePrivacy';
import { changeYear } from './changeYear';
import { checkAddress } from './checkAddress';
import { makeClass } from './makeClass';
import { nameClass } from './nameClass';
import { restClass } from './restClass';

const house = freshHouse();

const PLACE = { timeZone: 'Europe/Dublin', language: 'en-GB' };
const OPEN = {
  ceiling: 'everyone',
  namingRule: 'penName',
  searchEngines: false,
  editorsRead: false,
  consentNeeded: false,
};

describe('a new class', () => {
  const make = (input: object) =>
    as(house, 'teacher', makeClass, { title: 'Tides', groupName: '7C', ...PLACE, ...input });

  test('is its teacher’s, closed to everybody outside, with an address and a code of its own', async () => {
    const { classId } = await succeeded(make({}));
    expect(await findClass(database, classId)).toMatchObject({
      title: 'Tides',
      address: 'tides',
      ceiling: 'ourClass',
      searchEngines: false,
      settledAt: null,
      year: { terms: [], holidays: [], schoolDays: [1, 2, 3, 4, 5] },
    });
    expect((await listMembers(database, classId)).map((one) => one.role)).toEqual(['teacher']);
    const second = await succeeded(make({}));
    expect((await findClass(database, second.classId))?.address).toBe('tides-7c');
  });

  test.each([
    [{ timeZone: 'Mars/One' }, 'class.noTimeZone', 'timeZone'],
    [{ language: 'xx-' }, 'class.noLanguage', 'language'],
    [{ title: '' }, 'input.minLength', 'title'],
  ])('%j is refused at its field', async (wanted, code, field) => {
    expect(await make(wanted)).toMatchObject({ ok: false, code, field });
  });

  test('is made by nobody without a teacher’s account', async () => {
    for (const who of ['visitor', 'writer', 'editor', 'reader', 'stranger'] as const)
      expect(await as(house, who, makeClass, { title: 'T', groupName: '', ...PLACE })).toMatchObject({
        code: 'notThere',
      });
  });
});

describe('an address', () => {
  const check = (address: string) =>
    succeeded(as(house, 'teacher', checkAddress, { classId: house.classId, address }));

  test('is checked while it is typed, with free ones in its place', async () => {
    expect(await check('gusts')).toEqual({ problem: null, suggestions: [] });
    expect(await check('wind')).toEqual({ problem: null, suggestions: [] });
    expect(await check('moss')).toEqual({
      problem: 'taken',
      suggestions: ['moss-8b', 'moss-2026', 'moss-2'],
    });
    expect(await check('Gusts!')).toMatchObject({
      problem: 'signs',
      suggestions: ['wind-weather', 'wind-weather-8b', 'wind-weather-2026'],
    });
  });

  test('that was changed goes on working, and nobody else gets it', async () => {
    await succeeded(as(house, 'teacher', changeAddress, { classId: house.classId, address: 'gusts' }));
    for (const address of ['wind', 'gusts'])
      expect((await maybeFront(address, readerOf(house.people.writer), NOW))?.blog.address).toBe('gusts');
    const { classId } = await succeeded(
      as(house, 'teacher', makeClass, { title: 'Wind', groupName: '', ...PLACE }),
    );
    const wanted = { classId, address: 'wind' };
    expect(await as(house, 'teacher', changeAddress, wanted)).toMatchObject({
      code: 'class.address.taken',
      field: 'address',
    });
    await succeeded(as(house, 'teacher', changeAddress, { classId: house.classId, address: 'wind' }));
  });
});

describe('the settings', () => {
  test('name the class', async () => {
    const names = {
      title: ' Tides ',
      groupName: '7C',
      subtitle: 'Up and down',
      schoolName: 'Alder Quay School',
    };
    await succeeded(as(house, 'teacher', nameClass, { classId: house.classId, ...names }));
    expect(await findClass(database, house.classId)).toMatchObject({ ...names, title: 'Tides' });
    expect(
      await as(house, 'teacher', nameClass, { classId: house.classId, ...names, title: '   ' }),
    ).toMatchObject({ code: 'class.noTitle', field: 'title' });
  });

  test('hold its year, and name a span that ends before it begins', async () => {
    const year = {
      terms: [{ name: 'Autumn', from: '2026-09-01', to: '2026-12-18' }],
      holidays: [{ name: 'Mid-term', from: '2026-10-26', to: '2026-10-30' }],
      schoolDays: [1, 2, 4],
    };
    const input = { classId: house.classId, ...PLACE, ...year };
    await succeeded(as(house, 'teacher', changeYear, input));
    expect((await findClass(database, house.classId))?.year).toEqual(year);
    const wrong = { ...input, holidays: [{ name: '', from: '2026-10-30', to: '2026-10-26' }] };
    expect(await as(house, 'teacher', changeYear, wrong)).toMatchObject({ field: 'holidays.0' });
    const noDate = { ...input, terms: [{ name: '', from: '2026-02-30', to: '2026-03-01' }] };
    expect(await as(house, 'teacher', changeYear, noDate)).toMatchObject({ code: 'input.format' });
  });

  test('a lowered ceiling draws posts back at once, and names them', async () => {
    const { postId } = await acceptedPost(house);
    const seen = (personId: string | null) => maybePost('wind', '2-skies', readerOf(personId), NOW);
    expect(await seen(null)).not.toBeNull();
    const { drawnBack } = await succeeded(
      as(house, 'teacher', changePrivacy, { classId: house.classId, ...OPEN, ceiling: 'ourClass' }),
    );
    expect(drawnBack).toMatchObject([{ postId, writerId: house.people.writer }]);
    expect(await seen(null)).toBeNull();
    expect(await seen(house.people.classmate)).not.toBeNull();
    expect(await as(house, 'teacher', publish, { postId, audience: 'everyone' })).toMatchObject({
      code: 'publish.tooWide',
    });
  });

  test('search engines find only what is for everyone', async () => {
    const wanted = { ...OPEN, ceiling: 'passphrase', searchEngines: true };
    expect(await as(house, 'teacher', changePrivacy, { classId: house.classId, ...wanted })).toMatchObject({
      code: 'class.foundOnlyIfPublic',
      field: 'searchEngines',
    });
  });
});

describe('a class at rest', () => {
  test('is read as before, and nothing is written until it is woken', async () => {
    const assignmentId = await setWork(house);
    const postId = await writePost(house, assignmentId);
    await acceptPost(house, postId, await handInPost(house, postId));
    await succeeded(as(house, 'teacher', restClass, { classId: house.classId, rest: true }));
    expect((await maybeFront('wind', readerOf(null), NOW))?.posts).toHaveLength(1);
    const refused = { ok: false, code: 'class.resting' };
    expect(await as(house, 'classmate', beginPost, { assignmentId })).toEqual(refused);
    expect(
      await as(house, 'writer', savePost, {
        postId,
        version: 2,
        writing: { title: '', labels: [], body: { type: 'doc', content: [{ type: 'paragraph' }] } },
      }),
    ).toEqual(refused);
    expect(await as(house, 'teacher', makeAssignment, { classId: house.classId })).toEqual(refused);
    await succeeded(as(house, 'teacher', narrowPost, { postId, audience: 'writerAndTeachers' }));
    await succeeded(as(house, 'teacher', restClass, { classId: house.classId, rest: false }));
    await succeeded(as(house, 'classmate', beginPost, { assignmentId }));
  });
});

test('a copy has the settings, labels and assignments, neither people nor posts nor dates, and begins closed', async () => {
  await writePost(house, await setWork(house));
  await succeeded(as(house, 'teacher', changePrivacy, { classId: house.classId, ...OPEN }));
  const { classId } = await succeeded(
    as(house, 'teacher', copyClass, { classId: house.classId, title: 'Wind again', groupName: '8A' }),
  );
  expect(await findClass(database, classId)).toMatchObject({
    title: 'Wind again',
    ceiling: 'ourClass',
    searchEngines: false,
    namingRule: 'penName',
    settledAt: null,
  });
  expect(await listLabels(database, classId)).toEqual(['three-skies']);
  expect((await listMembers(database, classId)).map((one) => one.personId)).toEqual([house.people.teacher]);
  expect(await listAssignments(database, classId, NOW)).toMatchObject([
    { title: 'Three skies', audience: 'ourClass', setAt: null, dueAt: null, openedAt: null },
  ]);
  expect(await database.rows('SELECT id FROM posts WHERE class_id = :classId', { classId })).toEqual([]);
});

test('who has left keeps the name on what they published', async () => {
  const { postId } = await acceptedPost(house);
  await succeeded(
    as(house, 'teacher', removeStudents, { classId: house.classId, personIds: [house.people.writer] }),
  );
  expect((await maybePost('wind', '2-skies', readerOf(null), NOW))?.writer.name).toBe('Wren');
  // Outside the class now: no further words, although the post is still theirs.
  const input = {
    postId,
    version: 2,
    writing: { title: '', labels: [], body: { type: 'doc', content: [{ type: 'paragraph' }] } },
  };
  const asker = { personId: personOf(house, 'writer'), now: NOW };
  expect(await perform(savePost, input, asker)).toMatchObject({ code: 'notThere' });
});
