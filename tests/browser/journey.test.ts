import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { By, Key } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { drawPicture } from '../../demo/draw/picture';
import { origin, Person } from './person';

let teacher: Person;
let student: Person;
let visitor: Person;
const folder = mkdtempSync(path.join(tmpdir(), 'porch-journey-'));
const picture = path.join(folder, 'fog.png');

beforeAll(async () => {
  writeFileSync(picture, await drawPicture('stratus 77'));
  [teacher, student, visitor] = [await Person.arrive(), await Person.arrive(), await Person.arrive()];
});
afterAll(async () => {
  for (const person of [teacher, student, visitor]) await person.leave();
  rmSync(folder, { recursive: true, force: true });
});

test('a teacher makes and sets an assignment', async () => {
  await teacher.signInAsTeacher('marisol');
  await teacher.sees('posts to read');
  await teacher.press('Assignments');
  await teacher.press('Make an assignment');
  await teacher.fill('Title', 'Fog');
  // All that is empty is said at once, and each line leads to its place.
  await teacher.press('Set it');
  await teacher.sees('3 things before you set it');
  await teacher.sees('It has no bays');
  await teacher.press('It doesn’t say when it is due');
  const field = "return document.activeElement.getAttribute('type')";
  await teacher.driver.wait(
    async () => (await teacher.driver.executeScript(field)) === 'datetime-local',
    10_000,
  );
  await teacher.press('Write: What students should do');
  await (await teacher.find(By.css(".lesson-desk [role='textbox']"))).sendKeys('Describe a fog.');
  await (
    await teacher.driver.findElement(By.css(".lesson-desk input[type='file'][aria-label='File']"))
  ).sendKeys(picture);
  await teacher.find(By.css('.lesson-desk .addressed'));
  await teacher.press('Done', "//*[contains(@class, 'lesson-desk')]");
  const due = await teacher.field('Due');
  await teacher.driver.executeScript(
    `const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
     set.call(arguments[0], '2031-03-04T16:00'); arguments[0].dispatchEvent(new Event('input', { bubbles: true }));`,
    due,
  );
  for (const kind of ['Words', 'Pictures', 'Links', 'Labels', 'Title'])
    await teacher.press(kind, "//*[@aria-label='Add a bay']");
  await teacher.fill('Fewest words', '12');
  await teacher.fill('Most words', '10');
  await teacher.sees('The minimum is larger than the maximum.');
  await teacher.fill('Most words', '40');
  await teacher.openRequirement('Labels');
  await teacher.fill('Labels that must be there, with commas between', 'harbour');
  await teacher.press('Add a criterion');
  await teacher.press('Read by');
  await teacher.choose('Who may read the posts', 'everyone');
  await teacher.choose('When readers see them', 'after a teacher has accepted');
  await teacher.sees('Saved.');
  await teacher.press('Set it');
  await teacher.sees('A level of “Criterion 1” has no words');
  await teacher.press('Set it all the same');
  await teacher.sees('24 students see it');
});

test('a student sees the railing fill while writing, and hands in', async () => {
  await student.signInAsStudent('milo');
  await student.press('Fog');
  await student.sees('Describe a fog.');
  const handout = await student.find(By.css('a[data-attachment]'));
  expect((await handout.getText()).trim()).toBe(path.basename(picture));
  expect(
    await student.driver.executeAsyncScript<number>(
      'const done = arguments[1]; fetch(arguments[0].href).then((answer) => done(answer.status));',
      handout,
    ),
  ).toBe(200);
  await student.press('Begin writing');
  await student.sees('5 things to finish');
  await student.fill('Title', 'A wall of nothing');
  await student.press('Title', "//*[@class='bays hidden sm:grid' or contains(@class, 'bays')]");
  await student.press('in front');
  await student.sees('4 things to finish');
  const text = await student.field('Your text');
  await text.sendKeys('The fog stood on the water like a wall of nothing and the boats were gone.');
  await student.sees('3 things to finish');
  await student.press('Link', "//*[@role='toolbar']");
  await student.fill('Words to press', 'the fog signal');
  await student.fill('Where it leads', 'not an address' + Key.ENTER);
  await student.sees('This isn’t a web address.');
  await student.fill('Where it leads', 'https://harbour.example/fog' + Key.ENTER);
  await student.sees('2 things to finish');
  await student.bringPicture(picture);
  await student.find(By.css('[data-picture] img'));
  await student.sees('lacks');
  await student.fill('For people who can’t see it', 'A wall of fog');
  await student.press('Pictures', "//*[contains(@class, 'bays')]");
  await student.press('I took it', "//*[@role='dialog']");
  await student.driver.actions().sendKeys(Key.ESCAPE).perform();
  await student.sees('1 thing to finish');
  await student.press('Hand in', "//section[@aria-label='The gate']");
  await student.sees('One thing is still missing');
  await student.sees('The label “harbour” is missing');
  await student.sees('Everyone, with your name as Milo H.');
  await student.press('Hand it in', "//section[@aria-label='The gate']");
  await student.sees('Marisol Tennant has your post');
  await student.sees('4 of 5 done');
  await student.sees('The label “harbour” is missing');
});

test('a teacher reads, judges, writes a note and sends back', async () => {
  await teacher.press('Reading pile');
  await teacher.press('Milo H.', "//nav[@aria-label='Reading pile']");
  await teacher.sees('like a wall of nothing');
  await teacher.press('What it needed', '//footer');
  await teacher.sees('harbour is missing');
  await teacher.driver.actions().sendKeys(Key.ESCAPE).perform();
  await teacher.sees('one criterion to judge first');
  await (
    await teacher.find(By.xpath("//*[@role='group'][contains(@aria-label, 'Criterion 1')]"))
  ).sendKeys('3');
  await teacher.sees('3 of 4');
  await teacher.press('Grade', '//footer//*[contains(@class, "bays")]');
  await teacher.sees('made of these lines');
  await teacher.sees('What it needed');
  await teacher.driver.actions().sendKeys(Key.ESCAPE).perform();
  await teacher.press('Write a note on the whole post');
  await teacher.fill('A new note', 'Which boats? And add the label.');
  await teacher.sees('Kept. Only you see it until you send it.');
  await teacher.press('Send back');
  await teacher.sees('It is with its writer again');
});

test('the student sees the note beside the words, mends and hands in again', async () => {
  await student.press('My writing');
  await student.press('Write on: Fog');
  await student.sees('Which boats? And add the label.');
  await student.sees('Marisol Tennant read');
  await student.press('Labels', "//*[contains(@class, 'bays')]");
  await student.press('harbour', "//*[@role='dialog']");
  await student.driver.actions().sendKeys(Key.ESCAPE).perform();
  await student.sees('All done');
  await student.press('Hand in', "//section[@aria-label='The gate']");
  await student.sees('Nothing is missing');
  await student.press('Hand it in', "//section[@aria-label='The gate']");
  await student.sees('2nd hand-in');
});

test('a list that the Back button brings out of memory shows what was done since', async () => {
  await student.driver.navigate().back();
  await student.field('Your text');
  await student.driver.navigate().back();
  await student.find(By.xpath("//main//li[contains(., 'Fog') and contains(., 'handed in')]"));
});

test('nobody else reads it before it is accepted', async () => {
  await visitor.goTo('/blog/wind');
  await visitor.sees('Wind & Weather');
  expect(await visitor.shows('A wall of nothing')).toBe(false);
  await visitor.goTo('/blog/wind/6-a-wall-of-nothing');
  await visitor.sees('There is nothing here for you');
});

test('the teacher accepts, gives the grade back, and everyone can read it', async () => {
  await teacher.goTo('/pile');
  await teacher.press('Milo H.', "//nav[@aria-label='Reading pile']");
  await teacher.sees('everyone reads it from now on');
  await teacher.press('Accept');
  await teacher.press('Give the grade back');
  await teacher.sees('given back');
  await visitor.goTo('/blog/wind');
  await visitor.press('A wall of nothing');
  await visitor.sees('like a wall of nothing');
  await visitor.sees('for everyone');
  expect(await visitor.driver.getCurrentUrl()).toContain('/blog/wind/6-a-wall-of-nothing');
  await student.goTo('/writing');
  await student.sees('grade 10 of 11');
  await student.press('Look at Fog');
  await student.sees('level 3');
});

test('a teacher takes it down again, and it is as if it had never been there', async () => {
  await teacher.press('Change who reads it');
  await (await teacher.field('Only Milo H. and the teachers')).click();
  await teacher.sees('Copies that somebody has fetched already can’t be called back.');
  await visitor.driver.navigate().refresh();
  await visitor.sees('like a wall of nothing');
  await teacher.press('Take it down');
  await teacher.sees('Who may read it Milo H. and the teachers');
  await visitor.driver.navigate().refresh();
  await visitor.sees('There is nothing here for you');
});

test('a teacher of two classes turns from one to the other', async () => {
  await visitor.signInAsTeacher('idris');
  await visitor.sees('The Moss Garden, 6A');
  await visitor.press('your menu');
  await visitor.press('Wind & Weather, 8B', "//*[@role='menu']");
  await visitor.sees('to read');
});

test('nothing on the way was refused by the browser', async () => {
  // A page that stood open to be read is told when its writer hands in again.
  const told = /status of 404|status of 422|beAtReview .*status of 409/;
  const ours = (message: string) => !told.test(message);
  expect((await teacher.complaints()).filter(ours)).toEqual([]);
  expect((await student.complaints()).filter(ours)).toEqual([]);
  expect(origin()).toContain('127.0.0.1');
});
