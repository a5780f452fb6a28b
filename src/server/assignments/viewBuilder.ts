import { isStudent, may } from '../../core/access/may';
import { nameInClass, teacherName } from '../../core/people/names';
import { momentInWords } from '../../core/timing/inWords';
import { localMinute } from '../../core/timing/zonedTime';
import { listClassesOf, listLabels, listMembers } from '../classes/queries';
import { database } from '../database/database';
import { listStandings } from '../posts/queries';
import { isTeacher, type Desk } from '../sessions/desk';
import { listAdjustments } from './adjustments';
import { findAssignment, listAssignments, type AssignmentRow } from './queries';
import { listRequirementSets } from './requirementSets';

/** The builder of an assignment, for the teachers of its class; null for everybody else. */
export async function maybeBuilder(assignmentId: string, { personId, role, inClass }: Desk) {
  const assignment = await findAssignment(database, assignmentId);
  if (!assignment || assignment.classId !== inClass.id) return null;
  if (!may({ personId, role }, 'assignment.change', { assignmentIsSet: assignment.setAt !== null }))
    return null;
  const members = await listMembers(database, inClass.id);
  const students = members.filter((member) => isStudent(member.role));
  const names = new Map(members.map((member) => [member.personId, nameInClass(member)]));
  const standings = await listStandings(database, inClass.id);
  const handedIn = standings.filter((one) => one.handInId !== null);
  const assignments = await listAssignments(database, inClass.id);
  const titles = new Map(assignments.map((one) => [one.id, one.title]));
  return {
    assignmentId,
    classId: inClass.id,
    version: assignment.version,
    isSet: assignment.setAt !== null,
    handedIn: standings.filter((one) => one.assignmentId === assignmentId && one.stage !== 'draft').length,
    draft: draftOf(assignment, inClass.timeZone),
    groupName: inClass.groupName,
    students: students.length,
    timeZone: inClass.timeZone,
    language: inClass.language,
    writer: names.get(personId) ?? '',
    ceiling: inClass.ceiling,
    year: inClass.year,
    classLabels: await listLabels(database, inClass.id),
    /** What requirements can be tried on: what was handed in in this class. */
    earlier: handedIn.map((one) => ({
      postId: one.postId,
      writer: names.get(one.writerId) ?? '',
      assignment: titles.get(one.assignmentId) ?? '',
    })),
    people: students.map((member) => ({ id: member.personId, name: nameInClass(member) })),
    adjustments: (await listAdjustments(database, assignmentId)).map(({ dueAt, ...one }) => ({
      ...one,
      name: names.get(one.personId) ?? '',
      due: dueAt && localMinute(dueAt.getTime(), inClass.timeZone),
      dueSaid: dueAt && momentInWords(dueAt.getTime(), inClass.timeZone, inClass.language),
    })),
    sets: await setsFor(personId),
    others: await othersOf(personId, assignmentId),
  };
}

function draftOf(assignment: AssignmentRow, timeZone: string) {
  const { id: _, classId: __, dueAt, setAt: ___, openedAt: ____, version: _____, ...draft } = assignment;
  return { ...draft, due: dueAt && localMinute(dueAt.getTime(), timeZone) };
}

async function setsFor(personId: string) {
  const sets = await listRequirementSets(database, personId);
  return sets.map((set) => ({
    id: set.id,
    title: set.title,
    requirements: set.requirements,
    shared: set.shared,
    from: set.ownerId === personId ? null : teacherName({ ...set, penName: null }),
  }));
}

/** The other assignments of the classes that somebody teaches, those with requirements. */
async function othersOf(personId: string, assignmentId: string) {
  const found = [];
  for (const one of await listClassesOf(database, personId)) {
    if (!isTeacher(one.role)) continue;
    for (const { id, title, requirements } of await listAssignments(database, one.id))
      if (id !== assignmentId && requirements.length > 0)
        found.push({ id, title, group: one.groupName || one.title, requirements });
  }
  return found;
}
