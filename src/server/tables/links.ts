import { createHash } from 'node:crypto';
import type { OpenResult } from '../../core/requirements/post';
import type { Database } from '../ground/database/database';

export interface LookedRow {
  /** As the WHATWG URL parser writes it. */
  readonly address: string;
  readonly result: OpenResult;
  readonly lookedAt: Date;
}

/** What was found out about those of the addresses that somebody has looked at. */
export async function listLooked(
  database: Database,
  addresses: readonly string[],
): Promise<readonly LookedRow[]> {
  return database.rows(
    `SELECT address, result, looked_at AS lookedAt FROM looked_links
     JOIN JSON_TABLE(:hashes, '$[*]' COLUMNS (hash CHAR(64) CHARACTER SET ascii COLLATE ascii_bin PATH '$')) AS asked ON asked.hash = address_hash`,
    { hashes: JSON.stringify(addresses.map(addressHash)) },
  );
}

/** Writes down what was found at an address, over what was found there before. */
export async function recordLook(
  database: Database,
  { address, result, lookedAt, askedBy }: LookedRow & { readonly askedBy: string | null },
): Promise<void> {
  await database.change(
    `INSERT INTO looked_links (address_hash, address, result, looked_at, asked_by)
     VALUES (:hash, :address, :result, :lookedAt, :askedBy)
     ON DUPLICATE KEY UPDATE result = :result, looked_at = :lookedAt, asked_by = :askedBy`,
    { hash: addressHash(address), address, result, lookedAt, askedBy },
  );
}

/** Forgets some of what was found before a moment; how many went. Whoever needs it again has it looked at again. */
export async function deleteOldLooks(database: Database, before: Date): Promise<number> {
  return database.change('DELETE FROM looked_links WHERE looked_at < :before LIMIT 1000', { before });
}

export interface DocumentCopyRow {
  readonly revisionId: string;
  readonly address: string;
  readonly text: string;
  readonly copiedAt: Date;
}

/** Keeps the text of a shared document as it was when it was handed in; the first copy stays. */
export async function insertDocumentCopy(database: Database, copy: DocumentCopyRow): Promise<void> {
  await database.change(
    `INSERT INTO document_copies (revision_id, address_hash, address, text, copied_at)
     VALUES (:revisionId, :hash, :address, :text, :copiedAt) ON DUPLICATE KEY UPDATE address_hash = address_hash`,
    { ...copy, hash: addressHash(copy.address) },
  );
}

export async function listDocumentCopies(
  database: Database,
  revisionId: string,
): Promise<readonly DocumentCopyRow[]> {
  return database.rows(
    `SELECT revision_id AS revisionId, address, text, copied_at AS copiedAt FROM document_copies
     WHERE revision_id = :revisionId ORDER BY address_hash`,
    { revisionId },
  );
}

/** Addresses are of any length; their hashes are keys. */
function addressHash(address: string): string {
  return createHash('sha256').update(address).digest('hex');
}
