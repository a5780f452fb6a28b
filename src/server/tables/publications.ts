import type { Audience } from '../../core/access/audience';
import type { Database } from '../ground/database/database';

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

export async function insertPublication(
  database: Database,
  publication: PublicationRow & { readonly by: string },
): Promise<void> {
  await database.change(
    `INSERT INTO publications (id, post_id, revision_id, audience, since, until, published_by)
     VALUES (:id, :postId, :revisionId, :audience, :since, NULL, :by)`,
    { ...publication },
  );
}

export async function endPublications(database: Database, postId: string, at: Date): Promise<void> {
  await database.change('UPDATE publications SET until = :at WHERE post_id = :postId AND until IS NULL', {
    postId,
    at,
  });
}

/** The posts of a class that readers see, with their audience and the title that readers see; of one writer, or of all. */
export async function listPublications(
  database: Database,
  classId: string,
  writerId: string | null = null,
): Promise<readonly (PublicationRow & { readonly title: string; readonly writerId: string })[]> {
  return database.rows(
    `SELECT publications.id, publications.post_id AS postId, revision_id AS revisionId, publications.audience, since,
       revisions.title, posts.writer_id AS writerId
     FROM publications JOIN posts ON posts.id = publications.post_id
     JOIN revisions ON revisions.id = publications.revision_id
     WHERE posts.class_id = :classId AND until IS NULL AND (:writerId IS NULL OR posts.writer_id = :writerId)
     ORDER BY since DESC`,
    { classId, writerId },
  );
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
     FROM posts JOIN hand_ins ON hand_ins.post_id = posts.id AND hand_ins.taken_back_at IS NULL
     WHERE posts.assignment_id = :assignmentId AND posts.stage = 'accepted'
       AND hand_ins.ordinal = (SELECT MAX(ordinal) FROM hand_ins AS latest WHERE latest.post_id = posts.id AND latest.taken_back_at IS NULL)`,
    { assignmentId },
  );
}
