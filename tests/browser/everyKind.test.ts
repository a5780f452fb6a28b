import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { By, Key, until } from 'selenium-webdriver';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { ASSIGNMENTS } from '../../demo/assignments';
import { drawPicture } from '../../demo/draw/picture';
import { OTHER_STUDENTS } from '../../demo/people';
import { instructionsFrom } from '../../src/core/assignments/lessonText';
import { REQUIREMENT_KINDS } from '../../src/core/requirements/registry';
import type { Requirement } from '../../src/core/requirements/requirement';
import { classIdOf, DESK_SIZE, Person, PHONE_SIZE, SMALL_CLASS_CODE } from './person';

const folder = mkdtempSync(path.join(tmpdir(), 'porch-every-kind-'));
const PATIENCE = 20_000;
const TOOLS = "//*[@role='toolbar']";
const MENU = "//*[@role='menu']";
const TRAY = "//*[contains(@class, 'tray')]";
const GATE = "//section[@aria-label='The gate']";

/** Every kind of requirement once, with something asked of each. */
const EVERY_KIND: Readonly<Record<string, object>> = {
  words: { min: 100, max: 600 },
  paragraphs: { min: 4 },
  title: { startsWith: '{number} · ' },
  parts: { headings: [{ text: 'What I saw', minWords: 10 }, { text: 'What I think' }] },
  pictures: { min: 1, credit: true, description: true },
  cover: { description: true },
  links: { min: 1, opens: true, descriptiveText: true },
  video: { min: 1, introductionWords: 5 },
  document: { min: 1, opens: true },
  labels: { allOf: ['moss'] },
  entries: { min: 2, title: true, minWords: 5, sequential: true },
  quotations: { min: 1, source: true },
  table: { min: 1, minRows: 2 },
  teaser: { minCharacters: 20, maxCharacters: 160 },
  starters: { min: 1, noneUnfinished: true },
  spelling: { maxUnknown: 3 },
  readingLevel: { from: 3, to: 18 },
  ownWords: { maxPercent: 40 },
  comments: { min: 1, minWords: 3 },
  judged: { text: 'Explains why' },
  selfCheck: { text: 'I read it aloud' },
};

const PIM = {
  saw: [
    'The old gate is green on the side where no sun comes in winter. I looked at it every day for a week.',
    'It was wet in the morning and dry at noon. The wood under it was soft and dark, and it smelled of rain.',
  ],
  thought: [
    'Moss has no roots. It drinks with all of its leaves at once, and so it needs the wet side of the wood.',
    'When the sun is on it for long it goes brown and waits. I did not know that a plant can wait.',
  ],
} as const;
const SOL = {
  saw: [
    'My grandmother has a stone step that nobody uses. Between its cracks a thick cushion has grown since spring.',
    'I pressed a finger into it and the hole was gone after an hour. Two small beetles lived inside, and a snail.',
  ],
  thought: [
    'Perhaps it likes the step because people stay away. Where we walk there is only grey stone and some dust.',
    'A cushion like this is a whole town for beetles. If I swept it off I would make many of them homeless.',
  ],
} as const;

/** What a classmate handed in for something else, and another one takes over. */
const TAKEN_OVER =
  'Behind the shed lies a log that fell in a storm before I was born. Three kinds of moss share it, and each keeps to its own side. I drew a map of them in October and again this week, and the border had moved by a thumb.';

/** Sets an assignment for the smaller class, whose students read each other as soon as they hand in. */
async function set(
  teacher: Person,
  title: string,
  number: number,
  requirements: readonly object[],
): Promise<string> {
  const classId = await classIdOf(SMALL_CLASS_CODE);
  const { assignmentId } = await teacher.ask<{ assignmentId: string }>('makeAssignment', { classId });
  const { fields } = ASSIGNMENTS.find((one) => one.key === 'storm')!;
  const due = `${new Date(Date.now() + 30 * 86_400_000).toISOString().slice(0, 10)}T16:00`;
  const starters = [{ when: 'To begin', starters: ['What surprised me is …'] }];
  const more = { audience: 'ourClass', release: 'handIn', missing: 'stops', outline: [] };
  await teacher.ask('changeAssignment', {
    assignmentId,
    version: 1,
    fields: { ...fields, ...more, number, title, due, requirements, starters },
  });
  await teacher.ask('setAssignment', { assignmentId });
  return assignmentId;
}

/** Writes and hands in a post as whoever is signed in. */
async function handInFor(person: Person, assignmentId: string, title: string, text: string): Promise<void> {
  const { postId } = await person.ask<{ postId: string }>('beginPost', { assignmentId });
  const writing = { title, labels: [], body: instructionsFrom(text) };
  await person.ask('savePost', { postId, version: 1, writing });
  await person.ask('handIn', { postId, version: 2 });
}

async function signIn(person: Person, name: string): Promise<void> {
  const student = OTHER_STUDENTS.find((one) => one.givenName === name)!;
  await person.goTo('/sign-in');
  await person.fill('Class code', SMALL_CLASS_CODE + Key.ENTER);
  await person.press(name);
  for (const word of student.passcode.split(' ')) await person.press(word, '//ul');
  await person.driver.wait(until.urlContains('/today'), PATIENCE);
}

beforeAll(async () => {
  const teacher = await Person.arrive();
  await teacher.signInAsTeacher('idris');
  await teacher.goTo('/classes');
  await teacher.press('The Moss Garden');
  await teacher.driver.wait(until.urlContains('/today'), PATIENCE);
  const small = await set(teacher, 'A first leaf', 11, []);
  const requirements = Object.entries(EVERY_KIND).map(([kind, settings]) => ({
    ...{ id: kind, kind, weight: 'required', points: 1 },
    ...settings,
  })) as readonly Requirement[];
  await set(teacher, 'All of it', 12, requirements);
  const alike = await set(teacher, 'In your own words', 13, [
    requirements.find((one) => one.kind === 'ownWords')!,
  ]);
  // A classmate's posts, to comment on and to be like.
  await signIn(teacher, 'Vera');
  await handInFor(teacher, small, 'A leaf', 'Moss grows on the gate.');
  await handInFor(teacher, alike, 'My log', TAKEN_OVER);
  await teacher.leave();
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

test('every kind is asked for here', () => {
  expect(Object.keys(EVERY_KIND).sort()).toEqual(REQUIREMENT_KINDS.map((one) => one.kind).sort());
});

describe.each([
  ['at a desk', DESK_SIZE, 'Pim', 'cumulus 81', PIM],
  ['on a phone, the line cut in the middle', PHONE_SIZE, 'Sol', 'cumulus 82', SOL],
])('from a blank page to a handed-in post %s', (_, size, name, drawing, said) => {
  const onPhone = size === PHONE_SIZE;
  let writer: Person;
  beforeAll(async () => {
    writer = await Person.arrive(size);
  });
  afterAll(() => writer.leave());

  const type = (...keys: string[]) =>
    writer.driver
      .actions()
      .sendKeys(...keys)
      .perform();

  /** Raises the tray of a bay: on a phone from the list of all. */
  async function open(bay: string): Promise<void> {
    if (onPhone) {
      await writer.press('Show all', '//footer');
      await writer.press(bay, TRAY);
    } else await writer.press(bay, "//footer//*[contains(@class, 'bays')]");
  }

  async function atEnd(): Promise<void> {
    await writer.driver.executeScript("document.querySelector('.ProseMirror').focus()");
    await type(Key.chord(Key.CONTROL, Key.END));
  }

  async function put(what: string, address: string): Promise<void> {
    await writer.press('More', TOOLS);
    await writer.press(what, MENU);
    await writer.fill('Its address', address);
    await writer.press('Put it in');
  }

  test('a comment under a classmate’s post first', async () => {
    await signIn(writer, name);
    await writer.goTo('/blog/moss');
    await writer.press('A leaf');
    // What somebody else has said already would wait until it is read.
    const asked = onPhone ? 'Does it like the north side?' : 'Which moss was it, please?';
    await writer.fill('Say something about it', asked);
    await writer.press('Say it');
    await writer.sees(asked);
  });

  test('title, parts and paragraphs', async () => {
    await writer.goTo('/today');
    await writer.press('Begin All of it');
    await writer.find(By.css('.ProseMirror'));
    await writer.fill('Title', `12 · The gate of ${name}`);
    const text = await writer.field('Your text');
    await text.sendKeys(
      ...['## What I saw', Key.ENTER],
      ...said.saw.flatMap((paragraph) => [paragraph, Key.ENTER]),
    );
  });

  test('what is written while the line is down is kept, and saved when it is back', async () => {
    if (onPhone) {
      await writer.isSaved();
      await writer.isOffline(true);
    }
    await atEnd();
    await type(
      ...['## What I think', Key.ENTER],
      ...said.thought.flatMap((paragraph) => [paragraph, Key.ENTER]),
    );
    await writer.sees(said.thought[1]);
    if (onPhone) {
      await writer.sees('on this device');
      await writer.isOffline(false);
    }
    await writer.isSaved();
  });

  test('entries, a starter, a quotation and a table', async () => {
    await atEnd();
    await type('## 1. Monday', Key.ENTER, 'Rain all day, and the gate dripped.', Key.ENTER);
    await type('## 2. Tuesday', Key.ENTER, 'Dry and cold, with wind from the hill.', Key.ENTER);
    await open('Sentence starters');
    await writer.press('What surprised me is', TRAY);
    await type('the smell of it.');
    await type(Key.ENTER, 'It never sleeps.');
    await writer.press('Quotation', TOOLS);
    await open('Quotations');
    await writer.press('Go there', TRAY);
    await type('The gardener next door');
    await atEnd();
    await writer.press('More', TOOLS);
    await writer.press('Table', MENU);
    await type('Day', Key.TAB, 'Wet', Key.TAB, 'Monday', Key.TAB, 'yes');
    await writer.isSaved();
  });

  test('a picture with its credit and description, and a cover', async () => {
    const picture = path.join(folder, `${name}.png`);
    writeFileSync(picture, await drawPicture(drawing as never));
    await atEnd();
    await writer.bringPicture(picture);
    await writer.find(By.css('.ProseMirror [data-picture] img'));
    // Its caption is in sight once the picture has its height.
    await writer.driver.wait(
      () =>
        writer.driver.executeScript<boolean>(
          `const caption = document.querySelector('.ProseMirror [data-caption]').getBoundingClientRect();
           const page = document.querySelector('.leafpage').getBoundingClientRect();
           const { complete, naturalHeight } = document.querySelector('.ProseMirror [data-picture] img');
           return complete && naturalHeight > 0 && caption.top > page.top && caption.bottom < page.bottom;`,
        ),
      PATIENCE,
      'the caption is out of sight',
    );
    await type(Key.ESCAPE);
    await writer.fill('For people who can’t see it', 'The gate with moss on its lower half');
    await open('Pictures');
    await writer.press('I took it', TRAY);
    await type(Key.ESCAPE);
    await open('Cover picture');
    await writer.press('Choose this picture', TRAY);
    await writer.fill('What does it show', 'The gate');
    await type(Key.ESCAPE);
    await writer.isSaved();
  });

  test('a link, a video and a shared document', async () => {
    await atEnd();
    // The picture is the last thing in the post: from its credit Enter goes on to a new paragraph.
    await type(Key.ENTER, 'Here is how it is looked at by others, step by step: ');
    await writer.press('Link', TOOLS);
    await writer.fill('Words to press', 'the moss pages');
    await writer.fill('Where it leads', `harbour.example/moss${Key.ENTER}`);
    await put('Video', 'https://films.example/film/2');
    await writer.find(By.css('.addressed img[src^="/pictures/"]'));
    expect(await (await writer.find(By.css('.ProseMirror [data-credit]'))).getText()).toBe(name);
    await put('Shared document', 'https://papers.example/open/moss');
    await writer.isSaved();
  });

  test('labels, teaser and what the writer confirms', async () => {
    await open('Labels');
    await writer.press('moss', TRAY);
    await type(Key.ESCAPE);
    await open('Teaser');
    await writer.fill('Teaser', 'A week at a gate, and a plant that can wait.');
    await type(Key.ESCAPE);
    await open('I read it aloud');
    await (await writer.field('Yes, I have done this')).click();
    await type(Key.ESCAPE);
    await writer.isSaved();
    if (!onPhone) {
      // So many bays scroll under the first.
      const bays = "const bays = document.querySelector('footer .bays'); bays.scrollLeft = bays.scrollWidth;";
      const first = await writer.driver.executeScript<number>(
        `${bays} return bays.firstElementChild.getBoundingClientRect().left - bays.getBoundingClientRect().left;`,
      );
      expect(first).toBe(0);
    }
    expect(await writer.barriers()).toEqual([]);
    expect(await writer.standsOut()).toEqual([]);
  });

  test('nothing is missing, and it is handed in', async () => {
    await writer.sees('All done');
    await writer.press('Hand in', GATE);
    await writer.sees('Nothing is missing');
    await writer.press('Hand it in', GATE);
    await writer.sees('Idris Vale has your post');
    await writer.sees('20 of 21 done');
    expect(await writer.barriers()).toEqual([]);
  });
});

test('what only the server can see is said at the gate, by its name', async () => {
  const writer = await Person.arrive(PHONE_SIZE);
  await signIn(writer, 'Sol');
  await writer.press('Begin In your own words');
  const text = await writer.field('Your text');
  await text.sendKeys(TAKEN_OVER);
  await writer.press('Hand in', GATE);
  await writer.press('Hand it in', GATE);
  await writer.sees('“Own words” was looked at just now: 100 per cent like others’, at most 40.');
  expect(await writer.standsOut()).toEqual([]);
  await writer.leave();
});
