import type { Database } from '../ground/database/database';
import { idsFrom } from './idsFrom';

/** Where the posts of a writer stand in the blog of a class. */
export interface WriterAddress {
  readonly personId: string;
  readonly address: string;
  /** Of the name under which they are read outside: it leads nowhere while they are called otherwise. */
  readonly nameHash: Buffer;
}

const COLUMNS = 'person_id AS personId, address, name_hash AS nameHash';

/** The addresses of some writers of a class, by person. */
export async function listWriterAddresses(
  database: Database,
  { classId, personIds }: { readonly classId: string; readonly personIds: readonly string[] },
): Promise<ReadonlyMap<string, WriterAddress>> {
  const rows = await database.rows<WriterAddress>(
    `SELECT ${COLUMNS} FROM writer_addresses JOIN ${idsFrom(':ids')} AS asked ON asked.id = person_id
     WHERE class_id = :classId`,
    { classId, ids: JSON.stringify(personIds) },
  );
  return new Map(rows.map((row) => [row.personId, row]));
}

/** Whose posts stand at an address; null for one that leads nowhere, or not any more. */
export async function findWriterAddress(
  database: Database,
  { classId, address }: { readonly classId: string; readonly address: string },
): Promise<WriterAddress | null> {
  const [row] = await database.rows<WriterAddress>(
    `SELECT ${COLUMNS} FROM writer_addresses WHERE class_id = :classId AND address = :address`,
    { classId, address },
  );
  return row ?? null;
}

/** Gives writers of a class these addresses, in place of those before, which lead nowhere from then on. */
export async function replaceWriterAddresses(
  database: Database,
  classId: string,
  addresses: readonly WriterAddress[],
): Promise<void> {
  if (addresses.length === 0) return;
  await database.change(
    `DELETE FROM writer_addresses WHERE class_id = :classId AND person_id IN (SELECT id FROM ${idsFrom(':ids')} AS renamed)`,
    { classId, ids: JSON.stringify(addresses.map(({ personId }) => personId)) },
  );
  await database.insert(
    'writer_addresses (class_id, person_id, address, name_hash)',
    addresses.map(({ personId, address, nameHash }) => [classId, personId, address, nameHash]),
  );
}
