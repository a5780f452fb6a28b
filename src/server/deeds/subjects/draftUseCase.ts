import type { Deed } from '../../../contract/deed';
import { serve, type Found, type UseCase, type WorkOn } from '../../ground/access/useCase';
import { lockPost, type PostRow } from '../../tables/posts';
import { typingIn } from './findPostToActOn';
import { turnOfPost } from './turnOfPost';

interface OnPost {
  readonly postId: string;
}

/**
 * Serves a deed on a draft, for which nothing counts but whose it is: saving, every few seconds for each who writes. The post's row is held
 * until the transaction ends; nothing else is read.
 */
export function draftUseCase<Input extends OnPost, Output, Prepared = unknown>(
  deed: Deed<Input, Output, 'post'>,
  work: WorkOn<Input, PostRow, Output, Prepared>,
): UseCase<Input, PostRow, Output, Prepared> {
  return serve(
    deed,
    {
      find: async ({ postId }, { database }) => ofItsWriter(await lockPost(database, postId)),
      turnOf: turnOfPost,
    },
    work,
  );
}

/** A post to act on of which nothing counts but whose it is; null where there is none. */
export function ofItsWriter<Post extends Pick<PostRow, 'id' | 'classId' | 'writerId' | 'typesInId'>>(
  post: Post | null,
): Found<Post> | null {
  if (!post) return null;
  const subject = { writerId: post.writerId, typesIn: typingIn(post) };
  return { subject, classId: post.classId, subjectId: post.id, rows: post };
}
