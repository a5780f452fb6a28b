import { idSchema } from '../input/idSchema';
import { maybeNextStage } from '../../core/posts/stage';
import { done, refused, type UseCase } from '../access/useCase';
import { takeFromReaders } from '../publications/putBeforeReaders';
import { findPostToActOn, type PostFacts } from './findPostToActOn';
import { turnOfPost } from './turnOfPost';
import { findDecision } from '../reviews/queries';
import { markTakenBack, updateStage } from './queries';

interface Input {
  readonly postId: string;
}

/** Takes the latest hand-in back, as long as no teacher has opened it. */
export const takeBack: UseCase<Input, PostFacts, null> = {
  name: 'takeBack',
  action: 'post.takeBack',
  input: {
    type: 'object',
    required: ['postId'],
    additionalProperties: false,
    properties: { postId: idSchema },
  },
  turn: turnOfPost,
  find: ({ postId }, { database, now }) => findPostToActOn(database, postId, now),
  async run(_, { rows: { post, handIns, publication } }, { database, now }) {
    const latest = handIns.at(-1);
    const next = maybeNextStage(post.stage, 'takeBack');
    if (!latest || !next) return refused('post.cannotFollow');
    await markTakenBack(database, latest.id, now);
    const standing = handIns.at(-2);
    // What stands then is what a teacher said of the hand-in before, or that it waits to be read.
    const decision = standing && (await findDecision(database, standing.id));
    await updateStage(database, post.id, standing ? (decision ?? 'handedIn') : next);
    if (publication?.revisionId === latest.revisionId) await takeFromReaders(database, post.id, now);
    return done(null);
  },
};
