import { beforeEach, describe, expect, test } from 'vitest';
import { atOnce, ofThem } from '../../../../tests/server/atOnce';
import {
  addPerson,
  as,
  desksFor,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writePost,
  writing,
} from '../../../../tests/server/house';
import { database } from '../../ground/database/database';
import { maybePile } from '../../views/review/listPile';
import { maybeReview } from '../../views/review/viewReview';
import { savePost } from '../posts/savePost';
import { openSet } from '../publications/openSet';
import { publish } from '../publications/publish';
import { accept } from '../reviews/accept';
import { judge } from '../reviews/judge';
import { lookForDetails } from './lookForDetails';
import { meanDetail } from './meanDetail';

const house = freshHouse({ atOnce: true });
const TEXT = '<p>The fog came in. Write to me at rowan@example.org about it.</p>';
let assignmentId = '';
let postId = '';
let handInId = '';

beforeEach(async () => {
  assignmentId = await setWork(house);
  postId = await writePost(house, assignmentId, TEXT);
  handInId = await handInPost(house, postId);
});

const review = async () => (await maybeReview(postId, await desksFor(house, 'teacher')))!;
const details = async () => (await review()).details ?? [];
const keys = async () => (await details()).map(({ key }) => key);
const mean = (reason: string | null, detail: string) =>
  as(house, 'teacher', meanDetail, { postId, handInId, detail, reason });
const judged = () =>
  succeeded(as(house, 'teacher', judge, { postId, handInId, criterionId: 'noticing', level: 1 }));
const acceptIt = (seen?: readonly string[]) =>
  as(house, 'teacher', accept, { postId, handInId, ...(seen && { details: seen }) });
const kindsOnSlip = async () =>
  (await maybePile(await desksFor(house, 'teacher')))?.find((slip) => slip.postId === postId)?.details;

describe('a personal detail in a hand-in', () => {
  test('stands in review with its kind and place, and on the slip by its kind', async () => {
    expect(await details()).toMatchObject([
      { kind: 'email', where: 'text', text: 'rowan@example.org', mending: '', meant: null },
    ]);
    expect(await kindsOnSlip()).toEqual(['email']);
  });

  test('is meant to be there with a reason, until the text around it changes; that can be taken back', async () => {
    const [key = ''] = await keys();
    expect(await mean(' ', key)).toMatchObject({ code: 'review.noReasonForDetail' });
    expect(await mean('It is made up.', '0'.repeat(64))).toMatchObject({ code: 'review.noDetail' });
    await succeeded(mean('It is made up.', key));
    expect(await details()).toMatchObject([{ meant: { reason: 'It is made up.', by: 'Tess Example' } }]);
    expect(await kindsOnSlip()).toEqual([]);
    await succeeded(mean(null, key));
    expect(await kindsOnSlip()).toEqual(['email']);
    await succeeded(mean('It is made up.', key));
    const again = (html: string, version: number) =>
      succeeded(as(house, 'writer', savePost, { postId, version, writing: writing(html) }));
    await again('<p>First the sun.</p><p>The fog came in. Write to me at rowan@example.org about it.</p>', 2);
    handInId = await handInPost(house, postId, new Date(NOW.getTime() + 60_000));
    expect(await details()).toMatchObject([{ meant: { reason: 'It is made up.' } }]);
    await again('<p>The fog came in. Ask me: rowan@example.org, about it.</p>', 3);
    handInId = await handInPost(house, postId, new Date(NOW.getTime() + 120_000));
    expect(await details()).toMatchObject([{ meant: null }]);
    expect(await kindsOnSlip()).toEqual(['email']);
  });

  test('is looked for with the names of the class, in title, teaser and labels too', async () => {
    await addPerson('Quilla', house.classId, 'student');
    const write = { ...writing('<p>Fog.</p>', 'What Quilla Example saw', ['quilla-example']) };
    await succeeded(as(house, 'writer', savePost, { postId, version: 2, writing: write }));
    handInId = await handInPost(house, postId, new Date(NOW.getTime() + 60_000));
    expect((await details()).map(({ kind, where, mending }) => [kind, where, mending])).toEqual([
      ['fullName', 'title', 'Quilla'],
      ['fullName', 'label', 'Quilla'],
    ]);
  });
});

describe('before it goes beyond the class', () => {
  test('accepting says which, and does nothing; with those that were seen it does', async () => {
    await judged();
    const refusal = { code: 'review.details', values: { count: 1, which: '“rowan@example.org”' } };
    expect(await acceptIt()).toMatchObject(refusal);
    expect(await acceptIt(['0'.repeat(64)])).toMatchObject(refusal);
    expect((await review()).stage).toBe('handedIn');
    const sent = await atOnce(async () => acceptIt(await keys()), 40);
    expect(ofThem(sent)).toBe(1);
    expect((await review()).readers.published).toBe('everyone');
  });

  test('what is meant to be there holds nothing up', async () => {
    await judged();
    await succeeded(mean('It is made up.', (await keys())[0] ?? ''));
    await succeeded(acceptIt());
  });

  test('publishing asks the same; inside the class nobody is asked', async () => {
    await database.change("UPDATE assignments SET audience = 'ourClass'", {});
    await judged();
    await succeeded(acceptIt());
    const let_ = (audience: string, seen: readonly string[] = []) =>
      as(house, 'teacher', publish, { postId, audience: audience as 'everyone', details: seen });
    expect(await let_('everyone')).toMatchObject({ code: 'review.details' });
    await succeeded(let_('ourClass'));
    await succeeded(let_('everyone', await keys()));
  });

  test('opening a set leaves it out, and names its writer', async () => {
    await database.change("UPDATE assignments SET release_rule = 'opened'", {});
    await judged();
    await succeeded(acceptIt());
    expect(await succeeded(as(house, 'teacher', openSet, { assignmentId }))).toEqual({
      published: 0,
      leftOut: ['Wren E.'],
    });
    expect((await review()).readers.published).toBeNull();
  });

  test('the writer is told before handing in, where it goes so far', async () => {
    expect(await succeeded(as(house, 'writer', lookForDetails, { postId }))).toEqual({
      reaches: 'everyone',
      details: [{ kind: 'email', where: 'text', text: 'rowan@example.org' }],
    });
    await database.change("UPDATE assignments SET audience = 'ourClass'", {});
    expect((await succeeded(as(house, 'writer', lookForDetails, { postId }))).details).toEqual([]);
  });
});
