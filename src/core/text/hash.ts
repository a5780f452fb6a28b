/**
 * 32 bits of a text: FNV-1a (G. Fowler, L. Noll, P. Vo) from an offset, mixed once more by the finalizer of MurmurHash3 (A. Appleby, public
 * domain), since the last multiplication leaves the low bits weak. Says which texts are the same, and keeps no secret.
 * @returns a whole number from 0 to 2^32 − 1
 */
export function hash32(text: string, offset = 0x811c9dc5): number {
  let hash = offset;
  for (let at = 0; at < text.length; at += 1) hash = Math.imul(hash ^ text.charCodeAt(at), 0x01000193);
  return mixed(hash) >>> 0;
}

/** 53 bits of two such hashes: two texts that share one by chance are rare, and compared in full. */
export function hash53(text: string): number {
  return (hash32(text) >>> 11) * 0x1_0000_0000 + hash32(text, 0x9e3779b9);
}

function mixed(hash: number): number {
  let bits = hash ^ (hash >>> 16);
  bits = Math.imul(bits, 0x85ebca6b);
  bits ^= bits >>> 13;
  bits = Math.imul(bits, 0xc2b2ae35);
  return bits ^ (bits >>> 16);
}
