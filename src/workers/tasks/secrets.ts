import { hashSync, verifySync } from '@node-rs/argon2';

/** argon2id with the package's own parameters (19 MiB, 2 passes), which follow the OWASP recommendation. */
export function hash(secret: string): string {
  return hashSync(secret);
}

/** Whether a secret is the one that was hashed. */
export function verify({ hashed, secret }: { readonly hashed: string; readonly secret: string }): boolean {
  return verifySync(hashed, secret);
}
