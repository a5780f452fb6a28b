import { audiencesUpTo, type Audience } from '../../../core/access/audience';
import { done, refused, type Result } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { heldByDetails, type DetailsAhead } from '../details/detailsAhead';
import type { PostFacts } from '../subjects/findPostToActOn';

interface Opening {
  readonly audience: Audience;
  /** The keys of the personal details that were seen and let go. */
  readonly seen: readonly string[];
}

/** The revision that a teacher may let an audience read now: what class, consent, writer and details in it allow. */
export async function revisionToOpen(
  database: Database,
  { post, inClass, outside, handIns }: PostFacts,
  ahead: DetailsAhead | null,
  { audience, seen }: Opening,
): Promise<Result<string>> {
  const latest = handIns.at(-1);
  if (!latest) return refused('post.cannotFollow');
  if (!audiencesUpTo(inClass.ceiling).includes(audience))
    return refused(outside.lacks ? 'publish.noConsent' : 'publish.tooWide', 'audience');
  // A writer may always ask for fewer readers; a teacher does not go over that wish.
  if (post.audience !== null && !audiencesUpTo(post.audience).includes(audience))
    return refused('publish.writerWantsFewer', 'audience');
  const { revisionId } = latest;
  return (
    (await heldByDetails(database, ahead, { postId: post.id, revisionId, audience, seen })) ??
    done(revisionId)
  );
}
