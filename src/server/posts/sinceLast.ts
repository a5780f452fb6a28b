import { changesBetween, type Changes } from '../../core/changes/changes';
import { openDocument } from '../../core/document/openDocument';
import type { Database } from '../database/database';
import { findRevision, type HandInRow, type RevisionRow } from './queries';

/** What changed from the hand-in before the last to the last one; null where there is only one. */
export async function changesSinceLast(
  database: Database,
  handIns: readonly HandInRow[],
): Promise<{ readonly since: HandInRow; readonly changes: Changes } | null> {
  const [since, latest] = handIns.slice(-2);
  const before = since && latest && (await findRevision(database, since.revisionId));
  const after = latest && (await findRevision(database, latest.revisionId));
  if (!since || !before || !after) return null;
  return { since, changes: changesBetween(snapshotOf(before), snapshotOf(after)) };
}

function snapshotOf({ title, labels, beside, body }: RevisionRow) {
  return { title, labels, beside, body: openDocument(JSON.parse(body)) };
}
