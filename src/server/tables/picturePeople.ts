import type { OthersInPicture, Pictured } from '../../core/privacy/consent';
import type { Database } from '../ground/database/database';

/** What somebody said of who is in a picture. */
export interface PictureTold {
  readonly uploadedBy: string;
  /** Null where nobody has said yet. */
  readonly toldAt: Date | null;
  readonly toldBy: string | null;
  readonly others: OthersInPicture;
}

/** What is said of a picture of a class. */
export async function findPictureTold(
  database: Database,
  { id, classId }: { readonly id: string; readonly classId: string },
): Promise<PictureTold | null> {
  const [row] = await database.rows<PictureTold>(
    `SELECT uploaded_by AS uploadedBy, told_at AS toldAt, told_by AS toldBy, others FROM pictures
     WHERE id = :id AND class_id = :classId`,
    { id, classId },
  );
  return row ?? null;
}

export async function listPeopleIn(database: Database, pictureId: string): Promise<readonly string[]> {
  const rows = await database.rows<{ personId: string }>(
    'SELECT person_id AS personId FROM picture_people WHERE picture_id = :pictureId ORDER BY person_id',
    { pictureId },
  );
  return rows.map((row) => row.personId);
}

/** Says who is in a picture, in place of what was said before. */
export async function tellPeopleIn(
  database: Database,
  told: {
    readonly pictureId: string;
    readonly people: readonly string[];
    readonly others: OthersInPicture;
    readonly by: string;
    readonly at: Date;
  },
): Promise<void> {
  const { pictureId, people, others, by, at } = told;
  await database.change('DELETE FROM picture_people WHERE picture_id = :pictureId', { pictureId });
  await database.insert(
    'picture_people (picture_id, person_id)',
    people.map((personId) => [pictureId, personId]),
  );
  await database.change(
    'UPDATE pictures SET told_at = :at, told_by = :by, others = :others WHERE id = :pictureId',
    { pictureId, others, by, at },
  );
}

/** Somebody in a picture of a post: of what readers see of it, or of its latest hand-in. */
export interface PicturedRow {
  readonly postId: string;
  /** Null for others who have not agreed. */
  readonly personId: Pictured;
  /** Whether they are deleted and may be brought back: meanwhile nothing of theirs counts. */
  readonly deleted: number;
}

/** Who is in the pictures of the posts of a class, or of one post. */
export async function listPictured(
  database: Database,
  which: { readonly classId: string; readonly postId: string | null },
): Promise<readonly PicturedRow[]> {
  return database.rows(
    `SELECT DISTINCT revisions.post_id AS postId, shown.person_id AS personId, shown.deleted
     FROM (SELECT picture_id, person_id, people.deleted_at IS NOT NULL AS deleted
           FROM picture_people JOIN people ON people.id = person_id
           UNION ALL SELECT id, NULL, FALSE FROM pictures WHERE class_id = :classId AND others = 'there') AS shown
     JOIN pictures ON pictures.id = shown.picture_id AND pictures.class_id = :classId
     JOIN revision_pictures ON revision_pictures.picture_id = shown.picture_id
     JOIN revisions ON revisions.id = revision_pictures.revision_id
     WHERE (:postId IS NULL OR revisions.post_id = :postId)
       AND (EXISTS (SELECT 1 FROM publications WHERE publications.revision_id = revisions.id AND until IS NULL)
         OR revisions.id = (SELECT revision_id FROM hand_ins WHERE hand_ins.post_id = revisions.post_id
                            AND taken_back_at IS NULL ORDER BY ordinal DESC LIMIT 1))`,
    which,
  );
}

/** Who is in one picture, others who have not agreed among them. */
export async function listPicturedIn(
  database: Database,
  pictureId: string,
): Promise<readonly Omit<PicturedRow, 'postId'>[]> {
  return database.rows(
    `SELECT person_id AS personId, people.deleted_at IS NOT NULL AS deleted
     FROM picture_people JOIN people ON people.id = person_id WHERE picture_id = :pictureId
     UNION ALL SELECT NULL, FALSE FROM pictures WHERE id = :pictureId AND others = 'there'`,
    { pictureId },
  );
}
