import type { Database } from '../ground/database/database';

export async function updateClassPassphrase(
  database: Database,
  passphrase: { readonly classId: string; readonly hash: string | null; readonly at: Date },
): Promise<void> {
  await database.change(
    'UPDATE classes SET passphrase_hash = :hash, passphrase_since = :at WHERE id = :classId',
    passphrase,
  );
}

export async function updatePostPassphrase(
  database: Database,
  passphrase: { readonly postId: string; readonly hash: string | null; readonly at: Date },
): Promise<void> {
  await database.change(
    'UPDATE posts SET passphrase_hash = :hash, passphrase_since = :at WHERE id = :postId',
    passphrase,
  );
}

/** Since when a class has its passphrase, or null while it has none. */
export async function findPassphraseSince(database: Database, classId: string): Promise<Date | null> {
  const [row] = await database.rows<{ since: Date | null }>(
    'SELECT IF(passphrase_hash IS NULL, NULL, passphrase_since) AS since FROM classes WHERE id = :classId',
    { classId },
  );
  return row?.since ?? null;
}

/** Since when a post has a passphrase of its own, or null while it has none. */
export async function findPostPassphraseSince(database: Database, postId: string): Promise<Date | null> {
  const [row] = await database.rows<{ since: Date | null }>(
    'SELECT IF(passphrase_hash IS NULL, NULL, passphrase_since) AS since FROM posts WHERE id = :postId',
    { postId },
  );
  return row?.since ?? null;
}

/** The hashes that a passphrase may fit: the class's, and those of its published posts that have their own. */
export async function listPassphraseHashes(
  database: Database,
  classId: string,
  address: string | null,
): Promise<readonly { readonly postId: string; readonly hash: string }[]> {
  return database.rows(
    `SELECT '' AS postId, passphrase_hash AS hash FROM classes WHERE id = :classId AND passphrase_hash IS NOT NULL
     UNION ALL
     SELECT id AS postId, passphrase_hash AS hash FROM posts
     WHERE class_id = :classId AND address = :address AND passphrase_hash IS NOT NULL`,
    { classId, address },
  );
}

/** Which passphrases of a class a device has shown: '' for the class's own, else the post's id. */
export async function listShown(
  database: Database,
  classId: string,
  deviceHash: Buffer,
): Promise<ReadonlySet<string>> {
  const rows = await database.rows<{ postId: string }>(
    `SELECT '' AS postId FROM passphrases_shown WHERE device_hash = :deviceHash AND class_id = :classId
     UNION ALL
     SELECT post_id AS postId FROM post_passphrases_shown JOIN posts ON posts.id = post_id
     WHERE device_hash = :deviceHash AND class_id = :classId`,
    { deviceHash, classId },
  );
  return new Set(rows.map((row) => row.postId));
}

export async function insertShown(
  database: Database,
  shown: {
    readonly deviceHash: Buffer;
    readonly classId: string;
    readonly postId: string;
    readonly at: Date;
  },
): Promise<void> {
  await database.change(
    shown.postId === ''
      ? `INSERT INTO passphrases_shown (device_hash, class_id, at) VALUES (:deviceHash, :classId, :at)
         ON DUPLICATE KEY UPDATE at = :at`
      : `INSERT INTO post_passphrases_shown (device_hash, post_id, at) VALUES (:deviceHash, :postId, :at)
         ON DUPLICATE KEY UPDATE at = :at`,
    shown,
  );
}

/** Forgets on which devices a passphrase was shown; `postId` is empty for the class's own. */
export async function deleteShown(database: Database, classId: string, postId: string): Promise<void> {
  await database.change(
    postId === ''
      ? 'DELETE FROM passphrases_shown WHERE class_id = :classId'
      : 'DELETE FROM post_passphrases_shown WHERE post_id = :postId',
    { classId, postId },
  );
}
