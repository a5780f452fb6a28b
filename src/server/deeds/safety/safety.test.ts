import { beforeEach, expect, test } from 'vitest';
import {
  addMember,
  addPerson,
  as,
  deskFor,
  EVERYBODY,
  NOW,
  personOf,
  setWork,
  succeeded,
  whoSees,
  writePost,
  freshHouse,
} from '../../../../tests/server/house';
import { mailsTo } from '../../../../tests/support/mails';
import { listAuditLines } from '../../ground/access/auditLog';
import { readerOf } from '../../ground/access/reader';
import { newId } from '../../ground/database/newId';
import { insertPicture } from '../../tables/pictures';
import { database } from '../../ground/database/database';
import { maybeCompose } from '../../views/writing/viewCompose';
import { maybeOpenedDraft, maybeOpenings, maybeOpeningsToDecide } from '../../views/safety/viewOpenings';
import { maybeShowPicture } from '../pictures/showPicture';
import { savePost } from '../posts/savePost';
import { runOneJob } from '../chores/runJobs';
import { askToOpenDraft } from './askToOpenDraft';
import { decideOpening } from './decideOpening';

const house = freshHouse();
let postId: string;
const later = (days: number) => new Date(NOW.getTime() + days * 86_400_000);
const EMAIL = 'ada.safety@example.org';
beforeEach(async () => {
  postId = await writePost(house, await setWork(house), '<p>nobody would miss me</p>');
  await database.change('UPDATE people SET email = :email WHERE id = :id', {
    email: EMAIL,
    id: house.people.administrator,
  });
});

const ask = (more: object = {}) =>
  as(house, 'teacher', askToOpenDraft, { postId, reason: 'A worrying word in class.', harm: '', ...more });
const decide = (openingId: string, more: object = {}) =>
  as(house, 'administrator', decideOpening, { openingId, agree: true, tellWriter: true, ...more });
const told = async () => (await maybeCompose(postId, await deskFor(house, 'writer')))?.opened;

async function readers(openingId: string, now = NOW): Promise<readonly string[]> {
  const found = [];
  for (const who of EVERYBODY)
    if (await maybeOpenedDraft(openingId, personOf(house, who) ?? '', now)) found.push(who);
  return found;
}

test('an opened draft is seen with its pictures, by the two for whom it is open and as long as it is', async () => {
  const pictureId = newId();
  const own = { id: pictureId, classId: house.classId, uploadedBy: house.people.writer };
  const made = { contentHash: '3'.repeat(64), perceptualHash: '0'.repeat(16), width: 4, height: 3 };
  await insertPicture(database, { ...own, ...made, purpose: 'picture', at: NOW });
  const picture = {
    type: 'picture',
    attrs: { src: pictureId },
    content: [{ type: 'caption' }, { type: 'credit' }],
  };
  const writing = { title: '', labels: [], body: { type: 'doc', content: [picture] } };
  await succeeded(as(house, 'writer', savePost, { postId, version: 2, writing }));
  const seers = async (now: Date) => {
    const found = [];
    for (const who of EVERYBODY)
      if (await maybeShowPicture({ id: pictureId, width: 480 }, readerOf(personOf(house, who)), now))
        found.push(who);
    return found;
  };
  const { openingId } = await succeeded(ask());
  expect(await seers(NOW)).toEqual(['writer']);
  await succeeded(decide(openingId));
  expect((await seers(NOW)).toSorted()).toEqual(['administrator', 'teacher', 'writer']);
  expect(await seers(later(8))).toEqual(['writer']);
});

test('a draft is opened by the teacher who asked and an administrator together, for a week, and the writer is told', async () => {
  const { openingId } = await succeeded(ask());
  expect(await readers(openingId)).toEqual([]);
  expect(await told()).toEqual([]);
  expect((await maybeOpenings(await deskFor(house, 'coTeacher')))?.openings).toMatchObject([
    { state: 'waits', own: false, writer: 'Wren E.' },
  ]);
  await succeeded(decide(openingId));
  expect(await readers(openingId)).toEqual(['administrator', 'teacher']);
  const draft = await maybeOpenedDraft(openingId, house.people.teacher, NOW);
  expect(draft?.html).toContain('nobody would miss me');
  expect(await told()).toEqual([{ teacher: 'Tess Example', when: '17 November' }]);
  expect(await readers(openingId, later(7))).toEqual([]);
});

test('each look is in the log of the class', async () => {
  const { openingId } = await succeeded(ask());
  await succeeded(decide(openingId));
  await maybeOpenedDraft(openingId, house.people.administrator, NOW);
  const lines = await listAuditLines(database, {
    classId: house.classId,
    before: later(1),
    most: 50,
    personId: null,
  });
  const deeds = lines.filter((line) => /draft|open/i.test(line.useCase)).map((line) => line.useCase);
  expect(deeds.sort()).toEqual(['agreeToOpen', 'askToOpenDraft', 'readOpenedDraft']);
});

test('where it would do harm the writer is not told, but an administrator may tell all the same', async () => {
  const first = await succeeded(ask({ harm: 'Somebody at home reads along.' }));
  await succeeded(decide(first.openingId, { tellWriter: false }));
  expect(await told()).toEqual([]);
  const again = await succeeded(
    as(house, 'teacher', askToOpenDraft, { postId, reason: 'Once more.', harm: 'As before.' }, later(8)),
  );
  await succeeded(decide(again.openingId));
  expect(await told()).toHaveLength(1);
});

test('keeping it from the writer needs a reason, and nobody agrees with themselves', async () => {
  const { openingId } = await succeeded(ask());
  expect(await decide(openingId, { tellWriter: false })).toMatchObject({ code: 'safety.tellUnlessHarm' });
  const both = await addPerson('Bo', null, null, 'administrator');
  await addMember(both, house.classId, 'teacher');
  await database.change('UPDATE draft_openings SET asked_by = :both', { both });
  Object.assign(house, { people: { ...house.people, administrator: both } });
  await database.change('DELETE FROM memberships WHERE person_id = :both', { both });
  expect(await decide(openingId)).toMatchObject({ code: 'safety.needsTwo' });
});

test('a refusal opens nothing, and what is decided stays so', async () => {
  const { openingId } = await succeeded(ask());
  await succeeded(decide(openingId, { agree: false }));
  expect(await readers(openingId)).toEqual([]);
  expect(await decide(openingId)).toMatchObject({ code: 'safety.decided' });
  expect((await ask()).ok).toBe(true);
});

test('it needs words and somebody to ask, and is asked once at a time', async () => {
  expect(await ask({ reason: ' ' })).toMatchObject({ code: 'safety.noReason', field: 'reason' });
  await succeeded(ask());
  expect(await ask()).toMatchObject({ code: 'safety.asked' });
  await database.change('DELETE FROM draft_openings');
  await database.change('UPDATE people SET email = NULL');
  expect(await ask()).toMatchObject({ code: 'safety.nobodyToAsk' });
});

test('administrators get a mail that says nothing of the child, and see the request', async () => {
  await succeeded(ask());
  while (await runOneJob(NOW));
  const [mail] = await mailsTo(EMAIL);
  expect(JSON.stringify(mail)).toContain('/administration');
  expect(JSON.stringify(mail)).not.toMatch(/Wren|worrying/);
  const asker = { personId: house.people.administrator, account: 'administrator', now: NOW } as const;
  expect(await maybeOpeningsToDecide(asker)).toMatchObject([
    { writer: 'Wren Example', teacher: 'Tess Example', reason: 'A worrying word in class.', state: 'waits' },
  ]);
  expect(await maybeOpeningsToDecide({ ...asker, account: 'teacher' })).toBeNull();
  expect(await whoSees(house, maybeOpenings)).toEqual(['supplyTeacher', 'coTeacher', 'teacher']);
});
