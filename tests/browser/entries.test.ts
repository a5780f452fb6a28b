import { By } from 'selenium-webdriver';
import { expect, test } from 'vitest';
import { PHONE_SIZE, Person } from './person';

test('on a phone, what is typed after an entry is begun stands under its heading', async () => {
  const writer = await Person.arrive(PHONE_SIZE);
  try {
    await writer.signInAsStudent('tomas');
    await writer.press('Begin Daily sky log');
    await writer.field('Your text');
    await writer.press('Begin entry 1');
    await writer.find(By.css('.ProseMirror-focused h2'));
    await writer.driver.actions().sendKeys('Fog until noon.').perform();
    await writer.sees('Fog until noon.');
    const lines = await writer.driver.executeScript<readonly string[]>(
      "return [...document.querySelectorAll('.ProseMirror > :is(h2, p)')].map((block) => block.textContent)",
    );
    expect(lines[0]).toMatch(/^1\. /);
    expect(lines[1]).toBe('Fog until noon.');
    await writer.isSaved();
  } finally {
    await writer.leave();
  }
});
