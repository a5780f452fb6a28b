import { By, Key, until } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { Person } from './person';

let teacher: Person;
let other: Person;
let writer: Person;

beforeAll(async () => {
  [teacher, other, writer] = [await Person.arrive(), await Person.arrive(), await Person.arrive()];
  await teacher.signInAsTeacher('marisol');
  await teacher.goTo('/pile');
  await teacher.press('Rafi K.', "//nav[@aria-label='Reading pile']");
  await teacher.sees('My grandmother says');
});
afterAll(async () => {
  for (const person of [teacher, other, writer]) await person.leave();
});

/** The text that is read, with the focus on it. */
async function toText(): Promise<void> {
  await teacher.driver.executeScript("document.querySelector('.pin-here').focus()");
}
const keys = (...all: string[]) =>
  teacher.driver
    .actions()
    .sendKeys(...all)
    .perform();
const marked = (who: Person) =>
  who.driver.executeScript<readonly string[]>(
    "return [...document.querySelectorAll('.sheet-text [data-note]')].map((mark) => mark.textContent)",
  );
const NOTE = 'Which way did the smoke go?';

test('a passage is chosen by keys alone, and what is typed beside it is kept as it is typed', async () => {
  await toText();
  await keys(Key.ARROW_DOWN, Key.ARROW_RIGHT, Key.ENTER);
  await teacher.field('A new note');
  await keys(NOTE);
  await teacher.sees('Kept. Only you see it until you send it.');
  await teacher.sees('One note isn’t sent yet.');
  expect(await marked(teacher)).toEqual([
    'I looked at three Mondays, which I know is not enough, but it is what I had.',
  ]);
  expect(await teacher.barriers()).toEqual([]);
  await teacher.driver.navigate().refresh();
  expect(await (await teacher.field('A new note')).getAttribute('value')).toBe(NOTE);
});

test('keys lead from part to part, and from note to note', async () => {
  const at = () => teacher.driver.switchTo().activeElement();
  await toText();
  await keys(Key.F6);
  expect(await (await at()).getTagName()).toBe('textarea');
  await keys(Key.F6);
  expect(await (await at()).getText()).toContain('What it needed');
  await keys(Key.F6);
  expect(await (await at()).getText()).toBe('Send back');
  await keys(Key.F6);
  expect(await (await at()).getAttribute('class')).toContain('pin-here');
  await teacher.driver.actions().keyDown(Key.ALT).sendKeys(Key.ARROW_DOWN).keyUp(Key.ALT).perform();
  expect(await (await at()).getTagName()).toBe('textarea');
});

test('what is typed while the line is cut is on the device, also when the page is closed, and goes when it is back', async () => {
  await teacher.isOffline(true);
  await teacher.put('A new note', `${NOTE} And the streaks?`);
  await teacher.sees('Your words are on this device');
  // Closed before the line is back.
  await teacher.driver.get('data:text/html,closed');
  await teacher.isOffline(false);
  await teacher.driver.navigate().back();
  await teacher.driver.wait(
    async () =>
      (await (await teacher.field('A new note')).getAttribute('value')) === `${NOTE} And the streaks?`,
    20_000,
  );
  await teacher.sees('Kept. Only you see it until you send it.');
});

test('what reached the server although its answer did not is no other version to who types on', async () => {
  // As if the page had been closed between the words' arrival and the answer: they stay on the device.
  await teacher.driver.executeScript(`
    const send = window.fetch;
    window.fetch = async (address, options) => {
      const answer = await send(address, options);
      if (String(address).endsWith('/keepNote')) throw new TypeError('Failed to fetch');
      return answer;
    };`);
  await teacher.put('A new note', `${NOTE} Or the smell?`);
  await teacher.sees('Your words are on this device');
  await teacher.driver.navigate().refresh();
  await teacher.driver.wait(
    async () => (await (await teacher.field('A new note')).getAttribute('value')) === `${NOTE} Or the smell?`,
    20_000,
  );
  // At once, before what was left is told to the server again.
  await teacher.put('A new note', `${NOTE} Or the sound?`);
  await teacher.sees('Kept. Only you see it until you send it.');
});

test('other words are suggested for a passage; far too many are told so, and nothing is lost', async () => {
  await teacher.press('Suggest other words');
  await teacher.fill('Other words for this passage', 'I looked at three Mondays. It is what I had.');
  await teacher.sees('Rafi K. can take them over with one press.');
  await teacher.put('A new note', 'a'.repeat(20_000));
  await teacher.sees('this one has 20,000');
  await teacher.press('Send back');
  await teacher.sees('Not all notes are kept yet');
  await teacher.put('A new note', NOTE);
  await teacher.sees('Kept. Only you see it until you send it.');
});

test('another teacher sees a note once it was sent, and the writer beside the passage', async () => {
  await other.signInAsTeacher('idris');
  await other.goTo(new URL(await teacher.driver.getCurrentUrl()).pathname);
  await other.sees('My grandmother says');
  expect(await other.shows(NOTE)).toBe(false);
  await teacher.press('Send notes now');
  await teacher.sees('You, ');
  await teacher.driver.wait(async () => !(await teacher.shows('One note isn’t sent yet.')), 20_000);
  await other.driver.navigate().refresh();
  await other.sees(NOTE);
  await teacher.press('Send back');
  await teacher.sees('It is with its writer again');
  await writer.signInAsStudent('rafi');
  await writer.press('Write on: Three skies');
  await writer.sees(NOTE);
  await writer.find(By.css('.ProseMirror .noted'));
  expect((await marked(writer)).join('')).toContain('I looked at three Mondays');
  expect(await writer.barriers()).toEqual([]);
});

test('the writer takes the words over with one press, can undo it, and answers', async () => {
  await writer.press('Take these words over');
  const text = await writer.field('Your text');
  await writer.driver.wait(until.elementTextContains(text, 'three Mondays. It is what I had.'), 20_000);
  await writer.sees('You: done,');
  await writer.press('Undo', "//*[@role='toolbar']");
  await writer.driver.wait(until.elementTextContains(text, 'which I know is not enough'), 20_000);
  await writer.press('Redo', "//*[@role='toolbar']");
  await writer.driver.wait(until.elementTextContains(text, 'three Mondays. It is what I had.'), 20_000);
  await writer.press('Answer');
  await writer.fill('Your answer', 'To the harbour!');
  await writer.press('Send the answer');
  await writer.sees('To the harbour!');
  await writer.isSaved();
  await writer.press('Hand in', "//section[@aria-label='The gate']");
  await writer.press('Hand it in', "//section[@aria-label='The gate']");
  await writer.sees('2nd hand-in');
});

test('in the next hand-in the teacher sees what was said, what became of the passage, and what changed', async () => {
  await teacher.driver.navigate().refresh();
  await teacher.sees('What changed');
  await teacher.sees('To the harbour!');
  // The words were taken over, so the note stands at them.
  await teacher.driver.wait(async () => (await marked(teacher)).length > 0, 20_000);
  expect((await marked(teacher)).join('')).toBe('I looked at three Mondays. It is what I had.');
  await teacher.find(By.css('.marked-text del'));
  await teacher.find(By.css('.changed-beside button'));
  expect(await teacher.barriers()).toEqual([]);
  await teacher.press('As readers see it');
  expect(await marked(teacher)).toEqual([]);
  await teacher.press('One note');
  await teacher.press('It is settled');
  await teacher.sees('Settled.');
});
