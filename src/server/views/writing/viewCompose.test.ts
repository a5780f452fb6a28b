import { expect, test } from 'vitest';
import {
  acceptPost,
  as,
  deskFor,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  whoSees,
  writePost,
} from '../../../../tests/server/house';
import { changePrivacy } from '../../deeds/classes/changePrivacy';
import { openHandIn } from '../../deeds/reviews/openHandIn';
import { narrowAudience } from '../../deeds/posts/narrowAudience';
import { maybeCompose } from './viewCompose';

const house = freshHouse();

async function seen(postId: string, now = NOW) {
  const view = await maybeCompose(postId, { ...(await deskFor(house, 'writer')), now });
  if (!view) throw new Error('the writer sees nothing');
  return view;
}

/** The days of the gate as they are drawn: "Tue today, Thu 4 pm". */
async function days(postId: string, now = NOW): Promise<string> {
  return (await seen(postId, now)).due.days
    .map((day) =>
      day.kind === 'gap'
        ? `${day.days} days`
        : `${day.weekday} ${day.due ? day.time : day.today ? 'today' : day.day}`.replace('\u00A0', ' '),
    )
    .join(', ');
}

test('nobody but the writer sees the desk of a post', async () => {
  const postId = await writePost(house, await setWork(house));
  expect(await whoSees(house, (desk) => maybeCompose(postId, desk))).toEqual(['writer']);
});

test('the days of the gate run from today to the due day, in the time zone of the class', async () => {
  const postId = await writePost(house, await setWork(house));
  expect(await days(postId)).toBe('Mon 16, Tue today, Wed 18, Thu 4 pm, Fri 20');
  expect(await days(postId, new Date('2026-11-09T12:00:00Z'))).toBe(
    'Mon today, 8 days, Wed 18, Thu 4 pm, Fri 20',
  );
  // An hour before midnight in Dublin, which has winter time, it is the same day there.
  expect(await days(postId, new Date('2026-11-20T23:00:00Z'))).toBe(
    'Wed 18, Thu 4 pm, Fri today, Sat 21, Sun 22',
  );
  const { due } = await seen(postId, new Date('2026-11-20T12:00:00Z'));
  expect(due).toMatchObject({ inDays: -1, late: true });
});

test('who reads the post is told by what class, assignment and writer allow, and by what was done', async () => {
  const postId = await writePost(house, await setWork(house, { draftsOpen: true }));
  const readers = async () => (await seen(postId)).readers;
  expect(await readers()).toMatchObject({
    audience: 'everyone',
    widest: 'everyone',
    now: null,
    readBy: null,
    draftsOpen: true,
    found: false,
  });
  await succeeded(as(house, 'writer', narrowAudience, { postId, audience: 'ourClass' }));
  expect(await readers()).toMatchObject({ audience: 'ourClass', widest: 'everyone' });
  const handInId = await handInPost(house, postId);
  expect((await readers()).readBy).toBeNull();
  await succeeded(as(house, 'teacher', openHandIn, { postId, handInId }));
  expect((await readers()).readBy).toEqual({
    teacher: expect.stringMatching(/./) as string,
    when: 'Tuesday',
  });
  await acceptPost(house, postId, handInId);
  expect((await readers()).now).toBe('ourClass');
});

test('that search engines find what everyone can read is told where the class allows it', async () => {
  const postId = await writePost(house, await setWork(house));
  const privacy = {
    classId: house.classId,
    ceiling: 'everyone' as const,
    namingRule: 'firstNameAndInitial' as const,
    searchEngines: true,
    editorsRead: false,
    consentNeeded: false,
  };
  await succeeded(as(house, 'teacher', changePrivacy, privacy));
  expect((await seen(postId)).readers.found).toBe(true);
});
