import type { Database } from '../ground/database/database';

/** A sentence of the note bank with whose it is, and how often who looks has used it. */
export interface SentenceRow {
  readonly id: string;
  readonly ownerId: string;
  readonly givenName: string;
  readonly familyName: string;
  readonly words: string;
  readonly group: string;
  readonly shared: boolean;
  readonly version: number;
  readonly uses: number;
}

/** What somebody may use: their own, and what is shared by others who teach a class together with them now. */
export async function listSentencesFor(
  database: Database,
  personId: string,
): Promise<readonly SentenceRow[]> {
  const rows = await database.rows<Omit<SentenceRow, 'shared'> & { readonly shared: number }>(
    `SELECT bank_sentences.id, owner_id AS ownerId, given_name AS givenName, family_name AS familyName, words,
       group_name AS \`group\`, shared, version, COALESCE(uses, 0) AS uses
     FROM bank_sentences JOIN people ON people.id = owner_id AND people.deleted_at IS NULL
     LEFT JOIN bank_uses ON sentence_id = bank_sentences.id AND person_id = :personId
     WHERE owner_id = :personId OR (shared AND owner_id IN (
       SELECT others.person_id FROM memberships AS others
       JOIN memberships AS own ON own.class_id = others.class_id AND own.person_id = :personId
         AND own.role IN ('teacher', 'coTeacher') AND own.left_at IS NULL
       WHERE others.role IN ('teacher', 'coTeacher') AND others.left_at IS NULL))
     ORDER BY uses DESC, kept_at DESC, bank_sentences.id`,
    { personId },
  );
  return rows.map((row) => ({ ...row, shared: row.shared === 1 }));
}

/** Holds somebody's bank until the transaction ends: who keeps into it meanwhile waits, so that it is counted rightly. */
export async function lockBank(database: Database, ownerId: string): Promise<void> {
  await database.rows('SELECT id FROM people WHERE id = :ownerId FOR UPDATE', { ownerId });
}

/** Whose a sentence is, and its version, held until the transaction ends; null where there is none. */
export async function lockSentence(
  database: Database,
  id: string,
): Promise<Pick<SentenceRow, 'ownerId' | 'words' | 'version'> | null> {
  const [row] = await database.rows<Pick<SentenceRow, 'ownerId' | 'words' | 'version'>>(
    'SELECT owner_id AS ownerId, words, version FROM bank_sentences WHERE id = :id FOR UPDATE',
    { id },
  );
  return row ?? null;
}

type Written = Pick<SentenceRow, 'id' | 'words' | 'group' | 'shared'>;

/** False where one of that id is there. */
export async function insertSentence(
  database: Database,
  sentence: Written & { readonly ownerId: string; readonly at: Date },
): Promise<boolean> {
  const inserted = await database.change(
    `INSERT INTO bank_sentences (id, owner_id, words, group_name, shared, kept_at)
     VALUES (:id, :ownerId, :words, :group, :shared, :at) ON DUPLICATE KEY UPDATE id = id`,
    { ...sentence },
  );
  return inserted > 0;
}

export async function updateSentence(database: Database, sentence: Written): Promise<void> {
  await database.change(
    `UPDATE bank_sentences SET words = :words, group_name = :group, shared = :shared, version = version + 1
     WHERE id = :id`,
    { ...sentence },
  );
}

export async function deleteSentence(database: Database, id: string): Promise<void> {
  await database.change('DELETE FROM bank_sentences WHERE id = :id', { id });
}

export async function countSentencesOf(database: Database, ownerId: string): Promise<number> {
  const [row] = await database.rows<{ readonly count: number }>(
    'SELECT COUNT(*) AS count FROM bank_sentences WHERE owner_id = :ownerId',
    { ownerId },
  );
  return row?.count ?? 0;
}

/** Counts a use of a sentence; nothing where it is gone. */
export async function countUse(
  database: Database,
  use: { readonly sentenceId: string; readonly personId: string; readonly at: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO bank_uses (sentence_id, person_id, uses, used_at)
     SELECT id, :personId, 1, :at FROM bank_sentences WHERE id = :sentenceId
     ON DUPLICATE KEY UPDATE uses = uses + 1, used_at = :at`,
    { ...use },
  );
}
