import { idSchema } from '../input/idSchema';
import { AUDIENCES, audiencesUpTo, type Audience } from '../../core/access/audience';
import { done, refused, type UseCase } from '../access/useCase';
import { findPostToActOn, type PostFacts } from '../posts/findPostToActOn';
import { takeAskedAddress } from '../posts/takeAskedAddress';
import { turnOfPost } from '../posts/turnOfPost';
import { putBeforeReaders, takeFromReaders } from './putBeforeReaders';

interface Input {
  readonly postId: string;
  readonly audience: Audience;
}

/** A teacher decides who reads an accepted post: publishes it, widens or narrows its audience. See `narrowPost`, too. */
export const publish: UseCase<Input, PostFacts, null> = {
  name: 'publish',
  action: 'post.publish',
  input: {
    type: 'object',
    required: ['postId', 'audience'],
    additionalProperties: false,
    properties: { postId: idSchema, audience: { enum: AUDIENCES } },
  },
  turn: turnOfPost,
  find: ({ postId }, { database, now }) => findPostToActOn(database, postId, now),
  async run({ audience }, { rows: { post, inClass, appears, handIns } }, { database, personId, now }) {
    const latest = handIns.at(-1);
    if (!latest) return refused('post.cannotFollow');
    if (!audiencesUpTo(inClass.ceiling).includes(audience))
      return refused(appears === 'no' ? 'publish.noConsent' : 'publish.tooWide', 'audience');
    // A writer may always ask for fewer readers; a teacher does not go over that wish.
    if (post.audience !== null && !audiencesUpTo(post.audience).includes(audience))
      return refused('publish.writerWantsFewer', 'audience');
    await takeAskedAddress(database, post);
    if (audience === 'writerAndTeachers') await takeFromReaders(database, post.id, now);
    else
      await putBeforeReaders(database, {
        postId: post.id,
        revisionId: latest.revisionId,
        audience,
        by: personId,
        now,
      });
    return done(null);
  },
};
