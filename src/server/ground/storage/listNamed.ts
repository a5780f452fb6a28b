import type { Database } from '../database/database';

/** Which of some contents, by their hashes, a row still names. */
export async function listNamed(
  database: Database,
  table: 'pictures' | 'handouts',
  hashes: readonly string[],
): Promise<ReadonlySet<string>> {
  const rows = await database.rows<{ hash: string }>(
    `SELECT DISTINCT content_hash AS hash FROM ${table}
     JOIN JSON_TABLE(:hashes, '$[*]' COLUMNS (hash CHAR(64) PATH '$')) AS asked ON asked.hash = ${table}.content_hash`,
    { hashes: JSON.stringify(hashes) },
  );
  return new Set(rows.map((row) => row.hash));
}
