/** Perceptual hashes that differ in at most so many of their 64 bits belong to pictures that are alike. */
const MOST_BITS_APART = 6;

/** Whether two pictures are alike: the same source, or perceptual hashes close to each other. */
export function areAlike(one: string, other: string, hashes: Readonly<Record<string, string>>): boolean {
  if (one === other) return true;
  const a = hashes[one];
  const b = hashes[other];
  return a !== undefined && b !== undefined && bitsApart(a, b) <= MOST_BITS_APART;
}

function bitsApart(a: string, b: string): number {
  let different = BigInt(`0x${a}`) ^ BigInt(`0x${b}`);
  let bits = 0;
  for (; different > 0n; different >>= 1n) bits += Number(different & 1n);
  return bits;
}
