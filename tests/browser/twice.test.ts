import { By } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { database } from '../../src/server/ground/database/database';
import { classAddress, Person } from './person';

let teacher: Person;
let second: Person;

beforeAll(async () => {
  [teacher, second] = [await Person.arrive(), await Person.arrive()];
  await teacher.signInAsTeacher('marisol');
  await second.signInAsTeacher('idris');
});
afterAll(async () => {
  for (const person of [teacher, second]) await person.leave();
});

const NAMED = ['Noticing', 'Explaining', 'Writing for readers'];
const slips = "//nav[@aria-label='Reading pile']";

/** Judges the post on the page, each criterion by a digit. */
async function judges(person: Person, levels: readonly string[]): Promise<void> {
  for (const [index, name] of NAMED.entries()) {
    const group = `//footer//div[@role='group'][starts-with(@aria-label, '${name}:')]`;
    await (await person.find(By.xpath(group))).click();
    await person.driver
      .actions()
      .sendKeys(levels[index] ?? '1')
      .perform();
    await person.find(By.xpath(`${group}[contains(@aria-label, 'level ${levels[index] ?? ''}')]`));
  }
}

/** Opens the set of Three skies. */
async function opensSet(person: Person): Promise<void> {
  await person.goTo('/today');
  await (await person.find(By.xpath("//a[contains(@href, '/set/')][contains(., 'Three skies')]"))).click();
  await person.sees('Nobody is chosen');
}

test('a class’s teacher judges a post, and asks another to read all of them a second time', async () => {
  await teacher.goTo('/pile');
  await teacher.press('Greta S.', slips);
  await teacher.sees('one that I missed');
  await judges(teacher, ['3', '2', '3']);
  await opensSet(teacher);
  await teacher.press('Second reading');
  await teacher.sees('Nobody reads these posts a second time');
  expect(await teacher.barriers()).toEqual([]);
  await teacher.press('Ask for a second reading');
  await teacher.sees('Idris Vale has read 0 of');
});

test('nonsense in the choice is told at its place', async () => {
  await teacher.goTo(`${await classAddress()}/assignments`);
  await teacher.press('How an instrument works');
  await teacher.press('All its posts');
  await teacher.press('Second reading');
  await (await teacher.find(By.xpath("//label[contains(., 'close to a band')]//input"))).click();
  await teacher.fill('of', 'quite a lot');
  await teacher.press('Ask for a second reading');
  await teacher.sees('Type the borders as points with commas between them');
});

test('the second reader sees nothing of what was given, judges, and is done', async () => {
  await second.goTo('/today');
  await second.sees('of “Three skies” wait for your second reading');
  await second.goTo('/pile');
  await second.press('Greta S.', slips);
  await second.sees('one that I missed');
  await second.sees('You read this a second time');
  await second.sees('3 things to judge first');
  expect(await second.shows('Send back')).toBe(false);
  await judges(second, ['3', '4', '3']);
  expect(await second.barriers()).toEqual([]);
  await second.press('Done with it');
  await opensSet(second);
  await second.press('Second reading');
  await second.sees('One of one is four points apart');
});

test('both figures stand beside each other, and one is set with a reason', async () => {
  await opensSet(teacher);
  await teacher.press('Second reading');
  await teacher.sees('Explaining');
  await teacher.sees('4 more');
  await (
    await teacher.find(By.xpath("//span[@aria-label='Level to be set for Explaining']/button[3]"))
  ).click();
  await teacher.sees('3, as neither gave');
  const gate = "//section[@aria-label='The figure that counts']";
  await (await teacher.find(By.xpath(`${gate}//button[starts-with(normalize-space(), 'Set ')]`))).click();
  await teacher.sees('Give a reason for changing the grade.');
  const why = await teacher.find(By.id('second-why'));
  await why.sendKeys('The cloud is explained, the second sky is not.');
  expect(await teacher.barriers()).toEqual([]);
  await (await teacher.find(By.xpath(`${gate}//button[starts-with(normalize-space(), 'Set ')]`))).click();
  await teacher.sees('set to ');
  await second.driver.navigate().refresh();
  await second.sees('The cloud is explained, the second sky is not.');
});

test('names are hidden while posts are judged, and who looks all the same stands in the log', async () => {
  await teacher.goTo(`${await classAddress()}/assignments`);
  await teacher.press('Weather sayings: true or not?');
  await (await teacher.find(By.xpath("//button[starts-with(normalize-space(.), 'Read by')]"))).click();
  await (await teacher.find(By.xpath("//label[contains(., 'without names')]//input"))).click();
  await teacher.sees('They are judged without names');
  // The page may still say that of what was before.
  const isKept = async () => (await database.rows('SELECT id FROM assignments WHERE hides_names')).length > 0;
  await teacher.driver.wait(isKept, 20_000);
  await teacher.goTo('/pile');
  expect(await teacher.shows('Juno P.')).toBe(false);
  await (await teacher.find(By.xpath(`${slips}//a[contains(@class, 'slip')][contains(., '№')]`))).click();
  await teacher.sees('Names are hidden until grades are given back.');
  expect(await teacher.barriers()).toEqual([]);
  await teacher.press('Look at the name');
  await (await teacher.find(By.xpath("//label[contains(., 'a talk with parents')]//input"))).click();
  await teacher.press('Look at the name');
  await teacher.driver.wait(async () => !(await teacher.shows('Why look at the name?')), 20_000);
  await teacher.goTo(`${await classAddress()}/log`);
  await teacher.sees('looked whose a post of Weather sayings: true or not? is while names were hidden');
  await teacher.sees('for a talk with parents');
});

test('what was done on paper is typed in for a student, handed in, and says who typed it', async () => {
  await opensSet(teacher);
  await (await teacher.find(By.xpath("//input[@aria-label='Choose Wim J.']"))).click();
  await teacher.press('Type in what was done on paper');
  await teacher.sees('you type this in for Wim J.');
  await teacher.sees('Its writer can read it, too.');
  expect(await teacher.barriers()).toEqual([]);
  const text = await teacher.find(By.css('.ProseMirror'));
  await text.click();
  await teacher.driver.actions().sendKeys('On paper I drew the fog over the harbour.').perform();
  await teacher.sees('Safe, saved');
  await teacher.press('Hand in');
  await teacher.sees('Wim J., and you until it is handed in.');
  await teacher.press('Hand it in');
  await teacher.sees('typed in by Marisol Tennant');
  await teacher.sees('On paper I drew the fog over the harbour.');
});
