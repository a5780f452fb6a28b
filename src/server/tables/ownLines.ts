import type { Database } from '../ground/database/database';
import { BATCH } from './retention';

/** Whose line about whom. */
interface LineOf {
  readonly classId: string;
  readonly teacherId: string;
  readonly personId: string;
}

/** What a teacher noted about a student for themselves; empty where nothing. */
export async function findOwnLine(database: Database, of: LineOf): Promise<string> {
  const [row] = await database.rows<{ readonly words: string }>(
    'SELECT words FROM own_lines WHERE class_id = :classId AND teacher_id = :teacherId AND person_id = :personId',
    { ...of },
  );
  return row?.words ?? '';
}

/** Keeps a line in place of the one before; an empty one goes. */
export async function keepLine(
  database: Database,
  line: LineOf & { readonly words: string; readonly at: Date },
): Promise<void> {
  if (line.words === '')
    await database.change(
      'DELETE FROM own_lines WHERE class_id = :classId AND teacher_id = :teacherId AND person_id = :personId',
      { classId: line.classId, teacherId: line.teacherId, personId: line.personId },
    );
  else
    await database.change(
      `INSERT INTO own_lines (class_id, teacher_id, person_id, words, kept_at) VALUES (:classId, :teacherId, :personId, :words, :at)
       ON DUPLICATE KEY UPDATE words = :words, kept_at = :at`,
      { ...line },
    );
}

/** What all teachers of a class noted about a student, for whom their data is handed out. */
export async function listLinesAbout(
  database: Database,
  personId: string,
): Promise<readonly { readonly inClass: string; readonly words: string; readonly at: Date }[]> {
  return database.rows(
    `SELECT classes.title AS inClass, own_lines.words, kept_at AS at FROM own_lines JOIN classes ON classes.id = class_id
     WHERE person_id = :personId ORDER BY kept_at`,
    { personId },
  );
}

/** Lets lines go that were not changed since a moment. */
export async function deleteOldLines(database: Database, before: Date): Promise<number> {
  return database.change('DELETE FROM own_lines WHERE kept_at < :before LIMIT :most', {
    before,
    most: BATCH,
  });
}
