const WORD = /[\p{L}\p{N}\p{M}]+/gu;

/**
 * The places of a text that lie outside its words, runs of letters, digits and marks: 1 for each place, in UTF-16 units from 0 to the
 * length, at which a passage may begin or end.
 */
export function placesOutsideWords(text: string): Uint8Array {
  const places = new Uint8Array(text.length + 1).fill(1);
  for (const { 0: word, index } of text.matchAll(WORD)) places.fill(0, index + 1, index + word.length);
  // Nothing begins or ends within a character of two units.
  for (const { index } of text.matchAll(/[\u{10000}-\u{10FFFF}]/gu)) places[index + 1] = 0;
  return places;
}
