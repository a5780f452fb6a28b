import { expect, test } from 'vitest';
import {
  addClass,
  addMember,
  as,
  deskFor,
  EVERYBODY,
  handInPost,
  NOW,
  personOf,
  setWork,
  succeeded,
  writePost,
  writing,
  type Who,
  freshHouse,
} from '../../../../tests/server/house';
import { database } from '../../ground/database/database';
import { listHandIns } from '../../tables/handIns';
import { listSources } from '../../tables/givenSources';
import { maybeBuilder } from '../../views/assignments/viewBuilder';
import { maybeCompose } from '../../views/writing/viewCompose';
import { giveAssignment } from '../assignments/giveAssignment';
import { copyClass } from '../copying/copyClass';
import { savePost } from '../posts/savePost';
import { addSource } from './addSource';
import { addSourceAddress } from './addSourceAddress';
import { MOST_SOURCES } from './keepSource';
import { removeSource } from './removeSource';

const house = freshHouse();
const TOLD = 'The harbour was built of grey stone in a year that nobody in the town remembers';
const OWN_WORDS = { id: 'own', kind: 'ownWords', weight: 'required', maxPercent: 20 } as const;

const work = () => setWork(house, { requirements: [OWN_WORDS] } as object);
const give = (assignmentId: string, who: Who = 'teacher', text = TOLD, name = 'told.txt') =>
  addSource({ assignmentId, name, file: Buffer.from(text) }, { personId: personOf(house, who), now: NOW });
const of = (assignmentId: string) => listSources(database, { id: assignmentId, seriesId: null });

test('own words are compared with what was given, and no student ever finds it', async () => {
  const assignmentId = await work();
  await succeeded(give(assignmentId, 'teacher', TOLD, 'C:\\lessons\\Told before.txt'));
  const postId = await writePost(house, assignmentId);
  const copied = { postId, version: 2, writing: writing(`<p>I found out: ${TOLD}, it says.</p>`) };
  await succeeded(as(house, 'writer', savePost, copied));
  await handInPost(house, postId);
  const [handIn] = await listHandIns(database, postId);
  const [answer] = handIn!.evidence.requirements;
  expect(answer).toMatchObject({ kind: 'ownWords', state: 'over' });
  expect((await maybeBuilder(assignmentId, await deskFor(house, 'teacher')))?.sources).toEqual([
    { id: expect.any(String) as string, name: 'Told before.txt', words: 16, ofSeries: false },
  ]);
  const shown = JSON.stringify(await maybeCompose(postId, await deskFor(house, 'writer')));
  expect(shown).not.toContain('Told before');
  expect(shown.split(TOLD)).toHaveLength(2);
});

test('only teachers of the class give one, as may change the assignment', async () => {
  const assignmentId = await work();
  const given: Who[] = [];
  for (const who of EVERYBODY) {
    const result = await give(assignmentId, who);
    if (result.ok) given.push(who);
    else expect([who, result.code]).toEqual([who, 'notThere']);
    const page = { assignmentId, address: 'https://harbour.example/' };
    const asked = await addSourceAddress(page, { personId: personOf(house, who), now: NOW });
    if (!result.ok) expect([who, asked.ok || asked.code]).toEqual([who, 'notThere']);
  }
  expect(given.sort()).toEqual(['coTeacher', 'supplyTeacher', 'teacher']);
});

test.each([
  ['a.txt', 'too few to find', 'source.tooShort'],
  ['a.doc', TOLD, 'file.oldKind'],
  ['a.pdf', TOLD, 'file.unknownKind'],
  ['a.docx', TOLD, 'file.broken'],
])('%s of “%s” is refused: %s', async (name, text, code) => {
  expect(await give(await work(), 'teacher', text, name)).toMatchObject({ ok: false, code, field: 'file' });
});

test.each([
  ['no address at all', 'links.noAddress'],
  ['http://127.0.0.1/', 'source.doesNotOpen'],
  ['https://astray.example/inside', 'source.doesNotOpen'],
  ['https://papers.example/private', 'source.doesNotOpen'],
  ['https://papers.example/growing', 'source.tooShort'],
])('the address %s is refused: %s', async (address, code) => {
  const input = { assignmentId: await work(), address };
  const result = await addSourceAddress(input, { personId: house.people.teacher, now: NOW });
  expect(result).toMatchObject({ ok: false, code, field: 'address' });
});

test('a page is kept as it reads now', async () => {
  const input = { assignmentId: await work(), address: 'https://papers.example/open' };
  const by = { personId: house.people.teacher, now: NOW };
  expect(await succeeded(addSourceAddress(input, by))).toMatchObject({ name: input.address, words: 10 });
});

test('four hundred at once are no more than are taken', async () => {
  const assignmentId = await work();
  const results = await Promise.all(Array.from({ length: 400 }, () => give(assignmentId)));
  expect(results.filter((one) => one.ok)).toHaveLength(MOST_SOURCES);
  expect(await of(assignmentId)).toHaveLength(MOST_SOURCES);
});

test('it goes along to where the same is asked, and is taken away there too', async () => {
  const assignmentId = await work();
  await succeeded(give(assignmentId));
  const otherId = await addClass('fern', 'FERN1', 'ourClass');
  await addMember(house.people.teacher, otherId, 'teacher');
  const input = { assignmentId, classId: otherId, due: '2026-11-24T16:00' };
  const { assignmentId: there } = await succeeded(as(house, 'teacher', giveAssignment, input));
  const { id } = await succeeded(give(assignmentId, 'teacher', `${TOLD} today`));
  expect(await of(there)).toHaveLength(2);
  // Another teacher of this class does not reach into that one.
  await succeeded(give(assignmentId, 'coTeacher'));
  expect(await of(there)).toHaveLength(2);
  await succeeded(as(house, 'teacher', removeSource, { assignmentId, sourceId: id }));
  await succeeded(as(house, 'teacher', removeSource, { assignmentId, sourceId: id }));
  expect([await of(assignmentId), await of(there)].map((all) => all.length)).toEqual([2, 1]);
  const { classId } = await succeeded(
    as(house, 'teacher', copyClass, {
      classId: house.classId,
      title: 'Next year',
      groupName: '',
    }),
  );
  const [copied] = await database.rows<{ readonly many: number }>(
    `SELECT COUNT(*) AS many FROM given_sources JOIN assignments ON assignments.id = assignment_id WHERE class_id = :classId`,
    { classId },
  );
  expect(copied?.many).toBe(2);
});
