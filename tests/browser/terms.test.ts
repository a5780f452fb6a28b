import { By } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { addDays, localDate } from '../../src/core/timing/zonedTime';
import { database } from '../../src/server/ground/database/database';
import { classAddress, Person, PHONE_SIZE } from './person';

let teacher: Person;
let other: Person;
let student: Person;

beforeAll(async () => {
  [teacher, other, student] = [await Person.arrive(), await Person.arrive(), await Person.arrive(PHONE_SIZE)];
  await teacher.signInAsTeacher('marisol');
  await other.signInAsTeacher('idris');
  await student.signInAsStudent('mara');
});
afterAll(async () => {
  for (const person of [teacher, other, student]) await person.leave();
});

/** The first term of the demo class, by its first day. */
const TERM = () => addDays(localDate(Date.now(), 'Europe/Dublin'), -92);
const ORAL = 'Barometer, told aloud';
/** Presses the heading of a column, which may be out of sight. */
const openColumn = (person: Person, title: string) =>
  person.driver.executeScript(
    `[...document.querySelectorAll('.book-columns [role=columnheader]')]
       .find((head) => head.textContent.includes(arguments[0])).querySelector('button').click()`,
    title,
  );
/** Changes what stands in the oral of a student, as another teacher does at their own desk. */
const changed = (givenName: string, figure: number) =>
  database.change(
    `UPDATE own_figures JOIN people ON people.id = person_id SET figure = :figure, typed_at = NOW() + INTERVAL 1 MINUTE
     WHERE given_name = :givenName`,
    { givenName, figure },
  );

test('a figure of an own column is given back, and its student sees it with its total, on the phone', async () => {
  await student.goToClass('/figures');
  await student.sees('given back to you');
  expect(await student.shows(ORAL)).toBe(false);
  await teacher.goToClass('/gradebook');
  await teacher.sees('to read');
  await openColumn(teacher, 'Barometer');
  await teacher.press('Give back the 21');
  // The form says it once more.
  await teacher.press('Give back the 21');
  await teacher.driver.wait(async () => !(await teacher.shows('are not given back')), 20_000);
  await student.goToClass('/figures');
  await student.sees(ORAL);
  expect(await student.barriers()).toEqual([]);
});

test('a term is closed with a reason while something is left, and its marks stand still', async () => {
  await teacher.goToClass(`/gradebook/${TERM()}`);
  await teacher.sees('to go, then it can be closed');
  expect(await teacher.barriers()).toEqual([]);
  await teacher.press('Close the term');
  await teacher.sees('marks stand so');
  await teacher.fill('Why it is closed all the same', 'The school wants the marks today.');
  await teacher.press('Close it all the same');
  await teacher.sees('First term is closed');
  await teacher.sees('Closed all the same: The school wants the marks today.');
});

test('a figure that changes after it waits there with who and when, until it is taken over', async () => {
  await changed('Kofi', 10);
  await teacher.goToClass(`/gradebook/${TERM()}`);
  await teacher.sees('One figure changed after the term was closed');
  await teacher.sees('from 8 to 10');
  expect(await teacher.barriers()).toEqual([]);
  await other.goTo(`${await classAddress()}/gradebook/${TERM()}`);
  await other.sees('One figure changed after the term was closed');
  await teacher.press('Take it over');
  await teacher.driver.wait(async () => !(await teacher.shows('changed after the term')), 20_000);
  // Somebody who has the page still open is told that it counts already.
  await other.press('Take it over');
  await other.sees('counts already');
});

test('the marks are taken as a file whose columns are named as the school wants them', async () => {
  await teacher.press('File of marks…');
  await teacher.sees('How it begins');
  await teacher.put('Heading of column 4', 'RESULT');
  await teacher.sees('RESULT');
  await teacher.press('Take the file');
  await teacher.driver.wait(async () => !(await teacher.shows('How it begins')), 20_000);
  await changed('Kofi', 2);
  await teacher.goToClass(`/gradebook/${TERM()}`);
  await teacher.press('Open it again');
  await teacher.sees('to go, then it can be closed');
  await teacher.press('File of marks…');
  await teacher.sees('since the last file (Marisol Tennant');
  await teacher.sees('Kofi A.: from');
  expect(await teacher.shows('RESULT')).toBe(true);
});

test('another mark is given with a reason on the school’s scale, with the keyboard alone', async () => {
  await teacher.goToClass(`/gradebook/${TERM()}`);
  await teacher.press('Final mark of Milo H.: Not yet. Change it');
  await teacher.choose('Final mark of Milo H.', 'On the way');
  await teacher.fill('Why Milo H. gets another mark', 'Here since November, and steady.');
  await teacher.press('Give it');
  await teacher.sees('was Not yet');
  await teacher.goToClass('/gradebook/year');
  await teacher.sees('The year so far');
  expect(await teacher.barriers()).toEqual([]);
  await teacher.press('How much each term counts…');
  await teacher.put('First term', '2');
  await teacher.press('Keep it');
  await teacher.sees('First term counts 50');
});

test('sheets for talks are printed one by one in the order of their appointments', async () => {
  await teacher.goToClass('/sheets');
  for (const name of ['Mara F.', 'Anouk O.'])
    await (await teacher.find(By.xpath(`//label[contains(., '${name}')]/input`))).click();
  await teacher.put('Appointment of Mara F.', '15:10');
  await teacher.press('Make the 2 sheets');
  await teacher.sees('2 sheets for talks.');
  expect(await teacher.barriers()).toEqual([]);
  const names = await teacher.driver.executeScript<string[]>(
    "return [...document.querySelectorAll('.talk-sheet')].map((one) => one.getAttribute('aria-label'))",
  );
  expect(names).toEqual(['Mara F.', 'Anouk O.']);
  expect(pagesOf(await teacher.printed())).toBe(2);
});

test('the gradebook is printed with headings on each of its sheets', async () => {
  await teacher.goToClass('/gradebook/print');
  await teacher.sees('Gradebook of 8B, Wind & Weather');
  expect(await teacher.barriers()).toEqual([]);
  expect(pagesOf(await teacher.printed())).toBeGreaterThanOrEqual(1);
});

/** How many pages a PDF has. */
function pagesOf(pdf: Buffer): number {
  return pdf.toString('latin1').match(/\/Type\s*\/Page\b/g)?.length ?? 0;
}
