import { createHash, randomBytes } from 'node:crypto';
import { comparablePasscode } from '../../../core/people/passcode';
import { work } from '../work/work';

/** What is kept of a secret. It takes a while, beside the thread that answers everybody. @param by for whom */
export async function hashSecret(secret: string, by = ''): Promise<string> {
  const hashed = await work('hash', secret.normalize('NFC'), by);
  if (!hashed.ok) throw new Error(`a secret could not be hashed: ${hashed.why}`);
  return hashed.value;
}

// Verified where there is no account, so that the answer takes as long as for one that exists.
let decoy: Promise<string> | null = null;

/** Whether a secret is the one that was hashed; null for an account that is not there or has none. */
export async function isSecret(hashed: string | null, secret: string, by = ''): Promise<boolean> {
  decoy ??= hashSecret(randomBytes(16).toString('hex'));
  const verified = await work(
    'verify',
    { hashed: hashed ?? (await decoy), secret: secret.normalize('NFC') },
    by,
  );
  if (!verified.ok) throw new Error(`a secret could not be compared: ${verified.why}`);
  return verified.value && hashed !== null;
}

/** What is kept of a passcode. */
export function hashPasscode(passcode: string, by = ''): Promise<string> {
  return hashSecret(comparablePasscode(passcode), by);
}

/** A new session token: 256 random bits. */
export function newToken(): string {
  return randomBytes(32).toString('base64url');
}

/** What the database keeps of a token. */
export function tokenHash(token: string): Buffer {
  return createHash('sha256').update(token).digest();
}
