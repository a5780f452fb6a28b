import type { Audience } from '../../core/access/audience';
import type { Database } from '../ground/database/database';
import { textsFrom } from './columns';

/** To whom a post is to be opened, and when. */
export interface PlannedOpening {
  readonly postId: string;
  readonly audience: Audience;
  /** The keys of the personal details that were seen and let go. */
  readonly details: readonly string[];
  readonly at: Date;
  readonly by: string;
}

export interface PlannedOpeningRow extends PlannedOpening {
  /** The code of why it was not opened when its time came; null before that. */
  readonly refused: string | null;
}

/** Plans an opening, in place of one that was planned before. */
export async function upsertPlannedOpening(
  database: Database,
  { details, ...planned }: PlannedOpening & { readonly now: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO planned_openings (post_id, audience, details, at, planned_by, planned_at)
     VALUES (:postId, :audience, :details, :at, :by, :now)
     ON DUPLICATE KEY UPDATE audience = :audience, details = :details, at = :at, planned_by = :by, planned_at = :now,
       refused = NULL`,
    { ...planned, details: JSON.stringify(details) },
  );
}

export async function findPlannedOpening(
  database: Database,
  postId: string,
): Promise<PlannedOpeningRow | null> {
  const [row] = await database.rows<Omit<PlannedOpeningRow, 'details'> & { readonly details: string }>(
    `SELECT post_id AS postId, audience, details, at, planned_by AS \`by\`, refused
     FROM planned_openings WHERE post_id = :postId`,
    { postId },
  );
  return row ? { ...row, details: textsFrom(row.details) } : null;
}

/** The openings that are planned for posts of an assignment. */
export async function listPlannedOpenings(
  database: Database,
  assignmentId: string,
): Promise<readonly Pick<PlannedOpeningRow, 'postId' | 'audience' | 'at' | 'refused'>[]> {
  return database.rows(
    `SELECT post_id AS postId, planned_openings.audience, at, refused
     FROM planned_openings JOIN posts ON posts.id = post_id WHERE assignment_id = :assignmentId`,
    { assignmentId },
  );
}

/** Notes why a post was not opened at its time. */
export async function markNotOpened(database: Database, postId: string, refused: string): Promise<void> {
  await database.change('UPDATE planned_openings SET refused = :refused WHERE post_id = :postId', {
    postId,
    refused: refused.slice(0, 60),
  });
}

export async function deletePlannedOpening(database: Database, postId: string): Promise<number> {
  return database.change('DELETE FROM planned_openings WHERE post_id = :postId', { postId });
}
