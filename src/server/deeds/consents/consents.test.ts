import { beforeEach, expect, test } from 'vitest';
import {
  acceptPost,
  addClass,
  addMember,
  as,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writePost,
  freshHouse,
} from '../../../../tests/server/house';
import { readerOf } from '../../ground/access/reader';
import { maybeFront } from '../../views/blog/viewFront';
import { maybePost } from '../../views/blog/viewPost';
import { database } from '../../ground/database/database';
import { listConsentsOf } from '../../tables/consents';
import { changePrivacy } from '../classes/changePrivacy';
import { publish } from '../publications/publish';
import { recordConsent } from './recordConsent';
import { withdrawConsent } from './withdrawConsent';

const house = freshHouse();
let postId: string;
const OPEN = { ceiling: 'everyone', namingRule: 'firstName', searchEngines: false, editorsRead: false };
beforeEach(async () => {
  await need(true);
  postId = await writePost(house, await setWork(house));
});

const need = (consentNeeded: boolean) =>
  succeeded(as(house, 'teacher', changePrivacy, { classId: house.classId, ...OPEN, consentNeeded }));
const accept = async () => acceptPost(house, postId, await handInPost(house, postId));
const give = (wanted: object = {}) =>
  as(house, 'teacher', recordConsent, {
    classId: house.classId,
    personIds: [house.people.writer],
    givenBy: 'Rosa Example',
    relation: 'mother',
    purposes: ['firstName'],
    givenOn: '2026-09-10',
    until: '2027-07-31',
    ...wanted,
  });
const withdraw = async () => {
  const [consent] = await listConsentsOf(database, house.people.writer);
  const input = { classId: house.classId, personId: house.people.writer, consentId: consent?.id };
  return succeeded(as(house, 'teacher', withdrawConsent, input));
};
const shown = (now = NOW) => maybePost('wind', '2-skies', readerOf(null), now);
const publishTo = (audience: string) => as(house, 'teacher', publish, { postId, audience });

test('without consent what a student writes stays in the class, whoever publishes it', async () => {
  await accept();
  expect(await shown()).toBeNull();
  expect(await maybePost('wind', '2-skies', readerOf(house.people.classmate), NOW)).not.toBeNull();
  expect(await publishTo('everyone')).toMatchObject({ code: 'publish.noConsent', field: 'audience' });
  expect(await publishTo('passphrase')).toMatchObject({ code: 'publish.noConsent' });
});

test('with consent it goes as far as the class and the assignment let it', async () => {
  await succeeded(give());
  await accept();
  expect((await shown())?.writer).toMatchObject({ name: 'Wren', monogram: 'W' });
});

test('consent for the pen name alone shows nothing else, and needs one', async () => {
  await succeeded(give({ purposes: ['penName'] }));
  await accept();
  expect(await shown()).toBeNull();
  await database.change("UPDATE people SET pen_name = 'Low Tide' WHERE id = :id", {
    id: house.people.writer,
  });
  await succeeded(publishTo('everyone'));
  expect((await shown())?.writer).toMatchObject({ name: 'Low Tide', monogram: 'LT' });
  expect(JSON.stringify(await maybeFront('wind', readerOf(null), NOW))).not.toContain('Wren');
});

test('withdrawn, it draws the posts back to the class by itself, in every class, and names them', async () => {
  await succeeded(give());
  await accept();
  const other = await addClass('third', 'THIRD1', 'everyone');
  await addMember(house.people.writer, other, 'student');
  expect((await withdraw()).drawnBack).toMatchObject([{ postId, title: '2 · Skies' }]);
  expect(await shown()).toBeNull();
  expect(await maybePost('wind', '2-skies', readerOf(house.people.classmate), NOW)).not.toBeNull();
  // The record stays, and giving consent again publishes nothing by itself.
  expect(await listConsentsOf(database, house.people.writer)).toMatchObject([{ withdrawn: true }]);
  await succeeded(give());
  expect(await shown()).toBeNull();
});

test('run out, it counts no more from the next day on, without anybody doing anything', async () => {
  await succeeded(give({ until: '2026-11-20' }));
  await accept();
  expect(await shown(new Date('2026-11-20T20:00:00Z'))).not.toBeNull();
  expect(await shown(new Date('2026-11-21T08:00:00Z'))).toBeNull();
});

test('a class that asks for consent from now on draws back what has none', async () => {
  await need(false);
  await accept();
  expect(await shown()).not.toBeNull();
  expect((await need(true)).drawnBack).toMatchObject([{ postId }]);
  expect(await shown()).toBeNull();
});

test.each([
  [{ givenBy: ' ' }, 'consent.byWhom', 'givenBy'],
  [{ until: '2026-09-01' }, 'consent.endsBefore', 'until'],
  [{ purposes: [] }, 'input.minItems', 'purposes'],
  [{ givenOn: 'yesterday' }, 'input.format', 'givenOn'],
])('%j is refused at its field', async (wanted, code, field) => {
  expect(await give(wanted)).toMatchObject({ ok: false, code, field });
});
