import { beforeEach, expect, test } from 'vitest';
import {
  as,
  deskFor,
  desksFor,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writePost,
} from '../../../../tests/server/house';
import { maybeReview } from '../../views/review/viewReview';
import { maybeCompose } from '../../views/writing/viewCompose';
import { giveBackGrade } from './giveBackGrade';
import { judge } from './judge';
import { overruleRequirement } from './overruleRequirement';

const house = freshHouse();
let named: { readonly postId: string; readonly handInId: string };
beforeEach(async () => {
  const postId = await writePost(house, await setWork(house));
  named = { postId, handInId: await handInPost(house, postId) };
  await succeeded(as(house, 'teacher', judge, { ...named, criterionId: 'noticing', level: 1 }));
});

const review = async () => (await maybeReview(named.postId, await desksFor(house, 'teacher')))!;
const count = (met: boolean | null, reason = '', requirementId = 'words', minutes = 0) =>
  as(
    house,
    'teacher',
    overruleRequirement,
    { ...named, requirementId, met, reason },
    new Date(NOW.getTime() + minutes * 60_000),
  );
const writersGrade = async () => (await maybeCompose(named.postId, await deskFor(house, 'writer')))?.grade;

test('a teacher counts something otherwise with a reason; the machine’s line stays, and it can be taken back', async () => {
  const before = await review();
  const [words] = before.answer.requirements;
  expect(words?.state).toBe('met');
  expect(await count(false)).toMatchObject({ code: 'review.noReasonToCount', field: 'reason' });
  expect(await count(false, 'I looked.', 'gone')).toMatchObject({ code: 'review.byEye' });
  await succeeded(count(false, ' It is the same word four times. '));
  const after = await review();
  expect(after.answer.requirements[0]).toMatchObject({ state: 'unmet', earned: 0, message: words?.message });
  expect(after.overruled).toEqual({ words: { met: false, reason: 'It is the same word four times.' } });
  expect(after.grade.grade).toBeLessThan(before.grade.grade);
  await succeeded(count(null));
  expect((await review()).grade.grade).toBe(before.grade.grade);
  expect((await review()).overruled).toEqual({});
});

test('its writer reads it with the grade, and what is said later once that is given back', async () => {
  await succeeded(count(false, 'The same word.'));
  expect(await writersGrade()).toBeNull();
  await succeeded(as(house, 'teacher', giveBackGrade, named));
  expect(await writersGrade()).toMatchObject({ overruled: [{ met: false, reason: 'The same word.' }] });
  await succeeded(count(true, 'I read it again.', 'bonus', 1));
  expect((await writersGrade())?.overruled).toMatchObject([{ reason: 'The same word.' }]);
});
