import type { Database } from '../../ground/database/database';

const HAND_INS = '(SELECT id FROM hand_ins WHERE post_id = :postId)';
const REVISIONS = '(SELECT id FROM revisions WHERE post_id = :postId)';

/** From the leaves to the root, so that nothing points at what is gone. */
const ERASING: readonly string[] = [
  `DELETE FROM readings WHERE hand_in_id IN ${HAND_INS}`,
  `DELETE FROM decisions WHERE hand_in_id IN ${HAND_INS}`,
  'DELETE FROM notes WHERE post_id = :postId',
  'DELETE FROM judgements WHERE post_id = :postId',
  'DELETE FROM requirement_judgements WHERE post_id = :postId',
  'DELETE FROM grades WHERE post_id = :postId',
  'DELETE FROM publications WHERE post_id = :postId',
  'DELETE FROM hand_ins WHERE post_id = :postId',
  `DELETE FROM revision_pictures WHERE revision_id IN ${REVISIONS}`,
  'DELETE FROM revisions WHERE post_id = :postId',
  'DELETE FROM passphrases_shown WHERE post_id = :postId',
  'DELETE FROM concerns WHERE post_id = :postId',
  'DELETE FROM draft_openings WHERE post_id = :postId',
  'DELETE FROM posts WHERE id = :postId',
];

/** Erases a post for good, with every revision, hand-in, note and grade of it. Its pictures stay where they are. */
export async function erasePost(database: Database, postId: string): Promise<void> {
  for (const statement of ERASING) await database.change(statement, { postId });
}
