import type { ClassRole } from '../../../core/access/may';
import { languageOf, type HouseLanguage } from '../../../core/languages/languages';
import { listClassesOf, type ClassRow } from '../../tables/classes';
import { database } from '../../ground/database/database';
import { findPerson, updateLastSeen, type PersonRow } from '../../tables/people';
import { deleteSession, findLiveSession, touchSession } from '../../tables/sessions';
import { tokenHash } from '../../ground/secrets/secrets';

/** Use of a session is written down at most this often. */
const TOUCH_EVERY = 5 * 60_000;

/** A class that a person belongs to, and as what. */
export type OwnClass = ClassRow & { readonly role: ClassRole };

/** A signed-in person with the classes that they belong to. */
export interface Session {
  readonly person: Pick<
    PersonRow,
    'id' | 'givenName' | 'familyName' | 'penName' | 'account' | 'email' | 'language'
  > & {
    /** Whether they sign in by a password of their own here. */
    readonly hasPassword: boolean;
  };
  readonly classes: readonly OwnClass[];
  /** The class that was turned to last on this device, or else the first of them. */
  readonly chosen: string | null;
  /** The language that they are spoken to on every page that isn't a reader's. */
  readonly language: HouseLanguage;
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
  const { id, givenName, familyName, penName, account, email, language } = person;
  const classes = await listClassesOf(database, row.personId);
  const chosen = classes.find((one) => one.id === row.classId) ?? classes[0];
  return {
    person: {
      id,
      givenName,
      familyName,
      penName,
      account,
      email,
      language,
      hasPassword: person.passwordHash !== null,
    },
    classes,
    chosen: chosen?.id ?? null,
    language: languageOf(language, classes[0]?.language ?? null),
  };
}

/** Ends a session for good. */
export async function endSession(token: string): Promise<void> {
  await deleteSession(database, tokenHash(token));
}
