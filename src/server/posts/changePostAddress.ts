import { idSchema } from '../input/idSchema';
import { goesBeyondClass } from '../../core/access/audience';
import { addressFrom } from '../../core/posts/address';
import { done, refused, type UseCase } from '../access/useCase';
import { findPostToActOn, type PostFacts } from './findPostToActOn';
import { isAddressTaken, keepOldAddress, updateAddress, updateAskedAddress } from './addressQueries';
import { turnOfPost } from './turnOfPost';

interface Input {
  readonly postId: string;
  /** As it is typed; what cannot stand in an address is taken out. */
  readonly address: string;
}

interface AddressOfPost {
  readonly address: string;
  /** What was asked for and waits for a teacher; null for nothing. */
  readonly asked: string | null;
}

/**
 * Gives a post another address on the class blog; the old one leads on to it. Where people outside the class read the post, the
 * address waits until a teacher accepts it.
 */
export const changePostAddress: UseCase<Input, PostFacts, AddressOfPost> = {
  name: 'changePostAddress',
  action: 'post.write',
  input: {
    type: 'object',
    required: ['postId', 'address'],
    additionalProperties: false,
    properties: {
      postId: idSchema,
      address: { type: 'string', minLength: 1, maxLength: 120, pattern: '[\\p{L}\\p{N}]' },
    },
  },
  turn: turnOfPost,
  find: ({ postId }, { database, now }) => findPostToActOn(database, postId, now),
  async run({ address: typed }, { rows: { post, publication } }, { database }) {
    const address = addressFrom(typed);
    const { classId, id } = post;
    if (address === post.address) {
      await updateAskedAddress(database, id, null);
      return done({ address, asked: null });
    }
    if (await isAddressTaken(database, { classId, address, postId: id }))
      return refused('post.addressTaken', 'address');
    // Its words stand before people outside the class: like any change there they wait for a teacher.
    if (post.address !== null && publication && goesBeyondClass(publication.audience)) {
      await updateAskedAddress(database, id, address);
      return done({ address: post.address, asked: address });
    }
    if (post.address !== null) await keepOldAddress(database, { classId, address: post.address, postId: id });
    await updateAddress(database, id, address);
    await updateAskedAddress(database, id, null);
    return done({ address, asked: null });
  },
};
