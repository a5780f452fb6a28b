/** Something that only who has the key can read. */
export interface Sealed {
  readonly iv: Uint8Array;
  readonly data: ArrayBuffer;
}

/** Bytes of a nonce that AES-GCM wants (NIST SP 800-38D). */
const NONCE = 12;
const keys = new Map<string, Promise<CryptoKey>>();

/** Whether this browser can seal here: pages that came over plain http from elsewhere cannot. */
export function canSeal(): boolean {
  return typeof crypto !== 'undefined' && (crypto.subtle as SubtleCrypto | undefined) !== undefined;
}

/** Seals a value (AES-256-GCM). @param key 32 bytes as base64 */
export async function seal(value: unknown, key: string): Promise<Sealed> {
  const iv = crypto.getRandomValues(new Uint8Array(NONCE));
  const plain = new TextEncoder().encode(JSON.stringify(value));
  return { iv, data: await crypto.subtle.encrypt({ name: 'AES-GCM', iv }, await keyOf(key), plain) };
}

/** What was sealed, or null where the key is another one, or what is there was changed. */
export async function unseal(sealed: Sealed, key: string): Promise<unknown> {
  const iv = new Uint8Array(sealed.iv);
  try {
    const plain = await crypto.subtle.decrypt({ name: 'AES-GCM', iv }, await keyOf(key), sealed.data);
    return JSON.parse(new TextDecoder().decode(plain)) as unknown;
  } catch (error) {
    if (error instanceof DOMException) return null;
    throw error;
  }
}

function keyOf(key: string): Promise<CryptoKey> {
  const known =
    keys.get(key) ??
    crypto.subtle.importKey(
      'raw',
      Uint8Array.from(atob(key), (character) => character.charCodeAt(0)),
      'AES-GCM',
      false,
      ['encrypt', 'decrypt'],
    );
  keys.set(key, known);
  return known;
}
