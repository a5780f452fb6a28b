import { createConnection, type Connection, type RowDataPacket } from 'mysql2/promise';
import { Key } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { toHouse } from './houseControl';
import { Person } from './person';

let writer: Person;
let address: string;

beforeAll(async () => {
  writer = await Person.arrive();
  await writer.signInAsStudent('uma');
  await writer.press('Begin Three skies');
  await writer.field('Your text');
  address = new URL(await writer.driver.getCurrentUrl()).pathname;
  await write('Before.');
  await writer.isSaved();
});
afterAll(() => writer.leave());

const write = async (words: string) =>
  (await writer.field('Your text')).sendKeys(Key.chord(Key.CONTROL, Key.END), words);

/** What the server holds of the post. */
async function stored(): Promise<string> {
  const database = await createConnection(process.env['DATABASE_URL'] ?? '');
  const [rows] = await database.query('SELECT body FROM posts WHERE id = ?', [address.split('/').at(-1)]);
  await database.end();
  return JSON.stringify(rows);
}

test('the server is killed in the middle of a save, and no word is lost', async () => {
  // Somebody holds the post, so that the save has begun and cannot end.
  const holder = await createConnection(process.env['DATABASE_URL'] ?? '');
  await holder.beginTransaction();
  await holder.query('SELECT id FROM posts WHERE id = ? FOR UPDATE', [address.split('/').at(-1)]);
  await write(' Half saved.');
  await writer.driver.wait(async () => (await waiting(holder)) > 0, 20_000, 'no save waits');
  await toHouse('killApplication');
  await holder.rollback();
  await holder.end();
  await writer.sees('Your words are safe on this device');
  expect(await stored()).not.toContain('Half saved.');
  await write(' And on.');
  await toHouse('startApplication');
  await writer.isSaved();
  expect(await stored()).toContain('Before. Half saved. And on.');
  await writer.driver.navigate().refresh();
  await writer.sees('Before. Half saved. And on.');
});

/** How many statements of the application have run for a while: each waits for what somebody else holds. */
async function waiting(connection: Connection): Promise<number> {
  const [rows] = await connection.query<RowDataPacket[]>(
    `SELECT ID FROM information_schema.PROCESSLIST
     WHERE ID <> CONNECTION_ID() AND COMMAND IN ('Execute', 'Query') AND TIME_MS > 300`,
  );
  return rows.length;
}

test('the database is restarted while somebody writes, and no word is lost', async () => {
  await toHouse('stopDatabase');
  await write(' In the dark.');
  await writer.sees('Your words are safe on this device');
  await write(' Still dark.');
  await toHouse('startDatabase');
  await writer.isSaved();
  expect(await stored()).toContain('In the dark. Still dark.');
});

test('the tab is closed in the middle of a word, and the word is there in the next', async () => {
  const before = await writer.driver.getWindowHandle();
  await writer.driver.switchTo().newWindow('tab');
  const after = await writer.driver.getWindowHandle();
  await writer.driver.switchTo().window(before);
  await write(' Half a wo');
  await writer.driver.close();
  await writer.driver.switchTo().window(after);
  await writer.goTo(address);
  await writer.sees('Half a wo');
  await writer.driver.wait(async () => (await stored()).includes('Half a wo'), 20_000, 'not saved');
});

test('a text of five megabytes is refused with a line, and stays where it is', async () => {
  await writer.driver.executeScript(`
    const data = new DataTransfer();
    data.setData('text/plain', Array.from({ length: 500 }, () => 'grey '.repeat(2100)).join('\\n\\n'));
    document.querySelector('.ProseMirror').dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));`);
  await writer.sees('This is more than can be saved at once: 4 MB at most.');
  expect(await stored()).not.toContain('grey');
  const signs = await writer.driver.executeScript<number>(
    "return document.querySelector('.ProseMirror').textContent.length",
  );
  expect(signs).toBeGreaterThan(5_000_000);
});
