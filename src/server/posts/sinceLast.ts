import { changesBetween, type Changes } from '../../core/changes/changes';
import { openDocument } from '../../core/document/openDocument';
import type { Database } from '../database/database';
import { findRevision, type HandInRow, type RevisionRow } from './queries';

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
): Promise<{ readonly since: HandInRow; readonly changes: Changes } | null> {
  const latest = handIns.at(-1);
  const earlier = handIns.slice(0, -1);
  const since = earlier.findLast((one) => read.has(one.id)) ?? earlier.at(-1);
  const before = since && latest && (await findRevision(database, since.revisionId));
  const after = latest && (await findRevision(database, latest.revisionId));
  if (!since || !before || !after) return null;
  return { since, changes: changesBetween(snapshotOf(before), snapshotOf(after)) };
}

function snapshotOf({ title, labels, beside, body }: RevisionRow) {
  return { title, labels, beside, body: openDocument(JSON.parse(body)) };
}
