import {
  COULD_READ_SCHEMA,
  isSettled,
  type CouldRead,
  type Teller,
  type WordsDecision,
  type WorryKind,
} from '../../core/safety/case';
import { column } from '../ground/input/column';
import type { Database } from '../ground/database/database';

/** What a case is from the moment when somebody told; nothing of it changes. */
export interface ToldCase {
  readonly id: string;
  readonly classId: string | null;
  readonly classTitle: string;
  readonly timeZone: string;
  readonly kind: WorryKind;
  readonly postId: string;
  readonly commentId: string | null;
  /** What the post was called for who told. */
  readonly title: string;
  /** The words as they stood: of a post as its readers had them, of anything else as text. */
  readonly keptHtml: string | null;
  readonly keptText: string | null;
  readonly couldRead: CouldRead;
  /** Null once that person is gone. */
  readonly aboutId: string | null;
  readonly aboutName: string;
  /** Null for a reader who was not signed in. */
  readonly toldBy: string | null;
  readonly teller: Teller;
  readonly toldName: string;
  readonly words: string;
  readonly toldAt: Date;
  readonly tookAway: boolean;
  /** Who was said to read it; empty for the teachers of the class. */
  readonly promisedReader: string;
  readonly promisedAt: Date | null;
  readonly toldHelp: string;
}

export interface CaseRow extends ToldCase {
  readonly decision: WordsDecision | null;
  readonly answerTyped: string | null;
  readonly answer: string | null;
  readonly answeredAt: Date | null;
  readonly answeredName: string | null;
  readonly settledAt: Date | null;
}

/** What a list needs of a case: none of the words. */
export type CaseHead = Pick<
  CaseRow,
  | 'id'
  | 'classId'
  | 'classTitle'
  | 'timeZone'
  | 'kind'
  | 'title'
  | 'aboutId'
  | 'aboutName'
  | 'teller'
  | 'toldName'
  | 'toldAt'
  | 'promisedAt'
  | 'decision'
  | 'answeredAt'
  | 'settledAt'
>;

type Stored = Omit<CaseRow, 'couldRead' | 'tookAway'> & {
  readonly couldRead: string;
  readonly tookAway: number;
};

const couldReadFrom = column<CouldRead>('who could read', COULD_READ_SCHEMA);

const HEAD = `cases.id, cases.class_id AS classId, class_title AS classTitle, time_zone AS timeZone, kind, title, about_id AS aboutId,
  about_name AS aboutName, teller, told_name AS toldName, told_at AS toldAt, promised_at AS promisedAt, decision,
  answered_at AS answeredAt, settled_at AS settledAt`;
const COLUMNS = `${HEAD}, post_id AS postId, comment_id AS commentId, kept_html AS keptHtml, kept_text AS keptText,
  could_read AS couldRead, told_by AS toldBy, words, took_away AS tookAway, promised_reader AS promisedReader,
  told_help AS toldHelp, answer_typed AS answerTyped, answer, answered_name AS answeredName`;

const rowOf = ({ couldRead, tookAway, ...row }: Stored): CaseRow => ({
  ...row,
  couldRead: couldReadFrom(couldRead),
  tookAway: tookAway === 1,
});

/** Notes what was told. The words are kept as they stand now: nobody takes them back from a case. */
export async function insertCase(database: Database, { couldRead, ...told }: ToldCase): Promise<void> {
  await database.change(
    `INSERT INTO cases (id, class_id, class_title, time_zone, kind, post_id, comment_id, title, kept_html, kept_text, could_read,
       about_id, about_name, told_by, teller, told_name, words, told_at, took_away, promised_reader, promised_at, told_help)
     VALUES (:id, :classId, :classTitle, :timeZone, :kind, :postId, :commentId, :title, :keptHtml, :keptText, :couldRead,
       :aboutId, :aboutName, :toldBy, :teller, :toldName, :words, :toldAt, :tookAway, :promisedReader, :promisedAt, :toldHelp)`,
    { ...told, couldRead: JSON.stringify(couldRead) },
  );
}

/** The case that the same person told of the same words since a moment. */
export async function findSameCase(
  database: Database,
  told: Pick<ToldCase, 'toldBy' | 'kind' | 'postId' | 'commentId' | 'words'> & { readonly since: Date },
): Promise<CaseRow | null> {
  const [row] = await database.rows<Stored>(
    `SELECT ${COLUMNS} FROM cases WHERE told_by = :toldBy AND told_at > :since AND kind = :kind AND post_id = :postId
       AND comment_id <=> :commentId AND BINARY words = BINARY :words LIMIT 1`,
    { ...told },
  );
  return row ? rowOf(row) : null;
}

/** What the same person told in the same words in a class since a moment, whatever it was about. */
export async function findToldJustNow(
  database: Database,
  told: Pick<ToldCase, 'toldBy' | 'classId' | 'words'> & { readonly since: Date },
): Promise<CaseRow | null> {
  const [row] = await database.rows<Stored>(
    `SELECT ${COLUMNS} FROM cases WHERE told_by = :toldBy AND told_at > :since AND class_id = :classId
       AND BINARY words = BINARY :words LIMIT 1`,
    { ...told },
  );
  return row ? rowOf(row) : null;
}

export async function findCase(database: Database, id: string): Promise<CaseRow | null> {
  const [row] = await database.rows<Stored>(`SELECT ${COLUMNS} FROM cases WHERE id = :id`, { id });
  return row ? rowOf(row) : null;
}

/** The same, held until the transaction ends. */
export async function lockCase(database: Database, id: string): Promise<CaseRow | null> {
  const [row] = await database.rows<Stored>(`SELECT ${COLUMNS} FROM cases WHERE id = :id FOR UPDATE`, { id });
  return row ? rowOf(row) : null;
}

/** Cases that wait for something, what was promised first; of all classes: who may see which is said by the caller. */
export async function listOpenCases(database: Database): Promise<readonly CaseHead[]> {
  return database.rows<CaseHead>(
    `SELECT ${HEAD} FROM cases WHERE settled_at IS NULL ORDER BY promised_at IS NULL, promised_at, told_at, id LIMIT 500`,
  );
}

/** Cases with which nothing is left to do, the latest first. */
export async function listSettledCases(database: Database): Promise<readonly CaseHead[]> {
  return database.rows<CaseHead>(
    `SELECT ${HEAD} FROM cases WHERE settled_at IS NOT NULL ORDER BY settled_at DESC, id LIMIT 200`,
  );
}

/** What somebody told, with what was promised and answered; nothing of what it is about but its title. */
export type OwnWorry = Pick<
  CaseRow,
  | 'id'
  | 'title'
  | 'words'
  | 'timeZone'
  | 'toldAt'
  | 'promisedReader'
  | 'promisedAt'
  | 'toldHelp'
  | 'answer'
  | 'answeredAt'
  | 'answeredName'
>;

export async function listWorriesOf(database: Database, personId: string): Promise<readonly OwnWorry[]> {
  return database.rows<OwnWorry>(
    `SELECT id, title, words, time_zone AS timeZone, told_at AS toldAt, promised_reader AS promisedReader,
       promised_at AS promisedAt, told_help AS toldHelp, answer, answered_at AS answeredAt, answered_name AS answeredName
     FROM cases WHERE told_by = :personId ORDER BY told_at DESC, id LIMIT 50`,
    { personId },
  );
}

/** The classes and the subjects of cases whose kept words show a picture. */
export async function listCasesShowing(
  database: Database,
  pictureId: string,
): Promise<readonly Pick<CaseRow, 'classId' | 'aboutId'>[]> {
  return database.rows(
    `SELECT class_id AS classId, about_id AS aboutId FROM cases WHERE LOCATE(:pictureId, kept_html) > 0`,
    { pictureId },
  );
}

export async function updateAnswerTyped(database: Database, id: string, typed: string): Promise<void> {
  await database.change('UPDATE cases SET answer_typed = :typed WHERE id = :id', { id, typed });
}

/** Notes an answer or a decision, and whether nothing is left to do by it. */
export async function updateCase(
  database: Database,
  row: CaseRow,
  { at, ...made }: Partial<Pick<CaseRow, 'decision' | 'answer' | 'answeredName'>> & { readonly at: Date },
): Promise<void> {
  const answeredAt = made.answer === undefined ? row.answeredAt : at;
  const next = { ...row, ...made, answeredAt };
  const settled = isSettled({
    kind: row.kind,
    answerable: row.toldBy !== null,
    decision: next.decision,
    answered: next.answer !== null,
  });
  await database.change(
    `UPDATE cases SET decision = :decision, answer = :answer, answered_at = :answeredAt, answered_name = :answeredName,
       answer_typed = IF(:answer IS NULL, answer_typed, NULL), settled_at = IF(:settled, COALESCE(settled_at, :at), NULL)
     WHERE id = :id`,
    {
      id: row.id,
      decision: next.decision,
      answer: next.answer,
      answeredAt,
      answeredName: next.answeredName,
      settled,
      at,
    },
  );
}

/** Lets go cases that were settled before a moment, with their copies; how many, a few at a time. */
export async function deleteOldCases(database: Database, before: Date): Promise<number> {
  return database.change('DELETE FROM cases WHERE settled_at < :before LIMIT 500', { before });
}
