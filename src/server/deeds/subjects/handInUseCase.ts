import type { Deed } from '../../../contract/deed';
import { refused, type Context, type Result, type UseCase } from '../../ground/access/useCase';
import type { HandInRow } from '../../tables/handIns';
import type { PostFacts } from './findPostToActOn';
import { postUseCase } from './postUseCase';

interface Named {
  readonly postId: string;
  /** The hand-in that the teacher has before the eyes. */
  readonly handInId: string;
}

interface Review<Input, Output> {
  /** True for what takes the class's turn. */
  readonly turn?: true;
  readonly run: (
    input: Input,
    facts: PostFacts & { readonly latest: HandInRow },
    context: Context & { readonly personId: string },
  ) => Promise<Result<Output>>;
}

/** Serves a teacher's deed on the latest hand-in of a post. It is refused where the writer handed in again meanwhile. */
export function handInUseCase<Input extends Named, Output>(
  deed: Deed<Input, Output, 'handIn'>,
  { run, ...work }: Review<Input, Output>,
): UseCase<Input, PostFacts, Output> {
  return postUseCase(deed, {
    ...work,
    async run(input, rows, context) {
      const latest = rows.handIns.at(-1);
      if (latest?.id !== input.handInId) return refused('review.newerHandIn');
      return run(input, { ...rows, latest }, context);
    },
  });
}
