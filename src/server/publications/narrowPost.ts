import { idSchema } from '../input/idSchema';
import { audiencesUpTo, AUDIENCES, type Audience } from '../../core/access/audience';
import { done, refused, type UseCase } from '../access/useCase';
import { findPostToActOn, type PostFacts } from '../posts/findPostToActOn';
import { turnOfPost } from '../posts/turnOfPost';
import { putBeforeReaders, takeFromReaders } from './putBeforeReaders';

interface Input {
  readonly postId: string;
  readonly audience: Audience;
}

/**
 * A teacher lets fewer people read what is before readers, or takes it down. That is always possible, whatever the writer has
 * handed in since: readers go on seeing the revision that was accepted, only fewer of them, or none.
 */
export const narrowPost: UseCase<Input, PostFacts, null> = {
  name: 'narrowPost',
  action: 'post.narrow',
  whileResting: true,
  input: {
    type: 'object',
    required: ['postId', 'audience'],
    additionalProperties: false,
    properties: { postId: idSchema, audience: { enum: AUDIENCES } },
  },
  turn: turnOfPost,
  find: ({ postId }, { database, now }) => findPostToActOn(database, postId, now),
  async run({ postId, audience }, { rows: { publication } }, { database, personId, now }) {
    if (!publication) return refused('publish.notPublished', 'audience');
    if (audience === publication.audience) return done(null);
    if (!audiencesUpTo(publication.audience).includes(audience))
      return refused('publish.onlyNarrows', 'audience');
    const { revisionId } = publication;
    if (audience === 'writerAndTeachers') await takeFromReaders(database, postId, now);
    else await putBeforeReaders(database, { postId, revisionId, audience, by: personId, now });
    return done(null);
  },
};
