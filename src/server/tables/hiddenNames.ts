import { randomInt } from 'node:crypto';
import { drawnNumbers } from '../../core/people/drawnNumber';
import type { AssignmentRow } from './assignments';
import type { Database } from '../ground/database/database';

/**
 * Draws a number that no other post of an assignment has. Where two draw the same one at the same moment, the second is told that its
 * key is taken, and its transaction begins again.
 */
export async function drawNumber(database: Database, assignmentId: string): Promise<number> {
  const drawn = drawnNumbers(randomInt);
  const taken = new Set(
    (
      await database.rows<{ readonly number: number }>(
        `SELECT drawn_number AS number FROM posts
         JOIN JSON_TABLE(:drawn, '$[*]' COLUMNS (number INT PATH '$')) AS drawn ON drawn.number = drawn_number
         WHERE assignment_id = :assignmentId`,
        { assignmentId, drawn: JSON.stringify(drawn) },
      )
    ).map(({ number }) => number),
  );
  return drawn.find((number) => !taken.has(number)) ?? drawn.at(-1)!;
}

/** Which posts are asked about: those of a class, of an assignment, or one. */
type Asked = { readonly classId: string } | { readonly assignmentId: string } | { readonly postId: string };

const WHERE = {
  classId: 'posts.class_id = :of',
  assignmentId: 'posts.assignment_id = :of',
  postId: 'posts.id = :of',
} as const;

/**
 * The posts whose writers' names are hidden from a teacher, each with the number that stands for its writer: handed in at least once,
 * no grade given back, and not looked at by this teacher all the same.
 */
export async function listHiddenNames(
  database: Database,
  asked: Asked,
  teacherId: string,
): Promise<ReadonlyMap<string, number>> {
  const [[by, of] = []] = Object.entries(asked) as [keyof typeof WHERE, string][];
  if (!by) return new Map();
  const rows = await database.rows<{ readonly postId: string; readonly number: number }>(
    `SELECT posts.id AS postId, COALESCE(drawn_number, 0) AS number
     FROM posts JOIN assignments ON assignments.id = posts.assignment_id AND hides_names
     WHERE ${WHERE[by]}
       AND EXISTS (SELECT 1 FROM hand_ins WHERE hand_ins.post_id = posts.id)
       AND NOT EXISTS (SELECT 1 FROM grade_figures WHERE grade_figures.post_id = posts.id AND given_back_at IS NOT NULL)
       AND NOT EXISTS (SELECT 1 FROM names_looked_at WHERE names_looked_at.post_id = posts.id AND person_id = :teacherId)`,
    { of: of ?? '', teacherId },
  );
  return new Map(rows.map(({ postId, number }) => [postId, number]));
}

/** The same for the posts of an assignment; nothing is asked where it hides no names. */
export async function hiddenOfAssignment(
  database: Database,
  { id: assignmentId, hidesNames }: Hiding,
  teacherId: string,
): Promise<ReadonlyMap<string, number>> {
  return hidesNames ? listHiddenNames(database, { assignmentId }, teacherId) : new Map();
}

/** The same for the posts of a class; nothing is asked where none of its assignments hides names. */
export async function hiddenOfClass(
  database: Database,
  classId: string,
  { assignments, teacherId }: { readonly assignments: readonly Hiding[]; readonly teacherId: string },
): Promise<ReadonlyMap<string, number>> {
  return assignments.some(({ hidesNames }) => hidesNames)
    ? listHiddenNames(database, { classId }, teacherId)
    : new Map();
}

type Hiding = Pick<AssignmentRow, 'id' | 'hidesNames'>;

/** Notes that a teacher looked whose a post is. */
export async function insertNameLookedAt(
  database: Database,
  looked: { readonly postId: string; readonly personId: string; readonly at: Date },
): Promise<void> {
  await database.change(
    'INSERT IGNORE INTO names_looked_at (post_id, person_id, at) VALUES (:postId, :personId, :at)',
    looked,
  );
}
