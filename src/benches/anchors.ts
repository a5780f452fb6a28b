import { anchorFinder, type Anchor } from '../core/notes/anchor';
import { measurement, medianTime, type Measurement } from './measure';

/** Characters of the text, and notes on it. */
const LENGTH = 512 * 1024;
const NOTES = 200;
const TURNS = 15;

const WORDS =
  'the fog came in from the sea at night and nobody saw where it began or how far it went before morning'.split(
    ' ',
  );

/**
 * `anchors-200`: the passages of so many notes found again in half a megabyte that nobody changed, against one exact search for each
 * quote; `anchors-200-mended`: the same where one passage in ten was mended.
 */
export async function benchAnchors(): Promise<readonly Measurement[]> {
  const text = longText();
  const anchors = Array.from({ length: NOTES }, (_, index) =>
    anchorAt(text, Math.floor(((index + 0.5) * text.length) / NOTES)),
  );
  const mended = anchors
    .filter((_, index) => index % 10 === 0)
    .reduce((now, { quote }) => now.replace(quote, `${quote.slice(0, 9)}e${quote.slice(10)}`), text);
  const timeOf = (work: () => unknown) =>
    medianTime(TURNS, () => {
      work();
      return Promise.resolve();
    });
  const floor = await timeOf(() => anchors.map(({ quote }) => text.indexOf(quote)));
  return [
    measurement('anchors-200', await timeOf(() => anchors.map(anchorFinder(text))), floor),
    measurement('anchors-200-mended', await timeOf(() => anchors.map(anchorFinder(mended))), floor),
  ];
}

/** Sentences of which each has a number of its own. */
function longText(): string {
  const sentences: string[] = [];
  for (let length = 0, number = 0; length < LENGTH; number += 1) {
    const words = Array.from({ length: 9 }, (_, index) => WORDS[(number * 5 + index * 3) % WORDS.length]);
    const sentence = `${words.join(' ')} on day ${number}.`;
    sentences.push(sentence);
    length += sentence.length + 1;
  }
  return sentences.join(' ');
}

function anchorAt(text: string, near: number): Anchor {
  const start = text.indexOf('. ', near) + 2;
  const end = text.indexOf('.', start);
  return {
    quote: text.slice(start, end),
    prefix: text.slice(Math.max(0, start - 32), start),
    suffix: text.slice(end, end + 32),
    start,
  };
}
