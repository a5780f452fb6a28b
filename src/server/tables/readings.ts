import type { Database } from '../ground/database/database';

/** Which teachers opened which hand-ins of a post. */
export async function listReadings(
  database: Database,
  postId: string,
): Promise<readonly { readonly handInId: string; readonly teacherId: string; readonly firstReadAt: Date }[]> {
  return database.rows(
    `SELECT hand_in_id AS handInId, teacher_id AS teacherId, first_read_at AS firstReadAt FROM readings
     JOIN hand_ins ON hand_ins.id = readings.hand_in_id WHERE hand_ins.post_id = :postId ORDER BY first_read_at`,
    { postId },
  );
}

/** Which teachers opened which hand-ins of an assignment, whoever was first first. */
export async function listReadersOf(
  database: Database,
  assignmentId: string,
): Promise<readonly { readonly handInId: string; readonly teacherId: string }[]> {
  return database.rows(
    `SELECT hand_in_id AS handInId, teacher_id AS teacherId FROM posts JOIN hand_ins ON hand_ins.post_id = posts.id
     JOIN readings ON hand_in_id = hand_ins.id WHERE assignment_id = :assignmentId ORDER BY first_read_at`,
    { assignmentId },
  );
}

export async function insertReading(
  database: Database,
  reading: { readonly handInId: string; readonly teacherId: string; readonly at: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO readings (hand_in_id, teacher_id, first_read_at) VALUES (:handInId, :teacherId, :at)
     ON DUPLICATE KEY UPDATE teacher_id = teacher_id`,
    reading,
  );
}
