import { Key, until } from 'selenium-webdriver';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { database } from '../../src/server/ground/database/database';
import { Person } from './person';

const GATE = "//section[@aria-label='The gate']";

let writer: Person;
let address: string;

beforeAll(async () => {
  writer = await Person.arrive();
  await writer.signInAsStudent('uma');
  await writer.press('Begin Three skies');
  await write('All morning the sky was one grey lid.');
  await writer.isSaved();
  address = new URL(await writer.driver.getCurrentUrl()).pathname;
});
afterAll(() => writer.leave());

const write = async (words: string) => {
  const text = await writer.field('Your text');
  await text.sendKeys(Key.chord(Key.CONTROL, Key.END), words);
};
const handIn = async () => {
  await writer.press('Hand in', GATE);
  await writer.press('Hand it in', GATE);
};
const onReceipt = () => writer.driver.wait(until.urlContains('/receipt'), 40_000);

test('a press without a line waits and says so; who writes on has not handed in', async () => {
  await writer.isOffline(true);
  await handIn();
  await writer.sees('It is handed in by itself as soon as the line is back');
  await new Promise((resolve) => setTimeout(resolve, 1500));
  await write(' Then it rained.');
  await writer.sees('You wrote on, so it isn’t handed in yet');
  await writer.isOffline(false);
  await writer.isSaved();
  expect(await writer.driver.getCurrentUrl()).toContain(address);
});

test('it goes from every other page too, the words that only the device has with it', async () => {
  await writer.isOffline(true);
  await write(' It was over by noon.');
  await writer.press('Hand it in', GATE);
  await writer.sees('It is handed in by itself as soon as the line is back');
  await new Promise((resolve) => setTimeout(resolve, 6000));
  await writer.driver.get('about:blank');
  // Its own page is gone for as long as it is taken to be open.
  await database.change('DELETE FROM post_visits');
  await writer.isOffline(false);
  await writer.goTo('/today');
  await writer.sees('is handed in now; it had waited for the line');
  await writer.press('The receipt');
  await onReceipt();
  await writer.sees('the line was cut, and it counts from when you pressed');
  await writer.press('See what went');
  await writer.sees('It was over by noon.');
  await writer.goTo(address);
  await writer.field('Your text');
  await writer.press('Hand in', GATE);
});

test('pressed again, in a page that was closed and opened again, it goes by itself with both times', async () => {
  await writer.isOffline(true);
  await write(' And cleared.');
  await writer.press('Hand it in', GATE);
  await writer.sees('It is handed in by itself as soon as the line is back');
  await new Promise((resolve) => setTimeout(resolve, 6000));
  await writer.driver.get('about:blank');
  await writer.isOffline(false);
  await writer.goTo(address);
  await onReceipt();
  await writer.sees('Pressed');
  await writer.sees('the line was cut, and it counts from when you pressed');
});
