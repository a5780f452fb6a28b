import { unzipSync } from 'fflate';
import { beforeEach, describe, expect, test } from 'vitest';
import {
  as,
  deskFor,
  EVERYBODY,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writePost,
  type Who,
} from '../../../../tests/server/house';
import { maybeAssignmentToRead } from '../../views/assignments/viewAssignment';
import { countQuestions, listAnsweredLately, maybeQuestions } from '../../views/questions/viewQuestions';
import { database } from '../../ground/database/database';
import { maybeArchive } from '../archives/archivePerson';
import { answerAloud } from './answerAloud';
import { answerQuestion } from './answerQuestion';
import { askQuestion } from './askQuestion';
import { dropAnswer } from './dropAnswer';
import { seeAnswers } from './seeAnswers';
import { takeBackQuestion } from './takeBackQuestion';

const house = freshHouse();
let assignmentId: string;
beforeEach(async () => {
  assignmentId = await setWork(house);
});
const ask = (words: string, who: Who = 'writer', passage: { postId: string; text: string } | null = null) =>
  as(house, who, askQuestion, { assignmentId, words, passage });
const asked = async (words: string, who: Who = 'writer') => (await succeeded(ask(words, who))).questionId;
const answer = (questionId: string, toAll: string | null = null, who: Who = 'teacher') =>
  as(house, who, answerQuestion, { assignmentId, questionId, answer: 'Yes to both.', toAll });
const waiting = async (who: 'teacher' | 'coTeacher' = 'teacher') =>
  (await maybeQuestions([await deskFor(house, who)]))!;
const known = async (who: 'writer' | 'classmate' = 'writer') =>
  (await maybeAssignmentToRead(assignmentId, await deskFor(house, who)))!.questions!;

describe('a question', () => {
  test('is private to who asked and the teachers, and answered to them alone', async () => {
    const questionId = await asked('May I draw it?');
    expect(await waiting('coTeacher')).toMatchObject({
      questions: [{ id: questionId, name: 'Wren E.', words: 'May I draw it?', passage: null }],
    });
    expect(await known('classmate')).toMatchObject({ answers: [], own: [] });
    await succeeded(answer(questionId));
    expect(await known()).toMatchObject({
      unseen: true,
      own: [{ state: 'alone', answer: 'Yes to both.', by: 'Tess Example' }],
    });
    expect(await known('classmate')).toMatchObject({ answers: [], own: [] });
    expect((await waiting()).questions).toEqual([]);
  });

  test('is answered to everybody in the words of the teacher, without the name and the passage', async () => {
    const postId = await writePost(house, assignmentId);
    const passage = { postId, text: 'Over the slipway there was no cloud.' };
    const { questionId } = await succeeded(ask('Does mine count?', 'writer', passage));
    await succeeded(answer(questionId, 'Does a night sky count?'));
    const told = await known('classmate');
    expect(told.answers).toMatchObject([{ words: 'Does a night sky count?', answer: 'Yes to both.' }]);
    for (const secret of ['slipway', 'mine', 'Wren', house.people.writer])
      expect(JSON.stringify(told)).not.toContain(secret);
    expect(await known()).toMatchObject({ own: [{ state: 'all', answer: null }] });
    await succeeded(as(house, 'teacher', dropAnswer, { assignmentId, answerId: told.answers[0]!.id }));
    expect((await known('classmate')).answers).toEqual([]);
  });

  test('carries a passage of the own draft and nothing else of it', async () => {
    const postId = await writePost(house, assignmentId);
    await succeeded(ask('Is this all right?', 'writer', { postId, text: 'Three words here.' }));
    const shown = await waiting();
    expect(shown.questions).toMatchObject([{ passage: 'Three words here.' }]);
    expect(JSON.stringify(shown)).not.toContain(postId);
    expect(await ask('And this?', 'classmate', { postId, text: 'Of somebody else.' })).toMatchObject({
      code: 'question.notYours',
    });
  });

  test('of an assignment that is judged without names has the number of the draft in the place of one', async () => {
    assignmentId = await setWork(house, { hidesNames: true });
    await asked('Which way?');
    expect((await waiting()).questions).toMatchObject([{ name: null }]);
    await handInPost(house, await writePost(house, assignmentId));
    const shown = await waiting();
    expect(shown.questions[0]?.name).toMatch(/№/);
    expect(JSON.stringify(shown)).not.toContain('Wren');
    // The log names nobody who asked either.
    expect(await database.rows("SELECT 1 FROM audit_log WHERE use_case = 'askQuestion'", {})).toEqual([]);
  });

  test('answered in class it is closed for all who asked the same', async () => {
    const first = await asked('When is it due exactly?');
    const same = await asked('when exactly is it due', 'classmate');
    const other = await asked('May I draw the cloud?', 'classmate');
    const { questions } = await waiting();
    expect(questions.find(({ id }) => id === first)?.alike).toEqual([same]);
    const closed = { assignmentId, questionIds: [first, same] };
    expect(await succeeded(as(house, 'teacher', answerAloud, closed))).toEqual({ closed: 2 });
    expect(await succeeded(as(house, 'teacher', answerAloud, closed))).toEqual({ closed: 0 });
    expect((await waiting()).questions.map(({ id }) => id)).toEqual([other]);
    expect(await known()).toMatchObject({ own: [{ state: 'aloud' }] });
  });

  test('the second of two teachers is told who answered first', async () => {
    const questionId = await asked('Which way?');
    await succeeded(answer(questionId, null, 'coTeacher'));
    expect(await answer(questionId)).toMatchObject({
      code: 'question.answered',
      values: { by: 'Cory Example' },
    });
    expect(await known()).toMatchObject({ own: [{ by: 'Cory Example' }] });
  });

  test('asked twice it is asked once, and taken back it is gone while it is open', async () => {
    const questionId = await asked('Which way?');
    expect(await asked(' Which way? ')).toBe(questionId);
    const back = { assignmentId, questionId };
    expect(await as(house, 'classmate', takeBackQuestion, back)).toMatchObject({ code: 'question.notOpen' });
    await succeeded(as(house, 'writer', takeBackQuestion, back));
    expect(await answer(questionId)).toMatchObject({ code: 'question.notOpen' });
    const next = await asked('That way?');
    await succeeded(answer(next));
    expect(await as(house, 'writer', takeBackQuestion, { assignmentId, questionId: next })).toMatchObject({
      code: 'question.notOpen',
    });
    expect(await ask('   ')).toMatchObject({ code: 'question.noWords' });
  });

  test('so many wait at once for one student and no more', async () => {
    for (let each = 0; each < 10; each += 1) await asked(`Question ${each}?`);
    expect(await ask('One more?')).toMatchObject({ code: 'question.tooMany' });
    await asked('Mine?', 'classmate');
  });

  test('that it is answered is told once', async () => {
    await succeeded(answer(await asked('Which way?')));
    expect(await listAnsweredLately(house.people.writer)).toEqual({ [assignmentId]: 1 });
    await succeeded(as(house, 'writer', seeAnswers, { assignmentId }));
    expect(await listAnsweredLately(house.people.writer)).toEqual({});
    expect(await known()).toMatchObject({ unseen: false });
  });

  test('goes along when the data of who asked is asked for', async () => {
    await succeeded(answer(await asked('May I draw it?')));
    const archive = await maybeArchive(house.people.writer, { personId: house.people.writer, now: NOW });
    const files = unzipSync(new Uint8Array(await new Response(archive?.content).arrayBuffer()));
    const person = new TextDecoder().decode(files['person.json']);
    expect(person).toContain('May I draw it?');
    expect(person).toContain('Yes to both.');
  });

  test('waits for those who teach the class alone, and of nobody who left', async () => {
    await asked('Which way?');
    for (const who of EVERYBODY.filter((one) => one !== 'visitor')) {
      const desks = await deskFor(house, who).then(
        (desk) => [desk],
        () => [],
      );
      const teaches = ['teacher', 'coTeacher', 'supplyTeacher'].includes(who);
      expect([who, await countQuestions(desks)]).toEqual([who, teaches ? 1 : 0]);
    }
    await database.change("UPDATE memberships SET left_at = '2026-11-17' WHERE person_id = :id", {
      id: house.people.writer,
    });
    expect(await countQuestions([await deskFor(house, 'teacher')])).toBe(0);
  });
});
