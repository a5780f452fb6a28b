import type { Database } from '../ground/database/database';
import type { PersonRow } from './people';

/** That a teacher asked to open a draft, and what came of it. */
export interface OpeningRow {
  readonly id: string;
  readonly classId: string;
  readonly postId: string;
  readonly writerId: string;
  /** Empty for a post that nobody asked for: its own title is a word of the writer's. */
  readonly assignmentTitle: string;
  readonly askedBy: string;
  readonly askedAt: Date;
  readonly reason: string;
  /** Why telling the writer would do harm; empty where the writer is told. */
  readonly harm: string;
  readonly decidedBy: string | null;
  readonly decidedAt: Date | null;
  readonly agreed: boolean;
  readonly endsAt: Date | null;
}

type Stored = Omit<OpeningRow, 'agreed'> & { readonly agreed: number };

const OPENINGS = `SELECT draft_openings.id, draft_openings.class_id AS classId, post_id AS postId,
    posts.writer_id AS writerId, COALESCE(assignments.title, '') AS assignmentTitle, asked_by AS askedBy, asked_at AS askedAt,
    reason, harm, decided_by AS decidedBy, decided_at AS decidedAt, agreed, ends_at AS endsAt
  FROM draft_openings JOIN posts ON posts.id = post_id LEFT JOIN assignments ON assignments.id = assignment_id`;

const asStored = (row: Stored): OpeningRow => ({ ...row, agreed: row.agreed === 1 });

export async function insertOpening(
  database: Database,
  opening: Pick<OpeningRow, 'id' | 'classId' | 'postId' | 'askedBy' | 'askedAt' | 'reason' | 'harm'>,
): Promise<void> {
  await database.change(
    `INSERT INTO draft_openings (id, class_id, post_id, asked_by, asked_at, reason, harm)
     VALUES (:id, :classId, :postId, :askedBy, :askedAt, :reason, :harm)`,
    opening,
  );
}

export async function updateDecision(
  database: Database,
  decision: {
    readonly id: string;
    readonly by: string;
    readonly at: Date;
    readonly agreed: boolean;
    readonly harm: string;
    readonly endsAt: Date | null;
  },
): Promise<void> {
  await database.change(
    `UPDATE draft_openings SET decided_by = :by, decided_at = :at, agreed = :agreed, harm = :harm, ends_at = :endsAt
     WHERE id = :id`,
    decision,
  );
}

export async function findOpening(database: Database, id: string): Promise<OpeningRow | null> {
  const [row] = await database.rows<Stored>(`${OPENINGS} WHERE draft_openings.id = :id`, { id });
  return row ? asStored(row) : null;
}

/** The same, held until the transaction ends. */
export async function lockOpening(database: Database, id: string): Promise<OpeningRow | null> {
  await database.rows('SELECT id FROM draft_openings WHERE id = :id FOR UPDATE', { id });
  return findOpening(database, id);
}

/** What was asked about the drafts of a class, the latest first. */
export async function listOpenings(database: Database, classId: string): Promise<readonly OpeningRow[]> {
  const rows = await database.rows<Stored>(
    `${OPENINGS} WHERE draft_openings.class_id = :classId ORDER BY asked_at DESC LIMIT 100`,
    { classId },
  );
  return rows.map(asStored);
}

/** What was asked about one post, the latest first. */
export async function listOpeningsOf(database: Database, postId: string): Promise<readonly OpeningRow[]> {
  const rows = await database.rows<Stored>(`${OPENINGS} WHERE post_id = :postId ORDER BY asked_at DESC`, {
    postId,
  });
  return rows.map(asStored);
}

/** What waits for an administrator, and what one of them agreed to and may still read. */
export async function listOpeningsFor(
  database: Database,
  { administrator, now }: { readonly administrator: string; readonly now: Date },
): Promise<
  readonly (OpeningRow & { readonly classTitle: string; readonly writer: string; readonly teacher: string })[]
> {
  const rows = await database.rows<
    Stored & { readonly classTitle: string; readonly writer: string; readonly teacher: string }
  >(
    `SELECT asked.*, classes.title AS classTitle, CONCAT_WS(' ', writer.given_name, writer.family_name) AS writer,
       CONCAT_WS(' ', teacher.given_name, teacher.family_name) AS teacher
     FROM (${OPENINGS}) AS asked JOIN classes ON classes.id = asked.classId
     JOIN people AS writer ON writer.id = asked.writerId JOIN people AS teacher ON teacher.id = asked.askedBy
     WHERE asked.decidedAt IS NULL OR (asked.decidedBy = :administrator AND asked.endsAt > :now)
     ORDER BY asked.askedAt`,
    { administrator, now },
  );
  return rows.map((row) => ({ ...row, agreed: row.agreed === 1 }));
}

/** Drafts of a class by those who are in it now: whose, and for which assignment; never a word of them. */
export async function listDrafts(
  database: Database,
  classId: string,
): Promise<
  readonly { readonly postId: string; readonly writerId: string; readonly assignmentTitle: string }[]
> {
  return database.rows(
    `SELECT posts.id AS postId, writer_id AS writerId, COALESCE(assignments.title, '') AS assignmentTitle
     FROM posts LEFT JOIN assignments ON assignments.id = assignment_id
     JOIN memberships ON memberships.class_id = posts.class_id AND person_id = writer_id AND left_at IS NULL
     JOIN people ON people.id = writer_id
     WHERE posts.class_id = :classId ORDER BY given_name, family_name, number`,
    { classId },
  );
}

export async function listAdministratorsToAsk(
  database: Database,
  not: string,
): Promise<readonly Pick<PersonRow & { readonly email: string }, 'email' | 'givenName' | 'language'>[]> {
  return database.rows(
    `SELECT email, given_name AS givenName, language FROM people
     WHERE account = 'administrator' AND email IS NOT NULL AND deleted_at IS NULL AND id <> :not`,
    { not },
  );
}
