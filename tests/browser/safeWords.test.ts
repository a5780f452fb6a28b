import { By, Key, until } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { STUDENTS } from '../../demo/people';
import { Person } from './person';

let laptop: Person;
let phone: Person;
let address: string;

beforeAll(async () => {
  [laptop, phone] = [await Person.arrive(), await Person.arrive()];
  await laptop.signInAsStudent('uma');
  await laptop.press('Begin Three skies');
  await laptop.field('Your text');
  address = new URL(await laptop.driver.getCurrentUrl()).pathname;
});
afterAll(async () => {
  await laptop.leave();
  await phone.leave();
});

const write = async (person: Person, words: string) => {
  const text = await person.field('Your text');
  await text.sendKeys(Key.chord(Key.CONTROL, Key.END), words);
};
const postId = () => address.split('/').at(-1) ?? '';
const textOf = async (person: Person) => (await person.field('Your text')).getText();

test('words are saved by themselves and are there again after a reload', async () => {
  await write(laptop, 'First words.');
  await laptop.sees('Safe on this device, saving');
  await laptop.isSaved();
  await laptop.driver.navigate().refresh();
  await laptop.sees('First words.');
});

test('a reload in the middle of a word loses nothing', async () => {
  await write(laptop, ' Half a wo');
  await laptop.driver.navigate().refresh();
  await laptop.sees('Half a wo');
  await laptop.isSaved();
});

test('a page out of the browser’s memory shows what was saved since, not what it was made with', async () => {
  await write(laptop, ' Saved before leaving.');
  await laptop.isSaved();
  await laptop.press('My writing', "//*[contains(@class, 'head')]");
  await laptop.driver.wait(until.urlMatches(/\/writing$/), 20_000);
  await laptop.find(By.xpath("//a[contains(@aria-label, 'Three skies')]"));
  await laptop.driver.navigate().back();
  await laptop.driver.wait(until.urlContains(address), 20_000);
  await laptop.driver.wait(
    async () => (await textOf(laptop)).includes('Saved before leaving.'),
    20_000,
    'the text is the older one',
  );
  await write(laptop, ' Written after coming back.');
  await laptop.isSaved();
  expect(await laptop.shows('There are two versions')).toBe(false);
});

test('who writes on without a pause is saved all the same', async () => {
  const words = await laptop.field('Your text');
  const enough = Date.now() + 13_000;
  const versions = async () =>
    laptop.driver.executeScript<string | null>(
      'return sessionStorage.getItem(arguments[0])',
      `porch:saved:${postId()}`,
    );
  const before = await versions();
  while (Date.now() < enough) await words.sendKeys(Key.chord(Key.CONTROL, Key.END), ' on');
  expect(await versions()).not.toBe(before);
});

test('while the line is down words stay on this device, and are saved when it is back', async () => {
  await laptop.isOffline(true);
  await write(laptop, ' Written in a tunnel.');
  await laptop.sees('The line is down. Your words are safe on this device');
  // However far down somebody writes, they are told there.
  await write(laptop, Key.ENTER.repeat(40));
  const told = await laptop.driver.executeScript<number>(
    `const page = document.querySelector('.leafpage').getBoundingClientRect();
     return document.querySelector('.safe').getBoundingClientRect().top - page.top;`,
  );
  expect(told).toBeGreaterThanOrEqual(0);
  expect(told).toBeLessThan(40);
  await write(laptop, Key.BACK_SPACE.repeat(40));
  await laptop.isOffline(false);
  await laptop.isSaved();
  await phone.signInAsStudent('uma');
  await phone.goTo(address);
  await phone.sees('Written in a tunnel.');
});

test('a second device on the same post never overwrites: the writer sees both and chooses', async () => {
  await write(laptop, ' From the laptop.');
  await laptop.isSaved();
  await write(phone, ' From the phone.');
  await phone.sees('There are two versions of this post');
  // What differs stands side by side, word by word.
  await phone.find(By.xpath("//del[contains(., 'laptop')]"));
  await phone.find(By.xpath("//ins[contains(., 'phone')]"));
  await phone.press('Only what I wrote here');
  await phone.isSaved();
  await laptop.driver.navigate().refresh();
  await laptop.sees('From the phone.');
  expect(await textOf(laptop)).not.toContain('From the laptop.');
});

test('two versions are merged: what both wrote stays, unless the writer says otherwise', async () => {
  await laptop.driver.navigate().refresh();
  await laptop.sees('From the phone.');
  await write(laptop, Key.ENTER + 'A part by the laptop.');
  await laptop.isSaved();
  await write(phone, Key.ENTER + 'A part by the phone.');
  // What only one side wrote is merged by itself, and nothing is asked.
  await phone.sees('A part by the laptop.');
  await phone.isSaved();
  expect(await phone.shows('There are two versions')).toBe(false);
  await laptop.driver.navigate().refresh();
  await laptop.sees('A part by the phone.');
  expect(await textOf(laptop)).toContain('A part by the laptop.');
});

test('a second page with the same post is shown as such, on both', async () => {
  await laptop.sees('This post is open on another page too');
  await phone.sees('This post is open on another page too');
  await phone.goTo('/today');
  await laptop.driver.wait(async () => !(await laptop.shows('This post is open on another page')), 40_000);
});

test('an earlier version is compared word by word, and gone back to', async () => {
  await write(laptop, ' A last sentence.');
  await laptop.isSaved();
  await laptop.press('Earlier versions');
  await laptop.sees('Compare two of them');
  await laptop.find(By.css('.changed-text ins, .became'));
  expect(await laptop.barriers()).toEqual([]);
  await laptop.press('from: ');
  await laptop.press('Go back to how it was');
  await laptop.field('Your text');
  expect(await textOf(laptop)).not.toContain('A last sentence.');
});

test('signed out while writing, the writer signs in again in place', async () => {
  await laptop.driver.manage().deleteAllCookies();
  await write(laptop, ' After a long pause.');
  await laptop.press('Sign in again here');
  await laptop.press('Go on', "//*[@role='dialog']");
  await laptop.press('Uma ', "//*[@role='dialog']");
  for (const word of STUDENTS.find((one) => one.key === 'uma')!.passcode.split(' '))
    await laptop.press(word, "//*[@role='dialog']//ul");
  await laptop.isSaved();
  await laptop.driver.navigate().refresh();
  await laptop.sees('After a long pause.');
});

test('signed out in mid-sentence: the words wait on this device for their writer alone', async () => {
  await laptop.driver.manage().deleteAllCookies();
  await write(laptop, ' After the session ended.');
  await laptop.sees('You are signed out. Your words are safe on this device');
  await laptop.signInAsStudent('milo');
  await laptop.goTo(address);
  await laptop.sees('There is nothing here for you');
  await laptop.signInAsStudent('uma');
  await laptop.goTo(address);
  await laptop.sees('After the session ended.');
  await laptop.isSaved();
});

test('a title can be written by keyboard alone, and Enter goes on to the subtitle and to the text', async () => {
  await (await laptop.field('Title')).sendKeys('2 · By keys', Key.ENTER);
  await laptop.driver.actions().sendKeys('And nothing else', Key.ENTER).perform();
  expect(await (await laptop.field('A line under the title')).getAttribute('value')).toBe('And nothing else');
  await laptop.driver.actions().sendKeys('Typed at once. ').perform();
  expect(await textOf(laptop)).toMatch(/^Typed at once\. /);
  await laptop.driver.actions().keyDown(Key.CONTROL).sendKeys('z').keyUp(Key.CONTROL).perform();
  await laptop.driver.wait(async () => !(await textOf(laptop)).startsWith('Typed'), 5000);
  await laptop.isSaved();
  expect(await laptop.driver.findElements(By.css('[role="alert"]:not(:empty)'))).toEqual([]);
});

test('who signs out before their words are saved is told, and nobody reads them until they are back', async () => {
  const blocked = (urls: readonly string[]) =>
    phone.driver.sendDevToolsCommand('Network.setBlockedURLs', { urls });
  await phone.driver.manage().deleteAllCookies();
  await phone.signInAsStudent('uma');
  await phone.goTo(address);
  await phone.field('Your text');
  await phone.driver.sendDevToolsCommand('Network.enable', {});
  await blocked(['*/api/do/savePost*']);
  await write(phone, ' Nobody else reads this.');
  await phone.sees('Your words are safe on this device');
  await phone.goTo('/writing');
  await phone.press('your menu');
  await phone.press('Sign out', "//*[@role='menu']");
  await phone.sees('One post has words that could not be saved yet.');
  await phone.press('Sign out all the same', "//*[@role='menu']");
  await phone.driver.wait(until.urlContains('/sign-in'), 20_000);
  const left = await phone.driver.executeAsyncScript<string>(`
    const done = arguments[arguments.length - 1];
    const opening = indexedDB.open('green-porch');
    opening.onsuccess = () => {
      const all = opening.result.transaction('unsaved').objectStore('unsaved').getAll();
      all.onsuccess = () => {
        opening.result.close();
        const texts = all.result.map((one) =>
          JSON.stringify(one) + (one.sealed ? new TextDecoder('latin1').decode(one.sealed.data) : ''));
        done(texts.length + texts.join() + JSON.stringify({ ...sessionStorage }));
      };
    };`);
  expect(left).toMatch(/^1/);
  expect(left).not.toContain('Nobody else');
  expect(left).not.toContain('porch:saved');
  await blocked([]);
  await phone.signInAsStudent('uma');
  await phone.goTo(address);
  await phone.sees('Nobody else reads this.');
  await phone.isSaved();
});
