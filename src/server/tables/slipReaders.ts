import type { Database } from '../ground/database/database';

/** A teacher who is at a waiting post. */
export interface SlipReaderRow {
  readonly postId: string;
  readonly readerId: string;
  readonly givenName: string;
  readonly familyName: string;
  /** Whether a page of theirs had it open at the last sign of life. */
  readonly open: boolean;
  readonly taken: boolean;
  readonly seenAt: Date;
}

type Stored = Omit<SlipReaderRow, 'open' | 'taken'> & { readonly open: number; readonly taken: number };

const SELECT = `SELECT post_id AS postId, reader_id AS readerId, given_name AS givenName, family_name AS familyName,
  open, taken, seen_at AS seenAt FROM slip_readers JOIN people ON people.id = reader_id`;

const rowOf = ({ open, taken, ...row }: Stored): SlipReaderRow => ({
  ...row,
  open: open === 1,
  taken: taken === 1,
});

/** Who was at the posts of a class since a moment, who is there longest first. */
export async function listSlipReaders(
  database: Database,
  classId: string,
  since: Date,
): Promise<readonly SlipReaderRow[]> {
  const rows = await database.rows<Stored>(
    `${SELECT} JOIN posts ON posts.id = post_id WHERE posts.class_id = :classId AND seen_at >= :since
     ORDER BY seen_at, reader_id`,
    { classId, since },
  );
  return rows.map(rowOf);
}

/** Who was at one post since a moment. */
export async function listReadersOfSlip(
  database: Database,
  postId: string,
  since: Date,
): Promise<readonly SlipReaderRow[]> {
  const rows = await database.rows<Stored>(
    `${SELECT} WHERE post_id = :postId AND seen_at >= :since ORDER BY seen_at, reader_id`,
    { postId, since },
  );
  return rows.map(rowOf);
}

interface AtSlip {
  readonly postId: string;
  readonly readerId: string;
  readonly now: Date;
}

/**
 * A sign of life of who has a post open, or, with `open` false, that they left. What they took stays taken only where the last one
 * came after `takenSince`: it was free since, and another may have it.
 */
export async function upsertSlipReader(
  database: Database,
  at: AtSlip & { readonly open: boolean; readonly takenSince: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO slip_readers (post_id, reader_id, seen_at, open) VALUES (:postId, :readerId, :now, :open)
     ON DUPLICATE KEY UPDATE taken = taken AND seen_at >= :takenSince, seen_at = :now, open = :open`,
    { ...at },
  );
}

/** That somebody takes a post, or no longer does. */
export async function updateTaken(
  database: Database,
  at: AtSlip & { readonly taken: boolean },
): Promise<void> {
  await database.change(
    `INSERT INTO slip_readers (post_id, reader_id, seen_at, open, taken) VALUES (:postId, :readerId, :now, TRUE, :taken)
     ON DUPLICATE KEY UPDATE seen_at = :now, open = TRUE, taken = :taken`,
    { ...at },
  );
}

/** Forgets who was at a post: it is answered. */
export async function deleteSlipReaders(database: Database, postId: string): Promise<void> {
  await database.change('DELETE FROM slip_readers WHERE post_id = :postId', { postId });
}

/**
 * How a post stands, as a mark that is another one once anything was decided, judged, given or sent.
 * @returns ASCII, at most 120 characters
 */
export async function findStandingMark(database: Database, postId: string): Promise<string> {
  const [row] = await database.rows<{ mark: string }>(
    `SELECT CONCAT_WS(' ', stage,
       (SELECT COALESCE(SUM(ordinal), 0) FROM judgements WHERE post_id = posts.id),
       (SELECT COALESCE(SUM(ordinal), 0) FROM requirement_judgements WHERE post_id = posts.id),
       (SELECT COALESCE(MAX(ordinal), 0) FROM grade_figures WHERE post_id = posts.id),
       (SELECT COUNT(*) FROM publications WHERE post_id = posts.id),
       (SELECT COALESCE(MAX(UNIX_TIMESTAMP(sent_at)), 0) FROM notes WHERE post_id = posts.id)) AS mark
     FROM posts WHERE id = :postId`,
    { postId },
  );
  return row?.mark ?? '';
}
