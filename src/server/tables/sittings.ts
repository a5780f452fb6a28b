import type { WordsMoved } from '../../core/origin/countSave';
import type { Sitting } from '../../core/origin/fence';
import type { Database } from '../ground/database/database';

/** Of a post. */
interface Numbered {
  readonly postId: string;
  /** The sitting, from 1; some numbers may be left out. */
  readonly number: number;
}

/** Adds what a save brought and took to a sitting. False where the sitting has not begun. */
export async function addToSitting(database: Database, moved: WordsMoved & Numbered): Promise<boolean> {
  const changed = await database.change(
    `UPDATE sittings SET written = written + :written, pasted = pasted + :pasted, back = back + :back, removed = removed + :removed
     WHERE post_id = :postId AND number = :number`,
    { ...moved },
  );
  return changed > 0;
}

export async function insertSitting(database: Database, sitting: Sitting & Numbered): Promise<void> {
  await database.change(
    `INSERT INTO sittings (post_id, number, day, written, pasted, back, removed)
     VALUES (:postId, :number, :day, :written, :pasted, :back, :removed)`,
    { ...sitting },
  );
}

/** The sittings of a post in their order. */
export async function listSittings(
  database: Database,
  postId: string,
): Promise<readonly (Sitting & Pick<Numbered, 'number'>)[]> {
  return database.rows(
    `SELECT number, DATE_FORMAT(day, '%Y-%m-%d') AS day, written, pasted, back, removed FROM sittings
     WHERE post_id = :postId ORDER BY number`,
    { postId },
  );
}

/** So many pieces of a post can be marked in their place. */
export const MOST_PIECES = 100;

/** A piece of a post that came at once: a number for each word (see `pieceWords`), and in which sitting. */
export interface PieceRow {
  readonly sitting: number;
  readonly words: readonly number[];
}

/** Keeps pieces that came at once, as long as there are not too many; the post's row is held meanwhile. */
export async function insertPieces(
  database: Database,
  {
    postId,
    sitting,
    pieces,
  }: Pick<Numbered, 'postId'> & {
    readonly sitting: number;
    readonly pieces: readonly PieceRow['words'][];
  },
): Promise<void> {
  if (pieces.length === 0) return;
  const [{ kept } = { kept: 0 }] = await database.rows<{ readonly kept: number }>(
    'SELECT COUNT(*) AS kept FROM pieces_at_once WHERE post_id = :postId',
    { postId },
  );
  const rows = pieces
    .slice(0, Math.max(0, MOST_PIECES - kept))
    .map((words, index) => [postId, kept + 1 + index, sitting, asBytes(words)]);
  if (rows.length > 0) await database.insert('pieces_at_once (post_id, number, sitting, words)', rows);
}

/** The pieces of a post that came at once, the one that came first first. */
export async function listPieces(database: Database, postId: string): Promise<readonly PieceRow[]> {
  const rows = await database.rows<Pick<PieceRow, 'sitting'> & { readonly words: Buffer }>(
    'SELECT sitting, words FROM pieces_at_once WHERE post_id = :postId ORDER BY number',
    { postId },
  );
  return rows.map(({ sitting, words }) => ({ sitting, words: fromBytes(words) }));
}

const BYTES = 4;

function asBytes(words: readonly number[]): Buffer {
  const bytes = Buffer.alloc(words.length * BYTES);
  for (const [index, word] of words.entries()) bytes.writeUInt32LE(word, index * BYTES);
  return bytes;
}

function fromBytes(bytes: Buffer): readonly number[] {
  return Array.from({ length: bytes.length / BYTES }, (_, index) => bytes.readUInt32LE(index * BYTES));
}
