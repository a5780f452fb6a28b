import type { Database } from '../database/database';

export interface PersonRow {
  readonly id: string;
  readonly givenName: string;
  readonly familyName: string;
  readonly penName: string | null;
  readonly passwordHash: string | null;
  readonly passcodeHash: string | null;
}

const PERSON_COLUMNS = `id, given_name AS givenName, family_name AS familyName, pen_name AS penName,
  password_hash AS passwordHash, passcode_hash AS passcodeHash`;

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

export async function insertPerson(
  database: Database,
  person: PersonRow & { readonly email: string | null; readonly createdAt: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO people (id, given_name, family_name, pen_name, email, password_hash, passcode_hash, created_at)
     VALUES (:id, :givenName, :familyName, :penName, :email, :passwordHash, :passcodeHash, :createdAt)`,
    { ...person },
  );
}
