import { randomInt } from 'node:crypto';
import { handIn as deed } from '../../../contract/posts/handIn';
import { cappedAudience, goesBeyondClass } from '../../../core/access/audience';
import { missingNow } from '../../../core/assignments/counting';
import { addressFrom, freeAddress } from '../../../core/posts/address';
import { maybeReaches } from '../../../core/posts/release';
import { maybeNextStage } from '../../../core/posts/stage';
import { latePress, type Pressed } from '../../../core/timing/pressed';
import { done, refused } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { insertJob } from '../../ground/jobs/queries';
import { listAddressesLike, updateAddress } from '../../tables/addresses';
import { insertAlikePosts } from '../../tables/alikePosts';
import { renewFingerprints } from '../../tables/fingerprints';
import { upsertCopy } from '../../tables/revisionCopies';
import { findHandInByReceipt, insertHandIn, listHandIns, type HandInRow } from '../../tables/handIns';
import { findSchoolSpan } from '../../tables/schoolRules';
import { endSitting, endTypingIn, updateStage, type PostRow } from '../../tables/posts';
import { insertRevision } from '../../tables/revisions';
import { countingIn } from '../assignments/growingSteps';
import { findDetailsIn } from '../details/findDetailsIn';
import { notifyTeachers } from '../mail/notify';
import { takeLabels } from '../labels/takeLabels';
import { putBeforeReaders } from '../publications/putBeforeReaders';
import type { PostFacts } from '../subjects/findPostToActOn';
import { postUseCase } from '../subjects/postUseCase';
import { evidenceFor, TooMuchToMeasure } from '../evidence/evidence';

/** The same version, handed in again within so many milliseconds, is the same hand-in. */
const AT_ONCE = 30_000;

export const handIn = postUseCase(deed, {
  turn: true,
  async prepare({ version }, { post, assignment, inClass }, { database, personId }) {
    if (version !== post.version) return refused('post.changedMeanwhile');
    try {
      const evidence = await evidenceFor(database, post, assignment, inClass, { copied: true });
      const found = await findDetailsIn(database, {
        postId: post.id,
        revisionId: null,
        writing: post,
        inClass,
        by: personId,
      });
      return done({
        evidence,
        details: (found ?? []).map(({ kind, key }) => ({ kind, key })),
        assignmentVersion: assignment.version,
      });
    } catch (error) {
      if (error instanceof TooMuchToMeasure) return refused('post.tooMuch');
      throw error;
    }
  },
  async run(
    { version, pressed },
    rows,
    { database, personId, now },
    { evidence, details, assignmentVersion },
  ) {
    const { post, assignment, inClass, publication, handIns } = rows;
    const latest = handIns.at(-1);
    if (post.stage === 'handedIn' && latest && isAgain(latest, version, now))
      return done({ receipt: latest.receipt });
    const next = maybeNextStage(post.stage, 'handIn');
    if (!next) return refused('post.cannotFollow');
    if (version !== post.version) return refused('post.changedMeanwhile');
    // A teacher has changed what is asked for while it was measured.
    if (assignment.version !== assignmentVersion) return refused('sameMoment');
    if (!post.title.trim() && evidence.pictures.length === 0 && !/"text":/.test(post.body))
      return refused('post.empty');
    const { answer, words, copy, alikeWith } = evidence;
    if (assignment.missing === 'stops') {
      const counting = countingIn(assignment, inClass, now);
      const [missing] = missingNow(answer, assignment.requirements, counting);
      if (missing) {
        const { key, values } = missing.message;
        return refused('post.missingStops', missing.id, { ...values, line: key });
      }
    }
    const { title, labels, beside, body } = post;
    const revision = {
      id: newId(),
      postId: post.id,
      kind: 'handIn',
      title,
      labels,
      beside,
      body,
      createdAt: now,
    } as const;
    await insertRevision(database, revision, evidence.pictures);
    if (copy) await upsertCopy(database, revision.id, copy);
    const receipt = await newReceipt(database);
    const handInId = newId();
    const before = await listHandIns(database, post.id);
    await insertHandIn(database, {
      id: handInId,
      postId: post.id,
      revisionId: revision.id,
      ordinal: before.length + 1,
      receipt,
      evidence: answer,
      words,
      version,
      sitting: post.sitting,
      details,
      ...timesOf(pressed, rows, { before, schoolHours: pressed ? await findSchoolSpan(database) : 0, now }),
      takenBackAt: null,
    });
    await insertAlikePosts(database, handInId, alikeWith);
    await renewFingerprints(database, post.id);
    await updateStage(database, post.id, next);
    // What is written from now on is none of what was handed in.
    await endSitting(database, post.id);
    if (post.typesInId !== null) await endTypingIn(database, post.id);
    // Other people's servers are not waited for while a child waits for the receipt.
    if (evidence.leadsOut)
      await insertJob(database, { kind: 'completeHandIn', payload: { handInId, round: 0 }, at: now });
    if (post.address === null) await giveAddress(database, post);
    await takeLabels(database, inClass, { postId: post.id, writerId: post.writerId, labels, now });
    const audience = cappedAudience(inClass.ceiling, assignment.audience, post.audience);
    const reached = maybeReaches('handIn', assignment.release, audience, {
      setOpened: assignment.openedAt !== null,
    });
    // Readers beyond the class go on seeing what was accepted, until a teacher accepts the change.
    const staysBefore = publication !== null && (goesBeyondClass(publication.audience) || !reached);
    if (staysBefore) await notifyTeachers(database, 'changedOnes', { post, inClass }, now);
    else if (reached)
      await putBeforeReaders(database, [{ postId: post.id, revisionId: revision.id, audience: reached }], {
        by: personId,
        now,
      });
    return done({ receipt });
  },
});

/** What counts as the time of a hand-in: when it reached us, or when it was pressed without a line, as far as school and class allow. */
function timesOf(
  pressed: Pressed | undefined,
  { post, inClass }: PostFacts,
  {
    before,
    schoolHours,
    now,
  }: { readonly before: readonly HandInRow[]; readonly schoolHours: number; readonly now: Date },
): Pick<HandInRow, 'handedInAt' | 'pressedAt' | 'receivedAt'> {
  const moments = before.flatMap((one) => [one.handedInAt, one.receivedAt, one.takenBackAt]);
  const notBefore = new Date(Math.max(post.begunAt.getTime(), ...moments.map((one) => one?.getTime() ?? 0)));
  const span = Math.min(inClass.desk.pressedHours, schoolHours) * 3_600_000;
  const late = pressed ? latePress(pressed, { now, span, notBefore }) : null;
  if (!late) return { handedInAt: now, pressedAt: null, receivedAt: null };
  const { pressedAt, counts } = late;
  return { handedInAt: counts ? pressedAt : now, pressedAt, receivedAt: now };
}

/** Pressed twice, or sent again because the answer was lost on the way. */
function isAgain(
  { version: handedIn, handedInAt, receivedAt }: HandInRow,
  version: number,
  now: Date,
): boolean {
  return handedIn === version && now.getTime() - (receivedAt ?? handedInAt).getTime() < AT_ONCE;
}

async function giveAddress(database: Database, post: PostRow): Promise<void> {
  const wished = addressFrom(post.title);
  const taken = new Set(await listAddressesLike(database, post.classId, wished));
  await updateAddress(database, post.id, freeAddress(wished, taken));
}

/** A number that a child can read out, not one that tells how many hand-ins there are; longer only where short ones are taken. */
async function newReceipt(database: Database): Promise<number> {
  for (let most = 100_000; ; most *= 2) {
    const receipt = randomInt(10_000, most);
    if (!(await findHandInByReceipt(database, receipt))) return receipt;
  }
}
