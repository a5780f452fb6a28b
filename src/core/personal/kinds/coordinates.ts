import { placesOf, type Looked, type Place } from '../found';

const DEGREES = String.raw`[-+−–]?\d{1,3}\.\d{3,}(?:\s?°)?`;
const PAIR = new RegExp(
  String.raw`(?<![\d.,])${DEGREES}\s?[NS]?\s?(?:[,;/]|\s)\s?${DEGREES}(?:\s?[EW])?(?![\d.]*\d)`,
  'giu',
);
const MINUTES = String.raw`\d{1,3}\s?°\s?\d{1,2}(?:[.,]\d+)?\s?['’′](?:\s?\d{1,2}(?:[.,]\d+)?\s?(?:["”″]|''|’’))?\s?`;
const WITH_LETTERS = new RegExp(String.raw`${MINUTES}[NS]\s?[,;/]?\s?${MINUTES}[EW]`, 'giu');

/** A pair of decimal degrees with three digits or more after the point, or degrees and minutes with their letters. */
export function coordinates({ text, language }: Looked): readonly Place[] {
  const pairs = placesOf(text, PAIR).filter(({ from, to }) => isOnEarth(text.slice(from, to), language));
  return [...pairs, ...placesOf(text, WITH_LETTERS)];
}

/** Languages that write thousands with a point. */
const POINT_IN_THOUSANDS = /^(?:de|es)\b/;

function isOnEarth(pair: string, language: string): boolean {
  const numbers = pair.match(/\d+\.\d+/g) ?? [];
  const [north = 999, east = 999] = numbers.map(Number);
  const thousands =
    POINT_IN_THOUSANDS.test(language) &&
    !/[-−–NSEW°]/i.test(pair) &&
    numbers.every((one) => /^\d{1,3}\.\d{3}$/.test(one));
  return north <= 90 && east <= 180 && !thousands;
}
