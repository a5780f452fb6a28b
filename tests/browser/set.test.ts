import { By } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { Person } from './person';

let teacher: Person;
let student: Person;

beforeAll(async () => {
  [teacher, student] = [await Person.arrive(), await Person.arrive({ width: 390, height: 844 })];
  await teacher.signInAsTeacher('marisol');
  await student.signInAsStudent('juno');
  await teacher.goTo('/today');
  await (await teacher.find(By.xpath("//a[contains(@href, '/set/')][1]"))).click();
  await teacher.sees('Nobody is chosen');
});
afterAll(async () => {
  for (const person of [teacher, student]) await person.leave();
});

const panel = "//aside[@aria-label='What can be done with the chosen ones']";
const choose = async (name: string) =>
  (await teacher.find(By.xpath(`//input[@aria-label='Choose ${name}']`))).click();

test('a reminder says whom it reaches and whom not, and stands on the student’s Today', async () => {
  await choose('Juno P.');
  await teacher.sees('One is chosen');
  await teacher.press('Remind them', panel);
  await teacher.sees('It reaches one of one chosen.');
  await teacher.sees('nobody has a mail address');
  await teacher.fill('What they read on Today', 'I have not seen a first line yet. What is in the way?');
  await teacher.press('Remind one', panel);
  await teacher.sees('One is reminded');
  await student.goTo('/today');
  await student.sees('What is in the way?');
  expect(await student.barriers()).toEqual([]);
  expect(await student.standsOut()).toEqual([]);
});

test('who is excused is told so, and the set counts without them until they take part again', async () => {
  await teacher.press('Go on', panel);
  await teacher.press('Excuse them', panel);
  await teacher.press('Excuse one', panel);
  await teacher.sees('One is excused');
  await teacher.sees('Excused, 1');
  await student.goTo('/today');
  await student.sees('You are excused');
  expect(await student.shows('What is in the way?')).toBe(false);
  await teacher.press('Go on', panel);
  await teacher.press('Let them take part again', panel);
  await teacher.press('Let one take part', panel);
  await teacher.sees('One takes part again');
});

test('what cannot be done is said before, by name, and nothing happens to anybody else', async () => {
  await teacher.press('Go on', panel);
  await teacher.press('Give grades back', panel);
  await teacher.sees('It reaches nobody of one chosen.');
  await teacher.sees('has handed nothing in');
  const go = await teacher.find(By.xpath(`${panel}//button[contains(., 'There is none to give back')]`));
  expect(await go.isEnabled()).toBe(false);
  expect(await teacher.barriers()).toEqual([]);
  await teacher.press('Choose nobody', panel);
  await teacher.sees('Nobody is chosen');
});

test('who is away is reminded of nothing, and reads on Today that dates have moved, until it is taken back', async () => {
  const set = await teacher.driver.getCurrentUrl();
  await teacher.goToClass('');
  await teacher.press('Juno P.', "//section[@aria-label='Students']");
  await teacher.sees('Why is not asked.');
  const away = "//section[h3[text()='Away']]";
  await teacher.press('Note it', away);
  await teacher.find(By.xpath(`${away}//button[contains(., 'Take back')]`));
  expect(await teacher.barriers()).toEqual([]);
  await student.goTo('/today');
  await student.sees('You are away until');
  expect(await student.barriers()).toEqual([]);
  await teacher.driver.get(set);
  await choose('Juno P.');
  await teacher.press('Remind them', panel);
  await teacher.sees('is away');
  await teacher.goToClass('');
  await teacher.press('Juno P.', "//section[@aria-label='Students']");
  await teacher.press('Take back', away);
  const takenBack = By.xpath(`${away}//button[contains(., 'Take back')]`);
  await teacher.driver.wait(async () => (await teacher.driver.findElements(takenBack)).length === 0, 20_000);
  await student.goTo('/today');
  expect(await student.shows('You are away until')).toBe(false);
});
