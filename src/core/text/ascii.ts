const ASCII = /^[\0-\x7F]*$/;

/** Whether a text has only the 128 characters of ASCII: what most rules of Unicode are about cannot be in it then. */
export function isAscii(text: string): boolean {
  return ASCII.test(text);
}
