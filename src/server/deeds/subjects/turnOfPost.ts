import type { Database } from '../../ground/database/database';

/** The class of a post, whose turn is taken before the post is read; none where there is no such post. */
export async function turnOfPost(
  { postId }: { readonly postId: string },
  database: Database,
): Promise<readonly string[]> {
  const rows = await database.rows<{ classId: string }>(
    'SELECT class_id AS classId FROM posts WHERE id = :postId',
    { postId },
  );
  return rows.map((row) => row.classId);
}
