import { By, Key } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { addressesOf } from '../../src/contract/addresses';
import { netted, sumOf } from '../../src/core/origin/fence';
import { database } from '../../src/server/ground/database/database';
import { listPieces, listSittings } from '../../src/server/tables/sittings';
import { Person, PHONE_SIZE } from './person';

let writer: Person;
let teacher: Person;
let postId: string;
let classId: string;

const many = (count: number, word: string) =>
  Array.from({ length: count }, (_, index) => `${word}${index}`).join(' ');
const GATE = "//section[@aria-label='The gate']";
const PASTED = many(36, 'tide');
const FOREIGN = many(31, 'gull');

beforeAll(async () => {
  [writer, teacher] = [await Person.arrive(), await Person.arrive()];
  await writer.signInAsStudent('oona');
  await writer.press('Begin Three skies');
  await writer.field('Your text');
  [, classId = '', postId = ''] =
    /class\/(\w+)\/writing\/(\w+)/.exec(await writer.driver.getCurrentUrl()) ?? [];
});
afterAll(async () => {
  for (const person of [writer, teacher]) await person.leave();
});

const type = async (...keys: string[]) => (await writer.field('Your text')).sendKeys(...keys);
const counted = async () => sumOf((await listSittings(database, postId)).map(netted));
const paste = (kind: string, data: string) =>
  writer.driver.executeScript(
    `const data = new DataTransfer();
     data.setData(arguments[0], arguments[1]);
     document.querySelector('.ProseMirror').dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));`,
    kind,
    data,
  );
/** Waits until the server has counted what is wanted: saves come by themselves. */
const isCounted = async (wanted: Partial<Awaited<ReturnType<typeof counted>>>) => {
  await expect.poll(counted, { timeout: 20_000 }).toMatchObject(wanted);
};

test('what is typed counts as written, what is pasted as pasted', async () => {
  await type('I looked at the sea. ');
  await isCounted({ written: 5, pasted: 0 });
  await paste('text/plain', PASTED);
  await isCounted({ written: 5, pasted: 36 });
  await type(' And then I looked up.', Key.ENTER);
  // What follows within half a second is undone together.
  await writer.driver.sleep(700);
  await paste('text/html', `<p>${FOREIGN}</p>`);
  await isCounted({ written: 10, pasted: 67 });
  expect(await listPieces(database, postId)).toHaveLength(2);
});

test('undone and done again, or cut and put elsewhere, nothing comes anew', async () => {
  await type(Key.chord(Key.CONTROL, 'z'));
  await isCounted({ removed: 31 });
  await type(Key.chord(Key.CONTROL, Key.SHIFT, 'z'));
  await isCounted({ written: 10, pasted: 67, removed: 0 });
  await type(Key.chord(Key.CONTROL, 'a'), Key.chord(Key.CONTROL, 'x'));
  await isCounted({ removed: 77 });
  await type(Key.chord(Key.CONTROL, 'v'));
  await isCounted({ written: 10, pasted: 67, removed: 0 });
  expect(await listPieces(database, postId)).toHaveLength(2);
});

test('what was pasted without a line is told when it comes back', async () => {
  await writer.isOffline(true);
  await type(Key.chord(Key.CONTROL, Key.END), Key.ENTER);
  await paste('text/plain', many(33, 'foam'));
  await writer.sees('on this device');
  await writer.driver.sleep(1500);
  await writer.isOffline(false);
  await isCounted({ written: 10, pasted: 100 });
});

test('what was pasted and not saved is told by a page that was opened again', async () => {
  const blocked = (urls: readonly string[]) =>
    writer.driver.sendDevToolsCommand('Network.setBlockedURLs', { urls });
  await writer.driver.sendDevToolsCommand('Network.enable', {});
  await blocked(['*/api/do/savePost*']);
  await type(Key.chord(Key.CONTROL, Key.END), Key.ENTER);
  await paste('text/plain', many(34, 'kelp'));
  await writer.sees('on this device');
  await writer.driver.navigate().refresh();
  await blocked([]);
  await isCounted({ written: 10, pasted: 134 });
  expect(await listPieces(database, postId)).toHaveLength(4);
});

test('its writer sees the days and the pieces, and who may look', async () => {
  await writer.press('Where it all came from');
  await writer.sees('You wrote on one day; 4 pieces came all at once');
  await writer.sees('All 36 stand here as they came.');
  await writer.sees('Nobody has opened it.');
  expect(await writer.barriers()).toEqual([]);
  await writer.press('As a table');
  await writer.sees('Together');
});

test('a teacher opens it once it is handed in, and its writer is told', async () => {
  await teacher.signInAsTeacher('marisol');
  await teacher.goTo(addressesOf(classId).origin(postId));
  expect(await teacher.shows('came from')).toBe(false);
  await writer.goTo(addressesOf(classId).post(postId));
  await writer.field('Your text');
  await writer.press('Hand in', GATE);
  await writer.sees('a teacher may open where the text came from');
  await writer.press('Hand it in', GATE);
  await writer.sees('Marisol Tennant has your post');
  await teacher.goTo(`/pile/${postId}`);
  await teacher.press('Where this text came from');
  await teacher.sees('Oona is told each time');
  expect(await teacher.barriers()).toEqual([]);
  await teacher.press('Open it');
  await teacher.sees('Oona wrote on one day; 4 pieces came all at once');
  await writer.goTo('/today');
  await writer.press('opened where');
  await writer.sees('Marisol Tennant, ');
  await expect
    .poll(async () => (await database.rows('SELECT 1 FROM origin_openings WHERE seen_at IS NULL')).length)
    .toBe(0);
  await writer.goTo('/today');
  expect(await writer.shows('opened where')).toBe(false);
});

test('a note is pinned where a piece came', async () => {
  await teacher.press('Pin a note');
  await teacher.find(By.xpath("//ul[contains(@class, 'notes-beside')]//textarea"));
  expect(
    await teacher.driver.executeScript("return document.querySelector('.sheet-text mark').textContent"),
  ).toMatch(/^tide0/);
});

test('on a phone the figures stand as a table', async () => {
  const phone = await Person.arrive(PHONE_SIZE);
  await phone.signInAsStudent('oona');
  await phone.goTo(addressesOf(classId).origin(postId));
  await phone.sees('taken away');
  expect(await phone.barriers()).toEqual([]);
  expect(await phone.standsOut()).toEqual([]);
  await phone.leave();
});

test('about a passage that another text has too its writer is asked, and nobody is named to them', async () => {
  await teacher.goTo('/pile');
  await teacher.press('Anouk O.', "//nav[@aria-label='Reading pile']");
  await teacher.sees('handed in');
  await teacher.press('What it needed', "//footer//*[contains(@class, 'bays')]");
  await teacher.press('Ask the writer');
  const note = By.xpath("//ul[contains(@class, 'notes-beside')]//textarea");
  await expect
    .poll(async () => (await teacher.find(note)).getAttribute('value'), { timeout: 20_000 })
    .toBe('This passage stands in another text as well. Where did you get it from?');
});
