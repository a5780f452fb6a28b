import type { Database } from '../../ground/database/database';
import { findOverrulings } from '../../tables/judgements';
import type { PostFacts } from '../subjects/findPostToActOn';

/** The grade that was given back, as its writer sees it: with what changed, and what counts otherwise than the machine found. */
export async function gradeShown(database: Database, { post, assignment, grade }: PostFacts) {
  const givenBackAt = grade?.givenBackAt;
  if (!grade?.givenBack || !givenBackAt) return null;
  const overrulings = await findOverrulings(database, post.id);
  return {
    grade: grade.givenBack,
    changed: grade.changed,
    rubric: assignment.rubric,
    overruled: assignment.requirements.flatMap((requirement) => {
      const said = overrulings[requirement.id];
      // What was said later is not given back yet.
      return said && said.at <= givenBackAt ? [{ requirement, met: said.met, reason: said.reason }] : [];
    }),
  };
}
