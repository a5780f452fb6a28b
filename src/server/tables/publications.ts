import type { Audience } from '../../core/access/audience';
import type { Database } from '../ground/database/database';
import { LATEST_HAND_IN } from './latestHandIn';
import { isAway } from './wordsAway';
import { idsFrom } from './idsFrom';

export interface PublicationRow {
  readonly id: string;
  readonly postId: string;
  readonly revisionId: string;
  readonly audience: Audience;
  readonly since: Date;
}

const COLUMNS = 'id, post_id AS postId, revision_id AS revisionId, audience, since';

/** What readers of a post see now, and who they are; null while nobody but writer and teachers reads it. */
export async function findPublication(database: Database, postId: string): Promise<PublicationRow | null> {
  const [row] = await database.rows<PublicationRow>(
    `SELECT ${COLUMNS} FROM publications WHERE post_id = :postId AND until IS NULL ORDER BY since DESC LIMIT 1`,
    { postId },
  );
  return row ?? null;
}

/** A publication to come. `drawnFrom`: the audience that it had before it was drawn back; null for one that a person decided. */
export interface NewPublicationRow extends PublicationRow {
  readonly by: string;
  readonly drawnFrom: Audience | null;
}

export async function insertPublications(
  database: Database,
  publications: readonly NewPublicationRow[],
): Promise<void> {
  await database.insert(
    'publications (id, post_id, revision_id, audience, since, published_by, drawn_from)',
    publications.map((one) => [
      one.id,
      one.postId,
      one.revisionId,
      one.audience,
      one.since,
      one.by,
      one.drawnFrom,
    ]),
  );
}

export async function endPublications(
  database: Database,
  postIds: readonly string[],
  at: Date,
): Promise<void> {
  if (postIds.length === 0) return;
  await database.change(
    `UPDATE publications JOIN ${idsFrom(':postIds')} AS named ON named.id = post_id
     SET until = :at WHERE until IS NULL`,
    { postIds: JSON.stringify(postIds), at },
  );
}

/** What readers of a class see of a post, and how it came to be so. */
export interface ClassPublicationRow extends PublicationRow {
  /** As readers see it. */
  readonly title: string;
  readonly writerId: string;
  /** The narrower audience that its writer asked for. */
  readonly wished: Audience | null;
  /** Where it was drawn back: the audience before. */
  readonly drawnFrom: Audience | null;
  /** Whether a worry keeps it from them now. */
  readonly away: boolean;
}

/** The posts of a class that are published. */
export async function listPublications(
  database: Database,
  classId: string,
): Promise<readonly ClassPublicationRow[]> {
  const rows = await database.rows<Omit<ClassPublicationRow, 'away'> & { readonly away: number }>(
    `SELECT publications.id, publications.post_id AS postId, revision_id AS revisionId, publications.audience, since,
       revisions.title, posts.writer_id AS writerId, posts.audience AS wished, drawn_from AS drawnFrom, ${isAway()} AS away
     FROM publications JOIN posts ON posts.id = publications.post_id
     JOIN revisions ON revisions.id = publications.revision_id
     WHERE posts.class_id = :classId AND until IS NULL
     ORDER BY since DESC`,
    { classId },
  );
  return rows.map((row) => ({ ...row, away: row.away === 1 }));
}

/** Who has something of theirs published to people outside a class. */
export async function listWritersBeyond(database: Database, classId: string): Promise<readonly string[]> {
  const rows = await database.rows<{ writerId: string }>(
    `SELECT DISTINCT writer_id AS writerId FROM publications JOIN posts ON posts.id = post_id
     WHERE class_id = :classId AND until IS NULL AND publications.audience IN ('passphrase', 'everyone')`,
    { classId },
  );
  return rows.map((row) => row.writerId);
}

/** The accepted posts of an assignment with the revision that was accepted. */
export async function listAcceptedPosts(
  database: Database,
  assignmentId: string,
): Promise<
  readonly {
    readonly postId: string;
    readonly writerId: string;
    readonly revisionId: string;
    readonly audience: Audience | null;
  }[]
> {
  return database.rows(
    `SELECT posts.id AS postId, posts.writer_id AS writerId, hand_ins.revision_id AS revisionId, posts.audience
     FROM posts JOIN hand_ins ON ${LATEST_HAND_IN}
     WHERE posts.assignment_id = :assignmentId AND posts.stage = 'accepted'`,
    { assignmentId },
  );
}
