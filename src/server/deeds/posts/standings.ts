import { createHash } from 'node:crypto';
import { asksFor, type AssignmentToCheck } from '../../../core/requirements/requirement';
import { marks, type Slat } from '../../../core/requirements/slats';
import type { Stage } from '../../../core/posts/stage';
import type { AssignmentRow } from '../../tables/assignments';
import type { ClassRow } from '../../tables/classes';
import { database, type Database } from '../../ground/database/database';
import { listLabels } from '../../tables/labels';
import { findPost } from '../../tables/posts';
import { slatsFrom } from '../../tables/columns';
import { checkedBy } from '../evidence/context';
import { evidenceFor, TooMuchToMeasure } from '../evidence/evidence';
import { idsFrom } from '../../tables/idsFrom';

/** A post in a list, by its title alone. */
export interface PostHead {
  readonly id: string;
  readonly assignmentId: string;
  readonly title: string;
  readonly stage: Stage;
  readonly version: number;
}

/** How a draft stood when it was measured last. */
interface StandingKept {
  readonly postId: string;
  readonly version: number;
  readonly measuredBy: string;
  readonly measuredAt: Date;
  readonly slats: string;
}

/** What other people do changes how such requirements stand, without a word of the writer's. */
const OTHERS_CHANGE = ['links', 'comments', 'ownWords', 'document', 'video'];
/** For so many milliseconds it stands as it was measured. */
const STANDS_FOR = 5 * 60_000;

/** The posts of a writer in a class, without what they say. */
export async function listPostHeads(
  database: Database,
  whose: { readonly classId: string; readonly writerId: string },
): Promise<readonly PostHead[]> {
  return database.rows(
    `SELECT id, assignment_id AS assignmentId, title, stage, version FROM posts
     WHERE class_id = :classId AND writer_id = :writerId`,
    { ...whose },
  );
}

interface Begun {
  readonly post: PostHead;
  /** As it is for the writer. */
  readonly assignment: AssignmentRow;
}

/**
 * A picket for each requirement of some posts of one writer, by post: as they were measured last, and anew where the draft or what it is
 * measured by has changed since. Posts that are too much to be measured are not named. Not within a transaction.
 */
export async function slatsOfPosts(
  begun: readonly Begun[],
  inClass: ClassRow,
  now: Date,
): Promise<ReadonlyMap<string, readonly Slat[]>> {
  const classLabels = await listLabels(database, inClass.id);
  const kept = await listKept(begun.map(({ post }) => post.id));
  const slats = new Map<string, readonly Slat[]>();
  for (const { post, assignment } of begun) {
    const measuredBy = hashOf(checkedBy(assignment, inClass, classLabels), inClass.words);
    const last = kept.get(post.id);
    const stands =
      last?.version === post.version &&
      last.measuredBy === measuredBy &&
      (!OTHERS_CHANGE.some((kind) => asksFor(assignment.requirements, kind)) ||
        now.getTime() - last.measuredAt.getTime() < STANDS_FOR);
    const found = stands
      ? slatsFrom(last.slats)
      : await measureAnew(post, { assignment, inClass, measuredBy, now });
    if (found) slats.set(post.id, found);
  }
  return slats;
}

interface Measuring {
  readonly assignment: AssignmentRow;
  readonly inClass: ClassRow;
  readonly measuredBy: string;
  readonly now: Date;
}

async function measureAnew(
  { id }: PostHead,
  { assignment, inClass, measuredBy, now }: Measuring,
): Promise<readonly Slat[] | null> {
  const post = await findPost(database, id);
  if (!post) return null;
  try {
    const { answer } = await evidenceFor(database, post, assignment, inClass);
    const slats = marks(answer.requirements, assignment.requirements);
    const kept = { postId: id, version: post.version, measuredBy, measuredAt: now };
    await database.change(
      `INSERT INTO post_standings (post_id, version, measured_by, measured_at, slats)
       SELECT id, :version, :measuredBy, :measuredAt, :slats FROM posts WHERE id = :postId
       ON DUPLICATE KEY UPDATE version = :version, measured_by = :measuredBy, measured_at = :measuredAt, slats = :slats`,
      { ...kept, slats: JSON.stringify(slats) },
    );
    return slats;
  } catch (error) {
    if (error instanceof TooMuchToMeasure) return null;
    throw error;
  }
}

async function listKept(postIds: readonly string[]): Promise<ReadonlyMap<string, StandingKept>> {
  const rows = await database.rows<StandingKept>(
    `SELECT post_id AS postId, version, measured_by AS measuredBy, measured_at AS measuredAt, slats FROM post_standings
     JOIN ${idsFrom(':ids')} AS asked ON asked.id = post_id`,
    { ids: JSON.stringify(postIds) },
  );
  return new Map(rows.map((row) => [row.postId, row]));
}

/** Of all that decides how a draft stands, but the draft and what other people do. */
function hashOf(check: AssignmentToCheck, classWords: readonly string[]): string {
  return createHash('sha256')
    .update(JSON.stringify([check, classWords]))
    .digest('hex')
    .slice(0, 32);
}
