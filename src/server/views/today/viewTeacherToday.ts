import { isStudent, may } from '../../../core/access/may';
import { teacherName } from '../../../core/people/names';
import { timeInWords, weekdayInWords } from '../../../core/timing/inWords';
import { localDate } from '../../../core/timing/zonedTime';
import { nextDue } from '../../deeds/assignments/growingSteps';
import { listExcused } from '../../tables/adjustments';
import { listAssignments, type AssignmentRow } from '../../tables/assignments';
import { listLeftLines, type LeftLineRow } from '../../tables/leftLines';
import { listEverMembers, type MemberRow } from '../../tables/memberships';
import { listWritersBeyond } from '../../tables/publications';
import { listAppearances } from '../../deeds/subjects/appearances';
import { countOpenCases } from '../../tables/cases';
import { listAskedPages } from '../../tables/pages';
import { database } from '../../ground/database/database';
import { listStandings, type StandingRow } from '../../tables/postsOfClass';
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
  const members = await listEverMembers(database, inClass.id);
  const students = members.filter((member) => member.leftAt === null && isStudent(member.role));
  const standings = await listStandings(database, inClass.id);
  const assignments = (await listAssignments(database, inClass.id, now)).filter(
    (assignment) => assignment.setAt !== null && assignment.putAwayAt === null,
  );
  const excused = new Set(
    (await listExcused(database, inClass.id)).map((one) => `${one.assignmentId} ${one.personId}`),
  );
  const waiting = standings.filter((standing) => standing.stage === 'handedIn');
  const [oldest] = waiting;
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
    /** What readers told that nobody has looked into yet. */
    concerns: await countOpenCases(database, inClass.id),
    pagesAsked: await listAskedPages(database, inClass.id),
    consentsOver: await consentsOver(desk, students),
    /** Who took the class over and left a line about it lately. */
    linesLeft: linesOfSupply(members, await listLeftLines(database, inClass.id), desk),
    assignments: assignments.map((assignment) => {
      const own = standings.filter((standing) => standing.assignmentId === assignment.id);
      const begun = new Set(own.map((standing) => standing.writerId));
      const { dueAt, step } = nextDue(assignment, place, now);
      return {
        id: assignment.id,
        title: assignment.title,
        due: dueAt && timeInWords(dueAt.getTime(), timeZone, language),
        dueDate: dueAt && localDate(dueAt.getTime(), timeZone),
        past: dueAt !== null && dueAt < now,
        step,
        notBegun: students
          .filter(({ personId }) => !begun.has(personId) && !excused.has(`${assignment.id} ${personId}`))
          .map((student) => student.shownName),
        ...countsOf(own, assignment),
      };
    }),
  };
}

function countsOf(own: readonly StandingRow[], assignment: AssignmentRow) {
  const waiting = own.filter((standing) => standing.stage === 'handedIn');
  const accepted = own.filter((standing) => standing.stage === 'accepted').length;
  return {
    handedIn: own.filter((standing) => standing.stage !== 'draft').length,
    writing: own.filter((standing) => standing.stage === 'draft').length,
    waiting: waiting.length,
    again: waiting.filter((standing) => (standing.ordinal ?? 1) > 1).length,
    firstWaiting: waiting[0]?.postId ?? null,
    accepted,
    toOpen: assignment.release === 'opened' && assignment.openedAt === null ? accepted : 0,
  };
}

/** Whose consent has run out, or is not there, while something of theirs is meant for readers outside the class. */
async function consentsOver({ personId, role, inClass, now }: Desk, students: readonly MemberRow[]) {
  // Whoever may not ask for a consent is not told that one is missing.
  if (!inClass.consentNeeded || !may({ personId, role }, 'roster.read', {})) return [];
  const beyond = new Set(await listWritersBeyond(database, inClass.id));
  const outside = await listAppearances(database, inClass, { members: students, now });
  return students
    .filter(({ personId }) => beyond.has(personId) && outside(personId).lacks)
    .map((student) => ({ personId: student.personId, name: student.shownName }));
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
