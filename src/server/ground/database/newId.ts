import { customAlphabet } from 'nanoid';

const make = customAlphabet('0123456789abcdefghijkmnpqrstuvwxyz', 16);

/** A new random identifier, so that any number of processes can make them and none can be guessed. */
export function newId(): string {
  return make();
}
