import { goesBeyondClass, type Audience } from '../../../core/access/audience';
import { done, refused, type Refusal, type Result } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import type { PostFacts } from '../subjects/findPostToActOn';
import { lookThrough, openOnes, type DetailFound } from './findDetailsIn';

/** The personal details that would go beyond the class with a hand-in. */
export interface DetailsAhead {
  readonly revisionId: string;
  readonly found: readonly DetailFound[];
}

/** So many are named where letting them out is refused. */
const MOST_NAMED = 5;

/** Looks a post's latest hand-in through, where it is to reach readers beyond the class; null where it is not. */
export async function lookAhead(
  database: Database,
  { post, inClass, handIns }: PostFacts,
  { audience, by }: { readonly audience: Audience; readonly by: string },
): Promise<Result<DetailsAhead | null>> {
  const latest = handIns.at(-1);
  if (!latest || !goesBeyondClass(audience)) return done(null);
  const { revisionId } = latest;
  const looked = await lookThrough(database, { postId: post.id, revisionId, inClass, by });
  return looked.ok ? done({ revisionId, found: looked.value }) : looked;
}

interface GoingOut {
  readonly postId: string;
  readonly revisionId: string;
  readonly audience: Audience;
  /** The keys of those that whoever lets it out has seen and lets go. */
  readonly seen: readonly string[];
}

/** Why a hand-in is not let out yet: details in it that nobody has seen, or said are meant to be there; null where it may go. */
export async function heldByDetails(
  database: Database,
  ahead: DetailsAhead | null,
  { postId, revisionId, audience, seen }: GoingOut,
): Promise<Refusal | null> {
  if (!goesBeyondClass(audience)) return null;
  // Handed in again, or opened to more, while it was looked through.
  if (ahead?.revisionId !== revisionId) return refused('sameMoment');
  const open = (await openOnes(database, postId, ahead.found)).filter(({ key }) => !seen.includes(key));
  if (open.length === 0) return null;
  const which = open.slice(0, MOST_NAMED).map(({ text }) => `“${text}”`);
  return refused('review.details', 'details', { count: open.length, which: which.join(', ') });
}
