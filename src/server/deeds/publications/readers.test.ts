import { beforeEach, describe, expect, test } from 'vitest';
import {
  acceptedPost,
  acceptPost,
  as,
  deskFor,
  freshHouse,
  handInPost,
  NOW,
  personOf,
  setWork,
  succeeded,
  writePost,
  writing,
  type Who,
} from '../../../../tests/server/house';
import { filesIn } from '../../../../tests/server/filesIn';
import { maybeFront } from '../../views/blog/viewFront';
import { maybePost } from '../../views/blog/viewPost';
import { readerOf } from '../../ground/access/reader';
import { listConsentsOf } from '../../tables/consents';
import { database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { insertPicture } from '../../tables/pictures';
import { listClassPictures } from '../pictures/listClassPictures';
import { maybeCompose } from '../../views/writing/viewCompose';
import { maybeDraft } from '../../views/writing/viewDraft';
import { maybeArchive } from '../archives/archivePerson';
import { changePrivacy } from '../classes/changePrivacy';
import { writeComment } from '../comments/writeComment';
import { tellWorry } from '../worries/tellWorry';
import { recordConsent } from '../consents/recordConsent';
import { withdrawConsent } from '../consents/withdrawConsent';
import { addHandout } from '../handouts/addHandout';
import { maybeShowHandout } from '../handouts/showHandout';
import { runOneJob } from '../chores/runJobs';
import { changeRole } from '../people/changeRole';
import { deletePerson } from '../people/deletePerson';
import { restorePerson } from '../people/restorePerson';
import { makePage } from '../pages/makePage';
import { savePage } from '../pages/savePage';
import { showPage } from '../pages/showPage';
import { maybeShowPicture } from '../pictures/showPicture';
import { beginPost } from '../posts/beginPost';
import { savePost } from '../posts/savePost';
import { narrowPost } from './narrowPost';
import { openAgain } from './openAgain';
import { publish } from './publish';

const house = freshHouse();
const CLOSED = { ceiling: 'ourClass', namingRule: 'firstName', searchEngines: false, editorsRead: false };
const OPEN = { ...CLOSED, ceiling: 'everyone', consentNeeded: false };
let postId: string;
beforeEach(async () => {
  ({ postId } = await acceptedPost(house));
});

const privacy = (settings: object) =>
  as(house, 'teacher', changePrivacy, { classId: house.classId, ...settings });
const stranger = async () => (await maybeFront('wind', readerOf(null), NOW))?.posts.length ?? 0;
const rowsBeyond = async () =>
  (
    await database.rows(
      "SELECT 1 FROM publications WHERE until IS NULL AND audience IN ('passphrase', 'everyone')",
    )
  ).length;
const consent = () =>
  as(house, 'teacher', recordConsent, {
    classId: house.classId,
    personIds: [house.people.writer],
    givenBy: 'Rosa Example',
    relation: 'mother',
    purposes: ['firstName'],
    givenOn: '2026-09-01',
    until: null,
  });

describe('narrowing is always possible', () => {
  test('also once the writer has handed in again, and readers go on seeing what was accepted', async () => {
    await succeeded(
      as(house, 'writer', savePost, { postId, version: 2, writing: writing('<p>quite other words</p>') }),
    );
    await handInPost(house, postId, new Date(NOW.getTime() + 1000));
    expect(await as(house, 'teacher', publish, { postId, audience: 'ourClass' })).toMatchObject({
      code: 'notThere',
    });
    await succeeded(as(house, 'teacher', narrowPost, { postId, audience: 'ourClass' }));
    expect(await stranger()).toBe(0);
    const shown = await maybePost('wind', '2-skies', readerOf(personOf(house, 'classmate')), NOW);
    expect(shown?.html).toContain('grey all day long');
    await succeeded(as(house, 'teacher', narrowPost, { postId, audience: 'writerAndTeachers' }));
    expect(await maybePost('wind', '2-skies', readerOf(personOf(house, 'classmate')), NOW)).toBeNull();
    expect(await as(house, 'teacher', narrowPost, { postId, audience: 'ourClass' })).toMatchObject({
      code: 'notThere',
    });
  });

  test('and never widens', async () => {
    await succeeded(as(house, 'teacher', narrowPost, { postId, audience: 'ourClass' }));
    expect(await as(house, 'teacher', narrowPost, { postId, audience: 'everyone' })).toMatchObject({
      code: 'publish.onlyNarrows',
    });
  });
});

describe('what narrows is stronger than what widens, whichever comes first', () => {
  test.each(Array.from({ length: 6 }, (_, index) => index))(
    'publishing beside a lowered ceiling, %i',
    async () => {
      await succeeded(as(house, 'teacher', narrowPost, { postId, audience: 'ourClass' }));
      await Promise.all([
        ...Array.from({ length: 4 }, () => as(house, 'teacher', publish, { postId, audience: 'everyone' })),
        privacy({ ...CLOSED, consentNeeded: false }),
        ...Array.from({ length: 4 }, () => as(house, 'coTeacher', publish, { postId, audience: 'everyone' })),
      ]);
      expect(await rowsBeyond()).toBe(0);
    },
  );

  test.each([0, 1, 2, 3])('opening again beside a ceiling that is lowered, %i', async () => {
    await succeeded(privacy({ ...CLOSED, consentNeeded: false }));
    await succeeded(privacy(OPEN));
    const again = { classId: house.classId, postIds: [postId] };
    await Promise.all([
      as(house, 'teacher', openAgain, again),
      as(house, 'coTeacher', openAgain, again),
      privacy({ ...CLOSED, consentNeeded: false }),
      as(house, 'teacher', openAgain, again),
    ]);
    expect(await rowsBeyond()).toBe(0);
    const now = await database.rows('SELECT id FROM publications WHERE post_id = :postId AND until IS NULL', {
      postId,
    });
    expect(now).toHaveLength(1);
  });

  test.each([0, 1, 2, 3])('publishing beside a consent that is taken back, %i', async () => {
    await succeeded(privacy({ ...OPEN, consentNeeded: true }));
    await succeeded(consent());
    await succeeded(as(house, 'teacher', publish, { postId, audience: 'ourClass' }));
    const [given] = await listConsentsOf(database, house.people.writer);
    const one = { classId: house.classId, personId: house.people.writer, consentId: given?.id };
    await Promise.all([
      as(house, 'teacher', publish, { postId, audience: 'everyone' }),
      as(house, 'coTeacher', withdrawConsent, one),
      as(house, 'teacher', publish, { postId, audience: 'everyone' }),
    ]);
    expect(await rowsBeyond()).toBe(0);
  });

  test('bringing somebody back after the ceiling came down brings nothing back beyond it', async () => {
    const one = { classId: house.classId, personId: house.people.writer };
    await succeeded(as(house, 'teacher', deletePerson, one));
    await succeeded(privacy({ ...CLOSED, consentNeeded: false }));
    await succeeded(as(house, 'teacher', restorePerson, one));
    expect(await rowsBeyond()).toBe(0);
    expect(await maybePost('wind', '2-skies', readerOf(personOf(house, 'classmate')), NOW)).not.toBeNull();
  });

  test('a row that is wide all the same is read by nobody beyond the ceiling', async () => {
    await database.change("UPDATE classes SET ceiling = 'ourClass'");
    expect(await rowsBeyond()).toBe(1);
    expect(await maybePost('wind', '2-skies', readerOf(null), NOW)).toBeNull();
    expect(await maybePost('wind', '2-skies', readerOf(personOf(house, 'reader')), NOW)).toBeNull();
    const told = await tellWorry(
      { blog: 'wind', post: '2-skies', words: 'x' },
      { reader: readerOf(null), address: '192.0.2.1', now: NOW },
    );
    expect(told).toMatchObject({ code: 'notThere' });
  });
});

describe('what nobody has published stays untold', () => {
  const SECRET = 'Fernweh';
  beforeEach(async () => {
    const secret = { ...writing('<p>grey all day long</p>'), title: SECRET };
    await succeeded(as(house, 'writer', savePost, { postId, version: 2, writing: secret }));
  });

  test('a title that its writer has changed since, in what readers told, what was drawn back, and an archive', async () => {
    const reader = readerOf(null);
    await succeeded(
      tellWorry(
        { blog: 'wind', post: '2-skies', words: 'Look.' },
        { reader, address: '192.0.2.1', now: NOW },
      ),
    );
    expect(await database.rows('SELECT title FROM cases')).toEqual([{ title: '2 · Skies' }]);
    await succeeded(as(house, 'classmate', writeComment, { postId, text: 'What did it smell of?' }));
    const { classmate } = house.people;
    const files = await filesIn(await maybeArchive(classmate, { personId: classmate, now: NOW }));
    expect(files['person.json']).toContain('What did it smell of?');
    expect(JSON.stringify(files)).not.toContain(SECRET);
    const drawn = await succeeded(privacy({ ...CLOSED, consentNeeded: false }));
    expect(drawn.drawnBack.map((one) => one.title)).toEqual(['2 · Skies']);
  });

  test('the titles of drafts in which a picture of somebody else stands', async () => {
    const id = newId();
    const picture = { classId: house.classId, contentHash: '0'.repeat(64), perceptualHash: '0'.repeat(16) };
    const made = { ...picture, id, uploadedBy: house.people.teacher, width: 4, height: 3 };
    await insertPicture(database, { ...made, purpose: 'picture', at: NOW });
    const shows = { ...writing(`<p>x</p><img src="${id}" alt="a">`), title: SECRET };
    await succeeded(as(house, 'writer', savePost, { postId, version: 3, writing: shows }));
    await succeeded(as(house, 'writer', savePost, { postId, version: 4, writing: writing('<p>gone</p>') }));
    const listed = await as(house, 'teacher', listClassPictures, { classId: house.classId });
    expect(listed).toMatchObject({ ok: true });
    expect(JSON.stringify(listed)).not.toContain(SECRET);
  });
});

test('somebody deleted has no page, picture or handout before readers, and is whole again when brought back', async () => {
  const { editor } = house.people;
  const edda = { classId: house.classId, personId: editor };
  await succeeded(as(house, 'teacher', changeRole, { ...edda, role: 'studentEditor' }));
  const handout = await addHandout(
    { classId: house.classId, name: 'chart.txt', file: Buffer.from(newId()) },
    { personId: editor, now: NOW },
  );
  const file = handout.ok ? handout.value.handoutId : '';
  const pictureId = newId();
  await insertPicture(database, {
    id: pictureId,
    classId: house.classId,
    uploadedBy: editor,
    contentHash: '1'.repeat(64),
    perceptualHash: '0'.repeat(16),
    width: 4,
    height: 3,
    purpose: 'picture',
    at: NOW,
  });
  const { pageId } = await succeeded(as(house, 'editor', makePage, { classId: house.classId }));
  const body = {
    type: 'doc',
    content: [
      { type: 'paragraph', content: [{ type: 'text', text: 'How we comment.' }] },
      { type: 'attachment', attrs: { file, title: 'The chart' } },
      { type: 'picture', attrs: { src: pictureId }, content: [{ type: 'caption' }, { type: 'credit' }] },
    ],
  };
  await succeeded(as(house, 'editor', savePage, { pageId, version: 1, title: 'Comments', body }));
  await succeeded(as(house, 'teacher', showPage, { pageId, version: 2, audience: 'everyone' }));
  const seen = async () => [
    (await maybeFront('wind', readerOf(null), NOW))?.pages.length,
    (await maybeShowHandout(file, readerOf(null), NOW)) !== null,
    (await maybeShowPicture({ id: pictureId, width: 480 }, readerOf(null), NOW)) !== null,
  ];
  expect(await seen()).toEqual([1, true, true]);
  await succeeded(as(house, 'teacher', deletePerson, edda));
  expect(await seen()).toEqual([0, false, false]);
  await succeeded(as(house, 'teacher', restorePerson, edda));
  expect(await seen()).toEqual([1, true, true]);

  await succeeded(as(house, 'teacher', deletePerson, edda));
  await database.change('UPDATE people SET erase_at = :NOW WHERE id = :editor', { NOW, editor });
  while (await runOneJob(new Date(NOW.getTime() + 32 * 86_400_000)));
  expect(await database.rows('SELECT id FROM handouts WHERE id = :file', { file })).toEqual([]);
  expect(await seen()).toEqual([0, false, false]);
});

test('after erasure no label that only they used and no address that they typed is left', async () => {
  const labels = { ...writing('<p>grey all day long</p>'), labels: ['otters', 'three-skies'] };
  await succeeded(as(house, 'writer', savePost, { postId, version: 2, writing: labels }));
  await handInPost(house, postId, new Date(NOW.getTime() + 1000));
  await database.change(
    "INSERT INTO looked_links (address_hash, address, result, looked_at, asked_by) VALUES (REPEAT('0', 64), 'https://me.example/', 'opens', :NOW, :id)",
    { NOW, id: house.people.writer },
  );
  const one = { classId: house.classId, personId: house.people.writer };
  await succeeded(as(house, 'teacher', deletePerson, one));
  while (await runOneJob(new Date(NOW.getTime() + 32 * 86_400_000)));
  const left = JSON.stringify([
    await database.rows('SELECT name AS label FROM labels'),
    await database.rows('SELECT address FROM looked_links'),
  ]);
  expect(left).toContain('three-skies');
  expect(left).not.toMatch(/otters|me\.example/);
});

describe('a draft that its assignment lets teachers read', () => {
  test('is read by them, each look is logged and told, and by nobody else', async () => {
    const assignmentId = await setWork(house, { draftsOpen: true });
    const draft = await writePost(house, assignmentId, '<p>not yet done</p>');
    const read = async (who: Exclude<Who, 'visitor' | 'administrator'>) =>
      (await maybeDraft(draft, await deskFor(house, who)))?.html ?? null;
    expect(await read('teacher')).toContain('not yet done');
    for (const who of ['writer', 'classmate', 'editor', 'reader', 'stranger'] as const)
      expect(await read(who)).toBeNull();
    const compose = await maybeCompose(draft, await deskFor(house, 'writer'));
    expect(compose?.draftReaders).toMatchObject([{ teacher: 'Tess Example' }]);
    const lines = await database.rows("SELECT actor_id FROM audit_log WHERE use_case = 'readDraft'");
    expect(lines).toHaveLength(1);
  });

  test('is seen with its pictures', async () => {
    const pictureId = newId();
    await insertPicture(database, {
      id: pictureId,
      classId: house.classId,
      uploadedBy: house.people.writer,
      contentHash: '2'.repeat(64),
      perceptualHash: '0'.repeat(16),
      width: 4,
      height: 3,
      purpose: 'picture',
      at: NOW,
    });
    const seenBy = async () => {
      const seers: string[] = [];
      for (const who of ['writer', 'classmate', 'editor', 'reader', 'stranger', 'teacher'] as const)
        if (await maybeShowPicture({ id: pictureId, width: 480 }, readerOf(house.people[who]), NOW))
          seers.push(who);
      return seers;
    };
    const body = {
      type: 'doc',
      content: [
        { type: 'picture', attrs: { src: pictureId }, content: [{ type: 'caption' }, { type: 'credit' }] },
      ],
    };
    const save = async (draftsOpen: boolean) => {
      const assignmentId = await setWork(house, { draftsOpen });
      const { postId } = await succeeded(as(house, 'writer', beginPost, { assignmentId }));
      const input = { postId, version: 1, writing: { title: 'Skies', labels: [], body } };
      await succeeded(as(house, 'writer', savePost, input));
    };
    await save(false);
    expect(await seenBy()).toEqual(['writer']);
    await save(true);
    expect(await seenBy()).toEqual(['writer', 'teacher']);
  });

  test('another draft is not', async () => {
    const draft = await writePost(house, await setWork(house));
    expect(await maybeDraft(draft, await deskFor(house, 'teacher'))).toBeNull();
  });
});

test('an accepted hand-in brings the address that its writer asked for', async () => {
  const { changePostAddress } = await import('../addresses/changePostAddress');
  expect(await succeeded(as(house, 'writer', changePostAddress, { postId, address: 'Rude words' }))).toEqual({
    address: '2-skies',
    asked: 'rude-words',
  });
  await succeeded(
    as(house, 'writer', savePost, { postId, version: 2, writing: writing('<p>all new words here</p>') }),
  );
  const handInId = await handInPost(house, postId, new Date(NOW.getTime() + 1000));
  expect(await maybePost('wind', 'rude-words', readerOf(null), NOW)).toBeNull();
  await acceptPost(house, postId, handInId);
  expect((await maybePost('wind', '2-skies', readerOf(null), NOW))?.address).toBe('/blog/wind/rude-words');
});
