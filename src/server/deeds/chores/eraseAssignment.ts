import { database } from '../../ground/database/database';
import { listPostIdsOf, lockDeletedAssignment } from '../../tables/assignmentEndings';
import { deleteUnbegun } from '../../tables/assignments';
import { erasePosts } from '../posts/erasePost';

/**
 * Erases an assignment whose time to be brought back is over, with its posts. One that was brought back meanwhile, or is gone, is
 * left alone.
 */
export async function eraseAssignment(
  { assignmentId }: { readonly assignmentId: string },
  _: string,
  now: Date,
): Promise<void> {
  // From that moment on it is not brought back, so this holds until it is done.
  const deleted = await lockDeletedAssignment(database, assignmentId);
  if (!deleted || deleted.eraseAt > now) return;
  await erasePosts(await listPostIdsOf(database, assignmentId));
  await deleteUnbegun(database, assignmentId);
}
