import { idSchema } from '../input/idSchema';
import { done, type UseCase } from '../access/useCase';
import { findPostToShow, type PostFacts } from './findPostToActOn';
import { countOtherVisits, recordVisit } from './visits';

interface Input {
  readonly postId: string;
  /** A name that the page has drawn by lot for itself. */
  readonly page: string;
  /** True when the page is being left. */
  readonly leaving?: boolean;
}

/** How long after its last sign of life a page is taken for closed. */
const ALIVE = 45_000;

/** A page says that it has a post open to write, and is told on how many other pages it is open too. */
export const beAtPost: UseCase<Input, PostFacts, { readonly others: number }> = {
  name: 'beAtPost',
  action: 'post.write',
  looksOnly: true,
  input: {
    type: 'object',
    required: ['postId', 'page'],
    additionalProperties: false,
    properties: {
      postId: idSchema,
      page: { type: 'string', pattern: '^[0-9a-f-]{32,36}$' },
      leaving: { type: 'boolean' },
    },
  },
  find: ({ postId }, { database, now }) => findPostToShow(database, postId, now),
  async run({ page, leaving = false }, { rows: { post } }, { database, now }) {
    await recordVisit(database, { postId: post.id, page, seenAt: leaving ? new Date(0) : now });
    const since = new Date(now.getTime() - ALIVE);
    return done({ others: await countOtherVisits(database, { postId: post.id, page, since }) });
  },
};
