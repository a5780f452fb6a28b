import type { ChangesMarked, ChangesShown } from '../../../core/posts/changesShown';
import type { KeptWriting } from '../../../workers/tasks/compare';
import type { Database } from '../../ground/database/database';
import { work } from '../../ground/work/work';
import { type HandInRow } from '../../tables/handIns';
import { findRevision } from '../../tables/revisions';

/** A hand-in, and what changed from it up to the latest, to be marked in that one's text. */
interface Since {
  readonly since: HandInRow;
  readonly changes: ChangesMarked;
}

/**
 * What changed from one hand-in up to the latest; null where that is too much to be told.
 * `anonymous`: it is told to who may not know whose it is.
 */
export async function changesSince(
  database: Database,
  since: HandInRow,
  latest: HandInRow,
  { anonymous = false }: { readonly anonymous?: boolean } = {},
): Promise<Since | null> {
  const before = await findRevision(database, since.revisionId);
  const after = await findRevision(database, latest.revisionId);
  if (!before || !after) return null;
  const two = { before: bare(before), after: bare(after), anonymous };
  const compared = await work('compareInText', two, latest.postId);
  return compared.ok ? { since, changes: compared.value } : null;
}

/** What changed between two kept writings; null where that is too much to be told. @param by for whom it is told */
export async function maybeChanges(
  before: KeptWriting,
  after: KeptWriting,
  by: string,
): Promise<ChangesShown | null> {
  const compared = await work('compare', { before: bare(before), after: bare(after) }, by);
  return compared.ok ? compared.value : null;
}

const bare = ({ title, labels, beside, body }: KeptWriting) => ({ title, labels, beside, body });
