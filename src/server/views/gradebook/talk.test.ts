import { beforeEach, describe, expect, test } from 'vitest';
import { unzipSync } from 'fflate';
import {
  as,
  deskFor,
  EVERYBODY,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  whoSees,
  writeNote,
  writePost,
  writing,
  type Who,
} from '../../../../tests/server/house';
import { savePost } from '../../deeds/posts/savePost';
import { maybeArchive } from '../../deeds/archives/archivePerson';
import { applyRetention } from '../../deeds/chores/applyRetention';
import { keepOwnLine } from '../../deeds/gradebook/keepOwnLine';
import { giveBackGrade } from '../../deeds/reviews/giveBackGrade';
import { setGrade } from '../../deeds/reviews/setGrade';
import { database } from '../../ground/database/database';
import { findOwnLine } from '../../tables/ownLines';
import { updateRetention } from '../../tables/retention';
import { maybeStudentPosts } from '../set/viewStudent';
import { maybeChooseSheets, maybeTalk } from './viewTalk';

const house = freshHouse();
let assignmentId: string;
beforeEach(async () => {
  assignmentId = await setWork(house);
});
const talk = async (who: 'teacher' | 'coTeacher' = 'teacher', ids = [house.people.writer]) =>
  (await maybeTalk({ personIds: ids, term: null }, await deskFor(house, who)))!;
const sheet = async (who: 'teacher' | 'coTeacher' = 'teacher') => (await talk(who)).sheets[0]!;
const line = (words: string, was = '', who: Who = 'teacher', personId = house.people.writer) =>
  as(house, who, keepOwnLine, { classId: house.classId, personId, words, was });

describe('a sheet to talk about', () => {
  test('is for those who teach the class, of its students, in the order that is asked', async () => {
    const teaching = EVERYBODY.filter((who) => ['teacher', 'coTeacher', 'supplyTeacher'].includes(who));
    const personIds = [house.people.classmate, house.people.writer, house.people.reader, 'nobody'];
    expect(await whoSees(house, (desk) => maybeTalk({ personIds, term: null }, desk))).toEqual(teaching);
    expect(await whoSees(house, maybeChooseSheets)).toEqual(teaching);
    expect((await talk('teacher', personIds)).sheets.map(({ name }) => name)).toEqual(['Mate E.', 'Wren E.']);
  });

  test('never has a draft nor its title, not even that of a post that is written on', async () => {
    const postId = await writePost(house, assignmentId);
    const draft = { ...writing('<p>Grey again.</p>'), title: 'A secret title' };
    await succeeded(as(house, 'writer', savePost, { postId, version: 2, writing: draft }));
    expect(await sheet()).toMatchObject({
      underWay: 1,
      posts: [{ title: 'Three skies', day: null, words: [] }],
    });
    expect(JSON.stringify(await talk())).not.toContain('secret');
  });

  test('has what was handed in, the notes that were sent, and figures that were given back', async () => {
    const postId = await writePost(house, assignmentId);
    const handInId = await handInPost(house, postId);
    await succeeded(as(house, 'teacher', setGrade, { postId, handInId, grade: 1.25, reason: 'The map.' }));
    await writeNote(house, 'teacher', { postId, handInId, text: 'How lovely.' });
    expect(await sheet()).toMatchObject({ told: { overall: null } });
    await database.change('UPDATE notes SET sent_at = NULL', {});
    expect(await sheet()).toMatchObject({ notes: [] });
    await database.change('UPDATE notes SET sent_at = :now', { now: NOW });
    await succeeded(as(house, 'teacher', giveBackGrade, { postId, handInId, reason: '' }));
    const shown = await sheet();
    expect(shown).toMatchObject({ underWay: 0, notes: [{ text: 'How lovely.', by: 'Tess Example' }] });
    expect(shown.told.categories[0]?.figures).toMatchObject([{ figure: 1.25 }]);
    // Nobody else's name stands there.
    expect(JSON.stringify(shown)).not.toContain('Mate');
  });

  test('has nothing of what is judged without names, handed in or not', async () => {
    const hidden = await setWork(house, { hidesNames: true });
    const postId = await writePost(house, hidden);
    expect((await sheet()).posts).toEqual([]);
    await handInPost(house, postId);
    expect((await sheet()).posts).toEqual([]);
  });
});

describe('a teacher’s own line about a student', () => {
  const shown = async (who: 'teacher' | 'coTeacher') =>
    (await maybeStudentPosts(house.people.writer, await deskFor(house, who)))?.line.words;

  test('is read by nobody else in the house', async () => {
    await succeeded(line('Asks well when nobody looks.'));
    expect(await shown('teacher')).toBe('Asks well when nobody looks.');
    expect(await shown('coTeacher')).toBe('');
  });

  test('of two pages of one teacher the second is told, and an empty line goes', async () => {
    await succeeded(line('Asks well.'));
    expect(await line('Tells well.')).toMatchObject({ code: 'gradebook.lineOtherwise' });
    await succeeded(line('', 'Asks well.'));
    expect(await shown('teacher')).toBe('');
    expect(await line('No student.', '', 'teacher', house.people.reader)).toMatchObject({
      code: 'gradebook.nobody',
    });
  });

  test('goes along when the student’s data is asked for, and to no colleague', async () => {
    await succeeded(line('Asks well when nobody looks.'));
    const taken = async (who: Who) => {
      const archive = await maybeArchive(house.people.writer, {
        personId: house.people[who as 'teacher'],
        now: NOW,
      });
      const files = unzipSync(new Uint8Array(await new Response(archive?.content).arrayBuffer()));
      return new TextDecoder().decode(files['person.json']);
    };
    expect(await taken('writer')).toContain('Asks well');
    expect(await taken('administrator')).toContain('Asks well');
    expect(await taken('coTeacher')).not.toContain('Asks well');
  });

  test('goes after the time that the school keeps them', async () => {
    await succeeded(line('Asks well.'));
    await updateRetention(database, 'ownLines', 2);
    const of = { classId: house.classId, teacherId: house.people.teacher, personId: house.people.writer };
    await applyRetention(null, '', new Date('2027-01-10T12:00:00Z'));
    expect(await findOwnLine(database, of)).toBe('Asks well.');
    await applyRetention(null, '', new Date('2027-02-10T12:00:00Z'));
    expect(await findOwnLine(database, of)).toBe('');
  });
});
