import { webAddresses } from '../../../core/document/webAddresses';
import { lookedAt, waitsForNetwork } from '../../../core/requirements/lookedAt';
import { adjustedFor } from '../../tables/adjustments';
import { findAssignment } from '../../tables/assignments';
import { findClass } from '../../tables/classes';
import { database, inTransaction } from '../../ground/database/database';
import { findHandIn, updateEvidence } from '../../tables/handIns';
import { findPostOfAnybody } from '../../tables/posts';
import { findRevision } from '../../tables/revisions';
import type { JobPayloads } from '../../ground/jobs/kinds';
import { insertJob } from '../../ground/jobs/queries';
import { openStored } from '../../tables/columns';
import { copyDocuments } from '../links/copyDocuments';
import { lookAt } from '../links/lookAt';
import { evidenceFor } from '../evidence/evidence';

const AGAIN = [30, 180, 720].map((minutes) => minutes * 60_000);

/**
 * What takes other people's servers and therefore comes after a hand-in: its addresses are looked at, the texts of its
 * shared documents copied, and the evidence that waited for that is completed.
 */
export async function completeHandIn(
  { handInId, round }: JobPayloads['completeHandIn'],
  _: string,
  now: Date,
): Promise<void> {
  const handIn = await findHandIn(database, handInId);
  const post = handIn && (await findPostOfAnybody(database, handIn.postId));
  const revision = handIn && (await findRevision(database, handIn.revisionId));
  const given = post && (await findAssignment(database, post.assignmentId, now));
  const inClass = post && (await findClass(database, post.classId));
  if (!handIn || !revision || !given || !inClass) return;
  const assignment = await adjustedFor(database, inClass, given, post.writerId);
  const body = openStored(revision.body);
  await lookAt(webAddresses(body), { askedBy: null, now });
  await copyDocuments(revision.id, body, now);
  if (!waitsForNetwork(handIn.evidence)) return;
  const { title, labels, beside, body: written } = revision;
  const { answer } = await evidenceFor(
    database,
    { ...post, title, labels, beside, body: written },
    assignment,
    inClass,
  );
  const completed = lookedAt(handIn.evidence, answer, assignment.requirements);
  const pause = AGAIN[round];
  await inTransaction(async (transaction) => {
    await updateEvidence(transaction, handInId, completed);
    if (waitsForNetwork(completed) && pause !== undefined)
      await insertJob(transaction, {
        kind: 'completeHandIn',
        payload: { handInId, round: round + 1 } satisfies JobPayloads['completeHandIn'],
        at: new Date(now.getTime() + pause),
      });
  });
}
