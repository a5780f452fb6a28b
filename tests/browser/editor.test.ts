import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { By, Key } from 'selenium-webdriver';
import { afterAll, beforeAll, beforeEach, expect, test } from 'vitest';
import { drawPicture } from '../../demo/draw/picture';
import { Person } from './person';

let writer: Person;
const folder = mkdtempSync(path.join(tmpdir(), 'porch-editor-'));
const BAYS = "//*[contains(@class, 'bays')]";

beforeAll(async () => {
  writer = await Person.arrive();
  await writer.signInAsStudent('oona');
  await writer.press('Begin Three skies');
  await writer.field('Your text');
});
afterAll(async () => {
  await writer.leave();
  rmSync(folder, { recursive: true, force: true });
});

const type = async (...keys: string[]) => (await writer.field('Your text')).sendKeys(...keys);
const html = async () => {
  const written = await (await writer.field('Your text')).getAttribute('innerHTML');
  return written?.replaceAll(' dir="auto"', '') ?? '';
};

/** What follows within half a second is undone together; a person's next press is not. */
const pauseOfUndo = () => writer.driver.sleep(700);

beforeEach(async () => {
  await type(Key.chord(Key.CONTROL, 'a'), Key.BACK_SPACE);
  await type(Key.BACK_SPACE);
});

test('lists, headings and quotations come from what is typed', async () => {
  await type('- cirrus', Key.ENTER, 'stratus', Key.ENTER, Key.ENTER);
  await type('1. look up', Key.ENTER, 'write it down', Key.ENTER, Key.ENTER);
  await type('## Monday', Key.ENTER, '> the sky is a lid');
  expect(await html()).toMatch(
    /<ul>.*cirrus.*stratus.*<\/ul>.*<ol.*look up.*write it down.*<\/ol>.*<h2>Monday<\/h2>.*<blockquote>.*a lid/,
  );
});

test('marks follow the keys that are written everywhere', async () => {
  const held = (key: string) => Key.chord(Key.CONTROL, key);
  await type(
    'a ',
    held('b'),
    'bold',
    held('b'),
    ' ',
    held('i'),
    'leaning',
    held('i'),
    ' ',
    held('u'),
    'line',
    held('u'),
  );
  expect(await html()).toMatch(/<strong>bold<\/strong> <em>leaning<\/em> <u>line<\/u>/);
});

test('the number of an entry stays in its heading, and makes a list only of a paragraph', async () => {
  await type(`## 1. Fog${Key.ENTER}2. first`);
  const written = await html();
  expect(written).toMatch(/<h2>(?:<[^>]*>)*1\. Fog/);
  expect(written).toContain('<ol start="2">');
});

test('every tool works from its word too', async () => {
  await type('sky');
  await pauseOfUndo();
  await writer.press('Heading', "//*[@role='toolbar']");
  expect(await html()).toContain('<h2>');
  await writer.press('Text', "//*[@role='toolbar']");
  await pauseOfUndo();
  await writer.press('Quotation', "//*[@role='toolbar']");
  expect(await html()).toMatch(/<blockquote><p>sky/);
  await writer.press('Undo');
  expect(await html()).not.toContain('blockquote');
  await writer.press('Redo');
  expect(await html()).toContain('blockquote');
});

test('pasted HTML keeps its structure and nothing that executes', async () => {
  await type('x');
  await writer.driver.executeScript(
    `const data = new DataTransfer();
     data.setData('text/html', '<p>first</p><h1 onclick="x()">Big</h1><p style="font:40px Comic">a <b>b</b> <a href="javascript:x()">c</a></p><script>window.bad = 1</script><img src="https://elsewhere.example/spy.png" onerror="window.bad = 1">');
     document.querySelector('.ProseMirror').dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));`,
  );
  await writer.sees('Big');
  const pasted = await html();
  expect(pasted).toMatch(/<h2>.*Big<\/h2>/);
  expect(pasted).toContain('<strong>b</strong>');
  expect(pasted).not.toMatch(/javascript|onclick|onerror|Comic|spy\.png/);
  expect(await writer.driver.executeScript('return window.bad')).toBeNull();
});

test('what was changed in a paste is said, and taken back with one press', async () => {
  await type('Before. ');
  await pauseOfUndo();
  await writer.driver.executeScript(
    `const data = new DataTransfer();
     data.setData('text/html', '<p style="font-size:20pt;margin-left:2cm;color:#ff0000">Grey and <span style="font-weight:700">low</span></p>');
     document.querySelector('.ProseMirror').dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));`,
  );
  await writer.sees('Left out of what you brought in: the sizes of its letters, its colours and indents.');
  expect(await html()).toContain('<strong>low</strong>');
  await writer.press('Take it back');
  expect(await html()).not.toContain('low');
  await writer.sees('Before.');
});

test('a word processor’s file opens into the post with its pictures', async () => {
  await writer.press('More', "//*[@role='toolbar']");
  await writer.press('A file you wrote');
  const file = path.resolve('tests/fixtures/wordProcessor/quay.docx');
  await (await writer.driver.findElement(By.css("input[accept*='docx']"))).sendKeys(file);
  await writer.sees('Skies over the quay');
  await writer.find(By.css('.ProseMirror table'));
  await writer.find(By.xpath("//*[contains(@class, 'ProseMirror')]//img[starts-with(@src, '/pictures/')]"));
  const broken = path.join(folder, 'broken.docx');
  writeFileSync(broken, 'none');
  await (await writer.driver.findElement(By.css("input[accept*='docx']"))).sendKeys(broken);
  await writer.sees('broken.docx: This file is broken, or isn’t what its name says.');
  await writer.press('All right');
});

test('a link that a stranger cannot open is said to be one, where it is written and in the text', async () => {
  await type('See ');
  await writer.press('Link', "//*[@role='toolbar']");
  await writer.fill('Words to press', 'our notes');
  await writer.fill('Where it leads', 'papers.example/private/notes');
  await writer.sees('Strangers can’t open this');
  await writer.press('Put it in');
  await writer.find(By.xpath("//*[contains(@class, 'shut-link')][contains(., 'Strangers can’t open this')]"));
  await writer.press('Links', BAYS);
  await writer.press('Look at all of them again');
  await writer.driver.actions().sendKeys(Key.ESCAPE).perform();
});

test('a video has its title and its still from its host', async () => {
  await writer.press('More', "//*[@role='toolbar']");
  await writer.press('Video …');
  await writer.fill('Its address', 'https://films.example/film/2');
  await writer.press('Put it in');
  await writer.find(By.xpath("//input[@value='How a rain gauge is read']"));
  await writer.find(By.css('.addressed img[src^="/pictures/"]'));
});

test('two pictures are put side by side, and part again', async () => {
  await type('Two skies.');
  for (const seed of [71, 72]) {
    const picture = path.join(folder, `sky-${seed}.png`);
    writeFileSync(picture, await drawPicture(`cumulus ${seed}` as never));
    await writer.bringPicture(picture);
    await writer.driver.wait(
      async () =>
        (await writer.driver.findElements(By.css('.ProseMirror [data-picture] img'))).length >= seed - 70,
      20_000,
    );
    await writer.driver.actions().sendKeys(Key.ESCAPE).perform();
  }
  await writer.press('Width and use', "(//*[contains(@class, 'ProseMirror')]//*[@data-picture])[2]");
  await writer.press('Beside the picture above');
  await writer.find(By.css('.ProseMirror [data-row]'));
  expect(await writer.driver.findElements(By.css('.ProseMirror [data-row] img'))).toHaveLength(2);
  await writer.press('Width and use', '(//*[@data-row]//*[@data-picture])[1]');
  await writer.press('Out of the row');
  await writer.driver.wait(
    async () => (await writer.driver.findElements(By.css('.ProseMirror [data-row]'))).length === 0,
    20_000,
  );
  expect(await writer.driver.findElements(By.css('.ProseMirror [data-picture] img'))).toHaveLength(2);
});

test('a file that is no picture is refused in one line, and no word is lost', async () => {
  const file = path.join(folder, 'notes.png');
  writeFileSync(file, 'not a picture');
  await type('These words stay.');
  await writer.bringPicture(file);
  await writer.sees('notes.png This isn’t a picture that we can read');
  await writer.sees('These words stay.');
  await writer.press('Understood');
  expect(await writer.shows('This isn’t a picture')).toBe(false);
});

test('what is read from right to left stands on its side, is counted, and is safe', async () => {
  await type('الريح هبت من البحر', Key.ENTER, 'and then in English', Key.ENTER, '- גשם', Key.ENTER, 'רוח');
  const sides = () =>
    writer.driver.executeScript<readonly string[]>(`
      const page = document.querySelector('.prose').getBoundingClientRect();
      return [...document.querySelectorAll('.prose > p, .prose li p')].map((paragraph) => {
        const range = document.createRange();
        range.selectNodeContents(paragraph);
        const text = range.getBoundingClientRect();
        return text.right - page.left > page.width * 0.8 ? 'right' : 'left';
      });`);
  expect(await sides()).toEqual(['right', 'left', 'right', 'right']);
  await writer.press('Words', BAYS);
  await writer.sees('110 more words are needed.');
  await writer.driver.actions().sendKeys(Key.ESCAPE).perform();
  await writer.isSaved();
  await writer.driver.navigate().refresh();
  await writer.field('Your text');
  expect(await sides()).toEqual(['right', 'left', 'right', 'right']);
  await writer.press('As readers see it');
  await writer.find(By.css('article .prose ul'));
  expect(await sides()).toEqual(['right', 'left', 'right', 'right']);
  await writer.press('As readers see it');
  await writer.field('Your text');
});

test('a tray says what is missing and leads to where to write on', async () => {
  await type('## Tuesday', Key.ENTER, 'Grey.');
  await writer.press('Words', BAYS);
  await writer.sees('118 more words are needed.');
  await writer.press('Write on here');
  await writer.driver.actions().sendKeys(' And low.').perform();
  await writer.sees('Grey. And low.');
});

test('a lowered tray gives the focus back to its bay', async () => {
  await writer.press('Links', BAYS);
  await writer.sees('There is no link in your post yet.');
  await writer.driver.actions().sendKeys(Key.ESCAPE).perform();
  expect(await writer.driver.switchTo().activeElement().getText()).toContain('Links');
});

test('the latch turns the page round to what readers will see', async () => {
  await type('- one', Key.ENTER, 'two');
  await writer.press('As readers see it');
  await writer.find(By.css('article .prose ul'));
  expect(await writer.driver.findElements(By.css('.ProseMirror'))).toEqual([]);
  await writer.press('As readers see it');
  await writer.field('Your text');
});

test('a writer lets fewer people read, and it stays so', async () => {
  await type('Mine.');
  await writer.isSaved();
  await writer.press('Hand in', "//section[@aria-label='The gate']");
  await writer.sees('Everyone, with your name as Oona G.');
  await writer.press('Let fewer people read it');
  await writer.choose('Let fewer people read it', 'only the writer and the teachers');
  await writer.sees('You, Marisol Tennant, Idris Vale');
  await writer.driver.wait(async () => !(await writer.shows('Everyone, with your name')), 10_000);
  await writer.driver.navigate().refresh();
  await writer.press('Hand in', "//section[@aria-label='The gate']");
  await writer.sees('when you hand it in');
  expect(await writer.shows('Everyone, with your name')).toBe(false);
  await writer.press('Let fewer people read it');
  await writer.choose('Let fewer people read it', 'everyone');
  await writer.sees('Everyone, with your name as Oona G.');
  await writer.driver.actions().sendKeys(Key.ESCAPE).perform();
});
