import { alike } from '../text/alike';

const LONGEST = 60;

/** What the readers' pages of a class blog need for themselves; never a post's address. */
const RESERVED: ReadonlySet<string> = new Set([
  'search',
  'labels',
  'writers',
  'months',
  'assignments',
  'feeds',
  'pages',
  'kept',
  'corner',
]);

/** Whether a post may have an address. */
export function isFreeForPosts(address: string): boolean {
  return !RESERVED.has(address);
}

/** An address made from a title, readable in any script: "2 · Three skies" becomes "2-three-skies". */
export function addressFrom(title: string): string {
  const words = alike(title)
    .replace(/'/g, '')
    .replace(/[^\p{L}\p{N}\p{M}]+/gu, '-')
    .replace(/^-+|-+$/g, '');
  const short = words.length <= LONGEST ? words : words.slice(0, LONGEST).replace(/-[^-]*$/, '');
  return short || 'post';
}

/** The first of `address`, `address-2`, `address-3` … that is not taken and that a post may have. */
export function freeAddress(address: string, taken: ReadonlySet<string>): string {
  if (!taken.has(address) && isFreeForPosts(address)) return address;
  for (let number = 2; ; number += 1) if (!taken.has(`${address}-${number}`)) return `${address}-${number}`;
}
