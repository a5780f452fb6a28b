import { isStudent, may } from '../../core/access/may';
import { nameInClass } from '../../core/people/names';
import { timeInWords, weekdayInWords } from '../../core/timing/inWords';
import { localDate } from '../../core/timing/zonedTime';
import { nextDue } from '../assignments/growingSteps';
import { listAssignments, type AssignmentRow } from '../assignments/queries';
import { listMembers } from '../classes/queries';
import { countOpenConcerns } from '../concerns/queries';
import { listAskedPages } from '../pages/queries';
import { database } from '../database/database';
import { listStandings, type StandingRow } from '../posts/queries';
import type { Desk } from '../sessions/desk';
import { weekAround } from './week';

/** What a teacher's Today shows; every figure comes from one reading of the class's posts. Null for who does not teach it. */
export async function maybeTeacherToday({ personId, role, inClass, now }: Desk) {
  if (!may({ personId, role }, 'class.teach', {})) return null;
  const { timeZone, language } = inClass;
  const students = (await listMembers(database, inClass.id)).filter((member) => isStudent(member.role));
  const standings = await listStandings(database, inClass.id);
  const assignments = (await listAssignments(database, inClass.id, now)).filter(
    (assignment) => assignment.setAt !== null,
  );
  const waiting = standings.filter((standing) => standing.stage === 'handedIn');
  const oldest = waiting[0]?.handedInAt;
  return {
    waiting: waiting.length,
    /** What readers told that nobody has looked into yet. */
    concerns: await countOpenConcerns(database, inClass.id),
    pagesAsked: await listAskedPages(database, inClass.id),
    firstWaiting: waiting[0]?.postId ?? null,
    oldestDay: oldest ? weekdayInWords(oldest.getTime(), timeZone, language) : null,
    days: weekAround(now, inClass),
    assignments: assignments.map((assignment) => {
      const own = standings.filter((standing) => standing.assignmentId === assignment.id);
      const begun = new Set(own.map((standing) => standing.writerId));
      const { dueAt, step } = nextDue(assignment, inClass, now);
      return {
        id: assignment.id,
        title: assignment.title,
        due: dueAt && timeInWords(dueAt.getTime(), timeZone, language),
        dueDate: dueAt && localDate(dueAt.getTime(), timeZone),
        past: dueAt !== null && dueAt < now,
        step,
        notBegun: students
          .filter((student) => !begun.has(student.personId))
          .map((student) => nameInClass(student)),
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
