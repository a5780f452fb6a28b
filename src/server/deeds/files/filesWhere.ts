import type { Database } from '../../ground/database/database';
import type { FilesByShelf } from '../../ground/storage/shelves';

/** The files that somebody brought, or that were brought into a class. */
export async function filesWhere(
  database: Database,
  owner: 'uploaded_by' | 'class_id',
  id: string,
): Promise<FilesByShelf> {
  const hashesIn = async (table: 'pictures' | 'handouts') =>
    (
      await database.rows<{ hash: string }>(
        `SELECT DISTINCT content_hash AS hash FROM ${table} WHERE ${owner} = :id`,
        { id },
      )
    ).map((row) => row.hash);
  return { pictures: await hashesIn('pictures'), handouts: await hashesIn('handouts') };
}
