import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { By, until } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { Person } from './person';

let teacher: Person;
let other: Person;
const downloads = mkdtempSync(path.join(tmpdir(), 'porch-downloads-'));

beforeAll(async () => {
  [teacher, other] = [await Person.arrive(), await Person.arrive()];
  await teacher.driver.sendDevToolsCommand('Browser.setDownloadBehavior', {
    behavior: 'allow',
    downloadPath: downloads,
  });
});
afterAll(async () => {
  await teacher.leave();
  await other.leave();
  rmSync(downloads, { recursive: true, force: true });
});

/** What is typed into a select by its option's beginning. */
const banner = (person: Person) =>
  person.driver.executeScript<string>(
    "return getComputedStyle(document.querySelector('.blog')).getPropertyValue('--porch').trim()",
  );

test('a class blog gets another look, which is seen while it is chosen and by readers once it is kept', async () => {
  await other.goTo('/blog/wind');
  const before = await banner(other);
  await teacher.signInAsTeacher('marisol');
  await teacher.goToClass('/look');
  await teacher.find(By.css('.look-shown .blog'));
  await (await teacher.field('Harbour: deep blue')).click();
  expect(await banner(teacher)).toBe('#1b4d6a');
  await other.driver.navigate().refresh();
  expect(await banner(other)).toBe(before);
  await teacher.press('Keep it');
  await teacher.sees('Kept.');
  await other.driver.navigate().refresh();
  expect(await banner(other)).toBe('#1b4d6a');
  await (await teacher.field('Garden gate')).click();
  await teacher.press('Keep it');
  await teacher.sees('Kept.');
});

test('a draft is opened by a teacher and an administrator together, and its writer is told', async () => {
  await teacher.goToClass('/openings');
  await teacher.press('Ask to open a draft');
  await teacher.choose('Which draft', 'Tomas B.: Three skies');
  await teacher.press('Ask an administrator');
  await teacher.sees('Say what you are worried about');
  await teacher.fill('What you fear', 'He said something on the stairs that worries me.');
  await teacher.press('Ask an administrator');
  await teacher.sees('An administrator has to agree.');
  await other.signInAsTeacher('wilma');
  await other.goTo('/administration');
  await other.sees('Marisol Tennant is worried about Tomas');
  await other.press('Agree, and open it');
  await other.press('Read the draft');
  await other.sees('each look is written into the log');
  await teacher.driver.navigate().refresh();
  await teacher.press('Read it');
  await teacher.sees('The draft of Tomas B.');
  await teacher.goToClass('/log');
  await teacher.sees('read a draft that was opened');
  const writer = await Person.arrive();
  try {
    await writer.signInAsStudent('tomas');
    await writer.goTo('/writing');
    await writer.press('Write on: Three skies');
    await writer.sees('and an administrator opened this draft');
  } finally {
    await writer.leave();
  }
});

test('an administrator says how long things are kept, each line refused at its place', async () => {
  await other.goTo('/administration');
  await other.fill('Logs of what was done', '2');
  await other.press('Keep this');
  await other.sees('Between 3 and 120 months, or leave empty.');
  await other.fill('Logs of what was done', '24');
  await other.press('Keep this');
  await other.sees('Kept');
  await other.driver.navigate().refresh();
  expect(await (await other.field('Logs of what was done')).getAttribute('value')).toBe('24');
  await other.fill('Logs of what was done', '');
  await other.press('Keep this');
  await other.sees('Kept');
});

test('a class is deleted only at rest, with its archive taken and its title typed, and brought back', async () => {
  const owner = await Person.arrive();
  await owner.driver.sendDevToolsCommand('Browser.setDownloadBehavior', {
    behavior: 'allow',
    downloadPath: downloads,
  });
  try {
    await owner.signInAsTeacher('idris');
    await owner.goTo('/classes');
    await owner.fill('Title of the class blog', 'Rock pools');
    await owner.press('Make it');
    await owner.sees('is at home here');
    await owner.goToClass('/ending');
    await owner.sees('Delete the class');
    expect(await owner.shows('Delete this class')).toBe(false);
    await owner.press('Put it to rest');
    await owner.press('Wake');
    await owner.press('Put it to rest');
    await owner.sees('Take its archive first');
    await owner.press('Take the archive');
    await owner.driver.wait(() => readdirSync(downloads).includes('rock-pools.zip'), 20_000);
    await owner.press('Delete this class');
    await owner.sees('Lift each latch, and the gate opens');
    const deletes = await owner.control('Delete Rock pools');
    for (const latch of ['No student', 'No posts', 'No pictures']) {
      expect(await deletes.isEnabled()).toBe(false);
      await owner.press(latch);
    }
    await owner.press('Delete Rock pools');
    await owner.sees('One class that you deleted');
    await owner.press('Bring Rock pools back');
    await owner.sees('at rest');
    expect(await owner.shows('One class that you deleted')).toBe(false);
    await owner.press('Rock pools');
    await owner.driver.wait(until.urlContains('/today'), 20_000);
    await owner.goToClass('/ending');
    await owner.press('Delete this class');
    for (const latch of ['No student', 'No posts', 'No pictures']) await owner.press(latch);
    await owner.press('Delete Rock pools');
    await owner.sees('One class that you deleted');
  } finally {
    await owner.leave();
  }
});
