import { describe, expect, test } from 'vitest';
import {
  acceptPost,
  addPerson,
  as,
  deskFor,
  desksFor,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writePost,
  writing,
  freshHouse,
  writeNote,
} from '../../../../tests/server/house';
import { openDocument } from '../../../core/document/openDocument';
import { plainText } from '../../../core/document/plainText';
import { perform } from '../../ground/access/perform';
import { database } from '../../ground/database/database';
import { findPublication } from '../../tables/publications';
import { listNotes } from '../../tables/notes';
import { maybeReview } from '../../views/review/viewReview';
import { listWork } from '../../views/today/listWork';
import { maybeTeacherToday } from '../../views/today/viewTeacherToday';
import { listHandIns } from '../../tables/handIns';
import { findPost } from '../../tables/posts';
import { findRevision } from '../../tables/revisions';
import { maybeCompose } from '../../views/writing/viewCompose';
import { openSet } from '../publications/openSet';
import { publish } from '../publications/publish';
import { giveBackGrade } from '../reviews/giveBackGrade';
import { judge } from '../reviews/judge';
import { openHandIn } from '../reviews/openHandIn';
import { sendBack } from '../reviews/sendBack';
import { setGrade } from '../reviews/setGrade';
import { beginPost } from './beginPost';
import { handIn } from './handIn';
import { narrowAudience } from './narrowAudience';
import { savePost } from './savePost';
import { takeBack } from './takeBack';

const DAY = 86_400_000;
const house = freshHouse();

const save = (postId: string, version: number, html: string, now = NOW) =>
  succeeded(as(house, 'writer', savePost, { postId, version, writing: writing(html) }, now));
const wordsOf = async (postId: string) =>
  plainText(openDocument(JSON.parse((await findPost(database, postId))?.body ?? '')));

const begin = async () =>
  (await succeeded(as(house, 'writer', beginPost, { assignmentId: await setWork(house) }))).postId;

describe('saving', () => {
  test('a save from an older base never overwrites: it is kept as a branch, and the writer is given what stands', async () => {
    const postId = await writePost(house, await setWork(house), '<p>from the laptop</p>');
    const branched = await save(postId, 1, '<p>from the phone</p>');
    expect(branched).toMatchObject({ kind: 'branched', version: 2 });
    expect(await wordsOf(postId)).toBe('from the laptop');
    const kept = branched.kind === 'branched' ? await findRevision(database, branched.branchId) : null;
    expect(kept?.body).toContain('from the phone');
  });

  test('the same save twice is one save', async () => {
    const postId = await writePost(house, await setWork(house));
    const again = await save(postId, 1, '<p>grey all day long</p>');
    expect(again).toMatchObject({ kind: 'saved', version: 2 });
  });

  test('what is overwritten is kept when much would be lost, and from time to time', async () => {
    const postId = await writePost(house, await setWork(house), `<p>${'a long text '.repeat(20)}</p>`);
    await save(postId, 2, '<p>gone</p>');
    const rows = await database.rows<{ body: string }>(
      "SELECT body FROM revisions WHERE post_id = :postId AND kind = 'saved'",
      { postId },
    );
    expect(rows.some((row) => row.body.includes('a long text'))).toBe(true);
  });

  test('who writes on while two versions wait writes on in one branch, and copies of it are kept as of a draft', async () => {
    const postId = await begin();
    await save(postId, 1, '<p>from the laptop</p>');
    const sendOn = async (html: string, branchId: string | undefined, minutes: number) => {
      const input = { postId, version: 1, writing: writing(html), ...(branchId ? { branchId } : {}) };
      const saved = await succeeded(
        as(house, 'writer', savePost, input, new Date(NOW.getTime() + minutes * 60_000)),
      );
      return saved.kind === 'branched' ? saved.branchId : '';
    };
    let branchId = await sendOn('<p>from</p>', undefined, 0);
    for (const words of ['from the', 'from the phone', 'from the phone, later'])
      branchId = await sendOn(`<p>${words}</p>`, branchId, 1);
    const branches = () =>
      database.rows<{ body: string }>(
        "SELECT body FROM revisions WHERE post_id = :postId AND kind = 'branch'",
        {
          postId,
        },
      );
    expect((await branches()).map((one) => one.body.includes('from the phone, later'))).toEqual([true]);
    await sendOn('<p>from the phone, much later</p>', branchId, 5);
    expect(await branches()).toHaveLength(2);
    // A branch of another post is nobody's to go on from.
    expect(await sendOn('<p>from elsewhere</p>', 'nosuchbranch0000', 6)).not.toBe('');
    expect(await branches()).toHaveLength(3);
  });

  test('a version handed in twice, or forty times, at once is one hand-in with one receipt', async () => {
    const postId = await begin();
    await save(postId, 1, '<p>grey all day long</p>');
    const all = await Promise.all(
      Array.from({ length: 12 }, () => as(house, 'writer', handIn, { postId, version: 2 })),
    );
    const receipts = new Set(all.map((one) => (one.ok ? one.value.receipt : one.code)));
    expect(receipts.size).toBe(1);
    expect(await listHandIns(database, postId)).toHaveLength(1);
  });

  test('a class that hands in posts of one title in one moment gets as many addresses', async () => {
    const assignmentId = await setWork(house);
    const people = await Promise.all(
      Array.from({ length: 20 }, (_, index) => addPerson(`Kid${index}`, house.classId, 'student')),
    );
    const doAs = (personId: string) => ({ personId, now: NOW });
    const posts = await Promise.all(
      people.map(async (personId) => {
        const begun = await Promise.all(
          Array.from({ length: 4 }, () => perform(beginPost, { assignmentId }, doAs(personId))),
        );
        const ids = new Set(begun.map((one) => (one.ok ? one.value.postId : one.code)));
        expect(ids.size).toBe(1);
        const [postId = ''] = ids;
        await perform(savePost, { postId, version: 1, writing: writing('<p>a</p>') }, doAs(personId));
        return { personId, postId };
      }),
    );
    const outcomes = await Promise.all(
      posts.map(({ personId, postId }) => perform(handIn, { postId, version: 2 }, doAs(personId))),
    );
    expect(outcomes.filter((one) => !one.ok)).toEqual([]);
    const addresses = await database.rows<{ address: string }>(
      'SELECT DISTINCT address FROM posts WHERE assignment_id = :assignmentId AND address IS NOT NULL',
      { assignmentId },
    );
    expect(addresses).toHaveLength(20);
  });

  test('two saves at the same moment leave one in place and one as a branch', async () => {
    const postId = await writePost(house, await setWork(house));
    const both = await Promise.all(['one', 'two'].map((word) => save(postId, 2, `<p>${word}</p>`)));
    expect(both.map((saved) => saved.kind).sort()).toEqual(['branched', 'saved']);
  });

  test('a document that is none is refused with its field', async () => {
    const postId = await writePost(house, await setWork(house));
    const sent = { ...writing('<p>x</p>'), body: { type: 'doc', content: [{ type: 'script' }] } };
    expect(await as(house, 'writer', savePost, { postId, version: 2, writing: sent })).toMatchObject({
      code: 'post.notADocument',
      field: 'body',
    });
    expect(
      await as(house, 'writer', savePost, { postId, version: 2, writing: { title: 'x' } }),
    ).toMatchObject({ code: 'input.required', field: 'writing.labels' });
  });
});

describe('handing in', () => {
  test('keeps a snapshot that later changes do not touch, and the server’s own evidence', async () => {
    const postId = await writePost(house, await setWork(house), '<p>only three words</p>');
    await handInPost(house, postId);
    await save(postId, 2, '<p>now there are five words</p>');
    const [first] = await listHandIns(database, postId);
    expect(first?.evidence).toMatchObject({ ready: false, points: { earned: 3, possible: 4 } });
    expect((await findRevision(database, first?.revisionId ?? ''))?.body).toContain('only three words');
  });

  test('is refused from a version that the writer does not see', async () => {
    const postId = await writePost(house, await setWork(house));
    expect(await as(house, 'writer', handIn, { postId, version: 1 })).toMatchObject({
      code: 'post.changedMeanwhile',
    });
  });

  test('stops where the assignment says that missing things stop', async () => {
    const postId = await writePost(house, await setWork(house, { missing: 'stops' }), '<p>short</p>');
    expect(await as(house, 'writer', handIn, { postId, version: 2 })).toMatchObject({
      code: 'post.missingStops',
      field: 'words',
      values: { line: 'below', measured: 1 },
    });
  });

  test('an empty post is not handed in', async () => {
    const postId = await writePost(house, await setWork(house));
    await succeeded(as(house, 'writer', savePost, { postId, version: 2, writing: writing('', '') }));
    expect(await as(house, 'writer', handIn, { postId, version: 3 })).toMatchObject({ code: 'post.empty' });
  });

  test('can be taken back until a teacher opens it', async () => {
    const postId = await writePost(house, await setWork(house, { release: 'handIn' }));
    await handInPost(house, postId);
    expect((await findPublication(database, postId))?.audience).toBe('ourClass');
    await succeeded(as(house, 'writer', takeBack, { postId }));
    expect(await findPost(database, postId)).toMatchObject({ stage: 'draft' });
    expect(await findPublication(database, postId)).toBeNull();
    const handInId = await handInPost(house, postId);
    await succeeded(as(house, 'teacher', openHandIn, { postId, handInId }));
    expect(await as(house, 'writer', takeBack, { postId })).toMatchObject({ code: 'notThere' });
  });
});

describe('reviewing', () => {
  test('goes back and forth: note, sent back, handed in again, accepted, grade given back', async () => {
    const postId = await writePost(house, await setWork(house));
    const first = await handInPost(house, postId);
    await writeNote(house, 'teacher', { postId, handInId: first, text: 'Which way did it blow?' });
    await succeeded(as(house, 'teacher', sendBack, { postId, handInId: first }));
    const desk = await deskFor(house, 'writer');
    expect((await maybeCompose(postId, desk))?.notes).toMatchObject([
      { author: 'Tess Example', text: 'Which way did it blow?' },
    ]);
    await save(postId, 2, '<p>It blew from the west all day</p>');
    const second = await handInPost(house, postId, new Date(NOW.getTime() + DAY));
    expect(
      await as(house, 'teacher', judge, { postId, handInId: first, criterionId: 'noticing', level: 1 }),
    ).toMatchObject({ code: 'review.newerHandIn' });
    await acceptPost(house, postId, second);
    expect(await maybeCompose(postId, desk)).toMatchObject({ grade: null });
    await succeeded(as(house, 'coTeacher', giveBackGrade, { postId, handInId: second }));
    expect((await maybeCompose(postId, desk))?.grade?.grade).toMatchObject({
      grade: 10,
      possible: 10,
      provisional: false,
    });
    expect(await listNotes(database, postId)).toHaveLength(1);
  });

  test('is not accepted while a criterion waits, and no grade is given back', async () => {
    const postId = await writePost(house, await setWork(house));
    const handInId = await handInPost(house, postId);
    const { accept } = await import('../reviews/accept');
    expect(await as(house, 'teacher', accept, { postId, handInId })).toMatchObject({
      code: 'review.judgeFirst',
      values: { open: 1 },
    });
    expect(await as(house, 'teacher', giveBackGrade, { postId, handInId })).toMatchObject({
      code: 'review.provisional',
    });
    expect(
      await as(house, 'teacher', judge, { postId, handInId, criterionId: 'noticing', level: 2 }),
    ).toMatchObject({ code: 'review.noLevel' });
    expect(
      await as(house, 'teacher', judge, { postId, handInId, criterionId: 'other', level: 0 }),
    ).toMatchObject({ code: 'review.noCriterion' });
  });

  test('a figure of the teacher’s own needs a reason and stands beside the computed one', async () => {
    const postId = await writePost(house, await setWork(house));
    const handInId = await handInPost(house, postId);
    expect(await as(house, 'teacher', setGrade, { postId, handInId, grade: 9, reason: ' ' })).toMatchObject({
      code: 'review.noReason',
    });
    await succeeded(
      as(house, 'teacher', setGrade, { postId, handInId, grade: 9, reason: 'told me the rest' }),
    );
    const review = await maybeReview(postId, await desksFor(house, 'teacher'));
    expect(review?.grade).toMatchObject({ grade: 9, computed: 4 });
    await succeeded(as(house, 'teacher', setGrade, { postId, handInId, grade: null, reason: '' }));
    expect((await maybeReview(postId, await desksFor(house, 'teacher')))?.grade).toMatchObject({ grade: 4 });
  });

  test('lateness is counted in the class’s time zone from the first hand-in', async () => {
    const postId = await writePost(house, await setWork(house));
    await handInPost(house, postId, new Date('2026-11-21T00:30:00Z'));
    expect((await maybeReview(postId, await desksFor(house, 'teacher')))?.grade).toMatchObject({
      daysLate: 2,
      deduction: 2,
    });
  });

  test('the three facts are apart: reading, publishing and grading do not move each other', async () => {
    const postId = await writePost(house, await setWork(house));
    const handInId = await handInPost(house, postId);
    await acceptPost(house, postId, handInId);
    await succeeded(as(house, 'teacher', sendBack, { postId, handInId }));
    // Readers go on seeing what was accepted, and the reading stays.
    expect((await findPublication(database, postId))?.audience).toBe('everyone');
    expect((await maybeReview(postId, await desksFor(house, 'teacher')))?.readBy).toHaveLength(1);
  });
});

describe('reaching readers', () => {
  test('beyond the class waits for acceptance of that very revision', async () => {
    const postId = await writePost(house, await setWork(house, { release: 'handIn' }));
    const first = await handInPost(house, postId);
    expect((await findPublication(database, postId))?.audience).toBe('ourClass');
    await acceptPost(house, postId, first);
    const accepted = await findPublication(database, postId);
    expect(accepted?.audience).toBe('everyone');
    await save(postId, 2, '<p>something quite different now</p>');
    await handInPost(house, postId);
    // The change is not before readers until it is accepted.
    expect((await findPublication(database, postId))?.revisionId).toBe(accepted?.revisionId);
  });

  test('a set is opened at once, and later acceptances follow by themselves', async () => {
    const assignmentId = await setWork(house, { release: 'opened' });
    const postId = await writePost(house, assignmentId);
    await acceptPost(house, postId, await handInPost(house, postId));
    expect(await findPublication(database, postId)).toBeNull();
    expect(await succeeded(as(house, 'teacher', openSet, { assignmentId }))).toEqual({
      published: 1,
      leftOut: [],
    });
    expect((await findPublication(database, postId))?.audience).toBe('everyone');
  });

  test('a writer may ask for fewer readers, never for more, and a teacher does not go over it', async () => {
    const postId = await writePost(house, await setWork(house, { audience: 'ourClass' }));
    expect(await as(house, 'writer', narrowAudience, { postId, audience: 'everyone' })).toMatchObject({
      code: 'post.onlyTeachersWiden',
    });
    await succeeded(as(house, 'writer', narrowAudience, { postId, audience: 'writerAndTeachers' }));
    await acceptPost(house, postId, await handInPost(house, postId));
    expect(await findPublication(database, postId)).toBeNull();
    expect(await as(house, 'teacher', publish, { postId, audience: 'ourClass' })).toMatchObject({
      code: 'publish.writerWantsFewer',
    });
  });

  test('narrowing a published post draws it in at once; a teacher takes down and widens', async () => {
    const postId = await writePost(house, await setWork(house));
    await acceptPost(house, postId, await handInPost(house, postId));
    await succeeded(as(house, 'writer', narrowAudience, { postId, audience: 'ourClass' }));
    expect((await findPublication(database, postId))?.audience).toBe('ourClass');
    await succeeded(as(house, 'writer', narrowAudience, { postId, audience: 'everyone' }));
    await succeeded(as(house, 'teacher', publish, { postId, audience: 'everyone' }));
    expect((await findPublication(database, postId))?.audience).toBe('everyone');
    await succeeded(as(house, 'teacher', publish, { postId, audience: 'writerAndTeachers' }));
    expect(await findPublication(database, postId)).toBeNull();
  });
});

test('figures on Today come from one reading', async () => {
  const assignmentId = await setWork(house);
  const before = await maybeTeacherToday(await desksFor(house, 'teacher'));
  expect(before).toMatchObject({
    waiting: 0,
    classes: [{ assignments: [{ handedIn: 0, writing: 0, notBegun: ['Edda E.', 'Mate E.', 'Wren E.'] }] }],
  });
  const postId = await writePost(house, assignmentId);
  await handInPost(house, postId);
  expect(await maybeTeacherToday(await desksFor(house, 'coTeacher'))).toMatchObject({
    waiting: 1,
    firstWaiting: postId,
    classes: [{ assignments: [{ handedIn: 1, waiting: 1, notBegun: ['Edda E.', 'Mate E.'] }] }],
  });
  expect(await maybeTeacherToday(await desksFor(house, 'writer'))).toBeNull();
  expect(await listWork(await deskFor(house, 'classmate'))).toMatchObject([
    { state: 'notBegun', postId: null },
  ]);
});
