import type { Database } from '../ground/database/database';

export async function insertAddress(
  database: Database,
  address: { readonly classId: string; readonly address: string; readonly since: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO class_addresses (address, class_id, since) VALUES (:address, :classId, :since)
     ON DUPLICATE KEY UPDATE since = :since`,
    address,
  );
}

export async function updateClassAddress(database: Database, id: string, address: string): Promise<void> {
  await database.change('UPDATE classes SET address = :address WHERE id = :id', { id, address });
}

/** Which class has or had each of the addresses that begin like one; they are nobody else's. */
export async function listClassAddressesLike(
  database: Database,
  beginning: string,
): Promise<ReadonlyMap<string, string>> {
  const rows = await database.rows<{ address: string; classId: string }>(
    `SELECT address, class_id AS classId FROM class_addresses WHERE LEFT(address, CHAR_LENGTH(:beginning)) = :beginning`,
    { beginning },
  );
  return new Map(rows.map((row) => [row.address, row.classId]));
}

/** The addresses of the class blogs that search engines may find. */
export async function listFoundAddresses(database: Database): Promise<readonly string[]> {
  const rows = await database.rows<{ address: string }>(
    "SELECT address FROM classes WHERE search_engines AND ceiling = 'everyone' AND deleted_at IS NULL ORDER BY address",
  );
  return rows.map((row) => row.address);
}
