import { By, Key } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { STUDENTS } from '../../demo/people';
import { Person, PHONE_SIZE } from './person';

let teacher: Person;
let child: Person;
let grandmother: Person;
let code = '';
/** The passcode as it stands on the card. */
let passcode: readonly string[] = [];
const NAMES = STUDENTS.map(({ givenName, familyName }) => `${familyName}, ${givenName}`);

beforeAll(async () => {
  teacher = await Person.arrive();
  child = await Person.arrive(PHONE_SIZE);
  grandmother = await Person.arrive(PHONE_SIZE);
});
afterAll(async () => {
  for (const person of [teacher, child, grandmother]) await person.leave();
});

const cardOf = (name: string) => `//li[contains(@aria-label, 'Sign-in card of ${name}')]`;

async function wordsOnCard(name: string): Promise<readonly string[]> {
  const words = await teacher.findAll(`${cardOf(name)}//ol/li`);
  return Promise.all(words.map((word) => word.getText()));
}

test('a new teacher makes a class with one step', async () => {
  await teacher.signInAsTeacher('odile');
  await teacher.sees('Make your first class, Odile');
  await teacher.press('Make it');
  await teacher.sees('A class needs a title.');
  await teacher.fill('Title of the class blog', 'Tides & Shores');
  await teacher.fill('Class or group, such as 8B', '7C');
  await teacher.press('Make it');
  await teacher.sees('Tides & Shores is at home here');
  await teacher.sees('5 steps could still be taken.');
});

test('settles names, address and dates, each on its own', async () => {
  await teacher.fill('School', 'Alder Quay School');
  await teacher.press('Keep it');
  await teacher.sees('Kept.');
  await teacher.fill('Address of the class blog', 'Wind');
  await teacher.sees('This address belongs to another class.');
  await teacher.press('wind-7c');
  await teacher.sees('This one is free.');
  await teacher.press('Keep it', "//form[.//h2[text()='Address']]");
  await teacher.sees('/blog/wind-7c');
  await teacher.press('Add a term');
  await teacher.press('Keep it', "//form[@id='year']");
  await teacher.sees('3 steps could still be taken.');
});

test('pastes 24 names and sees what would become of each', async () => {
  await teacher.press('People', "//*[contains(@class, 'class-tabs')]");
  await teacher.press('Look through them');
  await teacher.sees('Type or paste at least one name first.');
  await teacher.put('Names, one to a line', [...NAMES, '12B', 'Ines O’Marlow'].join('\n'));
  await teacher.press('Look through them');
  await teacher.sees('26 lines, 25 will come in');
  await teacher.sees('there is no name in this line');
});

test('makes them, keeps the refused line to mend, and prints their cards', async () => {
  await teacher.press('Make 25');
  await teacher.sees('25 students are made.');
  await teacher.sees('25 of 25 are not in yet');
  expect(await (await teacher.field('Names, one to a line')).getAttribute('value')).toBe('12B');
  await teacher.press('Make their cards');
  await teacher.sees('Cards for 25 students');
  await teacher.press('Make 25 cards');
  await teacher.sees('25 cards, to be printed now');
  passcode = await wordsOnCard('Ines O.');
  expect(passcode).toHaveLength(3);
  const pdf = (await teacher.printed()).toString('latin1');
  expect(pdf.slice(0, 5)).toBe('%PDF-');
  // Eight to a page.
  expect(pdf.match(/\/Type \/Page\b/g)).toHaveLength(4);
});

test('finishes setting up', async () => {
  await teacher.press('It is set up');
  await teacher.driver.wait(async () => !(await teacher.shows('It is set up')), 20_000);
});

test('a child signs in for the first time on a phone, with the card', async () => {
  code = await (await teacher.find(By.css('.class-tabs p b'))).getText();
  await child.goTo(`/sign-in?class=${code}`);
  await child.press('Go on');
  await child.press('Ines O.');
  for (const word of passcode) await child.press(word, '//ul');
  await child.driver.wait(async () => (await child.driver.getCurrentUrl()).includes('/today'), 20_000);
  expect(await child.standsOut()).toEqual([]);
  await teacher.goToClass('');
  await teacher.sees('24 of 25 are not in yet');
});

test('a forgotten passcode is mended from the roster; cards may carry digits', async () => {
  await teacher.fill('Find a name', 'ines');
  await teacher.press('Change Ines O.');
  await teacher.press('New card', '//aside');
  await teacher.sees('One of them has a passcode already: it stops working.');
  await (await teacher.field('four digits')).click();
  await teacher.press('Make the card');
  await teacher.sees('Here is the card');
  const digits = await (await teacher.findAll(`${cardOf('Ines O.')}//*[@class='digits']`))[0]?.getText();
  expect(digits).toMatch(/^\d{4}$/);
  await child.goTo('/sign-in');
  await child.fill('Class code', code + Key.ENTER);
  await child.press('Ines O.');
  await child.sees('Your first digit, Ines');
  for (const digit of digits ?? '') await child.press(digit, '//ul');
  await child.driver.wait(async () => (await child.driver.getCurrentUrl()).includes('/today'), 20_000);
});

test('what is known of a student is changed in the roster, each problem at its field', async () => {
  await teacher.goToClass('');
  await teacher.press('Anouk O.');
  await teacher.fill('Pen name', 'Curlew');
  await teacher.fill('E-mail, if there is one', 'anouk at example.org');
  await teacher.press('Keep it');
  await teacher.sees('This isn’t a valid e-mail address.');
  await teacher.fill('E-mail, if there is one', '');
  await teacher.press('Keep it');
  await teacher.sees('Curlew');
});

test('several are chosen at once; who is taken out can be taken in again', async () => {
  await (await teacher.field('Choose Anouk O.')).click();
  await (await teacher.field('Choose Ines O.')).click();
  await teacher.sees('2 chosen');
  await teacher.press('Take out of the class');
  await teacher.sees('Nothing was written yet.');
  await teacher.press('Take out', "//section[contains(@aria-label, 'chosen')]//div");
  await teacher.sees('2 have left');
  await child.goTo('/today');
  await child.sees('You are in no class at the moment, Ines');
  await teacher.press('Take in again: Ines O.');
  await teacher.sees('One has left');
  await teacher.press('Take in again: Anouk O.');
  await teacher.sees('of 25 are not in yet');
});

test('a changed class code is the only thing that changes', async () => {
  await teacher.press('Change it');
  await teacher.press('Make another code');
  await teacher.driver.wait(async () => !(await teacher.shows(code)), 20_000);
  await grandmother.goTo('/sign-in');
  await grandmother.fill('Class code', code + Key.ENTER);
  await grandmother.sees('No class has this code');
  await child.goTo('/today');
  await child.sees('Ines');
});

test('a teacher says who may read, gives a passphrase, and sees the blog as others do', async () => {
  await teacher.press('Safety', "//*[contains(@class, 'class-tabs')]");
  await teacher.sees('Only our class reads what it writes');
  await (await teacher.field('People with the passphrase')).click();
  await teacher.press('Keep it');
  await teacher.sees('People with the passphrase can be among the readers');
  await teacher.fill('A new passphrase', 'tides and shores');
  await teacher.press('Set it');
  await teacher.sees('Anybody could read this off the class blog itself.');
  await teacher.fill('A new passphrase', 'kettle otter walnut');
  await teacher.press('Set it');
  await teacher.sees('The passphrase is now kettle otter walnut');
  await teacher.press('a stranger');
  await teacher.sees('This is what a stranger sees.');
});

test('a passphrase reader is let in on their device, and nothing of it stands in an address', async () => {
  await grandmother.goTo('/blog/wind-7c');
  await grandmother.sees('More for people with the passphrase');
  await grandmother.fill('Passphrase', 'kettle otter' + Key.ENTER);
  await grandmother.sees('This isn’t the right passphrase.');
  await grandmother.fill('Passphrase', 'Kettle-Otter walnut' + Key.ENTER);
  await grandmother.driver.wait(
    async () => !(await grandmother.shows('More for people with the passphrase')),
    20_000,
  );
  expect(await grandmother.driver.getCurrentUrl()).not.toContain('otter');
});

test('the class is copied into a new year, and put to rest', async () => {
  await teacher.goToClass('/ending');
  await teacher.press('Put it to rest');
  await teacher.sees('The class is at rest');
  await teacher.fill('Title of the new class', 'Tides again');
  await teacher.press('Copy it');
  await teacher.sees('Tides again is at home here');
  await teacher.press('People', "//*[contains(@class, 'class-tabs')]");
  await teacher.sees('Nobody is in this class yet');
  await teacher.goTo('/classes');
  await teacher.sees('Your 2 classes');
  await teacher.sees('at rest');
});

test('what was done can be read, and who can do what', async () => {
  await teacher.press('Go there: Tides & Shores');
  await teacher.driver.wait(async () => (await teacher.driver.getCurrentUrl()).includes('/today'), 20_000);
  await teacher.goToClass('/log');
  await teacher.sees('put the class to rest or woke it');
  await teacher.sees('made sign-in cards');
  expect(await teacher.shows('otter')).toBe(false);
  await teacher.goToClass('/roles');
  await teacher.sees('Judge, note, send back, accept');
});

test('nothing on the way was refused by the browser', async () => {
  const ours = (message: string) => !/status of (?:404|422)/.test(message);
  for (const person of [teacher, child, grandmother])
    expect((await person.complaints()).filter(ours)).toEqual([]);
});
