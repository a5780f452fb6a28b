import type { Deed } from '../../contract/deed';
import { serve, type UseCase, type WorkOn } from '../access/useCase';
import { lockPost, type PostRow } from './queries';
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
      async find({ postId }, { database }) {
        const post = await lockPost(database, postId);
        return (
          post && {
            subject: { writerId: post.writerId },
            classId: post.classId,
            subjectId: post.id,
            rows: post,
          }
        );
      },
      turnOf: turnOfPost,
    },
    work,
  );
}
