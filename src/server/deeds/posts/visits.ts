import type { Database } from '../../ground/database/database';
import { PEER_NEWS } from '../../tables/peerRounds';

/** Who gave no sign of life for so many milliseconds is gone. */
const LONG_AGO = 600_000;

interface Visit {
  readonly postId: string;
  readonly page: string;
  readonly seenAt: Date;
}

/** Notes that a page has a post open. @returns whether it had not before */
export async function recordVisit(database: Database, visit: Visit): Promise<boolean> {
  const known = await database.change(
    'UPDATE post_visits SET seen_at = :seenAt WHERE post_id = :postId AND page = :page',
    { ...visit },
  );
  if (known > 0) return false;
  await database.change(
    `INSERT INTO post_visits (post_id, page, seen_at) VALUES (:postId, :page, :seenAt)
     ON DUPLICATE KEY UPDATE seen_at = :seenAt`,
    { ...visit },
  );
  return true;
}

/** Forgets a page that is left, and those of the post that went away without a word. @param seenAt the present time */
export async function forgetVisit(database: Database, { postId, page, seenAt }: Visit): Promise<void> {
  await database.change(
    'DELETE FROM post_visits WHERE post_id = :postId AND (page = :page OR seen_at < :before)',
    { postId, page, before: new Date(seenAt.getTime() - LONG_AGO) },
  );
}

/** On how many other pages a post is open since a moment, and how it stands with reading each other. */
export async function findWhatGoesOn(
  database: Database,
  { postId, page, since }: { readonly postId: string; readonly page: string; readonly since: Date },
): Promise<{ readonly others: number; readonly peers: string | null }> {
  const [row] = await database.rows<{ readonly others: number; readonly peers: string | null }>(
    `SELECT (SELECT COUNT(*) FROM post_visits WHERE post_id = :postId AND page <> :page AND seen_at >= :since) AS others,
       ${PEER_NEWS} AS peers`,
    { postId, page, since },
  );
  return row ?? { others: 0, peers: null };
}
