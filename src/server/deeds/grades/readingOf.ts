import type { Grade } from '../../../core/grading/grade';
import { secondState, type SecondState } from '../../../core/grading/secondReading';
import type { Answer } from '../../../core/requirements/answer';
import { overrule, type Overruling } from '../../../core/requirements/overrule';
import { asksFor } from '../../../core/requirements/requirement';
import { rejudge } from '../../../core/requirements/rejudge';
import type { Database } from '../../ground/database/database';
import {
  findOverrulings,
  findRequirementJudgements,
  listJudgements,
  type Whose,
} from '../../tables/judgements';
import type { SecondReadingRow } from '../../tables/secondReadings';
import { computeGrade } from './computeGrade';
import type { PostFacts } from '../subjects/findPostToActOn';

/** What somebody gave a post. */
export interface Reading {
  /** By criterion. */
  readonly levels: Readonly<Record<string, number>>;
  readonly overrulings: Readonly<Record<string, Overruling>>;
  /** What it needed, as it counts. */
  readonly answer: Answer | null;
  readonly grade: Grade;
  /** Null while something is left to judge. */
  readonly figure: number | null;
}

/** What the teachers who read a post first gave it, or who reads it a second time. */
export async function readingOf(database: Database, facts: PostFacts, whose: Whose): Promise<Reading> {
  const { post, assignment } = facts;
  const { requirements } = assignment;
  const judgements = await listJudgements(database, post.id, whose);
  const overrulings = await findOverrulings(database, post.id, whose);
  const isSecond = whose === 'second';
  const byEye =
    isSecond && asksFor(requirements, 'judged')
      ? await findRequirementJudgements(database, post.id, whose)
      : null;
  // The facts have what the first reader said.
  const handIns = byEye
    ? facts.handIns.map((one) => ({ ...one, evidence: rejudge(one.evidence, requirements, byEye) }))
    : facts.handIns;
  const said = isSecond ? null : facts.grade;
  const grade = computeGrade({ ...facts, handIns, grade: said }, judgements, overrulings);
  const counted = handIns.at(-1)?.evidence;
  return {
    levels: Object.fromEntries(judgements.map(({ criterionId, level }) => [criterionId, level])),
    overrulings,
    answer: counted ? overrule(counted, requirements, overrulings) : null,
    grade,
    figure: grade.provisional && said?.overrideGrade == null ? null : grade.grade,
  };
}

/** Both readings of a post, and how they stand. */
export async function bothReadings(
  database: Database,
  facts: PostFacts,
  row: SecondReadingRow,
): Promise<{ readonly first: Reading; readonly second: Reading; readonly state: SecondState }> {
  const first = await readingOf(database, facts, 'first');
  const second = await readingOf(database, facts, 'second');
  return { first, second, state: stateOf(row, first.figure, second.figure) };
}

export function stateOf(row: SecondReadingRow, first: number | null, second: number | null): SecondState {
  return secondState({ done: row.doneAt !== null, first, second, settled: row.settled !== null });
}
