import { idSchema } from '../input/idSchema';
import { comparablePassphrase, passphraseWeakness } from '../../core/privacy/passphrase';
import { done, refused, type UseCase } from '../access/useCase';
import { findPostToActOn, type PostFacts } from '../posts/findPostToActOn';
import { hashSecret } from '../sessions/secrets';
import { deleteShown, updatePostPassphrase } from './queries';

interface Input {
  readonly postId: string;
  /** Empty takes it away: the class's passphrase opens the post alone. */
  readonly passphrase: string;
}

/** Gives a post a passphrase of its own, for readers who are not to read the other posts. */
export const setPostPassphrase: UseCase<Input, PostFacts, null, string | null> = {
  name: 'setPostPassphrase',
  action: 'post.publish',
  whileResting: true,
  input: {
    type: 'object',
    required: ['postId', 'passphrase'],
    additionalProperties: false,
    properties: { postId: idSchema, passphrase: { type: 'string', maxLength: 200 } },
  },
  find: ({ postId }, { database, now }) => findPostToActOn(database, postId, now),
  async prepare({ passphrase }, { rows: { post, inClass } }, { personId }) {
    const known = [inClass.title, inClass.groupName, inClass.address, inClass.schoolName, post.title];
    const weakness = passphrase === '' ? null : passphraseWeakness(passphrase, known);
    if (weakness) return refused(`passphrase.${weakness}`, 'passphrase');
    return done(passphrase === '' ? null : await hashSecret(comparablePassphrase(passphrase), personId));
  },
  async run({ postId }, { rows: { post } }, { database, now }, hash) {
    await updatePostPassphrase(database, { postId, hash, at: now });
    await deleteShown(database, post.classId, postId);
    return done(null);
  },
};
