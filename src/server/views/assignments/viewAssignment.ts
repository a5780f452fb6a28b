import { isStudent, may } from '../../../core/access/may';
import { showLesson } from '../../../core/assignments/lessonText';
import { rubricPoints } from '../../../core/assignments/rubric';
import { dateInWords, dayInWords, momentInWords } from '../../../core/timing/inWords';
import type { Place } from '../../../core/languages/languages';
import { database } from '../../ground/database/database';
import { hasPeerReading } from '../../tables/peerRounds';
import { listHandIns } from '../../tables/handIns';
import { findPostOf } from '../../tables/posts';
import { listStandings } from '../../tables/postsOfClass';
import type { Desk } from '../../deeds/sessions/desk';
import { questionsOf } from '../../deeds/questions/questionsOf';
import { standingsIn } from '../../deeds/assignments/growingSteps';
import { listDeletedAssignments } from '../../tables/assignmentEndings';
import { adjustedFor } from '../../tables/adjustments';
import { findAssignment, listAssignments, type AssignmentRow } from '../../tables/assignments';

/** A class's assignments with how its posts stand, for its teachers; null for everybody else. */
export async function maybeAssignmentList({ personId, role, inClass, now, place }: Desk) {
  if (!may({ personId, role }, 'class.teach', {})) return null;
  const standings = await listStandings(database, inClass.id);
  const assignments = await listAssignments(database, inClass.id, now);
  // Repetitions that nobody sees yet stand with their series.
  const listed = assignments.filter((one) => one.seriesId === null || one.setAt !== null);
  return listed.map((assignment) => {
    const own = standings.filter((standing) => standing.assignmentId === assignment.id);
    return {
      id: assignment.id,
      number: assignment.number,
      title: assignment.title,
      isSet: assignment.setAt !== null,
      putAway: assignment.putAwayAt !== null,
      ...repetitionsOf(assignment, assignments, place),
      due: assignment.dueAt && momentInWords(assignment.dueAt.getTime(), place.timeZone, place.language),
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

/** What was deleted in a class and can still be brought back, for who was given its list. */
export async function listDeletedShown({ personId, role, inClass, now, place }: Desk) {
  if (!may({ personId, role }, 'assignment.erase', {})) return [];
  const deleted = await listDeletedAssignments(database, inClass.id, now);
  return deleted.map(({ id, title, eraseAt }) => ({
    id,
    title,
    until: dateInWords(eraseAt.getTime(), place.timeZone, place.language),
  }));
}

/** How often a series is repeated, and from when its next repetition is seen, in words; null for what is no series. */
function repetitionsOf(
  { id, series }: AssignmentRow,
  assignments: readonly AssignmentRow[],
  { timeZone, language }: Place,
) {
  const own = series ? assignments.filter((one) => one.seriesId === id) : [];
  const next = own
    .filter((one) => one.setAt === null && one.opensAt !== null)
    .map((one) => one.opensAt?.getTime() ?? 0)
    .sort((one, other) => one - other)[0];
  return {
    repetitions: series && own.length,
    opens: next === undefined ? null : dayInWords(next, timeZone, language),
  };
}

/** An assignment as a student reads it; null while it is not set, and for everybody from elsewhere. */
export async function maybeAssignmentToRead(assignmentId: string, desk: Desk) {
  const { personId, role, inClass, now, place } = desk;
  const given = await findAssignment(database, assignmentId, now);
  if (!given || given.classId !== inClass.id) return null;
  const assignment = await adjustedFor(database, inClass, given, personId);
  if (!may({ personId, role }, 'assignment.read', { assignmentIsSet: assignment.setAt !== null }))
    return null;
  const questions = isStudent(role) ? await questionsOf(assignmentId, desk) : null;
  const { number, title, requirements, rubric, missing } = assignment;
  const post = await findPostOf(database, assignmentId, personId);
  const handIns = post ? await listHandIns(database, post.id) : [];
  const steps = standingsIn(
    assignment,
    place,
    handIns.filter((one) => one.takenBackAt === null),
    now,
  );
  const due = assignment.dueAt && momentInWords(assignment.dueAt.getTime(), place.timeZone, place.language);
  return {
    classId: inClass.id,
    id: assignmentId,
    number,
    title,
    lesson: showLesson(assignment),
    requirements,
    rubric,
    missing,
    due,
    steps,
    questions,
    readEachOther: await hasPeerReading(database, assignmentId),
    postId: post?.id ?? null,
    /** Who teaches reads it as students do, and begins nothing. */
    writes: isStudent(role),
  };
}
