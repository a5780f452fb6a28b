import { expect, test } from 'vitest';
import { atOnce, codesOf, noted, ofThem } from '../../../../tests/server/atOnce';
import { addPerson, as, freshHouse, NOW, setWork, succeeded, writing } from '../../../../tests/server/house';
import { database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { perform } from '../../ground/access/perform';
import { listPeerReadings, listPeerWords } from '../../tables/peerReadings';
import { findLatestRound, listPeerMembers } from '../../tables/peerRounds';
import { takePeerTexts } from '../chores/drawPeers';
import { beginPost } from '../posts/beginPost';
import { savePost } from '../posts/savePost';
import { joinPeerReading } from './joinPeerReading';
import { keepPeerRule } from './keepPeerRule';
import { leavePeerGroups, makePeerGroups } from './makePeerGroups';
import { keepPeerWords } from './sayToWriter';

const house = freshHouse({ atOnce: true });
const LATER = new Date(NOW.getTime() + 5 * 60_000);

async function writers(count: number, assignmentId: string): Promise<readonly string[]> {
  const people: string[] = [];
  for (let at = 0; at < count; at += 1) {
    const personId = await addPerson(`Child${at}`, house.classId, 'student');
    const asker = { personId, now: NOW };
    const { postId } = await succeeded(perform(beginPost, { assignmentId }, asker));
    await succeeded(perform(savePost, { postId, version: 1, writing: writing('<p>Grey sky.</p>') }, asker));
    people.push(personId);
  }
  return people;
}

const want = (assignmentId: string) =>
  succeeded(
    as(house, 'teacher', keepPeerRule, {
      ...{ assignmentId, size: 2, questions: ['What?'], named: true, at: null },
    }),
  );

test('pressed four hundred times by two teachers, groups are made once and texts are taken once', async () => {
  const assignmentId = await setWork(house);
  await writers(4, assignmentId);
  await want(assignmentId);
  const made = await atOnce((at) =>
    as(house, at % 2 === 0 ? 'teacher' : 'coTeacher', makePeerGroups, { assignmentId }),
  );
  expect([...codesOf(made)]).toEqual([]);
  const round = (await findLatestRound(database, assignmentId))!;
  const [count] = await database.rows<{ rounds: number }>('SELECT COUNT(*) AS rounds FROM peer_rounds');
  expect(count?.rounds).toBe(1);
  await Promise.all(Array.from({ length: 8 }, () => takePeerTexts({ roundId: round.id }, '', LATER)));
  expect(await listPeerReadings(database, round.id)).toHaveLength(4);
  expect((await listPeerMembers(database, round.id)).every((one) => one.revisionId !== null)).toBe(true);
  const [kept] = await database.rows<{ revisions: number }>('SELECT COUNT(*) AS revisions FROM revisions');
  expect(kept?.revisions).toBe(4);
});

test('who joins four hundred times joins once, and notes that are kept at once are all there', async () => {
  const assignmentId = await setWork(house);
  await writers(2, assignmentId);
  await want(assignmentId);
  const { roundId } = await succeeded(as(house, 'teacher', makePeerGroups, { assignmentId }));
  await takePeerTexts({ roundId }, '', LATER);
  const [late = ''] = await writers(1, assignmentId);
  const before = await noted('joinPeerReading');
  const joined = await atOnce(() =>
    perform(joinPeerReading, { assignmentId }, { personId: late, now: LATER }),
  );
  expect(ofThem(joined)).toBe(1);
  expect(await noted('joinPeerReading')).toBe(before + 1);
  const readings = await listPeerReadings(database, roundId);
  expect(readings).toHaveLength(6);
  const own = readings.find((one) => one.readerId === late)!;
  const names = Array.from({ length: 20 }, newId);
  await atOnce(
    (at) =>
      perform(
        keepPeerWords,
        { readingId: own.id, name: names[at % 20]!, anchor: null, words: `Note ${at % 20}` },
        { personId: late, now: LATER },
      ),
    60,
  );
  expect(await listPeerWords(database, [own.id])).toHaveLength(20);
});

test('groups that are taken back while texts are taken are either taken or gone', async () => {
  const assignmentId = await setWork(house);
  await writers(2, assignmentId);
  await want(assignmentId);
  const { roundId } = await succeeded(as(house, 'teacher', makePeerGroups, { assignmentId }));
  const [left] = await Promise.all([
    as(house, 'teacher', leavePeerGroups, { assignmentId, roundId }),
    takePeerTexts({ roundId }, '', LATER),
  ]);
  const readings = await listPeerReadings(database, roundId);
  expect(readings).toHaveLength(left.ok ? 0 : 2);
});
