import { By, Key, until } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { database } from '../../src/server/ground/database/database';
import { Person } from './person';

let teacher: Person;
let terms: readonly { readonly id: string; readonly terms: string }[];

beforeAll(async () => {
  // Series here are of a year that no school has planned yet: every day of the week counts.
  terms = await database.rows('SELECT id, terms FROM classes', {});
  await database.change("UPDATE classes SET terms = '[]'", {});
  teacher = await Person.arrive();
  await teacher.signInAsTeacher('marisol');
});
afterAll(async () => {
  await teacher.leave();
  for (const one of terms)
    await database.change('UPDATE classes SET terms = :terms WHERE id = :id', { ...one });
});

async function makeAssignment(title: string): Promise<void> {
  await teacher.goToClass('/assignments');
  await teacher.press('Make an assignment');
  await teacher.fill('Title', title);
  await teacher.press('Write: What students should do');
  await (await teacher.find(By.css(".lesson-desk [role='textbox']"))).sendKeys('Notes of {date}.');
  await teacher.press('Done', "//*[contains(@class, 'lesson-desk')]");
  await teacher.press('Add a criterion');
}

test('an assignment grows, with milestones that must come one after the other', async () => {
  await makeAssignment('A log');
  await teacher.press('There is no due time yet');
  await teacher.put('Due', '2031-03-24T16:00');
  await teacher.press('Entries', "//*[@aria-label='Add a bay']");
  await (await teacher.field('The post grows')).click();
  await teacher.put('Begun and handed in once, by', '2031-03-03T16:00');
  await teacher.press('Add a milestone');
  await teacher.press('Add a milestone');
  await teacher.fill('Entries by milestone 2', '3');
  await teacher.sees('This milestone asks for no more entries than the one before.');
  await teacher.fill('Entries by milestone 2', '8');
  await teacher.sees('Saved.');
  await teacher.put('By when, milestone 2', '2031-03-30T16:00');
  await teacher.sees('The times must come one after the other, and before the last.');
  await teacher.press('Take it away: milestone 2');
  await teacher.sees('Saved.');
  await teacher.driver.navigate().refresh();
  // Read as a sentence until it is pressed.
  await teacher.sees(
    'Finished by Monday 24 March, 4 pm. It grows until then: begun by Monday 3 March, 4 pm, with one milestone.',
  );
  expect(await teacher.shows('Begun and handed in once')).toBe(false);
  await teacher.press('Finished by Monday');
  expect(await (await teacher.field('By when, milestone 1')).getAttribute('value')).toBe('2031-03-10T16:00');
  expect(await teacher.barriers()).toEqual([]);
});

test('a builder out of the browser’s memory shows what was saved since', async () => {
  await teacher.fill('Title', 'A log by the sea');
  await teacher.sees('Saved.');
  await teacher.press('Assignments', "//*[contains(@class, 'head')]");
  await teacher.driver.wait(until.urlMatches(/\/assignments$/), 20_000);
  await teacher.driver.navigate().back();
  await teacher.driver.wait(
    async () => (await (await teacher.field('Title')).getAttribute('value')) === 'A log by the sea',
    20_000,
    'the title is the older one',
  );
  await teacher.fill('Title', 'A log');
  await teacher.sees('Saved.');
});

async function repeatOnThreeMondays(person: Person): Promise<void> {
  await person.press('Repeat it');
  await person.put('From', '2031-03-03');
  await person.put('Until', '2031-03-17');
  for (const day of ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday']) {
    const [box] = await person.findAll(`//label[normalize-space(.)='${day}']//input`);
    if (box && (await box.isSelected()) !== (day === 'Monday')) await box.click();
  }
  await person.sees('3 days');
}

test('an assignment is repeated on days of school, one of them left out, and ended again', async () => {
  await makeAssignment('Week {week}: {date}');
  await repeatOnThreeMondays(teacher);
  await teacher.sees('Week 2: 10 March');
  await (await teacher.field('10 March')).click();
  await teacher.sees('Week 2: 17 March');
  await teacher.press('Make the series');
  await teacher.sees('is repeated 2 times');
  await teacher.sees('Week 1: 3 March');
  expect(await teacher.barriers()).toEqual([]);
  await teacher.press('Assignments', "//*[contains(@class, 'head')]");
  await teacher.sees('repeated 2 times');
  await teacher.press('Open Week {week}');
  await teacher.press('End the series');
  await teacher.find(By.xpath("//button[contains(., 'Repeat it')]"));
});

test('a series is given to another class too, and taken away again', async () => {
  const other = await Person.arrive();
  await other.signInAsTeacher('idris');
  await other.goTo('/classes');
  await other.press('Wind & Weather');
  await other.driver.wait(until.urlContains('/today'), 20_000);
  await other.goToClass('/assignments');
  await other.press('Open Storm interview');
  await repeatOnThreeMondays(other);
  await other.press('Make the series');
  await other.sees('is repeated 3 times');
  await other.press('8B alone has it');
  await other.choose('Give it to another class too', 'The Moss Garden, 6A');
  await other.sees('It gets the same days there');
  await other.press('Give it', '//main');
  await other.sees('8B and The Moss Garden, 6A have it.');
  await other.sees('3 days there');
  expect(await other.barriers()).toEqual([]);
  await other.press('Take it away from The Moss Garden, 6A');
  await other.sees('8B alone has it.');
  await other.leave();
});

test('something else is asked of a group at once', async () => {
  await teacher.goToClass('/assignments');
  await teacher.press('Open Daily sky log');
  await teacher.press('Ask something else of somebody');
  await teacher.press('All of Harbour');
  await teacher.sees('8 chosen');
  await teacher.fill('Entries: Fewest entries', '12');
  await teacher.press('Keep this');
  await teacher.sees('Entries: Fewest entries 12');
  const kept = await teacher.findAll("//li[contains(., 'Entries: Fewest entries 12')]");
  expect(kept).toHaveLength(8);
});

test('a model post is written in the same editor, and looked at by who writes', async () => {
  await teacher.goToClass('/assignments');
  await teacher.press('Open Daily sky log');
  await (await teacher.field('There is a model post')).click();
  await teacher.fill('Its title', 'A log from elsewhere');
  await teacher.press('Write: The model post');
  const desk = await teacher.find(By.css(".lesson-desk [role='textbox']"));
  await desk.sendKeys('## 1. Fog', Key.ENTER, 'Nothing at all, all day.');
  expect(await teacher.barriers()).toEqual([]);
  await teacher.press('Done', "//*[contains(@class, 'lesson-desk')]");
  await teacher.sees('Saved.');
  const student = await Person.arrive();
  await student.signInAsStudent('hamza');
  await student.press('Write on: Daily sky log');
  await student.press('Look at a model post');
  await student.sees('Nothing at all, all day.');
  await student.leave();
});

test('a change after hand-ins says whose evidence would change before it is done', async () => {
  await teacher.goToClass('/assignments');
  await teacher.press('Open Three skies');
  await teacher.openRequirement('Words');
  await teacher.fill('Fewest words', '200');
  await teacher.sees('hand-ins would stand differently');
  await teacher.sees('Not saved yet: it is waiting for you below.');
  expect(await teacher.barriers()).toEqual([]);
  await teacher.press('Leave it as it was');
  await teacher.sees('Saved.');
  await teacher.openRequirement('Words');
  expect(await (await teacher.field('Fewest words')).getAttribute('value')).toBe('120');
  await teacher.fill('Fewest words', '100');
  await teacher.sees('stand differently');
  await teacher.press('Let it count');
  await teacher.driver.wait(async () => !(await teacher.shows('Let it count')), 20_000);
  await teacher.driver.navigate().refresh();
  expect(await (await teacher.field('Fewest words')).getAttribute('value')).toBe('100');
});
