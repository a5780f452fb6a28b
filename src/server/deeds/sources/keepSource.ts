import type { SourceShown } from '../../../contract/fileDoors/addSource';
import { may } from '../../../core/access/may';
import type { FILE_KINDS } from '../../../workers/tasks/readFile';
import { writeAuditLine } from '../../ground/access/auditLog';
import { findStanding } from '../../ground/access/roles';
import { done, NOT_THERE, refused, type Result } from '../../ground/access/useCase';
import { inTransaction, type Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { takeTurns } from '../../ground/database/turns';
import { work } from '../../ground/work/work';
import { findAssignment, listClassesOfAssignment, type AssignmentRow } from '../../tables/assignments';
import { countSources, insertSource } from '../../tables/givenSources';
import { taughtSiblings } from '../assignments/taughtSiblings';

/** So many texts an assignment is compared with. */
export const MOST_SOURCES = 10;
/** Own words are compared by rows of so many: what is shorter is alike with nothing. */
const FEWEST_WORDS = 8;

/** An assignment, and who gives it a source. */
export interface Giving {
  readonly assignmentId: string;
  readonly personId: string;
  readonly now: Date;
}

/** Whether somebody may give an assignment one more. */
export async function assignmentToGive(
  database: Database,
  { assignmentId, personId, now }: Giving,
): Promise<Result<AssignmentRow>> {
  const assignment = await findAssignment(database, assignmentId, now);
  if (!assignment) return NOT_THERE;
  const { actor, resting, deleted } = await findStanding(database, assignment.classId, personId);
  if (deleted || !may(actor, 'assignment.change', { assignmentIsSet: assignment.setAt !== null }))
    return NOT_THERE;
  if (resting) return refused('class.resting');
  if ((await countSources(database, assignmentId)) >= MOST_SOURCES) return refused('source.tooMany', 'file');
  return done(assignment);
}

/** A text as it came. */
interface Text {
  readonly kind: (typeof FILE_KINDS)[number];
  readonly file: Uint8Array;
  readonly name: string;
  /** What a refusal is said of. */
  readonly field: string;
}

/** Reads a text and keeps it for own words to be compared with, in every class of the teacher's that has the assignment. */
export async function keepSource(
  { kind, file, name, field }: Text,
  { assignmentId, personId, now }: Giving,
): Promise<Result<SourceShown>> {
  const read = await work('readSource', { kind, file: new Uint8Array(file) }, personId);
  if (!read.ok) return refused(`file.${read.why}`, field);
  if (read.value.kind !== 'read') return refused(`file.${read.value.kind}`, field);
  const { words, comparable } = read.value;
  if (words < FEWEST_WORDS) return refused('source.tooShort', field);
  const body = JSON.stringify(read.value.body);
  return inTransaction(async (transaction) => {
    await takeTurns(transaction, await listClassesOfAssignment(transaction, assignmentId));
    // Reading took its time: the class, or who teaches it, may be another by now.
    const given = await assignmentToGive(transaction, { assignmentId, personId, now });
    if (!given.ok) return given;
    const source = { id: newId(), name, words, body, comparable, at: now };
    await insertSource(transaction, { ...source, assignmentId });
    for (const { assignment } of await taughtSiblings(transaction, given.value, { personId, now }))
      if ((await countSources(transaction, assignment.id)) < MOST_SOURCES)
        await insertSource(transaction, { ...source, assignmentId: assignment.id });
    const found = { classId: given.value.classId, subjectId: assignmentId };
    await writeAuditLine(transaction, { useCase: 'addSource', found, personId, now });
    return done({ id: source.id, name, words, ofSeries: false });
  });
}
