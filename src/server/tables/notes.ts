import type { Anchor } from '../../core/notes/anchor';
import type { NoteTarget } from '../../core/notes/note';
import type { Database } from '../ground/database/database';
import { anchorFrom } from './columns';
import { idsFrom } from './idsFrom';

export interface NoteRow {
  readonly id: string;
  readonly postId: string;
  /** What its author read. */
  readonly revisionId: string;
  readonly authorId: string;
  readonly target: NoteTarget;
  /** Which picture, requirement or criterion; null for the others. */
  readonly targetId: string | null;
  readonly anchor: Anchor | null;
  /** As its author has it now, and as its reader has it: null while it is only typed. */
  readonly typed: string;
  readonly suggested: string | null;
  readonly sent: string | null;
  readonly sentSuggested: string | null;
  readonly sentAt: Date | null;
  readonly settledAt: Date | null;
  readonly version: number;
  /** The page that saved it last, and which of its saves that was; null where no page says so. */
  readonly savedBy: string | null;
  readonly saveTurn: number | null;
  readonly createdAt: Date;
}

const COLUMNS = `notes.id, post_id AS postId, revision_id AS revisionId, author_id AS authorId, target, target_id AS targetId, anchor, typed,
  suggested, sent, sent_suggested AS sentSuggested, sent_at AS sentAt, settled_at AS settledAt, version, saved_by AS savedBy, save_turn AS saveTurn, notes.created_at AS createdAt`;

type Stored = Omit<NoteRow, 'anchor'> & { readonly anchor: string | null };

const rowOf = <Row extends Stored>({ anchor, ...row }: Row) => ({ ...row, anchor: anchorFrom(anchor) });

/** How many notes were sent for some posts, how many of them their writers have not seen, and the beginning of the latest, by post; posts without any are not named. */
export async function listNotesBriefly(
  database: Database,
  postIds: readonly string[],
  { characters }: { readonly characters: number },
): Promise<ReadonlyMap<string, { readonly count: number; readonly unseen: number; readonly last: string }>> {
  const rows = await database.rows<{
    readonly postId: string;
    readonly count: number;
    readonly unseen: string;
    readonly last: string;
  }>(
    `SELECT post_id AS postId, COUNT(*) AS count, SUM(seen_at IS NULL) AS unseen,
       (SELECT LEFT(sent, :characters) FROM notes AS latest WHERE latest.post_id = notes.post_id AND sent_at IS NOT NULL
        ORDER BY created_at DESC, id DESC LIMIT 1) AS last
     FROM notes JOIN ${idsFrom(':ids')} AS asked ON asked.id = post_id
     WHERE sent_at IS NOT NULL GROUP BY post_id`,
    { ids: JSON.stringify(postIds), characters },
  );
  return new Map(rows.map(({ postId, unseen, ...row }) => [postId, { ...row, unseen: Number(unseen) }]));
}

/** Holds a note until the transaction ends; null where there is none on that post. */
export async function lockNote(database: Database, id: string, postId: string): Promise<NoteRow | null> {
  const [row] = await database.rows<Stored>(
    `SELECT ${COLUMNS} FROM notes WHERE id = :id AND post_id = :postId FOR UPDATE`,
    { id, postId },
  );
  return row ? rowOf(row) : null;
}

/** What can be changed of a note until it is sent, and after. */
type Typed = Pick<NoteRow, 'id' | 'anchor' | 'typed' | 'suggested' | 'savedBy' | 'saveTurn'>;

/** Begins a note. False where one of that id is there. */
export async function insertNote(
  database: Database,
  {
    anchor,
    ...note
  }: Typed & Pick<NoteRow, 'postId' | 'revisionId' | 'authorId' | 'target' | 'targetId' | 'createdAt'>,
): Promise<boolean> {
  const inserted = await database.change(
    `INSERT INTO notes (id, post_id, revision_id, author_id, target, target_id, anchor, typed, suggested, saved_by, save_turn,
       created_at)
     VALUES (:id, :postId, :revisionId, :authorId, :target, :targetId, :anchor, :typed, :suggested, :savedBy, :saveTurn, :createdAt)
     ON DUPLICATE KEY UPDATE id = id`,
    { ...note, anchor: anchor && JSON.stringify(anchor) },
  );
  return inserted > 0;
}

export async function updateNote(database: Database, { anchor, ...note }: Typed): Promise<void> {
  await database.change(
    `UPDATE notes SET anchor = :anchor, typed = :typed, suggested = :suggested, version = version + 1, saved_by = :savedBy,
       save_turn = :saveTurn WHERE id = :id`,
    { ...note, anchor: anchor && JSON.stringify(anchor) },
  );
}

export async function deleteNote(database: Database, id: string): Promise<void> {
  await database.change('DELETE FROM notes WHERE id = :id', { id });
}

export async function updateSettled(database: Database, id: string, at: Date | null): Promise<void> {
  await database.change('UPDATE notes SET settled_at = :at WHERE id = :id', { id, at });
}

/** Sends all that somebody has typed on a post and not sent so; those without words stay. @returns how many there were */
export async function sendTypedNotes(
  database: Database,
  note: Pick<NoteRow, 'postId' | 'authorId'> & { readonly now: Date },
): Promise<number> {
  return database.change(
    `UPDATE notes SET sent = typed, sent_suggested = suggested, sent_at = COALESCE(sent_at, :now), seen_at = NULL
     WHERE post_id = :postId AND author_id = :authorId AND (TRIM(typed) <> '' OR suggested IS NOT NULL)
       AND (sent IS NULL OR BINARY sent <> BINARY typed OR NOT (BINARY sent_suggested <=> BINARY suggested))`,
    { ...note },
  );
}

/** Notes that the writer of a post has what was sent to them before the eyes. */
export async function markNotesSeen(database: Database, postId: string, at: Date): Promise<void> {
  await database.change(
    'UPDATE notes SET seen_at = :at WHERE post_id = :postId AND sent_at IS NOT NULL AND seen_at IS NULL',
    { postId, at },
  );
}

/** How many notes somebody has at a post. */
export async function countNotesOf(
  database: Database,
  { postId, authorId }: Pick<NoteRow, 'postId' | 'authorId'>,
): Promise<number> {
  const [row] = await database.rows<{ readonly count: number }>(
    'SELECT COUNT(*) AS count FROM notes WHERE post_id = :postId AND author_id = :authorId',
    { postId, authorId },
  );
  return row?.count ?? 0;
}

/** How many notes were sent on each post of an assignment; posts without are not named. */
export async function countSentNotesOf(
  database: Database,
  assignmentId: string,
): Promise<ReadonlyMap<string, number>> {
  const rows = await database.rows<{ readonly postId: string; readonly count: number }>(
    `SELECT post_id AS postId, COUNT(*) AS count FROM notes JOIN posts ON posts.id = post_id
     WHERE assignment_id = :assignmentId AND sent_at IS NOT NULL GROUP BY post_id`,
    { assignmentId },
  );
  return new Map(rows.map(({ postId, count }) => [postId, count]));
}

/** How many notes each of both readers wrote on the posts of an assignment that are read twice, sent or not. */
export async function countNotesOfBoth(
  database: Database,
  assignmentId: string,
): Promise<ReadonlyMap<string, { readonly first: number; readonly second: number }>> {
  const rows = await database.rows<{
    readonly postId: string;
    readonly first: string;
    readonly second: string;
  }>(
    `SELECT notes.post_id AS postId, SUM(author_id <> reader_id) AS first, SUM(author_id = reader_id) AS second
     FROM second_readings JOIN posts ON posts.id = second_readings.post_id JOIN notes ON notes.post_id = posts.id
     WHERE assignment_id = :assignmentId AND (TRIM(typed) <> '' OR suggested IS NOT NULL) GROUP BY notes.post_id`,
    { assignmentId },
  );
  return new Map(
    rows.map(({ postId, first, second }) => [postId, { first: Number(first), second: Number(second) }]),
  );
}

/** What was said to a note. */
export interface NoteAnswerRow {
  readonly noteId: string;
  readonly authorId: string;
  /** Empty where it only says that it is done. */
  readonly text: string;
  readonly done: boolean;
  readonly at: Date;
}

export async function insertNoteAnswer(
  database: Database,
  answer: NoteAnswerRow & { readonly id: string },
): Promise<void> {
  await database.change(
    `INSERT INTO note_answers (id, note_id, author_id, text, done, at)
     VALUES (:id, :noteId, :authorId, :text, :done, :at)`,
    { ...answer },
  );
}

/** Whether somebody said the same to a note since a moment. */
export async function isSameNoteAnswer(
  database: Database,
  { noteId, authorId, text, done }: NoteAnswerRow,
  since: Date,
): Promise<boolean> {
  const rows = await database.rows(
    `SELECT 1 FROM note_answers WHERE note_id = :noteId AND author_id = :authorId AND done = :done AND at > :since
       AND BINARY text = BINARY :text LIMIT 1`,
    { noteId, authorId, text, done, since },
  );
  return rows.length > 0;
}

export async function countNoteAnswers(database: Database, noteId: string): Promise<number> {
  const [row] = await database.rows<{ readonly count: number }>(
    'SELECT COUNT(*) AS count FROM note_answers WHERE note_id = :noteId',
    { noteId },
  );
  return row?.count ?? 0;
}

/** What was said to the notes of a post, oldest first. */
export async function listNoteAnswers(database: Database, postId: string): Promise<readonly NoteAnswerRow[]> {
  const rows = await database.rows<Omit<NoteAnswerRow, 'done'> & { readonly done: number }>(
    `SELECT note_id AS noteId, note_answers.author_id AS authorId, note_answers.text, done, at
     FROM note_answers JOIN notes ON notes.id = note_id WHERE post_id = :postId ORDER BY at, done, note_answers.id`,
    { postId },
  );
  return rows.map((row) => ({ ...row, done: row.done === 1 }));
}

/** A note with who wrote it. */
export type NoteSigned = NoteRow & { readonly givenName: string; readonly familyName: string };

/** The notes of a post that were sent to its writer, and those that somebody has only typed, oldest first. */
export async function listNotes(
  database: Database,
  postId: string,
  { typedBy }: { readonly typedBy: string | null } = { typedBy: null },
): Promise<readonly NoteSigned[]> {
  const rows = await database.rows<Stored & Pick<NoteSigned, 'givenName' | 'familyName'>>(
    `SELECT ${COLUMNS}, given_name AS givenName, family_name AS familyName
     FROM notes JOIN people ON people.id = notes.author_id
     WHERE post_id = :postId AND (sent_at IS NOT NULL OR notes.author_id = :typedBy) ORDER BY notes.created_at, notes.id`,
    { postId, typedBy },
  );
  return rows.map(rowOf);
}

/** What the writers of a class's waiting posts said to notes that are not settled, by post. */
export async function countAnswersWaiting(
  database: Database,
  classId: string,
): Promise<ReadonlyMap<string, { readonly count: number; readonly asks: boolean }>> {
  const rows = await database.rows<{
    readonly postId: string;
    readonly count: number;
    readonly asks: number;
  }>(
    `SELECT notes.post_id AS postId, COUNT(*) AS count, MAX(note_answers.text REGEXP '[?？؟;]\\s*$') AS asks
     FROM posts JOIN notes ON notes.post_id = posts.id AND settled_at IS NULL
     JOIN note_answers ON note_id = notes.id AND note_answers.author_id = writer_id
     WHERE posts.class_id = :classId AND stage = 'handedIn' GROUP BY notes.post_id`,
    { classId },
  );
  return new Map(rows.map(({ postId, count, asks }) => [postId, { count, asks: asks === 1 }]));
}

/** A note as its writer has it, with what they said to it last. */
export interface SentNoteRow {
  readonly id: string;
  readonly postId: string;
  readonly authorId: string;
  readonly anchor: Anchor | null;
  readonly sent: string;
  readonly sentAt: Date;
  readonly answer: string | null;
}

/** The notes that were sent to some students about their posts in a class, the latest first. */
export async function listSentTo(
  database: Database,
  classId: string,
  writerIds: readonly string[],
): Promise<readonly SentNoteRow[]> {
  const rows = await database.rows<Omit<SentNoteRow, 'anchor'> & { readonly anchor: string | null }>(
    `SELECT notes.id, post_id AS postId, notes.author_id AS authorId, anchor, sent, sent_at AS sentAt,
       (SELECT NULLIF(note_answers.text, '') FROM note_answers WHERE note_id = notes.id AND note_answers.author_id = writer_id
        ORDER BY at DESC, note_answers.id LIMIT 1) AS answer
     FROM ${idsFrom(':ids')} AS asked JOIN posts ON writer_id = asked.id
     JOIN notes ON notes.post_id = posts.id AND sent_at IS NOT NULL AND sent <> ''
     WHERE class_id = :classId ORDER BY sent_at DESC, notes.id`,
    { classId, ids: JSON.stringify(writerIds) },
  );
  return rows.map((row) => ({ ...row, anchor: anchorFrom(row.anchor) }));
}
