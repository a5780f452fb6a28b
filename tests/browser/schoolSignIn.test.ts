import { By, Key, until } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { TEACHERS } from '../../demo/people';
import { origin, Person } from './person';

let person: Person;
beforeAll(async () => {
  person = await Person.arrive();
});
afterAll(() => person.leave());

/** Goes to the school's sign-in and says there who one is. */
async function signInAtSchool(login: string): Promise<void> {
  await person.goTo('/sign-in');
  await person.press('Sign in with Alder Quay School');
  await (await person.find(By.css("input[name='login']"))).sendKeys(login);
  await (await person.find(By.css("input[name='password']"))).sendKeys('whatever' + Key.ENTER);
}

test('a grown-up signs in with the account of the school', async () => {
  await signInAtSchool(TEACHERS[0]!.email);
  await person.press('Continue');
  await person.driver.wait(until.urlIs(`${origin()}/today`), 20_000);
  await person.sees('to read');
});

test('whom nobody has taken in is told so, and gets no account by it', async () => {
  await person.driver.manage().deleteAllCookies();
  await person.goTo('/sign-in');
  await person.driver.sendDevToolsCommand('Network.clearBrowserCookies', {});
  await signInAtSchool('somebody.else@example.org');
  await person.press('Continue');
  await person.sees('nobody has taken you into a class here yet');
  await person.goTo('/today');
  await person.sees('Which class are you in?');
});

test('what comes back without having been asked for is not believed', async () => {
  await person.goTo('/api/school/back?code=invented&state=invented');
  await person.sees('took too long, or was begun on another device');
  await person.driver.sendDevToolsCommand('Network.clearBrowserCookies', {});
  await signInAtSchool('nobody@example.org');
  await person.find(By.xpath("//button[contains(., 'Continue')]"));
  await person.press('Cancel');
  await person.sees('didn’t confirm who you are');
  expect(await person.driver.getCurrentUrl()).toContain(origin());
});
