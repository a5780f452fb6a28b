import { afterAll, beforeAll, expect, test } from 'vitest';
import { By } from 'selenium-webdriver';
import { Person } from './person';

let child: Person;
let mate: Person;
let safety: Person;
let teacher: Person;

beforeAll(async () => {
  [child, mate, safety, teacher] = [
    await Person.arrive({ width: 390, height: 844 }),
    await Person.arrive(),
    await Person.arrive(),
    await Person.arrive(),
  ];
  await child.signInAsStudent('tomas');
  await mate.signInAsStudent('bea');
  await safety.signInAsTeacher('rosa');
  await teacher.signInAsTeacher('marisol');
});
afterAll(async () => {
  for (const person of [child, mate, safety, teacher]) await person.leave();
});

const VANE = '/blog/wind/1-wind-vane';
const gate = '//section[@aria-label="The words, and the answer"]';
const isThere = async (person: Person) => {
  await person.goTo(VANE);
  return person.shows('First you need a straw and a pin');
};

test('a child tells in one press and a line, and is told who reads it and by when', async () => {
  expect(await isThere(mate)).toBe(true);
  await child.goTo(VANE);
  await child.press('I am worried');
  await child.press('Tell them');
  await child.sees('Write a line about what worries you.');
  await child.fill('What worries you?', 'This is not like him. I wanted a grown-up to know.');
  await child.press('Tell them');
  await child.sees('Thank you. It was right to say it.');
  await child.sees('Rosa Castell reads this by');
  await child.sees('the room by the hall is open');
  await child.sees('Until it is decided nobody in class sees these words');
  expect(await child.barriers()).toEqual([]);
  expect(await child.standsOut()).toEqual([]);
});

test('the words are away from the class at once, and the teacher sees that and nothing of who told', async () => {
  expect(await isThere(mate)).toBe(false);
  await teacher.goTo('/today');
  await teacher.press('Something by Casimir T. is away from the class’s screens');
  await teacher.sees('away from its readers because of a worry');
  expect(await teacher.shows('This is not like him')).toBe(false);
  await teacher.goTo('/worries');
  expect(await teacher.shows('This is not like him')).toBe(false);
});

test('the safety person reads the kept words, writes a step down, decides, and answers', async () => {
  await safety.goTo('/worries');
  await (
    await safety.find(By.xpath("//li[contains(., 'Wind vane')]//a[normalize-space() = 'Open']"))
  ).click();
  await safety.sees('This is not like him. I wanted a grown-up to know.');
  await safety.sees('First you need a straw and a pin');
  await safety.sees('Nia Corrigan may open it and has not.');
  expect(await safety.barriers()).toEqual([]);
  await safety.press('Write down a step');
  await safety.fill('What was done', 'Spoke to Ms Tennant in the corridor.');
  await safety.press('Keep it with its time');
  await safety.sees('Spoke to Ms Tennant in the corridor.');
  await safety.fill('Your answer to Tomas B.', 'Thank you, Tomas. Somebody talks with him today.');
  await safety.sees('written, not sent');
  await safety.press('Keep them away', gate);
  await safety.sees('the words stay away');
  // What was typed was kept meanwhile, and is still there when the page is opened again.
  await safety.driver.navigate().refresh();
  await safety.sees('written, not sent');
  await safety.press('Answer Tomas B.', gate);
  await safety.sees('A worry, settled');
});

test('no teacher puts back what was decided; the safety person does', async () => {
  await teacher.goTo(VANE);
  await teacher.press('Put it back');
  await teacher.sees('has decided about these words');
  await safety.press('Put the words back', gate);
  await safety.sees('Wind & Weather, 8B sees them');
  expect(await isThere(mate)).toBe(true);
});

test('the answer stands on the child’s Today, and nobody else reads it', async () => {
  await child.goTo('/today');
  await child.press('Rosa Castell has answered what you told');
  await child.sees('Thank you, Tomas. Somebody talks with him today.');
  expect(await child.barriers()).toEqual([]);
  await mate.goTo('/told');
  await mate.sees('You have told nothing yet');
});

test('a prank is put back by a teacher in one press', async () => {
  await child.goTo(VANE);
  await child.press('I am worried');
  await child.fill('What worries you?', 'Ha ha.');
  await child.press('Tell them');
  await child.sees('Thank you.');
  await teacher.goTo(VANE);
  await teacher.press('Put it back');
  await teacher.sees('for everyone');
  expect(await isThere(mate)).toBe(true);
});
