import { may } from '../../core/access/may';
import { showLesson } from '../../core/assignments/lessonText';
import { rubricPoints } from '../../core/assignments/rubric';
import { momentInWords } from '../../core/timing/inWords';
import { database } from '../database/database';
import { findPostOf, listHandIns, listStandings } from '../posts/queries';
import type { Desk } from '../sessions/desk';
import { standingsIn } from './growingSteps';
import { adjustedFor } from './adjustments';
import { findAssignment, listAssignments } from './queries';

/** A class's assignments with how its posts stand, for its teachers; null for everybody else. */
export async function maybeAssignmentList({ personId, role, inClass }: Desk) {
  if (!may({ personId, role }, 'class.teach', {})) return null;
  const standings = await listStandings(database, inClass.id);
  const assignments = await listAssignments(database, inClass.id);
  return assignments.map((assignment) => {
    const own = standings.filter((standing) => standing.assignmentId === assignment.id);
    return {
      id: assignment.id,
      number: assignment.number,
      title: assignment.title,
      isSet: assignment.setAt !== null,
      due: assignment.dueAt && momentInWords(assignment.dueAt.getTime(), inClass.timeZone, inClass.language),
      bays: assignment.requirements.length,
      points:
        rubricPoints(assignment.rubric) +
        assignment.requirements.reduce(
          (sum, one) => sum + (one.weight === 'required' ? (one.points ?? 0) : 0),
          0,
        ),
      handedIn: own.filter((standing) => standing.stage !== 'draft').length,
      waiting: own.filter((standing) => standing.stage === 'handedIn').length,
    };
  });
}

/** An assignment as a student reads it; null while it is not set, and for everybody from elsewhere. */
export async function maybeAssignmentToRead(assignmentId: string, { personId, role, inClass, now }: Desk) {
  const given = await findAssignment(database, assignmentId);
  if (!given || given.classId !== inClass.id) return null;
  const assignment = await adjustedFor(database, given, personId);
  if (!may({ personId, role }, 'assignment.read', { assignmentIsSet: assignment.setAt !== null }))
    return null;
  const { number, title, requirements, rubric, missing } = assignment;
  const post = await findPostOf(database, assignmentId, personId);
  const handIns = post ? await listHandIns(database, post.id) : [];
  const steps = standingsIn(
    assignment,
    inClass,
    handIns.filter((one) => one.takenBackAt === null),
    now,
  );
  const due =
    assignment.dueAt && momentInWords(assignment.dueAt.getTime(), inClass.timeZone, inClass.language);
  return {
    id: assignmentId,
    number,
    title,
    lesson: showLesson(assignment),
    requirements,
    rubric,
    missing,
    due,
    steps,
    postId: post?.id ?? null,
  };
}
