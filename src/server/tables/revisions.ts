import { TEACHING } from '../ground/access/roles';
import type { Database } from '../ground/database/database';
import { asStored, type PictureNamed, type StoredWriting, type Writing, fromStored } from './writings';
import { OF_NOTHING_DELETED, type PostRow } from './posts';
import { idsFrom } from './idsFrom';

type RevisionKind = 'saved' | 'branch' | 'handIn';

export interface RevisionRow extends Writing {
  readonly id: string;
  readonly postId: string;
  readonly kind: RevisionKind;
  readonly createdAt: Date;
}

const REVISION_COLUMNS = 'id, post_id AS postId, kind, title, labels, beside, body, created_at AS createdAt';

export async function insertRevision(
  database: Database,
  revision: RevisionRow,
  pictures: readonly PictureNamed[],
): Promise<void> {
  await database.change(
    `INSERT INTO revisions (id, post_id, kind, title, labels, beside, body, created_at)
     VALUES (:id, :postId, :kind, :title, :labels, :beside, :body, :createdAt)`,
    { ...revision, ...asStored(revision) },
  );
  // Only what its writer may show is noted: their own, the teachers', and what classmates let others use. A document
  // may name others, which it makes nobody see.
  await database.change(
    `INSERT INTO revision_pictures (revision_id, picture_id, description, caption, credit, licence)
     SELECT :revisionId, pictures.id, LEFT(named.description, 1000), LEFT(named.caption, 1000), LEFT(named.credit, 400),
       LEFT(named.licence, 40)
     FROM posts JOIN pictures ON pictures.class_id = posts.class_id
     JOIN JSON_TABLE(:named, '$[*]' COLUMNS (id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin PATH '$.id', description TEXT PATH '$.description',
       caption TEXT PATH '$.caption', credit TEXT PATH '$.credit', licence TEXT PATH '$.licence')) AS named
       ON named.id = pictures.id
     LEFT JOIN memberships ON memberships.class_id = pictures.class_id AND memberships.person_id = pictures.uploaded_by
     WHERE posts.id = :postId AND (pictures.uploaded_by = posts.writer_id OR memberships.role IN ${TEACHING}
       OR EXISTS (SELECT 1 FROM revision_pictures AS shown
         JOIN publications ON publications.revision_id = shown.revision_id AND publications.until IS NULL
         WHERE shown.picture_id = pictures.id AND shown.licence IN ('free', 'withName')))`,
    { revisionId: revision.id, postId: revision.postId, named: JSON.stringify(pictures) },
  );
}

/** Its post would take along what was handed in and shown; a revision by itself never does. */
const NOTHING_POINTS_AT = `NOT EXISTS (SELECT 1 FROM hand_ins WHERE hand_ins.revision_id = revisions.id)
  AND NOT EXISTS (SELECT 1 FROM publications WHERE publications.revision_id = revisions.id)
  AND NOT EXISTS (SELECT 1 FROM peer_members WHERE peer_members.revision_id = revisions.id)`;

/** Forgets a revision that nothing points at, with what it says of its pictures. */
export async function deleteRevision(database: Database, id: string): Promise<void> {
  await database.change(`DELETE FROM revisions WHERE id = :id AND ${NOTHING_POINTS_AT}`, { id });
}

/**
 * Saved revisions from before a moment that nothing points at: neither a hand-in nor what readers see or saw; some of
 * them. How many went; call again until none do.
 */
export async function deleteOldRevisions(
  database: Database,
  { before, most }: { readonly before: Date; readonly most: number },
): Promise<number> {
  return database.change(
    `DELETE FROM revisions WHERE created_at < :before AND kind <> 'handIn' AND ${NOTHING_POINTS_AT} LIMIT :most`,
    { before, most },
  );
}

export async function findRevision(database: Database, id: string): Promise<RevisionRow | null> {
  const [row] = await database.rows<StoredWriting<RevisionRow>>(
    `SELECT ${REVISION_COLUMNS} FROM revisions WHERE id = :id`,
    { id },
  );
  return row ? fromStored<RevisionRow>(row) : null;
}

/** The bodies of some revisions, as JSON text. */
export async function listBodies(
  database: Database,
  ids: readonly string[],
): Promise<ReadonlyMap<string, string>> {
  const rows = await database.rows<{ readonly id: string; readonly body: string }>(
    `SELECT revisions.id, body FROM revisions
     JOIN ${idsFrom(':ids')} AS asked ON asked.id = revisions.id`,
    { ids: JSON.stringify(ids) },
  );
  return new Map(rows.map(({ id, body }) => [id, body]));
}

export async function findLatestRevision(database: Database, postId: string): Promise<RevisionRow | null> {
  const [row] = await database.rows<StoredWriting<RevisionRow>>(
    `SELECT ${REVISION_COLUMNS} FROM revisions WHERE post_id = :postId AND kind <> 'branch' ORDER BY created_at DESC LIMIT 1`,
    { postId },
  );
  return row ? fromStored<RevisionRow>(row) : null;
}

/** When the latest revision of a post that is no branch was kept; null where there is none. */
export async function findLatestRevisionAt(database: Database, postId: string): Promise<Date | null> {
  const [row] = await database.rows<{ readonly at: Date | null }>(
    "SELECT MAX(created_at) AS at FROM revisions WHERE post_id = :postId AND kind <> 'branch'",
    { postId },
  );
  return row?.at ?? null;
}

/** Whose a post is, and in which class; null where there is none, or its writer is deleted. */
export async function findWriterOf(
  database: Database,
  id: string,
): Promise<Pick<PostRow, 'id' | 'classId' | 'writerId' | 'typesInId'> | null> {
  const [row] = await database.rows<Pick<PostRow, 'id' | 'classId' | 'writerId' | 'typesInId'>>(
    `SELECT id, class_id AS classId, writer_id AS writerId, types_in AS typesInId FROM posts WHERE id = :id AND ${OF_NOTHING_DELETED}`,
    { id },
  );
  return row ?? null;
}

/** When each revision of a post was kept, oldest first, without what it says. */
export async function listRevisionMoments(
  database: Database,
  postId: string,
): Promise<readonly Pick<RevisionRow, 'id' | 'kind' | 'createdAt'>[]> {
  return database.rows(
    'SELECT id, kind, created_at AS createdAt FROM revisions WHERE post_id = :postId ORDER BY created_at, id',
    { postId },
  );
}
