import { By, Key } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { Person } from './person';

let teacher: Person;
let writer: Person;
const TOOLS = "//*[@role='toolbar']";

beforeAll(async () => {
  [teacher, writer] = [await Person.arrive(), await Person.arrive()];
});
afterAll(async () => {
  await teacher.leave();
  await writer.leave();
});

test('a teacher says that writers see one next thing', async () => {
  await teacher.signInAsTeacher('marisol');
  await teacher.goToClass('/settings');
  const rule = await teacher.field('One next thing');
  await rule.click();
  await teacher.driver.wait(async () => (await rule.isEnabled()) && (await rule.isSelected()), 20_000);
});

test('a teacher puts a drawing beside a label, with the keyboard', async () => {
  await teacher.goToClass('/labels');
  await teacher.press('Change cirrus');
  await teacher.press('Drawing beside cirrus: feather');
  await teacher.find(By.css('[role=radio][aria-checked=true][aria-label=feather]:focus'));
  // Held as long as a finger holds it.
  await teacher.driver.actions().keyDown(Key.ARROW_RIGHT).pause(80).keyUp(Key.ARROW_RIGHT).perform();
  await teacher.find(By.css('[role=radio][aria-checked=true][aria-label=bird]'));
  expect(await teacher.barriers()).toEqual([]);
  await teacher.driver.actions().sendKeys(Key.ENTER).perform();
  await teacher.press('Keep it');
  await teacher.find(By.xpath("//li[contains(., 'cirrus')]//*[contains(@class, 'lucide-bird')]"));
});

test('a writer sees the next thing alone, and puts off what can wait', async () => {
  await writer.signInAsStudent('tomas');
  await writer.goTo('/writing');
  await writer.press('Write on');
  await writer.field('Your text');
  await writer.sees('Next: Words');
  expect(await writer.shows('one of cirrus')).toBe(false);
  expect(await writer.barriers()).toEqual([]);
  await writer.press('Later');
});

test('who took a picture is asked and answered with one press', async () => {
  await writer.sees('Next: who took this picture?');
  await writer.find(By.css('.railing img[alt="The picture without a credit"]'));
  await writer.press('I took it', "//*[contains(@class, 'railing')]");
  await writer.sees('Next: Labels');
  await writer.isSaved();
  const credits = await writer.driver.findElements(By.css('.ProseMirror [data-credit]'));
  expect(credits).toHaveLength(2);
  for (const credit of credits) expect(await credit.getText()).toContain('Tomas B.');
});

test('a tray draws labels and says what they are given to, and which of them the post names itself', async () => {
  await writer.press('Do it now');
  await writer.find(
    By.xpath(
      "//*[@role='dialog']//button[contains(., 'cirrus') and contains(., 'thin, torn streaks')]//*[contains(@class, 'lucide-bird')]",
    ),
  );
  await writer.sees('“Monday: a combed sky” says “cirrus”.');
  await writer.driver.actions().sendKeys(Key.ESCAPE).perform();
});

test('there are a few tools, and the others under More', async () => {
  const words = await (await writer.find(By.xpath(TOOLS))).getText();
  expect(words).toContain('Bold');
  expect(words).not.toMatch(/Italic|Small heading|Steps|Quotation/);
  await (await writer.find(By.css('.ProseMirror > p'))).click();
  await writer.press('More', TOOLS);
  await writer.press('Quotation', "//*[@role='menu']");
  await writer.find(By.css('.ProseMirror > blockquote'));
  await writer.press('Undo', TOOLS);
});

test('all bays are shown when they are asked for', async () => {
  await writer.press('Show all the bays');
  await writer.sees('one of cirrus');
  expect(await writer.shows('Next: ')).toBe(false);
});
