import { reviewAddress } from '../../../contract/addresses';
import { cappedAudience, goesBeyondClass } from '../../../core/access/audience';
import { isStudent, may } from '../../../core/access/may';
import { groupedBy } from '../../../core/groupedBy';
import { numberShown } from '../../../core/people/drawnNumber';
import { teacherName } from '../../../core/people/names';
import { timeInWords, weekdayInWords } from '../../../core/timing/inWords';
import { localDate } from '../../../core/timing/zonedTime';
import { nextDue } from '../../deeds/assignments/growingSteps';
import { listAwayOn } from '../../tables/absences';
import { adjusterFor } from '../../tables/adjustments';
import { listAssignments, type AssignmentRow } from '../../tables/assignments';
import { listLeftLines, type LeftLineRow } from '../../tables/leftLines';
import { countStudents, listEverMembers, type MemberRow } from '../../tables/memberships';
import { listWritersBeyond } from '../../tables/publications';
import { listAppearances } from '../../deeds/subjects/appearances';
import { countWaitingComments } from '../../tables/comments';
import { listAskedPages } from '../../tables/pages';
import { database } from '../../ground/database/database';
import {
  countStages,
  listNotBegun,
  listWaitingStandings,
  type StageCount,
  type StandingRow,
  type WaitingStandingRow,
} from '../../tables/postsOfClass';
import { listDetailsMeant } from '../../tables/detailDecisions';
import { listHiddenNames } from '../../tables/hiddenNames';
import { countAnswersWaiting } from '../../tables/notes';
import { listSecondToday } from '../../tables/secondReadings';
import { listUndecidedAway } from '../../tables/wordsAway';
import type { Desk } from '../../deeds/sessions/desk';
import { weekAround } from './week';

/** What a teacher's Today shows of all the classes that they teach. Null for who teaches none. */
export async function maybeTeacherToday(desks: readonly Desk[]) {
  const [first, ...others] = desks.filter(({ personId, role }) => may({ personId, role }, 'class.teach', {}));
  if (!first) return null;
  const classes = [await todayIn(first)];
  for (const desk of others) classes.push(await todayIn(desk));
  const waiting = classes
    .flatMap((one) => (one.oldest ? [one.oldest] : []))
    .toSorted((one, another) => one.at.getTime() - another.at.getTime())[0];
  return {
    waiting: classes.reduce((sum, one) => sum + one.waiting, 0),
    firstWaiting: waiting?.postId ?? null,
    oldestDay: waiting?.day ?? null,
    days: weekAround(first.now, first.place, first.inClass.year),
    classes: classes.map(({ oldest: _, waiting: __, ...one }) => one),
  };
}

/** The same of one class; every figure comes from one reading of its posts. */
export async function todayIn(desk: Desk) {
  const { inClass, now, place } = desk;
  const { timeZone, language } = place;
  // Names are read where somebody is named: most days nobody is.
  let known: readonly MemberRow[] | null = null;
  const members = async () => (known ??= await listEverMembers(database, inClass.id));
  const students = async () =>
    (await members()).filter((member) => member.leftAt === null && isStudent(member.role));
  const assignments = (await listAssignments(database, inClass.id, now)).filter(
    (assignment) => assignment.setAt !== null && assignment.putAwayAt === null,
  );
  const counts = groupedBy(await countStages(database, inClass.id), (one) => one.assignmentId);
  const waiting = await listWaitingStandings(database, inClass.id);
  const [oldest] = waiting;
  const lines = await listLeftLines(database, inClass.id);
  const notBegun = await notBegunIn(desk, assignments, counts, members);
  return {
    classId: inClass.id,
    title: inClass.title,
    groupName: inClass.groupName,
    waiting: waiting.length,
    oldest: oldest?.handedInAt
      ? {
          postId: oldest.postId,
          at: oldest.handedInAt,
          day: weekdayInWords(oldest.handedInAt.getTime(), timeZone, language),
        }
      : null,
    ...(await forAnEye(desk, waiting, assignments)),
    /** What is away from the class's screens because of a worry, until it is decided. */
    wordsAway: await wordsAwayIn(desk, members),
    secondReadings: await listSecondToday(database, { classId: inClass.id, personId: desk.personId }),
    /** How many comments wait until somebody has read them. */
    commentsWait: await countWaitingComments(database, inClass.id),
    pagesAsked: await listAskedPages(database, inClass.id),
    consentsOver: await consentsOver(desk, students),
    /** Who took the class over and left a line about it lately. */
    linesLeft: lines.length === 0 ? [] : linesOfSupply(await members(), lines, desk),
    assignments: assignments.map((assignment) => {
      const { dueAt, step } = nextDue(assignment, place, now);
      return {
        id: assignment.id,
        title: assignment.title,
        due: dueAt && timeInWords(dueAt.getTime(), timeZone, language),
        dueDate: dueAt && localDate(dueAt.getTime(), timeZone),
        past: dueAt !== null && dueAt < now,
        step,
        notBegun: notBegun.get(assignment.id) ?? [],
        ...countsOf(
          counts.get(assignment.id) ?? [],
          waiting.filter((standing) => standing.assignmentId === assignment.id),
          assignment,
        ),
      };
    }),
  };
}

/** By assignment, the names of the students who have not begun; they are looked for only where fewer have than there are. */
async function notBegunIn(
  { inClass, now }: Desk,
  assignments: readonly AssignmentRow[],
  counts: ReadonlyMap<string, readonly StageCount[]>,
  members: () => Promise<readonly MemberRow[]>,
): Promise<ReadonlyMap<string, readonly string[]>> {
  const students = await countStudents(database, inClass.id);
  const open = assignments.filter(
    ({ id }) => (counts.get(id) ?? []).reduce((sum, one) => sum + one.ofStudents, 0) < students,
  );
  const missing = groupedBy(
    await listNotBegun(
      database,
      inClass.id,
      open.map(({ id }) => id),
    ),
    (one) => one.assignmentId,
  );
  if (missing.size === 0) return new Map();
  const everybody = await members();
  // Of who is away nothing is missing.
  const adjust = await adjusterFor(database, inClass);
  const away = await listAwayOn(database, inClass.id, localDate(now.getTime(), inClass.timeZone));
  return new Map(
    open.flatMap((assignment) => {
      const ids = new Set(missing.get(assignment.id)?.map(({ personId }) => personId));
      const names = everybody
        .filter(({ personId }) => ids.has(personId) && !away.has(personId))
        .filter(({ personId }) => !adjust(assignment, personId).excused)
        .map((one) => one.shownName);
      return names.length > 0 ? [[assignment.id, names] as const] : [];
    }),
  );
}

function countsOf(counts: readonly StageCount[], waiting: readonly StandingRow[], assignment: AssignmentRow) {
  const of = (stage: StageCount['stage']) => counts.find((one) => one.stage === stage)?.posts ?? 0;
  const accepted = of('accepted');
  return {
    handedIn: of('handedIn') + of('sentBack') + accepted,
    writing: of('draft'),
    waiting: waiting.length,
    again: waiting.filter((standing) => (standing.ordinal ?? 1) > 1).length,
    firstWaiting: waiting[0]?.postId ?? null,
    accepted,
    toOpen: assignment.release === 'opened' && assignment.openedAt === null ? accepted : 0,
  };
}

/** Whose consent has run out, or is not there, while something of theirs is meant for readers outside the class. */
async function consentsOver(
  { personId, role, inClass, now }: Desk,
  students: () => Promise<readonly MemberRow[]>,
) {
  // Whoever may not ask for a consent is not told that one is missing.
  if (!inClass.consentNeeded || !may({ personId, role }, 'roster.read', {})) return [];
  const beyond = new Set(await listWritersBeyond(database, inClass.id));
  const members = await students();
  const outside = await listAppearances(database, inClass, { members, now });
  return members
    .filter(({ personId }) => beyond.has(personId) && outside(personId).lacks)
    .map((student) => ({ personId: student.personId, name: student.shownName }));
}

/** Posts of a kind that wait, and the one that has waited longest. */
interface Waiting {
  readonly count: number;
  readonly first: string | null;
}

/** Of the posts that wait, those that need an eye before others. */
async function forAnEye(
  { inClass }: Desk,
  waiting: readonly WaitingStandingRow[],
  assignments: readonly AssignmentRow[],
) {
  const of = (posts: readonly { readonly postId: string }[]): Waiting => ({
    count: posts.length,
    first: posts[0]?.postId ?? null,
  });
  const beyond = new Set(
    assignments
      .filter(({ audience }) => goesBeyondClass(cappedAudience(inClass.ceiling, audience, null)))
      .map(({ id }) => id),
  );
  const withDetails = waiting.filter((one) => one.details.length > 0 && beyond.has(one.assignmentId));
  const meant = withDetails.length > 0 ? await listDetailsMeant(database, inClass.id) : new Set<string>();
  const answers =
    waiting.length > 0 ? await countAnswersWaiting(database, inClass.id) : new Map<string, never>();
  return {
    /** Personal details that nobody has said are meant to be there, where they would go beyond the class. */
    detailsOut: of(withDetails.filter((one) => one.details.some(({ key }) => !meant.has(key)))),
    /** Posts that readers see, changed by their writers since. */
    changedOnes: of(waiting.filter((one) => one.changesPublished)),
    /** Posts whose writers ask something in an answer to a note. */
    asking: of(waiting.filter((one) => answers.get(one.postId)?.asks === true)),
  };
}

/** Whose words are away, with where they can be put back; nothing of who told, or what. */
async function wordsAwayIn({ inClass, personId }: Desk, members: () => Promise<readonly MemberRow[]>) {
  const away = (await listUndecidedAway(database, inClass.id)).filter((one) => one.writerId !== personId);
  if (away.length === 0) return [];
  const names = new Map((await members()).map((one) => [one.personId, one.shownName]));
  const hidden = await listHiddenNames(database, { classId: inClass.id }, personId);
  const nameOf = (id: string, number: number | undefined) =>
    number === undefined ? (names.get(id) ?? '') : numberShown(number);
  return away.map(({ postId, commentId, writerId, address }) => ({
    name: nameOf(writerId, commentId === null ? hidden.get(postId) : undefined),
    href:
      commentId !== null && address !== null ? `/blog/${inClass.address}/${address}` : reviewAddress(postId),
  }));
}

/** So long a line of who took the class over stands on Today. */
const LINE_STANDS = 14 * 86_400_000;

function linesOfSupply(
  members: readonly MemberRow[],
  lines: readonly LeftLineRow[],
  { personId, now }: Desk,
): readonly string[] {
  const supply = new Map(
    members.filter((member) => member.role === 'supplyTeacher').map((member) => [member.personId, member]),
  );
  return lines
    .filter((line) => line.words !== '' && line.personId !== personId)
    .filter((line) => now.getTime() - line.at.getTime() < LINE_STANDS)
    .flatMap((line) => supply.get(line.personId) ?? [])
    .map((member) => teacherName(member));
}
