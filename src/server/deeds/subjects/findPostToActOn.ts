import { narrower, type Audience } from '../../../core/access/audience';
import type { Subject } from '../../../core/access/may';
import { asksFor } from '../../../core/requirements/requirement';
import { rejudge } from '../../../core/requirements/rejudge';
import { widestWith, type Outside } from '../../../core/privacy/consent';
import type { Found } from '../../ground/access/useCase';
import { adjustedFor } from '../../tables/adjustments';
import { findAssignment, type AssignmentRow } from '../../tables/assignments';
import { findClass, type ClassRow } from '../../tables/classes';
import type { Database } from '../../ground/database/database';
import { findPublication, type PublicationRow } from '../../tables/publications';
import { findGrade, type GradeRow } from '../../tables/gradeFigures';
import { findRequirementJudgements } from '../../tables/judgements';
import { listHandIns, type HandInRow } from '../../tables/handIns';
import { findPost, lockPost, type PostRow } from '../../tables/posts';
import { listReadings } from '../../tables/readings';
import { findAppearance } from './appearances';

/** A post with everything that decides what may be done to it. */
export interface PostFacts {
  readonly post: PostRow;
  /** The assignment as it is for this writer. */
  readonly assignment: AssignmentRow;
  /** The class; its ceiling is lowered to what consent allows for the writer. */
  readonly inClass: ClassRow;
  /** The class's own ceiling, whatever consent allows. */
  readonly classCeiling: Audience;
  /** How the writer stands towards readers outside the class. */
  readonly outside: Outside;
  /** Those that were not taken back, oldest first. */
  readonly handIns: readonly HandInRow[];
  /** Which teachers have opened the latest of them. */
  readonly readBy: readonly { readonly teacherId: string; readonly firstReadAt: Date }[];
  readonly publication: PublicationRow | null;
  readonly grade: GradeRow | null;
}

/** Reads a post to change it: its row is held until the transaction ends. */
export async function findPostToActOn(
  database: Database,
  postId: string,
  now: Date,
): Promise<Found<PostFacts> | null> {
  return factsOf(database, await lockPost(database, postId), now);
}

/** Reads a post to show it. */
export async function findPostToShow(
  database: Database,
  postId: string,
  now: Date,
): Promise<Found<PostFacts> | null> {
  return factsOf(database, await findPost(database, postId), now);
}

async function factsOf(
  database: Database,
  post: PostRow | null,
  now: Date,
): Promise<Found<PostFacts> | null> {
  if (!post) return null;
  const given = await findAssignment(database, post.assignmentId, now);
  const ownClass = await findClass(database, post.classId);
  if (!given || !ownClass) return null;
  const assignment = await adjustedFor(database, ownClass, given, post.writerId);
  const classCeiling = ownClass.ceiling;
  const outside = await findAppearance(database, ownClass, {
    writerId: post.writerId,
    postId: post.id,
    now,
  });
  const inClass = { ...ownClass, ceiling: narrower(classCeiling, widestWith(outside.appears)) };
  const handIns = await withJudgements(
    database,
    assignment,
    (await listHandIns(database, post.id)).filter((handIn) => handIn.takenBackAt === null),
  );
  const readBy = (await listReadings(database, post.id)).filter((one) => one.handInId === handIns.at(-1)?.id);
  const publication = await findPublication(database, post.id);
  const grade = await findGrade(database, post.id);
  const rows = { post, assignment, inClass, classCeiling, outside, handIns, readBy, publication, grade };
  return { subject: subjectOf(rows), classId: post.classId, subjectId: post.id, rows };
}

/** Hand-ins whose evidence has what a teacher said of them since; only assignments that ask for eyes are asked about. */
async function withJudgements(
  database: Database,
  { requirements }: AssignmentRow,
  handIns: readonly HandInRow[],
): Promise<readonly HandInRow[]> {
  const postId = handIns[0]?.postId;
  if (postId === undefined || !asksFor(requirements, 'judged')) return handIns;
  const judged = await findRequirementJudgements(database, postId);
  return handIns.map((handIn) => ({ ...handIn, evidence: rejudge(handIn.evidence, requirements, judged) }));
}

/** Who types a post in for its writer, while they may. */
export function typingIn({ typesInId }: Pick<PostRow, 'typesInId'>): readonly string[] {
  return typesInId === null ? [] : [typesInId];
}

/** The facts that the access table asks for. */
function subjectOf({ post, assignment, inClass, handIns, readBy, publication, grade }: PostFacts): Subject {
  return {
    writerId: post.writerId,
    ceiling: inClass.ceiling,
    assignmentIsSet: assignment.setAt !== null,
    draftsOpen: assignment.draftsOpen,
    handedIn: handIns.length > 0,
    openedByTeacher: readBy.length > 0,
    originSaid: inClass.originSince !== null && post.begunAt >= inClass.originSince,
    accepted: post.stage === 'accepted',
    editorsRead: inClass.editorsRead,
    away: post.away,
    typesIn: typingIn(post),
    secondReaderId: post.second && !post.second.done ? post.second.readerId : null,
    // The ceiling, or consent, may have come down since it was published, and a worry keep it away.
    publishedTo:
      publication && (post.away ? 'writerAndTeachers' : narrower(publication.audience, inClass.ceiling)),
    gradeGivenBack: grade?.givenBackAt !== null && grade !== null,
  };
}
