import type { Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { type PostRow } from '../../tables/posts';
import { insertRevision } from '../../tables/revisions';
import { picturesNamed } from '../evidence/writing';

/** Keeps a draft as it stands, before something else is written over it or others read it. @returns the revision */
export async function keepAsRevision(database: Database, post: PostRow, now: Date): Promise<string> {
  const id = newId();
  const { title, labels, beside, body } = post;
  await insertRevision(
    database,
    { id, postId: post.id, kind: 'saved', title, labels, beside, body, createdAt: now },
    picturesNamed(post),
  );
  return id;
}
