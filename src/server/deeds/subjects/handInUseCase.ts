import type { Deed } from '../../../contract/deed';
import { refused, type Context, type Result, type UseCase } from '../../ground/access/useCase';
import type { HandInRow } from '../../tables/handIns';
import { lockSecondReader } from '../../tables/secondReadings';
import type { PostFacts } from './findPostToActOn';
import { postUseCase } from './postUseCase';

interface Named {
  readonly postId: string;
  /** The hand-in that the teacher has before the eyes. */
  readonly handInId: string;
  /** As which reader a page judges: see `asWhomField`. */
  readonly second?: boolean | undefined;
}

/** A post with the hand-in that the teacher has before the eyes, which is its latest. */
export type OnLatest = PostFacts & { readonly latest: HandInRow };

interface Review<Input, Output, Prepared> {
  /** True for what takes the class's turn. */
  readonly turn?: true;
  /** True where the post itself stays as it is. */
  readonly besidePost?: true;
  /** True for what decides about the post, or tells its writer: not for who reads it a second time, until they are done. */
  readonly decides?: true;
  /** Work that takes long and is done before the transaction. */
  readonly prepare?: (
    input: Input,
    facts: OnLatest,
    context: Context & { readonly personId: string },
  ) => Promise<Result<Prepared>>;
  readonly run: (
    input: Input,
    facts: OnLatest,
    context: Context & { readonly personId: string },
    prepared: Prepared,
  ) => Promise<Result<Output>>;
}

/** Serves a teacher's deed on the latest hand-in of a post. It is refused where the writer handed in again meanwhile. */
export function handInUseCase<Input extends Named, Output, Prepared = unknown>(
  deed: Deed<Input, Output, 'handIn'>,
  { prepare, run, decides, ...work }: Review<Input, Output, Prepared>,
): UseCase<Input, PostFacts, Output, Prepared> {
  const withLatest = (input: Input, facts: PostFacts): OnLatest | null => {
    const latest = facts.handIns.at(-1);
    return latest?.id === input.handInId ? { ...facts, latest } : null;
  };
  return postUseCase(deed, {
    ...work,
    ...(prepare
      ? {
          async prepare(input: Input, facts: PostFacts, context: Context & { readonly personId: string }) {
            const onLatest = withLatest(input, facts);
            return onLatest ? prepare(input, onLatest, context) : refused('review.newerHandIn');
          },
        }
      : {}),
    async run(input, facts, context, prepared) {
      // Asked for, done or taken back meanwhile: what holds now is read again, where it matters.
      const { database, personId } = context;
      const matters = facts.post.second !== null || input.second !== undefined;
      const second = matters ? await lockSecondReader(database, facts.post.id) : null;
      const readsSecond = second?.readerId === personId && !second.done;
      if (decides && readsSecond) return refused('review.readsSecond');
      if (input.second !== undefined && input.second !== readsSecond) return refused('review.otherReading');
      const onLatest = withLatest(input, { ...facts, post: { ...facts.post, second } });
      return onLatest ? run(input, onLatest, context, prepared) : refused('review.newerHandIn');
    },
  });
}
