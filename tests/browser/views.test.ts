import { By } from 'selenium-webdriver';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { classAddress, DESK_SIZE, Person, PHONE_SIZE } from './person';

/** Follows the first link that fits, and gives the address that it leads to. */
async function addressOf(person: Person, page: string, link: string): Promise<string> {
  await person.goTo(page);
  const href = await (await person.find(By.css(link))).getAttribute('href');
  return new URL(href ?? '').pathname;
}

describe.each([
  ['at a desk', DESK_SIZE],
  ['on a phone', PHONE_SIZE],
])('%s', (_, size) => {
  let person: Person;
  beforeAll(async () => {
    person = await Person.arrive(size);
  });
  afterAll(() => person.leave());

  const isWell = async (landmark: string) => {
    await person.find(By.css(landmark));
    expect(await person.barriers()).toEqual([]);
    expect(await person.standsOut()).toEqual([]);
    expect((await person.complaints()).filter((message) => !message.includes('status of 404'))).toEqual([]);
  };

  test('signing in', async () => {
    await person.goTo('/sign-in');
    await isWell('main input');
    await person.press('For grown-ups');
    await isWell('main input[type=password]');
    for (const page of ['/forgotten', '/new-password/x', '/invitation/x']) {
      await person.goTo(page);
      await isWell('main h1');
    }
  });

  test('what a visitor sees', async () => {
    await person.goTo('/blog/wind');
    await isWell('.front .card');
    await person.goTo(await addressOf(person, '/blog/wind', '.card a'));
    await isWell('.post-body');
    await person.goTo('/privacy-notice/wind');
    await isWell('main h2');
    await person.goTo('/nowhere');
    await isWell('main h1');
  });

  test('what a student sees', async () => {
    await person.signInAsStudent('tomas');
    await isWell('.week');
    await person.goTo('/writing');
    await isWell('main .rows');
    await person.goTo(await addressOf(person, '/writing', ".rows a[aria-label^='Write on']"));
    await isWell('.ProseMirror');
    await person.press('Hand in', "//section[@aria-label='The gate']");
    await isWell('.tray.wide');
  });

  test('what a writer gets for a hand-in', async () => {
    await person.signInAsStudent('rafi');
    await person.goTo(await addressOf(person, '/writing', ".rows a[aria-label^='Receipt']"));
    await isWell('.receipt');
    await person.goTo(
      await addressOf(
        person,
        await person.driver.getCurrentUrl().then((url) => new URL(url).pathname),
        "a[href*='/kept/']",
      ),
    );
    await isWell('.post-body');
  });

  test('what an administrator sees', async () => {
    await person.signInAsTeacher('wilma');
    await person.goTo('/administration');
    await isWell('main .rows');
  });

  test('what a teacher sees', async () => {
    await person.signInAsTeacher('marisol');
    await isWell('.week');
    await person.goToClass('/assignments');
    await isWell('main .rows');
    await person.goTo(await addressOf(person, `${await classAddress()}/assignments`, '.rows a.btn'));
    await isWell('.onebay');
    for (const page of [
      '',
      '/cards',
      '/invitations',
      '/openings',
      '/privacy',
      '/settings',
      '/ending',
      '/look',
      '/roles',
      '/log',
    ]) {
      await person.goToClass(page);
      await isWell('.class-tabs + main, .set-up + main');
    }
    for (const page of ['/classes', '/account']) {
      await person.goTo(page);
      await isWell('main .rows');
    }
    await person.goTo('/pile');
    await isWell('.railing.tall');
    await person.press('What it needed', '//footer');
    await isWell('.tray');
  });
});
