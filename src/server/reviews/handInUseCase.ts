import { idSchema } from '../input/idSchema';
import type { UseCase } from '../access/useCase';
import { refused, type Context, type Result } from '../access/useCase';
import { findPostToActOn, type PostFacts } from '../posts/findPostToActOn';
import { turnOfPost } from '../posts/turnOfPost';
import type { HandInRow } from '../posts/queries';

interface Named {
  readonly postId: string;
  /** The hand-in that the teacher has before the eyes. */
  readonly handInId: string;
}

interface Review<Input, Output> {
  readonly name: string;
  /** True for what takes the class's turn. */
  readonly turn?: boolean;
  /** JSON Schemas of what is given besides post and hand-in. */
  readonly properties?: Readonly<Record<string, object>>;
  run(
    input: Input,
    facts: PostFacts & { readonly latest: HandInRow },
    context: Context & { readonly personId: string },
  ): Promise<Result<Output>>;
}

/** A use case of a teacher on the latest hand-in of a post. It is refused where the writer handed in again meanwhile. */
export function handInUseCase<Input, Output>(
  review: Review<Input & Named, Output>,
): UseCase<Input & Named, PostFacts, Output> {
  const properties = review.properties ?? {};
  return {
    name: review.name,
    action: 'post.review',
    input: {
      type: 'object',
      required: ['postId', 'handInId', ...Object.keys(properties)],
      additionalProperties: false,
      properties: {
        postId: idSchema,
        handInId: idSchema,
        ...properties,
      },
    },
    ...(review.turn ? { turn: turnOfPost } : {}),
    find: ({ postId }, { database, now }) => findPostToActOn(database, postId, now),
    async run(input, { rows }, context) {
      const latest = rows.handIns.at(-1);
      if (latest?.id !== input.handInId) return refused('review.newerHandIn');
      return review.run(input, { ...rows, latest }, context);
    },
  };
}
