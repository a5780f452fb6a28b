import { TO_CHANGE } from '../../../core/peerReading/rule';
import { inTransaction } from '../../ground/database/database';
import { findLatestRound, findPeerRule, findRound } from '../../tables/peerRounds';
import { findAssignmentToActOn } from '../subjects/assignmentFacts';
import { takeTurns } from '../../ground/database/turns';
import { drawRound, takeTexts } from '../peerReading/rounds';

/** Draws who reads whom at the time that an assignment says. A time that was moved or left meanwhile is left alone. */
export async function drawPeers(
  { assignmentId }: { readonly assignmentId: string },
  _: string,
  now: Date,
): Promise<void> {
  await inTransaction(async (database) => {
    const before = await findAssignmentToActOn(database, assignmentId, now);
    if (!before) return;
    await takeTurns(database, [before.rows.inClass.id]);
    const found = await findAssignmentToActOn(database, assignmentId, now);
    const rule = await findPeerRule(database, assignmentId);
    if (!found || !rule?.takesAt || rule.takesAt.getTime() - TO_CHANGE > now.getTime()) return;
    const { assignment, inClass } = found.rows;
    if (!assignment.setAt || assignment.hidesNames || inClass.restedAt) return;
    // Whoever made groups by hand since then did not wait for it.
    const latest = await findLatestRound(database, assignmentId);
    if (latest && (!latest.takenAt || latest.drawnAt.getTime() >= rule.takesAt.getTime() - TO_CHANGE)) return;
    await drawRound(database, found.rows, { ...rule, now });
  });
}

/** Takes the texts of a round as they stand. Groups that were taken back meanwhile are left alone. */
export async function takePeerTexts(
  { roundId }: { readonly roundId: string },
  _: string,
  now: Date,
): Promise<void> {
  await inTransaction(async (database) => {
    const before = await findRound(database, roundId);
    const found = before && (await findAssignmentToActOn(database, before.assignmentId, now));
    if (!found) return;
    await takeTurns(database, [found.rows.inClass.id]);
    const round = await findRound(database, roundId);
    const { assignment, inClass } = found.rows;
    if (!round || round.takenAt || inClass.restedAt || assignment.hidesNames) return;
    await takeTexts(database, round, found.rows, now);
  });
}
