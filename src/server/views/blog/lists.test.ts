import { describe, expect, test } from 'vitest';
import { as, freshHouse, NOW, personOf, publishedPost, succeeded } from '../../../../tests/server/house';
import { changePrivacy } from '../../deeds/classes/changePrivacy';
import { changePerson } from '../../deeds/people/changePerson';
import { changeLabel } from '../../deeds/labels/changeLabel';
import { readerOf } from '../../ground/access/reader';
import { database } from '../../ground/database/database';
import { maybePostList, type ListOf } from './viewList';
import { maybePost } from './viewPost';

const house = freshHouse();

async function listFor(
  who: 'visitor' | 'classmate' | 'teacher',
  of: ListOf,
  month: string | null = null,
  page = 1,
) {
  return maybePostList('wind', of, {
    ...{ reader: readerOf(personOf(house, who)), now: NOW, page, month },
    ...{ typed: '', exactly: false },
  });
}

const published = (audience: 'ourClass' | 'everyone') => publishedPost(house, { audience });

const LABEL = 'three-skies';

test('a list has what its reader sees, and is not there for who sees none of it', async () => {
  const { assignmentId } = await published('ourClass');
  const lists: readonly ListOf[] = [
    { kind: 'label', label: LABEL },
    { kind: 'assignment', assignmentId },
    { kind: 'month', month: NOW.toISOString().slice(0, 7) },
  ];
  for (const of of lists) {
    expect((await listFor('classmate', of))?.posts).toHaveLength(1);
    expect((await listFor('teacher', of))?.count).toBe(1);
    expect(await listFor('visitor', of)).toBeNull();
  }
});

test('what is no label, no month and no assignment of the class is not there', async () => {
  await published('everyone');
  for (const label of ['', ' ', '%', '"', "x' OR 1=1 --", 'nothing of the kind', '\u0000'])
    expect(await listFor('teacher', { kind: 'label', label })).toBeNull();
  for (const month of ['2001-01', '2026-13', 'x'])
    expect(await listFor('teacher', { kind: 'month', month })).toBeNull();
  expect(await listFor('teacher', { kind: 'assignment', assignmentId: 'x' })).toBeNull();
});

test('a label that is called otherwise leads on from what it was called, and one taken away from nowhere', async () => {
  const { postId } = await published('everyone');
  const label = LABEL;
  const { classId } = house;
  await succeeded(as(house, 'teacher', changeLabel, { classId, label, becomes: 'Up there' }));
  const old = await listFor('visitor', { kind: 'label', label });
  expect([old?.title, old?.address]).toEqual(['Up there', '/blog/wind/labels/Up%20there']);
  expect((await listFor('visitor', { kind: 'label', label: 'up-there' }))?.posts[0]?.postId).toBe(postId);
  expect((await maybePost('wind', '2-skies', readerOf(null), NOW))?.labels).toContain('Up there');
  await succeeded(as(house, 'teacher', changeLabel, { classId, label: 'Up there', becomes: null }));
  expect(await listFor('visitor', { kind: 'label', label })).toBeNull();
  expect((await maybePost('wind', '2-skies', readerOf(null), NOW))?.labels).not.toContain('Up there');
});

test('the figures of a fence are those of the list, and a month narrows it', async () => {
  await published('everyone');
  const of = { kind: 'label', label: LABEL } as const;
  const list = await listFor('visitor', of);
  const months = list?.fence?.months ?? [];
  expect(months.reduce((sum, { count }) => sum + count, 0)).toBe(list?.count);
  const month = months.find(({ count }) => count > 0)?.month ?? '';
  expect((await listFor('visitor', of, month))?.count).toBe(1);
  expect((await listFor('visitor', of, '2001-01'))?.posts).toEqual([]);
  // A page that is not there is the last one.
  expect((await listFor('visitor', of, null, 99))?.posts).toHaveLength(1);
});

describe('the posts of one writer', () => {
  const pageOf = async (who: 'visitor' | 'classmate') =>
    (await maybePost('wind', '2-skies', readerOf(personOf(house, who)), NOW))?.writer.address ?? null;
  const named = (penName: string) =>
    succeeded(
      as(house, 'teacher', changePerson, {
        ...{
          classId: house.classId,
          personId: house.people.writer,
          givenName: 'Wren',
          familyName: 'Example',
        },
        ...{ penName, email: '', schoolId: '', group: '' },
      }),
    );
  const rule = (namingRule: 'penName' | 'firstName') =>
    succeeded(
      as(house, 'teacher', changePrivacy, {
        ...{ classId: house.classId, ceiling: 'everyone', namingRule },
        ...{ searchEngines: false, editorsRead: false, consentNeeded: false },
      }),
    );
  const at = async (who: 'visitor' | 'classmate', page: string | null) =>
    listFor(who, { kind: 'writer', address: (page ?? '').split('/').at(-1) ?? '' });

  test('stand at one address for everybody, each under the name by which they know the writer', async () => {
    await rule('firstName');
    await published('everyone');
    const page = await pageOf('visitor');
    expect(page).toMatch(/^\/blog\/wind\/writers\/[0-9a-z]{16}$/);
    expect(await pageOf('classmate')).toBe(page);
    expect((await at('visitor', page))?.title).toBe('Wren');
    expect((await at('classmate', page))?.title).toBe('Wren E.');
    expect(await at('visitor', '/blog/wind/writers/0000000000000000')).toBeNull();
    expect(await at('visitor', `/blog/wind/writers/${house.people.writer}`)).toBeNull();
  });

  test('have a new address under another name, and the old one leads nowhere', async () => {
    await rule('penName');
    await named('Low Tide');
    await published('everyone');
    const low = await pageOf('visitor');
    expect((await at('visitor', low))?.title).toBe('Low Tide');
    await named('Tern');
    const tern = await pageOf('visitor');
    expect((await at('visitor', tern))?.title).toBe('Tern');
    expect(await at('visitor', low)).toBeNull();
    expect(await at('classmate', low)).toBeNull();
    await rule('firstName');
    expect(await at('visitor', tern)).toBeNull();
    expect([low, tern]).not.toContain(await pageOf('visitor'));
  });

  test('lead nowhere from the moment on which the name is another, before anything is renewed', async () => {
    await rule('penName');
    await named('Low Tide');
    await published('everyone');
    const low = await pageOf('visitor');
    await database.change("UPDATE people SET pen_name = 'Tern' WHERE id = :id", { id: house.people.writer });
    expect(await at('visitor', low)).toBeNull();
    expect(await pageOf('visitor')).toBeNull();
  });

  test('are not there for who may read none of them', async () => {
    await rule('firstName');
    await published('ourClass');
    const page = await pageOf('classmate');
    expect((await at('classmate', page))?.count).toBe(1);
    expect(await at('visitor', page)).toBeNull();
  });
});
