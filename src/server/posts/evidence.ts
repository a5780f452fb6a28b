import { openDocument } from '../../core/document/openDocument';
import { evaluate } from '../../core/requirements/evaluate';
import type { Answer } from '../../core/requirements/answer';
import { countDocumentWords } from '../../core/words/countWords';
import { assignmentToCheck } from '../assignments/context';
import type { AssignmentRow } from '../assignments/queries';
import type { ClassRow } from '../classes/queries';
import type { Database } from '../database/database';
import { listPerceptualHashes } from '../pictures/queries';
import type { Writing } from './queries';
import { pictureIds } from './writing';

export interface Evidence {
  readonly answer: Answer;
  readonly words: number;
}

/** How a writing stands against its assignment, computed here and now; at a hand-in this alone counts. */
export async function evidenceFor(
  database: Database,
  writing: Writing,
  assignment: AssignmentRow,
  inClass: ClassRow,
): Promise<Evidence> {
  const body = openDocument(JSON.parse(writing.body));
  const answer = evaluate(await assignmentToCheck(database, assignment, inClass), {
    title: writing.title,
    labels: writing.labels,
    body,
    pictureHashes: await listPerceptualHashes(database, pictureIds(writing)),
  });
  return { answer, words: countDocumentWords(body) };
}
