import { By, Key, until } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { ASSIGNMENTS } from '../../demo/assignments';
import { STUDENTS } from '../../demo/people';
import { database } from '../../src/server/ground/database/database';
import { Person } from './person';

const PATIENCE = 20_000;
/** So often a key is pressed at most on the way to something. */
const MOST = 40;

let teacher: Person;

beforeAll(async () => {
  await database.change("UPDATE assignments SET hides_names = TRUE WHERE title = 'Three skies'");
  teacher = await Person.arrive();
  await teacher.signInAsTeacher('marisol');
});
afterAll(() => teacher.leave());

/** The keys alone; nothing in this file clicks. */
const keys = (...pressed: string[]) =>
  teacher.driver
    .actions()
    .sendKeys(...pressed)
    .perform();
const altAnd = (key: string) =>
  teacher.driver.actions().keyDown(Key.ALT).sendKeys(key).keyUp(Key.ALT).perform();
const inFocus = (script: string) =>
  teacher.driver.executeScript<string>(`const here = document.activeElement; return ${script}`);
const focusOn = async (words: RegExp) => words.test((await inFocus('here.textContent')).trim());
const focusIn = async (holder: string) =>
  (await inFocus(`here.closest('${holder}') ? 'in' : 'out'`)) === 'in';

/** Presses a key until something has come true. */
async function pressUntil(key: string, isThere: () => Promise<boolean>): Promise<void> {
  for (let times = 0; times < MOST; times += 1) {
    if (await isThere()) return;
    await keys(key);
  }
  throw new Error(
    `${JSON.stringify(key)} led nowhere; the focus is on ${await inFocus('here.outerHTML.slice(0, 200)')}`,
  );
}

/** Waits for something, and says what did not come. */
async function comes(what: string, isThere: () => Promise<boolean>): Promise<void> {
  try {
    await teacher.driver.wait(isThere, PATIENCE);
  } catch (error) {
    throw new Error(
      `${what} did not come; the focus is on ${await inFocus('here.outerHTML.slice(0, 200)')}`,
      {
        cause: error,
      },
    );
  }
}

const waiting = async () =>
  Number(
    (
      await database.rows<{ count: number }>("SELECT COUNT(*) AS count FROM posts WHERE stage = 'handedIn'")
    )[0]?.count,
  );
const shownPost = async () => /\/pile\/(\w+)/.exec(await teacher.driver.getCurrentUrl())?.[1] ?? '';

/** Judges every criterion of the post that is read, one bay after the other; how many there are. */
async function judgesAll(): Promise<number> {
  await pressUntil(Key.F6, () => focusIn('.railing .bays'));
  const judged = new Set<string>();
  let before = '';
  for (let bay = await inBay(); bay !== before; bay = await inBay()) {
    before = bay;
    if (RUBRIC.has(bay)) {
      await keys('1');
      await comes('judged', async () =>
        (await inFocus("here.getAttribute('aria-label')")).includes('level 1'),
      );
      judged.add(bay);
    }
    await keys(Key.ARROW_RIGHT);
  }
  return judged.size;
}
/** The name of the bay that has the focus. */
const inBay = async () =>
  (await inFocus("here.getAttribute('aria-label') ?? here.textContent")).split(':')[0] ?? '';
const RUBRIC = new Set(ASSIGNMENTS.flatMap(({ fields }) => fields.rubric.map(({ name }) => name)));

test('a pile of eight is read to its end by keys alone, names hidden where an assignment hides them', async () => {
  await teacher.goTo('/pile');
  const all = await waiting();
  expect(all).toBeGreaterThanOrEqual(8);
  const [{ hiding } = { hiding: 0 }] = await database.rows<{ hiding: number }>(
    `SELECT COUNT(*) AS hiding FROM posts JOIN assignments ON assignments.id = assignment_id
     WHERE stage = 'handedIn' AND hides_names`,
  );
  expect(hiding).toBeGreaterThan(2);
  const names = STUDENTS.map(({ givenName }) => givenName);
  let anonymous = 0;
  const read = new Set<string>();
  for (let slip = 0; slip < all; slip += 1) {
    await teacher.find(By.css('.pin-here'));
    const postId = await shownPost();
    expect(read.has(postId), 'a slip is read once').toBe(false);
    read.add(postId);
    const said = await teacher.driver.executeScript<string>(
      "return document.querySelector('.sheet-text h1 + p, .sheet-text .mb-4').textContent",
    );
    if (said.includes('№')) {
      anonymous += 1;
      const page = await teacher.driver.executeScript<string>(
        "return document.querySelector('.railing').innerText + document.querySelector('.sheet-text > p').innerText",
      );
      expect(names.filter((name) => new RegExp(`\\b${name}\\b`).test(page))).toEqual([]);
    }
    // A sentence of the text, a note on it, and what is typed is kept.
    await pressUntil(Key.F6, () => focusIn('.pin-here'));
    await keys(Key.ARROW_RIGHT, Key.ENTER);
    await comes('the note', async () => (await inFocus('here.tagName')) === 'TEXTAREA');
    await keys(`Read as number ${slip + 1}.`);
    await teacher.sees('Kept. Only you see it until you send it.');
    const judged = await judgesAll();
    expect(judged).toBeGreaterThan(0);
    await pressUntil(Key.F6, () => focusIn('.gate'));
    const last = slip === all - 1;
    await pressUntil(Key.TAB, () => focusOn(last ? /^Accept(?! and|,)/ : /^Accept and read the next one/));
    await keys(Key.ENTER);
    await comes('the next slip', async () => {
      // What strangers should not know is asked about once.
      if (await focusOn(/^Not yet/))
        await pressUntil(Key.TAB, () => focusOn(/^Let it out/)).then(() => keys(Key.ENTER));
      return last || (await shownPost()) !== postId;
    });
  }
  expect(anonymous).toBe(hiding);
  await expect.poll(waiting, { timeout: 40_000 }).toBe(0);
  const notes = await database.rows("SELECT 1 FROM notes WHERE sent LIKE 'Read as number %'");
  expect(notes).toHaveLength(all);
});

test('the next slip and the one before are a key away', async () => {
  await database.change("UPDATE posts SET stage = 'handedIn' WHERE stage = 'accepted' LIMIT 3");
  await teacher.goTo('/pile');
  await teacher.find(By.css('.pin-here'));
  const first = await shownPost();
  await altAnd(Key.PAGE_DOWN);
  await teacher.driver.wait(async () => (await shownPost()) !== first, PATIENCE);
  await altAnd(Key.PAGE_UP);
  await teacher.driver.wait(until.urlContains(first), PATIENCE);
});
