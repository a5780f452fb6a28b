import { TO_CHANGE } from '../../../core/peerReading/rule';
import { database, inTransaction, type Database } from '../../ground/database/database';
import { takeTurns } from '../../ground/database/turns';
import { findLatestRound, findPeerRule, findRound } from '../../tables/peerRounds';
import { findAssignmentToActOn, type AssignmentFacts } from '../subjects/assignmentFacts';
import { drawRound, takeTexts } from '../peerReading/rounds';

/** Draws who reads whom at the time that an assignment says. A time that was moved or left meanwhile is left alone. */
export async function drawPeers(
  { assignmentId }: { readonly assignmentId: string },
  _: string,
  now: Date,
): Promise<void> {
  await inTurnOf(assignmentId, now, async (facts, transaction) => {
    const rule = await findPeerRule(transaction, assignmentId);
    if (!facts.assignment.setAt || !rule?.takesAt) return;
    const drawsAt = rule.takesAt.getTime() - TO_CHANGE;
    if (drawsAt > now.getTime()) return;
    // Whoever made groups by hand since then did not wait for it.
    const latest = await findLatestRound(transaction, assignmentId);
    if (latest && (!latest.takenAt || latest.drawnAt.getTime() >= drawsAt)) return;
    await drawRound(transaction, facts, { ...rule, now });
  });
}

/** Takes the texts of a round as they stand. Groups that were taken back meanwhile are left alone. */
export async function takePeerTexts(
  { roundId }: { readonly roundId: string },
  _: string,
  now: Date,
): Promise<void> {
  const drawn = await findRound(database, roundId);
  if (!drawn) return;
  await inTurnOf(drawn.assignmentId, now, async (facts, transaction) => {
    const round = await findRound(transaction, roundId);
    if (round && !round.takenAt) await takeTexts(transaction, round, facts, now);
  });
}

/** Does something in the turn of an assignment's class, unless that rests or names are hidden there by then. */
async function inTurnOf(
  assignmentId: string,
  now: Date,
  work: (facts: AssignmentFacts, transaction: Database) => Promise<void>,
): Promise<void> {
  await inTransaction(async (transaction) => {
    const before = await findAssignmentToActOn(transaction, assignmentId, now);
    if (!before) return;
    await takeTurns(transaction, [before.rows.inClass.id]);
    const found = await findAssignmentToActOn(transaction, assignmentId, now);
    if (!found || found.rows.inClass.restedAt || found.rows.assignment.hidesNames) return;
    await work(found.rows, transaction);
  });
}
