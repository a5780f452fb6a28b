import type { Database } from '../ground/database/database';
import { idsFrom } from './idsFrom';

interface Opening {
  readonly postId: string;
  readonly teacherId: string;
  readonly at: Date;
}

/** Notes that a teacher opened where a text came from. */
export async function insertOriginOpening(database: Database, opening: Opening): Promise<void> {
  await database.change(
    'INSERT IGNORE INTO origin_openings (post_id, teacher_id, at) VALUES (:postId, :teacherId, :at)',
    { ...opening },
  );
}

/** When teachers opened where a text came from, with their names, the latest first. */
export async function listOriginOpenings(
  database: Database,
  postId: string,
): Promise<
  readonly (Omit<Opening, 'postId'> & { readonly givenName: string; readonly familyName: string })[]
> {
  return database.rows(
    `SELECT teacher_id AS teacherId, at, given_name AS givenName, family_name AS familyName
     FROM origin_openings JOIN people ON people.id = teacher_id WHERE post_id = :postId ORDER BY at DESC`,
    { postId },
  );
}

/** When a teacher opened it last; null where they never did. */
export async function findOwnOpening(
  database: Database,
  { postId, teacherId }: Omit<Opening, 'at'>,
): Promise<Date | null> {
  const [row] = await database.rows<{ readonly at: Date | null }>(
    'SELECT MAX(at) AS at FROM origin_openings WHERE post_id = :postId AND teacher_id = :teacherId',
    { postId, teacherId },
  );
  return row?.at ?? null;
}

/** Of some posts of one writer who opened where they came from, since the writer was last at the page that tells so. */
export async function listOpeningsUnseen(
  database: Database,
  postIds: readonly string[],
): Promise<readonly { readonly postId: string; readonly givenName: string; readonly familyName: string }[]> {
  return database.rows(
    `SELECT DISTINCT post_id AS postId, given_name AS givenName, family_name AS familyName
     FROM origin_openings JOIN people ON people.id = teacher_id
     JOIN ${idsFrom(':postIds')} AS asked ON asked.id = post_id
     WHERE seen_at IS NULL ORDER BY post_id, family_name, given_name`,
    { postIds: JSON.stringify(postIds) },
  );
}

/** The writer of a post is at the page that tells who opened where it came from. */
export async function markOpeningsSeen(database: Database, postId: string, at: Date): Promise<void> {
  await database.change(
    'UPDATE origin_openings SET seen_at = :at WHERE post_id = :postId AND seen_at IS NULL',
    { postId, at },
  );
}
