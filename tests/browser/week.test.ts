import { Key, until } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { database } from '../../src/server/ground/database/database';
import { localDate } from '../../src/core/timing/zonedTime';
import { linkIn, mailsTo } from '../support/mails';
import { Person } from './person';

let teacher: Person;
let supply: Person;
const SUPPLY = 'orla.pennick@example.org';
const IN_TEN_DAYS = localDate(Date.now() + 10 * 86_400_000, 'Europe/Dublin');

beforeAll(async () => {
  teacher = await Person.arrive();
  supply = await Person.arrive();
  await teacher.signInAsTeacher('marisol');
});
afterAll(async () => {
  for (const person of [teacher, supply]) await person.leave();
});

async function invited(): Promise<string> {
  let link = '';
  await teacher.driver.wait(async () => {
    const mail = (await mailsTo(SUPPLY)).find((one) => one.subject.includes('asks you into'));
    link = linkIn(mail);
    return mail !== undefined;
  }, 20_000);
  return link;
}

test('a teacher who will be away asks a supply teacher in until a day, and leaves a line', async () => {
  await teacher.goToClass('/invitations');
  await (await teacher.field('supply teacher')).click();
  await teacher.fill('E-mail', SUPPLY);
  await teacher.put('Their last day', IN_TEN_DAYS);
  await teacher.press('Send the invitation');
  await teacher.sees(`The mail to ${SUPPLY} is on its way.`);
  await teacher.goToClass('/here');
  await teacher.fill('Your line for whoever takes over', 'The log is due on Thursday; Mara reads aloud.');
  await teacher.sees('Kept as you write');
});

test('who is let in finds where the class is first, and neither roster nor cards', async () => {
  await supply.goTo(await invited());
  await supply.fill('First name', 'Orla');
  await supply.fill('Family name', 'Pennick');
  await supply.fill('Choose a password', 'eleven oars in a boat' + Key.ENTER);
  await supply.driver.wait(until.urlContains('/here'), 20_000);
  await supply.sees('is yours until');
  await supply.sees('The log is due on Thursday; Mara reads aloud.');
  expect(await supply.barriers()).toEqual([]);
  for (const page of ['', '/cards', '/privacy']) {
    await supply.goToClass(page);
    await supply.sees('There is nothing here for you');
  }
  await supply.goTo('/pile');
  await supply.sees('Wind & Weather');
});

test('the day after the last one nothing of the class is there any more', async () => {
  await database.change(
    `UPDATE memberships JOIN people ON people.id = person_id SET until = DATE_SUB(UTC_TIMESTAMP(3), INTERVAL 1 SECOND)
     WHERE email = :email`,
    { email: SUPPLY },
  );
  await supply.goToClass('/here');
  await supply.sees('There is nothing here for you');
});

test('a teacher says who is in a picture, and Escape leaves the question', async () => {
  await teacher.goToClass('/pictures');
  await teacher.press('Who is in it?');
  await teacher.sees('Who is in this picture?');
  await (await teacher.field('These people')).sendKeys(Key.SPACE);
  await (await teacher.field('Mara')).sendKeys(Key.SPACE);
  await (await teacher.field('Mara')).sendKeys(Key.ESCAPE);
  await teacher.driver.wait(async () => !(await teacher.shows('Who is in this picture?')), 20_000);
  // Who left goes on from there.
  await teacher.driver.wait(
    async () => (await teacher.driver.switchTo().activeElement().getTagName()) !== 'body',
    20_000,
  );
  await teacher.press('Who is in it?');
  await (await teacher.field('These people')).click();
  await (await teacher.field('Mara')).click();
  expect(await teacher.barriers()).toEqual([]);
  await teacher.press('Keep this');
  await teacher.driver.wait(async () => {
    const [row] = await database.rows<{ readonly many: number }>(
      'SELECT COUNT(*) AS many FROM picture_people JOIN people ON people.id = person_id WHERE given_name = :name',
      { name: 'Mara' },
    );
    return row?.many === 1;
  }, 20_000);
});

test('pasted columns ask which name is the family’s, and who is here already asks The same or Another', async () => {
  await teacher.goToClass('');
  const list = 'Brackley\tTomas\nOkafor\tIndigo\nOkafor\tIndigo\n';
  await teacher.put('Names, one to a line', list);
  await teacher.press('Look through them');
  await teacher.sees('What stands first in each line?');
  await (await teacher.field('the family name')).click();
  // Who is here by this name is taken for the same, and can be said to be another.
  await teacher.control('Another: Tomas Brackley');
  await teacher.sees('stands earlier in the list. The same child?');
  await teacher.press('Another: Indigo Okafor');
  await teacher.sees('Three lines, two will come in');
  expect(await teacher.barriers()).toEqual([]);
});
