import { beforeEach, describe, expect, test } from 'vitest';
import {
  acceptedPost,
  addClass,
  as,
  deskFor,
  freshHouse,
  NOW,
  personOf,
  succeeded,
} from '../../../../tests/server/house';
import { readerOf } from '../../ground/access/reader';
import { database } from '../../ground/database/database';
import { listConsentsOf } from '../../tables/consents';
import { maybePost } from '../../views/blog/viewPost';
import { maybePrivacy } from '../../views/class/viewClassPages';
import { changePrivacy, previewPrivacy } from '../classes/changePrivacy';
import { recordConsent } from '../consents/recordConsent';
import { withdrawConsent } from '../consents/withdrawConsent';
import { narrowAudience } from '../posts/narrowAudience';
import { narrowPost } from './narrowPost';
import { openAgain } from './openAgain';
import { publish } from './publish';

const house = freshHouse();
const SETTINGS = { namingRule: 'firstName', searchEngines: false, editorsRead: false, consentNeeded: false };
let postId: string;
beforeEach(async () => {
  ({ postId } = await acceptedPost(house));
});

const ceiling = (to: string, more: object = {}) =>
  succeeded(
    as(house, 'teacher', changePrivacy, { classId: house.classId, ...SETTINGS, ceiling: to, ...more }),
  );
const openable = async () => (await maybePrivacy(await deskFor(house, 'teacher')))?.openable ?? [];
const again = () => as(house, 'teacher', openAgain, { classId: house.classId, postIds: [postId] });
const seenBy = async () => {
  const seers = [];
  for (const who of ['visitor', 'reader', 'classmate'] as const)
    if (await maybePost('wind', '2-skies', readerOf(personOf(house, who)), NOW)) seers.push(who);
  return seers;
};
const consent = async (until: string | null = null) => {
  const { writer } = house.people;
  await succeeded(
    as(house, 'teacher', recordConsent, {
      classId: house.classId,
      personIds: [writer],
      givenBy: 'Rosa Example',
      relation: 'mother',
      purposes: ['firstName'],
      givenOn: '2026-09-01',
      until,
    }),
  );
  return (await listConsentsOf(database, writer)).find((one) => !one.withdrawn)?.id;
};

test('what a lower ceiling would draw back is named before, and nothing is done', async () => {
  const ask = (to: string, consentNeeded: boolean) =>
    succeeded(as(house, 'teacher', previewPrivacy, { classId: house.classId, ceiling: to, consentNeeded }));
  const one = { postId, title: '2 · Skies', writer: 'Wren E.', from: 'everyone' };
  expect(await ask('passphrase', false)).toEqual({
    drawnBack: [{ ...one, writerId: house.people.writer, to: 'passphrase' }],
  });
  expect((await ask('everyone', true)).drawnBack).toMatchObject([{ ...one, to: 'ourClass' }]);
  expect((await ask('everyone', false)).drawnBack).toEqual([]);
  expect(await seenBy()).toEqual(['visitor', 'reader', 'classmate']);
});

describe('what was drawn back', () => {
  test('is opened again once the ceiling is up, and not by that alone', async () => {
    await ceiling('ourClass');
    expect(await openable()).toMatchObject([{ postId, from: 'everyone', to: 'ourClass', further: false }]);
    expect(await succeeded(again())).toEqual({ opened: 0 });
    await ceiling('everyone');
    expect(await seenBy()).toEqual(['classmate']);
    expect(await openable()).toMatchObject([{ postId, to: 'everyone', further: true, heldBack: null }]);
    expect(await succeeded(again())).toEqual({ opened: 1 });
    expect(await seenBy()).toEqual(['visitor', 'reader', 'classmate']);
    expect(await openable()).toEqual([]);
    expect(await succeeded(again())).toEqual({ opened: 0 });
  });

  test('is opened as far as the ceiling goes, and further later on', async () => {
    await ceiling('ourClass');
    await ceiling('passphrase');
    await succeeded(again());
    expect(await seenBy()).toEqual(['reader', 'classmate']);
    expect(await openable()).toMatchObject([{ from: 'everyone', to: 'passphrase', heldBack: 'ceiling' }]);
    await ceiling('everyone');
    await succeeded(again());
    expect(await seenBy()).toEqual(['visitor', 'reader', 'classmate']);
  });

  test('twice, is remembered from where it stood at first', async () => {
    await ceiling('passphrase');
    await ceiling('ourClass');
    await ceiling('everyone');
    expect(await openable()).toMatchObject([{ from: 'everyone', to: 'everyone' }]);
  });

  test('waits for consent where consent was what ended', async () => {
    await ceiling('everyone', { consentNeeded: true });
    expect(await openable()).toMatchObject([{ further: false, heldBack: 'notGiven' }]);
    const consentId = await consent();
    await succeeded(again());
    expect(await seenBy()).toEqual(['visitor', 'reader', 'classmate']);
    const one = { classId: house.classId, personId: house.people.writer, consentId };
    await succeeded(as(house, 'teacher', withdrawConsent, one));
    expect(await seenBy()).toEqual(['classmate']);
    expect(await openable()).toMatchObject([{ further: false, heldBack: 'takenBack' }]);
    expect(await succeeded(again())).toEqual({ opened: 0 });
  });

  test('goes no further, nor back, while its consent has run out', async () => {
    await consent('2026-11-20');
    await ceiling('passphrase', { consentNeeded: true });
    await ceiling('everyone', { consentNeeded: true });
    expect(await openable()).toMatchObject([{ to: 'everyone', further: true }]);
    const later = new Date('2026-11-21T08:00:00Z');
    const privacy = await maybePrivacy({ ...(await deskFor(house, 'teacher')), now: later });
    expect(privacy?.openable).toMatchObject([{ to: 'ourClass', further: false, heldBack: 'ranOut' }]);
    const input = { classId: house.classId, postIds: [postId] };
    expect(await succeeded(as(house, 'teacher', openAgain, input, later))).toEqual({ opened: 0 });
  });

  test('goes no further than its writer asks by now', async () => {
    await ceiling('ourClass');
    await ceiling('everyone');
    await succeeded(as(house, 'writer', narrowAudience, { postId, audience: 'passphrase' }));
    await succeeded(again());
    expect(await seenBy()).toEqual(['reader', 'classmate']);
  });

  test('is no more among them once a teacher has decided about it', async () => {
    await ceiling('ourClass');
    await succeeded(as(house, 'teacher', publish, { postId, audience: 'ourClass' }));
    await ceiling('everyone');
    expect(await openable()).toEqual([]);
    await ceiling('passphrase');
    await ceiling('everyone');
    await succeeded(as(house, 'teacher', publish, { postId, audience: 'everyone' }));
    await ceiling('ourClass');
    await succeeded(as(house, 'teacher', narrowPost, { postId, audience: 'writerAndTeachers' }));
    await ceiling('everyone');
    expect(await openable()).toEqual([]);
    expect(await succeeded(again())).toEqual({ opened: 0 });
    expect(await seenBy()).toEqual([]);
  });

  test('in one class is nothing of another', async () => {
    await ceiling('ourClass');
    await ceiling('everyone');
    const other = await addClass('third', 'THIRD1', 'everyone');
    await database.change(
      "INSERT INTO memberships (class_id, person_id, role, joined_at) VALUES (:other, :teacher, 'teacher', :NOW)",
      { other, teacher: house.people.teacher, NOW },
    );
    const input = { classId: other, postIds: [postId] };
    expect(await succeeded(as(house, 'teacher', openAgain, input))).toEqual({ opened: 0 });
    expect(await seenBy()).toEqual(['classmate']);
  });
});
