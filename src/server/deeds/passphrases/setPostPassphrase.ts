import { setPostPassphrase as deed } from '../../../contract/passphrases/setPostPassphrase';
import { comparablePassphrase, passphraseWeakness } from '../../../core/privacy/passphrase';
import { done, refused } from '../../ground/access/useCase';
import { hashSecret } from '../../ground/secrets/secrets';
import { deleteShown, updatePostPassphrase } from '../../tables/passphrases';
import { postUseCase } from '../subjects/postUseCase';

export const setPostPassphrase = postUseCase(deed, {
  async prepare({ passphrase }, { post, inClass }, { personId }) {
    const known = [inClass.title, inClass.groupName, inClass.address, inClass.schoolName, post.title];
    const weakness = passphrase === '' ? null : passphraseWeakness(passphrase, known);
    if (weakness) return refused(`passphrase.${weakness}`, 'passphrase');
    return done(passphrase === '' ? null : await hashSecret(comparablePassphrase(passphrase), personId));
  },
  async run({ postId }, { post }, { database, now }, hash) {
    await updatePostPassphrase(database, { postId, hash, at: now });
    await deleteShown(database, post.classId, postId);
    return done(null);
  },
});
