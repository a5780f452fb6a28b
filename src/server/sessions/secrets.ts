import { createHash, randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import { comparablePasscode } from '../../core/people/passcode';

/** argon2id with the package's own parameters (19 MiB, 2 passes), which follow the OWASP recommendation. */
export function hashSecret(secret: string): Promise<string> {
  return hash(secret.normalize('NFC'));
}

// Verified where there is no account, so that the answer takes as long as for one that exists.
let decoy: Promise<string> | null = null;

/** Whether a secret is the one that was hashed; null for an account that is not there or has none. */
export async function isSecret(hashed: string | null, secret: string): Promise<boolean> {
  decoy ??= hashSecret(randomBytes(16).toString('hex'));
  const right = await verify(hashed ?? (await decoy), secret.normalize('NFC'));
  return right && hashed !== null;
}

/** What is kept of a passcode. */
export function hashPasscode(passcode: string): Promise<string> {
  return hashSecret(comparablePasscode(passcode));
}

/** A new session token: 256 random bits. */
export function newToken(): string {
  return randomBytes(32).toString('base64url');
}

/** What the database keeps of a token. */
export function tokenHash(token: string): Buffer {
  return createHash('sha256').update(token).digest();
}
