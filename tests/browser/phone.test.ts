import { By, Key } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { Person, PHONE_SIZE } from './person';

let writer: Person;
let teacher: Person;
let visitor: Person;
const everybody = () => [writer, teacher, visitor];

beforeAll(async () => {
  writer = await Person.arrive(PHONE_SIZE);
  teacher = await Person.arrive(PHONE_SIZE);
  visitor = await Person.arrive(PHONE_SIZE);
});
afterAll(async () => {
  for (const person of everybody()) await person.leave();
});

test('a student writes and hands in on a phone', async () => {
  await writer.signInAsStudent('kofi');
  await writer.press('Begin Three skies');
  await writer.fill('Title', '2 · From the bus');
  await (await writer.field('Your text')).sendKeys('Nothing but grey.');
  // What is asked is folded above the text, and one press away.
  await (await writer.find(By.xpath("//summary[contains(., 'What is asked')]"))).click();
  await writer.sees('Look up on three different days');
  await (await writer.find(By.xpath("//summary[contains(., 'What is asked')]"))).click();
  await writer.sees('Next: Words');
  await writer.press('Show all 7');
  await writer.sees('One is done, four to finish');
  await writer.press('Labels', "//*[@role='dialog']");
  await writer.press('stratus', "//*[@role='dialog']");
  await writer.press('three-skies', "//*[@role='dialog']");
  await writer.driver.actions().sendKeys(Key.ESCAPE).perform();
  await writer.sees('3 things to finish');
  await writer.press('Hand in', "//section[@aria-label='The gate']");
  await writer.sees('Three things are still missing');
  await writer.press('Hand it in', "//*[contains(@class, 'tray')]");
  await writer.sees('Marisol Tennant has your post');
});

test('takes it back before it is opened, and writes on', async () => {
  await writer.press('Take it back');
  await writer.sees('Nothing but grey.');
  await writer.sees('Only you can read it until you hand it in.');
  await writer.press('Hand in', "//section[@aria-label='The gate']");
  await writer.press('Hand it in', "//*[contains(@class, 'tray')]");
  await writer.sees('2nd hand-in');
});

test('once a teacher has opened it, it cannot be taken back any more', async () => {
  await teacher.signInAsTeacher('marisol');
  await teacher.sees('to read');
  await teacher.press('Reading pile');
  await teacher.press('All', "//nav[@aria-label='Reading pile']");
  await teacher.press('Kofi A.', "//nav[@aria-label='Reading pile']");
  await teacher.sees('Nothing but grey.');
  await teacher.driver.sleep(1500);
  await writer.driver.navigate().refresh();
  await writer.sees('See what went');
  expect(await writer.shows('Take it back')).toBe(false);
});

test('a teacher judges by keyboard: digits set levels, arrows move between bays', async () => {
  const bay = (name: string) =>
    teacher.find(By.xpath(`//*[@role='group'][starts-with(@aria-label, '${name}')]`));
  await (await bay('Noticing')).sendKeys('2');
  await teacher.sees('2 of 4, one detail');
  await (await bay('Noticing')).sendKeys(Key.ARROW_RIGHT);
  expect(await teacher.driver.switchTo().activeElement().getAttribute('aria-label')).toMatch(/^Explaining/);
  await teacher.driver.switchTo().activeElement().sendKeys('9');
  await teacher.driver.switchTo().activeElement().sendKeys('1');
  await teacher.sees('1 of 4, not yet');
});

test('and gives another grade with a reason', async () => {
  await teacher.press('Grade', "//footer//*[contains(@class, 'bays')]");
  await teacher.press('Give another grade, with a reason');
  await teacher.fill('Grade', 'twelve');
  await teacher.sees('Type a number');
  await teacher.fill('Grade', '12,5');
  await teacher.press('Give it');
  await teacher.sees('Give a reason for changing the grade.');
  await teacher.fill('Because', 'He told me the rest on the way home');
  await teacher.press('Give it');
  await teacher.sees('12.5 of 30, made of these lines');
});

test('sends it back, and the writer reads the note and hands in again', async () => {
  await teacher.driver.actions().sendKeys(Key.ESCAPE).perform();
  await teacher.press('Write a note on the whole post');
  await teacher.fill('A new note', 'What did the grey do?');
  await teacher.sees('Kept. Only you see it until you send it.');
  await teacher.press('Decide');
  await teacher.press('Send back');
  await teacher.sees('It is with its writer again');
  await writer.goTo('/writing');
  await writer.press('Write on: Three skies');
  await writer.sees('What did the grey do?');
  await (await writer.field('Your text')).sendKeys(' It came down to the rails.');
  await writer.isSaved();
  await writer.press('Hand in', "//section[@aria-label='The gate']");
  await writer.press('Hand it in', "//*[contains(@class, 'tray')]");
  await writer.sees('3rd hand-in');
});

test('accepts it, gives the grade back, and everyone reads it on a phone', async () => {
  await teacher.goTo('/pile');
  await teacher.press('All', "//nav[@aria-label='Reading pile']");
  await teacher.press('Kofi A.', "//nav[@aria-label='Reading pile']");
  await teacher.sees('It came down to the rails.');
  await (
    await teacher.find(By.xpath("//*[@role='group'][starts-with(@aria-label, 'Writing for readers')]"))
  ).sendKeys('2');
  await teacher.sees('2 of 4, Clear');
  await teacher.press('Decide');
  await teacher.press('Accept');
  await teacher.press('Give the grade back');
  await teacher.sees('12.5, given back');
  await writer.goTo('/writing');
  await writer.sees('grade 12.5 of 30');
  await visitor.goTo('/blog/wind');
  await visitor.press('From the bus');
  await visitor.sees('It came down to the rails.');
  await visitor.sees('for everyone');
});

test('takes it down, and puts it before the class alone', async () => {
  await teacher.press('Change who reads it');
  await (await teacher.field('Our class')).click();
  await teacher.press('Let fewer read it');
  await teacher.sees('Who may read it our class');
  await visitor.driver.navigate().refresh();
  await visitor.sees('There is nothing here for you');
  await writer.goTo('/blog/wind');
  await writer.sees('From the bus');
});

test('and no page on the way was wider than the phone', async () => {
  for (const person of everybody()) expect(await person.standsOut()).toEqual([]);
});
