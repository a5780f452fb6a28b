import { may } from '../../../core/access/may';
import { findActor } from '../../ground/access/roles';
import { database } from '../../ground/database/database';
import type { AssignmentUse } from '../../tables/handouts';

/** Whether somebody may read one of some assignments. */
export async function mayReadOne(uses: readonly AssignmentUse[], personId: string): Promise<boolean> {
  for (const { classId, isSet } of uses) {
    const actor = await findActor(database, classId, personId);
    if (may(actor, 'assignment.read', { assignmentIsSet: isSet })) return true;
  }
  return false;
}
