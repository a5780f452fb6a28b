import { restoreRevision as deed } from '../../../contract/posts/restoreRevision';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { updateDraft } from '../../tables/posts';
import { findRevision } from '../../tables/revisions';
import { countWordsMoved } from '../origin/countWordsMoved';
import { draftUseCase } from '../subjects/draftUseCase';
import { keepAsRevision } from './keepAsRevision';

export const restoreRevision = draftUseCase(deed, {
  async run({ version, revisionId }, post, { database, personId: by, now }) {
    const revision = await findRevision(database, revisionId);
    if (revision?.postId !== post.id) return NOT_THERE;
    if (version !== post.version) return refused('post.changedMeanwhile');
    await keepAsRevision(database, post, now);
    const { title, labels, beside, body } = revision;
    const next = post.version + 1;
    const sitting = await countWordsMoved(database, post, { body, came: 'back', by, now });
    await updateDraft(database, {
      ...{ title, labels, beside, body, sitting },
      id: post.id,
      version: next,
      savedAt: now,
    });
    return done({ version: next });
  },
});
