import type { Database } from '../../ground/database/database';
import { isAddressTaken, keepOldAddress, updateAddress, updateAskedAddress } from '../../tables/addresses';
import type { PostRow } from '../../tables/posts';

/** Gives a post the address that its writer asked for, once a teacher has accepted the post or put it before readers. */
export async function takeAskedAddress(database: Database, post: PostRow): Promise<void> {
  const { id: postId, classId, address, askedAddress } = post;
  if (askedAddress === null) return;
  await updateAskedAddress(database, postId, null);
  if (await isAddressTaken(database, { classId, address: askedAddress, postId })) return;
  if (address !== null) await keepOldAddress(database, { classId, address, postId });
  await updateAddress(database, postId, askedAddress);
}
