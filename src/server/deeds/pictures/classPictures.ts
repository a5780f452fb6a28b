import type { Database } from '../../ground/database/database';
import { ofNobodyDeleted } from '../../tables/ofNobodyDeleted';
import { isAway } from '../../tables/wordsAway';

/** A picture as it stands in a post: one row for each revision that readers of the class see, or that is one's own. */
interface ClassPictureRow {
  readonly id: string;
  readonly uploadedBy: string;
  readonly givenName: string;
  readonly familyName: string;
  readonly perceptualHash: string;
  readonly addedAt: Date;
  /** Null for a picture that stands in no kept revision. */
  readonly postId: string | null;
  readonly postTitle: string | null;
  readonly labels: string | null;
  readonly description: string | null;
  readonly caption: string | null;
  readonly credit: string | null;
  readonly licence: string | null;
  readonly published: number;
}

/** The pictures of a class that somebody may see: their own, and those in posts that the class can read. */
export async function listClassPictureRows(
  database: Database,
  { classId, personId }: { readonly classId: string; readonly personId: string },
): Promise<readonly ClassPictureRow[]> {
  return database.rows(
    `SELECT pictures.id, uploaded_by AS uploadedBy, given_name AS givenName, family_name AS familyName,
       perceptual_hash AS perceptualHash, pictures.created_at AS addedAt, revisions.post_id AS postId,
       IF(publications.revision_id IS NOT NULL OR posts.writer_id = :personId, revisions.title, NULL) AS postTitle, revisions.labels, description, caption, credit, licence,
       publications.revision_id IS NOT NULL AS published
     FROM pictures JOIN people ON people.id = uploaded_by
     LEFT JOIN revision_pictures ON picture_id = pictures.id
     LEFT JOIN revisions ON revisions.id = revision_pictures.revision_id
     LEFT JOIN posts ON posts.id = revisions.post_id
     LEFT JOIN publications ON publications.revision_id = revisions.id AND until IS NULL
       AND publications.audience <> 'writerAndTeachers' AND NOT ${isAway()}
     WHERE pictures.class_id = :classId AND purpose = 'picture' AND taken_out_at IS NULL
       AND ${ofNobodyDeleted('uploaded_by')}
       AND (uploaded_by = :personId OR publications.revision_id IS NOT NULL)
     ORDER BY pictures.created_at DESC, pictures.id, published DESC, revisions.created_at DESC`,
    { classId, personId },
  );
}

/** Takes a picture out of the class pictures; how many went, 0 or 1. Posts that show it keep it. */
export async function markTakenOut(
  database: Database,
  picture: { readonly id: string; readonly classId: string; readonly by: string; readonly at: Date },
): Promise<number> {
  return database.change(
    `UPDATE pictures SET taken_out_at = :at, taken_out_by = :by
     WHERE id = :id AND class_id = :classId AND taken_out_at IS NULL`,
    { ...picture },
  );
}
