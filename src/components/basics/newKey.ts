const BYTES = 16;

/** A key that nobody else has made, in hexadecimal digits. `crypto.randomUUID` is missing where a page came without encryption. */
export function newKey(): string {
  return [...crypto.getRandomValues(new Uint8Array(BYTES))]
    .map((byte) => byte.toString(16).padStart(2, '0'))
    .join('');
}
