import { Key, until } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { TEACHERS } from '../../demo/people';
import { linkIn, mailsTo } from '../support/mails';
import { Person, PHONE_SIZE } from './person';

let teacher: Person;
let aunt: Person;
let colleague: Person;
const AUNT = 'rosa.quayle@example.org';

beforeAll(async () => {
  teacher = await Person.arrive();
  aunt = await Person.arrive(PHONE_SIZE);
  colleague = await Person.arrive();
});
afterAll(async () => {
  for (const person of [teacher, aunt, colleague]) await person.leave();
});

/** The path of the link in the latest mail to an address, once it has come. */
async function linkFor(address: string, subject: string): Promise<string> {
  let found = '';
  await teacher.driver.wait(async () => {
    const mail = (await mailsTo(address)).find((one) => one.subject.includes(subject));
    found = linkIn(mail);
    return mail !== undefined;
  }, 20_000);
  return found;
}

async function invite(email: string, role: string): Promise<void> {
  await (await teacher.field(role)).click();
  await teacher.fill('E-mail', email);
  await teacher.press('Send the invitation');
}

test('a teacher asks family and a colleague by mail, and corrects an address', async () => {
  await teacher.signInAsTeacher('idris');
  await teacher.goTo('/classes');
  await teacher.press('The Moss Garden', '//main');
  await teacher.driver.wait(until.urlContains('/today'), 20_000);
  await teacher.goToClass('/invitations');
  await teacher.sees('Nobody was asked by mail yet');
  await invite('rosa at example.org', 'reader');
  await teacher.sees('This isn’t a valid e-mail address.');
  await invite('rosa.quale@example.org', 'reader');
  await teacher.sees('The mail to rosa.quale@example.org is on its way.');
  await teacher.press('Correct the address rosa.quale@example.org');
  await teacher.fill('The right address', AUNT);
  await teacher.press('Send it there');
  await teacher.sees(AUNT);
  await invite(TEACHERS[3]!.email, 'co-teacher');
  await teacher.sees('2 invitations wait for an answer');
});

test('an invitation to a wrong address leads nowhere any more', async () => {
  await aunt.goTo(await linkFor('rosa.quale@example.org', 'asks you into'));
  await aunt.sees('This link leads nowhere');
});

test('it is accepted with a new account on a phone', async () => {
  await aunt.goTo(await linkFor(AUNT, 'asks you into'));
  await aunt.sees('Come into The Moss Garden');
  await aunt.fill('First name', 'Rosa');
  await aunt.fill('Family name', 'Quayle');
  await aunt.fill('Choose a password', 'short');
  await aunt.press('Accept');
  await aunt.sees('Use at least ten characters');
  await aunt.fill('Choose a password', 'four gulls on a mast');
  await aunt.press('Accept');
  // Who reads lands on the blog, by name, with a way out.
  await aunt.driver.wait(until.urlContains('/blog/moss'), 20_000);
  await aunt.sees('Small green things');
  expect(await aunt.standsOut()).toEqual([]);
  await aunt.sees('Rosa');
  await aunt.press('Sign out');
  await aunt.driver.wait(until.urlContains('/sign-in'), 20_000);
  await aunt.goTo(await linkFor(AUNT, 'asks you into'));
  await aunt.sees('This invitation was accepted already');
});

test('and with the account that exists', async () => {
  const { email, password } = TEACHERS[3]!;
  await colleague.goTo(await linkFor(email, 'asks you into'));
  await colleague.sees('Come into The Moss Garden');
  await colleague.fill('Password', 'not this one');
  await colleague.press('Accept with this account');
  await colleague.sees('don’t belong together');
  await colleague.fill('Password', password);
  await colleague.press('Accept with this account');
  await colleague.sees('you teach it with others');
  await teacher.goToClass('/roles');
  await teacher.sees('Wilma Harcourt');
  await teacher.sees('Rosa Q.');
});

test('what is typed and sent before the page has its script is sent when it comes', async () => {
  // The driver itself waits for the whole page, so the page is told beforehand what somebody quick does.
  const quick = `addEventListener('DOMContentLoaded', () => {
    const field = document.querySelector('input[type=email]');
    if (!field) return;
    window.wasEarly = !Object.keys(field).some((key) => key.startsWith('__react'));
    field.value = 'nobody.here@example.org';
    field.dispatchEvent(new Event('input', { bubbles: true }));
    field.form.requestSubmit();
  })`;
  const { driver } = colleague;
  const slowly = (bytes: number) => colleague.hasLine({ bytes });
  await driver.sendDevToolsCommand('Page.enable', {});
  const { identifier } = (await driver.sendAndGetDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
    source: quick,
  })) as unknown as { readonly identifier: string };
  await driver.sendDevToolsCommand('Network.clearBrowserCache', {});
  await slowly(40_000);
  await colleague.goTo('/forgotten');
  await slowly(-1);
  await driver.sendDevToolsCommand('Page.removeScriptToEvaluateOnNewDocument', { identifier });
  await colleague.sees('Look into your mail');
  expect(await driver.executeScript('return window.wasEarly')).toBe(true);
});

test('a forgotten password is replaced by mail, and signs out every other device', async () => {
  await colleague.goTo('/sign-in');
  await colleague.press('For grown-ups');
  await colleague.press('Forgotten your password?');
  await colleague.fill('E-mail', AUNT + Key.ENTER);
  await colleague.sees('Look into your mail');
  await colleague.goTo(await linkFor(AUNT, 'new password'));
  await colleague.fill('New password', 'five gulls on a mast' + Key.ENTER);
  await colleague.sees('Your password is changed');
  await aunt.goTo('/classes');
  await aunt.sees('Which class are you in?');
  await aunt.press('For grown-ups');
  await aunt.fill('E-mail', AUNT);
  await aunt.fill('Password', 'five gulls on a mast' + Key.ENTER);
  await aunt.sees('The Moss Garden');
});

test('where one is signed in can be seen and ended', async () => {
  await aunt.goTo('/account');
  await aunt.sees('Signed in on one device');
  await colleague.press('Sign in');
  await colleague.press('For grown-ups');
  await colleague.fill('E-mail', AUNT);
  await colleague.fill('Password', 'five gulls on a mast' + Key.ENTER);
  await colleague.sees('The Moss Garden');
  await aunt.driver.navigate().refresh();
  await aunt.sees('Signed in on 2 devices');
  await aunt.press('Sign out everywhere else');
  await aunt.sees('Signed in on one device');
  await colleague.goTo('/account');
  await colleague.sees('Which class are you in?');
});
