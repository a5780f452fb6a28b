import { expect, test } from 'vitest';
import { filesIn } from '../../../../tests/server/filesIn';
import {
  as,
  deskFor,
  EVERYBODY,
  NOW,
  personOf,
  ROLES,
  succeeded,
  whoSees,
  type Who,
  freshHouse,
} from '../../../../tests/server/house';
import { may } from '../../../core/access/may';
import { instructionsFrom } from '../../../core/assignments/lessonText';
import type { DocumentJson } from '../../../core/document/openDocument';
import { readerOf } from '../../ground/access/reader';
import { maybeFront } from '../../views/blog/viewFront';
import { maybePage } from '../../views/blog/viewPage';
import { findClass } from '../../tables/classes';
import { database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { insertPicture } from '../../tables/pictures';
import { listPageRevisions } from '../../tables/pageRevisions';
import { findPage, listAskedPages } from '../../tables/pages';
import { maybePageDesk, maybePages } from '../../views/pages/viewPages';
import { maybeArchive } from '../archives/archivePerson';
import { maybeClassArchive } from '../archives/archiveClass';
import { changePrivacy } from '../classes/changePrivacy';
import { copyClass } from '../copying/copyClass';
import { restClass } from '../classes/restClass';
import { addHandout } from '../handouts/addHandout';
import { maybeShowHandout } from '../handouts/showHandout';
import { countHoldings } from '../people/deletion';
import { eraseEverythingOf } from '../people/eraseEverythingOf';
import { findClassToWriteIn } from '../subjects/findClassToWriteIn';
import { erasePage } from './erasePage';
import { makePage } from './makePage';
import { placePage } from './placePage';
import { savePage } from './savePage';
import { hidePage, showPage } from './showPage';
import { takeUpRevision } from './takeUpRevision';
import { listPageUses } from './uses';

const house = freshHouse();

const LATER = new Date(NOW.getTime() + 10 * 60_000);
const text = (said: string) => instructionsFrom(said);

async function begin(who: Who = 'teacher'): Promise<string> {
  return (await succeeded(as(house, who, makePage, { classId: house.classId }))).pageId;
}

async function write(
  pageId: string,
  {
    who = 'teacher',
    title = 'How we comment',
    body = text('Ask something.'),
    now = NOW,
    version = 0,
  }: {
    readonly who?: Who;
    readonly title?: string;
    readonly body?: DocumentJson;
    readonly now?: Date;
    readonly version?: number;
  } = {},
): Promise<number> {
  const based = version || ((await findPage(database, pageId))?.version ?? 0);
  return (await succeeded(as(house, who, savePage, { pageId, version: based, title, body }, now))).version;
}

async function show(
  pageId: string,
  audience: 'ourClass' | 'passphrase' | 'everyone' = 'ourClass',
  who: Who = 'teacher',
  now = NOW,
) {
  const version = (await findPage(database, pageId))?.version ?? 0;
  return as(house, who, showPage, { pageId, version, audience }, now);
}

async function shownPage(audience: 'ourClass' | 'passphrase' | 'everyone' = 'ourClass'): Promise<string> {
  const pageId = await begin();
  await write(pageId);
  await succeeded(show(pageId, audience));
  return pageId;
}

const seenBy = (who: Who, address = 'how-we-comment') =>
  maybePage('wind', address, readerOf(personOf(house, who)), NOW);
const htmlFor = async (who: Who) => (await seenBy(who))?.html ?? null;

test('only those who tend pages see them before they are shown', async () => {
  const pageId = await begin('editor');
  await write(pageId, { who: 'editor' });
  const tending = ['editor', 'supplyTeacher', 'coTeacher', 'teacher'];
  expect(await whoSees(house, maybePages)).toEqual(tending);
  expect(await whoSees(house, (desk) => maybePageDesk(desk, pageId))).toEqual(tending);
  for (const who of EVERYBODY) expect(await seenBy(who)).toBeNull();
});

test.each(['ourClass', 'passphrase', 'everyone'] as const)(
  'shown to %s it is there for exactly them',
  async (audience) => {
    await shownPage(audience);
    for (const who of EVERYBODY) {
      const reads = may({ personId: personOf(house, who), role: ROLES[who] }, 'page.read', {
        publishedTo: audience,
      });
      const menu = (await maybeFront('wind', readerOf(personOf(house, who)), NOW))?.pages ?? [];
      expect([who, (await seenBy(who)) !== null, menu.map((page) => page.address)]).toEqual([
        who,
        reads,
        reads ? ['/blog/wind/pages/how-we-comment'] : [],
      ]);
    }
    expect(await maybePage('moss', 'how-we-comment', readerOf(house.people.teacher), NOW)).toBeNull();
  },
);

test('what is written later waits until it is shown', async () => {
  const pageId = await shownPage();
  await write(pageId, { body: text('Be kind.'), now: LATER });
  expect(await htmlFor('classmate')).toContain('Ask something.');
  expect((await maybePages(await deskFor(house, 'teacher')))?.pages).toMatchObject([
    { audience: 'ourClass', newer: true },
  ]);
  await succeeded(show(pageId, 'ourClass', 'teacher', LATER));
  expect(await htmlFor('classmate')).toContain('Be kind.');
  await succeeded(as(house, 'editor', hidePage, { pageId }));
  expect(await seenBy('classmate')).toBeNull();
  expect((await maybePageDesk(await deskFor(house, 'teacher'), pageId))?.page.audience).toBeNull();
});

test('a student editor shows pages to the class, and asks a teacher for more', async () => {
  const pageId = await begin('editor');
  await write(pageId, { who: 'editor' });
  expect(await succeeded(show(pageId, 'ourClass', 'editor'))).toEqual({ asked: false });
  expect(await succeeded(show(pageId, 'everyone', 'editor'))).toEqual({ asked: true });
  expect(await seenBy('visitor')).toBeNull();
  expect(await htmlFor('classmate')).toContain('Ask');
  expect(await listAskedPages(database, house.classId)).toMatchObject([{ id: pageId }]);
  expect((await maybePages(await deskFor(house, 'teacher')))?.pages[0]?.asked).toEqual({
    audience: 'everyone',
    by: 'Edda E.',
  });
  await succeeded(show(pageId, 'everyone'));
  expect(await listAskedPages(database, house.classId)).toEqual([]);
  expect((await seenBy('visitor'))?.title).toBe('How we comment');
  // What an editor changes from then on waits for a teacher again, and readers keep what they have.
  await write(pageId, { who: 'editor', body: text('Anything goes.'), now: LATER });
  expect(await succeeded(show(pageId, 'everyone', 'editor'))).toEqual({ asked: true });
  expect(await htmlFor('visitor')).toContain('Ask');
  // Writing on takes the question back: the teacher would decide about something else.
  await write(pageId, { who: 'editor', body: text('Or not.'), now: LATER });
  expect(await listAskedPages(database, house.classId)).toEqual([]);
});

test('nobody shows what they have not read, and nothing empty or too wide', async () => {
  const pageId = await begin();
  expect(await show(pageId)).toMatchObject({ code: 'page.noTitle', field: 'title' });
  await write(pageId, { body: text('') });
  expect(await show(pageId)).toMatchObject({ code: 'page.noWords', field: 'body' });
  await write(pageId);
  const version = (await findPage(database, pageId))?.version ?? 0;
  await write(pageId, { who: 'editor', body: text('Something else.') });
  expect(await as(house, 'teacher', showPage, { pageId, version, audience: 'ourClass' })).toMatchObject({
    code: 'page.changedMeanwhile',
  });
  await database.change("UPDATE classes SET ceiling = 'ourClass'");
  expect(await show(pageId, 'everyone')).toMatchObject({ code: 'page.tooWide', field: 'audience' });
  expect(
    await as(house, 'teacher', showPage, { pageId, version, audience: 'writerAndTeachers' }),
  ).toMatchObject({
    ok: false,
    field: 'audience',
  });
});

test('a lower ceiling takes a page from everybody above it', async () => {
  await shownPage('everyone');
  expect(await seenBy('visitor')).not.toBeNull();
  const inClass = (await findClass(database, house.classId))!;
  const { namingRule, searchEngines, editorsRead, consentNeeded } = inClass;
  await succeeded(
    as(house, 'teacher', changePrivacy, {
      ...{ classId: house.classId, namingRule, searchEngines, editorsRead, consentNeeded },
      ceiling: 'ourClass',
    }),
  );
  expect(await seenBy('visitor')).toBeNull();
  expect(await seenBy('reader')).toBeNull();
  expect(await htmlFor('classmate')).toContain('Ask');
});

test('a save from an older base overwrites nothing', async () => {
  const pageId = await begin();
  const version = await write(pageId);
  await write(pageId, { who: 'editor', body: text('The editor’s words.'), version });
  const late = { pageId, version, title: 'Mine', body: text('Mine.') };
  expect(await as(house, 'teacher', savePage, late)).toMatchObject({ code: 'page.changedMeanwhile' });
  expect((await findPage(database, pageId))?.body).toContain('The editor’s words.');
});

test('what somebody else wrote is kept, looked at and gone on from', async () => {
  const pageId = await begin();
  await write(pageId, { body: text('First words.') });
  await write(pageId, { body: text('First words, mended.'), now: LATER });
  await write(pageId, { who: 'editor', body: text('All new.'), now: LATER });
  const desk = await maybePageDesk(await deskFor(house, 'editor'), pageId);
  expect(desk?.revisions).toMatchObject([{ by: 'Tess Example', shown: false }]);
  expect(desk?.revisions[0]?.html).toContain('First words, mended.');
  const { version } = desk!.page;
  const taken = await succeeded(
    as(house, 'editor', takeUpRevision, { pageId, version, revisionId: desk!.revisions[0]!.id }),
  );
  expect(JSON.stringify(taken.body)).toContain('First words, mended.');
  expect((await listPageRevisions(database, pageId)).map((one) => one.body).join()).toContain('All new.');
  expect(
    await as(house, 'editor', takeUpRevision, { pageId, version: taken.version, revisionId: newId() }),
  ).toMatchObject({ code: 'notThere' });
});

test('the same person’s writing is kept once a sitting', async () => {
  const pageId = await begin();
  for (const minutes of [0, 1, 2, 200, 201])
    await write(pageId, {
      body: text(`Written after ${minutes} minutes.`),
      now: new Date(NOW.getTime() + minutes * 60_000),
    });
  expect((await listPageRevisions(database, pageId)).map((one) => one.body.match(/after \d+/)?.[0])).toEqual([
    'after 2',
  ]);
});

test.each([
  ['a document of another kind', { type: 'doc', content: [{ type: 'script' }] }, 'page.notADocument', 'body'],
  ['no document', { type: 'nothing' }, 'page.notADocument', 'body'],
])('%s is refused, and nothing is lost', async (_, body, code, field) => {
  const pageId = await begin();
  await write(pageId);
  const sent = { pageId, version: 2, title: 'x', body };
  expect(await as(house, 'teacher', savePage, sent)).toMatchObject({ code, field });
  expect((await findPage(database, pageId))?.title).toBe('How we comment');
});

test('the address follows the title until readers have seen it, and is never taken twice', async () => {
  const [first, second] = [await begin(), await begin()];
  await write(first, { title: 'Отчёт о ветре' });
  expect((await findPage(database, first))?.address).toBe('отчёт-о-ветре');
  await write(first);
  await write(second);
  expect((await findPage(database, second))?.address).toBe('how-we-comment-2');
  await succeeded(show(first));
  await write(first, { title: 'Another title', now: LATER });
  expect((await findPage(database, first))?.address).toBe('how-we-comment');
  expect((await seenBy('classmate'))?.title).toBe('How we comment');
});

test('pages are put in order, for readers too', async () => {
  const pages = [];
  for (const title of ['One', 'Two', 'Three']) {
    const pageId = await begin();
    await write(pageId, { title });
    await succeeded(show(pageId));
    pages.push(pageId);
  }
  const order = async () =>
    (await maybeFront('wind', readerOf(house.people.classmate), NOW))?.pages.map((page) => page.title);
  await succeeded(as(house, 'editor', placePage, { pageId: pages[2]!, place: 0 }));
  expect(await order()).toEqual(['Three', 'One', 'Two']);
  await succeeded(as(house, 'editor', placePage, { pageId: pages[2]!, place: 99 }));
  expect(await order()).toEqual(['One', 'Two', 'Three']);
});

test('only a teacher erases a page', async () => {
  const pageId = await shownPage();
  expect(await as(house, 'editor', erasePage, { pageId })).toMatchObject({ code: 'notThere' });
  await succeeded(as(house, 'teacher', erasePage, { pageId }));
  expect(await seenBy('teacher')).toBeNull();
  expect(await listPageRevisions(database, pageId)).toEqual([]);
});

test('at rest nothing is written, but a page can be taken from its readers', async () => {
  const pageId = await shownPage();
  await succeeded(as(house, 'teacher', restClass, { classId: house.classId, rest: true }));
  expect(await as(house, 'teacher', makePage, { classId: house.classId })).toMatchObject({
    code: 'class.resting',
  });
  expect(await show(pageId)).toMatchObject({ code: 'class.resting' });
  await succeeded(as(house, 'teacher', hidePage, { pageId }));
  expect(await seenBy('classmate')).toBeNull();
});

const withFile = (file: string): DocumentJson => ({
  type: 'doc',
  content: [{ type: 'attachment', attrs: { file, title: 'Slip' } }],
});

test('a file of a page is fetched by those who read it there, and before that by those who tend it', async () => {
  const { handoutId } = await succeeded(
    addHandout(
      { classId: house.classId, name: 'slip.pdf', file: Buffer.from('a slip') },
      { personId: house.people.teacher, now: NOW },
    ),
  );
  const fetchers = async () => {
    const all: Who[] = [];
    for (const who of EVERYBODY)
      if (await maybeShowHandout(handoutId, readerOf(personOf(house, who)), NOW)) all.push(who);
    return all;
  };
  const pageId = await begin();
  await write(pageId, { body: withFile(handoutId) });
  expect(await fetchers()).toEqual(['editor', 'supplyTeacher', 'coTeacher', 'teacher']);
  await succeeded(show(pageId, 'ourClass'));
  expect(await fetchers()).toEqual([
    'classmate',
    'writer',
    'editor',
    'supplyTeacher',
    'coTeacher',
    'teacher',
  ]);
  await succeeded(show(pageId, 'everyone', 'teacher', LATER));
  expect(await fetchers()).toEqual(EVERYBODY);
  // Taken out of the text, it is with the page until readers get the new one.
  await write(pageId, { now: LATER });
  expect(await fetchers()).toEqual(EVERYBODY);
  await succeeded(show(pageId, 'everyone', 'teacher', new Date(LATER.getTime() + 1000)));
  expect(await fetchers()).toEqual(['teacher']);
});

test('a student editor gives out their own files, and those that a teacher had put into the page', async () => {
  const add = async (who: Who) => {
    const added = { classId: house.classId, name: 'slip.pdf', file: Buffer.from('a slip') };
    return (await succeeded(addHandout(added, { personId: personOf(house, who), now: NOW }))).handoutId;
  };
  const readByClass = async (handoutId: string) =>
    (await maybeShowHandout(handoutId, readerOf(house.people.classmate), NOW)) !== null;
  const [teachers, own] = [await add('teacher'), await add('editor')];
  const pageId = await begin('editor');
  for (const handoutId of [teachers, own]) {
    await write(pageId, { who: 'editor', body: withFile(handoutId) });
    await succeeded(show(pageId, 'ourClass', 'editor'));
    expect(await readByClass(handoutId)).toBe(handoutId === own);
  }
  await write(pageId, { title: 'With the slip', body: withFile(teachers), now: LATER });
  await write(pageId, { who: 'editor', now: LATER });
  await write(pageId, { who: 'editor', body: withFile(teachers), now: LATER });
  await succeeded(show(pageId, 'ourClass', 'editor', LATER));
  expect(await readByClass(teachers)).toBe(true);
});

test('a file comes back with the revision that goes back, also when who took it out is erased', async () => {
  const added = { classId: house.classId, name: 'slip.pdf', file: Buffer.from('a slip') };
  const { handoutId } = await succeeded(addHandout(added, { personId: house.people.editor, now: NOW }));
  const pageId = await begin('editor');
  await write(pageId, { who: 'editor', body: withFile(handoutId) });
  await succeeded(show(pageId, 'ourClass', 'editor'));
  await write(pageId, { who: 'coTeacher', now: LATER });
  await succeeded(show(pageId, 'ourClass', 'coTeacher', LATER));
  const fetched = () => maybeShowHandout(handoutId, readerOf(house.people.classmate), NOW);
  expect(await fetched()).toBeNull();
  await eraseEverythingOf(house.people.coTeacher);
  expect(await fetched()).not.toBeNull();
});

test('naming a classmate’s picture in a page shows it to nobody', async () => {
  const add = async (uploadedBy: string) => {
    const id = newId();
    const row = {
      id,
      classId: house.classId,
      uploadedBy,
      contentHash: 'c'.repeat(64),
      perceptualHash: '0'.repeat(16),
    };
    await insertPicture(database, { ...row, width: 4, height: 3, purpose: 'picture', at: NOW });
    return id;
  };
  const [theirs, own, teachers] = [
    await add(house.people.writer),
    await add(house.people.editor),
    await add(house.people.teacher),
  ];
  const pageId = await begin('editor');
  const body = {
    type: 'doc',
    content: [theirs, own, teachers].map((src) => ({
      type: 'picture',
      attrs: { src },
      content: [{ type: 'caption' }, { type: 'credit' }],
    })),
  };
  await write(pageId, { who: 'editor', body });
  await succeeded(show(pageId, 'ourClass', 'editor'));
  const uses = async (id: string) => (await listPageUses(database, 'picture', id)).map((use) => use.audience);
  expect([await uses(theirs), await uses(own), await uses(teachers)]).toEqual([
    [],
    ['ourClass'],
    ['ourClass'],
  ]);
});

test('addresses are looked at for those who tend the page', async () => {
  const pageId = await begin();
  for (const who of EVERYBODY) {
    const personId = personOf(house, who);
    const inClass = personId && (await findClassToWriteIn(pageId, { personId, now: NOW }));
    expect([who, inClass === house.classId]).toEqual([
      who,
      ['editor', 'supplyTeacher', 'coTeacher', 'teacher'].includes(who),
    ]);
  }
});

test('a copied class takes along what teachers wrote, shown to nobody', async () => {
  await shownPage('everyone');
  const students = await begin('editor');
  await write(students, { who: 'editor', title: 'By a student' });
  const { classId } = await succeeded(
    as(house, 'teacher', copyClass, { classId: house.classId, title: 'Next year', groupName: '9B' }),
  );
  const copies = await database.rows('SELECT title, audience FROM pages WHERE class_id = :classId', {
    classId,
  });
  expect(copies).toEqual([{ title: 'How we comment', audience: null }]);
});

test('archives have pages: a class what was shown, a person what they wrote', async () => {
  const pageId = await shownPage();
  await write(pageId, { who: 'editor', body: text('Half a thought.'), now: LATER });
  const asked = { personId: house.people.teacher, now: NOW };
  const files = await filesIn(await maybeClassArchive(house.classId, asked));
  expect(files['pages/how-we-comment.html']).toContain('Ask something.');
  const own = await filesIn(
    await maybeArchive(house.people.editor, { personId: house.people.editor, now: NOW }),
  );
  const person = JSON.parse(own['person.json'] ?? '') as {
    readonly pages: readonly { readonly body: string }[];
  };
  expect(person.pages.map((page) => page.body)).toEqual(['<p>Half a thought.</p>']);
});

test('who is erased takes their words along: pages go back to what others wrote', async () => {
  const [joint, alone] = [await shownPage(), await begin('editor')];
  await write(joint, { who: 'editor', body: text('The editor’s words.'), now: LATER });
  await succeeded(show(joint, 'ourClass', 'editor', LATER));
  await write(alone, { who: 'editor', title: 'Alone' });
  expect(await countHoldings(database, house.people.editor)).toMatchObject({ pages: 2 });
  await eraseEverythingOf(house.people.editor);
  expect(await findPage(database, alone)).toBeNull();
  expect(await htmlFor('classmate')).toContain('Ask something.');
  const rows = await database.rows<{ all: string }>(
    'SELECT CONCAT(pages.body, GROUP_CONCAT(page_revisions.body)) AS `all` FROM pages JOIN page_revisions ON page_id = pages.id GROUP BY pages.id',
  );
  expect(rows).toHaveLength(1);
  expect(rows[0]?.all).not.toContain('editor');
});
