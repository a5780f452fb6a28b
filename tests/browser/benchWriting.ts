import { By } from 'selenium-webdriver';
import { measurement, type Measurement } from '../../src/benches/measure';
import { Person } from './person';
import startHouse from './startHouse';

/** What must not be passed, in milliseconds: work of ours for a key, and until the railing says what is so. */
const MOST_FOR_A_KEY = 8;
const MOST_FOR_THE_RAILING = 150;

const TYPED = ' and then it rained once more over the whole of the town';
const BETWEEN_KEYS = 30;
const SETTLING = 6000;

/**
 * `key-handling`: the middle time that our handlers take of the browser's main thread for a key, on a post of 2,000 words with
 * links; `key-handling-slow`: the time that nine keys in ten stay under; `railing`: the longest time from the last key to a
 * change of the railing. Ratios are to what must not be passed.
 */
export async function benchWriting(): Promise<readonly Measurement[]> {
  const stop = await startHouse();
  const writer = await Person.arrive();
  try {
    await writer.signInAsStudent('uma');
    await writer.press('Begin Three skies');
    await writer.field('Your text');
    await writer.driver.executeScript(PASTE);
    await pause(SETTLING);
    await writer.driver.executeScript(WATCH);
    await (await writer.driver.findElements(By.css('.ProseMirror p')))[9]?.click();
    for (const letter of TYPED) {
      await writer.driver.actions().sendKeys(letter).perform();
      await pause(BETWEEN_KEYS);
    }
    await pause(1500);
    const { keys, railing } = await writer.driver.executeScript<{
      readonly keys: readonly number[];
      readonly railing: readonly number[];
    }>('return window.watched');
    const sorted = [...keys].sort((one, other) => one - other);
    const at = (share: number) => sorted[Math.floor(sorted.length * share)] ?? 0;
    return [
      measurement('key-handling', at(0.5), MOST_FOR_A_KEY),
      measurement('key-handling-slow', at(0.9), MOST_FOR_A_KEY),
      measurement('railing', Math.max(0, ...railing), MOST_FOR_THE_RAILING),
    ];
  } finally {
    await writer.leave();
    await stop();
  }
}

function pause(milliseconds: number): Promise<void> {
  return new Promise((resolve) => {
    setTimeout(resolve, milliseconds);
  });
}

/** Pastes 20 parts of 100 words with a link each. */
const PASTE = `
  const words = 'the fog came in from the sea at night and nobody saw where it began or how far it went'.split(' ');
  const some = (part) => Array.from({ length: 48 }, (_, index) => words[(index * 7 + part) % words.length]).join(' ');
  const html = Array.from({ length: 20 }, (_, part) => '<h2>' + (part + 1) + '. Part</h2><p>I noticed that ' + some(part)
    + '.</p><p>' + some(part) + ' <a href="https://site' + part + '.example/">tide tables</a>.</p>').join('');
  const data = new DataTransfer();
  data.setData('text/html', html);
  document.querySelector('.ProseMirror').dispatchEvent(
    new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));`;

/** Notes how long handlers run for each key that takes a frame or more, and when the railing changes after the last. */
const WATCH = `
  window.watched = { keys: [], railing: [] };
  let last = 0;
  document.addEventListener('keydown', () => { last = performance.now(); }, true);
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries())
      if (entry.name === 'keypress') window.watched.keys.push(entry.processingEnd - entry.processingStart);
  }).observe({ type: 'event', durationThreshold: 16 });
  new MutationObserver(() => { if (last) window.watched.railing.push(performance.now() - last); })
    .observe(document.querySelector('footer.railing'), { subtree: true, childList: true, characterData: true });`;
