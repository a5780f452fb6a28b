import { beforeEach, describe, expect, test } from 'vitest';
import {
  acceptPost,
  as,
  deskFor,
  desksFor,
  FIELDS,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writing,
} from '../../../../tests/server/house';
import { readerOf } from '../../ground/access/reader';
import { database } from '../../ground/database/database';
import { listHandIns } from '../../tables/handIns';
import { findPost } from '../../tables/posts';
import { maybeKept } from '../../views/blog/viewKept';
import { maybeLog } from '../../views/class/viewLog';
import { maybePile } from '../../views/review/listPile';
import { maybeReview } from '../../views/review/viewReview';
import { maybeSet } from '../../views/set/viewSet';
import { maybeStudentPosts } from '../../views/set/viewStudent';
import { maybeTeacherToday } from '../../views/today/viewTeacherToday';
import { makeAssignment } from '../assignments/makeAssignment';
import { changeAssignment } from '../assignments/changeAssignment';
import { previewEvidence } from '../evidence/reviseEvidence';
import { openSet } from '../publications/openSet';
import { accept } from './accept';
import { compareOwnWords } from '../evidence/compareOwnWords';
import { beginPost } from '../posts/beginPost';
import { handIn } from '../posts/handIn';
import { savePost } from '../posts/savePost';
import { tellWorry } from '../worries/tellWorry';
import { giveBackGrade } from './giveBackGrade';
import { judge } from './judge';
import { lookAtName } from './lookAtName';
import { openHandIn } from './openHandIn';
import { takeBack } from '../posts/takeBack';

const house = freshHouse();
const SHARED = 'the fog came in from the sea at night and nobody saw where it began';
const CREDITED = (id: string) =>
  `<p>${SHARED}</p><figure><img src="${id}" alt="A harbour"><figcaption>The quay <cite>Picture: Wren Example</cite></figcaption></figure>`;

let assignmentId: string;
beforeEach(async () => {
  assignmentId = await setWork(house, { hidesNames: true });
});

async function handedIn(who: 'writer' | 'classmate', html: string) {
  const { postId } = await succeeded(as(house, who, beginPost, { assignmentId }));
  const { version } = (await findPost(database, postId))!;
  await succeeded(as(house, who, savePost, { postId, version, writing: writing(html) }));
  await succeeded(as(house, who, handIn, { postId, version: version + 1 }));
  return { postId, handInId: (await listHandIns(database, postId)).at(-1)!.id };
}

const numberOf = async (postId: string) => {
  const [row] = await database.rows<{ readonly number: number }>(
    'SELECT drawn_number AS number FROM posts WHERE id = :postId',
    { postId },
  );
  return `№ ${row?.number ?? ''}`;
};

const pile = async (who: 'teacher' | 'coTeacher' = 'teacher') =>
  (await maybePile([await deskFor(house, who)])) ?? [];
const review = async (postId: string, who: 'teacher' | 'coTeacher' = 'teacher') =>
  maybeReview(postId, await desksFor(house, who));
const set = async () => maybeSet(assignmentId, await deskFor(house, 'teacher'));
const logFor = async (person: string | null) =>
  (await maybeLog(await deskFor(house, 'teacher'), { before: null, person }))?.lines ?? [];

describe('while names are hidden', () => {
  test('no page of a teacher says whose a post is', async () => {
    const mine = await handedIn('writer', CREDITED('0123456789abcdef'));
    const theirs = await handedIn('classmate', `<p>They say ${SHARED} and so on</p>`);
    const [number, other] = [await numberOf(mine.postId), await numberOf(theirs.postId)];
    const alike = await succeeded(as(house, 'teacher', compareOwnWords, mine));
    expect(alike).toMatchObject([{ kind: 'hidden', name: '', postId: null, words: 15 }]);
    const slips = await pile();
    expect(slips.map(({ writer, monogram, alike: like }) => [writer, monogram, like]).toSorted()).toEqual(
      [
        [number, '№', null],
        [other, '№', null],
      ].toSorted(),
    );
    const opened = await review(mine.postId);
    expect(opened).toMatchObject({
      writer: { name: number, called: null, monogram: '№', hidden: true },
      readers: { as: null, address: null, askedAddress: null },
    });
    expect(opened?.html).toContain('The quay');
    const rows = (await set())?.groups.find(({ state }) => state === 'handedIn')?.rows ?? [];
    expect(rows.map(({ name, key }) => [name, key])).toEqual(
      [
        [number, mine.postId],
        [other, theirs.postId],
      ].toSorted(([one = ''], [another = '']) => (one < another ? -1 : 1)),
    );
    const receipt = (await listHandIns(database, mine.postId)).at(-1)!.receipt;
    const { address } = (await deskFor(house, 'teacher')).inClass;
    const kept = await maybeKept(address, receipt, house.people.teacher, NOW);
    expect(kept).toMatchObject({ writer: number, receipt: `№ ${receipt}` });
    const student = await maybeStudentPosts(house.people.writer, await deskFor(house, 'teacher'));
    expect(student?.rows).toMatchObject([{ hidden: true, way: null, handedIn: null, slats: null }]);
    const today = await maybeTeacherToday([await deskFor(house, 'teacher')]);
    const lines = await logFor(null);
    for (const page of [
      slips,
      opened,
      rows,
      kept,
      alike,
      today,
      lines.filter(({ useCase }) => useCase === 'handIn'),
    ]) {
      const said = JSON.stringify(page);
      expect(said).not.toMatch(/Wren|Mate/);
      expect(said).not.toContain(house.people.writer);
      expect(said).not.toContain(house.people.classmate);
    }
    // Of a child alone, the log would say which number is theirs.
    expect((await logFor(house.people.writer)).map(({ useCase }) => useCase)).not.toContain('handIn');
    expect(
      lines
        .filter(({ useCase }) => useCase === 'handIn')
        .map(({ who }) => who)
        .toSorted(),
    ).toEqual([number, other].toSorted());
  });

  test('a credit that changed, or stands in a picture that went, says nothing either', async () => {
    const mine = await handedIn('writer', CREDITED('0123456789abcdef'));
    await succeeded(as(house, 'teacher', openHandIn, mine));
    const { version } = (await findPost(database, mine.postId))!;
    const html = `<p>${SHARED} again</p>`;
    await succeeded(as(house, 'writer', savePost, { postId: mine.postId, version, writing: writing(html) }));
    await handInPost(house, mine.postId);
    const opened = await review(mine.postId);
    expect(opened?.changed).not.toBeNull();
    expect(JSON.stringify(opened)).not.toContain('Wren');
  });

  test('a class’s own people and its writer see what they saw before', async () => {
    const mine = await handedIn('writer', CREDITED('0123456789abcdef'));
    const receipt = (await listHandIns(database, mine.postId)).at(-1)!.receipt;
    const { address } = (await deskFor(house, 'teacher')).inClass;
    expect(await maybeKept(address, receipt, house.people.writer, NOW)).toMatchObject({ writer: 'Wren E.' });
  });

  test('what a change of the assignment would do, and what is left out of the set, is told by numbers', async () => {
    const { postId } = await handedIn('writer', '<p>grey all day long</p>');
    const requirements = [{ ...FIELDS.requirements[0], min: 40 }];
    const { changes } = await succeeded(
      as(house, 'teacher', previewEvidence, { assignmentId, requirements }),
    );
    expect(changes.map(({ writer }) => writer)).toEqual([await numberOf(postId)]);
    const opened = await setWork(house, { hidesNames: true, release: 'opened' });
    assignmentId = opened;
    const named = await handedIn('classmate', '<p>Ring me on 01632 960 118, all day long.</p>');
    await succeeded(as(house, 'teacher', openHandIn, named));
    await succeeded(as(house, 'teacher', judge, { ...named, criterionId: 'noticing', level: 1 }));
    await succeeded(as(house, 'teacher', accept, { ...named, details: [] }));
    expect(await succeeded(as(house, 'teacher', openSet, { assignmentId: opened }))).toEqual({
      published: 0,
      leftOut: [await numberOf(named.postId)],
    });
  });

  test('drafts stand by name, and no way leads to what is written there', async () => {
    await succeeded(as(house, 'writer', beginPost, { assignmentId }));
    const draft = (await set())?.groups.find(({ state }) => state === 'draft')?.rows;
    expect(draft).toMatchObject([{ name: 'Wren E.', hidden: false, way: null, postId: null }]);
  });

  test('what was taken back stays without a name', async () => {
    const { postId } = await handedIn('writer', '<p>grey all day long</p>');
    await succeeded(as(house, 'writer', takeBack, { postId }));
    const draft = (await set())?.groups.find(({ state }) => state === 'draft')?.rows;
    expect(draft).toMatchObject([{ name: await numberOf(postId), hidden: true, way: null }]);
  });
});

test('who looks sees the name from then on, alone, and the log says that they did, and why', async () => {
  const { postId } = await handedIn('writer', '<p>grey all day long</p>');
  expect(await as(house, 'stranger', lookAtName, { postId, reason: 'worry' })).toMatchObject({ ok: false });
  expect(await as(house, 'writer', lookAtName, { postId, reason: 'worry' })).toMatchObject({ ok: false });
  expect(await as(house, 'teacher', lookAtName, { postId, reason: 'curious' })).toMatchObject({ ok: false });
  await succeeded(as(house, 'teacher', lookAtName, { postId, reason: 'parents' }));
  await succeeded(as(house, 'teacher', lookAtName, { postId, reason: 'parents' }));
  expect((await pile()).map(({ writer }) => writer)).toEqual(['Wren E.']);
  expect(await review(postId)).toMatchObject({ writer: { name: 'Wren E.', hidden: false } });
  const number = await numberOf(postId);
  expect((await pile('coTeacher')).map(({ writer }) => writer)).toEqual([number]);
  const looked = (await logFor(null)).filter(({ useCase }) => useCase === 'lookAtName');
  expect(looked[0]).toMatchObject({ who: 'Tess Example', whom: 'Wren E.', after: 'name.parents' });
});

test('names come back with the grade that was given back', async () => {
  const named = await handedIn('writer', '<p>grey all day long</p>');
  await succeeded(as(house, 'teacher', openHandIn, named));
  await succeeded(as(house, 'teacher', judge, { ...named, criterionId: 'noticing', level: 1 }));
  expect((await review(named.postId))?.writer.hidden).toBe(true);
  await succeeded(as(house, 'teacher', giveBackGrade, named));
  for (const who of ['teacher', 'coTeacher'] as const)
    expect((await review(named.postId, who))?.writer).toMatchObject({ name: 'Wren E.', hidden: false });
  const student = await maybeStudentPosts(house.people.writer, await deskFor(house, 'teacher'));
  expect(student?.rows).toMatchObject([{ hidden: false, way: `/pile/${named.postId}` }]);
});

test('drafts that teachers read and hidden names do not go together', async () => {
  const { assignmentId: made } = await succeeded(
    as(house, 'teacher', makeAssignment, { classId: house.classId }),
  );
  const fields = { ...FIELDS, draftsOpen: true, hidesNames: true };
  expect(
    await as(house, 'teacher', changeAssignment, { assignmentId: made, version: 1, fields }),
  ).toMatchObject({
    ok: false,
    code: 'assignment.namesOfDrafts',
    field: 'draftsOpen',
  });
});

test('a post whose words are away is told by its number', async () => {
  const named = await handedIn('writer', '<p>grey all day long</p>');
  await acceptPost(house, named.postId, named.handInId);
  expect((await review(named.postId))?.readers).toMatchObject({ published: 'everyone', address: null });
  await tellWorry(
    { blog: 'wind', post: '2-skies', words: 'It frightens me.' },
    {
      reader: readerOf(house.people.classmate),
      address: '192.0.2.7',
      now: NOW,
      wait: () => Promise.resolve(),
    },
  );
  const today = await maybeTeacherToday([await deskFor(house, 'teacher')]);
  expect(today?.classes[0]?.wordsAway).toEqual([
    { name: await numberOf(named.postId), href: `/pile/${named.postId}` },
  ]);
});
