import { By, Key, Origin } from 'selenium-webdriver';
import { afterAll, beforeAll, beforeEach, expect, test } from 'vitest';
import { Person } from './person';

let writer: Person;
const TOOLBAR = "//*[@role='toolbar']";
const MENU = "//*[@role='menu']";
const DIALOG = "//*[@role='dialog']";

beforeAll(async () => {
  writer = await Person.arrive();
  await writer.signInAsStudent('juno');
  await writer.press('Begin Three skies');
  await writer.field('Your text');
});
afterAll(() => writer.leave());

const type = async (...keys: string[]) => (await writer.field('Your text')).sendKeys(...keys);
const html = async () => (await writer.field('Your text')).getAttribute('innerHTML');
const blocks = () =>
  writer.driver.executeScript<readonly string[]>(
    "return [...document.querySelectorAll('.ProseMirror > p')].map((block) => block.textContent)",
  );

beforeEach(async () => {
  await type(Key.chord(Key.CONTROL, 'a'), Key.BACK_SPACE, Key.BACK_SPACE);
});

test('an unknown word is marked, and what was meant is put in its place', async () => {
  await type('The wether was grey.');
  const marked = await writer.find(By.css('.unknown-word'));
  expect(await marked.getText()).toBe('wether');
  await marked.click();
  await writer.press('weather', "//*[@aria-label='Instead of wether']");
  await writer.sees('The weather was grey.');
  await writer.driver.wait(
    async () => (await writer.driver.findElements(By.css('.unknown-word'))).length === 0,
  );
  await writer.press('More', TOOLBAR);
  await (await writer.find(By.xpath(`${MENU}//*[@role='menuitemcheckbox']`))).click();
  await type(' Colurs.');
  await writer.isSaved();
  expect(await writer.driver.findElements(By.css('.unknown-word'))).toEqual([]);
  await writer.press('More', TOOLBAR);
  await (await writer.find(By.xpath(`${MENU}//*[@role='menuitemcheckbox']`))).click();
});

test('parts are moved by the keys that are written down', async () => {
  await type('first', Key.ENTER, 'second', Key.ENTER, 'third');
  const held = (key: string) => Key.chord(Key.ALT, Key.SHIFT, key);
  await type(held(Key.ARROW_UP), held(Key.ARROW_UP));
  expect(await blocks()).toEqual(['third', 'first', 'second']);
  await type(held(Key.ARROW_UP));
  expect(await blocks()).toEqual(['third', 'first', 'second']);
  await type(held(Key.ARROW_DOWN));
  expect(await blocks()).toEqual(['first', 'third', 'second']);
  await writer.press('More', TOOLBAR);
  await writer.press('Keys', MENU);
  await writer.sees('this part up');
  expect(await writer.barriers()).toEqual([]);
  await writer.press('Understood', DIALOG);
});

test('the post as HTML says what it will not keep before it drops it', async () => {
  await type('low and grey');
  await writer.press('More', TOOLBAR);
  await writer.press('As HTML', MENU);
  const source = await writer.find(By.css('.cm-content'));
  await writer.sees('<p>low and grey</p>');
  await source.sendKeys(Key.chord(Key.CONTROL, Key.END), '<p onclick="x()">and wet</p>');
  await writer.sees('A post doesn’t keep these: onclick.');
  await writer.press('Use it without these');
  await writer.sees('and wet');
  expect(await html()).not.toContain('onclick');
  await writer.press('More', TOOLBAR);
  await writer.press('As HTML', MENU);
  await (await writer.find(By.css('.cm-content'))).sendKeys('nothing of this');
  await writer.press('Leave it as it was');
  await writer.sees('and wet');
  expect(await writer.shows('nothing of this')).toBe(false);
});

test('a sentence starter beside the text goes where the cursor is', async () => {
  await type('Look. ');
  await writer.press('Put in: I noticed that');
  // Left as it is, it is shown where it can be put in, and its place is one press away.
  await writer.press('not finished yet', "//*[@aria-label='Sentence starters']");
  await type(Key.END, 'it turned.');
  await writer.sees('Look. I noticed that it turned.');
  await writer.driver.wait(async () => !(await writer.shows('not finished yet')), 20_000);
});

test('a picture of the class is found again, with its credit, and stands as wide as the keys say', async () => {
  await type('Here:');
  await writer.press('Picture', TOOLBAR);
  await writer.sees('pictures from your class');
  expect(await writer.barriers()).toEqual([]);
  await writer.fill('Find pictures', 'no such words at all');
  await writer.sees('No picture has all these words.');
  await writer.fill('Find pictures', '');
  await writer.press('Free to use', DIALOG);
  await (await writer.find(By.css('.picture-lines button:not([disabled])'))).click();
  await writer.press('half, right', DIALOG);
  await writer.fill('Caption', 'Over the harbour');
  await writer.press('Put it in', DIALOG);
  await writer.sees('Over the harbour');
  await writer.find(By.css(".ProseMirror [data-picture][data-side='end'] img"));
  expect(await (await writer.find(By.css('.ProseMirror [data-credit]'))).getText()).not.toBe('');
  const edge = await writer.find(By.css('.width-handle'));
  // It stands as wide as it says, and where it says, while it is written.
  const stands = () =>
    writer.driver.executeScript<readonly [share: number, side: string]>(
      `const picture = document.querySelector('.ProseMirror [data-picture]');
       const text = document.querySelector('.ProseMirror').clientWidth;
       return [Math.round((picture.getBoundingClientRect().width / text) * 10) / 10, getComputedStyle(picture).float];`,
    );
  expect(await stands()).toEqual([0.5, 'right']);
  expect(await edge.getAttribute('aria-valuenow')).toBe('50');
  await edge.sendKeys(Key.ARROW_LEFT, Key.ARROW_LEFT);
  await writer.driver.wait(async () => (await edge.getAttribute('aria-valuenow')) === '60', 5000);
  expect(await stands()).toEqual([0.6, 'right']);
  // The edge is dragged as well: it is the one where lines begin.
  await writer.driver
    .actions()
    .move({ origin: edge })
    .press()
    .move({ origin: Origin.POINTER, x: -130, duration: 300 })
    .release()
    .perform();
  expect((await stands())[0]).toBeCloseTo(0.8, 1);
  await writer.press('Width and use');
  await writer.choose('Who may use it', 'only our class');
  await writer.isSaved();
  expect(await writer.barriers()).toEqual([]);
  expect(await writer.complaints()).toEqual([]);
});

test('a title of ten thousand characters is cut with a line at its place, and nothing is lost', async () => {
  await writer.driver.executeScript(
    `const title = document.querySelector('textarea.post-title');
     Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value').set.call(title, 'fog '.repeat(2500) + 'at last');
     title.dispatchEvent(new Event('input', { bubbles: true }));`,
  );
  await writer.sees('A title has at most 300 characters. The rest stands at the beginning of your text now.');
  expect((await (await writer.field('Title')).getAttribute('value'))?.length).toBe(300);
  expect(await (await writer.field('Your text')).getText()).toContain('fog at last');
  await writer.isSaved();
  await writer.fill('Title', '2 · Fog');
  await writer.isSaved();
  expect(await writer.shows('A title has at most')).toBe(false);
});

test('the page turns round to a phone, and to the eyes of readers from outside', async () => {
  await type('Seen.');
  await writer.press('As readers see it');
  await (await writer.field('a phone')).click();
  await (await writer.field('a stranger')).click();
  await writer.sees('Juno P.');
  await writer.press('As readers see it');
  await writer.field('Your text');
});

test('the whole post can be printed from the desk, without what stands around it', async () => {
  await type(...Array.from({ length: 40 }, (_, line) => `Line ${line + 1}.${Key.ENTER}`));
  await writer.driver.sendDevToolsCommand('Emulation.setEmulatedMedia', { media: 'print' });
  const [page, text, railing] = await writer.driver.executeScript<readonly [number, number, number]>(
    `const box = (of) => document.querySelector(of).getBoundingClientRect();
     return [box('.leafpage').bottom, box('.ProseMirror').bottom, box('footer.railing').height];`,
  );
  await writer.driver.sendDevToolsCommand('Emulation.setEmulatedMedia', { media: '' });
  expect(text).toBeGreaterThan(1000);
  expect(page).toBeGreaterThanOrEqual(text);
  expect(railing).toBe(0);
});

test('on a device whose clock runs ahead, the page comes up whole', async () => {
  await type('Kept a moment ago.');
  await writer.isSaved();
  await writer.complaints();
  const source =
    'const now = Date.now; Date.now = () => now() + 60_000; Date = new Proxy(Date, { construct: (made, given) => new made(...(given.length ? given : [Date.now()])) });';
  const { driver } = writer;
  await driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', { source });
  await driver.navigate().refresh();
  await writer.field('Your text');
  await writer.sees('Safe, saved 1 minute ago');
  expect(await writer.complaints()).toEqual([]);
});
