import { randomInt } from 'node:crypto';
import { cappedAudience, goesBeyondClass } from '../../core/access/audience';
import { missingNow } from '../../core/assignments/growing';
import { openDocument } from '../../core/document/openDocument';
import { webAddresses } from '../../core/document/webAddresses';
import { addressFrom, freeAddress } from '../../core/posts/address';
import { maybeReaches } from '../../core/posts/release';
import { maybeNextStage } from '../../core/posts/stage';
import { done, refused, type UseCase } from '../access/useCase';
import { countingIn } from '../assignments/growingSteps';
import type { Database } from '../database/database';
import { newId } from '../database/newId';
import { insertJob } from '../jobs/queries';
import { takeLabels } from '../labels/takeLabels';
import { putBeforeReaders } from '../publications/putBeforeReaders';
import { listAddressesLike, updateAddress } from './addressQueries';
import { evidenceFor } from './evidence';
import { findPostToActOn, type PostFacts } from './findPostToActOn';
import {
  findHandInByReceipt,
  insertHandIn,
  insertRevision,
  listHandIns,
  updateStage,
  type PostRow,
} from './queries';
import { turnOfPost } from './turnOfPost';
import { pictureIds, picturesNamed } from './writing';

interface Input {
  readonly postId: string;
  /** The version of the draft that the writer has before the eyes. */
  readonly version: number;
}

/** Hands a post in: its draft becomes a snapshot, and the evidence is computed from that. */
export const handIn: UseCase<Input, PostFacts, { readonly receipt: number }> = {
  name: 'handIn',
  action: 'post.handIn',
  input: {
    type: 'object',
    required: ['postId', 'version'],
    additionalProperties: false,
    properties: { postId: { type: 'string', maxLength: 16 }, version: { type: 'integer', minimum: 1 } },
  },
  turn: turnOfPost,
  find: ({ postId }, { database, now }) => findPostToActOn(database, postId, now),
  async run({ version }, { rows: { post, assignment, inClass, publication } }, { database, personId, now }) {
    const next = maybeNextStage(post.stage, 'handIn');
    if (!next) return refused('post.cannotFollow');
    if (version !== post.version) return refused('post.changedMeanwhile');
    if (!post.title.trim() && pictureIds(post).length === 0 && !/"text":/.test(post.body))
      return refused('post.empty');
    const { answer, words } = await evidenceFor(database, post, assignment, inClass);
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
    await insertRevision(database, revision, picturesNamed(post));
    const receipt = await newReceipt(database);
    const handInId = newId();
    await insertHandIn(database, {
      id: handInId,
      postId: post.id,
      revisionId: revision.id,
      ordinal: (await listHandIns(database, post.id)).length + 1,
      receipt,
      evidence: answer,
      words,
      handedInAt: now,
      takenBackAt: null,
    });
    await updateStage(database, post.id, next);
    // Other people's servers are not waited for while a child waits for the receipt.
    if (webAddresses(openDocument(JSON.parse(body))).length > 0)
      await insertJob(database, { kind: 'completeHandIn', payload: { handInId, round: 0 }, at: now });
    if (post.address === null) await giveAddress(database, post);
    await takeLabels(database, inClass, { postId: post.id, writerId: post.writerId, labels, now });
    const audience = cappedAudience(inClass.ceiling, assignment.audience, post.audience);
    const reached = maybeReaches('handIn', assignment.release, audience, {
      setOpened: assignment.openedAt !== null,
    });
    // Readers beyond the class go on seeing what was accepted, until a teacher accepts the change.
    if (reached && !(publication && goesBeyondClass(publication.audience)))
      await putBeforeReaders(database, {
        postId: post.id,
        revisionId: revision.id,
        audience: reached,
        by: personId,
        now,
      });
    return done({ receipt });
  },
};

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
