import { byDue } from '../../../core/assignments/byDue';
import { momentInWords, timeInWords } from '../../../core/timing/inWords';
import { localDate } from '../../../core/timing/zonedTime';
import { isStudent } from '../../../core/access/may';
import { nextDue } from '../../deeds/assignments/growingSteps';
import { adjusterFor, type AssignmentForOne } from '../../tables/adjustments';
import { listAssignments } from '../../tables/assignments';
import { database } from '../../ground/database/database';
import { listPostHeads, slatsOfPosts, type PostHead } from '../../deeds/posts/standings';
import { listGivenBack } from '../../tables/gradeFigures';
import { listReminders } from '../../tables/reminders';
import { groupedBy } from '../../../core/groupedBy';
import { teacherName } from '../../../core/people/names';
import { listOpeningsUnseen } from '../../tables/originOpenings';
import { listNotesBriefly } from '../../tables/notes';
import type { Desk } from '../../deeds/sessions/desk';

/** Characters of a note that a list shows. */
const EXCERPT = 140;

/** The set assignments of a class with how far a student's own posts are; those due first come first. */
export async function listWork(desk: Desk) {
  const { inClass, personId } = desk;
  const assignments = (await listAssignments(database, inClass.id, desk.now)).filter(
    (assignment) => assignment.setAt !== null,
  );
  const heads = await listPostHeads(database, { classId: inClass.id, writerId: personId });
  const posts = new Map(heads.map((post) => [post.assignmentId, post]));
  const adjust = await adjusterFor(database, inClass, personId);
  const reminders = new Map(
    (await listReminders(database, { classId: inClass.id, personId })).map((one) => [
      one.assignmentId,
      one.words,
    ]),
  );
  // What is put away can't be begun any more; what was begun stays.
  const there = assignments.filter((one) => one.putAwayAt === null || posts.has(one.id));
  const given = there.map((assignment) => ({
    assignment: adjust(assignment, personId),
    post: posts.get(assignment.id) ?? null,
  }));
  const begun = given.flatMap(({ assignment, post }) => (post ? [{ assignment, post }] : []));
  const postIds = begun.map(({ post }) => post.id);
  const known: Known = {
    slats: await slatsOfPosts(begun, inClass, desk.now),
    grades: await listGivenBack(database, postIds),
    openings: groupedBy(await listOpeningsUnseen(database, postIds), ({ postId }) => postId),
    notes: await listNotesBriefly(database, postIds, { characters: EXCERPT }),
    reminders,
  };
  return given.map(({ assignment, post }) => workOn(assignment, post, { ...desk, known })).sort(byDue);
}

/** The same for every class that a student writes in, the one that is looked at first. */
export async function listEveryWork(desks: readonly Desk[]) {
  const groups = [];
  for (const desk of desks.filter(({ role }) => isStudent(role)))
    groups.push({
      classId: desk.inClass.id,
      title: desk.inClass.title,
      groupName: desk.inClass.groupName,
      work: await listWork(desk),
    });
  return groups;
}

/** What is known of the posts of a list, by post. */
interface Known {
  readonly slats: Awaited<ReturnType<typeof slatsOfPosts>>;
  readonly grades: Awaited<ReturnType<typeof listGivenBack>>;
  readonly notes: Awaited<ReturnType<typeof listNotesBriefly>>;
  readonly openings: ReadonlyMap<string, Awaited<ReturnType<typeof listOpeningsUnseen>>>;
  /** By assignment. */
  readonly reminders: ReadonlyMap<string, string>;
}

function workOn(
  assignment: AssignmentForOne,
  post: PostHead | null,
  { inClass, now, known, place }: Desk & { readonly known: Known },
) {
  const { timeZone, language } = place;
  const { dueAt, step } = nextDue(assignment, place, now);
  const grade = known.grades.get(post?.id ?? '');
  const notes = known.notes.get(post?.id ?? '');
  return {
    classId: inClass.id,
    assignmentId: assignment.id,
    number: assignment.number,
    title: assignment.title,
    /** Of the post as its writer has it now; empty before it has one. */
    postTitle: post?.title ?? '',
    due: dueAt && momentInWords(dueAt.getTime(), timeZone, language),
    dueDate: dueAt && localDate(dueAt.getTime(), timeZone),
    dueTime: dueAt && timeInWords(dueAt.getTime(), timeZone, language),
    past: dueAt !== null && dueAt < now,
    /** What is due then of a post that grows. */
    step,
    postId: post?.id ?? null,
    state: post ? post.stage : ('notBegun' as const),
    slats: known.slats.get(post?.id ?? '') ?? null,
    /** Whether nothing is asked of them. */
    excused: assignment.excused,
    /** What a teacher reminded them of last, until it is handed in. */
    reminder:
      post?.stage === 'handedIn' || post?.stage === 'accepted'
        ? null
        : (known.reminders.get(assignment.id) ?? null),
    notes: notes?.count ?? 0,
    newNotes: notes?.unseen ?? 0,
    originOpenedBy: (known.openings.get(post?.id ?? '') ?? []).map(teacherName),
    /** The beginning of what a teacher said last. */
    said: notes?.last ?? null,
    grade: grade ? { grade: grade.grade, possible: grade.possible } : null,
  };
}
