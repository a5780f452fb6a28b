import { By, Key } from 'selenium-webdriver';
import { afterAll, afterEach, beforeAll, expect, test } from 'vitest';
import { Person } from './person';

let teacher: Person;
let student: Person;

beforeAll(async () => {
  [teacher, student] = [await Person.arrive(), await Person.arrive()];
  await teacher.signInAsTeacher('marisol');
  await student.signInAsStudent('mara');
});
afterEach(() => teacher.isOffline(false));
afterAll(async () => {
  for (const person of [teacher, student]) await person.leave();
});

const POST = '/blog/wind/1-build-a-wind-cup-from-yoghurt-pots';
const LINK = 'Mine is on www.marble-cups.example, go and look.';
const NUMBER = 'Ring me about the nail on 01632 960177.';
const entry = (text: string) => `//li[contains(., '${text}')]`;
const say = async (text: string) => {
  await student.goTo(POST);
  await student.fill('Say something about it', text);
  await student.press('Say it');
};

test('who writes what waits is told so, and goes on seeing it', async () => {
  await say(LINK);
  await student.sees('waits to be read; only you see it until then');
  await say(NUMBER);
  await student.sees(NUMBER);
  expect(await student.barriers()).toEqual([]);
});

test('the teacher comes to it from Today, and reads each with the reason marked', async () => {
  await teacher.goTo('/today');
  await teacher.press('until somebody has read');
  await teacher.sees('comments wait');
  expect(await teacher.barriers()).toEqual([]);
  const marked = await teacher.driver.executeScript<string[]>(
    "return [...document.querySelectorAll('.held-said mark')].map((mark) => mark.textContent)",
  );
  expect(marked).toEqual(expect.arrayContaining(['www.marble-cups.example,', '01632 960177']));
});

test('with the line cut nothing is decided, and that is said at the comment', async () => {
  await teacher.isOffline(true);
  await teacher.press('Let it through', entry('marble-cups'));
  await teacher.find(By.xpath(`${entry('marble-cups')}//*[@role='alert' and string-length(.) > 5]`));
  await teacher.isOffline(false);
  await student.goTo(POST);
  await student.sees('waits to be read');
});

test('let through by the keyboard it is before the class; kept back, its writer reads why', async () => {
  const through = await teacher.find(
    By.xpath(`${entry('marble-cups')}//button[contains(., 'Let it through')]`),
  );
  await through.sendKeys(Key.ENTER);
  await teacher.driver.wait(async () => !(await teacher.shows('marble-cups')), 20_000);
  await teacher.press('Keep it back', entry('01632 960177'));
  await teacher.press('it tells about somebody', entry('01632 960177'));
  await teacher.sees('Kept back');
  await student.goTo(POST);
  await student.sees('kept back, because of what it tells about somebody');
  expect(await student.shows('waits to be read')).toBe(false);
});

test('words on the list make a comment wait; one that is too long is said, and what was typed stays', async () => {
  await teacher.press('Words', "//footer[contains(@class, 'comment-railing')]");
  await teacher.fill('Words that wait', `${'x'.repeat(61)}\nnailfoot*`);
  await teacher.press('Keep it', "//div[@role='dialog']");
  await teacher.sees('is too long');
  await teacher.fill('Words that wait', 'nailfoot*');
  await teacher.press('Keep it', "//div[@role='dialog']");
  await teacher.sees('one on your list waits');
  await say('My nailfooted cup fell over.');
  await student.sees('waits to be read');
});

test('one press holds everything from now on, and one opens again', async () => {
  await teacher.press('Hold everything');
  await teacher.sees('each is read before');
  await say('It turned on Sunday, in the rain.');
  await student.sees('waits to be read');
  await teacher.press('Open again');
  await teacher.sees('Open, under every post');
});
