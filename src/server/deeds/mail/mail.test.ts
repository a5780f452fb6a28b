import { beforeEach, describe, expect, test } from 'vitest';
import {
  acceptPost,
  as,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writeNote,
  writePost,
} from '../../../../tests/server/house';
import { mailsTo } from '../../../../tests/support/mails';
import { database } from '../../ground/database/database';
import { insertDailyJob } from '../../ground/jobs/queries';
import { findMailChoice } from '../../tables/mailNotices';
import { runOneJob } from '../chores/runJobs';
import { sendDigests } from '../chores/sendDigests';
import { writeComment } from '../comments/writeComment';
import { answerNote } from '../notes/answerNote';
import { sendBack } from '../reviews/sendBack';
import { chooseMail } from './chooseMail';

const house = freshHouse();
let postId: string;
let handInId: string;
let round = 0;
let writer = '';
let teacher = '';
beforeEach(async () => {
  round += 1;
  writer = `wren.mail${round}@example.org`;
  teacher = `tess.mail${round}@example.org`;
  for (const [email, id] of [
    [writer, house.people.writer],
    [teacher, house.people.teacher],
  ] as const)
    await database.change('UPDATE people SET email = :email WHERE id = :id', { email, id });
  postId = await writePost(house, await setWork(house));
  handInId = await handInPost(house, postId);
});

const later = (hours: number) => new Date(NOW.getTime() + hours * 3_600_000);
const choose = (who: 'writer' | 'teacher', choice: string) =>
  chooseMail({ choice }, { personId: house.people[who] });
const jobs = async (now: Date) => {
  while (await runOneJob(now));
};
const aDay = async (now: Date) => {
  await insertDailyJob(database, 'sendDigests', now);
  await jobs(now);
};
const note = () => writeNote(house, 'teacher', { postId, handInId, text: 'Which way did it blow?' });

describe('what waits for somebody is written to them', () => {
  test('once a day where they chose nothing, a line each with the way there and no word of anybody’s', async () => {
    const noteId = await note();
    await succeeded(as(house, 'teacher', sendBack, { postId, handInId }));
    await succeeded(as(house, 'writer', answerNote, { postId, noteId, text: 'To the east?', done: false }));
    await jobs(later(1));
    expect(await mailsTo(writer)).toEqual([]);
    await aDay(later(20));
    const [mail, ...others] = await mailsTo(writer);
    expect(others).toEqual([]);
    expect(JSON.stringify(mail)).toMatch(/new notes/);
    expect(JSON.stringify(mail)).toMatch(/come back/);
    expect(JSON.stringify(mail)).toContain(`/writing/${postId}`);
    expect(JSON.stringify(mail)).not.toMatch(/Which way|east|Skies/);
    const [toTeacher] = await mailsTo(teacher);
    expect(JSON.stringify(toTeacher)).toContain(`/pile/${postId}`);
    await aDay(later(44));
    expect(await mailsTo(writer)).toHaveLength(1);
  });

  test('at once where they want that, and not again the next day', async () => {
    await choose('writer', 'atOnce');
    await note();
    await jobs(NOW);
    expect(await mailsTo(writer)).toHaveLength(1);
    await aDay(later(20));
    expect(await mailsTo(writer)).toHaveLength(1);
  });

  test('never where they do not, also for what came together before', async () => {
    await note();
    await choose('writer', 'never');
    await succeeded(as(house, 'teacher', sendBack, { postId, handInId }));
    await aDay(later(20));
    expect(await mailsTo(writer)).toEqual([]);
    expect(await database.rows('SELECT id FROM mail_notices')).toEqual([]);
  });

  test('once for the same about the same, and in one mail when two processes do the day’s work', async () => {
    for (let times = 0; times < 3; times += 1) await note();
    await Promise.all([sendDigests(null, '', later(20)), sendDigests(null, '', later(20))]);
    await jobs(later(20));
    expect(await mailsTo(writer)).toHaveLength(1);
  });

  test('to nobody who is deleted', async () => {
    await note();
    await database.change('UPDATE people SET deleted_at = :NOW WHERE id = :id', {
      NOW,
      id: house.people.writer,
    });
    await aDay(later(20));
    expect(await mailsTo(writer)).toEqual([]);
  });
});

describe('a comment that waits is written about to those who teach the class', () => {
  const say = async (text: string, minutes = 0) => {
    await acceptPost(house, postId, handInId);
    const now = new Date(NOW.getTime() + minutes * 60_000);
    return succeeded(as(house, 'classmate', writeComment, { postId, text }, now));
  };
  const more = (text: string) =>
    succeeded(as(house, 'editor', writeComment, { postId, text }, new Date(NOW.getTime() + 60_000)));

  test('at once about the first, and not again while it waits', async () => {
    await choose('teacher', 'atOnce');
    await say('Like on www.wind-cups.example!');
    await more('Or on www.other-cups.example!');
    await jobs(later(1));
    const mails = await mailsTo(teacher);
    expect(mails).toHaveLength(1);
    expect(JSON.stringify(mails)).toContain(`/class/${house.classId}/comments`);
    expect(JSON.stringify(mails)).not.toMatch(/cups|Mate|Skies/);
  });

  test('once a day in one line, and the next day again where more came', async () => {
    await say('Like on www.wind-cups.example!');
    await more('Or on www.other-cups.example!');
    await aDay(later(20));
    expect(JSON.stringify(await mailsTo(teacher)).match(/A comment waits/g)).toHaveLength(1);
    await more('Or on www.third-cups.example!');
    await aDay(later(44));
    expect(await mailsTo(teacher)).toHaveLength(2);
  });

  test('about none that is shown', async () => {
    await say('What did it smell of?');
    await aDay(later(20));
    expect(JSON.stringify(await mailsTo(teacher))).not.toMatch(/A comment waits/);
  });
});

test('a choice that there is none of is refused, and what is chosen is one’s own', async () => {
  expect(await choose('writer', 'hourly')).toMatchObject({ ok: false });
  await succeeded(choose('writer', 'never'));
  expect(await findMailChoice(database, house.people.writer)).toBe('never');
  expect(await findMailChoice(database, house.people.teacher)).toBe('daily');
});
