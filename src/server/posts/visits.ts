import type { Database } from '../database/database';

interface Visit {
  readonly postId: string;
  readonly page: string;
  readonly seenAt: Date;
}

/** Notes that a page has a post open; pages of that post that were left long ago are forgotten. */
export async function recordVisit(database: Database, visit: Visit): Promise<void> {
  await database.change(
    `INSERT INTO post_visits (post_id, page, seen_at) VALUES (:postId, :page, :seenAt)
     ON DUPLICATE KEY UPDATE seen_at = :seenAt`,
    { ...visit },
  );
  await database.change('DELETE FROM post_visits WHERE post_id = :postId AND seen_at < :before', {
    postId: visit.postId,
    before: new Date(visit.seenAt.getTime() - 600_000),
  });
}

/** On how many other pages a post is open since a moment. */
export async function countOtherVisits(
  database: Database,
  { postId, page, since }: { readonly postId: string; readonly page: string; readonly since: Date },
): Promise<number> {
  const [row] = await database.rows<{ others: number }>(
    'SELECT COUNT(*) AS others FROM post_visits WHERE post_id = :postId AND page <> :page AND seen_at >= :since',
    { postId, page, since },
  );
  return row?.others ?? 0;
}
