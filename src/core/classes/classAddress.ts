import { addressFrom, freeAddress } from '../posts/address';

const LONGEST = 40;
const SHORTEST = 2;

export type AddressProblem = 'tooShort' | 'tooLong' | 'signs' | 'ends';

/**
 * What is wrong with the form of a class blog's address, or null: lower-case letters a to z, digits and single hyphens
 * between them, 2 to 40 signs, so that it can be read out and typed by anybody.
 */
export function addressProblem(address: string): AddressProblem | null {
  if (address.length < SHORTEST) return 'tooShort';
  if (address.length > LONGEST) return 'tooLong';
  if (!/^[a-z0-9-]+$/.test(address)) return 'signs';
  return /^-|-$|--/.test(address) ? 'ends' : null;
}

/** An address in form made from what was typed, or an empty text where nothing of it can stay. */
export function asAddress(text: string): string {
  if (!/[\p{L}\p{N}]/u.test(text)) return '';
  return addressFrom(text)
    .normalize('NFD')
    .replace(/[^a-z0-9-]/g, '')
    .replace(/-{2,}/g, '-')
    .slice(0, LONGEST)
    .replace(/^-+|-+$/g, '');
}

/** Up to three free addresses for a class, the plainest first. */
export function suggestAddresses(
  { title, groupName, year }: { readonly title: string; readonly groupName: string; readonly year: number },
  taken: ReadonlySet<string>,
): readonly string[] {
  const named = asAddress(title);
  const base = named.length >= SHORTEST ? named : ['class', named].filter(Boolean).join('-');
  const group = asAddress(groupName);
  const wished = [base, group ? `${base}-${group}` : base, `${base}-${year}`]
    .map((address) => address.slice(0, LONGEST).replace(/-+$/, ''))
    .filter((address) => !taken.has(address));
  const numbered = freeAddress(base.slice(0, LONGEST - 4).replace(/-+$/, ''), taken);
  return [...new Set([...wished, numbered])].slice(0, 3);
}
