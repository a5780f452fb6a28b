import { beforeEach, expect, test } from 'vitest';
import { atOnce, codesOf, MANY, ofThem } from '../../../../tests/server/atOnce';
import { as, freshHouse, setWork, succeeded } from '../../../../tests/server/house';
import { database } from '../../ground/database/database';
import { answerAloud } from './answerAloud';
import { answerQuestion } from './answerQuestion';
import { askQuestion } from './askQuestion';
import { takeBackQuestion } from './takeBackQuestion';

const house = freshHouse({ atOnce: true });
let assignmentId: string;
beforeEach(async () => {
  assignmentId = await setWork(house);
});
const ask = (words: string) => as(house, 'writer', askQuestion, { assignmentId, words, passage: null });
const count = async (table: string) => (await database.rows(`SELECT 1 FROM ${table}`, {})).length;
const either = (index: number) => (index % 2 === 0 ? ('teacher' as const) : ('coTeacher' as const));

test('pressed four hundred times at once a question is asked once, and no more than ten wait', async () => {
  expect(ofThem(await atOnce(() => ask('Which way?')))).toBe(MANY);
  expect(await count('questions')).toBe(1);
  const asked = await atOnce((index) => ask(`Which way, for the time ${index}?`));
  expect(ofThem(asked)).toBe(9);
  expect(codesOf(asked)).toEqual(new Set(['question.tooMany']));
});

test('of four hundred answers at once one goes to everybody, and the others are told whose', async () => {
  const { questionId } = await succeeded(ask('Which way?'));
  const answered = await atOnce((index) =>
    as(house, either(index), answerQuestion, {
      ...{ assignmentId, questionId, answer: `That way, ${index}.`, toAll: 'Which way?' },
    }),
  );
  expect(ofThem(answered)).toBe(1);
  expect(codesOf(answered)).toEqual(new Set(['question.answered']));
  expect(await count('assignment_answers')).toBe(1);
});

test('taken back, answered and said aloud at once, one of it holds', async () => {
  const { questionId } = await succeeded(ask('Which way?'));
  const outcomes = await atOnce((index) => {
    if (index % 3 === 0) return as(house, 'writer', takeBackQuestion, { assignmentId, questionId });
    if (index % 3 === 1)
      return as(house, 'teacher', answerAloud, { assignmentId, questionIds: [questionId] });
    return as(house, 'coTeacher', answerQuestion, { assignmentId, questionId, answer: 'That.', toAll: null });
  });
  const one = outcomes.filter(
    (outcome) => outcome.ok && (outcome.value === null || (outcome.value as { closed: number }).closed === 1),
  );
  expect(one).toHaveLength(1);
});
