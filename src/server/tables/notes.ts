import type { Database } from '../ground/database/database';

export interface NoteRow {
  readonly id: string;
  /** What its author read. */
  readonly revisionId: string;
  readonly authorId: string;
  readonly text: string;
  readonly createdAt: Date;
}

/** How many notes were sent for some posts, and the beginning of the latest, by post; posts without any are not named. */
export async function listNotesBriefly(
  database: Database,
  postIds: readonly string[],
  { characters }: { readonly characters: number },
): Promise<ReadonlyMap<string, { readonly count: number; readonly last: string }>> {
  const rows = await database.rows<{
    readonly postId: string;
    readonly count: number;
    readonly last: string;
  }>(
    `SELECT post_id AS postId, COUNT(*) AS count,
       (SELECT LEFT(sent, :characters) FROM notes AS latest WHERE latest.post_id = notes.post_id AND sent_at IS NOT NULL
        ORDER BY created_at DESC, id DESC LIMIT 1) AS last
     FROM notes JOIN JSON_TABLE(:ids, '$[*]' COLUMNS (id VARCHAR(16) PATH '$')) AS asked ON asked.id = post_id
     WHERE sent_at IS NOT NULL GROUP BY post_id`,
    { ids: JSON.stringify(postIds), characters },
  );
  return new Map(rows.map(({ postId, ...row }) => [postId, row]));
}

/** Keeps a note and sends it in one. */
export async function insertNote(
  database: Database,
  note: NoteRow & { readonly postId: string },
): Promise<void> {
  await database.change(
    `INSERT INTO notes (id, post_id, revision_id, author_id, typed, sent, sent_at, created_at)
     VALUES (:id, :postId, :revisionId, :authorId, :text, :text, :createdAt, :createdAt)`,
    { ...note },
  );
}

/** The note with the same words that somebody wrote on a revision since a moment; its id. */
export async function findSameNote(
  database: Database,
  said: Pick<NoteRow, 'revisionId' | 'authorId' | 'text'> & { readonly since: Date },
): Promise<string | null> {
  const [row] = await database.rows<{ readonly id: string }>(
    `SELECT id FROM notes WHERE revision_id = :revisionId AND author_id = :authorId AND created_at > :since
       AND BINARY typed = BINARY :text LIMIT 1`,
    { ...said },
  );
  return row?.id ?? null;
}

/** The notes of a post that were sent to its writer, oldest first. */
export async function listNotes(
  database: Database,
  postId: string,
): Promise<readonly (NoteRow & { readonly givenName: string; readonly familyName: string })[]> {
  return database.rows(
    `SELECT notes.id, revision_id AS revisionId, author_id AS authorId, sent AS text, notes.created_at AS createdAt,
       given_name AS givenName, family_name AS familyName
     FROM notes JOIN people ON people.id = notes.author_id 
     WHERE post_id = :postId AND sent_at IS NOT NULL ORDER BY notes.created_at`,
    { postId },
  );
}
