import { By } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { database } from '../../src/server/ground/database/database';
import { CLASS_CODE, classAddress, DESK_SIZE, origin, Person, PHONE_SIZE } from './person';

let teacher: Person;
let visitor: Person;

beforeAll(async () => {
  teacher = await Person.arrive(DESK_SIZE);
  visitor = await Person.arrive(PHONE_SIZE);
});
afterAll(async () => {
  for (const person of [teacher, visitor]) await person.leave();
});

const classSpeaks = (language: string) =>
  database.change('UPDATE classes SET language = :language WHERE code = :code', {
    language,
    code: CLASS_CODE,
  });

const spoken = async (person: Person) => {
  const html = await person.find(By.css('html'));
  return [await html.getAttribute('lang'), await html.getAttribute('dir')];
};

const isWell = async (person: Person) => {
  expect(await person.barriers()).toEqual([]);
  expect(await person.standsOut()).toEqual([]);
  expect(await person.complaints()).toEqual([]);
};

test('a teacher turns every page of the desk to German, and the blog keeps the language of its class', async () => {
  await teacher.signInAsTeacher('marisol');
  await teacher.goTo('/account');
  await teacher.choose('Green Porch speaks to me', 'Deutsch');
  await teacher.sees('Auf einem Gerät angemeldet');
  expect(await spoken(teacher)).toEqual(['de', 'ltr']);
  const inClass = await classAddress();
  for (const [page, words] of [
    ['/today', 'zu lesen'],
    ['/pile', 'Den ganzen Beitrag anmerken'],
    [`${inClass}/assignments`, 'Eine Aufgabe machen'],
    [inClass, 'Lernende aufnehmen'],
    [`${inClass}/settings`, 'Sprache der Klasse'],
    [`${inClass}/roles`, 'Die ganze Tabelle'],
  ] as const) {
    await teacher.goTo(page);
    await teacher.sees(words);
    await isWell(teacher);
  }
  await teacher.press('Klassenblog');
  await teacher.sees('My pages');
  expect(await spoken(teacher)).toEqual(['en-GB', 'ltr']);
  await teacher.press('My pages');
  await teacher.sees('Heute');
});

test('what is refused is refused in German too', async () => {
  await teacher.goTo('/account');
  await teacher.goToClass('/settings');
  await teacher.fill('Titel des Klassenblogs', ' ');
  await teacher.press('Behalten');
  await teacher.sees('Eine Klasse braucht einen Titel.');
});

test('and back to the language of the class', async () => {
  await teacher.goTo('/account');
  await teacher.choose('Green Porch spricht mit mir', 'wie meine Klasse');
  await teacher.sees('Signed in on one device');
});

test('readers read in the language of the class, whatever their browser asks for', async () => {
  await classSpeaks('de-CH');
  await visitor.goTo('/blog/wind');
  await visitor.sees('Beiträge nach Schlagwort');
  expect(await spoken(visitor)).toEqual(['de-CH', 'ltr']);
  await isWell(visitor);
  await visitor.goTo('/privacy-notice/wind');
  await visitor.sees('Wie Kinder sich anmelden');
  await classSpeaks('ar');
  await visitor.goTo('/blog/wind');
  // Nothing speaks Arabic here yet; what the class wrote stands as Arabic is written.
  await visitor.sees('Posts by label');
  expect(await spoken(visitor)).toEqual(['ar', 'rtl']);
});

test('a blog that is closed speaks like one that is not there', async () => {
  const asked = async (address: string) => {
    const answer = await fetch(origin() + address, { headers: { 'accept-language': 'en' } });
    const html = await answer.text();
    return [answer.status, /<html[^>]*>/.exec(html)?.[0]];
  };
  await classSpeaks('de-CH');
  await database.change("UPDATE classes SET ceiling = 'ourClass' WHERE code = :code", { code: CLASS_CODE });
  const closed = await Promise.all([asked('/blog/wind'), asked('/privacy-notice/wind')]);
  expect(closed).toEqual(await Promise.all([asked('/blog/nowhere'), asked('/privacy-notice/nowhere')]));
  expect(closed[0][0]).toBe(404);
  await visitor.goTo('/blog/wind');
  await visitor.sees('There is nothing here for you');
  expect(await spoken(visitor)).toEqual(['en-GB', 'ltr']);
  await database.change("UPDATE classes SET ceiling = 'everyone' WHERE code = :code", { code: CLASS_CODE });
});

test('who is not signed in is spoken to as their browser asks', async () => {
  await visitor.driver.sendDevToolsCommand('Network.enable', {});
  await visitor.driver.sendDevToolsCommand('Network.setExtraHTTPHeaders', {
    headers: { 'accept-language': 'fr, de;q=0.8, en;q=0.5' },
  });
  await visitor.goTo('/sign-in');
  await visitor.sees('In welcher Klasse bist du?');
  expect(await spoken(visitor)).toEqual(['de', 'ltr']);
});
