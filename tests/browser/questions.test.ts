import { By } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { Person } from './person';

let teacher: Person;
let student: Person;

beforeAll(async () => {
  [teacher, student] = [await Person.arrive(), await Person.arrive()];
  await teacher.signInAsTeacher('marisol');
  await student.signInAsStudent('tomas');
});
afterAll(async () => {
  for (const person of [teacher, student]) await person.leave();
});

const DRAFT = 'Three skies';

test('a student asks about a passage of an own draft, which goes along alone', async () => {
  await student.goTo('/writing');
  await student.press(`Write on: ${DRAFT}`);
  await student.sees('Ask your teacher…');
  // The words that are marked in the text go along.
  await student.find(By.css('.ProseMirror p'));
  await student.driver.executeScript(
    `const text = document.querySelector('.ProseMirror p'); text.closest('.ProseMirror').focus();
     getSelection().selectAllChildren(text); document.dispatchEvent(new Event('selectionchange'));`,
  );
  await student.driver.sleep(400);
  await student.press('Ask your teacher…');
  await student.fill('Your question', 'Does a night sky count as one of the three?');
  await student.sees('This passage goes along, and nothing else of your draft:');
  expect(await student.barriers()).toEqual([]);
  await student.press('Ask', "//form[contains(@class, 'ask-form')]");
  await student.sees('Your question is on its way.');
  await student.sees('waits for an answer');
});

test('the teacher finds it on Today, and answers everybody without the name', async () => {
  await teacher.goTo('/today');
  await teacher.press('One question waits');
  await teacher.sees('Tomas B. asks');
  await teacher.sees('Only this passage');
  expect(await teacher.barriers()).toEqual([]);
  await teacher.fill('Your answer', 'Yes. A night sky is a sky.');
  await teacher.fill('The question as everybody reads it', 'Does a night sky count?');
  await teacher.press('Answer everybody');
  await teacher.sees('Nobody asks');
});

test('who asked is told once, and the answer is found while the same is typed', async () => {
  await student.goTo('/today');
  await student.press('is answered');
  await student.sees('Yes. A night sky is a sky.');
  await student.press('Ask your teacher…');
  await student.fill('Your question', 'would a night sky count?');
  await student.sees('Was that asked before?');
  await student.press('Leave it', "//form[contains(@class, 'ask-form')]");
  await student.goTo('/today');
  expect(await student.shows('is answered')).toBe(false);
});

test('what two ask alike is answered in class for both', async () => {
  const ask = async (words: string) => {
    await student.goTo('/writing');
    await student.press(`Write on: ${DRAFT}`);
    await student.press('Ask your teacher…');
    await student.fill('Your question', words);
    await student.press('Ask', "//form[contains(@class, 'ask-form')]");
    await student.sees('Your question is on its way.');
  };
  await ask('When exactly is it due on Thursday?');
  await ask('On Thursday, when is it due exactly?');
  await teacher.goTo('/questions');
  await teacher.sees('Two ask');
  await teacher.press('Say it aloud instead');
  await teacher.sees('One more question sounds the same.');
  await teacher.press('These 2 are answered in class');
  await teacher.sees('Nobody asks');
});
