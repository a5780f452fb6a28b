import { createHash } from 'node:crypto';

/**
 * What a name of a class is called by at the sign-in, where nobody is signed in yet. It is made of the person's id, which is
 * drawn by lot and stays with us, so it tells nothing and means nothing elsewhere.
 */
export function nameHandle(classId: string, personId: string): string {
  return createHash('sha256').update(`${classId} ${personId}`).digest('base64url').slice(0, 22);
}
