import { inTransaction, type Database } from '../../ground/database/database';
import { deleteIndexed } from '../../tables/searchTexts';

/**
 * Erases a post for good, with every revision, hand-in, note and grade of it. Its pictures stay where they are, and a case about it
 * stays for its own term.
 */
export async function erasePost(database: Database, postId: string): Promise<void> {
  await deleteIndexed(database, postId);
  await database.change('DELETE FROM posts WHERE id = :postId', { postId });
}

/** Erases posts one by one, each in a transaction of its own, so that nobody waits for all of them. */
export async function erasePosts(postIds: readonly string[]): Promise<void> {
  for (const postId of postIds) await inTransaction((transaction) => erasePost(transaction, postId));
}
