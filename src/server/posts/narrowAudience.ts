import { idSchema } from '../input/idSchema';
import { audiencesUpTo, AUDIENCES, cappedAudience, type Audience } from '../../core/access/audience';
import { done, refused, type UseCase } from '../access/useCase';
import { putBeforeReaders, takeFromReaders } from '../publications/putBeforeReaders';
import { findPostToActOn, type PostFacts } from './findPostToActOn';
import { turnOfPost } from './turnOfPost';
import { updateAudience } from './queries';

interface Input {
  readonly postId: string;
  readonly audience: Audience;
}

/** A writer asks that fewer people read a post than the assignment has it, or goes back to what the assignment has. */
export const narrowAudience: UseCase<Input, PostFacts, null> = {
  name: 'narrowAudience',
  action: 'post.write',
  whileResting: true,
  input: {
    type: 'object',
    required: ['postId', 'audience'],
    additionalProperties: false,
    properties: { postId: idSchema, audience: { enum: AUDIENCES } },
  },
  turn: turnOfPost,
  find: ({ postId }, { database, now }) => findPostToActOn(database, postId, now),
  async run({ audience }, { rows: { post, assignment, inClass, publication } }, { database, personId, now }) {
    const widest = cappedAudience(inClass.ceiling, assignment.audience, null);
    if (!audiencesUpTo(widest).includes(audience)) return refused('post.onlyTeachersWiden', 'audience');
    await updateAudience(database, post.id, audience === widest ? null : audience);
    // What readers see already is drawn in at once; it is never widened by this.
    if (publication && audience === 'writerAndTeachers') await takeFromReaders(database, post.id, now);
    else if (
      publication &&
      audiencesUpTo(publication.audience).includes(audience) &&
      audience !== publication.audience
    )
      await putBeforeReaders(database, {
        postId: post.id,
        revisionId: publication.revisionId,
        audience,
        by: personId,
        now,
      });
    return done(null);
  },
};
