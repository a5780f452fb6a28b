import type { Deed } from '../../../contract/deed';
import { serve, type UseCase, type WorkOn } from '../../ground/access/useCase';
import { findPostToActOn, findPostToShow, type PostFacts } from './findPostToActOn';
import { turnOfPost } from './turnOfPost';

interface OnPost {
  readonly postId: string;
}

interface PostWork<Input, Output, Prepared> extends WorkOn<Input, PostFacts, Output, Prepared> {
  /** True where the post itself stays as it is: nobody who saves it meanwhile is waited for. */
  readonly besidePost?: true;
}

/** Serves a deed that acts on a post. */
export function postUseCase<Input extends OnPost, Output, Prepared = unknown>(
  deed: Deed<Input, Output, 'post' | 'handIn'>,
  { besidePost, ...work }: PostWork<Input, Output, Prepared>,
): UseCase<Input, PostFacts, Output, Prepared> {
  const find = besidePost ? findPostToShow : findPostToActOn;
  return serve(
    deed,
    { find: ({ postId }, { database, now }) => find(database, postId, now), turnOf: turnOfPost },
    work,
  );
}
