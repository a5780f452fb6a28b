import { isStudent, may } from '../../../core/access/may';
import { samplePost } from '../../../core/assignments/samplePost';
import { allStarters } from '../../../core/assignments/starters';
import { openDocument } from '../../../core/document/openDocument';
import { plainText } from '../../../core/document/plainText';
import { evaluate } from '../../../core/requirements/evaluate';
import { slats } from '../../../core/requirements/slats';
import { dateInWords, daysBetween, timeInWords, weekdayInWords } from '../../../core/timing/inWords';
import { localDate } from '../../../core/timing/zonedTime';
import { nextDue } from '../../deeds/assignments/growingSteps';
import type { Desk } from '../../deeds/sessions/desk';
import { database } from '../../ground/database/database';
import { listLabels } from '../../tables/labels';
import { findAssignment, type AssignmentRow } from '../../tables/assignments';
import { listMembers } from '../../tables/memberships';
import { listStagesOf } from '../../tables/postsOfClass';

/** Further away than that, a day is told by its date. */
const MOST_DAYS_TOLD = 6;

/** An assignment for the wall of the classroom: no name and no figure of anybody. Null for who does not teach the class. */
export async function maybeBoard(assignmentId: string, { personId, role, inClass, now, place }: Desk) {
  if (!may({ personId, role }, 'class.teach', {})) return null;
  const assignment = await findAssignment(database, assignmentId, now);
  if (!assignment || assignment.classId !== inClass.id) return null;
  const students = (await listMembers(database, inClass.id)).filter((one) => isStudent(one.role));
  const there = new Set(students.map((one) => one.personId));
  const posts = (await listStagesOf(database, assignmentId)).filter((one) => there.has(one.writerId));
  const { dueAt, step } = nextDue(assignment, place, now);
  const planks = planksOf(assignment, { ...inClass, classLabels: await listLabels(database, inClass.id) });
  return {
    classId: inClass.id,
    assignmentId,
    className: [inClass.title, inClass.groupName].filter(Boolean).join(', '),
    code: inClass.code,
    title: assignment.title,
    number: assignment.number,
    task: plainText(openDocument(assignment.instructions)).trim(),
    bays: assignment.requirements.map((requirement, index) => ({ requirement, planks: planks[index] ?? 1 })),
    due: dueAt && {
      ...saidDay(dueAt, now, place),
      time: timeInWords(dueAt.getTime(), place.timeZone, place.language),
      past: dueAt < now,
      step,
    },
    students: students.length,
    handedIn: posts.filter((one) => one.stage !== 'draft').length,
  };
}

/** In how many pickets each requirement is told: as many as a whole post has for it. */
function planksOf(
  assignment: AssignmentRow,
  inClass: { readonly language: string; readonly timeZone: string; readonly classLabels: readonly string[] },
): readonly number[] {
  const { number, title, requirements, outline, starters, week, lessonDate } = assignment;
  const { language, timeZone, classLabels } = inClass;
  const asked = { number, title, date: lessonDate, week, language, timeZone, classLabels, outline };
  const check = { ...asked, starters: allStarters(starters), requirements };
  return evaluate(check, samplePost(check, 'full')).requirements.map(
    (one, index) => slats(one, requirements[index]?.weight ?? 'required').length,
  );
}

function saidDay(dueAt: Date, now: Date, { timeZone, language }: Desk['place']) {
  const days = daysBetween(localDate(now.getTime(), timeZone), localDate(dueAt.getTime(), timeZone));
  const isNear = days >= 0 && days <= MOST_DAYS_TOLD;
  return {
    days: isNear ? days : null,
    day: isNear
      ? weekdayInWords(dueAt.getTime(), timeZone, language)
      : dateInWords(dueAt.getTime(), timeZone, language),
  };
}
