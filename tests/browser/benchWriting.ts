import { By } from 'selenium-webdriver';
import { keyCosts, type KeyCost } from '../../src/benches/keyCosts';
import { measurement, type Measurement } from '../../src/benches/measure';
import { Person } from './person';
import { traced } from './trace';
import startHouse from './startHouse';

/** What must not be passed, in milliseconds: work of ours for a key, and until the railing says what is so. */
const MOST_FOR_A_KEY = 8;
const MOST_FOR_THE_RAILING = 150;

const WARMING = ' so';
const TYPED = ' and then it rained once more over the whole of the town';
const BETWEEN_KEYS = 30;
const SETTLING = 6000;

/**
 * `key-script`: the middle of how long our script works on the browser's main thread between a key and its painting, on a post of
 * 2,000 words with links; `key-script-slow`: what nine keys in ten stay under; `key-script-slowest`: what all do; `key-task` and
 * `key-task-slowest`: the middle and the most work of whole tasks, with what the browser does itself to put a letter in;
 * `key-task-clock`: the longest of these by the clock, while the machine works for others too; all of these by Chromium's own
 * trace. `railing`: the longest time from the last key to a change of the railing. Ratios are to what must not be passed.
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
    // The first keys after a page was opened find nothing compiled; they are typed before it is measured.
    await typeInto(writer, WARMING);
    const events = await traced(writer, () => typeInto(writer, TYPED));
    const railing = await writer.driver.executeScript<readonly number[]>('return window.watched');
    const costs = keyCosts(events);
    const at = (share: number, cost: keyof KeyCost) => {
      const sorted = costs.map((one) => one[cost]).sort((one, other) => one - other);
      return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? NaN;
    };
    return [
      measurement('key-script', at(0.5, 'script'), MOST_FOR_A_KEY),
      measurement('key-script-slow', at(0.9, 'script'), MOST_FOR_A_KEY),
      measurement('key-script-slowest', at(1, 'script'), MOST_FOR_A_KEY),
      measurement('key-task', at(0.5, 'task'), MOST_FOR_A_KEY),
      measurement('key-task-slowest', at(1, 'task'), MOST_FOR_A_KEY),
      measurement('key-task-clock', at(1, 'clock'), MOST_FOR_A_KEY),
      measurement('railing', Math.max(0, ...railing), MOST_FOR_THE_RAILING),
    ];
  } finally {
    await writer.leave();
    await stop();
  }
}

async function typeInto(writer: Person, text: string): Promise<void> {
  for (const letter of text) {
    await writer.driver.actions().sendKeys(letter).perform();
    await pause(BETWEEN_KEYS);
  }
  await pause(1500);
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

/** Notes when the railing changes after the last key. */
const WATCH = `
  window.watched = [];
  let last = 0;
  document.addEventListener('keydown', () => { last = performance.now(); }, true);
  new MutationObserver(() => { if (last) window.watched.push(performance.now() - last); })
    .observe(document.querySelector('footer.railing'), { subtree: true, childList: true, characterData: true });`;
