import type { ClassRole } from '../../core/access/may';
import { listClassesOf, type ClassRow } from '../classes/queries';
import { database } from '../database/database';
import { findPerson, updateLastSeen, type PersonRow } from '../people/queries';
import { deleteSession, findLiveSession, touchSession } from './queries';
import { tokenHash } from './secrets';

/** Use of a session is written down at most this often. */
const TOUCH_EVERY = 5 * 60_000;

/** A signed-in person with the class that is looked at, if there is one. */
export interface Session {
  readonly person: Pick<PersonRow, 'id' | 'givenName' | 'familyName' | 'penName' | 'account' | 'email'>;
  readonly inClass: (ClassRow & { readonly role: ClassRole }) | null;
}

/** The live session of a token, or null. Using a session keeps it alive. */
export async function findSession(token: string, now: Date): Promise<Session | null> {
  const hash = tokenHash(token);
  const row = await findLiveSession(database, hash, now);
  if (!row) return null;
  const person = await findPerson(database, row.personId);
  if (!person || person.deletedAt) return null;
  if (now.getTime() - row.usedAt.getTime() > TOUCH_EVERY) {
    await touchSession(database, hash, now, new Date(now.getTime() + row.idle));
    await updateLastSeen(database, person.id, now);
  }
  const classes = await listClassesOf(database, row.personId);
  const { id, givenName, familyName, penName, account, email } = person;
  return {
    person: { id, givenName, familyName, penName, account, email },
    inClass: classes.find((one) => one.id === row.classId) ?? classes[0] ?? null,
  };
}

/** Ends a session for good. */
export async function endSession(token: string): Promise<void> {
  await deleteSession(database, tokenHash(token));
}
