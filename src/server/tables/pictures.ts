import type { Audience } from '../../core/access/audience';
import type { Database } from '../ground/database/database';
import { ofNobodyDeleted } from './ofNobodyDeleted';
import { isAway } from './wordsAway';
import { idsFrom } from './idsFrom';

/** What a picture is for: one that a person added, or a video's still that its host gave. */
export type PicturePurpose = 'picture' | 'still';

export interface PictureRow {
  readonly id: string;
  readonly classId: string;
  readonly uploadedBy: string;
  readonly contentHash: string;
  readonly perceptualHash: string;
  readonly width: number;
  readonly height: number;
}

const COLUMNS = `id, class_id AS classId, uploaded_by AS uploadedBy, content_hash AS contentHash,
  perceptual_hash AS perceptualHash, width, height`;

/** A picture, unless who brought it is deleted and may be brought back: then it is nowhere meanwhile. */
export async function findPicture(database: Database, id: string): Promise<PictureRow | null> {
  const [row] = await database.rows<PictureRow>(
    `SELECT ${COLUMNS} FROM pictures
     WHERE id = :id AND ${ofNobodyDeleted('uploaded_by')}`,
    { id },
  );
  return row ?? null;
}

export async function insertPicture(
  database: Database,
  picture: PictureRow & { readonly purpose: PicturePurpose; readonly at: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO pictures (id, class_id, uploaded_by, content_hash, perceptual_hash, width, height, purpose, created_at)
     VALUES (:id, :classId, :uploadedBy, :contentHash, :perceptualHash, :width, :height, :purpose, :at)`,
    { ...picture },
  );
}

/** Perceptual hashes by picture id, for those of the ids that there are. */
export async function listPerceptualHashes(
  database: Database,
  ids: readonly string[],
): Promise<Readonly<Record<string, string>>> {
  const rows = await database.rows<{ id: string; hash: string }>(
    `SELECT pictures.id, perceptual_hash AS hash FROM pictures
     JOIN ${idsFrom(':ids')} AS used ON used.id = pictures.id`,
    { ids: JSON.stringify(ids) },
  );
  return Object.fromEntries(rows.map((row) => [row.id, row.hash]));
}

/** Where a picture is shown: in whose post, whether handed in, and before which audience. */
export async function listUses(
  database: Database,
  pictureId: string,
): Promise<
  readonly {
    readonly postId: string;
    readonly writerId: string;
    readonly handedIn: boolean;
    readonly publishedTo: Audience | null;
    readonly away: boolean;
  }[]
> {
  const rows = await database.rows<{
    postId: string;
    writerId: string;
    handedIn: number;
    publishedTo: Audience | null;
    away: number;
  }>(
    `SELECT posts.id AS postId, posts.writer_id AS writerId,
       EXISTS (SELECT 1 FROM hand_ins WHERE hand_ins.revision_id = revisions.id AND taken_back_at IS NULL) AS handedIn,
       (SELECT audience FROM publications WHERE publications.revision_id = revisions.id AND until IS NULL LIMIT 1) AS publishedTo, ${isAway()} AS away
     FROM revision_pictures JOIN revisions ON revisions.id = revision_pictures.revision_id
     JOIN posts ON posts.id = revisions.post_id WHERE picture_id = :pictureId`,
    { pictureId },
  );
  return rows.map((row) => ({ ...row, handedIn: row.handedIn === 1, away: row.away === 1 }));
}

/** That a picture stands in the draft of who brought it. */
const IN_DRAFT = `posts.class_id = :classId AND writer_id = :uploadedBy AND (LOCATE(:id, body) > 0 OR LOCATE(:id, beside) > 0)`;

/** The drafts that a picture stands in and that their assignment lets teachers read. */
export async function listOpenDrafts(
  database: Database,
  { id, classId, uploadedBy }: Pick<PictureRow, 'id' | 'classId' | 'uploadedBy'>,
): Promise<readonly { readonly postId: string; readonly writerId: string }[]> {
  return database.rows(
    `SELECT posts.id AS postId, writer_id AS writerId
     FROM posts JOIN assignments ON assignments.id = posts.assignment_id AND drafts_open
     WHERE ${IN_DRAFT}`,
    { id, classId, uploadedBy },
  );
}

/** For whom, two for each, drafts that a picture stands in are open now for a safety concern. */
export async function listOpenings(
  database: Database,
  {
    id,
    classId,
    uploadedBy,
    now,
  }: Pick<PictureRow, 'id' | 'classId' | 'uploadedBy'> & { readonly now: Date },
): Promise<readonly { readonly askedBy: string; readonly decidedBy: string }[]> {
  return database.rows(
    `SELECT asked_by AS askedBy, decided_by AS decidedBy
     FROM draft_openings JOIN posts ON posts.id = post_id
     WHERE ${IN_DRAFT}
       AND agreed AND ends_at > :now`,
    { id, classId, uploadedBy, now },
  );
}
