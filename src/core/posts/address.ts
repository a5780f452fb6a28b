import { alike } from '../text/alike';

const LONGEST = 60;

/** An address made from a title, readable in any script: "2 · Three skies" becomes "2-three-skies". */
export function addressFrom(title: string): string {
  const words = alike(title)
    .replace(/'/g, '')
    .replace(/[^\p{L}\p{N}\p{M}]+/gu, '-')
    .replace(/^-+|-+$/g, '');
  const short = words.length <= LONGEST ? words : words.slice(0, LONGEST).replace(/-[^-]*$/, '');
  return short || 'post';
}

/** The first of `address`, `address-2`, `address-3` … that is not taken. */
export function freeAddress(address: string, taken: ReadonlySet<string>): string {
  if (!taken.has(address)) return address;
  for (let number = 2; ; number += 1) if (!taken.has(`${address}-${number}`)) return `${address}-${number}`;
}
