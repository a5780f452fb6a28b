import { isHeld, TEACHING } from '../ground/access/roles';
import type { Database } from '../ground/database/database';
import { ofNobodyDeleted } from './ofNobodyDeleted';
import { idsFrom } from './idsFrom';

export interface HandoutRow {
  readonly id: string;
  readonly classId: string | null;
  readonly uploadedBy: string | null;
  readonly name: string;
  /** Bytes. */
  readonly size: number;
  readonly contentHash: string;
}

export async function findHandout(database: Database, id: string): Promise<HandoutRow | null> {
  const [row] = await database.rows<HandoutRow>(
    `SELECT id, class_id AS classId, uploaded_by AS uploadedBy, name, size, content_hash AS contentHash
     FROM handouts WHERE id = :id
       AND ${ofNobodyDeleted('uploaded_by')}`,
    { id },
  );
  return row ?? null;
}

export async function insertHandout(
  database: Database,
  handout: HandoutRow & { readonly at: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO handouts (id, class_id, uploaded_by, name, size, content_hash, created_at)
     VALUES (:id, :classId, :uploadedBy, :name, :size, :contentHash, :at)`,
    { ...handout },
  );
}

/** An assignment that has something with it, as far as access asks for it. */
export interface AssignmentUse {
  readonly classId: string;
  readonly isSet: boolean;
}

/** What may come with an assignment, and where that is noted. */
const USES = {
  handout: 'SELECT assignment_id FROM assignment_handouts WHERE handout_id = :id',
  picture: 'SELECT assignment_id FROM assignment_pictures WHERE picture_id = :id',
} as const;

/** The assignments that a handout comes with, or whose instructions or model post show a picture. */
export async function listAssignmentUses(
  database: Database,
  of: keyof typeof USES,
  id: string,
  now: Date,
): Promise<readonly AssignmentUse[]> {
  const rows = await database.rows<{ readonly classId: string; readonly isSet: number }>(
    `SELECT class_id AS classId, (set_at IS NOT NULL OR COALESCE(opens_at <= :now, FALSE)) AS isSet
     FROM assignments WHERE deleted_at IS NULL AND id IN (${USES[of]})`,
    { id, now },
  );
  return rows.map((row) => ({ ...row, isSet: row.isSet === 1 }));
}

/**
 * Notes what an assignment's documents come with. Only what teachers brought into a class that `by` teaches is taken in
 * newly: a document may name other files and pictures, which it makes nobody see.
 */
export async function noteWhatComesWith(
  database: Database,
  assignmentId: string,
  {
    handouts,
    pictures,
    by,
  }: { readonly handouts: readonly string[]; readonly pictures: readonly string[]; readonly by: string },
): Promise<void> {
  for (const statement of NOTING)
    await database.change(statement, {
      assignmentId,
      by,
      handouts: JSON.stringify(handouts),
      pictures: JSON.stringify(pictures),
    });
}

const TAUGHT = `SELECT class_id FROM memberships WHERE person_id = :by AND ${isHeld()} AND role IN ${TEACHING}`;

const NOTING: readonly string[] = [
  `DELETE FROM assignment_handouts WHERE assignment_id = :assignmentId AND NOT JSON_CONTAINS(:handouts, JSON_QUOTE(handout_id))`,
  `DELETE FROM assignment_pictures WHERE assignment_id = :assignmentId AND NOT JSON_CONTAINS(:pictures, JSON_QUOTE(picture_id))`,
  `INSERT INTO assignment_handouts (assignment_id, handout_id)
   SELECT DISTINCT :assignmentId, handouts.id FROM handouts
   JOIN ${idsFrom(':handouts')} AS named ON named.id = handouts.id
   WHERE handouts.uploaded_by = :by OR handouts.class_id IN (${TAUGHT})
   ON DUPLICATE KEY UPDATE handout_id = assignment_handouts.handout_id`,
  `INSERT INTO assignment_pictures (assignment_id, picture_id)
   SELECT DISTINCT :assignmentId, pictures.id FROM pictures
   JOIN ${idsFrom(':pictures')} AS named ON named.id = pictures.id
   JOIN memberships ON memberships.class_id = pictures.class_id AND memberships.person_id = pictures.uploaded_by
     AND memberships.role IN ${TEACHING}
   WHERE pictures.uploaded_by = :by OR pictures.class_id IN (${TAUGHT})
   ON DUPLICATE KEY UPDATE picture_id = assignment_pictures.picture_id`,
];
