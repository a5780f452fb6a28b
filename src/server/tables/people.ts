import type { AccountRole } from '../../core/access/may';
import type { HouseLanguage } from '../../core/languages/languages';
import type { PasscodeKind } from '../../core/people/passcode';
import type { Database } from '../ground/database/database';
import { idsFrom } from './idsFrom';

export interface PersonRow {
  readonly id: string;
  readonly givenName: string;
  readonly familyName: string;
  readonly penName: string | null;
  readonly email: string | null;
  readonly passwordHash: string | null;
  readonly passcodeHash: string | null;
  readonly passcodeKind: PasscodeKind | null;
  readonly account: AccountRole | null;
  /** The language that they chose to be spoken to; null for the one of their class. */
  readonly language: HouseLanguage | null;
  /** Since when they are to be deleted; null for everybody else. Nobody signs in as who is. */
  readonly deletedAt: Date | null;
  /** The class that they looked at last. */
  readonly lastClassId: string | null;
}

const PERSON_COLUMNS = `id, given_name AS givenName, family_name AS familyName, pen_name AS penName, email,
  password_hash AS passwordHash, passcode_hash AS passcodeHash, passcode_kind AS passcodeKind, account,
  language, deleted_at AS deletedAt, last_class_id AS lastClassId`;

export async function findPerson(database: Database, id: string): Promise<PersonRow | null> {
  const [row] = await database.rows<PersonRow>(`SELECT ${PERSON_COLUMNS} FROM people WHERE id = :id`, { id });
  return row ?? null;
}

export async function findPersonByEmail(database: Database, email: string): Promise<PersonRow | null> {
  const [row] = await database.rows<PersonRow>(`SELECT ${PERSON_COLUMNS} FROM people WHERE email = :email`, {
    email,
  });
  return row ?? null;
}

/** The same as far as they can sign in: nobody who is to be deleted. */
export async function findLivePersonByEmail(database: Database, email: string): Promise<PersonRow | null> {
  const person = await findPersonByEmail(database, email);
  return person?.deletedAt ? null : person;
}

/** A person to be made; what is left out is not known. */
type NewPerson = Pick<PersonRow, 'id' | 'givenName' | 'familyName'> &
  Partial<Omit<PersonRow, 'lastClassId' | 'deletedAt' | 'language'>> & {
    /** For a student: the class whose teachers speak for them. */
    readonly homeClassId?: string | null;
    readonly createdAt: Date;
  };

const UNKNOWN = {
  penName: null,
  email: null,
  passwordHash: null,
  passcodeHash: null,
  passcodeKind: null,
  account: null,
  homeClassId: null,
};

export async function insertPerson(database: Database, person: NewPerson): Promise<void> {
  await database.change(
    `INSERT INTO people (id, given_name, family_name, pen_name, email, password_hash, passcode_hash, passcode_kind, account, home_class_id, created_at)
     VALUES (:id, :givenName, :familyName, :penName, :email, :passwordHash, :passcodeHash, :passcodeKind, :account, :homeClassId, :createdAt)`,
    { ...UNKNOWN, ...person },
  );
}

export async function updateLastSeen(database: Database, id: string, at: Date): Promise<void> {
  await database.change('UPDATE people SET last_seen_at = :at WHERE id = :id', { id, at });
}

export async function updateLastClass(database: Database, id: string, classId: string): Promise<void> {
  await database.change('UPDATE people SET last_class_id = :classId WHERE id = :id', { id, classId });
}

export async function updateLanguage(
  database: Database,
  id: string,
  language: HouseLanguage | null,
): Promise<void> {
  await database.change('UPDATE people SET language = :language WHERE id = :id', { id, language });
}

/** Those of some people who have an address to write to. */
export async function listAddressed(
  database: Database,
  ids: readonly string[],
): Promise<
  readonly { readonly id: string; readonly email: string; readonly language: HouseLanguage | null }[]
> {
  return database.rows(
    `SELECT people.id, email, language FROM people
     JOIN ${idsFrom(':ids')} AS asked ON asked.id = people.id
     WHERE email IS NOT NULL AND deleted_at IS NULL AND mail_choice <> 'never'`,
    { ids: JSON.stringify(ids) },
  );
}

/** Gives a person an address and a password to sign in with. */
export async function updateLogin(
  database: Database,
  login: { readonly id: string; readonly email: string; readonly passwordHash: string },
): Promise<void> {
  await database.change(
    'UPDATE people SET email = :email, password_hash = :passwordHash WHERE id = :id',
    login,
  );
}

export async function updatePassword(database: Database, id: string, passwordHash: string): Promise<void> {
  await database.change('UPDATE people SET password_hash = :passwordHash WHERE id = :id', {
    id,
    passwordHash,
  });
}

/** What seals the unsaved words of somebody on a device, 32 bytes. Null where there is no such person. */
export async function findSealKey(database: Database, id: string): Promise<Buffer | null> {
  const [row] = await database.rows<{ key: Buffer }>('SELECT seal_key AS `key` FROM people WHERE id = :id', {
    id,
  });
  return row?.key ?? null;
}
