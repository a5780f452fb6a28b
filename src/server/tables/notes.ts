import type { Database } from '../ground/database/database';

export interface NoteRow {
  readonly id: string;
  readonly handInId: string;
  readonly authorId: string;
  readonly text: string;
  readonly createdAt: Date;
}

/** How many notes some posts have, and the beginning of the latest, by post; posts without any are not named. */
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
       (SELECT LEFT(text, :characters) FROM notes AS latest WHERE latest.post_id = notes.post_id
        ORDER BY created_at DESC, id DESC LIMIT 1) AS last
     FROM notes JOIN JSON_TABLE(:ids, '$[*]' COLUMNS (id VARCHAR(16) PATH '$')) AS asked ON asked.id = post_id
     GROUP BY post_id`,
    { ids: JSON.stringify(postIds), characters },
  );
  return new Map(rows.map(({ postId, ...row }) => [postId, row]));
}

export async function insertNote(
  database: Database,
  note: NoteRow & { readonly postId: string },
): Promise<void> {
  await database.change(
    `INSERT INTO notes (id, post_id, hand_in_id, author_id, text, created_at)
     VALUES (:id, :postId, :handInId, :authorId, :text, :createdAt)`,
    { ...note },
  );
}

/** The note with the same words that somebody wrote on a hand-in since a moment; its id. */
export async function findSameNote(
  database: Database,
  said: Pick<NoteRow, 'handInId' | 'authorId' | 'text'> & { readonly since: Date },
): Promise<string | null> {
  const [row] = await database.rows<{ readonly id: string }>(
    `SELECT id FROM notes WHERE hand_in_id = :handInId AND author_id = :authorId AND created_at > :since
       AND BINARY text = BINARY :text LIMIT 1`,
    { ...said },
  );
  return row?.id ?? null;
}

/** The notes of a post, oldest first. */
export async function listNotes(
  database: Database,
  postId: string,
): Promise<readonly (NoteRow & { readonly givenName: string; readonly familyName: string })[]> {
  return database.rows(
    `SELECT notes.id, hand_in_id AS handInId, author_id AS authorId, text, notes.created_at AS createdAt,
       given_name AS givenName, family_name AS familyName
     FROM notes JOIN people ON people.id = notes.author_id WHERE post_id = :postId ORDER BY notes.created_at`,
    { postId },
  );
}
