import type { ChangesShown } from '../../../core/posts/changesShown';
import type { KeptWriting } from '../../../workers/tasks/compare';
import type { Database } from '../../ground/database/database';
import { work } from '../../ground/work/work';
import { type HandInRow } from '../../tables/handIns';
import { findRevision } from '../../tables/revisions';

/**
 * What changed up to the last hand-in; null where there is only one.
 * @param handIns oldest first
 * @param read ids of those that a teacher opened: changes are told from the last of these on, and from the hand-in before
 *   where none was opened
 */
export async function changesSinceLast(
  database: Database,
  handIns: readonly HandInRow[],
  read: ReadonlySet<string> = new Set(),
): Promise<{ readonly since: HandInRow; readonly changes: ChangesShown } | null> {
  const latest = handIns.at(-1);
  const earlier = handIns.slice(0, -1);
  const since = earlier.findLast((one) => read.has(one.id)) ?? earlier.at(-1);
  const before = since && latest && (await findRevision(database, since.revisionId));
  const after = latest && (await findRevision(database, latest.revisionId));
  if (!since || !before || !after) return null;
  const changes = await maybeChanges(before, after, latest.postId);
  return changes && { since, changes };
}

/** What changed between two kept writings; null where that is too much to be told. @param by for whom it is told */
export async function maybeChanges(
  before: KeptWriting,
  after: KeptWriting,
  by: string,
): Promise<ChangesShown | null> {
  const bare = ({ title, labels, beside, body }: KeptWriting) => ({ title, labels, beside, body });
  const compared = await work('compare', { before: bare(before), after: bare(after) }, by);
  return compared.ok ? compared.value : null;
}
