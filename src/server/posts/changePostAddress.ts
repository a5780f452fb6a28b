import { addressFrom } from '../../core/posts/address';
import { done, refused, type UseCase } from '../access/useCase';
import { findPostToActOn, type PostFacts } from './findPostToActOn';
import { isAddressTaken, keepOldAddress, updateAddress } from './addressQueries';

interface Input {
  readonly postId: string;
  /** As it is typed; what cannot stand in an address is taken out. */
  readonly address: string;
}

/** Gives a post another address on the class blog. The old one leads on to it. */
export const changePostAddress: UseCase<Input, PostFacts, { readonly address: string }> = {
  name: 'changePostAddress',
  action: 'post.write',
  input: {
    type: 'object',
    required: ['postId', 'address'],
    additionalProperties: false,
    properties: {
      postId: { type: 'string', maxLength: 16 },
      address: { type: 'string', minLength: 1, maxLength: 120, pattern: '[\\p{L}\\p{N}]' },
    },
  },
  find: ({ postId }, { database, now }) => findPostToActOn(database, postId, now),
  async run({ address: typed }, { rows: { post } }, { database }) {
    const address = addressFrom(typed);
    if (address === post.address) return done({ address });
    const { classId, id } = post;
    if (await isAddressTaken(database, { classId, address, postId: id }))
      return refused('post.addressTaken', 'address');
    if (post.address !== null) await keepOldAddress(database, { classId, address: post.address, postId: id });
    await updateAddress(database, id, address);
    return done({ address });
  },
};
