const LONGEST = 254;
const LOCAL = /^[\p{L}\p{N}!#$%&'*+/=?^_`{|}~-]+(?:\.[\p{L}\p{N}!#$%&'*+/=?^_`{|}~-]+)*$/u;
const LABEL = /^[\p{L}\p{N}](?:[\p{L}\p{M}\p{N}-]{0,61}[\p{L}\p{M}\p{N}])?$/u;

/**
 * Whether a text has the form of an e-mail address that mail can be sent to from outside: the dot-atom form of
 * RFC 5322 with letters of any script (RFC 6531), at most 254 characters, and a domain of at least two labels.
 */
export function isEmailAddress(text: string): boolean {
  const at = text.lastIndexOf('@');
  if (at < 1 || text.length > LONGEST) return false;
  const labels = text.slice(at + 1).split('.');
  return (
    at <= 64 &&
    LOCAL.test(text.slice(0, at)) &&
    labels.length > 1 &&
    labels.every((label) => LABEL.test(label))
  );
}

/** An address as it is compared: without case. */
export function comparableEmail(address: string): string {
  return address.trim().toLowerCase();
}
