import { By } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { origin, Person } from './person';

let teacher: Person;
let visitor: Person;

beforeAll(async () => {
  [teacher, visitor] = [await Person.arrive(), await Person.arrive()];
});
afterAll(async () => {
  await teacher.leave();
  await visitor.leave();
});

test('what a student wrote is public while consent holds', async () => {
  await visitor.goTo('/blog/wind');
  await visitor.press('Thunder clock');
  await visitor.sees('for everyone');
});

test('consent that is taken back draws it into the class again, and says which', async () => {
  await teacher.signInAsTeacher('marisol');
  await teacher.goToClass('');
  await teacher.fill('Find a name', 'kofi');
  await teacher.press('Change Kofi A.');
  await teacher.press('Take back the consent of', '//aside');
  await teacher.sees('in the class again:');
  await teacher.sees('Thunder clock');
  await teacher.sees('taken back');
  await visitor.driver.navigate().refresh();
  await visitor.sees('There is nothing here for you');
});

test('a new consent is written down, each problem at its field', async () => {
  await teacher.press('Write down a consent', '//aside');
  await teacher.press('Write it down', '//aside');
  await teacher.sees('Write who gave the consent.');
  await teacher.fill('Given by', 'Hester Ashgrove');
  await teacher.press('Write it down', '//aside');
  await teacher.sees('Hester Ashgrove (mother)');
  expect(await visitor.shows('Thunder clock')).toBe(false);
});

test('search engines find a public post once the class opens itself to them, and nothing else', async () => {
  const robots = async (address: string) => (await fetch(origin() + address)).headers.get('x-robots-tag');
  expect(await robots('/blog/wind')).toContain('noindex');
  const open = async (wanted: boolean) => {
    await teacher.goToClass('/privacy');
    const box = await teacher.field('Search engines may find public posts');
    if ((await box.isSelected()) !== wanted) await box.click();
    await teacher.press('Keep it');
    await teacher.sees('Kept.');
  };
  await open(true);
  expect([await robots('/blog/wind'), await robots('/today')]).toEqual([null, 'noindex, nofollow']);
  expect(await (await fetch(`${origin()}/robots.txt`)).text()).toContain('Allow: /blog/wind');
  await open(false);
  expect(await robots('/blog/wind')).toContain('noindex');
});

test('a reader who is not signed in tells that something is wrong with a post, and takes nothing away', async () => {
  await visitor.goTo('/blog/wind');
  await visitor.press('Wind vane');
  await visitor.press('Tell a teacher');
  await visitor.press('Tell them');
  await visitor.sees('Write a line about what worries you.');
  await visitor.fill('What worries you?', 'There is a telephone number in the picture.');
  await visitor.press('Tell them');
  await visitor.sees('Rosa Castell reads this. You are not signed in');
  await visitor.driver.navigate().refresh();
  await visitor.sees('First you need a straw and a pin');
});

test('a student who is deleted is out at once, with what becomes of their writing said before', async () => {
  await visitor.goTo('/blog/wind');
  await visitor.sees('A thermometer that tells lies in the sun');
  await teacher.goToClass('');
  await teacher.press('Change Elke D.');
  await teacher.press('Delete this student', '//aside');
  await teacher.sees('every hand-in, grade and');
  await teacher.press('Delete Elke D.', '//aside');
  await teacher.sees('deleted, gone for good on');
  await visitor.driver.navigate().refresh();
  await visitor.sees('Wind & Weather');
  expect(await visitor.shows('A thermometer that tells lies in the sun')).toBe(false);
});

test('and is brought back with everything', async () => {
  await teacher.press('Bring back Elke D.');
  await teacher.find(By.xpath("//*[@aria-label='Change Elke D.']"));
  await visitor.driver.navigate().refresh();
  await visitor.sees('A thermometer that tells lies in the sun');
});
