import { By, Key } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { Person, PHONE_SIZE } from './person';

let teacher: Person;
let editor: Person;
let visitor: Person;

beforeAll(async () => {
  teacher = await Person.arrive();
  editor = await Person.arrive();
  visitor = await Person.arrive(PHONE_SIZE);
});
afterAll(async () => {
  for (const person of [teacher, editor, visitor]) await person.leave();
});

const GATE = "//section[@aria-label='The gate']";
const AT = '/blog/wind/pages/ask-us-about-the-weather';

const pickReaders = async (person: Person, readers: string) => {
  await person.press('Who reads it', '//footer');
  await (await person.find(By.xpath(`//label[contains(., '${readers}')]/input`))).click();
};

test('a teacher makes a student an editor, who finds the pages', async () => {
  await teacher.signInAsTeacher('marisol');
  await teacher.goToClass('/roles');
  await teacher.choose('Make a student an editor', 'Hamza');
  await teacher.control('Hamza B. is no editor any more');
  await editor.signInAsStudent('hamza');
  await editor.press('Pages', '//header');
  await editor.sees('Three pages');
});

test('the editor writes a page, and what is missing is said at its place', async () => {
  await editor.press('New page');
  await editor.find(By.css('.ProseMirror'));
  await editor.press('Show it', GATE);
  await editor.sees('Give the page a title first.');
  await editor.fill('Title of the page', 'Ask us about the weather');
  await editor.press('Show it', GATE);
  await editor.sees('Write something first');
  await (await editor.field('Text of the page')).click();
  await editor.driver.actions().sendKeys('Ask anything.', Key.ENTER, 'We look it up.').perform();
  await editor.sees('Saved here.');
  expect(await editor.barriers()).toEqual([]);
});

test('shows it to the class, and asks a teacher for more', async () => {
  await editor.press('Show it', GATE);
  await editor.sees('read by our class since');
  await visitor.goTo(AT);
  await visitor.sees('this page doesn’t exist');
  await pickReaders(editor, 'everyone');
  await editor.press('Ask a teacher', GATE);
  await editor.sees('asks to show it to: everyone');
});

test('the teacher finds it on Today, reads it and shows it to everyone', async () => {
  await teacher.goTo('/today');
  await teacher.press('A page waits: Ask us about the weather');
  await teacher.find(By.css('.ProseMirror'));
  await teacher.sees('For everyone');
  await teacher.press('Show it', GATE);
  await teacher.sees('read by everyone since');
  await visitor.goTo(AT);
  await visitor.sees('We look it up.');
  expect(await visitor.barriers()).toEqual([]);
  expect(await visitor.standsOut()).toEqual([]);
  await visitor.press('About this blog');
  await visitor.sees('Who writes');
});

test('what two write at the same time is not overwritten', async () => {
  await editor.goToClass('/pages');
  await editor.press('Open Ask us about the weather');
  await editor.find(By.css('.ProseMirror'));
  await teacher.goToClass('/pages');
  await teacher.press('Open Ask us about the weather');
  await teacher.find(By.css('.ProseMirror'));
  await (await teacher.field('Text of the page')).click();
  await teacher.driver.actions().sendKeys(Key.chord(Key.CONTROL, Key.END), ' Soon.').perform();
  await teacher.sees('Saved here.');
  await (await editor.field('Text of the page')).click();
  await editor.driver.actions().sendKeys(Key.chord(Key.CONTROL, Key.END), ' Never.').perform();
  await editor.sees('Somebody else has changed this page in the meantime.');
  expect(await (await editor.field('Text of the page')).getText()).toContain('Never.');
});

test('an earlier version is looked at and gone on from, and readers see it once it is shown', async () => {
  await teacher.goToClass('/pages');
  await teacher.press('Open Ask us about the weather');
  await teacher.find(By.css('.ProseMirror'));
  await teacher.press('Earlier versions', '//footer');
  await teacher.press('Look at it');
  await teacher.sees('Ask anything.');
  expect(await teacher.barriers()).toEqual([]);
  await teacher.press('Go on from this');
  await teacher.sees('Saved here.');
  await teacher.find(By.xpath("//*[contains(@class, 'ProseMirror')][not(contains(., 'Soon.'))]"));
  await teacher.press('Who reads it', '//footer');
  await teacher.press('Take it from its readers');
  await teacher.sees('only teachers and student editors see it.');
  await visitor.goTo(AT);
  await visitor.sees('this page doesn’t exist');
});

test('pages are moved and tended on a phone', async () => {
  await visitor.signInAsTeacher('marisol');
  await visitor.goToClass('/pages');
  await visitor.press('Move How we comment up');
  await visitor.find(By.xpath("//ol[contains(@class, 'rows')]/li[1][contains(., 'How we comment')]"));
  expect(await visitor.standsOut()).toEqual([]);
  await visitor.press('Open How we comment');
  await visitor.find(By.css('.ProseMirror'));
  expect(await visitor.standsOut()).toEqual([]);
  expect(await visitor.barriers()).toEqual([]);
});
