import { By, Key } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { Person } from './person';

let teacher: Person;
let other: Person;

beforeAll(async () => {
  [teacher, other] = [await Person.arrive(), await Person.arrive()];
  await teacher.signInAsTeacher('marisol');
  await other.signInAsTeacher('idris');
  await teacher.goTo('/pile');
});
afterAll(async () => {
  for (const person of [teacher, other]) await person.leave();
});

const keys = (...all: string[]) =>
  teacher.driver
    .actions()
    .sendKeys(...all)
    .perform();
const writers = () =>
  teacher.driver.executeScript<readonly string[]>(
    "return [...document.querySelectorAll('a.slip > b')].map((name) => name.textContent)",
  );
const slipOf = (person: Person, writer: string) =>
  person.driver.executeScript<string>(
    `return [...document.querySelectorAll('a.slip')].find((slip) => slip.innerText.includes(arguments[0]))?.innerText ?? ''`,
    writer,
  );
const choose = async (way: string) => {
  const order = await teacher.field('The order of the pile');
  await order.findElement(By.xpath(`./option[normalize-space() = '${way}']`)).click();
};

test('the pile lies as its teacher wants it, also after the page is opened again', async () => {
  const before = await writers();
  await choose('second time first');
  await teacher.driver.wait(async () => (await writers())[0] === 'Mara F.', 20_000);
  await teacher.goTo('/pile');
  expect((await writers())[0]).toBe('Mara F.');
  expect([...(await writers())].sort()).toEqual([...before].sort());
  await choose('by assignment');
  await teacher.driver.wait(async () => (await writers())[0] === before[0], 20_000);
});

test('who reads with another sees what that one has open, and what that one took', async () => {
  await teacher.press('Greta S.', "//nav[@aria-label='Reading pile']");
  await teacher.sees('one that I missed');
  await other.goTo(new URL(await teacher.driver.getCurrentUrl()).pathname);
  await other.sees('Marisol Tennant has it open too.');
  await other.press('I read this one');
  await other.sees('The others see that you read it');
  await teacher.driver.navigate().refresh();
  await teacher.sees('Idris Vale reads this one.');
  expect(await slipOf(teacher, 'Greta S.')).toContain('Idris Vale reads this');
  expect(await teacher.barriers()).toEqual([]);
  await other.press('Leave it to the others');
  await other.sees('I read this one');
});

test('what another decided meanwhile stands on the page by itself', async () => {
  await other.press('Send back', "//section[@aria-label='The gate: your decision']");
  await other.sees('It is with its writer again');
  // As when the page comes to the front again.
  await teacher.driver.executeScript("document.dispatchEvent(new Event('visibilitychange'))");
  await teacher.sees('It is with its writer again');
});

test('a sentence that was kept is found by a few letters and put into a note', async () => {
  await teacher.press('Senna D.', "//nav[@aria-label='Reading pile']");
  await teacher.sees('Three skies from our roof');
  await (await teacher.find(By.xpath("//footer//button[contains(@class, 'bay')][b = 'Notes']"))).click();
  await teacher.fill('Find a sentence', `hap aft${Key.ENTER}`);
  expect(await (await teacher.field('A new note')).getAttribute('value')).toBe('What happened after that?');
  await teacher.sees('Kept. Only you see it until you send it.');
  await teacher.press('Take it away');
});

test('a note is kept for the next time, with a gap where the name stood', async () => {
  await teacher.press('Write a note on the whole post');
  await teacher.field('A new note');
  await keys('Well seen, Senna.');
  await teacher.sees('Kept. Only you see it until you send it.');
  await (await teacher.find(By.xpath("//footer//button[contains(@class, 'bay')][b = 'Notes']"))).click();
  await teacher.press('Keep the new note here');
  expect(await (await teacher.field('The sentence')).getAttribute('value')).toBe('Well seen, {name}.');
  await teacher.press('Keep it');
  await teacher.sees('Yours 5');
  expect(await teacher.barriers()).toEqual([]);
  await keys(Key.ESCAPE);
});

test('a phone number is named on the slip, shown in the text, and asked about before everyone reads it', async () => {
  expect(await slipOf(teacher, 'Senna D.')).toContain('a phone number');
  const needed = By.xpath("//footer//button[contains(@class, 'bay')][b = 'What it needed']");
  await (await teacher.find(needed)).click();
  await teacher.sees('in the text: 01632 960 118');
  await teacher.press('Show it');
  await teacher.driver.wait(
    async () => (await teacher.driver.executeScript('return String(getSelection())')) === '01632 960 118',
    20_000,
  );
  for (const name of ['Noticing', 'Explaining', 'Writing for readers']) {
    const bay = await teacher.find(
      By.xpath(`//footer//div[@role='group'][starts-with(@aria-label, '${name}:')]`),
    );
    await bay.click();
    await keys('3');
    await teacher.find(By.xpath(`//footer//div[@role='group'][@aria-label='${name}: level 3 of 4']`));
  }
  await teacher.press('Accept and read the next one');
  await teacher.sees('People outside the class would read');
  await teacher.press('Not yet');
  await (await teacher.find(needed)).click();
  await teacher.press('It is meant to be here');
  await teacher.fill('Why it is meant to be here', `The number is made up.${Key.ENTER}`);
  await teacher.sees('Meant to be here, says Marisol Tennant: The number is made up.');
  expect(await teacher.barriers()).toEqual([]);
  await keys(Key.ESCAPE);
  await teacher.press('Accept and read the next one');
  await teacher.driver.wait(async () => !(await writers()).includes('Senna D.'), 20_000);
});

test('a decision is undone as long as it does not count, and the post lies where it was', async () => {
  const [first = ''] = await writers();
  await teacher.press(first, "//nav[@aria-label='Reading pile']");
  await teacher.driver.wait(
    async () => (await slipOf(teacher, first)) !== '' && (await teacher.shows(`· `)),
    20_000,
  );
  await teacher.press('Send back', "//section[@aria-label='The gate: your decision']");
  await teacher.press('Undo');
  await teacher.driver.wait(async () => (await writers()).includes(first), 20_000);
  await teacher.driver.wait(async () => !(await teacher.shows('Sent back:')), 20_000);
  await teacher.driver.navigate().refresh();
  await teacher.find(
    By.xpath("//section[@aria-label='The gate: your decision']//button[normalize-space() = 'Send back']"),
  );
  expect(await writers()).toContain(first);
});
