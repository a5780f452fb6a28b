import { findAssignment, markSet } from '../../tables/assignments';
import { copyPeerRule } from '../../tables/peerRounds';
import { database } from '../../ground/database/database';

/**
 * Notes that a repetition whose day to be seen has come is set; whoever reads it has seen it so from that moment. One that was moved
 * to a later day, or is gone, is left alone.
 */
export async function openRepetition(
  { assignmentId }: { readonly assignmentId: string },
  _: string,
  now: Date,
): Promise<void> {
  const assignment = await findAssignment(database, assignmentId, now);
  if (!assignment?.opensAt || assignment.opensAt > now) return;
  await markSet(database, assignmentId, assignment.opensAt);
  // As the series has it today: its repetitions were laid out long before.
  if (assignment.seriesId) await copyPeerRule(database, { from: assignment.seriesId, to: assignmentId });
}
