import { By, Key, until } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { ASSIGNMENTS } from '../../demo/assignments';
import { OTHER_STUDENTS } from '../../demo/people';
import { addressesOf } from '../../src/contract/addresses';
import { classIdOf, Person, SMALL_CLASS_CODE } from './person';

let teacher: Person;
let student: Person;

beforeAll(async () => {
  [teacher, student] = [await Person.arrive(), await Person.arrive()];
});
afterAll(async () => {
  await teacher.leave();
  await student.leave();
});

const RAILING = '//footer';
const MENU = "//*[@role='menu']";

/** An assignment of this walk's own, so that no other finds the demo's changed; the address of its builder. */
async function ownAssignment(): Promise<string> {
  const classId = await classIdOf(SMALL_CLASS_CODE);
  const { assignmentId } = await teacher.ask<{ assignmentId: string }>('makeAssignment', { classId });
  const in30Days = new Date(Date.now() + 30 * 86_400_000).toISOString().slice(0, 10);
  const { fields } = ASSIGNMENTS.find((one) => one.key === 'storm')!;
  // The smaller class is closed to everybody outside.
  const own = {
    ...fields,
    audience: 'ourClass' as const,
    number: 9,
    title: 'Storm night',
    due: `${in30Days}T16:00`,
  };
  await teacher.ask('changeAssignment', { assignmentId, version: 1, fields: own });
  return addressesOf(classId).assignment(assignmentId);
}

/** The smaller class has a student whom no other walk needs. */
async function signInPim(): Promise<void> {
  await student.goTo('/sign-in');
  await student.fill('Class code', SMALL_CLASS_CODE + Key.ENTER);
  await student.press('Pim');
  for (const word of OTHER_STUDENTS[0]!.passcode.split(' ')) await student.press(word, '//ul');
  await student.driver.wait(until.urlContains('/today'), 20_000);
}

/** Types at the cursor, wherever it is. */
const type = (...keys: string[]) =>
  student.driver
    .actions()
    .sendKeys(...keys)
    .perform();

/** The same, once the tray that led there has given the text the focus. */
async function write(...keys: string[]): Promise<void> {
  await student.driver.wait(
    () => student.driver.executeScript("return document.activeElement?.closest('.ProseMirror') !== null"),
    20_000,
    'the text has not got the focus',
  );
  await type(...keys);
}

/** What a bay says, by the beginning of its name. */
async function bay(name: string): Promise<string> {
  const found = await student.find(
    By.xpath(`//footer//button[contains(@class,'bay')][b[starts-with(., '${name}')]]`),
  );
  return (await found.getAttribute('textContent')) ?? '';
}

async function bayComesToSay(name: string, words: string): Promise<void> {
  let said = '';
  const says = async () => (said = await bay(name)).includes(words);
  await student.driver.wait(says, 20_000).catch(async (cause: unknown) => {
    const text = await (await student.field('Your text')).getText();
    throw new Error(`${said}: not ${words}, in: ${text}`, { cause });
  });
}

test('a teacher adds requirements of many kinds as sentences, in their own words', async () => {
  await teacher.signInAsTeacher('idris');
  await teacher.goTo('/classes');
  await teacher.press('The Moss Garden');
  await teacher.driver.wait(until.urlContains('/today'), 20_000);
  await teacher.goTo(await ownAssignment());
  // The railing is drawn in the browser: from then on buttons answer.
  await teacher.find(By.css('.railing .bay'));
  for (const kind of ['Parts', 'Spelling', 'Teaser', 'Table', 'Sentence starters', 'Entries']) {
    await teacher.press(kind, "//*[@aria-label='Add a bay']");
    await teacher.find(By.xpath(`//li[@aria-label='${kind}']`));
  }
  await teacher.openRequirement('Parts');
  await teacher.fill('Headings, one to a line', 'The storm 6\nAfterwards');
  await teacher.openRequirement('Spelling');
  // At rest a sentence says what is asked and nothing else; the comma before "in this order" is drawn.
  await teacher.sees('Parts headed The storm (6 words), Afterwards in this order');
  expect(await teacher.shows('One to a line. A number')).toBe(false);
  await teacher.fill('What Spelling is called, in your own words', 'Spelt right');
  // One label of each group: an empty one waits for a further group.
  await teacher.openRequirement('Labels');
  const first = await teacher.field('Labels of which one must be there, with commas between');
  expect(await first.getAttribute('value')).not.toBe('');
  const further = 'Labels of which one must be there, with commas between, group 2';
  await teacher.fill(further, 'night, day');
  await teacher.field(`${further.slice(0, -1)}3`);
  await teacher.openRequirement('Entries');
  await teacher.press('Remove Entries');
  await teacher.press('Add a starter');
  await (await teacher.field('Starter 1')).sendKeys('What I remember is …', Key.ENTER);
  // Going back in an empty line takes it away.
  await (await teacher.field('Starter 2')).sendKeys('Nobody …', Key.ENTER, Key.BACK_SPACE);
  await (
    await teacher.field('Starter 2')
  ).sendKeys(Key.chord(Key.CONTROL, 'a'), Key.BACK_SPACE, Key.BACK_SPACE);
  await teacher.driver.wait(
    async () => (await teacher.driver.findElements(By.css('.starter-line'))).length === 1,
    10_000,
  );
  // The order is changed by keys alone.
  const order = () =>
    teacher.driver.executeScript<readonly string[]>(
      "return [...document.querySelectorAll('li.sentence')].map((row) => row.getAttribute('aria-label'))",
    );
  const [highest, second] = await order();
  const grip = await teacher.find(By.xpath(`//button[@aria-label='Move ${highest}']`));
  await grip.sendKeys(Key.SPACE);
  await teacher.driver.sleep(300);
  await grip.sendKeys(Key.ARROW_DOWN);
  await teacher.driver.sleep(300);
  await grip.sendKeys(Key.SPACE);
  await teacher.driver.wait(async () => (await order())[0] === second, 10_000);
  // What it is tried on shows how it judges.
  await teacher.press('a full one');
  await teacher.driver.wait(async () => !(await teacher.shows('0 of 17 points')), 10_000);
  await teacher.press('your own text');
  await teacher.fill('your own text', 'Only these six words stand here.');
  await teacher.sees('6 of 250 to 450');
  await teacher.press('an empty page');
  await teacher.press('Set it');
  await teacher.sees('is set: 6A sees it');
  await teacher.driver.navigate().refresh();
  await teacher.openRequirement('Labels');
  expect(await (await teacher.field(further)).getAttribute('value')).toBe('night, day');
  await teacher.fill(further, '');
  await teacher.sees('Saved.');
  await teacher.openRequirement('Parts');
  const headings = await teacher.field('Headings, one to a line');
  expect(await headings.getAttribute('value')).toBe('The storm 6\nAfterwards');
});

test('a student sees in every bay what is missing, and each tray helps', async () => {
  await signInPim();
  await student.press('Storm night');
  await student.sees('Then tell it so that a reader');
  // What is asked for is read as the teacher's own sentences.
  await student.sees('Parts headed The storm (6 words), Afterwards');
  await student.press('Begin');
  await student.sees('Storm night, assignment 9');
  await student.find(By.css('.ProseMirror'));
  // The gate says what to do about each thing that is missing, and leads to it.
  await student.press('Hand in', "//section[@aria-label='The gate']");
  await student.sees('You would be 30 days early.');
  await student.sees('“The storm” isn’t there yet');
  await student.sees('Parts, 0 of 2');
  await student.press('Begin it', "//*[@role='dialog']");
  await student.press('Put the heading in', "//li[contains(., 'The storm')]");
  await write('the harbour wall brok that night', Key.ENTER);
  await bayComesToSay('Parts', '“Afterwards” is missing');
  await bayComesToSay('Spelt right', 'one word is not known');
  await student.press('Spelt right', RAILING);
  await student.press('Go there', "//li[contains(., 'brok')]");
  await write('broke');
  await bayComesToSay('Spelt right', 'every word is known');
  await student.press('Parts', RAILING);
  await student.press('Put the heading in', "//li[contains(., 'Afterwards')]");
  // The empty line that the cursor stood on has made room for it.
  await student.find(By.xpath("//h2[.='Afterwards']/preceding-sibling::*[1][contains(., 'broke')]"));
  await student.press('Sentence starters', RAILING);
  await student.press('What I remember is', "//*[@role='dialog']");
  await bayComesToSay('Sentence starters', 'one is not finished');
  await write('the cold.');
  await bayComesToSay('Sentence starters', 'one used');
  await bayComesToSay('Parts', 'all 2 are there');
});

test('what is less common is under More, with tables that are filled by keyboard', async () => {
  await student.press('More');
  await student.press('Table', MENU);
  await write(
    'Year',
    Key.TAB,
    'Height',
    Key.TAB,
    '1961',
    Key.TAB,
    '4 m',
    Key.TAB,
    Key.TAB,
    Key.TAB,
    'one more row',
  );
  // Up and down stay in their column, and lead out of the table.
  await write(Key.ARROW_UP, '1987', Key.ARROW_DOWN, Key.ARROW_DOWN, 'Under the table.');
  await bayComesToSay('Table', 'as it should be');
  const rows = await student.driver.executeScript<readonly string[]>(
    "return [...document.querySelectorAll('.ProseMirror tr')].map((row) => row.innerText.replace(/\\s+/g, ' ').trim())",
  );
  expect(rows).toEqual(['Year Height', '1961 4 m', '1987', 'one more row']);
  await student.find(By.xpath("//table/following-sibling::p[.='Under the table.']"));
  expect(await student.complaints()).toEqual([]);
});

test('a quotation gets its source, the teaser its length, and the writer confirms', async () => {
  await student.driver.executeScript("document.querySelector('.ProseMirror').focus()");
  await write(Key.chord(Key.CONTROL, Key.END));
  await write('It came up the stairs.');
  await student.press('Quotation', "//*[contains(@class,'tools')]");
  await bayComesToSay('Quotations', 'say where it is from');
  await student.press('Quotations', RAILING);
  await student.press('Go there');
  await write('Grandfather, in the kitchen');
  await bayComesToSay('Quotations', 'as it should be');
  await student.press('Teaser', RAILING);
  await student.fill('Teaser', 'A night in 1961, told by somebody who stood on the stairs.');
  await type(Key.ESCAPE);
  await bayComesToSay('Teaser', '58 characters');
  await student.press('I read it aloud', RAILING);
  await (await student.field('Yes, I have done this')).click();
  await type(Key.ESCAPE);
  await bayComesToSay('I read it aloud', 'confirmed');
  await student.isSaved();
  await student.driver.navigate().refresh();
  await bayComesToSay('I read it aloud', 'confirmed');
  await bayComesToSay('Teaser', '58 characters');
  expect(await student.barriers()).toEqual([]);
  expect(await student.standsOut()).toEqual([]);
});

test('a page without a worker measures all the same', async () => {
  await student.driver.sendDevToolsCommand('Network.enable', {});
  await student.driver.sendDevToolsCommand('Network.setBlockedURLs', { urls: ['*worker*'] });
  await student.driver.navigate().refresh();
  await student.find(By.css('.ProseMirror'));
  await bayComesToSay('Sentence starters', 'one used');
  await student.driver.sendDevToolsCommand('Network.setBlockedURLs', { urls: [] });
});
