import { changePostAddress as deed } from '../../../contract/posts/changePostAddress';
import { goesBeyondClass } from '../../../core/access/audience';
import { addressFrom, isFreeForPosts } from '../../../core/posts/address';
import { done, refused } from '../../ground/access/useCase';
import { isAddressTaken, keepOldAddress, updateAddress, updateAskedAddress } from '../../tables/addresses';
import { postUseCase } from '../subjects/postUseCase';

export const changePostAddress = postUseCase(deed, {
  turn: true,
  async run({ address: typed }, { post, publication }, { database }) {
    const address = addressFrom(typed);
    const { classId, id } = post;
    if (address === post.address) {
      await updateAskedAddress(database, id, null);
      return done({ address, asked: null });
    }
    if (!isFreeForPosts(address)) return refused('post.addressReserved', 'address', { address });
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
});
