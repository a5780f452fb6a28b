import { beforeEach, describe, expect, test } from 'vitest';
import {
  addPerson,
  as,
  deskFor,
  freshHouse,
  NOW,
  personOf,
  setWork,
  succeeded,
  writing,
} from '../../../../tests/server/house';
import type { PeerStanding } from '../../../contract/peerReading/peerShown';
import { anchorOf } from '../../../core/notes/anchor';
import { groupedBy } from '../../../core/groupedBy';
import { pairsOf } from '../../../core/peerReading/groups';
import type { Desk } from '../sessions/desk';
import { database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { perform } from '../../ground/access/perform';
import type { UseCase } from '../../ground/access/useCase';
import {
  findPeerReading,
  listPeerReadings,
  listPeerWords,
  readsPictureAsPeer,
} from '../../tables/peerReadings';
import { listAssignments } from '../../tables/assignments';
import { copyClass } from '../copying/copyClass';
import { findLatestRound, findPeerRule, listKeptApart, listPeerMembers } from '../../tables/peerRounds';
import { deleteOldRevisions, findRevision } from '../../tables/revisions';
import { drawPeers, takePeerTexts } from '../chores/drawPeers';
import { noteAbsence } from '../people/noteAbsence';
import { removeStudents } from '../people/removeStudents';
import { beAtPost } from '../posts/beAtPost';
import { beginPost } from '../posts/beginPost';
import { savePost } from '../posts/savePost';
import { insertPicture } from '../../tables/pictures';
import { maybePeerGroups } from '../../views/peerReading/viewPeerGroups';
import { maybePeerText } from '../../views/peerReading/viewPeerText';
import { worryAboutPeerText } from './worryAboutPeerText';
import { joinPeerReading } from './joinPeerReading';
import { keepApart } from './keepApart';
import { dropPeerRule, keepPeerRule } from './keepPeerRule';
import { leavePeerGroups, makePeerGroups } from './makePeerGroups';
import { givePeerReading, keepPeerWords, openPeerReading, takeBackPeerWords, thankPeer } from './sayToWriter';
import { seePeerReading } from './seePeerReading';

const house = freshHouse();
const QUESTIONS = ['What could you see best?', 'Where did you stop and wonder?'];
const LATER = new Date(NOW.getTime() + 5 * 60_000);
let assignmentId: string;
let names: Readonly<Record<'Ada' | 'Ben' | 'Cleo' | 'Dov' | 'Eve', string>>;
const posts = new Map<string, string>();

const by = <Input, Rows, Output>(
  personId: string,
  useCase: UseCase<Input, Rows, Output>,
  input: object,
  now = NOW,
) => perform(useCase, input, { personId, now });

/** Writes a draft as one of the students. */
async function write(personId: string, html: string): Promise<void> {
  const { postId } = await succeeded(by(personId, beginPost, { assignmentId }));
  posts.set(personId, postId);
  await succeeded(by(personId, savePost, { postId, version: 1, writing: writing(html) }));
}

beforeEach(async () => {
  assignmentId = await setWork(house);
  posts.clear();
  names = {
    Ada: await addPerson('Ada', house.classId, 'student'),
    Ben: await addPerson('Ben', house.classId, 'student'),
    Cleo: await addPerson('Cleo', house.classId, 'student'),
    Dov: await addPerson('Dov', house.classId, 'student'),
    Eve: await addPerson('Eve', house.classId, 'studentEditor'),
  };
});

const rule = (more: object = {}) =>
  as(house, 'teacher', keepPeerRule, {
    ...{ assignmentId, size: 2, questions: QUESTIONS, named: true, at: null, ...more },
  });
const make = () => as(house, 'teacher', makePeerGroups, { assignmentId });
const standing = async (personId: string, now = LATER): Promise<PeerStanding> =>
  (await succeeded(by(personId, seePeerReading, { assignmentId }, now)))!;
/** Groups of some who have written, their texts taken. */
async function taken(people: readonly string[], size: 2 | 3 = 2): Promise<string> {
  for (const personId of people)
    if (!posts.has(personId)) await write(personId, `<p>Text of ${personId}</p>`);
  await succeeded(rule({ size }));
  const { roundId } = await succeeded(make());
  await takePeerTexts({ roundId }, '', LATER);
  return roundId;
}
const readingOf = async (reader: string, writer: string, roundId: string) =>
  (await listPeerReadings(database, roundId)).find(
    (one) => one.readerId === reader && one.writerId === writer,
  )?.id ?? '';
/** The desk of a student in the class. */
async function deskOf(personId: string): Promise<Desk> {
  const desk = await deskFor(house, 'classmate');
  return { ...desk, personId, role: personId === house.people.teacher ? 'teacher' : 'student' };
}
const groupsOf = async (roundId: string) =>
  [...groupedBy(await listPeerMembers(database, roundId), (one) => String(one.group)).values()].map((group) =>
    group.map(({ personId }) => personId),
  );

describe('groups', () => {
  test('are made of those who have something to show, and said before texts are taken', async () => {
    const { Ada, Ben, Cleo, Dov } = names;
    for (const one of [Ada, Ben, Cleo]) await write(one, '<p>Grey sky.</p>');
    // Headings of the outline alone are nothing to show.
    await write(Dov, '<h2>What I saw</h2><p></p>');
    await succeeded(rule());
    const { roundId } = await succeeded(make());
    expect((await listPeerMembers(database, roundId)).map((one) => one.personId).sort()).toEqual(
      [Ada, Ben, Cleo].sort(),
    );
    const told = await standing(Ada, NOW);
    expect(told).toMatchObject({ toRead: [], joins: null, named: true });
    expect([...told.goesTo].sort()).toEqual(['Ben E.', 'Cleo E.']);
    expect(told.takes).toContain('12.05');
    expect(await standing(Dov, NOW)).toMatchObject({ goesTo: [], joins: null });
  });

  test('a page that stands open to write is told whenever something is new', async () => {
    const { Ada, Ben } = names;
    await write(Ada, '<p>Grey sky.</p>');
    await write(Ben, '<p>Blue sky.</p>');
    const keys: (string | null)[] = [];
    const look = async () => {
      const here = { postId: posts.get(Ada)!, page: 'a'.repeat(32) };
      keys.push((await succeeded(by(Ada, beAtPost, here))).peers);
    };
    await look();
    await succeeded(rule());
    await look();
    const { roundId } = await succeeded(make());
    await look();
    await takePeerTexts({ roundId }, '', LATER);
    await look();
    const readingId = await readingOf(Ben, Ada, roundId);
    const said = { readingId, name: '0', anchor: null, words: 'The jar.' };
    await succeeded(by(Ben, keepPeerWords, said));
    await succeeded(by(Ben, givePeerReading, { readingId }));
    await look();
    expect(keys[0]).toBeNull();
    expect(new Set(keys).size).toBe(5);
    await look();
    expect(keys.at(-1)).toBe(keys.at(-2));
  });

  test('until texts are taken each may be changed, and the groups taken back', async () => {
    const { Ada, Ben } = names;
    await write(Ada, '<p>Grey sky.</p>');
    await write(Ben, '<p>Blue sky.</p>');
    await succeeded(rule());
    const { roundId } = await succeeded(make());
    const better = { postId: posts.get(Ada)!, version: 2, writing: writing('<p>Grey, then rain.</p>') };
    await succeeded(by(Ada, savePost, better));
    await takePeerTexts({ roundId }, '', LATER);
    const reading = await findPeerReading(database, await readingOf(Ben, Ada, roundId));
    expect((await findRevision(database, reading!.revisionId!))?.body).toContain('Grey, then rain.');
    // What was taken stays as it was, and no tidying takes it from under the reader.
    await succeeded(by(Ada, savePost, { ...better, version: 3, writing: writing('<p>Secret.</p>') }));
    await deleteOldRevisions(database, { before: new Date('2030-01-01'), most: 500 });
    expect((await findRevision(database, reading!.revisionId!))?.body).not.toContain('Secret');
    expect(await as(house, 'teacher', leavePeerGroups, { assignmentId, roundId })).toMatchObject({
      code: 'peer.taken',
    });
    const second = await succeeded(make());
    await succeeded(as(house, 'teacher', leavePeerGroups, { assignmentId, roundId: second.roundId }));
    await takePeerTexts(second, '', LATER);
    expect((await findLatestRound(database, assignmentId))?.id).toBe(roundId);
  });

  test('two who are kept apart never read each other, and who read each other once does not the next time', async () => {
    const { Ada, Ben, Cleo, Dov } = names;
    const { classId } = house;
    await succeeded(as(house, 'coTeacher', keepApart, { classId, oneId: Ben, otherId: Ada, apart: true }));
    const first = await groupsOf(await taken([Ada, Ben, Cleo, Dov]));
    const second = await groupsOf(await taken([Ada, Ben, Cleo, Dov]));
    for (const pair of pairsOf(first)) expect([...pair].sort()).not.toEqual([Ada, Ben].sort());
    const sorted = (groups: readonly string[][]) => pairsOf(groups).map((pair) => [...pair].sort().join(' '));
    expect(sorted(first).filter((pair) => sorted(second).includes(pair))).toEqual([]);
  });

  test('teachers are told who is left with nobody, and who met again because there was no other way', async () => {
    const { Ada, Ben, Cleo } = names;
    const { classId } = house;
    const shown = async () => (await maybePeerGroups(assignmentId, await deskFor(house, 'teacher')))?.round;
    await taken([Ada, Ben]);
    expect(await shown()).toMatchObject({ alone: [], again: [] });
    for (const oneId of [Ada, Ben])
      await succeeded(as(house, 'teacher', keepApart, { classId, oneId, otherId: Cleo, apart: true }));
    await write(Cleo, '<p>Alone.</p>');
    const { roundId } = await succeeded(make());
    const met = await shown();
    expect(met?.alone).toEqual(['Cleo E.']);
    expect(met?.again.map((pair) => [...pair].sort())).toEqual([['Ada E.', 'Ben E.']]);
    expect(await standing(Cleo, NOW)).toMatchObject({ goesTo: [], joins: null });
    await takePeerTexts({ roundId }, '', new Date(LATER.getTime() + 1000));
    expect(await shown()).toMatchObject({ alone: ['Cleo E.'], again: [expect.anything()] });
    expect(await standing(Cleo)).toMatchObject({ goesTo: [], toRead: [], joins: null });
    // Who is not kept apart any more joins by an own press.
    await succeeded(as(house, 'teacher', keepApart, { classId, oneId: Ada, otherId: Cleo, apart: false }));
    await succeeded(as(house, 'teacher', keepApart, { classId, oneId: Ben, otherId: Cleo, apart: false }));
    expect((await standing(Cleo)).joins).toHaveLength(2);
  });

  test('who is left with nobody when texts are taken is said to be, too', async () => {
    const { Ada, Ben, Cleo, Dov } = names;
    const { classId } = house;
    for (const [oneId, otherId] of [
      [Ada, Cleo],
      [Ada, Dov],
      [Ben, Cleo],
      [Ben, Dov],
    ])
      await succeeded(as(house, 'teacher', keepApart, { classId, oneId, otherId, apart: true }));
    for (const one of [Ada, Ben, Cleo, Dov]) await write(one, '<p>Grey sky.</p>');
    await succeeded(rule());
    const { roundId } = await succeeded(make());
    await succeeded(by(Dov, savePost, { postId: posts.get(Dov)!, version: 2, writing: writing('<p></p>') }));
    await takePeerTexts({ roundId }, '', LATER);
    const members = await listPeerMembers(database, roundId);
    expect(members.find((one) => one.personId === Cleo)).toMatchObject({ group: null, revisionId: null });
    expect((await listPeerReadings(database, roundId)).map((one) => one.readerId).sort()).toEqual(
      [Ada, Ben].sort(),
    );
  });

  test('whom somebody kept apart who teaches here no more may meet again', async () => {
    const { Ada, Ben } = names;
    const { classId } = house;
    await succeeded(as(house, 'coTeacher', keepApart, { classId, oneId: Ada, otherId: Ben, apart: true }));
    await database.change('UPDATE memberships SET left_at = :at WHERE person_id = :id', {
      ...{ at: NOW, id: house.people.coTeacher },
    });
    expect((await groupsOf(await taken([Ada, Ben]))).flat().sort()).toEqual([Ada, Ben].sort());
  });

  test('the list of who is kept apart is its teacher’s own', async () => {
    const { Ada, Ben } = names;
    const { classId } = house;
    const pair = { classId, oneId: Ada, otherId: Ben };
    await succeeded(as(house, 'coTeacher', keepApart, { ...pair, apart: true }));
    await succeeded(as(house, 'coTeacher', keepApart, { ...pair, apart: true }));
    const lists = (teacherId: string) => listKeptApart(database, { classId, teacherId });
    expect(await lists(house.people.coTeacher)).toHaveLength(1);
    expect(await lists(house.people.teacher)).toEqual([]);
    await succeeded(as(house, 'teacher', keepApart, { ...pair, apart: false }));
    expect(await lists(house.people.coTeacher)).toHaveLength(1);
    expect(await as(house, 'teacher', keepApart, { ...pair, otherId: Ada, apart: true })).toMatchObject({
      code: 'peer.samePerson',
    });
    const stranger = house.people.stranger;
    expect(await as(house, 'teacher', keepApart, { ...pair, otherId: stranger, apart: true })).toMatchObject({
      code: 'notThere',
    });
  });

  test('who is away, excused or has handed in is skipped', async () => {
    const { Ada, Ben, Cleo, Dov } = names;
    for (const one of [Ada, Ben, Cleo, Dov]) await write(one, '<p>Grey sky.</p>');
    const day = { from: '2026-11-17', to: '2026-11-17' };
    await succeeded(as(house, 'teacher', noteAbsence, { classId: house.classId, personId: Cleo, ...day }));
    const { postId } = { postId: posts.get(Dov)! };
    await database.change("UPDATE posts SET stage = 'handedIn' WHERE id = :postId", { postId });
    const roundId = await taken([Ada, Ben]);
    expect((await groupsOf(roundId)).flat().sort()).toEqual([Ada, Ben].sort());
  });

  test('at their time they are made by themselves, and a time that was moved is left alone', async () => {
    await write(names.Ada, '<p>Grey sky.</p>');
    await write(names.Ben, '<p>Blue sky.</p>');
    expect(await rule({ at: '2026-11-17T12:04' })).toMatchObject({ code: 'peer.tooSoon', field: 'at' });
    await succeeded(rule({ at: '2026-11-18T10:15' }));
    expect((await standing(names.Ada, NOW)).takes).toContain('10.15');
    await drawPeers({ assignmentId }, '', new Date('2026-11-18T10:09:00Z'));
    expect(await findLatestRound(database, assignmentId)).toBeNull();
    await drawPeers({ assignmentId }, '', new Date('2026-11-18T10:10:00Z'));
    // Done twice, it is drawn once.
    await drawPeers({ assignmentId }, '', new Date('2026-11-18T10:10:05Z'));
    const round = await findLatestRound(database, assignmentId);
    expect(round?.takesAt).toEqual(new Date('2026-11-18T10:15:00Z'));
    await takePeerTexts({ roundId: round!.id }, '', round!.takesAt);
    await drawPeers({ assignmentId }, '', new Date('2026-11-18T10:16:00Z'));
    expect((await findLatestRound(database, assignmentId))?.id).toBe(round?.id);
  });

  test('who has nothing to show any more gives and reads nothing, and nobody is left over', async () => {
    const { Ada, Ben, Cleo, Dov } = names;
    for (const one of [Ada, Ben, Cleo, Dov]) await write(one, '<p>Grey sky.</p>');
    await succeeded(rule());
    const { roundId } = await succeeded(make());
    await succeeded(by(Dov, savePost, { postId: posts.get(Dov)!, version: 2, writing: writing('<p></p>') }));
    await takePeerTexts({ roundId }, '', LATER);
    const readings = await listPeerReadings(database, roundId);
    expect(readings.some((one) => [one.readerId, one.writerId].includes(Dov))).toBe(false);
    // The three others are one group: six readings.
    expect(readings).toHaveLength(6);
  });

  test('a copied class asks the same of its writers, at no time yet', async () => {
    await succeeded(rule({ at: '2026-11-18T10:15' }));
    const copy = { classId: house.classId, title: 'Next year', groupName: '' };
    const { classId } = await succeeded(as(house, 'teacher', copyClass, copy));
    const [made] = await listAssignments(database, classId, NOW);
    expect(await findPeerRule(database, made!.id)).toEqual({
      ...{ size: 2, questions: QUESTIONS, named: true, takesAt: null },
    });
  });

  test('nonsense is refused in one line', async () => {
    expect(await make()).toMatchObject({ code: 'peer.noRule' });
    expect(await rule({ questions: ['  ', ''] })).toMatchObject({
      code: 'peer.noQuestions',
      field: 'questions',
    });
    expect(await rule({ size: 4 })).toMatchObject({ ok: false });
    await succeeded(rule());
    expect(await make()).toMatchObject({ code: 'peer.nobody' });
    await write(names.Ada, '<p>Alone.</p>');
    expect(await make()).toMatchObject({ code: 'peer.nobody' });
  });

  test('nobody reads drafts by name where names are hidden while judging', async () => {
    await succeeded(rule());
    await database.change('UPDATE assignments SET hides_names = TRUE WHERE id = :assignmentId', {
      assignmentId,
    });
    expect(await rule()).toMatchObject({ code: 'peer.hidesNames' });
    expect(await make()).toMatchObject({ code: 'peer.hidesNames' });
  });

  test('what an assignment does not want any more ends before texts are taken', async () => {
    await write(names.Ada, '<p>Grey sky.</p>');
    await write(names.Ben, '<p>Blue sky.</p>');
    await succeeded(rule());
    const { roundId } = await succeeded(make());
    await succeeded(as(house, 'teacher', dropPeerRule, { assignmentId }));
    await takePeerTexts({ roundId }, '', LATER);
    expect(await listPeerReadings(database, roundId)).toEqual([]);
    expect(await succeeded(by(names.Ada, seePeerReading, { assignmentId }))).toBeNull();
  });
});

describe('who comes late', () => {
  test('joins the smallest group once there is something to show, told before with whom', async () => {
    const { Ada, Ben, Cleo, Dov, Eve } = names;
    const roundId = await taken([Ada, Ben, Cleo, Dov]);
    expect(await by(Eve, joinPeerReading, { assignmentId }, LATER)).toMatchObject({
      code: 'peer.nothingToShow',
    });
    await write(Eve, '<p>Fog, at last.</p>');
    const { joins } = await standing(Eve);
    expect(joins).toHaveLength(2);
    await succeeded(by(Eve, joinPeerReading, { assignmentId }, LATER));
    const after = await standing(Eve);
    expect(after.toRead.map(({ of }) => of).sort()).toEqual([...(joins ?? [])].sort());
    expect([...after.goesTo].sort()).toEqual([...(joins ?? [])].sort());
    expect((await groupsOf(roundId)).map((group) => group.length).sort()).toEqual([2, 3]);
    // Once is enough.
    expect(await by(Eve, joinPeerReading, { assignmentId }, LATER)).toMatchObject({ code: 'peer.noGroup' });
  });
});

describe('reading', () => {
  let reading: string;
  let roundId: string;
  beforeEach(async () => {
    roundId = await taken([names.Ada, names.Ben]);
    reading = await readingOf(names.Ada, names.Ben, roundId);
  });
  const anchor = anchorOf('Grey sky, and rain.', { from: 0, to: 8 });
  const keep = (more: object = {}, who = names.Ada) =>
    by(who, keepPeerWords, { readingId: reading, name: '0', anchor: null, words: 'The jar.', ...more });
  const give = () => by(names.Ada, givePeerReading, { readingId: reading }, LATER);

  test('nothing is read before it is given; then answers and notes stand with the writer, by name', async () => {
    await succeeded(by(names.Ada, openPeerReading, { readingId: reading }));
    expect(await give()).toMatchObject({ code: 'peer.nothingSaid' });
    await succeeded(keep());
    await succeeded(keep({ name: newId(), words: 'I laughed here.', anchor }));
    expect((await standing(names.Ben)).said).toEqual([]);
    await succeeded(give());
    await succeeded(give());
    const [said] = (await standing(names.Ben)).said;
    expect(said).toMatchObject({
      ...{ by: 'Ada E.', useful: false },
      answers: [{ question: QUESTIONS[0], words: 'The jar.', quote: null }],
      notes: [{ words: 'I laughed here.', quote: 'Grey sky' }],
    });
    await succeeded(by(names.Ben, thankPeer, { readingId: reading, useful: true }));
    expect((await standing(names.Ben)).said[0]?.useful).toBe(true);
    expect((await standing(names.Ada)).toRead).toMatchObject([{ of: 'Ben E.', given: true }]);
  });

  test('without names nothing that the writer receives says who it was', async () => {
    await succeeded(rule({ named: false }));
    const { roundId: second } = await succeeded(make());
    await takePeerTexts({ roundId: second }, '', new Date(LATER.getTime() + 60_000));
    reading = await readingOf(names.Ada, names.Ben, second);
    await succeeded(keep());
    await succeeded(give());
    // What readers were told holds, whatever is set afterwards.
    await succeeded(rule({ named: true, questions: ['Something else?'] }));
    const seen = await standing(names.Ben);
    expect(seen.said).toMatchObject([{ by: null, answers: [{ question: QUESTIONS[0] }] }]);
    expect(JSON.stringify(seen.said)).not.toContain(names.Ada);
    expect(JSON.stringify(seen.said)).not.toContain('Ada');
  });

  test('what was said without a name in an earlier round stays, and stays without it', async () => {
    await succeeded(rule({ named: false }));
    const first = await succeeded(make());
    await takePeerTexts(first, '', new Date(LATER.getTime() + 60_000));
    reading = await readingOf(names.Ada, names.Ben, first.roundId);
    await succeeded(keep());
    await succeeded(give());
    await succeeded(rule({ named: true, questions: ['Something else?'] }));
    const before = { said: [{ by: null, answers: [{ question: QUESTIONS[0], words: 'The jar.' }] }] };
    const second = await succeeded(make());
    expect(await standing(names.Ben)).toMatchObject(before);
    await takePeerTexts(second, '', new Date(LATER.getTime() + 120_000));
    expect(await standing(names.Ben)).toMatchObject({ ...before, named: true });
    expect((await standing(names.Ada)).toRead).toHaveLength(1);
  });

  test('where it is not wanted any more nobody reads on, and what was given stays', async () => {
    await succeeded(keep());
    await succeeded(give());
    await succeeded(as(house, 'teacher', dropPeerRule, { assignmentId }));
    expect(await keep({ words: 'More.' })).toMatchObject({ code: 'peer.over' });
    expect((await standing(names.Ada)).toRead).toEqual([]);
    expect((await standing(names.Ben)).said).toHaveLength(1);
  });

  test('a teacher takes words back from the writer’s eyes, and what is typed there again stays away', async () => {
    await succeeded(keep());
    await succeeded(give());
    await succeeded(as(house, 'teacher', takeBackPeerWords, { readingId: reading, name: '0' }));
    expect((await standing(names.Ben)).said[0]?.answers).toEqual([]);
    await succeeded(keep({ words: 'The jar again.' }));
    await succeeded(keep({ words: '' }));
    expect((await standing(names.Ben)).said[0]?.answers).toEqual([]);
    expect(await listPeerWords(database, [reading])).toHaveLength(1);
    expect(await as(house, 'teacher', takeBackPeerWords, { readingId: reading, name: '2' })).toMatchObject({
      code: 'notThere',
    });
  });

  test('it ends when the writer hands in; what was given stays', async () => {
    await succeeded(keep());
    await succeeded(give());
    await database.change("UPDATE posts SET stage = 'handedIn' WHERE id = :id", {
      id: posts.get(names.Ben)!,
    });
    expect(await keep({ words: 'More.' })).toMatchObject({ code: 'peer.handedIn' });
    expect(await give()).toMatchObject({ code: 'peer.handedIn' });
    expect((await standing(names.Ben)).said).toHaveLength(1);
    expect((await standing(names.Ada)).toRead).toEqual([]);
  });

  test('nobody else says or takes back anything', async () => {
    for (const who of [names.Ben, names.Cleo, house.people.writer, house.people.reader])
      expect(await keep({}, who)).toMatchObject({ code: 'notThere' });
    for (const who of ['teacher', 'stranger', 'visitor', 'administrator'] as const)
      expect(
        await perform(
          keepPeerWords,
          { readingId: reading, name: '0', anchor: null, words: 'x' },
          {
            ...{ personId: personOf(house, who), now: NOW },
          },
        ),
      ).toMatchObject({ ok: false });
    expect(await by(names.Cleo, takeBackPeerWords, { readingId: reading, name: '0' })).toMatchObject({
      code: 'notThere',
    });
    expect(await by(names.Ada, thankPeer, { readingId: reading, useful: true })).toMatchObject({
      code: 'notThere',
    });
    expect(await keep({ name: '7' })).toMatchObject({ ok: false });
    expect(await keep({ words: 'x'.repeat(1001) })).toMatchObject({ ok: false });
  });

  test('who was taken out of the class reads nothing more, and is not read', async () => {
    const out = { classId: house.classId, personIds: [names.Ada] };
    await succeeded(as(house, 'teacher', removeStudents, out));
    expect(await keep()).toMatchObject({ code: 'notThere' });
    const other = await readingOf(names.Ben, names.Ada, roundId);
    expect(await keep({ readingId: other }, names.Ben)).toMatchObject({ code: 'peer.over' });
  });

  test('a later round ends the one before', async () => {
    await succeeded(keep());
    const { roundId: second } = await succeeded(make());
    await succeeded(keep({ words: 'Still before the texts are taken.' }));
    await takePeerTexts({ roundId: second }, '', new Date(LATER.getTime() + 60_000));
    expect(await keep()).toMatchObject({ code: 'peer.over' });
  });

  test('pictures of the text are there for its reader, and for nobody else of the class', async () => {
    const id = newId();
    const { classId } = house;
    const picture = { id, classId, uploadedBy: names.Ben, contentHash: '0'.repeat(64), at: NOW };
    await insertPicture(database, {
      ...{ ...picture, perceptualHash: '0'.repeat(16), width: 10, height: 10, purpose: 'picture' },
    });
    const { revisionId } = (await findPeerReading(database, reading))!;
    await database.change(
      'INSERT INTO revision_pictures (revision_id, picture_id) VALUES (:revisionId, :id)',
      { revisionId, id },
    );
    expect(await readsPictureAsPeer(database, id, names.Ada)).toBe(true);
    expect(await readsPictureAsPeer(database, id, names.Cleo)).toBe(false);
    // Where it is not wanted any more, or was taken anew, the pictures go with the text.
    await succeeded(as(house, 'teacher', dropPeerRule, { assignmentId }));
    expect(await readsPictureAsPeer(database, id, names.Ada)).toBe(false);
    await succeeded(rule());
    expect(await readsPictureAsPeer(database, id, names.Ada)).toBe(true);
    await database.change("UPDATE posts SET stage = 'handedIn' WHERE id = :id", {
      id: posts.get(names.Ben)!,
    });
    expect(await readsPictureAsPeer(database, id, names.Ada)).toBe(false);
  });

  test('a worry takes the text from its reader until it is decided', async () => {
    await succeeded(by(names.Ada, worryAboutPeerText, { readingId: reading, words: 'Something is wrong.' }));
    expect(await keep()).toMatchObject({ code: 'peer.over' });
    const [told] = await database.rows<{ readonly kind: string; readonly peers: number }>(
      "SELECT kind, JSON_VALUE(could_read, '$.peers') AS peers FROM cases",
    );
    expect({ ...told }).toMatchObject({ kind: 'peerText', peers: '1' });
    expect((await maybePeerText(reading, await deskOf(names.Ada)))?.html).toBe('');
  });

  test('the page holds that text alone, for its reader, and nothing once it was handed in', async () => {
    const text = async (personId: string) => maybePeerText(reading, await deskOf(personId));
    expect(await text(names.Ada)).toMatchObject({
      ...{ called: 'Ben', over: null, html: expect.stringContaining(names.Ben) as string },
      ...{ questions: QUESTIONS, place: { at: 1, of: 1 }, next: null },
    });
    for (const who of [names.Ben, names.Cleo, house.people.teacher]) expect(await text(who)).toBeNull();
    await database.change("UPDATE posts SET stage = 'handedIn' WHERE id = :id", {
      id: posts.get(names.Ben)!,
    });
    expect(await text(names.Ada)).toMatchObject({ over: 'handedIn', html: '', title: '' });
  });

  test('teachers see everything but where names are hidden', async () => {
    await succeeded(keep());
    const groups = async () => maybePeerGroups(assignmentId, await deskFor(house, 'teacher'));
    const member = (await groups())?.round?.groups.flat().find((one) => one.personId === names.Ada);
    expect(member?.reads).toMatchObject([{ of: 'Ben E.', given: false, said: [{ words: 'The jar.' }] }]);
    await database.change('UPDATE assignments SET hides_names = TRUE WHERE id = :assignmentId', {
      assignmentId,
    });
    expect((await groups())?.round).toBeNull();
    expect(await maybePeerGroups(assignmentId, await deskFor(house, 'writer'))).toBeNull();
  });

  test('sixty notes are enough', async () => {
    for (let at = 0; at < 60; at += 1) await succeeded(keep({ name: newId(), anchor }));
    expect(await keep({ name: newId(), anchor })).toMatchObject({ code: 'peer.tooMany' });
  });
});
