import type { Database } from '../ground/database/database';

export async function updateAddress(database: Database, id: string, address: string): Promise<void> {
  await database.change('UPDATE posts SET address = :address WHERE id = :id', { id, address });
}

/** What a writer would like, until a teacher has looked at it; null for nothing. */
export async function updateAskedAddress(
  database: Database,
  id: string,
  asked: string | null,
): Promise<void> {
  await database.change('UPDATE posts SET asked_address = :asked WHERE id = :id', { id, asked });
}

/** Whether another post of the class has an address, or had it before. */
export async function isAddressTaken(
  database: Database,
  wish: { readonly classId: string; readonly address: string; readonly postId: string },
): Promise<boolean> {
  const rows = await database.rows(
    `SELECT id FROM posts WHERE class_id = :classId AND address = :address AND id <> :postId
     UNION ALL SELECT id FROM posts WHERE class_id = :classId AND asked_address = :address AND id <> :postId
     UNION ALL SELECT post_id FROM post_addresses WHERE class_id = :classId AND address = :address AND post_id <> :postId`,
    wish,
  );
  return rows.length > 0;
}

/** Lets an address that a post had lead on to it. */
export async function keepOldAddress(
  database: Database,
  old: { readonly classId: string; readonly address: string; readonly postId: string },
): Promise<void> {
  await database.change(
    `INSERT INTO post_addresses (class_id, address, post_id) VALUES (:classId, :address, :postId)
     ON DUPLICATE KEY UPDATE post_id = :postId`,
    old,
  );
}

/** Addresses of a class's posts that begin like a wished one. */
export async function listAddressesLike(
  database: Database,
  classId: string,
  address: string,
): Promise<readonly string[]> {
  const rows = await database.rows<{ address: string }>(
    `SELECT address FROM posts WHERE class_id = :classId AND LEFT(address, CHAR_LENGTH(:address)) = :address
     UNION SELECT address FROM post_addresses
     WHERE class_id = :classId AND LEFT(address, CHAR_LENGTH(:address)) = :address`,
    { classId, address },
  );
  return rows.map((row) => row.address);
}
