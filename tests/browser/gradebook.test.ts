import { By, Key } from 'selenium-webdriver';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, afterEach, beforeAll, expect, test } from 'vitest';
import { database } from '../../src/server/ground/database/database';
import { classAddress, Person } from './person';

let teacher: Person;
let other: Person;

beforeAll(async () => {
  [teacher, other] = [await Person.arrive(), await Person.arrive()];
  await teacher.signInAsTeacher('marisol');
  await other.signInAsTeacher('idris');
});
afterAll(async () => {
  for (const person of [teacher, other]) await person.leave();
});

const press = (person: Person, ...keys: readonly string[]) =>
  person.driver
    .actions()
    .sendKeys(...keys)
    .perform();
const headOf = (column: string) =>
  `[...document.querySelectorAll('.book-columns [role=columnheader]')].find((head) => head.textContent.includes(${JSON.stringify(column)}))`;
const hasColumn = (column: string) => teacher.driver.executeScript<boolean>(`return !!${headOf(column)}`);
/** The row of a student and the cell of a column in it, by what is read out. */
const cellOf = (name: string, column: string) => `
  const at = ${headOf(column)}.getAttribute('aria-colindex');
  const row = [...document.querySelectorAll('.book-row')].find((one) =>
    one.querySelector('[role=rowheader]').textContent.includes(${JSON.stringify(name)}));
  return row.querySelector('[aria-colindex="' + at + '"]')`;
const goTo = (person: Person, name: string, column: string) =>
  person.driver.executeScript(`${cellOf(name, column)}.click()`);
const reads = (person: Person, name: string, column: string) =>
  person.driver.executeScript<string>(`${cellOf(name, column)}.textContent`);
const ORAL = 'Barometer';
const figureOf = async (givenName: string) => {
  const [row] = await database.rows<{ figure: string | null }>(
    `SELECT figure FROM own_figures JOIN people ON people.id = person_id JOIN own_columns ON own_columns.id = column_id
     WHERE given_name = :givenName AND title LIKE 'Barometer%'`,
    { givenName },
  );
  return row?.figure == null ? null : Number(row.figure);
};
const isKept = (givenName: string, figure: number | null) =>
  teacher.driver.wait(async () => (await figureOf(givenName)) === figure, 20_000);

test('figures are typed down a column with the keys of a spreadsheet, and the total follows', async () => {
  await teacher.goToClass('/gradebook');
  await teacher.sees('to read');
  expect(await teacher.barriers()).toEqual([]);
  await goTo(teacher, 'Anouk', ORAL);
  await press(teacher, '7', ',', '5', Key.ENTER);
  await press(teacher, '8', Key.ENTER);
  await isKept('Anouk', 7.5);
  await isKept('Aron', 8);
  await teacher.driver.wait(async () => (await reads(teacher, 'Anouk', ORAL)).includes('7.5'), 20_000);
  // The keys are with the third now; up again, and what is typed is left.
  await press(teacher, Key.ARROW_UP, Key.ARROW_UP, '9', Key.ESCAPE);
  expect(await figureOf('Anouk')).toBe(7.5);
  await teacher.sees('Typed in by Marisol Tennant');
});

test('what is no figure, or more than is possible, is said in one line and typed by nobody', async () => {
  await press(teacher, Key.ENTER, 'a', 'b', Key.ENTER);
  await teacher.sees('is no figure');
  await press(teacher, Key.ESCAPE);
  expect(await figureOf('Anouk')).toBe(7.5);
  await press(teacher, '1', '2', Key.ENTER);
  await teacher.sees('12 is more than 10. Press Enter once more to keep it.');
  expect(await figureOf('Anouk')).toBe(7.5);
  await press(teacher, Key.ENTER);
  await isKept('Anouk', 12);
});

/** How often figures went to the server and its word came back. */
const timesKept = () =>
  teacher.driver.executeScript<number>(
    "return performance.getEntriesByType('resource').filter(({ name }) => name.endsWith('/keepFigures')).length",
  );
const isSlow = () => teacher.hasLine({ latency: 1500 });
/** A test that fails on a bad line leaves none to the next. */
afterEach(() => teacher.isOffline(false));

test('what was typed last is undone, also while it is on its way', async () => {
  const { driver } = teacher;
  const undo = () => driver.actions().keyDown(Key.CONTROL).sendKeys('z').keyUp(Key.CONTROL).perform();
  await goTo(teacher, 'Anouk', ORAL);
  const before = await timesKept();
  await isSlow();
  await press(teacher, '3', Key.ENTER);
  await undo();
  await driver.wait(async () => (await timesKept()) === before + 2, 40_000);
  await teacher.isOffline(false);
  expect(await figureOf('Anouk')).toBe(12);
  await undo();
  await isKept('Anouk', 7.5);
});

test('of two teachers in one cell the second is told, and chooses', async () => {
  await other.goTo(`${await classAddress()}/gradebook`);
  await other.sees('to read');
  await goTo(other, 'Bea', ORAL);
  await goTo(teacher, 'Bea', ORAL);
  await press(other, '5', Key.ENTER);
  await isKept('Bea', 5);
  await press(teacher, '6', Key.ENTER);
  await teacher.sees('Idris Vale typed 5 for Bea L. in Barometer, told aloud meanwhile.');
  expect(await figureOf('Bea')).toBe(5);
  await teacher.press('Type mine');
  await isKept('Bea', 6);
});

test('a block from a spreadsheet goes into the cells, all of it or nothing', async () => {
  await goTo(teacher, 'Casimir', ORAL);
  const paste = (text: string) =>
    teacher.driver.executeScript(
      `const data = new DataTransfer(); data.setData('text/plain', arguments[0]);
       document.activeElement.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));`,
      text,
    );
  const before = await figureOf('Casimir');
  await paste('4\nfour\n');
  await teacher.sees('“four” is no figure');
  expect(await figureOf('Casimir')).toBe(before);
  await paste('4\n3,5\n');
  await isKept('Casimir', 4);
  await isKept('Dara', 3.5);
});

test('with the line cut what was typed stands there, says so, and is sent again', async () => {
  await goTo(teacher, 'Elke', ORAL);
  // The line goes before the page is asked for anew: it stays where it is.
  await isSlow();
  await press(teacher, '7', Key.ENTER);
  await isKept('Elke', 7);
  await teacher.isOffline(true);
  await teacher.driver.sleep(2500);
  await goTo(teacher, 'Elke', ORAL);
  await press(teacher, '8', Key.ENTER);
  await teacher.sees('not kept');
  // Typed once more over what never got there, it is the last that counts, and nobody else is told of.
  await press(teacher, Key.ARROW_UP, '9', Key.ENTER);
  await teacher.driver.sleep(700);
  await teacher.isOffline(false);
  await teacher.press('Send again');
  await isKept('Elke', 9);
});

test('the figure of a post changes here with a reason, and is in its review', async () => {
  await goTo(teacher, 'Elke', 'sayings');
  await press(teacher, '1', '8', Key.ENTER);
  await teacher.sees('One figure of a post changes');
  await teacher.fill('Reason', 'She told the second saying aloud.');
  await teacher.press('Change it');
  await teacher.driver.wait(async () => (await reads(teacher, 'Elke', 'sayings')).includes('18'), 20_000);
  await goTo(teacher, 'Elke', 'sayings');
  await teacher.press('Open the post');
  await teacher.sees('18');
});

test('somebody is excused in the grid, and asked again', async () => {
  await teacher.goToClass('/gradebook');
  await teacher.sees('to read');
  await goTo(teacher, 'Kofi', 'sayings');
  await teacher.sees('Nothing was handed in, and it was due.');
  await teacher.press('Excuse from it');
  await teacher.sees('Excused: it does not count.');
  await teacher.driver.wait(
    async () => (await reads(teacher, 'Kofi', 'sayings')).includes('excused'),
    20_000,
  );
  await teacher.press('Ask for it again');
  await teacher.sees('Nothing was handed in, and it was due.');
});

test('it is taken along as CSV, changed, and read in again: what would change is shown before it does', async () => {
  const csv = await teacher.driver.executeAsyncScript<string>(
    "const done = arguments[0]; fetch(document.querySelector('a[download]').href).then((one) => one.text()).then(done)",
  );
  const lines = csv.split('\r\n');
  const at = lines[0]!.split(',').findIndex((cell) => cell.includes(ORAL));
  const changed = lines.map((line) => {
    const cells = line.split(',');
    // The title of the column has a comma of its own, and stands between quotes.
    if (cells[1] === 'Faro N.') cells[at] = '4';
    return cells.join(',');
  });
  const file = path.join(mkdtempSync(path.join(tmpdir(), 'porch-csv-')), 'figures.csv');
  writeFileSync(file, [...changed, 'nobody,Nobody N.,,1,2,3,4,5,6,'].join('\r\n'));
  await teacher.press('Read a CSV in…');
  await (await teacher.find(By.css(".book-panel input[type='file']"))).sendKeys(file);
  await teacher.sees('One figure would change');
  await teacher.sees('Faro N., Barometer, told aloud');
  await teacher.sees('These rows are nobody of this class:');
  expect(await figureOf('Faro')).not.toBe(4);
  await teacher.press('Let them count');
  await isKept('Faro', 4);
});

test('rules are said in sentences, and what they come to is shown before they count', async () => {
  await teacher.goToClass('/gradebook');
  await teacher.press('How it counts…');
  await teacher.choose('What is missing', 'is left out');
  await teacher.press('Show what it does');
  await teacher.sees('totals change');
  await teacher.sees('becomes');
  await teacher.press('Let it count');
  await teacher.sees('A missing post does not count');
  expect(await teacher.barriers()).toEqual([]);
});

test('an own column is made, and taken away with what stands in it', async () => {
  await teacher.press('Own column…');
  await teacher.fill('What it is called', 'A test');
  await teacher.fill('What it is worth, in points', '20');
  await teacher.press('Make the column');
  await teacher.driver.wait(() => hasColumn('A test'), 20_000);
  await goTo(teacher, 'Faro', 'A test');
  await press(teacher, '1', '9', Key.ENTER);
  await teacher.driver.wait(async () => (await reads(teacher, 'Faro', 'A test')).includes('19'), 20_000);
  await teacher.driver.executeScript(`${headOf('A test')}.querySelector('button').click()`);
  await teacher.press('Take it away…');
  await teacher.sees('in it goes too');
  await teacher.press('Take the column away');
  await teacher.driver.wait(async () => !(await hasColumn('A test')), 20_000);
});
