import { idSchema } from '../input/idSchema';
import { done, NOT_THERE, refused, type UseCase } from '../access/useCase';
import { findPostToActOn, type PostFacts } from './findPostToActOn';
import { keepAsRevision } from './keepAsRevision';
import { findRevision, updateDraft } from './queries';

interface Input {
  readonly postId: string;
  /** The version of the draft that the writer has before the eyes. */
  readonly version: number;
  readonly revisionId: string;
}

/** Makes an earlier revision the draft again; what the draft was is kept as a revision. */
export const restoreRevision: UseCase<Input, PostFacts, { readonly version: number }> = {
  name: 'restoreRevision',
  action: 'post.write',
  input: {
    type: 'object',
    required: ['postId', 'version', 'revisionId'],
    additionalProperties: false,
    properties: {
      postId: idSchema,
      version: { type: 'integer', minimum: 1 },
      revisionId: idSchema,
    },
  },
  find: ({ postId }, { database, now }) => findPostToActOn(database, postId, now),
  async run({ version, revisionId }, { rows: { post } }, { database, now }) {
    const revision = await findRevision(database, revisionId);
    if (revision?.postId !== post.id) return NOT_THERE;
    if (version !== post.version) return refused('post.changedMeanwhile');
    await keepAsRevision(database, post, now);
    const { title, labels, beside, body } = revision;
    const next = post.version + 1;
    await updateDraft(database, { title, labels, beside, body, id: post.id, version: next, savedAt: now });
    return done({ version: next });
  },
};
