import type { Database } from '../ground/database/database';
import { idsFrom } from './idsFrom';

/** A question of a student, private to them and the teachers. */
export interface QuestionRow {
  readonly id: string;
  readonly assignmentId: string;
  readonly askerId: string;
  /** The own draft that a passage is from, and what its writer showed of it. */
  readonly postId: string | null;
  readonly passage: string | null;
  readonly words: string;
  readonly askedAt: Date;
  /** To who asked alone. */
  readonly answer: string | null;
  /** The answer to everybody that answers it. */
  readonly answerId: string | null;
  readonly aloud: boolean;
  readonly answeredBy: string | null;
  readonly answeredAt: Date | null;
  /** When who asked saw that it is answered. */
  readonly seenAt: Date | null;
}

/** An answer to everybody who has an assignment. */
export interface AssignmentAnswerRow {
  readonly id: string;
  readonly assignmentId: string;
  /** What was asked, in the words of the teacher. */
  readonly words: string;
  readonly answer: string;
  readonly answeredBy: string;
  readonly answeredAt: Date;
}

const COLUMNS = `questions.id, questions.assignment_id AS assignmentId, asker_id AS askerId, questions.post_id AS postId, passage,
  questions.words, asked_at AS askedAt, questions.answer, answer_id AS answerId, aloud, questions.answered_by AS answeredBy,
  questions.answered_at AS answeredAt, seen_at AS seenAt`;

type Stored = Omit<QuestionRow, 'aloud'> & { readonly aloud: number };

const rowOf = <Row extends Stored>({ aloud, ...row }: Row) => ({ ...row, aloud: aloud === 1 });

/** Holds a question of an assignment until the transaction ends; null where there is none. */
export async function lockQuestion(
  database: Database,
  id: string,
  assignmentId: string,
): Promise<QuestionRow | null> {
  const [row] = await database.rows<Stored>(
    `SELECT ${COLUMNS} FROM questions WHERE id = :id AND assignment_id = :assignmentId FOR UPDATE`,
    { id, assignmentId },
  );
  return row ? rowOf(row) : null;
}

/** What somebody asked about an assignment, oldest first. */
export async function listQuestionsBy(
  database: Database,
  assignmentId: string,
  askerId: string,
): Promise<readonly QuestionRow[]> {
  const rows = await database.rows<Stored>(
    `SELECT ${COLUMNS} FROM questions WHERE assignment_id = :assignmentId AND asker_id = :askerId ORDER BY asked_at, id`,
    { assignmentId, askerId },
  );
  return rows.map(rowOf);
}

/** What somebody asked in a class with what was answered, for whom their data is handed out. */
export async function listAskedIn(
  database: Database,
  classId: string,
  askerId: string,
): Promise<
  readonly {
    readonly assignment: string;
    readonly words: string;
    readonly passage: string | null;
    readonly askedAt: Date;
    readonly answer: string | null;
    readonly answeredAt: Date | null;
  }[]
> {
  return database.rows(
    `SELECT assignments.title AS assignment, questions.words, passage, asked_at AS askedAt,
       COALESCE(questions.answer, assignment_answers.answer) AS answer, questions.answered_at AS answeredAt
     FROM questions JOIN assignments ON assignments.id = questions.assignment_id
     LEFT JOIN assignment_answers ON assignment_answers.id = answer_id
     WHERE assignments.class_id = :classId AND asker_id = :askerId ORDER BY asked_at, questions.id`,
    { classId, askerId },
  );
}

/** From the open questions of some classes: of nobody who left or is deleted, about nothing that is deleted. */
const OPEN_IN = `FROM ${idsFrom(':classIds')} AS taught
     JOIN assignments ON assignments.class_id = taught.id AND assignments.deleted_at IS NULL
     JOIN questions ON questions.assignment_id = assignments.id
     JOIN memberships ON memberships.class_id = assignments.class_id AND memberships.person_id = asker_id AND left_at IS NULL
     JOIN people ON people.id = asker_id AND people.deleted_at IS NULL
     WHERE questions.answered_at IS NULL`;

/** The open questions of some classes with the class and the number that was drawn for a draft, the oldest first. */
export async function listOpenQuestions(
  database: Database,
  classIds: readonly string[],
): Promise<readonly (QuestionRow & { readonly classId: string; readonly drawnNumber: number | null })[]> {
  const rows = await database.rows<
    Stored & { readonly classId: string; readonly drawnNumber: number | null }
  >(
    `SELECT ${COLUMNS}, assignments.class_id AS classId,
       (SELECT drawn_number FROM posts WHERE posts.assignment_id = questions.assignment_id AND posts.writer_id = asker_id
        LIMIT 1) AS drawnNumber
     ${OPEN_IN} ORDER BY asked_at, questions.id`,
    { classIds: JSON.stringify(classIds) },
  );
  return rows.map(rowOf);
}

/** How many questions wait in some classes. */
export async function countOpenQuestions(database: Database, classIds: readonly string[]): Promise<number> {
  const [row] = await database.rows<{ readonly count: number }>(`SELECT COUNT(*) AS count ${OPEN_IN}`, {
    classIds: JSON.stringify(classIds),
  });
  return row?.count ?? 0;
}

/** How many of somebody's questions were answered since they looked, by assignment. */
export async function listAnswersUnseen(
  database: Database,
  askerId: string,
): Promise<ReadonlyMap<string, number>> {
  const rows = await database.rows<{ readonly assignmentId: string; readonly count: number }>(
    `SELECT assignment_id AS assignmentId, COUNT(*) AS count FROM questions
     WHERE asker_id = :askerId AND answered_at IS NOT NULL AND seen_at IS NULL GROUP BY assignment_id`,
    { askerId },
  );
  return new Map(rows.map(({ assignmentId, count }) => [assignmentId, count]));
}

export async function insertQuestion(
  database: Database,
  question: Pick<QuestionRow, 'id' | 'assignmentId' | 'askerId' | 'postId' | 'passage' | 'words' | 'askedAt'>,
): Promise<void> {
  await database.change(
    `INSERT INTO questions (id, assignment_id, asker_id, post_id, passage, words, asked_at)
     VALUES (:id, :assignmentId, :askerId, :postId, :passage, :words, :askedAt)`,
    { ...question },
  );
}

/** Takes an open question away again; how many went, 0 or 1. */
export async function deleteQuestion(
  database: Database,
  of: { readonly id: string; readonly assignmentId: string; readonly askerId: string },
): Promise<number> {
  return database.change(
    `DELETE FROM questions WHERE id = :id AND assignment_id = :assignmentId AND asker_id = :askerId
       AND answered_at IS NULL`,
    of,
  );
}

/** Answers open questions; how many were. */
export async function updateAnswered(
  database: Database,
  answered: {
    readonly assignmentId: string;
    readonly ids: readonly string[];
    readonly answer: string | null;
    readonly answerId: string | null;
    readonly aloud: boolean;
    readonly by: string;
    readonly at: Date;
  },
): Promise<number> {
  const { ids, ...rest } = answered;
  return database.change(
    `UPDATE questions SET answer = :answer, answer_id = :answerId, aloud = :aloud, answered_by = :by, answered_at = :at
     WHERE assignment_id = :assignmentId AND answered_at IS NULL
       AND id IN (SELECT id FROM ${idsFrom(':ids')} AS asked)`,
    { ...rest, ids: JSON.stringify(ids) },
  );
}

/** Notes that somebody saw what was answered to them. */
export async function markAnswersSeen(
  database: Database,
  assignmentId: string,
  askerId: string,
  at: Date,
): Promise<void> {
  await database.change(
    `UPDATE questions SET seen_at = :at
     WHERE assignment_id = :assignmentId AND asker_id = :askerId AND answered_at IS NOT NULL AND seen_at IS NULL`,
    { assignmentId, askerId, at },
  );
}

const ANSWER = `id, assignment_id AS assignmentId, words, answer, answered_by AS answeredBy, answered_at AS answeredAt`;

/** What was answered to everybody for some assignments, oldest first. */
export async function listAssignmentAnswers(
  database: Database,
  assignmentIds: readonly string[],
): Promise<readonly AssignmentAnswerRow[]> {
  return database.rows<AssignmentAnswerRow>(
    `SELECT ${ANSWER} FROM assignment_answers
     WHERE assignment_id IN (SELECT id FROM ${idsFrom(':ids')} AS asked)
     ORDER BY answered_at, id`,
    { ids: JSON.stringify(assignmentIds) },
  );
}

export async function insertAssignmentAnswer(database: Database, answer: AssignmentAnswerRow): Promise<void> {
  await database.change(
    `INSERT INTO assignment_answers (id, assignment_id, words, answer, answered_by, answered_at)
     VALUES (:id, :assignmentId, :words, :answer, :answeredBy, :answeredAt)`,
    { ...answer },
  );
}

/** Takes back what was answered to everybody; how many went, 0 or 1. */
export async function deleteAssignmentAnswer(
  database: Database,
  id: string,
  assignmentId: string,
): Promise<number> {
  return database.change('DELETE FROM assignment_answers WHERE id = :id AND assignment_id = :assignmentId', {
    id,
    assignmentId,
  });
}
