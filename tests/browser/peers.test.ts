import { By, Key } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { ASSIGNMENTS } from '../../demo/assignments';
import { addressesOf } from '../../src/contract/addresses';
import { instructionsFrom } from '../../src/core/assignments/lessonText';
import { database } from '../../src/server/ground/database/database';
import { Person, PHONE_SIZE } from './person';

const PATIENCE = 20_000;
const NAMES = ['Ada Wren', 'Ben Thorne', 'Cleo Marsh', 'Dov Heath', 'Eve Rook'];
let teacher: Person;
let ada: Person;
let ben: Person;
let another: Person;
let classId: string;
let assignmentId: string;
let code: string;
const cards = new Map<string, { readonly personId: string; readonly passcode: string }>();
const posts = new Map<string, string>();

/** Signs a child of the class in, as the page of the sign-in would. */
async function signIn(person: Person, name: string): Promise<void> {
  await person.goTo('/sign-in');
  await person.driver.executeAsyncScript(
    `const [code, name, passcode, done] = arguments;
     const post = (path, body) => fetch(path, { method: 'POST', body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }).then((response) => response.json());
     post('/api/names', { code }).then(({ value }) => post('/api/session', { as: 'student', code, passcode, who: value.names.find((one) => one.name.startsWith(name)).who })).then(done);`,
    code,
    name,
    cards.get(name)?.passcode ?? '',
  );
  await person.goTo('/today');
}

async function write(person: Person, name: string, text: string): Promise<void> {
  const { postId } = await person.ask<{ postId: string }>('beginPost', { assignmentId });
  posts.set(name, postId);
  const writing = { title: `What ${name} saw`, labels: [], body: instructionsFrom(text) };
  await person.ask('savePost', { postId, version: 1, writing });
}

/** What is due in some minutes is due now. */
async function atOnce(): Promise<void> {
  const now = new Date();
  await database.change('UPDATE peer_rounds SET takes_at = :now WHERE taken_at IS NULL', { now });
  await database.change("UPDATE jobs SET run_at = :now WHERE kind = 'takePeerTexts'", { now });
}

/** Letters that are typed into a list are taken for several words on a slow machine. */
const choose = async (label: string, name: string) =>
  (await (await teacher.field(label)).findElement(By.xpath(`./option[.='${name}']`))).click();

const named = (name: string) => cards.get(name)!.personId;
const showsAfter = async (person: Person, page: string, words: string) => {
  await person.driver.wait(async () => {
    await person.goTo(page);
    return person.shows(words);
  }, PATIENCE);
};

beforeAll(async () => {
  [teacher, ada, another] = [await Person.arrive(), await Person.arrive(), await Person.arrive()];
  ben = await Person.arrive(PHONE_SIZE);
  await teacher.signInAsTeacher('idris');
  const place = { timeZone: 'Europe/Dublin', language: 'en-GB' };
  ({ classId } = await teacher.ask<{ classId: string }>('makeClass', {
    ...{ title: 'The Rain Gauge', groupName: '6A', ...place },
  }));
  const [row] = await database.rows<{ readonly code: string }>(
    'SELECT code FROM classes WHERE id = :classId',
    {
      classId,
    },
  );
  code = row!.code;
  const source = { kind: 'lines', text: NAMES.join('\n') };
  const { made } = await teacher.ask<{ made: string[] }>('importPeople', {
    classId,
    source,
    same: [],
    another: [],
  });
  const made5 = await teacher.ask<{ cards: { personId: string; name: string; passcode: string }[] }>(
    'makePasscodes',
    { classId, personIds: made },
  );
  for (const { name, ...card } of made5.cards) cards.set(name.split(' ')[0] ?? '', card);
  ({ assignmentId } = await teacher.ask<{ assignmentId: string }>('makeAssignment', { classId }));
  const { fields } = ASSIGNMENTS.find((one) => one.key === 'storm')!;
  const due = `${new Date(Date.now() + 30 * 86_400_000).toISOString().slice(0, 10)}T16:00`;
  const simple = { number: 6, title: 'What my jar caught', due, requirements: [], outline: [] };
  await teacher.ask('changeAssignment', {
    ...{ assignmentId, version: 1, fields: { ...fields, ...simple, audience: 'ourClass' } },
  });
  await teacher.ask('setAssignment', { assignmentId });
  await signIn(ada, 'Ada');
  await write(ada, 'Ada', 'I put a jam jar on the last post of the landing. No roof drips into it.');
  await signIn(ben, 'Ben');
  await write(
    ben,
    'Ben',
    'In twelve nights the radio said rain seven times. There was a very small crab in the jar.',
  );
  for (const name of ['Cleo', 'Dov']) {
    await signIn(another, name);
    await write(another, name, `What ${name} measured. It rained.`);
  }
});
afterAll(async () => {
  for (const person of [teacher, ada, ben, another]) await person.leave();
});

test('a teacher says what readers are asked, keeps two apart, and makes groups', async () => {
  // Who writes already when all of that begins is told too.
  await ada.goTo(addressesOf(classId).post(posts.get('Ada')!));
  await teacher.goTo(addressesOf(classId).set(assignmentId));
  await teacher.press('Reading each other');
  await teacher.sees('is written without reading each other');
  await (await teacher.field('two')).click();
  await teacher.press('Let them read each other');
  await teacher.sees('No groups were made');
  await choose('One', 'Ada W.');
  await choose('The other', 'Cleo M.');
  await teacher.press('Keep them apart');
  await teacher.find(By.xpath("//li[contains(., 'Ada W.')][contains(., 'Cleo M.')]"));
  // With Dov out of the way too, Ada and Ben are a pair.
  await teacher.ask('keepApart', { classId, oneId: named('Ada'), otherId: named('Dov'), apart: true });
  expect(await teacher.barriers()).toEqual([]);
  await teacher.press('Make groups now');
  await teacher.sees('The texts go to their readers on');
  expect(await teacher.complaints()).toEqual([]);
});

test('every writer is told what goes to whom, and the text is taken as it stands then', async () => {
  await ada.driver.wait(() => ada.shows('Your text goes to Ben T.'), 2 * PATIENCE);
  expect(await ada.barriers()).toEqual([]);
  await atOnce();
  await showsAfter(ada, '/today', 'Read Ben T.’s text');
});

/** What is kept under a name of what a reader says; null for nothing. */
async function wordsOf(name: string): Promise<string | null> {
  const [row] = await database.rows<{ readonly words: string }>(
    `SELECT words FROM peer_words JOIN peer_readings ON peer_readings.id = reading_id
     WHERE name = :name AND reader_id = :reader`,
    { name, reader: named('Ada') },
  );
  return row?.words ?? null;
}

test('a reader answers and pins a note with the keyboard', async () => {
  await ada.press('Read Ben T.’s text');
  await ada.sees('You are reading for Ben');
  await ada.sees('a very small crab');
  const text = await ada.find(By.css('.pin-here'));
  await text.sendKeys(Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ENTER);
  await ada.fill('New note', 'I laughed here. Did you let it go?');
  await ada.sees('Kept.');
  await ada.press('What could you see best?', '//footer');
  await ada.fill('What could you see best?', 'The crab in the jar.');
  await ada.sees('answered, 5 words');
  expect(await ada.barriers()).toEqual([]);
});

test('what a reader types while the line is cut is on the device, also when the page is closed, and goes when it is back', async () => {
  await ada.driver.wait(async () => (await wordsOf('0')) === 'The crab in the jar.', PATIENCE);
  await ada.isOffline(true);
  await ada.fill('What could you see best?', 'The crab in the jar, and the landing.');
  await ada.sees('These words are on this device');
  await ada.driver.get('data:text/html,closed');
  await ada.isOffline(false);
  await ada.driver.navigate().back();
  await ada.sees('answered, 8 words');
  await ada.driver.wait(async () => (await wordsOf('0'))?.endsWith('landing.'), PATIENCE);
  await ada.sees('Kept.');
  // Nothing but what the line was cut for.
  expect((await ada.complaints()).filter((one) => !one.includes('ERR_INTERNET_DISCONNECTED'))).toEqual([]);
});

test('it is given back, and nothing of it is there for the writer before', async () => {
  await ben.goTo(addressesOf(classId).post(posts.get('Ben')!));
  await ben.sees('Read Ada W.’s text');
  expect(await ben.shows('I laughed here')).toBe(false);
  await ada.press('Give it back to Ben');
  await ada.sees('Ben has it');
  expect(await ada.complaints()).toEqual([]);
});

test('the writer reads it on a phone beside the text, and says that it helped', async () => {
  await ben.goTo(addressesOf(classId).post(posts.get('Ben')!));
  await ben.sees('Ada W. read your text');
  await ben.sees('I laughed here. Did you let it go?');
  await ben.press('Read Ada W.’s text');
  await ben.sees('You are reading for Ada');
  expect(await ben.standsOut()).toEqual([]);
  expect(await ben.barriers()).toEqual([]);
  await ben.goTo(addressesOf(classId).post(posts.get('Ben')!));
  await (await ben.field('This helped me')).click();
  await ben.driver.sleep(600);
  await teacher.goTo(addressesOf(classId).peers(assignmentId));
  await teacher.sees('and it helped');
});

test('who comes late joins a group, told before with whom', async () => {
  await signIn(another, 'Eve');
  await write(another, 'Eve', 'Fog, at last. I measured nothing.');
  await another.goTo(addressesOf(classId).post(posts.get('Eve')!));
  await another.sees('Groups are reading already.');
  await another.press('Join in');
  await another.sees('have your text as it stood then');
  await another.goTo('/today');
  await another.sees('’s text for “What my jar caught”');
});

test('a teacher takes words back, and the reading ends when the writer hands in', async () => {
  await teacher.goTo(addressesOf(classId).peers(assignmentId));
  await teacher.sees('1 of 8 readings are given back');
  await teacher.press('gave Ben T. 2 answers and notes');
  await teacher.press('Take it back');
  await teacher.sees('taken back');
  await ben.goTo(addressesOf(classId).post(posts.get('Ben')!));
  await ben.sees('Ada W. read your text');
  expect(await ben.shows('The crab in the jar, and the landing.')).toBe(false);
  await ben.ask('handIn', { postId: posts.get('Ben'), version: 2 });
  await ada.driver.navigate().refresh();
  await ada.sees('Ben has handed in');
  expect(await ada.shows('twelve nights')).toBe(false);
});
