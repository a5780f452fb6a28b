import { beforeEach, describe, expect, test } from 'vitest';
import { atOnce, codesOf, MANY, ofThem } from '../../../tests/server/atOnce';
import {
  acceptedPost,
  as,
  freshHouse,
  handInPost,
  NOW,
  personOf,
  setWork,
  succeeded,
  writeNote,
  writePost,
} from '../../../tests/server/house';
import { readerOf } from '../ground/access/reader';
import { database } from '../ground/database/database';
import { updateDuty } from '../tables/schoolDuties';
import { excuseStudents } from './assignments/excuseStudents';
import { giveMoreTime } from './assignments/giveMoreTime';
import { dropNote } from './notes/dropNote';
import { settleNote } from './notes/settleNote';
import { decide } from './reviews/decide';
import { overruleRequirement } from './reviews/overruleRequirement';
import { undoDecision } from './reviews/undoDecision';
import { answerTeller } from './worries/answerTeller';
import { decideWords } from './worries/decideWords';
import { keepAnswer } from './worries/keepAnswer';
import { putWordsBack } from './worries/putWordsBack';
import { tellWorry } from './worries/tellWorry';
import { writeStep } from './worries/writeStep';

const house = freshHouse({ atOnce: true });
const rows = async (sql: string) => (await database.rows(sql)).length;

describe('pressed four hundred times at once, of a worry', () => {
  let caseId: string;
  let postId: string;
  beforeEach(async () => {
    ({ postId } = await acceptedPost(house));
    await updateDuty(database, 'safetyPerson', house.people.coTeacher);
    await tellWorry(
      { blog: 'wind', post: '2-skies', words: 'This is not like her.' },
      {
        reader: readerOf(personOf(house, 'classmate')),
        address: '192.0.2.7',
        now: NOW,
        wait: () => Promise.resolve(),
      },
    );
    const [row] = await database.rows<{ readonly id: string }>('SELECT id FROM cases');
    caseId = row?.id ?? '';
  });
  const events = (kind: string) => rows(`SELECT id FROM case_events WHERE what = '${kind}'`);

  test('the words are decided about once, whatever was pressed last', async () => {
    const all = await atOnce(() => as(house, 'coTeacher', decideWords, { caseId, decision: 'away' }));
    expect(ofThem(all)).toBe(MANY);
    expect(await events('wordsAway')).toBe(1);
    expect(await rows('SELECT case_id FROM words_away WHERE decided')).toBe(1);
  });

  test('a step is written down once', async () => {
    const all = await atOnce(() => as(house, 'coTeacher', writeStep, { caseId, words: 'Spoke to her.' }));
    expect(ofThem(all)).toBe(MANY);
    expect(await events('step')).toBe(1);
  });

  test('one answer is sent, and no other beside it', async () => {
    const all = await atOnce((index) =>
      index % 2
        ? as(house, 'coTeacher', keepAnswer, { caseId, typed: `Thank you ${index}` })
        : as(house, 'coTeacher', answerTeller, { caseId, answer: `Thank you ${index % 4}` }),
    );
    expect(codesOf(all)).toEqual(new Set(['worry.answered']));
    expect(await events('answered')).toBe(1);
  });

  test('a teacher puts the words back once', async () => {
    const all = await atOnce(() => as(house, 'teacher', putWordsBack, { postId, commentId: null }));
    expect(ofThem(all)).toBe(MANY);
    expect(await events('teacherPutBack')).toBe(1);
    expect(await rows('SELECT case_id FROM words_away')).toBe(0);
  });
});

describe('pressed four hundred times at once, of a hand-in', () => {
  let assignmentId: string;
  let named: { readonly postId: string; readonly handInId: string };
  beforeEach(async () => {
    assignmentId = await setWork(house);
    const postId = await writePost(house, assignmentId);
    named = { postId, handInId: await handInPost(house, postId) };
  });

  test('a decision is undone once', async () => {
    await succeeded(as(house, 'teacher', decide, { ...named, decision: 'sendBack' }));
    const all = await atOnce(() => as(house, 'teacher', undoDecision, { postId: named.postId }));
    expect(ofThem(all)).toBeGreaterThan(0);
    expect(await rows('SELECT post_id FROM pending_decisions')).toBe(0);
  });

  test('something counts otherwise in one way', async () => {
    const all = await atOnce((index) =>
      as(house, index % 2 ? 'teacher' : 'coTeacher', overruleRequirement, {
        ...named,
        requirementId: 'words',
        met: index % 2 === 1,
        reason: 'I counted.',
      }),
    );
    expect(codesOf(all)).toEqual(new Set());
    expect(await rows('SELECT post_id FROM requirement_judgements')).toBe(2);
  });

  test('a note is settled, and taken away once', async () => {
    const noteId = await writeNote(house, 'teacher', { ...named, text: 'Which way?' });
    const { postId } = named;
    const settled = await atOnce((index) =>
      as(house, 'coTeacher', settleNote, { postId, noteId, settled: index % 2 === 0 }),
    );
    expect(codesOf(settled)).toEqual(new Set());
    const dropped = await atOnce(() => as(house, 'teacher', dropNote, { postId, noteId }));
    expect(ofThem(dropped)).toBeGreaterThan(0);
    expect(await rows('SELECT id FROM notes')).toBe(0);
  });

  test('a student is given time, and excused, in one row', async () => {
    const personIds = [house.people.classmate];
    const all = await atOnce((index) =>
      index % 2
        ? as(house, 'teacher', giveMoreTime, { assignmentId, personIds, due: '2026-11-24T16:00' })
        : as(house, 'coTeacher', excuseStudents, { assignmentId, personIds, excused: true }),
    );
    for (const code of codesOf(all)) expect(code).toMatch(/^assignment\./);
    expect(await rows('SELECT person_id FROM adjustments')).toBe(1);
  });
});
