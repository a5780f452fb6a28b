import { narrower } from '../../../core/access/audience';
import { comesWith } from '../../../core/assignments/lessonText';
import type { Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { copyPeerRule } from '../../tables/peerRounds';
import { copySources } from '../../tables/givenSources';
import { noteWhatComesWith } from '../../tables/handouts';
import { FOR_ITSELF, insertAssignment, listAssignments } from '../../tables/assignments';

/** Copies the assignments of a class into another, as they are, but neither set nor with a due date. The copies by what they were made of. */
export async function copyAssignments(
  database: Database,
  {
    from,
    to,
    by,
    at,
  }: { readonly from: string; readonly to: string; readonly by: string; readonly at: Date },
): Promise<ReadonlyMap<string, string>> {
  const copies = new Map<string, string>();
  // A series is copied as what is repeated: its days are those of another year.
  for (const assignment of (await listAssignments(database, from, at)).filter(
    (one) => one.seriesId === null,
  )) {
    const id = newId();
    copies.set(assignment.id, id);
    await insertAssignment(
      database,
      {
        ...assignment,
        audience: narrower(assignment.audience, 'ourClass'),
        id,
        classId: to,
        dueAt: null,
        setAt: null,
        openedAt: null,
        version: 1,
        ...FOR_ITSELF,
      },
      { by, at },
    );
    await copySources(database, { from: assignment.id, to: id });
    await copyPeerRule(database, { from: assignment.id, to: id });
    await noteWhatComesWith(database, id, { ...comesWith(assignment), by });
  }
  return copies;
}
