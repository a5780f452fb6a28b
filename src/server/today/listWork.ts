import { marks } from '../../core/requirements/slats';
import { momentInWords, timeInWords } from '../../core/timing/inWords';
import { localDate } from '../../core/timing/zonedTime';
import { nextDue } from '../assignments/growingSteps';
import { adjusterFor } from '../assignments/adjustments';
import { listAssignments, type AssignmentRow } from '../assignments/queries';
import { database } from '../database/database';
import { evidenceFor } from '../posts/evidence';
import { listPostsOf, type PostRow } from '../posts/queries';
import { isStudent } from '../../core/access/may';
import { listClassesOf } from '../classes/queries';
import { findGrade, listNotes } from '../reviews/queries';
import type { Desk } from '../sessions/desk';

/** Characters of a note that a list shows. */
const EXCERPT = 140;

/** The set assignments of a class with how far a student's own posts are; those due first come first. */
export async function listWork(desk: Desk) {
  const { inClass, personId } = desk;
  const assignments = (await listAssignments(database, inClass.id, desk.now)).filter(
    (assignment) => assignment.setAt !== null,
  );
  const posts = new Map(
    (await listPostsOf(database, inClass.id, personId)).map((post) => [post.assignmentId, post]),
  );
  const adjust = await adjusterFor(database, inClass.id);
  const work = [];
  for (const assignment of assignments)
    work.push(await workOn(adjust(assignment, personId), posts.get(assignment.id) ?? null, desk));
  return work.sort(
    (a, b) => Number(a.past) - Number(b.past) || (a.dueDate ?? '9').localeCompare(b.dueDate ?? '9'),
  );
}

/** The same for every class that a student writes in, the one that is looked at first. */
export async function listEveryWork(desk: Desk) {
  const classes = (await listClassesOf(database, desk.personId)).filter((one) => isStudent(one.role));
  const ordered = classes.sort((a, b) => Number(b.id === desk.inClass.id) - Number(a.id === desk.inClass.id));
  const groups = [];
  for (const { role, ...inClass } of ordered)
    groups.push({
      classId: inClass.id,
      title: inClass.title,
      groupName: inClass.groupName,
      work: await listWork({ ...desk, inClass, role }),
    });
  return groups;
}

async function workOn(assignment: AssignmentRow, post: PostRow | null, { inClass, now }: Desk) {
  const { timeZone, language } = inClass;
  const { dueAt, step } = nextDue(assignment, inClass, now);
  const grade = post && (await findGrade(database, post.id));
  const notes = post ? await listNotes(database, post.id) : [];
  return {
    assignmentId: assignment.id,
    number: assignment.number,
    title: assignment.title,
    due: dueAt && momentInWords(dueAt.getTime(), timeZone, language),
    dueDate: dueAt && localDate(dueAt.getTime(), timeZone),
    dueTime: dueAt && timeInWords(dueAt.getTime(), timeZone, language),
    past: dueAt !== null && dueAt < now,
    /** What is due then of a post that grows. */
    step,
    postId: post?.id ?? null,
    state: post ? post.stage : ('notBegun' as const),
    slats: post && (await slatsOf(post, assignment, inClass)),
    notes: notes.length,
    /** The beginning of what a teacher said last. */
    said: notes.at(-1)?.text.slice(0, EXCERPT) ?? null,
    grade:
      grade?.givenBackAt && grade.givenBack
        ? { grade: grade.givenBack.grade, possible: grade.givenBack.possible }
        : null,
  };
}

async function slatsOf(post: PostRow, assignment: AssignmentRow, inClass: Desk['inClass']) {
  const { answer } = await evidenceFor(database, post, assignment, inClass);
  return marks(answer.requirements, assignment.requirements);
}
