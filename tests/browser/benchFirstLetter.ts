import { startBareApplication } from '../../src/benches/bareApplication';
import { measurement, type Measurement } from '../../src/benches/measure';
import { Person } from './person';
import startHouse from './startHouse';

/** As on an old school laptop at a middling line: the processor slowed so many times, and 10 Mbit/s. */
const SLOWED = 4;
const BYTES_A_SECOND = (10 * 1_000_000) / 8;
const TRIES = 3;
const PATIENCE = 60_000;

/**
 * `first-letter`: how long after its page was asked for a post takes its first letter, from an empty cache, in Chromium's own
 * emulation of a slow processor and line; against an empty page with a bare editor in the same run. The middle of three each.
 */
export async function benchFirstLetter(root: string): Promise<readonly Measurement[]> {
  const stop = await startHouse();
  const bare = await startBareApplication(root);
  const writer = await Person.arrive();
  try {
    await writer.signInAsStudent('uma');
    await writer.press('Begin Three skies');
    await writer.field('Your text');
    const address = await writer.driver.getCurrentUrl();
    await slowDown(writer);
    const ours = await middleOf(() => firstLetter(writer, address));
    const floor = await middleOf(() => firstLetter(writer, `${bare.origin}/editor`));
    return [measurement('first-letter', ours, floor)];
  } finally {
    await writer.leave();
    await bare.stop();
    await stop();
  }
}

async function slowDown({ driver }: Person): Promise<void> {
  await driver.sendDevToolsCommand('Network.enable', {});
  await driver.sendDevToolsCommand('Network.emulateNetworkConditions', {
    offline: false,
    latency: 20,
    downloadThroughput: BYTES_A_SECOND,
    uploadThroughput: BYTES_A_SECOND,
  });
  await driver.sendDevToolsCommand('Emulation.setCPUThrottlingRate', { rate: SLOWED });
  await driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', { source: TYPE_AT_ONCE });
}

async function middleOf(measure: () => Promise<number>): Promise<number> {
  const taken: number[] = [];
  for (let turn = 0; turn < TRIES; turn += 1) taken.push(await measure());
  return taken.sort((one, other) => one - other)[Math.floor(TRIES / 2)] ?? NaN;
}

async function firstLetter({ driver }: Person, address: string): Promise<number> {
  await driver.sendDevToolsCommand('Network.clearBrowserCache', {});
  await driver.get(address);
  const until = Date.now() + PATIENCE;
  while (Date.now() < until) {
    const at = await driver.executeScript<number | null>('return window.firstLetterAt ?? null');
    if (at !== null) return at;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error(`${address} takes no letter`);
}

/**
 * Types a letter into the editor as soon as there is one, again and again until it stands there and was painted; notes when, in
 * milliseconds since the page was asked for.
 */
const TYPE_AT_ONCE = `
  (() => {
    const LETTER = 'ž';
    const tryIt = () => {
      const editor = document.querySelector('.ProseMirror');
      if (editor && editor.isContentEditable) {
        editor.focus();
        document.execCommand('insertText', false, LETTER);
        if (editor.textContent.includes(LETTER))
          return requestAnimationFrame(() => setTimeout(() => {
            if (document.querySelector('.ProseMirror')?.textContent.includes(LETTER)) window.firstLetterAt = performance.now();
            else tryIt();
          }));
      }
      return setTimeout(tryIt, 10);
    };
    document.addEventListener('DOMContentLoaded', tryIt);
  })();`;
